package veldline.trim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Made;
import veldline.antenna.OwnWires;
import veldline.antenna.Yagi;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.line.Mismatch;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** What a measure is off by is put into a model on a finer mesh, swept with noise, and found again. */
class TrimAdviserTest {
    private static final double F = 150.1e6;
    private static final double WAVE = 299_792_458.0 / F;
    private static final double NOISE = 0.05;
    private static final int SEEDS = 10;
    private static final Made YAGI = Yagi.forCount(F, 3, Quantity.of("6", Unit.MM), Metal.ALUMINIUM, true);
    private static final List<Double> SWEPT =
            IntStream.range(0, 11).mapToObj(i -> F * (0.96 + 0.008 * i)).toList();

    private static TrimAdviser adviser(Made made) {
        return new TrimAdviser(made, SWEPT, new Between.Straight(), 50, () -> true);
    }

    /** Without noise; the mesh is finer than any the adviser uses. */
    private static List<Complex> truth(Made made, int measure, double by) {
        FieldSolver solver = new FieldSolver(
                TrimMeasure.of(made).get(measure).varied(by),
                MeshRule.standard(F).finer(2.6),
                () -> true);
        return SWEPT.stream().map(f -> solver.at(f).impedances().get(0)).toList();
    }

    private static List<SweepPoint> read(List<Complex> truth, double loss, double noise, long seed) {
        Random random = new Random(seed);
        List<SweepPoint> points = new ArrayList<>();
        for (int i = 0; i < truth.size(); i++) {
            double rho = Mismatch.reflection(truth.get(i), 50).norm() * Math.pow(10, -loss / 10);
            double swr = Math.max(1, Mismatch.swrOf(rho) + noise * random.nextGaussian());
            points.add(SweepPoint.of(Quantity.shown(SWEPT.get(i), Unit.MHZ, 4), Quantity.shown(swr, Unit.ONE, 3)));
        }
        return points;
    }

    /** A hundredth of a wave in any measure that this sweep can tell: right and within a fifth; never wrong and sure of it. */
    @TestFactory
    List<DynamicTest> aHundredthOfAWaveIsFound() {
        Made quad = Families.wires("quad")
                .design(new Family.Wish(F, 1.0, 0.003, Metal.COPPER, true))
                .withSize(0, Quantity.of("2", Unit.ONE))
                .tuned(F);
        return List.of(YAGI, quad).stream()
                .map(made -> DynamicTest.dynamicTest(made.title(), () -> {
                    TrimAdviser adviser = adviser(made);
                    int told = 0;
                    int right = 0;
                    int wrong = 0;
                    for (int m = 0; m < adviser.measures().size(); m++) {
                        for (double by : new double[] {-0.01 * WAVE, 0.01 * WAVE}) {
                            List<Complex> truth = truth(made, m, by);
                            for (int seed = 0; seed < SEEDS; seed++) {
                                List<SweepPoint> sweep = read(truth, 0, NOISE, 100 * m + seed);
                                TrimAdvice a = adviser.advice(sweep, NOISE);
                                boolean same = a.suspects()
                                        .get(0)
                                        .measure()
                                        .equals(adviser.measures().get(m));
                                boolean sure = a.verdict() == TrimAdvice.Verdict.ONE;
                                wrong += sure && !same ? 1 : 0;
                                if (adviser.bounds(sweep, NOISE).get(m) < 0.01 * WAVE / 3) {
                                    told++;
                                    right += sure
                                                    && same
                                                    && Math.abs(a.suspects()
                                                                            .get(0)
                                                                            .offBy()
                                                                    - by)
                                                            < 0.2 * Math.abs(by)
                                            ? 1
                                            : 0;
                                } else if (a.verdict() == TrimAdvice.Verdict.CANNOT_TELL) {
                                    assertThat(a.tell()).isPresent();
                                }
                            }
                        }
                    }
                    assertThat(told).isGreaterThanOrEqualTo(4 * SEEDS);
                    assertThat(right).as("of " + told).isGreaterThanOrEqualTo((int) Math.ceil(0.95 * told));
                    assertThat(wrong)
                            .as("wrong and sure")
                            .isLessThanOrEqualTo(adviser.measures().size() * 2 * SEEDS * 3 / 100);
                }))
                .toList();
    }

