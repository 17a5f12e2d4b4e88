package veldline.desktop;

import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import javafx.stage.Window;
import veldline.desktop.part.PictureView;
import veldline.picture.Picture;

/**
 * Starts a window, prints milliseconds from the start of the process until it answers, and ends. {@code empty} is a
 * window with nothing in it; anything else is the program with that job.
 */
public final class StartProbe {
    private StartProbe() {}

    public static void main(String[] args) {
        if (args[0].equals("empty")) {
            Platform.startup(StartProbe::empty);
        } else {
            VeldlineApp.launch(List.of(args));
            Platform.runLater(StartProbe::watch);
        }
    }

    private static long sinceStart() {
        return System.currentTimeMillis() - ManagementFactory.getRuntimeMXBean().getStartTime();
    }

    private static void press(Scene scene, KeyCode code) {
        Event.fireEvent(
                scene.getFocusOwner() == null ? scene.getRoot() : scene.getFocusOwner(),
                new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
    }

    private static void empty() {
        StackPane root = new StackPane();
        Stage stage = new Stage();
        Scene scene = new Scene(root, 1280, 800);
        stage.setScene(scene);
        scene.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            System.out.println("ready " + sinceStart());
            System.exit(0);
        });
        stage.show();
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames == 2) {
                    press(scene, KeyCode.DIGIT3);
                }
            }
        }.start();
    }

    /** The line is drawn with its numbers, a key moves along it; then the solved margin is awaited. */
    private static void watch() {
        new AnimationTimer() {
            private int drawn;

            @Override
            public void handle(long now) {
                Optional<Scene> scene = Window.getWindows().stream().findFirst().map(Window::getScene);
                Optional<PictureView> line = scene.map(s -> (PictureView) s.lookup("#line"));
                if (line.filter(l -> shows(l, "15.8")).isEmpty()) {
                    return;
                }
                if (++drawn == 2) {
                    Picture before = line.get().picture();
                    Event.fireEvent(
                            scene.orElseThrow().getRoot(),
                            new KeyEvent(KeyEvent.KEY_TYPED, "]", "", KeyCode.UNDEFINED, false, false, false, false));
                    // The tint has moved to the next stop.
                    if (!line.get().picture().equals(before)) {
                        System.out.println("ready " + sinceStart());
                    }
                }
                if (shows(line.get(), "29.3")) {
                    System.out.println("field " + sinceStart());
                    System.exit(0);
                }
            }
        }.start();
    }

    private static boolean shows(PictureView picture, String text) {
        return picture.picture().texts().anyMatch(t -> t.text().equals(text));
    }
}
