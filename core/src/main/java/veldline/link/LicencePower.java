package veldline.link;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** A licence or permit that names the greatest EIRP of this station. */
final class LicencePower implements PowerProfile {
    private static final Formula TYPED = new Formula(
            "Most EIRP", "The licence names it.", "E", "a", "The licence as typed in Brief", "As the licence says");

    @Override
    public String id() {
        return "licence";
    }

    @Override
    public String title() {
        return "licence or permit";
    }

    @Override
    public String jurisdiction() {
        return "the station's own";
    }

    @Override
    public Optional<Band> band() {
        return Optional.empty();
    }

    @Override
    public Ruling ruling(double gainDbi, Brief brief) {
        double cap = brief.licence().value();
        return new Ruling(
                Optional.of(Worked.of(TYPED)
                        .typed("a", "EIRP the licence allows", cap, "dBm", 2)
                        .gives(cap, "dBm", 1)),
                "The station's own licence");
    }
}
