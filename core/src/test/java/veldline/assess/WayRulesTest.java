package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.path.Edges;
import veldline.path.Leaves;
import veldline.path.Material;
import veldline.path.Obstruction;
import veldline.path.Passage;
import veldline.path.PathEffects;
import veldline.path.Profile;
import veldline.path.Rise;
import veldline.path.WayChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What is said of the ground and the weather, and that every edit of the way does what its words say. */
class WayRulesTest {
    private static final Job NEST = TernholmSands.nestCamera();
    private static final Job GAUGE = TernholmSands.all().get(5);
    private static final Assessor ASSESSOR = new Assessor();

    private static Assessment assessed(Job job) {
        return ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
    }

    private static Job with(Job job, WayChange... changes) {
        Job next = job;
        for (WayChange c : changes) {
            next = new JobChange.OfBrief(new BriefChange.OfWay(c)).applyTo(next);
        }
        return next;
    }

    private static WayChange amount(WayChange.Kind kind, String number, Unit unit) {
        return new WayChange.Amount(kind, Quantity.of(number, unit));
    }

    private static WayChange ridge(double high) {
        return new WayChange.Along(Optional.of(new Profile(
                "typed points", List.of(0.0, 1000.0, 1200.0, 1400.0, 2600.0), List.of(0.0, 0.5, high, 0.5, 0.0))));
    }

    private static Optional<Finding> tagged(Assessment a, Step step, String tag) {
        return a.of(step).stream().filter(f -> f.tag().equals(tag)).findFirst();
    }

    @Test
    void aBlockedLineIsToldWithBothSchoolsAndMendedByItsRemedy() {
        Assessment a = assessed(with(NEST, ridge(18)));
        Finding f = tagged(a, Step.BRIEF, "line blocked").orElseThrow();
        assertThat(f.reason()).contains("edge by edge").contains("dB");
        assertThat(a.path().over().counts()).isEqualTo(Passage.Ground.EDGES);
        Finding.Remedy raise = f.remedies().get(0);
        Job higher = JobChange.lift(raise.change(), true).applyTo(a.job());
        Assessment after = assessed(higher);
        assertThat(higher.brief().near().height().value())
                .isGreaterThan(a.job().brief().near().height().value());
        assertThat(after.line().margin().value() - after.line().worstBelow())
                .isGreaterThan(a.line().margin().value() - a.line().worstBelow() + 1);
    }

    @Test
    void aZoneThatIsNotClearIsWatchedAndAClearOneFits() {
        assertThat(tagged(assessed(GAUGE), Step.BRIEF, "zone not clear")).isPresent();
        Assessment clear = assessed(with(
                new JobChange.OfBrief(new BriefChange.Height(true, Quantity.of("30", Unit.M))).applyTo(NEST),
                ridge(2)));
        assertThat(clear.of(Step.BRIEF))
                .anyMatch(f -> f.level() == Finding.Level.FITS && f.rest().contains("of the first zone is clear"));
    }

    /** The nest camera's frequency lies in every fit; 150 MHz under that of trees, 3.7 MHz under that of walls. */
    @Test
    void whatNoSchoolHoldsForIsNotCountedAndSaidSo() {
        List<Obstruction> both = List.of(
                new Obstruction.Trees(Quantity.of("30", Unit.M), Leaves.WEISSBERGER),
                new Obstruction.Wall(Material.BRICK, Quantity.of("0.24", Unit.M)));
        Job inTheWay = new JobChange.OfBrief(new BriefChange.InTheWay(both)).applyTo(NEST);
        assertThat(tagged(assessed(inTheWay), Step.BRIEF, "not counted")).isEmpty();
        assertThat(inTheWay.brief().obstacleLossDb()).isGreaterThan(10);

        Assessment low = assessed(at(inTheWay, "150"));
        assertThat(low.of(Step.BRIEF).stream()
                        .filter(f -> f.tag().equals("not counted"))
                        .map(Finding::lead))
                .containsExactly("30 m of trees");
        assertThat(low.job().brief().obstacleLossDb())
                .as("the wall alone")
                .isCloseTo(Material.BRICK.lossDb(150e6, 0.24), within(1e-9));

        Assessment lower = assessed(at(inTheWay, "3.7"));
        assertThat(lower.of(Step.BRIEF).stream().filter(f -> f.tag().equals("not counted")))
                .hasSize(2)
                .allMatch(f -> f.worked().orElseThrow().value() == 0);
    }

