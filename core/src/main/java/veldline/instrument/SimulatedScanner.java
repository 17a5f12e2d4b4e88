package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** A stand-in for a channel scanner: goes through the channels of a scene once, when it is made, and tells what it heard. */
public final class SimulatedScanner implements Closeable {
    private final LineServer server;
    private final List<AirScene.Found> found = new ArrayList<>();

    /** A channel scanner. */
    public SimulatedScanner(AirScene scene) throws IOException {
        this(scene, "simulated channel scanner", "CHAN");
    }

    /** @param header of its queries: a tuner has others */
    SimulatedScanner(AirScene scene, String name, String header) throws IOException {
        for (int i = 0; i < scene.size(); i++) {
            found.add(scene.at(i));
        }
        this.server =
                new LineServer(name, Map.of(header + ":COUN?", n -> "" + found.size(), header + "?", this::channel));
    }

    public int port() {
        return server.port();
    }

    private String channel(List<Double> numbers) {
        int i = numbers.isEmpty() ? -1 : numbers.get(0).intValue();
        if (i < 0 || i >= found.size()) {
            throw new IllegalArgumentException("entry " + i + " is not one of 0 to " + (found.size() - 1));
        }
        AirScene.Found f = found.get(i);
        return String.format(
                Locale.ROOT,
                "%d,%.1f,%d,%s,%.1f",
                f.channel(),
                f.bearing(),
                f.wanted() ? 1 : 0,
                number(f.level()),
                f.quality());
    }

    private static String number(Optional<Double> n) {
        return n.map(v -> String.format(Locale.ROOT, "%.2f", v)).orElse("9.91E37");
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
