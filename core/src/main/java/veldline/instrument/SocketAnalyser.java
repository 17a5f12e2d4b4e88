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
 * An analyser at the other end of a socket. {@code SWE low,high,count} begins a sweep and {@code POIN? i} is answered by {@code
 * hertz,re,im} of its reflection on 50 Ω; a sweep that is stopped leaves nothing on the line.
 */
public final class SocketAnalyser extends SocketInstrument implements Analyser {
    private static final double LINE = 50;

    private SocketAnalyser(LineSocket socket) {
        super(socket);
    }

    /** Connects to a port of this machine. */
    public static SocketAnalyser onLoopback(int port) throws IOException {
        return new SocketAnalyser(new LineSocket("analyser", port));
    }

    @Override
    public PortData sweep(double low, double high, int count, IntPredicate goOn) throws IOException {
        List<PortData.Row> rows = new ArrayList<>();
        socket.numbers(String.format(Locale.ROOT, "SWE %.1f,%.1f,%d;*OPC?", low, high, count), 1);
        for (int i = 0; i < count; i++) {
            double[] n = socket.numbers("POIN? " + i, 3);
            rows.add(new PortData.Row(n[0], List.of(List.of(new Complex(n[1], n[2])))));
            if (!goOn.test(rows.size())) {
                throw new CancellationException("Stopped; nothing was kept");
            }
        }
        return new PortData(PortData.Kind.S, List.of(LINE), rows);
    }
}
