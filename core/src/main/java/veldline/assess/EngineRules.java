package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.antenna.YagiShape;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.field.wire.RodEnds;
import veldline.field.wire.Wire;

/** What the engine says of the near antenna beyond one frequency, and of its own limits. */
final class EngineRules {
    /** Radius in wavelengths above which what closes a rod's end is worth telling. */
    private static final double END_MATTERS = 0.006;

    private static final double LINE = 50;
    private static final double MHZ = 1e6;
    private static final double C = 299_792_458.0;

    static final Formula BAND = new Formula(
            "Band under SWR 2",
            "From the lowest to the highest frequency around the best one at which the SWR on 50 Ω stays under 2, as far"
                    + " as it was looked at.",
            "B",
            "b − a",
            AntennaStage.METHOD + "; curves with the poles in common between the solved frequencies",
            "±1 % of the frequency, as the cut is");
    static final Formula ENDS = new Formula(
            "What flat ends are worth",
            "A solid rod's flat end acts 0.0988 of its radius longer than an open tube's; a half wave has two.",
            "D",
            "2·0.0988·f·r ÷ l",
            "Electrostatics of long closed and open cylinders, worked out here",
            "To a tenth for square ends; rounded ones lie between");

    private EngineRules() {}

    /** Over what band the SWR serves. */
    static List<Finding> band(Assessment a) {
        Optional<Sweep> sweep = a.sweep().value().filter(s -> a.sweep().settled());
        if (sweep.isEmpty()) {
            return List.of();
        }
        Optional<Sweep.Band> band = sweep.get().under(ShapeRules.SWR_USABLE, LINE);
        if (band.isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.WATCH,
                    "SWR over 2",
                    "at every frequency that was looked at.",
                    "Match brings it down.",
                    "no band"));
        }
        double low = band.get().low() / MHZ;
        double high = band.get().high() / MHZ;
        Worked width = Worked.of(BAND)
                .computed("a", "lowest", low, "MHz", 2)
                .computed("b", "highest", high, "MHz", 2)
                .gives(high - low, "MHz", high - low < 10 ? 1 : 0);
        String resonance = sweep.get().resonances().stream()
                .findFirst()
                .map(f -> "It resonates at " + shown(f / MHZ) + ".")
                .orElse("It does not resonate there.");
        return List.of(Finding.fits(
                width.shown(), "of band under SWR 2, " + shown(low) + " to " + shown(high) + ".", resonance, width));
    }

    private static String shown(double megahertz) {
        return veldline.quantity.NumberText.shown(megahertz, megahertz < 300 ? 1 : 0);
    }

    /** What the shape of a thick rod's ends is worth, which the model leaves open. */
    static List<Finding> ends(Assessment a) {
        Optional<YagiShape> yagi = a.job().yagi();
        if (yagi.isEmpty()) {
            return List.of();
        }
        double frequency = a.job().brief().frequency().value();
        double radius = yagi.get().diameter().value() / 2;
        double wave = C / frequency;
        if (radius <= END_MATTERS * wave) {
            return List.of();
        }
        Worked shift = Worked.of(ENDS)
                .computed("f", "frequency", frequency / MHZ, "MHz", 3)
                .computed("r", "radius of the rod", radius * 1000, "mm", 4)
                .computed(
                        "l",
                        "a half wave of rod",
                        2 * Wire.CAP_RADII * frequency / MHZ * radius / RodEnds.megahertz(frequency, radius) * 1000,
                        "mm",
                        3)
                .gives(RodEnds.megahertz(frequency, radius), "MHz", 1);
        String rest = "lower with flat ends than with open tubes.";
        return List.of(
                staysIn(a, frequency + shift.value() * MHZ)
                        ? Finding.fits(
                                shift.shown(), rest, "The rod is thick, but the band is wide enough for either.", shift)
                        : Finding.watch(
                                shift.shown(),
                                rest,
                                "The rod is thick: file its ends square, and trim by what is measured.",
                                "ends matter",
                                shift));
    }

    /** Whether the SWR still serves when all of the curve has moved down so far. */
    private static boolean staysIn(Assessment a, double frequency) {
        return a.sweep()
                .value()
                .flatMap(s -> s.under(ShapeRules.SWR_USABLE, LINE))
                .filter(b -> frequency <= b.high())
                .isPresent();
    }
}
