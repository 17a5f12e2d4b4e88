package veldline.field.wire;

/**
 * Sines and cosines of many angles at once, in loops plain enough for the compiler to run several lanes side by side:
 * several times as fast as asking one by one, to a few units in the last place for angles up to a thousand turns.
 */
public final class Phasors {
    private static final double TURN = 2 * Math.PI;
    /** What the double nearest 2π leaves out. */
    private static final double TURN_REST = 2.449293598294706e-16;

    private Phasors() {}

    /**
     * @param angles radians
     * @param cosines filled with the cosine of each
     * @param sines filled with the sine of each
     * @param count how many
     */
    public static void of(double[] angles, double[] cosines, double[] sines, int count) {
        for (int i = 0; i < count; i++) {
            double turns = Math.rint(angles[i] * (1 / TURN));
            // Half of what is left over whole turns lies between −π/2 and π/2, where short series serve.
            sines[i] = 0.5 * ((angles[i] - turns * TURN) - turns * TURN_REST);
        }
        for (int i = 0; i < count; i++) {
            double h = sines[i];
            double q = h * h;
            double sine = h
                    * (1
                            + q
                                    * (-1.0 / 6
                                            + q
                                                    * (1.0 / 120
                                                            + q
                                                                    * (-1.0 / 5040
                                                                            + q
                                                                                    * (1.0 / 362880
                                                                                            + q
                                                                                                    * (-1.0 / 39916800
                                                                                                            + q
                                                                                                                    * (1.0
                                                                                                                                    / 6227020800.0
                                                                                                                            + q
                                                                                                                                    * (-1.0
                                                                                                                                                    / 1307674368000.0
                                                                                                                                            + q
                                                                                                                                                    * (1.0
                                                                                                                                                                    / 355687428096000.0
                                                                                                                                                            + q
                                                                                                                                                                    * (-1.0
                                                                                                                                                                            / 121645100408832000.0))))))))));
            double cosine = 1
                    + q
                            * (-0.5
                                    + q
                                            * (1.0 / 24
                                                    + q
                                                            * (-1.0 / 720
                                                                    + q
                                                                            * (1.0 / 40320
                                                                                    + q
                                                                                            * (-1.0 / 3628800
                                                                                                    + q
                                                                                                            * (1.0
                                                                                                                            / 479001600
                                                                                                                    + q
                                                                                                                            * (-1.0
                                                                                                                                            / 87178291200.0
                                                                                                                                    + q
                                                                                                                                            * (1.0
                                                                                                                                                            / 20922789888000.0
                                                                                                                                                    + q
                                                                                                                                                            * (-1.0
                                                                                                                                                                            / 6402373705728000.0
                                                                                                                                                                    + q
                                                                                                                                                                            * (1.0
                                                                                                                                                                                    / 2432902008176640000.0))))))))));
            sines[i] = 2 * sine * cosine;
            cosines[i] = 1 - 2 * sine * sine;
        }
    }
}
