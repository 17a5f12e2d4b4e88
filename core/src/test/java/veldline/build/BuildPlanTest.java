package veldline.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.antenna.BoomKind;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Made;
import veldline.antenna.WireFamily;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.field.wire.Wire;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Covering;
import veldline.stock.Insulation;
import veldline.stock.Metal;
import veldline.stock.Piece;

class BuildPlanTest {
    private static final double F = 145e6;
    private static final YagiShape YAGI = Yagi.forCount(F, 5, Quantity.of("6", Unit.MM), Metal.ALUMINIUM, false)
            .withBoom(BoomKind.THROUGH_BONDED);

    private static Family.Wish wish(WireFamily f) {
        Family.Wish usual = new Family.Wish(F, 1.5, 4e-3, Metal.COPPER, false);
        Family.Wish shorter = new Family.Wish(2437e6, 0.4, 0.8e-3, Metal.COPPER, false);
        Family.Wish longer = new Family.Wish(7.1e6, 20, 2e-3, Metal.COPPER, false);
        return f.serves(usual) ? usual : f.serves(shorter) ? shorter : longer;
    }

    private static Design design(String key) {
        WireFamily f = Families.wires(key);
        return f.design(wish(f));
    }

    private static BuildPlan plan(Made made, double frequency) {
        return BuildPlan.of(new BuildPlan.Input(made, frequency, List.of()), () -> true);
    }

    static Stream<WireFamily> families() {
        return Families.wires().stream();
    }

    /** Nothing solved is forgotten at the saw: pieces add up to the wires of the model. */
    @ParameterizedTest
    @MethodSource("families")
    void whatIsCutIsWhatIsSolved(WireFamily f) {
        Family.Wish wish = wish(f);
        Design d = f.begun(wish);
        List<Cut> cuts = CutList.of(d, wish.frequency());
        double solved = 0;
        for (int i = 0; i < d.model().wires().size(); i++) {
            solved += f.isSheet(d, i)
                    ? 0
                    : f.curve(d, i) * d.model().wires().get(i).length();
        }
        assertThat(cuts.stream().mapToDouble(c -> c.count() * c.length()).sum()).isCloseTo(solved, within(1e-9));
        assertThat(cuts).isNotEmpty().allMatch(c -> !c.name().isBlank() && c.count() > 0);
        assertThat(Steps.of(d, cuts, Marks.of(d), Optional.empty(), Optional.empty()))
                .anyMatch(s -> s.hold().isPresent())
                .anyMatch(s -> s.caution().filter(c -> c.blocking()).isPresent());
    }

    @Test
    void aYagiIsCutWithItsBoomsShareAndDrilledFromOneEnd() {
        List<Cut> cuts = CutList.of(YAGI, F);
        List<YagiShape.Cut> rows = YAGI.cutList(F);
        for (int i = 0; i < rows.size(); i++) {
            int row = i;
            assertThat(cuts).anyMatch(c -> Math.abs(c.length() - rows.get(row).cut()) < 1e-9);
        }
        Marks marks = Marks.of(YAGI);
        assertThat(marks.marks()).hasSize(5);
        assertThat(marks.marks().get(0).at()).isEqualTo(Marks.BEYOND);
        assertThat(marks.boom()).isCloseTo(YAGI.boomLength() + 2 * Marks.BEYOND, within(1e-12));
        Cut folded = CutList.of(YAGI.withFeed(YagiShape.Feed.FOLDED), F).get(1);
        assertThat(folded.closed()).as("it is open at the feed").isFalse();
        assertThat(folded.bends()).hasSize(4);
        assertThat(folded.length()).isGreaterThan(2 * rows.get(1).cut());
    }

    @Test
    void squaresAreBentAtTheirCorners() {
        Cut loop = CutList.of(design("loop"), F).get(0);
        assertThat(loop.closed()).as("it begins and ends at the feed").isFalse();
        assertThat(loop.bends()).hasSize(4).allMatch(b -> Math.abs(b.degrees() - 90) < 1e-6);
        for (int i = 0; i < 4; i++) {
            assertThat(loop.bends().get(i).at()).isCloseTo((2 * i + 1) * loop.length() / 8, within(1e-9));
        }
        List<Cut> quad = CutList.of(design("quad").withSize(0, Quantity.of("2", Unit.ONE)), F);
        assertThat(quad.stream().filter(Cut::closed))
                .as("the reflector is whole")
                .hasSize(1);
        for (String curved : List.of("helix", "lobe omni")) {
            WireFamily f = Families.wires(curved);
            assertThat(CutList.of(f.begun(wish(f)), wish(f).frequency()).stream()
                            .filter(Cut::curved))
                    .as(curved)
                    .hasSize(1);
        }
        assertThat(CutList.of(hung(), 7.1e6)).noneMatch(c -> !c.bends().isEmpty());
    }

    private static Design hung() {
        WireFamily f = Families.wires("hung wire");
        return f.begun(wish(f));
    }

