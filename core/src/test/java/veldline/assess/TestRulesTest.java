package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.prove.Heard;
import veldline.prove.ProveChange;
import veldline.prove.SideBySide;
import veldline.prove.SideReading;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What the tests at the place are judged to say, in the words a technician reads. */
class TestRulesTest {
    private static final Job JOB = TernholmSands.nestCamera()
            .withProve(TernholmSands.nestCamera().prove().withTurns(List.of()));
    private static final Assessor ASSESSOR = new Assessor();

    private static Job with(ProveChange... changes) {
        Job job = JOB;
        for (ProveChange c : changes) {
            job = new JobChange.OfProve(c).applyTo(job);
        }
        return job;
    }

    private static ProveChange turned(Turned what, String text) {
        return new ProveChange.TurnedBy(
                what, TurnReading.read(text, what.unit()).orElseThrow());
    }

    private static Finding first(ProvePage page, Job job) {
        return page.findings(ASSESSOR.assess(job, Assessor.Depth.SWEEP, () -> true))
                .get(0);
    }

    private static String said(Finding f) {
        return f.sentence() + " " + f.reason();
    }

    /** The job's own solved cut, read every ten degrees about a bearing. */
    private static String cut(double about, java.util.function.DoubleUnaryOperator extra) {
        AntennaFigures f = ASSESSOR.assess(JOB, Assessor.Depth.QUICK, () -> true)
                .antenna()
                .value()
                .orElseThrow();
        return IntStream.range(0, 36)
                .mapToObj(i -> {
                    double off = ((10 * i - about) % 360 + 540) % 360 - 180;
                    double level = -60 + Math.max(-24, veldline.raise.Aim.relative(f.levelCut(false), off));
                    return 10 * i + " " + Math.round(10 * (level + extra.applyAsDouble(off))) / 10.0;
                })
                .collect(Collectors.joining(", "));
    }

    @Test
    void aTurnLaidOverTheSolvedCutFits() {
        Finding f = first(ProvePage.TURN, with(turned(Turned.BEARING, cut(74, off -> 0))));
        assertThat(f.level()).isEqualTo(Finding.Level.FITS);
        assertThat(said(f)).contains("is the middle of its beam").contains("as solved");
    }

    @Test
    void aBounceAsideIsToldFromTheBeam() {
        Finding f = first(ProvePage.TURN, with(turned(Turned.BEARING, cut(74, off -> off > 60 && off < 100 ? 14 : 0))));
        assertThat(f.level()).isEqualTo(Finding.Level.WATCH);
        assertThat(said(f)).contains("a bounce comes from there");
    }

    @Test
    void aBackThatIsFilledIsNotTheAntennas() {
        Finding f = first(ProvePage.TURN, with(turned(Turned.BEARING, cut(74, off -> Math.abs(off) > 155 ? 7 : 0))));
        assertThat(f.level()).isEqualTo(Finding.Level.WATCH);
        assertThat(said(f)).contains("fills the back");
    }

    @Test
    void aPatternIsNotTurnedNearerThanItsFarField() {
        Job near = new JobChange.OfBrief(new BriefChange.Distance(Quantity.of("1", Unit.M)))
                .applyTo(with(turned(Turned.BEARING, cut(74, off -> 0))));
        List<Finding> all = ProvePage.TURN.findings(ASSESSOR.assess(near, Assessor.Depth.SWEEP, () -> true));
        assertThat(all)
                .anyMatch(f -> f.level() == Finding.Level.STOP && f.sentence().contains("far field"));
    }

    @Test
    void anotherHeightIsNamedWithWhatItBrings() {
        Finding f =
                first(ProvePage.TURN, with(turned(Turned.HEIGHT, "4 -66, 5 -62, 6 -61, 7 -62, 8 -66, 9 -70, 10 -74")));
        assertThat(f.level()).isEqualTo(Finding.Level.WATCH);
        assertThat(said(f)).startsWith("At 6.0 m it hears most; +").contains("low water");
    }

    @Test
    void aCrossedFieldIsToldByItsAngle() {
        Finding f = first(
                ProvePage.TURN,
                with(turned(
                        Turned.POLARIZATION,
                        "0 -80, 15 -74, 30 -68, 45 -65, 60 -63, 75 -62, 90 -62, 120 -63, 150 -68")));
        assertThat(f.level()).isEqualTo(Finding.Level.WATCH);
        assertThat(said(f)).contains("It is put up flat");
        Finding round = first(
                ProvePage.TURN, with(turned(Turned.POLARIZATION, "0 -63, 30 -63, 60 -64, 90 -63, 120 -63, 150 -64")));
        assertThat(said(round)).contains("One end's field turns");
    }

    @Test
    void aGainWithoutAControlAfterIsWatched() {
        SideBySide sides = SideBySide.NONE.withReadings(
                SideReading.read("k -70, u -60, k -70.3, u -60.4, k -70.1, u -60.2, k -70.2")
                        .orElseThrow());
        Finding held = first(ProvePage.SIDES, with(new ProveChange.Beside(sides)));
        assertThat(held.level()).isEqualTo(Finding.Level.FITS);
        assertThat(held.lead()).isEqualTo("12.1 dBi");
        SideBySide cut = sides.withReadings(sides.readings().subList(0, 6));
        assertThat(said(first(ProvePage.SIDES, with(new ProveChange.Beside(cut)))))
                .contains("was not read before and after");
        SideBySide few = sides.withReadings(sides.readings().subList(0, 3));
        assertThat(said(first(ProvePage.SIDES, with(new ProveChange.Beside(few)))))
                .startsWith("No gain yet");
    }

    @Test
    void hearingFewerIsNotTakenForWorse() {
        Finding f = first(
                ProvePage.SURVEY,
                with(new ProveChange.Surveyed(
                        Heard.read("lodge* 74 -72 -61, ferry 200 -70 -, slip 250 -76 -, spit 80 -79 -75")
                                .orElseThrow())));
        assertThat(f.level()).isEqualTo(Finding.Level.FITS);
        assertThat(said(f))
                .startsWith("+11.0 dB for the wanted one. 2 of 4 are heard, 4 were before.")
                .contains("2 of 2 that are gone lie 60° and more off the beam")
                .contains("14.0 dB over the strongest other, −2.0 before");
    }

    @Test
    void aCountThatGrowsIsNotTakenForBetter() {
        Finding f = first(
                ProvePage.SURVEY,
                with(new ProveChange.Surveyed(Heard.read("lodge* 74 -62 -64, ferry 200 - -70, slip 250 - -74")
                        .orElseThrow())));
        assertThat(f.level()).isEqualTo(Finding.Level.WATCH);
        assertThat(said(f)).contains("A count is no measure of gain");
    }
}
