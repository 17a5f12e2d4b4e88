package veldline.field.aperture;

import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.complex.Complex;

/**
 * A horn that opens in both planes, by its opening lit as its guide is, with the phase of two apexes
 * (Balanis, Antenna Theory, 3rd ed., §13.4).
 *
 * @param width of the opening, the H plane, metres
 * @param height of the opening, the E plane, metres
 * @param apexH from the virtual apex of the H plane to the opening, metres
 * @param apexE likewise of the E plane
 */
public record PyramidalHorn(double width, double height, double apexH, double apexE) {
    private static final double C = 299_792_458.0;
    /** Of the opening, for a horn of the best size for its length (Stutzman and Thiele, 3rd ed., §9.4). */
    private static final double BEST = 0.51;

    public PyramidalHorn {
        if (!(width > 0 && height > 0 && apexH > 0 && apexE > 0)) {
            throw new IllegalArgumentException("A horn of " + width + " by " + height + " m with apexes " + apexH
                    + " and " + apexE + " m behind cannot be; give all over zero");
        }
    }

    /** The shortest horn of a gain on a guide, both throats at one place. */
    public static PyramidalHorn best(double gain, double frequency, RectangularGuide guide) {
        double wave = C / frequency;
        double a = guide.width();
        double b = guide.height();
        double right = 3 * Math.pow(gain * wave * wave / (Math.PI * BEST), 2) / 32;
        double slope = 3 * b * gain * wave * wave / (8 * Math.PI * BEST);
        double most = 4 * wave * Math.sqrt(gain) + 4 * a;
        double width = new BrentSolver(1e-12)
                .solve(200, x -> Math.pow(x, 4) - a * Math.pow(x, 3) + slope * x - right, 0.05 * a, most);
        double height = gain * wave * wave / (4 * Math.PI * BEST * width);
        if (width <= a || height <= b) {
            throw new IllegalArgumentException("The guide alone has more than " + 10 * Math.log10(gain)
                    + " dBi; ask for more, or take a smaller guide");
        }
        return new PyramidalHorn(width, height, width * width / (3 * wave), height * height / (2 * wave));
    }

    /** From the throat to the opening along the axis, metres. */
    public double length(RectangularGuide guide) {
        return apexH * (width - guide.width()) / width;
    }

    /** As a plain ratio. */
    public double gain(double frequency) {
        double wave = C / frequency;
        double across = power(width, apexH, wave, true);
        double up = power(height, apexE, wave, false);
        return 4 * Math.PI / (wave * wave) * across * up;
    }

    /** Its opening with the guide's taper across and the phase of both apexes. */
    public RectangularOpening opening(double frequency) {
        double wave = C / frequency;
        return new RectangularOpening(
                height,
                width,
                wave,
                RectangularOpening.Side.even().from(apexE, wave),
                RectangularOpening.Side.cosine(width).from(apexH, wave));
    }

    /** Of the opening. */
    public double efficiency(double frequency) {
        double wave = C / frequency;
        return gain(frequency) * wave * wave / (4 * Math.PI * width * height);
    }

    /** The square of the field's sum over the sum of its squares, along one side, metres. */
    private static double power(double side, double apex, double wave, boolean tapered) {
        int pieces = 2 + (int) (side * side / (4 * wave * apex));
        Complex sum = Quadrature.turning(
                x -> tapered ? Math.cos(Math.PI * x / side) : 1,
                x -> Math.PI * x * x / (wave * apex),
                -side / 2,
                side / 2,
                2 * pieces);
        return sum.norm() * sum.norm() / (tapered ? side / 2 : side);
    }
}
