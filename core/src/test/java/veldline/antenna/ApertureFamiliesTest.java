package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.demo.TernholmSands;
import veldline.explain.Worked;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark.At;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Every family with an opening, over its whole range, against its own sums and what books give. */
class ApertureFamiliesTest {
    private static final double C = 299_792_458.0;
    private static final double F = 2437e6;

    static Stream<ApertureFamily> families() {
        return Families.apertures().stream();
    }

    private static Family.Wish wish(double frequency) {
        return new Family.Wish(frequency, 1, 1.6e-3, Metal.ALUMINIUM, false);
    }

    private static ApertureDesign begun(String key) {
        return Families.apertures(key).design(wish(F));
    }

    private static Quantity number(int n) {
        return Quantity.of(Integer.toString(n), Unit.ONE);
    }

    /** What is lost is a share of what goes out, and no gain is more than the opening and the edge it has round it allow. */
    @ParameterizedTest
    @MethodSource("families")
    void whatItOffersSendsAheadAndLosesNoMoreThanItHas(ApertureFamily f) {
        for (double frequency : new double[] {2437e6, 5.5e9, 10e9}) {
            List<Family.Shaped> offers = f.offers(wish(frequency));
            assertThat(offers).as(f.key()).isNotEmpty();
            for (Family.Shaped s : offers) {
                ApertureDesign d = (ApertureDesign) s.made().orElseThrow();
                Radiation r = d.radiation(frequency);
                assertThat(r.gain().value())
                        .as(s.title())
                        .isBetween(5.0, 32.0)
                        .isEqualTo(s.fitted().orElseThrow().value());
                assertThat(r.losses()).allMatch(l -> l.value() >= 0 && l.value() < 6);
                assertThat(r.fall(0, 0)).isCloseTo(0, within(0.02));
                assertThat(IntStream.rangeClosed(0, 180)
                                .mapToDouble(i -> r.fall(i, 40))
                                .max()
                                .orElseThrow())
                        .isLessThan(0.1);
                double aperture = Math.PI * d.longest() * frequency / C;
                assertThat(r.gain().value()).isLessThan(20 * Math.log10(aperture) + 3);
                assertThat(f.watch(d, frequency)).as(s.title() + " begins well").isEmpty();
                assertThat(f.kilograms(d)).isBetween(0.05, 12.0);
                assertThat(f.area(d)).isPositive();
            }
            assertThat(f.good()).endsWith(".");
            assertThat(f.bad()).endsWith(".");
        }
    }

    /** The pattern's own sum over all directions gives the gain that its losses leave, where all of those are in the pattern. */
    @ParameterizedTest
    @CsvSource({"dish, 0.25", "horn, 0.3", "round horn, 0.25", "can, 0.01", "patches, 0.25"})
    void itsPatternHoldsThePowerItsGainSays(String key, double within) {
        ApertureDesign d = begun(key);
        Radiation r = d.radiation(F);
        double notSent = r.losses().stream()
                .filter(l -> l.formula().name().contains("rough")
                        || l.formula().name().contains("laminate"))
                .mapToDouble(Worked::value)
                .sum();
        assertThat(10 * Math.log10(r.field().directivity(30, 48)))
                .isCloseTo(r.gain().value() + notSent, within(within));
    }

    /** Anywhere in the ranges its boxes allow it has a gain, or is refused with a reason; a little more moves a little. */
    @ParameterizedTest
    @MethodSource("families")
    void everySizeSendsOrIsRefusedWithAReason(ApertureFamily f) {
        Random random = new Random(f.key().hashCode());
        double wave = C / F;
        int sent = 0;
        for (int run = 0; run < 60; run++) {
            List<Quantity> sizes = new ArrayList<>();
            for (Measure m : f.measures()) {
                double share = Math.pow(random.nextDouble(), 2);
                double value = m.least(wave) + share * (m.most(wave) - m.least(wave));
                sizes.add(m.isCount() ? number((int) Math.round(value)) : m.of(value));
            }
            ApertureDesign d = new ApertureDesign(f.key(), sizes, Metal.COPPER, random.nextBoolean());
            try {
                Radiation r = d.radiation(F);
                assertThat(r.gain().value()).as(d.toString()).isFinite();
                assertThat(r.feed().resistance().value()).isPositive();
                assertThat(f.sketch(d).longest()).isPositive();
                sent++;
                ApertureDesign more = d.withSize(
                        0,
                        Quantity.shown(d.size(0) * 1.0005, f.measures().get(0).unit(), 9));
                if (f.measures().get(0).isLength()) {
                    assertThat(more.radiation(F).gain().value())
                            .isCloseTo(r.gain().value(), within(0.3));
                }
            } catch (IllegalArgumentException e) {
                assertThat(e.getMessage())
                        .as("says what and what to do")
                        .hasSizeGreaterThan(40)
                        .contains(";");
            }
        }
        assertThat(sent).as(f.key()).isGreaterThan(10);
    }

