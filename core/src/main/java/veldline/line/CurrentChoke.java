package veldline.line;

import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.NumberText;
import veldline.stock.Ferrite;
import veldline.stock.Ring;

/**
 * What keeps current off the outside of a cable: turns of it on a ring, beads along it, or, where ferrites no longer serve, a quarter-wave
 * sleeve.
 *
 * @param title “eleven turns on a ring”
 * @param parts what it is made of
 * @param impedance that it puts in the way
 * @param heat watts in it at the power sent, half of the feed's voltage across it; empty for a sleeve, which has next to none
 */
public record CurrentChoke(String title, String parts, Worked impedance, Optional<Worked> heat) {
    /** So much in the way of a feed of 50 Ω leaves a twentieth of its current on the outside, ohms. */
    public static final double WANTED = 1000;

    private static final double C = 299_792_458.0;
    /** Above this no winding on a ring chokes: its own capacitance goes past it. */
    private static final double RING = 60e6;
    /** Above this a bead has less to give than a sleeve. */
    private static final double BEADS = 500e6;

    private static final Ring BEAD = new Ring(Ferrite.NICKEL_ZINC, 0.0143, 0.00635, 0.0286);
    /** From one end of a winding to the other past the ring, farads; a bead has a tenth of that. */
    private static final double STRAY = 1.5e-12;

    private static final int MOST_TURNS = 17;
    private static final int MOST_BEADS = 30;
    /** Of a wave beside a jacket. */
    private static final double SLEEVE = 0.95;
    /** A tube so many times as wide as the cable in it. */
    private static final double WIDER = 2;
    /** To which a sleeve is cut, of its length; what that leaves of an open circuit is less than its losses leave. */
    private static final double CUT = 0.02;

    private static final String SOURCE =
            "Inductance of a ring; permeability with one relaxation (Snoek, Physica 14, 1948); stray"
                    + " capacitance beside it";

    static final Formula RING_FORMULA = new Formula(
            "Choking impedance",
            "Resistance and reactance of the winding, its own capacitance beside it; r and x are what is left.",
            "Z",
            "sqrt(r^2 + x^2)",
            SOURCE,
            "±40 %: ferrites of one name differ by a quarter, and the winding's capacitance by half");

    static final Formula SLEEVE_FORMULA = new Formula(
            "Choking impedance",
            "A line joined at its far end, k times as wide as the cable in it and t of a quarter wave long: open if it were a quarter.",
            "Z",
            "138.15511·log10(k)·tan(1.5707963·t)",
            "Pozar, Microwave Engineering, 4th ed., §2.3; coaxial line in air",
            "At least this while its length is within 2 %; it falls as 1 ÷ the distance from its frequency");

    static final Formula HEAT = new Formula(
            "Heat in the choke",
            "Half of the feed's voltage stands across it.",
            "W",
            "g·p·r ÷ 4",
            "Ohm's law; g is the resistive part of its admittance",
            "As good as the impedance; a ring of that size gets hand-warm at 3 W");

    /**
     * @param frequency hertz
     * @param load resistance of the feed, ohms
     * @param watts sent
     */
    public static CurrentChoke of(double frequency, double load, double watts) {
        if (frequency > BEADS) {
            return sleeve(frequency);
        }
        return frequency > RING ? beads(frequency, load, watts) : ring(frequency, load, watts);
    }

    private static CurrentChoke ring(double frequency, double load, double watts) {
        int turns = 1;
        Complex z = wound(frequency, Ring.FOR_CHOKES, turns, STRAY);
        while (z.norm() < WANTED && turns < MOST_TURNS) {
            turns++;
            z = wound(frequency, Ring.FOR_CHOKES, turns, STRAY);
        }
        return made(
                turns + " turns on a ring",
                "A ring of 61 by 35.6 by 12.7 mm, " + Ferrite.MANGANESE_ZINC.name() + "; " + turns
                        + " turns of the cable, no tighter than it bends",
                z,
                load,
                watts);
    }

    private static CurrentChoke beads(double frequency, double load, double watts) {
        Complex one = wound(frequency, BEAD, 1, STRAY / 10);
        int count = (int) Math.min(MOST_BEADS, Math.ceil(WANTED / one.norm()));
        return made(
                count + " beads on the cable",
                count + " tubes of 14.3 by 6.35 by 28.6 mm, " + Ferrite.NICKEL_ZINC.name()
                        + ", pushed over the cable and taped, from the feed on",
                one.multiply(count),
                load,
                watts);
    }

    private static CurrentChoke sleeve(double frequency) {
        double length = SLEEVE * C / frequency / 4;
        double open = 60 * Math.log(WIDER) * Math.tan(Math.PI / 2 * (1 - CUT));
        return new CurrentChoke(
                "quarter-wave sleeve",
                "A tube of " + NumberText.shown(1000 * length, 1)
                        + " mm around the cable, twice as wide, open at the feed, its other end joined to the screen; trim it by the dip",
                Worked.of(SLEEVE_FORMULA)
                        .computed("k", "tube against cable", WIDER, "", 2)
                        .computed("t", "of a quarter wave, cut by hand", 1 - CUT, "", 4)
                        .gives(open, "Ω", 0),
                Optional.empty());
    }

    private static Complex wound(double frequency, Ring on, int turns, double farads) {
        double w = 2 * Math.PI * frequency;
        Complex winding = on.wound(turns, frequency);
        return winding.reciprocal().add(Complex.I.multiply(w * farads)).reciprocal();
    }

    private static CurrentChoke made(String title, String parts, Complex z, double load, double watts) {
        Worked impedance = Worked.of(RING_FORMULA)
                .computed("r", "resistance", z.getReal(), "Ω", 2)
                .computed("x", "reactance", z.getImaginary(), "Ω", 2)
                .gives(z.norm(), "Ω", 0, 0.4 * z.norm());
        return new CurrentChoke(
                title,
                parts,
                impedance,
                Optional.of(Worked.of(HEAT)
                        .computed("p", "sent", watts, "W", 4)
                        .computed("r", "at the feed", load, "Ω", 2)
                        .computed(
                                "g", "conductance of the choke", z.reciprocal().getReal(), "S", 7)
                        .gives(watts * load / 4 * z.reciprocal().getReal(), "W", 3)));
    }
}
