package veldline.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.line.WoundTransformer;
import veldline.picture.Mark;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.stock.Ring;

/** A ring as it is wound: a hand that counts the strokes winds what was worked out. */
class WindingDrawingTest {
    private static final double X = 100;
    private static final double Y = 90;
    private static final double OUTER = 60;

    private static Picture drawn(int atLine, int atLoad) {
        Pen pen = Picture.pen(220, 200);
        Ring ring = Ring.FOR_TRANSFORMERS.get(4);
        new WindingDrawing(new WoundTransformer(ring, 1, atLine, atLoad), pen, X, Y, OUTER).draw();
        return pen.done();
    }

    /** Strokes that go over the ring, from its hole to its rim. */
    private static List<Mark.Stroke> turns(Picture p, Role role) {
        return p.marks().stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(Mark.Stroke.class::cast)
                .filter(s -> s.role() == role && s.points().size() == 2)
                .filter(s -> radius(s.points().get(0)) < OUTER * 0.7
                        && radius(s.points().get(1)) > OUTER)
                .toList();
    }

    private static double radius(Mark.At at) {
        return Math.hypot(at.x() - X, at.y() - Y);
    }

    @ParameterizedTest
    @CsvSource({"2, 14", "3, 21", "1, 1", "6, 3", "5, 40"})
    void everyTurnIsDrawnOnce(int atLine, int atLoad) {
        Picture p = drawn(atLine, atLoad);
        assertThat(turns(p, Role.LICHEN)).as("at the cable").hasSize(atLine);
        assertThat(turns(p, Role.MUSSEL)).as("at the antenna").hasSize(atLoad);
        assertThat(p.texts().map(Mark.Text::text)).containsExactlyInAnyOrder("cable", "screen", "antenna");
    }

    /** No two strokes lie on one another, and a sixth of the ring stays free between the ends. */
    @ParameterizedTest
    @CsvSource({"3, 21", "6, 3"})
    void noTurnHidesAnother(int atLine, int atLoad) {
        Picture p = drawn(atLine, atLoad);
        List<Double> angles = java.util.stream.Stream.concat(
                        turns(p, Role.LICHEN).stream(), turns(p, Role.MUSSEL).stream())
                .map(s ->
                        Math.atan2(s.points().get(1).y() - Y, s.points().get(1).x() - X))
                .sorted()
                .toList();
        double widest = angles.get(0) + 2 * Math.PI - angles.get(angles.size() - 1);
        for (int i = 1; i < angles.size(); i++) {
            double apart = angles.get(i) - angles.get(i - 1);
            assertThat(apart).isGreaterThan(0.02);
            widest = Math.max(widest, apart);
        }
        assertThat(widest).isGreaterThan(2 * Math.PI * 0.15);
        p.texts().forEach(t -> assertThat(t.y()).as("words stand below").isGreaterThan(Y + OUTER));
        assertThat(p.width()).isCloseTo(220, within(1e-9));
    }
}
