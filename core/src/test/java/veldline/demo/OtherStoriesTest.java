package veldline.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ApertureFamily;
import veldline.antenna.Design;
import veldline.antenna.DesignChange;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.ProvePage;
import veldline.assess.SiteStage;
import veldline.assess.Step;
import veldline.coverage.Coverage;
import veldline.coverage.SectorSearch;
import veldline.coverage.SiteChange;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.path.Passage;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.study.Candidate;
import veldline.study.Candidates;
import veldline.study.Progress;
import veldline.study.Weigh;

/** What the other jobs of the reserve tell is what comes out when they are worked out. */
class OtherStoriesTest {
    private static final Assessor ASSESSOR = new Assessor();

    private static Job named(String name) {
        return TernholmSands.all().stream()
                .filter(j -> j.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Coverage.AtSpot spot(Assessment a, String name) {
        return a.site().value().orElseThrow().spots().stream()
                .filter(s -> s.spot().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theSheltersDuneHidesThePathAndASecondPanelServesIt() {
        Job job = named("Visitor shelter");
        Assessment a = ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
        assertThat(spot(a, "Terrace").level().value()).isGreaterThan(a.line().wish());
        assertThat(spot(a, "Behind the wall").level().value())
                .isBetween(a.line().floor(), a.line().wish());
        assertThat(spot(a, "Dune path").level().value()).isLessThan(a.line().floor());
        assertThat(a.of(Step.RAISE).get(0).level()).isEqualTo(Finding.Level.STOP);
        List<SectorSearch.Found> found = SiteStage.search(job).upTo(2, (done, of) -> true);
        assertThat(found.get(1).worst()).isGreaterThan(found.get(0).worst() + 10);
        Job two = new JobChange.OfSite(new SiteChange.Take(found.get(1).sets())).applyTo(job);
        Assessment with = ASSESSOR.assess(two, Assessor.Depth.QUICK, () -> true);
        assertThat(spot(with, "Dune path").level().value())
                .isGreaterThan(with.line().wish());
        assertThat(with.site().value().orElseThrow().worst().orElseThrow().value())
                .isCloseTo(found.get(1).worst(), within(0.1));
    }

    /** A column of patches in the place of the single one: the terrace keeps its level, by a pattern that is worked out. */
    @Test
    void theSheltersPanelMayBeAColumnOfPatches() {
        Job job = named("Visitor shelter");
        ApertureFamily patches = Families.apertures("patches");
        double f = job.brief().frequency().value();
        List<ApertureDesign> all = patches.choices(new Family.Wish(f, 0.6, 2e-3, Metal.ALUMINIUM, true));
        ApertureDesign one = all.get(0);
        ApertureDesign column = all.get(2);
        Job fitted = new JobChange.Fit(true, column).applyTo(job);
        Assessment a = ASSESSOR.assess(fitted, Assessor.Depth.QUICK, () -> true);
        assertThat(a.antenna().value().orElseThrow().widthH().orElseThrow().value())
                .isBetween(55.0, 110.0);
        assertThat(a.antenna().value().orElseThrow().widthE().orElseThrow().value())
                .isLessThan(25);
        assertThat(spot(a, "Terrace").level().value()).isGreaterThan(a.line().wish());
        Assessment single =
                ASSESSOR.assess(new JobChange.Fit(true, one).applyTo(job), Assessor.Depth.QUICK, () -> true);
        assertThat(spot(a, "Terrace").level().value())
                .isGreaterThan(spot(single, "Terrace").level().value() + 1);
    }

    /** The gauge is offered what has an opening, judged like the rest; a dish there is held against the licence. */
    @Test
    void theTideGaugeIsOfferedOpeningsToo() {
        Job job = TernholmSands.all().get(5);
        Assessment a = ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
        List<Candidate> openings = Candidates.of(a, Progress.NONE).stream()
                .filter(c -> c.shaped().family() instanceof ApertureFamily)
                .toList();
        assertThat(openings).isNotEmpty();
        assertThat(openings)
                .allMatch(c -> c.reason().length() > 10 && c.gain().doubt().isPresent());
        assertThat(openings)
                .anyMatch(c -> c.shaped().title().startsWith("Patch")
                        || c.shaped().title().startsWith("Can"));
        Job dish = new JobChange.Fit(
                        job.madeNear(), openings.get(0).shaped().made().orElseThrow())
                .applyTo(job);
        Assessment with = ASSESSOR.assess(dish, Assessor.Depth.QUICK, () -> true);
        assertThat(with.line().answered()).isTrue();
        assertThat(with.opening(job.madeNear())).isPresent();
        assertThat(Math.abs(with.antenna().value().orElseThrow().gain().value()
                        - openings.get(0).gain().value()))
                .isLessThan(1e-9);
    }

    @Test
    void oneRadioForBothCostsWhatTheSplitTakes() {
        Job job = named("Visitor shelter");
        Job two = new JobChange.OfSite(new SiteChange.AddAntenna()).applyTo(job);
        Job split = new JobChange.OfSite(new SiteChange.OneRadio(true)).applyTo(two);
        double each = spot(ASSESSOR.assess(two, Assessor.Depth.QUICK, () -> true), "Terrace")
                .level()
                .value();
        Assessment shared = ASSESSOR.assess(split, Assessor.Depth.QUICK, () -> true);
        assertThat(each - spot(shared, "Terrace").level().value()).isCloseTo(3.01, within(0.01));
        assertThat(shared.of(Step.RAISE)).anyMatch(f -> f.tag().equals("radio split"));
    }

    @Test
    void theTideGaugesWayIsClearOverTheFlatsButForItsZone() {
        Assessment a = ASSESSOR.assess(named("Tide-gauge relay"), Assessor.Depth.QUICK, () -> true);
        assertThat(a.path().over().line().clear()).isTrue();
        assertThat(a.path().over().clearance().orElseThrow().value()).isBetween(0.0, 0.6);
        assertThat(a.path().over().counts()).isEqualTo(Passage.Ground.BOUNCE);
        assertThat(a.line().margin().value())
                .isGreaterThan(a.job().brief().marginWanted().value());
        assertThat(a.path().weather().fading())
                .as("7.4 km is long enough to fade")
                .isPresent();
    }

    /** A short Yagi will do. */
    @Test
    void theTideGaugesChoiceIsAShortYagi() {
        Job job = named("Tide-gauge relay");
        List<Candidate> all = Candidates.of(ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true), Progress.NONE);
        Candidate best = all.get(0);
        assertThat(best.level()).isEqualTo(Finding.Level.FITS);
        // Of the Yagis that do, the shortest leaves enough: what a longer one adds nobody lacks.
        Candidate small = Weigh.SIZE.ranked(all).stream()
                .filter(c -> c.yagi().isPresent())
                .findFirst()
                .orElseThrow();
        assertThat(small.level()).isEqualTo(Finding.Level.FITS);
        assertThat(small.shaped().length()).isLessThan(job.brief().sizeAllowed().value() / 2);
    }

    /** The splitter keeps the supply from the amplifier, and with it one station is too strong for all. */
    @Test
    void theLodgesAmplifierHasNoSupplyAndOneStationOverloadsIt() {
        Assessment a = ASSESSOR.assess(named("Lodge television"));
        assertThat(a.of(Step.FEED_RUN)).anyMatch(f -> f.tag().equals("supply blocked"));
        assertThat(a.of(Step.FEED_RUN)).anyMatch(f -> f.tag().equals("overload"));
        Job weaker = new JobChange.All(
                        "the relay fainter by 20 dB",
                        List.of(
                                new JobChange.Show(1, "relay"),
                                new JobChange.OfBrief(new BriefChange.Field(Quantity.of("81", Unit.DBUV_M)))))
                .applyTo(a.job());
        assertThat(ASSESSOR.assess(weaker).of(Step.FEED_RUN))
                .as("it is that station and no other")
                .noneMatch(f -> f.tag().equals("overload"));
        assertThat(a.of(Step.RAISE)).anyMatch(f -> f.rest().startsWith("serves 3 of 3"));
    }

    @Test
    void theSkiffsHandsAreCrossedAndItsVideoFailsWhereItShouldReach() {
        Assessment a = ASSESSOR.assess(named("Survey skiff video"), Assessor.Depth.SWEEP, () -> true);
        assertThat(a.path().polarization().value()).isGreaterThan(10);
        assertThat(a.line().margin().value() - a.job().brief().marginWanted().value())
                .isNegative();
        assertThat(ProvePage.TURN.findings(a).get(0).reason())
                .as("turned about its beam it hears alike")
                .startsWith("One end's field turns");
    }

    /** A wire for the storm radio's three bands is told which lengths keep clear of their half waves. */
    @Test
    void theStormRadiosWireKeepsClearOfHalfWaves() {
        Job storm = named("Storm radio");
        Design wire = Families.wires("hung wire")
                .begun(new Family.Wish(3.66e6, 20, 2e-3, Metal.COPPER, false))
                .withSize(0, Quantity.of("40", Unit.M));
        Job hung = new JobChange.Fit(true, wire).applyTo(storm);
        assertThat(ASSESSOR.assess(hung, Assessor.Depth.QUICK, () -> true).of(Step.SHAPE))
                .anyMatch(f -> f.tag().equals("half wave") && f.reason().contains(" to "));
        Job clear = new JobChange.OfDesign(new DesignChange.Size(0, Quantity.of("26", Unit.M))).applyTo(hung);
        assertThat(ASSESSOR.assess(clear, Assessor.Depth.QUICK, () -> true).of(Step.SHAPE))
                .anyMatch(f -> f.rest().equals("keeps clear of every half wave."));
    }
}
