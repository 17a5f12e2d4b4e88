package veldline.prove;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of what is proved. */
public sealed interface ProveChange extends Change<ProvePlan> {
    record Add(Recording recording) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.adding(recording);
        }

        @Override
        public String label() {
            return "recording " + recording.name();
        }
    }

    record Compare(int before, int after) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withBefore(before).withAfter(after);
        }

        @Override
        public String label() {
            return "compare others";
        }
    }

    record LineUpBy(ProvePlan.LineUp to) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withLineUp(to);
        }

        @Override
        public String label() {
            return "line up by " + to.name().toLowerCase(Locale.ROOT);
        }
    }

    record Skip(Quantity to) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withSkip(to);
        }

        @Override
        public String label() {
            return "skip " + to;
        }
    }

    /** What was measured of a symptom; empty where it counts for nothing any more. */
    record Observe(Symptom symptom, Optional<Quantity> value) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.observing(symptom, value);
        }

        @Override
        public String label() {
            return symptom.words() + value.map(v -> " " + v).orElse(" not measured");
        }
    }

    /** What was read on a range walk. */
    record Walked(List<WalkReading> readings) implements ProveChange {
        public Walked {
            readings = List.copyOf(readings);
        }

        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withWalk(readings);
        }

        @Override
        public String label() {
            return readings.size() + " readings of a range walk";
        }
    }

    /** What the link carried. */
    record Rated(RateTest to) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withRate(to);
        }

        @Override
        public String label() {
            return "carried " + to.air() + ", by wire " + to.wired();
        }
    }

    /** What was read while one thing was turned. */
    record TurnedBy(Turned what, List<TurnReading> readings) implements ProveChange {
        public TurnedBy {
            readings = List.copyOf(readings);
        }

        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.turning(what, readings);
        }

        @Override
        public String label() {
            return what.title().toLowerCase(Locale.ROOT) + ", " + readings.size() + " readings";
        }
    }

    /** Who else was heard. */
    record Surveyed(List<Heard> heard) implements ProveChange {
        public Surveyed {
            heard = List.copyOf(heard);
        }

        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withSurvey(heard);
        }

        @Override
        public String label() {
            return "survey of " + heard.size() + " senders";
        }
    }

    /** Readings beside an antenna whose gain is known. */
    record Beside(SideBySide to) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withSides(to);
        }

        @Override
        public String label() {
            return to.readings().size() + " readings beside a known antenna";
        }
    }

    /** Which column of a table stands for what. */
    record Columns(String to) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withColumns(to);
        }

        @Override
        public String label() {
            return to.isEmpty() ? "columns by their headings" : "columns " + to;
        }
    }

    record Sure(Quantity to) implements ProveChange {
        @Override
        public ProvePlan applyTo(ProvePlan p) {
            return p.withConfidence(to);
        }

        @Override
        public String label() {
            return "sure in " + to + " of 100";
        }
    }
}
