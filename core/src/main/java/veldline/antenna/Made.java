package veldline.antenna;

import java.util.Optional;
import veldline.explain.Worked;
import veldline.field.wire.WireModel;

/** An antenna that is made here, and so solved: its beam is looked for along the x axis. */
public sealed interface Made extends Antenna permits YagiShape, OwnWires, Design {
    /** What is solved. */
    WireModel model();

    /** Whether its field is to stand upright. */
    boolean upright();

    /** Whether both sides of its feed are alike, so that a cable wants a choke there. */
    default boolean balanced() {
        return true;
    }

    @Override
    default boolean shapedHere() {
        return true;
    }

    @Override
    default Optional<Polarized> polarized() {
        return Optional.of(upright() ? Polarized.UPRIGHT : Polarized.FLAT);
    }

    @Override
    default Optional<Worked> claimedGain() {
        return Optional.empty();
    }
}
