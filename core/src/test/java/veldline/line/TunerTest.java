package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A tuner anywhere along a cable: the set sees its own impedance, every watt is accounted for, and cable behind it costs more. */
class TunerTest {
    private static final double F = 3.66e6;
    private static final Section CABLE = new Section(50, 0.66, new CableLoss(1.31, 0.0095), 25);

    /** The circuit is worked out with parts that lose, so that the match is a few percent off. */
    @RepeatedTest(30)
    void theSetIsMatchedAndThePowerAddsUp(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Complex load = new Complex(5 + 400 * random.nextDouble(), 800 * random.nextDouble() - 400);
        double share = random.nextDouble();
        Tuner t = Tuner.at(load, CABLE, share, F);
        Ladder.Look look = t.ladder().look(load, F).at(100);
        assertThat(Mismatch.swr(look.seen(), 50)).isLessThan(1.6);
        assertThat(look.through() + look.kept().stream().mapToDouble(k -> k).sum())
                .isCloseTo(1, within(1e-9));
        assertThat(look.kept()).allMatch(k -> k > -1e-9);
        assertThat(t.behind().metres() + t.before().metres()).isCloseTo(25, within(1e-9));
        assertThat(t.loss(load, F).value()).isCloseTo(-10 * Math.log10(look.through()), within(1e-12));
    }

    /** At the antenna the whole cable is matched; at the set all of it carries the waves, which never costs less. */
    @ParameterizedTest
    @ValueSource(doubles = {10, 25, 120, 600})
    void cableBehindItCostsMore(double ohms) {
        Complex load = new Complex(ohms, 80);
        Tuner there = Tuner.at(load, CABLE, 0, F);
        Tuner here = Tuner.at(load, CABLE, 1, F);
        double matched = CABLE.loss().lossDb(25, F);
        double network = -10 * Math.log10(1 - share(there, load));
        assertThat(there.loss(load, F).value()).isCloseTo(matched + network, within(0.06));
        double standing = new LossyLine(50, matched, CABLE.metres() * F / (0.66 * 299_792_458.0))
                .totalLossDb(Mismatch.reflection(load, 50).norm());
        assertThat(here.loss(load, F).value()).isGreaterThan(standing).isLessThan(standing + 0.5);
        assertThat(standing).isGreaterThan(matched);
    }

    private static double share(Tuner t, Complex load) {
        Ladder.Look look = t.ladder().look(load, F);
        double before = look.kept().get(3);
        return (look.kept().get(1) + look.kept().get(2)) / (1 - before);
    }

    /** A cable without loss may stand in waves as it likes: only the tuner's own parts cost, at either end. */
    @Test
    void withoutLossThePlaceIsFree() {
        Complex load = new Complex(30, -40);
        Section ideal = Section.ideal(50, 0.66, 25);
        for (double share : new double[] {0, 0.3, 1}) {
            assertThat(Tuner.at(load, ideal, share, F).loss(load, F).value()).isBetween(0.0, 0.1);
        }
        double swr = Mismatch.swr(load, 50);
        assertThat(Tuner.untuned(load, ideal, F).value())
                .isCloseTo(-10 * Math.log10(4 * swr / ((1 + swr) * (1 + swr))), within(1e-9));
    }
}
