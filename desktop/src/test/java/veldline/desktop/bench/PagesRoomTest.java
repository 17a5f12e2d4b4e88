package veldline.desktop.bench;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.learn.LearnBench;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.learn.Experiments;
import veldline.learn.Lesson;
import veldline.raise.AimReading;
import veldline.raise.RaiseChange;
import veldline.store.LogbookEntry;
import veldline.study.Progress;

/** On every page of a bench each text has room of its own, whatever the job. */
class PagesRoomTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    @TestFactory
    Stream<DynamicTest> everyPageOfRaiseAndLogHasRoom() {
        return TernholmSands.all().stream().flatMap(job -> {
            Assessment a = ASSESSOR.assess(job);
            return Stream.concat(
                    Stream.of("route", "touch", "day", "near", "gate")
                            .map(look -> Roomy.looked(job, a, Step.RAISE, "near-antenna", "raise", look)),
                    Stream.of(Roomy.looked(job, a, Step.LOG, "near-antenna", "log", "tried")));
        });
    }

    @TestFactory
    Stream<DynamicTest> everyMountHasRoom() {
        return TernholmSands.all().stream()
                .map(job -> Roomy.looked(job, ASSESSOR.assess(job), Step.RAISE, "near-antenna", "raise", "mount"));
    }

    @TestFactory
    Stream<DynamicTest> aSwungAntennaHasRoom() {
        Job swung = new JobChange.OfRaise(new RaiseChange.Swung(
                        AimReading.read("20 -75, 40 -71, 60 -62, 70 -60, 80 -60, 90 -63, 110 -74, 140 -76")
                                .orElseThrow()))
                .applyTo(JOB);
        return Stream.of(JOB, swung)
                .map(job -> Roomy.looked(job, ASSESSOR.assess(job), Step.RAISE, "near-antenna", "raise", "swing"));
    }

    @TestFactory
    Stream<DynamicTest> aFullShelfHasRoom() {
        List<LogbookEntry> found = IntStream.range(0, 40)
                .mapToObj(i -> new LogbookEntry(
                        Path.of("job-" + i),
                        "Ternholm Sands",
                        "Link number " + i + " to the farthest of all the hides on the outer bank",
                        "Yagi of " + (3 + i % 9),
                        1e6 * Math.pow(1.3, i % 33),
                        Optional.of(Instant.EPOCH),
                        i % 2 == 0 ? Optional.of(-0.02 + i * 0.0005) : Optional.empty()))
                .toList();
        Assessment a = ASSESSOR.assess(JOB);
        return Stream.of(Optional.of(found), Optional.of(List.<LogbookEntry>of()), Optional.<List<LogbookEntry>>empty())
                .map(shelf -> {
                    Showing s = new Showing(
                            a,
                            "near-antenna",
                            Map.of(Step.LOG, "entry:20"),
                            Map.of("log", "all"),
                            new Stage.Running<>(),
                            Showing.Advice.NONE.withShelf(shelf),
                            Optional.empty(),
                            false);
                    return DynamicTest.dynamicTest(shelf.map(List::size) + " found", () -> Roomy.bench(Step.LOG, s));
                });
    }

    @TestFactory
    Stream<DynamicTest> everyHandOverHasRoom() {
        return TernholmSands.all().stream()
                .map(job -> Roomy.looked(job, ASSESSOR.assess(job), Step.RAISE, "near-antenna", "raise", "commission"));
    }

    @TestFactory
    Stream<DynamicTest> everyProofHasRoom() {
        return TernholmSands.all().stream().flatMap(job -> {
            Assessment a = ASSESSOR.assess(job);
            return Stream.of("walk", "why", "rate", "turn", "survey", "sides")
                    .map(look -> Roomy.looked(job, a, Step.PROVE, "near-antenna", "prove", look));
        });
    }

    @TestFactory
    Stream<DynamicTest> everyLookAtAFeedRunHasRoom() {
        return TernholmSands.all().stream().flatMap(job -> {
            Assessment a = ASSESSOR.assess(job);
            return Stream.of("OUTLETS", "HAND", "END", "CABLE", "DRAWER")
                    .flatMap(look -> Stream.of("near-part-0", "far-part-0")
                            .map(stop -> Roomy.looked(job, a, Step.FEED_RUN, stop, "feed.look", look)));
        });
    }

    @TestFactory
    Stream<DynamicTest> everyExperimentHasRoom() {
        Assessment a = ASSESSOR.assess(JOB);
        return Experiments.all().stream().flatMap(e -> {
            Lesson lesson = Lesson.of(e, Progress.NONE);
            return Stream.of(0, lesson.looks().size() / 2, lesson.looks().size() - 1)
                    .flatMap(i -> Stream.of(new double[][] {{704, 500}, {620, 480}})
                            .map(size -> DynamicTest.dynamicTest(e.title() + " " + i + " at " + (int) size[0], () -> {
                                Showing s = new Showing(
                                        a,
                                        "near-antenna",
                                        Map.of(),
                                        Map.of(LearnBench.WHICH, e.id(), "LEARN", e.id() + ":" + i),
                                        new Stage.Running<>(),
                                        Showing.Advice.NONE.withLesson(Optional.of(lesson)),
                                        Optional.empty(),
                                        false);
                                Roomy.picture(new LearnBench(Step.BRIEF).centre(s, size[0], size[1]));
                            })));
        });
    }
}
