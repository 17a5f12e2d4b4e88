package veldline.instrument;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.prove.Cause;
import veldline.prove.Diagnosis;
import veldline.prove.Observed;
import veldline.prove.Symptom;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Something is put wrong in a world nobody sees; what can be read of it, and the tests that are named, find it. */
class HiddenCauseTest {
    private static final int SEEDS = 100;
    /** So many tests a person may be sent to make. */
    private static final int PATIENCE = 6;

    private static final Job JOB = TernholmSands.nestCamera();
    private static final double HEIGHT = 8;
    private static final double GAIN = 14;
    private static final World.Hidden PLAIN = new World.Hidden(0, World.USUAL_EXTRA, 0, 0, 1, 0);

    static Stream<Trouble> troubles() {
        return Stream.of(
                new Trouble(Cause.POLARIZATION, 20),
                new Trouble(Cause.FEEDER, 3),
                new Trouble(Cause.AIM, 3),
                new Trouble(Cause.HEIGHT, intoTheNull()),
                new Trouble(Cause.INTERFERENCE, 8),
                new Trouble(Cause.HEAT, 5),
                new Trouble(Cause.POWER, 6),
                new Trouble(Cause.BACKHAUL, 8));
    }

    /** As many metres off as bring it where the bounce takes most over a whole tide. */
    private static double intoTheNull() {
        return IntStream.rangeClosed(-8, 16)
                .mapToObj(i -> 0.5 * i)
                .min(Comparator.comparingDouble(HiddenCauseTest::overATide))
                .orElseThrow();
    }

    private static double overATide(double off) {
        World world = new World(JOB, GAIN, HEIGHT, PLAIN, new Trouble(Cause.HEIGHT, off), 1);
        return IntStream.rangeClosed(0, 34)
                .mapToDouble(t -> world.meanLevel(t / 10.0))
                .average()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("troubles")
    void theRightOneIsAmongTheFirstTwo(Trouble trouble) {
        int found = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            List<Diagnosis.Ranked> ranked = diagnosed(trouble, seed).ranked();
            found += ranked.get(0).cause() == trouble.cause() || ranked.get(1).cause() == trouble.cause() ? 1 : 0;
        }
        assertThat(found).isGreaterThanOrEqualTo(90);
    }

    /** A link with no more wrong than is usual is not accused of anything. */
    @Test
    void whereNothingIsWrongNothingIsSaidToBe() {
        int accused = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            Diagnosis d = diagnosed(Trouble.NONE, seed);
            accused += d.tells() && d.ranked().get(0).cause() != Cause.NOTHING ? 1 : 0;
        }
        assertThat(accused).isLessThanOrEqualTo(5);
    }

    /** A tide is recorded; then whatever test is named next is made, while one is. */
    private static Diagnosis diagnosed(Trouble trouble, long seed) {
        World plain = new World(JOB, GAIN, HEIGHT, PLAIN, 1);
        FieldTests link = new FieldTests(JOB, GAIN, HEIGHT, plain::meanLevel, World.Hidden.drawn(seed), trouble, seed);
        List<Observed> observed = new ArrayList<>();
        for (Symptom s : List.of(Symptom.LEVEL, Symptom.SHAPE, Symptom.WARM)) {
            observed.add(observe(link, s));
        }
        Diagnosis d = Diagnosis.of(observed, List.of(Symptom.values()));
        for (int i = 0; i < PATIENCE && d.next().isPresent(); i++) {
            observed.add(observe(link, d.next().get()));
            d = Diagnosis.of(observed, List.of(Symptom.values()));
        }
        return d;
    }

    private static Observed observe(FieldTests link, Symptom s) {
        return new Observed(s, Quantity.shown(link.measured(s), Unit.DB, 2));
    }
}
