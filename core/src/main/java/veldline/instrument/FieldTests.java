package veldline.instrument;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import veldline.job.Job;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.prove.Cause;
import veldline.prove.Shortfall;
import veldline.prove.Symptom;

/**
 * What a technician would read on a link, test by test, made on one that is simulated: every test reads worlds, as they are and with one
 * thing changed, each with fading of its own, in the radio's steps.
 */
public final class FieldTests {
    private static final double EVERY = 120;
    private static final int TIDE = 373;
    /** Readings before and after one thing is changed, a second apart. */
    private static final int FEW = 60;
    /** What an antenna keeps of a field that stands across it, dB down. */
    private static final double ACROSS = 15;

    private static final double ACROSS_VARIES = 3;
    /** Power that is read back, a cable that is swept, a rate that is measured: as they come out, dB. */
    private static final double BY_METER = 0.3;

    private static final double BY_RATE = 0.8;
    /** Metres up and down at which another height is tried. */
    private static final List<Double> HEIGHTS = List.of(-2.0, -1.0, 1.0, 2.0);

    private static final int NEWS = 7919;

    private final Job job;
    private final double gainDbi;
    private final double nearHeight;
    private final double step;
    private final DoubleUnaryOperator expected;
    private final World.Hidden hidden;
    private final Trouble trouble;
    private final long seed;
    private final RandomGenerator random;

    /**
     * @param expected level worked out at so many metres over low water, dBm
     * @param seed of fading and of what meters are off by
     */
    public FieldTests(
            Job job,
            double gainDbi,
            double nearHeight,
            DoubleUnaryOperator expected,
            World.Hidden hidden,
            Trouble trouble,
            long seed) {
        this.job = job;
        this.gainDbi = gainDbi;
        this.nearHeight = nearHeight;
        this.step = job.prove().step().value();
        this.expected = expected;
        this.hidden = hidden;
        this.trouble = trouble;
        this.seed = seed;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed * NEWS + 1);
    }

    private double floor() {
        return job.brief().far().radio().sensitivity().value();
    }

    private World world(double height, Trouble with, long turn) {
        return new World(job, gainDbi, height, hidden, with, seed * NEWS + turn);
    }

    private Series read(World world, int count, double every) {
        List<Reading> readings =
                IntStream.range(0, count).mapToObj(i -> world.next(every, step)).toList();
        return new Series(readings);
    }

    private double median(double height, Trouble with, long turn) {
        return read(world(height, with, turn), FEW, 1).quantile(0.5, floor()).orElseThrow();
    }

    private Shortfall tide() {
        return Shortfall.of(read(world(nearHeight, trouble, 2), TIDE, EVERY), expected, floor())
                .orElseThrow();
    }

    private double meter(double value, double doubt) {
        return value + doubt * random.nextGaussian();
    }

    /** What comes out, dB. */
    public double measured(Symptom symptom) {
        switch (symptom) {
            case LEVEL:
                return tide().level();
            case SHAPE:
                return tide().shape().orElse(0.0);
            case WARM:
                return tide().warm().orElse(0.0);
            case NOISE:
                return meter(
                        world(nearHeight, trouble, 3).noise()
                                - world(nearHeight, Trouble.NONE, 3).noise(),
                        BY_RATE);
            case RATE:
                return meter(rate() - trouble.of(Cause.BACKHAUL), BY_RATE);
            case WIRED:
                return meter(trouble.of(Cause.BACKHAUL), BY_RATE);
            case READ_BACK:
                return meter(trouble.of(Cause.POWER), BY_METER);
            case RUN:
                return meter(hidden.extraLoss() - World.USUAL_EXTRA + trouble.of(Cause.FEEDER), BY_METER);
            case SUBSTITUTE:
                return meter(trouble.of(Cause.GAIN) - hidden.gainError(), 2 * BY_METER);
            case RAISE:
                return raised();
            default:
                return won(symptom);
        }
    }

    /** Carried less because of noise, 10 log of the share of what the level alone would carry (Shannon). */
    private double rate() {
        double over = world(nearHeight, trouble, 4).meanLevel(0);
        double own = world(nearHeight, Trouble.NONE, 4).noise();
        double carried = capacity(over - own - trouble.of(Cause.INTERFERENCE));
        return 10 * Math.log10(carried / capacity(over - own));
    }

    private static double capacity(double snrDb) {
        return Math.log1p(Math.pow(10, snrDb / 10));
    }

    /** After one thing is changed less before; done within minutes, so that both share a fading. */
    private double won(Symptom symptom) {
        Trouble after = trouble;
        double besides = 0;
        if (symptom == Symptom.SWING && trouble.cause() == Cause.AIM
                || symptom == Symptom.TURN && trouble.cause() == Cause.POLARIZATION) {
            after = Trouble.NONE;
        } else if (symptom == Symptom.TURN) {
            besides = ACROSS + ACROSS_VARIES * random.nextGaussian();
        }
        return meter(median(nearHeight, after, 5) - besides - median(nearHeight, trouble, 5), BY_METER);
    }

    /** Best of the heights tried over the one it hangs at. */
    private double raised() {
        double now = median(nearHeight, trouble, 6);
        double best = HEIGHTS.stream()
                .mapToDouble(h -> median(nearHeight + h, trouble, 6))
                .max()
                .orElseThrow();
        return meter(best - now, BY_METER);
    }
}
