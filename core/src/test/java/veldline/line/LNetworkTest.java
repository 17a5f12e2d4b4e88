package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LNetworkTest {
    private static final double F = 1e8;

    @Property
    void everySolutionTurnsItsLoadIntoTheLine(
            @ForAll @DoubleRange(min = 2, max = 900) double r, @ForAll @DoubleRange(min = -400, max = 400) double x) {
        Complex load = new Complex(r, x);
        assertThat(LNetwork.solutions(load, 50)).isNotEmpty().allSatisfy(n -> {
            Complex seen = n.made(ohms -> Reactor.exact(finite(ohms), F)).seen(load, F);
            assertThat(seen.getReal()).isCloseTo(50, within(1e-3));
            assertThat(seen.getImaginary()).isCloseTo(0, within(1e-3));
        });
    }

    /** Found by chance: where the resistance is the line's already, formulas that cancel give anything. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.01, -0.01, 1e-6, -2.32, 37, -400})
    void aLoadOfTheLinesOwnResistanceLosesOnlyItsReactance(double x) {
        Complex load = new Complex(50, x);
        everySolutionTurnsItsLoadIntoTheLine(50, x);
        assertThat(LNetwork.solutions(load, 50))
                .anySatisfy(n -> assertThat(n.series()).isCloseTo(-x, within(1e-9)));
    }

    /** A shunt that is not needed has an endless reactance. */
    private static double finite(double ohms) {
        return Double.isInfinite(ohms) || Double.isNaN(ohms) ? 1e12 : ohms;
    }

    @Test
    void aLoadWithoutResistanceCannotBeMatched() {
        assertThatThrownBy(() -> LNetwork.solutions(new Complex(0, 30), 50)).hasMessageContaining("above zero");
    }

    @Test
    void shelfPartsAreTheNearestOfTheirSeries() {
        Reactor coil = Reactor.nearest(60, 2437e6);
        assertThat(coil.label()).isEqualTo("3.9 nH");
        Reactor capacitor = Reactor.nearest(-60, 146e6);
        assertThat(capacitor.label()).isEqualTo("18 pF");
        assertThat(capacitor.impedance(146e6).getReal())
                .isCloseTo(-capacitor.impedance(146e6).getImaginary() / 300, within(1e-9));
    }

    private static Complex quarter(Complex load, double z, double design, double frequency) {
        return Ladder.of(new Piece.Along(Section.ideal(z, 1, 0).cut(0.25, design)))
                .seen(load, frequency);
    }

    @Test
    void aQuarterWaveTurnsAnImpedanceOver() {
        Complex seen = quarter(new Complex(28, 0), 37.4166, 2437e6, 2437e6);
        assertThat(seen.getReal()).isCloseTo(50, within(0.01));
        // Far from its frequency it is a piece of line like any other: half a wave repeats the load.
        Complex half = quarter(new Complex(28, 9), 37.4, 1e9, 2e9);
        assertThat(half.subtract(new Complex(28, 9)).norm()).isLessThan(1e-6);
    }

    @Test
    void mismatchGoesFromNothingToEverything() {
        assertThat(Mismatch.lossDb(new Complex(50), 50)).isZero();
        assertThat(Mismatch.swr(new Complex(0, 70), 50)).isGreaterThan(1e12);
        assertThat(Mismatch.swr(new Complex(100), 50)).isCloseTo(2, within(1e-12));
        // A step from 50 to 75 Ω costs 0.18 dB, which is little.
        assertThat(Mismatch.lossDb(new Complex(75), 50)).isCloseTo(0.177, within(0.001));
    }
}
