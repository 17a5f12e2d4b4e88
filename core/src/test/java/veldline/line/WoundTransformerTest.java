package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.stock.Ferrite;
import veldline.stock.Ring;

/** Turns on a ring against Faraday's law, against an ideal transformer, and against what a ring can bear. */
class WoundTransformerTest {
    private static final Ring LARGE = new Ring(Ferrite.NICKEL_ZINC_800, 0.061, 0.0356, 0.0127);

    private static WoundTransformer best(double ohms, double frequency) {
        return WoundTransformer.of(new Complex(ohms), 50, frequency, Optional.empty())
                .orElseThrow();
    }

    private static double swr(WoundTransformer t, Complex load, double frequency) {
        return Mismatch.swr(t.plan(load, 50, frequency).ladder().seen(load, frequency), 50);
    }

    /** The ratio is that of the turns squared, and what it is wound for is matched by it over the whole of short wave. */
    @ParameterizedTest
    @CsvSource({
        "200, 3.6e6",
        "200, 28e6",
        "450, 7.1e6",
        "800, 14.2e6",
        "2450, 7.1e6",
        "2450, 14.2e6",
        "3200, 3.6e6",
        "12.5, 7.1e6"
    })
    void eachLoadGetsItsRatio(double ohms, double frequency) {
        WoundTransformer t = best(ohms, frequency);
        assertThat(t.ratio()).isBetween(ohms / 50 / 1.6, ohms / 50 * 1.6);
        assertThat(swr(t, new Complex(ohms), frequency)).isLessThan(2);
        assertThat(t.plan(new Complex(ohms), 50, frequency).loss(50, frequency)).isBetween(0.0, 1.5);
    }

    /** With a core that is hardly there for it, it is the ideal one with what leaks in a row, which is taken out again here. */
    @Test
    void aCoreThatStoresLittleLeavesTheRatioAndTheLeak() {
        WoundTransformer t = new WoundTransformer(LARGE, 1, 2, 6);
        Complex load = new Complex(420, -60);
        Piece.State after = t.after(new Piece.State(load, Complex.ONE), 7e6, 1e9);
        Complex leak = after.impedance().subtract(load.divide(9));
        assertThat(t.ratio()).isEqualTo(9);
        assertThat(leak.getImaginary()).isPositive().isLessThan(12);
        assertThat(leak.getReal()).isCloseTo(leak.getImaginary() / 100, within(1e-4));
        WoundTransformer down = new WoundTransformer(LARGE, 1, 6, 2);
        Complex low = new Complex(6);
        Complex row = down.after(new Piece.State(low, Complex.ONE), 7e6, 1e9)
                .impedance()
                .subtract(low.multiply(9));
        assertThat(row.getImaginary()).as("nine times the same").isCloseTo(9 * leak.getImaginary(), within(1e-3));
    }

    /** What is lost is what the core keeps: conductance times volts squared, and the leak's wire. */
    @Test
    void heatIsWhatTheLadderMisses() {
        double f = 7.1e6;
        Complex load = new Complex(2450);
        MatchWay.Plan plan = best(2450, f).plan(load, 50, f);
        WoundTransformer t = ((Piece.Wound) plan.ladder().pieces().get(0)).of();
        Ladder.Look look = plan.ladder().look(load, f).at(100);
        double heat = t.heat(look.states().get(1).volts().norm(), f).value();
        assertThat(100 * look.kept().get(0)).isBetween(heat, heat + 1.5);
        assertThat(heat).isBetween(0.5, 20.0);
        double most = t.most(50, f).value();
        assertThat(t.heat(Math.sqrt(most * 50), f).value())
                .as("at the power it takes")
                .isCloseTo(t.ring().gives(), within(1e-6));
    }

