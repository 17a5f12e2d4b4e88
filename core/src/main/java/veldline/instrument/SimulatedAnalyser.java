package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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

    private String answer(String line) {
        if (line.equals("NAME")) {
            return "NAME simulated analyser";
        }
        if (!line.matches("SWEEP \\d{1,12}(\\.\\d+)? \\d{1,12}(\\.\\d+)? \\d{1,4}")) {
            return "ERROR unknown word “" + line + "”; NAME and SWEEP low high count are known";
        }
        String[] words = line.split(" ");
        double low = Double.parseDouble(words[1]);
        double high = Double.parseDouble(words[2]);
        int count = Integer.parseInt(words[3]);
        if (!(low > 0 && high > low) || count < 2 || count > MOST) {
            return "ERROR a sweep goes up from over zero in 2 to " + MOST + " points";
        }
        double[] frequencies = IntStream.range(0, count)
                .mapToDouble(i -> low + (high - low) * i / (count - 1))
                .toArray();
        Complex[] read = antenna.read(frequencies);
        return IntStream.range(0, count)
                        .mapToObj(i -> String.format(
                                Locale.ROOT,
                                "POINT %.1f %.6f %.6f",
                                frequencies[i],
                                read[i].getReal(),
                                read[i].getImaginary()))
                        .collect(Collectors.joining("\n"))
                + "\nEND";
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
