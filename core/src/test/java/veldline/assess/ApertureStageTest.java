package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Radiation;
import veldline.coverage.Pattern;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Figures of what has an opening, and its pattern over a plan, against the field they come from. */
class ApertureStageTest {
    private static final double F = 2437e6;

    private static ApertureDesign begun(String key, boolean upright) {
        return Families.apertures(key).design(new Family.Wish(F, 1, 1.6e-3, Metal.ALUMINIUM, upright));
    }

    private static Quantity of(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    private static Pattern pattern(ApertureDesign d) {
        return ApertureStage.pattern(new ApertureStage.Input(d, F));
    }

    private static AntennaFigures figures(ApertureDesign d) {
        return ApertureStage.look(new ApertureStage.Input(d, F)).figures();
    }

    private static int strongest(Pattern p) {
        return IntStream.rangeClosed(-400, 400)
                .boxed()
                .max((a, b) -> Double.compare(p.dbi(0, a / 10.0), p.dbi(0, b / 10.0)))
                .orElseThrow();
    }

    /** A column whose feed leans its beam looks down by so much over a plan, though it hangs straight; and up nowhere. */
    @ParameterizedTest
    @ValueSource(ints = {0, 4, 8})
    void anUprightColumnLooksDownByTheTiltOfItsFeed(int tilt) {
        ApertureDesign column =
                begun("patches", true).withSize(4, of("8", Unit.ONE)).withSize(9, of(Integer.toString(tilt), Unit.DEG));
        Pattern p = pattern(column);
        assertThat(strongest(p) / 10.0).isCloseTo(-tilt, within(1.0));
        assertThat(p.most()).isCloseTo(figures(column).gain().value(), within(0.3));
    }

    /** In the level and in the upright plane the plan has the cuts the drawing has, whichever way the field stands. */
    @ParameterizedTest
    @CsvSource({"horn, true", "horn, false", "can, true", "round horn, false", "dish, true"})
    void thePlanHasTheCutsOfTheDrawing(String key, boolean upright) {
        ApertureDesign d = begun(key, upright);
        AntennaFigures f = figures(d);
        Pattern p = pattern(d);
        for (int deg : new int[] {0, 4, 8, 15, 30}) {
            double level = (upright ? f.hCut() : f.eCut()).get(deg);
            double up = (upright ? f.eCut() : f.hCut()).get(deg);
            if (level > f.gain().value() - 25) {
                assertThat(p.dbi(deg, 0)).as("%s level %s°", key, deg).isCloseTo(level, within(0.7));
            }
            if (up > f.gain().value() - 25) {
                assertThat(p.dbi(0, deg)).as("%s up %s°", key, deg).isCloseTo(up, within(0.7));
            }
        }
    }

    /** What comes back so many decibels weaker is an SWR of (1 + r) over (1 − r), r its share of the field. */
    @ParameterizedTest
    @CsvSource({"6, 3.010", "14, 1.499", "20, 1.222", "40, 1.020"})
    void aTypedReturnLossIsAnSwr(String decibels, double swr) {
        assertThat(figures(begun("can", false).withSize(7, of(decibels, Unit.DB)))
                        .swr()
                        .value())
                .isCloseTo(swr, within(1e-3));
    }

    /** Both sides of a beam count: with the feed aside one falls sooner, and the width is what lies between. */
    @Test
    void anUnevenBeamIsAsWideAsBothItsSides() {
        ApertureDesign aside = begun("dish", false).withSize(6, of("110", Unit.MM));
        Radiation r = aside.radiation(F);
        double half = 10 * Math.log10(2);
        double one = r.edge(half, 0).orElseThrow();
        double other = r.edge(half, 180).orElseThrow();
        assertThat(Math.abs(one - other)).as("coma").isGreaterThan(0.05);
        assertThat(figures(aside).widthE().orElseThrow().value()).isCloseTo(one + other, within(1e-9));
        assertThat(r.fall(0, 0)).isCloseTo(0, within(0.1));
    }

    /** Behind it is no quieter than its edges allow, and said to be so. */
    @Test
    void behindThereIsWhatEdgesThrowRound() {
        AntennaFigures f = figures(begun("dish", false));
        assertThat(f.gain().value() - f.frontToBack().value()).isCloseTo(-8, within(0.5));
        assertThat(f.frontToBack().formula().words()).contains("−8 dBi");
    }
}
