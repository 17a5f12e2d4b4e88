package veldline.field.aperture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sums over openings against the closed forms there are: to 0.01 dB, and their edges to 0.05°. */
class OpeningTest {
    private static final double C = 299_792_458.0;
    private static final double F = 10e9;
    private static final double WAVE = C / F;

    private static double db(double field) {
        return 20 * Math.log10(Math.abs(field));
    }

    private static double half(java.util.function.DoubleUnaryOperator over) {
        double low = 0;
        double high = Math.PI / 2;
        for (int i = 0; i < 60; i++) {
            double mid = (low + high) / 2;
            if (over.applyAsDouble(mid) > Math.sqrt(0.5)) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return Math.toDegrees(low);
    }

    /** Evenly lit: 2·J1(x) ÷ x (Balanis §12.6.1), through the main lobe, its neighbours and far out, in every plane. */
    @ParameterizedTest
    @CsvSource({"3, 0", "10, 37", "40, 90"})
    void anEvenRoundOpeningIsTheBooks(double waves, double plane) {
        double radius = waves * WAVE / 2;
        RoundOpening.Cut cut = new RoundOpening(radius, 0, WAVE, (x, y) -> Complex.ONE).cut(Math.toRadians(plane));
        double ahead = cut.towards(0).norm();
        double k = 2 * Math.PI / WAVE;
        for (double deg = 0; deg < 89; deg += 0.37) {
            double theta = Math.toRadians(deg);
            double exact = 2 * Bessel.j1Over(k * radius * Math.sin(theta));
            if (db(exact) > -60) {
                assertThat(db(cut.towards(theta).norm() / ahead)).as(deg + "°").isCloseTo(db(exact), within(0.01));
            }
        }
        assertThat(half(t -> cut.towards(t).norm() / ahead))
                .isCloseTo(half(t -> 2 * Bessel.j1Over(k * radius * Math.sin(t))), within(0.005));
    }

    /** TE11 in a tube that does not widen: the mouth's closed forms (Silver §10.3), which the tube's own pattern has. */
    @ParameterizedTest
    @ValueSource(doubles = {0.8, 2, 5})
    void aConeWithoutSlantIsTheMouthOfATube(double waves) {
        double diameter = waves * WAVE;
        RoundOpening opening = new ConicalHorn(diameter, 1e9).opening(F);
        FeedPattern.Tube tube = new FeedPattern.Tube(diameter, F);
        double share = new CircularGuide(diameter).cutoff(CircularGuide.Mode.TE11) / F;
        double b = Math.sqrt(1 - share * share);
        RoundOpening.Cut e = opening.cut(0);
        RoundOpening.Cut h = opening.cut(Math.PI / 2);
        double ahead = e.towards(0).norm();
        assertThat(h.towards(0).norm()).isCloseTo(ahead, within(1e-9 * ahead));
        for (double deg = 0; deg < 88; deg += 0.7) {
            double t = Math.toRadians(deg);
            double leanE = (1 + b * Math.cos(t)) / (1 + b);
            double leanH = (b + Math.cos(t)) / (1 + b);
            near(e.towards(t).norm() / ahead * leanE, tube.e(t), "E " + deg);
            near(h.towards(t).norm() / ahead * leanH, tube.h(t), "H " + deg);
        }
    }

    private static void near(double is, double exact, String where) {
        if (db(exact) > -50) {
            assertThat(db(is)).as(where).isCloseTo(db(exact), within(0.01));
        }
    }

    /** Even: sin x ÷ x. Half a wave of a cosine: cos x ÷ (1 − (2x ÷ π)²) (Balanis §12.5). */
    @Test
    void rectangularOpeningsAreTheBooks() {
        double a = 6 * WAVE;
        double b = 4 * WAVE;
        RectangularOpening o =
                new RectangularOpening(b, a, WAVE, RectangularOpening.Side.even(), RectangularOpening.Side.cosine(a));
        double k = 2 * Math.PI / WAVE;
        for (double deg = 0.3; deg < 89; deg += 0.41) {
            double t = Math.toRadians(deg);
            double x = k * b / 2 * Math.sin(t);
            near(o.inE(t).norm(), Math.sin(x) / x, "E " + deg);
            double y = k * a / 2 * Math.sin(t);
            near(o.inH(t).norm(), Math.cos(y) / (1 - Math.pow(2 * y / Math.PI, 2)), "H " + deg);
        }
        assertThat(half(t -> o.inE(t).norm())).isCloseTo(Math.toDegrees(Math.asin(0.442946 / 4)), within(0.005));
        assertThat(half(t -> o.inH(t).norm())).isCloseTo(Math.toDegrees(Math.asin(0.594447 / 6)), within(0.005));
    }

    /** What goes everywhere is what gain and all its losses say: the pattern's own sum against the split of its power. */
    @ParameterizedTest
    @CsvSource({"8, 0.35", "14, 0.5", "20, 0.42"})
    void aDishsPatternHoldsThePowerItsSplitSays(double waves, double ratio) {
        Paraboloid dish = Paraboloid.ofRatio(waves * WAVE, ratio);
        FeedPattern feed = FeedPattern.Cosine.falling(10, dish.halfAngle());
        LitDish lit = new LitDish(dish, feed, F, 0, 0, 0);
        assertThat(10 * Math.log10(lit.field().directivity(24, 32)))
                .isCloseTo(10 * Math.log10(lit.gain()), within(0.15));
    }

    /** The cosine law by its own closed forms and by the planes' sums. */
    @ParameterizedTest
    @CsvSource({"2, 0.4", "4, 0.35", "7.3, 0.6"})
    void theSplitAgreesWithTheCosineLaws(double n, double ratio) {
        Paraboloid dish = Paraboloid.ofRatio(1, ratio);
        CosineFeed closed = new CosineFeed(dish, n);
        LitDish lit = new LitDish(dish, new FeedPattern.Cosine(n), F, 0, 0, 0);
        assertThat(lit.spillover()).isCloseTo(closed.spillover(), within(1e-4));
        assertThat(lit.taper()).isCloseTo(closed.taper(), within(1e-4));
        assertThat(new FeedPattern.Cosine(n).directivity()).isCloseTo(2 * (n + 1), within(1e-3));
        RoundOpening.Cut cut = lit.opening().cut(0);
        for (double deg : new double[] {0.5, 1, 1.6}) {
            double t = Math.toRadians(deg);
            near(cut.towards(t).norm() / cut.towards(0).norm(), closed.field(t, F), deg + "°");
        }
    }

    /** Shadow: the gain falls by more than its share of the area, and lobes rise. A feed aside squints to the other side, by less than a mirror. */
    @Test
    void aShadowAndAFeedAsideDoWhatTheyShould() {
        Paraboloid dish = Paraboloid.ofRatio(20 * WAVE, 0.4);
        FeedPattern feed = FeedPattern.Cosine.falling(11, dish.halfAngle());
        LitDish clear = new LitDish(dish, feed, F, 0, 0, 0);
        LitDish hidden = new LitDish(dish, feed, F, 3 * WAVE, 0, 0);
        double share = Math.pow(3.0 / 20, 2);
        assertThat(hidden.shadowed()).isBetween(Math.pow(1 - 3 * share, 2), Math.pow(1 - share, 2));
        LitDish aside = new LitDish(dish, feed, F, 0, 1.5 * WAVE, 0);
        double mirror = Math.atan(1.5 / 8);
        assertThat(-aside.squint()).isBetween(0.7 * mirror, mirror);
        assertThat(aside.aimed()).isBetween(0.4, 0.98);
        assertThat(clear.aimed()).isEqualTo(1);
        LitDish ahead = new LitDish(dish, feed, F, 0, 0, 0.5 * WAVE);
        assertThat(ahead.focused()).isBetween(0.3, 0.95);
        assertThat(new LitDish(dish, feed, F, 0, 0, -0.5 * WAVE).focused()).isCloseTo(ahead.focused(), within(1e-9));
        assertThatThrownBy(() -> new LitDish(dish, feed, F, 1, 0, 0)).hasMessageContaining("less than that");
    }

    /** However finely all directions are summed it is the same, for the widest panel too: what it is summed by is enough. */
    @Test
    void aWidePanelsSumHasEnoughDirections() {
        double wave = C / 2437e6;
        PatchField wide =
                new PatchField(wave, 0.45 * wave, 0.5 * wave, 12, 12, 1.2 * wave, 1.2 * wave, 0, 0.3, 0, 1e-2, false);
        double across = 12 * 1.2;
        double usual = wide.directivity(2 + (int) across, 16 + (int) (8 * across));
        assertThat(db2(usual)).isCloseTo(db2(wide.directivity(2 * (int) across, 400)), within(0.01));
    }

    private static double db2(double ratio) {
        return 10 * Math.log10(ratio);
    }

    /** Told from another axis what goes where is the same: the whole of it sums to the same, and turned back it is as before. */
    @Test
    void leaningTheAxisMovesTheBeamAndNothingElse() {
        FarField horn = PyramidalHorn.best(30, F, new RectangularGuide(0.02286, 0.01016))
                .opening(F)
                .field();
        FarField leant = horn.about(0.4);
        assertThat(leant.power(0.4, Math.PI)).isCloseTo(1, within(1e-9));
        assertThat(leant.about(-0.4).power(0.3, 1.1)).isCloseTo(horn.power(0.3, 1.1), within(1e-9));
        assertThat(db2(leant.directivity(24, 64) / leant.power(0.4, Math.PI)))
                .isCloseTo(db2(horn.directivity(24, 64)), within(0.02));
        assertThat(horn.about(0)).isSameAs(horn);
    }

    /** With its feed aside a dish's pattern is told from its beam, and holds the power its split says. */
    @Test
    void aSquintedBeamIsToldFromWhereItPoints() {
        Paraboloid dish = Paraboloid.ofRatio(12 * WAVE, 0.45);
        FeedPattern feed = FeedPattern.Cosine.falling(10, dish.halfAngle());
        LitDish on = new LitDish(dish, feed, F, 0, 0, 0);
        LitDish aside = new LitDish(dish, feed, F, 0, 0.9 * WAVE, 0);
        FarField beam = aside.field();
        assertThat(beam.power(0, 0)).isCloseTo(1, within(0.03));
        for (double phi : new double[] {0, Math.PI / 2, Math.PI, 2.2}) {
            assertThat(beam.power(Math.toRadians(1.5), phi))
                    .as("beside the beam")
                    .isLessThan(beam.power(0, 0));
            double there = beam.power(Math.toRadians(2.5), phi);
            assertThat(db2(there))
                    .as("about as wide as on the axis")
                    .isCloseTo(db2(on.field().power(Math.toRadians(2.5), 0)), within(1.0));
        }
        double split = aside.gain() * aside.aimed();
        assertThat(db2(beam.directivity(24, 96))).isCloseTo(db2(split), within(0.3));
    }

    /** A patch over an endless ground has about 6 to 8 dBi (Balanis §14.2); twice as many in a wide row gain 3 dB. */
    @Test
    void patchesAddUp() {
        Patch p = new Patch(2437e6, 2.2, 1.6e-3);
        double one = 10 * Math.log10(PatchField.one(p, 1e-4).directivity(8, 16));
        assertThat(one).isBetween(6.2, 7.8);
        double wave = C / 2437e6;
        double apart = p.length() + 2 * p.extension();
        double before = one;
        for (int n : new int[] {2, 4, 8}) {
            double g = 10
                    * Math.log10(new PatchField(wave, apart, p.width(), n, 1, 0.8 * wave, 0, 0, 0, 0, 1e-4, false)
                            .directivity(20, 48));
            assertThat(g - before).isBetween(2.3, 3.9);
            before = g;
        }
    }

    /** A mouth's own sum against its closed gain, where it is wide enough that nothing comes round its edge. */
    @ParameterizedTest
    @CsvSource({"4, 1e6", "5, 12", "8, 30"})
    void aConesPatternHoldsItsGain(double waves, double slant) {
        ConicalHorn horn = new ConicalHorn(waves * WAVE, slant * WAVE);
        assertThat(10 * Math.log10(horn.field(F).directivity(24, 32)))
                .isCloseTo(10 * Math.log10(horn.gain(F)), within(0.15));
    }

    @Test
    void aPyramidsPatternHoldsItsGain() {
        PyramidalHorn horn = PyramidalHorn.best(Math.pow(10, 2), F, new RectangularGuide(0.02286, 0.01016));
        assertThat(10 * Math.log10(horn.opening(F).field().directivity(24, 32)))
                .isCloseTo(10 * Math.log10(horn.gain(F)), within(0.15));
    }

    /** Of many waves, four pi times the area over the wave's square, less what a taper leaves; a small one sends less than that counts. */
    @ParameterizedTest
    @CsvSource({"12, 9", "6, 5", "3, 3"})
    void anOpeningsDirectivityComesToThatOfItsArea(double wide, double high) {
        // What an edge keeps from grazing angles falls as one over the side.
        double within = 0.8 / Math.min(wide, high);
        double wave = 299_792_458.0 / F;
        RectangularOpening.Side even = RectangularOpening.Side.even();
        RectangularOpening.Side cosine = RectangularOpening.Side.cosine(wide * wave);
        double area = 4 * Math.PI * wide * high;
        assertThat(10 * Math.log10(new RectangularOpening(high * wave, wide * wave, wave, even, even).directivity()))
                .isCloseTo(10 * Math.log10(area), within(within));
        assertThat(10 * Math.log10(new RectangularOpening(high * wave, wide * wave, wave, even, cosine).directivity()))
                .isCloseTo(10 * Math.log10(area * 8 / (Math.PI * Math.PI)), within(within));
    }

    /** Summed by the table of its sides it is what the plain sum over all directions says. */
    @Test
    void theTableOfSidesLosesNothing() {
        RectangularOpening horn = PyramidalHorn.best(40, F, new RectangularGuide(0.02286, 0.01016))
                .opening(F);
        assertThat(horn.directivity()).isCloseTo(horn.field().directivity(14, 60), within(1e-4 * horn.directivity()));
    }
}
