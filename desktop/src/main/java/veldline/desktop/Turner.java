package veldline.desktop;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiPredicate;
import veldline.antenna.Polarized;
import veldline.assess.AntennaFigures;
import veldline.assess.Assessment;
import veldline.instrument.AirScene;
import veldline.instrument.Receiver;
import veldline.instrument.Rotator;
import veldline.instrument.Scanner;
import veldline.instrument.SimulatedReceiver;
import veldline.instrument.SimulatedRotator;
import veldline.instrument.SimulatedScanner;
import veldline.instrument.SimulatedTuner;
import veldline.instrument.SocketReceiver;
import veldline.instrument.SocketRotator;
import veldline.instrument.SocketScanner;
import veldline.instrument.SwungLink;
import veldline.instrument.TurnSweep;
import veldline.instrument.Turnable;
import veldline.instrument.TurnedLink;
import veldline.instrument.World;
import veldline.job.Job;
import veldline.prove.Heard;
import veldline.prove.SideBySide;
import veldline.prove.SideReading;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Tests at the place with instruments on loopback sockets: one thing turned, who is heard, an antenna beside a known one. */
final class Turner {
    private static final double EVERY_BEARING = 10;
    private static final double EVERY_ANGLE = 15;
    private static final double EVERY_HEIGHT = 0.5;
    private static final double LOWEST = 1;
    private static final double HIGHER = 6;
    /** What a straight antenna keeps of a field that stands across it, dB down. */
    private static final double ACROSS = -20;
    /** What a second receiver reads over the first, and what drifts over all readings, dB. */
    private static final double SECOND = 1.4;

    private static final double DRIFT = 0.8;
    private static final int ROUNDS = 8;

    private final Assessment a;
    private final Job job;
    private final long place;

    Turner(Assessment a) {
        this.a = a;
        this.job = a.job();
        this.place = job.name().toLowerCase(Locale.ROOT).hashCode();
    }

    private double floor() {
        return job.brief().far().radio().sensitivity().value();
    }

    private double level() throws IOException {
        if (!a.line().answered()) {
            throw new IOException(
                    "The line has no level at the far radio, so there is nothing to measure; mend it first");
        }
        return floor() + a.line().margin().value();
    }

    private boolean upright() {
        return job.antenna(job.madeNear())
                .polarized()
                .filter(Polarized::upright)
                .isPresent();
    }

    private AntennaFigures figures() throws IOException {
        return a.antenna().value().orElseThrow(() -> new IOException("What is turned is not solved; shape it first"));
    }

    /**
     * @param goOn given what was read so far, and how many there will be at most
     * @throws IOException when an instrument does not answer, or there is nothing to turn
     */
    List<TurnReading> turn(Turned what, BiPredicate<List<TurnReading>, Integer> goOn) throws IOException {
        double map = a.raise().bearing(job.madeNear()).value();
        double now = job.brief().near().height().value();
        return switch (what) {
            case BEARING ->
                sweep(
                        what,
                        new SwungLink(figures().levelCut(upright()), level(), floor(), map, place),
                        TurnSweep.evenly(0, 360 - EVERY_BEARING, EVERY_BEARING),
                        goOn);
            case POLARIZATION ->
                sweep(
                        what,
                        new TurnedLink(this::turnedField, 0, floor(), place),
                        TurnSweep.evenly(0, 180, EVERY_ANGLE),
                        goOn);
            case HEIGHT -> {
                double gain = a.line().stop("near-antenna").step().value();
                World.Hidden hidden = World.Hidden.drawn(place);
                level();
                yield sweep(
                        what,
                        new TurnedLink(h -> new World(job, gain, h, hidden, place).meanLevel(0), now, floor(), place),
                        TurnSweep.evenly(Math.max(LOWEST, now - HIGHER), now + HIGHER, EVERY_HEIGHT),
                        goOn);
            }
        };
    }

    /** A straight far field through an antenna turned so far; one that turns is heard alike. */
    private double turnedField(double degrees) {
        double top = floor() + a.line().margin().value();
        Optional<Polarized> far = job.antenna(!job.madeNear()).polarized();
        Optional<Polarized> near = job.antenna(job.madeNear()).polarized();
        if (far.filter(Polarized::circular).isPresent()
                || near.filter(Polarized::circular).isPresent()) {
            return top;
        }
        double c = Math.cos(Math.toRadians(degrees) - far.map(Polarized::tilt).orElse(0.0));
        return top + 10 * Math.log10(Math.max(Math.pow(10, ACROSS / 10), c * c));
    }

