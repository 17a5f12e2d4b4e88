package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import veldline.measure.Reading;

/** A stand-in for a receiver: answers on a loopback port of its own from a world, as fast as it is asked. */
public final class SimulatedReceiver implements Closeable {
    /** So many readings can be asked for again. */
    private static final int KEPT = 256;

    private final LineServer server;
    private final Supplier<Reading> heard;
    private final DoubleSupplier noise;
    private final List<String> kept = new ArrayList<>();
    private long first;

    /**
     * @param interval seconds between readings, in the world's time
     * @param step it reads in steps of so many dB
     */
    public SimulatedReceiver(World world, double interval, double step) throws IOException {
        this(() -> world.next(interval, step), world::noise);
    }

    /**
     * At an antenna that is swung or moved.
     *
     * @param floor what it hears where nobody sends, dBm
     */
    public SimulatedReceiver(Turnable link, double step, double floor) throws IOException {
        this(() -> link.next(step), () -> floor);
    }

    private SimulatedReceiver(Supplier<Reading> heard, DoubleSupplier noise) throws IOException {
        this.heard = heard;
        this.noise = noise;
        this.server = new LineServer("simulated receiver", Map.of("READ?", this::reading, "NOIS?", n -> noise()));
    }

    public int port() {
        return server.port();
    }

    private String reading(List<Double> numbers) {
        long wanted = numbers.isEmpty() ? first + kept.size() : numbers.get(0).longValue();
        if (wanted < first || wanted > first + kept.size()) {
            throw new IllegalArgumentException(
                    "reading " + wanted + " is not one of " + first + " to " + (first + kept.size()));
        }
        if (wanted == first + kept.size()) {
            kept.add(text(heard.get()));
            if (kept.size() > 2 * KEPT) {
                kept.subList(0, KEPT).clear();
                first += KEPT;
            }
        }
        return kept.get((int) (wanted - first));
    }

    private static String text(Reading r) {
        return String.format(Locale.ROOT, "%.1f", r.seconds()) + "," + number(r.levelDbm()) + "," + number(r.tide())
                + "," + number(r.celsius());
    }

    private static String number(Optional<Double> n) {
        return n.map(v -> String.format(Locale.ROOT, "%.2f", v)).orElse("9.91E37");
    }

    private String noise() {
        return String.format(Locale.ROOT, "%.1f", noise.getAsDouble());
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
