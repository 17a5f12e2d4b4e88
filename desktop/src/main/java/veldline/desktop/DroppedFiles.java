package veldline.desktop;

import java.io.File;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import veldline.assess.Step;
import veldline.format.DrawerFile;

/** Files let go over the window: a photograph joins the log, a CSV the recordings, a grid or track the ground, and a job is opened. */
final class DroppedFiles {
    private final Workbench work;

    private DroppedFiles(Workbench work) {
        this.work = work;
    }

    static void on(Node window, Workbench work) {
        DroppedFiles dropped = new DroppedFiles(work);
        window.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        window.setOnDragDropped(dropped::take);
    }

    private void take(DragEvent e) {
        List<File> files = e.getDragboard().getFiles();
        files.forEach(f -> take(work, f));
        e.setDropCompleted(!files.isEmpty());
        e.consume();
    }

    static void take(Workbench work, File file) {
        String name = file.getName().toLowerCase(Locale.ROOT);
        if (name.matches(".*\\.(jpe?g|png)")) {
            work.tasks().photograph(file.toPath());
        } else if (name.matches(".*\\.(asc|hgt|gpx)")) {
            work.tasks().readGround(file.toPath(), work.desk().job());
        } else if (name.endsWith(".geojson")) {
            work.tasks().readPlan(file.toPath(), work.desk().job());
        } else if (name.matches(".*\\.(s\\d+p|ts)")) {
            if (work.step() == Step.FEED_RUN) {
                work.tasks().sweeps().readCable(file.toPath(), true);
            } else {
                work.tasks().sweeps().read(file.toPath());
            }
        } else if (name.endsWith(".csv")) {
            work.readCsv(file.toPath());
        } else if (name.endsWith(DrawerFile.ENDING)) {
            work.tasks().readDrawer(file.toPath());
        } else if (name.endsWith(".json") || name.endsWith(".zip")) {
            work.open(file);
        } else {
            work.tell(
                    file.getName()
                            + " was not taken: drop a job, a zip, a drawer, a CSV of readings, a Touchstone sweep, a grid or track of the ground, or a JPEG or PNG photograph.");
        }
    }
}
