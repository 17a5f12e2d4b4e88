package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.coverage.Site;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Input;
import veldline.format.FormatException;
import veldline.format.SitePlanFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.path.Profile;
import veldline.picture.Mark;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The ground, the air, the site and the advice, in the real window. */
class SiteAndWayTest extends WindowTest {
    @TempDir
    Path folder;

    private Job job() {
        return work.desk().job();
    }

    private void lay(int index) {
        settle();
        interact(() -> work.desk().lay(TernholmSands.all().get(index), Optional.empty(), Optional.empty()));
        settle();
    }

    @Test
    void theGroundIsReadFromATableAndTheDistanceFollows() throws IOException {
        settle();
        Path file = folder.resolve("way.csv");
        Files.writeString(file, "distance_m,height_m\n0,1\n1300,22\n2500,2\n");
        interact(() -> {
            work.go(Step.BRIEF);
            work.tasks().readGround(file, job());
        });
        until(() -> job().brief().way().profile().isPresent());
        assertThat(job().brief().distance().value()).isEqualTo(2500);
        until(() -> work.showing().orElseThrow().assessment().of(Step.BRIEF).stream()
                .anyMatch(f -> f.tag().equals("line blocked")));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> job().brief().way().profile().isEmpty());
    }

    @Test
    void whatIsNoGroundLeavesTheJobAsItIs() throws IOException {
        settle();
        Job before = job();
        for (String[] bad : new String[][] {
            {"empty.asc", ""},
            {"maps.asc", "ncols 5 nrows 5 xllcorner 512000 yllcorner 6110000 cellsize 50 1"},
            {"hostile.gpx", "<!DOCTYPE g [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><gpx><trk>&x;</trk></gpx>"},
            {"cut.csv", "distance_m,height_m\n0"}
        }) {
            Path file = folder.resolve(bad[0]);
            Files.writeString(file, bad[1]);
            interact(() -> work.tasks().readGround(file, job()));
            until(() -> work.news().contains(bad[0]));
            assertThat(work.news()).contains("Nothing was changed");
            assertThat(job()).as(bad[0]).isEqualTo(before);
        }
    }

    @Test
    void aPlanIsReadAndOneThatIsNoneIsNot() throws IOException {
        lay(3);
        Site site = job().site().orElseThrow();
        Path file = folder.resolve("shelter.geojson");
        Files.writeString(file, SitePlanFile.write(site, 55.2, 4.1));
        interact(() -> work.tasks().readPlan(file, job()));
        until(() -> !job().site().orElseThrow().equals(site));
        assertThat(job().site().orElseThrow().spots()).hasSameSizeAs(site.spots());
        Job before = job();
        Path bad = folder.resolve("bad.geojson");
        Files.writeString(bad, "{\"type\": \"FeatureCollection\", \"features\": [");
        interact(() -> work.tasks().readPlan(bad, job()));
        until(() -> work.news().contains("bad.geojson"));
        assertThat(job()).isEqualTo(before);
    }

    @Test
    void theGroundAndThePlanAreSavedAndReadBackAsTheyWere() throws IOException, FormatException {
        lay(5);
        Profile ground = job().brief().way().profile().orElseThrow();
        Path csv = folder.resolve("gauge.csv");
        interact(() -> work.tasks().saveGround(folder.resolve("gauge"), job()));
        until(() -> work.news().contains("Saved gauge.csv"));
        lay(0);
        interact(() -> work.tasks().readGround(csv, job()));
        until(() -> job().brief().way().profile().isPresent());
        assertThat(job().brief().way().profile().orElseThrow().heights()).isEqualTo(ground.heights());

        lay(3);
        Site site = job().site().orElseThrow();
        Path plan = folder.resolve("shelter.geojson");
        interact(() -> work.tasks().savePlan(plan, job()));
        until(() -> work.news().contains("Saved shelter.geojson"));
        assertThat(SitePlanFile.read(Files.readString(plan), Site.blank()).obstacles())
                .hasSameSizeAs(site.obstacles());
        interact(() -> work.tasks().savePlan(folder.resolve("nowhere/plan.geojson"), job()));
        until(() -> work.news().contains("was not written"));
    }

    @Test
    void aPlaceTypedInDegreesMinutesAndSecondsIsTakenAndNonsenseIsNot() {
        settle();
        interact(() -> {
            work.go(Step.BRIEF);
            work.pick("set:brief=way");
        });
        settle();
        TextField field = lookup("#text-near-place").queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText("55°12'36.0\" N 4°06'00.0\" E");
        });
        push(KeyCode.ENTER);
        until(() -> job().brief().near().latitude().value() == 55.21);
        interact(() -> {
            field.requestFocus();
            field.setText("somewhere");
        });
        push(KeyCode.ENTER);
        settle();
        assertThat(job().brief().near().latitude().value()).isEqualTo(55.21);
    }

    @Test
    void aBeamIsTurnedOnThePlanAndThePlanIsDrawnFinerWhenAsked() {
        lay(3);
        interact(() -> work.go(Step.RAISE));
        settle();
        Mark.Zone tip = zone("turn:0");
        drag(picture().localToScreen(tip.x() + 11, tip.y() + 11)).dropBy(-10, 50);
        until(() -> job().site().orElseThrow().antennas().get(0).azimuth().value() > 110);
        settle();
        int coarse = work.showing()
                .orElseThrow()
                .assessment()
                .site()
                .value()
                .orElseThrow()
                .map()
                .columns();
        interact(() -> work.command(Input.Command.FINER));
        until(() -> work.showing()
                .orElseThrow()
                .advice()
                .fine()
                .filter(m -> m.columns() >= 2 * coarse)
                .isPresent());
        interact(() -> work.apply(new JobChange.OfBrief(new BriefChange.MarginWanted(Quantity.of("11", Unit.DB)))));
        settle();
        assertThat(work.showing().orElseThrow().advice().fine())
                .as("an edit lets the finer map go")
                .isEmpty();
    }

    @Test
    void theNextBestStepIsAskedForAndTakenByItsKey() {
        settle();
        interact(() -> {
            work.apply(new JobChange.OfBrief(new BriefChange.Height(true, Quantity.of("14", Unit.M))));
            work.go(Step.CHOOSE);
        });
        settle();
        until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
        interact(() -> work.command(Input.Command.NEXT_STEP));
        until(() -> work.showing().orElseThrow().advice().steps() instanceof Stage.Fresh);
        push(KeyCode.T);
        until(() -> job().brief().near().height().value() < 10);
        assertThat(work.desk().history().undoLabel().orElseThrow()).contains("hang it at");
        assertThat(work.showing().orElseThrow().advice().steps()).isInstanceOf(Stage.Running.class);
    }

    @Test
    void aChannelIsWalkedToAndTakenWithEnter() {
        settle();
        interact(() -> {
            work.go(Step.BRIEF);
            work.pick("set:brief=air");
        });
        settle();
        TextField field = lookup("#words-heard").queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText("ferry 2437 −55");
        });
        push(KeyCode.ENTER);
        until(() -> job().brief().air().heard().size() == 1);
        settle();
        interact(() -> work.pick("channel:0"));
        interact(() -> picture().requestFocus());
        push(KeyCode.ENTER);
        until(() -> job().brief().frequency().value() == 2412e6);
    }
}
