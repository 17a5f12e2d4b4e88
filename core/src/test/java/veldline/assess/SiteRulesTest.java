package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.antenna.Yagi;
import veldline.coverage.Coverage;
import veldline.coverage.LevelMap;
import veldline.coverage.Pattern;
import veldline.coverage.Point;
import veldline.coverage.Site;
import veldline.coverage.SiteChange;
import veldline.demo.BoughtPanels;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class SiteRulesTest {
    private static final Job SHELTER = BoughtPanels.shelter();
    private static final Assessor ASSESSOR = new Assessor();

    private static Assessment assessed(Job job) {
        return ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
    }

    private static Coverage coverage(Job job) {
        return assessed(job).site().value().orElseThrow();
    }

    private static Job with(SiteChange... changes) {
        Job next = SHELTER;
        for (SiteChange c : changes) {
            next = new JobChange.OfSite(c).applyTo(next);
        }
        return next;
    }

    private static Site site(Job job) {
        return job.site().orElseThrow();
    }

    /** The pattern of a Yagi on the plan is the one that was solved, in both planes. */
    @Test
    void aSolvedPatternIsReadFromEverySide() {
        Job yagi = new JobChange.Fit(true, Yagi.forCount(2442e6, 8, Quantity.of("1.6", Unit.MM), Metal.BRASS, true))
                .applyTo(SHELTER);
        Assessment a = assessed(yagi);
        AntennaFigures solved = a.antenna().value().orElseThrow();
        Pattern p = SiteStage.pattern(new SiteStage.PatternInput(yagi.nearAntenna(), 2442e6), () -> true);
        assertThat(p.dbi(0, 0)).isCloseTo(solved.gain().value(), within(0.1));
        for (int deg : new int[] {10, 20, 30, 60}) {
            assertThat(p.dbi(deg, 0))
                    .as("level, " + deg)
                    .isCloseTo(solved.hCut().get(deg), within(0.4));
            assertThat(p.dbi(-deg, 0)).isCloseTo(p.dbi(deg, 0), within(0.2));
            assertThat(p.dbi(0, deg))
                    .as("upright, " + deg)
                    .isCloseTo(solved.eCut().get(deg), within(0.4));
        }
        assertThat(coverage(yagi).spots()).hasSize(3);
    }

    @Test
    void turningAwayIsToldByThePlacesPeopleUse() {
        double before = coverage(SHELTER).spots().get(0).level().value();
        Site.Mounted eaves = site(SHELTER).antennas().get(0);
        Job away = with(new SiteChange.Set(0, eaves.withAzimuth(Quantity.of("270", Unit.DEG))));
        assertThat(coverage(away).spots().get(0).level().value()).isCloseTo(before - 20, within(3.0));
        assertThat(coverage(away).wasted().value()).isGreaterThanOrEqualTo(0);
    }

    @Test
    void theSeamOfTwoBeamsGrowsAsTheyTurnApart() {
        Site.Mounted one = site(SHELTER).antennas().get(0);
        Job close = with(
                new SiteChange.AddAntenna(),
                new SiteChange.Set(0, one.withAzimuth(Quantity.of("60", Unit.DEG))),
                new SiteChange.Set(1, one.withName("two").withAzimuth(Quantity.of("120", Unit.DEG))));
        Job apart = with(
                new SiteChange.AddAntenna(),
                new SiteChange.Set(0, one.withAzimuth(Quantity.of("20", Unit.DEG))),
                new SiteChange.Set(1, one.withName("two").withAzimuth(Quantity.of("160", Unit.DEG))));
        double narrow = coverage(close).seam().orElseThrow().value();
        double wide = coverage(apart).seam().orElseThrow().value();
        assertThat(narrow).isLessThan(wide);
        // Two beams of 90° turned by 60° meet 30° off each middle: 12·(30 ÷ 90)² = 1.3 dB.
        assertThat(narrow).isBetween(1.0, 3.0);
        assertThat(assessed(apart).of(Step.RAISE)).anyMatch(f -> f.tag().equals("wide seam"));
        assertThat(assessed(close).of(Step.RAISE)).noneMatch(f -> f.tag().equals("wide seam"));
    }

    static Stream<SiteChange> edits() {
        return Stream.of(
                new SiteChange.AddAntenna(),
                new SiteChange.AddSpot(new Site.Spot("gate", new Point(60, 60), Quantity.of("1.5", Unit.M))),
                new SiteChange.MoveSpot(1, new Point(120, 100)),
                new SiteChange.Held(Quantity.of("0.8", Unit.M)),
                new SiteChange.Feeder(Quantity.of("1", Unit.DB)),
                new SiteChange.OneRadio(true),
                new SiteChange.Slope(true, Quantity.of("4", Unit.ONE)),
                new SiteChange.Slope(false, Quantity.of("-3", Unit.ONE)),
                new SiteChange.Plan(Site.blank()));
    }

    @ParameterizedTest
    @MethodSource("edits")
    void everyEditChangesTheSiteAloneAndNamesItself(SiteChange edit) {
        assertThat(edit.label()).isNotBlank();
        Job after = with(edit);
        assertThat(site(after)).isNotEqualTo(site(SHELTER));
        assertThat(after.withSite(SHELTER.site())).isEqualTo(SHELTER);
        assertThat(assessed(after).site()).isInstanceOf(Stage.Fresh.class);
    }

    @Test
    void groundThatRisesLiftsWhoStandsOnIt() {
        Job slope = with(new SiteChange.Slope(true, Quantity.of("10", Unit.ONE)));
        assertThat(site(slope).ground(100, 0)).isCloseTo(10, within(1e-9));
        assertThat(coverage(slope)).isNotEqualTo(coverage(SHELTER));
    }

    @Test
    void aMetreOfCableTakesWhatItIsSaidToTake() {
        double before = coverage(SHELTER).spots().get(0).level().value();
        Job lossy = with(new SiteChange.Feeder(Quantity.of("1.3", Unit.DB)));
        assertThat(before - coverage(lossy).spots().get(0).level().value()).isCloseTo(3.5, within(1e-6));
    }

    @Test
    void aJobWithoutAPlanHasNoCoverageAndSaysSo() {
        Assessment a = assessed(TernholmSands.nestCamera());
        assertThat(a.site()).isInstanceOf(Stage.Absent.class);
        assertThat(a.of(Step.RAISE).stream().map(Finding::tag)).doesNotContain("place deaf", "ground not served");
        assertThatThrownBy(() -> SiteStage.search(TernholmSands.nestCamera())).hasMessageContaining("plan");
    }

    @Test
    void theFinerMapAgreesWithTheCoarseOneAndStops() {
        LevelMap coarse = coverage(SHELTER).map();
        List<LevelMap> drawn = new ArrayList<>();
        SiteStage.fine(SHELTER, List.of(2 * coarse.columns(), 3 * coarse.columns()), (done, of) -> true, drawn::add);
        assertThat(drawn.get(0).columns()).isEqualTo(2 * coarse.columns());
        LevelMap fine = drawn.get(1);
        for (int r = 0; r < coarse.rows(); r += 7) {
            for (int c = 0; c < coarse.columns(); c += 7) {
                if (fine.rows() == 3 * coarse.rows()) {
                    assertThat(fine.level(3 * c + 1, 3 * r + 1)).isCloseTo(coarse.level(c, r), within(1e-3));
                }
            }
        }
        assertThat(fine.columns()).isEqualTo(3 * coarse.columns());
        assertThatThrownBy(() -> SiteStage.fine(SHELTER, List.of(400), (done, of) -> done < 3, drawn::add))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void aPlanWithoutAnAntennaServesNobodyAndHasNoLevels() {
        Job bare = new JobChange.PutSite(SHELTER.site().orElseThrow().withAntennas(List.of())).applyTo(SHELTER);
        Coverage none = coverage(bare);
        assertThat(none.spots()).isEmpty();
        assertThat(none.worst()).isEmpty();
        assertThat(none.served().value()).isZero();
        assertThat(assessed(bare).of(Step.RAISE))
                .anyMatch(f -> f.level() == Finding.Level.STOP && f.tag().equals("nothing served"));
    }

    @Test
    void withoutMarginEverywhereTheGroundIsWatched() {
        Assessment a = assessed(SHELTER);
        Finding ground = a.of(Step.RAISE).stream()
                .filter(f -> f.tag().equals("ground not served"))
                .findFirst()
                .orElseThrow();
        assertThat(ground.worked())
                .isEqualTo(Optional.of(a.site().value().orElseThrow().served()));
        assertThat(List.of(a.site().value().orElseThrow().holds().value()))
                .allMatch(v -> v >= a.site().value().orElseThrow().served().value());
    }
}
