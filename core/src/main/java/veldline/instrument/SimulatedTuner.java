package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;

/** A stand-in for a television tuner: a scanner that also tells how clean each station's picture is. */
public final class SimulatedTuner implements Closeable {
    private final SimulatedScanner inside;

    public SimulatedTuner(AirScene scene) throws IOException {
        inside = new SimulatedScanner(scene, "simulated television tuner", "STAT");
    }

    public int port() {
        return inside.port();
    }

    @Override
    public void close() throws IOException {
        inside.close();
    }
}
