package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.line.Ladder;
import veldline.line.Piece;
import veldline.line.Section;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/**
 * Families given the measures of independently solved antennas come to the same figures within those references' own tolerances
 * ({@code reference/wire-models.json}): what a family lays is what it says it lays.
 */
class FamilyReferencesTest {
    /** A family's key, the reference, conductor's diameter and measures, lengths in millimetres. */
    private record Same(String key, String reference, double diameter, double... sizes) {}

    private static final List<Same> SAME = List.of(
            new Same("dipole", "dipole-thick-0.005", 10, 450, 0),
            new Same("dipole", "vee-120", 4, 5200, 30),
            new Same("folded dipole", "folded-dipole-equal", 6, 1420, 60, 6),
            new Same("stepped dipole", "stepped-dipole", 16, 5160, 2000, 1000, 25, 10),
            new Same("ground plane", "ground-plane-45", 4, 490, 520, 45, 4),
            new Same("J", "j-antenna", 6, 1015, 27, 490, 45),
            new Same("end-fed half wave", "end-fed-14", 2, 10_200, 1000),
            new Same("loop", "square-loop", 2, 6160, 0),
            new Same("quad", "quad-2el", 2, 2, 3600, 3780, 3600, 2000),
            new Same("stacked Yagis", "stacked-yagi-3el", 8, 1, 2, 1000, 1500, 3, 1020, 960, 900, 380, 360),
            new Same("log-periodic", "lpda-5el-110", 6, 1500, 820.512, 5, 776.557, 50, 8),
            new Same("log-periodic", "lpda-5el-150", 6, 1500, 820.512, 5, 776.557, 50, 8));

    private static final double F = 868.3e6;

    private static JsonNode reference(String name) throws IOException {
        try (InputStream in = FamilyReferencesTest.class.getResourceAsStream("/reference/wire-models.json")) {
            for (JsonNode c : new ObjectMapper().readTree(in).get("cases")) {
                if (c.get("name").asText().equals(name)) {
                    return c;
                }
            }
        }
        throw new IllegalArgumentException("No reference is called " + name);
    }

    private static Design design(String key, double diameter, double... sizes) {
        WireFamily f = Families.wires(key);
        List<Quantity> all = new ArrayList<>();
        for (int i = 0; i < sizes.length; i++) {
            Measure m = f.measures().get(i);
            all.add(Quantity.shown(m.isLength() ? sizes[i] / 1000 : sizes[i], m.unit(), 6));
        }
        return new Design(key, all, Quantity.shown(diameter / 1000, Unit.MM, 4), Metal.COPPER, false);
    }

    private static FieldSolution solved(Design d, double frequency) {
        return new FieldSolver(perfect(d.model()), MeshRule.standard(frequency), () -> true).at(frequency);
    }

    /** The references and the books are of perfect conductors. */
    private static WireModel perfect(WireModel m) {
        return new WireModel(
                m.name(),
                m.wires().stream()
                        .map(w -> new Wire(
                                w.points(),
                                w.radius(),
                                w.closed(),
                                Optional.empty(),
                                w.ends(),
                                w.coating(),
                                w.fineness()))
                        .toList(),
                m.sources(),
                m.loads(),
                m.networks(),
                m.ground(),
                Optional.empty(),
                m.boresight());
    }

    @TestFactory
    Stream<DynamicTest> aFamilyWithTheSameMeasuresComesToTheReference() {
        return SAME.stream()
                .map(s -> DynamicTest.dynamicTest(s.key + " as " + s.reference, () -> {
                    JsonNode r = reference(s.reference);
                    double f = r.get("frequency_mhz").asDouble() * 1e6;
                    FieldSolution solution = solved(design(s.key, s.diameter, s.sizes), f);
                    Complex z = solution.impedances().get(0);
                    JsonNode ohms = r.get("expected").get("impedance").get(0);
                    JsonNode good = r.get("tolerance").get("impedance").get(0);
                    assertThat(z.getReal())
                            .isCloseTo(
                                    ohms.get(0).asDouble(), within(good.get(0).asDouble()));
                    assertThat(z.getImaginary())
                            .isCloseTo(
                                    ohms.get(1).asDouble(), within(good.get(1).asDouble()));
                    assertThat(PatternSummary.of(solution).maxGainDbi())
                            .isCloseTo(
                                    r.get("expected").get("max_gain_dbi").asDouble(),
                                    within(r.get("tolerance")
                                            .get("max_gain_dbi")
                                            .asDouble()));
                }));
    }

