package veldline.study;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import org.hipparchus.complex.Complex;
import veldline.line.Mismatch;

/**
 * What is wanted, as one number that grows the better it is met: weights times what is reached, in steps one notices, less
 * what limits are broken by, squared. The worst over the band is taken softly, so that the number has slopes everywhere.
 *
 * @param weights how much each measure counts; those left out do not
 * @param limits the least, or for what should be small the most, that will do, in the measure's unit
 */
public record Goals(Map<Measure, Double> weights, Map<Measure, Double> limits) {
    private static final double SOFT = 0.08;
    private static final double PENALTY = 25;
    private static final double LINE = 50;
    /** SWR above this is as bad as any. */
    private static final double OPEN = 10;

    public Goals {
        weights = Map.copyOf(weights);
        limits = Map.copyOf(limits);
    }

    /** Whether side lobes have to be worked out. */
    boolean wantsLobes() {
        return weights.containsKey(Measure.SIDE_LOBES) || limits.containsKey(Measure.SIDE_LOBES);
    }

    /** Whether no limit is broken by more than a twentieth of a step. */
    boolean kept(AcrossBand a) {
        return limits.entrySet().stream()
                .allMatch(l -> l.getKey().better() * (a.worst(l.getKey()) - l.getValue())
                        >= -0.05 * l.getKey().step());
    }

    double score(AcrossBand a) {
        return scored(a).score;
    }

    /**
     * The number and how it changes.
     *
     * @param by for each measure, for each frequency, the change of the number with the measure there
     */
    record Scored(double score, Map<Measure, double[]> by) {
        /** For one frequency. */
        double slope(Measure measure, int frequency) {
            return by.containsKey(measure) ? by.get(measure)[frequency] : 0;
        }
    }

    Scored scored(AcrossBand a) {
        double sum = 0;
        Map<Measure, double[]> by = new EnumMap<>(Measure.class);
        for (Measure m : Measure.values()) {
            double weight = weights.getOrDefault(m, 0.0);
            if (weight == 0 && !limits.containsKey(m)) {
                continue;
            }
            double[] steps = steps(a, m);
            double least = Arrays.stream(steps).min().orElseThrow();
            double[] share =
                    Arrays.stream(steps).map(v -> Math.exp((least - v) / SOFT)).toArray();
            double all = Arrays.stream(share).sum();
            double reached = least - SOFT * Math.log(all / steps.length);
            double lacking = limits.containsKey(m) ? Math.max(0, m.better() * limits.get(m) / m.step() - reached) : 0;
            sum += weight * reached - PENALTY * lacking * lacking;
            double slope = (weight + 2 * PENALTY * lacking) * m.better() / m.step();
            by.put(m, Arrays.stream(share).map(s -> slope * s / all).toArray());
        }
        return new Scored(sum, by);
    }

    /** At each frequency, in steps, the more the better. */
    private static double[] steps(AcrossBand a, Measure m) {
        return a.at().stream()
                .mapToDouble(p -> switch (m) {
                    case GAIN -> p.gainDbi();
                    case FRONT_TO_BACK -> p.frontToBackDb();
                    case SWR -> Math.min(OPEN, p.swr());
                    case SIDE_LOBES -> p.sideLobesDb();
                    case LENGTH -> a.length() * 1000;
                })
                .map(v -> m.better() * v / m.step())
                .toArray();
    }

    /** How the SWR changes when the impedance does, to first order. */
    static double swrSlope(Complex z, Complex slope) {
        Complex gamma = Mismatch.reflection(z, LINE);
        double rho = gamma.norm();
        if (rho < 1e-9 || Mismatch.swrOf(rho) >= OPEN) {
            return 0;
        }
        Complex change = slope.multiply(2 * LINE).divide(z.add(LINE).multiply(z.add(LINE)));
        double rhoChange = gamma.conjugate().multiply(change).getReal() / rho;
        return 2 * rhoChange / ((1 - rho) * (1 - rho));
    }
}
