package veldline.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class HistoryTest {
    private static final Job JOB = TernholmSands.nestCamera();

    private static JobChange tide(double metres) {
        return new JobChange.OfBrief(new BriefChange.Tide(Quantity.shown(metres, Unit.M, 2)));
    }

    /** Any run of edits, undos and redos agrees with two plain stacks. */
    @RepeatedTest(20)
    void undoAndRedoAgreeWithTwoStacks(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        History history = History.of(JOB);
        Deque<Job> back = new ArrayDeque<>();
        Deque<Job> forth = new ArrayDeque<>();
        Job now = JOB;
        for (int i = 0; i < 60; i++) {
            switch (random.nextInt(3)) {
                case 0 -> {
                    JobChange change = tide(random.nextInt(40) / 10.0);
                    Job next = change.applyTo(now);
                    history = history.after(change);
                    if (!next.equals(now)) {
                        back.push(now);
                        forth.clear();
                        now = next;
                    }
                }
                case 1 -> {
                    history = history.undo();
                    if (!back.isEmpty()) {
                        forth.push(now);
                        now = back.pop();
                    }
                }
                default -> {
                    history = history.redo();
                    if (!forth.isEmpty()) {
                        back.push(now);
                        now = forth.pop();
                    }
                }
            }
            assertThat(history.job()).isEqualTo(now);
            assertThat(history.undoLabel().isPresent()).isEqualTo(!back.isEmpty());
            assertThat(history.redoLabel().isPresent()).isEqualTo(!forth.isEmpty());
        }
    }

    @Test
    void oneGestureIsOneEdit() {
        History h = History.of(JOB).after(tide(1)).going(tide(1.1)).going(tide(1.2));
        assertThat(h.steps()).hasSize(2);
        assertThat(h.job().brief().tide().value()).isEqualTo(1.2);
        assertThat(h.undo().job()).isEqualTo(JOB);
    }

    @Test
    void anEditThatChangesNothingIsNone() {
        History h = History.of(JOB);
        assertThat(h.after(
                        new JobChange.OfBrief(new BriefChange.Tide(JOB.brief().tide()))))
                .isSameAs(h);
    }

    @Test
    void everyEditHasWords() {
        List<String> labels = new ArrayList<>();
        History h = History.of(JOB).after(tide(1)).after(tide(2));
        while (h.undoLabel().isPresent()) {
            labels.add(h.undoLabel().get());
            h = h.undo();
        }
        assertThat(labels).containsExactly("tide 2.00 m", "tide 1.00 m");
    }
}
