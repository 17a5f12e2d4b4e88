package veldline.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.antenna.Polarized;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.Air;
import veldline.link.AirChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class NextBestTest {
    private static final Assessor ASSESSOR = new Assessor();

    private static Assessment assessed(Job job) {
        return ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
    }

    private static Job hideAt(String height) {
        return new JobChange.OfBrief(new BriefChange.Height(true, Quantity.of(height, Unit.M)))
                .applyTo(TernholmSands.nestCamera());
    }

    private static double worst(Assessment a) {
        return a.line().margin().value() - a.line().worstBelow();
    }

    @Test
    void atFourteenMetresTheHeightIsWorthMost() {
        Assessment a = assessed(hideAt("14"));
        List<NextStep> steps = NextBest.of(a, Progress.NONE);
        assertThat(steps.get(0).cause()).isEqualTo(NextStep.Cause.HEIGHT);
        assertThat(steps)
                .isSortedAccordingTo(
                        Comparator.comparingDouble((NextStep s) -> -s.worth().value()));
        assertThat(steps).allMatch(s -> s.gain().value() >= 0.3 && s.hours() > 0);
    }

    /** Whatever a step promises, the line shows when the step is taken. */
    @Test
    void everyStepDoesWhatItSays() {
        Assessment a = assessed(hideAt("14"));
        for (NextStep s : NextBest.of(a, Progress.NONE)) {
            if (!s.changes().isEmpty()) {
                Job with = new JobChange.All(s.title(), s.changes()).applyTo(a.job());
                assertThat(worst(assessed(with)) - worst(a))
                        .as(s.title())
                        .isCloseTo(s.gain().value(), within(0.35));
            }
        }
    }

    /** A ferry 6 dB over the noise costs what the noise and it make together over the noise alone; an empty channel wins that back. */
    @Test
    void aQuieterChannelIsAStepWorthWhatItTakesAway() {
        Job nest = TernholmSands.nestCamera();
        double noise = nest.brief().far().radio().sensitivity().value()
                - nest.brief().air().snr().value();
        double gain = assessed(nest).line().stop("far-antenna").step().value()
                - nest.farRun().lossDb(nest.brief().frequency().value());
        Job loud = new JobChange.OfBrief(new BriefChange.OfAir(new AirChange.AddHeard(new Air.Heard(
                        "ferry",
                        Quantity.of("2437", Unit.MHZ),
                        Quantity.of("20", Unit.MHZ),
                        Quantity.shown(noise + 6 - gain, Unit.DBM, 2),
                        Optional.empty()))))
                .applyTo(nest);
        NextStep step = NextBest.of(assessed(loud), Progress.NONE).stream()
                .filter(s -> s.cause() == NextStep.Cause.CHANNEL)
                .findFirst()
                .orElseThrow();
        assertThat(step.gain().value()).isCloseTo(10 * Math.log10(1 + Math.pow(10, 0.6)), within(0.05));
        Job moved = step.changes().get(0).applyTo(loud);
        assertThat(NextBest.of(assessed(moved), Progress.NONE)).noneMatch(s -> s.cause() == NextStep.Cause.CHANNEL);
        assertThat(NextBest.of(assessed(nest), Progress.NONE)).noneMatch(s -> s.cause() == NextStep.Cause.CHANNEL);
    }

    /** The skiff's hands are crossed: a turn of the same hand is what the search finds. */
    @Test
    void crossedHandsAreMendedFirst() {
        Job skiff = TernholmSands.all().get(4);
        Assessment a = assessed(skiff);
        assertThat(a.path().polarization().value()).isGreaterThan(10);
        NextStep first = NextBest.of(a, Progress.NONE).stream()
                .max(Comparator.comparingDouble(s -> s.gain().value()))
                .orElseThrow();
        assertThat(first.cause()).isEqualTo(NextStep.Cause.POLARIZATION);
        Job mended = new JobChange.All(first.title(), first.changes()).applyTo(skiff);
        assertThat(mended.nearAntenna().polarized().orElseThrow().circular()).isTrue();
        assertThat(mended.nearAntenna().polarized())
                .isEqualTo(mended.farAntenna().polarized());
        assertThat(Polarized.LEFT_HAND).isNotEqualTo(Polarized.RIGHT_HAND);
    }

    @Test
    void whereThereIsNoMarginNothingIsTried() {
        assertThatThrownBy(() -> NextBest.of(assessed(TernholmSands.all().get(6)), Progress.NONE))
                .hasMessageContaining("no margin");
    }

    @Test
    void aStoppedSearchGivesWhatItFound() {
        Assessment a = assessed(hideAt("14"));
        List<NextStep> some = NextBest.of(a, (done, of, best) -> done < 1);
        assertThat(some).hasSizeLessThan(NextBest.of(a, Progress.NONE).size());
    }
}
