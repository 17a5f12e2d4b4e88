package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.part.PictureView;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.raise.RaiseChange;
import veldline.store.JobStore;

/** Larger text, other sizes of window, other units, print, and the jobs beside this one. */
class RoomyWindowTest extends WindowTest {
    @Override
    protected Job firstJob() {
        return JOB.withRaise(JOB.raise().ticking("solder", false));
    }

    private double onScreen(String id) {
        return lookup(id)
                .query()
                .localToScene(lookup(id).query().getBoundsInLocal())
                .getHeight();
    }

    @Test
    void textAndBoxesGrowTogetherAndBack() {
        settle();
        interact(() -> work.go(Step.SHAPE));
        double box = onScreen("#box-boom");
        double step = onScreen("#step-3");
        push(KeyCode.CONTROL, KeyCode.PLUS);
        assertThat(onScreen("#box-boom")).isCloseTo(1.25 * box, within(1.0));
        assertThat(lookup("#findings-strip").tryQuery())
                .as("findings fold to their marks")
                .isPresent();
        push(KeyCode.CONTROL, KeyCode.PLUS);
        push(KeyCode.CONTROL, KeyCode.PLUS);
        assertThat(onScreen("#step-3")).as("150 % is the most").isCloseTo(1.5 * step, within(1.0));
        assertThat(news()).contains("150 %");
        PictureView picture = picture();
        assertThat(picture.getWidth()).as("a picture keeps the room it needs").isGreaterThanOrEqualTo(560);
        push(KeyCode.CONTROL, KeyCode.MINUS);
        push(KeyCode.CONTROL, KeyCode.MINUS);
        push(KeyCode.CONTROL, KeyCode.MINUS);
        assertThat(onScreen("#step-3")).isCloseTo(step, within(0.5));
    }

    @Test
    void theLineTakesTheHeightThatSuitsTheWindow() {
        settle();
        Region line = lookup("#line").queryAs(Region.class);
        assertThat(line.getHeight()).isBetween(186.0, 190.0);
        interact(() -> window.getScene().getWindow().setHeight(690));
        until(() -> line.getHeight() < 140);
        PictureView low = lookup("#line").queryAs(PictureView.class);
        assertThat(low.picture().texts().map(Mark.Text::text)).noneMatch(t -> t.startsWith("takes "));
        interact(() -> window.getScene().getWindow().setHeight(1040));
        until(() -> line.getHeight() > 230);
        assertThat(low.picture().texts().map(Mark.Text::text)).anyMatch(t -> t.startsWith("takes "));
        interact(() -> window.getScene().getWindow().setHeight(800));
    }

    @Test
    void inAWideWindowTheSidesGrowToo() {
        settle();
        // The virtual screen is no wider than 1280, so the window's content is given the room directly.
        double[] widths = new double[3];
        interact(() -> {
            window.resize(1920, 800);
            window.layout();
            window.layout();
            widths[0] = lookup("#inputs-scroll").queryAs(Region.class).getWidth();
            widths[1] = lookup("#findings-scroll").queryAs(Region.class).getWidth();
            widths[2] = picture().getWidth();
            window.resize(1280, 800);
            window.layout();
        });
        assertThat(widths[0]).isCloseTo(260, within(2.0));
        assertThat(widths[1]).isCloseTo(400, within(2.0));
        assertThat(widths[2]).isGreaterThan(1200);
    }

    @Test
    void aNumberIsReadInItsOtherUnitWithoutBeingChanged() {
        settle();
        interact(() -> work.go(Step.SHAPE));
        Job before = work.desk().job();
        TextField boom = lookup("#box-boom").queryAs(TextField.class);
        String typed = boom.getText();
        interact(boom::requestFocus);
        leaveBoxes();
        push(KeyCode.U);
        assertThat(boom.getText()).isNotEqualTo(typed).contains("/");
        assertThat(work.desk().job()).isEqualTo(before);
        push(KeyCode.U);
        assertThat(boom.getText()).isEqualTo(typed);
        push(KeyCode.SHIFT, KeyCode.U);
        assertThat(lookup("#box-diameter").queryAs(TextField.class).getText()).isEqualTo("1/16");
        assertThat(lookup("#box-count").queryAs(TextField.class).getText())
                .as("a count has no other unit")
                .isEqualTo("11");
        enter("boom", "14");
        until(() -> Math.abs(work.desk().job().yagi().orElseThrow().boomLength() - 14 * 0.0254) < 0.02);
    }

    @Test
    void printingWaitsForWhatCanHurtAndThenShowsThePages() {
        settle();
        interact(() -> work.go(Step.SHAPE));
        leaveBoxes();
        push(KeyCode.CONTROL, KeyCode.P);
        assertThat(picture().picture().texts().map(Mark.Text::text)).anyMatch(t -> t.startsWith("Tick first: Solder"));
        assertThat(lookup("#action-print-now").tryQuery()).isEmpty();
        clickOn("#tick-solder");
        until(() -> lookup("#action-print-now").tryQuery().isPresent());
        // Pages for the workshop come with the closer look, a moment after the figures.
        until(() -> picture().picture().texts().map(Mark.Text::text).anyMatch("True size"::equals));
        assertThat(picture().picture().texts().map(Mark.Text::text)).contains("Cut list, 11 elements");
        assertThat(lookup("#action-paper").queryAs(Labeled.class).getText()).startsWith("Letter");
        clickOn("#action-paper");
        assertThat(lookup("#action-paper").queryAs(Labeled.class).getText()).startsWith("A4");
        push(KeyCode.ESCAPE);
        assertThat(lookup("#action-print-now").tryQuery()).isEmpty();
        assertThat(lookup("#box-boom").tryQuery()).isPresent();
    }

    @Test
    void goingToAnotherStepLeavesThePreview() {
        settle();
        interact(() -> {
            work.go(Step.RAISE);
            window.command(Input.Command.PRINT);
        });
        assertThat(picture().picture().texts().map(Mark.Text::text)).contains("Raising sheet");
        interact(() -> work.go(Step.MATCH));
        assertThat(picture().picture().texts().map(Mark.Text::text)).contains("Every way");
        interact(() -> work.go(Step.RAISE));
        assertThat(picture().picture().texts().map(Mark.Text::text)).doesNotContain("Raising sheet");
    }

    @Test
    void withoutAPrinterItSaysWhatToDo() {
        settle();
        interact(() -> {
            work.apply(new JobChange.OfRaise(new RaiseChange.Tick("solder", true)));
            work.go(Step.SHAPE);
            window.command(Input.Command.PRINT);
            window.command(Input.Command.PRINT_NOW);
        });
        assertThat(news()).startsWith("No printer is set up here.");
    }

    @Test
    void theJobsOfTheFolderAreOfferedAndOpened() throws IOException {
        settle();
        Path other = folder.resolve("another-link.veldline.json");
        new JobStore(other).save(JOB.withName("Another link"));
        Files.writeString(folder.resolve("notes.txt"), "not a job");
        MenuButton jobs = lookup("#jobs").queryAs(MenuButton.class);
        interact(jobs::show);
        until(() -> titles(jobs).contains("another link"));
        assertThat(titles(jobs)).contains("link (open)").doesNotContain("notes.txt");
        MenuItem item = jobs.getItems().stream()
                .filter(i -> "another link".equals(i.getText()))
                .findFirst()
                .orElseThrow();
        interact(() -> {
            jobs.hide();
            item.fire();
        });
        until(() -> work.desk().job().name().equals("Another link"));
        settle();
    }

    private static List<String> titles(MenuButton jobs) {
        return jobs.getItems().stream().map(MenuItem::getText).toList();
    }
}
