package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well19937c;
import org.junit.jupiter.api.Test;
import veldline.antenna.Yagi;
import veldline.antenna.YagiDimension;
import veldline.antenna.YagiShape;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.line.Mismatch;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class ToleranceFiguresTest {
    private static final double F = 2437e6;
    private static final YagiShape YAGI = Yagi.forCount(F, 6, Quantity.of("1.6", Unit.MM), Metal.ALUMINIUM, false);
    private static final ToleranceFigures FIGURES = ToleranceFigures.of(
                    new ToleranceFigures.Input(YAGI, F, 50), () -> true)
            .orElseThrow();

    private static double swr(YagiShape yagi) {
        Complex z = new FieldSolver(yagi.model(), MeshRule.standard(F), () -> true)
                .at(F)
                .impedances()
                .get(0);
        return Mismatch.swr(z, 50);
    }

    @Test
    void anElementOffByItsToleranceBringsTheSwrToTheLimit() {
        assertThat(swr(YAGI)).isLessThan(FIGURES.swr());
        // The driven element decides most, and its slope is straight enough that the worse way meets the limit.
        YagiDimension driven = new YagiDimension(1, true);
        double off = FIGURES.lengths().get(1).value() / 1000;
        double longer = swr(driven.set(YAGI, driven.value(YAGI) + off));
        double shorter = swr(driven.set(YAGI, driven.value(YAGI) - off));
        assertThat(Math.max(longer, shorter)).isCloseTo(FIGURES.swr(), within(0.12));
    }

    @Test
    void everyMeasureHasOneButTheReflectorsPlace() {
        assertThat(FIGURES.lengths()).hasSize(6);
        assertThat(FIGURES.places()).hasSize(6);
        assertThat(FIGURES.places().get(0)).isEmpty();
        assertThat(FIGURES.places().subList(1, 6)).allMatch(Optional::isPresent);
        assertThat(FIGURES.lengths()).allSatisfy(t -> assertThat(t.value()).isPositive());
    }

    @Test
    void asManyKeepItAsAreCountedByWholeSolutions() {
        RandomGenerator random = new Well19937c(3);
        List<YagiDimension> all = YagiDimension.of(YAGI);
        int drawn = 150;
        long kept = IntStream.range(0, drawn)
                .filter(i -> {
                    YagiShape made = YAGI;
                    for (YagiDimension d : all) {
                        double off = (2 * random.nextDouble() - 1) * ToleranceFigures.BY_HAND;
                        made = d.set(made, d.value(YAGI) + off);
                    }
                    return swr(made) < FIGURES.swr();
                })
                .count();
        // Three standard deviations of a count of 150.
        assertThat(FIGURES.kept().value()).isCloseTo(100.0 * kept / drawn, within(12.0));
    }

    @Test
    void whereTheSwrIsOverEveryLimitThereIsNothingToKeep() {
        YagiDimension driven = new YagiDimension(1, true);
        YagiShape far = driven.set(YAGI, 0.09);
        assertThat(ToleranceFigures.of(new ToleranceFigures.Input(far, F, 50), () -> true))
                .isEmpty();
    }
}
