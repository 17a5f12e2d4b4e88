package veldline.link;

import java.util.Optional;

/**
 * One stream of 20 MHz of wireless networks: what rate a level carries by the least sensitivities of the standard (IEEE
 * Std 802.11, HT PHY, 19.3.19.2). Receivers are usually 5 to 12 dB better, and traffic gets about half of the rate.
 */
public enum HtRates {
    MCS0(-82, 1, 0.5),
    MCS1(-79, 2, 0.5),
    MCS2(-77, 2, 0.75),
    MCS3(-74, 4, 0.5),
    MCS4(-70, 4, 0.75),
    MCS5(-66, 6, 2.0 / 3),
    MCS6(-65, 6, 0.75),
    MCS7(-64, 6, 5.0 / 6);

    private static final int CARRIERS = 52;
    private static final double BAND = 20e6;
    private static final double FIGURE = 10;
    private static final double IMPLEMENTATION = 5;

    private final double least;
    private final int bits;
    private final double code;

    HtRates(double least, int bits, double code) {
        this.least = least;
        this.bits = bits;
        this.code = code;
    }

    /** The fastest that a level still carries; empty under the slowest. */
    public static Optional<HtRates> at(double levelDbm) {
        Optional<HtRates> best = Optional.empty();
        for (HtRates r : values()) {
            best = levelDbm >= r.least ? Optional.of(r) : best;
        }
        return best;
    }

    /** Least level, dBm. */
    public double least() {
        return least;
    }

    /** Bits a second on the air, with the long guard interval or the short one. */
    public double rate(boolean shortGuard) {
        return CARRIERS * bits * code / (shortGuard ? 3.6e-6 : 4e-6);
    }

    /** Signal over noise that the standard's least sensitivity stands for, dB. */
    public double snrDb() {
        return least - Noise.dbm(Noise.T0, BAND) - FIGURE - IMPLEMENTATION;
    }
}
