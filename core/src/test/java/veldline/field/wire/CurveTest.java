package veldline.field.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class CurveTest {
    private static final Vec UP = new Vec(0, 0, 2);

    private static double length(List<Vec> points) {
        double sum = 0;
        for (int i = 1; i < points.size(); i++) {
            sum += points.get(i).minus(points.get(i - 1)).length();
        }
        return sum;
    }

    @Test
    void aHelixIsAsLongAsItsUnrolledTurnsAndTurnsTheRightWay() {
        Curve c = new Curve(new Vec(1, 2, 3), UP, new Vec(1.5, 2, 3), 4.25, 0.3, 48);
        double turn = Math.hypot(2 * Math.PI * 0.5, 0.3);
        assertThat(length(c.points())).isCloseTo(4.25 * turn, within(1e-3 * 4.25 * turn));
        Vec end = c.points().get(c.points().size() - 1);
        assertThat(end.minus(new Vec(1, 2.5, 3 + 4.25 * 0.3)).length())
                .as("a quarter turn on, right-handed, and risen")
                .isLessThan(1e-12);
        Curve left = new Curve(new Vec(1, 2, 3), UP, new Vec(1.5, 2, 3), -4.25, 0.3, 48);
        Vec other = left.points().get(left.points().size() - 1);
        assertThat(other.y()).isCloseTo(1.5, within(1e-12));
        assertThat(other.z()).isCloseTo(end.z(), within(1e-12));
    }

    @Test
    void aWholeCircleClosesAndAnArcEndsWhereItShould() {
        Curve circle = new Curve(Vec.ZERO, UP, new Vec(0.2, 0, 0), 1, 0, 36);
        assertThat(circle.closes()).isTrue();
        assertThat(circle.points())
                .hasSize(36)
                .allSatisfy(p -> assertThat(p.length()).isCloseTo(0.2, within(1e-12)));
        Curve arc = new Curve(Vec.ZERO, UP, new Vec(0.2, 0, 0), 0.25, 0, 48);
        assertThat(arc.closes()).isFalse();
        assertThat(arc.points()).hasSize(13);
        assertThat(arc.points().get(12).minus(new Vec(0, 0.2, 0)).length()).isLessThan(1e-12);
    }

    @Test
    void whatCannotBeBentIsRefusedWithAReason() {
        assertThatThrownBy(() -> new Curve(Vec.ZERO, Vec.ZERO, new Vec(1, 0, 0), 1, 0, 48))
                .hasMessageContaining("no direction");
        assertThatThrownBy(() -> new Curve(Vec.ZERO, UP, new Vec(1, 0, 1), 1, 0, 48))
                .hasMessageContaining("square to the axis");
        assertThatThrownBy(() -> new Curve(Vec.ZERO, UP, new Vec(1, 0, 0), 1, 0, 3))
                .hasMessageContaining("6 to 360");
        assertThatThrownBy(() -> new Curve(Vec.ZERO, UP, new Vec(1, 0, 0), 0, 0, 48))
                .hasMessageContaining("turns");
    }
}
