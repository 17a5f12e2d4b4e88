package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;

/** A stand-in for an analyser: answers on a loopback port of its own from an antenna on test. */
public final class SimulatedAnalyser implements Closeable {
    private static final int MOST = 1001;

    private final LineServer server;
    private final AntennaOnTest antenna;

    public SimulatedAnalyser(AntennaOnTest antenna) throws IOException {
        this.antenna = antenna;
        this.server = new LineServer("simulated analyser", this::answer);
    }

    public int port() {
        return server.port();
    }

    private Stream<String> answer(String line) {
        if (line.equals("NAME")) {
            return Stream.of("NAME simulated analyser");
        }
        if (!line.matches("SWEEP \\d{1,12}(\\.\\d+)? \\d{1,12}(\\.\\d+)? \\d{1,4}")) {
            return Stream.of("ERROR unknown word “" + line + "”; NAME and SWEEP low high count are known");
        }
        String[] words = line.split(" ");
        double low = Double.parseDouble(words[1]);
        double high = Double.parseDouble(words[2]);
        int count = Integer.parseInt(words[3]);
        if (!(low > 0 && high > low) || count < 2 || count > MOST) {
            return Stream.of("ERROR a sweep goes up from over zero in 2 to " + MOST + " points");
        }
        AntennaOnTest.Sweep sweep = antenna.sweep(high);
        return Stream.concat(
                IntStream.range(0, count).mapToObj(i -> point(sweep, low + (high - low) * i / (count - 1))),
                Stream.of("END"));
    }

    private static String point(AntennaOnTest.Sweep sweep, double frequency) {
        Complex read = sweep.read(frequency);
        return String.format(Locale.ROOT, "POINT %.1f %.6f %.6f", frequency, read.getReal(), read.getImaginary());
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
