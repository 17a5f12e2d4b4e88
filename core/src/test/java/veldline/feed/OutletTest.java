package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class OutletTest {
    private static final double F = 490e6;
    private static final Connector SET = Drawer.connector("F outside socket 75");
    private static final FeedPart SPLIT = Drawer.part("s-split3-f");
    private static final FeedPart TAP = Drawer.part("s-tap10-f");

    private static FeedPart cable(double metres) {
        return Drawer.part("c-tv-f").withLength(Optional.of(Quantity.shown(metres, Unit.M, 2)));
    }

    private static FeedRun trunk(FeedPart split) {
        return new FeedRun(SET, List.of(cable(2), split, cable(5)), SET);
    }

    private static FeedRun with(FeedRun run, Branch branch) {
        return new FeedChange.Hang(branch).applyTo(run);
    }

    private static Branch room(FeedPart split, double metres) {
        return Branch.to(1, split, "room", SET, List.of(cable(metres)));
    }

    @Test
    void aBranchCostsTheTrunkBeforeItTheSplitAndItself() {
        Outlet o = Outlet.of(with(trunk(SPLIT), room(SPLIT, 8)), F).get(0);
        double expected =
                cable(5).workedLoss(F).value() + 6.2 + cable(8).workedLoss(F).value();
        assertThat(o.loss(F).value()).isCloseTo(expected, within(1e-9));
    }

    /** What is beyond the splitter on the way to the first radio says nothing of the other outlets. */
    @Property(tries = 50)
    void theOtherBranchesDoNotMatterToIt(@ForAll @DoubleRange(min = 0.5, max = 60) double metres) {
        FeedRun alone = with(trunk(SPLIT), room(SPLIT, 8));
        FeedRun both = with(alone, room(SPLIT, metres));
        assertThat(Outlet.of(both, F).get(0).loss(F).value())
                .isEqualTo(Outlet.of(alone, F).get(0).loss(F).value());
        assertThat(both.lossDb(F)).isEqualTo(alone.lossDb(F));
    }

    /** Parts split among all outlets and what stays as heat are together what came. */
    @Test
    void aSplitterGivesNoMorePowerThanItGets() {
        for (FeedPart p : Drawer.parts()) {
            p.outlets().ifPresent(o -> {
                double out = Math.pow(10, -p.loss().value() / 10)
                        + o.count() * Math.pow(10, -o.loss().value() / 10);
                assertThat(out).as(p.name()).isBetween(0.5, 1.0);
            });
        }
    }

    @Test
    void aBranchMayBranchAgain() {
        FeedRun inner = with(new FeedRun(SET, List.of(cable(1), TAP, cable(3)), SET), room(TAP, 4));
        FeedRun run = with(trunk(SPLIT), new Branch(1, "upstairs", inner, Branch.Ending.RADIO));
        List<Outlet> all = Outlet.of(run, F);
        assertThat(all).extracting(Outlet::path).containsExactly(List.of(0), List.of(0, 0));
        double expected = cable(5).workedLoss(F).value()
                + 6.2
                + cable(3).workedLoss(F).value()
                + 10
                + cable(4).workedLoss(F).value();
        assertThat(all.get(1).loss(F).value()).isCloseTo(expected, within(1e-9));
        FeedRun named =
                FeedChange.at(List.of(0), new FeedChange.NameBranch(0, "attic")).applyTo(run);
        assertThat(Outlet.of(named, F).get(1).branch().name()).isEqualTo("attic");
    }

    @Test
    void anOpenOutletMakesARippleThatItsCableTakesOff() {
        FeedRun near = with(trunk(SPLIT), Branch.bare(1, SPLIT, "near", Branch.Ending.OPEN));
        double bare = Outlet.of(near, F).get(0).ripple(F).orElseThrow().value();
        // 20 dB of isolation: a tenth of the voltage, so 1.1 to 0.9.
        assertThat(bare).isCloseTo(20 * Math.log10(1.1), within(1e-9));
        FeedRun far = with(trunk(SPLIT), room(SPLIT, 40).withEnding(Branch.Ending.OPEN));
        assertThat(Outlet.of(far, F).get(0).ripple(F).orElseThrow().value()).isLessThan(bare / 3);
        FeedRun closed = new FeedChange.EndBranch(0, Branch.Ending.CLOSED).applyTo(near);
        assertThat(Outlet.of(closed, F).get(0).ripple(F)).isEmpty();
    }

    @Test
    void branchesGoWithTheirPart() {
        FeedRun run = with(trunk(SPLIT), room(SPLIT, 8));
        assertThat(run.withInserted(0, cable(1)).branches().get(0).part()).isEqualTo(2);
        assertThat(run.without(0).branches().get(0).part()).isZero();
        assertThat(run.without(2).branches()).hasSize(1);
        assertThat(run.without(1).branches()).isEmpty();
        assertThat(run.withPart(1, cable(1)).branches()).isEmpty();
        FeedPart n = Drawer.part("s-split2-n");
        assertThat(run.withPart(1, n).branches().get(0).run().antenna()).isEqualTo(n.radioSide());
    }

    @Test
    void thereIsOneBranchToAnOutlet() {
        FeedRun run = new FeedChange.CloseRest(1).applyTo(with(trunk(SPLIT), room(SPLIT, 8)));
        assertThat(run.free(1)).isZero();
        assertThat(run.branches().get(1).ending()).isEqualTo(Branch.Ending.CLOSED);
        assertThatThrownBy(() -> with(run, room(SPLIT, 3)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("no outlet free");
        assertThat(new FeedChange.Unhang(0).applyTo(run).free(1)).isEqualTo(1);
        assertThat(trunk(SPLIT).free(0)).as("of a cable").isZero();
    }

    @Test
    void theListIsWhatTheRunsNeedLessWhatIsThere() {
        FeedRun run = new FeedChange.CloseRest(1).applyTo(with(trunk(SPLIT), room(SPLIT, 8)));
        Holdings some =
                new Holdings(List.of(), List.of(new Holdings.Held("c-tv-f", 2), new Holdings.Held("s-split3-f", 4)));
        List<Shopping.Line> list = Shopping.of(List.of(run), some);
        assertThat(list).extracting(l -> l.part().id()).containsExactly("c-tv-f", "s-split3-f");
        assertThat(list.get(0).needed()).isEqualTo(3);
        assertThat(list.get(0).toBuy()).isEqualTo(1);
        assertThat(list.get(0).lengths()).containsExactly("2.00 m", "5.00 m", "8.00 m");
        assertThat(list.get(1).toBuy()).isZero();
        assertThat(Shopping.loads(List.of(run))).isEqualTo(Map.of(SET.mate(), 1));
        FeedRun old = new FeedRun(SET, List.of(Drawer.part("w-f")), SET);
        assertThat(Shopping.of(List.of(old), Holdings.NONE))
                .as("what was there before")
                .isEmpty();
    }

    @Test
    void aMendFromTheStockStandsBeforeOneThatHasToBeBought() {
        Connector radio = Drawer.connector("SMA outside pin 50");
        Connector antenna = Drawer.connector("N outside socket 50");
        FeedRun wrong = new FeedRun(radio, List.of(Drawer.part("a-sman-nj"), Drawer.part("c-rg213-n")), antenna);
        List<MendSearch.Mend> plain = new MendSearch(Holdings.NONE).mends(wrong, F);
        FeedPart worse = plain.get(0).part().withId("own-1").withLoss(Quantity.of("0.4", Unit.DB));
        List<Holdings.Own> own = List.of(new Holdings.Own(worse, "measured", LocalDate.of(2026, 11, 2)));
        Holdings bought = new Holdings(own, List.of());
        assertThat(new MendSearch(bought).mends(wrong, F).get(0).part())
                .isEqualTo(plain.get(0).part());
        Holdings held = new Holdings(own, List.of(new Holdings.Held("own-1", 1)));
        assertThat(new MendSearch(held).mends(wrong, F).get(0).part().id()).isEqualTo("own-1");
    }
}
