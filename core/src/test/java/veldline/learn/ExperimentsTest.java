package veldline.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.assess.Step;
import veldline.study.Progress;

/** Every experiment shows what its answer says. */
class ExperimentsTest {
    private static Lesson lesson(String id) {
        return Lesson.of(Experiments.named(id).orElseThrow(), Progress.NONE);
    }

    private static double[] figures(Lesson l) {
        return l.looks().stream().mapToDouble(k -> k.figure().value()).toArray();
    }

    private static double beside(Look look, int index) {
        return look.beside().get(index).value();
    }

    private static Look at(String id, double setting) {
        return Experiments.named(id).orElseThrow().at(setting, () -> true);
    }

    static List<Experiment> all() {
        return Experiments.all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachIsWalkedFromEndToEndAndLeadsToABench(Experiment e) {
        Lesson l = Lesson.of(e, Progress.NONE);
        assertThat(l.looks()).hasSize(e.slide().count());
        assertThat(figures(l)).doesNotContain(Double.NaN).isNotEmpty();
        assertThat(l.looks()).allSatisfy(k -> {
            assertThat(k.says()).endsWith(".");
            assertThat(k.round().size()).isIn(0, 360);
            assertThat(k.scene().strokes().isEmpty()).isEqualTo(k.joint().isPresent());
        });
        assertThat(Step.valueOf(e.bench())).isNotNull();
        assertThat(l.begin()).isBetween(0, e.slide().count() - 1);
        assertThat(e.question()).contains("?");
    }

    @Test
    void noTwoAreKeptByOneName() {
        assertThat(all().stream().map(Experiment::id).distinct()).hasSameSizeAs(all());
        assertThat(Experiments.named("none")).isEmpty();
    }

    @Test
    void whatIsCalledOffKeepsWhatWasDone() {
        AtomicInteger asked = new AtomicInteger();
        Lesson l = Lesson.of(Experiments.all().get(0), (done, of, best) -> asked.incrementAndGet() <= 3);
        assertThat(l.looks()).hasSize(3);
        assertThat(l.begin()).isEqualTo(2);
    }

    @Test
    void aShortRodDirectsAndALongOneReflects() {
        double[] over = figures(lesson("rod-length"));
        assertThat(over[8]).as("0.44 of a wave").isGreaterThan(4);
        assertThat(over[over.length - 12]).as("half a wave").isLessThan(-4);
        long turns = IntStream.range(1, over.length)
                .filter(i -> over[i] < 0 != over[i - 1] < 0)
                .count();
        assertThat(turns).as("once it turns from one to the other").isEqualTo(1);
    }

    @Test
    void aReflectorPullsTheFeedDownAsItComesNear() {
        Lesson l = lesson("rod-near");
        assertThat(beside(l.looks().get(0), 1)).isLessThan(20);
        assertThat(beside(at("rod-near", 0.25), 1)).isGreaterThan(50);
        double quarter = at("rod-near", 0.25).figure().value();
        assertThat(at("rod-near", 0.1).figure().value()).isBetween(quarter, quarter + 1);
        assertThat(at("rod-near", 0.5).figure().value()).isLessThan(quarter - 0.8);
    }

    @Test
    void twoInStepAddUpAheadAndOutOfStepAlongTheirLine() {
        Look in = at("two-phases", 0);
        Look out = at("two-phases", 180);
        assertThat(in.figure().value()).isGreaterThan(5);
        assertThat(beside(in, 0)).as("along the line").isLessThan(-15);
        assertThat(out.figure().value()).isLessThan(-30);
        assertThat(beside(out, 0)).isGreaterThan(4);
        Look later = at("two-phases", 90);
        int best = IntStream.range(0, 360)
                .reduce((a, b) -> later.round().get(b) > later.round().get(a) ? b : a)
                .orElseThrow();
        assertThat(best).as("leans to the second, which stands at −y").isGreaterThan(180);
    }

    @Test
    void twoBringAboutTwiceAndNeverMuchMore() {
        double[] brought = figures(lesson("stack"));
        assertThat(brought[0]).isLessThan(1.5);
        assertThat(IntStream.range(8, brought.length).mapToDouble(i -> brought[i]))
                .allMatch(b -> b > 2 && b < 3.6);
        Look near = at("stack", 0.5);
        Look far = at("stack", 1.5);
        assertThat(beside(near, 0)).isLessThan(beside(far, 0) - 5);
        assertThat(near.says()).contains("clean beam");
        assertThat(far.says()).contains("lobes stand over and under");
    }

    @Test
    void whatIsSentInAllNeverGrows() {
        Lesson l = lesson("no-amplifier");
        double[] gain = figures(l);
        for (int i = 1; i < gain.length; i++) {
            assertThat(gain[i]).as("of " + (i + 3)).isGreaterThan(gain[i - 1]);
            assertThat(beside(l.looks().get(i), 0)).isLessThanOrEqualTo(100).isGreaterThan(95);
        }
    }

    @Test
    void turningFollowsTheRule() {
        for (Look k : lesson("crossed").looks()) {
            if (k.setting() <= 76) {
                assertThat(k.figure().value()).as("at " + k.setting()).isCloseTo(beside(k, 0), within(0.1));
            }
        }
        assertThat(at("crossed", 44).figure().value()).isCloseTo(2.86, within(0.05));
    }

    /** Both hands together carry what comes back of the flat and the upright part, each half of what arrives. */
    @Test
    void aBounceKeepsTheHandWhereItGrazesAndTurnsItWhereItIsSteep() {
        for (Look k : lesson("hand-bounce").looks()) {
            double both = Math.pow(10, k.figure().value() / 10) + Math.pow(10, beside(k, 0) / 10);
            assertThat(both).as("at " + k.setting()).isBetween(0.01, 1.0);
        }
        Look grazing = at("hand-bounce", 2);
        assertThat(grazing.figure().value()).isGreaterThan(beside(grazing, 0) + 10);
        Look steep = at("hand-bounce", 90);
        assertThat(steep.figure().value()).isLessThan(beside(steep, 0) - 30);
    }

    /** Over a mirror the lowest lobe stands where direct and bounced rays meet in step: sin e = 1/4h. Soil is near that. */
    @Test
    void theLowestLobeComesDownAsTheRodGoesUp() {
        for (Look k : lesson("height").looks()) {
            if (k.setting() >= 0.5) {
                double mirror = Math.toDegrees(Math.asin(1 / (4 * k.setting())));
                assertThat(k.figure().value()).as("at " + k.setting()).isCloseTo(mirror, within(4.0));
            }
        }
        assertThat(at("height", 0.15).figure().value()).isGreaterThan(60);
    }

    @Test
    void threadsThatMeetSayNothingOfContacts() {
        double[] against = figures(lesson("connectors"));
        assertThat(against[0]).isZero();
        assertThat(against[1]).as("two pins").isEqualTo(1);
        assertThat(against[2]).as("two sockets").isEqualTo(1);
        assertThat(against[3]).isZero();
        assertThat(against[4]).isZero();
        assertThat(against[5]).as("a 50 Ω pin in a 75 Ω socket").isPositive();
    }

    @Test
    void aLongerCableFlattersAndEats() {
        Lesson l = lesson("flattered");
        for (int i = 1; i < l.looks().size(); i++) {
            assertThat(figures(l)[i]).isLessThan(figures(l)[i - 1]);
            assertThat(beside(l.looks().get(i), 0)).isLessThan(beside(l.looks().get(i - 1), 0));
        }
        assertThat(figures(l)[0]).isGreaterThan(3);
        assertThat(l.looks().get(0).beside().get(0).value())
                .as("nothing in between")
                .isEqualTo(100);
    }
}
