package veldline.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import veldline.path.Incidence;
import veldline.path.Obstruction;
import veldline.path.Passage;
import veldline.path.Surface;
import veldline.path.TideCurve;
import veldline.path.Way;
import veldline.quantity.Quantity;

/**
 * What the link is for and what it must keep to.
 *
 * @param frequency centre of the channel in use
 * @param near the end that sends
 * @param far the end that hears
 * @param distance along the ground
 * @param surface what lies between
 * @param tide from low to high water; zero where there is none
 * @param marginWanted over the receiver's floor
 * @param sizeAllowed greatest length of the near antenna
 * @param profile id of the rule on radiated power
 * @param licence the power a licence allows, used by the licence profile
 * @param obstacles what stands in the way, each with what it takes
 * @param air what else is on the air where the link is heard
 * @param way what else is known of the way: its ground, its air, its weather
 * @param where it is used, for the rules on radiated power
 * @param hops other links of ours at its ends
 * @param field the field at the far end, for a sender of which no more is known; the line then begins with it
 */
@RecordBuilder
public record Brief(
        Quantity frequency,
        End near,
        End far,
        Quantity distance,
        Surface surface,
        Quantity tide,
        Quantity marginWanted,
        Quantity sizeAllowed,
        String profile,
        Quantity licence,
        List<Obstruction> obstacles,
        Optional<Quantity> field,
        Way way,
        Air air,
        Jurisdiction where,
        List<Hop> hops)
        implements BriefBuilder.With {
    public Brief {
        obstacles = List.copyOf(obstacles);
        hops = List.copyOf(hops);
    }

    /** The ends that are the job's own: both, or the far one alone where the line begins at a field. */
    public List<End> ends() {
        return field.isPresent() ? List.of(far) : List.of(near, far);
    }

    /** What everything in the way takes, dB. */
    public double obstacleLossDb() {
        return obstacles.stream()
                .mapToDouble(o -> o.loss(frequency.value()).value())
                .sum();
    }

    /**
     * The wave on its way.
     *
     * @param upright whether the field stands upright
     * @param incidence how the antennas stand to what it bounces off
     */
    public Passage passage(boolean upright, Incidence incidence) {
        return new Passage(
                frequency.value(),
                distance.value(),
                way.standing(true, near.height().value()),
                way.standing(false, far.height().value()),
                tide.value(),
                surface,
                upright,
                incidence,
                way,
                obstacles);
    }

    /** The direct ray and the bounce over the range of the tide. */
    public TideCurve tideCurve(boolean upright) {
        return passage(upright, Incidence.of(upright)).tide();
    }
}
