package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/** A stand-in for an analyser: answers on a loopback port of its own from an antenna on test. */
public final class SimulatedAnalyser implements Closeable {
    private static final int MOST = 1001;

    private final LineServer server;
    private final AntennaOnTest antenna;
    private Optional<Running> running = Optional.empty();

    /** A sweep that was asked for, with the points that were read of it. */
    private record Running(AntennaOnTest.Sweep sweep, double low, double high, int count, Map<Integer, String> read) {
        String point(int i) {
            return read.computeIfAbsent(i, k -> {
                double frequency = low + (high - low) * k / (count - 1);
                Complex s = sweep.read(frequency);
                return String.format(Locale.ROOT, "%.1f,%.6f,%.6f", frequency, s.getReal(), s.getImaginary());
            });
        }
    }

    public SimulatedAnalyser(AntennaOnTest antenna) throws IOException {
        this.antenna = antenna;
        this.server = new LineServer("simulated analyser", Map.of("SWE", this::begin, "POIN?", this::point));
    }

    public int port() {
        return server.port();
    }

    private String begin(List<Double> numbers) {
        if (numbers.size() != 3
                || !(numbers.get(0) > 0)
                || !(numbers.get(1) > numbers.get(0))
                || numbers.get(2) < 2
                || numbers.get(2) > MOST) {
            throw new IllegalArgumentException("a sweep goes up from over zero in 2 to " + MOST + " points");
        }
        running = Optional.of(new Running(
                antenna.sweep(numbers.get(1)),
                numbers.get(0),
                numbers.get(1),
                numbers.get(2).intValue(),
                new HashMap<>()));
        return "";
    }

    private String point(List<Double> numbers) {
        Running now = running.orElseThrow(() -> new IllegalArgumentException("no sweep was begun; SWE low,high,count"));
        int i = numbers.isEmpty() ? -1 : numbers.get(0).intValue();
        if (i < 0 || i >= now.count) {
            throw new IllegalArgumentException("point " + i + " is not one of 0 to " + (now.count - 1));
        }
        return now.point(i);
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
