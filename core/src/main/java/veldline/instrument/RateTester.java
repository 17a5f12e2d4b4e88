package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import veldline.prove.RateTest;

/** Anything that can be asked what a link carries. */
public interface RateTester extends Closeable {
    /** What it calls itself. */
    String name() throws IOException;

    /**
     * Measures over the link and by wire.
     *
     * @throws IOException when it does not answer, in words for a person
     */
    RateTest test() throws IOException;
}
