package veldline.trim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class CramerRaoTest {
    /** Of one unknown read n times with slope s it is 1 ÷ (s·√n). */
    @Test
    void aMeanOfReadingsIsAsSureAsTheRootOfTheirNumber() {
        assertThat(CramerRao.bounds(List.of(new double[] {2, 2, 2, 2}), 1).get(0))
                .isCloseTo(0.25, within(1e-12));
    }

    /** What stands at right angles does not disturb; what is alike is told only as far as the other was known before. */
    @Test
    void whatIsAlikeIsNotToldApart() {
        List<Double> apart = CramerRao.bounds(List.of(new double[] {1, 0}, new double[] {0, 1}), 10);
        assertThat(apart.get(0)).isCloseTo(1, within(1e-12));
        List<Double> alike = CramerRao.bounds(List.of(new double[] {1, 1}, new double[] {1, 1}), 10);
        assertThat(alike.get(0)).isCloseTo(Math.sqrt(0.5 + 100), within(1e-9));
        assertThat(CramerRao.bounds(List.of(new double[] {0, 0}, new double[] {1, 1}), 10)
                        .get(0))
                .isInfinite();
    }
}
