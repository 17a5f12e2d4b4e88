package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.explain.Worked;
import veldline.field.aperture.BentProfile;
import veldline.field.aperture.BentSheet;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Sheets bent one way: against parabolas, power, and the law their fan follows. */
class TroughTest {
    private static final double F = 5.5e9;
    private static final double WAVE = 299_792_458.0 / F;

    private static ApertureDesign trough(double high, double to) {
        return Families.apertures("trough")
                .design(new Family.Wish(F, 1, 1.6e-3, Metal.ALUMINIUM, true))
                .withSize(Trough.HEIGHT, Quantity.shown(high * WAVE, Unit.MM, 3))
                .withSize(Trough.FOCUS, Quantity.shown(0.4 * high * WAVE, Unit.MM, 3))
                .withSize(Trough.FAN_TO, Quantity.shown(to, Unit.DEG, 1))
                .withSize(Trough.ROUGH, Quantity.of("0", Unit.MM));
    }

    private static double mean(BentSheet s) {
        return IntStream.range(0, 3600)
                .mapToDouble(i -> s.around(2 * Math.PI * i / 3600))
                .average()
                .orElseThrow();
    }

    /** Without a fan it is the parabola of its focus, in step all over, and what the row sends is what goes around. */
    @ParameterizedTest
    @CsvSource({"6, 0.35", "10, 0.5", "20, 0.4"})
    void aPencilIsAParabola(double high, double ratio) {
        double focus = ratio * high * WAVE;
        double half = 2 * Math.atan(0.25 / ratio);
        BentProfile bent = new BentProfile(focus, half, 3, BentProfile.Fan.NONE);
        BentSheet s = new BentSheet(bent, WAVE, 0);
        for (double share : new double[] {-1, -0.4, 0.2, 0.8}) {
            double[] at = bent.at(share * half);
            assertThat(at[0] + focus).isCloseTo(at[1] * at[1] / (4 * focus), within(1e-6 * focus));
        }
        assertThat(bent.height()).isCloseTo(high * WAVE, within(1e-6));
        assertThat(s.peak()).isCloseTo(0, within(1e-4));
        assertThat(s.beam(0)).isLessThan(2 * Math.PI * bent.height() / WAVE * bent.spillover());
        assertThat(10 * Math.log10(mean(s))).isCloseTo(0, within(0.1));
    }

    /** Drawn out it keeps its power, falls as the cosecant's square, and throws little above the beam. */
    @ParameterizedTest
    @CsvSource({"20, 4, 30", "30, 3, 40"})
    void aFanFallsAsItsLaw(double high, double from, double to) {
        double half = 2 * Math.atan(0.25 / 0.4);
        BentSheet s = new BentSheet(
                new BentProfile(
                        0.4 * high * WAVE, half, 4, new BentProfile.Fan(Math.toRadians(from), Math.toRadians(to))),
                WAVE,
                0);
        assertThat(10 * Math.log10(mean(s))).isCloseTo(0, within(0.1));
        double[] levels = IntStream.rangeClosed((int) from, (int) (0.8 * to))
                .mapToDouble(deg ->
                        10 * Math.log10(s.around(Math.toRadians(deg))) + 20 * Math.log10(Math.sin(Math.toRadians(deg))))
                .toArray();
        double spread = java.util.Arrays.stream(levels).max().orElseThrow()
                - java.util.Arrays.stream(levels).min().orElseThrow();
        assertThat(spread).as("both ways together, dB").isLessThan(3);
        assertThat(s.peak()).isBetween(0.0, Math.toRadians(from));
        assertThat(s.around(Math.toRadians(-12))).isLessThan(0.05 * s.around(Math.toRadians(12)));
        assertThatThrownBy(() -> new BentProfile.Fan(0.5, 0.3)).hasMessageContaining("farther down");
    }

    /** The family says of its gain what its pattern holds, with and without a fan, and told from the beam it is 0 dB ahead. */
    @ParameterizedTest
    @CsvSource({"6, 0", "10, 0", "12, 35"})
    void itsPatternHoldsThePowerItsGainSays(double high, double to) {
        // What the row's shadow throws aside is in no sum over the sheet: here it has none.
        ApertureDesign d = trough(high, to).withSize(Trough.SHADOW, Quantity.of("0", Unit.MM));
        Radiation r = d.radiation(F);
        assertThat(10 * Math.log10(r.field().directivity(24, 96)))
                .isCloseTo(r.gain().value(), within(0.2));
        assertThat(r.fall(0, 0)).isCloseTo(0, within(1e-6));
    }

    /** Standing, its field square to the row, the fan goes down, and the plan of a site has it below and not above. */
    @Test
    void theFanGoesDown() {
        ApertureDesign d = trough(12, 40).withSize(Trough.ROW, Quantity.of("1", Unit.ONE));
        Radiation r = d.radiation(F);
        assertThat(r.fall(15, 0)).isGreaterThan(r.fall(15, 180) + 5);
        ApertureDesign along = trough(12, 40);
        assertThat(along.radiation(F).fall(15, 90))
                .isGreaterThan(along.radiation(F).fall(15, 270) + 5);
        Worked lost = r.losses().stream()
                .filter(l -> l.formula().name().contains("fan"))
                .findFirst()
                .orElseThrow();
        assertThat(lost.value()).isBetween(1.0, 6.0);
        assertThat(d.of().schools(d, F)).hasSize(3);
        assertThat(trough(12, 0).of().schools(trough(12, 0), F)).hasSize(1);
    }

    /** The rib's long edge is the profile: as long as the sheet laid flat. */
    @Test
    void ribsCarryTheSheet() {
        ApertureDesign d = trough(8, 30);
        FlatPattern rib = d.of().flat(d).get(0);
        double along = IntStream.range(0, rib.outline().size() - 3)
                .mapToDouble(i -> Math.hypot(
                        rib.outline().get(i + 1).x() - rib.outline().get(i).x(),
                        rib.outline().get(i + 1).y() - rib.outline().get(i).y()))
                .sum();
        assertThat(along).isCloseTo(Trough.bent(d).flat(), within(1e-3 * along));
        assertThat(rib.count()).isGreaterThanOrEqualTo(2);
        assertThat(d.of().watch(d.withSize(Trough.FAN_FROM, Quantity.of("1", Unit.DEG)), F))
                .anyMatch(w -> w.contains("inside the beam"));
    }
}
