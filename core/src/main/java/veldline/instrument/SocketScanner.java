package veldline.instrument;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A channel scanner or a television tuner at the other end of a socket. {@code CHAN:COUN?} is answered by how many channels it found,
 * {@code CHAN? i} by {@code channel,bearing,wanted,dBm,dB} of one; a tuner says {@code STAT} where a scanner says {@code CHAN}.
 */
public final class SocketScanner extends SocketInstrument implements Scanner {
    private static final int FIELDS = 5;

    private final String header;

    private SocketScanner(LineSocket socket, String header) {
        super(socket);
        this.header = header;
    }

    /** A channel scanner on a port of this machine. */
    public static SocketScanner onLoopback(int port) throws IOException {
        return new SocketScanner(new LineSocket("channel scanner", port), "CHAN");
    }

    /** A television tuner on a port of this machine. */
    public static SocketScanner tunerOnLoopback(int port) throws IOException {
        return new SocketScanner(new LineSocket("television tuner", port), "STAT");
    }

    @Override
    public List<AirScene.Found> scan() throws IOException {
        int count = (int) socket.numbers(header + ":COUN?", 1)[0];
        List<AirScene.Found> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double[] n = socket.numbers(header + "? " + i, FIELDS);
            all.add(new AirScene.Found(
                    (int) n[0], n[1], n[2] != 0, n[3] == LineSocket.NONE ? Optional.empty() : Optional.of(n[3]), n[4]));
        }
        return all;
    }
}
