package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every way to a match, taken apart again: the line sees what it should, and the power adds up at every joint. */
class LadderTest {
    private static final double F = 145e6;
    private static final double Z0 = 50;
    private static final Section LINE = Section.ideal(Z0, 0.66, 0);
    private static final Section OTHER = Section.ideal(93, 0.84, 0);
    private static final Section LOSSY = new Section(Z0, 0.66, new CableLoss(4, 0.02), 0);

    private static Complex load(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        return new Complex(2 + 300 * random.nextDouble(), 300 * random.nextDouble() - 150);
    }

    private static void matched(Ladder ladder, Complex load) {
        Complex seen = ladder.seen(load, F);
        assertThat(seen.subtract(Z0).norm()).as(ladder.words() + " on " + load).isLessThan(1e-6 * Z0);
        assertThat(ladder.look(load, F).through()).isCloseTo(1, within(1e-9));
    }

    @RepeatedTest(40)
    void threePartsMatchWithAnyQualityThatIsAllowed(RepetitionInfo run) {
        Complex load = load(run);
        double across = 1 / load.reciprocal().getReal();
        for (double more : new double[] {0.01, 1, 8}) {
            double q = PiNetwork.least(Z0, across) + more;
            matched(PiNetwork.of(Z0, load, q).made(x -> Reactor.exact(x, F)), load);
            for (boolean coils : new boolean[] {true, false}) {
                double least = PiNetwork.least(Z0, load.getReal());
                matched(TeeNetwork.of(Z0, load, least + more, coils).made(x -> Reactor.exact(x, F)), load);
            }
        }
        assertThatThrownBy(() -> PiNetwork.of(Z0, load, 0.99 * PiNetwork.least(Z0, across)))
                .hasMessageContaining("ask for more than");
    }

    @RepeatedTest(40)
    void stubsMatchInBothPlaces(RepetitionInfo run) {
        Complex load = load(run);
        List<StubMatch> both = StubMatch.of(load, Z0);
        assertThat(both).hasSize(2);
        for (StubMatch s : both) {
            assertThat(s.distance()).isBetween(0.0, 0.5);
            matched(s.made(LINE, F), load);
            Ladder otherEnd = Ladder.of(
                    new Piece.Along(LINE.cut(s.distance(), F)),
                    new Piece.Stub(LINE.cut(Math.max(s.open(), s.joined()), F), s.open() > s.joined()));
            matched(otherEnd, load);
            assertThat(Math.abs(s.open() - s.joined()))
                    .as("a quarter wave apart")
                    .isCloseTo(0.25, within(1e-9));
        }
        for (DoubleStub s : DoubleStub.of(load, Z0)) {
            matched(s.made(LINE, F), load);
        }
    }

    /** A line's own resistance with a reactance has one of its places at the load. */
    @ParameterizedTest
    @ValueSource(doubles = {-80, -1, 20})
    void theLinesOwnResistanceIsNoSpecialCase(double x) {
        Complex load = new Complex(Z0, x);
        StubMatch.of(load, Z0).forEach(s -> matched(s.made(LINE, F), load));
    }

    @Test
    void whatConductsTwiceAsMuchHasNoTwoStubs() {
        assertThat(DoubleStub.of(new Complex(24.9), Z0)).isEmpty();
        assertThat(DoubleStub.of(new Complex(25.1), Z0)).hasSize(2);
    }

    @RepeatedTest(40)
    void aSectionLetInMatchesWhatItsLineAllows(RepetitionInfo run) {
        Complex load = load(run);
        for (SeriesSection s : SeriesSection.of(load, Z0, 93)) {
            matched(s.made(LINE, OTHER, F), load);
        }
        double most = (93.0 / Z0) * (93.0 / Z0);
        double swr = Mismatch.swr(load, Z0);
        assertThat(SeriesSection.of(load, Z0, 93).isEmpty()).as("SWR " + swr).isEqualTo(swr >= most);
    }

