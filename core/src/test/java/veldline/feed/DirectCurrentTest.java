package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What a cable takes of a supply: Ohm's law along the parts between, and nothing of those outside. */
class DirectCurrentTest {
    private static final FeedPart INJECTOR = Drawer.part("i-inject-f");
    private static final FeedPart AMPLIFIER = Drawer.part("m-mast-f");

    private static FeedPart cable(String metres) {
        return Drawer.part("c-tv-f").withLength(Optional.of(Quantity.of(metres, Unit.M)));
    }

    private static FeedRun run(FeedPart... parts) {
        return new FeedRun(
                INJECTOR.radioSide().mate(),
                List.of(parts),
                INJECTOR.radioSide().mate());
    }

    /** Two cables in a row count together, in either direction; those before and behind do not. */
    @Test
    void onlyWhatLiesBetweenCounts() {
        FeedRun one = run(cable("30"), INJECTOR, cable("10"), cable("5"), AMPLIFIER, cable("40"));
        FeedRun same = run(INJECTOR, cable("15"), AMPLIFIER);
        DirectCurrent a = DirectCurrent.along(one, 1, 4, 12, 0.1);
        DirectCurrent b = DirectCurrent.along(same, 0, 2, 12, 0.1);
        assertThat(a.ohms()).isCloseTo(b.ohms(), within(1e-12));
        assertThat(DirectCurrent.along(one, 4, 1, 12, 0.1)).isEqualTo(a);
        assertThat(DirectCurrent.along(run(INJECTOR, AMPLIFIER), 0, 1, 12, 0.1).ohms())
                .isZero();
        double loop = CableClass.of(cable("1")).orElseThrow().loopOhms();
        assertThat(a.arrives().value()).isCloseTo(12 - 0.1 * loop * 0.015, within(1e-12));
    }

    /** A fuse of the series, the smallest that carries half as much again as is drawn. */
    @ParameterizedTest
    @CsvSource({"0.02, 0.05", "0.08, 0.125", "0.1, 0.16", "0.5, 0.8", "1, 1.6", "4, 6.3", "50, 10"})
    void aFuseLastsAndIsNoLargerThanItMust(double drawn, double fuse) {
        assertThat(new DirectCurrent(12, drawn, 0).fuse()).isEqualTo(fuse);
    }

    /** Of those of 50 ohms the thicker takes less; those of 75 have steel within and may take more than thinner ones. */
    @Test
    void thickCablesTakeLess() {
        for (CableClass thin : CableClass.all()) {
            for (CableClass thick : CableClass.all()) {
                if (thin.ohms() == 50 && thick.ohms() == 50 && thin.across() * 2 < thick.across()) {
                    assertThat(thick.loopOhms())
                            .as(thick.name() + " against " + thin.name())
                            .isLessThan(thin.loopOhms());
                }
            }
        }
        assertThat(new DirectCurrent(12, 0.5, 0).lasts(DirectCurrent.CARRIED).value())
                .isCloseTo(7, within(1e-12));
    }
}
