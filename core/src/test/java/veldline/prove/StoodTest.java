package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.SetUp;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class StoodTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Stood NOW = SetUp.stood(JOB);

    @Test
    void whatWasChangedIsNamedAndNothingElse() {
        assertThat(SetUp.stood(JOB).changed(NOW)).isEmpty();
        Job lower = new JobChange.OfBrief(new BriefChange.Height(true, Quantity.of("8.0", Unit.M))).applyTo(JOB);
        Job still = new JobChange.OfBrief(new BriefChange.Height(
                        true, Quantity.shown(JOB.brief().near().height().value(), Unit.M, 3)))
                .applyTo(JOB);
        assertThat(SetUp.stood(still).changed(NOW))
                .as("the same height in other digits")
                .isEmpty();
        assertThat(SetUp.stood(lower).changed(NOW).isEmpty())
                .isEqualTo(JOB.brief().near().height().value() == 8);
        Job other = new JobChange.OfRun(true, new FeedChange.Insert(1, Drawer.part("a-nj-nj"))).applyTo(lower);
        assertThat(SetUp.stood(other).changed(NOW)).contains("the run").doesNotContain("the antenna", "the radio");
    }

    /** The radio was changed with the antenna: whatever the difference is, it is not the antenna's. */
    @Test
    void twoChangesAtOnceShowNothingOfEither() {
        Assessment shelter = new Assessor().assess(TernholmSands.all().get(3));
        Finding first = shelter.of(Step.PROVE).get(0);
        assertThat(first.level()).isEqualTo(Finding.Level.WATCH);
        assertThat(first.tag()).isEqualTo("changed together");
        assertThat(first.reason()).contains("The radio and the power and the antenna were changed together");
        Finding nest = new Assessor().assess(JOB).of(Step.PROVE).get(0);
        assertThat(nest.tag()).isNotEqualTo("changed together");
    }

    private static Stood at(String place, Optional<Quantity> heading, String scale) {
        return new Stood(
                NOW.radios(),
                NOW.power(),
                NOW.channel(),
                NOW.antenna(),
                NOW.height(),
                NOW.farAntenna(),
                NOW.runs(),
                place,
                heading,
                scale);
    }

    private static Optional<Quantity> deg(String bearing) {
        return Optional.of(Quantity.of(bearing, Unit.DEG));
    }

    /** Another place has another heading, which is one change; at one place a heading is one of its own. */
    @Test
    void anotherPlaceIsOneChangeAndATurnIsAnother() {
        Stood here = at("Gannet hide", deg("74.2"), "dBm");
        assertThat(at("Gannet hide", deg("74.9"), "dBm").changed(here)).isEmpty();
        assertThat(at("Gannet hide", deg("90"), "dBm").changed(here)).containsExactly("the heading");
        assertThat(at("Slipway", deg("120"), "dBm").changed(here)).containsExactly("the place");
        assertThat(at("Gannet hide", deg("74.2"), "percent").changed(here)).containsExactly("the meter");
        assertThat(at("Gannet hide", deg("359.8"), "dBm").changed(at("Gannet hide", deg("0.3"), "dBm")))
                .as("half a degree across north")
                .isEmpty();
    }

    @Test
    void whatNobodyWroteDownIsNotCalledAChange() {
        Stood old = at("", Optional.empty(), "dBm");
        assertThat(at("Gannet hide", deg("74.2"), "dBm").changed(old)).isEmpty();
        assertThat(old.changed(at("Gannet hide", deg("74.2"), "dBm"))).isEmpty();
        assertThat(NOW.place()).isEqualTo("Gannet hide");
        assertThat(NOW.heading().orElseThrow().value()).isBetween(73.0, 76.0);
        assertThat(NOW.scale()).isEqualTo("dBm");
    }
}
