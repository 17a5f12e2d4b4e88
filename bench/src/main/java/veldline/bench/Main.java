package veldline.bench;

import java.io.IOException;

/** Runs JMH with its own arguments; {@code edits} and {@code start} measure through the real window instead. */
public final class Main {
    private Main() {}

    public static void main(String[] args) throws IOException, InterruptedException {
        if (args.length > 0 && args[0].equals("edits")) {
            javafx.application.Application.launch(veldline.desktop.EditTimer.class);
        } else if (args.length > 0 && args[0].equals("start")) {
            StartTimer.run();
        } else {
            org.openjdk.jmh.Main.main(args);
        }
    }
}
