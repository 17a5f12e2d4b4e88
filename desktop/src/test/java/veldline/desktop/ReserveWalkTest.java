package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.store.JobStore;

/** Every job of the reserve in the real window, and every control by key and by name. */
class ReserveWalkTest extends WindowTest {
    /** The benches with most to reach; the others are made of the same parts. */
    private static final Set<Step> TABBED = Set.of(Step.BRIEF, Step.FEED_RUN, Step.RAISE);

    @Test
    void everyJobIsOpenedAndEveryBenchOfItWalked() throws IOException {
        settle();
        for (Job job : TernholmSands.all()) {
            Path file = folder.resolve(job.name().toLowerCase(Locale.ROOT).replace(' ', '-') + ".veldline.json");
            new JobStore(file).save(job);
            interact(() -> work.open(file.toFile()));
            until(() -> work.desk().job().name().equals(job.name()));
            settle();
            for (Step step : Step.values()) {
                interact(() -> work.go(step));
                settle();
                assertThat(picture().picture().texts())
                        .as(job.name() + ", " + step.title())
                        .isNotEmpty();
                push(KeyCode.RIGHT);
                WaitForAsyncUtils.waitForFxEvents();
                // Candidates of the longest antennas take their time; Esc keeps what was found.
                interact(() -> work.stopStudy());
            }
        }
    }

    @Test
    void aPlaceIsWalkedToAndPutOnTheLine() throws IOException {
        settle();
        Job shelter = TernholmSands.all().get(3);
        Path file = folder.resolve("shelter.veldline.json");
        new JobStore(file).save(shelter);
        interact(() -> work.open(file.toFile()));
        until(() -> work.desk().job().name().equals(shelter.name()));
        interact(() -> work.go(Step.BRIEF));
        settle();
        double terrace =
                work.showing().orElseThrow().assessment().line().margin().value();
        leaveBoxes();
        push(KeyCode.RIGHT);
        push(KeyCode.RIGHT);
        push(KeyCode.ENTER);
        until(() -> work.desk().job().shown() == 2);
        settle();
        assertThat(work.showing().orElseThrow().assessment().line().margin().value())
                .isLessThan(terrace - 10);
    }

    @Test
    void everythingThatTakesTheCaretHasANameAndIsReachedByTab() {
        settle();
        List<String> nameless = new ArrayList<>();
        List<String> unreached = new ArrayList<>();
        for (Step step : Step.values()) {
            interact(() -> work.go(step));
            settle();
            interact(() -> work.stopStudy());
            WaitForAsyncUtils.waitForFxEvents();
            List<Node> takers = new ArrayList<>();
            collect(window, takers);
            List<Label> labels = window.lookupAll(".label").stream()
                    .filter(Label.class::isInstance)
                    .map(Label.class::cast)
                    .toList();
            takers.stream()
                    .filter(n -> name(n, labels).isBlank())
                    .forEach(
                            n -> nameless.add(step.title() + ": " + n.getClass().getSimpleName() + " #" + n.getId()));
            if (!TABBED.contains(step)) {
                continue;
            }
            List<Node> reached = new ArrayList<>();
            interact(() -> window.requestFocus());
            for (int i = 0; i < takers.size() + 6; i++) {
                push(KeyCode.TAB);
                reached.add(window.getScene().getFocusOwner());
            }
            takers.stream()
                    .filter(n -> !reached.contains(n))
                    .forEach(n -> unreached.add(step.title() + ": " + name(n, labels)));
        }
        assertThat(nameless).isEmpty();
        assertThat(unreached).isEmpty();
    }

    private static void collect(Node node, List<Node> into) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        if (node.isFocusTraversable() && !(node instanceof ScrollPane)) {
            into.add(node);
        }
        if (node instanceof Parent p) {
            p.getChildrenUnmodifiable().forEach(c -> collect(c, into));
        }
    }

    /** What a screen reader says: its own text, its accessible text, or its label. */
    private static String name(Node node, List<Label> labels) {
        if (node.getAccessibleText() != null) {
            return node.getAccessibleText();
        }
        if (node instanceof Labeled l && l.getText() != null && !l.getText().isBlank()) {
            return l.getText();
        }
        return labels.stream()
                .filter(l -> l.getLabelFor() == node)
                .map(Labeled::getText)
                .findFirst()
                .orElse("");
    }
}
