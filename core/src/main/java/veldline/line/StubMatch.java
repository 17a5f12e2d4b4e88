package veldline.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.complex.Complex;

/**
 * One stub across the line at a distance from its load (Pozar, Microwave Engineering, 4th ed., §5.2).
 *
 * @param distance from the load, waves in the line, under half a one
 * @param open length of a stub with its end open, waves
 * @param joined length of one with its end joined
 */
public record StubMatch(double distance, double open, double joined) {
    /** Both solutions, the nearer one first; line and stub alike. */
    public static List<StubMatch> of(Complex load, double z0) {
        double r = load.getReal();
        double x = load.getImaginary();
        if (!(r > 0 && z0 > 0)) {
            throw new IllegalArgumentException(
                    "A load of " + r + " Ω on a line of " + z0 + " Ω cannot be matched; both must be above zero");
        }
        List<StubMatch> found = new ArrayList<>();
        for (int sign : new int[] {1, -1}) {
            // With the resistance of the line itself one solution runs out to a quarter wave.
            double t = Math.abs(r - z0) < 1e-9 * z0
                    ? sign > 0 ? -x / (2 * z0) : Double.POSITIVE_INFINITY
                    : (x + sign * Math.sqrt(r * ((z0 - r) * (z0 - r) + x * x) / z0)) / (r - z0);
            double susceptance = Double.isInfinite(t) ? x / (z0 * z0) : susceptance(r, x, t, z0);
            found.add(new StubMatch(
                    half(Math.atan(t)), half(-Math.atan(susceptance * z0)), half(Math.atan(1 / (susceptance * z0)))));
        }
        found.sort(Comparator.comparingDouble(StubMatch::distance));
        return found;
    }

    private static double susceptance(double r, double x, double t, double z0) {
        return (r * r * t - (z0 - x * t) * (x + z0 * t)) / (z0 * (r * r + (x + z0 * t) * (x + z0 * t)));
    }

    /** An angle as waves from nothing to half a one. */
    private static double half(double radians) {
        double waves = radians / (2 * Math.PI);
        return waves < 0 ? waves + 0.5 : waves;
    }

    /** Cut from a kind of line, the shorter of both stubs. */
    public Ladder made(Section line, double frequency) {
        boolean ends = open < joined;
        return Ladder.of(
                new Piece.Along(line.cut(distance, frequency)),
                new Piece.Stub(line.cut(ends ? open : joined, frequency), ends));
    }
}
