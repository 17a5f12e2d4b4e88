package veldline.desktop;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.NumberTag;
import veldline.explain.Finding;
import veldline.explain.Origin;

/** The eight steps in working order; those that apply to the chosen stop are underlined. */
final class StepRow extends HBox {
    private static final PseudoClass APPLIES = PseudoClass.getPseudoClass("applies");

    /** Widths of the window from which there is room for the states, and for where one is. */
    private static final double STATES_FROM = 1000;

    private static final double PLACE_FROM = 1100;

    private final Workbench work;
    private final Map<Step, ToggleButton> steps = new EnumMap<>(Step.class);
    private final Map<Step, Label> states = new EnumMap<>(Step.class);
    private final Label whereAt = new Label();

    StepRow(Workbench work) {
        this.work = work;
        getStyleClass().add("step-row");
        setAlignment(Pos.CENTER_LEFT);
        for (Step s : Step.values()) {
            getChildren().add(button(s));
        }
        whereAt.setId("where");
        whereAt.getStyleClass().add("where-at");
        NumberTag.on(whereAt, Origin.Plain.TYPED);
        getChildren().addAll(TopBar.gap(), whereAt);
    }

    private ToggleButton button(Step s) {
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
        b.setMinWidth(USE_PREF_SIZE);
        b.setOnAction(e -> work.go(s));
        steps.put(s, b);
        return b;
    }

    void refresh(Showing s) {
        for (Step step : Step.values()) {
            ToggleButton b = steps.get(step);
            states.get(step).setText(state(s, step));
            b.setSelected(step == work.step());
            b.pseudoClassStateChanged(APPLIES, work.stepsForStop().contains(step));
        }
        int at = s.assessment().line().indexOf(work.stop()).orElse(0);
        whereAt.setText("At " + s.assessment().line().stops().get(at).name() + ", stop " + (at + 1) + " of "
                + s.assessment().line().stops().size());
    }

    /** A tick where nothing is left to see to, a half disc where something is, a question where nobody knows. */
    private static String state(Showing s, Step step) {
        List<Finding> findings = s.assessment().of(step);
        if (findings.isEmpty()) {
            return "";
        }
        boolean open =
                findings.stream().anyMatch(f -> f.level() == Finding.Level.STOP || f.level() == Finding.Level.WATCH);
        boolean unknown = findings.get(0).level() == Finding.Level.UNKNOWN;
        return open ? "◐" : unknown ? "?" : "✓";
    }

    /** In a narrow window only numbers and names are left. */
    void fit(double width) {
        states.values().forEach(l -> show(l, width >= STATES_FROM));
        show(whereAt, width >= PLACE_FROM);
    }

    private static void show(Label label, boolean on) {
        label.setVisible(on);
        label.setManaged(on);
    }
}
