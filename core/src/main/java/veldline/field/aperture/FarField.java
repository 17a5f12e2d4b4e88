package veldline.field.aperture;

/** What an opening sends, off its axis against on it. */
public interface FarField {
    /**
     * Power over that straight ahead, both polarizations together.
     *
     * @param theta off the axis, radians, 0 to π
     * @param phi around it from the E plane, radians
     */
    double power(double theta, double phi);

    /** Straight ahead over what the same power would give everywhere alike, by the sum of all directions. */
    default double directivity(int pieces) {
        int around = 32;
        double sum = Quadrature.of(
                theta -> {
                    double ring = 0;
                    for (int i = 0; i < around; i++) {
                        ring += power(theta, 2 * Math.PI * (i + 0.5) / around);
                    }
                    return ring / around * Math.sin(theta);
                },
                0,
                Math.PI,
                pieces);
        return 2 / sum;
    }
}