    /** What is fed in its middle is two pieces, and what a trap sits in is parted there. */
    @Test
    void wiresArePartedWhereTheyAreFed() {
        Design dipole = design("dipole");
        List<Cut> halves = CutList.of(dipole, F);
        assertThat(halves).hasSize(1);
        assertThat(halves.get(0).count()).isEqualTo(2);
        assertThat(halves.get(0).length()).isCloseTo(dipole.size(0) / 2, within(1e-9));
        Design trapped = hung().withSize(6, Quantity.of("8", Unit.M));
        assertThat(CutList.of(trapped, 7.1e6).stream().map(Cut::length)).anyMatch(l -> Math.abs(l - 8) < 1e-6);
        assertThat(CutList.of(design("end-fed half wave"), F).stream().map(Cut::name))
                .containsExactly("wire", "counterpoise");
    }

    /** As long as the curve, not as the edges it is solved by: n turns of √(C² + S²). */
    @Test
    void aHelixIsCutAsLongAsItsTurns() {
        Design d = design("helix");
        double turns = d.count(0) * Math.hypot(d.size(1), d.size(2));
        assertThat(CutList.of(d, F).stream()
                        .filter(Cut::curved)
                        .findFirst()
                        .orElseThrow()
                        .length())
                .isCloseTo(turns, within(1e-6 * turns));
    }

    /** Tubes of three thicknesses come from three stocks. */
    @Test
    void nothingIsSawnFromStockOfAnotherThickness() {
        Design d = design("stepped dipole");
        BuildPlan p = plan(d, F);
        assertThat(p.cuts().stream().map(Cut::size).distinct()).hasSize(3);
        for (Nesting.Bar b : p.stock().bars()) {
            for (Nesting.Piece piece : b.pieces()) {
                assertThat(p.cuts())
                        .anyMatch(c -> c.name().equals(piece.name()) && Math.abs(c.size() - b.size()) < 1e-9);
            }
        }
        assertThat(p.stock().bars().stream().map(Nesting.Bar::size).distinct()).hasSize(3);
    }

    /** The booms of a log-periodic are marked where their arms go, and the last lies as far as its measure says. */
    @Test
    void aLogPeriodicsArmsHaveTheirPlaces() {
        Design d = design("log-periodic");
        Marks m = Marks.of(d);
        assertThat(m.marks()).hasSize(d.count(2));
        assertThat(m.marks().get(m.marks().size() - 1).at() - m.marks().get(0).at())
                .isCloseTo(d.size(3), within(1e-9));
    }