    @ParameterizedTest
    @MethodSource("families")
    void standingUpChangesTheFieldAndNothingElse(ApertureFamily f) {
        ApertureDesign flat = f.design(wish(F));
        ApertureDesign up = flat.withUpright(true);
        assertThat(flat.polarized()).contains(Polarized.FLAT);
        assertThat(up.polarized()).contains(Polarized.UPRIGHT);
        assertThat(up.radiation(F).gain().value())
                .isEqualTo(flat.radiation(F).gain().value());
        assertThat(String.join(" ", f.steps(up, F))).isNotEqualTo(String.join(" ", f.steps(flat, F)));
        assertThat(f.steps(flat, F)).anyMatch(s -> s.contains("Caution"));
        assertThat(f.parts(flat, F)).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("families")
    void itStandsInFilesAtEitherEnd(ApertureFamily f) throws FormatException {
        Job job = TernholmSands.nestCamera();
        Job both = new JobChange.Fit(false, f.design(wish(F)).withUpright(true))
                .applyTo(new JobChange.Fit(true, f.design(wish(F))).applyTo(job));
        JobFile.Parts parts = JobFile.write(both);
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(both);
    }

    /** About half the area's gain and more; a rim 10 dB down is the usual best (Balanis, Antenna Theory, 3rd ed., fig. 15.12). */
    @Test
    void aDishIsBestWithItsRimTenDecibelsDown() {
        ApertureDesign d = begun("dish").withSize(2, number(1)).withSize(5, Quantity.of("0", Unit.MM));
        double best = 0;
        double at = 0;
        for (int rim = 4; rim <= 20; rim++) {
            double gain = d.withSize(3, Quantity.of(Integer.toString(rim), Unit.DB))
                    .radiation(F)
                    .gain()
                    .value();
            if (gain > best || rim == 4) {
                best = gain;
                at = rim;
            }
        }
        double space = Dish.paraboloid(d).spaceAttenuation();
        assertThat(at + space).isBetween(9.0, 13.0);
        double even = 20 * Math.log10(Math.PI * d.size(0) * F / C);
        assertThat(Math.pow(10, (best - even) / 10)).isBetween(0.78, 0.84);
    }

    /** From gain to measures and back: what is made for a gain has it; what cannot be is refused with what would do. */
    @ParameterizedTest
    @CsvSource({
        "dish, 20, 0.05",
        "dish, 30, 0.05",
        "horn, 14, 0.15",
        "horn, 20, 0.15",
        "round horn, 15, 0.05",
        "round horn, 19, 0.05"
    })
    void whatIsMadeForAGainHasIt(String key, double dbi, double within) {
        ApertureDesign made = begun(key).of().forGain(begun(key), F, dbi);
        assertThat(made.radiation(F).gain().value()).isCloseTo(dbi, within(within));
        assertThatThrownBy(() -> begun(key).of().forGain(begun(key), F, 0)).hasMessageContaining("ask for");
        assertThat(begun(key).of().madeForGain()).isTrue();
        assertThat(begun("can").of().forGain(begun("can"), F, dbi)).isEqualTo(begun("can"));
    }

    /** Rods a tenth of a wave apart lose little, a third of a wave a good deal; a sheet nothing. */
    @Test
    void wiresLetThroughWhatLiesBetweenThem() {
        ApertureDesign sheet = begun("dish");
        double before = sheet.radiation(F).gain().value();
        for (double waves : new double[] {0.1, 0.2, 0.33}) {
            double gain = sheet.withSize(9, number(2))
                    .withSize(10, Quantity.shown(waves * C / F, Unit.MM, 3))
                    .radiation(F)
                    .gain()
                    .value();
            assertThat(gain).isLessThan(before);
            before = gain;
        }
        assertThat(before)
                .isBetween(
                        sheet.radiation(F).gain().value() - 6,
                        sheet.radiation(F).gain().value() - 3);
        assertThat(sheet.withSize(9, number(2)).of().watch(sheet.withSize(9, number(2)), F))
                .anyMatch(s -> s.contains("one polarization only"));
    }

    /** King's curve (Proc. IRE 38, 1950) lies within a few tenths of the sum from two waves across. */
    @ParameterizedTest
    @ValueSource(doubles = {2, 2.6, 3.5})
    void aConeGainsWhatTheCubicSays(double waves) {
        ApertureDesign d = begun("round horn")
                .withSize(0, Quantity.shown(waves * C / F, Unit.MM, 3))
                .withSize(1, Quantity.shown(0.75 * waves * waves * C / F, Unit.MM, 3));
        Worked cubic = d.of().schools(d, F).get(0);
        assertThat(d.radiation(F).gain().value()).isCloseTo(cubic.value(), within(0.4));
    }

    /** A tin too wide or too narrow is told so, with what would do; a probe out of place too. */
    @Test
    void aCanSaysWhichTinsWillDo() {
        ApertureDesign d = begun("can");
        assertThat(d.withSize(0, Quantity.of("100", Unit.MM)).of().watch(d.withSize(0, Quantity.of("100", Unit.MM)), F))
                .anyMatch(s -> s.contains("TM01") && s.contains("94 mm"));
        assertThat(d.of().watch(d.withSize(1, Quantity.of("30.7", Unit.MM)), F))
                .anyMatch(s -> s.contains("a quarter is"));
        assertThatThrownBy(() -> d.withSize(0, Quantity.of("65", Unit.MM)).radiation(F))
                .hasMessageContaining("begins at 72");
        List<Worked> said = d.of().schools(d, F);
        assertThat(said.get(1).value() / said.get(0).value()).isCloseTo(1.3061, within(1e-4));
        assertThat(said).anyMatch(w -> w.formula().name().contains("Most the mouth can have"));
    }

    /** The edges that meet are as long as each other, and the cone's arcs as long as its two rings. */
    @Test
    void flatPatternsFitTogether() {
        ApertureDesign horn = begun("horn");
        List<FlatPattern> walls = horn.of().flat(horn);
        assertThat(edge(walls.get(0), 1)).isCloseTo(edge(walls.get(1), 1), within(1e-9));
        assertThat(edge(walls.get(0), 2)).isCloseTo(horn.size(0), within(1e-12));
        assertThat(edge(walls.get(1), 2)).isCloseTo(horn.size(1), within(1e-12));
        ApertureDesign cone = begun("round horn");
        FlatPattern sheet = cone.of().flat(cone).get(0);
        double outer = IntStream.range(0, 90).mapToDouble(i -> edge(sheet, i)).sum();
        double inner = IntStream.range(91, 181).mapToDouble(i -> edge(sheet, i)).sum();
        assertThat(outer).isCloseTo(Math.PI * cone.size(0), within(5e-4 * outer));
        assertThat(inner).isCloseTo(Math.PI * cone.size(2), within(5e-4 * inner));
        double lateral = Math.PI
                * (cone.size(0) + cone.size(2))
                / 2
                * Math.hypot(cone.size(1), (cone.size(0) - cone.size(2)) / 2);
        assertThat(sheet.area()).isCloseTo(lateral, within(1e-3 * lateral));
    }

    private static double edge(FlatPattern f, int i) {
        At a = f.outline().get(i);
        At b = f.outline().get((i + 1) % f.outline().size());
        return Math.hypot(b.x() - a.x(), b.y() - a.y());
    }

    /** Glass and epoxy keeps a good part, air hardly anything; cut long it is off its match; tilted, the beam is told from the beam. */
    @Test
    void patchesLoseInTheirBoardAndMissTheirMatchWhenCutWrong() {
        ApertureDesign air = begun("patches");
        assertThat(air.radiation(F).losses().get(0).value()).isLessThan(0.15);
        ApertureDesign glass = air.withSize(0, number(2)).withSize(1, Quantity.of("1.6", Unit.MM));
        assertThat(glass.radiation(F).losses().get(0).value()).isBetween(1.5, 5.0);
        assertThat(swr(air)).isLessThan(1.1);
        assertThat(swr(air.withSize(2, Quantity.shown(1.05 * air.size(2), Unit.MM, 3))))
                .isGreaterThan(1.8);
        ApertureDesign column = air.withSize(4, number(6)).withSize(9, Quantity.of("8", Unit.DEG));
        assertThat(column.radiation(F).fall(0, 0)).isCloseTo(0, within(0.1));
        assertThat(column.radiation(F).gain().value())
                .isCloseTo(
                        column.withSize(9, Quantity.of("0", Unit.DEG))
                                .radiation(F)
                                .gain()
                                .value(),
                        within(0.7));
        ApertureDesign plain = air.withSize(4, number(8));
        ApertureDesign filled = plain.withSize(13, Quantity.of("90", Unit.DEG));
        assertThat(hollow(filled)).as("the first hollow").isGreaterThan(hollow(plain) + 8);
        assertThat(filled.radiation(F).gain().value())
                .isBetween(
                        plain.radiation(F).gain().value() - 2.5,
                        plain.radiation(F).gain().value() - 0.3);
        assertThat(air.withSize(12, number(1)).polarized()).contains(Polarized.RIGHT_HAND);
    }

    /** The deepest between the beam and where its first lobe has its top. */
    private static double hollow(ApertureDesign d) {
        Radiation r = d.radiation(F);
        return IntStream.rangeClosed(40, 120)
                .mapToDouble(i -> r.fall(i / 10.0, 0))
                .min()
                .orElseThrow();
    }

    private static double swr(ApertureDesign d) {
        return veldline.line.Mismatch.swr(d.radiation(F).feed().impedance(), 50);
    }

    @Test
    void familiesThatAreNotKnownAreNamed() {
        assertThatThrownBy(() -> Families.apertures("sail")).hasMessageContaining("round horn");
        assertThatThrownBy(() -> new ApertureDesign("can", List.of(), Metal.COPPER, true))
                .hasMessageContaining("10 measures, not 0");
    }
}
