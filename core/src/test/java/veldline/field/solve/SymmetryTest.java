package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
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

/** Mirror planes save work and change nothing. */
class SymmetryTest {
    private static final double F = 300e6;
    private static final double THIN = 2e-3;

    private static Wire rod(double x, double z, double length) {
        return Wire.straight(new Vec(x, -length / 2, z), new Vec(x, length / 2, z), THIN);
    }

    private static WireModel model(List<Wire> wires, List<Source> sources, List<Load> loads, Ground ground) {
        return new WireModel("test", wires, sources, loads, ground, Optional.of(3.5e7), Optional.of(Direction.X));
    }

    private static List<Wire> pair(double z) {
        return List.of(rod(0, z, 0.5), rod(0.15, z, 0.47), rod(0, -z, 0.5), rod(0.15, -z, 0.47));
    }

    private static Symmetry symmetry(WireModel model) {
        Mesh mesh = mesh(model);
        int ports = Places.of(model).ports().size();
        return Symmetry.of(mesh, model, mesh.gaps().subList(ports, mesh.gaps().size()));
    }

    private static Mesh mesh(WireModel model) {
        List<Port> ports = new java.util.ArrayList<>(Places.of(model).ports());
        model.loads().forEach(l -> ports.add(l.port()));
        return Mesher.mesh(model, MeshRule.standard(F), ports);
    }

    private static void sameEitherWay(WireModel model) {
        MeshRule rule = MeshRule.standard(F);
        FieldSolution by = new FieldSolver(model, rule, () -> true, false, true).at(F);
        FieldSolution without = new FieldSolver(model, rule, () -> true, false, false).at(F);
        for (int s = 0; s < by.impedances().size(); s++) {
            assertClose(by.impedances().get(s), without.impedances().get(s), 1e-8);
        }
        assertThat(by.inputPower()).isCloseTo(without.inputPower(), within(1e-8 * without.inputPower()));
        assertThat(by.lostPower()).isCloseTo(without.lostPower(), within(1e-8 * without.inputPower()));
        double most = without.pieces().stream()
                .mapToDouble(p -> p.atEnd().norm())
                .max()
                .orElseThrow();
        for (int p = 0; p < by.pieces().size(); p++) {
            assertThat(by.pieces().get(p).start())
                    .isEqualTo(without.pieces().get(p).start());
            assertThat(by.pieces()
                            .get(p)
                            .atEnd()
                            .subtract(without.pieces().get(p).atEnd())
                            .norm())
                    .isLessThan(1e-8 * most);
        }
    }

    private static void assertClose(Complex a, Complex b, double share) {
        assertThat(a.subtract(b).norm()).isLessThanOrEqualTo(share * b.norm());
    }

