package veldline.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.field.solve.SolveFailure;
import veldline.job.Job;
import veldline.trim.Between;
import veldline.trim.SweepText;
import veldline.trim.TrimAdvice;
import veldline.trim.TrimLog;
import veldline.trim.TrimWords;

class TrimmingTest {
    private static final Job TAGS = TernholmSands.all().get(1);

    private static Assessment assessed(Job job) {
        return new Assessor().assess(job, Assessor.Depth.ALL, () -> true);
    }

    /** The demo's Yagi was left 23 mm long: said with what to do, what it is not, and what cannot be undone. */
    @Test
    void theTagReceiversDrivenElementIsLong() {
        TrimAdvice a = Trimming.of(assessed(TAGS), Progress.NONE);
        assertThat(a.found().orElseThrow().measure().name()).isEqualTo("driven element, length");
        assertThat(TrimWords.answer(a).sentence()).contains("Take 11.5 mm off each end of the driven element");
        assertThat(TrimWords.answer(a).reason()).startsWith("over 99 % sure").contains("does not come back");
    }

    @Test
    void theHairpinStandsBetween() {
        assertThat(Trimming.parts(assessed(TAGS))).isInstanceOf(Between.Parts.class);
        assertThat(Trimming.parts(assessed(TAGS.withMatch(Optional.empty())))).isInstanceOf(Between.Straight.class);
    }

    @Test
    void whatCannotBeExplainedSaysWhy() {
        assertThatThrownBy(() -> Trimming.of(assessed(TAGS.withTrim(TrimLog.NONE)), Progress.NONE))
                .hasMessageContaining("no sweep to explain");
        TrimLog moving = TrimLog.NONE.withPasses(List.of(new TrimLog.Pass(
                Instant.EPOCH,
                SweepText.read("148 1.5, 150 1.8, 152 2").orElseThrow(),
                SweepText.read("148 2.5, 150 2.4, 152 3").orElseThrow(),
                Optional.empty())));
        assertThatThrownBy(() -> Trimming.of(assessed(TAGS.withTrim(moving)), Progress.NONE))
                .hasMessageContaining("nothing is cut by what moves");
        assertThatThrownBy(() -> Trimming.of(assessed(TernholmSands.all().get(3).withTrim(TAGS.trim())), Progress.NONE))
                .hasMessageContaining("not made of wires here");
    }

    @Test
    void itCanBeCalledOff() {
        assertThatThrownBy(() -> Trimming.of(assessed(TAGS), (done, of, best) -> false))
                .isInstanceOf(SolveFailure.class);
    }
}
