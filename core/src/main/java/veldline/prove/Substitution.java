package veldline.prove;

import java.util.List;
import java.util.Optional;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Gain of one antenna by another whose gain is known, on the same mast to the same far end; what drifts meanwhile and what one receiver reads
 * over another is told apart from it.
 *
 * @param gain of the unknown one
 * @param drift of the level from the first reading to the last, dB; empty where the known one was not read before and after
 * @param receivers what the second receiver reads over the first, dB; empty with one
 */
public record Substitution(Worked gain, Optional<Double> drift, Optional<Double> receivers) {
    static final Formula GAIN = new Formula(
            "Gain by substitution",
            "Gain of the known antenna, and what the unknown one brought over it at the same place.",
            "G",
            "k + d",
            "IEEE Std 149, gain transfer; least squares over both antennas, drift and receivers",
            "Readings and the known gain together; what bounces about counts in full where the beams differ");

    /** Of each antenna; fewer tell nothing of how far readings are thrown about. */
    public static final int FEWEST = 3;

    /**
     * @param confidence 0 to 1
     * @return empty with fewer than three readings of either antenna, or where two receivers never had the same antenna
     */
    public static Optional<Substitution> of(SideBySide sides, double confidence) {
        List<SideReading> all = sides.readings();
        long known = all.stream().filter(SideReading::known).count();
        if (known < FEWEST || all.size() - known < FEWEST) {
            return Optional.empty();
        }
        boolean two =
                all.stream().anyMatch(SideReading::second) && !all.stream().allMatch(SideReading::second);
        if (two && !swapped(all)) {
            return Optional.empty();
        }
        boolean controlled = all.get(0).known() && all.get(all.size() - 1).known();
        int columns = 1 + (controlled ? 1 : 0) + (two ? 1 : 0);
        if (all.size() - columns - 1 < 1) {
            return Optional.empty();
        }
        double[] levels = all.stream().mapToDouble(r -> r.level().value()).toArray();
        double[][] rows = new double[all.size()][columns];
        for (int i = 0; i < rows.length; i++) {
            int c = 0;
            rows[i][c++] = all.get(i).known() ? 0 : 1;
            if (controlled) {
                rows[i][c++] = i / (rows.length - 1.0);
            }
            if (two) {
                rows[i][c] = all.get(i).second() ? 1 : 0;
            }
        }
        OLSMultipleLinearRegression fit = new OLSMultipleLinearRegression();
        fit.newSampleData(levels, rows);
        double[] found = fit.estimateRegressionParameters();
        double error = fit.estimateRegressionParametersStandardErrors()[1];
        double t = new TDistribution(rows.length - columns - 1).inverseCumulativeProbability(0.5 + confidence / 2);
        double doubt = Math.hypot(t * error, sides.doubt().value());
        double gain = sides.gain().value() + found[1];
        return Optional.of(new Substitution(
                Worked.of(GAIN)
                        .typed("k", "gain of the known one", sides.gain().value(), "dBi", 2)
                        .measured("d", "what the unknown one brought", found[1], "dB", 3)
                        .gives(gain, "dBi", 1, doubt),
                controlled ? Optional.of(found[2]) : Optional.empty(),
                two ? Optional.of(found[columns]) : Optional.empty()));
    }

    /** Whether each antenna was read on each receiver. */
    private static boolean swapped(List<SideReading> all) {
        return all.stream().map(r -> List.of(r.known(), r.second())).distinct().count() == 4;
    }
}
