package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.demo.BoughtPanels;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.job.History;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.link.Jurisdiction;
import veldline.link.LevelLine;
import veldline.prove.ProveChange;
import veldline.prove.Symptom;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.RaiseChange;

class AssessorTest {
    private static final Job JOB = TernholmSands.nestCamera();

    private static JobChange brief(BriefChange c) {
        return new JobChange.OfBrief(c);
    }

    private static Quantity q(String n, Unit u) {
        return Quantity.of(n, u);
    }

    /** Which stages an edit runs; a cable length runs no field solution. */
    @Test
    void anEditRunsOnlyTheStagesItChanges() {
        Map<JobChange, List<String>> table = Map.of(
                new JobChange.OfRun(true, new FeedChange.CableLength(1, q("4", Unit.M))),
                List.of("feed"),
                brief(new BriefChange.Tide(q("2", Unit.M))),
                List.of("path"),
                brief(new BriefChange.Power(q("15", Unit.DBM))),
                // What its parts withstand goes with the power.
                List.of("match", "path"),
                new JobChange.OfRaise(new RaiseChange.Mast(q("6", Unit.M))),
                List.of(),
                new JobChange.OfProve(new ProveChange.Compare(0, 1)),
                List.of("prove"),
                new JobChange.OfProve(new ProveChange.Observe(Symptom.RUN, Optional.of(q("2", Unit.DB)))),
                List.of(),
                new JobChange.Match(java.util.Optional.of(veldline.line.MatchWay.L_NETWORK)),
                List.of("match"),
                new JobChange.OfYagi(new YagiChange.ElementLength(4, q("51", Unit.MM))),
                List.of("antenna", "match", "mesh", "other feed", "sweep", "tolerances"),
                new JobChange.OfYagi(new YagiChange.FeedKind(YagiShape.Feed.FOLDED)),
                List.of("antenna", "match", "mesh", "other feed", "sweep", "tolerances"),
                brief(new BriefChange.Frequency(q("2442", Unit.MHZ))),
                List.of("antenna", "feed", "match", "mesh", "other feed", "path", "sweep", "tolerances"));
        table.forEach((change, expected) -> {
            Assessor assessor = new Assessor();
            assessor.assess(JOB);
            Map<String, Integer> before = new HashMap<>(assessor.runs());
            Job edited = change.applyTo(JOB);
            assessor.assess(edited);
            assertThat(assessor.runs().keySet().stream()
                            .filter(k -> !assessor.runs().get(k).equals(before.get(k)))
                            .sorted())
                    .as(change.label())
                    .containsExactlyElementsOf(expected);
            Map<String, Integer> after = new HashMap<>(assessor.runs());
            assessor.assess(JOB);
            assessor.assess(edited);
            assertThat(assessor.runs())
                    .as("undo and redo of " + change.label() + " are free")
                    .isEqualTo(after);
        });
    }

    @Test
    void theLineIsTheSumOfItsParts() {
        Assessment a = new Assessor().assess(JOB);
        double level = 16.0;
        for (LevelLine.Stop s : a.line().stops()) {
            if (s.kind() == LevelLine.Kind.RADIO || s.kind() == LevelLine.Kind.RECEIVER) {
                continue;
            }
            level += s.kind() == LevelLine.Kind.ANTENNA
                    ? s.step().value()
                    : -s.step().value();
            assertThat(s.level().value()).as(s.name()).isCloseTo(level, within(1e-9));
        }
        assertThat(a.line().margin().value()).isCloseTo(level + 80, within(1e-9));
        // Gain exactly as needed leaves exactly the margin wanted at the worst tide.
        double spare = a.antenna().value().orElseThrow().gain().value()
                - a.matchLoss()
                - a.needed().value();
        assertThat(a.line().margin().value() - a.line().worstBelow() - 12).isCloseTo(spare, within(1e-9));
    }

    @Test
    void radiatedPowerCountsTheFeederAndTheProfile() {
        Assessment a = new Assessor().assess(JOB);
        assertThat(a.eirp().orElseThrow().value())
                .isCloseTo(
                        16
                                - a.nearFeed().total().value()
                                + a.antenna().value().orElseThrow().gain().value()
                                - a.match()
                                        .value()
                                        .flatMap(MatchFigures::inUse)
                                        .orElseThrow()
                                        .loss()
                                        .value(),
                        within(1e-9));
        Assessment europe = new Assessor()
                .assess(brief(new BriefChange.Profile("eirp-eu-2400")).applyTo(JOB));
        assertThat(europe.of(Step.SHAPE))
                .anyMatch(f -> f.level() == Finding.Level.STOP && f.tag().contains("over limit"));
        Finding.Remedy lower = europe.of(Step.SHAPE).stream()
                .flatMap(f -> f.remedies().stream())
                .findFirst()
                .orElseThrow();
        Job mended = JobChange.lift(lower.change(), true).applyTo(europe.job());
        Assessment after = new Assessor().assess(mended);
        assertThat(after.eirp().orElseThrow().value()).isLessThanOrEqualTo(20);
    }