    private static Job at(Job job, String mhz) {
        return new JobChange.OfBrief(new BriefChange.Frequency(Quantity.of(mhz, Unit.MHZ))).applyTo(job);
    }

    @ParameterizedTest
    @EnumSource(WayChange.Kind.class)
    void aNumberOutOfItsRangeIsRefusedWithTheRange(WayChange.Kind kind) {
        Quantity far = Quantity.of("-5000", kind.of(NEST.brief().way()).unit());
        assertThat(kind.allows(far.value())).isFalse();
        assertThat(kind.allows(kind.of(NEST.brief().way()).value())).isTrue();
        assertThatThrownBy(() -> with(NEST, new WayChange.Amount(kind, far)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(kind.words())
                .hasMessageContaining(" to ");
    }

    @Test
    void anExponentIsOfAPlaceOrNone() {
        assertThat(WayChange.Kind.EXPONENT.allows(0)).isTrue();
        assertThat(WayChange.Kind.EXPONENT.allows(1)).isFalse();
        assertThat(WayChange.Kind.EXPONENT.allows(1.6)).isTrue();
        assertThat(WayChange.Kind.EXPONENT.allows(6.1)).isFalse();
    }

    @Test
    void aWallOrWoodThatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Obstruction.Wall(Material.BRICK, Quantity.of("0", Unit.M)))
                .hasMessageContaining("over 0 and up to");
        assertThatThrownBy(() -> new Obstruction.Trees(Quantity.of("401", Unit.M), Leaves.ITU))
                .hasMessageContaining("400");
    }

    @Test
    void rainTakesWhatTheShareAskedForSays() {
        Job wet = with(GAUGE, amount(WayChange.Kind.RAIN, "40", Unit.ONE));
        assertThat(assessed(wet).path().weather().rain())
                .as("under 1 GHz rain takes nothing")
                .isEmpty();
        Job high = with(
                new JobChange.OfBrief(new BriefChange.Frequency(Quantity.of("24", Unit.GHZ))).applyTo(NEST),
                amount(WayChange.Kind.RAIN, "40", Unit.ONE));
        double usual = assessed(high).path().weather().rain().orElseThrow().value();
        double rare = assessed(with(high, amount(WayChange.Kind.SHARE, "0.001", Unit.ONE)))
                .path()
                .weather()
                .rain()
                .orElseThrow()
                .value();
        assertThat(usual).isBetween(5.0, 40.0);
        assertThat(rare).isGreaterThan(1.5 * usual);
        assertThat(assessed(high).path().lines().stream()
                        .map(l -> l.worked().formula().name()))
                .as("at 24 GHz the air itself is a line of the sum")
                .contains("Gases");
    }

    @Test
    void longerWaysFadeMoreAndMovingEndsAreNotAsked() {
        assertThat(assessed(NEST).path().weather().fading())
                .as("2.6 km is too short")
                .isEmpty();
        double seven = assessed(GAUGE).path().weather().fading().orElseThrow().occurrence();
        Job longer = new JobChange.OfBrief(new BriefChange.Distance(Quantity.of("30", Unit.KM)))
                .applyTo(with(GAUGE, new WayChange.Along(Optional.empty())));
        assertThat(assessed(longer).path().weather().fading().orElseThrow().occurrence())
                .isGreaterThan(20 * seven);
        Job moving =
                new JobChange.OfBrief(new BriefChange.CarriedBy(false, veldline.link.Carrier.CRAFT)).applyTo(longer);
        assertThat(assessed(moving).path().weather().fading()).isEmpty();
    }

