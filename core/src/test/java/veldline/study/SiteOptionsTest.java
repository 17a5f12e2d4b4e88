package veldline.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.antenna.Bought;
import veldline.antenna.Shelf;
import veldline.coverage.Point;
import veldline.coverage.SectorSearch;
import veldline.coverage.Site;
import veldline.demo.BoughtPanels;
import veldline.demo.TernholmSands;
import veldline.job.Job;

class SiteOptionsTest {
    private static final Job SHELTER = BoughtPanels.shelter();

    private static Bought named(String id) {
        return Shelf.all().stream()
                .filter(i -> i.id().equals(id))
                .findFirst()
                .orElseThrow()
                .antenna();
    }

    private static SiteOption option(String id, int count, double worst, double spread) {
        SectorSearch.Set set = new SectorSearch.Set(new Point(1, 1), 3, 0, 0);
        return new SiteOption(
                named(id).name(),
                Optional.of(named(id)),
                new SectorSearch.Found(java.util.Collections.nCopies(count, set), worst, worst + 5),
                spread);
    }

    @Test
    void theWorstPlaceDecidesAndTheRuleOfTheBeamBreaksTies() {
        SiteOption omni = option("omni-24", 1, -70.1, 80);
        SiteOption sector = option("sector-24", 1, -69.9, 80);
        SiteOption two = option("sector-24", 2, -70, 80);
        SiteOption better = option("panel-24", 2, -60, 80);
        assertThat(SiteOption.ranked(List.of(omni, two, sector, better))).containsExactly(better, sector, two, omni);
        SiteOption wideOmni = option("omni-24", 1, -70.1, 300);
        SiteOption wideSector = option("sector-24", 1, -69.9, 300);
        assertThat(SiteOption.ranked(List.of(wideSector, wideOmni)))
                .as("ground all round is the omni's")
                .containsExactly(wideOmni, wideSector);
    }

    @Test
    void theSpreadIsTheAngleThatHoldsTheGround() {
        Site all = Site.blank();
        assertThat(SiteOptions.spread(all)).isGreaterThan(330);
        Site ahead = all.withZones(List.of(new Site.Zone(
                "ahead", true, List.of(new Point(80, 40), new Point(100, 40), new Point(100, 60), new Point(80, 60)))));
        assertThat(SiteOptions.spread(ahead)).isCloseTo(2 * Math.toDegrees(Math.atan2(10, 30)), within(4.0));
    }

    @Test
    void everyKindIsTriedAndTheBestServesTheDunePath() {
        List<SiteOption> all = SiteOptions.of(SHELTER, Progress.NONE);
        assertThat(all.stream().map(SiteOption::kind).distinct())
                .contains("Sector panel", "Upright omni", "Flat panel");
        assertThat(all.get(0).found().worst())
                .isEqualTo(
                        all.stream()
                                .mapToDouble(o -> Math.round(o.found().worst()))
                                .max()
                                .orElseThrow(),
                        within(0.5));
        assertThat(all.get(0).found().sets()).hasSizeGreaterThan(1);
        assertThat(SiteOptions.of(SHELTER, (done, of, best) -> false)).isEmpty();
    }

    @Test
    void aJobWithoutAPlanIsRefused() {
        assertThatThrownBy(() -> SiteOptions.of(TernholmSands.nestCamera(), Progress.NONE))
                .hasMessageContaining("plan");
    }
}
