package veldline.desktop.bench;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import veldline.desktop.look.Appearance;
import veldline.desktop.part.BusyPicture;
import veldline.desktop.part.FindingsColumn;
import veldline.desktop.part.InputsPane;
import veldline.desktop.part.PictureView;
import veldline.explain.Finding;
import veldline.job.JobChange;

/** The one view of every bench: inputs, picture, findings. */
public final class BenchView extends BorderPane {
    /** Under this width findings fold to a strip of their marks. */
    private static final double WIDE_ENOUGH = 1240;

    private static final double INPUTS = 236;
    private static final double INPUTS_MOST = 260;
    private static final double FINDINGS = 340;
    private static final double FINDINGS_MOST = 400;
    private static final double GROW_FROM = 1500;
    private static final double GROW_TO = 1900;
    /** What a picture needs to be read. */
    private static final double LEAST_WIDTH = 620;

    private static final double LEAST_HEIGHT = 480;

    /** What a bench asks of the window. */
    public interface Host {
        void apply(JobChange change);

        /** Goes on with the gesture that the last change began. */
        void goOn(JobChange change);

        void command(Input.Command command);

        void picked(String zone);

        /** Where the job's recordings and photographs are; empty where it is in no folder yet. */
        Optional<Path> folder();

        /** Makes an antenna anew beside what else is done. */
        void remake(Input.Outcome.Remade remade);

        void take(Finding.Remedy remedy);

        /** Shows what a remedy would come to, before it is taken; empty lets go of it. */
        void preview(Optional<Finding.Remedy> remedy);
    }

    private final Bench bench;
    private final Supplier<Showing> showing;
    private final InputsPane inputs;
    private final PictureView picture;
    private final FindingsColumn findings;
    private final PictureView busy;
    private final ScrollPane left;
    private final ScrollPane full;
    private final VBox strip = new VBox(10);
    private final Host host;
    private boolean dragging;

    public BenchView(Bench bench, Supplier<Showing> showing, Host host) {
        this.bench = bench;
        this.showing = showing;
        this.host = host;
        this.inputs = new InputsPane(this::outcome, host::command);
        this.picture = new PictureView((w, h) -> bench.centre(showing.get(), w, h), gestures(), host::folder);
        this.findings = new FindingsColumn(host::take, host::preview);
        this.full = scrolled(findings, FINDINGS, "findings-scroll");
        getStyleClass().add("bench");
        this.busy = new PictureView((w, h) -> BusyPicture.of(showing.get(), w, h), PictureView.Gestures.NONE);
        this.left = scrolled(inputs, INPUTS, "inputs-scroll");
        setLeft(left);
        setCenter(new BorderPane(roomy(picture), null, null, busy, null));
        setRight(full);
        picture.setId("picture");
        picture.setMinSize(LEAST_WIDTH, LEAST_HEIGHT);
        busy.setId("busy");
        strip.getStyleClass().add("findings-strip");
        strip.setId("findings-strip");
        strip.setOnMouseClicked(e -> foldFindings(false));
        widthProperty().addListener((o, was, is) -> fit(is.doubleValue()));
    }

    private static ScrollPane scrolled(Region content, double width, String id) {
        ScrollPane pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        widen(pane, width);
        pane.setId(id);
        pane.setFocusTraversable(false);
        return pane;
    }

    private static void widen(ScrollPane pane, double width) {
        pane.setPrefWidth(width);
        pane.setMinWidth(width);
    }

    /** The centre takes what there is first; in a wide window the sides grow too. */
    private void fit(double width) {
        double share = Math.max(0, Math.min(1, (width - GROW_FROM) / (GROW_TO - GROW_FROM)));
        widen(left, INPUTS + share * (INPUTS_MOST - INPUTS));
        widen(full, FINDINGS + share * (FINDINGS_MOST - FINDINGS));
        foldFindings(width < WIDE_ENOUGH);
    }

    /** A picture that is given too little room keeps its least size and is scrolled. */
    private static ScrollPane roomy(Region content) {
        ScrollPane pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setFitToHeight(true);
        pane.setId("centre-scroll");
        pane.getStyleClass().add("centre-scroll");
        pane.setFocusTraversable(false);
        return pane;
    }

    private void outcome(Input.Outcome outcome) {
        if (outcome instanceof Input.Outcome.Change c) {
            host.apply(c.change());
        } else if (outcome instanceof Input.Outcome.Picked p) {
            host.picked(p.zone());
        } else if (outcome instanceof Input.Outcome.Asked a) {
            host.picked(a.zone());
            host.command(a.command());
        } else if (outcome instanceof Input.Outcome.Remade r) {
            host.remake(r);
        }
    }

    private PictureView.Gestures gestures() {
        return new PictureView.Gestures() {
            @Override
            public void chosen(String zone) {
                host.picked(zone);
            }

            @Override
            public void dragged(String zone, double fromX, double fromY, double x, double y, boolean ended) {
                bench.turned(showing.get(), zone, x, y, picture.getWidth(), picture.getHeight())
                        .ifPresent(host::picked);
                bench.dragged(showing.get(), zone, fromX, fromY, x, y, picture.getWidth(), picture.getHeight())
                        .ifPresent(change -> {
                            if (dragging) {
                                host.goOn(change);
                            } else {
                                host.apply(change);
                            }
                            dragging = true;
                        });
                dragging &= !ended;
            }
        };
    }

    public void refresh(Appearance look) {
        Showing s = showing.get();
        inputs.show(bench.heading(s), bench.inputs(s), look);
        findings.show(bench.question(s), bench.findings(s), look);
        strip.getChildren().setAll(FindingsColumn.marks(bench.findings(s), look));
        double foot = BusyPicture.height(s);
        busy.setMinHeight(foot);
        busy.setPrefHeight(foot);
        busy.setMaxHeight(foot);
        busy.show(look);
        picture.show(look);
    }

    public Bench bench() {
        return bench;
    }

    public PictureView picture() {
        return picture;
    }

    /** Left and right walk through what the picture holds. */
    public void walk(int by) {
        Showing s = showing.get();
        List<String> zones = bench.walk(s);
        if (zones.isEmpty()) {
            return;
        }
        int at = bench.walkStart(s);
        if (s.pickedAt(bench).filter(zones::contains).isPresent()) {
            at = zones.indexOf(s.pickedAt(bench).get());
        }
        String next = zones.get(Math.max(0, Math.min(zones.size() - 1, at + by)));
        host.picked(bench.turned(s, next, 0, 0, picture.getWidth(), picture.getHeight())
                .orElse(next));
    }

    public void take() {
        Showing s = showing.get();
        Optional<JobChange> change = bench.taken(s, s.pickedAt(bench).orElse(""));
        change.ifPresent(host::apply);
    }

    private void foldFindings(boolean fold) {
        setRight(fold ? strip : full);
    }

    /** In a narrow window, shows the findings or folds them to their marks again; in a wide one, the next finding. */
    public void toggleFindings() {
        if (getWidth() < WIDE_ENOUGH) {
            foldFindings(getRight() == full);
        } else {
            nextFinding();
        }
    }

    /** Numbers of the inputs in their other unit: the one chosen last, or all. */
    public void switchUnits(boolean all) {
        inputs.switchUnits(all);
    }

    public void nextFinding() {
        foldFindings(false);
        findings.openNext();
    }

    public void takeRemedy() {
        findings.takeFirst();
    }

    /** The three places the caret moves between with F7. */
    public List<Region> places() {
        return List.of(inputs, picture, findings);
    }
}
