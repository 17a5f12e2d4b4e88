package veldline.desktop;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.animation.PauseTransition;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.transform.Scale;
import javafx.stage.FileChooser;
import javafx.util.Duration;
import veldline.assess.Step;
import veldline.desktop.bench.BenchView;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.desktop.bench.Showing;
import veldline.desktop.look.Appearance;
import veldline.desktop.print.Printing;
import veldline.explain.Finding;
import veldline.format.DrawerFile;
import veldline.job.JobChange;
import veldline.store.JobStore;

/** The one window: steps, line, bench, foot. Larger text makes all of it larger, and the room for it smaller. */
public final class VeldlineWindow extends Region {
    /** Frames with the line alone: one that draws it, and some that answer the first key. */
    private static final int FRAMES_BEFORE_SURROUND = 4;

    private static final int FRAMES_BEFORE_BENCH = 8;

    private final Workbench work;
    private final BorderPane content = new BorderPane();
    private final LineBand line;
    private final StackPane place = new StackPane();
    private final Map<Step, BenchView> benches = new EnumMap<>(Step.class);
    private final PauseTransition forget = new PauseTransition(Duration.seconds(4));
    private final Printing printing;
    private final Overlays overlays;
    private Optional<Surround> surround = Optional.empty();
    private Optional<BenchView> over = Optional.empty();
    private Appearance look = Appearance.DAYLIGHT;
    private boolean asked;
    private boolean benchDue;
    private TextSize textSize = TextSize.NORMAL;

    /** A window that draws the line before anything else; the rest follows some frames later. */
    public VeldlineWindow(Workbench work) {
        this.work = work;
        this.line = new LineBand(work);
        this.printing = new Printing(() -> work.showing().orElseThrow(), this::choose, work::tell);
        this.overlays = new Overlays(work);
        getStyleClass().addAll("root", "veldline", look.styleClass());
        Surround.keepRoom(content, line);
        place.getStyleClass().add("bench-place");
        content.setCenter(place);
        getChildren().add(content);
        forget.setOnFinished(e -> work.shadows().forgetFormer());
        work.onChanged(this::refresh);
        work.onTold(() -> surround.ifPresent(Surround::tell));
        new WindowKeys(this, work);
        DroppedFiles.on(this, work);
    }

    /** The style sheet, top bar, steps and foot, if they are not there yet. */
    private Surround furnish() {
        if (surround.isEmpty()) {
            Surround made = Surround.of(this, work, content);
            surround = Optional.of(made);
            Optional.ofNullable(getScene()).ifPresent(VeldlineApp::style);
            work.showing().ifPresent(s -> made.refresh(s, look));
        }
        return surround.get();
    }

    @Override
    protected void layoutChildren() {
        double z = textSize.factor();
        double w = getWidth() / z;
        double h = getHeight() / z;
        line.fit(h);
        surround.ifPresent(s -> s.fit(w));
        content.resizeRelocate(0, 0, w, h);
    }

    /** Shows everything as it now is. */
    public void refresh() {
        work.showing().ifPresent(s -> {
            surround.ifPresent(around -> around.refresh(s, look));
            line.refresh(look);
            if (!benchDue) {
                askForRest();
                return;
            }
            work.opened();
            BenchView view = openView();
            if (!place.getChildren().contains(view)) {
                place.getChildren().setAll(view);
            }
            view.refresh(look);
            if (work.shadows().shift().isPresent()) {
                forget.playFromStart();
            }
        });
    }

