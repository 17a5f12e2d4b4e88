package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.feed.Connector;
import veldline.feed.Drawer;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class PartRulesTest {
    private static List<Finding> found(Job job) {
        return PartRules.of(new Assessor().assess(job, Assessor.Depth.QUICK, () -> true));
    }

    private static Job with(String... parts) {
        Job job = TernholmSands.nestCamera();
        return job.withNearRun(new FeedRun(
                job.nearRun().radio(),
                java.util.Arrays.stream(parts).map(Drawer::part).toList(),
                job.nearRun().antenna()));
    }

    /** 27 mm of open lead are 22 nH: 331 Ω at 2437 MHz, half an ohm at 3.66. A radio without a socket is opened for good. */
    @Test
    void openLeadsCountByTheFrequencyAndARadioIsOpenedForGood() {
        Connector terminals =
                new Connector(Connector.Series.BUILT_IN, Connector.Thread.INSIDE, Connector.Contact.PIN, 50);
        Job job = with("c-rg213-n");
        FeedRun run = job.nearRun();
        Job bare = job.withNearRun(run.withPart(0, run.parts().get(0).withAntennaSide(terminals)));
        Finding high = found(bare).stream()
                .filter(f -> f.tag().equals("long leads"))
                .findFirst()
                .orElseThrow();
        assertThat(high.worked().orElseThrow().value()).isCloseTo(2 * Math.PI * 2.437e9 * 27 * 0.8e-9, within(1e-6));
        Job low = new JobChange.OfBrief(new BriefChange.Frequency(Quantity.of("3.66", Unit.MHZ))).applyTo(bare);
        assertThat(found(low))
                .noneMatch(f -> f.tag().equals("long leads"))
                .anyMatch(f -> f.rest().contains("27 mm of open lead"));
        assertThat(found(job)).noneMatch(f -> f.rest().contains("open lead"));
        Job opened = job.withNearRun(new FeedRun(terminals.mate(), run.parts(), run.antenna()));
        assertThat(found(opened))
                .anyMatch(f -> f.tag().equals("no socket") && f.reason().contains("local rules decide"));
        assertThat(found(job)).noneMatch(f -> f.tag().equals("no socket"));
    }

    /** A run in the mast weighs on the margin by what is not known of it, until it was measured. */
    @Test
    void whatIsNotKnownOfAnOldRunWeighsOnTheMargin() {
        Job job = with("a-smarn-nj", "c-rg213-n", "w-n", "c-rg213-n");
        Assessor assessor = new Assessor();
        Assessment a = assessor.assess(job);
        Finding told = a.of(Step.FEED_RUN).stream()
                .filter(f -> f.tag().equals("loss not known"))
                .findFirst()
                .orElseThrow();
        assertThat(told.lead()).isEqualTo("3.00 dB ±2 dB");
        double doubt = a.line().margin().doubt().orElseThrow();
        Job measured = JobChange.lift(told.remedies().get(0).change(), true).applyTo(job);
        Assessment b = assessor.assess(measured);
        double known = b.line().margin().doubt().orElseThrow();
        assertThat(b.of(Step.FEED_RUN)).noneMatch(f -> f.tag().equals("loss not known"));
        assertThat(doubt * doubt - known * known)
                .as("its own square, less that of any part")
                .isBetween(3.9, 4.0);
        assertThat(b.line().margin().value()).isEqualTo(a.line().margin().value());
    }

    @Test
    void theDemosRunsBearWhatTheyCarry() {
        for (Job job : TernholmSands.all()) {
            assertThat(found(job)).as(job.name()).noneMatch(f -> f.level() == Finding.Level.STOP);
        }
    }

    /** At 2437 MHz an SMA joint carries its 200 W at 1 GHz over the root of 2.437: 128 W; 30 W pass and 500 do not. */
    @Test
    void aJointCarriesLessTheHigherTheFrequency() {
        Job job = with("a-smarn-nj");
        assertThat(found(power(job, "30"))).noneMatch(f -> f.tag().equals("too much power"));
        Finding hot = found(power(job, "500")).stream()
                .filter(f -> f.tag().equals("too much power"))
                .findFirst()
                .orElseThrow();
        assertThat(hot.worked().orElseThrow().value()).isCloseTo(200 / Math.sqrt(2.437), within(1e-6));
        // A thin cable bears less than its connectors.
        Finding thin = found(power(with("c-rg174-sma"), "60")).stream()
                .filter(f -> f.tag().equals("too much power"))
                .findFirst()
                .orElseThrow();
        assertThat(thin.rest()).contains("RG-174");
    }

    private static Job power(Job job, String watts) {
        return new JobChange.OfBrief(new BriefChange.Power(Quantity.of(watts, Unit.WATT))).applyTo(job);
    }

    @Test
    void aRowOfAdaptersIsALever() {
        assertThat(found(with("a-smarn-nj", "a-nn-nj"))).anyMatch(f -> f.tag().equals("lever on socket"));
        assertThat(found(with("a-smarn-nj", "c-10mm-n", "a-nj-nj")))
                .noneMatch(f -> f.tag().equals("lever on socket"));
    }

    @Test
    void aConnectorThatIsNotMadeForACableIsTold() {
        FeedPart thick = Drawer.part("c-10mm-n");
        Job job = TernholmSands.nestCamera();
        Job wrong = job.withNearRun(new FeedRun(
                job.nearRun().radio(),
                List.of(thick.withRadioSide(Drawer.connector("SMA inside pin 50"))),
                job.nearRun().antenna()));
        assertThat(found(wrong))
                .anyMatch(f -> f.tag().equals("connector and cable") && f.lead().startsWith("SMA"));
        assertThat(found(with("c-10mm-n"))).noneMatch(f -> f.tag().equals("connector and cable"));
        assertThat(Connector.Series.SMB.plugHasPin()).isFalse();
    }
}
