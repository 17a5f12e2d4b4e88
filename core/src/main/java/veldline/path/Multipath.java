package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Fading in clear air on a fixed link, in the worst month (ITU-R P.530-18 §2.3.1 and 2.3.2, quick planning).
 *
 * @param frequency hertz
 * @param distance metres
 * @param near height of one antenna over the sea, metres
 * @param far height of the other
 * @param gradient refractivity gradient in the lowest 65 m not exceeded for 1 % of the year, N-units a kilometre
 */
public record Multipath(double frequency, double distance, double near, double far, double gradient) {
    public static final Formula SHARE = new Formula(
            "Fading in clear air",
            "Share of the worst month in which a fade is deeper than f: layers of air bring the wave on two ways. z is the"
                    + " share in percent that deep fades start from.",
            "p",
            "z·10^(−f ÷ 10)",
            "ITU-R P.530-18 §2.3.1, quick planning",
            "To a factor of 5 from place to place; for links of 7 km and more over land, and a start elsewhere");

    private static final Formula SHALLOW = new Formula(
            "Fading in clear air",
            "Share of the worst month in which a fade is deeper than f. The fade is too shallow for the law of deep ones;"
                    + " q is the slope there.",
            "p",
            "100·(1 − exp(−(10^(−q·f ÷ 20))))",
            "ITU-R P.530-18 §2.3.2",
            "To a factor of 5 from place to place");

    /** Below this the sum is not meant to be used, metres. */
    public static final double SHORTEST = 7000;

    /** Usual in a temperate climate near the coast; a map gives it for a place. */
    public static final double USUAL_GRADIENT = -250;

    /** The factor of deep fades, percent of the worst month (step 3). */
    public double occurrence() {
        double km = distance / 1000;
        double slope = Math.abs(far - near) / km;
        double k = Math.pow(10, -4.6 - 0.0027 * gradient);
        return k
                * Math.pow(km, 3.1)
                * Math.pow(1 + slope, -1.29)
                * Math.pow(frequency / 1e9, 0.8)
                * Math.pow(10, -0.00089 * Math.min(near, far));
    }

    /** Percent of the worst month in which a fade is deeper than so many dB, zero or more. */
    public double percent(double fade) {
        double z = occurrence();
        return fade >= deepFrom(z) ? z * Math.pow(10, -fade / 10) : shallow(slope(z, fade), fade);
    }

    private static double deepFrom(double z) {
        return 25 + 1.2 * Math.log10(z);
    }

    private static double shallow(double slope, double fade) {
        return 100 * (1 - Math.exp(-Math.pow(10, -slope * fade / 20)));
    }

    /** The slope qa of shallow fades (eq. 13 to 15). */
    private static double slope(double z, double fade) {
        double from = deepFrom(z);
        double share = z * Math.pow(10, -from / 10);
        double there = -20 * Math.log10(-Math.log((100 - share) / 100)) / from;
        double t = (there - 2) / ((1 + 0.3 * Math.pow(10, -from / 20)) * Math.pow(10, -0.016 * from))
                - 4.3 * (Math.pow(10, -from / 20) + from / 800);
        return 2
                + (1 + 0.3 * Math.pow(10, -fade / 20))
                        * Math.pow(10, -0.016 * fade)
                        * (t + 4.3 * (Math.pow(10, -fade / 20) + fade / 800));
    }

    public Worked worked(double fade) {
        double z = occurrence();
        if (fade >= deepFrom(z)) {
            return Worked.of(SHARE)
                    .computed("z", "starting share, %", z, "", 6)
                    .computed("f", "margin", fade, "dB", 3)
                    .gives(percent(fade), "% of the worst month", 4);
        }
        return Worked.of(SHALLOW)
                .computed("q", "slope", slope(z, fade), "", 6)
                .computed("f", "margin", fade, "dB", 3)
                .gives(percent(fade), "% of the worst month", 4);
    }
}