    /**
     * A full wave fed at its end carries two half waves against each other: sin(π·cos θ) ÷ sin θ, with its lobe 54° off the wire
     * (Kraus, Antennas, 2nd ed., §11.6).
     */
    @Test
    void aFullWaveOfHungWireHasItsLobesWhereTheBookHasThem() {
        double wave = 299_792_458.0 / 14.2e6 * 1000;
        Design d = design("hung wire", 2, 0.97 * wave, 0.01 * wave, wave, wave, 0, 0, 0, 28.4);
        RadiatedField field = RadiatedField.leaving(solved(d, 14.2e6));
        int best = 0;
        for (int off = 1; off <= 90; off++) {
            if (field.gainDbi(new Direction(90, 90 - off)) > field.gainDbi(new Direction(90, 90 - best))) {
                best = off;
            }
        }
        assertThat((double) best).isCloseTo(54, within(2.5));
        assertThat(field.gainDbi(new Direction(90, 0)))
                .as("between the lobes little")
                .isLessThan(field.gainDbi(new Direction(90, 36)) - 10);
    }

    /** Through its section each antenna is so many times 50 Ω, and all of them side by side are 50 Ω again. */
    @Test
    void aHarnessComesBackToTheCable() {
        assertThat(YagiStack.harness(1, 0.3)).isEmpty();
        for (int n : new int[] {2, 3, 4, 8}) {
            double z = YagiStack.harness(n, 0.3).get(0).value();
            Complex seen = Ladder.of(new Piece.Along(Section.ideal(z, 1, 0).cut(0.25, F)))
                    .seen(new Complex(50, 0), F);
            assertThat(seen.getReal() / n).isCloseTo(50, within(1e-6));
            assertThat(YagiStack.harness(n, 0.3).get(1).value()).isCloseTo(0.66 * 75, within(1e-9));
        }
    }

    /** Two sets square to each other do not couple: each has the impedance it has alone, and half of the power each makes the gain of one. */
    @Test
    void crossedYagisGainWhatOneOfThemGains() {
        Family.Wish wish = new Family.Wish(F, 0.5, 4e-3, Metal.ALUMINIUM, false);
        Design d = Families.wires("crossed Yagis").begun(wish);
        WireModel both = d.model();
        int n = d.count(0);
        WireModel one = WireModel.inFreeSpace(
                "one set", both.wires().subList(0, n), both.sources().get(0).port(), Direction.X);
        FieldSolution crossed = FieldSolver.solve(both, F);
        FieldSolution alone = FieldSolver.solve(one, F);
        assertThat(crossed.impedances()
                        .get(0)
                        .subtract(alone.impedances().get(0))
                        .norm())
                .isLessThan(0.2);
        assertThat(new RadiatedField(crossed).gainDbi(Direction.X))
                .isCloseTo(new RadiatedField(alone).gainDbi(Direction.X), within(0.05));
    }

    /** The reference's disc has the same spokes and rings; here turns are cut coarsely, so its coarse tolerance counts. */
    @Test
    void theHelixOverADiscComesToTheReference() throws IOException {
        JsonNode r = reference("helix-6-disc");
        double wave = 299_792_458.0 / 500e6;
        double around = 1050 * wave;
        Design d = design("helix", 2, 6, around, around * Math.tan(Math.toRadians(13)), 0, 800 * wave, 0);
        FieldSolution s = solved(d, 500e6);
        PatternSummary p = PatternSummary.of(s);
        assertThat(p.gainDbi()).isCloseTo(r.get("expected").get("gain_dbi").asDouble(), within(0.15));
        assertThat(s.impedances().get(0).getReal())
                .isCloseTo(r.get("expected").get("impedance").get(0).get(0).asDouble(), within(12.0));
        assertThat(p.polarization().axialRatioDb().orElseThrow()).isCloseTo(0.83, within(0.4));
    }

