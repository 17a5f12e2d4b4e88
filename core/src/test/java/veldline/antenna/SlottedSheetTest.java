package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.field.aperture.FeedPattern;
import veldline.field.aperture.TaperedSlot;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Slots that widen to the edge of their sheet: the sum along them, against itself and against nets. */
class SlottedSheetTest {
    private static final double F = 5.5e9;
    private static final double WAVE = 299_792_458.0 / F;

    private static ApertureDesign sheet(double length, double mouth, double fin, int flare) {
        return Families.apertures("tapered slot")
                .design(new Family.Wish(F, 1, 1.6e-3, Metal.COPPER, false))
                .withSize(0, Quantity.shown(length * WAVE, Unit.MM, 4))
                .withSize(1, Quantity.shown(mouth * WAVE, Unit.MM, 4))
                .withSize(3, Quantity.of(Integer.toString(flare), Unit.ONE))
                .withSize(4, Quantity.shown(fin * WAVE, Unit.MM, 4));
    }

    /** Ahead both planes are one direction; a longer slot has the narrower beam; what is summed is enough. */
    @Test
    void theSumIsOneFieldAhead() {
        TaperedSlot slot = new TaperedSlot(3 * WAVE, x -> 0.02 * WAVE + 0.2 * x, WAVE);
        assertThat(slot.inE(0).norm())
                .isCloseTo(slot.inH(0).norm(), within(1e-9 * slot.inH(0).norm()));
        assertThat(slot.inH(0.2).norm()).isLessThan(slot.inH(0).norm());
        TaperedSlot twice = new TaperedSlot(6 * WAVE, x -> 0.02 * WAVE + 0.1 * x, WAVE);
        assertThat(twice.inH(0.4).norm() / twice.inH(0).norm())
                .isLessThan(slot.inH(0.4).norm() / slot.inH(0).norm());
        FeedPattern p = slot.pattern(360);
        assertThat(p.directivity()).isCloseTo(slot.pattern(720).directivity(), within(0.01 * p.directivity()));
        assertThat(10 * Math.log10(twice.pattern(360).directivity() / p.directivity()))
                .as("twice as long")
                .isBetween(2.0, 3.5);
        assertThatThrownBy(() -> new TaperedSlot(0, x -> 1, WAVE)).hasMessageContaining("over 0");
    }

    /** Solved as nets the sheets keep their power, and the gain the line counts lies within what it says of itself. */
    @ParameterizedTest
    @CsvSource({"1.5, 0.7, 0.25, 0", "2, 0.7, 0.4, 0", "2, 0.7, 0.4, 1", "2, 1.2, 0.4, 0", "3, 0.7, 0.25, 1"})
    void netsGainWhatTheSumSaysLessItsEdges(double length, double mouth, double fin, int flare) {
        ApertureDesign d = sheet(length, mouth, fin, flare);
        WireModel net = d.of().grid(d, F).orElseThrow();
        assertThat(ModelCheck.faults(net, F)).isEmpty();
        FieldSolution s = new FieldSolver(net, MeshRule.standard(F), () -> true).at(F);
        assertThat(PatternSummary.of(s).powerBalance()).isCloseTo(1, within(0.01));
        RadiatedField field = new RadiatedField(s);
        Radiation r = d.radiation(F);
        double ahead = field.gainDbi(Direction.X);
        assertThat(ahead).isCloseTo(r.gain().value(), within(r.doubt() + 0.3));
        assertThat(field.gainDbi(new Direction(70, 0)) - ahead)
                .as("20° off, square to the sheet")
                .isCloseTo(r.fall(20, 90), within(1.2));
    }

    /** It has a beam at half as much and at twice its frequency, and says what it has a quarter to either side. */
    @Test
    void itHasABeamOverItsBand() {
        ApertureDesign d = sheet(2, 0.9, 0.4, 0);
        for (double share : new double[] {0.6, 1, 2}) {
            assertThat(d.radiation(share * F).gain().value()).isBetween(4.0, 13.0);
        }
        assertThat(d.of().schools(d, F)).hasSize(2);
        assertThat(d.of().schools(d, F).get(0).value())
                .isCloseTo(d.radiation(0.75 * F).gain().value(), within(1e-9));
        assertThat(d.of().watch(d, 0.5 * F)).anyMatch(w -> w.contains("half a wave"));
        FlatPattern cut = d.of().flat(d).get(0);
        double whole = (d.size(0) + 1.25 * d.size(6)) * (d.size(1) + 2 * d.size(4));
        assertThat(cut.area()).isBetween(0.6 * whole, whole);
    }
}
