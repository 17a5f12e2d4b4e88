package veldline.bench;

import java.io.IOException;

/** Runs JMH with its own arguments; {@code edits} measures through the real window instead. */
public final class Main {
    private Main() {}

    public static void main(String[] args) throws IOException {
        if (args.length > 0 && args[0].equals("edits")) {
            javafx.application.Application.launch(veldline.desktop.EditTimer.class);
        } else {
            org.openjdk.jmh.Main.main(args);
        }
    }
}
