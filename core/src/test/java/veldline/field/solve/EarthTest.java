package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.RadiatedField;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** Wires over real ground, held against Sommerfeld's integrals and Fresnel's coefficients. */
class EarthTest {
    private static final double WAVE = 10;
    private static final double FREQUENCY = 299_792_458.0 / WAVE;
    private static final double EPSILON0 = 8.8541878128e-12;

    private static FieldSolution dipole(Ground ground, double height, double half, boolean upright) {
        Vec reach = upright ? new Vec(0, 0, half) : new Vec(half, 0, 0);
        Vec middle = new Vec(0, 0, height);
        WireModel m = new WireModel(
                "dipole",
                List.of(Wire.straight(middle.minus(reach), middle.plus(reach), 1e-4)),
                List.of(Source.volt(Port.middleOf(0))),
                List.of(),
                ground,
                Optional.empty(),
                Optional.of(new Direction(0, 0)));
        return FieldSolver.solve(m, FREQUENCY);
    }

    /**
     * Power of a short dipole over ground against that in free space: Novotny and Hecht, Principles of Nano-Optics, 2nd
     * ed., eq. 10.26, which is Sommerfeld's; time factor exp(−iωt), along s = sin t and then s = cosh t.
     */
    private static double sommerfeld(Ground ground, double waves, boolean upright) {
        double omega = 2 * Math.PI * FREQUENCY;
        Complex epsilon = new Complex(ground.permittivity(), ground.conductivity() / (omega * EPSILON0));
        double kh = 2 * Math.PI * waves;
        int n = 8000;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double t = (i + 0.5) / n * Math.PI / 2;
            Complex sz = new Complex(Math.cos(t), 0);
            sum += wave(epsilon, Math.sin(t), sz, kh, upright).getReal() * Math.PI / 2 / n;
        }
        double last = Math.log(40 / kh + 4) + 2;
        for (int i = 0; i < n; i++) {
            double t = (i + 0.5) / n * last;
            Complex sz = new Complex(0, Math.sinh(t));
            sum += wave(epsilon, Math.cosh(t), sz, kh, upright)
                            .multiply(new Complex(0, -1))
                            .getReal()
                    * last
                    / n;
        }
        return 1 + (upright ? 1.5 : 0.75) * sum;
    }

    private static Complex wave(Complex epsilon, double s, Complex sz, double kh, boolean upright) {
        Complex root = epsilon.subtract(s * s).sqrt();
        Complex p =
                epsilon.multiply(sz).subtract(root).divide(epsilon.multiply(sz).add(root));
        Complex q = sz.subtract(root).divide(sz.add(root));
        Complex both = upright
                ? p.multiply(s * s * s)
                : q.subtract(sz.multiply(sz).multiply(p)).multiply(s);
        return both.multiply(sz.multiply(new Complex(0, 2 * kh)).exp());
    }

    @ParameterizedTest
    @CsvSource({
        "13, 0.005, 0.2, false, 0.05",
        "13, 0.005, 0.35, false, 0.015",
        "13, 0.005, 0.75, false, 0.015",
        "5, 0.001, 0.2, false, 0.05",
        "30, 0.02, 0.35, false, 0.015",
        "80, 4, 0.15, false, 0.015",
        "13, 0.005, 0.25, true, 0.12",
        "13, 0.005, 0.5, true, 0.025",
        "13, 0.005, 1.0, true, 0.025",
        "30, 0.02, 0.75, true, 0.025",
        "80, 4, 0.25, true, 0.025"
    })
    void aShortDipoleTakesWhatSommerfeldSays(
            double permittivity, double conductivity, double waves, boolean upright, double part) {
        Ground ground = Ground.real(permittivity, conductivity);
        double over = resistance(dipole(ground, waves * WAVE, 0.05, upright));
        double free = resistance(dipole(Ground.FREE, waves * WAVE, 0.05, upright));
        double exact = sommerfeld(ground, waves, upright);
        assertThat(over / free).isCloseTo(exact, within(part * exact));
    }

    private static double resistance(FieldSolution s) {
        return s.impedances().get(0).getReal();
    }

    @Test
    void aVeryGoodEarthIsAMirror() {
        FieldSolution sea = dipole(Ground.real(80, 1e9), 4, 2.4, false);
        FieldSolution mirror = dipole(Ground.PERFECT, 4, 2.4, false);
        assertThat(sea.impedances().get(0).subtract(mirror.impedances().get(0)).norm())
                .isLessThan(0.05);
        assertThat(PatternSummary.of(sea).gainDbi())
                .isCloseTo(PatternSummary.of(mirror).gainDbi(), within(0.01));
    }

    @Test
    void straightUpTheFieldIsTheDirectWaveAndFresnelsReflection() {
        Ground ground = Ground.real(13, 0.005);
        FieldSolution over = dipole(ground, 4, 2.4, false);
        Complex epsilon = ground.complexPermittivity(2 * Math.PI * FREQUENCY);
        Complex reflected = Complex.ONE
                .subtract(epsilon.sqrt())
                .divide(Complex.ONE.add(epsilon.sqrt()))
                .multiply(new Complex(0, -2 * 2 * Math.PI * 4 / WAVE).exp());
        double sum = Complex.ONE.add(reflected).norm();
        // The same currents in free space.
        FieldSolution alone = new FieldSolution(
                dipole(Ground.FREE, 4, 2.4, false).model(),
                FREQUENCY,
                over.unknowns(),
                over.impedances(),
                over.impedanceMatrix(),
                over.inputPower(),
                over.lostPower(),
                over.pieces());
        Direction up = new Direction(0, 0);
        double ratio = new RadiatedField(over).gain(up) / new RadiatedField(alone).gain(up);
        assertThat(ratio).isCloseTo(sum * sum, within(1e-6 * sum * sum));
    }

    @Test
    void whatIsNotRadiatedWarmsTheGround() {
        PatternSummary p = PatternSummary.of(dipole(Ground.real(13, 0.005), 5, 2.4, false));
        assertThat(p.efficiency()).isBetween(0.4, 0.95);
        assertThat(p.maxDirectivityDbi() - p.maxGainDbi()).isCloseTo(-10 * Math.log10(p.efficiency()), within(1e-9));
    }

    @Test
    void aWireInTheGroundIsRefused() {
        assertThatThrownBy(() -> dipole(Ground.real(13, 0.005), 0, 2.4, false))
                .isInstanceOf(SolveFailure.class)
                .hasMessageContaining("ground")
                .hasMessageContaining("raise it");
    }
}
