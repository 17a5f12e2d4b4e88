package veldline.quantity;

/** Numbers that stand for the diameter of wire; greater ones are thinner. */
final class WireGauge {
    private static final double INCH = 0.0254;
    private static final double AMERICAN_36 = 0.005 * INCH;

    /** Inches from 0 to 40 (BS 3737, first table). */
    private static final double[] BRITISH = {
        0.324, 0.300, 0.276, 0.252, 0.232, 0.212, 0.192, 0.176, 0.160, 0.144, 0.128, 0.116, 0.104, 0.092, 0.080, 0.072,
        0.064, 0.056, 0.048, 0.040, 0.036, 0.032, 0.028, 0.024, 0.022, 0.020, 0.018, 0.0164, 0.0148, 0.0136, 0.0124,
        0.0116, 0.0108, 0.0100, 0.0092, 0.0084, 0.0076, 0.0068, 0.0060, 0.0052, 0.0048
    };

    private WireGauge() {}

    static double americanMetres(double number) {
        return AMERICAN_36 * Math.pow(92, (36 - number) / 39);
    }

    static double american(double metres) {
        return 36 - 39 * Math.log(metres / AMERICAN_36) / Math.log(92);
    }

    /** Outside the table its end stands; between numbers, evenly. */
    static double britishMetres(double number) {
        int below = (int) Math.max(0, Math.min(BRITISH.length - 2, Math.floor(number)));
        double share = Math.max(0, Math.min(1, number - below));
        return INCH * (BRITISH[below] + share * (BRITISH[below + 1] - BRITISH[below]));
    }

    static double british(double metres) {
        double inches = Math.max(BRITISH[BRITISH.length - 1], Math.min(BRITISH[0], metres / INCH));
        int n = 0;
        while (n < BRITISH.length - 2 && BRITISH[n + 1] > inches) {
            n++;
        }
        return n + (BRITISH[n] - inches) / (BRITISH[n] - BRITISH[n + 1]);
    }
}
