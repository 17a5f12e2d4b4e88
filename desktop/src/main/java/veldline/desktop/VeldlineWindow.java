package veldline.desktop;

import java.io.File;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.util.Duration;
import veldline.assess.ProveFigures;
import veldline.assess.Step;
import veldline.desktop.bench.BenchView;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.look.Appearance;
import veldline.desktop.part.NumberTag;
import veldline.desktop.part.PictureView;
import veldline.desktop.theline.LinePicture;
import veldline.desktop.theline.MarginPanel;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.job.JobChange;
import veldline.picture.Picture;

/** The one window: steps, line, bench, foot. */
public final class VeldlineWindow extends BorderPane {
    private static final double LINE_HEIGHT = 190;
    private static final double PANEL_WIDTH = 140;

    private final Workbench work;
    private final Map<Step, ToggleButton> steps = new EnumMap<>(Step.class);
    private final Map<Step, Label> states = new EnumMap<>(Step.class);
    private final Map<Step, BenchView> benches = new EnumMap<>(Step.class);
    private final StackPane bench = new StackPane();
    private final PictureView logo = new PictureView(Logo::draw, nothing());
    private final PictureView line;
    private final PictureView margin;
    private final Label jobName = new Label();
    private final Label whereAt = new Label();
    private final FootBar foot;
    private final Label lookName = new Label();
    private final TextField goTo = new TextField();
    private final PauseTransition forget = new PauseTransition(Duration.seconds(4));
    private Appearance look = Appearance.DAYLIGHT;

    public VeldlineWindow(Workbench work) {
        this.work = work;
        this.foot = new FootBar(work);
        this.line = new PictureView(this::drawLine, new PictureView.Gestures() {
            @Override
            public void chosen(String zone) {
                work.pick(zone);
            }

            @Override
            public void dragged(String zone, double fromX, double fromY, double x, double y, boolean ended) {
                // Stops stand where the parts are; nothing on the line is dragged.
            }
        });
        this.margin = new PictureView(this::drawMargin, nothing());
        getStyleClass().addAll("root", "veldline", look.styleClass());
        setTop(new VBox(topBar(), stepRow(), lineBand()));
        bench.getStyleClass().add("bench-place");
        setCenter(bench);
        setBottom(foot);
        forget.setOnFinished(e -> work.forgetFormer());
        work.onChanged(this::refresh);
        work.onTold(foot::refresh);
        new WindowKeys(this, work);
    }

    private static PictureView.Gestures nothing() {
        return new PictureView.Gestures() {
            @Override
            public void chosen(String zone) {
                // The margin is read, not pressed.
            }

            @Override
            public void dragged(String zone, double fromX, double fromY, double x, double y, boolean ended) {
                // The margin is read, not dragged.
            }
        };
    }

