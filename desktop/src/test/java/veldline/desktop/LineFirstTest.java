package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;
import veldline.demo.TernholmSands;
import veldline.desktop.look.Faces;
import veldline.desktop.part.PictureView;

/** The window as it opens: the line alone, then everything around it. */
class LineFirstTest extends ApplicationTest {
    private JobDesk desk;
    private Workbench work;
    private VeldlineWindow window;
    private final List<Bounds> places = new ArrayList<>();
    private boolean bareWhenDrawn;

    @Override
    public void start(Stage stage) {
        Faces.load();
        desk = new JobDesk(TernholmSands.nestCamera(), Optional.empty(), Platform::runLater);
        work = new Workbench(desk, Platform::runLater);
        window = new VeldlineWindow(work);
        stage.setScene(new Scene(window, 1280, 800));
        stage.setWidth(1280);
        stage.setHeight(800);
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                note();
            }
        }.start();
        desk.assessLine();
        stage.show();
    }

    private void note() {
        PictureView view = (PictureView) window.lookup("#line");
        if (view.picture().texts().count() > 3) {
            bareWhenDrawn |= window.lookup("#where") == null;
            places.add(view.localToScene(view.getBoundsInLocal()));
        }
    }

    @AfterEach
    void shut() {
        work.close();
    }

    private void until(BooleanSupplier condition) throws Exception {
        WaitForAsyncUtils.waitFor(60, java.util.concurrent.TimeUnit.SECONDS, () -> {
            boolean[] holds = new boolean[1];
            interact(() -> holds[0] = condition.getAsBoolean());
            return holds[0];
        });
    }

    @Test
    void theLineIsDrawnAloneAndDoesNotMoveWhenTheRestComes() throws Exception {
        until(() -> window.lookup("#where") != null && window.lookup("#picture") != null);
        until(() -> work.showing().filter(s -> s.assessment().whole()).isPresent());
        interact(this::note);
        assertThat(bareWhenDrawn).as("drawn before the controls were made").isTrue();
        Bounds first = places.get(0);
        Bounds last = places.get(places.size() - 1);
        assertThat(last.getMinY()).isEqualTo(first.getMinY());
        assertThat(last.getWidth()).isEqualTo(first.getWidth());
    }
}
