package veldline.prove;

import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.raise.Aim;

/**
 * An antenna turned about its beam before a far end that stays: what it hears is a part that stays and one that comes and goes twice a
 * turn.
 *
 * @param best how far its field stands from flat where it hears most, 0 to under 180°, clockwise from behind
 * @param depth level there less that across
 * @param law of the level over the angle
 * @param misfit of a reading, dB
 */
public record PolarTurn(Worked best, Worked depth, Law law, double misfit) {
    static final Formula BEST = new Formula(
            "Hears most at",
            "Power over the angle is laid through the readings as p + c·cos 2t + s·sin 2t; its top lies at half of the angle whose"
                    + " tangent is s over c, in the right quarter.",
            "T",
            "d ÷ 2",
            "Malus; least squares, each reading by its share",
            "±3° from a dozen readings over half a turn");

    static final Formula DEPTH = new Formula(
            "Most less least",
            "Level where it hears most less the level across, by the same law.",
            "D",
            "10·log10((p + a) ÷ (p − a))",
            "Malus; IEEE Std 145, axial ratio",
            "As deep as what bounces about allows");

    /** Fewer readings are no law of three numbers. */
    public static final int FEWEST = 5;
    /** Readings over less of a turn than this are no turn, degrees. */
    private static final double LEAST_SPAN = 80;
    /** Deeper than this nobody measures outdoors, dB. */
    private static final double DEEPEST = 1e-4;

    /** Power over the angle, milliwatts: a mean and what turns about it. */
    public record Law(double mean, double cosine, double sine) {
        /** Level at an angle in degrees, dBm. */
        public double level(double degrees) {
            double t = 2 * Math.toRadians(degrees);
            double power = mean + cosine * Math.cos(t) + sine * Math.sin(t);
            return 10 * Math.log10(Math.max(mean * DEEPEST, power));
        }
    }

    /** Empty with fewer than five readings, or over less than 80°. */
    public static Optional<PolarTurn> of(List<TurnReading> readings) {
        int n = readings.size();
        if (n < FEWEST) {
            return Optional.empty();
        }
        double least = readings.stream().mapToDouble(r -> r.at().value()).min().orElseThrow();
        double most = readings.stream().mapToDouble(r -> r.at().value()).max().orElseThrow();
        if (most - least < LEAST_SPAN) {
            return Optional.empty();
        }
        Array2DRowRealMatrix rows = new Array2DRowRealMatrix(n, 3);
        for (int i = 0; i < n; i++) {
            double p = Math.pow(10, readings.get(i).level().value() / 10);
            double t = 2 * Math.toRadians(readings.get(i).at().value());
            // A decibel is a share of a reading, so each counts by its share and not by its size.
            rows.setRow(i, new double[] {1 / p, Math.cos(t) / p, Math.sin(t) / p});
        }
        RealVector ones = new ArrayRealVector(n, 1.0);
        RealVector found = new QRDecomposition(rows).getSolver().solve(ones);
        Law law = new Law(found.getEntry(0), found.getEntry(1), found.getEntry(2));
        double turns = Math.min(Math.hypot(law.cosine, law.sine), law.mean * (1 - DEEPEST));
        double turn = Math.toDegrees(Math.atan2(law.sine, law.cosine));
        double doubled = turn < 0 ? turn + 360 : turn;
        double sum = readings.stream()
                .mapToDouble(r -> r.level().value() - law.level(r.at().value()))
                .map(d -> d * d)
                .sum();
        double unit = Math.pow(10, Math.floor(Math.log10(law.mean)));
        return Optional.of(new PolarTurn(
                Worked.of(BEST)
                        .computed("d", "angle of the part that turns", doubled, "°", 3)
                        .gives(doubled / 2, "°", 0, 3),
                Worked.of(DEPTH)
                        .computed("p", "mean power, in its own unit", law.mean / unit, "", 6)
                        .computed("a", "part that turns", turns / unit, "", 6)
                        .gives(10 * Math.log10((law.mean + turns) / (law.mean - turns)), "dB", 1),
                law,
                Math.sqrt(sum / n)));
    }

    /** How far one angle of a field lies from another, up to 90°: half a turn is the same field. */
    public static double apart(double one, double other) {
        return Math.abs(Aim.off(2 * one, 2 * other)) / 2;
    }
}
