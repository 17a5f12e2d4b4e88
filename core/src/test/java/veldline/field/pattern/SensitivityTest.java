package veldline.field.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Coating;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.Network;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** Slopes by the adjoint against differences of whole solutions either side. */
class SensitivityTest {
    private static final double F = 300e6;
    private static final double STEP = 2e-5;
    /** Of the largest slope of its kind: what differences themselves are good to here. */
    private static final double CLOSE = 2e-3;

    /** Lengths, places and what else may be changed of a small antenna; metres. */
    private record Dims(double reflector, double driven, double director, double gap, double radius, double lead) {
        static final Dims START = new Dims(0.50, 0.462, 0.44, 0.17, 2e-3, 0.2);

        Dims with(int which, double by) {
            return new Dims(
                    reflector + (which == 0 ? by : 0),
                    driven + (which == 1 ? by : 0),
                    director + (which == 2 ? by : 0),
                    gap + (which == 3 ? by : 0),
                    radius + (which == 4 ? by : 0),
                    lead + (which == 5 ? by : 0));
        }
    }

    private interface Antenna {
        WireModel of(Dims dims);
    }

    private static Wire rod(double x, double z, double length, double radius, Optional<Coating> coat) {
        return new Wire(
                List.of(new Vec(x, -length / 2, z), new Vec(x, length / 2, z)),
                radius,
                false,
                Optional.of(3e6),
                Wire.Ends.CAPPED,
                coat);
    }

    private static List<Wire> yagi(Dims d, double z, Optional<Coating> coat) {
        return List.of(
                rod(0, z, d.reflector, d.radius, coat),
                rod(d.gap, z, d.driven, d.radius, coat),
                rod(2 * d.gap, z, d.director, d.radius, coat));
    }

    private static WireModel model(List<Wire> wires, List<Load> loads, List<Network> networks, Ground ground) {
        return new WireModel(
                "test",
                wires,
                List.of(Source.volt(Port.middleOf(1))),
                loads,
                networks,
                ground,
                Optional.empty(),
                Optional.of(new Direction(70, 10)));
    }

    private static void holds(Antenna antenna, int... which) {
        List<DoubleFunction<WireModel>> dims = new ArrayList<>();
        for (int w : which) {
            dims.add(by -> antenna.of(Dims.START.with(w, by)));
        }
        MeshRule rule = MeshRule.standard(F);
        Sensitivity found = Sensitivity.of(antenna.of(Dims.START), rule, F, dims, () -> true, false);
        double ohms = found.slopes().stream()
                .mapToDouble(s -> s.impedance().norm())
                .max()
                .orElseThrow();
        double db = found.slopes().stream()
                .mapToDouble(s -> Math.abs(s.gainDb()))
                .max()
                .orElseThrow();
        double back = found.slopes().stream()
                .mapToDouble(s -> Math.abs(s.backDb()))
                .max()
                .orElseThrow();
        for (int i = 0; i < which.length; i++) {
            FieldSolution more = at(dims.get(i).apply(STEP), rule);
            FieldSolution less = at(dims.get(i).apply(-STEP), rule);
            Sensitivity.Slope slope = found.slopes().get(i);
            assertThat(more.impedances()
                            .get(0)
                            .subtract(less.impedances().get(0))
                            .divide(2 * STEP)
                            .subtract(slope.impedance())
                            .norm())
                    .as("impedance by dimension %d", which[i])
                    .isLessThan(CLOSE * ohms);
            assertThat(slope.gainDb())
                    .as("gain by dimension %d", which[i])
                    .isCloseTo((gain(more, false) - gain(less, false)) / (2 * STEP), within(CLOSE * db));
            assertThat(slope.backDb())
                    .as("back by dimension %d", which[i])
                    .isCloseTo((gain(more, true) - gain(less, true)) / (2 * STEP), within(CLOSE * back + 1e-6));
        }
        FieldSolution plain = at(antenna.of(Dims.START), rule);
        assertThat(found.gainDbi()).isCloseTo(gain(plain, false), within(1e-6));
        assertThat(found.impedance().subtract(plain.impedances().get(0)).norm()).isLessThan(1e-6);
    }

    private static FieldSolution at(WireModel model, MeshRule rule) {
        return new FieldSolver(model, rule, () -> true).at(F);
    }

    private static double gain(FieldSolution s, boolean back) {
        Direction ahead = s.model().boresight().orElseThrow();
        if (back && s.model().ground().reflects()) {
            return 0;
        }
        return new RadiatedField(s).gainDbi(back ? ahead.opposite() : ahead);
    }

    @Test
    void lengthsSpacingsAndRadiusOfAYagi() {
        holds(d -> model(yagi(d, 0, Optional.empty()), List.of(), List.of(), Ground.FREE), 0, 1, 2, 3, 4);
    }

    @Test
    void overBothGrounds() {
        for (Ground ground : List.of(Ground.PERFECT, Ground.real(13, 0.005))) {
            holds(d -> model(yagi(d, 0.4, Optional.empty()), List.of(), List.of(), ground), 0, 1, 3);
        }
    }

    @Test
    void insulatedAndLoaded() {
        Load coil = new Load.Lumped(
                new Port(0, new Port.Place.Fraction(0.3)),
                false,
                Optional.of(5.0),
                Optional.of(2e-8),
                Optional.empty());
        holds(
                d -> model(
                        yagi(d, 0, Optional.of(new Coating(1e-3, 2.3, 0.02))), List.of(coil), List.of(), Ground.FREE),
                0,
                1,
                3);
    }

    @Test
    void bentWiresWithALineBetweenThem() {
        holds(
                d -> {
                    Wire bent = new Wire(
                            List.of(new Vec(0, -d.reflector / 2, 0), new Vec(0, 0, 0.1), new Vec(d.lead, 0.1, 0.2)),
                            d.radius,
                            false,
                            Optional.empty());
                    return model(
                            List.of(bent, rod(d.gap, 0.4, d.driven, d.radius, Optional.empty())),
                            List.of(),
                            List.of(new Network.Line(
                                    new Port(0, new Port.Place.Fraction(0.4)), Port.middleOf(1), 90, 0.31, 0.8, false)),
                            Ground.FREE);
                },
                0,
                1,
                3,
                5);
    }

    @Test
    void aChangeThatPartsWiresIsRefused() {
        DoubleFunction<WireModel> parts = by -> model(
                List.of(
                        Wire.straight(new Vec(0, 0, 0), new Vec(0, 0, 0.2), 1e-3),
                        Wire.straight(new Vec(by, 0, 0.2), new Vec(by, 0, 0.5), 1e-3)),
                List.of(),
                List.of(),
                Ground.FREE);
        assertThatThrownBy(() ->
                        Sensitivity.of(parts.apply(0), MeshRule.standard(F), F, List.of(parts), () -> true, false))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("joins or parts");
    }
}
