package veldline.store;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import veldline.antenna.Antenna;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.trim.SweepPoint;
import veldline.trim.TrimLog;

/**
 * One job as the logbook knows it.
 *
 * @param file it lies in
 * @param family of the antenna that is made or bought for it: “Yagi of 14”, “Lodge panel”
 * @param frequency it was designed for, hertz
 * @param last when something was last written or recorded; empty where nothing was
 * @param cameOut where the first sweep dipped, over the frequency it was made for, less one; empty where nothing was swept
 */
public record LogbookEntry(
        Path file,
        String place,
        String name,
        String family,
        double frequency,
        Optional<Instant> last,
        Optional<Double> cameOut) {
    /** A sweep of fewer points has no dip to speak of. */
    private static final int FEWEST = 3;

    static LogbookEntry of(Path file, Job job) {
        return new LogbookEntry(
                file,
                job.place(),
                job.name(),
                family(job),
                job.brief().frequency().value(),
                Stream.concat(
                                job.log().stream().map(Job.LogEntry::at),
                                job.prove().recordings().stream().map(r -> r.begun()))
                        .max(Comparator.naturalOrder()),
                cameOut(job));
    }

    private static String family(Job job) {
        Antenna there = job.antenna(job.madeNear());
        return job.yagi().map(y -> "Yagi of " + y.elements().size()).orElse(there.title());
    }

    private static Optional<Double> cameOut(Job job) {
        double made = job.brief().frequency().value();
        return job.trim().passes().stream()
                .findFirst()
                .map(TrimLog.Pass::sweep)
                .filter(s -> s.size() >= FEWEST)
                .flatMap(LogbookEntry::dip)
                .map(dip -> dip / made - 1);
    }

    /** A dip at either end of a sweep may lie outside it. */
    private static Optional<Double> dip(List<SweepPoint> sweep) {
        SweepPoint least = sweep.stream()
                .min(Comparator.comparingDouble(p -> p.swr().value()))
                .orElseThrow();
        boolean inside = least != sweep.get(0) && least != sweep.get(sweep.size() - 1);
        return inside ? Optional.of(least.frequency().value()) : Optional.empty();
    }

    /** Everything a person may remember a job by. */
    static String words(Job job) {
        return Stream.of(
                        Stream.of(
                                job.place(),
                                job.name(),
                                family(job),
                                job.nearAntenna().title(),
                                job.farAntenna().title(),
                                job.brief().near().name(),
                                job.brief().far().name(),
                                job.brief().near().radio().name(),
                                job.brief().far().radio().name(),
                                job.brief().frequency().toString()),
                        parts(job.nearRun()),
                        parts(job.farRun()),
                        job.stations().stream().map(s -> s.name()),
                        job.log().stream().map(Job.LogEntry::text),
                        job.prove().recordings().stream().map(r -> r.name() + " " + r.setUp()))
                .flatMap(s -> s)
                .collect(Collectors.joining("\n"));
    }

    private static Stream<String> parts(FeedRun run) {
        return run.parts().stream().map(FeedPart::name);
    }
}