    /** 100 W on 50 Ω are 70.7 V: over 2π · 7 MHz · 2 turns · 161 mm² that is 7 mT. */
    @Test
    void fluxIsFaradaysLaw() {
        WoundTransformer t = new WoundTransformer(LARGE, 1, 2, 14);
        assertThat(LARGE.area()).isCloseTo(161.29e-6, within(1e-9));
        assertThat(t.flux(Math.sqrt(5000), 7e6).value()).isCloseTo(7.05e-3, within(1e-5));
        assertThat(t.flux(Math.sqrt(5000), 14e6).value())
                .isCloseTo(t.flux(Math.sqrt(5000), 7e6).value() / 2, within(1e-9));
    }

    /** A textbook ring: permeability 800 gives about a microhenry a turn squared, and 14 turns 0.2 mH. */
    @Test
    void aRingIsASolenoidBentRound() {
        assertThat(800 * LARGE.turn()).isCloseTo(1.094e-6, within(2e-9));
        assertThat(LARGE.stacked(2).turn()).isCloseTo(2 * LARGE.turn(), within(1e-15));
        assertThat(LARGE.wound(14, 1e4).getImaginary() / (2 * Math.PI * 1e4)).isCloseTo(214e-6, within(1e-6));
        assertThat(LARGE.wound(6, 7e6).norm()).isCloseTo(9 * LARGE.wound(2, 7e6).norm(), within(1e-6));
        assertThat(LARGE.room(0.0016)).isBetween(50, 65);
        assertThat(LARGE.gives()).as("3 to 4 W and it is hot").isBetween(3.0, 4.0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {60e6, 145e6, 2437e6})
    void noRingServesAboveShortWave(double frequency) {
        assertThat(WoundTransformer.of(new Complex(200), 50, frequency, Optional.empty()))
                .isEmpty();
    }

    /** As sold for wires fed at an end, each by its own number; the one chosen by the resistance is never worse by more than is told alike. */
    @Test
    void byTheSolvedResistanceNoneIsBetter() {
        double f = 7.1e6;
        for (double ohms : new double[] {1500, 2450, 3200, 4500}) {
            Complex load = new Complex(ohms, -200);
            double free = MatchWay.WOUND.plan(load, 50, f).orElseThrow().loss(50, f);
            for (MatchWay way : new MatchWay[] {MatchWay.WOUND_49, MatchWay.WOUND_64}) {
                MatchWay.Plan plan = way.plan(load, 50, f).orElseThrow();
                assertThat(free).isLessThan(plan.loss(50, f) + 0.26);
                assertThat(((Piece.Wound) plan.ladder().pieces().get(0)).of().ratio())
                        .isEqualTo(way == MatchWay.WOUND_49 ? 49 : 64);
            }
        }
        assertThat(MatchWay.WOUND_49.plan(new Complex(200), 50, f)).isEmpty();
    }

    /** Half a wave turns a voltage over: four to one at its frequency, balanced, and away from it as a line of that length does. */
    @Test
    void aLoopOfHalfAWaveIsFourToOne() {
        double f = 145e6;
        Section half = Section.ideal(50, 0.66, 0).cut(0.5, f);
        Complex load = new Complex(212, 31);
        Complex seen = new Piece.Loop(half)
                .after(new Piece.State(load, Complex.ONE), f)
                .impedance();
        assertThat(seen.subtract(load.divide(4)).norm()).isLessThan(1e-9);
        // Three half waves do as well; away from them neither is four to one.
        Complex thrice = new Piece.Loop(half)
                .after(new Piece.State(load, Complex.ONE), 3 * f)
                .impedance();
        assertThat(thrice.subtract(load.divide(4)).norm()).isLessThan(1e-6);
        Complex off = new Piece.Loop(half)
                .after(new Piece.State(load, Complex.ONE), 1.1 * f)
                .impedance();
        assertThat(off.subtract(load.divide(4)).norm()).isGreaterThan(1);
        Section lossy = new Section(50, 0.66, new CableLoss(1.31, 0.0095), half.metres());
        Ladder.Look look = Ladder.of(new Piece.Loop(lossy)).look(load, f);
        assertThat(look.through()).isBetween(0.97, 0.9999);
    }
}
