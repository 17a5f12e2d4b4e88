package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.WireModel;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class OwnWiresTest {
    private static final double F = 2437e6;
    private static final Job JOB = TernholmSands.nestCamera();
    private static final YagiShape YAGI = JOB.yagi().orElseThrow();

    @Test
    void aWireIsReadAsItIsTypedAndTypedAsItIsRead() {
        String text = "0 -30.10 0; 0 30.1 0; 12 30.1 4.25; d 1.6; closed";
        OwnWire wire = OwnWire.read(text);
        assertThat(wire.text()).isEqualTo(text);
        assertThat(wire.closed()).isTrue();
        assertThat(wire.corners()).hasSize(3);
        assertThat(OwnWire.read(" 0 0 0 ;0 0 100").text()).isEqualTo("0 0 0; 0 0 100; d 2");
        assertThat(OwnWire.read("0 0 0; 0 30 40").length()).isCloseTo(0.05, within(1e-12));
    }

    @Test
    void whatIsNoWireIsRefusedWithTheReason() {
        assertThatThrownBy(() -> OwnWire.read("0 0; 1 1 1")).hasMessageContaining("“0 0” is no corner");
        assertThatThrownBy(() -> OwnWire.read("0 0 x; 1 1 1")).hasMessageContaining("“x”");
        assertThatThrownBy(() -> OwnWire.read("0 0 0")).hasMessageContaining("1 corners");
        assertThatThrownBy(() -> OwnWire.read("0 0 0; 1 1 1; d 0")).hasMessageContaining("above zero");
        assertThatThrownBy(() -> OwnWires.of(
                        new WireModel(
                                "",
                                YAGI.model().wires(),
                                List.of(),
                                List.of(),
                                Ground.FREE,
                                YAGI.model().conductivity(),
                                YAGI.model().boresight()),
                        YAGI.metal(),
                        false))
                .hasMessageContaining("no source");
    }

    @Test
    void aYagiAsOnesOwnWiresDoesWhatItDid() {
        OwnWires own = OwnWires.of(YAGI.model(), YAGI.metal(), YAGI.upright());
        var with = FieldSolver.solve(own.model(), F);
        var was = FieldSolver.solve(YAGI.model(), F);
        assertThat(new RadiatedField(with).gainDbi(Direction.X))
                .isCloseTo(new RadiatedField(was).gainDbi(Direction.X), within(1e-3));
        assertThat(with.impedances().get(0).subtract(was.impedances().get(0)).norm())
                .isLessThan(0.05);
        assertThat(own.longest()).isGreaterThan(YAGI.boomLength());
    }

    @Test
    void aJobWithOwnWiresIsAssessedAndKept() throws FormatException {
        OwnWires own = OwnWires.dipole(F, true);
        Job job = new JobChange.Fit(JOB.madeNear(), own).applyTo(JOB);
        assertThat(job.madeNear()).isEqualTo(JOB.madeNear());
        assertThat(job.made()).contains(own);
        assertThat(job.yagi()).isEmpty();
        var a = new Assessor().assess(job);
        assertThat(a.antenna().value().orElseThrow().gain().value()).isCloseTo(2.15, within(0.05));
        assertThat(a.sweep().value()).isPresent();
        assertThat(a.line().answered()).isTrue();
        JobFile.Parts parts = JobFile.write(job);
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(job);
    }

    @Test
    void editsChangeOneThingAndWhatCannotBeDoneChangesNothing() {
        OwnWires w = OwnWires.dipole(F, false);
        OwnWires two = new OwnWiresChange.Added(OwnWire.read("20 -25 0; 20 25 0; d 1")).applyTo(w);
        assertThat(two.wires()).hasSize(2);
        assertThat(new OwnWiresChange.Removed(0).applyTo(two))
                .as("the fed one stays")
                .isEqualTo(two);
        OwnWires other = new OwnWiresChange.Fed(1, Quantity.of("40", Unit.ONE)).applyTo(two);
        assertThat(new OwnWiresChange.Removed(0).applyTo(other).fed()).isZero();
        assertThat(new OwnWiresChange.Removed(0).applyTo(w)).isEqualTo(w);
        OwnWire.Corner to = OwnWire.read("1 2 3; 0 0 0").corners().get(0);
        OwnWires moved = new OwnWiresChange.Moved(1, 1, to).applyTo(two);
        assertThat(moved.wires().get(1).corners().get(1)).isEqualTo(to);
        assertThat(moved.wires().get(0)).isEqualTo(two.wires().get(0));
        assertThat(new OwnWiresChange.Moved(7, 0, to).applyTo(two)).isEqualTo(two);
        assertThat(new OwnWiresChange.Upright(true).applyTo(w).polarized()).contains(Polarized.UPRIGHT);
    }

    @Test
    void wiresThatCannotBeSolvedSayWhy() {
        OwnWires crossing =
                new OwnWiresChange.Added(OwnWire.read("-20 1 0; 20 1 0; d 2")).applyTo(OwnWires.dipole(F, false));
        Job job = new JobChange.Fit(JOB.madeNear(), crossing).applyTo(JOB);
        var a = new Assessor().assess(job);
        assertThat(a.antenna())
                .isInstanceOfSatisfying(
                        veldline.assess.Stage.Failed.class,
                        f -> assertThat(f.why()).contains("cross where they have no common vertex"));
    }
}
