package veldline.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import veldline.antenna.BoomKind;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Polarized;
import veldline.antenna.Shelf;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class CandidatesTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessment A = new Assessor().assess(JOB);

    @Test
    void allAreRankedByTheLineAndRejectsStayVisible() {
        List<Candidate> list = Candidates.of(A, Progress.NONE);
        Family.Wish wish = Candidates.wish(A, JOB.brief().sizeAllowed().value());
        long offers =
                Families.all().stream().mapToLong(f -> f.offers(wish).size()).sum();
        assertThat(list).hasSize((int) offers + Shelf.serving(2437e6).size());
        assertThat(list).isSortedAccordingTo((a, b) -> a.level().compareTo(b.level()));
        assertThat(list)
                .anyMatch(c -> c.level() == Finding.Level.STOP && !c.reason().isEmpty());
        assertThat(list.stream().map(c -> c.shaped().family().name()).distinct())
                .as("every family appears by itself")
                .containsExactlyInAnyOrderElementsOf(Stream.concat(
                                Families.all().stream()
                                        .filter(f -> !f.offers(wish).isEmpty())
                                        .map(Family::name),
                                Stream.of("bought"))
                        .toList());
        // The margin of a candidate is that of the line with its gain in it.
        Candidate best =
                list.stream().filter(c -> c.yagi().isPresent()).findFirst().orElseThrow();
        Assessment taken = new Assessor().assess(JOB.withYagi(best.yagi().orElseThrow()));
        assertThat(taken.line().margin().value() - taken.line().worstBelow())
                .isCloseTo(best.margin().value(), within(1e-6));
    }

    /** Whatever is shaped by its measures promises what the line then shows. */
    @Test
    void aDesignThatIsTakenLeavesTheMarginItWasRankedBy() {
        List<Candidate> designs = Candidates.of(A, Progress.NONE).stream()
                .filter(c -> c.shaped().made().isPresent())
                .toList();
        assertThat(designs).hasSizeGreaterThanOrEqualTo(6);
        for (Candidate c : designs) {
            Job with = new JobChange.Fit(true, c.shaped().made().orElseThrow()).applyTo(JOB);
            Assessment taken = new Assessor().assess(with, Assessor.Depth.QUICK, () -> true);
            assertThat(taken.line().margin().value() - taken.line().worstBelow())
                    .as(c.shaped().title())
                    .isCloseTo(c.margin().value(), within(with.polarized().upright() ? 3 : 1e-6));
        }
    }

    @Test
    void whatIsBoughtIsAssessedForThisJobLikeWhatIsMade() {
        List<Candidate> list = Candidates.of(A, Progress.NONE);
        Candidate panel = list.stream()
                .filter(c -> c.shaped().title().equals("Flat panel"))
                .findFirst()
                .orElseThrow();
        Job with = new JobChange.Fit(true, panel.bought().orElseThrow()).applyTo(JOB);
        Assessment taken = new Assessor().assess(with, Assessor.Depth.QUICK, () -> true);
        assertThat(taken.line().margin().value() - taken.line().worstBelow())
                .isCloseTo(panel.margin().value(), within(1e-6));
        assertThat(panel.bought().orElseThrow().polarization())
                .as("turned as the lodge stands")
                .isEqualTo(Polarized.FLAT);
        Candidate omni = list.stream()
                .filter(c -> c.shaped().title().startsWith("Upright omni"))
                .findFirst()
                .orElseThrow();
        assertThat(omni.gain().value() - omni.effective().value())
                .as("cannot be turned")
                .isGreaterThan(10);
        assertThat(omni.merits().beam()).isEmpty();
        Candidate dish = list.stream()
                .filter(c -> c.shaped().title().startsWith("Grid dish"))
                .findFirst()
                .orElseThrow();
        assertThat(dish.level()).as("radiates more than the licence").isEqualTo(Finding.Level.STOP);
    }

    @Test
    void theOtherWayTakesAsMuch() {
        Candidate c = Candidates.of(A, Progress.NONE).get(0);
        var near = JOB.brief().near().radio();
        var far = JOB.brief().far().radio();
        assertThat(c.merits().back().orElseThrow().value() - c.margin().value())
                .isCloseTo(
                        far.power().value()
                                - near.power().value()
                                + far.sensitivity().value()
                                - near.sensitivity().value(),
                        within(1e-9));
        assertThat(c.merits().off()).isBetween(0.0, 2.0);
        assertThat(c.merits().beam().orElseThrow()).isBetween(15.0, 75.0);
    }

    @Test
    void whatCountsMostDecidesTheOrderOfThoseThatDo() {
        List<Candidate> list = Candidates.of(A, Progress.NONE);
        for (Weigh w : Weigh.values()) {
            List<Candidate> ranked = w.ranked(list);
            assertThat(ranked).containsExactlyInAnyOrderElementsOf(list);
            assertThat(ranked).isSortedAccordingTo((a, b) -> a.level().compareTo(b.level()));
        }
        List<Candidate> small = Weigh.SIZE.ranked(list);
        List<Candidate> fits =
                small.stream().filter(c -> c.level() == small.get(0).level()).toList();
        for (int i = 1; i < fits.size(); i++) {
            assertThat(longest(fits.get(i))).isGreaterThanOrEqualTo(longest(fits.get(i - 1)));
        }
    }

    private static double longest(Candidate c) {
        return Math.max(
                c.shaped().length(), c.bought().map(b -> b.length().value()).orElse(0.0));
    }

    @Test
    void aTurningWaveLosesThreeDecibelsToAFlatPanel() {
        Candidate helix = Candidates.of(A, Progress.NONE).stream()
                .filter(c -> c.shaped().circular())
                .findFirst()
                .orElseThrow();
        double match = helix.effective().inputs().stream()
                .filter(i -> i.symbol().equals("m"))
                .findFirst()
                .orElseThrow()
                .value();
        assertThat(helix.gain().value() - helix.effective().value() - match).isCloseTo(3.01, within(0.01));
    }

    @Test
    void aStudyCalledOffKeepsWhatItHas() {
        AtomicInteger steps = new AtomicInteger();
        assertThat(Candidates.of(A, (done, of, best) -> steps.incrementAndGet() <= 2))
                .hasSize(2);
    }

    @Test
    void longerYagisGainMoreAndTwoToTwentyElementsSolve() {
        double last = 0;
        for (int n : new int[] {2, 3, 5, 8, 12, 16, 20}) {
            YagiShape y = Yagi.forCount(2437e6, n, Quantity.of("1.6", Unit.MM), Metal.BRASS, false);
            double gain = new RadiatedField(FieldSolver.solve(y.model(), 2437e6)).gainDbi(Direction.X);
            assertThat(gain).as(n + " elements").isGreaterThan(last);
            last = gain;
        }
        assertThat(last).isGreaterThan(16);
    }

    @Test
    void thicknessIsMadeUpForInTheLengths() {
        double thin = gain("0.4");
        double thick = gain("3");
        assertThat(thin).isCloseTo(thick, within(0.3));
    }

    private static double gain(String millimetres) {
        YagiShape y = Yagi.forCount(2437e6, 8, Quantity.of(millimetres, Unit.MM), Metal.COPPER, true);
        return new RadiatedField(FieldSolver.solve(y.model(), 2437e6)).gainDbi(Direction.X);
    }

    @Test
    void aFoldedDriverInPlaceHasAboutFourTimesTheResistance() {
        YagiShape y = Yagi.forCount(144.5e6, 5, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, false);
        double straight =
                FieldSolver.solve(y.model(), 144.5e6).impedances().get(0).getReal();
        double folded = FieldSolver.solve(y.withFeed(YagiShape.Feed.FOLDED).model(), 144.5e6)
                .impedances()
                .get(0)
                .getReal();
        assertThat(folded / straight).isBetween(3.3, 4.7);
    }

    @Test
    void onlyMetalThroughTheElementIsMadeUpFor() {
        assertThat(BoomKind.WOOD.correction(0.02, 0.69)).isZero();
        assertThat(BoomKind.ABOVE.correction(0.02, 0.69)).isZero();
        assertThat(BoomKind.THROUGH_BONDED.correction(0.02, 0.69)).isBetween(0.005, 0.016);
        YagiShape y = JOB.yagi().orElseThrow().withBoom(BoomKind.THROUGH_INSULATED);
        assertThat(y.cutList(2437e6).get(4).cut())
                .isGreaterThan(JOB.yagi().orElseThrow().cutList(2437e6).get(4).cut());
        assertThat(y.model())
                .as("the field does not know the boom")
                .isEqualTo(JOB.yagi().orElseThrow().model());
    }

    @Test
    void aFamilyIsOneClassAndOneLine() {
        assertThat(Families.all())
                .extracting(Family::name)
                .doesNotHaveDuplicates()
                .contains("Yagi", "dipole", "helix");
        Family.Wish wish = new Family.Wish(2437e6, 0.4, 0.0016, Metal.BRASS, false);
        Families.all().forEach(f -> {
            assertThat(f.shape(wish)).isEqualTo(f.shape(wish));
            assertThat(f.shape(wish).model().isPresent())
                    .isNotEqualTo(f.shape(wish).fitted().isPresent());
        });
    }
}
