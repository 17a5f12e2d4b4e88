package veldline.field.pattern;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.Gradient;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.WireModel;

/**
 * What an antenna does at one frequency, and how fast that changes with each of its dimensions.
 *
 * @param impedance seen by the first source, ohms
 * @param gainDbi at boresight, conductor loss included
 * @param backDbi straight back; of no meaning over ground, where nothing goes there
 * @param slopes one for each dimension
 */
public record Sensitivity(Complex impedance, double gainDbi, double backDbi, List<Slope> slopes) {
    private static final double C = 299_792_458.0;
    private static final double ETA = 4e-7 * Math.PI * C;
    private static final double DB = 10 / Math.log(10);

    /**
     * Changes per metre of a dimension.
     *
     * @param impedance ohms a metre
     * @param gainDb decibels a metre
     * @param backDb likewise straight back
     */
    public record Slope(Complex impedance, double gainDb, double backDb) {
        public double frontToBackDb() {
            return gainDb - backDb;
        }
    }

    /**
     * @param dimensions each the model as it is when a dimension is so many metres larger
     * @param everyProcessor whether to use them all
     */
    public static Sensitivity of(
            WireModel model,
            MeshRule rule,
            double frequency,
            List<DoubleFunction<WireModel>> dimensions,
            BooleanSupplier keepGoing,
            boolean everyProcessor) {
        Direction ahead = model.boresight().orElse(Direction.X);
        Gradient g = Gradient.of(
                model, rule, frequency, List.of(ahead, ahead.opposite()), dimensions, keepGoing, everyProcessor);
        FieldSolution s = g.solution();
        return new Sensitivity(
                s.impedances().get(0),
                gainDbi(s, g.fields(), 0),
                gainDbi(s, g.fields(), 2),
                g.slopes().stream().map(slope -> slope(g, slope)).toList());
    }

    private static double square(List<Complex> fields, int from) {
        double theta = fields.get(from).norm();
        double phi = fields.get(from + 1).norm();
        return theta * theta + phi * phi;
    }

    private static double gainDbi(FieldSolution s, List<Complex> fields, int from) {
        double k = 2 * Math.PI * s.frequency() / C;
        return DB * Math.log(ETA * k * k / (8 * Math.PI) * square(fields, from) / s.inputPower());
    }

    private static Slope slope(Gradient g, Gradient.Slope slope) {
        double power = slope.inputPower() / g.solution().inputPower();
        return new Slope(
                slope.impedances().get(0), gainDb(g.fields(), slope, 0, power), gainDb(g.fields(), slope, 2, power));
    }

    private static double gainDb(List<Complex> fields, Gradient.Slope slope, int from, double power) {
        double change = IntStream.range(from, from + 2)
                .mapToDouble(i -> 2
                        * fields.get(i)
                                .conjugate()
                                .multiply(slope.fields().get(i))
                                .getReal())
                .sum();
        double square = square(fields, from);
        return square > 0 ? DB * (change / square - power) : 0;
    }
}
