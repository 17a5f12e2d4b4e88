package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class DiagnosisTest {
    private static final List<Symptom> ALL = List.of(Symptom.values());

    private static Observed seen(Symptom symptom, double value) {
        return new Observed(symptom, Quantity.shown(value, Unit.DB, 2));
    }

    /** Before anything was measured the order is that in which causes are looked at, and shares are a hundred together. */
    @Test
    void nothingMeasuredLeavesTheWeights() {
        Diagnosis d = Diagnosis.of(List.of(), ALL);
        assertThat(d.ranked().stream().mapToDouble(r -> r.share().value()).sum())
                .isCloseTo(100, within(1e-9));
        double all = 0;
        for (Cause c : Cause.values()) {
            all += c.weight();
        }
        for (Diagnosis.Ranked r : d.ranked()) {
            assertThat(r.share().value()).isCloseTo(100 * r.cause().weight() / all, within(1e-9));
        }
        assertThat(d.tells()).isFalse();
        assertThat(d.next()).isPresent();
    }

    /** Bayes' rule by hand: one symptom that only the feeder touches. */
    @Test
    void oneSymptomIsWeighedAsByHand() {
        double value = 2;
        double sum = 0;
        double feeder = 0;
        for (Cause c : Cause.values()) {
            for (double size : c.sizes()) {
                double z = (value - (c == Cause.FEEDER ? size : 0)) / 0.4;
                double like = 0.98 * Math.exp(-z * z / 2) / (0.4 * Math.sqrt(2 * Math.PI)) + 0.02 / 30;
                double weight = c.weight() / c.sizes().size() * like;
                sum += weight;
                feeder += c == Cause.FEEDER ? weight : 0;
            }
        }
        Diagnosis.Ranked first =
                Diagnosis.of(List.of(seen(Symptom.RUN, value)), ALL).ranked().get(0);
        assertThat(first.cause()).isEqualTo(Cause.FEEDER);
        assertThat(first.share().value()).isCloseTo(100 * feeder / sum, within(1e-9));
        assertThat(first.size()).isCloseTo(2, within(0.2));
    }

    @Test
    void theOrderInWhichTestsWereMadeDoesNotMatter() {
        List<Observed> some = List.of(seen(Symptom.LEVEL, -5), seen(Symptom.TURN, -13), seen(Symptom.SWING, 4));
        List<Observed> turned = new ArrayList<>(some);
        java.util.Collections.reverse(turned);
        List<Diagnosis.Ranked> one = Diagnosis.of(some, ALL).ranked();
        List<Diagnosis.Ranked> other = Diagnosis.of(turned, ALL).ranked();
        for (int i = 0; i < one.size(); i++) {
            assertThat(other.get(i).cause()).isEqualTo(one.get(i).cause());
            assertThat(other.get(i).share().value())
                    .isCloseTo(one.get(i).share().value(), within(1e-9));
        }
    }

    /** What every test would show of a cause stands out as that cause. */
    @ParameterizedTest
    @EnumSource(Cause.class)
    void whatACauseShowsIsToldAsIt(Cause cause) {
        double size = cause.sizes().get(cause.sizes().size() - 1);
        List<Observed> all =
                ALL.stream().map(s -> seen(s, cause.shown(s, size))).toList();
        Diagnosis d = Diagnosis.of(all, ALL);
        assertThat(d.ranked().get(0).cause()).isEqualTo(cause);
        assertThat(d.tells()).isTrue();
        assertThat(d.next()).isEmpty();
    }

    /** Aim, cable, power, gain: a level alone cannot tell them, and it says so and names a test that can. */
    @Test
    void aLevelAloneCannotTell() {
        Diagnosis d = Diagnosis.of(List.of(seen(Symptom.LEVEL, -4)), ALL);
        assertThat(d.tells()).isFalse();
        assertThat(d.next()).isPresent();
        assertThat(d.ranked().stream()
                        .filter(r -> r.cause() == Cause.BACKHAUL)
                        .findFirst()
                        .orElseThrow()
                        .share()
                        .value())
                .as("which takes nothing from the level")
                .isLessThan(3);
        assertThat(Diagnosis.of(List.of(seen(Symptom.LEVEL, -4)), List.of(Symptom.LEVEL))
                        .next())
                .as("nothing left to test")
                .isEmpty();
    }

    /** One test gone wrong altogether does not rule a cause out that three others show. */
    @Test
    void oneBlunderDoesNotDecide() {
        Diagnosis d = Diagnosis.of(
                List.of(
                        seen(Symptom.LEVEL, -15),
                        seen(Symptom.TURN, 15),
                        seen(Symptom.RUN, 0),
                        seen(Symptom.READ_BACK, 25)),
                ALL);
        assertThat(d.ranked().get(0).cause()).isEqualTo(Cause.POLARIZATION);
    }
}
