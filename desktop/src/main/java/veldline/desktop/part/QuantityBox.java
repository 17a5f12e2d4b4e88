package veldline.desktop.part;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import veldline.desktop.bench.Input;
import veldline.explain.Origin;
import veldline.quantity.Quantity;
import veldline.quantity.QuantityReader;

/**
 * A box for a value with its unit. What is typed stays as typed; what cannot be used is kept in the box, asked about
 * under it, and the last good value stays in force.
 */
public final class QuantityBox extends VBox {
    private final TextField field = new TextField();
    private final Label label = new Label();
    private final Label unit = new Label();
    private final Label other = new Label();
    private final Label complaint = new Label();
    private final Region gap = new Region();
    private final HBox frame = new HBox(field, unit, gap, other);
    private Quantity now;
    private Function<Quantity, Input.Outcome> edit;
    private final java.util.function.Consumer<veldline.job.JobChange> apply;

    public QuantityBox(Input.Value input, java.util.function.Consumer<veldline.job.JobChange> apply) {
        this.apply = apply;
        label.getStyleClass().add("box-label");
        label.setLabelFor(field);
        frame.getStyleClass().add("box");
        field.setId("box-" + input.id());
        field.getStyleClass().add("box-field");
        unit.getStyleClass().add("box-unit");
        other.getStyleClass().add("box-other");
        complaint.getStyleClass().add("complaint");
        complaint.setWrapText(true);
        complaint.setId("complaint-" + input.id());
        NumberTag.on(label, Origin.Plain.NAME);
        NumberTag.on(complaint, Origin.Plain.TYPED);
        NumberTag.on(field, Origin.Plain.TYPED);
        NumberTag.on(other, Origin.Plain.TYPED);
        HBox.setHgrow(gap, Priority.ALWAYS);
        unit.setMinWidth(Region.USE_PREF_SIZE);
        other.setMinWidth(0);
        field.textProperty().addListener((o, was, is) -> field.setPrefWidth(widthFor(is)));
        frame.setOnMousePressed(e -> field.requestFocus());
        getChildren().addAll(label, frame);
        getStyleClass().add("box-group");
        show(input);
        field.focusedProperty().addListener((o, was, is) -> {
            frame.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("in-use"), is);
            if (was && !is) {
                commit();
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Takes a new state; a text being typed is left alone. */
    public void show(Input.Value input) {
        edit = input.edit();
        boolean changed = !input.now().equals(now);
        now = input.now();
        other.setText(input.other());
        label.setText(input.label());
        if (changed && (!field.isFocused() || !complaint.isVisible())) {
            write();
        }
    }

    /** As wide as the text, so that the unit stands right behind it. */
    private static double widthFor(String text) {
        return Math.max(26, 9.2 * text.length() + 16);
    }

    private void write() {
        field.setText(now.number().replace('-', '−'));
        unit.setText(now.unit().symbol());
        complain("");
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER) {
            commit();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            commit();
            getParent().requestFocus();
            e.consume();
        } else if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN) {
            int step = (e.getCode() == KeyCode.UP ? 1 : -1) * (e.isShiftDown() ? 10 : 1);
            take(now.nudged(step));
            write();
            e.consume();
        }
    }

    private void commit() {
        String text = field.getText();
        if (text.replace('−', '-').strip().equals(now.number())) {
            complain("");
            return;
        }
        QuantityReader.Reading reading = new QuantityReader(now.unit()).read(text, Optional.of(now));
        if (reading instanceof QuantityReader.Reading.Taken taken) {
            take(taken.quantity());
        } else if (reading instanceof QuantityReader.Reading.Doubtful doubt) {
            complain(doubt.question() + " Still using " + now + ".");
        } else {
            complain(((QuantityReader.Reading.Refused) reading).why() + ". Still using " + now + ".");
        }
    }

    private void take(Quantity quantity) {
        Input.Outcome outcome = edit.apply(quantity);
        if (outcome instanceof Input.Outcome.Change change) {
            now = quantity;
            write();
            apply.accept(change.change());
        } else {
            complain(((Input.Outcome.Refused) outcome).why() + " Still using " + now + ".");
        }
    }

    private void complain(String text) {
        complaint.setText(text);
        boolean any = !text.isEmpty();
        complaint.setVisible(any);
        frame.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("doubtful"), any);
        if (any && !getChildren().contains(complaint)) {
            getChildren().add(complaint);
        } else if (!any) {
            getChildren().remove(complaint);
        }
    }
}
