package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.antenna.CableOutside;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.wire.RodEnds;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What the engine says of its own limits. */
final class EngineRules {
    /** Of the frequency, from which on it is more than cutting to a hundredth of a wavelength leaves open. */
    private static final double MATTERS = 0.005;

    private static final double MHZ = 1e6;
    /** Less gain or front-to-back than this by the cable is felt, dB. */
    private static final double FELT_GAIN = 0.2;

    private static final double FELT_BACK = 2;
    /** Ohms from which on a choke is one. */
    private static final double GOOD_CHOKE = 1000;

    private static final double C = 299_792_458.0;

    static final Formula ENDS = new Formula(
            "What flat ends are worth",
            "A solid rod's flat end acts 0.0988 of its radius longer than an open tube's; a half wave has two.",
            "D",
            "2·0.0988·f·r ÷ l",
            "Electrostatics of long closed and open cylinders, worked out here",
            "To a tenth for square ends; rounded ones lie between");

    private EngineRules() {}

    /** What the shape of a thick rod's ends is worth, which the model leaves open. */
    static List<Finding> ends(Assessment a) {
        Optional<YagiShape> yagi = a.job().yagi();
        if (yagi.isEmpty()) {
            return List.of();
        }
        double frequency = a.job().brief().frequency().value();
        double radius = yagi.get().diameter().value() / 2;
        double wave = C / frequency;
        if (radius <= RodEnds.MATTER_FROM * wave) {
            return List.of();
        }
        Worked shift = Worked.of(ENDS)
                .computed("f", "frequency", frequency / MHZ, "MHz", 3)
                .computed("r", "radius of the rod", radius * 1000, "mm", 4)
                .computed("l", "a half wave of rod", RodEnds.halfWave(frequency) * 1000, "mm", 3)
                .gives(RodEnds.megahertz(frequency, radius), "MHz", 1);
        String rest = "lower with flat ends than with open tubes.";
        return List.of(
                shift.value() * MHZ < MATTERS * frequency
                        ? Finding.fits(shift.shown(), rest, "The rod is thick; file its ends square.", shift)
                        : Finding.watch(
                                shift.shown(),
                                rest,
                                "The rod is thick: file its ends square, and trim by what is measured.",
                                "ends matter",
                                shift));
    }

    /** What a cable's outside does, where it counts as a wire; the row stands while it is worked out. */
    static List<Finding> cableOutside(Assessment a) {
        Optional<CableOutside> cable = a.job().yagi().flatMap(YagiShape::outside);
        if (cable.isEmpty() || a.antenna().value().isEmpty()) {
            return List.of();
        }
        Optional<OutsideFigures> figures = a.outside().value();
        if (figures.isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.UNKNOWN, "The cable's outside", "is being compared with none.", "", ""));
        }
        OutsideFigures f = figures.get();
        boolean much = f.gain().value() < -FELT_GAIN || f.frontToBack().value() < -FELT_BACK;
        String lead = NumberText.signed(f.gain().value(), 1) + " dB";
        String rest = "of gain and " + NumberText.signed(f.frontToBack().value(), 1)
                + " dB front to back by the cable's outside.";
        String reason = "It goes with the cable's length and where it is earthed; a choke at the feed takes it out.";
        if (!much) {
            return List.of(Finding.fits(lead, rest, reason, f.gain()));
        }
        Finding watch = Finding.watch(lead, rest, reason, "cable radiates", f.gain());
        return List.of(
                cable.get().choke().value() >= GOOD_CHOKE
                        ? watch
                        : watch.withRemedies(List.of(new Finding.Remedy(
                                "Put a choke of 1000 Ω at the feed",
                                "Then hardly any current gets onto the cable.",
                                new YagiChange.Outside(
                                        Optional.of(cable.get().withChoke(Quantity.of("1000", Unit.ONE))))))));
    }
}
