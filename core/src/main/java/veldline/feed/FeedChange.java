package veldline.feed;

import java.util.List;
import java.util.Optional;
import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of a feed run. */
public sealed interface FeedChange extends Change<FeedRun> {
    /** Puts another part in the place of one. */
    record Replace(int index, FeedPart part) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.withPart(index, part);
        }

        @Override
        public String label() {
            return "fit " + part.name();
        }
    }

    /** Puts a part in before the one at an index. */
    record Insert(int index, FeedPart part) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.withInserted(index, part);
        }

        @Override
        public String label() {
            return "add " + part.name();
        }
    }

    /** Puts several in, one behind the other. */
    record InsertAll(int index, List<FeedPart> parts) implements FeedChange {
        public InsertAll {
            parts = List.copyOf(parts);
        }

        @Override
        public FeedRun applyTo(FeedRun run) {
            FeedRun next = run;
            for (int i = 0; i < parts.size(); i++) {
                next = next.withInserted(index + i, parts.get(i));
            }
            return next;
        }

        @Override
        public String label() {
            return "add " + parts.size() + " adapters";
        }
    }

    record Remove(int index) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.without(index);
        }

        @Override
        public String label() {
            return "take a part out";
        }
    }

    record CableLength(int index, Quantity length) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.withPart(index, run.parts().get(index).withLength(Optional.of(length)));
        }

        @Override
        public String label() {
            return "cable " + length;
        }
    }

    record PartLoss(int index, Quantity loss) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.withPart(index, run.parts().get(index).withLoss(loss));
        }

        @Override
        public String label() {
            return "loss " + loss;
        }
    }

    /** Says how far the loss of a part may be off; empty once it was measured. */
    record Within(int index, Optional<Quantity> within) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.withPart(index, run.parts().get(index).withWithin(within));
        }

        @Override
        public String label() {
            return within.map(w -> "loss within " + w).orElse("loss was measured");
        }
    }

    /** Says what one side of a part really is. */
    record Side(int index, boolean radioSide, Connector connector) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            FeedPart part = run.parts().get(index);
            return run.withPart(index, radioSide ? part.withRadioSide(connector) : part.withAntennaSide(connector));
        }

        @Override
        public String label() {
            return "connector " + connector.tradeName();
        }
    }
}
