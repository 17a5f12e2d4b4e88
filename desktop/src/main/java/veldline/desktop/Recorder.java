package veldline.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.explain.Program;
import veldline.instrument.Receiver;
import veldline.instrument.SimulatedReceiver;
import veldline.instrument.SocketReceiver;
import veldline.instrument.World;
import veldline.job.Job;
import veldline.link.LevelLine;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.prove.Recording;
import veldline.quantity.NumberText;
import veldline.store.RunningRecording;
import veldline.study.Progress;

/** Records one tide from a receiver, here a simulated one on a loopback socket. */
final class Recorder {
    private static final double READING_EVERY = 120;
    static final int READINGS = 373;

    private Recorder() {}

    /** What stands now, in words: recordings of one set-up are rounds of the same thing. */
    static String setUp(Job job) {
        return job.yagi()
                        .map(y -> "Yagi of " + y.elements().size())
                        .orElse(job.antenna(job.madeNear()).title()) + " at "
                + NumberText.shown(job.brief().near().height().value(), 0) + " m";
    }

    /**
     * @return the recording, or as many readings as there were when it was stopped
     * @throws IOException when the receiver does not answer
     */
    static Recording record(Assessment a, Optional<Path> folder, Progress progress) throws IOException {
        Job job = a.job();
        long place = job.name().toLowerCase(Locale.ROOT).hashCode();
        int number = job.prove().recordings().size();
        if (job.brief().field().isPresent() || !a.line().answered()) {
            throw new IOException(
                    "The line has no level at the far radio, so there is nothing to record; mend it first");
        }
        double gain = a.line().stop("near-antenna").step().value();
        World world = new World(
                job,
                gain,
                job.brief().near().height().value(),
                World.Hidden.drawn(place),
                place + 7919L * (number + 1));
        List<Reading> readings = new ArrayList<>();
        LevelLine line = a.line();
        double predicted = line.floor() + line.margin().value();
        Recording about = new Recording(
                "recorded",
                setUp(job),
                Instant.now(),
                new Recording.Quoted(predicted, 1.5, Instant.now(), Program.VERSION),
                new Series(List.of()));
        // Without a folder there is nothing a crash could leave; then it is kept in memory alone.
        Optional<RunningRecording> running =
                folder.isPresent() ? Optional.of(RunningRecording.begin(folder.get(), about)) : Optional.empty();
        try (SimulatedReceiver simulated = new SimulatedReceiver(
                        world, READING_EVERY, job.prove().step().value());
                Receiver receiver = SocketReceiver.onLoopback(simulated.port())) {
            for (int i = 0; i < READINGS; i++) {
                if (!progress.step(i, READINGS, "")) {
                    break;
                }
                readings.add(receiver.next());
                if (running.isPresent()) {
                    running.get().add(readings.get(i));
                }
            }
        } finally {
            if (running.isPresent()) {
                running.get().close();
            }
        }
        return about.withSeries(new Series(readings));
    }
}
