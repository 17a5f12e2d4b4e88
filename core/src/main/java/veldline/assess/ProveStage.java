package veldline.assess;

import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.measure.Series;
import veldline.measure.Silences;
import veldline.measure.Strip;
import veldline.prove.Comparison;
import veldline.prove.ProvePlan;
import veldline.prove.Recording;
import veldline.prove.Verdict;

/** Compares the two recordings that were picked. */
final class ProveStage {
    static final Formula MEDIAN = new Formula(
            "Median level",
            "Half of the readings lie above it; lost ones count as at the floor.",
            "M",
            "a",
            "Order statistics",
            "To half of the radio's step");
    static final Formula TENTH = new Formula(
            "Tenth percentile",
            "Nine in ten readings lie above it; lost ones count as at the floor.",
            "T",
            "a",
            "Order statistics",
            "To the radio's step");
    static final Formula MEAN = new Formula(
            "Mean level",
            "Mean of the levels in dB, as a log of them is averaged; lost ones count as at the floor.",
            "A",
            "a",
            "Definition",
            "Deep fades pull it down");
    static final Formula POWER = new Formula(
            "Level of the mean power",
            "Mean of the powers, told as a level, as a slow meter shows it; lost ones count as at the floor.",
            "P",
            "a",
            "Definition",
            "Peaks pull it up; with fading it lies over the mean level");
    static final Formula PREDICTED = new Formula(
            "Improvement worked out",
            "The level worked out for after less that for before, as they stood on their days.",
            "D",
            "a − b",
            "The line",
            "The two doubts together, most of it the bounce");
    static final Formula MARGIN = new Formula(
            "Measured margin",
            "Median of the after readings over the floor.",
            "M",
            "a − b",
            "Sum of decibels",
            "As good as the radio's own reading, ±2 dB is usual");

    /** Steps a recording is drawn in. */
    private static final int BINS = 62;

    record Input(ProvePlan plan, double floor) {}

    private ProveStage() {}

    static ProveFigures figures(Input in) {
        ProvePlan plan = in.plan;
        Recording before = plan.recordings().get(plan.before());
        Recording after = plan.recordings().get(plan.after());
        Series b = before.series().after(plan.skip().value());
        Series a = after.series().after(plan.skip().value());
        Comparison c = Comparison.of(
                b,
                a,
                plan.lineUp(),
                in.floor,
                plan.step().value(),
                plan.confidence().value() / 100);
        // A reading at the very end belongs to the last step.
        double end = Math.nextUp(Math.max(1, Math.max(last(before.series()), last(after.series()))));
        int rounds = Verdict.rounds(plan.recordings(), before.setUp(), after.setUp());
        Worked median = quantile(MEDIAN, a, in.floor, 0.5, "middle reading after");
        return new ProveFigures(
                before,
                after,
                c,
                Worked.of(PREDICTED)
                        .computed("a", "worked out for after", after.predicted().value(), "dBm", 2)
                        .computed(
                                "b", "worked out for before", before.predicted().value(), "dBm", 2)
                        .gives(
                                after.predicted().value() - before.predicted().value(),
                                "dB",
                                1,
                                Math.hypot(
                                        after.predicted().doubt(),
                                        before.predicted().doubt())),
                quantile(MEDIAN, b, in.floor, 0.5, "middle reading before"),
                median,
                quantile(TENTH, b, in.floor, 0.1, "tenth of the readings before"),
                quantile(TENTH, a, in.floor, 0.1, "tenth of the readings after"),
                told(MEAN, b.mean(in.floor).orElseThrow(), "mean of the levels before"),
                told(MEAN, a.mean(in.floor).orElseThrow(), "mean of the levels after"),
                told(POWER, b.meanPower(in.floor).orElseThrow(), "level of the mean power before"),
                told(POWER, a.meanPower(in.floor).orElseThrow(), "level of the mean power after"),
                Worked.of(MARGIN)
                        .measured("a", "median after", median.value(), "dBm", 2)
                        .typed("b", "floor", in.floor, "dBm", 2)
                        .gives(median.value() - in.floor, "dB", 1, 2),
                rounds,
                Verdict.of(c.low(), c.difference().value(), c.high(), rounds),
                after.stood().flatMap(s -> before.stood().map(s::changed)).orElse(List.of()),
                Silences.of(a),
                Strip.of(before.series(), end, BINS),
                Strip.of(after.series(), end, BINS));
    }

    private static double last(Series s) {
        return s.readings().isEmpty() ? 1 : s.readings().get(s.size() - 1).seconds();
    }

    private static Worked quantile(Formula formula, Series series, double floor, double share, String what) {
        return told(formula, series.quantile(share, floor).orElseThrow(), what);
    }

    private static Worked told(Formula formula, double value, String what) {
        return Worked.of(formula).measured("a", what, value, "dBm", 2).gives(value, "dBm", 1);
    }
}
