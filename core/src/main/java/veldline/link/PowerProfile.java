package veldline.link;

import java.util.Optional;
import veldline.explain.Worked;

/**
 * A rule on radiated power. Rules are local: each names the place and band it is from and says so outside them.
 */
public interface PowerProfile {
    /** A stable name kept in files. */
    String id();

    /** A few words. */
    String title();

    /** Where it holds, with the rule it is from. */
    String jurisdiction();

    /** The jurisdiction it is of; empty for what holds anywhere. */
    default Optional<Jurisdiction> of() {
        return Optional.empty();
    }

    /** Lowest and highest frequency it is about, hertz; empty where it is about any. */
    Optional<Band> band();

    /** The band of a rule. */
    record Band(double low, double high) {
        boolean holds(double frequency) {
            return frequency >= low && frequency <= high;
        }
    }

    /**
     * What a rule allows.
     *
     * @param mostEirp greatest EIRP in dBm with this antenna; empty where nothing is checked
     * @param note what to know about it
     */
    record Ruling(Optional<Worked> mostEirp, String note) {}

    /**
     * The rule for an antenna.
     *
     * @param gainDbi the antenna's gain
     * @param brief for the licence's power
     */
    Ruling ruling(double gainDbi, Brief brief);

    /** Whether it may be used for a brief at all: in its band, and where it is law. */
    default boolean serves(Brief brief) {
        double frequency = brief.frequency().value();
        return band().map(b -> b.holds(frequency)).orElse(true) && lawAt(brief.where());
    }

    private boolean lawAt(Jurisdiction where) {
        return where == Jurisdiction.NOT_SAID || of().map(where::equals).orElse(true);
    }

    /** The ruling, or none where the frequency lies outside the rule's band or the link outside its jurisdiction. */
    default Ruling at(double frequency, double gainDbi, Brief brief) {
        if (!lawAt(brief.where())) {
            return new Ruling(
                    Optional.empty(),
                    "This rule is of " + of().orElseThrow().words() + ", and the link is "
                            + (brief.where() == Jurisdiction.ELSEWHERE ? "" : "in ")
                            + brief.where().words() + "; choose another in Brief");
        }
        if (band().isPresent() && !band().get().holds(frequency)) {
            return new Ruling(
                    Optional.empty(),
                    "This rule is for "
                            + veldline.quantity.NumberText.shown(band().get().low() / 1e6, 0) + " to "
                            + veldline.quantity.NumberText.shown(band().get().high() / 1e6, 1)
                            + " MHz; choose another in Brief");
        }
        return ruling(gainDbi, brief);
    }
}
