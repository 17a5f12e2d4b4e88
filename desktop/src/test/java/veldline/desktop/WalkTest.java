package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.picture.Mark;
import veldline.prove.Verdict;
import veldline.store.JobStore;

/** A technician takes the sample link through the whole job. */
class WalkTest extends WindowTest {
    @Test
    void allEightStepsAreWalkedByKeyboard() {
        settle();
        for (Step step : Step.values()) {
            push(KeyCode.valueOf("DIGIT" + (step.ordinal() + 1)));
            until(() -> work.step() == step);
            settle();
            if (step == Step.CHOOSE) {
                until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
            }
            assertThat(picture().picture().texts()).as(step.title()).hasSizeGreaterThan(3);
            assertThat(work.stepsForStop()).contains(step);
            // The picture is walked: its numbers or its chosen thing follow.
            var before = picture().picture();
            // Walking begins at the newest line or recording, elsewhere at the first thing.
            push(step == Step.LOG || step == Step.PROVE ? KeyCode.LEFT : KeyCode.RIGHT);
            push(step == Step.LOG || step == Step.PROVE ? KeyCode.LEFT : KeyCode.RIGHT);
            WaitForAsyncUtils.waitForFxEvents();
            assertThat(picture().picture()).as("walking in " + step.title()).isNotEqualTo(before);
        }
    }

    @Test
    void theLineIsWalkedByKeyAndByPointer() {
        settle();
        assertThat(work.stop()).isEqualTo("near-radio");
        type(KeyCode.CLOSE_BRACKET);
        write("]");
        until(() -> !work.stop().equals("near-radio"));
        clickOn(window.lookup("#line"));
        until(() -> work.stop().equals("path")
                || work.stop().equals("near-antenna")
                || work.stop().equals("far-antenna"));
        assertThat(work.stepsForStop()).contains(work.step());
    }

    @Test
    void aJointIsBrokenAndMendedByTheOffer() {
        settle();
        push(KeyCode.DIGIT5);
        interact(() -> work.goStop("near-part-0"));
        until(() -> lookup("#choice-radio-contact-0").tryQuery().isPresent());
        clickOn("#choice-radio-contact-0");
        until(() -> work.showing().orElseThrow().assessment().line().brokenAt().isPresent());
        settle();
        assertThat(work.showing()
                        .orElseThrow()
                        .assessment()
                        .line()
                        .stop("near-part-0")
                        .tag())
                .isEqualTo("pin meets pin");
        // No margin is shown across a break.
        assertThat(lookup("#margin")
                        .queryAs(veldline.desktop.part.PictureView.class)
                        .picture()
                        .texts()
                        .map(Mark.Text::text))
                .contains("no answer");
        leaveBoxes();
        push(KeyCode.T);
        until(() -> work.showing().orElseThrow().assessment().line().brokenAt().isEmpty());
        assertThat(work.desk().history().undoLabel().orElseThrow()).startsWith("fit ");
    }

    @Test
    void anElementIsDraggedAndEverythingFollows() {
        settle();
        push(KeyCode.DIGIT3);
        until(() -> picture().picture().zones().anyMatch(z -> z.id().equals("element:4")));
        Mark.Zone zone = zone("element:4");
        double gain = work.showing()
                .orElseThrow()
                .assessment()
                .antenna()
                .value()
                .orElseThrow()
                .gain()
                .value();
        double position = work.desk()
                .job()
                .yagi()
                .orElseThrow()
                .elements()
                .get(4)
                .position()
                .value();
        Point2D from = picture().localToScreen(zone.x() + zone.width() / 2, zone.y() + zone.height() / 2);
        drag(from, MouseButton.PRIMARY).moveBy(6, 0).moveBy(12, 0).drop();
        until(() -> work.desk()
                        .job()
                        .yagi()
                        .orElseThrow()
                        .elements()
                        .get(4)
                        .position()
                        .value()
                > position + 0.002);
        settle();
        assertThat(work.showing()
                        .orElseThrow()
                        .assessment()
                        .antenna()
                        .value()
                        .orElseThrow()
                        .gain()
                        .value())
                .isNotEqualTo(gain);
        assertThat(picture().picture().texts().map(Mark.Text::text))
                .contains(veldline.quantity.NumberText.shown(
                        1000
                                * work.desk()
                                        .job()
                                        .yagi()
                                        .orElseThrow()
                                        .elements()
                                        .get(4)
                                        .position()
                                        .value(),
                        1));
        assertThat(work.desk().history().at()).as("one gesture is one edit").isEqualTo(1);
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(work.desk().job()).isEqualTo(JOB);
        push(KeyCode.CONTROL, KeyCode.Y);
        assertThat(work.desk().job()).isNotEqualTo(JOB);
    }

    @Test
    void aHeightIsDraggedInTheSideView() {
        settle();
        push(KeyCode.DIGIT1);
        Mark.Zone zone = zone("height:near");
        Point2D from = picture().localToScreen(zone.x() + zone.width() / 2, zone.y() + zone.height() / 2);
        drag(from, MouseButton.PRIMARY).moveBy(0, -10).moveBy(0, -50).drop();
        until(() -> work.desk().job().brief().near().height().value() > 10);
        settle();
        assertThat(work.showing().orElseThrow().assessment().path().tide().h1())
                .isCloseTo(work.desk().job().brief().near().height().value(), within(1e-9));
    }

