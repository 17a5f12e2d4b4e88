package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

class CableSweepTest {
    private static final double C = 299_792_458.0;
    private static final double VELOCITY = 0.66;
    private static final CableLoss LOSS = new CableLoss(0.6, 0.0037);

    private interface Into {
        Complex at(double frequency);
    }

    private static PortData swept(Into cable) {
        return new PortData(
                PortData.Kind.S,
                List.of(50.0),
                IntStream.rangeClosed(0, 200)
                        .mapToObj(i -> 400e6 + i * 2e6)
                        .map(f -> new PortData.Row(f, List.of(List.of(Mismatch.reflection(cable.at(f), 50)))))
                        .toList());
    }

    private static Complex through(double metres, double f, Complex load) {
        return new LossyLine(50, LOSS.lossDb(metres, f), metres * f / (VELOCITY * C)).seen(load);
    }

    private static final Complex OPEN = new Complex(1e9);

    @Property(tries = 40)
    void anOpenEndStandsWhereTheCableEnds(@ForAll @DoubleRange(min = 2, max = 40) double metres) {
        CableSweep s = CableSweep.of(swept(f -> through(metres, f, OPEN)), 50);
        CableSweep.Echo end = s.echoes(VELOCITY).stream()
                .max(Comparator.comparingDouble(CableSweep.Echo::share))
                .orElseThrow();
        assertThat(end.metres()).isCloseTo(metres, within(s.resolution(VELOCITY).value() / 4));
        assertThat(s.lossFromEnd().orElseThrow().value()).isCloseTo(LOSS.lossDb(metres, s.middle()), within(0.1));
    }

    /** A bad joint half way: 60 Ω of it in a row, so that it throws back by 60 ÷ 160. */
    @Test
    void aFaultOnTheWayStandsBeforeTheEnd() {
        Into faulty = f -> through(9, f, through(14, f, new Complex(50)).add(60));
        List<CableSweep.Echo> echoes = CableSweep.of(swept(faulty), 50).echoes(VELOCITY);
        assertThat(echoes.get(0).metres()).isCloseTo(9, within(0.2));
        double there = 60.0 / 160;
        double way = Math.pow(10, -LOSS.lossDb(18, 600e6) / 20);
        assertThat(echoes.get(0).share()).isCloseTo(there * way, within(0.02));
        Into both = f -> through(9, f, through(14, f, OPEN).add(60));
        assertThat(CableSweep.of(swept(both), 50).echoes(VELOCITY))
                .anyMatch(e -> Math.abs(e.metres() - 9) < 0.2)
                .anyMatch(e -> Math.abs(e.metres() - 23) < 0.3);
    }

    /** Nothing of a cable of another impedance is lost by counting its waves on the analyser's. */
    @Test
    void aCableOfSeventyFiveOhmsIsCountedOnItself() {
        Into television = f -> new LossyLine(75, LOSS.lossDb(12, f), 12 * f / (VELOCITY * C)).seen(new Complex(75));
        List<CableSweep.Echo> own = CableSweep.of(swept(television), 75).echoes(VELOCITY);
        assertThat(own).allMatch(e -> e.share() < 0.01);
        assertThat(CableSweep.of(swept(television), 50).along()[0])
                .as("on 50 Ω it throws back where it begins")
                .isCloseTo(25.0 / 125, within(0.01));
    }

    @Test
    void openAndShortTellTheLossAtEveryFrequency() {
        PortData open = swept(f -> through(11.3, f, OPEN));
        PortData shorted = swept(f -> through(11.3, f, Complex.ZERO));
        SweptCable both = SweptCable.of(open).and(shorted);
        for (double f = 400e6; f <= 800e6; f += 2e6) {
            assertThat(both.loss(50, f, Math::sqrt).orElseThrow().value())
                    .isCloseTo(LOSS.lossDb(11.3, f), within(1e-3));
        }
    }

    /** From the open end alone it is known in the middle of the sweep, and carried from there by the law of its kind. */
    @Test
    void anOpenEndAloneIsCarriedByTheLawOfItsKind() {
        SweptCable open = SweptCable.of(swept(f -> through(11.3, f, OPEN)));
        for (double f : new double[] {300e6, 600e6, 1200e6}) {
            assertThat(open.loss(50, f, g -> LOSS.lossDb(1, g)).orElseThrow().value())
                    .isCloseTo(LOSS.lossDb(11.3, f), within(0.15));
        }
    }

    @Test
    void whatCannotBeReadIsToldWithTheRemedy() {
        PortData few = new PortData(
                PortData.Kind.S,
                List.of(50.0),
                IntStream.range(0, 5)
                        .mapToObj(i -> new PortData.Row(1e8 + i * 1e6, List.of(List.of(Complex.ONE))))
                        .toList());
        assertThatThrownBy(() -> CableSweep.of(few, 50)).hasMessageContaining("give 16 or more");
        PortData uneven = new PortData(
                PortData.Kind.S,
                List.of(50.0),
                IntStream.range(0, 50)
                        .mapToObj(i -> new PortData.Row(1e8 * Math.pow(1.05, i), List.of(List.of(Complex.ONE))))
                        .toList());
        assertThatThrownBy(() -> CableSweep.of(uneven, 50)).hasMessageContaining("equal steps");
        assertThatThrownBy(() -> SweptCable.of(swept(f -> through(5, f, OPEN))).and(few))
                .hasMessageContaining("sweep both alike");
    }
}
