package veldline.assess;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.quantity.NumberText;

/** Over what band the SWR on the antenna's line serves. */
public final class SwrBand {
    private static final double MHZ = 1e6;
    private static final double NARROW = 10e6;

    private static Formula band(double swr, String source) {
        return new Formula(
                "Band under SWR " + NumberText.shown(swr, swr == Math.rint(swr) ? 0 : 1),
                "From the lowest to the highest frequency around the best one at which the SWR on its line stays under that, as far"
                        + " as it was looked at.",
                "B",
                "b − a",
                source,
                "As wide as that to a tenth; it moves with the lengths, half a percent for half a percent");
    }

    private SwrBand() {}

    private static final String SOLVED =
            AntennaStage.METHOD + "; curves with the poles in common between the solved frequencies";
    private static final String TOLD = "What its feed comes to by its own formula, at one frequency after the other";

    /** Whether the band reaches an end of what was looked at, and may be wider. */
    public static boolean goesOn(Sweep sweep, double z0) {
        return goesOn(sweep, ShapeRules.SWR_USABLE, z0);
    }

    public static boolean goesOn(Sweep sweep, double swr, double z0) {
        double low = sweep.points().get(0).frequency();
        double high = sweep.points().get(sweep.points().size() - 1).frequency();
        return sweep.under(swr, z0)
                .filter(b -> b.low() <= low || b.high() >= high)
                .isPresent();
    }

    /** Megahertz; empty where the SWR is over 2 throughout. */
    public static Optional<Worked> of(Sweep sweep, double z0) {
        return of(sweep, ShapeRules.SWR_USABLE, z0);
    }

    /** The same under another SWR. */
    public static Optional<Worked> of(Sweep sweep, double swr, double z0) {
        return of(sweep, swr, z0, SOLVED);
    }

    /** Of whatever antenna is made in a job, by the way its curve came about; empty where it has none, too. */
    public static Optional<Worked> of(Assessment a, double swr) {
        boolean told = a.band().value().flatMap(GainBand::fed).isPresent();
        return a.sweep().value().flatMap(w -> of(w, swr, a.job().lineOhms(), told ? TOLD : SOLVED));
    }

    private static Optional<Worked> of(Sweep sweep, double swr, double z0, String source) {
        return sweep.under(swr, z0)
                .map(band -> Worked.of(band(swr, source))
                        .computed("a", "lowest", band.low() / MHZ, "MHz", 2)
                        .computed("b", "highest", band.high() / MHZ, "MHz", 2)
                        .gives(band.width() / MHZ, "MHz", band.width() < NARROW ? 1 : 0));
    }
}
