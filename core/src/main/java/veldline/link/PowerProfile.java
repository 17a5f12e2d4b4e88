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

    /** Where it holds. */
    String jurisdiction();

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

    /** The ruling, or none where the frequency lies outside the rule's band. */
    default Ruling at(double frequency, double gainDbi, Brief brief) {
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
