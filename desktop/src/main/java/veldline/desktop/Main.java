package veldline.desktop;

import javafx.application.Application;

/** Entrance. It does not extend Application, so that JavaFX may stand on the class path. */
public final class Main {
    private Main() {}

    public static void main(String[] args) {
        Application.launch(VeldlineApp.class, args);
    }
}
