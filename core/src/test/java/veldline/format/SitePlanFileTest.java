package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.coverage.Point;
import veldline.coverage.Site;
import veldline.path.Material;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class SitePlanFileTest {
    private static Quantity q(String n, Unit u) {
        return Quantity.of(n, u);
    }

    private static final Site SITE = new Site(
            240,
            160,
            List.of(new Site.Zone("terrace", true, List.of(new Point(20, 20), new Point(120, 20), new Point(60, 90)))),
            List.of(
                    new Site.Obstacle(
                            "stone wall",
                            List.of(new Point(100, 10), new Point(100, 60)),
                            false,
                            2,
                            Optional.of(Material.STONE),
                            0.5),
                    new Site.Obstacle(
                            "dune",
                            List.of(new Point(150, 0), new Point(170, 150), new Point(160, 150)),
                            true,
                            4,
                            Optional.empty(),
                            0)),
            List.of(new Site.Spot("bench", new Point(200, 80), q("1.2", Unit.M))),
            List.of(new Site.Mounted(
                    "eaves", new Point(30, 80), q("3.5", Unit.M), q("84", Unit.DEG), q("2", Unit.DEG))),
            0,
            0,
            q("1.4", Unit.M),
            q("0.2", Unit.DB),
            true);

    @Test
    void whatIsWrittenIsReadBackInItsShape() throws FormatException {
        Site back = SitePlanFile.read(SitePlanFile.write(SITE, 55.2, 4.1), SITE);
        assertThat(back.zones()).hasSize(1);
        assertThat(back.zones().get(0).serve()).isTrue();
        assertThat(back.obstacles()).extracting(Site.Obstacle::name).containsExactly("stone wall", "dune");
        assertThat(back.obstacles().get(0).material()).contains(Material.STONE);
        assertThat(back.obstacles().get(1).material()).isEmpty();
        assertThat(back.antennas().get(0).azimuth().value()).isEqualTo(84);
        // A plan is moved when it is read; the ways between its parts stay.
        Point wall = back.obstacles().get(0).line().get(0);
        Point bench = back.spots().get(0).at();
        assertThat(bench.x() - wall.x()).isCloseTo(100, within(0.05));
        assertThat(bench.y() - wall.y()).isCloseTo(70, within(0.05));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | no GeoJSON plan",
                "{ | breaks off",
                "[] | FeatureCollection",
                "{\"type\":\"FeatureCollection\",\"features\":[]} | empty",
                "{\"type\":\"FeatureCollection\",\"features\":[{\"geometry\":{\"type\":\"Point\",\"coordinates\":[512000,6100000]}}]} | degrees on WGS-84",
                "{\"type\":\"FeatureCollection\",\"features\":[{\"geometry\":{\"type\":\"Point\",\"coordinates\":[\"a\",1]}}]} | no [longitude",
                "{\"type\":\"FeatureCollection\",\"features\":[{\"geometry\":{\"type\":\"MultiPolygon\",\"coordinates\":[]}}]} | MultiPolygon",
                "{\"type\":\"FeatureCollection\",\"features\":[{\"geometry\":{\"type\":\"LineString\",\"coordinates\":[[4,55]]}}]} | 2 or more",
                "{\"type\":\"FeatureCollection\",\"features\":[{\"properties\":{\"material\":\"cheese\"},\"geometry\":{\"type\":\"LineString\",\"coordinates\":[[4,55],[4,55.1]]}}]} | cheese",
                "{\"type\":\"FeatureCollection\",\"features\":[{\"geometry\":{\"type\":\"Point\",\"coordinates\":[4,55]}},{\"geometry\":{\"type\":\"Point\",\"coordinates\":[40,55]}}]} | off the plan"
            })
    void whatIsNoPlanIsToldInASentence(String text, String says) {
        assertThatThrownBy(() -> SitePlanFile.read(text, SITE))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(says);
    }

    @Test
    void aPlanNestedWithoutEndIsRefused() {
        assertThatThrownBy(() -> SitePlanFile.read("[".repeat(100_000), SITE)).isInstanceOf(FormatException.class);
    }

    @RepeatedTest(200)
    void bentPlansAreReadOrRefusedInWords(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        StringBuilder text = new StringBuilder(SitePlanFile.write(SITE, 55.2, 4.1));
        for (int i = 0; i < 1 + random.nextInt(5); i++) {
            text.setCharAt(random.nextInt(text.length()), (char) (32 + random.nextInt(95)));
        }
        String said = "read";
        try {
            assertThat(SitePlanFile.read(text.toString(), SITE).width()).isPositive();
        } catch (FormatException e) {
            said = e.getMessage();
        }
        assertThat(said).isNotBlank();
    }
}
