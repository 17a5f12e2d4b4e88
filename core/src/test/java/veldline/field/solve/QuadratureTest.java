package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The rules are those of Gauss and Legendre. */
class QuadratureTest {
    static Stream<Quadrature> rules() {
        return Stream.of(Quadrature.TWO, Quadrature.SIX, Quadrature.TWELVE);
    }

    @ParameterizedTest
    @MethodSource("rules")
    void theNumbersAreALibrarys(Quadrature q) {
        GaussIntegrator library = new GaussIntegratorFactory().legendre(q.x().length, 0.0, 1.0);
        for (int i = 0; i < q.x().length; i++) {
            assertThat(q.x()[i]).isCloseTo(library.getPoint(i), within(2e-16));
            assertThat(q.w()[i]).isCloseTo(library.getWeight(i), within(2e-16));
        }
    }

    @ParameterizedTest
    @MethodSource("rules")
    void nPointsAreExactToDegreeTwoNLessOne(Quadrature q) {
        int degree = 2 * q.x().length - 1;
        double sum = 0;
        for (int i = 0; i < q.x().length; i++) {
            sum += q.w()[i] * Math.pow(q.x()[i], degree);
        }
        assertThat(sum).isCloseTo(1.0 / (degree + 1), within(1e-15));
    }
}
