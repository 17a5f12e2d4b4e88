package veldline.feed;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A connector that somebody holds and does not know: what can be measured and seen of it, and which series it may be. A name on a label is
 * not asked for.
 *
 * @param across its coupling, millimetres: over an outside thread, or inside a nut
 * @param coupling how it holds; empty while that was not looked at
 */
public record InHand(double across, Optional<Coupling> coupling) {
    /** What a rule held against it is good to. */
    private static final double RULE = 0.5;

    /** Wear and paint, of its size. */
    private static final double SHARE = 0.04;

    /** How a connector holds. */
    public enum Coupling {
        THREAD("screws"),
        BAYONET("locks by a turn"),
        PUSH("is pushed");

        private final String words;

        Coupling(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Of a series. */
        public static Coupling of(Connector.Series series) {
            return series.coupling().contains("thread")
                    ? THREAD
                    : series.coupling().contains("bayonet") ? BAYONET : PUSH;
        }
    }

    /** Whether it may be one of a series: its size within what a rule tells apart, and held in the same way. */
    public boolean mayBe(SeriesFacts facts) {
        return Math.abs(facts.across() - across) <= RULE + SHARE * facts.across()
                && coupling.map(c -> c == Coupling.of(facts.series())).orElse(true);
    }

    /** What it may be, the nearest in size first. */
    public List<SeriesFacts> candidates() {
        return SeriesFacts.all().stream()
                .filter(this::mayBe)
                .sorted(Comparator.comparingDouble(f -> Math.abs(f.across() - across)))
                .toList();
    }
}
