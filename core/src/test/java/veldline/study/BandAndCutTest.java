package veldline.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.Dipole;
import veldline.antenna.Family;
import veldline.assess.Assessor;
import veldline.assess.SiteStage;
import veldline.coverage.Pattern;
import veldline.demo.TernholmSands;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.WireModel;
import veldline.job.Job;
import veldline.line.Mismatch;
import veldline.stock.Metal;

class BandAndCutTest {
    private static final double F = 145e6;

    private static WireModel dipole(double diameter) {
        return new Dipole()
                .shape(new Family.Wish(F, 1, diameter, Metal.COPPER, false))
                .model()
                .orElseThrow();
    }

    /** Against the definition, every frequency solved: no resistance gives a wider band, and one gives nearly that. */
    @ParameterizedTest
    @ValueSource(doubles = {0.002, 0.01})
    void theBandIsWhereASweepFindsIt(double diameter) {
        WireModel m = dipole(diameter);
        FieldSolver solver = new FieldSolver(m, MeshRule.standard(F * 1.08), () -> true);
        Complex middle = solver.at(F).impedances().get(0);
        double band = BandAndCut.of(m, F).band().value();
        double widest = 0;
        for (double r = middle.getReal() / 2; r <= 2 * middle.getReal(); r += middle.getReal() / 5) {
            widest = Math.max(widest, 100 * (edge(solver, middle, r, 1) - edge(solver, middle, r, -1)) / F);
        }
        assertThat(band).isCloseTo(widest, within(0.1 * widest));
    }

    /** Where what was tuned out at the middle has SWR 2; the tuning reactance changes as a coil's or a capacitor's does. */
    private static double edge(FieldSolver solver, Complex middle, double resistance, int side) {
        double off = 0;
        while (off < 0.08) {
            double f = F * (1 + side * (off + 0.004));
            double tuned = middle.getImaginary() > 0 ? F / f : f / F;
            Complex z = solver.at(f).impedances().get(0).subtract(new Complex(0, middle.getImaginary() * tuned));
            if (Mismatch.swr(z, resistance) >= 2) {
                return F * (1 + side * off);
            }
            off += 0.004;
        }
        return F * (1 + side * 0.08);
    }

    @Test
    void aThickerRodIsWiderAndForgivesMore() {
        BandAndCut thin = BandAndCut.of(dipole(0.002), F);
        BandAndCut thick = BandAndCut.of(dipole(0.02), F);
        assertThat(thick.band().value()).isGreaterThan(1.3 * thin.band().value());
        assertThat(thick.cut()).isGreaterThan(thin.cut());
    }

    /** What serves the plan's worst place more stands before what serves it less, among those that do the job. */
    @Test
    void candidatesForAPlanAreWeighedByItsWorstPlace() {
        Job shelter = TernholmSands.all().get(3);
        List<Candidate> all =
                Candidates.of(new Assessor().assess(shelter, Assessor.Depth.QUICK, () -> true), Progress.NONE);
        assertThat(all).allMatch(c -> c.merits().ground().isPresent());
        List<Candidate> ranked = Weigh.GROUND.ranked(all);
        for (int i = 1; i < ranked.size(); i++) {
            if (ranked.get(i).level() == ranked.get(i - 1).level()) {
                assertThat(ground(ranked.get(i))).isLessThanOrEqualTo(ground(ranked.get(i - 1)));
            }
        }
        // A decibel more all round is a decibel more at every place.
        double eight = SiteStage.worst(shelter, Pattern.claimed(8, 360), 0)
                .orElseThrow()
                .value();
        double nine = SiteStage.worst(shelter, Pattern.of((a, e) -> 0), 0)
                .orElseThrow()
                .value();
        double ten = SiteStage.worst(shelter, Pattern.of((a, e) -> 1), 0)
                .orElseThrow()
                .value();
        assertThat(ten - nine).isCloseTo(1, within(1e-3));
        assertThat(SiteStage.worst(shelter, Pattern.claimed(8, 360), 3)
                        .orElseThrow()
                        .value())
                .isCloseTo(eight - 3, within(1e-9));
        assertThat(SiteStage.worst(TernholmSands.nestCamera(), Pattern.claimed(8, 360), 0))
                .as("no plan")
                .isEmpty();
    }

    private static double ground(Candidate c) {
        return c.merits().ground().orElseThrow().value();
    }
}
