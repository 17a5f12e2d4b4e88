package veldline.antenna;

import java.util.Optional;

/** What is done with a bought antenna before it is up for good, in the order in which nothing has to be undone again. */
public enum AssemblyStep {
    COUNTED(
            "Count the parts",
            "Count the parts against the list, before anything is opened further.",
            "every part there"),
    POLARIZED(
            "Set the polarization",
            "Set its polarization on the bracket, while it still turns by hand.",
            "as the far end has it"),
    METERED(
            "Test every fed element",
            "Hold an ohmmeter from the connector to each element that should be fed.",
            "each one joined; what is not joined is for show"),
    FED(
            "Wire and seal the feed",
            "Join and seal the feed, a drain left open below, before the housing is closed.",
            "drip loop, drain open"),
    SWEPT(
            "Sweep it on the bench",
            "Sweep it, a wave clear of everything, at low power.",
            "SWR under 2 over the channel; a gate, no proof"),
    HAND_TIGHT(
            "On the mast, hand-tight",
            "Fix it on the mast hand-tight, so that it still turns.",
            "it stays put by itself"),
    AIMED("Aim it", "Aim it: both half-power edges, then the middle.", "both edges found"),
    TORQUED("Final torque", "Tighten to its maker's torque, and mark the bolts.", "bolts marked, date logged");

    private final String title;
    private final String words;
    private final String hold;

    AssemblyStep(String title, String words, String hold) {
        this.title = title;
        this.words = words;
        this.hold = hold;
    }

    /** In two to four words. */
    public String title() {
        return title;
    }

    public String words() {
        return words;
    }

    /** What has to be so before the next. */
    public String hold() {
        return hold;
    }

    /** The usual caution where it arises. */
    public Optional<String> caution() {
        return switch (this) {
            case FED -> Optional.of("No direct current on the cable while it is joined.");
            case SWEPT -> Optional.of("Antenna or load always on; hands and eyes clear while it sends.");
            case HAND_TIGHT, AIMED, TORQUED ->
                Optional.of(
                        "At height: ladder 4:1, harness, tools tethered, no lines near, no storm; local rules and licensed practice.");
            default -> Optional.empty();
        };
    }

    /** The one before it; empty for the first. */
    public Optional<AssemblyStep> before() {
        return ordinal() == 0 ? Optional.empty() : Optional.of(values()[ordinal() - 1]);
    }
}
