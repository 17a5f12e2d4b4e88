package veldline.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DynamicTest;
import veldline.assess.Assessment;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.job.Job;
import veldline.picture.Picture;

/** Whether each text of a picture has room of its own. */
final class Roomy {
    private Roomy() {}

    /** A bench at a stop with something noted, in two sizes of window. */
    static DynamicTest looked(Job job, Assessment a, Step step, String stop, String noted, String as) {
        Showing s = new Showing(
                a,
                stop,
                Map.of(),
                Map.of(noted, as),
                new Stage.Running<>(),
                Showing.Advice.NONE,
                Optional.empty(),
                false);
        return DynamicTest.dynamicTest(job.name() + ", " + as + " at " + stop, () -> bench(step, s));
    }

    static void bench(Step step, Showing s) {
        for (double[] size : new double[][] {{704, 500}, {620, 480}}) {
            picture(Benches.of(step).centre(s, size[0], size[1]));
        }
    }

    static void picture(Picture p) {
        assertThat(Measured.collisions(p)).as("texts that run into each other").isEmpty();
        assertThat(Measured.outside(p)).as("texts that leave the picture").isEmpty();
    }
}
