package veldline.prove;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Which causes go with what was measured: Bayes' rule over every cause at every size, and the test that would tell most a minute.
 *
 * @param ranked all causes, the likeliest first
 * @param next the test to make next; empty where one cause stands out, or nothing is left to test
 */
public record Diagnosis(List<Ranked> ranked, Optional<Symptom> next) {
    public static final Formula SHARE = new Formula(
            "Share of a cause",
            "Weight of the cause before anything was measured times how well it explains what was, over the same of all causes.",
            "P",
            "100·w ÷ s",
            "Bayes' rule; weights and doubts are defaults in the order in which causes are looked at",
            "As good as the weights; a cause that is not among them cannot be found");

    /** A cause with this share or more is the one, in 100. */
    public static final double TELLS = 70;

    /** A measurement goes wrong altogether this often: no single one may rule a cause out. */
    private static final double BLUNDER = 0.02;
    /** Over which such a measurement is spread, dB. */
    private static final double ANYWHERE = 30;
    /** Less than this is not worth going out for, bits. */
    private static final double LEAST_BITS = 0.02;
    /** Where an outcome is looked at, of its standard deviation, and how much it counts: Gauss and Hermite's three points. */
    private static final double[] POINTS = {-Math.sqrt(3), 0, Math.sqrt(3)};

    private static final double[] WEIGHTS = {1.0 / 6, 2.0 / 3, 1.0 / 6};

    /**
     * One cause.
     *
     * @param share in 100
     * @param size what it takes if it is the one, dB
     */
    public record Ranked(Cause cause, Worked share, double size) {}

    private record Hypothesis(Cause cause, double size, double weight) {
        double likelihood(Symptom symptom, double value) {
            double z = (value - cause.shown(symptom, size)) / symptom.doubt();
            double normal = Math.exp(-0.5 * z * z) / (symptom.doubt() * Math.sqrt(2 * Math.PI));
            return (1 - BLUNDER) * normal + BLUNDER / ANYWHERE;
        }

        Hypothesis times(double factor) {
            return new Hypothesis(cause, size, weight * factor);
        }
    }

    public Diagnosis {
        ranked = List.copyOf(ranked);
    }

    /**
     * @param observed each symptom at most once
     * @param possible what could still be measured here
     */
    public static Diagnosis of(List<Observed> observed, List<Symptom> possible) {
        List<Hypothesis> all = hypotheses();
        for (Observed o : observed) {
            all = after(all, o.symptom(), o.value().value());
        }
        double sum = sum(all);
        List<Ranked> ranked = new ArrayList<>();
        for (Cause cause : Cause.values()) {
            List<Hypothesis> of = all.stream().filter(h -> h.cause == cause).toList();
            double weight = sum(of);
            ranked.add(new Ranked(
                    cause,
                    Worked.of(SHARE)
                            .computed("w", "of this cause, after what was measured", 100 * weight / sum, "", 6)
                            .computed("s", "of all causes", 100, "", 0)
                            .gives(100 * weight / sum, "in 100", 0),
                    of.stream().mapToDouble(h -> h.size * h.weight).sum() / weight));
        }
        ranked.sort(Comparator.comparingDouble((Ranked r) -> r.share.value()).reversed());
        boolean tells = ranked.get(0).share.value() >= TELLS;
        List<Hypothesis> now = all;
        return new Diagnosis(ranked, tells ? Optional.empty() : next(now, observed, possible));
    }

    /** Whether one cause stands out. */
    public boolean tells() {
        return ranked.get(0).share.value() >= TELLS;
    }

    private static List<Hypothesis> hypotheses() {
        return Stream.of(Cause.values())
                .flatMap(c -> c.sizes().stream()
                        .map(s -> new Hypothesis(c, s, c.weight() / c.sizes().size())))
                .toList();
    }

    private static List<Hypothesis> after(List<Hypothesis> all, Symptom symptom, double value) {
        return all.stream().map(h -> h.times(h.likelihood(symptom, value))).toList();
    }

    private static double sum(List<Hypothesis> all) {
        return all.stream().mapToDouble(Hypothesis::weight).sum();
    }

    private static Optional<Symptom> next(List<Hypothesis> now, List<Observed> observed, List<Symptom> possible) {
        double before = doubt(now);
        Map<Symptom, Double> worth = new EnumMap<>(Symptom.class);
        possible.stream()
                .filter(s -> observed.stream().noneMatch(o -> o.symptom() == s))
                .forEach(s -> {
                    double bits = before - doubtAfter(now, s);
                    if (bits > LEAST_BITS) {
                        worth.put(s, bits / s.minutes());
                    }
                });
        return worth.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    /** What would be left of the doubt, on average over what may come out. */
    private static double doubtAfter(List<Hypothesis> now, Symptom symptom) {
        double sum = sum(now);
        double left = 0;
        for (Hypothesis h : now) {
            for (int i = 0; i < POINTS.length; i++) {
                double value = h.cause.shown(symptom, h.size) + POINTS[i] * symptom.doubt();
                left += h.weight / sum * WEIGHTS[i] * doubt(after(now, symptom, value));
            }
        }
        return left;
    }

    /** Entropy over causes, bits: what size a cause has does not matter here. */
    private static double doubt(List<Hypothesis> all) {
        Map<Cause, Double> by = new EnumMap<>(Cause.class);
        all.forEach(h -> by.merge(h.cause, h.weight, Double::sum));
        double sum = by.values().stream().mapToDouble(Double::doubleValue).sum();
        return by.values().stream()
                .mapToDouble(w -> w / sum)
                .filter(p -> p > 0)
                .map(p -> -p * Math.log(p) / Math.log(2))
                .sum();
    }
}
