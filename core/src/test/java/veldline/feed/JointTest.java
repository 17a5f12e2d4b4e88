package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.explain.Finding;

/** What screws together, what touches, and that looking at a joint from the other side finds the same. */
class JointTest {
    private static final double F = 2.437e9;

    private static List<Connector> all() {
        List<Connector> all = new ArrayList<>();
        for (Connector.Series series : Connector.Series.values()) {
            for (Connector.Thread thread : Connector.Thread.values()) {
                for (Connector.Contact contact : Connector.Contact.values()) {
                    all.add(new Connector(series, thread, contact, 50));
                }
            }
        }
        return all;
    }

    static Stream<Connector> connectors() {
        return all().stream();
    }

    @ParameterizedTest
    @MethodSource("connectors")
    void aConnectorJoinsItsMateAndNotItself(Connector c) {
        Joint right = new Joint(c, c.mate());
        assertThat(right.facts(1e6).stream().filter(f -> f.level() == Finding.Level.STOP))
                .isEmpty();
        assertThat(right.joins(1e6)).isTrue();
        assertThat(new Joint(c, c).joins(1e6)).as("two alike never join").isFalse();
        assertThat(c.mate().mate()).isEqualTo(c);
    }

    @ParameterizedTest
    @MethodSource("connectors")
    void aJointIsTheSameFromBothSides(Connector c) {
        for (Connector other : all()) {
            assertThat(new Joint(c, other).joins(F)).isEqualTo(new Joint(other, c).joins(F));
            assertThat(new Joint(c, other).level(F)).isEqualTo(new Joint(other, c).level(F));
        }
    }

    /** Exactly one of a series' four kinds fits any given one: the label alone does not tell which. */
    @ParameterizedTest
    @MethodSource("connectors")
    void oneKindInASeriesFits(Connector c) {
        assertThat(all().stream().filter(o -> o.family() == c.family()).filter(o -> new Joint(c, o).joins(1e6)))
                .containsExactly(c.mate());
    }

    @Test
    void threadsThatHoldWithContactsThatMissAreTold() {
        Connector jack = new Connector(Connector.Series.SMA, Connector.Thread.OUTSIDE, Connector.Contact.PIN, 50);
        Connector plug = new Connector(Connector.Series.SMA, Connector.Thread.INSIDE, Connector.Contact.PIN, 50);
        Joint j = new Joint(jack, plug);
        assertThat(j.facts(F).stream()
                        .filter(f -> f.level() == Finding.Level.STOP)
                        .map(Joint.Fact::name))
                .containsExactly("Centre contact");
        Connector socket = new Connector(Connector.Series.SMA, Connector.Thread.OUTSIDE, Connector.Contact.SOCKET, 50);
        assertThat(new Joint(socket, jack.mate())
                        .facts(F).stream()
                                .filter(f -> f.level() == Finding.Level.STOP)
                                .map(Joint.Fact::outcome))
                .as("two sockets leave a gap")
                .containsExactly("two sockets: nothing bridges the gap");
    }

    @Test
    void fiftyOnSeventyFiveIsWatchedOrStopped() {
        Connector n50 = new Connector(Connector.Series.N, Connector.Thread.OUTSIDE, Connector.Contact.SOCKET, 50);
        Connector n75 = new Connector(Connector.Series.N, Connector.Thread.INSIDE, Connector.Contact.PIN, 75);
        Finding.Level level = new Joint(n50, n75).level(F);
        assertThat(level).isIn(Finding.Level.WATCH, Finding.Level.STOP);
    }

    @Test
    void aSeriesIsNotGoodForEveryFrequency() {
        for (Connector.Series series : Connector.Series.values()) {
            Connector c = new Connector(series, Connector.Thread.OUTSIDE, Connector.Contact.SOCKET, 50);
            Joint j = new Joint(c, c.mate());
            assertThat(j.level(series.ceiling() * 2)).as(series.words()).isNotEqualTo(Finding.Level.FITS);
            assertThat(j.level(series.ceiling() / 10)).as(series.words()).isEqualTo(Finding.Level.FITS);
        }
    }

    @Test
    void aPartTurnedRoundTwiceIsItself() {
        for (FeedPart p : Drawer.parts()) {
            assertThat(p.turned().turned()).isEqualTo(p);
            double least = p.amplifier().isPresent() ? -30 : 0;
            assertThat(p.workedLoss(F).value()).as(p.name()).isBetween(least, 20.0);
        }
    }

    @Test
    void theDrawerHoldsFortyPartsEachOnce() {
        assertThat(Drawer.parts()).hasSizeGreaterThanOrEqualTo(40);
        assertThat(Drawer.parts().stream().map(FeedPart::id)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @CsvSource({
        "INSIDE, PIN, SMA plug",
        "OUTSIDE, SOCKET, SMA jack",
        "INSIDE, SOCKET, RP-SMA plug",
        "OUTSIDE, PIN, RP-SMA jack"
    })
    void tradeNamesFollowFromTheTwoFacts(Connector.Thread thread, Connector.Contact contact, String name) {
        assertThat(new Connector(Connector.Series.SMA, thread, contact, 50).tradeName())
                .isEqualTo(name);
    }
}
