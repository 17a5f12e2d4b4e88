package veldline.instrument;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.measure.Reading;
import veldline.path.FreeSpace;
import veldline.path.TwoRay;
import veldline.prove.Cause;

/**
 * What is really out there, which nobody at the bench can see: the job with deviations of its own, a swinging tide,
 * fading that hangs together, a receiver that reads in steps and now and then hears nothing. Same seed, same world.
 */
public final class World {
    /** Seconds from high water to high water. */
    public static final double TIDE_PERIOD = 44_714;

    /** What takes from the level wherever it is read. */
    private static final List<Cause> LEVEL =
            List.of(Cause.AIM, Cause.POLARIZATION, Cause.FEEDER, Cause.POWER, Cause.GAIN);

    private static final double DAY = 86_400;
    /** A recording begins so many seconds after the coolest hour, when the radio is a quarter of the way to its warmest. */
    private static final double AFTER_DAWN = DAY / 6;

    private static final double COOL = 0.25;
    private static final double COLDEST = 12;
    private static final double SPAN = 18;
    /** What a run usually takes over its class, dB. */
    static final double USUAL_EXTRA = 0.25;
    /** Noise lies so far under the least level a radio works at, dB: what its waveform asks for. */
    public static final double ASKED = 8;

    private final Job job;
    private final double gainDbi;
    private final double farGainDbi;
    private final double nearHeight;
    private final Hidden hidden;
    private final Trouble trouble;
    private final RandomGenerator random;
    private double fade;
    private long count;

    /**
     * What differs from the job.
     *
     * @param gainError of the near antenna, dB
     * @param extraLoss of the run, dB
     * @param heightError of the near antenna, metres
     * @param fadeDb standard deviation of fading
     * @param fadeSeconds how long fading hangs together
     * @param dropout chance that a reading is lost
     */
    public record Hidden(
            double gainError, double extraLoss, double heightError, double fadeDb, double fadeSeconds, double dropout) {
        /** Deviations as they are met on a good day, drawn from a seed. */
        public static Hidden drawn(long seed) {
            RandomGenerator r = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
            return new Hidden(
                    -0.2 + 0.3 * r.nextGaussian(),
                    USUAL_EXTRA - 0.05 + 0.1 * r.nextDouble(),
                    0.05 * r.nextGaussian(),
                    1.3 + 0.4 * r.nextDouble(),
                    400 + 400 * r.nextDouble(),
                    0.01);
        }
    }

    /**
     * @param gainDbi what the near antenna should gain
     * @param nearHeight its height over low water, metres
     * @param seed of fading and dropouts
     */
    public World(Job job, double gainDbi, double nearHeight, Hidden hidden, long seed) {
        this(job, gainDbi, nearHeight, hidden, Trouble.NONE, seed);
    }

    /** The same with something wrong. */
    public World(Job job, double gainDbi, double nearHeight, Hidden hidden, Trouble trouble, long seed) {
        this.job = job;
        this.trouble = trouble;
        this.gainDbi = gainDbi;
        // Summed over an opening it takes a millisecond, and there are readings by the thousand.
        this.farGainDbi = job.farAntenna()
                .toldGain(job.brief().frequency().value())
                .map(Worked::value)
                .orElse(0.0);
        this.nearHeight = nearHeight;
        this.hidden = hidden;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        this.fade = hidden.fadeDb * random.nextGaussian();
    }

    /** Metres over low water, so many seconds after low water. */
    public double tide(double seconds) {
        double range = job.brief().tide().value();
        return 0.5 * range * (1 - Math.cos(2 * Math.PI * seconds / TIDE_PERIOD));
    }

    /** The level without fading, dBm: the truth a recording is to find. */
    public double meanLevel(double tide) {
        double frequency = job.brief().frequency().value();
        double distance = job.brief().distance().value();
        TwoRay ray = new TwoRay(
                frequency, distance, job.brief().surface(), job.polarized().upright());
        double near = job.nearRun().lossDb(frequency) + hidden.extraLoss;
        return job.brief().near().radio().power().value()
                - near
                + gainDbi
                + hidden.gainError
                - LEVEL.stream().mapToDouble(trouble::of).sum()
                - FreeSpace.lossDb(distance, frequency)
                + ray.bounceDb(
                        nearHeight + hidden.heightError + trouble.of(Cause.HEIGHT) - tide,
                        job.brief().far().height().value() - tide)
                + farGainDbi
                - 1.0 // claims run high
                - job.farRun().lossDb(frequency)
                - job.brief().obstacleLossDb();
    }

    /** What the far radio hears where nobody of ours sends, dBm. */
    public double noise() {
        return job.brief().far().radio().sensitivity().value() - ASKED + trouble.of(Cause.INTERFERENCE);
    }

    /** The next reading, so many seconds after the last. */
    public Reading next(double interval, double step) {
        double seconds = count++ * interval;
        double keep = Math.exp(-interval / hidden.fadeSeconds);
        fade = keep * fade + Math.sqrt(1 - keep * keep) * hidden.fadeDb * random.nextGaussian();
        double tide = tide(seconds);
        double warm = 0.5 * (1 - Math.cos(2 * Math.PI * (seconds + AFTER_DAWN) / DAY));
        double level = meanLevel(tide) + fade - trouble.of(Cause.HEAT) * Math.max(0, warm - COOL) / (1 - COOL);
        boolean deaf = random.nextDouble() < hidden.dropout
                || level < job.brief().far().radio().sensitivity().value() + trouble.of(Cause.INTERFERENCE);
        double read = Math.round(level / step) * step;
        return new Reading(
                seconds,
                deaf ? Optional.empty() : Optional.of(read),
                Optional.of(Math.round(tide * 100) / 100.0),
                Optional.of(Math.round(10 * (COLDEST + SPAN * warm)) / 10.0));
    }
}
