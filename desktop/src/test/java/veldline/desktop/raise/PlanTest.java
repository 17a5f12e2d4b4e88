package veldline.desktop.raise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.coverage.SectorSearch;
import veldline.coverage.ShapeChange;
import veldline.coverage.Site;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.Job;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.study.SiteOption;

/** The plan of the shelter on its bench: what is dragged changes the job, and the picture follows. */
class PlanTest {
    private static final Job JOB = TernholmSands.all().get(3);
    private static final Bench BENCH = Benches.of(Step.RAISE);
    private static final double WIDTH = 704;
    private static final double HEIGHT = 500;

    private static Showing showing(Job job, Showing.Advice advice) {
        return showing(job, advice, Map.of(), Map.of());
    }

    private static Showing showing(
            Job job, Showing.Advice advice, Map<Step, String> picked, Map<String, String> noted) {
        return new Showing(
                new Assessor().assess(job, Assessor.Depth.QUICK, () -> true),
                "near-antenna",
                picked,
                noted,
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

    @ParameterizedTest
    @EnumSource(ShapeChange.Kind.class)
    void aDragDrawsOneThingHoweverFarItGoes(ShapeChange.Kind kind) {
        Showing s = showing(JOB, Showing.Advice.NONE, Map.of(), Map.of(ShapeInputs.DRAW, kind.name()));
        assertThat(BENCH.centre(s, WIDTH, HEIGHT).zoneAt(300, 200).orElseThrow().id())
                .as("the plan lies over all that could be moved")
                .isEqualTo("plan");
        Job one = BENCH.dragged(s, "plan", 300, 200, 320, 230, WIDTH, HEIGHT)
                .orElseThrow()
                .applyTo(JOB);
        Job more = BENCH.dragged(s, "plan", 300, 200, 360, 260, WIDTH, HEIGHT)
                .orElseThrow()
                .applyTo(one);
        int before = site(JOB).zones().size() + site(JOB).obstacles().size();
        assertThat(site(more).zones().size() + site(more).obstacles().size()).isEqualTo(before + 1);
        assertThat(site(more)).isNotEqualTo(site(one));
        assertThat(BENCH.dragged(s, "plan", 300, 200, 300, 200, WIDTH, HEIGHT)
                        .orElseThrow()
                        .applyTo(JOB))
                .as("a press draws nothing")
                .isEqualTo(JOB);
    }

    @Test
    void cornersAndWholeThingsAreDraggedAndTheLevelsFollow() {
        Showing picked = showing(JOB, Showing.Advice.NONE, Map.of(Step.RAISE, "thing:2"), Map.of());
        Picture p = BENCH.centre(picked, WIDTH, HEIGHT);
        Mark.Zone corner = zone(p, "thing-corner:2.0");
        Job bent = BENCH.dragged(
                        picked,
                        corner.id(),
                        corner.x() + 8,
                        corner.y() + 8,
                        corner.x() + 8,
                        corner.y() - 40,
                        WIDTH,
                        HEIGHT)
                .orElseThrow()
                .applyTo(JOB);
        assertThat(site(bent).obstacles().get(2).line().get(0).y())
                .isGreaterThan(site(JOB).obstacles().get(2).line().get(0).y() + 10);
        assertThat(site(bent).obstacles().get(2).line().subList(1, 4))
                .isEqualTo(site(JOB).obstacles().get(2).line().subList(1, 4));
        // The dune carried to the west of the terrace shades the path behind it no more.
        Job carried = BENCH.dragged(picked, "thing:2", 0, 0, 20, 300, WIDTH, HEIGHT)
                .orElseThrow()
                .applyTo(JOB);
        assertThat(level(carried)).isGreaterThan(level(JOB) + 10);
        Showing walked = showing(JOB, Showing.Advice.NONE, Map.of(Step.RAISE, "thing-corner:2.0"), Map.of());
        assertThat(BENCH.centre(walked, WIDTH, HEIGHT).zones())
                .as("a corner that is held keeps its thing picked")
                .anyMatch(z -> z.id().equals("thing-corner:2.3"));
    }

    @Test
    void aPlaceHasAHeightOfItsOwnAndUpstairsHearsMore() {
        Showing s = showing(JOB, Showing.Advice.NONE, Map.of(Step.RAISE, "spot:2"), Map.of());
        Input.Value height = BENCH.inputs(s).stream()
                .filter(i -> i.id().equals("spot-height-2"))
                .map(Input.Value.class::cast)
                .findFirst()
                .orElseThrow();
        Job up = ((Input.Outcome.Change) height.edit().apply(Quantity.of("9", Unit.M)))
                .change()
                .applyTo(JOB);
        assertThat(level(up)).as("over the dune's shoulder").isGreaterThan(level(JOB) + 3);
        Input.Tick there = BENCH.inputs(s).stream()
                .filter(i -> i.id().equals("spot-there-2"))
                .map(Input.Tick.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(site(there.change().applyTo(JOB)).spots()).hasSize(2);
    }

    @Test
    void whatIsPickedIsNamedMadeOfSomethingAndTakenOff() {
        Showing house = showing(JOB, Showing.Advice.NONE, Map.of(Step.RAISE, "thing:0"), Map.of());
        assertThat(BENCH.inputs(house)).anyMatch(i -> i.id().equals("thing0-storeys"));
        Showing wall = showing(JOB, Showing.Advice.NONE, Map.of(Step.RAISE, "thing:1"), Map.of());
        assertThat(BENCH.inputs(wall)).as("a wall has no storeys").noneMatch(i -> i.id().equals("thing1-storeys"));
        Input.Pick shape = BENCH.inputs(wall).stream()
                .filter(i -> i.id().equals("thing1-shape"))
                .map(Input.Pick.class::cast)
                .findFirst()
                .orElseThrow();
        Job more = shape.options().get(1).change().orElseThrow().applyTo(JOB);
        assertThat(site(more).obstacles().get(1).line()).hasSize(4);
        Job gone = shape.options().get(2).change().orElseThrow().applyTo(JOB);
        assertThat(site(gone).obstacles()).extracting(Site.Obstacle::name).containsExactly("shelter", "dune");
    }

    @Test
    void everyAntennaAndPlaceIsWalkedTo() {
        Showing s = showing(JOB, Showing.Advice.NONE);
        assertThat(BENCH.walk(s))
                .containsExactly(
                        "mount:0",
                        "spot:0",
                        "spot:1",
                        "spot:2",
                        "ground:0",
                        "ground:1",
                        "ground:2",
                        "thing:0",
                        "thing:1",
                        "thing:2");
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
                Showing.Advice.NONE.withSectors(
                        new Stage.Fresh<>(List.of(new SiteOption("Sector panel", Optional.empty(), found, 70)))));
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