    /** The reference's reflector is endless; a plate of a wave and more comes near it. */
    @Test
    void theBiquadOverALargePlateNearsTheReferenceOverAnEndlessOne() throws IOException {
        JsonNode r = reference("biquad-868");
        double wave = 299_792_458.0 / 868e6;
        Design d = design("biquad", 2, 88, 45, 0, 2400 * wave, 1600 * wave, 12);
        FieldSolution s = solved(d, 868e6);
        Complex z = s.impedances().get(0);
        assertThat(PatternSummary.of(s).gainDbi())
                .isCloseTo(r.get("expected").get("gain_dbi").asDouble(), within(0.8));
        assertThat(z.getReal())
                .isCloseTo(r.get("expected").get("impedance").get(0).get(0).asDouble(), within(8.0));
    }

    /** Half-wave dipoles side by side with equal currents, thin and sinusoidal, by the book (Balanis §8.5): the array solved is near. */
    @Test
    void pairsOfDipolesGainWhatTheBookSays() {
        double wave = 1000;
        for (double[] c : new double[][] {{0.5, 0}, {0.25, 90}, {0.125, 180}}) {
            Design d = design("dipole array", 1e-3 * wave, 2, 2, c[0] * wave, c[1], 100, 0.48 * wave, 0, 0.2 * wave);
            double most = PatternSummary.of(solved(d, 299_792_458.0)).maxDirectivityDbi();
            double book = 10 * Math.log10(MutualImpedance.pairDirectivity(c[0], Math.toRadians(c[1])));
            assertThat(most).as(c[0] + " waves, " + c[1] + "°").isCloseTo(book, within(0.12));
        }
        assertThat(MutualImpedance.self().getReal()).isCloseTo(73.079, within(1e-3));
        assertThat(MutualImpedance.self().getImaginary()).isCloseTo(42.5, within(0.1));
    }

    /** An endless square corner by images is a ceiling that large sides near (Kraus, Antennas, 3rd ed., §10-3). */
    @Test
    void aCornerWithLongSidesNearsItsImages() {
        double wave = 299_792_458.0 / 145e6 * 1000;
        Design small = design("corner reflector", 8, 0.45 * wave, 0.4 * wave, wave, 0.7 * wave, 9, 90);
        Design large = design("corner reflector", 8, 0.45 * wave, 0.4 * wave, 2 * wave, 1.2 * wave, 14, 90);
        double ceiling = CornerReflector.gainDbi(0.4);
        double a = new RadiatedField(solved(small, 145e6)).gainDbi(Direction.X);
        double b = new RadiatedField(solved(large, 145e6)).gainDbi(Direction.X);
        assertThat(b).isGreaterThan(a).isCloseTo(ceiling, within(1.2));
    }

    /** Two half waves in quadrature are round within 1.03 dB by their own pattern (Balanis §4.6), and 3 dB under one of them. */
    @Test
    void aTurnstileIsRound() {
        Design d = Families.wires("turnstile").design(new Family.Wish(145e6, 1.5, 4e-3, Metal.COPPER, false));
        RadiatedField field = new RadiatedField(solved(d, 145e6));
        double least = 99;
        double most = -99;
        for (int phi = 0; phi < 180; phi += 5) {
            double g = field.gainDbi(new Direction(90, phi));
            least = Math.min(least, g);
            most = Math.max(most, g);
        }
        assertThat(most - least).isCloseTo(1.03, within(0.15));
        assertThat(most).isBetween(-1.1, -0.6);
        assertThat(field.gainDbi(new Direction(0, 0))).isCloseTo(2.15, within(0.1));
    }

