package veldline.instrument;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import veldline.raise.Aim;

/**
 * Who sends about a place, and how strongly an antenna there hears each: all alike with one that hears all around, by its cut with one that has
 * a beam. Same seed, same senders.
 */
public final class AirScene {
    private static final int OTHERS = 9;
    private static final double SPREAD = 9;
    private static final double UNDER = 3;
    private static final double NOISE = 0.8;
    /** What an antenna without a beam gains, dBi. */
    private static final double AROUND = 2.15;
    /** A sender over this above the noise is read without errors in its picture, dB. */
    private static final double CLEAN = 20;

    private final List<Sender> senders = new ArrayList<>();
    private final double aim;
    private final Optional<List<Double>> cut;
    private final double floor;
    private final RandomGenerator random;

    /**
     * One that sends.
     *
     * @param channel its number
     * @param bearing to it, degrees
     * @param level it would have with an isotropic antenna, dBm
     * @param wanted whether the link is to it
     */
    record Sender(int channel, double bearing, double level, boolean wanted) {}

    /**
     * What a scanner reads of one.
     *
     * @param level empty where it is not heard
     * @param quality modulation error ratio, dB; as good as the level over the noise allows
     */
    public record Found(int channel, double bearing, boolean wanted, Optional<Double> level, double quality) {}

    /**
     * @param aim bearing of the wanted one, where the beam points
     * @param level of the wanted one with an isotropic antenna, dBm
     * @param cut gain at each whole degree off the beam; empty for an antenna that hears all around
     * @param floor under which nothing is heard, dBm
     * @param seed of the place; {@code turn} of what is thrown about while it is looked at
     */
    public AirScene(double aim, double level, Optional<List<Double>> cut, double floor, long seed, long turn) {
        this.aim = aim;
        this.cut = cut;
        this.floor = floor;
        RandomGenerator place = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        senders.add(new Sender(1, aim, level, true));
        for (int i = 0; i < OTHERS; i++) {
            senders.add(new Sender(
                    2 + i, Math.rint(360 * place.nextDouble()), level - UNDER + SPREAD * place.nextGaussian(), false));
        }
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed * 31 + turn);
    }

    int size() {
        return senders.size();
    }

    Found at(int index) {
        Sender s = senders.get(index);
        double gain = cut.map(c -> c.get(0) + Math.max(-30, Aim.relative(c, Aim.off(s.bearing, aim))))
                .orElse(AROUND);
        double level = s.level + gain + NOISE * random.nextGaussian();
        return new Found(
                s.channel,
                s.bearing,
                s.wanted,
                level < floor ? Optional.empty() : Optional.of(level),
                Math.min(CLEAN + 15, Math.max(0, level - floor + CLEAN / 2)));
    }
}
