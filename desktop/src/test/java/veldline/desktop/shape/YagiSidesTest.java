package veldline.desktop.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Measured;
import veldline.desktop.bench.Showing;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.picture.Picture;

/** A Yagi from its other sides: what is dragged there does what it looks like. */
class YagiSidesTest {
    private static final double WIDTH = 704;
    private static final double HEIGHT = 500;
    private static final Job CAMERA = TernholmSands.nestCamera();
    private static final Job UPRIGHT = new JobChange.OfYagi(new YagiChange.Upright(true)).applyTo(CAMERA);
    private static final Assessor ASSESSOR = new Assessor();
    private static final Bench SHAPE = Benches.of(Step.SHAPE);
    private static final Map<Boolean, Assessment> SOLVED =
            Map.of(false, ASSESSOR.assess(CAMERA), true, ASSESSOR.assess(UPRIGHT));

    private static Showing seen(boolean upright, String view) {
        return new Showing(
                SOLVED.get(upright),
                "near-antenna",
                Map.of(Step.SHAPE, "element:6"),
                view.isEmpty() ? Map.of() : Map.of(WiresPicture.VIEW, view),
                new Stage.Running<>(),
                Showing.Advice.NONE,
                Optional.empty(),
                false);
    }

    private static Picture picture(Showing s) {
        return SHAPE.centre(s, WIDTH, HEIGHT);
    }

    private static Mark.Zone zone(Showing s, String id) {
        return picture(s).zones().filter(z -> z.id().equals(id)).findFirst().orElseThrow();
    }

    private static YagiShape.Element dragged(Showing s, double right) {
        Mark.Zone z = zone(s, "element:6");
        double x = z.x() + z.width() / 2;
        double y = z.y() + z.height() / 2;
        return SHAPE.dragged(s, "element:6", x, y, x + right, y, WIDTH, HEIGHT)
                .orElseThrow()
                .applyTo(s.job())
                .yagi()
                .orElseThrow()
                .elements()
                .get(6);
    }

    @ParameterizedTest
    @CsvSource({"false, SIDE", "true, ABOVE"})
    void alongItsElementsOneIsDraggedOnTheBoom(boolean upright, String view) {
        Showing s = seen(upright, view);
        YagiShape.Element was = s.job().yagi().orElseThrow().elements().get(6);
        assertThat(dragged(s, 0).position().value()).isCloseTo(was.position().value(), within(1.1e-4));
        YagiShape.Element moved = dragged(s, 12);
        assertThat(moved.position().value()).isGreaterThan(was.position().value() + 1e-3);
        assertThat(moved.length()).isEqualTo(was.length());
        assertThat(SHAPE.dragged(s, "element:0", 60, 140, 90, 140, WIDTH, HEIGHT))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void fromBehindItsEndIsDraggedToLength(boolean upright) {
        Showing s = seen(upright, "BEHIND");
        YagiShape.Element was = s.job().yagi().orElseThrow().elements().get(6);
        assertThat(dragged(s, 0).length().value()).isCloseTo(was.length().value(), within(1.1e-4));
        YagiShape.Element longer = dragged(s, 12);
        assertThat(longer.length().value()).isGreaterThan(was.length().value() + 5e-4);
        assertThat(longer.position()).isEqualTo(was.position());
        Job locked = new JobChange.OfYagi(new YagiChange.Lock(6, true)).applyTo(s.job());
        Showing held = new Showing(
                ASSESSOR.assess(locked, Assessor.Depth.QUICK, () -> true),
                "near-antenna",
                Map.of(),
                s.noted(),
                new Stage.Running<>(),
                Showing.Advice.NONE,
                Optional.empty(),
                false);
        assertThat(SHAPE.dragged(held, "element:6", 500, 140, 520, 140, WIDTH, HEIGHT))
                .isEmpty();
    }

    /** Whichever is large, the other two stand beside it and every element can be walked to. */
    @ParameterizedTest
    @CsvSource({
        "false, ''",
        "false, SIDE",
        "false, ABOVE",
        "false, BEHIND",
        "true, ''",
        "true, SIDE",
        "true, ABOVE",
        "true, BEHIND"
    })
    void theOtherTwoStandBeside(boolean upright, String view) {
        Showing s = seen(upright, view);
        String large = view.isEmpty() ? (upright ? "SIDE" : "ABOVE") : view;
        for (WiresPicture.View v : WiresPicture.View.values()) {
            assertThat(picture(s).zones().anyMatch(z -> z.id().equals("set:" + WiresPicture.VIEW + "=" + v)))
                    .as(v.word())
                    .isEqualTo(!v.name().equals(large));
        }
        assertThat(picture(s).zones().map(Mark.Zone::id)).containsAll(SHAPE.walk(s));
        assertThat(Measured.collisions(picture(s))).isEmpty();
    }

    /** Of twenty elements close together those that have room are named, and none over another. */
    @Test
    void manyElementsFindRoom() {
        Job many = new JobChange.OfYagi(new YagiChange.Count(2437e6, 20)).applyTo(CAMERA);
        Assessment a = ASSESSOR.assess(many, Assessor.Depth.QUICK, () -> true);
        for (String view : new String[] {"SIDE", "BEHIND", "ABOVE"}) {
            for (double width : new double[] {470, 704, 1100}) {
                Showing s = new Showing(
                        a,
                        "near-antenna",
                        Map.of(Step.SHAPE, "element:3"),
                        Map.of(WiresPicture.VIEW, view),
                        new Stage.Running<>(),
                        Showing.Advice.NONE,
                        Optional.empty(),
                        false);
                assertThat(Measured.collisions(SHAPE.centre(s, width, HEIGHT)))
                        .as(view + " " + width)
                        .isEmpty();
            }
        }
    }
}
