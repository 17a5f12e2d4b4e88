package veldline.instrument;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import veldline.measure.Reading;

/** A link whose level follows a setting, with a little thrown about. Same seed, same readings. */
public final class TurnedLink implements Turnable {
    private static final double NOISE = 0.5;

    private final DoubleUnaryOperator level;
    private final double floor;
    private final RandomGenerator random;
    private double stands;
    private long count;

    /**
     * @param level that is heard at a setting, dBm
     * @param stands the setting it begins at
     * @param floor under which nothing is heard, dBm
     */
    public TurnedLink(DoubleUnaryOperator level, double stands, double floor, long seed) {
        this.level = level;
        this.stands = stands;
        this.floor = floor;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    @Override
    public double stands() {
        return stands;
    }

    @Override
    public void moveBy(double much) {
        stands += much;
    }

    @Override
    public double left(double target) {
        return target - stands;
    }

    @Override
    public Reading next(double step) {
        double read = level.applyAsDouble(stands) + NOISE * random.nextGaussian();
        return new Reading(
                0.1 * count++,
                read < floor ? Optional.empty() : Optional.of(Math.round(read / step) * step),
                Optional.empty());
    }
}
