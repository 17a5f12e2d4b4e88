package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * What dry air and water vapour take near the ground (ITU-R P.676-11 annex 2, the fit for 1 to 54 GHz).
 *
 * @param pressure of the air, hectopascal
 * @param celsius its temperature
 * @param vapour water in it, grams a cubic metre
 */
public record Gases(double pressure, double celsius, double vapour) {
    public static final Formula FORMULA = new Formula(
            "Gases",
            "What oxygen o and water vapour w take, both in dB a kilometre.",
            "A",
            "(o + w)·d",
            "ITU-R P.676-11 annex 2",
            "±15 % near the ground; on muggy days water takes twice as much");

    /** The reference air near the ground: 1013 hPa, 15 °C, 7.5 g/m³ (ITU-R P.835). */
    public static final Gases USUAL = new Gases(1013.25, 15, 7.5);

    /** A peak of water vapour: where it lies, how strong and how wide it is. */
    private record Peak(double ghz, double strength, double warmth, double width, boolean shared) {}

    private static final Peak[] PEAKS = {
        new Peak(22.235, 3.98, 2.23, 9.42, true),
        new Peak(183.31, 11.96, 0.7, 11.14, false),
        new Peak(321.226, 0.081, 6.44, 6.29, false),
        new Peak(325.153, 3.66, 1.6, 9.22, false),
        new Peak(380, 25.37, 1.09, 0, false),
        new Peak(448, 17.4, 1.46, 0, false),
        new Peak(557, 844.6, 0.17, 0, true),
        new Peak(752, 290, 0.41, 0, true)
    };

    public static final double FROM = 1e9;
    public static final double TO = 54e9;

    /** Dry air, dB a kilometre. */
    public double oxygenDb(double frequency) {
        double f = check(frequency) / 1e9;
        double rp = pressure / 1013;
        double rt = 288 / (273 + celsius);
        double x1 = fit(rp, rt, 0.0717, -1.8132, 0.0156, -1.6515);
        double x2 = fit(rp, rt, 0.5146, -4.6368, -0.1921, -5.7416);
        double x3 = fit(rp, rt, 0.3414, -6.5851, 0.2130, -8.5854);
        double low = 7.2 * Math.pow(rt, 2.8) / (f * f + 0.34 * rp * rp * Math.pow(rt, 1.6));
        double band = 0.62 * x3 / (Math.pow(Math.max(54 - f, 0), 1.16 * x1) + 0.83 * x2);
        return (low + band) * f * f * rp * rp * 1e-3;
    }

    private static double fit(double rp, double rt, double a, double b, double c, double d) {
        return Math.pow(rp, a) * Math.pow(rt, b) * Math.exp(c * (1 - rp) + d * (1 - rt));
    }

    /** Water vapour, dB a kilometre. */
    public double waterDb(double frequency) {
        double f = check(frequency) / 1e9;
        double rp = pressure / 1013;
        double rt = 288 / (273 + celsius);
        double wide = 0.955 * rp * Math.pow(rt, 0.68) + 0.006 * vapour;
        double far = 0.735 * rp * Math.sqrt(rt) + 0.0353 * Math.pow(rt, 4) * vapour;
        double sum = 8.3328e4 * far * Math.exp(0.99 * (1 - rt)) / Math.pow(f - 1780, 2) * shape(f, 1780);
        for (Peak p : PEAKS) {
            // The first peak is shaped about 22 GHz in the text, not about its own 22.235.
            double shape = p.shared ? shape(f, p.ghz < 23 ? 22 : p.ghz) : 1;
            sum += p.strength
                    * wide
                    * Math.exp(p.warmth * (1 - rt))
                    / (Math.pow(f - p.ghz, 2) + p.width * wide * wide)
                    * shape;
        }
        return sum * f * f * Math.pow(rt, 2.5) * vapour * 1e-4;
    }

    private static double shape(double f, double about) {
        double off = (f - about) / (f + about);
        return 1 + off * off;
    }

    private static double check(double frequency) {
        if (!(frequency >= FROM) || !(frequency <= TO)) {
            throw new IllegalArgumentException("The fit for gases holds from 1 to 54 GHz, not at " + frequency / 1e9
                    + " GHz; below it they take nothing, above it ask a licensed planner");
        }
        return frequency;
    }

    public Worked worked(double frequency, double distance) {
        double o = oxygenDb(frequency);
        double w = waterDb(frequency);
        double loss = (o + w) * distance / 1000;
        return Worked.of(FORMULA)
                .computed("o", "oxygen, dB/km", o, "", 6)
                .computed("w", "water vapour, dB/km", w, "", 6)
                .typed("d", "distance", distance / 1000, "km", 4)
                .gives(loss, "dB", 1, 0.15 * loss);
    }
}
