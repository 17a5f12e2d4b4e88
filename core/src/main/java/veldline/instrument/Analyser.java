package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.concurrent.CancellationException;
import java.util.function.IntPredicate;
import veldline.line.PortData;

/** Anything that can be asked what an antenna sends back over a band. */
public interface Analyser extends Closeable {
    /** What it calls itself. */
    String name() throws IOException;

    /**
     * Reflection at the end of its cable, at evenly spaced frequencies.
     *
     * @param low hertz
     * @param high hertz, over that
     * @param count 2 to 1001
     * @param goOn told how many points there are; when it says no the sweep ends with a {@link CancellationException}
     * @throws IOException when it does not answer, in words for a person
     */
    PortData sweep(double low, double high, int count, IntPredicate goOn) throws IOException;
}
