package veldline.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.raise.Aim;
import veldline.raise.AimReading;
import veldline.raise.Beams;

/** A rotator and a receiver over their sockets, an antenna that is swung, and the middle of both edges. */
class AimSweepTest {
    private static final double WIDTH = Beams.WIDTH;
    private static final List<Double> CUT = Beams.CUT;
    private static final double MAP = 356;

    private interface Bench {
        List<AimReading> swing(SocketRotator rotator, SocketReceiver receiver) throws IOException;
    }

    private static List<AimReading> on(SwungLink link, Bench bench) throws IOException {
        try (SimulatedRotator turns = new SimulatedRotator(link);
                SimulatedReceiver hears = new SimulatedReceiver(link, 1, -95);
                SocketRotator rotator = SocketRotator.onLoopback(turns.port());
                SocketReceiver receiver = SocketReceiver.onLoopback(hears.port())) {
            return bench.swing(rotator, receiver);
        }
    }

    private static SwungLink link(long seed) {
        return new SwungLink(CUT, -60, -95, MAP, seed);
    }

    /** Whole decibels, noise, a side lobe and a wall aside: a tenth of the beam on 95 of 100. */
    @Test
    void theFarEndIsFoundOverTheSockets() throws IOException {
        int found = 0;
        for (int seed = 0; seed < 100; seed++) {
            SwungLink link = link(seed);
            List<AimReading> read = on(link, (t, h) -> AimSweep.of(t, h, MAP, WIDTH, all -> true));
            Aim aim = Aim.of(read, CUT, WIDTH).orElseThrow();
            found += Math.abs(Aim.off(aim.mark().value(), link.truth())) <= WIDTH / 10 ? 1 : 0;
        }
        assertThat(found).isGreaterThanOrEqualTo(95);
    }

    /** Whichever line is bad, each bearing keeps the level that was read there. */
    @ParameterizedTest
    @EnumSource(Fault.class)
    void aFaultOnEitherLineChangesNoReading(Fault fault) throws IOException {
        List<AimReading> clean = on(link(5), (t, h) -> AimSweep.of(t, h, MAP, WIDTH, all -> true));
        List<AimReading> spoiled = on(
                link(5),
                (t, h) -> AimSweep.of(t, h, MAP, WIDTH, all -> {
                    try {
                        if (all.size() == 3) {
                            h.fault(fault, 2);
                        }
                        if (all.size() == 6) {
                            t.fault(fault, 2);
                        }
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                    return true;
                }));
        assertThat(spoiled).isEqualTo(clean);
    }

    @Test
    void itEndsWhereItIsToldToWithWhatWasRead() throws IOException {
        List<AimReading> read = on(link(1), (t, h) -> AimSweep.of(t, h, MAP, WIDTH, all -> all.size() < 4));
        assertThat(read).hasSize(4);
    }

    @Test
    void aRotatorThatDoesNotArriveIsToldAsStuck() throws IOException {
        try (LineServer stuck = new LineServer("stuck", Map.of("TURN", n -> "", "BEAR?", n -> "12.0,1"));
                SimulatedReceiver hears = new SimulatedReceiver(link(1), 1, -95);
                Rotator rotator = SocketRotator.onLoopback(stuck.port());
                Receiver receiver = SocketReceiver.onLoopback(hears.port())) {
            assertThatThrownBy(() -> AimSweep.of(rotator, receiver, MAP, WIDTH, all -> true))
                    .isInstanceOf(IOException.class)
                    .hasMessageContaining("stuck");
        }
    }
}
