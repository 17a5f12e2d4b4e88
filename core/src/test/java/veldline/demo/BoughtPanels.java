package veldline.demo;

import java.util.Optional;
import veldline.antenna.Bought;
import veldline.antenna.Polarized;
import veldline.job.Job;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The sample jobs with panels that were bought, for what is claimed and inspected. */
public final class BoughtPanels {
    private BoughtPanels() {}

    /** The nest-camera link with a panel of 12 dBi at the lodge. */
    public static Job lodge() {
        Job job = TernholmSands.nestCamera();
        return job.withFarAntenna(new Bought(
                "Lodge panel",
                Quantity.of("12.0", Unit.DBI),
                Polarized.FLAT,
                Optional.of(Quantity.of("40", Unit.DEG)),
                Quantity.of("290", Unit.MM),
                job.farRun().antenna(),
                Optional.empty()));
    }

    /** The shelter with a sector panel of 9 dBi. */
    public static Job shelter() {
        Job job = TernholmSands.all().get(3);
        return job.withNearAntenna(new Bought(
                "Sector panel",
                Quantity.of("9.0", Unit.DBI),
                Polarized.UPRIGHT,
                Optional.of(Quantity.of("90", Unit.DEG)),
                Quantity.of("0.36", Unit.M),
                job.nearRun().antenna(),
                Optional.empty()));
    }
}
