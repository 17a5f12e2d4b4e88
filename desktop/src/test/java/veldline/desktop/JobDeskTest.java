package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.atLeast;
import static org.mockito.Mockito.atMost;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.antenna.YagiChange;
import veldline.assess.Assessment;
import veldline.demo.TernholmSands;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.store.JobStore;

/** The desk without a window: what is handed back runs at once. */
@Tag("alone")
class JobDeskTest {
    private static final Job JOB = TernholmSands.nestCamera();

    @TempDir
    private Path folder;

    private static JobChange length(double millimetres) {
        return new JobChange.OfYagi(new YagiChange.ElementLength(3, Quantity.shown(millimetres / 1000, Unit.MM, 2)));
    }

    @Test
    void ofTwoHundredQuickEditsTheLastIsWorkedOutAndFewOfTheRest() throws InterruptedException {
        @SuppressWarnings("unchecked")
        Consumer<Assessment> watcher = mock(Consumer.class);
        AtomicReference<Assessment> last = new AtomicReference<>();
        CountDownLatch whole = new CountDownLatch(1);
        try (JobDesk desk = new JobDesk(JOB, Optional.empty(), Runnable::run)) {
            desk.watch(watcher);
            desk.watch(a -> {
                last.set(a);
                if (a.whole() && a.job() == desk.job() && desk.history().at() == 200) {
                    whole.countDown();
                }
            });
            for (int i = 0; i < 200; i++) {
                desk.edit(length(48 + 0.01 * i));
                Thread.sleep(16);
            }
            assertThat(whole.await(30, TimeUnit.SECONDS)).isTrue();
            assertThat(last.get().job()).isSameAs(desk.job());
            assertThat(desk.history().steps()).hasSize(201);
        }
        verify(watcher, atMost(200)).accept(any());
    }

    @Test
    void anEditIsOnDiskWithinASecond() throws IOException, FormatException, InterruptedException {
        JobStore store = new JobStore(folder.resolve("link.veldline.json"));
        store.save(JOB);
        Runnable saved = mock(Runnable.class);
        try (JobDesk desk = new JobDesk(JOB, Optional.of(store), Runnable::run)) {
            desk.onSaved(saved);
            desk.edit(new JobChange.OfBrief(new BriefChange.Tide(Quantity.of("2.2", Unit.M))));
            verify(saved, timeout(3000)).run();
            assertThat(store.open()).isEqualTo(desk.job());
            assertThat(desk.savedAt()).isPresent();
        }
    }

    @Test
    void aBusyHandIsSavedWhileItIsBusy() throws InterruptedException {
        JobStore store = new JobStore(folder.resolve("link.veldline.json"));
        Runnable saved = mock(Runnable.class);
        try (JobDesk desk = new JobDesk(JOB, Optional.of(store), Runnable::run)) {
            desk.onSaved(saved);
            for (int i = 0; i < 60; i++) {
                desk.edit(length(48 + i / 100.0));
                Thread.sleep(50);
            }
            // Three seconds of edits without a pause of half a second, and none was waited for.
            verify(saved, atLeast(3)).run();
        }
    }

    @Test
    void anEditMadeWhileAnotherIsBeingWrittenIsSavedToo() throws Exception {
        JobStore store = mock(JobStore.class);
        CountDownLatch writing = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        when(store.lastSaved()).thenReturn(Optional.empty());
        BlockingQueue<Job> written = new LinkedBlockingQueue<>();
        when(store.save(any())).thenAnswer(call -> {
            writing.countDown();
            goOn.await();
            written.add(call.getArgument(0));
            return Optional.empty();
        });
        try (JobDesk desk = new JobDesk(JOB, Optional.of(store), Runnable::run)) {
            desk.edit(length(50));
            assertThat(writing.await(10, TimeUnit.SECONDS)).isTrue();
            desk.edit(length(51));
            Job last = desk.job();
            goOn.countDown();
            assertThat(written.poll(10, TimeUnit.SECONDS)).isNotEqualTo(last);
            assertThat(written.poll(10, TimeUnit.SECONDS)).isEqualTo(last);
        }
    }

    @Test
    void anEditGoesToTheFileItWasMadeInThoughAnotherJobIsOpenedAtOnce() throws IOException, FormatException {
        JobStore one = new JobStore(folder.resolve("one.veldline.json"));
        JobStore two = new JobStore(folder.resolve("two.veldline.json"));
        Job other = JOB.withName("other");
        two.save(other);
        JobDesk desk = new JobDesk(JOB, Optional.of(one), Runnable::run);
        desk.edit(length(50));
        Job edited = desk.job();
        desk.lay(other, Optional.of(two), Optional.empty());
        desk.close();
        assertThat(one.open()).isEqualTo(edited);
        assertThat(two.open()).isEqualTo(other);
    }

    @Test
    void aDeskThatIsClosedIsAskedForNothingMore() {
        JobDesk desk = new JobDesk(JOB, Optional.empty(), Runnable::run);
        desk.close();
        assertThatCode(desk::assess).doesNotThrowAnyException();
    }

    @Test
    void closingSavesWhatIsNotSavedYet() throws IOException, FormatException {
        JobStore store = new JobStore(folder.resolve("link.veldline.json"));
        JobDesk desk = new JobDesk(JOB, Optional.of(store), Runnable::run);
        desk.edit(length(50));
        desk.close();
        assertThat(store.open()).isEqualTo(desk.job());
    }

    @Test
    void aFullOrForbiddenDiskIsToldAndTheJobStays() throws IOException {
        Path file = folder.resolve("in-the-way");
        Files.writeString(file, "");
        try (JobDesk desk =
                new JobDesk(JOB, Optional.of(new JobStore(file.resolve("x.veldline.json"))), Runnable::run)) {
            desk.edit(length(50));
            Runnable told = mock(Runnable.class);
            desk.onSaved(told);
            desk.saveNow();
            verify(told, timeout(3000)).run();
            assertThat(desk.saveTrouble()).startsWith("Not saved").contains("save it elsewhere");
            assertThat(desk.job()
                            .yagi()
                            .orElseThrow()
                            .elements()
                            .get(3)
                            .length()
                            .value())
                    .isEqualTo(0.05);
            desk.saveAs(new JobStore(folder.resolve("elsewhere.veldline.json")));
            verify(told, timeout(3000).times(2)).run();
            assertThat(desk.saveTrouble()).isEmpty();
        }
        assertThat(folder.resolve("elsewhere.veldline.json")).exists();
    }

    @Test
    void undoAndRedoWalkThroughEveryEdit() {
        try (JobDesk desk = new JobDesk(JOB, Optional.empty(), Runnable::run)) {
            desk.edit(length(50));
            desk.edit(length(51));
            desk.goOn(length(51.5));
            assertThat(desk.history().steps()).hasSize(3);
            desk.undo();
            desk.undo();
            assertThat(desk.job()).isEqualTo(JOB);
            desk.redo();
            desk.redo();
            assertThat(desk.job()
                            .yagi()
                            .orElseThrow()
                            .elements()
                            .get(3)
                            .length()
                            .value())
                    .isCloseTo(0.0515, org.assertj.core.api.Assertions.within(1e-12));
        }
    }
}
