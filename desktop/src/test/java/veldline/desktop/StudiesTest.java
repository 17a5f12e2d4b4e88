package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import veldline.desktop.bench.Showing;
import veldline.study.Progress;

class StudiesTest {
    private final List<Optional<Showing.Busy>> told = Collections.synchronizedList(new ArrayList<>());
    private final Studies studies = new Studies(Runnable::run, told::add);

    @AfterEach
    void close() {
        studies.close();
    }

    @Test
    void whatIsDoneAtAGlanceIsNotTold() throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        studies.ask("Quick", p -> p.step(1, 2, ""), o -> done.countDown(), e -> {});
        assertThat(done.await(5, TimeUnit.SECONDS)).isTrue();
        assertThat(told).containsExactly(Optional.empty());
    }

    @Test
    void longWorkTellsHowFarItIsAndForHowLong() throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        studies.ask(
                "Slow",
                p -> {
                    for (int i = 0; i < 40; i++) {
                        p.step(i, 40, "best " + i);
                        Thread.sleep(12);
                    }
                    return "";
                },
                o -> done.countDown(),
                e -> {});
        assertThat(done.await(10, TimeUnit.SECONDS)).isTrue();
        List<Showing.Busy> busy = told.stream().flatMap(Optional::stream).toList();
        assertThat(busy).isNotEmpty();
        assertThat(busy.get(0).seconds()).isGreaterThanOrEqualTo(0.15);
        assertThat(busy).isSortedAccordingTo(java.util.Comparator.comparingDouble(Showing.Busy::seconds));
        assertThat(busy)
                .allMatch(
                        b -> b.what().equals("Slow") && b.of() == 40 && b.best().equals("best " + b.done()));
        assertThat(told.get(told.size() - 1)).as("and then no more").isEmpty();
    }

    /** One of several threads of a study may ask to go on when another has ended it already. */
    @Test
    void whatIsOverIsNotToldToBeUnderWay() throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        List<Progress> late = new ArrayList<>();
        studies.ask("Over", p -> late.add(p), o -> done.countDown(), e -> {});
        assertThat(done.await(5, TimeUnit.SECONDS)).isTrue();
        Thread.sleep(200);
        late.get(0).step(1, 2, "");
        assertThat(told).containsExactly(Optional.empty());
    }

    @Test
    void whatIsStoppedKeepsItsBest() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch done = new CountDownLatch(1);
        List<Studies.Outcome<Integer>> outcomes = new ArrayList<>();
        studies.ask(
                "Endless",
                p -> {
                    int best = 0;
                    while (p.step(best, 0, "")) {
                        best++;
                        begun.countDown();
                    }
                    return best;
                },
                o -> {
                    outcomes.add(o);
                    done.countDown();
                },
                e -> {});
        assertThat(begun.await(5, TimeUnit.SECONDS)).isTrue();
        studies.stop();
        assertThat(done.await(5, TimeUnit.SECONDS)).isTrue();
        assertThat(outcomes).singleElement().satisfies(o -> {
            assertThat(o.stopped()).isTrue();
            assertThat(o.result()).isPositive();
        });
    }

    @Test
    void aNewQuestionStopsTheOldOne() throws InterruptedException {
        CountDownLatch first = new CountDownLatch(1);
        CountDownLatch second = new CountDownLatch(1);
        studies.ask(
                "Old",
                p -> {
                    while (p.step(0, 0, "")) {
                        Thread.onSpinWait();
                    }
                    return "";
                },
                o -> first.countDown(),
                e -> {});
        studies.ask("New", p -> "", o -> second.countDown(), e -> {});
        assertThat(second.await(5, TimeUnit.SECONDS)).isTrue();
        assertThat(first.getCount()).isZero();
    }

    @Test
    void whatFailsIsToldAndTheNextStillRuns() throws InterruptedException {
        CountDownLatch failed = new CountDownLatch(1);
        CountDownLatch done = new CountDownLatch(1);
        studies.ask(
                "Bad",
                p -> {
                    throw new IllegalStateException("why");
                },
                o -> {},
                e -> {
                    assertThat(e).hasMessage("why");
                    failed.countDown();
                });
        studies.ask("Good", p -> "", o -> done.countDown(), e -> {});
        assertThat(failed.await(5, TimeUnit.SECONDS)).isTrue();
        assertThat(done.await(5, TimeUnit.SECONDS)).isTrue();
    }
}
