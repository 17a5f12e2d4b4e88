package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.hipparchus.stat.regression.SimpleRegression;
import veldline.measure.MovingBlocks;
import veldline.measure.Power;

/** What readings come to. */
final class ReadingTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "Welch t interval",
                    asks("before", "after", "confidence:percent"),
                    "m2 − m1 ± t·√(s1² ÷ n1 + s2² ÷ n2)",
                    "Welch, Biometrika 34 (1947)",
                    "Readings that do not hang together; those close in time do, and make it too narrow",
                    ReadingTopics::welch),
            new Topic(
                    "moving-block bootstrap of a before/after difference",
                    asks("before", "after", "block_length", "confidence:percent"),
                    "n ÷ l blocks of l neighbours, drawn with replacement from all n − l + 1",
                    "Künsch, Ann. Statist. 17 (1989); Efron and Tibshirani, An Introduction to the Bootstrap, §8.6",
                    "As good as blocks longer than what ties the readings; the ends of the interval are drawn",
                    ReadingTopics::blocks),
            new Topic(
                    "mean of dBm values",
                    asks("values"),
                    "10·log10(mean of 10^(x ÷ 10)) beside mean of x",
                    "Definitions",
                    "Exact; say which of the two is meant",
                    in -> {
                        double[] v = some(in.list("values"), 1);
                        double linear = 10
                                * Math.log10(Arrays.stream(v)
                                        .map(x -> Math.pow(10, x / 10))
                                        .average()
                                        .orElseThrow());
                        double log = Arrays.stream(v).average().orElseThrow();
                        return List.of(
                                is("mean_linear", linear, "dBm"),
                                is("mean_log", log, "dBm"),
                                is("gap", linear - log, "dB"),
                                is("median", new DescriptiveStatistics(v).getPercentile(50), "dBm"));
                    }),
            new Topic(
                    "percent quality and dBm",
                    asks("percent", "rssi:dBm"),
                    "A: dBm = q ÷ 2 − 100; B: dBm = 0.7·q − 110",
                    "Two mappings in common use by drivers",
                    "Not a measure of power: it saturates, and drivers differ by up to 10 dB",
                    in -> {
                        double q = in.n("percent");
                        double p = in.n("rssi");
                        return List.of(
                                is("a_dbm_from_percent", q / 2 - 100, "dBm"),
                                is("a_percent_from_dbm", clamped(2 * (p + 100)), "percent"),
                                is("b_dbm_from_percent", 0.7 * q - 110, "dBm"),
                                is("b_percent_from_dbm", clamped((p + 110) / 0.7), "percent"));
                    }),
            new Topic(
                    "log-distance path-loss fit",
                    asks("distances", "losses", "reference_distance:m", "predict_at:m", "confidence:percent"),
                    "PL = PL0 + 10·n·log10(d ÷ d0), least squares",
                    "Rappaport, Wireless Communications, 2nd ed., §4.9",
                    "For places like those measured; no farther than the readings go",
                    ReadingTopics::logDistance),
            new Topic(
                    "chance that an improvement is shown",
                    asks(
                            "improvement:dB",
                            "spread_before:dB",
                            "spread_after:dB",
                            "independent_before",
                            "independent_after",
                            "confidence:percent",
                            "least:dB"),
                    "Φ((d − max(t·e, least)) ÷ e), e = √(s1² ÷ n1 + s2² ÷ n2)",
                    "Welch's interval; Cohen, Statistical Power Analysis, 2nd ed., §2",
                    "As good as the number of independent readings; those close in time count for less than one",
                    in -> {
                        Power p = Power.of(
                                in.over0("spread_before"),
                                in.over0("spread_after"),
                                in.over0("independent_before"),
                                in.over0("independent_after"),
                                in.over0("confidence") / 100,
                                in.n("least"));
                        return List.of(
                                is("chance", p.chance(in.n("improvement")), "percent"),
                                is("half_interval", p.half(), "dB"),
                                is("shown_nine_in_ten", p.nineInTen(), "dB"));
                    }),
            new Topic(
                    "recording time to show an improvement",
                    asks("improvement:dB", "spread:dB", "memory:min", "confidence:percent", "least:dB"),
                    "n by the chance above in 9 of 10; T = 2·m·n",
                    "Welch's interval; effective size of an exponential memory (Priestley, Spectral Analysis, §5.3)",
                    "A factor of two: the memory of fading is never well known",
                    in -> {
                        double n = Power.wanted(
                                in.over0("improvement"),
                                in.over0("spread"),
                                in.over0("confidence") / 100,
                                in.n("least"));
                        return List.of(
                                is("independent_each", n, ""), is("minutes_each", 2 * in.over0("memory") * n, "min"));
                    }));

    private ReadingTopics() {}

    private static double clamped(double percent) {
        return Math.max(0, Math.min(100, percent));
    }

    private static double[] some(double[] v, int least) {
        if (v.length < least) {
            throw new IllegalArgumentException(v.length + " values are too few; give at least " + least);
        }
        return v;
    }

    private static double t(double freedom, double percent) {
        return new TDistribution(freedom).inverseCumulativeProbability(0.5 + percent / 200);
    }

    private static List<Topic.Answer> welch(Given in) {
        DescriptiveStatistics b = new DescriptiveStatistics(some(in.list("before"), 2));
        DescriptiveStatistics a = new DescriptiveStatistics(some(in.list("after"), 2));
        double vb = b.getVariance() / b.getN();
        double va = a.getVariance() / a.getN();
        double error = Math.sqrt(vb + va);
        double freedom = (vb + va) * (vb + va) / (vb * vb / (b.getN() - 1) + va * va / (a.getN() - 1));
        double difference = a.getMean() - b.getMean();
        double half = t(freedom, in.over0("confidence")) * error;
        return List.of(
                is("difference", difference, "dB"),
                is("standard_error", error, "dB"),
                is("degrees_of_freedom", freedom, ""),
                is("t", difference / error, ""),
                is(
                        "p_two_sided",
                        2 * new TDistribution(freedom).cumulativeProbability(-Math.abs(difference / error)),
                        ""),
                is("ci_low", difference - half, "dB"),
                is("ci_high", difference + half, "dB"));
    }

    private static List<Topic.Answer> logDistance(Given in) {
        double[] d = some(in.list("distances"), 3);
        double[] loss = some(in.list("losses"), 3);
        if (d.length != loss.length) {
            throw new IllegalArgumentException(
                    d.length + " distances and " + loss.length + " losses do not pair; give as many of each");
        }
        SimpleRegression fit = new SimpleRegression();
        DescriptiveStatistics x = new DescriptiveStatistics();
        for (int i = 0; i < d.length; i++) {
            double at = 10 * Math.log10(d[i] / in.over0("reference_distance"));
            fit.addData(at, loss[i]);
            x.addValue(at);
        }
        double sigma = Math.sqrt(fit.getMeanSquareError());
        double t = t(d.length - 2.0, in.over0("confidence"));
        double at = 10 * Math.log10(in.over0("predict_at") / in.n("reference_distance"));
        double prediction = fit.predict(at);
        double spread = x.getVariance() * (d.length - 1);
        double leverage = 1.0 / d.length + (at - x.getMean()) * (at - x.getMean()) / spread;
        double mean = t * sigma * Math.sqrt(leverage);
        double point = t * sigma * Math.sqrt(1 + leverage);
        double slope = t * fit.getSlopeStdErr();
        return List.of(
                is("intercept", fit.getIntercept(), "dB"),
                is("exponent", fit.getSlope(), ""),
                is("sigma", sigma, "dB"),
                is("exponent_ci_low", fit.getSlope() - slope, ""),
                is("exponent_ci_high", fit.getSlope() + slope, ""),
                is("prediction", prediction, "dB"),
                is("mean_band_low", prediction - mean, "dB"),
                is("mean_band_high", prediction + mean, "dB"),
                is("new_point_low", prediction - point, "dB"),
                is("new_point_high", prediction + point, "dB"));
    }

    private static List<Topic.Answer> blocks(Given in) {
        double[] before = in.list("before");
        double[] after = in.list("after");
        int length = (int) Math.round(in.over0("block_length"));
        double confidence = in.over0("confidence");
        if (confidence >= 100) {
            throw new IllegalArgumentException("confidence is " + confidence + "; give less than 100");
        }
        MovingBlocks b = MovingBlocks.of(before, length);
        MovingBlocks a = MovingBlocks.of(after, length);
        double[] interval = MovingBlocks.interval(b, a, confidence);
        double alone = StatUtils.variance(before) / before.length + StatUtils.variance(after) / after.length;
        return List.of(
                is("difference", StatUtils.mean(after) - StatUtils.mean(before), "dB"),
                is("block_bootstrap_se", Math.sqrt(b.variance() + a.variance()), "dB"),
                is("percentile_low", interval[0], "dB"),
                is("percentile_high", interval[1], "dB"),
                is("naive_iid_se", Math.sqrt(alone), "dB"),
                is("lag1_before", MovingBlocks.lag(before), ""),
                is("lag1_after", MovingBlocks.lag(after), ""),
                is("centre_of_bootstrap", a.centre() - b.centre(), "dB"));
    }
}