    /** Whatever is on it, watts in are watts in the load and in each piece; back through the same line backwards nothing has changed. */
    @RepeatedTest(40)
    void powerAddsUpAtEveryJoint(RepetitionInfo run) {
        Complex load = load(run);
        Random random = new Random(run.getCurrentRepetition() + 1000);
        Ladder l = Ladder.of(
                new Piece.Along(LOSSY.cut(random.nextDouble(), F)),
                new Piece.Across(Reactor.nearest(300 * random.nextDouble() - 150, F)),
                new Piece.Stub(LOSSY.cut(0.4 * random.nextDouble(), F), random.nextBoolean()),
                new Piece.InRow(Reactor.nearest(300 * random.nextDouble() - 150, F)),
                new Piece.Turns(new Transformer(4)),
                new Piece.Along(LOSSY.cut(random.nextDouble(), F)));
        Ladder.Look at = l.look(load, F).at(100);
        double kept = at.kept().stream().mapToDouble(k -> k).sum();
        assertThat(at.kept()).allMatch(k -> k > -1e-9);
        assertThat(at.kept().get(4)).as("turns keep nothing").isCloseTo(0, within(1e-12));
        assertThat(at.through() + kept).isCloseTo(1, within(1e-9));
        assertThat(at.states().get(6).power()).isCloseTo(100, within(1e-6));
        assertThat(at.states().get(0).power()).isCloseTo(100 * at.through(), within(1e-6));
        for (Piece.State s : at.states()) {
            assertThat(Math.pow(s.amperes().norm(), 2) * s.impedance().getReal())
                    .isCloseTo(s.power(), within(1e-6));
        }
    }

    /** Half a wave shows the load itself, a quarter of it turned over; the same line with its loss agrees with the sum over reflections. */
    @RepeatedTest(20)
    void aLineIsWhatItsReflectionsSay(RepetitionInfo run) {
        Complex load = load(run);
        assertThat(Ladder.of(new Piece.Along(LINE.cut(0.5, F)))
                        .seen(load, F)
                        .subtract(load)
                        .norm())
                .isLessThan(1e-7 * load.norm());
        Section cut = LOSSY.cut(0.37, F);
        Complex told = new LossyLine(Z0, cut.loss().lossDb(cut.metres(), F), 0.37).seen(load);
        Ladder.Look look = Ladder.of(new Piece.Along(cut)).look(load, F);
        assertThat(look.seen().subtract(told).norm()).isLessThan(1e-9 * told.norm());
        double rho = Mismatch.reflection(load, Z0).norm();
        assertThat(-10 * Math.log10(look.through()))
                .isCloseTo(new LossyLine(Z0, cut.loss().lossDb(cut.metres(), F), 0.37).totalLossDb(rho), within(1e-9));
    }

    /** Shortened to what it asks for and with the hairpin across, the line sees itself. */
    @ParameterizedTest
    @ValueSource(doubles = {8, 22, 36, 49})
    void aHairpinAndAShortenedElementMatch(double r) {
        Hairpin h = Hairpin.of(r, Z0, 0.005, 0.06, F);
        Section pin = Section.ideal(h.lineZ(), 1, h.metres());
        matched(Ladder.of(new Piece.Stub(pin, false)), new Complex(r, h.elementX()));
        assertThatThrownBy(() -> Hairpin.of(50, Z0, 0.005, 0.06, F)).hasMessageContaining("quarter-wave");
    }

    /** The rod's line across the raised element, the capacitor in a row: what is told of it is taken apart again. */
    @ParameterizedTest
    @ValueSource(doubles = {12, 25, 40, 70})
    void aGammaRodMatches(double r) {
        GammaRod rod = GammaRod.of(0.012, 0.005, 0.05);
        Complex element = new Complex(r, -12);
        GammaRod.Made made = rod.made(element, Z0, F).orElseThrow();
        Ladder l = Ladder.of(
                new Piece.Turns(new Transformer(2 / rod.stepUp())),
                new Piece.Stub(Section.ideal(rod.lineZ(), 1, made.metres()), false),
                new Piece.InRow(Reactor.exact(made.inRow(), F)));
        matched(l, element);
        assertThat(rod.made(new Complex(5, 0), Z0, F)).as("never raised so far").isEmpty();
    }

    /** Thin wires far apart: 276 times the logarithm (the usual table); nearer than that the table is off. */
    @Test
    void wiresSideBySideAreALine() {
        assertThat(TwoWire.impedance(60, 2, 2)).isCloseTo(276.0 * Math.log10(60), within(0.4));
        assertThat(TwoWire.impedance(60, 5, 3)).isEqualTo(TwoWire.impedance(60, 3, 5));
        assertThatThrownBy(() -> TwoWire.impedance(4, 5, 3)).hasMessageContaining("touch");
    }

    @Test
    void piecesSayWhatTheyAre() {
        assertThat(Ladder.of(
                                new Piece.Along(LINE.cut(0.1, F)),
                                new Piece.Stub(OTHER.cut(0.05, F), true),
                                new Piece.InRow(Reactor.nearest(30, F)))
                        .words())
                .isEqualTo("136.5 mm of 50 Ω, stub 86.8 mm of 93 Ω, end open, 33 nH in a row");
        assertThatThrownBy(() -> Section.ideal(50, 1.2, 1)).hasMessageContaining("factor up to 1");
    }
}
