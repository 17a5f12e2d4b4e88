package veldline.path;

/**
 * Where a ray between two antennas over a round earth is thrown back, and how high they stand over the plane that
 * touches the earth there (ITU-R P.526-15 §3.2.1, eq. 25 to 27).
 *
 * @param d1 metres from the first antenna
 * @param h1 height of the first over that plane, metres; zero or less where it is below the horizon
 * @param h2 height of the other
 * @param spreading share of the field left by the round mirror, over zero to 1 (the usual divergence factor)
 */
record SpherePoint(double d1, double h1, double h2, double spreading) {
    private static final double FLAT = 1e-9;

    /**
     * @param h1 height over the ground, metres, over zero
     * @param h2 height of the other
     * @param earth effective radius, metres; infinite for a flat one
     */
    static SpherePoint of(double distance, double h1, double h2, double earth) {
        double m = distance * distance / (4 * earth * (h1 + h2));
        if (m < FLAT) {
            return new SpherePoint(distance * h1 / (h1 + h2), h1, h2, 1);
        }
        double d1 = distance / 2 * (1 + balance(m, (h1 - h2) / (h1 + h2)));
        double d2 = distance - d1;
        double over1 = h1 - d1 * d1 / (2 * earth);
        double over2 = h2 - d2 * d2 / (2 * earth);
        double grazing = (over1 + over2) / distance;
        double spreading = grazing > 0 ? 1 / Math.sqrt(1 + 2 * d1 * d2 / (earth * distance * grazing)) : 0;
        return new SpherePoint(d1, over1, over2, spreading);
    }

    /** How far from the middle it lies, in halves of the distance, towards the lower end below zero. */
    private static double balance(double m, double c) {
        // One antenna on the ground brings this to one, and rounding beyond it.
        double turn = Math.max(-1, Math.min(1, 1.5 * c * Math.sqrt(3 * m / Math.pow(m + 1, 3))));
        return 2 * Math.sqrt((m + 1) / (3 * m)) * Math.cos(Math.PI / 3 + Math.acos(turn) / 3);
    }
}
