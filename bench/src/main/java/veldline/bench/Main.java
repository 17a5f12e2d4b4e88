package veldline.bench;

import java.io.IOException;
import veldline.format.FormatException;

/**
 * Runs JMH with its own arguments; {@code edits} and {@code start} measure through the real window, {@code accuracy} prints tables,
 * {@code trim} counts how the trimming adviser does, {@code improve} times the optimiser.
 */
public final class Main {
    private Main() {}

    public static void main(String[] args) throws IOException, InterruptedException, FormatException {
        if (args.length > 0 && args[0].equals("edits")) {
            javafx.application.Application.launch(veldline.desktop.EditTimer.class);
        } else if (args.length > 0 && args[0].equals("start")) {
            StartTimer.run();
        } else if (args.length > 0 && args[0].equals("accuracy")) {
            AccuracyTable.print();
        } else if (args.length > 0 && args[0].equals("trim")) {
            TrimTable.print();
        } else if (args.length > 0 && args[0].equals("improve")) {
            ImproveTimer.run();
        } else {
            org.openjdk.jmh.Main.main(args);
        }
    }
}
