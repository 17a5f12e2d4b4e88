package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Input;
import veldline.job.Job;
import veldline.store.JobStore;
import veldline.store.LogbookEntry;

/** Jobs beside the one on the desk are found by a word in them, walked and opened. */
class LogbookBenchTest extends WindowTest {
    private List<LogbookEntry> found() {
        return work.showing().orElseThrow().advice().shelf().orElse(List.of());
    }

    @Test
    void aJobIsFoundByAWordAndOpened() throws IOException {
        int i = 0;
        for (Job job : TernholmSands.all()) {
            new JobStore(folder.resolve("job-" + i++ + ".veldline.json")).save(job);
        }
        settle();
        interact(() -> work.go(Step.LOG));
        settle();
        interact(() -> {
            work.pick("set:log=all");
            work.command(Input.Command.LOGBOOK);
        });
        until(() -> found().size() == 8);
        until(() -> texts().contains("Storm radio"));
        push(KeyCode.RIGHT);
        until(() -> texts().contains("first sweep dipped 1.20 MHz low") || texts().contains("nothing was swept"));
        look("splitter mainland");
        until(() -> found().size() == 1);
        assertThat(found().get(0).name()).isEqualTo("Lodge television");
        look("no such words anywhere");
        until(() -> texts().contains("No job of this kind holds all of these words."));
        look("tag rec");
        until(() -> found().size() == 1);
        settle();
        interact(() -> work.command(Input.Command.OPEN_FOUND));
        until(() -> work.desk().job().name().equals("Tag receiver"));
        assertThat(Files.exists(folder.resolve(".veldline-logbook.db"))).isTrue();
    }

    private void look(String words) {
        TextField field = lookup("#text-words").query();
        interact(() -> {
            field.requestFocus();
            field.setText(words);
        });
        push(KeyCode.ENTER);
    }
}
