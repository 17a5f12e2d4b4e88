package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import veldline.measure.Reading;

/** Anything that can be asked for the level it hears. */
public interface Receiver extends Closeable {
    /** What it calls itself. */
    String name() throws IOException;

    /**
     * The next reading. Waits until there is one.
     *
     * @throws IOException when it does not answer, in words for a person
     */
    Reading next() throws IOException;
}
