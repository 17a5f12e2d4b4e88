package veldline.demo;

import java.io.IOException;
import java.util.Map;
import veldline.store.ShippedJobs;

/** Writes the reserve's jobs and its ground as files, for the build to ship; {@link ShippedJobs#lay} lays them in a folder. */
public final class ReserveFiles {
    private ReserveFiles() {}

    /** @param folder the one they go to */
    public static void main(String[] folder) throws IOException {
        ShippedJobs.write(TernholmSands.all(), Map.of(ReserveTerrain.FILE, ReserveTerrain.asciiGrid()), folder[0]);
    }
}
