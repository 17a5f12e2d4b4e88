package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.IntFunction;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.Measure;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * An antenna with one more or less of what it is made of.
 *
 * @param count how many
 * @param what they are: elements, turns, loops
 * @param gainDbi straight ahead
 * @param longest its greatest measure, metres
 */
public record Addition(int count, String what, double gainDbi, double longest) {
    /** How many more and fewer are looked at. */
    private static final int AROUND = 4;

    static final Formula STEP = new Formula(
            "What one more buys",
            "Gain of the larger less gain of the smaller.",
            "D",
            "g − h",
            AntennaStage.METHOD,
            "±0.1 dB, since what both have wrong falls out");
    static final Formula PER_LENGTH = new Formula(
            "Bought by a hundred millimetres",
            "What one more buys over what it lengthens the antenna by.",
            "D",
            "100·d ÷ l",
            AntennaStage.METHOD,
            "A tenth");

    /** What this has over a smaller one, dB. */
    public Worked over(Addition smaller) {
        return Worked.of(STEP)
                .computed("g", "gain with " + count, gainDbi, "dBi", 3)
                .computed("h", "gain with " + smaller.count, smaller.gainDbi, "dBi", 3)
                .gives(gainDbi - smaller.gainDbi, "dB", 1, 0.1);
    }

    /** The same for every 100 mm it grows by; only where it grows. */
    public Worked perLength(Addition smaller) {
        return Worked.of(PER_LENGTH)
                .computed("d", "bought", gainDbi - smaller.gainDbi, "dB", 3)
                .computed("l", "longer by", (longest - smaller.longest) * 1000, "mm", 1)
                .gives((gainDbi - smaller.gainDbi) / ((longest - smaller.longest) * 10), "dB", 2);
    }

    /** By growing count; none for what is not made of like parts. */
    static List<Addition> of(Made made, double frequency, BooleanSupplier goOn) {
        if (made instanceof YagiShape y) {
            int now = y.elements().size();
            return around(now, 2, YagiShape.MOST_ELEMENTS, "elements", frequency, goOn, n -> {
                YagiShape shape = n == now ? y : Yagi.forCount(frequency, n, y.diameter(), y.metal(), y.upright());
                return shape.withOutside(java.util.Optional.empty());
            });
        }
        if (made instanceof Design d && d.of().grows().isPresent()) {
            int i = d.of().grows().get();
            Measure m = d.of().measures().get(i);
            return around(
                    d.count(i),
                    (int) m.least(),
                    (int) m.most(),
                    m.name().toLowerCase(java.util.Locale.ROOT),
                    frequency,
                    goOn,
                    n -> d.withSize(i, Quantity.of(Integer.toString(n), Unit.ONE)));
        }
        return List.of();
    }

    private static List<Addition> around(
            int now, int least, int most, String what, double frequency, BooleanSupplier goOn, IntFunction<Made> with) {
        List<Addition> all = new ArrayList<>();
        for (int n = Math.max(least, now - AROUND); n <= Math.min(most, now + AROUND); n++) {
            Made made = with.apply(n);
            WireModel model = made.model();
            if (ModelCheck.faults(model, frequency).isEmpty()) {
                RadiatedField field = RadiatedField.leaving(
                        new FieldSolver(model, new MeshRule(20, 14, frequency), goOn).at(frequency));
                all.add(new Addition(n, what, field.gainDbi(Direction.X), made.longest()));
            }
        }
        return List.copyOf(all);
    }
}
