package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.CauseFigures;
import veldline.assess.Step;
import veldline.instrument.Trouble;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.prove.Cause;
import veldline.prove.Diagnosis;
import veldline.prove.ProveChange;
import veldline.prove.Symptom;
import veldline.prove.WalkReading;

/** A walk is read, what is wanted of it is dragged; tests are dragged to what they came to, or made on a simulated link, until a cause stands out. */
class ProofBenchTest extends WindowTest {
    private void look(String page) {
        settle();
        interact(() -> {
            work.go(Step.PROVE);
            work.pick("set:prove=" + page);
        });
        settle();
    }

    private CauseFigures causes() {
        return work.showing().orElseThrow().assessment().causes();
    }

    @Test
    void whatIsWantedOfAWalkIsDraggedAndTheReachFollows() {
        look("walk");
        assertThat(texts()).contains("Nobody walked yet.");
        interact(() -> work.apply(new JobChange.OfProve(new ProveChange.Walked(WalkReading.read(
                        "50 -45, 75 -49, 100 -51, 150 -55, 200 -57, 300 -61, 400 -63, 600 -67, 800 -69, 1200 -73,"
                                + " 1600 -75, 2400 -79, 3000 -")
                .orElseThrow()))));
        until(() -> texts().stream().anyMatch(t -> t.startsWith("reach; exponent 2.0")));
        double before = reach();
        Mark.Zone wanted = zone("wanted");
        double x = wanted.x() + 40;
        double y = wanted.y() + wanted.height() / 2;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x, y - 40));
        until(() -> reach() < 0.8 * before);
        assertThat(work.desk().job().brief().marginWanted().value()).isGreaterThan(14);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> reach() == before);
        push(KeyCode.LEFT);
        until(() -> texts().stream().anyMatch(t -> t.equals("dBm at 2400 m, 12 of 13")));
    }

    private double reach() {
        return work.showing()
                .flatMap(s -> s.assessment().walk().value())
                .map(w -> w.range().value())
                .orElse(0.0);
    }

    @Test
    void aTestIsDraggedToWhatItCameTo() {
        look("why");
        // The last recording tells the level already.
        assertThat(causes().recorded()).extracting(o -> o.symptom()).contains(Symptom.LEVEL);
        Mark.Zone run = zone("set:prove.test=RUN");
        double middle = run.x() + run.width() / 2;
        double y = run.y() + run.height() / 2;
        drag(picture().localToScreen(middle, y)).dropTo(picture().localToScreen(middle + 50, y));
        until(() -> causes().value(Symptom.RUN).filter(v -> v > 2).isPresent());
        until(() -> causes().diagnosis().ranked().get(0).cause() == Cause.FEEDER);
        assertThat(texts()).contains("Cable swept").anyMatch(t -> t.startsWith("The cable takes more"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> causes().value(Symptom.RUN).isEmpty());
    }

    /** A bar is dragged to what was measured and what holds it back is named; the simulated tester measures both. */
    @Test
    void whatHoldsItBackFollowsTheBars() {
        look("rate");
        assertThat(texts()).contains("Both rates tell what holds it back.");
        interact(() -> work.command(veldline.desktop.bench.Input.Command.RATE));
        until(() -> work.desk().job().prove().rate().told());
        until(() -> texts().stream().anyMatch(t -> t.startsWith("Nothing: it carries") || t.startsWith("The ")));
        double before = work.desk().job().prove().rate().wired().value();
        Mark.Zone wire = zone("rate:2");
        double x = wire.x() + wire.width() / 2;
        double y = wire.y() + wire.height() / 2;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x - 150, y));
        until(() -> work.desk().job().prove().rate().wired().value() < before / 2);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().prove().rate().wired().value() == before);
    }

    /** Each test that is named is made; the hidden fault is found, or at the worst the second that is named. */
    @Test
    void aHiddenFaultIsFoundTestByTest() {
        look("why");
        Trouble hidden = Trouble.drawn(
                work.desk().job().name().toLowerCase(java.util.Locale.ROOT).hashCode());
        interact(() -> {
            work.apply(new JobChange.OfProve(new ProveChange.Compare(-1, -1)));
            work.pick("set:prove.fault=hidden");
        });
        until(() -> causes().recorded().isEmpty());
        for (int i = 0; i < 8; i++) {
            settle();
            Optional<Symptom> next = causes().diagnosis().next();
            if (next.isEmpty()) {
                break;
            }
            interact(() -> {
                work.pick("set:prove.test=" + next.get().name());
                work.command(veldline.desktop.bench.Input.Command.FIELD_TEST);
            });
            until(() -> causes().value(next.get()).isPresent());
        }
        List<Cause> first = causes().diagnosis().ranked().stream()
                .limit(2)
                .map(Diagnosis.Ranked::cause)
                .toList();
        assertThat(first).contains(hidden.cause());
    }
}
