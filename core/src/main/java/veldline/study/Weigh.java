package veldline.study;

import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** What counts most among candidates that do the job; those that do not stand below in any case. */
public enum Weigh {
    MARGIN("margin", c -> -c.margin().value()),
    /** The least that suffices: longer is not better once the margin is there. */
    SIZE(
            "small",
            c -> Math.max(
                    c.shaped().length(), c.bought().map(b -> b.length().value()).orElse(0.0))),
    /** The worst place of the job's plan; where it has none, margin decides. */
    GROUND("ground", c -> c.merits().ground().map(w -> -w.value()).orElse(0.0)),
    EFFORT("effort", c -> c.merits().hours() + c.merits().money() / NextStep.HOUR);

    private final String words;
    private final ToDoubleFunction<Candidate> cost;

    Weigh(String words, ToDoubleFunction<Candidate> cost) {
        this.words = words;
        this.cost = cost;
    }

    public String words() {
        return words;
    }

    /** Best first. */
    public List<Candidate> ranked(List<Candidate> all) {
        return all.stream()
                .sorted(Comparator.comparing(Candidate::level)
                        .thenComparingDouble(cost)
                        .thenComparing(Comparator.comparingDouble(
                                        (Candidate c) -> c.margin().value())
                                .reversed()))
                .toList();
    }
}