    @Test
    void aCentreFedYagiIsSolvedOnOneHalf() {
        WireModel yagi = model(
                List.of(rod(0, 0, 0.5), rod(0.15, 0, 0.46)),
                List.of(Source.volt(Port.middleOf(1))),
                List.of(),
                Ground.FREE);
        assertThat(symmetry(yagi).planes()).isEqualTo(1);
        sameEitherWay(yagi);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, -1, 0.3})
    void twoStackedAreSolvedOnQuartersHoweverTheyAreFed(double second) {
        WireModel stack = model(
                pair(0.4),
                List.of(Source.volt(Port.middleOf(1)), new Source(Port.middleOf(3), Source.Kind.VOLTAGE, second, 0.2)),
                List.of(),
                Ground.FREE);
        assertThat(symmetry(stack).planes()).isEqualTo(2);
        sameEitherWay(stack);
    }

    @Test
    void aFeedOffTheMiddleDrivesBothHalves() {
        WireModel offset = model(
                List.of(rod(0, 0, 0.5), rod(0.15, 0, 0.46)),
                List.of(Source.volt(new Port(0, new Port.Place.Distance(0.18)))),
                List.of(),
                Ground.FREE);
        // The feed's own cuts leave no mirror in the mesh.
        assertThat(symmetry(offset).planes()).isZero();
        sameEitherWay(offset);
    }

    @Test
    void oneOfTwoFedDrivesEvenAndOdd() {
        sameEitherWay(model(
                List.of(rod(0, 0.2, 0.48), rod(0, -0.2, 0.48)),
                List.of(Source.volt(Port.middleOf(0)), new Source(Port.middleOf(1), Source.Kind.VOLTAGE, 0, 0)),
                List.of(),
                Ground.FREE));
    }

    @Test
    void loadsKeepTheirPlaneWhereTheyAreAlike() {
        Load one = new Load.Lumped(
                new Port(0, new Port.Place.Distance(0.1)),
                false,
                Optional.of(20.0),
                Optional.of(1e-8),
                Optional.empty());
        Load other = one.at(new Port(0, new Port.Place.Distance(0.4)));
        List<Wire> wires = List.of(rod(0, 0, 0.5));
        List<Source> fed = List.of(Source.volt(Port.middleOf(0)));
        WireModel alike = model(wires, fed, List.of(one, other), Ground.FREE);
        WireModel lopsided = model(wires, fed, List.of(one), Ground.FREE);
        assertThat(symmetry(alike).planes()).isEqualTo(1);
        assertThat(symmetry(lopsided).planes()).isZero();
        sameEitherWay(alike);
        sameEitherWay(lopsided);
    }

    @Test
    void groundsCoatingsLoopsJunctionsAndLinesAreTheSameEitherWay() {
        Wire coated = new Wire(
                List.of(new Vec(0, -0.25, 1), new Vec(0, 0.25, 1)),
                THIN,
                false,
                Optional.empty(),
                Wire.Ends.CAPPED,
                Optional.of(new Coating(1e-3, 2.3, 0.01)));
        Wire loop = new Wire(
                List.of(
                        new Vec(0.2, -0.13, 0.87),
                        new Vec(0.2, 0.13, 0.87),
                        new Vec(0.2, 0.13, 1.13),
                        new Vec(0.2, -0.13, 1.13)),
                THIN,
                true,
                Optional.empty());
        List<Source> fed = List.of(Source.volt(Port.middleOf(0)));
        for (Ground ground : List.of(Ground.FREE, Ground.PERFECT, Ground.real(13, 0.005))) {
            WireModel both = model(List.of(coated, loop), fed, List.of(), ground);
            assertThat(symmetry(both).planes()).isEqualTo(1);
            sameEitherWay(both);
        }
        Wire cross = Wire.straight(new Vec(0, -0.1, 0), new Vec(0, 0, 0), THIN);
        Wire other = Wire.straight(new Vec(0, 0, 0), new Vec(0, 0.1, 0), THIN);
        Wire ahead = Wire.straight(new Vec(-0.1, 0, 0), new Vec(0, 0, 0), THIN);
        Wire back = Wire.straight(new Vec(0, 0, 0), new Vec(0.1, 0, 0), THIN);
        Wire feed = Wire.straight(new Vec(0, 0, 0.3), new Vec(0, 0, 0), THIN);
        sameEitherWay(model(
                List.of(cross, other, ahead, back, feed),
                List.of(Source.volt(new Port(4, new Port.Place.Distance(0.1)))),
                List.of(),
                Ground.FREE));
        WireModel joined = new WireModel(
                "two by a line",
                List.of(rod(0, 0.2, 0.48), rod(0, -0.2, 0.48)),
                fed,
                List.of(),
                List.of(new Network.Line(Port.middleOf(0), Port.middleOf(1), 70, 0.3, 0.8, false)),
                Ground.FREE,
                Optional.empty(),
                Optional.of(Direction.X));
        sameEitherWay(joined);
    }

    @Test
    void theHalvesTogetherHaveAsManyUnknownsAsTheWhole() {
        WireModel stack = model(pair(0.4), List.of(Source.volt(Port.middleOf(1))), List.of(), Ground.FREE);
        Mesh mesh = mesh(stack);
        Symmetry symmetry = symmetry(stack);
        assertThat(IntStream.range(0, symmetry.images())
                        .map(odd -> new Basis(mesh, symmetry, odd).size)
                        .sum())
                .isEqualTo(mesh.functions().size());
    }

    @Test
    void whatDoesNotFitInMemoryIsRefusedBeforeItIsTaken() {
        Room.check(1000, 100_000_000);
        assertThatThrownBy(() -> Room.check(10_000, 1_000_000_000))
                .isInstanceOf(SolveFailure.class)
                .hasMessageContaining("10000 unknowns")
                .hasMessageContaining("1600 MB")
                .hasMessageContaining("700 MB");
    }
}
