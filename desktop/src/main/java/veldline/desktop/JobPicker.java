package veldline.desktop;

import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import veldline.desktop.bench.Input;
import veldline.desktop.part.NumberTag;
import veldline.explain.Origin;
import veldline.job.Job;

/** The job's name, and the other jobs of its folder to change to. */
final class JobPicker extends MenuButton {
    private static final String SUFFIX = ".veldline.json";

    private final Label place = new Label();
    private final Label name = new Label();
    private final Label count = new Label();
    private final VeldlineWindow window;
    private final Workbench work;

    JobPicker(VeldlineWindow window, Workbench work) {
        this.window = window;
        this.work = work;
        getStyleClass().add("job-name");
        setId("jobs");
        setMinWidth(USE_PREF_SIZE);
        place.getStyleClass().add("job-place");
        name.getStyleClass().add("job-title");
        count.getStyleClass().add("job-count");
        HBox face = new HBox(8, place, name, count);
        face.setAlignment(Pos.BASELINE_LEFT);
        setGraphic(face);
        NumberTag.on(this, Origin.Plain.TYPED);
        setOnShowing(e -> work.jobsBeside(this::offer));
        fixed();
    }

    void refresh(Job job) {
        boolean other = !place.getText().equals(job.place()) || !name.getText().equals(job.name());
        place.setText(job.place());
        name.setText(job.name());
        setAccessibleText("Job: " + job.name() + ", " + job.place());
        if (other) {
            work.jobsBeside(this::offer);
        }
    }

    private void offer(List<Path> files) {
        Path here = work.desk().store().map(s -> s.file()).orElse(Path.of(""));
        int at = files.indexOf(here);
        count.setText(at < 0 ? "" : (at + 1) + " of " + files.size());
        fixed();
        for (int i = files.size() - 1; i >= 0; i--) {
            Path file = files.get(i);
            String title = file.getFileName().toString().replace(SUFFIX, "").replace('-', ' ');
            MenuItem item = new MenuItem(i == at ? title + " (open)" : title);
            item.setDisable(i == at);
            item.setOnAction(e -> work.open(file.toFile()));
            getItems().add(0, item);
        }
    }

    private void fixed() {
        MenuItem open = new MenuItem("Open another …");
        open.setOnAction(e -> window.command(Input.Command.OPEN));
        MenuItem save = new MenuItem("Save as …");
        save.setOnAction(e -> window.command(Input.Command.SAVE_AS));
        MenuItem fresh = new MenuItem("New job …");
        fresh.setOnAction(e -> window.command(Input.Command.NEW_JOB));
        MenuItem zip = new MenuItem("Send as one zip …");
        zip.setOnAction(e -> window.command(Input.Command.ZIP_OUT));
        getItems().setAll(new SeparatorMenuItem(), fresh, open, save, zip);
    }
}
