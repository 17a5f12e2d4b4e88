package veldline.feed;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import veldline.quantity.NumberText;

/**
 * How the end of a cable is made for a connector, or for two bare terminals: what is bared of each layer, what has to be on the cable
 * before, and what is done in which order. Lengths of the kind; the leaflet of the one in hand goes before.
 *
 * @param series that it is made for; built in for an antenna's own two terminals
 * @param size of cable
 * @param way how it is closed
 * @param inner bare, millimetres from the tip
 * @param dielectric bare, from there on
 * @param screen bare, from there on to the jacket
 * @param slidesOn what goes over the cable first
 * @param tool that closes it
 * @param source of these lengths, with its year
 */
public record CableEnd(
        Connector.Series series,
        Size size,
        Way way,
        double inner,
        double dielectric,
        double screen,
        String slidesOn,
        String tool,
        String source) {
    /** What connectors for cables go by. */
    public enum Size {
        THIN,
        MIDDLE,
        THICK,
        TUBE
    }

    /** How an end is closed, and whether its screen is laid back for it. */
    public enum Way {
        CRIMP(
                false,
                "Pin on the inner, crimped or soldered; body over the dielectric, under the screen; ferrule forward,"
                        + " pressed once with this cable's die."),
        CLAMP(true, "Pin on the inner; body on, nut tightened on the clamp while the body is held still."),
        SOLDER(
                false,
                "Screen and inner soldered quickly, before the dielectric flows. Unplugged at both ends; mind the hot tip and"
                        + " the fumes."),
        PRESS(
                true,
                "Pushed on until the dielectric is flush inside, then pressed; the inner stands 2 mm past the nut."),
        SCREW(false, "Inner under its screw, screen under the collar; cap on."),
        TERMINALS(
                false,
                "Inner under the screw, laid around it the way it turns; tail under the saddle. Neither side touches the"
                        + " other, nor could if it is shaken.");

        private final boolean back;
        private final String closing;

        Way(boolean back, String closing) {
            this.back = back;
            this.closing = closing;
        }

        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * One thing to be done.
     *
     * @param title in a few words
     * @param told what, with its lengths
     * @param bared how far the cable is bared behind it
     */
    public record Step(String title, String told, Bared bared) {}

    /** What of the cable can be seen, one more layer after the other. */
    public enum Bared {
        WHOLE,
        SCREEN,
        DIELECTRIC,
        INNER
    }

    /** Up to that across a cable is thin, millimetres. */
    private static final double THIN = 3.2;

    private static final double MIDDLE = 8;

    private static final List<CableEnd> ALL = Table.read("ends.csv", CableEnd::of);

    public static List<CableEnd> all() {
        return ALL;
    }

    /** Of a cable, by what is around it. */
    public static Size size(CableClass cable) {
        if (cable.construction().contains("tube")) {
            return Size.TUBE;
        }
        return cable.across() <= THIN ? Size.THIN : cable.across() <= MIDDLE ? Size.MIDDLE : Size.THICK;
    }

    /** Empty where none is made by hand: a micro board type is bought on its cable. */
    public static Optional<CableEnd> of(CableClass cable, Connector.Series series) {
        return ALL.stream()
                .filter(e -> e.series == series && e.size == size(cable))
                .findFirst();
    }

    /** All that loses its jacket, millimetres. */
    public double stripped() {
        return inner + dielectric + screen;
    }

    /** From the bare cable to one that is covered and hangs well, in order. */
    public List<Step> steps() {
        String before = dielectric > 0 ? mm(dielectric) + " of dielectric before it." : "flush with the screen.";
        return List.of(
                new Step(
                        "Slide on first", slidesOn + ". What is forgotten now costs the whole end again.", Bared.WHOLE),
                new Step(
                        "Jacket off",
                        mm(stripped()) + " from the tip, cut square; turn the cable, not the knife, and nick no strand."
                                + " Blade away from the hand.",
                        Bared.SCREEN),
                screened(),
                new Step(
                        "Inner bare",
                        mm(inner) + " of inner, " + before + " Not nicked, and tinned if it is stranded.",
                        Bared.INNER),
                new Step("Close", way.closing + " With: " + tool + ".", Bared.INNER),
                new Step(
                        "Check",
                        "Before the antenna is on: inner to inner and screen to screen under 1 Ω, inner to screen open; under a"
                                + " lens no stray strand.",
                        Bared.INNER),
                new Step(
                        "Hold and cover",
                        "The jacket is held, never the joint; shrink sleeve or tape that welds to itself, from below"
                                + " upwards like roof tiles, and a drip loop before it goes in anywhere.",
                        Bared.INNER));
    }

    private Step screened() {
        if (way == Way.TERMINALS) {
            return new Step(
                    "Screen to a tail",
                    mm(screen) + " of it combed out and twisted to one tail, away from the inner.",
                    Bared.DIELECTRIC);
        }
        return way.back
                ? new Step(
                        "Screen back",
                        mm(screen) + " of it combed out and laid back over the clamp or the jacket.",
                        Bared.DIELECTRIC)
                : new Step("Screen cut", mm(screen) + " of it left standing, cut around evenly.", Bared.DIELECTRIC);
    }

    private static String mm(double mm) {
        return NumberText.shown(mm, mm % 1 == 0 ? 0 : 1) + " mm";
    }

    private static CableEnd of(CSVRecord row) {
        return new CableEnd(
                Connector.Series.valueOf(row.get("series")),
                Size.valueOf(row.get("size").toUpperCase(Locale.ROOT)),
                Way.valueOf(row.get("way").toUpperCase(Locale.ROOT)),
                Double.parseDouble(row.get("inner mm")),
                Double.parseDouble(row.get("dielectric mm")),
                Double.parseDouble(row.get("screen mm")),
                row.get("slides on"),
                row.get("tool"),
                row.get("source") + ", " + row.get("year"));
    }
}
