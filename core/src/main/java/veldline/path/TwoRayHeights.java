package veldline.path;

/**
 * Heights over a perfect mirror at which the two rays arrive so many half waves apart: even numbers are nulls, odd ones
 * maxima, since the bounce turns the wave over.
 *
 * @param wavelength metres
 * @param distance along the ground, metres
 * @param other height of the other end, metres
 */
public record TwoRayHeights(double wavelength, double distance, double other) {
    /** The exact height: a hyperbola about the other end and its image; not a number where there is none. */
    public double exact(int halfWaves) {
        double a = Math.pow(halfWaves * wavelength / 4, 2);
        return Math.sqrt(a * (1 + distance * distance / (other * other - a)));
    }

    /** The usual approximation for heights small against the distance. */
    public double approximate(int halfWaves) {
        return halfWaves * wavelength * distance / (4 * other);
    }
}
