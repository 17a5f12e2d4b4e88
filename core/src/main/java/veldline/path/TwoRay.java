package veldline.path;

import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * The direct ray and one that bounces off level ground or water: what the bounce makes of the free-space level.
 *
 * @param frequency hertz
 * @param distance along the ground, metres
 * @param surface what it bounces off
 * @param incidence how wave and antenna stand to it
 * @param earth effective radius of the earth, metres; infinite for a flat one
 * @param roughness standard deviation of waves or ground, metres
 */
public record TwoRay(
        double frequency, double distance, Surface surface, Incidence incidence, double earth, double roughness) {
    public static final Formula FORMULA = new Formula(
            "The bounce",
            "The ray off the ground arrives later and turned over; the two add or cancel. g and p are the size and phase of"
                    + " the reflection, waves and the round earth counted, s the detour in waves, q the detour's share of"
                    + " length.",
            "B",
            "10·log10((1 + q·g·cos(p − 2·pi·s))^2 + (q·g·sin(p − 2·pi·s))^2)",
            "ITU-R P.526-15 §3; Balanis, Antenna Theory, 3rd ed., §4.8; roughness by Ament (1953)",
            "One bounce: peaks to 1 dB; a null is never as deep as a calm day's sum, nor as sure");

    /** Over flat, calm ground. */
    public TwoRay(double frequency, double distance, Surface surface, boolean upright) {
        this(frequency, distance, surface, upright, Double.POSITIVE_INFINITY, 0);
    }

    /** Straight antennas, alike. */
    public TwoRay(double frequency, double distance, Surface surface, boolean upright, double earth, double roughness) {
        this(frequency, distance, surface, Incidence.of(upright), earth, roughness);
    }

    /** The same off something else. */
    TwoRay off(Surface other, double otherRoughness) {
        return new TwoRay(frequency, distance, other, incidence, earth, otherRoughness);
    }

    /** Level relative to free space in dB, with antennas at heights over the reflecting surface in metres. */
    public double bounceDb(double h1, double h2) {
        Rays r = rays(h1, h2);
        return sum(r.share * r.size, r.phase - 2 * Math.PI * r.detourWaves);
    }

    /** Share of the field that a rough place still throws back the mirror's way, 0 to 1. */
    public double mirrored(double h1, double h2) {
        SpherePoint p = point(h1, h2);
        return smooth((Math.max(p.h1(), 0) + Math.max(p.h2(), 0)) / distance);
    }

    /** Where the ray bounces, metres from the first antenna. */
    public double bouncesAt(double h1, double h2) {
        return point(h1, h2).d1();
    }

    /**
     * The same for a given reflection.
     *
     * @param reflection complex, time factor exp(+jωt)
     * @param direct length of the direct ray, metres
     * @param bounced length of the other, metres
     * @param wavelength metres
     */
    public static double levelDb(Complex reflection, double direct, double bounced, double wavelength) {
        return sum(
                reflection.norm() * direct / bounced,
                reflection.getArgument() - 2 * Math.PI * (bounced - direct) / wavelength);
    }

    private static double sum(double size, double angle) {
        double re = 1 + size * Math.cos(angle);
        double im = size * Math.sin(angle);
        return 10 * Math.log10(re * re + im * im);
    }

    /** The mirror's share of a rough place at a slope of the ray. */
    private double smooth(double sine) {
        double phase = 2 * Math.PI * roughness * sine / FreeSpace.wavelength(frequency);
        return Math.exp(-2 * phase * phase);
    }

    private SpherePoint point(double h1, double h2) {
        return SpherePoint.of(distance, Math.max(h1, LEAST), Math.max(h2, LEAST), earth);
    }

    private static final double LEAST = 0.01;

    private Complex reflection(double grazing, boolean upright) {
        return Reflection.coefficient(frequency, surface.permittivity(), surface.conductivity(), grazing, upright);
    }

    private record Rays(double size, double phase, double detourWaves, double share) {}

    private Rays rays(double h1, double h2) {
        SpherePoint p = point(h1, h2);
        double low1 = Math.max(p.h1(), 0);
        double low2 = Math.max(p.h2(), 0);
        double direct = Math.hypot(distance, low1 - low2);
        double bounced = Math.hypot(distance, low1 + low2);
        double grazing = Math.atan2(low1 + low2, distance);
        Complex g = incidence.of(upright -> reflection(grazing, upright));
        // The detour as a quotient keeps its digits when it is millimetres in kilometres.
        double detour = 4 * low1 * low2 / (direct + bounced);
        return new Rays(
                g.norm() * smooth(Math.sin(grazing)) * p.spreading(),
                g.getArgument(),
                detour / FreeSpace.wavelength(frequency),
                direct / bounced);
    }

    public Worked worked(double h1, double h2) {
        Rays r = rays(h1, h2);
        return Worked.of(FORMULA)
                .computed("g", "size of the reflection off " + surface.words(), r.size, "", 5)
                .computed("p", "its phase, rad", r.phase, "", 5)
                .computed("s", "detour of the bounced ray, waves", r.detourWaves, "", 5)
                .computed("q", "direct over bounced length", r.share, "", 6)
                .gives(bounceDb(h1, h2), "dB", 1, 1);
    }
}
