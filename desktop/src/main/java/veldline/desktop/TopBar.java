package veldline.desktop;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.look.Appearance;
import veldline.desktop.part.NumberTag;
import veldline.desktop.part.PictureView;
import veldline.explain.Origin;

/** Name, job, and what can be reached from anywhere: go to, parts drawer, print, appearance. */
final class TopBar extends HBox {
    private final PictureView logo = new PictureView(Logo::draw, PictureView.Gestures.NONE);
    private final JobPicker jobs;
    private final TextField goTo = new TextField();
    private final Button lookName;

    TopBar(VeldlineWindow window, Workbench work) {
        Label mark = new Label("Veldline");
        mark.getStyleClass().add("window-name");
        mark.setMinWidth(USE_PREF_SIZE);
        logo.setMinSize(32, 24);
        logo.setMaxSize(32, 24);
        logo.setId("logo");
        jobs = new JobPicker(window, work);
        goTo.setPromptText("Go to: step or stop");
        goTo.setId("go-to");
        goTo.setAccessibleText("Go to a step or stop by name");
        goTo.getStyleClass().add("go-to");
        goTo.setMinWidth(60);
        goTo.setOnAction(e -> window.goTo(goTo.getText()));
        lookName = quiet("Daylight", "look", window::switchLook);
        getChildren()
                .addAll(
                        logo,
                        mark,
                        jobs,
                        gap(),
                        goTo,
                        key("G"),
                        quiet("Parts drawer", "drawer", window::openDrawer),
                        key("D"),
                        quiet("Sums", "sums", () -> window.command(Input.Command.SUMS)),
                        key("S"),
                        quiet("Print", "print", () -> window.command(Input.Command.PRINT)),
                        key("Ctrl P"),
                        lookName,
                        key("F9"),
                        quiet("Learn", "learn", () -> window.command(Input.Command.LEARN)),
                        key("L"),
                        quiet("Help", "help", () -> window.command(Input.Command.HELP)),
                        key("F1"));
        getStyleClass().add("top-bar");
        setSpacing(10);
        setAlignment(Pos.CENTER_LEFT);
    }

    static Region gap() {
        Region r = new Region();
        HBox.setHgrow(r, Priority.ALWAYS);
        return r;
    }

    static Label key(String text) {
        Label l = new Label(text);
        l.getStyleClass().add("key");
        l.setMinWidth(USE_PREF_SIZE);
        return NumberTag.on(l, Origin.Plain.NAME);
    }

    /** A command that looks like a word. */
    private static Button quiet(String text, String id, Runnable action) {
        Button b = new Button(text);
        b.setId("bar-" + id);
        b.getStyleClass().setAll("quiet");
        b.setMinWidth(USE_PREF_SIZE);
        b.setOnAction(e -> action.run());
        return b;
    }

    void refresh(Showing s, Appearance look) {
        jobs.refresh(s.job());
        lookName.setText(look.title());
        logo.show(look);
    }

    TextField goToBox() {
        return goTo;
    }

    /** In a narrow window words give way to their keys. */
    void narrow(boolean narrow) {
        for (Node n : getChildren()) {
            if (n.getStyleClass().contains("quiet")) {
                n.setVisible(!narrow);
                n.setManaged(!narrow);
            }
        }
    }
}
