package veldline.desktop;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.function.BiPredicate;
import veldline.antenna.Polarized;
import veldline.assess.AntennaFigures;
import veldline.assess.Assessment;
import veldline.instrument.AimSweep;
import veldline.instrument.Receiver;
import veldline.instrument.Rotator;
import veldline.instrument.SimulatedReceiver;
import veldline.instrument.SimulatedRotator;
import veldline.instrument.SocketReceiver;
import veldline.instrument.SocketRotator;
import veldline.instrument.SwungLink;
import veldline.job.Job;
import veldline.raise.AimReading;

/** Swings the antenna that is made here past both edges of its beam, here by a simulated rotator and receiver on loopback sockets. */
final class Swinger {
    /** A level to show where the line has none. */
    private static final double QUIET = 25;

    private final Assessment a;

    Swinger(Assessment a) {
        this.a = a;
    }

    /**
     * @param goOn given what was read so far, and about how many there will be
     * @throws IOException when an instrument does not answer, or the antenna has no beam in the level plane
     */
    List<AimReading> swing(BiPredicate<List<AimReading>, Integer> goOn) throws IOException {
        Job job = a.job();
        boolean upright = job.antenna(job.madeNear())
                .polarized()
                .filter(Polarized::upright)
                .isPresent();
        AntennaFigures f =
                a.antenna().value().orElseThrow(() -> new IOException("What is swung is not solved; shape it first"));
        double width = f.levelWidth(upright)
                .orElseThrow(() -> new IOException("It hears alike all around; there is nothing to swing"))
                .value();
        double floor = job.brief().far().radio().sensitivity().value();
        double level =
                a.line().answered() ? floor + Math.max(1, a.line().margin().value()) : floor + QUIET;
        double map = a.raise().bearing(job.madeNear()).value();
        double step = job.prove().step().value();
        SwungLink link = new SwungLink(
                f.levelCut(upright),
                level,
                floor,
                map,
                job.name().toLowerCase(Locale.ROOT).hashCode());
        try (SimulatedRotator turns = new SimulatedRotator(link);
                SimulatedReceiver hears = new SimulatedReceiver(link, step, floor);
                Rotator rotator = SocketRotator.onLoopback(turns.port());
                Receiver receiver = SocketReceiver.onLoopback(hears.port())) {
            return AimSweep.of(rotator, receiver, map, width, read -> goOn.test(read, AimSweep.readings(width)));
        }
    }
}
