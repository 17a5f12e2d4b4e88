package veldline.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.Bought;
import veldline.antenna.Inspection;
import veldline.antenna.InspectionChange;
import veldline.antenna.Made;
import veldline.assess.Assessment;
import veldline.assess.Step;
import veldline.format.FormatException;
import veldline.format.TouchstoneFile;
import veldline.instrument.Analyser;
import veldline.instrument.AntennaOnTest;
import veldline.instrument.SimulatedAnalyser;
import veldline.instrument.SocketAnalyser;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.line.PortData;
import veldline.line.SweptCable;
import veldline.study.Trimming;
import veldline.trim.SweepPoint;
import veldline.trim.SweepText;
import veldline.trim.TrimChange;
import veldline.trim.TrimLog;

/** Sweeps of the antenna that is trimmed: from an analyser, here a simulated one on a loopback socket, or from its file. */
final class Sweeps {
    /** Either side of the frequency. */
    private static final double SPAN = 0.04;
    /** Odd, so that the channel itself is one of them. */
    private static final int POINTS = 21;
    /** Of a longer sweep so many points are kept of a bought antenna. */
    private static final int MOST_WRITTEN = 50;

    private static final long MOST_BYTES = 16L << 20;

    private final Workbench work;
    private final Studies studies;
    private Optional<SweptCable> cable = Optional.empty();

    Sweeps(Workbench work, Studies studies) {
        this.work = work;
        this.studies = studies;
    }

    /** @param again whether it is the repeat that shows whether the first can be trusted */
    void measure(Assessment a, boolean again) {
        Job job = a.job();
        studies.ask(
                "Sweeping",
                p -> {
                    if (!(job.antenna(job.madeNear()) instanceof Made made)) {
                        throw new IllegalArgumentException("There is no antenna here that was built from a drawing");
                    }
                    double f = job.brief().frequency().value();
                    TrimLog log = job.trim();
                    AntennaOnTest antenna = new AntennaOnTest(
                            made,
                            f,
                            Trimming.parts(a),
                            log.cuts(),
                            job.name().toLowerCase(Locale.ROOT).hashCode(),
                            2L * log.cuts().size() + (again ? 1 : 0));
                    try (SimulatedAnalyser simulated = new SimulatedAnalyser(antenna);
                            Analyser analyser = SocketAnalyser.onLoopback(simulated.port())) {
                        return analyser.sweep(f * (1 - SPAN), f * (1 + SPAN), POINTS, n -> p.step(n, POINTS, ""));
                    }
                },
                o -> keep(o.result(), again, "Swept " + POINTS + " points."),
                e -> work.tell(e.getMessage() + "."));
    }

    /** The cable that was swept last. */
    Optional<SweptCable> cable() {
        return cable;
    }

    /** Reads what an analyser wrote of a cable, and works out where it throws back. */
    void readCable(Path file, boolean open) {
        Optional<SweptCable> before = cable;
        studies.ask(
                "Reading",
                p -> {
                    PortData read = touchstone(file);
                    return open ? SweptCable.of(read) : before.orElseThrow().and(read);
                },
                o -> {
                    cable = Optional.of(o.result());
                    work.pick("set:feed.look=CABLE");
                    work.tell("Read " + o.result().open().rows().size() + " frequencies.");
                },
                e -> failed(file, e));
    }

    private static PortData touchstone(Path file) throws IOException, FormatException {
        if (Files.size(file) > MOST_BYTES) {
            throw new FormatException("The file has " + (Files.size(file) >> 20) + " MB; a sweep has up to "
                    + (MOST_BYTES >> 20) + ". Save fewer points.");
        }
        return TouchstoneFile.read(
                        Files.readString(file),
                        TouchstoneFile.ports(file.getFileName().toString()))
                .data();
    }

    private void failed(Path file, Exception e) {
        boolean told = e instanceof FormatException || e instanceof IllegalArgumentException;
        work.tell(file.getFileName() + ": "
                + (told ? e.getMessage().replaceFirst("\\.$", "") + "." : "it cannot be read as text.")
                + " Nothing was changed.");
    }

    /** Reads what an analyser wrote: its first port becomes the sweep of the bought antenna that is unpacked, or else of the pass under way. */
    void read(Path file) {
        studies.ask(
                "Reading",
                p -> touchstone(file),
                o -> {
                    String told = "Read " + o.result().rows().size() + " frequencies.";
                    unpacked()
                            .ifPresentOrElse(
                                    near -> inspected(near, o.result(), told), () -> keep(o.result(), false, told));
                },
                e -> failed(file, e));
    }

    /** The end whose bought antenna is looked at in Shape, near or not. */
    private Optional<Boolean> unpacked() {
        return work.step() != Step.SHAPE
                ? Optional.empty()
                : work.showing()
                        .map(s -> !s.atFar())
                        .filter(near -> work.desk().job().antenna(near) instanceof Bought);
    }

    /** As many points as a person would write down; between them the curve is straight. */
    private void inspected(boolean near, PortData data, String told) {
        List<SweepPoint> points = SweepText.of(data, Trimming.LINE);
        int step = Math.max(1, (points.size() - 1) / MOST_WRITTEN + 1);
        List<Inspection.Swept> swept = IntStream.range(0, points.size())
                .filter(i -> i % step == 0 || i == points.size() - 1)
                .mapToObj(points::get)
                .map(p -> new Inspection.Swept(p.frequency(), p.swr()))
                .toList();
        work.apply(new JobChange.Inspected(near, new InspectionChange.Sweep(swept)));
        work.tell(told);
    }

    private void keep(PortData data, boolean again, String told) {
        List<SweepPoint> points = SweepText.of(data, Trimming.LINE);
        work.apply(new JobChange.OfTrim(
                again ? new TrimChange.Again(points) : new TrimChange.Measured(Instant.now(), points)));
        work.tell(told);
    }
}
