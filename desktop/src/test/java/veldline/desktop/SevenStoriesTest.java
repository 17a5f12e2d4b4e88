package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Predicate;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Assessment;
import veldline.assess.ProvePage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.prove.ProveChange;
import veldline.prove.Turned;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.store.JobStore;

/** Each job of the reserve tells its story where somebody who opens it would look for it. */
class SevenStoriesTest extends WindowTest {
    private void open(String name) throws Exception {
        settle();
        Job job = TernholmSands.all().stream()
                .filter(j -> j.name().equals(name))
                .findFirst()
                .orElseThrow();
        JobStore store = new JobStore(folder.resolve("story.veldline.json"));
        store.save(job);
        interact(() -> work.open(store.file().toFile()));
        until(() -> work.desk().job().name().equals(name));
        settle();
    }

    private Assessment assessment() {
        return work.showing().orElseThrow().assessment();
    }

    private void go(Step step) {
        interact(() -> work.go(step));
        settle();
    }

    private void page(String name, String page) {
        interact(() -> work.pick("set:" + name + "=" + page));
        settle();
    }

    private static Predicate<Finding> tagged(String tag) {
        return f -> f.tag().equals(tag);
    }

    /** Finished and proved: two changes, each with readings of its own, and a search that said lower. */
    @Test
    void theNestCameraIsProvedAndTheHeightSearchSaidLower() throws Exception {
        open("Nest-camera link");
        go(Step.PROVE);
        assertThat(assessment().of(Step.PROVE).get(0).level()).isEqualTo(Finding.Level.FITS);
        assertThat(texts()).contains("How much better?", "Before", "After");
        page("prove", "turn");
        page("prove.turned", "HEIGHT");
        assertThat(assessment()
                        .tests()
                        .value()
                        .orElseThrow()
                        .height()
                        .orElseThrow()
                        .best()
                        .value())
                .isBetween(6.0, 9.0);
        interact(() -> work.apply(new JobChange.OfBrief(new BriefChange.Height(true, Quantity.of("14", Unit.M)))));
        settle();
        assertThat(ProvePage.TURN.findings(assessment()).get(0))
                .as("hung where it was before")
                .satisfies(f -> {
                    assertThat(f.level()).isEqualTo(Finding.Level.WATCH);
                    assertThat(f.rest()).contains("over where it hangs, 14 m");
                });
        go(Step.LOG);
        page("log", "tried");
        assertThat(texts()).contains("best so far", "3  lowered from 14 m to 8 m");
    }

    /** Being built: it came out low, and there are readings to trim by. */
    @Test
    void theTagReceiverCameOutLow() throws Exception {
        open("Tag receiver");
        assertThat(work.desk().job().trim().passes()).isNotEmpty();
        double dip = work.desk().job().trim().passes().get(0).sweep().stream()
                .min((a, b) -> Double.compare(a.swr().value(), b.swr().value()))
                .orElseThrow()
                .frequency()
                .value();
        assertThat(dip).isLessThan(work.desk().job().brief().frequency().value() - 0.5e6);
        go(Step.MATCH);
        assertThat(picture().picture().texts()).isNotEmpty();
    }

    /** Failed at the bench: the splitter keeps the supply from the amplifier; mended, one station still overloads it. */
    @Test
    void theTelevisionHasNoSupplyAndThenOneStationTooMuch() throws Exception {
        open("Lodge television");
        go(Step.FEED_RUN);
        assertThat(assessment().of(Step.FEED_RUN)).anyMatch(tagged("supply blocked"));
        leaveBoxes();
        push(KeyCode.T);
        until(() -> assessment().of(Step.FEED_RUN).stream().noneMatch(tagged("supply blocked")));
        assertThat(assessment().of(Step.FEED_RUN)).anyMatch(tagged("overload"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> assessment().of(Step.FEED_RUN).stream().anyMatch(tagged("supply blocked")));
    }

    /** Raised, nothing shown: the radio was changed with the antenna, and the dune hides one place. */
    @Test
    void theShelterShowsNothingSinceTheRadioWasChangedToo() throws Exception {
        open("Visitor shelter");
        go(Step.PROVE);
        Finding first = assessment().of(Step.PROVE).get(0);
        assertThat(first.tag()).isEqualTo("changed together");
        assertThat(first.reason()).containsIgnoringCase("radio").contains("antenna");
        go(Step.RAISE);
        assertThat(assessment().of(Step.RAISE)).anyMatch(f -> f.level() == Finding.Level.STOP);
        assertThat(texts()).contains("Who can connect");
    }

    /** Raised, and the walk found it: hands are crossed, so it does not reach; turned about, it does. */
    @Test
    void theSkiffsHandsAreCrossedAndTheWalkFoundIt() throws Exception {
        open("Survey skiff video");
        go(Step.PROVE);
        page("prove", "walk");
        assertThat(ProvePage.WALK.findings(assessment()).get(0).level()).isNotEqualTo(Finding.Level.FITS);
        double crossed = assessment().line().margin().value();
        assertThat(crossed).isNegative();
        go(Step.SHAPE);
        assertThat(assessment().line().stops()).anyMatch(s -> s.tag().equals("crossed"));
    }

    /** Choosing: a can and a short Yagi stand beside each other, and an advert claims more than its size can give. */
    @Test
    void theTideGaugeIsBeingChosen() throws Exception {
        open("Tide-gauge relay");
        go(Step.CHOOSE);
        until(() -> work.showing().orElseThrow().candidates().value().isPresent()
                && work.showing().orElseThrow().busy().isEmpty());
        assertThat(texts()).anyMatch(t -> t.contains("Yagi")).contains("Ways to do it, best first");
        assertThat(work.desk().job().offer().orElseThrow().name()).isEqualTo("Pocket Yagi, short");
        assertThat(assessment().of(Step.CHOOSE)).anyMatch(f -> f.level() == Finding.Level.STOP);
    }

    /** Not begun: a brief and no invented number. */
    @Test
    void theStormRadioIsABriefAndNoMore() throws Exception {
        open("Storm radio");
        assertThat(assessment().line().answered()).isFalse();
        assertThat(work.desk().job().stations()).hasSize(3);
        for (Step step : List.of(Step.SHAPE, Step.MATCH, Step.PROVE)) {
            go(step);
            assertThat(texts()).as(step.title()).noneMatch(t -> t.matches(".*\\d dBi.*"));
        }
        assertThat(work.desk().job().prove().recordings()).isEmpty();
        assertThat(work.desk().job().prove().turned(Turned.HEIGHT)).isEmpty();
        interact(() -> work.apply(new JobChange.OfProve(new ProveChange.Columns("level=P_rx"))));
        assertThat(work.desk().job().prove().columns()).isEqualTo("level=P_rx");
    }
}
