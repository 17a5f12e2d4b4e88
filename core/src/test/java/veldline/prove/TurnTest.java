package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Aim;
import veldline.raise.Beams;

/** What a turn says of a beam, a height and a field, from readings with noise in whole decibels. */
class TurnTest {
    private static List<TurnReading> readings(
            Turned what, double from, double to, double step, DoubleUnaryOperator level, double noise, long seed) {
        Random random = new Random(seed);
        int count = (int) Math.round((to - from) / step);
        return IntStream.rangeClosed(0, count)
                .mapToObj(i -> {
                    double at = from + i * step;
                    double read = level.applyAsDouble(at) + noise * random.nextGaussian();
                    return new TurnReading(what.shown(at), Quantity.shown(Math.rint(read), Unit.DBM, 0));
                })
                .toList();
    }

    private static double malus(double degrees, double best, double depth) {
        double c = Math.cos(Math.toRadians(degrees - best));
        double floor = Math.pow(10, -depth / 10);
        return -60 + 10 * Math.log10(c * c + floor * (1 - c * c));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 31, 90, 135, 178})
    void theAngleOfAFieldIsFound(double best) {
        for (int seed = 0; seed < 20; seed++) {
            PolarTurn t = PolarTurn.of(readings(Turned.POLARIZATION, 0, 180, 15, d -> malus(d, best, 20), 0.5, seed))
                    .orElseThrow();
            assertThat(PolarTurn.apart(t.best().value(), best)).isLessThan(5);
            assertThat(t.depth().value()).isBetween(15.0, 30.0);
            assertThat(t.law().level(best)).isCloseTo(-60, within(1.0));
            assertThat(t.misfit()).isLessThan(2.5);
        }
    }

    @Test
    void aFieldThatTurnsHasNoAngle() {
        PolarTurn t = PolarTurn.of(readings(Turned.POLARIZATION, 0, 180, 15, d -> -63, 0.5, 3))
                .orElseThrow();
        assertThat(t.depth().value()).isLessThan(3);
    }

    @Test
    void fewReadingsOrASmallTurnAreNone() {
        assertThat(PolarTurn.of(readings(Turned.POLARIZATION, 0, 45, 15, d -> malus(d, 0, 20), 0, 1)))
                .isEmpty();
        assertThat(PolarTurn.of(readings(Turned.POLARIZATION, 0, 60, 10, d -> malus(d, 0, 20), 0, 1)))
                .as("seven readings within 60°")
                .isEmpty();
        assertThat(HeightTurn.of(readings(Turned.HEIGHT, 4, 6, 1, h -> -60, 0, 1), 5))
                .isEmpty();
        assertThat(PatternTurn.of(readings(Turned.BEARING, 0, 30, 10, b -> -60, 0, 1), Beams.CUT, Beams.WIDTH))
                .isEmpty();
    }

    @Test
    void halfATurnIsTheSameField() {
        assertThat(PolarTurn.apart(178, 2)).isCloseTo(4, within(1e-9));
        assertThat(PolarTurn.apart(0, 90)).isCloseTo(90, within(1e-9));
        assertThat(PolarTurn.apart(10, 190)).isCloseTo(0, within(1e-9));
    }

    @Test
    void aBeamIsAsWideAsItsCut() {
        for (int seed = 0; seed < 20; seed++) {
            PatternTurn t = PatternTurn.of(
                            readings(
                                    Turned.BEARING,
                                    0,
                                    350,
                                    5,
                                    b -> -60 + Math.max(-30, Aim.relative(Beams.CUT, Aim.off(b, 74))),
                                    0.3,
                                    seed),
                            Beams.CUT,
                            Beams.WIDTH)
                    .orElseThrow();
            assertThat(Aim.off(t.aim().mark().value(), 74)).isCloseTo(0, within(Beams.WIDTH / 10));
            assertThat(t.width().orElseThrow().value()).isCloseTo(Beams.WIDTH, within(Beams.WIDTH * 0.2));
            assertThat(t.ahead()).isPresent();
            assertThat(t.lopsided().orElseThrow()).isLessThan(2);
            assertThat(t.strange()).isEmpty();
        }
    }

    @Test
    void aWallOnOneSideMakesItLopsided() {
        DoubleUnaryOperator walled = b -> -60
                + 10
                        * Math.log10(Math.pow(10, Aim.relative(Beams.CUT, Aim.off(b, 74)) / 10)
                                + 0.3 * Math.pow(10, Aim.relative(Beams.CUT, Aim.off(b, 119)) / 10));
        PatternTurn t = PatternTurn.of(readings(Turned.BEARING, 0, 350, 5, walled, 0.3, 2), Beams.CUT, Beams.WIDTH)
                .orElseThrow();
        assertThat(t.lopsided().orElseThrow()).isGreaterThan(2);
        assertThat(t.strange().orElseThrow().bearing()).isBetween(110.0, 140.0);
    }

    @Test
    void aBeamReadOnOneSideHasNoWidth() {
        PatternTurn t = PatternTurn.of(
                        readings(
                                Turned.BEARING, 74, 154, 5, b -> -60 + Aim.relative(Beams.CUT, Aim.off(b, 74)), 0.1, 2),
                        Beams.CUT,
                        Beams.WIDTH)
                .orElseThrow();
        assertThat(t.width()).isEmpty();
        assertThat(t.ahead()).as("nobody read behind").isEmpty();
    }

    @Test
    void theBestHeightIsFoundAndWhatItBrings() {
        for (int seed = 0; seed < 20; seed++) {
            HeightTurn t = HeightTurn.of(
                            readings(Turned.HEIGHT, 4, 14, 1, h -> -60 - 0.25 * (h - 8) * (h - 8), 0.4, seed), 13)
                    .orElseThrow();
            assertThat(t.best().value()).isCloseTo(8, within(1.0));
            assertThat(t.gains().orElseThrow().value()).isCloseTo(6, within(1.5));
        }
        assertThat(HeightTurn.of(readings(Turned.HEIGHT, 4, 14, 1, h -> -60, 0.4, 1), 40)
                        .orElseThrow()
                        .gains())
                .as("nobody read at 40 m")
                .isEmpty();
    }

    @Test
    void whatIsTypedIsReadAndToldAgain() {
        List<TurnReading> read =
                TurnReading.read("0 -61, 15 −64.5; 30 -70", Unit.DEG).orElseThrow();
        assertThat(read).hasSize(3);
        assertThat(read.get(1).level()).isEqualTo(Quantity.of("-64.5", Unit.DBM));
        assertThat(TurnReading.read(TurnReading.of(read), Unit.DEG)).contains(read);
        assertThat(TurnReading.read("0 61 -3", Unit.DEG)).isEmpty();
        assertThat(TurnReading.read("", Unit.M)).contains(List.of());
    }
}
