package veldline.instrument;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import veldline.measure.Reading;
import veldline.raise.Aim;

/**
 * A link whose near antenna can be turned: the far end lies where the map does not quite say, and a wall throws some of it back from
 * aside. Same seed, same place.
 */
public final class SwungLink implements Turnable {
    /** What maps, compasses and marks are off by, degrees. */
    private static final double MAP = 3;
    /** The wall stands so far aside, and sends back so much, dB down. */
    private static final double ASIDE = 70;

    private static final double BACK = -9;
    private static final double NOISE = 0.8;
    /** What lies this far under the beam is hidden by what comes from all around, dB. */
    private static final double DEEP = 30;

    private final List<Double> cut;
    private final double level;
    private final double floor;
    private final double truth;
    private final double phase;
    private final RandomGenerator random;
    private double bearing;
    private long count;

    /**
     * @param cut gain at each whole degree off the beam, 0 to 180, dBi
     * @param level at the middle of the beam, dBm
     * @param floor under which nothing is heard, dBm
     * @param map bearing of the far end by the map, degrees; it points there at first
     */
    public SwungLink(List<Double> cut, double level, double floor, double map, long seed) {
        this.cut = List.copyOf(cut);
        this.level = level;
        this.floor = floor;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        this.truth = map + MAP * random.nextGaussian();
        this.phase = 2 * Math.PI * random.nextDouble();
        this.bearing = map;
    }

    /** Where the far end really lies, degrees: what a sweep is to find. */
    public double truth() {
        return truth;
    }

    @Override
    public double stands() {
        return bearing;
    }

    @Override
    public void moveBy(double degrees) {
        bearing = Aim.turned(bearing + degrees);
    }

    /** The shorter way round. */
    @Override
    public double left(double target) {
        return Aim.off(target, bearing);
    }

    private double amplitude(double off) {
        return Math.pow(10, Math.max(-DEEP, Aim.relative(cut, off)) / 20);
    }

    /** A tenth of a second after the last. */
    @Override
    public Reading next(double step) {
        double direct = amplitude(Aim.off(bearing, truth));
        double aside = Math.pow(10, BACK / 20) * amplitude(Aim.off(bearing, truth + ASIDE));
        double sum = Math.hypot(direct + aside * Math.cos(phase), aside * Math.sin(phase));
        double read = level + 20 * Math.log10(Math.max(1e-4, sum)) + NOISE * random.nextGaussian();
        return new Reading(
                0.1 * count++,
                read < floor ? Optional.empty() : Optional.of(Math.round(read / step) * step),
                Optional.empty());
    }
}
