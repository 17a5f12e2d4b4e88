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
import veldline.desktop.look.Appearance;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.quantity.MeterScale;
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
    private final HBox complaintRow = new HBox(6);
    private final Region gap = new Region();
    private final HBox frame = new HBox(field, unit, gap, other);
    private Quantity now;
    private String otherText = "";
    private boolean inOther;
    private Runnable onChosen = () -> {};
    private Function<Quantity, Input.Outcome> edit;
    private Optional<MeterScale> scale = Optional.empty();
    private final java.util.function.Consumer<Input.Outcome> apply;
    private Appearance look = Appearance.DAYLIGHT;

    public QuantityBox(Input.Value input, java.util.function.Consumer<Input.Outcome> apply) {
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
        complaint.setMinHeight(Region.USE_PREF_SIZE);
        HBox.setHgrow(complaint, Priority.ALWAYS);
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
            if (is) {
                onChosen.run();
            } else if (was) {
                commit();
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** The appearance that a complaint's mark is drawn in. */
    void look(Appearance appearance) {
        if (look != appearance) {
            look = appearance;
            complain(complaint.getText());
        }
    }

    /** Takes a new state; a text being typed is left alone. */
    public void show(Input.Value input) {
        edit = input.edit();
        scale = input.scale();
        boolean changed = !input.now().equals(now);
        now = input.now();
        otherText = input.other();
        label.setText(input.label());
        other.setText(inOther ? now.toString() : otherText);
        if (changed && (!field.isFocused() || !complaint.isVisible())) {
            write();
        }
    }

    /** As wide as the text, so that the unit stands right behind it. */
    private static double widthFor(String text) {
        return Math.max(26, 9.2 * text.length() + 16);
    }

    /** What stands in the box: the value as typed, or the same in the other unit. */
    private Quantity inBox() {
        return inOther ? now.inOther() : now;
    }

    private void write() {
        field.setText(inBox().number().replace('-', '−'));
        unit.setText(inBox().unit().symbol());
        other.setText(inOther ? now.toString() : otherText);
        complain("");
    }

    /** Shows the value in the other unit, or as it was typed; the value itself stays. */
    void showOther(boolean on) {
        if (inOther != on && now.unit().other().isPresent()) {
            inOther = on;
            write();
        }
    }

    /** Called when the caret enters the box. */
    void onChosen(Runnable action) {
        onChosen = action;
    }

    boolean showsOther() {
        return inOther;
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
            take(inBox().nudged(step));
            write();
            e.consume();
        }
    }

    private void commit() {
        String text = field.getText();
        if (text.replace('−', '-').strip().equals(inBox().number())) {
            complain("");
            return;
        }
        QuantityReader.Reading reading = new QuantityReader(inBox().unit(), scale).read(text, Optional.of(inBox()));
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
        if (outcome instanceof Input.Outcome.Refused refused) {
            complain(refused.why() + " Still using " + now + ".");
            return;
        }
        // What is made beside has its value only when it is made.
        now = outcome instanceof Input.Outcome.Remade ? now : quantity;
        inOther = false;
        write();
        apply.accept(outcome);
    }

    private void complain(String text) {
        complaint.setText(text);
        boolean any = !text.isEmpty();
        complaint.setVisible(any);
        frame.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("doubtful"), any);
        getChildren().remove(complaintRow);
        if (any) {
            complaintRow.getChildren().setAll(FindingsColumn.sign(Finding.Level.STOP, look), complaint);
            getChildren().add(complaintRow);
        }
    }
}
