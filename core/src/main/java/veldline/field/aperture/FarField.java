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

    /**
     * The same told from an axis that leans in the E plane towards {@code phi = 0}.
     *
     * @param lean radians
     */
    default FarField about(double lean) {
        if (lean == 0) {
            return this;
        }
        double c = Math.cos(lean);
        double s = Math.sin(lean);
        return (theta, phi) -> {
            double e = Math.sin(theta) * Math.cos(phi);
            double h = Math.sin(theta) * Math.sin(phi);
            double ahead = Math.cos(theta);
            double up = Math.max(-1, Math.min(1, ahead * c - e * s));
            return power(Math.acos(up), Math.atan2(h, e * c + ahead * s));
        };
    }

    /**
     * Straight ahead over what the same power would give everywhere alike, by the sum of all directions.
     *
     * @param pieces from ahead to behind, two for each wave across are plenty
     * @param around places on each ring, eight for each wave across are plenty
     */
    default double directivity(int pieces, int around) {
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
