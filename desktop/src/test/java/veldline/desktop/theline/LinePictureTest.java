package veldline.desktop.theline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.explain.Origin;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.link.LevelLine;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class LinePictureTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    private static Picture draw(Assessment a) {
        return LinePicture.of(
                a.line(), Optional.empty(), Optional.empty(), Optional.empty(), "near-antenna", 1280, 190);
    }

    private static List<Mark.Stroke> line(Picture p) {
        return p.marks().stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(Mark.Stroke.class::cast)
                .filter(s -> s.role() == Role.MUSSEL && s.width() == 4)
                .toList();
    }

    @Test
    void heightIsLevelAtTheSamePixelsToADecibelOnBothSides() {
        LevelLine l = ASSESSOR.assess(JOB).line();
        LineScale s = LineScale.of(l, 190);
        assertThat(s.nearY(16) - s.nearY(26)).isCloseTo(10 * s.perDb(), within(1e-9));
        assertThat(s.farY(-70) - s.farY(-60)).isCloseTo(10 * s.perDb(), within(1e-9));
        assertThat(s.nearY(-200)).as("what has no room is held at the edge").isEqualTo(s.nearLow());
        for (LevelLine.Stop stop : l.stops()) {
            boolean near = l.stops().indexOf(stop) < l.path();
            double y =
                    near ? s.nearY(stop.level().value()) : s.farY(stop.level().value());
            assertThat(y).as(stop.name()).isBetween(10.0, 185.0);
        }
    }

    @Test
    void whatIsFoldedAwayIsPrinted() {
        Assessment a = ASSESSOR.assess(JOB);
        assertThat(draw(a).texts().map(Mark.Text::text)).anyMatch(t -> t.matches("\\d+ dB folded away"));
    }

    @Test
    void everyStopIsATargetWithWords() {
        Assessment a = ASSESSOR.assess(JOB);
        Picture p = draw(a);
        assertThat(p.zones()).hasSize(a.line().stops().size());
        p.zones().forEach(z -> {
            assertThat(z.width()).isGreaterThanOrEqualTo(96);
            assertThat(z.spoken()).contains("level");
        });
        assertThat(p.zoneAt(5 + p.zones().findFirst().orElseThrow().x(), 100)
                        .orElseThrow()
                        .id())
                .isEqualTo("stop:near-radio");
    }

    @Test
    void aClaimStandsInQuotesAndAWorkedValueSaysHow() {
        Assessment skiff = ASSESSOR.assess(TernholmSands.all().get(4));
        assertThat(draw(skiff).texts().map(Mark.Text::text))
                .contains("adds ‘" + skiff.line().stop("near-antenna").step().number() + "’");
        Picture p = draw(ASSESSOR.assess(JOB));
        assertThat(p.texts()
                        .filter(t -> t.text().equals("adds 14.8"))
                        .findFirst()
                        .orElseThrow()
                        .origin())
                .isInstanceOf(Origin.WorkedOut.class);
    }

    @Test
    void aBreakLeavesDashesAndBracketsBehindIt() {
        Job wrong = new JobChange.OfRun(true, new FeedChange.Replace(0, Drawer.part("a-sman-nj"))).applyTo(JOB);
        Assessment a = ASSESSOR.assess(wrong);
        Picture p = draw(a);
        assertThat(p.texts().map(Mark.Text::text))
                .anyMatch(t -> t.startsWith("(−"))
                .contains("pin meets pin", "not reached");
        assertThat(line(p)).hasSize(1);
        assertThat(line(p).get(0).points().get(1).x())
                .as("the solid line ends before the joint")
                .isLessThan(250);
        Picture margin =
                MarginPanel.of(a, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), 140, 190);
        assertThat(margin.texts().map(Mark.Text::text)).contains("no answer").noneMatch(t -> t.equals("17.1"));
    }

    @Test
    void theWorstTideHangsBelowAndTheWishIsDotted() {
        Picture p = draw(ASSESSOR.assess(JOB));
        assertThat(p.marks()).anyMatch(m -> m instanceof Mark.Area a && a.hatch() == Mark.Hatch.UPRIGHT);
        assertThat(p.marks()).anyMatch(m -> m instanceof Mark.Stroke s && s.dash() == Mark.Dash.DOTTED);
        Job still = new JobChange.OfBrief(new BriefChange.Tide(Quantity.of("0", Unit.M))).applyTo(JOB);
        assertThat(draw(ASSESSOR.assess(still)).marks())
                .noneMatch(m -> m instanceof Mark.Area a && a.hatch() == Mark.Hatch.UPRIGHT);
    }

    @Test
    void aVeryStrongRadioMakesTheScaleFlatterOnBothSides() {
        Job strong = new JobChange.OfBrief(new BriefChange.Power(Quantity.of("55", Unit.DBM))).applyTo(JOB);
        assertThat(LineScale.of(ASSESSOR.assess(strong).line(), 190).perDb()).isLessThanOrEqualTo(3.4);
        Job deaf = new JobChange.OfBrief(new BriefChange.Sensitivity(Quantity.of("-120", Unit.DBM))).applyTo(JOB);
        assertThat(LineScale.of(ASSESSOR.assess(deaf).line(), 190).perDb()).isLessThan(3.4);
    }

    @Test
    void theMarginSaysHowMuchMoreOrLessThanWanted() {
        Job poor = new JobChange.OfBrief(new BriefChange.MarginWanted(Quantity.of("30", Unit.DB))).applyTo(JOB);
        Picture p = MarginPanel.of(
                ASSESSOR.assess(poor),
                Optional.empty(),
                Optional.empty(),
                Optional.of(-1.25),
                Optional.empty(),
                140,
                190);
        assertThat(p.texts().map(Mark.Text::text))
                .anyMatch(t -> t.endsWith(" short of"))
                .anyMatch(t -> t.startsWith("−1.3 dB") || t.startsWith("−1.2 dB"));
    }

    @Test
    void aReadingIsADiamondWithTwoLinesUnderIt() {
        Picture p = LinePicture.of(
                ASSESSOR.assess(JOB).line(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(-65.0),
                "far-radio",
                1280,
                190);
        assertThat(p.texts().filter(t -> t.origin() == Origin.Plain.MEASURED).map(Mark.Text::text))
                .containsExactly("−65.0");
    }
}
