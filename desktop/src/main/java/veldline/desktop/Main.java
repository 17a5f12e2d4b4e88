package veldline.desktop;

import java.util.List;

/** Entrance. It does not extend Application, so that JavaFX may stand on the class path. */
public final class Main {
    private Main() {}

    public static void main(String[] args) {
        VeldlineApp.launch(List.of(args));
    }
}