    @Test
    void anAntennaThatIsAsDrawnIsLeftAlone() {
        TrimAdviser adviser = adviser(YAGI);
        List<Complex> truth = truth(YAGI, 0, 0);
        for (int seed = 0; seed < SEEDS; seed++) {
            TrimAdvice a = adviser.advice(read(truth, 0, NOISE, seed), NOISE);
            assertThat(a.verdict()).isNotEqualTo(TrimAdvice.Verdict.ONE);
            assertThat(a.asDrawn().value()).isGreaterThan(50);
        }
    }

    /** 3 dB of cable halve what comes back twice over: taken for nothing, the sweep fits no antenna or the wrong one. */
    @Test
    void aLossyCableIsTakenIntoAccount() {
        List<Complex> truth = truth(YAGI, 1, 0.01 * WAVE);
        List<SweepPoint> sweep = read(truth, 3, 0.02, 5);
        TrimAdvice told = new TrimAdviser(YAGI, SWEPT, new Between.Cable(new Between.Straight(), 3, 50), 50, () -> true)
                .advice(sweep, 0.02);
        assertThat(told.found().orElseThrow().measure().name()).isEqualTo("driven element, length");
        assertThat(told.found().orElseThrow().offBy()).isCloseTo(0.01 * WAVE, within(0.002 * WAVE));
        TrimAdvice untold = adviser(YAGI).advice(sweep, 0.02);
        assertThat(untold.found().map(Suspect::offBy).filter(by -> Math.abs(by - 0.01 * WAVE) < 0.002 * WAVE))
                .isEmpty();
    }

    /** With resistance and reactance an error is told that SWR alone leaves open. */
    @Test
    void phaseTellsWhatSizeDoesNot() {
        TrimAdviser adviser = adviser(YAGI);
        int reflector = 0;
        List<Complex> truth = truth(YAGI, reflector, -0.01 * WAVE);
        List<SweepPoint> phased = IntStream.range(0, SWEPT.size())
                .mapToObj(i -> SweepPoint.of(SWEPT.get(i), truth.get(i), 50))
                .toList();
        double with = adviser.bounds(phased, NOISE).get(reflector);
        double without = adviser.bounds(read(truth, 0, 0, 1), NOISE).get(reflector);
        assertThat(with).isLessThan(0.75 * without);
        TrimAdvice a = adviser.advice(phased, NOISE);
        assertThat(a.found().orElseThrow().measure().part()).isEqualTo("reflector");
        assertThat(a.found().orElseThrow().offBy()).isCloseTo(-0.01 * WAVE, within(0.002 * WAVE));
    }

    /** Two measures off at once fit no single one: nothing is named. */
    @Test
    void twoErrorsAtOnceAreNotLaidOnOne() {
        List<TrimMeasure> measures = TrimMeasure.of(YAGI);
        Made both = veldline.antenna.YagiDimension.of((veldline.antenna.YagiShape) YAGI)
                .get(2)
                .set((veldline.antenna.YagiShape) YAGI, measures.get(2).value() + 0.008 * WAVE);
        List<Complex> truth = truth(both, 1, 0.012 * WAVE);
        TrimAdvice a = adviser(YAGI).advice(read(truth, 0, 0.02, 3), 0.02);
        assertThat(a.verdict()).isNotEqualTo(TrimAdvice.Verdict.ONE);
        assertThat(a.tell()).isPresent();
    }

    @Test
    void whatCannotBeTrimmedSaysWhy() {
        assertThatThrownBy(() -> new TrimAdviser(YAGI, SWEPT.subList(0, 2), new Between.Straight(), 50, () -> true))
                .hasMessageContaining("2 frequencies")
                .hasMessageContaining("give 3");
        OwnWires own = OwnWires.of(YAGI.model(), Metal.ALUMINIUM, true);
        assertThatThrownBy(() -> adviser(own)).hasMessageContaining("no measures to trim");
        assertThatThrownBy(() -> adviser(YAGI).advice(List.of(), NOISE)).hasMessageContaining("0 points for 11");
    }
}
