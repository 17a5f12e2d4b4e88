package veldline.prove;

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
            return "line up by " + to.name().toLowerCase(java.util.Locale.ROOT);
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
