package veldline.desktop.part;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import veldline.desktop.bench.Input;
import veldline.desktop.look.Appearance;
import veldline.explain.Origin;

/** Shows the inputs of a bench as nodes. Boxes are kept while their id stays, so that typing is never interrupted. */
public final class InputsPane extends VBox {
    private final Label heading = new Label();
    private final VBox rows = new VBox();
    private final Consumer<Input.Outcome> apply;
    private final Consumer<Input.Command> command;
    private final Map<String, QuantityBox> boxes = new HashMap<>();
    private final Map<String, TextField> lines = new HashMap<>();
    private List<Input> shown = List.of();
    private String chosen = "";
    private boolean allOther;

    public InputsPane(Consumer<Input.Outcome> apply, Consumer<Input.Command> command) {
        this.apply = apply;
        this.command = command;
        getStyleClass().add("inputs");
        heading.getStyleClass().add("heading");
        NumberTag.on(heading, Origin.Plain.NAME);
        rows.getStyleClass().add("input-rows");
        getChildren().addAll(heading, rows);
    }

    /** Shows inputs; boxes that are there already are kept. */
    public void show(String title, List<Input> inputs, Appearance look) {
        heading.setText(title);
        boolean sameShape = shape(inputs).equals(shape(shown));
        shown = inputs;
        List<Input.Value> values = inputs.stream().flatMap(InputsPane::values).toList();
        values.stream()
                .filter(v -> boxes.containsKey(v.id()))
                .forEach(v -> boxes.get(v.id()).show(v));
        boxes.values().forEach(b -> b.look(look));
        inputs.stream()
                .filter(Input.Text.class::isInstance)
                .map(Input.Text.class::cast)
                .filter(t -> lines.containsKey(t.id()) && !lines.get(t.id()).isFocused())
                .forEach(t -> lines.get(t.id()).setText(t.now()));
        if (sameShape) {
            return;
        }
        boxes.keySet().retainAll(values.stream().map(Input::id).toList());
        rows.getChildren().setAll(inputs.stream().map(this::node).toList());
    }

    private static Stream<Input.Value> values(Input input) {
        if (input instanceof Input.Pair p) {
            return Stream.of(p.left(), p.right());
        }
        return input instanceof Input.Value v ? Stream.of(v) : Stream.empty();
    }

    /** What a list looks like apart from the values in its boxes. */
    private static List<Object> shape(List<Input> inputs) {
        return inputs.stream()
                .<Object>map(i -> i instanceof Input.Value v ? v.id() + v.label() : words(i))
                .toList();
    }

    private static Object words(Input input) {
        if (input instanceof Input.Choice c) {
            return c.id() + c.options().stream().map(o -> o.word() + o.chosen()).toList();
        } else if (input instanceof Input.Pick p) {
            return p.id() + p.options().stream().map(o -> o.word() + o.chosen()).toList();
        } else if (input instanceof Input.Tick t) {
            return t.id() + t.ticked();
        } else if (input instanceof Input.Action a) {
            return a.id() + a.label();
        }
        return input instanceof Input.Note n ? n : input.id();
    }

    private Node node(Input input) {
        if (input instanceof Input.Value v) {
            return boxes.computeIfAbsent(v.id(), id -> newBox(v));
        } else if (input instanceof Input.Pair p) {
            HBox pair = new HBox(8, node(p.left()), node(p.right()));
            pair.getChildren().forEach(n -> HBox.setHgrow(n, Priority.ALWAYS));
            return pair;
        } else if (input instanceof Input.Choice c) {
            return choice(c);
        } else if (input instanceof Input.Pick p) {
            return pick(p);
        } else if (input instanceof Input.Action a) {
            return action(a);
        } else if (input instanceof Input.Tick t) {
            return tick(t);
        } else if (input instanceof Input.Words w) {
            return words(w);
        } else if (input instanceof Input.Text t) {
            return text(t);
        }
        Label note = new Label(((Input.Note) input).text());
        note.setWrapText(true);
        note.getStyleClass().add("note");
        return NumberTag.on(note, Origin.Plain.NAME);
    }

    private QuantityBox newBox(Input.Value v) {
        QuantityBox box = new QuantityBox(v, apply);
        box.showOther(allOther);
        box.onChosen(() -> chosen = v.id());
        return box;
    }

    /** Shows the number that was chosen last, or every number, in the other unit; again brings it back. */
    public void switchUnits(boolean all) {
        if (all) {
            allOther = !allOther;
            boxes.values().forEach(b -> b.showOther(allOther));
        } else {
            Optional.ofNullable(boxes.get(chosen)).ifPresent(b -> b.showOther(!b.showsOther()));
        }
    }

