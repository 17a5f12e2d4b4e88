package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;
import veldline.demo.TernholmSands;
import veldline.desktop.look.Faces;
import veldline.desktop.part.PictureView;
import veldline.job.Job;
import veldline.picture.Mark;
import veldline.store.JobStore;

/** The real window, off-screen, with the sample job saved in a folder of its own. */
abstract class WindowTest extends ApplicationTest {
    static final Job JOB = TernholmSands.nestCamera();

    @TempDir
    protected Path folder;

    protected Workbench work;
    protected VeldlineWindow window;
    private JobDesk desk;

    protected Job firstJob() {
        return JOB;
    }

    @Override
    public void start(Stage stage) throws Exception {
        Faces.load();
        JobStore store = new JobStore(folder.resolve("link.veldline.json"));
        store.save(firstJob());
        desk = new JobDesk(firstJob(), Optional.of(store), Platform::runLater);
        work = new Workbench(desk, Platform::runLater);
        window = new VeldlineWindow(work);
        stage.setScene(VeldlineApp.scene(window, 1280, 800));
        // The stage is the same for every test of a run, and one before may have made it smaller.
        stage.setWidth(1280);
        stage.setHeight(800);
        stage.show();
        window.requestFocus();
        desk.assess();
    }

    @AfterEach
    void shut() {
        work.close();
    }

    /**
     * Waits until what is shown belongs to the job as it is, the slow parts included, and its bench stands: a window
     * brings its bench some frames after the line, and the answer may be there before.
     */
    protected void settle() {
        until(() -> work.showing()
                        .filter(s ->
                                s.job() == work.desk().job() && s.assessment().whole())
                        .isPresent()
                && lookup("#picture").tryQuery().isPresent());
    }

    /** Waits until nothing more is to come of the job as it is, the check on a finer mesh included. */
    protected void rest() {
        until(() -> work.showing()
                .filter(s -> s.job() == work.desk().job()
                        && s.assessment().whole()
                        && s.assessment().mesh().settled())
                .isPresent());
    }

    protected void until(BooleanSupplier condition) {
        try {
            WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> {
                WaitForAsyncUtils.waitForFxEvents();
                return condition.getAsBoolean();
            });
        } catch (java.util.concurrent.TimeoutException e) {
            throw new AssertionError("It never came about", e);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    protected PictureView picture() {
        return lookup("#picture").queryAs(PictureView.class);
    }

    /** Everything that is written on the picture. */
    protected List<String> texts() {
        return picture().picture().texts().map(Mark.Text::text).toList();
    }

    /** Where something on the picture can be taken hold of. */
    protected Mark.Zone zone(String id) {
        return picture()
                .picture()
                .zones()
                .filter(z -> z.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    protected String news() {
        return lookup("#news").queryLabeled().getText();
    }

    /** Types a text into a box and takes it with Enter. */
    protected void enter(String box, String text) {
        Node field = lookup("#box-" + box).query();
        interact(() -> {
            field.requestFocus();
            ((javafx.scene.control.TextField) field).setText(text);
        });
        push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    protected String complaint(String box) {
        return lookup("#complaint-" + box)
                .tryQuery()
                .map(n -> ((javafx.scene.control.Label) n).getText())
                .orElse("");
    }

    /** Back to where bare keys work. */
    protected void leaveBoxes() {
        interact(() -> window.requestFocus());
        assertThat(window.getScene().getFocusOwner()).isEqualTo(window);
    }
}
