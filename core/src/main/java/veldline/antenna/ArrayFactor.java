package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;

/** What a row of equal sources that do not couple makes of their pattern (Balanis, Antenna Theory, 3rd ed., ch. 6). */
public final class ArrayFactor {
    private static final double EXACT = 1e-12;
    private static final int MOST = 200;

    private ArrayFactor() {}

    /** Field of two of them over that of both in step, 0 to 1. @param angle from the row, radians; @param lead of the farther one */
    public static double pair(double apart, double lead, double angle) {
        return Math.abs(Math.cos((2 * Math.PI * apart * Math.cos(angle) + lead) / 2));
    }

    /** The greatest of that anywhere in the open: the best phase may lie outside what angles there are. */
    public static double pairMost(double apart, double lead) {
        double from = (lead - 2 * Math.PI * apart) / 2;
        double to = (lead + 2 * Math.PI * apart) / 2;
        boolean inside = Math.floor(to / Math.PI) >= Math.ceil(from / Math.PI);
        return inside ? 1 : Math.max(Math.abs(Math.cos(from)), Math.abs(Math.cos(to)));
    }

    /** Angles from the row at which the two cancel, degrees, growing. */
    public static List<Double> pairNulls(double apart, double lead) {
        List<Double> nulls = new ArrayList<>();
        double k = 2 * Math.PI * apart;
        for (int m = (int) Math.ceil((k + lead) / Math.PI) + 1; m >= (lead - k) / Math.PI - 1; m--) {
            double cosine = (m * Math.PI - lead) / k;
            if (Math.floorMod(m, 2) == 1 && Math.abs(cosine) <= 1 + 1e-9) {
                nulls.add(Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cosine)))));
            }
        }
        return nulls;
    }

    /** Directivity of two isotropic sources, not in dB. */
    public static double pairDirectivity(double apart, double lead) {
        double k = 2 * Math.PI * apart;
        double most = pairMost(apart, lead);
        return 2 * most * most / (1 + Math.sin(k) / k * Math.cos(lead));
    }

    /** Field of {@code n} in step over their greatest. @param half half the phase from one to the next, radians */
    static double row(int n, double half) {
        double s = Math.sin(half);
        return Math.abs(s) < 1e-12 ? 1 : Math.abs(Math.sin(n * half) / (n * s));
    }

    /** Full width to half power of {@code n} side by side in step, degrees. */
    public static double width(int n, double apart) {
        UnivariateFunction over = x -> row(n, x) - Math.sqrt(0.5);
        double half = new BrentSolver(EXACT).solve(MOST, over, 1e-9, Math.PI / n);
        return 2 * Math.toDegrees(Math.asin(Math.min(1, half / (Math.PI * apart))));
    }

    /** The first side lobe, dB: where {@code n·tan x = tan n·x}. */
    public static double sideLobeDb(int n) {
        // Between the first two nulls the slope of the factor changes sign once.
        UnivariateFunction slope = x -> n * Math.cos(n * x) * Math.sin(x) - Math.sin(n * x) * Math.cos(x);
        double at = new BrentSolver(EXACT).solve(MOST, slope, 1.05 * Math.PI / n, 1.999 * Math.PI / n);
        return 20 * Math.log10(row(n, at));
    }

    /** Directivity of {@code n} isotropic sources side by side in step, not in dB. */
    public static double directivity(int n, double apart) {
        double sum = n;
        for (int m = 1; m < n; m++) {
            double x = 2 * Math.PI * apart * m;
            sum += 2 * (n - m) * Math.sin(x) / x;
        }
        return (double) n * n / sum;
    }

    /** The first null off broadside, degrees. */
    public static double firstNull(int n, double apart) {
        return Math.toDegrees(Math.asin(Math.min(1, 1 / (n * apart))));
    }
}
