package veldline.desktop.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Polarized;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.calc.Topics;
import veldline.demo.TernholmSands;
import veldline.desktop.begin.NewJobBench;
import veldline.desktop.changes.ChangesBench;
import veldline.desktop.changes.Revisions;
import veldline.desktop.help.HelpBench;
import veldline.desktop.sums.SumsBench;
import veldline.desktop.theline.LinePicture;
import veldline.desktop.theline.MarginPanel;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.job.BesideChange;
import veldline.job.History;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.Air;
import veldline.link.AirChange;
import veldline.link.BriefChange;
import veldline.link.Hop;
import veldline.path.Leaves;
import veldline.path.Material;
import veldline.path.Obstruction;
import veldline.path.Profile;
import veldline.path.WayChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.study.Candidate;
import veldline.study.Candidates;
import veldline.study.Progress;

/** In every picture each text has room of its own, whatever the job and the size of the window. */
class RoomTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();
    private static final Map<String, Job> JOBS = new TreeMap<>(Map.of(
            "the sample",
            JOB,
            "two elements",
            yagi(new YagiChange.Count(2.437e9, 2)),
            "twenty elements",
            yagi(new YagiChange.Count(2.437e9, 20)),
            "a folded dipole",
            yagi(new YagiChange.FeedKind(YagiShape.Feed.FOLDED)),
            "a wrong joint",
            new JobChange.OfRun(true, new FeedChange.Replace(0, Drawer.part("a-sman-nj"))).applyTo(JOB),
            "nothing recorded",
            JOB.withProve(JOB.prove().withRecordings(List.of()).withBefore(-1).withAfter(-1)),
            "broken at the far end",
            new JobChange.OfRun(false, new FeedChange.Insert(0, Drawer.part("a-sman-nj"))).applyTo(JOB),
            "150 MHz",
            new JobChange.OfBrief(new BriefChange.Frequency(Quantity.of("150.1", Unit.MHZ))).applyTo(JOB)));

    private static Job yagi(YagiChange change) {
        return new JobChange.OfYagi(change).applyTo(JOB);
    }

    private static Showing showing(Job job) {
        Assessment a = ASSESSOR.assess(job);
        // Candidates hang on the brief and the rod, and most of these jobs share theirs.
        Stage<List<Candidate>> candidates = CANDIDATES.computeIfAbsent(
                List.of(job.brief(), job.yagi().map(y -> y.diameter()), job.needs(), job.nearRun()),
                k -> new Stage.Fresh<>(Candidates.of(a, Progress.NONE)));
        return showing(a, candidates);
    }

    private static final Map<Object, Stage<List<Candidate>>> CANDIDATES = new java.util.HashMap<>();

    private static Showing showing(Assessment a, Stage<List<Candidate>> candidates) {
        return new Showing(a, "near-part-0", Map.of(), candidates, Optional.empty(), false);
    }

    /** Candidates take seconds where the longest antenna allowed is many waves long; one such job is enough. */
    private static Showing reserve(Job job) {
        return job.name().equals("Tide-gauge relay")
                ? showing(job)
                : showing(ASSESSOR.assess(job), new Stage.Running<>());
    }

    @TestFactory
    Stream<DynamicTest> everyJobOfTheReserveHasRoom() {
        return TernholmSands.all().stream().skip(1).flatMap(job -> {
            Showing s = reserve(job);
            Stream<DynamicTest> benches = Stream.of(Step.values())
                    .flatMap(step -> Stream.of(new double[][] {{704, 500}, {620, 480}})
                            .map(size -> DynamicTest.dynamicTest(
                                    job.name() + ", " + step.title() + " at " + (int) size[0],
                                    () -> Roomy.picture(Benches.of(step).centre(s, size[0], size[1])))));
            Stream<DynamicTest> lines = Stream.of(new double[][] {{1280, 190}, {1024, 132}, {1920, 240}})
                    .map(size -> DynamicTest.dynamicTest(
                            job.name() + ", line " + (int) size[0],
                            () -> Roomy.picture(LinePicture.of(
                                    s.assessment().line(),
                                    Optional.empty(),
                                    Optional.empty(),
                                    Optional.empty(),
                                    "near-antenna",
                                    size[0],
                                    size[1]))));
            DynamicTest margin = DynamicTest.dynamicTest(
                    job.name() + ", margin",
                    () -> Roomy.picture(MarginPanel.of(
                            s.assessment(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(-12.5),
                            Optional.empty(),
                            140,
                            190)));
            return Stream.of(benches, lines, Stream.of(margin)).flatMap(x -> x);
        });
    }

    /** The pages of Brief that show something of their own, with a ridge, a wall, trees and a crowded air. */
    @TestFactory
    Stream<DynamicTest> everyPageOfBriefHasRoom() {
        Job crowded = JOB;
        for (JobChange c : List.of(
                new JobChange.OfBrief(new BriefChange.OfWay(new WayChange.Along(Optional.of(new Profile(
                        "typed points",
                        List.of(0.0, 900.0, 1100.0, 1300.0, 2600.0),
                        List.of(0.0, 1.0, 15.0, 2.0, 3.0)))))),
                new JobChange.OfBrief(new BriefChange.InTheWay(List.of(
                        new Obstruction.Wall(Material.STONE, Quantity.of("450", Unit.MM)),
                        new Obstruction.Trees(Quantity.of("20", Unit.M), Leaves.ITU),
                        new Obstruction.Told("the long barn of the reserve", Quantity.of("7", Unit.DB))))),
                new JobChange.OfBrief(new BriefChange.OfAir(new AirChange.AddHeard(new Air.Heard(
                        "ferry",
                        Quantity.of("2437", Unit.MHZ),
                        Quantity.of("40", Unit.MHZ),
                        Quantity.of("-31", Unit.DBM),
                        Optional.empty())))),
                new JobChange.OfBrief(new BriefChange.Hops(
                        List.of(
                                hop("Harbour office", "140"),
                                hop("Slipway", "150"),
                                hop("East spit", "200"),
                                hop("Ebb bank", "262")),
                        "hops")))) {
            crowded = c.applyTo(crowded);
        }
        return Stream.of(
                        crowded, TernholmSands.all().get(5), TernholmSands.all().get(4))
                .flatMap(job -> {
                    Assessment a = ASSESSOR.assess(job);
                    return Stream.of("way", "air", "hops")
                            .flatMap(page -> Stream.of(new double[][] {{704, 500}, {620, 480}, {1260, 740}})
                                    .map(size -> DynamicTest.dynamicTest(
                                            job.name() + ", " + page + " at " + (int) size[0],
                                            () -> Roomy.picture(Benches.of(Step.BRIEF)
                                                    .centre(noted(a, Map.of("brief", page)), size[0], size[1])))));
                });
    }

    private static Hop hop(String name, String bearing) {
        return Hop.onwards(
                name, Quantity.of(bearing, Unit.DEG), Quantity.of("1.2", Unit.KM), JOB.brief(), Polarized.UPRIGHT);
    }

    @TestFactory
    Stream<DynamicTest> whatLiesOverABenchHasRoom() {
        Assessment a = ASSESSOR.assess(JOB);
        History history = History.of(JOB)
                .after(new JobChange.OfBrief(new BriefChange.Power(Quantity.of("14", Unit.DBM))))
                .after(new JobChange.OfBrief(new BriefChange.Power(Quantity.of("12", Unit.DBM))));
        Revisions read = Revisions.of(history, new Assessor(), Progress.NONE);
        HelpBench help = new HelpBench(Step.BRIEF);
        List<Bench> over = List.of(
                new SumsBench(Step.BRIEF),
                help,
                new NewJobBench(Step.BRIEF),
                new ChangesBench(Step.BRIEF, () -> history, () -> Optional.of(read)));
        Showing plain = new Showing(a, "near-radio", Map.of(), new Stage.Running<>(), Optional.empty(), false);
        Stream<DynamicTest> benches = over.stream()
                .flatMap(b -> Stream.of(new double[][] {{704, 500}, {620, 480}})
                        .map(size -> DynamicTest.dynamicTest(
                                b.place() + " at " + (int) size[0],
                                () -> Roomy.picture(b.centre(plain, size[0], size[1])))));
        Stream<DynamicTest> sums = Topics.all().stream()
                .map(t -> DynamicTest.dynamicTest(
                        t.name(),
                        () -> Roomy.picture(new SumsBench(Step.BRIEF)
                                .centre(noted(a, Map.of("sum", t.name())), 704, 500))));
        Stream<DynamicTest> chapters = help.walk(plain).stream()
                .map(z -> DynamicTest.dynamicTest(
                        "help " + z, () -> Roomy.picture(help.centre(noted(a, Map.of("HELP", z)), 704, 500))));
        return Stream.of(benches, sums, chapters).flatMap(x -> x);
    }

    @TestFactory
    Stream<DynamicTest> whatStandsUnderADrawingHasRoom() {
        Family.Wish wish = new Family.Wish(2437e6, 0.3, 1.6e-3, Metal.COPPER, false);
        Job compared = new JobChange.OfBeside(new BesideChange.Keep(
                        true,
                        JOB.yagi()
                                .orElseThrow()
                                .withElement(
                                        3,
                                        new YagiShape.Element(
                                                Quantity.of("70.25", Unit.MM), Quantity.of("54.35", Unit.MM)))))
                .applyTo(JOB);
        Stream<Job> designs = Stream.of("helix", "quad", "stacked Yagis", "dipole")
                .map(k -> new JobChange.Fit(true, Families.wires(k).design(wish)).applyTo(JOB));
        return Stream.concat(Stream.of(compared), designs).flatMap(job -> {
            Assessment a = ASSESSOR.assess(job);
            return Stream.of("SPHERE", "OHMS", "GROUND", "MORE", "WORK", "BESIDE")
                    .flatMap(below -> Stream.of(new double[][] {{704, 500}, {620, 480}})
                            .map(size -> DynamicTest.dynamicTest(
                                    job.antenna(true).title() + ", " + below + " at " + (int) size[0],
                                    () -> Roomy.picture(Benches.of(Step.SHAPE)
                                            .centre(noted(a, Map.of("shape.below", below)), size[0], size[1])))));
        });
    }

    private static Showing noted(Assessment a, Map<String, String> noted) {
        return new Showing(
                a, "near-radio", Map.of(), noted, new Stage.Running<>(), Showing.Advice.NONE, Optional.empty(), false);
    }

    @TestFactory
    Stream<DynamicTest> noTextRunsIntoAnother() {
        return JOBS.entrySet().stream().flatMap(e -> {
            Showing s = showing(e.getValue());
            return Stream.of(Step.values())
                    .flatMap(step -> Stream.of(new double[][] {{704, 500}, {620, 480}, {1260, 780}})
                            .map(size -> DynamicTest.dynamicTest(
                                    e.getKey() + ", " + step.title() + " at " + (int) size[0],
                                    () -> Roomy.picture(Benches.of(step).centre(s, size[0], size[1])))));
        });
    }

    @TestFactory
    Stream<DynamicTest> theLineHasRoomForItsNames() {
        return JOBS.entrySet().stream()
                .flatMap(e -> Stream.of(new double[][] {{1280, 190}, {1024, 132}, {853, 132}, {1920, 240}})
                        .map(size -> DynamicTest.dynamicTest(
                                e.getKey() + ", " + (int) size[0] + " by " + (int) size[1],
                                () -> Roomy.picture(LinePicture.of(
                                        ASSESSOR.assess(e.getValue()).line(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        "near-antenna",
                                        size[0],
                                        size[1])))));
    }

    @TestFactory
    Stream<DynamicTest> theMarginHasRoom() {
        return JOBS.entrySet().stream()
                .flatMap(e -> Stream.of(132.0, 190.0)
                        .map(height -> DynamicTest.dynamicTest(e.getKey() + ", " + height, () -> {
                            Assessment a = ASSESSOR.assess(e.getValue());
                            Roomy.picture(MarginPanel.of(
                                    a,
                                    Optional.empty(),
                                    Optional.empty(),
                                    Optional.of(1.2),
                                    Optional.empty(),
                                    140,
                                    height));
                            Roomy.picture(MarginPanel.of(
                                    a,
                                    Optional.empty(),
                                    a.prove().value(),
                                    Optional.empty(),
                                    Optional.empty(),
                                    140,
                                    height));
                        })));
    }
}
