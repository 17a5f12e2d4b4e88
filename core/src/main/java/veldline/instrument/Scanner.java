package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.List;

/** Anything that can be asked who sends about: a channel scanner, or a television tuner that goes through its channels. */
public interface Scanner extends Closeable {
    /** What it calls itself. */
    String name() throws IOException;

    /**
     * Every channel with something on it, in order.
     *
     * @throws IOException when it does not answer, in words for a person
     */
    List<AirScene.Found> scan() throws IOException;
}
