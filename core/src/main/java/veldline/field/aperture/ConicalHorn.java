package veldline.field.aperture;

import org.hipparchus.complex.Complex;

/**
 * A round horn on a TE11 tube (Balanis, Antenna Theory, 3rd ed., §13.5; King, Proc. IRE 38 (1950)).
 *
 * @param diameter of the opening, metres
 * @param slant from the apex to the edge of the opening, metres
 */
public record ConicalHorn(double diameter, double slant) {
    private static final double C = 299_792_458.0;

    public ConicalHorn {
        if (!(diameter > 0 && slant > diameter / 2)) {
            throw new IllegalArgumentException("A horn of " + diameter + " m and " + slant
                    + " m along its side has no length; its side is longer than half its opening");
        }
    }

    /** How much later the edge is than the middle, waves. */
    public double deviation(double frequency) {
        return diameter * diameter * frequency / (8 * C * slant);
    }

    /** What taper and phase take of the evenly lit opening, dB, by the cubic through King's curve. */
    public double lossDb(double frequency) {
        double s = deviation(frequency);
        return 0.8 - 1.71 * s + 26.25 * s * s - 17.79 * s * s * s;
    }

    /** dBi, by the same. */
    public double fittedDbi(double frequency) {
        return 20 * Math.log10(Math.PI * diameter * frequency / C) - lossDb(frequency);
    }

    /** As a plain ratio, by the TE11 field over the opening with the phase of a cone. */
    public double gain(double frequency) {
        double wave = C / frequency;
        double radius = diameter / 2;
        double k = CircularGuide.Mode.TE11.root() / radius;
        int pieces = 4 + (int) (4 * deviation(frequency));
        // Across the beam only J0 is left of both parts; their squares give J1 over x and its slope.
        Complex sum =
                Quadrature.turning(r -> Bessel.j0(k * r) * r, r -> Math.PI * r * r / (wave * slant), 0, radius, pieces);
        double squares = Quadrature.of(
                r -> (Math.pow(Bessel.j1Over(k * r), 2) + Math.pow(Bessel.j1Slope(k * r), 2)) * r, 0, radius, pieces);
        return 4 * Math.PI / (wave * wave) * Math.PI * sum.norm() * sum.norm() / squares;
    }

    /** Its opening as TE11 with the phase of a cone lights it. */
    public RoundOpening opening(double frequency) {
        double wave = C / frequency;
        double k = CircularGuide.Mode.TE11.root() / (diameter / 2);
        return new RoundOpening(diameter / 2, 0, wave, (x, y) -> {
            double rho = Math.hypot(x, y);
            double turned = rho > 0 ? (x * x - y * y) / (rho * rho) : 0;
            double j0 = Bessel.j0(k * rho);
            double lit = j0 + (2 * Bessel.j1Over(k * rho) - j0) * turned;
            double late = Math.PI * rho * rho / (wave * slant);
            return new Complex(lit * Math.cos(late), -lit * Math.sin(late));
        });
    }

    /** What it sends, each piece of the opening with the lean of a wave's front. */
    public FarField field(double frequency) {
        RoundOpening opening = opening(frequency);
        RoundOpening.Cut e = opening.cut(0);
        RoundOpening.Cut h = opening.cut(Math.PI / 2);
        double ahead = Math.pow(e.towards(0).norm(), 2);
        return (theta, phi) -> {
            double lean = Math.pow((1 + Math.cos(theta)) / 2, 2);
            return lean * RoundOpening.power(e.towards(theta), h.towards(theta), phi) / ahead;
        };
    }

    /** The opening that gains most for the same side, metres. */
    public double bestDiameter(double frequency) {
        return Math.sqrt(3 * slant * C / frequency);
    }
}
