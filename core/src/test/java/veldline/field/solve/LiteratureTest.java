package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.field.pattern.RadiatedField;
import veldline.field.wire.Curve;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** Closed forms of the textbooks (Balanis, Antenna Theory, 3rd ed.). */
class LiteratureTest {
    private static final double C = 299_792_458.0;
    private static final double F = C;
    private static final double K = 2 * Math.PI;
    private static final double MU0 = 4e-7 * Math.PI;

    private static Wire rod(double x, double length, double radius) {
        return Wire.straight(new Vec(x, 0, -length / 2), new Vec(x, 0, length / 2), radius);
    }

    /** {@code 20π²(l/λ)²}, §4.3: the current of a short dipole falls in straight lines to its ends. */
    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.02, 0.04})
    void aShortDipole(double length) {
        FieldSolution s = FieldSolver.solve(
                WireModel.inFreeSpace("short", List.of(rod(0, length, length * 1e-9)), Port.middleOf(0), Direction.X),
                F);
        double expected = 20 * Math.PI * Math.PI * length * length;
        assertThat(s.impedances().get(0).getReal()).isCloseTo(expected, within(0.03 * expected));
        assertThat(new RadiatedField(s).gainDbi(Direction.X)).isCloseTo(10 * Math.log10(1.5), within(0.01));
        // −j·120·(ln(l/2a) − 1)/tan(kl/2), §9.5.
        double reactance = -120 * (Math.log(length / 2 / (length * 1e-9)) - 1) / Math.tan(K * length / 2);
        assertThat(s.impedances().get(0).getImaginary()).isCloseTo(reactance, within(0.01 * Math.abs(reactance)));
    }

    /** {@code 20π²(C/λ)⁴} and {@code ωμa(ln(8a/r) − 2)}, §5.2. */
    @ParameterizedTest
    @ValueSource(doubles = {0.02, 0.04})
    void aSmallLoop(double circumference) {
        double a = circumference / (2 * Math.PI);
        double r = a / 500;
        Curve circle = new Curve(Vec.ZERO, new Vec(0, 0, 1), new Vec(a, 0, 0), 1, 0, 96);
        FieldSolution s = FieldSolver.solve(
                WireModel.inFreeSpace(
                        "loop",
                        List.of(new Wire(circle.points(), r, circle.closes(), Optional.empty())),
                        new Port(0, new Port.Place.Fraction(0.25)),
                        Direction.X),
                F);
        double resistance = 20 * Math.PI * Math.PI * Math.pow(circumference, 4);
        double reactance = K * C * MU0 * a * (Math.log(8 * a / r) - 2);
        assertThat(s.impedances().get(0).getReal()).isCloseTo(resistance, within(0.02 * resistance));
        assertThat(s.impedances().get(0).getImaginary()).isCloseTo(reactance, within(0.02 * reactance));
        assertThat(new RadiatedField(s).gainDbi(Direction.X)).isCloseTo(10 * Math.log10(1.5), within(0.03));
    }

    /** Of two half waves side by side by the induced EMF of sinusoidal currents, §8.6. */
    @ParameterizedTest
    @ValueSource(doubles = {0.25, 0.5, 0.75, 1, 1.5})
    void parallelDipoles(double apart) {
        List<Wire> two = List.of(rod(0, 0.5, 1e-9), rod(apart, 0.5, 1e-9));
        WireModel model = new WireModel(
                "two",
                two,
                List.of(Source.volt(Port.middleOf(0)), Source.volt(Port.middleOf(1))),
                List.of(),
                Ground.FREE,
                Optional.empty(),
                Optional.of(Direction.X));
        Complex mutual = FieldSolver.solve(model, F).impedanceMatrix().get(1).get(0);
        Complex expected = new Complex(0, 30).multiply(induced(apart));
        assertThat(mutual.subtract(expected).norm()).isLessThan(2.5);
    }

    /** {@code ∫ sin k(¼ − |z|)·(e^{−jkR₁}/R₁ + e^{−jkR₂}/R₂) dz}. */
    private static Complex induced(double apart) {
        return new Complex(part(apart, true), part(apart, false));
    }

    private static double part(double apart, boolean real) {
        IterativeLegendreGaussIntegrator gauss = new IterativeLegendreGaussIntegrator(8, 1e-10, 1e-12);
        double sum = 0;
        for (double[] half : new double[][] {{-0.25, 0}, {0, 0.25}}) {
            sum += gauss.integrate(
                    100_000,
                    z -> {
                        double r1 = Math.hypot(apart, z - 0.25);
                        double r2 = Math.hypot(apart, z + 0.25);
                        double shape = Math.sin(K * (0.25 - Math.abs(z)));
                        return shape
                                * (real
                                        ? Math.cos(K * r1) / r1 + Math.cos(K * r2) / r2
                                        : -Math.sin(K * r1) / r1 - Math.sin(K * r2) / r2);
                    },
                    half[0],
                    half[1]);
        }
        return sum;
    }

    /** Step-up of a folded dipole whose second conductor is so many times as thick, §9.5 (Uda and Mushiake). */
    @ParameterizedTest
    @CsvSource({"1", "3", "0.4"})
    void aFoldedDipoleStepsUp(double thicker) {
        double fed = 2e-4;
        double apart = 8e-3;
        double other = fed * thicker;
        double v = apart / fed;
        double up = 1
                + arcosh((v * v - thicker * thicker + 1) / (2 * v))
                        / arcosh((v * v + thicker * thicker - 1) / (2 * v * thicker));
        // ln of the equivalent radius of both in parallel, eq. (9-29).
        double mean = Math.log(fed)
                + (thicker * thicker * Math.log(thicker) + 2 * thicker * Math.log(v)) / Math.pow(1 + thicker, 2);
        double folded = atResonance(length -> folded(length, fed, other, apart));
        double single = atResonance(length -> WireModel.inFreeSpace(
                "single", List.of(rod(0, length, Math.exp(mean))), Port.middleOf(0), Direction.X));
        assertThat(folded / single).isCloseTo(up * up, within(0.05 * up * up));
    }

    private static double arcosh(double x) {
        return Math.log(x + Math.sqrt(x * x - 1));
    }

    private interface ByLength {
        WireModel of(double length);
    }

    private static WireModel folded(double length, double fed, double other, double apart) {
        Vec low = new Vec(0, 0, -length / 2);
        Vec high = new Vec(0, 0, length / 2);
        Vec aside = new Vec(apart, 0, 0);
        Wire one = Wire.straight(low, high, fed);
        Wire two = new Wire(List.of(high, high.plus(aside)), Math.min(fed, other), false, Optional.empty());
        Wire three = Wire.straight(high.plus(aside), low.plus(aside), other);
        Wire four = new Wire(List.of(low.plus(aside), low), Math.min(fed, other), false, Optional.empty());
        return WireModel.inFreeSpace("folded", List.of(one, two, three, four), Port.middleOf(0), Direction.X);
    }

    private static double atResonance(ByLength model) {
        double length = new BrentSolver(1e-5)
                .solve(
                        60,
                        l -> FieldSolver.solve(model.of(l), F)
                                .impedances()
                                .get(0)
                                .getImaginary(),
                        0.44,
                        0.495);
        return FieldSolver.solve(model.of(length), F).impedances().get(0).getReal();
    }
}