    private static VBox labelled(String label, Node node) {
        Label l = new Label(label);
        l.setLabelFor(node);
        l.getStyleClass().add("box-label");
        NumberTag.on(l, Origin.Plain.NAME);
        VBox group = new VBox(l, node);
        group.getStyleClass().add("box-group");
        return group;
    }

    /** More words than this take two rows. */
    private static final int ONE_ROW = 5;

    private Node choice(Input.Choice c) {
        int n = c.options().size();
        if (n <= ONE_ROW) {
            return labelled(c.label(), bar(c, 0, n));
        }
        return labelled(c.label(), new VBox(4, bar(c, 0, (n + 1) / 2), bar(c, (n + 1) / 2, n)));
    }

    private HBox bar(Input.Choice c, int from, int to) {
        HBox bar = new HBox();
        bar.getStyleClass().add("choice");
        for (int i = from; i < to; i++) {
            Input.Option o = c.options().get(i);
            ToggleButton b = new ToggleButton(o.word());
            b.setId("choice-" + c.id() + "-" + i);
            b.setSelected(o.chosen());
            b.setMaxWidth(Double.MAX_VALUE);
            b.setAccessibleText(c.label() + ": " + o.word() + (o.chosen() ? ", chosen" : ""));
            b.getStyleClass().add("choice-word");
            HBox.setHgrow(b, Priority.ALWAYS);
            b.setOnAction(e -> {
                b.setSelected(o.chosen());
                apply.accept(o.outcome());
            });
            bar.getChildren().add(NumberTag.on(b, Origin.Plain.NAME));
        }
        return bar;
    }

    private Node pick(Input.Pick p) {
        ComboBox<String> box = new ComboBox<>();
        box.setId("pick-" + p.id());
        box.setMaxWidth(Double.MAX_VALUE);
        p.options().forEach(o -> box.getItems().add(o.word()));
        p.options().stream().filter(Input.Option::chosen).findFirst().ifPresent(o -> box.setValue(o.word()));
        box.setOnAction(e -> {
            int i = box.getSelectionModel().getSelectedIndex();
            if (i >= 0 && !p.options().get(i).chosen()) {
                apply.accept(p.options().get(i).outcome());
            }
        });
        return labelled(p.label(), NumberTag.on(box, Origin.Plain.TYPED));
    }

    private Node action(Input.Action a) {
        Button b = new Button(a.label());
        b.setId("action-" + a.id());
        b.getStyleClass().add("action");
        b.setMaxWidth(Double.MAX_VALUE);
        if (!a.key().isEmpty()) {
            Label key = new Label(a.key());
            key.getStyleClass().add("key");
            b.setGraphic(key);
            b.setContentDisplay(ContentDisplay.RIGHT);
        }
        b.setOnAction(e -> command.accept(a.command()));
        return b;
    }

    private Node tick(Input.Tick t) {
        CheckBox box = new CheckBox(t.hazard());
        box.setId("tick-" + t.id());
        box.setSelected(t.ticked());
        box.setOnAction(e -> apply.accept(Input.Outcome.of(t.change())));
        Label advice = new Label(t.advice());
        advice.setWrapText(true);
        advice.getStyleClass().add("advice");
        VBox group = new VBox(2, box, NumberTag.on(advice, Origin.Plain.NAME));
        group.getStyleClass().add("caution");
        return group;
    }

    /** A line that keeps its text; leaving it takes what was typed. */
    private Node text(Input.Text t) {
        TextField field = new TextField(t.now());
        NumberTag.on(field, Origin.Plain.TYPED);
        field.setId("text-" + t.id());
        field.getStyleClass().add("words");
        lines.put(t.id(), field);
        Runnable take = () -> shown.stream()
                .filter(i -> i instanceof Input.Text x && x.id().equals(t.id()))
                .map(Input.Text.class::cast)
                .findFirst()
                .filter(x -> !x.now().equals(field.getText()))
                .ifPresent(x -> apply.accept(x.edit().apply(field.getText())));
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (was && !is) {
                take.run();
            }
        });
        return labelled(t.label(), field);
    }

    private Node words(Input.Words w) {
        TextField field = new TextField();
        field.setId("words-" + w.id());
        field.getStyleClass().add("words");
        Label complaint = new Label();
        complaint.setId("complaint-" + w.id());
        complaint.getStyleClass().add("complaint");
        complaint.setWrapText(true);
        NumberTag.on(complaint, Origin.Plain.TYPED);
        VBox group = labelled(w.label(), field);
        field.setOnAction(e -> {
            String text = field.getText().strip();
            group.getChildren().remove(complaint);
            if (text.isEmpty()) {
                return;
            }
            Input.Outcome outcome = w.edit().apply(text);
            if (outcome instanceof Input.Outcome.Refused refused) {
                complaint.setText(refused.why());
                group.getChildren().add(complaint);
            } else {
                apply.accept(outcome);
                field.clear();
            }
        });
        return group;
    }
}