    /** Every piece once, no bar overfull, and no more bars than one would by laying them end to end and 11/9 of it. */
    @RepeatedTest(20)
    void stockIsNestedWithItsKerf(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Nesting.Piece> pieces = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(25); i++) {
            pieces.add(new Nesting.Piece("p" + i, 0.05 + random.nextDouble() * 1.2));
        }
        Nesting n = Nesting.of(4e-3, pieces, List.of(1.0, 0.5), 2, BuildPlan.KERF);
        assertThat(n.tooLong()).isEmpty();
        assertThat(n.bars().stream().flatMap(b -> b.pieces().stream())).containsExactlyInAnyOrderElementsOf(pieces);
        for (Nesting.Bar b : n.bars()) {
            double used = b.pieces().stream().mapToDouble(Nesting.Piece::length).sum()
                    + (b.pieces().size() - 1) * BuildPlan.KERF;
            assertThat(used).isLessThanOrEqualTo(b.length() + 1e-9);
            assertThat(b.left()).isGreaterThanOrEqualTo(0);
        }
        double all =
                pieces.stream().mapToDouble(p -> p.length() + BuildPlan.KERF).sum();
        assertThat((double) n.bars().size()).isLessThanOrEqualTo(11.0 / 9 * Math.ceil(all / 2) * 1.5 + 3);
        assertThat(Nesting.of(4e-3, List.of(new Nesting.Piece("mast", 9)), List.of(), 6, 0)
                        .tooLong())
                .hasSize(1);
    }

    @Test
    void whatLiesReadyIsUsedFirst() {
        List<Piece> ready = List.of(new Piece(Metal.ALUMINIUM, Quantity.of("6", Unit.MM), Quantity.of("1.1", Unit.M)));
        BuildPlan p = BuildPlan.of(new BuildPlan.Input(YAGI, F, ready), () -> true);
        assertThat(p.stock().bars()).anyMatch(b -> b.length() == 1.1);
    }

    /** A millimetre less lifts the dip by about f ÷ l for the whole length, as scale has it. */
    @ParameterizedTest
    @CsvSource({"dipole, 1.0", "loop, 1.0"})
    void aMillimetreMovesTheDipAsScaleSays(String key, double share) {
        Design d = design(key);
        Trim t = plan(d, F).trim().orElseThrow();
        double scale = F / 1e6 / (d.size(0) * 1000) * share;
        assertThat(t.perMillimetre().value()).isCloseTo(scale, within(0.12 * scale));
        for (String none : List.of("helix", "log-periodic")) {
            assertThat(plan(design(none), F).trim()).as(none).isEmpty();
            // Coverings shift it as they shift a half wave of its rod: down.
            assertThat(plan(design(none), F).corrections().stream()
                            .filter(c -> c.words().contains("half wave of the same rod"))
                            .flatMap(c -> c.shift().stream()))
                    .hasSizeGreaterThan(2)
                    .allMatch(w -> w.value() < 0);
        }
    }

    @Test
    void correctionsStandOneByOneAndUnknownsAreSaid() {
        List<Correction> all = plan(YAGI, F).corrections();
        assertThat(all.stream().map(Correction::name))
                .anyMatch(n -> n.startsWith("Boom"))
                .contains("Rain film, 0.1 mm", "Ice, 2 mm", "Paint, 0.1 mm");
        assertThat(all.stream().filter(c -> c.shift().isEmpty()))
                .isNotEmpty()
                .allMatch(c -> c.words().contains("long") || c.words().contains("Unknown"));
        // What lies around a wire slows its wave, and thicker or denser slows it more.
        Correction paint = named(all, "Paint, 0.1 mm");
        Correction sleeve = named(all, "Heat-shrink sleeve, 0.5 mm");
        assertThat(paint.shift().orElseThrow().value()).isNegative();
        assertThat(sleeve.shift().orElseThrow().value())
                .isLessThan(paint.shift().orElseThrow().value());
        BoomKind wood = BoomKind.WOOD;
        assertThat(named(plan(YAGI.withBoom(wood), F).corrections(), "Boom: " + wood.words())
                        .shift()
                        .orElseThrow()
                        .value())
                .isZero();
    }

    private static Correction named(List<Correction> all, String name) {
        return all.stream().filter(c -> c.name().equals(name)).findFirst().orElseThrow();
    }

    @Test
    void insulationIsInTheLengthsAndSaidToBe() {
        Covering pvc = new Covering(Insulation.PVC, Quantity.of("0.8", Unit.MM));
        Design bare = design("quad");
        Design covered = bare.withCovering(Optional.of(pvc)).tuned(F);
        assertThat(covered.size(1)).isBetween(0.93 * bare.size(1), 0.995 * bare.size(1));
        assertThat(plan(covered, F).corrections().stream().filter(Correction::included))
                .anyMatch(
                        c -> c.name().contains("PVC") && c.shift().orElseThrow().value() < 0);
    }

    @ParameterizedTest
    @CsvSource({
        "dipole, false",
        "folded dipole, true",
        "loop, true",
        "quad, true",
        "J, true",
        "ground plane, false",
        "biquad, true",
        "log-periodic, false",
        "helix, false",
        "lobe omni, true",
        "end-fed half wave, false"
    })
    void anOhmmeterShowsWhatItShould(String key, boolean shorted) {
        assertThat(DcPath.shorted(design(key).model())).isEqualTo(shorted);
    }

    @Test
    void outlinesAreFlatAndKeepTheirLengths() {
        for (String key : List.of("loop", "quad", "biquad", "folded dipole", "J", "collinear")) {
            Design d = design(key);
            for (Outline o : Outline.of(d)) {
                double around = o.edges().stream()
                        .mapToDouble(e -> Math.hypot(e[1].x() - e[0].x(), e[1].y() - e[0].y()))
                        .sum();
                assertThat(d.model().wires().stream().mapToDouble(Wire::length))
                        .as(key)
                        .anyMatch(l -> Math.abs(l - around) < 1e-6);
            }
        }
        assertThat(Outline.of(design("helix")))
                .as("a helix lies in no plane")
                .allMatch(o -> o.name().equals("riser"));
    }

    @Test
    void roundingToTheTapeSaysWhatItCosts() {
        Cut c = new Cut("x", 1, 0.5, 4e-3, List.of(), false);
        assertThat(BuildPlan.rounded(c, 32, F).value()).isCloseTo(-F / 1e6 * c.rounding(32) / 0.5, within(1e-9));
        assertThat(Math.abs(c.rounding(32))).isLessThanOrEqualTo(0.0254 / 64 + 1e-12);
    }

    /** Twisted so that a tip stands out by that much, the cosine costs a tenth of a decibel. */
    @Test
    void thePlaneHasATolerance() {
        double out = plan(YAGI, F).plane().orElseThrow().value() / 1000;
        double half = YAGI.elements().get(0).length().value() / 2;
        assertThat(-20 * Math.log10(Math.cos(Math.atan(out / half)))).isCloseTo(0.1, within(1e-6));
        assertThat(plan(design("dipole"), F).plane()).isEmpty();
        assertThat(Steps.of(YAGI, List.of(), Marks.of(YAGI), Optional.empty(), Optional.empty()))
                .anyMatch(t -> t.text().startsWith("Part the driven element"));
    }

    @Test
    void whatIsNotDrilledIsOnlyMarked() {
        assertThat(Marks.of(design("quad")).marks()).isNotEmpty().allMatch(m -> m.hole() == 0);
        assertThat(Marks.of(YAGI).marks()).allMatch(m -> m.hole() == 6e-3);
        assertThat(Printed.of(design("log-periodic"), 4e-3, 15e-3)).isEmpty();
    }
}
