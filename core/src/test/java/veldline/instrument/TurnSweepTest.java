package veldline.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.prove.PolarTurn;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.raise.Beams;

/** What is set and read over the sockets, and who is heard about, with every fault on either line. */
class TurnSweepTest {
    private interface Turning {
        List<TurnReading> read(SocketRotator positioner, SocketReceiver receiver) throws IOException;
    }

    private static List<TurnReading> on(Turning turning) throws IOException {
        TurnedLink link = new TurnedLink(
                d -> -60 + 20 * Math.log10(Math.max(0.1, Math.abs(Math.cos(Math.toRadians(d - 20))))), 0, -95, 5);
        try (SimulatedRotator turns = new SimulatedRotator(link);
                SimulatedReceiver hears = new SimulatedReceiver(link, 1, -95);
                SocketRotator positioner = SocketRotator.onLoopback(turns.port());
                SocketReceiver receiver = SocketReceiver.onLoopback(hears.port())) {
            return turning.read(positioner, receiver);
        }
    }

    private static List<TurnReading> all(SocketRotator p, SocketReceiver r) throws IOException {
        return TurnSweep.of(Turned.POLARIZATION, p, r, TurnSweep.evenly(0, 180, 15), read -> true);
    }

    @Test
    void theAngleIsFoundOverTheSockets() throws IOException {
        List<TurnReading> read = on(TurnSweepTest::all);
        assertThat(read).hasSize(13);
        assertThat(PolarTurn.apart(PolarTurn.of(read).orElseThrow().best().value(), 20))
                .isLessThan(4);
    }

    @ParameterizedTest
    @EnumSource(Fault.class)
    void aFaultOnEitherLineChangesNoReading(Fault fault) throws IOException {
        List<TurnReading> clean = on(TurnSweepTest::all);
        List<TurnReading> spoiled = on((p, r) -> {
            p.fault(fault, 1);
            r.fault(fault, 2);
            return all(p, r);
        });
        assertThat(spoiled).isEqualTo(clean);
    }

    @Test
    void whatIsStoppedKeepsWhatWasRead() throws IOException {
        List<TurnReading> read = on(
                (p, r) -> TurnSweep.of(Turned.POLARIZATION, p, r, TurnSweep.evenly(0, 180, 15), so -> so.size() < 4));
        assertThat(read).hasSize(4);
    }

    private static AirScene scene(Optional<List<Double>> cut) {
        return new AirScene(74, -75, cut, -85, 8, 1);
    }

    private static List<AirScene.Found> scanned(Optional<List<Double>> cut, Optional<Fault> fault) throws IOException {
        try (SimulatedScanner simulated = new SimulatedScanner(scene(cut));
                SocketScanner scanner = SocketScanner.onLoopback(simulated.port())) {
            assertThat(scanner.name()).isEqualTo("simulated channel scanner");
            if (fault.isPresent()) {
                scanner.fault(fault.get(), 2);
            }
            return scanner.scan();
        }
    }

    @Test
    void aBeamHearsFewerAndTheWantedOneBetter() throws IOException {
        List<AirScene.Found> around = scanned(Optional.empty(), Optional.empty());
        List<AirScene.Found> beam = scanned(Optional.of(Beams.CUT), Optional.empty());
        assertThat(around).hasSameSizeAs(beam);
        assertThat(heard(beam)).isLessThan(heard(around));
        double gain = Beams.CUT.get(0) - 2.15;
        assertThat(beam.get(0).level().orElseThrow() - around.get(0).level().orElseThrow())
                .isCloseTo(gain, within(3.0));
        assertThat(beam.get(0).wanted()).isTrue();
        assertThat(beam.get(0).quality()).isGreaterThan(around.get(0).quality());
    }

    private static long heard(List<AirScene.Found> all) {
        return all.stream().filter(f -> f.level().isPresent()).count();
    }

    @ParameterizedTest
    @EnumSource(Fault.class)
    void noSenderIsLostToAFault(Fault fault) throws IOException {
        assertThat(scanned(Optional.empty(), Optional.of(fault)))
                .isEqualTo(scanned(Optional.empty(), Optional.empty()));
    }

    @ParameterizedTest
    @EnumSource(Fault.class)
    void noStationIsLostToAFault(Fault fault) throws IOException {
        try (SimulatedTuner simulated = new SimulatedTuner(scene(Optional.empty()));
                SocketScanner tuner = SocketScanner.tunerOnLoopback(simulated.port())) {
            List<AirScene.Found> clean = tuner.scan();
            tuner.fault(fault, 2);
            assertThat(tuner.scan()).isEqualTo(clean);
            assertThat(tuner.name()).isEqualTo("simulated television tuner");
        }
    }

    @Test
    void aScannerIsNoTuner() throws IOException {
        try (SimulatedScanner simulated = new SimulatedScanner(scene(Optional.empty()));
                SocketScanner tuner = SocketScanner.tunerOnLoopback(simulated.port())) {
            assertThatThrownBy(tuner::scan).isInstanceOf(IOException.class).hasMessageContaining("-113");
        }
    }
}
