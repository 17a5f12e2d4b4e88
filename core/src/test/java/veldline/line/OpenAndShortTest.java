package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

class OpenAndShortTest {
    /** A cable of any impedance, loss and length is found again from what is seen into it. */
    @Property
    void aCableIsFoundAgain(
            @ForAll @DoubleRange(min = 20, max = 300) double z0,
            @ForAll @DoubleRange(min = 0.05, max = 12) double loss,
            @ForAll @DoubleRange(min = 0.02, max = 6) double waves,
            @ForAll @DoubleRange(min = 0.6, max = 0.95) double velocity) {
        LossyLine line = new LossyLine(z0, loss, waves);
        Complex open = line.seen(new Complex(1e9, 0));
        Complex shorted = line.seen(new Complex(1e-9, 0));
        OpenAndShort found = OpenAndShort.of(open, shorted);
        assertThat(found.z0().subtract(z0).norm()).isLessThan(1e-3 * z0);
        assertThat(found.lossDb()).isCloseTo(loss, within(1e-3));
        double frequency = 100e6;
        double length = waves * velocity * 299_792_458.0 / frequency;
        assertThat(found.velocity(length, frequency, velocity)).isCloseTo(velocity, within(1e-3));
    }

    /** Whatever is moved along a line and back is where it was. */
    @Property
    void linesInvert(
            @ForAll @DoubleRange(min = 1, max = 1000) double r,
            @ForAll @DoubleRange(min = -500, max = 500) double x,
            @ForAll @DoubleRange(min = 0, max = 10) double loss,
            @ForAll @DoubleRange(min = 0, max = 5) double waves) {
        Complex z = new Complex(r, x);
        LossyLine line = new LossyLine(50, loss, waves);
        assertThat(line.load(line.seen(z)).subtract(z).norm()).isLessThan(1e-6 * (1 + z.norm()));
    }

    @Test
    void whatIsNoCableIsSaid() {
        assertThatThrownBy(() -> OpenAndShort.of(new Complex(50), new Complex(50)))
                .hasMessageContaining("no two ends");
        assertThatThrownBy(() -> OpenAndShort.of(new Complex(0), new Complex(50)))
                .hasMessageContaining("away from where");
    }
}
