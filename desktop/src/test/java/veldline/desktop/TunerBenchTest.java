package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.assess.Step;
import veldline.assess.TunerLook;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.stock.Metal;

/** A tuner drawn along the cable in the window: what is lost and what stands on the cable follow, and nothing of the job does. */
class TunerBenchTest extends WindowTest {
    private static final Job STORM = TernholmSands.all().stream()
            .filter(j -> j.name().equals("Storm radio"))
            .findFirst()
            .orElseThrow();

    private void tunerOf(Job job) {
        settle();
        interact(() -> {
            work.desk().lay(job, Optional.empty(), Optional.empty());
            work.goStop("near-antenna");
            work.go(Step.MATCH);
            work.pick("set:match.look=tuner");
        });
    }

    private TunerLook look() {
        return work.showing().orElseThrow().assessment().tuner().orElseThrow();
    }

    @Test
    void itIsDrawnFromTheAntennaToTheSetAndWalkedBack() {
        Family.Wish wish = new Family.Wish(3.66e6, 45, 2e-3, Metal.COPPER, false);
        Job hung = new JobChange.Fit(true, Families.wires("hung wire").design(wish)).applyTo(STORM);
        tunerOf(hung);
        until(() -> texts().contains("Lost from the set to the antenna, dB"));
        settle();
        String there = look().atAntenna().loss().shown();
        String here = look().atSet().loss().shown();
        assertThat(texts()).contains(there).doesNotContain(here);
        Mark.Zone tuner = zone("tuner");
        double y = tuner.y() + tuner.height() / 2;
        drag(picture().localToScreen(tuner.x() + tuner.width() / 2, y))
                .dropTo(picture().localToScreen(20, y));
        until(() -> texts().contains(here));
        assertThat(texts()).anyMatch(t -> t.contains("0.0 m before it, 15.0 m behind"));
        push(KeyCode.RIGHT);
        push(KeyCode.RIGHT);
        until(() -> texts().contains(look().places().get(2).loss().shown()));
        push(KeyCode.LEFT);
        until(() -> texts().contains(look().places().get(1).loss().shown()));
        push(KeyCode.ENTER);
        assertThat(work.desk().history().at()).as("looking changes nothing").isZero();
    }

    /** Far above short wave there is none, which is said instead of drawn. */
    @Test
    void aboveShortWaveThereIsNone() {
        tunerOf(TernholmSands.nestCamera());
        until(() -> texts().stream().anyMatch(t -> t.startsWith("No tuner above 60 MHz")));
    }
}
