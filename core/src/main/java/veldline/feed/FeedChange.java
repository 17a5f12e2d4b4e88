package veldline.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.explain.Change;
import veldline.line.CableLoss;
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

    /** Turns a part round. */
    record Turn(int index) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.withPart(index, run.parts().get(index).turned());
        }

        @Override
        public String label() {
            return "turn a part round";
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

    /** What a part was measured to take at a frequency, hertz; a cable keeps its law and goes through that. */
    record MeasuredLoss(int index, Quantity loss, double frequency) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            FeedPart part = run.parts().get(index);
            if (part.cable().isEmpty()) {
                return run.withPart(index, part.withLoss(loss).withWithin(Optional.empty()));
            }
            double times = loss.value() / part.workedLoss(frequency).value();
            CableLoss law = part.cable().get();
            return run.withPart(index, part.withCable(Optional.of(new CableLoss(law.k1() * times, law.k2() * times))));
        }

        @Override
        public String label() {
            return "measured loss " + loss;
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

    /** Hangs a branch on a part that splits. */
    record Hang(Branch branch) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            if (run.free(branch.part()) < 1) {
                throw new IllegalArgumentException(
                        "“" + run.parts().get(branch.part()).name()
                                + "” has no outlet free; take a branch off it or fit another");
            }
            List<Branch> next = new ArrayList<>(run.branches());
            next.add(branch);
            return run.withBranches(next);
        }

        @Override
        public String label() {
            return "outlet " + branch.name();
        }
    }

    /** Closes every outlet of a part that nothing hangs on. */
    record CloseRest(int part) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            FeedPart split = run.parts().get(part);
            List<Branch> next = new ArrayList<>(run.branches());
            IntStream.range(0, run.free(part))
                    .forEach(i -> next.add(Branch.bare(part, split, "Closed " + (i + 1), Branch.Ending.CLOSED)));
            return run.withBranches(next);
        }

        @Override
        public String label() {
            return "loads on open outlets";
        }
    }

    record Unhang(int branch) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            List<Branch> next = new ArrayList<>(run.branches());
            next.remove(branch);
            return run.withBranches(next);
        }

        @Override
        public String label() {
            return "take a branch off";
        }
    }

    record NameBranch(int branch, String name) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.withBranch(branch, run.branches().get(branch).withName(name));
        }

        @Override
        public String label() {
            return "outlet " + name;
        }
    }

    record EndBranch(int branch, Branch.Ending ending) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            return run.withBranch(branch, run.branches().get(branch).withEnding(ending));
        }

        @Override
        public String label() {
            return "outlet " + ending.words();
        }
    }

    /** Says what socket the radio at the end of a branch has. */
    record BranchSocket(int branch, Connector socket) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            Branch b = run.branches().get(branch);
            return run.withBranch(branch, b.withRun(b.run().withRadio(socket)));
        }

        @Override
        public String label() {
            return "socket " + socket.tradeName();
        }
    }

    /** An edit of a branch's own run. */
    record OfBranch(int branch, FeedChange change) implements FeedChange {
        @Override
        public FeedRun applyTo(FeedRun run) {
            Branch b = run.branches().get(branch);
            return run.withBranch(branch, b.withRun(change.applyTo(b.run())));
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    /** An edit of the run that a path of branches leads to; of the run itself where it is empty. */
    static FeedChange at(List<Integer> path, FeedChange change) {
        FeedChange lifted = change;
        for (int i = path.size() - 1; i >= 0; i--) {
            lifted = new OfBranch(path.get(i), lifted);
        }
        return lifted;
    }
}
