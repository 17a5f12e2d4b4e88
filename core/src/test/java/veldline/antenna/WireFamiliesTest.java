package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.field.pattern.PatternSummary;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.ModelCheck;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.study.Candidate;
import veldline.study.Candidates;
import veldline.study.Progress;

/** Families by their measures, against published figures and over their whole ranges. */
class WireFamiliesTest {
    private static final double F = 145e6;
    private static final Family.Wish WISH = new Family.Wish(F, 1.5, 4e-3, Metal.COPPER, false);

    private static Design begun(String key) {
        return Families.wires(key).design(WISH);
    }

    private static FieldSolution solved(Design d) {
        return new FieldSolver(d.model(), MeshRule.standard(F), () -> true).at(F);
    }

    private static Complex impedance(Design d) {
        return solved(d).impedances().get(0);
    }

    static Stream<WireFamily> families() {
        return Families.wires().stream();
    }

    @ParameterizedTest
    @MethodSource("families")
    void whatAFamilyBeginsWithIsResonantAndKeepsItsPower(WireFamily f) {
        for (boolean upright : new boolean[] {false, true}) {
            Design d = f.design(new Family.Wish(F, 1.5, 4e-3, Metal.COPPER, upright));
            FieldSolution s = solved(d);
            assertThat(s.impedances().get(0).getImaginary()).as(f.key()).isCloseTo(0, within(2.0));
            PatternSummary p = PatternSummary.of(s);
            assertThat(p.powerBalance()).isCloseTo(1, within(2e-3));
            assertThat(p.efficiency()).isBetween(0.98, 1.0001);
        }
    }

    /** Balanis, Antenna Theory, 3rd ed.: a resonant half wave has about 73 Ω and 2.15 dBi (§4.6), folded four times that (§9.5). */
    @Test
    void aDipoleAndItsFoldHaveTheBooksFigures() {
        assertThat(impedance(begun("dipole")).getReal()).isCloseTo(72, within(2.0));
        assertThat(PatternSummary.of(solved(begun("dipole"))).gainDbi()).isCloseTo(2.15, within(0.05));
        assertThat(impedance(begun("folded dipole")).getReal()).isCloseTo(4 * 72, within(15.0));
    }

    /** Drooping brings resistance down and the pattern nearer to round (Kraus, Antennas, 3rd ed., §6-8 for the inverted V). */
    @Test
    void droopingArmsLowerTheResistance() {
        double before = 80;
        for (String droop : List.of("0", "20", "40", "60")) {
            Design d = Resonance.tuned(begun("dipole").withSize(1, Quantity.of(droop, Unit.DEG)), F);
            double r = impedance(d).getReal();
            assertThat(r).as(droop).isLessThan(before);
            before = r;
        }
        assertThat(before).isBetween(15.0, 35.0);
    }

    /** Level radials leave about 22 to 25 Ω, drooping by 45° brings it to about 50 (ARRL Antenna Book, 21st ed., ch. 16). */
    @ParameterizedTest
    @CsvSource({"0, 20, 27", "45, 47, 56"})
    void aGroundPlaneComesToFiftyOhmsByDrooping(String droop, double least, double most) {
        Design d = Resonance.tuned(begun("ground plane").withSize(2, Quantity.of(droop, Unit.DEG)), F);
        assertThat(impedance(d).getReal()).isBetween(least, most);
    }

    /** One wave around: about 3.1 to 3.4 dBi and 120 to 135 Ω (Balanis §5.3; King and Harrison); two loops about 7 dBi, three about 9. */
    @Test
    void quadsGainByTheLoop() {
        double[] least = {3.0, 6.8, 8.6};
        double[] most = {3.6, 8.2, 10.2};
        Design one = begun("quad");
        assertThat(impedance(one).getReal()).isBetween(115.0, 140.0);
        for (int n = 1; n <= 3; n++) {
            Design d = Resonance.tuned(one.withSize(0, Quantity.of(Integer.toString(n), Unit.ONE)), F);
            PatternSummary p = PatternSummary.of(solved(d));
            assertThat(p.gainDbi()).as(n + " loops").isBetween(least[n - 1], most[n - 1]);
            assertThat(d.title())
                    .isEqualTo(List.of("Square loop", "Two-loop quad", "Three-loop quad")
                            .get(n - 1));
        }
    }