    /** The line is the answer: it is drawn first and answers keys, and the bench comes some frames later. */
    private void askForRest() {
        if (asked) {
            return;
        }
        asked = true;
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames == FRAMES_BEFORE_SURROUND) {
                    furnish();
                    work.desk().assess();
                } else if (frames > FRAMES_BEFORE_BENCH) {
                    stop();
                    benchDue = true;
                    refresh();
                }
            }
        }.start();
    }

    private BenchView openView() {
        if (work.overlay().isEmpty()) {
            over = Optional.empty();
            return benches.computeIfAbsent(work.step(), s -> new BenchView(Benches.of(s), this::shown, host()));
        }
        Overlay open = work.overlay().get();
        if (open == Overlay.PRINT) {
            over = Optional.empty();
            return printing.view(this::host);
        }
        if (over.filter(o -> o.bench().place().equals(open.name())).isEmpty()) {
            over = Optional.of(new BenchView(overlays.of(open, work.step()), this::shown, host()));
        }
        return over.get();
    }

    private Showing shown() {
        return work.showing().orElseThrow();
    }

    private BenchView.Host host() {
        return new BenchView.Host() {
            @Override
            public void apply(JobChange change) {
                work.apply(change);
            }

            @Override
            public void goOn(JobChange change) {
                work.goOn(change);
            }

            @Override
            public void command(Input.Command command) {
                VeldlineWindow.this.command(command);
            }

            @Override
            public void picked(String zone) {
                work.pick(zone);
            }

            @Override
            public void remake(Input.Outcome.Remade remade) {
                work.tasks().remaking().remake(remade);
            }

            @Override
            public Optional<Path> folder() {
                return work.desk().store().map(JobStore::folder);
            }

            @Override
            public void take(Finding.Remedy remedy) {
                work.shadows().preview(Optional.empty());
                work.apply(lifted(remedy));
            }

            @Override
            public void preview(Optional<Finding.Remedy> remedy) {
                work.shadows().preview(remedy.map(r -> lifted(r)));
            }

            private JobChange lifted(Finding.Remedy remedy) {
                return JobChange.lift(remedy.change(), !work.stop().startsWith("far"));
            }
        };
    }

    void command(Input.Command command) {
        switch (command) {
            case READ_SWEEP ->
                choose("Read a Touchstone file", "*.s1p", false)
                        .ifPresent(f -> work.tasks().sweeps().read(f.toPath()));
            case READ_CSV -> choose("Read a CSV of readings", "*.csv", false).ifPresent(f -> work.readCsv(f.toPath()));
            case READ_OPEN, READ_SHORTED ->
                choose("Read a Touchstone file", "*.s1p", false)
                        .ifPresent(
                                f -> work.tasks().sweeps().readCable(f.toPath(), command == Input.Command.READ_OPEN));
            case READ_DRAWER ->
                choose("Read a drawer", "*" + DrawerFile.ENDING, false)
                        .ifPresent(f -> work.tasks().readDrawer(f.toPath()));
            case SAVE_DRAWER ->
                choose("Save the drawer", "*" + DrawerFile.ENDING, true)
                        .ifPresent(f ->
                                work.tasks().saveDrawer(f.toPath(), work.desk().job()));
            case READ_GROUND ->
                choose("Read the ground", "*.csv;*.asc;*.hgt;*.gpx", false)
                        .ifPresent(f ->
                                work.tasks().readGround(f.toPath(), work.desk().job()));
            case SAVE_GROUND ->
                choose("Save the ground", "*.csv", true)
                        .ifPresent(f ->
                                work.tasks().saveGround(f.toPath(), work.desk().job()));
            case READ_WALK ->
                choose("A track with levels", "*.gpx", false)
                        .ifPresent(f -> work.tasks()
                                .readIn()
                                .walk(f.toPath(), work.desk().job()));
            case SAVE_DAY ->
                choose("Save as a calendar", "*.ics", true)
                        .ifPresent(f -> work.tasks().saveDay(f.toPath(), work.showing()));
            case SAVE_PLAN ->
                choose("Save the plan", "*.geojson", true)
                        .ifPresent(f ->
                                work.tasks().savePlan(f.toPath(), work.desk().job()));
            case READ_PLAN ->
                choose("Read a plan", "*.geojson;*.json", false)
                        .ifPresent(f ->
                                work.tasks().readPlan(f.toPath(), work.desk().job()));
            case READ_WIRES ->
                choose("Read wires", "*.json", false)
                        .ifPresent(f ->
                                work.tasks().readWires(f.toPath(), work.desk().job()));
            case OPEN -> choose("Open a job, or one in a zip", "*", false).ifPresent(work::open);
            case SAVE_AS -> choose("Save the job as", "*.veldline.json", true).ifPresent(work::saveAs);
            case SUMS -> lay(Overlay.SUMS);
            case HELP -> lay(Overlay.HELP);
            case LEARN -> {
                lay(Overlay.LEARN);
                work.command(Input.Command.EXPERIMENT);
            }
            case CHANGES -> {
                work.readRevisions();
                lay(Overlay.CHANGES);
            }
            case NEW_JOB -> {
                work.newJob();
                lay(Overlay.NEW_JOB);
            }
            case PHOTOGRAPH ->
                choose("A photograph, JPEG or PNG", "*", false)
                        .ifPresent(f -> work.tasks().photograph(f.toPath()));
            case ZIP_OUT -> choose("Send as one zip", "*.zip", true).ifPresent(work::zipOut);
            case LEAVE -> {
                work.leaveOverlay();
                requestFocus();
            }
            case PRINT -> {
                printing.command(command, work.step());
                lay(Overlay.PRINT);
            }
            case OTHER_PAPER, PRINT_NOW, SAVE_PDF, SAVE_WORKSHOP -> {
                printing.command(command, work.step());
                refresh();
            }
            default -> work.command(command);
        }
    }

    private Optional<File> choose(String title, String pattern, boolean save) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(pattern, pattern.split(";")));
        return Optional.ofNullable(
                save
                        ? chooser.showSaveDialog(getScene().getWindow())
                        : chooser.showOpenDialog(getScene().getWindow()));
    }

    /** Opens the parts drawer at the part of the chosen stop, or the nearest one. */
    void openDrawer() {
        work.go(Step.FEED_RUN);
        // A bench that was never open has no skins yet, and what has no skin is not found.
        applyCss();
        layout();
        if (lookup("#pick-part") instanceof ComboBox<?> drawer) {
            drawer.requestFocus();
            drawer.show();
        }
    }

    /** Goes to a step or stop whose name begins with what was typed. */
    void goTo(String text) {
        String asked = text.strip().toLowerCase(Locale.ROOT);
        if (asked.isEmpty()) {
            return;
        }
        for (Step s : Step.values()) {
            if (s.title().toLowerCase(Locale.ROOT).startsWith(asked)) {
                work.go(s);
                leaveGoTo();
                return;
            }
        }
        work.showing().ifPresent(showing -> {
            for (var stop : showing.assessment().line().stops()) {
                if (stop.name().toLowerCase(Locale.ROOT).contains(asked)) {
                    work.goStop(stop.id());
                    leaveGoTo();
                    return;
                }
            }
            work.tell("No step or stop is called “" + text.strip() + "”.");
        });
    }

    private void leaveGoTo() {
        goToBox().clear();
        requestFocus();
    }

    TextField goToBox() {
        return furnish().top().goToBox();
    }

    void switchLook() {
        getStyleClass().remove(look.styleClass());
        look = look.other();
        getStyleClass().add(look.styleClass());
        requestFocus();
        refresh();
    }

    /** Makes all text and boxes one size larger or smaller. */
    void resizeText(int by) {
        textSize = textSize.stepped(by);
        content.getTransforms().setAll(new Scale(textSize.factor(), textSize.factor()));
        requestLayout();
        layout();
        refresh();
        work.tell("Text and boxes at " + textSize.title() + ".");
    }

    private void lay(Overlay overlay) {
        work.open(overlay);
        requestFocus();
        refresh();
    }

    Optional<BenchView> openBench() {
        return work.showing().map(s -> openView());
    }

    List<Region> places() {
        List<Region> all = new ArrayList<>(openBench().map(BenchView::places).orElse(List.of()));
        all.add(line.line());
        return all;
    }
}
