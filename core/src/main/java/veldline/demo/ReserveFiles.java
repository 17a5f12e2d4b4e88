package veldline.demo;

import java.io.IOException;
import veldline.store.ShippedJobs;

/** Writes the reserve's jobs as files, for the build to ship; {@link ShippedJobs#lay} lays them in a folder. */
public final class ReserveFiles {
    private ReserveFiles() {}

    /** @param folder the one they go to */
    public static void main(String[] folder) throws IOException {
        ShippedJobs.write(TernholmSands.all(), folder[0]);
    }
}
