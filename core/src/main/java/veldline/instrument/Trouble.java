package veldline.instrument;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import veldline.prove.Cause;

/**
 * Something that is wrong out there and that nobody at the bench can see.
 *
 * @param size what it takes, dB; for a height, metres it is higher than was typed
 */
public record Trouble(Cause cause, double size) {
    public static final Trouble NONE = new Trouble(Cause.NOTHING, 0);

    /** One of those that are met, and how much of it, from a seed: for who wants to find it. */
    public static Trouble drawn(long seed) {
        RandomGenerator r = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Trouble> met = List.of(
                new Trouble(Cause.POLARIZATION, 15 + 6 * r.nextDouble()),
                new Trouble(Cause.FEEDER, 3 + 2 * r.nextDouble()),
                new Trouble(Cause.AIM, 3 + 3 * r.nextDouble()),
                new Trouble(Cause.INTERFERENCE, 6 + 6 * r.nextDouble()),
                new Trouble(Cause.HEAT, 4 + 2 * r.nextDouble()),
                new Trouble(Cause.POWER, 6 + 4 * r.nextDouble()),
                new Trouble(Cause.BACKHAUL, 6 + 4 * r.nextDouble()));
        return met.get(r.nextInt(met.size()));
    }

    /** The size where this is the cause, else zero. */
    double of(Cause wanted) {
        return cause == wanted ? size : 0;
    }
}
