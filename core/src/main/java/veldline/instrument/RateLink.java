package veldline.instrument;

import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import veldline.prove.Cause;

/**
 * What a link really carries: as its level over the noise allows (Shannon, with what real radios reach of it), no more than the line
 * behind it. Same seed, same link.
 */
public final class RateLink {
    /** Radios reach about this much of what could be carried, and traffic about this of that. */
    private static final double REACHED = 0.35;

    private static final double SPREAD = 0.05;
    private static final double WIRE_DELAY = 0.004;
    private static final double AIR_DELAY = 0.003;
    private static final double PACKET = 12_000;

    private final double bandwidth;
    private final double snrDb;
    private final double wire;
    private final double seed;

    /** Bits a second, seconds there and back, packets lost of a hundred. */
    record Measured(double rate, double delay, double lost) {}

    /**
     * @param bandwidth hertz
     * @param snrDb level over the noise of the radio alone, dB
     * @param wire what the line behind it gives where nothing is wrong, bits a second
     */
    public RateLink(double bandwidth, double snrDb, double wire, Trouble trouble, long seed) {
        this.bandwidth = bandwidth;
        this.snrDb = snrDb - trouble.of(Cause.INTERFERENCE) - level(trouble);
        this.wire = wire * Math.pow(10, -trouble.of(Cause.BACKHAUL) / 10);
        this.seed = seed;
    }

    private static double level(Trouble t) {
        return t.of(Cause.AIM) + t.of(Cause.POLARIZATION) + t.of(Cause.FEEDER) + t.of(Cause.POWER) + t.of(Cause.GAIN);
    }

    private double spread(int which) {
        RandomGenerator r = RandomGeneratorFactory.of("L64X128MixRandom").create((long) seed * 31 + which);
        return 1 + SPREAD * r.nextGaussian();
    }

    Measured overTheAir() {
        double carried = REACHED * bandwidth * Math.log1p(Math.pow(10, snrDb / 10)) / Math.log(2) * spread(0);
        double rate = Math.min(carried, wire * 0.97);
        double busy = Math.max(0, 1 - carried / (2 * wire));
        return new Measured(
                rate,
                AIR_DELAY + WIRE_DELAY + 4 * PACKET / Math.max(1, rate),
                100 * Math.exp(-snrDb / 3) * (0.2 + busy));
    }

    Measured byWire() {
        return new Measured(wire * spread(1), WIRE_DELAY, 0);
    }
}
