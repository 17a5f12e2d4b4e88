package veldline.desktop.part;

import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import veldline.desktop.look.Faces;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Mark.Face;

/**
 * How a value was worked out: words, formula with this job's numbers, what went in, source and trust. The text can be
 * selected. Making a text area is slow, so one box serves every finding.
 */
final class WorkedBox extends VBox {
    private static final double ROOM = 237;
    /** What a text area adds to its text: its own insets, and a little for rounding. */
    private static final double INSETS = 10;

    private final TextArea words = area("words");
    private final TextArea formula = area("formula");
    private final TextArea inputs = area("inputs");
    private final TextArea standing = area("standing");

    WorkedBox() {
        getStyleClass().add("worked-box");
        getChildren().addAll(words, formula, inputs, standing);
    }

    private static TextArea area(String part) {
        TextArea area = new TextArea();
        area.setEditable(false);
        area.setWrapText(true);
        area.getStyleClass().addAll("worked", "worked-" + part);
        area.setId("worked-" + part);
        area.setAccessibleText("How it is worked out: " + part);
        return area;
    }

    void show(Worked worked) {
        Font text = Faces.font(Face.TEXT, 12.5);
        Font signs = Font.font("DejaVu Sans Mono", 12);
        set(words, worked.words(), text, ROOM);
        set(formula, String.join("\n", worked.formulaLines()), signs, ROOM - 12);
        set(inputs, String.join("\n", worked.inputLines()), text, ROOM);
        set(standing, worked.standing(), text, ROOM);
        NumberTag.on(this, Origin.of(worked));
    }

    /** A text area does not know its own height, so its text is measured. */
    private static void set(TextArea area, String text, Font font, double room) {
        area.setText(text);
        Text measure = new Text(text);
        measure.setFont(font);
        measure.setWrappingWidth(room);
        double height = Math.ceil(measure.getLayoutBounds().getHeight()) + INSETS;
        area.setMinHeight(height);
        area.setPrefHeight(height);
        area.setMaxHeight(height);
    }
}
