package veldline.store;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import veldline.instrument.Receiver;
import veldline.instrument.SimulatedReceiver;
import veldline.instrument.SocketReceiver;
import veldline.instrument.TurnedLink;
import veldline.measure.GrowingStrip;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.prove.Recording;

/**
 * A program of its own that records hours at ten a second from a receiver at a socket, as fast as it answers; killed in the midst by one
 * test, given little memory by another. Tells after each thousand how many readings were handed on.
 */
final class LongRecorder {
    private static final double EVERY = 0.1;
    private static final int TOLD = 1000;
    private static final int STEPS = 512;

    private LongRecorder() {}

    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[0]);
        long count = Long.parseLong(args[1]);
        Recording about = new Recording(
                "eight hours",
                "whip at 8 m",
                Instant.EPOCH,
                new Recording.Quoted(-62, 1.5, Instant.EPOCH, "test"),
                new Series(List.of()),
                Optional.empty());
        AtomicLong asked = new AtomicLong();
        TurnedLink link = new TurnedLink(s -> -62 + 3 * Math.sin(asked.get() * 1e-4), 0, -95, 5);
        GrowingStrip strip = new GrowingStrip(STEPS, EVERY);
        try (SimulatedReceiver simulated = new SimulatedReceiver(link, 1, -95);
                Receiver receiver = SocketReceiver.onLoopback(simulated.port());
                RunningRecording running = RunningRecording.begin(folder, about)) {
            for (long i = 1; i <= count; i++) {
                asked.set(i);
                Reading r = receiver.next();
                running.add(r);
                strip.add(r);
                if (i % TOLD == 0) {
                    System.out.println(i);
                }
            }
        }
        System.out.println("steps " + strip.strip().orElseThrow().bins().size());
    }
}
