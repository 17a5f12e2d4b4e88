package veldline.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Overlay;
import veldline.desktop.look.Faces;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.NewJob;
import veldline.store.JobStore;

/** Opens the window with a job: a file's, or the sample reserve's. */
public final class VeldlineApp extends Application {
    private Workbench work;

    @Override
    public void start(Stage stage) {
        Faces.load();
        List<String> args = getParameters().getRaw();
        boolean first = args.isEmpty();
        Opened opened = first ? fresh() : args.get(0).equals("demo") ? demo() : file(Path.of(args.get(0)));
        JobDesk desk = new JobDesk(opened.job, opened.store, Platform::runLater);
        work = new Workbench(desk, Platform::runLater);
        VeldlineWindow window = new VeldlineWindow(work);
        stage.setScene(scene(window, 1280, 800));
        stage.setTitle("Veldline");
        stage.setMinWidth(1024);
        stage.setMinHeight(680);
        stage.show();
        window.requestFocus();
        if (!opened.news.isEmpty()) {
            work.tell(opened.news);
        }
        if (first) {
            desk.saveAs(JobStore.fresh(Path.of(System.getProperty("user.home"), "Veldline"), "new-job"));
            work.open(Overlay.NEW_JOB);
        }
        desk.assess();
        Tasks.recover(work);
    }

    /** A scene with the program's style sheet. */
    static Scene scene(VeldlineWindow window, double width, double height) {
        Scene scene = new Scene(window, width, height);
        scene.getStylesheets()
                .add(VeldlineApp.class.getResource("look/veldline.css").toExternalForm());
        return scene;
    }

    private record Opened(Job job, Optional<JobStore> store, String news) {}

    /** No job at all: a new one, which is saved in a folder of its own under the person's home. */
    private static Opened fresh() {
        return new Opened(NewJob.blank(""), Optional.empty(), "");
    }

    /** The sample job is saved in a new folder each time, so that it may be tried out freely. */
    private static Opened demo() {
        Job job = TernholmSands.nestCamera();
        try {
            Path folder = Files.createTempDirectory("ternholm-sands-");
            for (Job other : TernholmSands.all()) {
                storeIn(folder, other).save(other);
            }
            JobStore store = storeIn(folder, job);
            store.openWhatCanBe();
            return new Opened(job, Optional.of(store), "");
        } catch (IOException | FormatException e) {
            return new Opened(
                    job, Optional.empty(), "There is no room to save the sample in; edits stay in this window.");
        }
    }

    private static JobStore storeIn(Path folder, Job job) {
        return new JobStore(folder.resolve(job.name().toLowerCase(Locale.ROOT).replace(' ', '-') + ".veldline.json"));
    }

    /** A file that cannot be understood is left as it is, and the sample is shown so that the window is of use. */
    private static Opened file(Path path) {
        JobStore store = new JobStore(path);
        try {
            JobFile.Opened opened = store.openWhatCanBe();
            return new Opened(
                    opened.job(),
                    Optional.of(store),
                    Tasks.missing(opened.troubles()).strip());
        } catch (FormatException | IOException e) {
            String why = e instanceof java.nio.file.NoSuchFileException ? "there is no such file" : e.getMessage();
            return new Opened(
                    TernholmSands.nestCamera(),
                    Optional.empty(),
                    path.getFileName() + " was not opened: " + why
                            + ". The file is as it was; the sample job is shown.");
        }
    }

    @Override
    public void stop() {
        if (work != null) {
            work.close();
        }
    }
}
