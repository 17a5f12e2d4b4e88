package veldline.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import veldline.desktop.bench.Overlay;
import veldline.desktop.look.Appearance;
import veldline.desktop.look.Faces;
import veldline.picture.Role;
import veldline.store.JobStore;

/** Opens the window. The job is read and worked out while the toolkit starts; whichever is done first waits. */
public final class VeldlineApp {
    private VeldlineApp() {}

    /** A job on its way to the window. */
    private record Begun(Opened opened, JobDesk desk, Workbench work) {}

    /** Starts the toolkit and opens a window with what the arguments name. */
    public static void launch(List<String> args) {
        CompletableFuture<Void> started = new CompletableFuture<>();
        Consumer<Runnable> toInterface = r -> started.thenRun(() -> Platform.runLater(r));
        CompletableFuture<Begun> begun = CompletableFuture.supplyAsync(() -> begin(Opened.of(args), toInterface));
        Platform.startup(() -> {
            Stage stage = empty();
            Faces.load();
            started.complete(null);
            begun.whenComplete((b, fault) -> Platform.runLater(() -> {
                if (fault != null) {
                    // Nothing can be shown without a job; the fault goes to the shell that asked for the window.
                    fault.printStackTrace();
                    Platform.exit();
                } else {
                    fill(stage, b);
                }
            }));
        });
    }

    /** The system's window, in the colour it will have: it is made while the job is still being read. */
    private static Stage empty() {
        Stage stage = new Stage();
        stage.setScene(new Scene(new Region(), 1280, 800, Appearance.DAYLIGHT.colour(Role.PAPER)));
        stage.setTitle("Veldline");
        stage.setMinWidth(1024);
        stage.setMinHeight(680);
        stage.show();
        return stage;
    }

    private static Begun begin(Opened opened, Consumer<Runnable> toInterface) {
        JobDesk desk = new JobDesk(opened.job(), opened.store(), toInterface);
        Workbench work = new Workbench(desk, toInterface);
        desk.assessLine();
        return new Begun(opened, desk, work);
    }

    private static void fill(Stage stage, Begun begun) {
        Workbench work = begun.work;
        VeldlineWindow window = new VeldlineWindow(work);
        stage.getScene().setRoot(window);
        stage.setOnHidden(e -> work.close());
        window.refresh();
        window.requestFocus();
        if (!begun.opened.news().isEmpty()) {
            work.tell(begun.opened.news());
        }
        if (begun.opened.fresh()) {
            begun.desk.saveAs(JobStore.fresh(Path.of(System.getProperty("user.home"), "Veldline"), "new-job"));
            work.open(Overlay.NEW_JOB);
        }
        Tasks.recover(work);
    }

    /** A scene with the program's style sheet. */
    static Scene scene(VeldlineWindow window, double width, double height) {
        Scene scene = new Scene(window, width, height);
        style(scene);
        return scene;
    }

    /** Reads the program's style sheet into a scene. */
    static void style(Scene scene) {
        String sheet = VeldlineApp.class.getResource("look/veldline.css").toExternalForm();
        if (!scene.getStylesheets().contains(sheet)) {
            scene.getStylesheets().add(sheet);
        }
    }
}
