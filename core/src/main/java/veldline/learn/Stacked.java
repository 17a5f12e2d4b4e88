package veldline.learn;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import veldline.antenna.Yagi;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Two Yagis of five, one over the other, fed alike. */
final class Stacked implements Experiment {
    private static final Formula BROUGHT = new Formula(
            "What the second brings",
            "Gain of the two less that of one alone.",
            "D",
            "g − s",
            Rods.METHOD,
            "±0.1 dB; what splits the power takes some of it");

    private static final Formula LOBE = new Formula(
            "Lobe over the beam",
            "The strongest lobe over or under the beam less the level straight ahead.",
            "L",
            "l − a",
            Rods.METHOD,
            "±0.5 dB to 15 dB under it");
    /** A lobe this far under the beam hears little of what is not wanted, dB. */
    private static final double CLEAN = -13;
    /** Where so much less is sent nothing is, dB. */
    private static final double NOTHING = 40;

    private final List<Wire> one = Yagi.forCount(Rods.FREQUENCY, 5, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, false)
            .model()
            .wires();

    @Override
    public String id() {
        return "stack";
    }

    @Override
    public String title() {
        return "One over the other";
    }

    @Override
    public String question() {
        return "Two equal Yagis one over the other: how far apart, and do two ever bring more than twice?";
    }

    @Override
    public Slide slide() {
        return new Slide("Distance between them", "waves", 2, 0.2, 0.05, 37, 4);
    }

    @Override
    public Look at(double distance, BooleanSupplier goOn) {
        return walk(goOn).apply(distance);
    }

    @Override
    public DoubleFunction<Look> walk(BooleanSupplier goOn) {
        double alone = new RadiatedField(Rods.solved(one, List.of(Source.volt(Port.middleOf(1))), Ground.FREE, goOn))
                .gainDbi(Direction.X);
        return distance -> at(distance, alone, goOn);
    }

    private Look at(double distance, double alone, BooleanSupplier goOn) {
        List<Wire> both = new ArrayList<>(raised(distance / 2));
        both.addAll(raised(-distance / 2));
        FieldSolution s = Rods.solved(
                both,
                List.of(Source.volt(Port.middleOf(1)), Source.volt(Port.middleOf(1 + one.size()))),
                Ground.FREE,
                goOn);
        RadiatedField field = new RadiatedField(s);
        double gain = field.gainDbi(Direction.X);
        Worked brought = Worked.of(BROUGHT)
                .computed("g", "of the two", gain, "dBi", 2)
                .computed("s", "of one", alone, "dBi", 2)
                .gives(gain - alone, "dB", 1);
        double boom = one.stream().mapToDouble(w -> w.points().get(0).x()).max().orElseThrow();
        Scene scene = new Scene(1.6, 2.1, "from the side, in waves", List.of());
        for (double z : new double[] {distance / 2, -distance / 2}) {
            scene = scene.with(Scene.Kind.HOLDS, -boom / 2, z, boom / 2, z);
            for (int i = 0; i < one.size(); i++) {
                double x = one.get(i).points().get(0).x() - boom / 2;
                scene = scene.with(i == 1 ? Scene.Kind.FED : Scene.Kind.ROD, x, z - 0.03, x, z + 0.03);
            }
        }
        List<Double> round = Rods.standing(field);
        Worked lobe = lobe(round);
        String says = brought.value() < 1.5
                ? "Too near: each takes what the other would."
                : lobe.value() > CLEAN
                        ? "About twice, and lobes stand over and under the beam."
                        : "More than one, with a clean beam.";
        return new Look(distance, brought, List.of(lobe, Rods.gain(s, field, Direction.X)), scene, round, says);
    }

    /** Of the directions in front and over the beam, the strongest that is stronger than those beside it. */
    private static Worked lobe(List<Double> round) {
        double found = IntStream.rangeClosed(2, 90)
                .filter(d -> round.get(d) > round.get(d - 1) && round.get(d) >= round.get(d + 1))
                .mapToDouble(round::get)
                .max()
                .orElse(round.get(90));
        double most = Math.max(found, round.get(0) - NOTHING);
        return Worked.of(LOBE)
                .computed("l", "strongest lobe over it", most, "dBi", 2)
                .computed("a", "straight ahead", round.get(0), "dBi", 2)
                .gives(most - round.get(0), "dB", 1);
    }

    private List<Wire> raised(double by) {
        return one.stream()
                .map(w -> new Wire(
                        w.points().stream().map(p -> p.plus(new Vec(0, 0, by))).toList(),
                        w.radius(),
                        w.closed(),
                        w.conductivity()))
                .toList();
    }

    @Override
    public String answer() {
        return "About twice, 3 dB, whatever the distance beyond what each covers; a little more at one distance is all there is,"
                + " and the splitter takes from it.";
    }

    @Override
    public String bench() {
        return "CHOOSE";
    }
}
