package veldline.prove;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.measure.Censored;
import veldline.measure.Profile;

/**
 * How far a link reaches, from a walk: a straight law of level over the logarithm of distance, laid through readings of which neighbours
 * hang together and those without a link lie under the floor.
 *
 * @param range where the law falls to what is wanted, metres
 * @param low the nearest at which it may, metres
 * @param high the farthest, metres; empty where the walk cannot say
 * @param exponent of the law, and what it is good to
 * @param law level over distance
 * @param walked farthest reading, metres
 */
public record RangeWalk(Worked range, double low, Optional<Double> high, Worked exponent, Law law, double walked) {
    public static final Formula RANGE = new Formula(
            "Reach",
            "Distance at which the law falls to the level wanted: at s metres it is p, and it falls by 10·n a decade.",
            "R",
            "s·10^((p − w) ÷ (10·n))",
            "Log-distance law; generalised least squares with neighbours that hang together (Gudmundson, Electron. Lett. 27"
                    + " (1991)), lost readings drawn under the floor",
            "The band beside it, for places like those walked; no farther than half as far again as was walked");

    public static final Formula EXPONENT = new Formula(
            "Exponent of the place",
            "Fall of the law from p at s metres to q at e metres: 2 in the open, more where things stand about.",
            "n",
            "(p − q) ÷ (10·log10(e ÷ s))",
            "Rappaport, Wireless Communications, §4.9",
            "For places like those walked");

    /** Fewer readings are no law. */
    public static final int FEWEST = 10;
    /** A law from distances that do not differ by this factor is a guess. */
    public static final double LEAST_SPAN = 3;
    /** Chance that a reading is lost though the level was there. */
    private static final double LOST = 0.01;
    /** The band is looked for this many times beyond what was walked, and under the nearest. */
    private static final double BEYOND = 100;

    private static final int LOOKS = 4000;

    /**
     * Level over distance with its doubt: at either end of what was walked, on a scale of log distance.
     *
     * @param near least distance, metres
     * @param far greatest
     * @param atNear level of the law there, dBm
     * @param atFar and there
     * @param varNear variance of the one, dB²
     * @param varFar of the other
     * @param covariance of both
     * @param t times a standard deviation that is the half of the band
     */
    public record Law(
            double near,
            double far,
            double atNear,
            double atFar,
            double varNear,
            double varFar,
            double covariance,
            double t) {
        private double share(double distance) {
            return Math.log(distance / near) / Math.log(far / near);
        }

        /** Level at a distance, dBm. */
        public double level(double distance) {
            double s = share(distance);
            return (1 - s) * atNear + s * atFar;
        }

        /** Half of the band of the law there, dB. */
        public double half(double distance) {
            double s = share(distance);
            double v = (1 - s) * (1 - s) * varNear + s * s * varFar + 2 * s * (1 - s) * covariance;
            return t * Math.sqrt(Math.max(0, v));
        }
    }

    /**
     * @param readings in any order
     * @param floor under which nothing is heard, dBm
     * @param wanted level that is to be kept, dBm, not under the floor
     * @param confidence 0 to 1
     * @return empty with fewer than ten readings, or where they do not differ threefold in distance, or the level does not fall
     */
    public static Optional<RangeWalk> of(List<WalkReading> readings, double floor, double wanted, double confidence) {
        List<WalkReading> in = readings.stream()
                .sorted(Comparator.comparingDouble(r -> r.distance().value()))
                .toList();
        long heard = in.stream().filter(r -> r.level().isPresent()).count();
        if (heard < FEWEST) {
            return Optional.empty();
        }
        double near = in.get(0).distance().value();
        double far = in.get(in.size() - 1).distance().value();
        if (far < LEAST_SPAN * near) {
            return Optional.empty();
        }
        Law law = law(in, near, far, floor, confidence);
        double n = (law.atNear - law.atFar) / (10 * Math.log10(far / near));
        if (!(n > 0)) {
            return Optional.empty();
        }
        double reach = near * Math.pow(10, (law.atNear - wanted) / (10 * n));
        double doubt = Math.sqrt(law.varNear + law.varFar - 2 * law.covariance) / (10 * Math.log10(far / near)) * law.t;
        Worked exponent = Worked.of(EXPONENT)
                .measured("p", "law at the nearest", law.atNear, "dBm", 3)
                .measured("q", "law at the farthest", law.atFar, "dBm", 3)
                .measured("s", "nearest", near, "m", 2)
                .measured("e", "farthest", far, "m", 2)
                .gives(n, "", 1, doubt);
        Worked range = Worked.of(RANGE)
                .measured("s", "nearest", near, "m", 3)
                .measured("p", "law there", law.atNear, "dBm", 4)
                .typed("w", "wanted", wanted, "dBm", 3)
                .computed("n", "exponent", n, "", 6)
                .gives(reach, "m", reach < 100 ? 1 : 0);
        return Optional.of(
                new RangeWalk(range, edge(law, wanted, -1).orElse(0.0), edge(law, wanted, 1), exponent, law, far));
    }

    private static Law law(List<WalkReading> in, double near, double far, double floor, double confidence) {
        double[] walked = in.stream().mapToDouble(r -> r.distance().value()).toArray();
        double[] levels = in.stream()
                .mapToDouble(r -> r.level().map(l -> l.value()).orElse(Double.NaN))
                .toArray();
        List<Profile.Place> places = DoubleStream.of(walked)
                .mapToObj(d -> new Profile.Place(0, Math.log(d / near) / Math.log(far / near)))
                .toList();
        Censored.Estimate a = of(walked, levels, places, floor, 1, 0);
        Censored.Estimate b = of(walked, levels, places, floor, 0, 1);
        Censored.Estimate both = of(walked, levels, places, floor, 0.5, 0.5);
        double covariance = 2 * both.variance() - 0.5 * (a.variance() + b.variance());
        // How far neighbours hang together is weighed already; what is left to be drawn for is the spread.
        double t = new TDistribution(Math.max(2, in.size() - 2)).inverseCumulativeProbability(0.5 + confidence / 2);
        return new Law(near, far, a.mean(), b.mean(), a.variance(), b.variance(), covariance, t);
    }

    private static Censored.Estimate of(
            double[] walked, double[] levels, List<Profile.Place> places, double floor, double atNear, double atFar) {
        RealVector weights = new ArrayRealVector(new double[] {atNear, atFar});
        return Censored.of(walked, levels, places, 2, floor, LOST, weights, Censored.Memory.WEIGHED);
    }

    /** Where the edge of the band falls to what is wanted; empty where it never does within reach of the walk. */
    private static Optional<Double> edge(Law law, double wanted, int side) {
        double from = law.near / BEYOND;
        double factor = Math.pow(law.far * BEYOND / from, 1.0 / LOOKS);
        double last = from;
        for (int i = 0; i <= LOOKS; i++) {
            double d = from * Math.pow(factor, i);
            if (law.level(d) + side * law.half(d) < wanted) {
                return i == 0 ? Optional.empty() : Optional.of(0.5 * (last + d));
            }
            last = d;
        }
        return Optional.empty();
    }
}
