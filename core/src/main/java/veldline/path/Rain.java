package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/** What rain takes: for each kilometre (ITU-R P.838-3), and on a way at a share of the year (P.530-18 §2.4.1). */
public final class Rain {
    public static final Formula FADE = new Formula(
            "Rain",
            "What rain takes at the share of the year asked: the loss in a hundredth of a percent of it, and how that grows"
                    + " and falls with the share p in percent.",
            "A",
            "g·d·r·c1·p^(−(c2 + c3·log10(p)))",
            "ITU-R P.838-3; P.530-18 §2.4.1",
            "±30 % of its decibels from place to place and year to year");

    /** Lowest and highest frequency of the fit, hertz. */
    public static final double FROM = 1e9;

    public static final double TO = 1e12;

    /** log10 of the coefficients: sums of bells over log10 of gigahertz (P.838-3, tables 1 to 4). */
    private enum Fit {
        K_FLAT(-0.18961, 0.71147, new double[][] {
            {-5.33980, -0.10008, 1.13098},
            {-0.35351, 1.26970, 0.45400},
            {-0.23789, 0.86036, 0.15354},
            {-0.94158, 0.64552, 0.16817}
        }),
        K_UPRIGHT(-0.16398, 0.63297, new double[][] {
            {-3.80595, 0.56934, 0.81061},
            {-3.44965, -0.22911, 0.51059},
            {-0.39902, 0.73042, 0.11899},
            {0.50167, 1.07319, 0.27195}
        }),
        ALPHA_FLAT(0.67849, -1.95537, new double[][] {
            {-0.14318, 1.82442, -0.55187},
            {0.29591, 0.77564, 0.19822},
            {0.32177, 0.63773, 0.13164},
            {-5.37610, -0.96230, 1.47828},
            {16.1721, -3.29980, 3.43990}
        }),
        ALPHA_UPRIGHT(-0.053739, 0.83433, new double[][] {
            {-0.07771, 2.33840, -0.76284},
            {0.56727, 0.95545, 0.54039},
            {-0.20238, 1.14520, 0.26809},
            {-48.2991, 0.791669, 0.116226},
            {48.5833, 0.791459, 0.116479}
        });

        private final double slope;
        private final double constant;
        private final double[][] bells;

        Fit(double slope, double constant, double[][] bells) {
            this.slope = slope;
            this.constant = constant;
            this.bells = bells;
        }

        double at(double ghz) {
            double x = Math.log10(ghz);
            double sum = slope * x + constant;
            for (double[] b : bells) {
                double off = (x - b[1]) / b[2];
                sum += b[0] * Math.exp(-off * off);
            }
            return sum;
        }
    }

    /**
     * The law {@code γ = k·R^α} of one polarization.
     *
     * @param k dB a kilometre at 1 mm/h
     * @param alpha without unit
     */
    public record Law(double k, double alpha) {
        /** dB a kilometre at a rain rate in mm/h. */
        public double specificDb(double rate) {
            return rate > 0 ? k * Math.pow(rate, alpha) : 0;
        }
    }

    private Rain() {}

    /** The law of a flat or an upright wave at a frequency in hertz. */
    public static Law law(double frequency, boolean upright) {
        double ghz = check(frequency) / 1e9;
        return new Law(
                Math.pow(10, (upright ? Fit.K_UPRIGHT : Fit.K_FLAT).at(ghz)),
                (upright ? Fit.ALPHA_UPRIGHT : Fit.ALPHA_FLAT).at(ghz));
    }

    /**
     * The law of a wave at a tilt (P.838-3 eq. 4 and 5).
     *
     * @param elevation of the way over the horizontal, radians
     * @param tilt of the field, radians: 0 flat, π/2 upright, π/4 for one that turns
     */
    public static Law law(double frequency, double elevation, double tilt) {
        Law h = law(frequency, false);
        Law v = law(frequency, true);
        double part = Math.pow(Math.cos(elevation), 2) * Math.cos(2 * tilt);
        double k = (h.k + v.k + (h.k - v.k) * part) / 2;
        return new Law(k, (h.k * h.alpha + v.k * v.alpha + (h.k * h.alpha - v.k * v.alpha) * part) / (2 * k));
    }

    private static double check(double frequency) {
        if (!(frequency >= FROM) || !(frequency <= TO)) {
            throw new IllegalArgumentException("Rain is known from 1 to 1000 GHz, not at " + frequency / 1e9
                    + " GHz; below 1 GHz leave it out, it takes nothing");
        }
        return frequency;
    }

    /**
     * How much of a long way it rains on at once (P.530-18 eq. 32), at most 2.5.
     *
     * @param rate in 0.01 % of the year, mm/h
     */
    public static double reach(double frequency, double distance, double rate, double alpha) {
        double km = distance / 1000;
        double under = 0.477 * Math.pow(km, 0.633) * Math.pow(rate, 0.073 * alpha) * Math.pow(frequency / 1e9, 0.123)
                - 10.579 * (1 - Math.exp(-0.024 * km));
        return under > 0.4 ? 1 / under : 2.5;
    }

    /**
     * What rain takes on a way for a share of the year.
     *
     * @param rate in 0.01 % of the year, mm/h
     * @param percent of the year, 0.001 to 1
     * @param law of the wave
     */
    public static Worked fade(double frequency, double distance, double rate, double percent, Law law) {
        if (!(percent >= 0.001) || !(percent <= 1)) {
            throw new IllegalArgumentException("Rain is known for 0.001 to 1 % of the year, not for " + percent
                    + " %; ask for a share between them");
        }
        double ghz = frequency / 1e9;
        double c0 = 0.12 + (ghz >= 10 ? 0.4 * Math.log10(Math.pow(ghz / 10, 0.8)) : 0);
        double c1 = Math.pow(0.07, c0) * Math.pow(0.12, 1 - c0);
        double c2 = 0.855 * c0 + 0.546 * (1 - c0);
        double c3 = 0.139 * c0 + 0.043 * (1 - c0);
        double specific = law.specificDb(rate);
        double reach = reach(frequency, distance, rate, law.alpha);
        double value = specific * distance / 1000 * reach * c1 * Math.pow(percent, -(c2 + c3 * Math.log10(percent)));
        return Worked.of(FADE)
                .computed("g", "at " + veldline.quantity.NumberText.shown(rate, 0) + " mm/h, dB/km", specific, "", 6)
                .typed("d", "distance", distance / 1000, "km", 4)
                .computed("r", "share of it that it rains on", reach, "", 5)
                .computed("c1", "from the frequency", c1, "", 6)
                .computed("c2", "from the frequency", c2, "", 6)
                .computed("c3", "from the frequency", c3, "", 6)
                .typed("p", "share of the year, %", percent, "", 4)
                .gives(value, "dB", 1, 0.3 * value);
    }
}
