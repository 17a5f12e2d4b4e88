package veldline.desktop.raise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.coverage.SectorSearch;
import veldline.coverage.Site;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.Job;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.study.SiteOption;

/** The plan of the shelter on its bench: what is dragged changes the job, and the picture follows. */
class PlanTest {
    private static final Job JOB = TernholmSands.all().get(3);
    private static final Bench BENCH = Benches.of(Step.RAISE);
    private static final double WIDTH = 704;
    private static final double HEIGHT = 500;

    private static Showing showing(Job job, Showing.Advice advice) {
        return new Showing(
                new Assessor().assess(job, Assessor.Depth.QUICK, () -> true),
                "near-antenna",
                Map.of(),
                Map.of(),
                new Stage.Running<>(),
                advice,
                Optional.empty(),
                false);
    }

    private static Mark.Zone zone(Picture p, String id) {
        return p.zones().filter(z -> z.id().equals(id)).findFirst().orElseThrow();
    }

    private static Job dragged(Job job, String id, double dx, double dy) {
        Showing s = showing(job, Showing.Advice.NONE);
        Mark.Zone z = zone(BENCH.centre(s, WIDTH, HEIGHT), id);
        double x = z.x() + z.width() / 2;
        double y = z.y() + z.height() / 2;
        return BENCH.dragged(s, id, x, y, x + dx, y + dy, WIDTH, HEIGHT)
                .orElseThrow()
                .applyTo(job);
    }

    private static Site site(Job job) {
        return job.site().orElseThrow();
    }

    @Test
    void draggingAnAntennaMovesItAndDraggingItsBeamTurnsIt() {
        Job moved = dragged(JOB, "mount:0", 60, 0);
        assertThat(site(moved).antennas().get(0).at().x())
                .isGreaterThan(site(JOB).antennas().get(0).at().x() + 20);
        assertThat(site(moved).antennas().get(0).at().y())
                .isCloseTo(site(JOB).antennas().get(0).at().y(), within(0.5));
        // The tip stands to the east; pulled down by as much it points south-east.
        Job turned = dragged(JOB, "turn:0", 0, 46);
        assertThat(site(turned).antennas().get(0).azimuth().value()).isCloseTo(135, within(2.0));
        assertThat(dragged(turned, "turn:0", 0, -60)).isNotEqualTo(turned);
    }

    @Test
    void draggingAPlaceMovesItAndItsLevelFollows() {
        Job moved = dragged(JOB, "spot:2", -160, 0);
        double before = level(JOB);
        assertThat(site(moved).spots().get(2).at().x())
                .isLessThan(site(JOB).spots().get(2).at().x() - 50);
        assertThat(level(moved)).as("out of the dune's shadow").isGreaterThan(before + 15);
    }

    private static double level(Job job) {
        return showing(job, Showing.Advice.NONE)
                .assessment()
                .site()
                .value()
                .orElseThrow()
                .spots()
                .get(2)
                .level()
                .value();
    }

    @Test
    void everyAntennaAndPlaceIsWalkedTo() {
        Showing s = showing(JOB, Showing.Advice.NONE);
        assertThat(BENCH.walk(s)).containsExactly("mount:0", "spot:0", "spot:1", "spot:2");
        Picture p = BENCH.centre(s, WIDTH, HEIGHT);
        BENCH.walk(s).forEach(id -> assertThat(zone(p, id)).isNotNull());
    }

    @Test
    void whatTheSearchFoundIsTakenFromTheList() {
        SectorSearch.Found found = new SectorSearch.Found(
                List.of(
                        new SectorSearch.Set(site(JOB).antennas().get(0).at(), 3.5, 90, 0),
                        new SectorSearch.Set(new veldline.coverage.Point(206, 88), 3.5, 90, 4)),
                -57,
                -52);
        Showing s = showing(
                JOB,
                new Showing.Advice(
                        new Stage.Fresh<>(List.of(new SiteOption("Sector panel", Optional.empty(), found, 70))),
                        new Stage.Running<>(),
                        Optional.empty()));
        Input.Pick pick = BENCH.inputs(s).stream()
                .filter(Input.Pick.class::isInstance)
                .map(Input.Pick.class::cast)
                .filter(i -> i.id().equals("suggested"))
                .findFirst()
                .orElseThrow();
        assertThat(pick.options().get(0).word()).contains("2 of Sector panel").contains("+25.0 dB");
        Job taken = pick.options().get(0).change().orElseThrow().applyTo(JOB);
        assertThat(site(taken).antennas()).hasSize(2);
        assertThat(site(taken).antennas().get(1).tilt().value()).isEqualTo(4);
    }

    @Test
    void theAimIsStillThereForAJobWithAPlan() {
        Showing s = showing(JOB, Showing.Advice.NONE);
        Showing aim = new Showing(
                s.assessment(),
                "near-antenna",
                Map.of(),
                Map.of("raise", "aim"),
                new Stage.Running<>(),
                Showing.Advice.NONE,
                Optional.empty(),
                false);
        assertThat(BENCH.walk(aim)).hasSizeGreaterThan(50);
        assertThat(BENCH.inputs(s)).noneMatch(i -> i.id().equals("lines+people"));
        assertThat(BENCH.inputs(aim)).anyMatch(i -> i.id().equals("lines+people"));
    }
}
