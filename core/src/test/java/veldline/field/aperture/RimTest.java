package veldline.field.aperture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Rims with straight edges, against rectangles and segments, and dishes cut by them. */
class RimTest {
    private static final double F = 10e9;
    private static final double WAVE = 299_792_458.0 / F;

    private static double sinc(double x) {
        return Math.abs(x) < 1e-9 ? 1 : Math.sin(x) / x;
    }

    /** Cut until nothing round is left it is a rectangle, and lit evenly it sends what a rectangle does, in any plane. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 20, 45, 77, 90})
    void cutToARectangleItSendsLikeOne(double plane) {
        double a = 3 * WAVE;
        double b = 2 * WAVE;
        RoundOpening.Cut cut =
                new RoundOpening(new Rim(5 * WAVE, a, b), 0, WAVE, (x, y) -> Complex.ONE).cut(Math.toRadians(plane));
        double whole = cut.towards(0).norm();
        assertThat(whole).isCloseTo(4 * a * b, within(1e-4 * whole));
        for (double deg = 0.5; deg < 40; deg += 1.3) {
            double s = 2 * Math.PI / WAVE * Math.sin(Math.toRadians(deg));
            double book = Math.abs(
                    sinc(s * a * Math.cos(Math.toRadians(plane))) * sinc(s * b * Math.sin(Math.toRadians(plane))));
            double found = cut.towards(Math.toRadians(deg)).norm() / whole;
            if (book > 0.01) {
                assertThat(20 * Math.log10(found / book)).as(deg + "°").isCloseTo(0, within(0.02));
            } else {
                assertThat(found).as(deg + "°").isLessThan(0.0101);
            }
        }
    }

    /** A circle less two segments, by their closed form, however they lie. */
    @ParameterizedTest
    @CsvSource({"0.3, 2", "0.9, 2", "2, 0.5", "2, 0.99"})
    void itHoldsACircleLessItsSegments(double along, double across) {
        double h = Math.min(along, across);
        double segment = Math.acos(h) - h * Math.sqrt(1 - h * h);
        assertThat(new Rim(1, along, across).area()).isCloseTo(Math.PI - 2 * segment, within(1e-6));
    }

    /** Its farthest point in any direction is where the last chord shrinks to nothing. */
    @Test
    void chordsEndWhereItReachesTo() {
        Rim rim = new Rim(1, 0.8, 0.7);
        for (double phi = 0; phi < Math.PI; phi += 0.11) {
            double reach = rim.reach(phi);
            double[] inside = rim.chord(reach - 1e-4, phi);
            double[] outside = rim.chord(reach + 1e-4, phi);
            assertThat(inside[1]).as("at %.2f", phi).isGreaterThan(inside[0]);
            assertThat(outside[1] - outside[0]).isLessThan(1e-9);
            assertThat(rim.edge(phi)).isBetween(0.7, 1.0);
        }
        assertThat(Rim.round(2).cut()).isFalse();
        assertThatThrownBy(() -> new Rim(1, 0, 1)).hasMessageContaining("over 0");
    }

    /** Cut by next to nothing a dish is as it was; cut well, its pattern still holds the power its split says and its beam widens that way. */
    @Test
    void aCutDishHoldsItsPower() {
        Paraboloid dish = Paraboloid.ofRatio(14 * WAVE, 0.4);
        FeedPattern feed = FeedPattern.Cosine.falling(10, dish.halfAngle());
        double r = dish.diameter() / 2;
        LitDish whole = new LitDish(dish, feed, F, WAVE, 0, 0);
        LitDish hardly = new LitDish(dish, feed, F, WAVE, 0, 0, new Rim(r, 0.99999 * r, r));
        assertThat(hardly.gain()).isCloseTo(whole.gain(), within(1e-3 * whole.gain()));
        assertThat(hardly.spillover()).isCloseTo(whole.spillover(), within(1e-3));
        assertThat(hardly.field().power(0.08, 0.5)).isCloseTo(whole.field().power(0.08, 0.5), within(2e-3));
        LitDish cut = new LitDish(dish, feed, F, 0, 0, 0, new Rim(r, 0.5 * r, r));
        assertThat(10 * Math.log10(cut.field().directivity(24, 64) / cut.gain()))
                .isCloseTo(0, within(0.25));
        assertThat(cut.field().power(Math.toRadians(4), 0))
                .isGreaterThan(2 * cut.field().power(Math.toRadians(4), Math.PI / 2));
        LitDish late = new LitDish(dish, feed, F, 0, 0, 0.4 * WAVE, new Rim(r, 0.5 * r, r));
        assertThat(late.focused()).isBetween(0.5, 1.0);
    }
}
