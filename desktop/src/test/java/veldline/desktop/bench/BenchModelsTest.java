package veldline.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.antenna.YagiChange;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.prove.ProvePlan;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Cautions;
import veldline.study.Candidate;
import veldline.study.Candidates;
import veldline.study.Progress;

/** Benches without a window. */
class BenchModelsTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    /** Seconds of work for every job, so each is asked once. */
    private static final Map<Job, Stage<List<Candidate>>> CANDIDATES = new HashMap<>();

    private static Showing showing(Job job, String stop, Map<Step, String> picked) {
        var a = ASSESSOR.assess(job);
        return new Showing(
                a,
                stop,
                picked,
                CANDIDATES.computeIfAbsent(job, j -> new Stage.Fresh<>(Candidates.of(a, Progress.NONE))),
                Optional.empty(),
                false);
    }

    private static Showing showing() {
        return showing(JOB, "near-part-0", Map.of());
    }

    @ParameterizedTest
    @EnumSource(Step.class)
    void everyBenchHasAThingThatIsWalkedOrDraggedInItsPicture(Step step) {
        Bench bench = Benches.of(step);
        // A long list shows the rows about the one that is picked.
        assertThat(bench.walk(showing()))
                .isNotEmpty()
                .allSatisfy(zone -> assertThat(bench.centre(showing(JOB, "near-part-0", Map.of(step, zone)), 704, 500)
                                .zones()
                                .map(Mark.Zone::id))
                        .contains(zone));
        assertThat(bench.walkStart(showing()))
                .isBetween(0, bench.walk(showing()).size() - 1);
    }

    @ParameterizedTest
    @EnumSource(Step.class)
    void textsStayWithinThePictureAtAnySizeOfWindow(Step step) {
        for (double[] size : new double[][] {{744, 380}, {704, 500}, {1260, 740}}) {
            Picture p = Benches.of(step).centre(showing(), size[0], size[1]);
            p.texts()
                    .filter(t -> t.anchor() == Mark.Anchor.START)
                    .forEach(t -> assertThat(t.x())
                            .as(step + " at " + size[0] + ": " + t.text())
                            .isBetween(0.0, size[0]));
        }
    }

    @ParameterizedTest
    @EnumSource(Step.class)
    void inputsHaveStableNamesAndQuestionsAreAsked(Step step) {
        Bench bench = Benches.of(step);
        List<Input> inputs = bench.inputs(showing());
        assertThat(inputs.stream().map(Input::id)).doesNotHaveDuplicates().isNotEmpty();
        assertThat(bench.heading(showing())).isNotBlank();
        assertThat(bench.question(showing())).isNotBlank();
        assertThat(bench.findings(showing()))
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.sentence()).endsWith("."));
    }

    @ParameterizedTest
    @EnumSource(Step.class)
    void everyChoiceOffersItsWordsAndHasOneChosen(Step step) {
        for (Input i : Benches.of(step).inputs(showing())) {
            List<Input.Option> options =
                    i instanceof Input.Choice c ? c.options() : i instanceof Input.Pick p ? p.options() : List.of();
            if (!options.isEmpty()) {
                assertThat(options.stream().filter(Input.Option::chosen))
                        .as(i.id())
                        .hasSize(1);
                // Taking the chosen one changes nothing.
                Input.Option chosen = options.stream()
                        .filter(Input.Option::chosen)
                        .findFirst()
                        .orElseThrow();
                assertThat(chosen.change().map(c -> c.applyTo(JOB)).orElse(JOB))
                        .as(i.id())
                        .isEqualTo(JOB);
                options.forEach(
                        o -> o.change().ifPresent(c -> assertThat(c.label()).isNotBlank()));
            }
        }
    }

    @Test
    void draggingAlongTheBoomMovesAndAcrossItLengthens() {
        Bench shape = Benches.of(Step.SHAPE);
        Showing s = showing(JOB, "near-antenna", Map.of(Step.SHAPE, "element:5"));
        Mark.Zone z = shape.centre(s, 704, 500)
                .zones()
                .filter(x -> x.id().equals("element:5"))
                .findFirst()
                .orElseThrow();
        double cx = z.x() + z.width() / 2;
        double cy = z.y() + z.height() / 2;
        JobChange along =
                shape.dragged(s, "element:5", cx, cy, cx + 10, cy + 2, 704, 500).orElseThrow();
        assertThat(((JobChange.OfYagi) along).change()).isInstanceOf(YagiChange.ElementPosition.class);
        JobChange across =
                shape.dragged(s, "element:5", cx, cy, cx + 1, cy + 70, 704, 500).orElseThrow();
        assertThat(((JobChange.OfYagi) across).change()).isInstanceOf(YagiChange.ElementLength.class);
        // However far it is dragged, an element stays between its neighbours.
        Job far = shape.dragged(s, "element:5", cx, cy, 5000, cy, 704, 500)
                .orElseThrow()
                .applyTo(JOB);
        assertThat(far.yagi().orElseThrow().elements().get(5).position().value())
                .isLessThan(
                        JOB.yagi().orElseThrow().elements().get(6).position().value());
        Job back = shape.dragged(s, "element:5", cx, cy, -5000, cy, 704, 500)
                .orElseThrow()
                .applyTo(JOB);
        assertThat(back.yagi().orElseThrow().elements().get(5).position().value())
                .isGreaterThan(
                        JOB.yagi().orElseThrow().elements().get(4).position().value());
        assertThat(shape.dragged(s, "element:0", cx, cy, cx + 10, cy, 704, 500))
                .as("the reflector is where distances begin")
                .isEmpty();
    }

    @Test
    void valuesOutsideTheirLimitsAreRefusedInASentence() {
        for (Step step : Step.values()) {
            for (Input i : Benches.of(step).inputs(showing())) {
                List<Input.Value> values = i instanceof Input.Pair p
                        ? List.of(p.left(), p.right())
                        : i instanceof Input.Value v ? List.of(v) : List.of();
                for (Input.Value v : values) {
                    Quantity absurd = Quantity.of("-99999999999999", v.now().unit());
                    assertThat(v.edit().apply(absurd))
                            .as(step + " " + v.id())
                            .isInstanceOfSatisfying(
                                    Input.Outcome.Refused.class,
                                    r -> assertThat(r.why()).endsWith("."));
                    assertThat(v.edit().apply(v.now()))
                            .as(step + " " + v.id())
                            .isInstanceOf(Input.Outcome.Change.class);
                }
            }
        }
    }

    @Test
    void aCountOfElementsIsWholeAndFromTwoToTwenty() {
        Input.Pair pair = Benches.of(Step.SHAPE).inputs(showing()).stream()
                .filter(Input.Pair.class::isInstance)
                .map(Input.Pair.class::cast)
                .findFirst()
                .orElseThrow();
        for (String bad : new String[] {"1", "21", "3.5"}) {
            assertThat(pair.left().edit().apply(Quantity.of(bad, Unit.ONE))).isInstanceOf(Input.Outcome.Refused.class);
        }
        Input.Outcome five = pair.left().edit().apply(Quantity.of("5", Unit.ONE));
        assertThat(((Input.Outcome.Change) five)
                        .change()
                        .applyTo(JOB)
                        .yagi()
                        .orElseThrow()
                        .elements())
                .hasSize(5);
    }

    @Test
    void everyCautionIsShownAtRaiseAndDefersToLocalRules() {
        List<Input> inputs = Benches.of(Step.RAISE).inputs(showing());
        assertThat(inputs.stream().filter(Input.Tick.class::isInstance))
                .hasSize(Cautions.raising().size());
        assertThat(Cautions.raising().stream().filter(c -> c.blocking()).map(c -> c.id()))
                .containsExactlyInAnyOrder("lines", "height", "lightning", "exposure");
        assertThat(Cautions.raising().stream()
                        .filter(c -> c.blocking())
                        .map(c -> c.advice().toLowerCase(java.util.Locale.ROOT)))
                .allMatch(a -> a.contains("local"));
    }

    @Test
    void withNothingRecordedProveSaysWhatIsMissing() {
        Job bare = JOB.withProve(
                JOB.prove().withRecordings(List.of()).withBefore(-1).withAfter(-1));
        Showing s = showing(bare, "far-radio", Map.of());
        assertThat(Benches.of(Step.PROVE).centre(s, 704, 500).texts().map(Mark.Text::text))
                .contains("Nothing to compare yet.");
        assertThat(Benches.of(Step.PROVE).findings(s).get(0).level()).isEqualTo(Finding.Level.UNKNOWN);
        ProvePlan plan = bare.prove();
        assertThat(plan.complete()).isFalse();
    }

    @Test
    void whatTheBenchPickedIsKeptWithinWhatThereIs() {
        Showing s = showing(JOB, "near-radio", Map.of(Step.SHAPE, "element:99", Step.BRIEF, "height:near"));
        assertThat(s.pickedIndex(Step.SHAPE, 1, 11)).isEqualTo(10);
        assertThat(s.pickedIndex(Step.BRIEF, 3, 35)).isEqualTo(3);
        assertThat(s.pickedIndex(Step.LOG, 2, 3)).isEqualTo(2);
    }

    @Test
    void theSideViewTurnsAHeightIntoMetresAndBack() {
        Bench brief = Benches.of(Step.BRIEF);
        Showing s = showing();
        Mark.Zone z = brief.centre(s, 704, 500)
                .zones()
                .filter(x -> x.id().equals("height:near"))
                .findFirst()
                .orElseThrow();
        double y = z.y() + z.height() / 2;
        Job same = brief.dragged(s, "height:near", 0, y, 0, y, 704, 500)
                .orElseThrow()
                .applyTo(JOB);
        assertThat(same.brief().near().height().value()).isCloseTo(8.0, within(0.11));
        assertThat(brief.dragged(s, "tide:3", 0, 0, 9, 9, 704, 500)).isEmpty();
    }
}
