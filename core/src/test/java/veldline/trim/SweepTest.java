package veldline.trim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.explain.Finding;
import veldline.format.TouchstoneFile;
import veldline.line.Mismatch;
import veldline.line.PortData;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class SweepTest {
    private static final String TEXT = "150 1.8, 151 1.42 43+j12; 152.5 2.2 60-j8.5";

    private static List<SweepPoint> read(String text) {
        return SweepText.read(text).orElseThrow();
    }

    @Test
    void aLineOfTextIsReadAndWrittenBack() {
        List<SweepPoint> points = read(TEXT);
        assertThat(points).hasSize(3);
        assertThat(points.get(0).ohms()).isEmpty();
        assertThat(points.get(1).ohms().orElseThrow().value()).isEqualTo(new Complex(43, 12));
        assertThat(points.get(2).ohms().orElseThrow().value()).isEqualTo(new Complex(60, -8.5));
        assertThat(read(SweepText.of(points))).isEqualTo(points);
        for (String odd : List.of("150", "150 0.9", "150 1.8 43", "150 1.8 43+12j", "0 1.8", "x 2", "150 1001")) {
            assertThat(SweepText.read(odd)).as(odd).isEmpty();
        }
        assertThat(read(" ")).isEmpty();
        assertThatThrownBy(() -> SweepPoint.of(Quantity.of("150", Unit.MHZ), Quantity.of("0.5", Unit.ONE)))
                .hasMessageContaining("the least there is is 1");
        assertThatThrownBy(() -> SweepPoint.of(Quantity.of("0", Unit.MHZ), Quantity.of("2", Unit.ONE)))
                .hasMessageContaining("over zero");
    }

    /** What an analyser wrote in any of its forms is the same sweep; thousands of points are thinned and keep both ends. */
    @Test
    void aTouchstoneFileIsASweep() throws Exception {
        Complex z = new Complex(35, -20);
        Complex s = Mismatch.reflection(z, 50);
        String file = "# MHz S RI R 50\n150 " + s.getReal() + " " + s.getImaginary() + "\n151 0 0\n";
        List<SweepPoint> points = SweepText.of(TouchstoneFile.read(file, 1).data(), 50);
        assertThat(points.get(0).ohms().orElseThrow().value().subtract(z).norm())
                .isLessThan(0.01);
        assertThat(points.get(0).swr().value()).isCloseTo(Mismatch.swr(z, 50), within(1e-3));
        assertThat(points.get(1).swr().value()).isCloseTo(1, within(1e-3));
        String other = "# GHz Z RI R 75\n0.150 " + 35.0 / 75 + " " + -20.0 / 75 + "\n";
        assertThat(SweepText.of(TouchstoneFile.read(other, 1).data(), 50)
                        .get(0)
                        .ohms()
                        .orElseThrow()
                        .value()
                        .subtract(z)
                        .norm())
                .as("of other numbers and another reference")
                .isLessThan(0.01);
        PortData many = new PortData(
                PortData.Kind.S,
                List.of(50.0),
                IntStream.range(0, 2001)
                        .mapToObj(i -> new PortData.Row(1e8 + i, List.of(List.of(s))))
                        .toList());
        List<SweepPoint> thinned = SweepText.of(many, 50);
        assertThat(thinned).hasSize(41);
        assertThat(thinned.get(40).frequency().value()).isCloseTo(1e8 + 2000, within(60.0));
    }

    /** A cable that takes decibels both ways hides what the antenna sends back. */
    @Property(tries = 200)
    void aCableFlattersAsLossyLinesDo(
            @ForAll @DoubleRange(min = 1, max = 400) double r,
            @ForAll @DoubleRange(min = -300, max = 300) double x,
            @ForAll @DoubleRange(min = 0, max = 10) double loss) {
        Complex z = new Complex(r, x);
        Complex seen = new Between.Cable(new Between.Straight(), loss, 50).seen(z, 1e8);
        double rho = Mismatch.reflection(z, 50).norm() * Math.pow(10, -loss / 10);
        assertThat(Mismatch.reflection(seen, 50).norm()).isCloseTo(rho, within(1e-9));
        assertThat(Mismatch.swr(seen, 50)).isLessThanOrEqualTo(Mismatch.swr(z, 50) + 1e-9);
    }

    @Test
    void passesFollowEachOther() {
        Instant at = Instant.parse("2026-05-01T10:00:00Z");
        TrimLog log = new TrimChange.Measured(at, read("151 2, 150 3, 152 4")).applyTo(TrimLog.NONE);
        assertThat(log.open().orElseThrow().sweep().get(0).frequency().value())
                .as("sorted")
                .isEqualTo(150e6);
        TrimLog again = new TrimChange.Measured(at, read("150 2, 151 3")).applyTo(log);
        assertThat(again.passes()).as("measured anew, not twice").hasSize(1);
        TrimLog.Cut cut = new TrimLog.Cut("driven element, length", Quantity.of("-4.8", Unit.MM));
        TrimChange.Done done = new TrimChange.Done(cut);
        assertThat(done.label()).isEqualTo("driven element, length less by 4.8 mm");
        TrimLog trimmed = done.applyTo(again);
        assertThat(trimmed.open()).isEmpty();
        assertThat(trimmed.cuts()).containsExactly(cut);
        assertThat(new TrimChange.Again(read("150 2")).applyTo(trimmed))
                .as("no pass is under way")
                .isEqualTo(trimmed);
        assertThat(new TrimChange.Measured(at, read("150 1.4")).applyTo(trimmed).passes())
                .hasSize(2);
        assertThat(new TrimChange.Measured(at, List.of()).applyTo(again).passes())
                .isEmpty();
        assertThatThrownBy(() -> TrimLog.NONE.withNoise(Quantity.of("0", Unit.ONE)))
                .hasMessageContaining("over zero");
        assertThatThrownBy(() -> TrimLog.NONE.withCableLoss(Quantity.of("-1", Unit.DB)))
                .hasMessageContaining("zero or more");
    }

    private static TrimLog.Pass pass(String first, String again) {
        return new TrimLog.Pass(Instant.EPOCH, read(first), read(again), Optional.empty());
    }

    /** Two sweeps 0.1 apart everywhere have a noise of 0.1 ÷ √2 each; at SWR 9 nobody counts. */
    @Test
    void whatMovesIsNotTrimmedBy() {
        TrimLog.Pass steady = pass("150 1.5, 151 1.8, 152 9", "150 1.6, 151 1.9, 152 12");
        assertThat(SweepQuality.spread(steady).orElseThrow().value()).isCloseTo(0.1 / Math.sqrt(2), within(1e-9));
        assertThat(SweepQuality.good(TrimLog.NONE, steady)).isTrue();
        assertThat(SweepQuality.noise(TrimLog.NONE, steady)).isCloseTo(0.0707, within(1e-3));
        TrimLog.Pass moving = pass("150 1.5, 151 1.8", "150 2.1, 151 2.6");
        assertThat(SweepQuality.good(TrimLog.NONE, moving)).isFalse();
        assertThat(SweepQuality.findings(TrimLog.NONE, moving).get(0).level()).isEqualTo(Finding.Level.STOP);
        assertThat(SweepQuality.findings(TrimLog.NONE, pass("150 1.5", ""))
                        .get(0)
                        .level())
                .isEqualTo(Finding.Level.UNKNOWN);
        Finding load = SweepQuality.findings(TrimLog.NONE, pass("150 1.05, 151 1.02, 152 1.04", ""))
                .get(0);
        assertThat(load.tag()).as("a dummy load is perfect, too").isEqualTo("too good");
    }

    /** Trimming ends at 1.5 over the channel, or where a pass wins under 0.1 dB. */
    @Test
    void trimmingEnds() {
        List<SweepPoint> sweep = read("150 1.8, 152 1.2");
        assertThat(TrimStop.atChannel(sweep, 151e6).orElseThrow().value()).isCloseTo(1.5, within(1e-9));
        assertThat(TrimStop.atChannel(sweep, 149e6)).isEmpty();
        assertThat(TrimStop.findings(sweep, 151e6, Optional.empty()).get(0).level())
                .isEqualTo(Finding.Level.FITS);
        assertThat(TrimStop.findings(sweep, 150.2e6, Optional.empty()).get(0).level())
                .isEqualTo(Finding.Level.WATCH);
        assertThat(TrimStop.findings(sweep, 140e6, Optional.empty()).get(0).tag())
                .isEqualTo("swept beside");
        double worth =
                TrimStop.next(TrimStop.atChannel(sweep, 150e6).orElseThrow(), 1).value();
        assertThat(worth).isCloseTo(-10 * Math.log10(1 - Math.pow(0.8 / 2.8, 2)), within(1e-9));
    }

    /** A calibration of this hour holds, one of the morning is told, and one of yesterday stops. */
    @Test
    void anOldCalibrationIsToldAndThenStops() {
        Instant at = Instant.parse("2026-11-02T15:00:00Z");
        TrimLog.Pass pass = new TrimLog.Pass(
                at, SweepText.read("150 1.8, 151 1.4, 152 1.7").orElseThrow(), List.of(), Optional.empty());
        assertThat(calibration(TrimLog.NONE, pass).level()).isEqualTo(Finding.Level.UNKNOWN);
        for (String[] row :
                new String[][] {{"PT30M", "FITS"}, {"PT3H", "WATCH"}, {"PT20H", "STOP"}, {"PT-5M", "UNKNOWN"}}) {
            TrimLog log =
                    new TrimChange.Calibrated(Optional.of(at.minus(Duration.parse(row[0])))).applyTo(TrimLog.NONE);
            assertThat(calibration(log, pass).level()).as(row[0]).isEqualTo(Finding.Level.valueOf(row[1]));
            assertThat(SweepQuality.good(log, pass)).as(row[0]).isEqualTo(!row[1].equals("STOP"));
        }
    }

    private static Finding calibration(TrimLog log, TrimLog.Pass pass) {
        return SweepQuality.findings(log, pass).get(1);
    }
}
