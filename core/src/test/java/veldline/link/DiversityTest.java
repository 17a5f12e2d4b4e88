package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import veldline.antenna.Bought;
import veldline.antenna.ClaimedBeam;
import veldline.antenna.NotChosen;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.demo.BoughtPanels;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class DiversityTest {
    private static final Optional<Double> YAGI = Optional.of(40.0);

    @Test
    void twoAlikeAreThreeDecibelsMoreAndOneLeftOffIsNothing() {
        assertThat(Diversity.combined(List.of(-60.0, -60.0)).value()).isCloseTo(-56.99, within(0.01));
        assertThat(Diversity.combined(List.of(-60.0, -260.0)).value()).isCloseTo(-60, within(1e-9));
        assertThat(Diversity.streams(List.of(-60.0, -62.0), -90)).isEqualTo(2);
        assertThat(Diversity.streams(List.of(-60.0, -75.0), -90))
                .as("too weak beside the other")
                .isEqualTo(1);
        assertThat(Diversity.streams(List.of(-60.0, -62.0), -61))
                .as("under the floor")
                .isEqualTo(1);
    }

    @Test
    void aNarrowAndAWideAntennaTogetherReachFarAheadAndServeAllRound() {
        double narrow = Diversity.covered(-8, List.of(30.0), List.of(14.0));
        double wide = Diversity.covered(-1, List.of(360.0), List.of(2.0));
        assertThat(narrow).isBetween(5.0, 20.0);
        assertThat(wide).isEqualTo(100);
        assertThat(Diversity.covered(-8, List.of(30.0, 360.0), List.of(14.0, 2.0)))
                .isEqualTo(narrow);
        assertThat(Diversity.covered(-1, List.of(30.0, 360.0), List.of(14.0, 2.0)))
                .isEqualTo(100);
    }

    /** Every way of pointing one antenna, tried; no bearing serves more than the one found. */
    @RepeatedTest(20)
    void noBearingServesMore(RepetitionInfo run) {
        Random r = new Random(run.getCurrentRepetition());
        List<BearingSearch.Sender> all = java.util.stream.IntStream.range(0, 5)
                .mapToObj(i -> new BearingSearch.Sender("s" + i, 360 * r.nextDouble(), 25 * r.nextDouble() - 4))
                .toList();
        BearingSearch.Found one = BearingSearch.one(all, YAGI);
        for (int b = 0; b < 360; b++) {
            int bearing = b;
            long served = all.stream()
                    .filter(s -> s.margin() >= OnAir.down(YAGI, Optional.of(s.bearing() - bearing)))
                    .count();
            assertThat(one.served().size()).isGreaterThanOrEqualTo((int) served);
        }
        BearingSearch.two(all, YAGI)
                .ifPresent(t ->
                        assertThat(t.served().size()).isGreaterThan(one.served().size()));
    }

    @Test
    void twoSendersAtOppositeSidesTakeTwoAntennasUnlessTheSplitCostsThemBoth() {
        List<BearingSearch.Sender> strong =
                List.of(new BearingSearch.Sender("east", 90, 12), new BearingSearch.Sender("west", 270, 9));
        BearingSearch.Found two = BearingSearch.two(strong, YAGI).orElseThrow();
        assertThat(two.served()).hasSize(2);
        assertThat(two.worst().value()).isCloseTo(9 - BearingSearch.COMBINER, within(0.3));
        List<BearingSearch.Sender> weak =
                List.of(new BearingSearch.Sender("east", 90, 3), new BearingSearch.Sender("west", 270, 3));
        assertThat(BearingSearch.two(weak, YAGI)).as("both would fall under").isEmpty();
        assertThat(BearingSearch.one(strong, YAGI).bearings().get(0)).isEqualTo(90);
    }

    private static Assessment with(Diversity.Port... others) {
        Job shelter = BoughtPanels.shelter();
        Job job = new JobChange.OfBrief(new BriefChange.OtherPorts(true, List.of(others))).applyTo(shelter);
        return new Assessor().assess(job, Assessor.Depth.QUICK, () -> true);
    }

    @Test
    void aRadioWithAPortOpenWillNotWorkAndACrossedOneKeepsItsStreams() {
        assertThat(with(Diversity.Port.OPEN).of(Step.FEED_RUN))
                .anyMatch(f -> f.level() == Finding.Level.STOP && f.tag().equals("port open"));
        assertThat(with(Diversity.Port.CROSSED).of(Step.FEED_RUN))
                .noneMatch(f -> f.tag().equals("streams lost"));
        assertThat(with(Diversity.Port.LOAD).of(Step.FEED_RUN))
                .anyMatch(f -> f.tag().equals("streams lost"));
    }

    /** A split halves both; together they give back the half, and the splitter's own loss is gone for good. */
    @Test
    void aSplitWinsNothingAndARodIsAsFarDownAsTheAntennaGains() {
        List<Double> split = Diversity.levels(-60, 14, List.of(Diversity.Port.SPLIT));
        assertThat(split).containsExactly(-63.5, -63.5);
        assertThat(Diversity.combined(split).value()).isBetween(-60.6, -60.4);
        assertThat(Diversity.levels(-60, 14, List.of(Diversity.Port.OWN)).get(1))
                .isCloseTo(-60 - 14 + 2.15, within(1e-9));
        assertThat(Diversity.downDb(Diversity.Port.OWN, 0))
                .as("no better than it")
                .isZero();
        assertThat(Diversity.levels(-60, 14, List.of(Diversity.Port.SAME, Diversity.Port.ASIDE)))
                .containsExactly(-60.0, -60.0, -60 - ClaimedBeam.MOST_DOWN);
    }

    /** A rod lies as far down as the panel beside it gains: under 10 dB it still carries a stream, over it does not. */
    @Test
    void aRodBesideAPanelCarriesAStreamUntilThePanelOutdoesIt() {
        assertThat(lost("9")).isFalse();
        assertThat(lost("12")).isFalse();
        assertThat(lost("12.2")).isTrue();
        assertThat(lost("15")).isTrue();
    }

    private static boolean lost(String panelDbi) {
        Job job = with(Diversity.Port.OWN).job();
        Bought panel = ((Bought) job.nearAntenna()).withGain(Quantity.of(panelDbi, Unit.DBI));
        return new Assessor()
                        .assess(new JobChange.Fit(true, panel).applyTo(job), Assessor.Depth.QUICK, () -> true)
                        .of(Step.FEED_RUN)
                        .stream()
                        .anyMatch(f -> f.tag().equals("streams lost"));
    }

    @Test
    void portsOfALineWithoutAnAnswerAreLeftOpen() {
        Job shelter = BoughtPanels.shelter();
        Job ported =
                new JobChange.OfBrief(new BriefChange.OtherPorts(true, List.of(Diversity.Port.SAME))).applyTo(shelter);
        Job bare = new JobChange.Fit(true, new NotChosen()).applyTo(ported);
        Assessment a = new Assessor().assess(bare, Assessor.Depth.QUICK, () -> true);
        assertThat(a.line().answered()).isFalse();
        assertThat(a.of(Step.FEED_RUN))
                .anyMatch(f -> f.level() == Finding.Level.UNKNOWN && f.rest().contains("when the line is answered"));
    }

    @Test
    void aClaimedBeamIsThreeDecibelsDownAtHalfItsWidthAndNeverUnderItsBack() {
        assertThat(ClaimedBeam.downDb(15, 30)).isCloseTo(3, within(1e-9));
        assertThat(ClaimedBeam.downDb(-15, 30)).isCloseTo(3, within(1e-9));
        assertThat(ClaimedBeam.downDb(345, 30)).isCloseTo(3, within(1e-9));
        assertThat(ClaimedBeam.downDb(180, 30)).isEqualTo(ClaimedBeam.MOST_DOWN);
        assertThat(ClaimedBeam.downDb(180, 360)).isZero();
    }

    /** A relay of two ports, one of which only hears. */
    private static Assessment relay(int port, Diversity.Port other) {
        RadioSheet sheet = Radios.byId("relay-868");
        Job gauge = new JobChange.TakeRadio(true, sheet, sheet.rates().get(0))
                .applyTo(TernholmSands.all().get(5));
        Job hung = new JobChange.OfBrief(new BriefChange.OtherPorts(true, List.of(other))).applyTo(gauge);
        return new Assessor()
                .assess(
                        new JobChange.OfBrief(new BriefChange.OnPort(true, port)).applyTo(hung),
                        Assessor.Depth.QUICK,
                        () -> true);
    }

    @Test
    void theAntennaThatGainsMostBelongsOnThePortThatSends() {
        assertThat(relay(0, Diversity.Port.OWN).of(Step.FEED_RUN))
                .noneMatch(f -> f.tag().equals("wrong port"));
        Assessment wrong = relay(1, Diversity.Port.OWN);
        Finding f = wrong.of(Step.FEED_RUN).stream()
                .filter(x -> x.tag().equals("wrong port"))
                .findFirst()
                .orElseThrow();
        assertThat(f.level()).isEqualTo(Finding.Level.STOP);
        assertThat(f.reason()).contains("dB weaker");
        Job right = JobChange.lift(f.remedies().get(0).change(), true).applyTo(wrong.job());
        assertThat(right.brief().near().port()).isZero();
        assertThat(relay(1, Diversity.Port.LOAD).of(Step.FEED_RUN))
                .anyMatch(x -> x.tag().equals("wrong port") && x.reason().contains("Nothing that radiates"));
        assertThat(with(Diversity.Port.SAME).of(Step.FEED_RUN))
                .as("where all ports send, any of them will do")
                .noneMatch(x -> x.tag().equals("wrong port"));
    }
}
