package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** What is locked stays as it is, whatever the rest is cut to. */
class LockTest {
    private static final double F = 868.3e6;
    private static final YagiShape YAGI = Yagi.forCount(F, 6, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, false);

    static List<WireFamily> families() {
        return Families.wires();
    }

    /** Tuned to another frequency the rest may move, and what is locked does not; free again, it may too. */
    @ParameterizedTest
    @MethodSource("families")
    void aLockedMeasureOutlastsCuttingToResonance(WireFamily family) {
        Design d = family.begun(new Family.Wish(F, 0.6, 3e-3, Metal.ALUMINIUM, false));
        int first = d.of().measures()
                .indexOf(d.of().measures().stream()
                        .filter(Measure::isLength)
                        .findFirst()
                        .orElseThrow());
        for (int i : Stream.of(first, family.trimmed()).distinct().toList()) {
            Design locked = new DesignChange.Lock(i, true).applyTo(d);
            assertThat(locked.tuned(0.94 * F).sizes().get(i))
                    .as(d.of().measures().get(i).name())
                    .isEqualTo(d.sizes().get(i));
            assertThat(new DesignChange.Lock(i, false).applyTo(locked)).isEqualTo(d);
        }
    }

    @Test
    void scalingGoesAroundWhatIsLocked() {
        Design d = Families.wires("quad").begun(new Family.Wish(F, 0.6, 3e-3, Metal.COPPER, false));
        Design larger = d.withLock(1, true).scaled(1.1);
        assertThat(larger.size(1)).isEqualTo(d.size(1));
        assertThat(larger.size(2)).isGreaterThan(1.09 * d.size(2));
    }

    static List<ApertureFamily> openings() {
        return Families.apertures();
    }

    /** Cut for another frequency, or made for another gain, what is locked stays, or the sentence says what would have to move. */
    @ParameterizedTest
    @MethodSource("openings")
    void aLockedMeasureOfAnOpeningStays(ApertureFamily family) {
        ApertureDesign d = family.design(new Family.Wish(2437e6, 0.6, 3e-3, Metal.COPPER, false));
        ApertureDesign free = family.tuned(d, 0.97 * 2437e6);
        for (int i = 0; i < d.sizes().size(); i++) {
            ApertureDesign locked = new OpeningChange.Lock(i, true).applyTo(d);
            assertThat(family.tuned(locked, 0.97 * 2437e6).sizes().get(i))
                    .isEqualTo(d.sizes().get(i));
            assertThat(new OpeningChange.Lock(i, false).applyTo(locked)).isEqualTo(d);
            assertThat(new OpeningChange.Stands(true).applyTo(locked).locked()).containsExactly(i);
            assertThat(new OpeningChange.Made(Metal.BRASS).applyTo(locked).locked())
                    .containsExactly(i);
        }
        assertThat(free.equals(d)).as("tunes").isNotEqualTo(family.tunes());
        if (family.madeForGain()) {
            ApertureDesign made = family.forGain(d, 2437e6, 17);
            int moved = IntStream.range(0, d.sizes().size())
                    .filter(i -> !made.sizes().get(i).equals(d.sizes().get(i)))
                    .findFirst()
                    .orElseThrow();
            assertThatThrownBy(() -> family.forGain(new OpeningChange.Lock(moved, true).applyTo(d), 2437e6, 17))
                    .hasMessageContaining(family.measures().get(moved).name())
                    .hasMessageContaining("set it free");
        }
    }

    static List<YagiChange> shapes() {
        return List.of(
                new YagiChange.Count(F, 9),
                new YagiChange.BoomLength(F, Quantity.of("600", Unit.MM)),
                new YagiChange.Diameter(F, Quantity.of("6", Unit.MM)),
                new YagiChange.School(F, YagiSchool.TABLE),
                new YagiChange.Take(Yagi.forCount(F, 5, Quantity.of("4", Unit.MM), Metal.BRASS, false), "another"));
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void aLockedElementOutlastsANewShape(YagiChange shape) {
        YagiShape locked = new YagiChange.Lock(2, true)
                .applyTo(new YagiChange.ElementLength(2, Quantity.of("141.7", Unit.MM)).applyTo(YAGI));
        YagiShape next = shape.applyTo(locked);
        assertThat(next.elements().get(2).length()).isEqualTo(Quantity.of("141.7", Unit.MM));
        assertThat(next.locked()).containsExactly(2);
    }

    @Test
    void whatIsNotThereIsNotLocked() {
        assertThat(YAGI.withLocked(java.util.Set.of(2, 17, -1)).locked()).containsExactly(2);
        Design d = Families.wires("dipole").begun(new Family.Wish(F, 0.6, 3e-3, Metal.COPPER, false));
        assertThat(d.withLocked(java.util.Set.of(0, 99)).locked()).containsExactly(0);
    }

    @Test
    void anElementThatIsGoneIsLockedNoMore() {
        YagiShape locked = new YagiChange.Lock(5, true).applyTo(YAGI);
        assertThat(new YagiChange.Count(F, 4).applyTo(locked).locked()).isEmpty();
    }
}
