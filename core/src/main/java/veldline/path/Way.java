package veldline.path;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * What is known of the way besides its length.
 *
 * @param profile the ground along it
 * @param overGround whether heights are counted from the ground at each end, and not from the zero of the profile
 * @param k factor of the earth's radius for the bending of rays; 4/3 on most days
 * @param edges the school on several edges
 * @param rise what makes the water or ground rise
 * @param roughness standard deviation of waves or ground that the wave bounces off, metres
 * @param exponent of a place that is no clear way; zero for a clear one
 * @param spread from spot to spot in such a place, dB
 * @param rain rate in 0.01 % of the year, mm/h; zero leaves it out
 * @param share of the year asked about, percent
 * @param gradient of refractivity not exceeded for 1 % of the year, N-units a kilometre
 */
@RecordBuilder
public record Way(
        Optional<Profile> profile,
        boolean overGround,
        Quantity k,
        Edges edges,
        Rise rise,
        Quantity roughness,
        Quantity exponent,
        Quantity spread,
        Quantity rain,
        Quantity share,
        Quantity gradient)
        implements WayBuilder.With {
    /** @throws IllegalArgumentException naming a number out of its range, and the range */
    public Way {
        WayChange.Kind.K.check(k);
        WayChange.Kind.ROUGHNESS.check(roughness);
        WayChange.Kind.EXPONENT.check(exponent);
        WayChange.Kind.SPREAD.check(spread);
        WayChange.Kind.RAIN.check(rain);
        WayChange.Kind.SHARE.check(share);
        WayChange.Kind.GRADIENT.check(gradient);
    }

    /** Even ground in the open, nothing known of the weather. */
    public static Way open() {
        return new Way(
                Optional.empty(),
                false,
                Quantity.of("1.333", Unit.ONE),
                Edges.AS_ONE,
                Rise.TIDE,
                Quantity.of("0", Unit.M),
                Quantity.of("0", Unit.ONE),
                Quantity.of("8", Unit.DB),
                Quantity.of("0", Unit.ONE),
                Quantity.of("0.01", Unit.ONE),
                Quantity.of("-250", Unit.ONE));
    }

    /** Effective radius of the earth, metres. */
    public double earth() {
        return k.value() * Fresnel.EARTH_RADIUS;
    }

    /** Height of an antenna over the zero that the ground is counted from, metres. */
    public double standing(boolean near, double height) {
        return overGround ? height + profile.map(p -> near ? p.near() : p.far()).orElse(0.0) : height;
    }

    /** The place that is no clear way; empty for a clear one. */
    public Optional<LogDistance> place() {
        return exponent.value() > 0 ? Optional.of(new LogDistance(exponent.value(), spread.value())) : Optional.empty();
    }
}