    private Node topBar() {
        Label mark = new Label("Veldline");
        mark.getStyleClass().add("window-name");
        logo.setMinSize(32, 24);
        logo.setMaxSize(32, 24);
        logo.setId("logo");
        jobName.getStyleClass().add("job-name");
        NumberTag.on(jobName, Origin.Plain.TYPED);
        goTo.setPromptText("Go to: step or stop");
        goTo.setId("go-to");
        goTo.getStyleClass().add("go-to");
        goTo.setOnAction(e -> goTo(goTo.getText()));
        Label drawer = new Label("Parts drawer");
        drawer.setOnMouseClicked(e -> openDrawer());
        HBox bar = new HBox(12, logo, mark, jobName, gap(), goTo, key("G"), drawer, key("D"), lookName, key("F9"));
        bar.getStyleClass().add("top-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private static Region gap() {
        Region r = new Region();
        HBox.setHgrow(r, Priority.ALWAYS);
        return r;
    }

    private static Label key(String text) {
        Label l = new Label(text);
        l.getStyleClass().add("key");
        NumberTag.on(l, Origin.Plain.NAME);
        return l;
    }

    private Node stepRow() {
        HBox row = new HBox();
        row.getStyleClass().add("step-row");
        for (Step s : Step.values()) {
            Label number = new Label(Integer.toString(s.ordinal() + 1));
            number.getStyleClass().add("step-number");
            NumberTag.on(number, Origin.Plain.NAME);
            Label title = new Label(s.title());
            title.getStyleClass().add("step-title");
            Label state = new Label();
            state.getStyleClass().add("step-state");
            states.put(s, state);
            HBox face = new HBox(8, number, title, state);
            face.setAlignment(Pos.CENTER_LEFT);
            ToggleButton b = new ToggleButton("", face);
            b.setAccessibleText(s.title());
            b.setId("step-" + (s.ordinal() + 1));
            b.getStyleClass().add("step");
            b.setOnAction(e -> work.go(s));
            steps.put(s, b);
            row.getChildren().add(b);
        }
        whereAt.getStyleClass().add("where-at");
        NumberTag.on(whereAt, Origin.Plain.TYPED);
        row.getChildren().addAll(gap(), whereAt);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Node lineBand() {
        line.setId("line");
        margin.setId("margin");
        margin.setMinWidth(PANEL_WIDTH);
        margin.setPrefWidth(PANEL_WIDTH);
        StackPane band = new StackPane(line, margin);
        StackPane.setAlignment(margin, Pos.CENTER_RIGHT);
        margin.setMaxWidth(PANEL_WIDTH);
        margin.setMouseTransparent(true);
        band.getStyleClass().add("line-band");
        band.setMinHeight(LINE_HEIGHT);
        band.setPrefHeight(LINE_HEIGHT);
        band.setMaxHeight(LINE_HEIGHT);
        return band;
    }

    private Picture drawLine(double w, double h) {
        return work.showing()
                .map(s -> LinePicture.of(
                        s.assessment().line(),
                        work.former(),
                        work.step() == Step.PROVE
                                ? s.assessment()
                                        .prove()
                                        .value()
                                        .map(p -> p.medianAfter().value())
                                : Optional.empty(),
                        work.stop(),
                        w,
                        h))
                .orElse(Picture.pen(w, h).done());
    }

    private Picture drawMargin(double w, double h) {
        return work.showing()
                .map(s -> {
                    Optional<ProveFigures> measured =
                            work.step() == Step.PROVE ? s.assessment().prove().value() : Optional.empty();
                    return MarginPanel.of(s.assessment(), measured, work.shift(), w, h);
                })
                .orElse(Picture.pen(w, h).done());
    }

    /** Shows everything as it now is. */
    public void refresh() {
        Optional<Showing> showing = work.showing();
        if (showing.isEmpty()) {
            return;
        }
        Showing s = showing.get();
        jobName.setText(s.job().place() + "   " + s.job().name());
        for (Step step : Step.values()) {
            ToggleButton b = steps.get(step);
            states.get(step).setText(state(s, step));
            b.setSelected(step == work.step());
            b.pseudoClassStateChanged(
                    javafx.css.PseudoClass.getPseudoClass("applies"),
                    work.stepsForStop().contains(step));
        }
        int at = s.assessment().line().indexOf(work.stop()).orElse(0);
        whereAt.setText("At " + s.assessment().line().stops().get(at).name() + ", stop " + (at + 1) + " of "
                + s.assessment().line().stops().size());
        foot.refresh();
        lookName.setText(look.title());
        work.opened();
        BenchView view = benches.computeIfAbsent(work.step(), this::newBench);
        if (!bench.getChildren().contains(view)) {
            bench.getChildren().setAll(view);
        }
        view.refresh(look);
        logo.show(look);
        line.show(look);
        margin.show(look);
        if (work.shift().isPresent()) {
            forget.playFromStart();
        }
    }

    /** A tick where nothing is left to see to, a half disc where something is. */
    private static String state(Showing s, Step step) {
        List<Finding> findings = s.assessment().of(step);
        if (findings.isEmpty()) {
            return "";
        }
        boolean open =
                findings.stream().anyMatch(f -> f.level() == Finding.Level.STOP || f.level() == Finding.Level.WATCH);
        return open ? "◐" : "✓";
    }

    private BenchView newBench(Step step) {
        return new BenchView(Benches.of(step), () -> work.showing().orElseThrow(), new BenchView.Host() {
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
            public void take(Finding.Remedy remedy) {
                work.apply(JobChange.lift(remedy.change(), !work.stop().startsWith("far")));
            }
        });
    }

    void command(Input.Command command) {
        switch (command) {
            case READ_CSV -> choose("Read a CSV of readings", "*.csv", false).ifPresent(f -> work.readCsv(f.toPath()));
            case OPEN -> choose("Open a job", "*.veldline.json", false).ifPresent(work::open);
            case SAVE_AS -> choose("Save the job as", "*.veldline.json", true).ifPresent(work::saveAs);
            default -> work.command(command);
        }
    }

    private Optional<File> choose(String title, String pattern, boolean save) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(pattern, pattern));
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
        String asked = text.strip().toLowerCase(java.util.Locale.ROOT);
        if (asked.isEmpty()) {
            return;
        }
        for (Step s : Step.values()) {
            if (s.title().toLowerCase(java.util.Locale.ROOT).startsWith(asked)) {
                work.go(s);
                leaveGoTo();
                return;
            }
        }
        work.showing().ifPresent(showing -> {
            for (var stop : showing.assessment().line().stops()) {
                if (stop.name().toLowerCase(java.util.Locale.ROOT).contains(asked)) {
                    work.goStop(stop.id());
                    leaveGoTo();
                    return;
                }
            }
            work.tell("No step or stop is called “" + text.strip() + "”.");
        });
    }

    private void leaveGoTo() {
        goTo.clear();
        requestFocus();
    }

    TextField goToBox() {
        return goTo;
    }

    void switchLook() {
        getStyleClass().remove(look.styleClass());
        look = look.other();
        getStyleClass().add(look.styleClass());
        requestFocus();
        refresh();
    }

    Optional<BenchView> openBench() {
        return Optional.ofNullable(benches.get(work.step()));
    }

    List<Region> places() {
        return openBench()
                .map(b -> {
                    List<Region> all = new java.util.ArrayList<>(b.places());
                    all.add(line);
                    return all;
                })
                .orElse(List.of(line));
    }
}
