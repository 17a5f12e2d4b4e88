package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.explain.Finding;
import veldline.feed.Connector.Contact;
import veldline.feed.Connector.Series;
import veldline.feed.Connector.Thread;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class MendSearchTest {
    private static final double F = 2437e6;
    private static final Connector RADIO = new Connector(Series.SMA, Thread.OUTSIDE, Contact.PIN, 50);
    private static final Connector ANTENNA = new Connector(Series.N, Thread.OUTSIDE, Contact.SOCKET, 50);
    private static final FeedPart CABLE = Drawer.part("c-rg213-n");
    private final MendSearch search = new MendSearch(Holdings.NONE);

    @Test
    void theDrawerHoldsAtLeastFortyPartsOfDifferentKinds() {
        assertThat(Drawer.parts()).hasSizeGreaterThanOrEqualTo(40);
        assertThat(Drawer.parts().stream().map(FeedPart::id).distinct())
                .hasSize(Drawer.parts().size());
    }

    @Test
    void pinMeetingPinIsFoundAndMendedWithAPartOfTheDrawer() {
        FeedRun wrong = new FeedRun(RADIO, List.of(Drawer.part("a-sman-nj"), CABLE), ANTENNA);
        assertThat(wrong.brokenAt(F)).contains(0);
        Joint.Fact fact = wrong.joints().get(0).facts(F).get(2);
        assertThat(fact.level()).isEqualTo(Finding.Level.STOP);
        assertThat(fact.tag()).isEqualTo("pin meets pin");
        assertThat(search.mends(wrong, F).get(0).part().id()).isEqualTo("a-smarn-nj");
    }

    @Test
    void aPartThatOnlyNeedsTurningIsTurnedFirst() {
        FeedPart turned = Drawer.part("a-smarn-nj").turned();
        FeedRun wrong = new FeedRun(RADIO, List.of(turned, CABLE), ANTENNA);
        MendSearch.Mend first = search.mends(wrong, F).get(0);
        assertThat(first.change()).isEqualTo(new FeedChange.Replace(0, turned.turned()));
    }

    @Test
    void aMissingPartIsAdded() {
        FeedRun wrong = new FeedRun(RADIO, List.of(CABLE), ANTENNA);
        assertThat(search.mends(wrong, F).get(0).change()).isInstanceOf(FeedChange.Insert.class);
    }

    @Test
    void aPartTooManyIsTakenOut() {
        FeedRun wrong = new FeedRun(RADIO, List.of(Drawer.part("a-smarn-nj"), Drawer.part("a-nn-nn"), CABLE), ANTENNA);
        assertThat(search.mends(wrong, F).get(0).change()).isEqualTo(new FeedChange.Remove(1));
    }

    @Test
    void everyMendLeavesAChainThatHolds() {
        for (FeedPart first : Drawer.parts()) {
            FeedRun run = new FeedRun(RADIO, List.of(first, CABLE), ANTENNA);
            for (MendSearch.Mend m : search.mends(run, F)) {
                assertThat(m.change().applyTo(run).brokenAt(F)).isEmpty();
            }
        }
    }

    @Test
    void everyFactIsJudgedOnItsOwn() {
        Connector bnc = new Connector(Series.BNC, Thread.INSIDE, Contact.PIN, 50);
        assertThat(new Joint(RADIO, bnc).facts(F).get(0).level()).isEqualTo(Finding.Level.STOP);
        Connector uhf = new Connector(Series.UHF, Thread.INSIDE, Contact.PIN, 50);
        // The same thread size is not the same series.
        assertThat(new Joint(ANTENNA, uhf).joins(F)).isFalse();
        assertThat(new Joint(uhf.mate(), uhf).facts(F).get(4).level()).isEqualTo(Finding.Level.STOP);
        Connector n75 = new Connector(Series.N, Thread.INSIDE, Contact.PIN, 75);
        assertThat(new Joint(ANTENNA, n75).facts(F).get(3).tag()).isEqualTo("75 Ω pin, 50 Ω socket");
        Connector n75jack = new Connector(Series.N, Thread.OUTSIDE, Contact.SOCKET, 75);
        assertThat(new Joint(n75jack, ANTENNA.mate()).facts(F).get(3).tag())
                .as("this one is spoiled for good")
                .isEqualTo("50 Ω pin, 75 Ω socket");
        Connector f75 = new Connector(Series.BNC, Thread.INSIDE, Contact.PIN, 75);
        Connector bnc50 = new Connector(Series.BNC, Thread.OUTSIDE, Contact.SOCKET, 50);
        assertThat(new Joint(bnc50, f75).facts(100e6).get(3).level()).isEqualTo(Finding.Level.WATCH);
        assertThat(new Joint(ANTENNA, ANTENNA.mate()).level(F)).isEqualTo(Finding.Level.FITS);
        assertThat(new Joint(bnc50, bnc50.mate()).facts(3e9).get(4).level()).isEqualTo(Finding.Level.WATCH);
    }

    @Test
    void lossGrowsWithLengthAndFrequency() {
        FeedPart longer = CABLE.withLength(Optional.of(Quantity.of("7", Unit.M)));
        assertThat(longer.workedLoss(F).value())
                .isGreaterThan(CABLE.workedLoss(F).value() * 1.99);
        assertThat(CABLE.workedLoss(F).value())
                .isGreaterThan(CABLE.workedLoss(F / 4).value() * 2);
    }
}
