package veldline.link;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** How much gain the near antenna needs, and how much it may have. */
public final class GainWindow {
    public static final Formula NEEDED = new Formula(
            "Gain needed",
            "What the antenna that is made here must add so that the worst case still leaves the margin wanted.",
            "G",
            "f + m − (p − c − l − w + g)",
            "The line, solved for that antenna",
            "As good as the bounce: ±2 dB on calm water");

    public static final Formula ALLOWED = new Formula(
            "Gain allowed",
            "What the near antenna may add before the limit on radiated power is reached.",
            "G",
            "e − (p − c)",
            "The line and the chosen profile",
            "As good as the radio's power, ±1 dB is usual");

    static final Formula FROM_FIELD = new Formula(
            "Gain needed",
            "What the antenna must add to what the field gives so that the margin wanted is left.",
            "G",
            "f + m − (i − c)",
            "The line, solved for that antenna",
            "As good as the field strength");

    private GainWindow() {}

    /**
     * Least gain in dBi of the antenna that is made.
     *
     * @param hears where the far radio goes deaf
     * @param chains what both chains take, dB
     * @param other gain of the antenna at the other end, dBi
     * @param worstBelow the worst case under the typical level, dB
     */
    public static Worked needed(
            Brief brief, Worked hears, double chains, double other, Worked path, double worstBelow) {
        double power = brief.near().radio().power().value();
        double floor = hears.value();
        double margin = brief.marginWanted().value();
        return Worked.of(NEEDED)
                .from("f", "floor of the far radio", hears)
                .typed("m", "margin wanted", margin, "dB", 2)
                .typed("p", "power sent", power, "dBm", 3)
                .computed("c", "chains take", chains, "dB", 3)
                .computed("l", "path takes", path.value(), "dB", 3)
                .computed("w", "worst case below the middle one", worstBelow, "dB", 3)
                .computed("g", "other antenna adds", other, "dBi", 3)
                .gives(floor + margin - (power - chains - path.value() - worstBelow + other), "dBi", 1, 2);
    }

    /**
     * The same where the line begins at a field.
     *
     * @param hears where the radio goes deaf
     * @param isotropic what an antenna without gain would take from it, dBm
     * @param chain what the far chain takes, dB
     */
    public static Worked neededFromField(Brief brief, Worked hears, Worked isotropic, double chain) {
        double floor = hears.value();
        double margin = brief.marginWanted().value();
        return Worked.of(FROM_FIELD)
                .from("f", "floor of the radio", hears)
                .typed("m", "margin wanted", margin, "dB", 2)
                .from("i", "level from the field", isotropic)
                .computed("c", "chain takes", chain, "dB", 3)
                .gives(
                        floor + margin - (isotropic.value() - chain),
                        "dBi",
                        1,
                        isotropic.doubt().orElse(0.0));
    }

    /**
     * Greatest gain in dBi under the profile; empty where nothing is checked. The trade rules depend on the gain itself,
     * so the allowed gain is looked for by bisection.
     */
    public static Optional<Worked> allowed(Brief brief, double nearLoss) {
        PowerProfile profile = PowerProfiles.byId(brief.profile());
        double frequency = brief.frequency().value();
        double power = brief.near().radio().power().value();
        if (profile.at(frequency, 0, brief).mostEirp().isEmpty()) {
            return Optional.empty();
        }
        double low = -60;
        double high = 60;
        for (int i = 0; i < 60; i++) {
            double gain = 0.5 * (low + high);
            double most =
                    profile.at(frequency, gain, brief).mostEirp().orElseThrow().value();
            if (power - nearLoss + gain <= most) {
                low = gain;
            } else {
                high = gain;
            }
        }
        double eirp = profile.at(frequency, low, brief).mostEirp().orElseThrow().value();
        return Optional.of(Worked.of(ALLOWED)
                .computed("e", "most EIRP at that gain, " + profile.title(), eirp, "dBm", 3)
                .typed("p", "power sent", power, "dBm", 3)
                .computed("c", "near chain takes", nearLoss, "dB", 3)
                .gives(eirp - (power - nearLoss), "dBi", 1));
    }
}
