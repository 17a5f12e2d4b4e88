package veldline.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.antenna.DesignChange;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.StationFigures;
import veldline.assess.Step;
import veldline.explain.Finding;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.prove.Verdict;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The other six jobs of the reserve: each story holds when it is computed. */
class ReserveTest {
    private static final Assessor ASSESSOR = new Assessor();

    static List<Job> jobs() {
        return TernholmSands.all();
    }

    private static Assessment of(String name) {
        return ASSESSOR.assess(job(name));
    }

    private static Job job(String name) {
        return jobs().stream().filter(j -> j.name().equals(name)).findFirst().orElseThrow();
    }

    private static Finding stop(Assessment a, Step step, String tag) {
        return a.of(step).stream()
                .filter(f -> f.level() == Finding.Level.STOP && f.tag().equals(tag))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no stop “" + tag + "” among "
                        + a.of(step).stream().map(Finding::sentence).toList()));
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void everyJobIsAssessedAndSurvivesItsFile(Job job) throws FormatException {
        Assessment a = ASSESSOR.assess(job);
        assertThat(a.whole()).isTrue();
        assertThat(a.line().stops()).hasSizeGreaterThanOrEqualTo(3);
        JobFile.Parts parts = JobFile.write(job);
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(job);
    }

    @Test
    void thereAreSevenWithNamesOfTheirOwn() {
        assertThat(jobs().stream().map(Job::name)).hasSize(7).doesNotHaveDuplicates();
    }

    @Test
    void theTagsAreHeardByAnAntennaOfOnesOwnAtTheFarEnd() {
        Assessment a = of("Tag receiver");
        assertThat(a.job().madeNear()).isFalse();
        assertThat(a.allowed()).as("hearing has no limit").isEmpty();
        List<StationFigures> tags = a.stations().value().orElseThrow();
        assertThat(tags).hasSize(3);
        assertThat(tags.get(1).margin().orElseThrow().value())
                .as("the farthest tag is the weakest")
                .isLessThan(tags.get(0).margin().orElseThrow().value())
                .isLessThan(tags.get(2).margin().orElseThrow().value());
    }

    @Test
    void theSplitterKeepsTheSupplyFromTheAmplifierUntilOneIsFittedThatPassesIt() {
        Assessment a = of("Lodge television");
        Finding blocked = stop(a, Step.FEED_RUN, "supply blocked");
        JobChange mend = JobChange.lift(blocked.remedies().get(0).change(), false);
        Assessment mended = ASSESSOR.assess(mend.applyTo(a.job()));
        assertThat(mended.of(Step.FEED_RUN))
                .noneMatch(f -> f.tag().equals("supply blocked"))
                .anyMatch(f -> f.sentence().startsWith("11.84 V reach"));
    }

    @Test
    void oneStrongStationOverloadsTheAmplifierAndTheOthersAloneDoNot() {
        Assessment a = of("Lodge television");
        stop(a, Step.FEED_RUN, "overload");
        Job without = new JobChange.DropStation().applyTo(a.job().withShown(1));
        assertThat(ASSESSOR.assess(without).of(Step.FEED_RUN))
                .noneMatch(f -> f.tag().equals("overload"));
    }

    @Test
    void aLineFromAFieldBeginsWithItAndHasNoNearPart() {
        Assessment a = of("Lodge television");
        assertThat(a.line().path()).isZero();
        assertThat(a.line().nearAntenna()).isEqualTo(-1);
        assertThat(a.line().stops().get(1).id()).isEqualTo("far-antenna");
        assertThat(a.eirp()).isEmpty();
    }

    @Test
    void theDunePathIsTheWeakestPlaceAndNothingIsShownOfTheAntenna() {
        Assessment a = of("Visitor shelter");
        List<StationFigures> places = a.stations().value().orElseThrow();
        assertThat(places.get(2).worst())
                .isLessThan(places.get(0).worst())
                .isLessThan(places.get(1).worst());
        assertThat(places.get(2).worst())
                .as("the wish is missed there")
                .isLessThan(a.job().brief().marginWanted().value());
        assertThat(a.prove().value().orElseThrow().verdict()).isNotEqualTo(Verdict.SHOWN);
    }

    @Test
    void crossedHandsTakeThePictureAndTurningOneBringsItBack() {
        Assessment a = of("Survey skiff video");
        assertThat(a.line().margin().value()).isNegative();
        assertThat(a.path().polarization().value()).isGreaterThan(15);
        stop(a, Step.SHAPE, "crossed");
        Job turned = new JobChange.OfDesign(new DesignChange.Size(3, Quantity.of("1", Unit.ONE))).applyTo(a.job());
        Assessment good = ASSESSOR.assess(turned);
        assertThat(good.line().margin().value()).isGreaterThan(0);
        assertThat(good.moving().orElseThrow().holds().value()).isGreaterThan(50);
    }

    @Test
    void theAdvertForTheGaugeClaimsMoreThanItsSizeCanGive() {
        Assessment a = of("Tide-gauge relay");
        stop(a, Step.CHOOSE, "claim not possible");
        assertThat(a.of(Step.CHOOSE).get(0).remedies())
                .as("what cannot be so is not offered")
                .isEmpty();
        Job modest = a.job().withOffer(a.job().offer().map(o -> o.withGain(Quantity.of("8", Unit.DBI))));
        Finding verdict = ASSESSOR.assess(modest).of(Step.CHOOSE).get(0);
        assertThat(verdict.level()).isEqualTo(Finding.Level.FITS);
        Job bought = JobChange.lift(verdict.remedies().get(0).change(), true).applyTo(modest);
        assertThat(bought.nearAntenna().title()).isEqualTo("Pocket Yagi, short");
    }

    @Test
    void theStormRadioIsABriefAndInventsNoNumbers() {
        Assessment a = of("Storm radio");
        assertThat(a.line().unknownFrom()).isPresent();
        assertThat(a.line().answered()).isFalse();
        assertThat(a.stations().value().orElseThrow()).allMatch(s -> s.margin().isEmpty());
        assertThat(a.of(Step.BRIEF).get(0).sentence()).startsWith("No margin yet");
        assertThat(a.raise().exposure())
                .as("power density is not what is limited there")
                .isEmpty();
    }
}