    private List<TurnReading> sweep(
            Turned what, Turnable link, List<Double> settings, BiPredicate<List<TurnReading>, Integer> goOn)
            throws IOException {
        level();
        try (SimulatedRotator turns = new SimulatedRotator(link);
                SimulatedReceiver hears =
                        new SimulatedReceiver(link, job.prove().step().value(), floor());
                Rotator positioner = SocketRotator.onLoopback(turns.port());
                Receiver receiver = SocketReceiver.onLoopback(hears.port())) {
            return TurnSweep.of(what, positioner, receiver, settings, read -> goOn.test(read, settings.size()));
        }
    }

    /**
     * Who is heard: with an antenna that hears all around before, with the one made here after. Where the line begins at a field a
     * television tuner listens.
     */
    List<AirScene.Found> survey(boolean before) throws IOException {
        double gain = figures().gain().value();
        return scanned(new AirScene(
                a.raise().bearing(job.madeNear()).value(),
                level() - gain,
                before ? Optional.empty() : Optional.of(figures().levelCut(upright())),
                floor(),
                place,
                before ? 0 : 1));
    }

    /** A scan beside what was surveyed already: by name, one side filled and the other left. */
    static List<Heard> beside(List<Heard> known, List<AirScene.Found> found, boolean before) {
        List<Heard> all = new ArrayList<>();
        for (AirScene.Found f : found) {
            Optional<Quantity> level = f.level().map(l -> Quantity.shown(l, Unit.DBM, 1));
            String name = f.wanted() ? "wanted" : "channel-" + f.channel();
            Optional<Heard> was =
                    known.stream().filter(h -> h.name().equals(name)).findFirst();
            all.add(new Heard(
                    name,
                    Optional.of(Quantity.shown(f.bearing(), Unit.DEG, 0)),
                    f.wanted(),
                    before ? level : was.flatMap(Heard::before),
                    before ? was.flatMap(Heard::after) : level));
        }
        return all;
    }

    private List<AirScene.Found> scanned(AirScene scene) throws IOException {
        if (job.brief().field().isPresent()) {
            try (SimulatedTuner simulated = new SimulatedTuner(scene);
                    Scanner tuner = SocketScanner.tunerOnLoopback(simulated.port())) {
                return tuner.scan();
            }
        }
        try (SimulatedScanner simulated = new SimulatedScanner(scene);
                Scanner scanner = SocketScanner.onLoopback(simulated.port())) {
            return scanner.scan();
        }
    }

    /** Known and unknown in turn, the known one first and last, the receivers swapped half way. */
    SideBySide sides() throws IOException {
        SideBySide now = job.prove().sides();
        double over = figures().gain().value() - now.gain().value();
        double base = level() - over;
        int count = 2 * ROUNDS + 1;
        List<SideReading> all = new ArrayList<>();
        double step = job.prove().step().value();
        TurnedLink first = new TurnedLink(l -> base + l, 0, floor(), place);
        TurnedLink other = new TurnedLink(l -> base + SECOND + l, 0, floor(), place + 1);
        try (SimulatedReceiver one = new SimulatedReceiver(first, step / 10, floor());
                SimulatedReceiver two = new SimulatedReceiver(other, step / 10, floor());
                Receiver a1 = SocketReceiver.onLoopback(one.port());
                Receiver a2 = SocketReceiver.onLoopback(two.port())) {
            for (int i = 0; i < count; i++) {
                boolean known = i % 2 == 0;
                boolean second = (i / 2) % 2 == 1;
                TurnedLink link = second ? other : first;
                link.moveBy((known ? 0 : over) + DRIFT * i / (count - 1) - link.stands());
                Optional<Double> level = (second ? a2 : a1).next().levelDbm();
                level.ifPresent(l -> all.add(new SideReading(known, second, Quantity.shown(l, Unit.DBM, 1))));
            }
        }
        return now.withReadings(all);
    }
}