    /** Three and four lobes are round within a few tenths and near 1.3 dBi, an even ring of turning current having 1.76. */
    @Test
    void lobesServeAllRoundAlike() {
        for (Family.Shaped s :
                Families.wires("lobe omni").offers(new Family.Wish(2437e6, 0.4, 0.6e-3, Metal.COPPER, false))) {
            RadiatedField field = new RadiatedField(solved((Design) s.made().orElseThrow(), 2437e6));
            for (int phi = 0; phi < 360; phi += 15) {
                assertThat(field.gainDbi(new Direction(90, phi))).isBetween(0.7, 1.76);
            }
        }
    }

    /** Three half waves in phase have 3.2 dB over one, in the book's thin limit (Kraus: 316 Ω in the middle). */
    @Test
    void halfWavesInLineGainByTheirNumber() {
        Family.Wish wish = new Family.Wish(145e6, 1.5, 2e-3, Metal.COPPER, true);
        Design three = Families.wires("collinear").design(wish);
        FieldSolution s = solved(three, 145e6);
        assertThat(new RadiatedField(s).gainDbi(Direction.X)).isCloseTo(2.15 + 3.2, within(0.3));
        assertThat(s.impedances().get(0).getReal()).isCloseTo(316, within(60.0));
        Design two = three.withSize(0, Quantity.of("2", Unit.ONE));
        Design four = three.withSize(0, Quantity.of("4", Unit.ONE));
        assertThat(new RadiatedField(solved(two, 145e6)).gainDbi(Direction.X)).isCloseTo(3.8, within(0.4));
        assertThat(new RadiatedField(solved(four, 145e6)).gainDbi(Direction.X)).isGreaterThan(6.0);
    }

    /** The sleeve's choke keeps the beam level where it is a quarter wave, and lets it lift where it is not. */
    @Test
    void aSleeveOfAQuarterWaveKeepsTheBeamLevel() {
        Family.Wish wish = new Family.Wish(145e6, 1.5, 3e-3, Metal.COPPER, true);
        Design good = Families.wires("sleeve dipole").design(wish);
        Design bad = good.withSize(1, Quantity.shown(0.6 * good.size(1), Unit.MM, 1));
        double level = new RadiatedField(solved(good, 145e6)).gainDbi(Direction.X);
        assertThat(level).isGreaterThan(1.0);
        assertThat(new RadiatedField(solved(bad, 145e6)).gainDbi(Direction.X)).isLessThan(level - 1);
    }

    /** Step-up by radii (Balanis §9.5) against the engine, the fed conductor thinner and thicker. */
    @Test
    void unequalFoldsStepUpAsTheBookSays() {
        for (double[] c : new double[][] {{4, 4}, {4, 12}, {12, 4}}) {
            Design d = design("folded dipole", c[0], 970, 60, c[1]).tuned(145e6);
            double ratio = solved(d, 145e6).impedances().get(0).getReal() / 71;
            assertThat(ratio)
                    .as(c[0] + " and " + c[1])
                    .isCloseTo(FoldedDipole.stepUp(c[0] / 2000, c[1] / 2000, 0.06), within(0.12 * ratio));
        }
    }

    /** The published table, carried to thin rods: within the note's own spread of its measured gains. */
    @Test
    void thePublishedTableCarriesOverToAnotherDiameter() {
        YagiShape like = Yagi.forCount(432e6, 3, Quantity.of("2.5", Unit.MM), Metal.ALUMINIUM, false);
        double wave = 299_792_458.0 / 432e6;
        double[][] rows = {{0.4, 9.25}, {0.8, 11.35}, {2.2, 14.4}, {4.2, 16.35}};
        for (double[] row : rows) {
            YagiShape y = YagiSchool.TABLE.shape(432e6, row[0] * wave, like);
            FieldSolution s = new FieldSolver(y.model(), MeshRule.standard(432e6), () -> true).at(432e6);
            assertThat(new RadiatedField(s).gainDbi(Direction.X)).isCloseTo(row[1], within(0.6));
            assertThat(YagiSchool.TABLE.gave(y, 432e6)).isTrue();
            assertThat(YagiSchool.TAPERED.gave(y, 432e6)).isFalse();
        }
    }
}