    /** A quarter turn of the whole antenna changes how its field stands and nothing else. */
    @ParameterizedTest
    @MethodSource("families")
    void standingUpChangesTheFieldAndNothingElse(WireFamily f) {
        Design flat = begun(f.key()).withUpright(false);
        Design upright = flat.withUpright(true);
        assertThat(impedance(upright).subtract(impedance(flat)).norm()).isLessThan(1e-6);
        if (!f.key().equals("ground plane")) {
            PatternSummary lies = PatternSummary.of(solved(flat));
            PatternSummary stands = PatternSummary.of(solved(upright));
            assertThat(stands.gainThetaDbi()).isCloseTo(lies.gainPhiDbi(), within(0.02));
        }
    }

    /** Anywhere in the ranges its boxes allow it is solved with its power kept, or refused with a reason. */
    @RepeatedTest(12)
    void everySizeIsSolvedOrRefusedWithAReason(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        for (WireFamily f : Families.wires()) {
            double wave = 299_792_458.0 / F;
            List<Quantity> sizes = new ArrayList<>();
            for (Measure m : f.measures()) {
                double value = m.least(wave) + random.nextDouble() * (m.most(wave) - m.least(wave));
                sizes.add(m.of(value));
            }
            Design d = new Design(f.key(), sizes, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, random.nextBoolean());
            List<ModelCheck.Fault> faults = ModelCheck.faults(d.model(), F);
            if (faults.isEmpty()) {
                assertThat(PatternSummary.of(solved(d)).powerBalance())
                        .as(f.key() + " " + sizes)
                        .isCloseTo(1, within(0.01));
            } else {
                assertThat(faults).allMatch(t -> t.toString().length() > 15);
            }
        }
    }

    /** One that stands on the class path as a service is a family like any other, with no line changed anywhere. */
    @Test
    void aFamilyThatOnlyTheseTestsKnowStandsInChooseAndInFiles() throws FormatException {
        assertThat(Families.all()).anyMatch(WideDipole.class::isInstance);
        Job job = TernholmSands.nestCamera();
        Candidate found =
                Candidates.of(new Assessor().assess(job, Assessor.Depth.QUICK, () -> true), Progress.NONE).stream()
                        .filter(c -> c.shaped().family() instanceof WideDipole)
                        .findFirst()
                        .orElseThrow();
        Job taken = new JobChange.Fit(true, found.shaped().made().orElseThrow()).applyTo(job);
        JobFile.Parts parts = JobFile.write(taken);
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(taken);
        assertThat(new Assessor()
                        .assess(taken, Assessor.Depth.QUICK, () -> true)
                        .line()
                        .answered())
                .isTrue();
    }

    @Test
    void aDesignHasAMeasureForEachAndIsKeptInFiles() throws FormatException {
        assertThatThrownBy(() -> begun("dipole").withSizes(List.of())).hasMessageContaining("2 measures");
        assertThatThrownBy(() -> Families.wires("sail")).hasMessageContaining("dipole");
        Job job = new JobChange.Fit(true, begun("quad")).applyTo(TernholmSands.nestCamera());
        JobFile.Parts parts = JobFile.write(job);
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(job);
        Job larger = new JobChange.OfDesign(new DesignChange.Size(1, Quantity.of("600", Unit.MM))).applyTo(job);
        assertThat(((Design) larger.nearAntenna()).size(1)).isEqualTo(0.6);
        assertThat(new JobChange.OfDesign(new DesignChange.Upright(true)).applyTo(TernholmSands.nestCamera()))
                .as("a Yagi is no design")
                .isEqualTo(TernholmSands.nestCamera());
    }
}
