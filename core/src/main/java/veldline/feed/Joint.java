package veldline.feed;

import java.util.List;
import veldline.explain.Finding;

/**
 * Two connectors that are to meet. Every fact is judged on its own; a label is never trusted.
 *
 * @param radioSide the half nearer the radio
 * @param antennaSide the half nearer the antenna
 */
public record Joint(Connector radioSide, Connector antennaSide) {
    /** A connector should go this many times as high as the frequency in use. */
    public static final double CEILING_ROOM = 1.5;

    /**
     * One fact about a joint.
     *
     * @param name which
     * @param left the radio side's
     * @param right the antenna side's
     * @param level how the two go together
     * @param outcome what happens
     * @param tag for the line, when it does not fit
     */
    public record Fact(String name, String left, String right, Finding.Level level, String outcome, String tag) {}

    /** All facts in the order a person would check them. */
    public List<Fact> facts(double frequency) {
        return List.of(size(), thread(), contact(), impedance(), ceiling(frequency));
    }

    /** The worst of the facts. */
    public Finding.Level level(double frequency) {
        return facts(frequency).stream().map(Fact::level).max(Enum::compareTo).orElseThrow();
    }

    /** Whether none of the facts stops it; asked of a whole drawer, so without the words. */
    public boolean joins(double frequency) {
        return sameSeries() && threadsMeet() && contactsMeet() && !forced() && ceiling() >= frequency;
    }

    private boolean sameSeries() {
        return radioSide.family() == antennaSide.family();
    }

    private boolean threadsMeet() {
        return radioSide.thread() != antennaSide.thread();
    }

    private boolean contactsMeet() {
        return radioSide.contact() != antennaSide.contact();
    }

    /** Only in one series do a pin and a socket of two impedances spoil each other. */
    private boolean forced() {
        return radioSide.ohms() != antennaSide.ohms() && sameSeries() && radioSide.family() == Connector.Series.N;
    }

    /** The lower of both, hertz. */
    private double ceiling() {
        return Math.min(radioSide.family().ceiling(), antennaSide.family().ceiling());
    }

    private Fact size() {
        boolean same = sameSeries();
        return new Fact(
                "Series",
                radioSide.family().words(),
                antennaSide.family().words(),
                same ? Finding.Level.FITS : Finding.Level.STOP,
                same
                        ? "same " + radioSide.family().coupling()
                        : radioSide.family().coupling() + " does not go onto "
                                + antennaSide.family().coupling(),
                "sizes differ");
    }

    private Fact thread() {
        boolean good = threadsMeet();
        return new Fact(
                "Body thread",
                radioSide.thread().words(),
                antennaSide.thread().words(),
                good ? Finding.Level.FITS : Finding.Level.STOP,
                good
                        ? "screw together"
                        : radioSide.thread() == Connector.Thread.OUTSIDE
                                ? "two outside threads cannot meet"
                                : "two inside threads cannot meet",
                "threads cannot meet");
    }

    private Fact contact() {
        boolean good = contactsMeet();
        boolean pins = radioSide.contact() == Connector.Contact.PIN;
        return new Fact(
                "Centre contact",
                radioSide.contact().words(),
                antennaSide.contact().words(),
                good ? Finding.Level.FITS : Finding.Level.STOP,
                good ? "pin enters socket" : pins ? "two pins push" : "two sockets: nothing bridges the gap",
                pins ? "pin meets pin" : "socket meets socket");
    }

    private Fact impedance() {
        boolean same = radioSide.ohms() == antennaSide.ohms();
        boolean forced = forced();
        return new Fact(
                "Impedance",
                radioSide.ohms() + " Ω",
                antennaSide.ohms() + " Ω",
                same ? Finding.Level.FITS : forced ? Finding.Level.STOP : Finding.Level.WATCH,
                same
                        ? "same on both sides"
                        : forced
                                ? thick()
                                        ? "a 50 Ω pin spreads a 75 Ω socket for good"
                                        : "a 75 Ω pin is too thin for a 50 Ω socket"
                                : "a 50 to 75 Ω step costs 0.18 dB, which is little",
                forced ? thick() ? "50 Ω pin, 75 Ω socket" : "75 Ω pin, 50 Ω socket" : "50 to 75 Ω");
    }

    /** Whether the pin is the one of 50 Ω, which is the thicker. */
    private boolean thick() {
        return (radioSide.contact() == Connector.Contact.PIN ? radioSide : antennaSide).ohms() == 50;
    }

    private Fact ceiling(double frequency) {
        double least = ceiling();
        Finding.Level level = least < frequency
                ? Finding.Level.STOP
                : least < CEILING_ROOM * frequency ? Finding.Level.WATCH : Finding.Level.FITS;
        String top = least >= 1e9
                ? veldline.quantity.NumberText.shown(least / 1e9, least % 1e9 == 0 ? 0 : 1) + " GHz"
                : veldline.quantity.NumberText.shown(least / 1e6, 0) + " MHz";
        return new Fact(
                "Ceiling",
                radioSide.family().words(),
                antennaSide.family().words(),
                level,
                switch (level) {
                    case STOP -> "made for up to " + top + " only";
                    case WATCH -> "good to " + top + ", under 1.5 times the frequency";
                    default -> "good to " + top;
                },
                level == Finding.Level.STOP ? "above its ceiling" : "near its ceiling");
    }
}
