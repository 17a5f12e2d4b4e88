package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.Job;
import veldline.picture.Mark;
import veldline.trim.TrimAdvice;

/** Measuring, explaining and trimming in the real window. */
class SweepBenchTest extends WindowTest {
    private static final Job TAGS = TernholmSands.all().get(1);

    private void sweepOf(Job job) {
        settle();
        interact(() -> work.desk().lay(job, java.util.Optional.empty(), java.util.Optional.empty()));
        settle();
        interact(() -> {
            work.goStop("far-antenna");
            work.go(Step.MATCH);
            work.pick("set:match.look=sweep");
        });
        settle();
    }

    private Showing showing() {
        return work.showing().orElseThrow();
    }

    private TrimAdvice explained() {
        interact(() -> work.command(Input.Command.EXPLAIN));
        until(() -> showing().advice().trim().isPresent());
        return showing().advice().trim().orElseThrow();
    }

    /** The demo's own sweep: explained, its amount dragged, the cut noted, measured again over the socket: good. */
    @Test
    void aSweepIsExplainedTheCutNotedAndTheNextPassIsBetter() {
        sweepOf(TAGS);
        TrimAdvice a = explained();
        assertThat(a.found().orElseThrow().measure().name()).isEqualTo("driven element, length");
        until(() -> lookup("#finding-0").query().getAccessibleText().contains("Take 11.5 mm off each end"));
        Mark.Zone rule = zone("amount");
        along(rule, 0.78, 0.5);
        until(() -> texts().contains("Driven element, length off by 0.0 mm"));
        assertThat(work.desk().history().at()).as("looking changes nothing").isZero();
        push(KeyCode.RIGHT);
        until(() -> texts().stream()
                .anyMatch(
                        t -> t.startsWith(capital(a.suspects().get(1).measure().name()) + " off")));
        push(KeyCode.LEFT);
        push(KeyCode.ENTER);
        settle();
        assertThat(work.desk().job().trim().cuts()).as("nothing is no cut").isEmpty();
        along(rule, 0.5, 0.78);
        push(KeyCode.ENTER);
        until(() -> work.desk().job().trim().cuts().size() == 1);
        settle();
        interact(() -> work.command(Input.Command.SWEEP));
        until(() -> work.desk().job().trim().passes().size() == 2);
        settle();
        interact(() -> work.command(Input.Command.SWEEP_AGAIN));
        until(() -> !work.desk().job().trim().open().orElseThrow().again().isEmpty());
        until(() -> findings().stream().anyMatch(f -> f.contains("leave the saw")));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().trim().open().orElseThrow().again().isEmpty());
    }

    private void along(Mark.Zone rule, double from, double to) {
        double y = rule.y() + rule.height() / 2;
        drag(picture().localToScreen(rule.x() + rule.width() * from, y))
                .dropTo(picture().localToScreen(rule.x() + rule.width() * to, y));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private List<String> findings() {
        return lookup(n -> n.getId() != null && n.getId().startsWith("finding-")).queryAll().stream()
                .map(n -> String.valueOf(n.getAccessibleText()))
                .toList();
    }

    /** A Touchstone file let go over the window becomes the sweep; a broken one changes nothing and says where it breaks. */
    @Test
    void aTouchstoneFileIsDropped(@TempDir Path folder) throws Exception {
        sweepOf(TAGS.withTrim(veldline.trim.TrimLog.NONE));
        assertThat(texts()).anyMatch(t -> t.contains("No sweep of it yet"));
        Path good =
                Files.writeString(folder.resolve("tag.s1p"), "# MHz S MA R 50\n148 0.5 10\n150 0.2 -40\n152 0.4 -90\n");
        interact(() -> DroppedFiles.take(work, good.toFile()));
        until(() -> work.desk().job().trim().passes().size() == 1);
        assertThat(work.desk().job().trim().open().orElseThrow().sweep()).hasSize(3);
        Path bad = Files.writeString(folder.resolve("bad.s1p"), "# MHz S MA R 50\n148 0.5\n");
        interact(() -> DroppedFiles.take(work, bad.toFile()));
        until(() -> work.news().contains("bad.s1p") && work.news().contains("Nothing was changed"));
        assertThat(work.desk().job().trim().passes()).hasSize(1);
    }
}
