package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.Locale;
import java.util.stream.Stream;
import veldline.measure.Reading;

/** A stand-in for a receiver: answers on a loopback port of its own from a world, as fast as it is asked. */
public final class SimulatedReceiver implements Closeable {
    private final LineServer server;
    private final World world;
    private final double interval;
    private final double step;

    /**
     * @param interval seconds between readings, in the world's time
     * @param step it reads in steps of so many dB
     */
    public SimulatedReceiver(World world, double interval, double step) throws IOException {
        this.world = world;
        this.interval = interval;
        this.step = step;
        this.server = new LineServer("simulated receiver", line -> Stream.of(answer(line)));
    }

    public int port() {
        return server.port();
    }

    private String answer(String line) {
        return switch (line) {
            case "NAME" -> "NAME simulated receiver";
            case "READ" -> {
                Reading r = world.next(interval, step);
                yield String.format(
                        Locale.ROOT,
                        "LEVEL %.1f %s %s",
                        r.seconds(),
                        r.levelDbm()
                                .map(v -> String.format(Locale.ROOT, "%.2f", v))
                                .orElse("-"),
                        r.tide().map(v -> String.format(Locale.ROOT, "%.2f", v)).orElse("-"));
            }
            default -> "ERROR unknown word “" + line + "”; NAME and READ are known";
        };
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
