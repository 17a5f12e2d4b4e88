package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.antenna.NotChosen;
import veldline.antenna.Shelf;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.feed.Branch;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Mount;

/** Judgements on what branches off a run, and on what an antenna stands on. */
class OutletRulesTest {
    private static final Assessor ASSESSOR = new Assessor();
    private static final Job LODGE = TernholmSands.all().get(2);
    private static final int SPLITTER = 3;

    private static Assessment assessed(Job job) {
        return ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
    }

    private static Job run(FeedChange... changes) {
        FeedRun run = LODGE.farRun();
        for (FeedChange c : changes) {
            run = c.applyTo(run);
        }
        return LODGE.withFarRun(run);
    }

    private static Optional<Finding> found(Job job, String tag) {
        return assessed(job).of(Step.FEED_RUN).stream()
                .filter(f -> f.tag().equals(tag))
                .findFirst();
    }

    private static Job taken(Job job, Finding finding) {
        return JobChange.lift(finding.remedies().get(0).change(), false).applyTo(job);
    }

    @Test
    void anOpenEndIsToldAndItsRemedyClosesIt() {
        Finding open = found(LODGE, "open outlet").orElseThrow();
        assertThat(open.sentence()).contains("Bunk room");
        Job closed = taken(LODGE, open);
        assertThat(closed.farRun().branches().get(1).ending()).isEqualTo(Branch.Ending.CLOSED);
        assertThat(found(closed, "open outlet")).isEmpty();
        // Forty metres more take off what comes back.
        Job far = run(FeedChange.at(List.of(1), new FeedChange.CableLength(0, Quantity.of("90", Unit.M))));
        assertThat(found(far, "open outlet")).isEmpty();
    }

    @Test
    void anOutletNobodySpokeOfIsClosedByALoad() {
        Job one = run(new FeedChange.Unhang(1));
        Finding free = found(one, "outlet not closed").orElseThrow();
        assertThat(free.sentence()).startsWith("1 outlet of the three-way splitter");
        Job closed = taken(one, free);
        assertThat(closed.farRun().free(SPLITTER)).isZero();
        assertThat(found(closed, "outlet not closed")).isEmpty();
    }

    @Test
    void aWeakOutletIsWatchedAtTheMarginThatIsWanted() {
        Assessment a = assessed(LODGE);
        FeedFigures.OfOutlet kitchen = a.farFeed().outlets().get(0);
        double over = OutletLevel.of(a, kitchen.loss()).orElseThrow().margin().value();
        // The line's own radio and an outlet of the same loss have the same margin.
        assertThat(over - a.line().margin().value())
                .isCloseTo(a.farFeed().total().value() - kitchen.loss().value(), within(1e-9));
        Job weak = run(FeedChange.at(List.of(0), new FeedChange.CableLength(0, Quantity.of("120", Unit.M))));
        assertThat(found(weak, "outlet is weak").orElseThrow().level()).isEqualTo(Finding.Level.WATCH);
        assertThat(found(LODGE, "outlet is weak")).isEmpty();
    }

    @Test
    void aBranchThatDoesNotJoinIsAStopWithItsMend() {
        FeedPart wrong = Drawer.part("c-rg58-bnc");
        Job broken = run(FeedChange.at(List.of(0), new FeedChange.Replace(0, wrong)));
        Finding stop = found(broken, "branch broken").orElseThrow();
        assertThat(stop.level()).isEqualTo(Finding.Level.STOP);
        assertThat(stop.sentence()).contains("Kitchen");
    }

    @Test
    void whatWasMeasuredStandsOnTheLine() {
        double f = LODGE.brief().frequency().value();
        FeedRun cable = new FeedChange.MeasuredLoss(2, Quantity.of("2.4", Unit.DB), f).applyTo(LODGE.farRun());
        assertThat(cable.parts().get(2).workedLoss(f).value()).isCloseTo(2.4, within(1e-9));
        double before = LODGE.farRun().parts().get(2).workedLoss(f / 4).value()
                / LODGE.farRun().parts().get(2).workedLoss(f).value();
        assertThat(cable.parts().get(2).workedLoss(f / 4).value() / 2.4)
                .as("the law keeps its shape")
                .isCloseTo(before, within(1e-9));
        FeedRun old = new FeedRun(
                LODGE.farRun().radio(),
                List.of(Drawer.part("w-f")),
                LODGE.farRun().antenna());
        FeedPart known = new FeedChange.MeasuredLoss(0, Quantity.of("7.1", Unit.DB), f)
                .applyTo(old)
                .parts()
                .get(0);
        assertThat(known.within()).as("nothing is left to guess").isEmpty();
        assertThat(known.loss()).isEqualTo(Quantity.of("7.1", Unit.DB));
    }

    @Test
    void aBeamIsFourTimesAsWideAsItsMountSways() {
        Job camera = TernholmSands.nestCamera();
        assertThat(ASSESSOR.assess(camera).of(Step.RAISE))
                .noneMatch(f -> f.tag().equals("sways off its aim"));
        Job whip = camera.withRaise(camera.raise()
                .withMount(Mount.USUAL
                        .withTube(Mount.TubeMetal.GLASS_FIBRE)
                        .withDiameter(Quantity.of("20", Unit.MM))
                        .withFree(Quantity.of("3", Unit.M))));
        assertThat(ASSESSOR.assess(whip).of(Step.RAISE)).anyMatch(f -> f.tag().equals("sways off its aim"));
        Job bought = new JobChange.Fit(
                        true, Shelf.serving(2437e6).get(0).antenna().withName("one nobody knows"))
                .applyTo(camera.withFarAntenna(new NotChosen()));
        assertThat(assessed(bought).of(Step.RAISE)).anyMatch(f -> f.tag().equals("wind open"));
    }
}
