package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.feed.CableClass;
import veldline.feed.DirectCurrent;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Direct current on the cable: what feeds an amplifier, what keeps it from it, and what overloads it. */
class SupplyTest {
    private static final Assessor ASSESSOR = new Assessor();
    private static final Job TELEVISION = TernholmSands.all().get(2);

    private static Job with(String... ids) {
        List<FeedPart> parts = new ArrayList<>();
        for (String id : ids) {
            parts.add(Drawer.part(id));
        }
        FeedRun run = TELEVISION.farRun();
        return TELEVISION.withFarRun(new FeedRun(run.radio(), parts, run.antenna()));
    }

    private static List<Finding> feed(Job job) {
        return ASSESSOR.assess(job).of(Step.FEED_RUN);
    }

    @ParameterizedTest
    @CsvSource({
        "c-tv-f i-inject-f c-tv-f m-mast-f c-tv-f, ''",
        "c-tv-f i-inject-f c-tv-f s-split3dc-f c-tv-f m-mast-f c-tv-f, ''",
        "c-tv-f i-inject-f c-tv-f s-split3-f c-tv-f m-mast-f c-tv-f, supply blocked",
        "c-tv-f s-split3-f c-tv-f i-inject-f c-tv-f m-mast-f c-tv-f, ''",
        "c-tv-f m-mast-f c-tv-f, no supply"
    })
    void theWayFromTheInjectorToTheAmplifierIsWalked(String ids, String tag) {
        List<Finding> found = feed(with(ids.split(" ")));
        if (tag.isEmpty()) {
            assertThat(found)
                    .anyMatch(f -> f.sentence().matches("1[12]\\.\\d+ V reach the masthead.*")
                            && f.reason().contains("a fuse of 125 mA"))
                    .noneMatch(f -> f.tag().contains("suppl"));
        } else {
            assertThat(found).anyMatch(f -> f.tag().equals(tag) && f.level() == Finding.Level.STOP);
        }
    }

    /** 80 mA through 15 m of a cable of 120 Ω a kilometre lose 0.14 V; a kilometre of it leaves nothing to run on. */
    @Test
    void aLongCableTakesItsVolts() {
        Job job = with("c-tv-f", "i-inject-f", "c-tv-f", "m-mast-f", "c-tv-f");
        FeedRun run = job.farRun();
        FeedPart cable = run.parts().get(2);
        double ohms = CableClass.of(cable).orElseThrow().loopOhms();
        FeedRun fifteen = run.withPart(2, cable.withLength(Optional.of(Quantity.of("15", Unit.M))));
        DirectCurrent current = DirectCurrent.along(fifteen, 1, 3, 12, 0.08);
        assertThat(current.arrives().value()).isCloseTo(12 - 0.08 * ohms * 0.015, within(1e-9));
        assertThat(current.fuse()).isEqualTo(0.125);
        assertThat(current.lasts(7).value()).isCloseTo(43.75, within(1e-9));
        assertThat(new DirectCurrent(12, 2, 0).fuse()).isEqualTo(3.15);
        FeedRun far = run.withPart(2, cable.withLength(Optional.of(Quantity.of("490", Unit.M))));
        assertThat(feed(job.withFarRun(far)))
                .anyMatch(f -> f.tag().equals("supply too weak") && f.level() == Finding.Level.STOP);
    }

    @Test
    void anotherVoltageIsNotTaken() {
        FeedPart five = Drawer.part("i-inject-f").withSupplies(5);
        Job job = with("c-tv-f", "i-inject-f", "c-tv-f", "m-mast-f", "c-tv-f");
        List<FeedPart> parts = new ArrayList<>(job.farRun().parts());
        parts.set(1, five);
        FeedRun run = new FeedRun(job.farRun().radio(), parts, job.farRun().antenna());
        assertThat(feed(job.withFarRun(run)))
                .anyMatch(f -> f.tag().equals("wrong supply") && f.sentence().contains("5 V"));
    }

    /** What is turned round, and what shorts, is a stop with the remedy that mends it. */
    @Test
    void whatIsTurnedRoundOrShortsIsAStop() {
        Job whole = with("c-tv-f", "i-inject-f", "c-tv-f", "m-mast-f", "c-tv-f");
        for (int part : new int[] {1, 3}) {
            Job turned = whole.withFarRun(new FeedChange.Turn(part).applyTo(whole.farRun()));
            Finding stop = feed(turned).stream()
                    .filter(f -> f.tag().equals("turned round"))
                    .findFirst()
                    .orElseThrow();
            assertThat(stop.level()).isEqualTo(Finding.Level.STOP);
            Job mended = JobChange.lift(stop.remedies().get(0).change(), false).applyTo(turned);
            assertThat(mended).isEqualTo(whole);
        }
        FeedPart shorting = Drawer.part("s-split3dc-f").withDirect(FeedPart.Direct.SHORTS);
        Job shorted = whole.withFarRun(whole.farRun().withInserted(2, shorting));
        assertThat(feed(shorted)).anyMatch(f -> f.tag().equals("supply shorted"));
        assertThat(Drawer.part("r-nj-nj-quarter").direct()).isEqualTo(FeedPart.Direct.SHORTS);
        assertThat(Drawer.part("c-tv-f").turned())
                .as("a cable has no direction")
                .isEqualTo(Drawer.part("c-tv-f"));
    }

    @Test
    void anAmplifierAddsOnTheLineWhatItsSheetSaysAndTakesNothing() {
        Assessment a = ASSESSOR.assess(with("c-tv-f", "i-inject-f", "c-tv-f", "m-mast-f", "c-tv-f"));
        var stop = a.line().stops().stream()
                .filter(s -> s.name().equals("Amplifier"))
                .findFirst()
                .orElseThrow();
        assertThat(stop.verb()).isEqualTo("adds");
        assertThat(stop.level().value() - stop.before()).isEqualTo(18);
        double levels = a.line().stops().get(0).level().value()
                + a.antenna().value().orElseThrow().gain().value()
                - a.match()
                        .value()
                        .flatMap(MatchFigures::inUse)
                        .orElseThrow()
                        .loss()
                        .value();
        assertThat(a.line().stops().get(a.line().stops().size() - 1).level().value())
                .as("what goes in, less what the chain takes")
                .isEqualTo(levels - a.farFeed().total().value(), org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void powersOfStationsAdd() {
        Job alone = TELEVISION.withStations(TELEVISION.stations().subList(0, 1));
        Job twice = alone.withStations(
                List.of(alone.stations().get(0), alone.stations().get(0)));
        assertThat(out(twice) - out(alone)).as("twice the power is 3 dB").isBetween(2.9, 3.1);
        Job stronger = alone.withBrief(alone.brief().withField(Optional.of(Quantity.of("68", Unit.DBUV_M))));
        assertThat(out(stronger) - out(alone)).isBetween(9.9, 10.1);
    }

    private static double out(Job job) {
        return feed(job).stream()
                .filter(f -> f.rest().startsWith("leave the masthead amplifier"))
                .findFirst()
                .orElseThrow()
                .worked()
                .orElseThrow()
                .value();
    }
}
