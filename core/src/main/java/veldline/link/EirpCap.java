package veldline.link;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** A plain cap on EIRP: every decibel of antenna gain is a decibel less at the radio. */
record EirpCap(String id, String title, Jurisdiction in, String jurisdiction, Band bandIs, double capDbm)
        implements PowerProfile {
    private static final Formula CAP = new Formula(
            "Most EIRP",
            "The rule caps what leaves the antenna, whatever the antenna.",
            "E",
            "a",
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
        return new Ruling(
                Optional.of(Worked.of(CAP)
                        .typed("a", "cap of " + jurisdiction, capDbm, "dBm", 1)
                        .gives(capDbm, "dBm", 1)),
                title + " (" + jurisdiction + ")");
    }
}
