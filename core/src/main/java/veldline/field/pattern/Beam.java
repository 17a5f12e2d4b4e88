package veldline.field.pattern;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;

/**
 * The pattern in a plane that holds the boresight. Angles count from the boresight in degrees, growing towards {@code
 * across}.
 */
public final class Beam {
    private static final double STEP = 0.5;

    private final RadiatedField field;
    private final Vec ahead;
    private final Vec across;

    /** @param across a unit vector square to the boresight */
    public Beam(RadiatedField field, Direction boresight, Vec across) {
        this.field = field;
        this.ahead = boresight.vector();
        this.across = across;
    }

    /** The plane along the major axis of polarization at boresight: the E plane of a linear antenna. */
    public static Beam ePlane(RadiatedField field, Direction boresight) {
        return new Beam(field, boresight, Polarization.of(field, boresight).majorAxis());
    }

    /** The plane across the major axis of polarization at boresight: the H plane of a linear antenna. */
    public static Beam hPlane(RadiatedField field, Direction boresight) {
        return new Beam(
                field, boresight, Polarization.of(field, boresight).majorAxis().cross(boresight.vector()));
    }

    public Direction direction(double degrees) {
        double a = Math.toRadians(degrees);
        return Direction.of(ahead.times(Math.cos(a)).plus(across.times(Math.sin(a))));
    }

    /** Gain in dBi so many degrees off the boresight. */
    public double gainDbi(double degrees) {
        return field.gainDbi(direction(degrees));
    }

    /** Full width to a level so many dB under boresight; empty where a side never falls that far. */
    public Optional<Double> width(double downDb) {
        return edge(downDb, 1).flatMap(plus -> edge(downDb, -1).map(minus -> plus + minus));
    }

    /**
     * Full width to half of the intensity at boresight (exactly half, 3.0103 dB); empty where a side never falls that
     * far or meets the ground first.
     */
    public Optional<Double> halfPowerWidth() {
        return width(10 * Math.log10(2));
    }

    /** Angle from boresight to where the level is first so many dB down, on the side of the sign given. */
    public Optional<Double> edge(double downDb, int side) {
        double target = field.intensity(direction(0)) * Math.pow(10, -downDb / 10);
        DoubleUnaryOperator over = deg -> field.intensity(direction(side * deg)) - target;
        for (double from = 0; from < 180; from += STEP) {
            if (field.overGround() && direction(side * (from + STEP)).theta() > 90 + 1e-9) {
                return Optional.empty();
            }
            if (over.applyAsDouble(from + STEP) < 0) {
                double low = from;
                double high = from + STEP;
                while (high - low > 1e-6) {
                    double mid = 0.5 * (low + high);
                    if (over.applyAsDouble(mid) < 0) {
                        high = mid;
                    } else {
                        low = mid;
                    }
                }
                return Optional.of(low);
            }
        }
        return Optional.empty();
    }
}
