package veldline.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import veldline.desktop.bench.Overlay;
import veldline.desktop.look.Faces;
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
            Faces.load();
            started.complete(null);
            begun.whenComplete((b, fault) -> Platform.runLater(() -> {
                if (fault != null) {
                    // Nothing can be shown without a job; the fault goes to the shell that asked for the window.
                    fault.printStackTrace();
                    Platform.exit();
                } else {
                    show(new Stage(), b);
                }
            }));
        });
    }

    private static Begun begin(Opened opened, Consumer<Runnable> toInterface) {
        JobDesk desk = new JobDesk(opened.job(), opened.store(), toInterface);
        Workbench work = new Workbench(desk, toInterface);
        desk.assess();
        return new Begun(opened, desk, work);
    }

    private static void show(Stage stage, Begun begun) {
        Workbench work = begun.work;
        VeldlineWindow window = new VeldlineWindow(work);
        stage.setScene(scene(window, 1280, 800));
        stage.setTitle("Veldline");
        stage.setMinWidth(1024);
        stage.setMinHeight(680);
        stage.setOnHidden(e -> work.close());
        window.refresh();
        stage.show();
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
        scene.getStylesheets()
                .add(VeldlineApp.class.getResource("look/veldline.css").toExternalForm());
        return scene;
    }
}
