package veldline.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Caution;
import veldline.explain.Program;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.picture.Mark;
import veldline.picture.Paragraph;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class SheetsTest {
    private static final double UNITS_PER_MM = 96 / 25.4;
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessment SAMPLE = new Assessor().assess(JOB);

    private static Assessment with(JobChange... changes) {
        Job job = JOB;
        for (JobChange c : changes) {
            job = c.applyTo(job);
        }
        return new Assessor().assess(job);
    }

    @ParameterizedTest
    @EnumSource(Step.class)
    void everyStepPrintsSomethingWithinTheMargins(Step step) {
        for (Paper paper : Paper.values()) {
            for (Picture page : Sheets.of(step, JOB).pages(SAMPLE, paper)) {
                assertThat(page.width()).isEqualTo(paper.width());
                assertThat(page.texts()).isNotEmpty().allSatisfy(t -> {
                    assertThat(t.x()).isBetween(Paper.MARGIN - 1, paper.width() - Paper.MARGIN + 1);
                    assertThat(t.y()).isBetween(Paper.MARGIN, paper.height() - Paper.MARGIN + 1);
                });
            }
        }
    }

    /** Every run of the reserve fits its page; every joint has its box, and its torque where it is screwed. */
    @Test
    void aRunSheetHasEveryJointAndPort() {
        for (Job job : TernholmSands.all()) {
            Assessment a = new Assessor().assess(job);
            List<Picture> pages = Sheets.of(Step.FEED_RUN, job).pages(a, Paper.LETTER);
            assertThat(pages).hasSize(job.brief().field().isPresent() ? 2 : 3);
            for (Picture page : pages) {
                assertThat(page.texts()).allSatisfy(t -> {
                    assertThat(t.x()).isBetween(Paper.MARGIN - 1, Paper.LETTER.width() - Paper.MARGIN + 1);
                    assertThat(t.y())
                            .as(job.name() + ": " + t.text())
                            .isBetween(Paper.MARGIN, Paper.LETTER.height() - Paper.MARGIN + 1);
                });
            }
            Picture far = pages.get(pages.size() - 2);
            long joints = far.texts()
                    .filter(t -> t.text().matches("\\d+  .*(jack|plug|built in)"))
                    .count();
            assertThat(joints).as(job.name()).isEqualTo(job.farRun().joints().size());
            boolean mains = job.brief()
                    .far()
                    .radio()
                    .sheet()
                    .filter(s -> s.supply().volts() > 60)
                    .isPresent();
            assertThat(far.texts().anyMatch(t -> t.text().startsWith("Supply: ")))
                    .as("a battery of the mains' voltage is none")
                    .isEqualTo(!mains && job.brief().far().radio().sheet().isPresent());
        }
        List<String> near = Sheets.of(Step.FEED_RUN, JOB)
                .pages(SAMPLE, Paper.A4)
                .get(0)
                .texts()
                .map(Mark.Text::text)
                .toList();
        assertThat(near)
                .contains("2 × RG-213 for N", "inner 6, dielectric 6, screen 7 mm; clamp", "1.00 N·m")
                .anyMatch(t -> t.startsWith("Supply: "));
    }

    /** Outlets stand with what they take; what is bought is what the runs need less what is there. */
    @Test
    void aRunSheetHasOutletsAndWhatIsLeftToBuy() {
        Job lodge = TernholmSands.all().get(2);
        List<Picture> pages = Sheets.of(Step.FEED_RUN, lodge).pages(new Assessor().assess(lodge), Paper.A4);
        assertThat(pages.get(0).texts().map(Mark.Text::text)).contains("Outlets beside it", "Kitchen", "left open");
        assertThat(pages.get(1).texts().map(Mark.Text::text))
                .contains("buy 2", "6 needed, 4 there: 1.5 m, 9 m, 8 m, 1 m, 6 m, 14 m");
    }

    /** What is wound is drawn with every turn, and each part stands with its strain. */
    @Test
    void aMatchingSheetIsForWhatStandsBetween() {
        assertThat(Sheets.of(Step.MATCH, JOB).title())
                .as("nothing stands between")
                .isEqualTo("Cut list");
        Job storm = TernholmSands.all().get(6);
        Job fed = new JobChange.Match(java.util.Optional.of(veldline.line.MatchWay.WOUND))
                .applyTo(new JobChange.Fit(
                                true,
                                veldline.antenna.Families.wires("end-fed half wave")
                                        .design(new veldline.antenna.Family.Wish(
                                                3.66e6, 45, 2e-3, veldline.stock.Metal.COPPER, false)))
                        .applyTo(storm));
        Assessment a = new Assessor().assess(fed, Assessor.Depth.ALL, () -> true);
        Picture page = Sheets.of(Step.MATCH, fed).pages(a, Paper.LETTER).get(0);
        List<String> texts = page.texts().map(Mark.Text::text).toList();
        assertThat(texts)
                .contains("Turns on a ring", "As it is wound, from above", "cable", "screen", "antenna")
                .anyMatch(t -> t.matches("\\d to \\d+ turns"))
                .anyMatch(t -> t.endsWith("pF across"));
        assertThat(page.texts())
                .allSatisfy(t -> assertThat(t.y()).isBetween(Paper.MARGIN, Paper.LETTER.height() - Paper.MARGIN + 1));
    }

    @Test
    void theCutListHasEveryElementInBothUnitsAndABoxForEach() {
        Picture page = Sheets.of(Step.SHAPE, JOB).pages(SAMPLE, Paper.A4).get(0);
        List<String> texts = page.texts().map(Mark.Text::text).toList();
        List<YagiShape.Cut> cuts =
                JOB.yagi().orElseThrow().cutList(JOB.brief().frequency().value());
        for (YagiShape.Cut cut : cuts) {
            assertThat(texts).contains(cut.name(), NumberText.shown(cut.cut() * 1000, 1));
            assertThat(texts).contains(NumberText.shown(cut.distance() * 1000, 1));
        }
        assertThat(boxes(page))
                .hasSize(cuts.size() + Sheets.of(Step.SHAPE, JOB).cautions().size());
        assertThat(texts).contains("14.9 dBi straight ahead");
    }

    private static List<Mark.Stroke> boxes(Picture page) {
        return page.marks().stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(Mark.Stroke.class::cast)
                .filter(s -> s.closed() && width(s) == 15)
                .toList();
    }

    private static double width(Mark.Stroke s) {
        return s.points().get(1).x() - s.points().get(0).x();
    }

    @Test
    void theCheckBarIsFiftyMillimetresLong() {
        for (Picture page : Sheets.of(Step.SHAPE, JOB).pages(SAMPLE, Paper.LETTER)) {
            assertThat(page.marks().stream()
                            .filter(Mark.Stroke.class::isInstance)
                            .map(Mark.Stroke.class::cast)
                            .filter(s -> !s.closed() && Math.abs(width(s) - 50 * UNITS_PER_MM) < 0.01))
                    .hasSize(1);
        }
    }

    @Test
    void elementsAreDrawnAtTrueSizeWhereTheyFit() {
        Picture page = Sheets.of(Step.SHAPE, JOB).pages(SAMPLE, Paper.A4).stream()
                .filter(SheetsTest::trueSize)
                .findFirst()
                .orElseThrow();
        List<Double> bars = page.marks().stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(Mark.Stroke.class::cast)
                .filter(Mark.Stroke::closed)
                .map(s -> width(s) / UNITS_PER_MM)
                .toList();
        List<YagiShape.Cut> cuts =
                JOB.yagi().orElseThrow().cutList(JOB.brief().frequency().value());
        assertThat(bars).hasSize(cuts.size());
        for (int i = 0; i < cuts.size(); i++) {
            assertThat(bars.get(i)).isCloseTo(cuts.get(i).cut() * 1000, within(0.001));
        }
        Assessment long150 = with(
                new JobChange.OfBrief(new BriefChange.Frequency(Quantity.of("150.1", Unit.MHZ))),
                new JobChange.OfYagi(new YagiChange.Count(150.1e6, 3)));
        assertThat(Sheets.of(Step.SHAPE, JOB).pages(long150, Paper.A4))
                .as("a metre does not fit")
                .noneMatch(SheetsTest::trueSize);
    }

    private static boolean trueSize(Picture page) {
        return page.texts().anyMatch(t -> t.text().equals("True size"));
    }

    @ParameterizedTest
    @CsvSource({"2, A4", "11, A4", "20, A4", "20, LETTER"})
    void howeverManyElementsListAndCautionsStayOverTheFoot(int count, Paper paper) {
        Picture page = Sheets.of(Step.SHAPE, JOB)
                .pages(with(new JobChange.OfYagi(new YagiChange.Count(2.437e9, count))), paper)
                .get(0);
        double foot = paper.height() - Paper.MARGIN - 28;
        List<Mark.Text> body = page.texts()
                .filter(t -> !t.text().startsWith("50 mm.") && !t.text().startsWith("Veldline"))
                .toList();
        assertThat(body).allMatch(t -> t.y() < foot);
        List<Double> rows = page.texts()
                .filter(t -> t.face() == Mark.Face.MONO_BOLD && t.size() == 14)
                .map(Mark.Text::y)
                .sorted()
                .toList();
        assertThat(rows).hasSize(count);
        for (int i = 1; i < rows.size(); i++) {
            assertThat(rows.get(i) - rows.get(i - 1)).as("rows stand apart").isGreaterThan(13);
        }
    }

    @Test
    void theRaisingSheetSaysWhereToPointAndWhatToKeepClearOf() {
        List<String> texts = Sheets.of(Step.RAISE, JOB)
                .pages(SAMPLE, Paper.A4)
                .get(0)
                .texts()
                .map(Mark.Text::text)
                .toList();
        assertThat(texts)
                .contains(
                        SAMPLE.raise().nearBearing().shown(),
                        SAMPLE.raise().farTilt().shown(),
                        SAMPLE.raise().clearOfLines().shown(),
                        SAMPLE.exposure().orElseThrow().shown());
        for (Caution c : Sheets.of(Step.RAISE, JOB).cautions()) {
            assertThat(texts).contains(c.hazard());
        }
    }

    @Test
    void aSheetWaitsForWhatMustBeTicked() {
        Job fresh = JOB.withRaise(JOB.raise().withTicked(Set.of()));
        assertThat(Sheets.of(Step.SHAPE, JOB).unticked(fresh))
                .extracting(Caution::id)
                .containsExactly("solder");
        assertThat(Sheets.of(Step.RAISE, JOB).unticked(fresh))
                .extracting(Caution::id)
                .containsExactlyInAnyOrder("lines", "height", "lightning", "exposure");
        assertThat(Sheets.of(Step.RAISE, JOB).unticked(JOB)).isEmpty();
        assertThat(Sheets.of(Step.RAISE, JOB)
                        .unticked(fresh.withRaise(fresh.raise().ticking("lines", true))))
                .hasSize(3);
    }

    @Test
    void onlyInkIsUsed() {
        for (Step step : List.of(Step.RAISE)) {
            for (Picture page : Sheets.of(step, JOB).pages(SAMPLE, Paper.A4)) {
                assertThat(page.texts()).allMatch(t -> t.role() == Role.INK);
            }
        }
    }

    @Test
    void paperHasItsStandardSize() {
        assertThat(Paper.A4.width() / UNITS_PER_MM).isCloseTo(210, within(1e-9));
        assertThat(Paper.A4.height() / UNITS_PER_MM).isCloseTo(297, within(1e-9));
        assertThat(Paper.LETTER.width() / 96).isEqualTo(8.5);
        assertThat(Paper.A4.other().other()).isEqualTo(Paper.A4);
    }

    @Test
    void wordsAreWrappedWithoutLosingAny() {
        String text = SAMPLE.antenna().value().orElseThrow().gain().trust();
        List<String> lines = Paragraph.lines(text, 40);
        assertThat(lines).allMatch(l -> l.length() <= 40);
        assertThat(String.join(" ", lines)).isEqualTo(text);
    }

    /** One page for every job of the reserve: nothing runs over the foot, and what was worked out stands there. */
    @ParameterizedTest
    @MethodSource("reserve")
    void theReportIsOnePageOfTheWholeJob(Job job) {
        Assessment a = new Assessor().assess(job);
        for (Paper paper : Paper.values()) {
            List<Picture> pages = Sheets.of(Step.LOG, job).pages(a, paper);
            assertThat(pages).hasSize(1);
            Picture page = pages.get(0);
            assertThat(page.texts()).allSatisfy(t -> {
                assertThat(t.y()).as(t.text()).isBetween(Paper.MARGIN, paper.height() - Paper.MARGIN + 1);
                assertThat(t.size()).isGreaterThanOrEqualTo(12);
            });
            List<String> texts = page.texts().map(Mark.Text::text).toList();
            a.line().stops().forEach(s -> assertThat(texts).contains(s.name()));
            assertThat(texts).anyMatch(t -> t.contains(Program.VERSION) && t.contains(Job.FORMAT));
            if (a.line().answered()) {
                assertThat(texts).contains(a.line().margin().shown()).anyMatch(t -> t.startsWith("± "));
            } else {
                assertThat(texts).contains("No margin yet.");
            }
            double foot = paper.height() - Paper.MARGIN - 20;
            assertThat(page.texts().filter(t -> t.y() > foot - 18 && t.y() < foot - 1))
                    .as("free over the foot")
                    .isEmpty();
        }
    }

    static List<Job> reserve() {
        return TernholmSands.all();
    }

    @Test
    void theReportHasTheCutListAndTheMesh() {
        Picture page = Sheets.of(Step.LOG, JOB).pages(SAMPLE, Paper.A4).get(0);
        List<String> texts = page.texts().map(Mark.Text::text).toList();
        for (YagiShape.Cut cut :
                JOB.yagi().orElseThrow().cutList(JOB.brief().frequency().value())) {
            assertThat(texts).contains(NumberText.shown(cut.cut() * 1000, 1));
        }
        int unknowns = SAMPLE.antenna().value().orElseThrow().unknowns();
        assertThat(texts).anyMatch(t -> t.contains(unknowns + " current unknowns"));
    }
}
