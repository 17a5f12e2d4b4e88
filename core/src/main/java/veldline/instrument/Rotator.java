package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;

/** Anything that turns an antenna and says where it points. */
public interface Rotator extends Closeable {
    /** What it calls itself. */
    String name() throws IOException;

    /** Begins to turn; it is under way when this returns. */
    void turn(double bearing) throws IOException;

    /**
     * Where it points now.
     *
     * @param bearing degrees from true north, 0 to under 360
     * @param turning whether it is still under way
     */
    record Pointing(double bearing, boolean turning) {}

    /** @throws IOException when it does not answer, in words for a person */
    Pointing pointing() throws IOException;
}
