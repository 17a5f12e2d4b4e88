package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.antenna.Yagi;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Neighbour;
import veldline.raise.RaiseChange;
import veldline.stock.Metal;

/** What a mast or another antenna near by does, by symmetry, by distance and by how the field stands. */
class NeighbourTest {
    private static final double FREQUENCY = 145e6;
    private static final double WAVE = 299_792_458.0 / FREQUENCY;

    private static YagiShape yagi(boolean upright) {
        return Yagi.forCount(FREQUENCY, 4, Quantity.of("6", Unit.MM), Metal.ALUMINIUM, upright);
    }

    private static Neighbour at(Neighbour.Kind kind, double ahead, double aside, double across) {
        return new Neighbour(
                kind,
                Quantity.shown(ahead, Unit.M, 3),
                Quantity.shown(aside, Unit.M, 3),
                Quantity.of("0", Unit.M),
                Quantity.of("3", Unit.M),
                Quantity.shown(across, Unit.M, 3));
    }

    private static NeighbourFigures solved(boolean upright, Neighbour n) {
        NeighbourFigures.Input in = new NeighbourFigures.Input(yagi(upright).model(), FREQUENCY, 50, upright, n);
        return in.figures(in.alone().round(() -> true), () -> true);
    }

    @Test
    void whatStandsToTheLeftIsTheMirrorOfWhatStandsToTheRight() {
        NeighbourFigures left = solved(true, at(Neighbour.Kind.MAST, 0.1, 0.5, 0.04));
        NeighbourFigures right = solved(true, at(Neighbour.Kind.MAST, 0.1, -0.5, 0.04));
        assertThat(left.gain().value()).isCloseTo(right.gain().value(), within(1e-3));
        assertThat(left.squint()).isEqualTo(-right.squint());
        for (int deg = 0; deg < 360; deg += 15) {
            assertThat(left.with().get(deg))
                    .as("at " + deg)
                    .isCloseTo(right.with().get((360 - deg) % 360), within(0.05));
        }
        assertThat(left.alone().get(40)).isCloseTo(left.alone().get(320), within(1e-3));
    }

    /** Along the field it bites; across the field a thin one is hardly there. */
    @Test
    void aMastBitesWhereItStandsAlongTheField() {
        Neighbour ahead = at(Neighbour.Kind.MAST, 0.9, 0.1, 0.04);
        double along = Math.abs(solved(true, ahead).gain().value());
        double across = Math.abs(solved(false, ahead).gain().value());
        assertThat(along).isGreaterThan(1);
        assertThat(across).isLessThan(0.2);
    }

    @Test
    void farAwayItIsForgotten() {
        double near = Math.abs(solved(true, at(Neighbour.Kind.MAST, 0, 0.25 * WAVE, 0.04))
                .gain()
                .value());
        double far = Math.abs(
                solved(true, at(Neighbour.Kind.MAST, 0, 4 * WAVE, 0.04)).gain().value());
        assertThat(far).isLessThan(0.3).isLessThan(near);
    }

    /** Where a wire ends and a cage begins both must say much the same. */
    @Test
    void aThickMastAsACageGoesOnFromAThinOneAsAWire() {
        NeighbourFigures wire = solved(true, at(Neighbour.Kind.MAST, 0, 0.8, 0.029 * WAVE));
        NeighbourFigures cage = solved(true, at(Neighbour.Kind.MAST, 0, 0.8, 0.031 * WAVE));
        assertThat(cage.gain().value()).isCloseTo(wire.gain().value(), within(0.3));
        assertThat(cage.back().value()).isCloseTo(wire.back().value(), within(1.5));
    }

    @Test
    void anotherLikeItTakesAndTurnsTheBeam() {
        NeighbourFigures near = solved(true, at(Neighbour.Kind.SAME, 0, 0.3 * WAVE, 0.04));
        NeighbourFigures wide = solved(true, at(Neighbour.Kind.SAME, 0, 2 * WAVE, 0.04));
        assertThat(near.gain().value()).isLessThan(-0.5);
        assertThat(Math.abs(wide.gain().value())).isLessThan(0.3);
    }

    @Test
    void theJobSaysWhatItDoesAndNothingWhereNothingStands() {
        Job job = new JobChange.OfYagi(new YagiChange.Upright(true)).applyTo(TernholmSands.nestCamera());
        Assessor assessor = new Assessor();
        assertThat(assessor.assess(job, Assessor.Depth.ALL, () -> true).neighbour())
                .isInstanceOf(Stage.Absent.class);
        Job with = new JobChange.OfRaise(new RaiseChange.Near(
                        Optional.of(Neighbour.mast(0.123)
                                .withAhead(Quantity.of("0.05", Unit.M))
                                .withAside(Quantity.of("0.09", Unit.M))),
                        "mast near"))
                .applyTo(job);
        Assessment a = assessor.assess(with, Assessor.Depth.ALL, () -> true);
        List<Finding> said = RaisePage.findings(a, "near");
        assertThat(said.get(0).sentence()).contains("ahead by a metal mast");
        assertThat(said.get(0).level()).isEqualTo(Finding.Level.WATCH);
        assertThat(assessor.assess(with, Assessor.Depth.QUICK, () -> true).neighbour())
                .as("known by now")
                .isInstanceOf(Stage.Fresh.class);
    }
}
