package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class AdapterSearchTest {
    private static final double F = 433e6;
    private static final AdapterSearch ALL = new AdapterSearch(Drawer.parts(), F);

    private static Connector c(String text) {
        return Drawer.connector(text);
    }

    private static FeedRun run(Connector from, AdapterSearch.Way way, Connector to) {
        return new FeedRun(from, way.parts(), to);
    }

    /** What is found holds, joint by joint, and no fewer parts would do. */
    @Test
    void everyRowHoldsAndIsAsShortAsCanBe() {
        Set<Connector> faces = new LinkedHashSet<>();
        Drawer.parts().forEach(p -> faces.addAll(List.of(p.radioSide(), p.antennaSide())));
        int found = 0;
        for (Connector from : faces) {
            for (Connector to : faces) {
                List<AdapterSearch.Way> ways = ALL.ways(from, to, 2);
                for (AdapterSearch.Way w : ways) {
                    found++;
                    assertThat(run(from, w, to).brokenAt(F))
                            .as(from + " to " + to)
                            .isEmpty();
                    assertThat(w.lossDb()).isCloseTo(run(from, w, to).lossDb(F), within(1e-9));
                }
                assertThat(ways).isSortedAccordingTo(java.util.Comparator.comparingDouble(AdapterSearch.Way::cost));
                boolean one = Drawer.parts().stream()
                        .filter(p -> p.kind() == FeedPart.Kind.ADAPTER && p.ceiling() >= F)
                        .anyMatch(p ->
                                new FeedRun(from, List.of(p), to).brokenAt(F).isEmpty()
                                        || new FeedRun(from, List.of(p.turned()), to)
                                                .brokenAt(F)
                                                .isEmpty());
                if (one && !new Joint(from, to).joins(F)) {
                    assertThat(ways).as(from + " to " + to).isNotEmpty();
                }
            }
        }
        assertThat(found).isGreaterThan(1000);
    }

    @Test
    void whatJoinsNeedsNothing() {
        assertThat(ALL.ways(c("N outside socket 50"), c("N inside pin 50"), 3)).isEmpty();
    }

    /** A micro board jack to a 7-16 socket: a pigtail, then one or two adapters. */
    @Test
    void aLongWayIsFoundByOneSearch() {
        AdapterSearch.Way w = ALL.ways(c("MICRO_BOARD outside pin 50"), c("SEVEN_SIXTEEN outside socket 50"), 1)
                .get(0);
        assertThat(w.parts().size()).isBetween(2, 3);
        assertThat(w.parts().get(0).name()).contains("micro board");
    }

    /** What is in stock is taken before what has to be bought, even with a little more loss. */
    @Test
    void stockCounts() {
        Connector from = c("SMA outside socket 50");
        Connector to = c("N outside socket 50");
        Set<String> best =
                ALL.ways(from, to, 1).get(0).parts().stream().map(FeedPart::id).collect(Collectors.toSet());
        AdapterSearch.Way other = ALL.ways(from, to, 4).stream()
                .filter(w -> w.parts().stream().map(FeedPart::id).noneMatch(best::contains))
                .findFirst()
                .orElseThrow();
        Set<String> stock = other.parts().stream().map(FeedPart::id).collect(Collectors.toSet());
        AdapterSearch counted = new AdapterSearch(Drawer.parts(), stock, F);
        assertThat(counted.ways(from, to, 1).get(0).parts()).isEqualTo(other.parts());
    }

    /** Over its ceiling a part is no way. */
    @Test
    void frequencyCloses() {
        Connector uhf = c("UHF outside socket 50");
        assertThat(new AdapterSearch(Drawer.parts(), 145e6).ways(uhf, c("N outside socket 50"), 1))
                .isNotEmpty();
        assertThat(new AdapterSearch(Drawer.parts(), 2.4e9).ways(uhf, c("N outside socket 50"), 1))
                .isEmpty();
    }

    /** A chain that no single part mends is mended by a row. */
    @Test
    void aBrokenChainIsMendedByARow() {
        FeedRun run =
                new FeedRun(c("MICRO_BOARD outside pin 50"), List.of(), c("FOUR_ONE_NINE_FIVE outside socket 50"));
        List<MendSearch.Mend> mends = new MendSearch(Holdings.NONE).mends(run, F);
        assertThat(mends).isNotEmpty();
        assertThat(mends.get(0).change()).isInstanceOf(FeedChange.InsertAll.class);
        assertThat(mends.get(0).change().applyTo(run).brokenAt(F)).isEmpty();
        assertThat(mends.get(0).change().label()).contains("adapters");
    }

    @Test
    void theDrawerIsFull() {
        assertThat(Drawer.parts().stream()
                        .filter(p -> p.kind() == FeedPart.Kind.ADAPTER
                                || p.length().filter(l -> l.value() <= 1).isPresent()))
                .hasSizeGreaterThanOrEqualTo(120);
        assertThat(SeriesFacts.all()).hasSizeGreaterThanOrEqualTo(14);
        assertThat(CableClass.all()).hasSizeGreaterThanOrEqualTo(12);
        for (SeriesFacts f : SeriesFacts.all()) {
            assertThat(f.source()).as(f.series().words()).matches(".*, (19|20)\\d\\d");
            assertThat(f.series().body().equals("thread"))
                    .as(f.series().words())
                    .isEqualTo(f.torque().isPresent());
            assertThat(f.told()).contains(f.series().coupling(), f.source());
        }
        // A thicker cable of the same make loses less, bends less and weighs more.
        List<CableClass> foam = CableClass.all().stream()
                .filter(c -> c.construction().equals("foil and braid, foam"))
                .toList();
        for (int i = 1; i < foam.size(); i++) {
            assertThat(foam.get(i).loss().worked(10, 1e9).value())
                    .isLessThan(foam.get(i - 1).loss().worked(10, 1e9).value());
            assertThat(foam.get(i).bend()).isGreaterThan(foam.get(i - 1).bend());
            assertThat(foam.get(i).grams()).isGreaterThan(foam.get(i - 1).grams());
        }
        for (FeedPart p : Drawer.parts()) {
            if (p.cable().isPresent()) {
                assertThat(CableClass.of(p)).as(p.name()).isPresent();
            }
        }
    }
}
