package veldline.feed;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.line.CableLoss;
import veldline.quantity.Quantity;

/**
 * An adapter, cable or arrestor with a connector at each end.
 *
 * @param id its drawer number
 * @param name what it is called on the drawer
 * @param kind what sort of thing
 * @param radioSide connector towards the radio
 * @param antennaSide connector towards the antenna
 * @param loss what its joints and body take, typed
 * @param within how far that may be off, where nobody has measured it
 * @param cable attenuation, for cables
 * @param length for cables
 * @param ceiling highest frequency of the cable or body, hertz
 * @param direct what it does to direct current for something further on
 * @param amplifier what it does, for one that adds
 * @param supplies direct volts it puts on the line towards the antenna; zero for none
 * @param outlets what else hangs on it, for one that splits
 * @param backwards whether one that has a direction, as an amplifier and an injector have, stands the other way round
 */
@RecordBuilder
public record FeedPart(
        String id,
        String name,
        Kind kind,
        Connector radioSide,
        Connector antennaSide,
        Quantity loss,
        Optional<Quantity> within,
        Optional<CableLoss> cable,
        Optional<Quantity> length,
        double ceiling,
        Direct direct,
        Optional<Amplifier> amplifier,
        double supplies,
        Optional<Outlets> outlets,
        boolean backwards)
        implements FeedPartBuilder.With {

    public static final Formula ADAPTER_LOSS = new Formula(
            "Loss of a part",
            "As typed for this part, joints included.",
            "L",
            "a",
            "Typed by a person",
            "A clean joint takes about 0.1 dB");

    static final Formula NOT_KNOWN = new Formula(
            "Loss of a run that is not known",
            "Taken from what such runs have, until it is measured from end to end.",
            "L",
            "a",
            "Typed by a person",
            "As far off as is typed beside it");

    static final Formula ADDED = new Formula(
            "Loss of an amplifier",
            "Less than nothing: it adds.",
            "L",
            "−a",
            "Typed by a person",
            "As its data sheet says, ±1 dB over its band");
    public static final Formula AMPLIFIER_GAIN = new Formula(
            "Gain of an amplifier",
            "As typed for this part.",
            "G",
            "a",
            "Typed by a person",
            "As its data sheet says, ±1 dB over its band");

    /** What sort of thing a part is, with the word for it on the line. */
    public enum Kind {
        ADAPTER("Adapter"),
        CABLE("Cable"),
        ARRESTOR("Arrestor"),
        AMPLIFIER("Amplifier"),
        SPLITTER("Splitter"),
        INJECTOR("Injector"),
        /** What was there before: in a wall, in a mast, behind outlets. */
        WALL("Old run");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What an amplifier does.
     *
     * @param noise its noise figure
     * @param mostOut the level behind it above which it makes what was not there
     * @param volts it runs on, fed through the cable
     * @param draws amperes it takes
     */
    public record Amplifier(Quantity gain, Quantity noise, Quantity mostOut, double volts, double draws) {}

    /** What a part does to direct current. */
    public enum Direct {
        PASSES,
        BLOCKS,
        /** From the inner to the screen, as a quarter-wave arrestor does. */
        SHORTS
    }

    public boolean passesDc() {
        return direct == Direct.PASSES;
    }

    /** Whether it matters which way round it stands. */
    public boolean directed() {
        return amplifier.isPresent() || supplies > 0;
    }

    /**
     * Outlets beside the way through.
     *
     * @param count how many
     * @param loss from the antenna side to each
     * @param isolation from one to another, all others closed
     */
    public record Outlets(int count, Quantity loss, Quantity isolation) {}

    /** The same part the other way round. */
    public FeedPart turned() {
        return withRadioSide(antennaSide).withAntennaSide(radioSide).withBackwards(directed() && !backwards);
    }

    /** What an amplifier adds; empty for everything else. */
    public Optional<Worked> workedGain() {
        return amplifier.map(a -> Worked.of(AMPLIFIER_GAIN)
                .typed("a", "gain of " + name, a.gain().value(), "dB", 2)
                .gives(a.gain().value(), "dB", 1, 1));
    }

    /** What it takes at a frequency; less than nothing for an amplifier. */
    public Worked workedLoss(double frequency) {
        if (amplifier.isPresent()) {
            double gain = amplifier.get().gain().value();
            return Worked.of(ADDED).typed("a", "gain of " + name, gain, "dB", 2).gives(-gain, "dB", 2);
        }
        if (cable.isPresent() && length.isPresent()) {
            return cable.get().worked(length.get().value(), frequency);
        }
        Worked.Builder typed = Worked.of(within.isPresent() ? NOT_KNOWN : ADAPTER_LOSS)
                .typed("a", "loss of " + name, loss.value(), "dB", 2);
        return within.map(w -> typed.gives(loss.value(), "dB", 2, w.value()))
                .orElseGet(() -> typed.gives(loss.value(), "dB", 2));
    }
}
