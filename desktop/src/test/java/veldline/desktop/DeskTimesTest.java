package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.HungWire;
import veldline.antenna.YagiChange;
import veldline.assess.Assessment;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.store.JobStore;

/** The desk and the workbench over time, without a window: what is shown while something is under way. */
class DeskTimesTest {
    private static final Job JOB = TernholmSands.nestCamera();

    @TempDir
    private Path folder;

    private static JobChange length(double mm) {
        return new JobChange.OfYagi(new YagiChange.ElementLength(4, Quantity.shown(mm / 1000, Unit.MM, 2)));
    }

    private static void until(BooleanSupplier condition) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
        while (!condition.getAsBoolean()) {
            assertThat(System.nanoTime()).as("it never came about").isLessThan(end);
            Thread.sleep(5);
        }
    }

    /** Runs what would run on the interface thread one after another, as that thread does. */
    private static final class OneByOne {
        synchronized void run(Runnable r) {
            r.run();
        }
    }

    @Test
    void theOldSweepStandsInMarkedUntilTheNewOneIsThere() throws InterruptedException {
        OneByOne turn = new OneByOne();
        List<Assessment> shown = Collections.synchronizedList(new ArrayList<>());
        try (JobDesk desk = new JobDesk(JOB, Optional.empty(), turn::run);
                Workbench work = new Workbench(desk, turn::run)) {
            work.onChanged(() -> work.showing().ifPresent(s -> shown.add(s.assessment())));
            desk.assess();
            until(() -> work.showing().filter(s -> s.assessment().whole()).isPresent());
            var before = shown.get(shown.size() - 1).sweep().value().orElseThrow();
            shown.clear();
            turn.run(() -> work.apply(length(49.37)));
            until(() -> work.showing()
                    .filter(s -> s.job() == desk.job() && s.assessment().whole())
                    .isPresent());
            List<Assessment> ofTheNewJob = List.copyOf(shown).stream()
                    .filter(a -> a.job() == desk.job())
                    .toList();
            assertThat(ofTheNewJob.get(0).sweep()).isInstanceOf(Stage.Stale.class);
            assertThat(ofTheNewJob.get(0).sweep().value()).contains(before);
            assertThat(ofTheNewJob.get(0).antenna()).isInstanceOf(Stage.Fresh.class);
            Assessment last = ofTheNewJob.get(ofTheNewJob.size() - 1);
            assertThat(last.sweep()).isInstanceOf(Stage.Fresh.class);
            assertThat(last.sweep().value().orElseThrow()).isNotEqualTo(before);
        }
    }

    @Test
    void whatTakesLongerThanAGlanceIsToldOnceAndThenNoMore() throws InterruptedException {
        OneByOne turn = new OneByOne();
        CountDownLatch late = new CountDownLatch(1);
        try (JobDesk desk = new JobDesk(JOB, Optional.empty(), turn::run)) {
            desk.onLate(late::countDown);
            // The first assessment solves everything from nothing: on any machine longer than a glance.
            desk.assess();
            assertThat(late.await(20, TimeUnit.SECONDS)).isTrue();
            until(() -> !desk.late());
        }
    }

    @Test
    void whatAnotherWindowWroteIsToldAtTheFoot() throws IOException, FormatException, InterruptedException {
        Path file = folder.resolve("link.veldline.json");
        new JobStore(file).save(JOB);
        OneByOne turn = new OneByOne();
        JobStore mine = new JobStore(file);
        mine.open();
        try (JobDesk desk = new JobDesk(JOB, Optional.of(mine), turn::run);
                Workbench work = new Workbench(desk, turn::run)) {
            JobStore theirs = new JobStore(file);
            theirs.open();
            theirs.save(JOB.withName("Theirs"));
            turn.run(() -> desk.edit(new JobChange.OfBrief(new BriefChange.Tide(Quantity.of("2.2", Unit.M)))));
            until(() -> work.news().contains("changed by another window"));
            assertThat(new JobStore(file).open().name()).isEqualTo("Theirs");
            until(() -> Files.exists(folder.resolve("link (2).veldline.json")));
        }
    }

    /** Opening what is on the desk, an instant after an edit, finds the edit. */
    @Test
    void whatIsOpenedIsWhatWasLastEdited() throws InterruptedException, IOException {
        Path file = folder.resolve("link.veldline.json");
        JobStore store = new JobStore(file);
        store.save(JOB);
        OneByOne turn = new OneByOne();
        try (JobDesk desk = new JobDesk(JOB, Optional.of(store), turn::run);
                Workbench work = new Workbench(desk, turn::run)) {
            turn.run(() -> {
                desk.edit(new JobChange.OfBrief(new BriefChange.Tide(Quantity.of("1.3", Unit.M))));
                work.open(file.toFile());
            });
            until(() -> work.news().startsWith("Opened"));
            assertThat(desk.job().brief().tide().value()).isEqualTo(1.3);
        }
    }

    /** Looking at a job and closing it leaves the file as another window has made it meanwhile. */
    @Test
    void whatWasNotEditedIsNotWritten() throws IOException, FormatException {
        Path file = folder.resolve("link.veldline.json");
        JobStore mine = new JobStore(file);
        mine.save(JOB);
        try (JobDesk desk = new JobDesk(JOB, Optional.of(mine), Runnable::run)) {
            JobStore theirs = new JobStore(file);
            theirs.open();
            theirs.save(JOB.withName("Theirs"));
            desk.saveNow();
        }
        assertThat(new JobStore(file).open().name()).isEqualTo("Theirs");
        assertThat(mine.beside()).hasSize(1);
    }

    @Test
    void aDamagedJobIsOpenedAndSaidToBeSo() throws IOException, InterruptedException {
        Path file = folder.resolve("link.veldline.json");
        new JobStore(file).save(JOB);
        try (var files = Files.list(folder.resolve("link.files"))) {
            Files.delete(files.sorted().findFirst().orElseThrow());
        }
        OneByOne turn = new OneByOne();
        try (JobDesk desk = new JobDesk(JOB, Optional.empty(), turn::run);
                Workbench work = new Workbench(desk, turn::run)) {
            turn.run(() -> work.open(file.toFile()));
            until(() -> work.news().contains("Not whole: the recording"));
            assertThat(work.desk().job().prove().recordings())
                    .hasSameSizeAs(JOB.prove().recordings());
        }
    }

    @Test
    void candidatesAreAskedForOnlyWhereTheyAreShown() throws InterruptedException {
        OneByOne turn = new OneByOne();
        try (JobDesk desk = new JobDesk(JOB, Optional.empty(), turn::run);
                Workbench work = new Workbench(desk, turn::run)) {
            desk.assess();
            until(() -> work.showing().isPresent());
            assertThat(work.showing().orElseThrow().candidates().value()).isEmpty();
            turn.run(() -> {
                work.go(Step.CHOOSE);
                work.opened();
            });
            until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
            assertThat(work.showing().orElseThrow().candidates().value().orElseThrow())
                    .extracting(c -> c.shaped().family().name())
                    .containsAll(Families.all().stream()
                            // A wire for short wave is no candidate at 2.4 GHz.
                            .filter(f -> !(f instanceof HungWire))
                            .map(Family::name)
                            .toList())
                    .contains("bought");
        }
    }

    @Test
    void aStudyTellsHowFarItIs() throws InterruptedException {
        OneByOne turn = new OneByOne();
        List<Showing.Busy> told = Collections.synchronizedList(new ArrayList<>());
        try (JobDesk desk = new JobDesk(JOB, Optional.empty(), turn::run);
                Workbench work = new Workbench(desk, turn::run)) {
            work.onChanged(() -> work.busy().ifPresent(told::add));
            desk.assess();
            until(() -> work.showing().filter(s -> s.assessment().whole()).isPresent());
            turn.run(() -> work.command(Input.Command.IMPROVE));
            until(() -> !told.isEmpty());
            turn.run(() -> work.command(Input.Command.STOP));
            until(() -> work.improvement() instanceof Stage.Fresh);
            until(() -> work.news().startsWith("Stopped"));
            assertThat(desk.history().at()).isZero();
            assertThat(told).allMatch(b -> b.what().equals("Trying shapes") && b.done() <= b.of());
        }
    }

    @Test
    void stepsMoveToTheNearestStopTheyAreForAndSaySo() throws InterruptedException {
        OneByOne turn = new OneByOne();
        try (JobDesk desk = new JobDesk(JOB, Optional.empty(), turn::run);
                Workbench work = new Workbench(desk, turn::run)) {
            desk.assess();
            until(() -> work.showing().isPresent());
            turn.run(() -> work.goStop("near-radio"));
            turn.run(() -> work.go(Step.SHAPE));
            assertThat(work.stop()).isEqualTo("near-antenna");
            assertThat(work.news()).isEqualTo("Shape is at Hide antenna, the nearest stop it is for.");
            turn.run(() -> work.pick("step:BRIEF"));
            assertThat(work.step()).isEqualTo(Step.BRIEF);
            turn.run(() -> work.alongLine(-1));
            assertThat(work.stop()).isEqualTo("near-part-1");
            turn.run(() -> work.alongLine(-99));
            assertThat(work.stop()).isEqualTo("near-radio");
        }
    }
}
