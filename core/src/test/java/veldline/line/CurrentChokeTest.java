package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.stock.Ferrite;

class CurrentChokeTest {
    /** At its relaxation half of the real part is gone and the loss is greatest; far below it is plain inductance. */
    @Test
    void aFerriteRelaxesOnce() {
        for (Ferrite f : new Ferrite[] {Ferrite.MANGANESE_ZINC, Ferrite.NICKEL_ZINC}) {
            Complex at = f.at(f.relaxation());
            assertThat(at.getReal()).isCloseTo((f.permeability() + 1) / 2, within(1e-9));
            assertThat(-at.getImaginary()).isCloseTo((f.permeability() - 1) / 2, within(1e-9));
            assertThat(-at.getImaginary())
                    .isGreaterThan(-f.at(2 * f.relaxation()).getImaginary());
            assertThat(-at.getImaginary())
                    .isGreaterThan(-f.at(f.relaxation() / 2).getImaginary());
            assertThat(f.at(f.relaxation() / 1000).getReal()).isCloseTo(f.permeability(), within(0.01));
            assertThat(f.permeability() * f.relaxation()).as("Snoek's limit").isBetween(2e9, 7e9);
        }
    }

    /** Each range gets its kind, and each of them the thousand ohms that are wanted. */
    @Test
    void eachRangeGetsItsKind() {
        for (double f : new double[] {1.9e6, 3.6e6, 7.1e6, 14.2e6, 28.5e6, 50e6}) {
            assertThat(CurrentChoke.of(f, 50, 100).title()).endsWith("turns on a ring");
            assertThat(CurrentChoke.of(f, 50, 100).impedance().value())
                    .as(f + "")
                    .isGreaterThan(CurrentChoke.WANTED);
        }
        CurrentChoke vhf = CurrentChoke.of(150e6, 50, 10);
        assertThat(vhf.title()).endsWith("beads on the cable");
        assertThat(vhf.impedance().value()).isBetween(CurrentChoke.WANTED, 1.3 * CurrentChoke.WANTED);
        CurrentChoke uhf = CurrentChoke.of(2437e6, 50, 0.04);
        assertThat(uhf.title()).isEqualTo("quarter-wave sleeve");
        assertThat(uhf.parts()).contains("29.2 mm");
        assertThat(uhf.heat()).isEmpty();
        // The same line as a section of cable: 60·ln 2 ohms, shorted, 98 % of a quarter wave.
        Complex shorted = new LossyLine(60 * Math.log(2), 0, 0.25 * 0.98).seen(Complex.ZERO);
        assertThat(shorted.getImaginary()).isCloseTo(uhf.impedance().value(), within(1e-6));
        assertThat(uhf.impedance().value()).isGreaterThan(CurrentChoke.WANTED);
    }

    /** At 100 W on 50 Ω half the feed's 71 V stand across it. */
    @Test
    void heatFollowsTheVoltageAndTheConductance() {
        CurrentChoke c = CurrentChoke.of(14.2e6, 50, 100);
        double volts = Math.sqrt(100 * 50) / 2;
        double r = c.impedance().inputs().stream()
                .filter(i -> i.symbol().equals("r"))
                .findFirst()
                .orElseThrow()
                .value();
        double x = c.impedance().inputs().stream()
                .filter(i -> i.symbol().equals("x"))
                .findFirst()
                .orElseThrow()
                .value();
        assertThat(c.heat().orElseThrow().value()).isCloseTo(volts * volts * r / (r * r + x * x), within(1e-9));
        assertThat(CurrentChoke.of(14.2e6, 50, 200).heat().orElseThrow().value())
                .isCloseTo(2 * c.heat().orElseThrow().value(), within(1e-9));
        assertThat(r).as("a choke is a resistance, not a coil").isGreaterThan(Math.abs(x));
    }
}
