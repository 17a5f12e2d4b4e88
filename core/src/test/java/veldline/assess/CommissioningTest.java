package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.feed.Branch;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.raise.RaiseChange;

/** The list is made from the job's own parts, and nothing that is powered, closed or set is left out. */
class CommissioningTest {
    private static final Assessor ASSESSOR = new Assessor();

    private static Commissioning of(Job job) {
        return Commissioning.of(ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true));
    }

    private static Job named(String name) {
        return TernholmSands.all().stream()
                .filter(j -> j.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> ticks(Job job) {
        return of(job).items().stream().map(Commissioning.Item::tick).toList();
    }

    @Test
    void whatIsPoweredWhatSplitsAndWhatHearsIsOnTheList() {
        Job tv = named("Lodge television");
        Commissioning list = of(tv);
        assertThat(list.items())
                .extracting(Commissioning.Item::what)
                .anySatisfy(w -> assertThat(w).startsWith("Shows power: 12 V"));
        assertThat(ticks(tv)).anyMatch(t -> t.endsWith("-round")).anyMatch(t -> t.endsWith("-supply"));
        assertThat(ticks(tv))
                .as("the line begins at a field, and nobody sends")
                .noneMatch(t -> t.startsWith("done:near"));
        for (Branch b : tv.farRun().branches()) {
            assertThat(list.items())
                    .filteredOn(i -> i.where().equals(b.name()))
                    .singleElement()
                    .satisfies(i -> assertThat(i.expected().isPresent()).isEqualTo(b.ending() == Branch.Ending.RADIO));
        }
    }

    /** The level it is to hear is the line's own, and moves with it. */
    @Test
    void whatIsExpectedIsWhatTheLineSays() {
        Job job = named("Nest-camera link");
        Assessment a = ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
        Commissioning.Item hears = Commissioning.of(a).items().stream()
                .filter(i -> i.tick().equals("done:far-radio-hears"))
                .findFirst()
                .orElseThrow();
        assertThat(hears.expected().orElseThrow().value())
                .isEqualTo(a.line().stop("far-radio").level().value());
    }

    @Test
    void anArrestorIsBondedAndOneThatIsTakenOutIsNotAskedFor() {
        Job job = named("Nest-camera link");
        int before = ticks(job).size();
        Job with = new JobChange.OfRun(true, new FeedChange.Insert(1, Drawer.part("r-nj-nj-quarter"))).applyTo(job);
        assertThat(ticks(with)).hasSize(before + 1).contains("done:near-part-1-bond");
        assertThat(ticks(new JobChange.OfRun(true, new FeedChange.Remove(1)).applyTo(with)))
                .hasSize(before);
    }

    @Test
    void ticksAreTheJobs() {
        Job job = named("Nest-camera link");
        Commissioning list = of(job);
        assertThat(list.left()).isEqualTo(list.items().size());
        Job ticked =
                new JobChange.OfRaise(new RaiseChange.Tick(list.items().get(0).tick(), true)).applyTo(job);
        assertThat(of(ticked).left()).isEqualTo(list.left() - 1);
        assertThat(of(ticked).items().get(0).done()).isTrue();
    }

    /** Opposite hands are told where the antenna is looked at from behind. */
    @Test
    void unlikeFieldsAreToldApart() {
        assertThat(of(named("Survey skiff video")).items())
                .filteredOn(i -> i.tick().endsWith("-field"))
                .hasSize(2)
                .allSatisfy(i -> assertThat(i.what()).contains("but the other end's is"));
        assertThat(of(named("Nest-camera link")).items())
                .filteredOn(i -> i.tick().endsWith("-field"))
                .allSatisfy(i -> assertThat(i.what()).contains("as at the other end"));
    }
}
