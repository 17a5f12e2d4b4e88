package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import veldline.measure.Reading;

/** Anything that can be asked for the level it hears. */
public interface Receiver extends Closeable {
    /** What it calls itself. */
    String name() throws IOException;

    /**
     * The next reading. Waits until there is one; none is left out, whatever the line does.
     *
     * @throws IOException when it does not answer, in words for a person
     */
    Reading next() throws IOException;

    /** What it hears where nobody sends, dBm in its own bandwidth. */
    double noise() throws IOException;

    /** How often something had to be asked again. */
    int again();
}
