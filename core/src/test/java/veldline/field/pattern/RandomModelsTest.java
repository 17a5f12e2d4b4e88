package veldline.field.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.field.wire.Coating;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.Network;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * Models at random: each is either refused by a reason that names what to do, or solved, and then as much power comes out
 * as goes in. Two thousand of them with {@code -Dveldline.fuzz=10000}.
 */
class RandomModelsTest {
    private static final double WAVE = 2;
    private static final double FREQUENCY = 299_792_458.0 / WAVE;
    private static final int MODELS = Math.min(2000, Integer.getInteger("veldline.fuzz", 1000) / 5);

    private final Random random = new Random(20_261_127);

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private Vec point(Ground ground) {
        double low = ground.reflects() ? 0 : -0.8;
        return new Vec(between(-0.8, 0.8), between(-0.8, 0.8), between(low, 0.8));
    }

    private WireModel model() {
        Ground ground = switch (random.nextInt(4)) {
            case 0 -> Ground.PERFECT;
            case 1 -> Ground.real(between(2, 80), Math.pow(10, between(-4, 1)));
            default -> Ground.FREE;
        };
        List<Wire> wires = new ArrayList<>();
        int count = 1 + random.nextInt(4);
        for (int w = 0; w < count; w++) {
            List<Vec> points = new ArrayList<>();
            // Some begin where another has a corner, some on the ground.
            points.add(
                    w > 0 && random.nextInt(3) == 0
                            ? wires.get(w - 1).points().get(0)
                            : random.nextInt(6) == 0 && ground.reflects()
                                    ? new Vec(between(-0.5, 0.5), between(-0.5, 0.5), 0)
                                    : point(ground));
            int corners = 1 + random.nextInt(3);
            for (int i = 0; i < corners; i++) {
                points.add(point(ground));
            }
            wires.add(new Wire(
                    points,
                    WAVE * Math.pow(10, between(-5, -1.6)),
                    points.size() > 2 && random.nextInt(4) == 0,
                    random.nextInt(3) == 0 ? Optional.of(Math.pow(10, between(4, 8))) : Optional.empty(),
                    random.nextBoolean() ? Wire.Ends.OPEN : Wire.Ends.CAPPED,
                    random.nextInt(5) == 0
                            ? Optional.of(new Coating(between(1e-4, 3e-3), between(1, 5), between(0, 0.1)))
                            : Optional.empty()));
        }
        List<Load> loads = random.nextInt(3) == 0
                ? List.of(new Load.Lumped(
                        port(count),
                        random.nextBoolean(),
                        Optional.of(between(0, 300)),
                        Optional.of(between(1e-9, 1e-6)),
                        random.nextBoolean() ? Optional.of(between(1e-13, 1e-10)) : Optional.empty()))
                : List.of();
        List<Network> networks = random.nextInt(4) == 0
                ? List.of(new Network.Line(
                        port(count),
                        port(count),
                        between(20, 600),
                        between(0.01, 2),
                        between(0.5, 1),
                        random.nextBoolean()))
                : List.of();
        return new WireModel(
                "random",
                wires,
                List.of(Source.volt(port(count))),
                loads,
                networks,
                ground,
                Optional.empty(),
                Optional.empty());
    }

    private Port port(int wires) {
        return new Port(random.nextInt(wires), new Port.Place.Fraction(random.nextDouble()));
    }

    @Test
    void everyModelIsSolvedOrRefusedWithAReason() {
        int solved = 0;
        for (int i = 0; i < MODELS; i++) {
            WireModel m = model();
            FieldSolution s;
            try {
                s = new FieldSolver(m, MeshRule.standard(FREQUENCY), () -> true).at(FREQUENCY);
            } catch (SolveFailure e) {
                assertThat(e.getMessage()).as("model %d", i).isNotBlank().contains(";");
                continue;
            }
            solved++;
            Complex z = s.impedances().get(0);
            assertThat(Double.isFinite(z.getReal() + z.getImaginary()))
                    .as("impedance of model %d: %s", i, m)
                    .isTrue();
            double balance = PatternSummary.of(s).powerBalance();
            if (m.ground().kind() == Ground.Kind.REAL) {
                assertThat(balance).as("power of model %d: %s", i, m).isBetween(0.0, 1.01);
            } else {
                assertThat(balance).as("power of model %d: %s", i, m).isBetween(0.99, 1.01);
            }
        }
        assertThat(solved).isGreaterThan(MODELS / 4);
    }
}
