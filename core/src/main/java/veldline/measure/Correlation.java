package veldline.measure;

/** How far readings close in time move together, and how many independent ones they amount to. */
public final class Correlation {
    private Correlation() {}

    /**
     * The number of independent readings that would pin down the mean as well: {@code n ÷ (1 + 2Σρ)}, the sum by Geyer's
     * initial positive sequence, each pair of neighbouring lags made up for the lag's missing terms (Geyer, Statist. Sci.
     * 7 (1992) §3.3; Priestley, Spectral Analysis, §5.3). At least 2, at most n.
     *
     * @param residuals readings less their expected value, in order of time
     */
    public static double effectiveCount(double[] residuals) {
        int n = residuals.length;
        if (n < 4) {
            return Math.min(n, 2);
        }
        double mean = 0;
        for (double r : residuals) {
            mean += r / n;
        }
        double variance = covariance(residuals, mean, 0);
        if (variance <= 1e-12) {
            return n;
        }
        double sum = 0;
        for (int lag = 1; lag + 1 < n / 2; lag += 2) {
            double pair = covariance(residuals, mean, lag) / variance + covariance(residuals, mean, lag + 1) / variance;
            if (pair <= 0) {
                break;
            }
            sum += pair;
        }
        // The sample mean is taken out of the covariances, which hides 1/n of the sum; put it back once.
        double inflation = 1 + 2 * sum;
        inflation = inflation / Math.max(0.25, 1 - inflation / n);
        return Math.max(2, Math.min(n, n / inflation));
    }

    private static double covariance(double[] x, double mean, int lag) {
        double sum = 0;
        for (int i = 0; i + lag < x.length; i++) {
            sum += (x[i] - mean) * (x[i + lag] - mean);
        }
        return sum / (x.length - lag);
    }
}
