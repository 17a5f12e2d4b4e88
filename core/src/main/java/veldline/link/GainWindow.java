package veldline.link;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** How much gain the near antenna needs, and how much it may have. */
public final class GainWindow {
    public static final Formula NEEDED = new Formula(
            "Gain needed",
            "What the near antenna must add so that the worst tide still leaves the margin wanted.",
            "G",
            "f + m − (p − c − l − w + g)",
            "The line, solved for the near antenna",
            "As good as the bounce: ±2 dB on calm water");

    public static final Formula ALLOWED = new Formula(
            "Gain allowed",
            "What the near antenna may add before the limit on radiated power is reached.",
            "G",
            "e − (p − c)",
            "The line and the chosen profile",
            "As good as the radio's power, ±1 dB is usual");

    private GainWindow() {}

    /**
     * Least gain of the near antenna in dBi.
     *
     * @param nearLoss of the near chain, dB
     * @param farLoss of the far chain, dB
     * @param farGain of the far antenna, dBi
     * @param worstBelow the worst tide under the typical level, dB
     */
    public static Worked needed(
            Brief brief, double nearLoss, double farLoss, double farGain, Worked path, double worstBelow) {
        double power = brief.near().radio().power().value();
        double floor = brief.far().radio().sensitivity().value();
        double margin = brief.marginWanted().value();
        return Worked.of(NEEDED)
                .typed("f", "floor of the far radio", floor, "dBm", 2)
                .typed("m", "margin wanted", margin, "dB", 2)
                .typed("p", "power sent", power, "dBm", 3)
                .computed("c", "near chain takes", nearLoss + farLoss, "dB", 3)
                .computed("l", "path takes", path.value(), "dB", 3)
                .computed("w", "worst tide below the middle one", worstBelow, "dB", 3)
                .computed("g", "far antenna adds", farGain, "dBi", 3)
                .gives(
                        floor + margin - (power - nearLoss - farLoss - path.value() - worstBelow + farGain),
                        "dBi",
                        1,
                        2);
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
