package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Gain beside a known antenna: drift and receivers are counted out, and the doubt holds the truth as often as it says. */
class SubstitutionTest {
    private static final double TRUE_OVER = 7.3;

    /** K U K U … K, each read by one receiver or by both in turn. */
    private static SideBySide read(int rounds, double drift, double second, double noise, long seed) {
        Random random = new Random(seed);
        List<SideReading> all = new ArrayList<>();
        int count = 2 * rounds + 1;
        for (int i = 0; i < count; i++) {
            boolean known = i % 2 == 0;
            boolean other = second != 0 && (i / 2) % 2 == 1;
            double level = -62 + (known ? 0 : TRUE_OVER) + drift * i / (count - 1.0) + (other ? second : 0);
            all.add(new SideReading(known, other, Quantity.shown(level + noise * random.nextGaussian(), Unit.DBM, 2)));
        }
        return new SideBySide(Quantity.of("2.15", Unit.DBI), Quantity.of("0", Unit.DB), all);
    }

    @Test
    void driftIsNotTakenForGain() {
        Substitution s = Substitution.of(read(6, 5, 0, 0.01, 1), 0.95).orElseThrow();
        assertThat(s.gain().value()).isCloseTo(2.15 + TRUE_OVER, within(0.05));
        assertThat(s.drift().orElseThrow()).isCloseTo(5, within(0.1));
        assertThat(s.receivers()).isEmpty();
    }

    @Test
    void aReceiverThatReadsHighIsCountedOutOnceRolesAreSwapped() {
        Substitution s = Substitution.of(read(8, 0.5, 3, 0.01, 1), 0.95).orElseThrow();
        assertThat(s.gain().value()).isCloseTo(2.15 + TRUE_OVER, within(0.05));
        assertThat(s.receivers().orElseThrow()).isCloseTo(3, within(0.05));
    }

    @Test
    void withoutSwappedRolesThereIsNoGain() {
        SideBySide sides = read(6, 0, 0, 0.1, 1);
        List<SideReading> unswapped = sides.readings().stream()
                .map(r -> new SideReading(r.known(), !r.known(), r.level()))
                .toList();
        assertThat(Substitution.of(sides.withReadings(unswapped), 0.95)).isEmpty();
    }

    @Test
    void withoutAControlAfterDriftIsNotTold() {
        SideBySide sides = read(6, 0, 0, 0.1, 1);
        SideBySide cut = sides.withReadings(sides.readings().subList(0, 12));
        assertThat(Substitution.of(cut, 0.95).orElseThrow().drift()).isEmpty();
        assertThat(Substitution.of(sides.withReadings(sides.readings().subList(0, 4)), 0.95))
                .isEmpty();
    }

    @Test
    void theDoubtHoldsTheTruthAsOftenAsItSays() {
        int runs = 2000;
        int held = 0;
        for (int seed = 0; seed < runs; seed++) {
            Substitution s = Substitution.of(read(6, 1, 0, 0.8, seed), 0.95).orElseThrow();
            held += Math.abs(s.gain().value() - 2.15 - TRUE_OVER)
                            <= s.gain().doubt().orElseThrow()
                    ? 1
                    : 0;
        }
        assertThat(held / (double) runs).isBetween(0.93, 0.97);
    }

    @Test
    void whatTheKnownOneIsGoodToIsPartOfTheDoubt() {
        SideBySide sure = read(6, 0, 0, 0.2, 4);
        double a = Substitution.of(sure, 0.95).orElseThrow().gain().doubt().orElseThrow();
        double b = Substitution.of(sure.withDoubt(Quantity.of("2", Unit.DB)), 0.95)
                .orElseThrow()
                .gain()
                .doubt()
                .orElseThrow();
        assertThat(b).isCloseTo(Math.hypot(a, 2), within(1e-9));
    }

    @Test
    void whatIsTypedIsReadAndToldAgain() {
        List<SideReading> read =
                SideReading.read("k -61, u −55.5, u2 -56; K2 -62").orElseThrow();
        assertThat(read).hasSize(4);
        assertThat(read.get(2)).isEqualTo(new SideReading(false, true, Quantity.of("-56", Unit.DBM)));
        assertThat(SideReading.read(SideReading.of(read))).contains(read);
        assertThat(SideReading.read("x -61")).isEmpty();
        assertThat(SideReading.read("")).contains(List.of());
    }
}
