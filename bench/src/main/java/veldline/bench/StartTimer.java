package veldline.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import veldline.demo.TernholmSands;
import veldline.store.JobStore;

/**
 * How long the window takes to answer against an empty one: the two by turns, with the same flags, each with a class-data
 * archive of its own made in the run before.
 */
final class StartTimer {
    private static final int PAIRS = 10;

    private StartTimer() {}

    static void run() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("veldline-start-");
        Path job = folder.resolve("nest-camera-link.veldline.json");
        new JobStore(job).save(TernholmSands.nestCamera());
        Path emptyArchive = folder.resolve("empty.jsa");
        Path ownArchive = folder.resolve("own.jsa");
        start("-XX:ArchiveClassesAtExit=" + emptyArchive, "empty");
        start("-XX:ArchiveClassesAtExit=" + ownArchive, job.toString());
        List<Double> empty = new ArrayList<>();
        List<Double> ready = new ArrayList<>();
        List<Double> field = new ArrayList<>();
        List<Double> ratio = new ArrayList<>();
        for (int i = 0; i < PAIRS; i++) {
            List<Double> e = start("-XX:SharedArchiveFile=" + emptyArchive, "empty");
            List<Double> v = start("-XX:SharedArchiveFile=" + ownArchive, job.toString());
            empty.add(e.get(0));
            ready.add(v.get(0));
            field.add(v.get(1));
            ratio.add(v.get(0) / e.get(0));
        }
        System.out.printf("empty window          median %.0f ms%n", median(empty));
        System.out.printf("line drawn, key taken median %.0f ms%n", median(ready));
        System.out.printf("field numbers         median %.0f ms%n", median(field));
        System.out.printf(
                "ratio of each pair    median %.2f, worst %.2f%n",
                median(ratio), ratio.stream().mapToDouble(d -> d).max().orElseThrow());
    }

    private static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        return (sorted.get((sorted.size() - 1) / 2) + sorted.get(sorted.size() / 2)) / 2;
    }

    /** Milliseconds until the window answered, and until the solved numbers stood there. */
    private static List<Double> start(String flag, String what) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "@packaging/java.options",
                flag,
                "-Dprism.order=sw",
                "-cp",
                System.getProperty("java.class.path"),
                "veldline.desktop.StartProbe",
                what));
        Process p = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (BufferedReader out = p.inputReader();
                Stream<String> lines = out.lines()) {
            List<Double> times = lines.filter(l -> l.matches("(ready|field) \\d+"))
                    .map(l -> Double.valueOf(l.split(" ")[1]))
                    .toList();
            p.waitFor();
            if (times.isEmpty()) {
                throw new IOException(what + " did not answer; run it by hand to see why");
            }
            return times;
        }
    }
}