    @Test
    void aRuleOutsideItsBandOrItsCountryIsRefusedAndOneThatHoldsIsOffered() {
        Job other = brief(new BriefChange.Frequency(q("868.3", Unit.MHZ)))
                .applyTo(brief(new BriefChange.Profile("fcc-2400-fixed")).applyTo(JOB));
        Assessment a = new Assessor().assess(other);
        assertThat(a.mostEirp()).isEmpty();
        Finding refused = a.of(Step.BRIEF).stream()
                .filter(f -> f.tag().equals("rule refused"))
                .findFirst()
                .orElseThrow();
        assertThat(refused.level()).isEqualTo(Finding.Level.STOP);
        Job held = JobChange.lift(refused.remedies().get(0).change(), true).applyTo(other);
        assertThat(new Assessor().assess(held, Assessor.Depth.QUICK, () -> true).mostEirp())
                .isPresent();
        Job abroad = brief(new BriefChange.Where(Jurisdiction.EUROPE))
                .applyTo(brief(new BriefChange.Profile("fcc-2400-fixed")).applyTo(JOB));
        Assessment there = new Assessor().assess(abroad, Assessor.Depth.QUICK, () -> true);
        assertThat(there.mostEirp()).isEmpty();
        assertThat(there.of(Step.BRIEF))
                .anyMatch(f -> f.tag().equals("rule refused") && f.rest().contains("of the USA"));
        Job none = brief(new BriefChange.Profile("none")).applyTo(JOB);
        assertThat(new Assessor().assess(none, Assessor.Depth.QUICK, () -> true).of(Step.BRIEF))
                .as("no rule is no refusal")
                .anyMatch(f -> f.tag().equals("not checked"));
    }

    @Test
    void aWrongJointBreaksTheLineAndItsRemedyMendsIt() {
        Job wrong = new JobChange.OfRun(true, new FeedChange.Replace(0, Drawer.part("a-sman-nj"))).applyTo(JOB);
        Assessment a = new Assessor().assess(wrong);
        assertThat(a.line().brokenAt()).contains(1);
        assertThat(a.line().stops().get(1).tag()).isEqualTo("pin meets pin");
        Finding.Remedy remedy = a.of(Step.FEED_RUN).get(0).remedies().get(0);
        Job mended = JobChange.lift(remedy.change(), true).applyTo(wrong);
        assertThat(new Assessor().assess(mended).line().brokenAt()).isEmpty();
    }

    @Test
    void theNullAtFourteenMetresIsFoundAndLoweringIsOffered() {
        Job high = brief(new BriefChange.Height(true, q("14.0", Unit.M))).applyTo(JOB);
        Assessment a = new Assessor().assess(high);
        assertThat(a.path().worstAt().bounceDb()).isLessThan(-15);
        assertThat(a.path().worstAt().tide()).isLessThan(1);
        Finding tide = a.of(Step.BRIEF).stream()
                .filter(f -> !f.remedies().isEmpty())
                .findFirst()
                .orElseThrow();
        Job lowered = JobChange.lift(tide.remedies().get(0).change(), true).applyTo(high);
        assertThat(lowered.brief().near().height().value()).isCloseTo(8, within(1.0));
        assertThat(new Assessor().assess(lowered).path().worstAt().bounceDb()).isGreaterThan(0);
    }

    @Test
    void anImpossibleAntennaIsSaidSoAndTheRestStands() {
        YagiShape y = JOB.yagi().orElseThrow();
        Job crossed = JOB.withYagi(y.withElement(
                3,
                new YagiShape.Element(
                        y.elements().get(2).position(), y.elements().get(3).length())));
        Assessment a = new Assessor().assess(crossed);
        assertThat(a.antenna()).isInstanceOf(Stage.Failed.class);
        assertThat(a.of(Step.SHAPE).get(0).level()).isEqualTo(Finding.Level.STOP);
        assertThat(a.path().freeSpace().value()).isCloseTo(108.5, within(0.1));
    }

    @Test
    void theBounceFollowsHowTheElementsStand() {
        Job upright = new JobChange.OfYagi(new YagiChange.Upright(true)).applyTo(JOB);
        assertThat(new Assessor().assess(upright).path().middle().value())
                .isNotEqualTo(new Assessor().assess(JOB).path().middle().value());
    }

    @Test
    void theRadiosSocketIsTheChainsFirstJoint() {
        Job other = new JobChange.Socket(
                        true,
                        new veldline.feed.Connector(
                                veldline.feed.Connector.Series.SMA,
                                veldline.feed.Connector.Thread.OUTSIDE,
                                veldline.feed.Connector.Contact.SOCKET,
                                50))
                .applyTo(JOB);
        assertThat(other.brief().near().radio().socket())
                .isEqualTo(other.nearRun().radio());
        assertThat(new Assessor().assess(other).line().brokenAt()).contains(1);
    }

    @Test
    void crossedPolarizationStopsTheLineStop() {
        Job crossed = new JobChange.OfYagi(new YagiChange.Upright(true)).applyTo(JOB);
        Assessment a = new Assessor().assess(crossed);
        assertThat(a.line().stop("near-antenna").tag()).isEqualTo("crossed");
    }

    @Test
    void historyUndoesAndRedoesEveryEdit() {
        History h = History.of(BoughtPanels.lodge());
        JobChange one = brief(new BriefChange.Tide(q("1", Unit.M)));
        JobChange two = new JobChange.Claim(false, q("10", Unit.DBI));
        History after = h.after(one).after(two);
        assertThat(after.undoLabel()).contains("far antenna ‘10 dBi’");
        assertThat(after.undo().undo().job()).isEqualTo(h.job());
        assertThat(after.undo().undo().redo().redo().job()).isEqualTo(after.job());
        assertThat(after.undo().after(one).redoLabel())
                .as("the same edit again changes nothing")
                .contains("far antenna ‘10 dBi’");
        assertThat(h.undo()).isSameAs(h);
        assertThat(Optional.of(h).flatMap(History::redoLabel)).isEmpty();
    }
}
