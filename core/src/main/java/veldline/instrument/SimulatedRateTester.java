package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A stand-in for a throughput tester: measures a {@link RateLink} when it is made, and tells that. */
public final class SimulatedRateTester implements Closeable {
    private final LineServer server;

    public SimulatedRateTester(RateLink link) throws IOException {
        String air = text(link.overTheAir());
        String wired = text(link.byWire());
        this.server = new LineServer("simulated throughput tester", Map.of("RATE?", n -> wire(n) ? wired : air));
    }

    public int port() {
        return server.port();
    }

    private static boolean wire(List<Double> numbers) {
        if (numbers.size() != 1 || numbers.get(0) != 0 && numbers.get(0) != 1) {
            throw new IllegalArgumentException("0 measures over the link, 1 by wire");
        }
        return numbers.get(0) == 1;
    }

    private static String text(RateLink.Measured m) {
        return String.format(Locale.ROOT, "%.0f,%.5f,%.2f", m.rate(), m.delay(), m.lost());
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
