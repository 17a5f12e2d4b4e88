package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.explain.Finding.Level;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.link.NeedsChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.RaiseChange;

/** What is judged, at which value it tips, and that every remedy that is offered mends what it is offered for. */
class RulesTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    /** A job with something wrong, where that is told, and in which words on the line. */
    private record Wrong(String what, Job job, Step step, Level level, String tag) {}

    private static Job with(JobChange... changes) {
        Job job = JOB;
        for (JobChange c : changes) {
            job = c.applyTo(job);
        }
        return job;
    }

    private static JobChange brief(BriefChange c) {
        return new JobChange.OfBrief(c);
    }

    private static JobChange yagi(YagiChange c) {
        return new JobChange.OfYagi(c);
    }

    private static JobChange raise(RaiseChange c) {
        return new JobChange.OfRaise(c);
    }

    private static Quantity q(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    private static List<Wrong> wrongs() {
        return List.of(
                new Wrong(
                        "too much power",
                        with(brief(new BriefChange.Power(q("20", Unit.DBM)))),
                        Step.SHAPE,
                        Level.STOP,
                        "over limit"),
                new Wrong(
                        "hardly under the limit",
                        with(brief(new BriefChange.Power(q("16.5", Unit.DBM)))),
                        Step.SHAPE,
                        Level.WATCH,
                        "under limit"),
                new Wrong(
                        "crossed elements",
                        with(yagi(new YagiChange.Upright(true))),
                        Step.SHAPE,
                        Level.STOP,
                        "crossed"),
                new Wrong(
                        "too few elements",
                        with(yagi(new YagiChange.Count(2.437e9, 4))),
                        Step.SHAPE,
                        Level.WATCH,
                        "gain short"),
                new Wrong(
                        "a folded dipole straight on the cable",
                        with(yagi(new YagiChange.FeedKind(YagiShape.Feed.FOLDED))),
                        Step.SHAPE,
                        Level.WATCH,
                        "SWR high"),
                new Wrong(
                        "a boom longer than there is room",
                        with(brief(new BriefChange.SizeAllowed(q("200", Unit.MM)))),
                        Step.SHAPE,
                        Level.STOP,
                        "too long"),
                new Wrong(
                        "higher than the place allows",
                        with(new JobChange.OfNeeds(new NeedsChange.Amount(NeedsChange.Kind.HIGHEST, q("7", Unit.M)))),
                        Step.RAISE,
                        Level.STOP,
                        "near end too high"),
                new Wrong(
                        "two pins",
                        with(new JobChange.OfRun(true, new FeedChange.Replace(0, Drawer.part("a-sman-nj")))),
                        Step.FEED_RUN,
                        Level.STOP,
                        "pin meets pin"),
                new Wrong(
                        "a cable across the yard",
                        with(new JobChange.OfRun(true, new FeedChange.CableLength(1, q("12", Unit.M)))),
                        Step.FEED_RUN,
                        Level.WATCH,
                        "run takes much"),
                new Wrong(
                        "a power line near the mast",
                        with(raise(new RaiseChange.LineDistance(q("5", Unit.M)))),
                        Step.RAISE,
                        Level.STOP,
                        "power line near"),
                new Wrong(
                        "people close in front",
                        with(raise(new RaiseChange.PeopleDistance(q("2", Unit.CM)))),
                        Step.RAISE,
                        Level.STOP,
                        "people too near"),
                new Wrong(
                        "a distance that is not the map's",
                        with(brief(new BriefChange.Distance(q("3.1", Unit.KM)))),
                        Step.RAISE,
                        Level.WATCH,
                        "distances differ"),
                new Wrong(
                        "a deaf radio",
                        with(brief(new BriefChange.Sensitivity(q("-55", Unit.DBM)))),
                        Step.BRIEF,
                        Level.STOP,
                        "under the floor"),
                new Wrong(
                        "more wanted than there is",
                        with(brief(new BriefChange.MarginWanted(q("25", Unit.DB)))),
                        Step.BRIEF,
                        Level.WATCH,
                        "short at worst tide"),
                new Wrong(
                        "the hide at a null",
                        with(brief(new BriefChange.Height(true, q("14", Unit.M)))),
                        Step.BRIEF,
                        Level.WATCH,
                        "bounce in a null"),
                new Wrong(
                        "no gain that is both enough and allowed",
                        with(
                                brief(new BriefChange.MarginWanted(q("30", Unit.DB))),
                                brief(new BriefChange.Power(q("25", Unit.DBM)))),
                        Step.BRIEF,
                        Level.STOP,
                        "no gain fits"),
                new Wrong(
                        "no rule on power",
                        with(brief(new BriefChange.Profile("none"))),
                        Step.BRIEF,
                        Level.UNKNOWN,
                        "not checked"));
    }

    private static List<Finding> found(Job job, Wrong w) {
        return ASSESSOR.assess(job).of(w.step).stream()
                .filter(f -> f.tag().contains(w.tag))
                .toList();
    }

    @TestFactory
    Stream<DynamicTest> whatIsWrongIsToldAndTheSampleIsNot() {
        return wrongs().stream()
                .map(w -> DynamicTest.dynamicTest(w.what, () -> {
                    assertThat(found(JOB, w)).as("the sample has none of it").isEmpty();
                    List<Finding> told = found(w.job, w);
                    assertThat(told).isNotEmpty();
                    assertThat(told.get(0).level()).isEqualTo(w.level);
                    assertThat(told.get(0).sentence()).isNotBlank();
                    assertThat(told.get(0).tag().split(" ").length)
                            .as("two to four words")
                            .isBetween(1, 5);
                }));
    }

    /** A remedy is an edit; made, what it was offered for is gone, and it says what it comes to. */
    @TestFactory
    Stream<DynamicTest> everyRemedyMendsWhatItIsOfferedFor() {
        return wrongs().stream()
                .flatMap(w -> found(w.job, w).stream()
                        .flatMap(f -> f.remedies().stream())
                        .map(r -> DynamicTest.dynamicTest(w.what + ": " + r.label(), () -> {
                            assertThat(r.outcome()).endsWith(".");
                            Job mended = JobChange.lift(r.change(), true).applyTo(w.job);
                            assertThat(mended).isNotEqualTo(w.job);
                            assertThat(found(mended, w).stream().filter(f -> f.level() == w.level))
                                    .isEmpty();
                        })));
    }

    @Test
    void atLeastFourKindsOfTroubleHaveARemedy() {
        assertThat(wrongs().stream()
                        .filter(w -> found(w.job, w).stream()
                                .anyMatch(f -> !f.remedies().isEmpty()))
                        .map(Wrong::what))
                .contains("too much power", "crossed elements", "two pins", "the hide at a null");
    }

    /** The bench's own answer, then stop, watch and the rest. */
    @Test
    void findingsStandInTheOrderOfTheirWeight() {
        for (Wrong w : wrongs()) {
            Assessment a = ASSESSOR.assess(w.job);
            for (Step step : Step.values()) {
                List<Level> levels =
                        a.of(step).stream().skip(1).map(Finding::level).toList();
                assertThat(levels)
                        .as(w.what + ", " + step)
                        .isSortedAccordingTo(
                                java.util.Comparator.<Level>naturalOrder().reversed());
            }
        }
    }

    /** Whatever is found has words, and what is a number says how it was worked out. */
    @Test
    void everyFindingHasItsReasonOrItsSum() {
        for (Wrong w : wrongs()) {
            Assessment a = ASSESSOR.assess(w.job);
            for (Step step : Step.values()) {
                for (Finding f : a.of(step)) {
                    assertThat(f.lead()).as(w.what).isNotBlank();
                    assertThat(f.worked().isPresent() || !f.reason().isBlank())
                            .as(w.what + ": " + f.sentence())
                            .isTrue();
                    if (f.level() == Level.STOP || f.level() == Level.WATCH) {
                        assertThat(f.tag()).as(f.sentence()).isNotBlank();
                    }
                    f.worked().ifPresent(worked -> assertThat(worked.lines()).hasSizeGreaterThan(3));
                }
            }
        }
    }

    private static Wrong wrong(String what) {
        return wrongs().stream().filter(w -> w.what.equals(what)).findFirst().orElseThrow();
    }

    @Test
    void thresholdsTipAtTheirValue() {
        double keep = ASSESSOR.assess(JOB).exposure().orElseThrow().value();
        for (double[] at : new double[][] {{keep + 0.01, 0}, {keep - 0.01, 1}}) {
            Job job = with(raise(new RaiseChange.PeopleDistance(Quantity.shown(at[0], Unit.M, 3))));
            assertThat(found(job, wrong("people close in front")))
                    .as(at[0] + " m")
                    .hasSize((int) at[1]);
        }
        double line = ASSESSOR.assess(JOB).raise().clearOfLines().value();
        for (double[] at : new double[][] {{line + 0.01, 0}, {line - 0.01, 1}}) {
            Job job = with(raise(new RaiseChange.LineDistance(Quantity.shown(at[0], Unit.M, 3))));
            assertThat(found(job, wrong("a power line near the mast")))
                    .as(at[0] + " m")
                    .hasSize((int) at[1]);
        }
    }

    @Test
    void noSentencePleadsShoutsOrBoasts() {
        Set<String> never = Set.of("!", "please", "invalid", "successfully", "oops", "sorry");
        for (Wrong w : wrongs()) {
            Assessment a = ASSESSOR.assess(w.job);
            for (Step step : Step.values()) {
                for (Finding f : a.of(step)) {
                    String text = (f.sentence() + " " + f.reason()).toLowerCase(java.util.Locale.ROOT);
                    assertThat(never.stream().filter(text::contains)).as(text).isEmpty();
                }
            }
        }
    }
}
