package veldline.link;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * A limit on power at the antenna's connector, to be lowered when the antenna gains more than a threshold: by a decibel
 * for each decibel over it, or for a fixed link between two points by one for every three.
 */
public record ConductedTrade(
        String id,
        String title,
        Jurisdiction in,
        String jurisdiction,
        Band bandIs,
        double conductedDbm,
        double thresholdDbi,
        double gainPerPower)
        implements PowerProfile {
    static final Formula TRADE = new Formula(
            "Most EIRP",
            "Over the threshold t, each r dB of gain g takes 1 dB from the conducted limit c.",
            "E",
            "c − (abs(g − t) + g − t) ÷ 2 ÷ r + g",
            "The chosen profile",
            "As the rule says; the three-for-one trade is for one fixed far end only");

    /** Power allowed at the antenna's connector, dBm. */
    public static double conducted(double limit, double threshold, double gainPerPower, double gain) {
        return limit - Math.max(0, gain - threshold) / gainPerPower;
    }

    @Override
    public Optional<Jurisdiction> of() {
        return Optional.of(in);
    }

    @Override
    public Optional<Band> band() {
        return Optional.of(bandIs);
    }

    @Override
    public Ruling ruling(double gainDbi, Brief brief) {
        double most = conducted(conductedDbm, thresholdDbi, gainPerPower, gainDbi) + gainDbi;
        return new Ruling(
                Optional.of(Worked.of(TRADE)
                        .typed("c", "conducted limit", conductedDbm, "dBm", 1)
                        .typed("t", "threshold", thresholdDbi, "dBi", 1)
                        .typed("r", "dB of gain for 1 dB of power", gainPerPower, "", 0)
                        .computed("g", "antenna gain", gainDbi, "dBi", 3)
                        .gives(most, "dBm", 1)),
                title + " (" + jurisdiction + ")");
    }
}
