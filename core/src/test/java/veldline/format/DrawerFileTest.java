package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.feed.Drawer;
import veldline.feed.FeedPart;
import veldline.feed.Holdings;
import veldline.feed.HoldingsChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class DrawerFileTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 2);

    private static Holdings everything() {
        return new Holdings(
                Drawer.parts().stream()
                        .map(p -> new Holdings.Own(p.withLoss(Quantity.of("0.17", Unit.DB)), "measured", DAY))
                        .toList(),
                Drawer.parts().stream().map(p -> new Holdings.Held(p.id(), 3)).toList());
    }

    @Test
    void everyPartOfTheDrawerComesBackAsItWasWritten() throws Exception {
        assertThat(DrawerFile.read(DrawerFile.write(everything()))).isEqualTo(everything());
        assertThat(DrawerFile.read(DrawerFile.write(Holdings.NONE))).isEqualTo(Holdings.NONE);
    }

    @Test
    void whatIsWrongIsNamedWithItsPlace() {
        String whole = DrawerFile.write(new Holdings(
                List.of(new Holdings.Own(Drawer.part("a-nn-nn"), "measured", DAY)),
                List.of(new Holdings.Held("a-nn-nn", 2))));
        refused("{}", "veldline drawer");
        refused(whole.substring(0, whole.length() / 2), "breaks off");
        refused(whole.replace("2026-11-02", "yesterday"), "own[0].date", "a date is written like");
        refused(whole.replace("\"count\" : 2", "\"count\" : -2"), "held[0]", "-2 pieces", "0 to 10000");
        refused(whole.replace("\"ceiling\" : ", "\"ceiling\" : -"), "own[0]", "ceiling", "more than 0");
        int held = whole.indexOf("\"held\"");
        refused(whole.substring(0, held) + whole.substring(held).replace("a-nn-nn", "x"), "“x” is counted");
    }

    private static void refused(String text, String... words) {
        assertThatThrownBy(() -> DrawerFile.read(text))
                .isInstanceOf(FormatException.class)
                .hasMessageContainingAll(words);
    }

    @Test
    void whatIsTakenInStandsOverWhatWasThereAndLeavesTheRest() {
        FeedPart better = Drawer.part("a-nn-nn").withLoss(Quantity.of("0.05", Unit.DB));
        FeedPart fresh = Drawer.part("a-nn-nn").withId("own-1").withName("N coupler, long");
        Holdings mine =
                new Holdings(List.of(), List.of(new Holdings.Held("a-nn-nn", 1), new Holdings.Held("c-tv-f", 2)));
        Holdings other = new Holdings(
                List.of(new Holdings.Own(better, "measured", DAY), new Holdings.Own(fresh, "leaflet", DAY)),
                List.of(new Holdings.Held("a-nn-nn", 5)));
        Holdings both = new HoldingsChange.Take(other).applyTo(mine);
        assertThat(both.count("a-nn-nn")).contains(5);
        assertThat(both.count("c-tv-f")).contains(2);
        assertThat(both.count("own-1")).isEmpty();
        assertThat(both.parts()).hasSize(Drawer.parts().size() + 1).contains(better, fresh);
        assertThat(both.source("a-nn-nn")).contains("measured, 2026-11-02");
        assertThat(both.source("c-tv-f")).isEqualTo(Drawer.source("c-tv-f")).isNotEqualTo(Optional.empty());
        assertThat(new HoldingsChange.Drop("a-nn-nn").applyTo(both).parts()).contains(Drawer.part("a-nn-nn"));
    }
}
