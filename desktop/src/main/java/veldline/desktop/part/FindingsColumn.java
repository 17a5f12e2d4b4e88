package veldline.desktop.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import veldline.desktop.look.Appearance;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.picture.Picture;

/** Findings in their order, one of them open with how it was worked out. */
public final class FindingsColumn extends VBox {
    private static final double RULER_WIDTH = 262;

    private final Label heading = new Label();
    private final Label count = new Label();
    private final VBox rows = new VBox();
    private final WorkedBox worked = new WorkedBox();
    private final Consumer<Finding.Remedy> take;
    private final Consumer<Optional<Finding.Remedy>> preview;
    private final List<Row> filled = new ArrayList<>();
    private List<Object> filledShape = List.of();
    private List<Finding> shown = List.of();
    private Appearance look = Appearance.DAYLIGHT;
    private int open;

    /**
     * @param take called with an offer that is taken
     * @param preview called with an offer that is rested on, and with nothing when it no longer is
     */
    public FindingsColumn(Consumer<Finding.Remedy> take, Consumer<Optional<Finding.Remedy>> preview) {
        this.take = take;
        this.preview = preview;
        getStyleClass().add("findings");
        heading.getStyleClass().add("heading");
        count.getStyleClass().add("heading-note");
        NumberTag.on(count, Origin.Plain.NAME);
        HBox head = new HBox(6, heading, count);
        head.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        getChildren().addAll(head, rows);
    }

    public void show(String question, List<Finding> findings, Appearance appearance) {
        heading.setText(question);
        count.setText(summary(findings));
        boolean same = findings.equals(shown);
        look = appearance;
        if (!same || !shape().equals(filledShape)) {
            if (findings.size() != shown.size()) {
                open = 0;
            }
            shown = findings;
            fill();
        }
    }

    /** Only the marks, for where there is no room for more. */
    public static List<Node> marks(List<Finding> findings, Appearance look) {
        return findings.stream().<Node>map(f -> sign(f.level(), look)).toList();
    }

    /** The mark of a level as a node. */
    static PictureView sign(Finding.Level level, Appearance look) {
        PictureView view =
                PictureView.still(Picture.pen(18, 18).sign(level, 9, 9).done(), look);
        view.setAccessibleText(level.name().toLowerCase(Locale.ROOT));
        return view;
    }

    private static String summary(List<Finding> findings) {
        List<String> words = new ArrayList<>();
        for (Finding.Level level : List.of(Finding.Level.STOP, Finding.Level.WATCH)) {
            long n = findings.stream().filter(f -> f.level() == level).count();
            if (n > 0) {
                words.add(n + (level == Finding.Level.STOP ? " to stop for" : " to watch"));
            }
        }
        return words.isEmpty()
                ? findings.size() + (findings.size() == 1 ? " finding" : " findings")
                : String.join(", ", words);
    }

    /** Opens the next finding, or the first again. */
    public void openNext() {
        open = shown.isEmpty() ? 0 : (open + 1) % shown.size();
        fill();
    }

    /** Takes the first remedy that is offered. */
    public void takeFirst() {
        shown.stream().flatMap(f -> f.remedies().stream()).findFirst().ifPresent(take);
    }

    private void fill() {
        List<Object> shape = shape();
        if (shape.equals(filledShape)) {
            for (int i = 0; i < shown.size(); i++) {
                filled.get(i).show(shown.get(i));
            }
            return;
        }
        filledShape = shape;
        filled.clear();
        boolean offered = false;
        for (int i = 0; i < shown.size(); i++) {
            Finding f = shown.get(i);
            filled.add(new Row(i, f, !offered && !f.remedies().isEmpty()));
            offered |= !f.remedies().isEmpty();
        }
        rows.getChildren().setAll(filled.stream().map(r -> r.node).toList());
    }

    /** What the rows look like apart from their words: when it stays, nodes are kept and only words change. */
    private List<Object> shape() {
        // Marks and rulers are drawn for one look and one size of text.
        double zoom = getLocalToSceneTransform().getMxx();
        List<Object> shape = new ArrayList<>(List.of(look, open, zoom));
        for (Finding f : shown) {
            shape.add(List.of(
                    f.level(),
                    f.reason().isEmpty(),
                    f.ruler().isPresent(),
                    f.worked().isPresent(),
                    f.rest().isEmpty(),
                    f.remedies()));
        }
        return shape;
    }

    /** One finding's nodes. */
    private final class Row {
        private final Text lead = new Text();
        private final Text rest = new Text();
        private final Label reason = new Label();
        private final StackPane ruler = new StackPane();
        private final HBox node;
        private final int index;

        Row(int index, Finding f, boolean offers) {
            this.index = index;
            lead.getStyleClass().addAll("sentence", "lead");
            rest.getStyleClass().add("sentence");
            reason.setWrapText(true);
            reason.getStyleClass().add("reason");
            VBox body = new VBox(2, new TextFlow(lead, rest));
            if (!f.reason().isEmpty()) {
                body.getChildren().add(reason);
            }
            if (f.ruler().isPresent()) {
                body.getChildren().add(ruler);
            }
            if (index == open && f.worked().isPresent()) {
                body.getChildren().add(worked);
            }
            if (offers) {
                body.getChildren().addAll(remedy(f.remedies().get(0)));
            }
            Label caret = new Label(index == open ? "▾" : "▸");
            caret.getStyleClass().add("caret");
            caret.setVisible(f.worked().isPresent());
            HBox.setHgrow(body, Priority.ALWAYS);
            body.setMinWidth(0);
            node = new HBox(8, sign(f.level(), look), body, caret);
            node.getStyleClass().add("finding");
            node.setId("finding-" + index);
            node.setFocusTraversable(true);
            node.setOnMouseClicked(e -> open(index));
            node.setOnKeyPressed(e -> {
                if (e.getCode() == javafx.scene.input.KeyCode.ENTER) {
                    open(index);
                    e.consume();
                }
            });
            show(f);
        }

        void show(Finding f) {
            Origin origin = RulerPicture.origin(f);
            NumberTag.on(node, origin);
            lead.setText(f.lead() + (f.rest().isEmpty() ? "" : " "));
            rest.setText(f.rest());
            reason.setText(f.reason());
            node.setAccessibleText(f.sentence());
            f.ruler()
                    .ifPresent(r -> ruler.getChildren()
                            .setAll(PictureView.still(RulerPicture.of(r, origin, RULER_WIDTH), look)));
            if (index == open) {
                f.worked().ifPresent(worked::show);
            }
        }
    }

    private void open(int index) {
        open = index;
        fill();
    }

    /** Resting on an offer shows what it would come to. */
    private void rest(Finding.Remedy remedy, boolean on) {
        preview.accept(on ? Optional.of(remedy) : Optional.empty());
    }

    private List<Node> remedy(Finding.Remedy remedy) {
        Button button = new Button(remedy.label());
        button.getStyleClass().add("offer");
        button.setId("offer");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setWrapText(true);
        button.setOnAction(e -> take.accept(remedy));
        button.hoverProperty().addListener((o, was, is) -> rest(remedy, is || button.isFocused()));
        button.focusedProperty().addListener((o, was, is) -> rest(remedy, is || button.isHover()));
        Label key = new Label("T");
        key.getStyleClass().add("key-on-offer");
        button.setGraphic(key);
        button.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
        NumberTag.on(button, Origin.Plain.NAME);
        Label outcome = new Label(remedy.outcome());
        outcome.setWrapText(true);
        outcome.getStyleClass().add("reason");
        NumberTag.on(outcome, Origin.Plain.NAME);
        return List.of(button, outcome);
    }
}
