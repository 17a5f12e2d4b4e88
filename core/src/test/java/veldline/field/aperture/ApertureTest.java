package veldline.field.aperture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.field.aperture.CircularGuide.Mode;

/** Guides, dishes, horns and patches against closed forms, limits and each other. */
class ApertureTest {
    private static final double C = 299_792_458.0;
    private static final double F = 10e9;
    private static final double WAVE = C / F;

    private static double db(double ratio) {
        return 10 * Math.log10(ratio);
    }

    /** The wall lets J1's slope, J0, J2's slope and J1 be nothing there. */
    @Test
    void rootsAreZerosOfTheirFunctions() {
        assertThat(Bessel.j1Slope(Mode.TE11.root())).isCloseTo(0, within(1e-10));
        assertThat(Bessel.j0(Mode.TM01.root())).isCloseTo(0, within(1e-10));
        assertThat(Bessel.j1(Mode.TE01.root())).isCloseTo(0, within(1e-10));
        double x = Mode.TE21.root();
        double j2 = 2 * Bessel.j1(x) / x - Bessel.j0(x);
        assertThat(Bessel.j1(x) - 2 * j2 / x).as("slope of J2").isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(Mode.class)
    void farOverItsCutoffAGuideIsTheOpenAndAtItEndless(Mode mode) {
        CircularGuide g = new CircularGuide(0.1);
        double cut = g.cutoff(mode);
        assertThat(g.wavelength(mode, 50 * cut).orElseThrow()).isCloseTo(C / (50 * cut), within(1e-5));
        assertThat(g.wavelength(mode, 1.000001 * cut).orElseThrow()).isGreaterThan(500 * C / cut);
        assertThat(g.wavelength(mode, 0.999 * cut)).isEmpty();
        assertThat(g.carries(mode, cut)).isFalse();
    }

    @Test
    void onlyATubeBetweenTheTwoCarriesOneMode() {
        double f = 2437e6;
        double least = CircularGuide.narrowest(f, 1);
        double most = CircularGuide.widest(f);
        for (int i = 1; i < 20; i++) {
            double d = least + (most - least) * i / 20;
            assertThat(new CircularGuide(d).single(f)).isTrue();
        }
        assertThat(new CircularGuide(0.999 * least).single(f)).isFalse();
        assertThat(new CircularGuide(1.001 * most).single(f)).isFalse();
        assertThat(most / least).isCloseTo(1.306, within(0.001));
    }

    /** Group and phase velocity of any guide multiply to that of light squared. */
    @ParameterizedTest
    @ValueSource(doubles = {1.05, 1.3, 2, 5})
    void energyTravelsAsMuchSlowerAsTheCrestsTravelFaster(double times) {
        RectangularGuide g = new RectangularGuide(0.02286, 0.01016);
        double f = times * g.cutoff(1, 0);
        double d = 1e-6 * f;
        double beta = 2 * Math.PI / g.wavelength(f).orElseThrow();
        double next = 2 * Math.PI / g.wavelength(f + d).orElseThrow();
        double group = 2 * Math.PI * d / (next - beta);
        double phase = 2 * Math.PI * f / beta;
        assertThat(group * phase / (C * C)).isCloseTo(1, within(1e-4));
        assertThat(g.attenuation(f)).isEmpty();
    }

    @Test
    void underItsCutoffAWaveFadesByTheMetre() {
        RectangularGuide g = new RectangularGuide(0.02286, 0.01016);
        double far = g.attenuation(1e6).orElseThrow();
        assertThat(far)
                .as("2·π·8.686 ÷ twice the width")
                .isCloseTo(20 / Math.log(10) * Math.PI / 0.02286, within(1e-3 * far));
        assertThat(g.attenuation(6e9).orElseThrow()).isLessThan(far);
        assertThatThrownBy(() -> new RectangularGuide(0, 1)).hasMessageContaining("over zero");
    }

    /** Every ray from the focus to the dish and on to the plane of the rim is as long. */
    @ParameterizedTest
    @CsvSource({"0.6, 0.4", "1.2, 0.25", "3, 0.6", "1, 0.2"})
    void allWaysOverADishAreAlike(double diameter, double ratio) {
        Paraboloid p = Paraboloid.ofRatio(diameter, ratio);
        for (double share = 0; share <= 1; share += 0.1) {
            double angle = share * p.halfAngle();
            double r = p.radius(angle);
            double out = 2 * p.focalLength() / (1 + Math.cos(angle));
            double depth = r * r / (4 * p.focalLength());
            assertThat(out + p.depth() - depth).isCloseTo(p.focalLength() + p.depth(), within(1e-9));
        }
        assertThat(p.radius(p.halfAngle())).isCloseTo(diameter / 2, within(1e-9));
        assertThat(Paraboloid.ofDepth(diameter, p.depth()).focalLength()).isCloseTo(p.focalLength(), within(1e-9));
        assertThat(p.rimDistance()).isCloseTo(2 * p.focalLength() / (1 + Math.cos(p.halfAngle())), within(1e-9));
    }

    /** Balanis §15.4, closed for n = 2: 24·(sin²(t÷2) + ln cos(t÷2))²·cot²(t÷2). */
    @ParameterizedTest
    @ValueSource(doubles = {0.3, 0.4, 0.5, 0.8})
    void theSplitOfATwoFoldCosineIsTheClosedOne(double ratio) {
        CosineFeed lit = new CosineFeed(Paraboloid.ofRatio(1, ratio), 2);
        double t = lit.dish().halfAngle() / 2;
        double closed = 24 * Math.pow((Math.pow(Math.sin(t), 2) + Math.log(Math.cos(t))) / Math.tan(t), 2);
        assertThat(lit.illumination()).isCloseTo(closed, within(1e-9));
        assertThat(lit.illumination()).isLessThan(lit.spillover());
        assertThat(lit.taper()).isBetween(0.0, 1.0);
    }

    /** Between a feed that lights the rim too little and one that lights past it lies the best, 10 to 13 dB down at the edge. */
    @Test
    void aBestFeedLeavesTheRimTenDecibelsDown() {
        double best = 0;
        double edge = 0;
        for (double n = 0.5; n < 12; n += 0.1) {
            CosineFeed lit = new CosineFeed(Paraboloid.ofRatio(1, 0.45), n);
            if (lit.illumination() > best) {
                best = lit.illumination();
                edge = lit.edgeDb();
            }
        }
        assertThat(best).isBetween(0.80, 0.84);
        assertThat(edge).isBetween(-13.0, -9.0);
    }

    /** Long and shallow it is all but evenly lit: 58.9 waves over the diameter (Balanis, table 12.1), first lobe 17.6 dB down. */
    @Test
    void anEvenlyLitRoundOpeningHasItsBookWidthAndLobe() {
        CosineFeed even = new CosineFeed(Paraboloid.ofRatio(2, 60), 0);
        assertThat(Math.toDegrees(even.width(F))).isCloseTo(58.95 * WAVE / 2, within(0.003));
        double most = 0;
        for (double a = 1.25; a < 1.75; a += 0.005) {
            most = Math.max(most, Math.abs(even.field(Math.toRadians(a * WAVE / 2 * 180 / Math.PI), F)));
        }
        assertThat(20 * Math.log10(most)).isCloseTo(-17.57, within(0.02));
        assertThat(even.field(Math.asin(3.831_706 * WAVE / (Math.PI * 2)), F)).isCloseTo(0, within(1e-4));
    }

    @Test
    void roughnessTakesByItsSquare() {
        assertThat(CosineFeed.ruzeDb(WAVE / 16, F)).isCloseTo(2.68, within(0.01));
        assertThat(CosineFeed.ruzeDb(WAVE / 32, F)).isCloseTo(2.68 / 4, within(0.01));
        assertThat(CosineFeed.ruzeDb(0, F)).isZero();
    }

    /** Without phase the opening of a guide has 8 ÷ π² of its area. */
    @Test
    void aLongHornIsItsOpening() {
        PyramidalHorn h = new PyramidalHorn(0.2, 0.15, 1000, 1000);
        assertThat(h.efficiency(F)).isCloseTo(8 / (Math.PI * Math.PI), within(1e-5));
        ConicalHorn cone = new ConicalHorn(0.12, 1000);
        assertThat(cone.gain(F) / Math.pow(Math.PI * 0.12 / WAVE, 2))
                .as("TE11: 0.8366 of the opening")
                .isCloseTo(0.8366, within(1e-3));
    }

    /** The best horn has a quarter of a wave of phase at its E edges and three eighths at its H edges. */
    @ParameterizedTest
    @CsvSource({"15, 5.8e9, 0.04039, 0.02019", "20, 10e9, 0.02286, 0.01016", "24, 10e9, 0.02286, 0.01016"})
    void aBestHornGainsWhatWasAsked(double dbi, double frequency, double a, double b) {
        RectangularGuide guide = new RectangularGuide(a, b);
        PyramidalHorn h = PyramidalHorn.best(Math.pow(10, dbi / 10), frequency, guide);
        double wave = C / frequency;
        assertThat(db(h.gain(frequency))).isCloseTo(dbi, within(0.25));
        assertThat(h.width() * h.width() / (8 * wave * h.apexH())).isCloseTo(3.0 / 8, within(1e-9));
        assertThat(h.height() * h.height() / (8 * wave * h.apexE())).isCloseTo(2.0 / 8, within(1e-9));
        assertThat(h.length(guide))
                .as("both throats at one place")
                .isCloseTo(h.apexE() * (h.height() - b) / h.height(), within(1e-4 * h.apexE()));
    }

    @Test
    void aGuideThatHasTheGainAlreadyIsNoHorn() {
        assertThatThrownBy(() -> PyramidalHorn.best(1, F, new RectangularGuide(0.02286, 0.01016)))
                .hasMessageContaining("guide alone");
        assertThatThrownBy(() -> new ConicalHorn(0.2, 0.05)).hasMessageContaining("longer than half");
    }

    /** Wider at the same side a cone gains until its best size, and then loses. */
    @Test
    void aConeHasABestOpening() {
        double slant = 0.3;
        double best = new ConicalHorn(0.1, slant).bestDiameter(F);
        double there = new ConicalHorn(best, slant).gain(F);
        assertThat(new ConicalHorn(0.8 * best, slant).gain(F)).isLessThan(there);
        assertThat(new ConicalHorn(1.25 * best, slant).gain(F)).isLessThan(there);
        assertThat(new ConicalHorn(best, slant).deviation(F)).isCloseTo(3.0 / 8, within(1e-9));
    }

    @Test
    void aPatchOnAirIsAHalfWaveAndNarrowsWithItsSubstrate() {
        Patch air = new Patch(F, 1, 0.0005);
        assertThat(air.effective()).isEqualTo(1);
        assertThat(air.length() + 2 * air.extension()).isCloseTo(WAVE / 2, within(1e-9));
        Patch ceramic = new Patch(F, 9.8, 0.0005);
        assertThat(ceramic.length()).isLessThan(0.4 * air.length());
        assertThat(ceramic.edgeResistance()).isGreaterThan(air.edgeResistance());
    }

    /** Inward the resistance falls by cosine squared, to nothing in the middle. */
    @Test
    void fiftyOhmsLieWhereTheCosineSaysSo() {
        Patch p = new Patch(2437e6, 4.4, 0.0016);
        for (double ohms : new double[] {20, 50, 100, 200}) {
            double y = p.inset(ohms);
            assertThat(p.edgeResistance() * Math.pow(Math.cos(Math.PI * y / p.length()), 2))
                    .isCloseTo(ohms, within(1e-6));
            assertThat(y).isBetween(0.0, p.length() / 2);
        }
        assertThatThrownBy(() -> p.inset(2 * p.edgeResistance())).hasMessageContaining("ask for less");
    }

    /** A narrow slot is a short dipole of magnetic current: (W ÷ λ)² ÷ 90 (Balanis, eq. 14-8a). */
    @Test
    void aNarrowSlotConductsAsTheBookSays() {
        Patch p = new Patch(F, 60, 0.0002);
        double share = p.width() / WAVE;
        assertThat(share).isLessThan(0.1);
        assertThat(p.slot()).isCloseTo(share * share / 90, within(0.01 * p.slot()));
        assertThat(p.mutual()).isCloseTo(p.slot(), within(0.1 * p.slot()));
    }

    @Test
    void integralsOfWhatTurnsAreExact() {
        assertThat(Quadrature.of(Math::sin, 0, Math.PI, 1)).isCloseTo(2, within(1e-12));
        Complex z = Quadrature.turning(x -> 1, x -> 40 * x, 0, 1, 10);
        assertThat(z.getReal()).isCloseTo(Math.sin(40) / 40, within(1e-10));
        assertThat(z.getImaginary()).isCloseTo((Math.cos(40) - 1) / 40, within(1e-10));
    }
}
