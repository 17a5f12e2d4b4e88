package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.picture.Paragraph;

/** Judgements on a tuner: whether one is needed, which kind, where, and what it has to withstand. */
final class TunerRules {
    /** At the antenna's terminals, after its own match. */
    private static final double NOTHING = 1.5;

    private static final double OPTIONAL = 2;
    private static final double OWN = 3;
    private static final double SEPARATE = 10;

    private TunerRules() {}

    static List<Finding> of(Assessment a) {
        return a.tuner()
                .filter(t -> t.swr().value() > NOTHING)
                .map(t -> List.of(need(t), place(t), kind(a, t)))
                .orElse(List.of());
    }

    private static Finding need(TunerLook t) {
        Worked swr = t.swr();
        double s = swr.value();
        String flattered = t.swrAtSet().value() < 0.9 * s
                ? " Through the cable the set sees " + t.swrAtSet().number() + ": that is loss, not a match."
                : "";
        String unchanged = "It serves the set; the antenna stays what it is." + flattered;
        if (s <= OPTIONAL) {
            return Finding.fits("A tuner is optional:", "SWR " + swr.number() + " at the antenna.", unchanged, swr);
        }
        if (s <= OWN) {
            return Finding.fits(
                    "The set's own tuner will do:", "SWR " + swr.number() + " at the antenna.", unchanged, swr);
        }
        String lead = s <= SEPARATE ? "A tuner of its own is needed:" : "Judge it by its loss:";
        return Finding.watch(lead, "SWR " + swr.number() + " at the antenna.", unchanged, "tuner needed", swr);
    }

    private static Finding place(TunerLook t) {
        Worked set = t.atSet().loss();
        Worked antenna = t.atAntenna().loss();
        boolean moved = t.usual() == TunerLook.LAST;
        String rest = "there " + (moved ? antenna : set).shown() + " are lost, "
                + (moved ? "at the set " + set.shown() : "at the antenna " + antenna.shown()) + ".";
        String reason = moved
                ? "The school that moves it is right here: it saves more than 1 dB. It has to be supplied and kept dry;"
                        + " through the cable with injectors, or by wires of its own."
                : "The school that moves it to the antenna would save under 1 dB: stay where hands and supply are.";
        return Finding.fits(moved ? "It belongs at the antenna:" : "It belongs at the set:", rest, reason, set);
    }

    private static Finding kind(Assessment a, TunerLook t) {
        boolean mast = t.usual() == TunerLook.LAST;
        List<String> why = new ArrayList<>();
        if (mast) {
            why.add("nobody turns knobs on a mast");
        }
        if (a.job().stations().size() > 1) {
            why.add(a.job().stations().size() + " frequencies are in use");
        }
        Worked most = t.places().get(t.usual()).most();
        return Finding.plain(
                        Finding.Level.UNKNOWN,
                        why.isEmpty() ? "By hand" : "Automatic",
                        "is the kind for it; it stands " + most.shown() + " peak.",
                        (why.isEmpty()
                                        ? "One frequency, and it needs no supply."
                                        : Paragraph.capital(String.join(" and ", why)) + ".")
                                + " Tune at low power: what is not tuned yet sparks at less than it stands tuned.",
                        "which tuner?")
                .withWorked(most);
    }
}
