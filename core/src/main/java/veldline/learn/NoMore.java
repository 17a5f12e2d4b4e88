package veldline.learn;

import java.util.List;
import java.util.function.BooleanSupplier;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Element after element is added to a Yagi, and what it sends in all is counted. */
final class NoMore implements Experiment {
    private static final Formula SENT = new Formula(
            "Sent in all",
            "Of 100 watts at the feed, what leaves in all directions together: what is taken less what warms the metal.",
            "S",
            "100·(p − q) ÷ p",
            Rods.METHOD,
            "±1");

    private static final Formula LEAST = new Formula(
            "Sent least",
            "The weakest direction of the level plane over the strongest.",
            "W",
            "w − a",
            Rods.METHOD,
            "A deep hollow is deeper in the sum than at any mast");

    @Override
    public String id() {
        return "no-amplifier";
    }

    @Override
    public String title() {
        return "Gain without amplification";
    }

    @Override
    public String question() {
        return "An antenna has no supply. Where does its gain come from?";
    }

    @Override
    public Slide slide() {
        return new Slide("Elements", "", 0, 3, 1, 13, 0);
    }

    @Override
    public Look at(double elements, BooleanSupplier goOn) {
        YagiShape yagi = Yagi.forCount(
                Rods.FREQUENCY, (int) Math.round(elements), Quantity.of("4", Unit.MM), Metal.ALUMINIUM, true);
        FieldSolution s = Rods.solved(yagi.model(), Rods.FREQUENCY, goOn);
        RadiatedField field = new RadiatedField(s);
        List<Double> round = Rods.level(field);
        double most = round.stream().mapToDouble(g -> g).max().orElseThrow();
        double least = round.stream().mapToDouble(g -> g).min().orElseThrow();
        double boom = yagi.boomLength();
        Scene scene = new Scene(5.2, 0.6, "from the side, in waves", List.of())
                .with(Scene.Kind.HOLDS, -boom / 2, 0, boom / 2, 0);
        for (int i = 0; i < yagi.elements().size(); i++) {
            double x = yagi.elements().get(i).position().value() - boom / 2;
            double half = yagi.elements().get(i).length().value() / 2;
            scene = scene.with(i == 1 ? Scene.Kind.FED : Scene.Kind.ROD, x, -half, x, half);
        }
        Worked gain = Rods.gain(s, field, Direction.X);
        return new Look(
                elements,
                gain,
                List.of(
                        Worked.of(SENT)
                                .computed("p", "taken at the feed", s.inputPower() * 1e6, "µW", 4)
                                .computed("q", "turned to heat", s.lostPower() * 1e6, "µW", 4)
                                .gives(100 * s.efficiency(), "of 100 W", 1),
                        Worked.of(LEAST)
                                .computed("w", "weakest", least, "dBi", 2)
                                .computed("a", "strongest", most, "dBi", 2)
                                .gives(least - most, "dB", 0)),
                scene,
                round,
                "As much leaves as with three elements, and a little less for the heat; it only leaves another way.");
    }

    @Override
    public String answer() {
        return "From elsewhere. What is sent in all never grows; what is more ahead is missing to the sides and behind. So an"
                + " antenna with gain has to be aimed.";
    }

    @Override
    public String bench() {
        return "CHOOSE";
    }
}
