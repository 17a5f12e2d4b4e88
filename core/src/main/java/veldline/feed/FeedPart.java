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
 * @param cable attenuation, for cables
 * @param length for cables
 * @param ceiling highest frequency of the cable or body, hertz
 */
@RecordBuilder
public record FeedPart(
        String id,
        String name,
        Kind kind,
        Connector radioSide,
        Connector antennaSide,
        Quantity loss,
        Optional<CableLoss> cable,
        Optional<Quantity> length,
        double ceiling)
        implements FeedPartBuilder.With {

    public static final Formula ADAPTER_LOSS = new Formula(
            "Loss of a part",
            "As typed for this part, joints included.",
            "L",
            "a",
            "Typed by a person",
            "A clean joint takes about 0.1 dB");

    /** What sort of thing a part is. */
    public enum Kind {
        ADAPTER,
        CABLE,
        ARRESTOR
    }

    /** The same part the other way round. */
    public FeedPart turned() {
        return withRadioSide(antennaSide).withAntennaSide(radioSide);
    }

    /** What it takes at a frequency. */
    public Worked workedLoss(double frequency) {
        if (cable.isPresent() && length.isPresent()) {
            return cable.get().worked(length.get().value(), frequency);
        }
        return Worked.of(ADAPTER_LOSS)
                .typed("a", "loss of " + name, loss.value(), "dB", 2)
                .gives(loss.value(), "dB", 2);
    }
}