    @Test
    void beforeAndAfterAreRecordedAndCompared() {
        settle();
        interact(() -> work.apply(new veldline.job.JobChange.OfBrief(new veldline.link.BriefChange.Height(
                true, veldline.quantity.Quantity.of("14.0", veldline.quantity.Unit.M)))));
        settle();
        int had = work.desk().job().prove().recordings().size();
        leaveBoxes();
        push(KeyCode.R);
        until(() -> work.desk().job().prove().recordings().size() == had + 1);
        settle();
        interact(() -> work.apply(new veldline.job.JobChange.OfBrief(new veldline.link.BriefChange.Height(
                true, veldline.quantity.Quantity.of("8.0", veldline.quantity.Unit.M)))));
        settle();
        push(KeyCode.R);
        until(() -> work.desk().job().prove().recordings().size() == had + 2);
        settle();
        var proof = work.showing().orElseThrow().assessment().prove().value().orElseThrow();
        assertThat(proof.before().setUp()).endsWith("14 m");
        assertThat(proof.after().setUp()).endsWith("8 m");
        assertThat(proof.verdict()).isEqualTo(Verdict.PROVISIONAL);
        assertThat(proof.comparison().low()).isPositive();
        interact(() -> work.desk().saveNow());
        until(() -> reopened().equals(Optional.of(work.desk().job())));
    }

    private Optional<Job> reopened() {
        try {
            return Optional.of(new JobStore(folder.resolve("link.veldline.json")).open());
        } catch (IOException | FormatException e) {
            return Optional.empty();
        }
    }

    @Test
    void aRecordingIsStoppedWithEscape() {
        settle();
        int had = work.desk().job().prove().recordings().size();
        interact(() -> {
            work.go(Step.PROVE);
            work.command(veldline.desktop.bench.Input.Command.RECORD);
            work.stopStudy();
        });
        until(() -> news().startsWith("Stopped"));
        assertThat(work.desk().job().prove().recordings()).hasSize(had);
    }

    @Test
    void aJobIsSavedElsewhereAndOpenedAgain() {
        settle();
        Path copy = folder.resolve("copy.veldline.json");
        interact(() -> work.saveAs(copy.toFile()));
        until(() -> Files.exists(copy));
        interact(() -> work.apply(new veldline.job.JobChange.Note(java.time.Instant.EPOCH, "one line more")));
        until(() -> work.desk().savedAt().isPresent());
        interact(() -> work.open(folder.resolve("link.veldline.json").toFile()));
        until(() -> work.desk().job().log().size() == JOB.log().size());
        interact(() -> work.open(copy.toFile()));
        until(() -> work.desk().job().log().size() == JOB.log().size() + 1);
    }

    @Test
    void aCandidateIsTakenWithEnter() {
        settle();
        push(KeyCode.DIGIT2);
        until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
        String second = veldline.study.Weigh.MARGIN
                .ranked(work.showing().orElseThrow().candidates().value().orElseThrow())
                .get(1)
                .shaped()
                .title();
        push(KeyCode.RIGHT);
        push(KeyCode.ENTER);
        until(() -> !work.desk().job().nearAntenna().equals(JOB.nearAntenna()));
        settle();
        assertThat(work.desk().job().nearAntenna().title()).as("the second").isEqualTo(second);
    }

    @Test
    void bothAppearancesAreShownAndTheLineIsPinned() {
        settle();
        push(KeyCode.F9);
        assertThat(window.getStyleClass()).contains("shack").doesNotContain("daylight");
        push(KeyCode.F9);
        assertThat(window.getStyleClass()).contains("daylight");
        push(KeyCode.F6);
        assertThat(work.former()).isPresent();
        push(KeyCode.F6);
        leaveBoxes();
        push(KeyCode.F7);
        assertThat(window.getScene().getFocusOwner()).isNotEqualTo(window);
    }

    @Test
    void goToFindsStepsAndStops() {
        settle();
        interact(() -> window.goTo("prov"));
        assertThat(work.step()).isEqualTo(Step.PROVE);
        interact(() -> window.goTo("lodge ant"));
        assertThat(work.stop()).isEqualTo("far-antenna");
        interact(() -> window.goTo("moon"));
        assertThat(news()).contains("“moon”");
    }

    @Test
    void inANarrowWindowFindingsFoldToTheirMarks() {
        settle();
        interact(() -> window.getScene().getWindow().setWidth(1024));
        until(() -> lookup("#findings-strip").tryQuery().isPresent());
        assertThat(picture().getWidth()).isGreaterThan(700);
        leaveBoxes();
        push(KeyCode.J);
        until(() -> lookup("#findings-scroll").tryQuery().isPresent());
        push(KeyCode.J);
        until(() -> lookup("#findings-strip").tryQuery().isPresent());
    }

    @Test
    void thePartsDrawerIsOneKeyAway() {
        settle();
        interact(() -> work.go(Step.SHAPE));
        leaveBoxes();
        push(KeyCode.D);
        until(() -> work.step() == Step.FEED_RUN);
        assertThat(window.getScene().getFocusOwner().getId()).isEqualTo("pick-part");
        push(KeyCode.ESCAPE);
    }
}
