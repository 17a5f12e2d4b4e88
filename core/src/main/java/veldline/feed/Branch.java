package veldline.feed;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What hangs on another outlet of a part that splits: a chain of its own, from a second radio to that outlet, which may branch again.
 *
 * @param part index, in the run it hangs on, of the part that splits
 * @param name of the place it leads to
 * @param run from the radio there to the outlet of the part that splits
 * @param ending what is at its end
 */
@RecordBuilder
public record Branch(int part, String name, FeedRun run, Ending ending) implements BranchBuilder.With {
    /** What is at the end of a branch. */
    public enum Ending {
        RADIO("a radio", "a radio"),
        CLOSED("a load", "closed by a load"),
        OPEN("open", "left open");

        private final String brief;
        private final String words;

        Ending(String brief, String words) {
            this.brief = brief;
            this.words = words;
        }

        /** One word, beside the others. */
        public String brief() {
            return brief;
        }

        public String words() {
            return words;
        }
    }

    /** Straight on an outlet, a load or nothing on it. */
    public static Branch bare(int part, FeedPart split, String name, Ending ending) {
        return new Branch(part, name, new FeedRun(split.radioSide().mate(), List.of(), split.radioSide()), ending);
    }

    /** With cable and whatever else to a radio's socket; parts from the radio towards the part that splits. */
    public static Branch to(int part, FeedPart split, String name, Connector radio, List<FeedPart> parts) {
        return new Branch(part, name, new FeedRun(radio, parts, split.radioSide()), Ending.RADIO);
    }

    /** On an outlet of another part in the same place. */
    Branch onto(FeedPart split) {
        return withRun(run.withAntenna(split.radioSide()));
    }

    /** The same, the part it hangs on having moved. */
    Branch at(int part) {
        return withPart(part);
    }
}