    @Test
    void whatIsGoneThroughIsALineOfItsOwnAndComesOffTheMargin() {
        double before = assessed(NEST).line().margin().value();
        Obstruction wall = new Obstruction.Wall(Material.BRICK, Quantity.of("240", Unit.MM));
        Obstruction trees = new Obstruction.Trees(Quantity.of("12", Unit.M), Leaves.WEISSBERGER);
        Job through = new JobChange.OfBrief(new BriefChange.InTheWay(List.of(wall, trees))).applyTo(NEST);
        Assessment a = assessed(through);
        double taken = wall.loss(2437e6).value() + trees.loss(2437e6).value();
        assertThat(before - a.line().margin().value()).isCloseTo(taken, within(1e-9));
        assertThat(a.path().lines().stream().map(l -> l.worked().formula().name()))
                .contains("Brick wall", "Trees, Weissberger");
        assertThat(a.path().typical().doubt().orElseThrow())
                .as("doubts add as roots of squares")
                .isGreaterThan(assessed(NEST).path().typical().doubt().orElseThrow());
    }

    @Test
    void aPlaceByExponentLeavesOutTheGround() {
        Job woods = with(NEST, amount(WayChange.Kind.EXPONENT, "3.5", Unit.ONE));
        Assessment a = assessed(woods);
        assertThat(a.path().over().counts()).isEqualTo(Passage.Ground.NEITHER);
        assertThat(a.path().worstBelow()).isZero();
        assertThat(a.path().lines().get(0).worked().formula().name()).isEqualTo("Loss by distance");
        Job spread = with(woods, amount(WayChange.Kind.SPREAD, "12", Unit.DB));
        assertThat(assessed(spread).line().margin().doubt().orElseThrow())
                .isGreaterThan(a.line().margin().doubt().orElseThrow());
    }

    static Stream<WayChange> edits() {
        return Stream.of(
                amount(WayChange.Kind.K, "0.8", Unit.ONE),
                amount(WayChange.Kind.ROUGHNESS, "0.6", Unit.M),
                amount(WayChange.Kind.GRADIENT, "-400", Unit.ONE),
                new WayChange.School(Edges.EDGE_BY_EDGE),
                new WayChange.Rises(Rise.FLOOD),
                new WayChange.HeightsOver(true),
                ridge(6));
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.MethodSource("edits")
    void everyEditChangesTheWayAndNamesItself(WayChange edit) {
        assertThat(edit.label()).isNotBlank();
        Job after = with(NEST, edit);
        assertThat(after).isNotEqualTo(NEST);
        assertThat(after.withBrief(after.brief().withWay(NEST.brief().way())))
                .as("and nothing else")
                .isEqualTo(NEST);
        assertThat(assessed(after).line().answered()).isTrue();
    }

    @Test
    void wavesTakeTheBounceOutOfAShortWave() {
        Job rough = with(
                new JobChange.OfBrief(new BriefChange.Frequency(Quantity.of("5.8", Unit.GHZ))).applyTo(NEST),
                amount(WayChange.Kind.ROUGHNESS, "4", Unit.M));
        List<PathEffects.Line> lines = assessed(rough).path().lines();
        double bounce = lines.stream()
                .filter(PathEffects.Line::gives)
                .mapToDouble(l -> l.worked().value())
                .sum();
        assertThat(bounce).isBetween(-3.0, 3.0);
    }

    @ParameterizedTest
    @EnumSource(Rise.class)
    void whatRisesIsCalledByItsName(Rise rise) {
        Assessment a = assessed(with(NEST, new WayChange.Rises(rise)));
        assertThat(a.path().middle().inputs().get(0).what()).contains(rise.words());
        assertThat(rise.low()).isNotEqualTo(rise.high());
    }

    @Test
    void heightsOverTheGroundStandOnTheGround() {
        WayChange hill = new WayChange.Along(
                Optional.of(new Profile("typed points", List.of(0.0, 1300.0, 2600.0), List.of(40.0, 0.0, 25.0))));
        Job zero = with(NEST, hill);
        Job ground = with(NEST, hill, new WayChange.HeightsOver(true));
        double near = NEST.brief().near().height().value();
        assertThat(assessed(zero).path().passage().near()).isEqualTo(near);
        assertThat(assessed(ground).path().passage().near()).isEqualTo(40 + near);
        assertThat(assessed(ground).path().over().line().clear()).isTrue();
    }
}
