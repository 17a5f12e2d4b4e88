package veldline.demo;

import veldline.antenna.Polarized;
import veldline.job.Job;

/** The sample jobs with panels that were bought, for what is claimed and inspected. */
public final class BoughtPanels {
    private BoughtPanels() {}

    /** The nest-camera link with a panel of 12 dBi at the lodge. */
    public static Job lodge() {
        Job job = TernholmSands.nestCamera();
        return job.withFarAntenna(Reserve.bought(
                "Lodge panel",
                "12.0",
                Polarized.FLAT,
                "40",
                "0.29",
                job.farRun().antenna()));
    }

    /** The shelter with a sector panel of 9 dBi. */
    public static Job shelter() {
        Job job = TernholmSands.all().get(3);
        return job.withNearAntenna(Reserve.bought(
                "Sector panel",
                "9.0",
                Polarized.UPRIGHT,
                "90",
                "0.36",
                job.nearRun().antenna()));
    }
}
