package veldline.desktop;

import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
import veldline.study.Progress;

/** Records one tide from a receiver, here a simulated one on a loopback socket. */
final class Recorder {
    private static final double READING_EVERY = 120;
    static final int READINGS = 373;

    private Recorder() {}

    /** What stands now, in words: recordings of one set-up are rounds of the same thing. */
    static String setUp(Job job) {
        return "Yagi of " + job.yagi().elements().size() + " at "
                + NumberText.shown(job.brief().near().height().value(), 0) + " m";
    }

    /**
     * @return the recording, or as many readings as there were when it was stopped
     * @throws IOException when the receiver does not answer
     */
    static Recording record(Assessment a, Progress progress) throws IOException {
        Job job = a.job();
        long place = job.name().toLowerCase(Locale.ROOT).hashCode();
        int number = job.prove().recordings().size();
        double gain = a.antenna()
                .value()
                .orElseThrow(() -> new IOException(
                        "The antenna cannot be solved, so there is nothing to record against; mend it in Shape"))
                .gain()
                .value();
        World world = new World(
                job,
                gain,
                job.brief().near().height().value(),
                World.Hidden.drawn(place),
                place + 7919L * (number + 1));
        List<Reading> readings = new ArrayList<>();
        try (SimulatedReceiver simulated = new SimulatedReceiver(
                        world, READING_EVERY, job.prove().step().value());
                Receiver receiver = SocketReceiver.onLoopback(simulated.port())) {
            for (int i = 0; i < READINGS; i++) {
                if (!progress.step(i, READINGS, "")) {
                    break;
                }
                readings.add(receiver.next());
            }
        }
        LevelLine line = a.line();
        double predicted = line.floor() + line.margin().value();
        return new Recording(
                "recorded",
                setUp(job),
                Instant.now(),
                new Recording.Quoted(predicted, 1.5, Instant.now(), Program.VERSION),
                new Series(readings));
    }
}
