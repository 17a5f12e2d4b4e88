package veldline.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.line.PortData;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.trim.Between;
import veldline.trim.Suspect;
import veldline.trim.SweepPoint;
import veldline.trim.SweepText;
import veldline.trim.TrimAdviser;
import veldline.trim.TrimLog;

class SimulatedAnalyserTest {
    private static final double F = 150.1e6;
    private static final YagiShape DRAWN = Yagi.forCount(F, 3, Quantity.of("6", Unit.MM), Metal.ALUMINIUM, true);

    private static AntennaOnTest built(List<TrimLog.Cut> cuts, long sweep) {
        return new AntennaOnTest(DRAWN, F, new Between.Straight(), cuts, 11, sweep);
    }

    private static PortData swept(AntennaOnTest antenna) throws IOException {
        try (SimulatedAnalyser simulated = new SimulatedAnalyser(antenna);
                Analyser analyser = SocketAnalyser.onLoopback(simulated.port())) {
            assertThat(analyser.name()).isEqualTo("simulated analyser");
            return analyser.sweep(0.96 * F, 1.04 * F, 11, n -> true);
        }
    }

    /** The same seed is the same antenna; each sweep has a noise and a room of its own, and none is another antenna. */
    @Test
    void twoSweepsOfOneAntennaAgreeButForTheRoom() throws IOException {
        PortData a = swept(built(List.of(), 0));
        PortData b = swept(built(List.of(), 1));
        assertThat(a).isEqualTo(swept(built(List.of(), 0))).isNotEqualTo(b);
        for (int i = 0; i < 11; i++) {
            assertThat(a.rows()
                            .get(i)
                            .values()
                            .get(0)
                            .get(0)
                            .subtract(b.rows().get(i).values().get(0).get(0))
                            .norm())
                    .isLessThan(0.025);
        }
        assertThat(built(List.of(), 0).built()).isEqualTo(built(List.of(), 1).built());
    }

    /** Measured over the socket, explained, cut as advised and measured again: what is left is what hands are good to. */
    @Test
    void adviceThatIsFollowedComesOut() throws IOException {
        double left = driven(built(List.of(), 0)) - driven(DRAWN);
        assertThat(left).isGreaterThan(0.02);
        List<SweepPoint> sweep = SweepText.of(swept(built(List.of(), 0)), 50);
        Suspect found = new TrimAdviser(
                        DRAWN,
                        sweep.stream().map(p -> p.frequency().value()).toList(),
                        new Between.Straight(),
                        50,
                        () -> true)
                .advice(sweep, 0.05)
                .found()
                .orElseThrow();
        assertThat(found.measure().name()).isEqualTo("driven element, length");
        assertThat(found.offBy()).isCloseTo(left, within(0.1 * left));
        TrimLog.Cut cut = new TrimLog.Cut(found.measure().name(), Quantity.shown(-found.offBy(), Unit.MM, 1));
        double after = driven(built(List.of(cut), 1)) - driven(DRAWN);
        assertThat(Math.abs(after)).isLessThan(0.1 * left);
    }

    private static double driven(AntennaOnTest on) {
        return driven((YagiShape) on.built());
    }

    private static double driven(YagiShape yagi) {
        return yagi.elements().get(1).length().value();
    }

    /** It tells how far it is and stops when it is told to, not at the end. */
    @Test
    void aSweepIsStoppedBetweenTwoPoints() throws IOException {
        List<Integer> told = new ArrayList<>();
        try (SimulatedAnalyser simulated = new SimulatedAnalyser(built(List.of(), 0));
                Analyser analyser = SocketAnalyser.onLoopback(simulated.port())) {
            assertThatThrownBy(() -> analyser.sweep(0.96 * F, 1.04 * F, 1001, n -> told.add(n) && n < 3))
                    .isInstanceOf(CancellationException.class);
        }
        assertThat(told).containsExactly(1, 2, 3);
    }

    /** What was wrong waits in the queue of errors, in the order it came, and is told once. */
    @Test
    void oddLinesWaitInTheQueueOfErrors() throws IOException {
        try (SimulatedAnalyser simulated = new SimulatedAnalyser(built(List.of(), 0));
                Socket socket = new Socket(InetAddress.getLoopbackAddress(), simulated.port());
                Writer out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII);
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))) {
            out.write("SWE;SWE 2,1,5;SWE 1,2,9999;SWE a,b,c;POIN? 0;READ?;\n*OPC?\n");
            for (int i = 0; i < 7; i++) {
                out.write("syst:err?\n");
            }
            out.flush();
            assertThat(in.readLine()).isEqualTo("1");
            for (String code : List.of("-222", "-222", "-222", "-104", "-222", "-113", "0,")) {
                assertThat(in.readLine()).startsWith(code);
            }
        }
    }

    /** An answer that is no point of a sweep is told as what it was. */
    @Test
    void whatIsNoPointIsSaid() throws IOException {
        for (String odd : List.of("no", "1,x,0", "1,2", "1,2,3,4")) {
            try (LineServer server = new LineServer("odd analyser", Map.of("SWE", n -> "", "POIN?", n -> odd));
                    Analyser analyser = SocketAnalyser.onLoopback(server.port())) {
                assertThatThrownBy(() -> analyser.sweep(1e8, 2e8, 2, n -> true))
                        .isInstanceOf(IOException.class)
                        .hasMessageContaining("“" + odd + "”");
            }
        }
    }

    /** Whatever the line does, the sweep that comes is the one that was measured. */
    @ParameterizedTest
    @EnumSource(Fault.class)
    void aFaultChangesNoPoint(Fault fault) throws IOException {
        PortData clean = swept(built(List.of(), 0));
        try (SimulatedAnalyser simulated = new SimulatedAnalyser(built(List.of(), 0));
                SocketAnalyser analyser = SocketAnalyser.onLoopback(simulated.port())) {
            PortData spoiled = analyser.sweep(0.96 * F, 1.04 * F, 11, n -> {
                if (n == 4) {
                    bring(analyser, fault);
                }
                return true;
            });
            assertThat(spoiled).isEqualTo(clean);
        }
    }

    private static void bring(SocketAnalyser analyser, Fault fault) {
        try {
            analyser.fault(fault, 1);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
