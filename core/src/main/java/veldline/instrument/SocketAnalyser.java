package veldline.instrument;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CancellationException;
import java.util.function.IntPredicate;
import org.hipparchus.complex.Complex;
import veldline.line.PortData;

/**
 * An analyser at the other end of a socket. The protocol is lines of text: {@code NAME} is answered by {@code NAME …}, {@code SWEEP low
 * high count} by so many lines {@code POINT hertz re im} of its reflection on 50 Ω and then {@code END}; anything else is {@code ERROR …}.
 */
public final class SocketAnalyser implements Analyser {
    private static final double LINE = 50;

    private final LineSocket socket;

    private SocketAnalyser(LineSocket socket) {
        this.socket = socket;
    }

    /** Connects to a port of this machine. */
    public static SocketAnalyser onLoopback(int port) throws IOException {
        return new SocketAnalyser(new LineSocket("analyser", port));
    }

    @Override
    public String name() throws IOException {
        return socket.name();
    }

    @Override
    public PortData sweep(double low, double high, int count, IntPredicate goOn) throws IOException {
        List<PortData.Row> rows = new ArrayList<>();
        String line = socket.ask(String.format(Locale.ROOT, "SWEEP %.1f %.1f %d", low, high, count));
        for (; !line.equals("END"); line = socket.next()) {
            String[] words = line.split(" ");
            try {
                if (words.length != 4 || !words[0].equals("POINT") || rows.size() == count) {
                    throw socket.odd(line, "point of a sweep", null);
                }
                Complex s = new Complex(Double.parseDouble(words[2]), Double.parseDouble(words[3]));
                rows.add(new PortData.Row(Double.parseDouble(words[1]), List.of(List.of(s))));
                if (!goOn.test(rows.size())) {
                    throw new CancellationException("Stopped; nothing was kept");
                }
            } catch (NumberFormatException e) {
                throw socket.odd(line, "point of a sweep", e);
            }
        }
        if (rows.size() != count) {
            throw socket.odd("END after " + rows.size() + " of " + count + " points", "whole sweep", null);
        }
        return new PortData(PortData.Kind.S, List.of(LINE), rows);
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
