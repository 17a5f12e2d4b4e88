package veldline.instrument;

import java.io.IOException;
import java.util.Locale;

/** A rotator at the other end of a socket: {@code TURN degrees} begins to turn, {@code BEAR?} is answered by {@code degrees,turning}. */
public final class SocketRotator extends SocketInstrument implements Rotator {
    private SocketRotator(LineSocket socket) {
        super(socket);
    }

    /** Connects to a port of this machine. */
    public static SocketRotator onLoopback(int port) throws IOException {
        return new SocketRotator(new LineSocket("rotator", port));
    }

    @Override
    public void turn(double bearing) throws IOException {
        // Asked whether it is done with taking it in, it may be told again where the line was bad.
        socket.numbers(String.format(Locale.ROOT, "TURN %.2f;*OPC?", bearing), 1);
    }

    @Override
    public Pointing pointing() throws IOException {
        double[] n = socket.numbers("BEAR?", 2);
        return new Pointing(n[0], n[1] != 0);
    }
}
