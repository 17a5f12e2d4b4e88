package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.Polarization;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.WireModel;
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
        return solved(d, F);
    }

    private static FieldSolution solved(Design d, double frequency) {
        return new FieldSolver(d.model(), MeshRule.standard(frequency), () -> true).at(frequency);
    }

    /** Without the earth under what hangs: only then is all of its power sent or turned to heat. */
    static FieldSolution inTheOpen(Design d, double frequency, MeshRule rule) {
        WireModel m = d.model();
        WireModel open = new WireModel(
                m.name(),
                m.wires(),
                m.sources(),
                m.loads(),
                m.networks(),
                Ground.FREE,
                m.conductivity(),
                m.boresight());
        return new FieldSolver(open, rule, () -> true).at(frequency);
    }

    private static Complex impedance(Design d) {
        return impedance(d, F);
    }

    private static Complex impedance(Design d, double frequency) {
        return solved(d, frequency).impedances().get(0);
    }

    static Stream<WireFamily> families() {
        return Families.wires().stream();
    }

    /** A metre and a half at 145 MHz, or what is left of it where a family is for shorter waves. */
    private static Family.Wish wish(WireFamily f, boolean upright) {
        Family.Wish usual = new Family.Wish(F, 1.5, 4e-3, Metal.COPPER, upright);
        Family.Wish shorter = new Family.Wish(2437e6, 0.4, 0.8e-3, Metal.COPPER, upright);
        Family.Wish longer = new Family.Wish(7.1e6, 20, 2e-3, Metal.COPPER, upright);
        return f.serves(usual) ? usual : f.serves(shorter) ? shorter : longer;
    }

    /** No cut makes these resonant: they are fed against a high impedance, or run a wave along themselves. */
    private static final Set<String> NOT_CUT = Set.of("log-periodic", "helix", "end-fed half wave", "hung wire");

    @ParameterizedTest
    @MethodSource("families")
    void whatAFamilyBeginsWithIsResonantAndKeepsItsPower(WireFamily f) {
        Family.Wish wish = wish(f, false);
        Design d = f.design(wish);
        FieldSolution s = solved(d, wish.frequency());
        if (!NOT_CUT.contains(f.key())) {
            Complex z = s.impedances().get(0);
            assertThat(z.getImaginary()).as(f.key()).isCloseTo(0, within(0.04 * z.getReal()));
        }
        PatternSummary p = PatternSummary.of(inTheOpen(d, wish.frequency(), MeshRule.standard(wish.frequency())));
        assertThat(p.powerBalance()).isCloseTo(1, within(2e-3));
        assertThat(p.efficiency()).isBetween(0.98, 1.0001);
        assertThat(s.unknowns()).as(f.key()).isLessThan(600);
        assertThat(f.good()).endsWith(".");
        assertThat(f.bad()).endsWith(".");
    }

    /** What one says of its polarization is what is solved straight ahead. */
    @ParameterizedTest
    @MethodSource("families")
    void itsFieldStandsOrTurnsAsItSays(WireFamily f) {
        for (boolean upright : new boolean[] {false, true}) {
            Family.Wish wish = wish(f, upright);
            Design d = f.begun(wish);
            PatternSummary p = PatternSummary.of(inTheOpen(d, wish.frequency(), MeshRule.standard(wish.frequency())));
            Polarized says = d.polarized().orElseThrow();
            if (says.circular()) {
                assertThat(p.polarization().sense())
                        .as(f.key())
                        .isEqualTo(says == Polarized.RIGHT_HAND ? Polarization.Sense.RHCP : Polarization.Sense.LHCP);
                assertThat(p.polarization().axialRatioDb().orElseThrow()).isLessThan(4);
            } else {
                double wanted = says == Polarized.UPRIGHT ? p.gainThetaDbi() : p.gainPhiDbi();
                double other = says == Polarized.UPRIGHT ? p.gainPhiDbi() : p.gainThetaDbi();
                assertThat(wanted).as(f.key() + says).isGreaterThan(other + 10);
            }
        }
    }

    /** Turned over, the hand and nothing else changes. */
    @ParameterizedTest
    @CsvSource({"helix, 3", "crossed Yagis, 7", "lobe omni, 3"})
    void theOtherHandIsTheMirrorImage(String key, int measure) {
        WireFamily f = Families.wires(key);
        Family.Wish wish = wish(f, false);
        Design right = f.begun(wish);
        Design left = right.withSize(measure, Quantity.of("1", Unit.ONE));
        FieldSolution r = solved(right, wish.frequency());
        FieldSolution l = solved(left, wish.frequency());
        assertThat(l.impedances().get(0).subtract(r.impedances().get(0)).norm()).isLessThan(0.01);
        assertThat(PatternSummary.of(l).polarization().sense())
                .isNotEqualTo(PatternSummary.of(r).polarization().sense());
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
        assertThat(impedance(begun("loop")).getReal()).isBetween(115.0, 140.0);
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
        Family.Wish wish = wish(f, false);
        Design flat = f.begun(wish);
        Design upright = flat.withUpright(!flat.upright());
        if (f.key().equals("stacked Yagis")) {
            return; // The antennas are turned, not the frame they stand on.
        }
        FieldSolution a = solved(flat, wish.frequency());
        FieldSolution b = solved(upright, wish.frequency());
        assertThat(b.impedances().get(0).subtract(a.impedances().get(0)).norm())
                .isLessThan(1e-5 * a.impedances().get(0).norm());
        if (flat.polarized().orElseThrow() != upright.polarized().orElseThrow()) {
            assertThat(PatternSummary.of(b).gainThetaDbi())
                    .isCloseTo(PatternSummary.of(a).gainPhiDbi(), within(0.02));
        }
    }

    /** Anywhere in the ranges its boxes allow it is solved with its power kept, or refused with a reason. */
    @ParameterizedTest
    @MethodSource("families")
    void everySizeIsSolvedOrRefusedWithAReason(WireFamily f) {
        Random random = new Random(f.key().hashCode());
        double frequency = wish(f, false).frequency();
        double wave = 299_792_458.0 / frequency;
        for (int run = 0; run < 6; run++) {
            List<Quantity> sizes = new ArrayList<>();
            for (Measure m : f.measures()) {
                sizes.add(m.of(m.least(wave) + random.nextDouble() * (m.most(wave) - m.least(wave))));
            }
            Design d = new Design(
                    f.key(), sizes, Quantity.shown(0.002 * wave, Unit.MM, 2), Metal.ALUMINIUM, random.nextBoolean());
            List<ModelCheck.Fault> faults = ModelCheck.faults(d.model(), frequency);
            if (faults.isEmpty()) {
                FieldSolution s = inTheOpen(d, frequency, new MeshRule(14, 10, frequency));
                assertThat(PatternSummary.of(s).powerBalance())
                        .as(f.key() + " " + sizes)
                        .isCloseTo(1, within(0.01));
            } else {
                assertThat(faults).allMatch(t -> t.toString().length() > 15);
            }
        }
    }

    /** Between neighbouring sizes nothing jumps: a thousandth more of any length moves gain and resistance by little. */
    @ParameterizedTest
    @MethodSource("families")
    void aLittleMoreMovesALittle(WireFamily f) {
        Family.Wish wish = wish(f, false);
        Design d = f.begun(wish);
        FieldSolution before = solved(d, wish.frequency());
        double gain = RadiatedField.leaving(before).gainDbi(Direction.X);
        Complex z = before.impedances().get(0);
        for (int i = 0; i < f.measures().size(); i++) {
            Measure m = f.measures().get(i);
            if (m.isLength() && d.size(i) > 0) {
                Design next = d.withSize(i, Quantity.shown(1.001 * d.size(i), Unit.MM, 6));
                FieldSolution s = solved(next, wish.frequency());
                String where = f.key() + ", " + m.name();
                assertThat(RadiatedField.leaving(s).gainDbi(Direction.X))
                        .as(where)
                        .isCloseTo(gain, within(0.15));
                assertThat(s.impedances().get(0).subtract(z).norm()).as(where).isLessThan(0.07 * z.norm());
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

    /** A trap is an end for its own frequency and none an octave below; an open link is an end at every one. */
    @Test
    void trapsAndLinksEndAWireWhereTheyShould() {
        WireFamily f = Families.wires("hung wire");
        Design plain = f.begun(wish(f, false)).withSize(0, Quantity.of("20", Unit.M));
        Design trapped = plain.withSize(6, Quantity.of("10", Unit.M)).withSize(7, Quantity.of("14.2", Unit.MHZ));
        Design half = plain.withSize(0, Quantity.of("10", Unit.M))
                .withSize(3, plain.sizes().get(2));
        Design level = trapped.withSize(3, plain.sizes().get(2));
        Complex at14 = solved(level, 14.2e6).impedances().get(0);
        Complex short14 = solved(half, 14.2e6).impedances().get(0);
        assertThat(at14.subtract(short14).norm()).isLessThan(0.35 * short14.norm());
        Complex at3 = solved(level, 3.55e6).impedances().get(0);
        Complex whole3 = solved(level.withSize(6, Quantity.of("0", Unit.M)), 3.55e6)
                .impedances()
                .get(0);
        Complex short3 = solved(half, 3.55e6).impedances().get(0);
        assertThat(at3.subtract(whole3).norm()).isLessThan(at3.subtract(short3).norm());
        Design linked = plain.withSize(5, Quantity.of("10", Unit.M));
        assertThat(linked.model().wires()).hasSize(3);
        assertThat(linked.title()).isEqualTo("Linked hung wire");
        double cut = linked.model().wires().get(1).length();
        assertThat(cut).isCloseTo(10, within(0.15));
        assertThat(plain.model().wires().get(1).length()).isCloseTo(20, within(0.01));
    }
}
