package veldline.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import veldline.assess.Assessment;
import veldline.assess.SetUp;
import veldline.explain.Program;
import veldline.instrument.FieldTests;
import veldline.instrument.RateLink;
import veldline.instrument.RateTester;
import veldline.instrument.Receiver;
import veldline.instrument.SimulatedRateTester;
import veldline.instrument.SimulatedReceiver;
import veldline.instrument.SocketRateTester;
import veldline.instrument.SocketReceiver;
import veldline.instrument.Trouble;
import veldline.instrument.World;
import veldline.job.Job;
import veldline.measure.GrowingStrip;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.measure.Strip;
import veldline.prove.RateTest;
import veldline.prove.Recording;
import veldline.prove.Symptom;
import veldline.store.RunningRecording;
import veldline.study.Progress;

/** Measures on a link that is simulated: one tide from a receiver on a loopback socket, or one test. */
final class Recorder {
    /** Steps of what is shown while it goes on. */
    private static final int STEPS = 240;

    /**
     * How a recording is made.
     *
     * @param every seconds from one reading to the next, in the link's time
     * @param count of readings
     */
    record Pace(double every, int count) {
        /** A whole tide, every two minutes. */
        static final Pace TIDE = new Pace(120, 373);
        /** Eight hours at ten a second. */
        static final Pace LONG = new Pace(0.1, 288_000);
    }

    /** What a line behind a radio usually gives, bits a second. */
    private static final double USUAL_WIRE = 50e6;

    private final Assessment a;
    private final Job job;
    private final Trouble trouble;
    private final long place;

    /** @param trouble what is wrong on the link that nobody sees */
    Recorder(Assessment a, Trouble trouble) {
        this.a = a;
        this.job = a.job();
        this.trouble = trouble;
        this.place = job.name().toLowerCase(Locale.ROOT).hashCode();
    }

    private double gain() throws IOException {
        if (job.brief().field().isPresent() || !a.line().answered()) {
            throw new IOException(
                    "The line has no level at the far radio, so there is nothing to measure; mend it first");
        }
        return a.line().stop("near-antenna").step().value();
    }

    private double predicted() {
        return a.line().floor() + a.line().margin().value();
    }

    /**
     * What one test comes to, dB over what is expected.
     *
     * @throws IOException when there is nothing to measure
     */
    double test(Symptom symptom) throws IOException {
        double middle = a.path().middle().value();
        return new FieldTests(
                        job,
                        gain(),
                        job.brief().near().height().value(),
                        tide -> predicted() + a.path().tide().at(tide).bounceDb() - middle,
                        World.Hidden.drawn(place),
                        trouble,
                        place + job.prove().observed().size())
                .measured(symptom);
    }

    /**
     * What the link carries.
     *
     * @throws IOException when there is nothing to measure, or the tester does not answer
     */
    RateTest rate() throws IOException {
        gain();
        double snr = a.line().margin().value() + World.ASKED;
        double wire = Math.max(USUAL_WIRE, 2 * job.needs().rateNeeded());
        RateLink link = new RateLink(
                job.brief().air().bandwidth().value(),
                snr,
                wire,
                trouble,
                place + job.log().size());
        try (SimulatedRateTester simulated = new SimulatedRateTester(link);
                RateTester tester = SocketRateTester.onLoopback(simulated.port())) {
            return tester.test();
        }
    }

    /**
     * @return the recording, or as many readings as there were when it was stopped
     * @throws IOException when the receiver does not answer
     */
    Recording record(Optional<Path> folder, Pace pace, Consumer<Strip> live, Progress progress) throws IOException {
        int number = job.prove().recordings().size();
        World world = new World(
                job,
                gain(),
                job.brief().near().height().value(),
                World.Hidden.drawn(place),
                trouble,
                place + 7919L * (number + 1));
        Recording about = new Recording(
                "recorded",
                SetUp.of(job),
                Instant.now(),
                new Recording.Quoted(predicted(), 1.5, Instant.now(), Program.VERSION),
                new Series(List.of()),
                Optional.of(SetUp.stood(job)));
        GrowingStrip strip = new GrowingStrip(STEPS, Math.max(pace.every, pace.every * pace.count / STEPS / 8));
        try (SimulatedReceiver simulated = new SimulatedReceiver(
                        world, pace.every, job.prove().step().value());
                Receiver receiver = SocketReceiver.onLoopback(simulated.port());
                Kept kept = Kept.in(folder, about)) {
            long shown = System.nanoTime();
            for (int i = 0; i < pace.count && progress.step(i, pace.count, ""); i++) {
                Reading r = receiver.next();
                kept.add(r);
                strip.add(r);
                if (System.nanoTime() - shown > SHOWN_NANOS) {
                    shown = System.nanoTime();
                    strip.strip().ifPresent(live);
                }
            }
            // Stopped before the first reading there is nothing to read back.
            return about.withSeries(strip.strip().isPresent() ? kept.series() : new Series(List.of()));
        }
    }

    private static final long SHOWN_NANOS = 150_000_000L;

    /** Where readings go as they come: onto disk, so that hours of them take no room; or into memory where there is no folder. */
    private interface Kept extends AutoCloseable {
        void add(Reading r) throws IOException;

        Series series() throws IOException;

        @Override
        void close() throws IOException;

        static Kept in(Optional<Path> folder, Recording about) throws IOException {
            return folder.isPresent()
                    ? new OnDisk(folder.get(), RunningRecording.begin(folder.get(), about))
                    : new InMemory(new ArrayList<>());
        }
    }

    private record OnDisk(Path folder, RunningRecording running) implements Kept {
        @Override
        public void add(Reading r) throws IOException {
            running.add(r);
        }

        @Override
        public Series series() throws IOException {
            return RunningRecording.left(folder)
                    .map(Recording::series)
                    .orElseThrow(() -> new IOException("What was recorded cannot be read back; it stays in " + folder
                            + " and is offered again when the job is opened"));
        }

        @Override
        public void close() throws IOException {
            running.close();
        }
    }

    private record InMemory(List<Reading> readings) implements Kept {
        @Override
        public void add(Reading r) {
            readings.add(r);
        }

        @Override
        public Series series() {
            return new Series(readings);
        }

        @Override
        public void close() {
            // Nothing is held but the readings.
        }
    }
}
