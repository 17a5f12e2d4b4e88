package veldline.desktop.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.sheet.Paper;
import veldline.stock.Metal;

class PrintingTest {
    private static final Job JOB = TernholmSands.nestCamera();

    private static Showing showing(Job job) {
        return new Showing(
                new Assessor().assess(job), "near-antenna", Map.of(), new Stage.Running<>(), Optional.empty(), false);
    }

    private static PrintBench bench(Step step) {
        return new PrintBench(step, Paper.A4);
    }

    @Test
    void nothingIsWrittenWhereNothingIsChosen() {
        List<String> told = new ArrayList<>();
        Printing printing = new Printing(() -> showing(JOB), (t, p, s) -> Optional.empty(), told::add);
        printing.command(Input.Command.PRINT, Step.SHAPE);
        printing.command(Input.Command.SAVE_PDF, Step.SHAPE);
        assertThat(told).isEmpty();
        assertThatThrownBy(() -> printing.command(Input.Command.RECORD, Step.SHAPE))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatMustBeTickedStandsBesideThePageUntilItIs() {
        Job fresh = JOB.withRaise(JOB.raise().withTicked(Set.of()));
        PrintBench bench = bench(Step.RAISE);
        List<Input> inputs = bench.inputs(showing(fresh));
        assertThat(inputs.stream().filter(Input.Tick.class::isInstance)).hasSize(4);
        assertThat(inputs.stream().map(Input::id))
                .doesNotContain("print-now", "save-pdf")
                .contains("leave");
        assertThat(bench.findings(showing(fresh))).hasSize(4).allMatch(f -> f.level() == Finding.Level.STOP);
        assertThat(bench.inputs(showing(JOB)).stream().map(Input::id)).contains("print-now", "save-pdf");
        assertThat(bench.findings(showing(JOB)))
                .singleElement()
                .satisfies(f -> assertThat(f.lead()).isEqualTo("3 pages"));
        Input.Tick tick = (Input.Tick) inputs.get(0);
        assertThat(bench.findings(showing(tick.change().applyTo(fresh)))).hasSize(3);
    }

    /** An edit taken back while pages are shown may have another antenna to build: they are that one's. */
    @Test
    void pagesAreThoseOfTheAntennaThereIs() {
        PrintBench bench = bench(Step.SHAPE);
        assertThat(bench.heading(showing(JOB))).isEqualTo("Cut list");
        Job can = new JobChange.Fit(
                        true, Families.apertures("can").design(new Family.Wish(2437e6, 1, 1.6e-3, Metal.COPPER, false)))
                .applyTo(JOB);
        assertThat(bench.heading(showing(can))).isEqualTo("Build sheet");
        assertThat(bench.centre(showing(can), 700, 500).texts()).isNotEmpty();
    }

    @Test
    void pagesAreShownWholeAtAnySize() {
        Showing s = showing(JOB);
        for (double[] size : new double[][] {{704, 500}, {620, 480}, {1260, 780}}) {
            var p = bench(Step.SHAPE).centre(s, size[0], size[1]);
            assertThat(p.texts()).isNotEmpty().allSatisfy(t -> {
                assertThat(t.x()).isBetween(0.0, size[0]);
                assertThat(t.y()).isBetween(0.0, size[1]);
            });
            assertThat(p.zones()).as("a page is looked at, not edited").isEmpty();
            assertThat(p.marks().stream()
                            .filter(m -> m instanceof Mark.Stroke k
                                    && k.closed()
                                    && k.points().size() == 4))
                    .hasSizeGreaterThan(2);
        }
    }
}
