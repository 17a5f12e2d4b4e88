package veldline.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStreamWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
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

    @Test
    void nonsenseFromAReceiverIsToldInWords() throws IOException {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Thread liar = new Thread(() -> {
                try (Socket s = server.accept();
                        OutputStreamWriter out = new OutputStreamWriter(s.getOutputStream())) {
                    out.write("LEVEL soon\n");
                    out.flush();
                    s.getInputStream().read();
                    s.getInputStream().readNBytes(4);
                } catch (IOException e) {
                    throw new java.io.UncheckedIOException(e);
                }
            });
            liar.start();
            try (Receiver r = SocketReceiver.onLoopback(server.getLocalPort())) {
                assertThatThrownBy(r::next).isInstanceOf(IOException.class).hasMessageContaining("LEVEL soon");
                assertThatThrownBy(r::next).isInstanceOf(IOException.class);
            }
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
