package veldline.antenna;

import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.Patch;

/**
 * One patch at its feed: what its losses leave, its quality and its two ways to ring. A patch whose field stands straight rings one way; a
 * square one with two corners cut rings along both diagonals, the one with the cut corners a little higher, and where one leads by as much
 * as the other lags its field turns (Haneishi and Suzuki in James and Hall, Handbook of Microstrip Antennas, §4.3).
 *
 * @param share of radiation in all that it loses
 * @param quality with all of it
 * @param edge resistance at its edge in resonance, ohms
 * @param one how far off resonance it is the first way: twice the quality times the share by which it is off
 * @param other likewise the second way; the same where there is one way
 */
record PatchFeed(double share, double quality, double edge, double one, double other) {
    private static final double EPSILON = 8.8541878128e-12;
    private static final double MU = 4e-7 * Math.PI;
    private static final String AT_ITS_FEED =
            "Between the edge and the middle, where it is nothing; v is twice the quality times how much too long it is.";
    private static final String TWO_WAYS = "Half of it along each diagonal, which are off resonance by v and by u.";
    private static final String BOOK = "Balanis, Antenna Theory, 3rd ed., §14.2.1 and §14.2.4";
    private static final String TURNING =
            "Haneishi and Suzuki in James and Hall, Handbook of Microstrip Antennas, §4.3";
    private static final String GOOD = "±15 %; the pin's own inductance and the divider are not in it";
    private static final Formula RESISTANCE =
            new Formula("Resistance of a patch", AT_ITS_FEED, "R", "e·cos(pi·y ÷ l)^2 ÷ (1 + v^2)", BOOK, GOOD);
    private static final Formula REACTANCE =
            new Formula("Reactance of a patch", AT_ITS_FEED, "X", "−v·e·cos(pi·y ÷ l)^2 ÷ (1 + v^2)", BOOK, GOOD);
    private static final Formula RESISTANCE_TURNING = new Formula(
            "Resistance of a patch",
            TWO_WAYS,
            "R",
            "e·cos(pi·y ÷ l)^2 ÷ 2·(1 ÷ (1 + v^2) + 1 ÷ (1 + u^2))",
            TURNING,
            GOOD);
    private static final Formula REACTANCE_TURNING = new Formula(
            "Reactance of a patch",
            TWO_WAYS,
            "X",
            "−(e·cos(pi·y ÷ l)^2 ÷ 2·(v ÷ (1 + v^2) + u ÷ (1 + u^2)))",
            TURNING,
            GOOD);
    static final Formula OTHER_HAND = new Formula(
            "Lost to the other hand",
            "Of a field whose ellipse is a times as long as wide, what turns the right way.",
            "L",
            "−10·log10((a + 1)^2 ÷ (2·(a^2 + 1)))",
            "Balanis, Antenna Theory, 3rd ed., §2.12",
            "Exact for the ellipse straight ahead");
    static final Formula ELLIPSE = new Formula(
            "Ellipse ahead, long over wide",
            "0 dB turns evenly; a is its ratio. Corners cut deeper set the two ways farther apart.",
            "A",
            "20·log10(a)",
            TURNING,
            "±1 dB: a tenth of a millimetre counts on thin boards");
    static final Formula TURNS_OVER = new Formula(
            "Band that turns within 3 dB",
            "A patch of quality q about f MHz, cut right.",
            "B",
            "0.36·f ÷ q",
            TURNING,
            "±15 %");

    /**
     * @param d of patches
     * @param length along the field, metres
     * @param cut off two corners, along either side, metres; 0 for none
     */
    static PatchFeed of(ApertureDesign d, Patch p, double tangent, double length, double cut) {
        double omega = 2 * Math.PI * p.frequency();
        double sends = 1 / p.edgeResistance();
        double radiated = omega
                * EPSILON
                * p.permittivity()
                * (p.length() + 2 * p.extension())
                * p.width()
                / (2 * p.thickness() * sends);
        double metal = p.thickness()
                * Math.sqrt(Math.PI * p.frequency() * MU * d.metal().conductivity());
        double lost = tangent + 1 / metal;
        double share = 1 / radiated / (1 / radiated + lost);
        double quality = 1 / (1 / radiated + lost);
        // What rings is the patch with its fringes, which stay as wide when it is cut.
        double fringes = 2 * p.extension();
        double off = (length + fringes) / (p.length() + fringes) - 1;
        // Both corners together take cut² from length²; the way across them rings higher by twice that share.
        double apart = 2 * cut * cut / (length * length);
        return new PatchFeed(
                share, quality, p.edgeResistance() * share, 2 * quality * off, 2 * quality * (off - apart));
    }

    /** What is cut off two corners, along either side, for a field that turns evenly; of a patch so long. */
    static double cut(double length, double quality) {
        return length / Math.sqrt(2 * quality);
    }

    private boolean turns() {
        return one != other;
    }

    /** Long over wide of the ellipse straight ahead; a line has no end. */
    double ratio() {
        Complex between = new Complex(1, one).divide(new Complex(1, other));
        double squares = 1 + between.norm() * between.norm();
        double along = Complex.ONE.add(between.multiply(between)).norm();
        return Math.sqrt((squares + along) / Math.max(1e-12, squares - along));
    }

    Worked lostToTheOtherHand() {
        double a = ratio();
        return Worked.of(OTHER_HAND)
                .computed("a", "long over wide", a, "", 6)
                .gives(-10 * Math.log10((a + 1) * (a + 1) / (2 * (a * a + 1))), "dB", 2);
    }

    /** How far in from its edge a line is matched best, metres; at the edge where that is too low already. */
    double inset(double line, double length) {
        double there = new Complex(1, one)
                .reciprocal()
                .add(new Complex(1, other).reciprocal())
                .multiply(edge / 2)
                .getReal();
        return there <= line ? 0 : length / Math.PI * Math.acos(Math.sqrt(line / there));
    }

    /** At its inset, off its resonance where it was cut long or short. */
    Radiation.Feed at(double inset, double length) {
        double in = Math.cos(Math.PI * inset / length);
        Complex z = new Complex(1, one)
                .reciprocal()
                .add(new Complex(1, other).reciprocal())
                .multiply(edge * in * in / 2);
        return new Radiation.Feed(
                fed(turns() ? RESISTANCE_TURNING : RESISTANCE, inset, length).gives(z.getReal(), "Ω", 0),
                fed(turns() ? REACTANCE_TURNING : REACTANCE, inset, length).gives(z.getImaginary(), "Ω", 0),
                true);
    }

    private Worked.Builder fed(Formula formula, double inset, double length) {
        Worked.Builder w = Worked.of(formula)
                .computed("e", "at the edge in resonance", edge, "Ω", 3)
                .typed("y", "feed in from the edge", inset * 1000, "mm", 2)
                .typed("l", "patch, long", length * 1000, "mm", 2)
                .computed("v", "off resonance", one, "", 6);
        return turns() ? w.computed("u", "the other way", other, "", 6) : w;
    }
}
