package veldline.desktop.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import veldline.antenna.Antenna;
import veldline.job.JobChange;
import veldline.quantity.MeterScale;
import veldline.quantity.Quantity;

/** One thing that can be set on a bench, as data. */
public sealed interface Input {
    /** Stable within its bench; the node keeps its focus by it. */
    String id();

    /**
     * A value in a box.
     *
     * @param other the same in another unit or a note, shown at the right edge
     * @param edit the change a new value makes, or why it will not do
     * @param scale by which percent or S-units are read, where they are
     */
    record Value(
            String id,
            String label,
            Quantity now,
            String other,
            Function<Quantity, Outcome> edit,
            Optional<MeterScale> scale)
            implements Input {
        public Value(String id, String label, Quantity now, String other, Function<Quantity, Outcome> edit) {
            this(id, label, now, other, edit, Optional.empty());
        }
    }

    /** Two values side by side. */
    record Pair(Value left, Value right) implements Input {
        @Override
        public String id() {
            return left.id + "+" + right.id;
        }
    }

    /** What came of a value. */
    sealed interface Outcome {
        record Change(JobChange change) implements Outcome {}

        record Refused(String why) implements Outcome {}

        /** Nothing of the job: something is picked on the bench, or {@code set:NAME=VALUE} kept for it. */
        record Picked(String zone) implements Outcome {}

        /** Nothing of the job: {@code set:NAME=VALUE} is kept for the bench, and the window is asked for something with it. */
        record Asked(String zone, Command command) implements Outcome {}

        /**
         * The antenna at an end is made anew, which takes a moment: it is worked out beside, and one that was edited meanwhile is left.
         *
         * @param what is done, for as long as it is
         * @param made from the antenna there is; what it throws is told
         */
        record Remade(String what, boolean near, UnaryOperator<Antenna> made) implements Outcome {}

        static Outcome of(JobChange change) {
            return new Change(change);
        }
    }

    /** Two to five words in one frame, one of them chosen. */
    record Choice(String id, String label, List<Option> options) implements Input {}

    /** One word of a choice. */
    record Option(String word, boolean chosen, Outcome outcome) {
        public Option(String word, boolean chosen, JobChange change) {
            this(word, chosen, Outcome.of(change));
        }

        /** The edit it makes; empty where it only changes what is looked at. */
        public Optional<JobChange> change() {
            return outcome instanceof Outcome.Change c ? Optional.of(c.change()) : Optional.empty();
        }
    }

    /** A longer list to pick from. */
    record Pick(String id, String label, List<Option> options) implements Input {}

    /** A button. */
    record Action(String id, String label, String key, Command command) implements Input {}

    /** Something a bench asks the window to do. */
    enum Command {
        RECORD,
        FIELD_TEST,
        SWING,
        RATE,
        TURN,
        SCAN,
        SIDES,
        LOGBOOK,
        OPEN_FOUND,
        READ_CSV,
        READ_WALK,
        READ_WIRES,
        READ_GROUND,
        SAVE_GROUND,
        SAVE_DAY,
        READ_PLAN,
        SAVE_PLAN,
        SECTORS,
        FINER,
        NEXT_STEP,
        SWEEP,
        SWEEP_AGAIN,
        EXPLAIN,
        READ_SWEEP,
        READ_OPEN,
        READ_SHORTED,
        READ_DRAWER,
        SAVE_DRAWER,
        IMPROVE,
        TAKE_IMPROVED,
        STOP,
        SAVE_AS,
        OPEN,
        PRINT,
        NEW_JOB,
        SUMS,
        HELP,
        LEARN,
        EXPERIMENT,
        CHANGES,
        GO_BACK,
        CHECK_ADVERT,
        TUNE,
        NET_BAND,
        ZIP_OUT,
        PHOTOGRAPH,
        LEAVE,
        OTHER_PAPER,
        PRINT_NOW,
        SAVE_PDF,
        SAVE_WORKSHOP
    }

    /** A caution to tick. */
    record Tick(String id, String hazard, String advice, boolean blocking, boolean ticked, JobChange change)
            implements Input {}

    /** Words between inputs. */
    record Note(String id, String text) implements Input {}

    /**
     * A line of text that stays.
     *
     * @param now what stands in it
     */
    record Text(String id, String label, String now, Function<String, Outcome> edit) implements Input {}

    /**
     * A line of text to write.
     *
     * @param label what is asked, and how it is written
     * @param edit the change it makes, or why it was not understood
     */
    record Words(String id, String label, Function<String, Outcome> edit) implements Input {
        /** One that says how it is written when it was not understood. */
        public static Words asking(String id, String label, Function<String, Optional<JobChange>> edit) {
            return new Words(
                    id,
                    label,
                    text -> edit.apply(text)
                            .map(Outcome::of)
                            .orElseGet(() -> new Outcome.Refused("“" + text + "” was not understood. " + label + ".")));
        }
    }
}
