package veldline.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well19937c;
import org.junit.jupiter.api.Test;
import veldline.antenna.Yagi;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class ImprovementTest {
    private static final double F = 2437e6;
    private static final double C = 299_792_458.0;
    private static final YagiShape YAGI = Yagi.forCount(F, 4, Quantity.of("1.6", Unit.MM), Metal.BRASS, false);

    private static Improvement.Ask ask(Measure up, int tries) {
        return new Improvement.Ask(YAGI, F, 0.02, 0.1, 1.8, Measure.GAIN, up, Improvement.Chosen.ALL, tries);
    }

    private static Improvement.Result found(Measure up) {
        return Improvement.of(ask(up, 400), Progress.NONE);
    }

    @Test
    void everyAntennaOnTheFrontKeepsTheLimitsAndNoneBeatsAnother() {
        Improvement.Result r = found(Measure.FRONT_TO_BACK);
        assertThat(r.front()).hasSizeBetween(2, Improvement.Result.MOST);
        for (Improvement.Design d : r.front()) {
            assertThat(d.reached().worst(Measure.SWR)).isLessThan(1.82);
            assertThat(d.yagi().boomLength()).isLessThan(0.1016);
            for (int i = 1; i < d.yagi().elements().size(); i++) {
                double gap = d.yagi().elements().get(i).position().value()
                        - d.yagi().elements().get(i - 1).position().value();
                assertThat(gap).isGreaterThan(0.0499 * C / F);
            }
        }
        for (int i = 1; i < r.front().size(); i++) {
            AcrossBand before = r.front().get(i - 1).reached();
            AcrossBand here = r.front().get(i).reached();
            assertThat(here.worst(Measure.GAIN)).isGreaterThan(before.worst(Measure.GAIN));
            assertThat(here.worst(Measure.FRONT_TO_BACK)).isLessThan(before.worst(Measure.FRONT_TO_BACK));
        }
    }

    @Test
    void aLockedElementIsWorkedAround() {
        YagiShape locked = new YagiChange.Lock(2, true).applyTo(YAGI);
        Improvement.Result r = Improvement.of(
                new Improvement.Ask(
                        locked, F, 0.02, 0.1, 3, Measure.GAIN, Measure.FRONT_TO_BACK, Improvement.Chosen.ALL, 200),
                Progress.NONE);
        assertThat(r.front()).isNotEmpty();
        for (Improvement.Design d : r.front()) {
            assertThat(d.yagi().elements().get(2).length())
                    .isEqualTo(YAGI.elements().get(2).length());
        }
        assertThat(r.front())
                .anyMatch(d -> !d.yagi()
                        .elements()
                        .get(3)
                        .length()
                        .equals(YAGI.elements().get(3).length()));
    }

    @Test
    void theFrontHasMoreThanTheRuleInOneMeasureAtNoLessOfTheOther() {
        Improvement.Result r = found(Measure.FRONT_TO_BACK);
        double gain = r.now().reached().worst(Measure.GAIN);
        double back = r.now().reached().worst(Measure.FRONT_TO_BACK);
        assertThat(r.front()).anySatisfy(d -> {
            assertThat(d.reached().worst(Measure.GAIN)).isGreaterThan(gain - 0.3);
            assertThat(d.reached().worst(Measure.FRONT_TO_BACK)).isGreaterThan(back + 1);
        });
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        assertThat(found(Measure.SIDE_LOBES)).isEqualTo(found(Measure.SIDE_LOBES));
    }

    @Test
    void shorterBoomsAndLowerSwrCanBeTradedForToo() {
        for (Measure up : List.of(Measure.LENGTH, Measure.SWR)) {
            List<Improvement.Design> front = found(up).front();
            assertThat(front).isNotEmpty();
            for (int i = 1; i < front.size(); i++) {
                assertThat(front.get(i).reached().worst(up))
                        .isGreaterThan(front.get(i - 1).reached().worst(up));
            }
        }
    }

    @Test
    void whatIsNotChosenStaysAsItIs() {
        Improvement.Ask all = ask(Measure.FRONT_TO_BACK, 250);
        for (Improvement.Chosen chosen : List.of(Improvement.Chosen.LENGTHS, Improvement.Chosen.GAPS)) {
            Improvement.Result r = Improvement.of(
                    new Improvement.Ask(YAGI, F, 0.02, 0.11, 3, all.across(), all.up(), chosen, 250), Progress.NONE);
            assertThat(r.front()).isNotEmpty();
            for (Improvement.Design d : r.front()) {
                for (int i = 0; i < YAGI.elements().size(); i++) {
                    YagiShape.Element was = YAGI.elements().get(i);
                    YagiShape.Element is = d.yagi().elements().get(i);
                    boolean lengths = chosen == Improvement.Chosen.LENGTHS;
                    assertThat((lengths ? is.position() : is.length()).value())
                            .isCloseTo((lengths ? was.position() : was.length()).value(), within(1e-6));
                }
            }
        }
    }

    @Test
    void calledOffItKeepsWhatItHas() {
        AtomicInteger steps = new AtomicInteger();
        Improvement.Result r =
                Improvement.of(ask(Measure.FRONT_TO_BACK, 500), (done, of, best) -> steps.incrementAndGet() < 40);
        assertThat(steps).hasValueLessThan(45);
        assertThat(r.tried()).isEqualTo(steps.get());
    }

    /** Slopes of the score, through the adjoint, against the score itself either side. */
    @Test
    void theSlopesOfTheScoreAreThoseOfItsDifferences() {
        Subject subject = new Subject(
                List.of(
                        new Subject.Free("reflector", 0.055, 0.068, 0.0615),
                        new Subject.Free("driven", 0.05, 0.064, 0.0575),
                        new Subject.Free("gap", 0.015, 0.03, 0.0205)),
                new Subject.Shape() {
                    @Override
                    public WireModel model(double[] v) {
                        return WireModel.inFreeSpace(
                                "two",
                                List.of(rod(0, v[0]), rod(v[2], v[1])),
                                Port.middleOf(1),
                                veldline.field.wire.Direction.X);
                    }

                    @Override
                    public double length(double[] v) {
                        return v[2];
                    }

                    @Override
                    public double[] lengthSlopes() {
                        return new double[] {0, 0, 1};
                    }
                });
        double[] frequencies = {0.98 * F, F, 1.02 * F};
        Search search = new Search(subject, frequencies, 1, (v, r) -> true);
        Goals goals = new Goals(
                Map.of(Measure.GAIN, 1.0, Measure.FRONT_TO_BACK, 0.7), Map.of(Measure.SWR, 1.2, Measure.LENGTH, 18.0));
        double[] at = subject.start();
        double[] slopes = search.slopes(goals, at, new double[] {1, 1, 1});
        double most = 0;
        for (double slope : slopes) {
            most = Math.max(most, Math.abs(slope));
        }
        for (int i = 0; i < at.length; i++) {
            double[] more = at.clone();
            double[] less = at.clone();
            more[i] += 4e-6;
            less[i] -= 4e-6;
            double change = (goals.score(search.reached(more, false).orElseThrow())
                            - goals.score(search.reached(less, false).orElseThrow()))
                    / 8e-6;
            assertThat(slopes[i]).as("dimension %d", i).isCloseTo(change, within(0.01 * most));
        }
    }

    private static Wire rod(double x, double length) {
        return Wire.straight(new Vec(x, -length / 2, 0), new Vec(x, length / 2, 0), 0.8e-3);
    }

    @Test
    void aFrontHoldsWhatNothingBeats() {
        RandomGenerator random = new Well19937c(11);
        Front<Integer> front = new Front<>(Measure.GAIN, Measure.SWR);
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            double gain = 10 + 5 * random.nextDouble();
            double swr = 1 + 2 * random.nextDouble();
            all.add(new double[] {gain, swr});
            front.hear(i, new AcrossBand(List.of(at(gain, swr)), 0.3));
        }
        List<Integer> kept = front.spread(400);
        for (int i = 0; i < all.size(); i++) {
            double[] one = all.get(i);
            boolean beaten =
                    all.stream().anyMatch(o -> o[0] >= one[0] && o[1] <= one[1] && (o[0] > one[0] || o[1] < one[1]));
            assertThat(kept.contains(i)).isEqualTo(!beaten);
        }
        List<Integer> few = front.spread(3);
        assertThat(few).hasSizeLessThanOrEqualTo(3).isSubsetOf(kept);
        assertThat(few.get(0)).isEqualTo(kept.get(0));
        assertThat(few.get(few.size() - 1)).isEqualTo(kept.get(kept.size() - 1));
    }

    private static AcrossBand.At at(double gain, double swr) {
        return new AcrossBand.At(gain, 0, new org.hipparchus.complex.Complex(50 * swr), 0);
    }

    @Test
    void aBrokenLimitCountsAgainstAndIsSaidToBeBroken() {
        Goals goals = new Goals(Map.of(Measure.GAIN, 1.0), Map.of(Measure.SWR, 1.5));
        AcrossBand good = new AcrossBand(List.of(at(10, 1.4)), 0.1);
        AcrossBand bad = new AcrossBand(List.of(at(10.5, 2.5)), 0.1);
        assertThat(goals.kept(good)).isTrue();
        assertThat(goals.kept(bad)).isFalse();
        assertThat(goals.score(good)).isGreaterThan(goals.score(bad));
    }
}
