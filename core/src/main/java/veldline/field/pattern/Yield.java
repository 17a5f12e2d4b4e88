package veldline.field.pattern;

import java.util.List;
import org.hipparchus.complex.Complex;
import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well19937c;

/**
 * How many of many antennas, each dimension off by chance, still serve: impedances by their {@link Sensitivity}, so good
 * as long as these slopes hold. The same numbers come every time.
 */
public final class Yield {
    /** Enough for the share to be good to two in a hundred. */
    public static final int DRAWN = 4000;

    private static final long SEED = 0x5EA1;

    private Yield() {}

    /**
     * Of {@link #DRAWN}, how many keep the SWR.
     *
     * @param within metres by which every dimension may be off, any amount as likely as any other
     * @param swr the most there may be
     * @param z0 of the line it is counted on, ohms
     */
    public static int keeping(Sensitivity about, double within, double swr, double z0) {
        double rho = (swr - 1) / (swr + 1);
        List<Complex> slopes =
                about.slopes().stream().map(Sensitivity.Slope::impedance).toList();
        RandomGenerator random = new Well19937c(SEED);
        int kept = 0;
        for (int i = 0; i < DRAWN; i++) {
            double re = about.impedance().getReal();
            double im = about.impedance().getImaginary();
            for (Complex slope : slopes) {
                double off = (2 * random.nextDouble() - 1) * within;
                re += off * slope.getReal();
                im += off * slope.getImaginary();
            }
            if (Math.hypot(re - z0, im) <= rho * Math.hypot(re + z0, im)) {
                kept++;
            }
        }
        return kept;
    }
}
