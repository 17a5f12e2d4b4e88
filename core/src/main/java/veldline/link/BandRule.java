package veldline.link;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.NumberText;

/**
 * A rule of a band: a cap on EIRP, another on what there may be in each megahertz, and a share of time.
 *
 * @param capDbm most EIRP, dBm
 * @param perMegahertz most EIRP in a megahertz, dBm; empty where only the whole is capped
 * @param duty greatest share of time on the air, 0 to 1
 * @param indoors whether it holds indoors only
 */
record BandRule(
        String id,
        String title,
        Jurisdiction in,
        String jurisdiction,
        Band bandIs,
        double capDbm,
        Optional<Double> perMegahertz,
        double duty,
        boolean indoors)
        implements PowerProfile {
    private static final Formula CAP = new Formula(
            "Most EIRP",
            "The lesser of the cap on the whole, a, and that on each megahertz, d, over the channel's b megahertz.",
            "E",
            "(a + d + 10·log10(b) − abs(a − d − 10·log10(b))) ÷ 2",
            "The chosen profile",
            "As the rule says; check that it holds at your place and for your use");

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
        double megahertz = brief.air().bandwidth().value() / 1e6;
        double density = perMegahertz.orElse(1000.0);
        double most = Math.min(capDbm, density + 10 * Math.log10(megahertz));
        return new Ruling(
                Optional.of(Worked.of(CAP)
                        .typed("a", "cap of " + jurisdiction, capDbm, "dBm", 1)
                        .typed("d", "cap in a megahertz", density, "dBm", 1)
                        .typed("b", "bandwidth", megahertz, "MHz", 4)
                        .gives(most, "dBm", 1)),
                title + " (" + jurisdiction + ")"
                        + (duty < 1
                                ? "; on the air for " + NumberText.shown(100 * duty, 1)
                                        + " % of an hour at most, which is the operator's to keep"
                                : "")
                        + (indoors ? "; indoors only" : ""));
    }
}
