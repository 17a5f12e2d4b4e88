package veldline.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.measure.Reading;

class SocketReceiverTest {
    private static final Job JOB = TernholmSands.nestCamera();

    @Test
    void readingsComeOverTheSocketAsTheWorldMadeThem() throws IOException {
        World.Hidden hidden = World.Hidden.drawn(4);
        World twin = new World(JOB, 14, 8, hidden, 9);
        try (SimulatedReceiver simulated = new SimulatedReceiver(new World(JOB, 14, 8, hidden, 9), 120, 1);
                Receiver receiver = SocketReceiver.onLoopback(simulated.port())) {
            assertThat(receiver.name()).isEqualTo("simulated receiver");
            List<Reading> heard = new ArrayList<>();
            List<Reading> made = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                heard.add(receiver.next());
                made.add(twin.next(120, 1));
            }
            assertThat(heard).isEqualTo(made);
            assertThat(heard)
                    .allSatisfy(
                            r -> r.levelDbm().ifPresent(v -> assertThat(v % 1).isZero()));
        }
    }

    /** Nothing blocks and no reading is lost: what was asked again is the reading that was made, once and in its place. */
    @ParameterizedTest
    @EnumSource(Fault.class)
    void noReadingIsLostToAFault(Fault fault) throws IOException {
        World.Hidden hidden = World.Hidden.drawn(4);
        World twin = new World(JOB, 14, 8, hidden, 9);
        try (SimulatedReceiver simulated = new SimulatedReceiver(new World(JOB, 14, 8, hidden, 9), 120, 1);
                SocketReceiver receiver = SocketReceiver.onLoopback(simulated.port())) {
            for (int i = 0; i < 12; i++) {
                if (i == 3 || i == 7) {
                    receiver.fault(fault, 2);
                }
                assertThat(receiver.next()).as("reading " + i).isEqualTo(twin.next(120, 1));
            }
            assertThat(receiver.again()).isEqualTo(fault == Fault.SLOW ? 0 : 4);
            assertThat(receiver.noise()).isEqualTo(twin.noise());
        }
    }

    /** A fault that stays is told within seconds, in words, and the reading waits where it was. */
    @ParameterizedTest
    @CsvSource({"SILENT,silent", "GARBAGE,~", "DROPS,hung up"})
    void aFaultThatStaysIsToldInWords(Fault fault, String word) throws IOException {
        World.Hidden hidden = World.Hidden.drawn(4);
        World twin = new World(JOB, 14, 8, hidden, 9);
        try (SimulatedReceiver simulated = new SimulatedReceiver(new World(JOB, 14, 8, hidden, 9), 120, 1);
                SocketReceiver receiver = SocketReceiver.onLoopback(simulated.port())) {
            receiver.fault(fault, 4);
            assertThatThrownBy(receiver::next).isInstanceOf(IOException.class).hasMessageContaining(word);
            assertThat(receiver.next()).isEqualTo(twin.next(120, 1));
        }
    }

    /** One that was switched off in the midst is told as that, and soon. */
    @Test
    void oneThatIsSwitchedOffIsToldInWords() throws IOException {
        World world = new World(JOB, 14, 8, World.Hidden.drawn(4), 9);
        SimulatedReceiver simulated = new SimulatedReceiver(world, 120, 1);
        try (SocketReceiver receiver = SocketReceiver.onLoopback(simulated.port())) {
            receiver.next();
            simulated.close();
            receiver.fault(Fault.DROPS, 1);
            assertThatThrownBy(receiver::next)
                    .isInstanceOf(IOException.class)
                    .hasMessageContaining("cannot be reached");
        }
    }

    /** A reading that is no longer kept is refused, and why is told. */
    @Test
    void whatIsWrongWithAQueryIsAskedOfTheInstrument() throws IOException {
        try (LineServer server = new LineServer("other receiver", Map.of("LEV?", n -> "1"));
                Receiver receiver = SocketReceiver.onLoopback(server.port())) {
            assertThatThrownBy(receiver::next).isInstanceOf(IOException.class).hasMessageContaining("-113");
        }
    }

    @Test
    void theWorldDiffersFromTheJobInItsOwnWay() {
        World.Hidden hidden = World.Hidden.drawn(11);
        assertThat(hidden).isEqualTo(World.Hidden.drawn(11)).isNotEqualTo(World.Hidden.drawn(12));
        World world = new World(JOB, 14.9, 14, hidden, 1);
        // At 14 m the bounce cancels near low water and adds near high water.
        assertThat(world.meanLevel(0.2)).isLessThan(world.meanLevel(3.2) - 10);
    }
}
