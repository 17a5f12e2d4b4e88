package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.part.NumberTag;
import veldline.desktop.part.PictureView;
import veldline.explain.Origin;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.prove.ProveChange;
import veldline.prove.WalkReading;
import veldline.raise.AimReading;
import veldline.raise.RaiseChange;

/** Every visible number is typed, measured, claimed, on a scale, part of a name, or able to say how it was worked out. */
class NumberCrawlerTest extends WindowTest {
    private static final Pattern DIGIT = Pattern.compile("\\d");
    /** A value with a unit is never just a name. */
    private static final Pattern VALUE = Pattern.compile("\\d+\\.\\d|\\d ?(dBm?|dBi|MHz|GHz|mm|Ω|°|mW)\\b");

    @Test
    void noNumberIsWithoutItsOrigin() {
        settle();
        List<String> lacking = new ArrayList<>();
        int[] seen = new int[2];
        for (Step step : Step.values()) {
            interact(() -> work.go(step));
            settle();
            if (step == Step.CHOOSE) {
                until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
            }
            crawl(window, step.title(), lacking, seen);
            if (step == Step.RAISE) {
                interact(() -> work.pick("set:raise=mount"));
                settle();
                crawl(window, "mount", lacking, seen);
                interact(() -> {
                    work.apply(new JobChange.OfRaise(
                            new RaiseChange.Swung(AimReading.read("40 -70, 60 -62, 74 -60, 90 -63, 110 -72")
                                    .orElseThrow())));
                    work.pick("set:raise=swing");
                });
                settle();
                crawl(window, "swing", lacking, seen);
                for (String page : List.of("route", "touch", "day", "near", "gate")) {
                    interact(() -> work.pick("set:raise=" + page));
                    settle();
                    crawl(window, page, lacking, seen);
                }
                interact(() -> work.pick("set:raise=commission"));
                settle();
                crawl(window, "commission", lacking, seen);
            }
            if (step == Step.PROVE) {
                interact(() -> {
                    work.apply(new JobChange.OfProve(new ProveChange.Walked(
                            WalkReading.read("100 -40, 200 -46, 300 -50, 400 -51, 600 -56, 800 -58, 1000 -61, 1200 -62,"
                                            + " 1500 -66, 2000 -67, 2400 -70, 3000 -")
                                    .orElseThrow())));
                    work.pick("set:prove=walk");
                });
                settle();
                crawl(window, "walk", lacking, seen);
                interact(() -> work.pick("set:prove=rate"));
                settle();
                crawl(window, "rate", lacking, seen);
                for (String page : List.of("turn", "survey", "sides")) {
                    interact(() -> {
                        work.pick("set:prove=" + page);
                        work.command(Map.of(
                                        "turn",
                                        Input.Command.TURN,
                                        "survey",
                                        Input.Command.SCAN,
                                        "sides",
                                        Input.Command.SIDES)
                                .get(page));
                    });
                    until(() -> work.showing().orElseThrow().busy().isEmpty());
                    settle();
                    crawl(window, page, lacking, seen);
                }
                interact(() -> work.pick("set:prove=why"));
                settle();
                crawl(window, "why", lacking, seen);
            }
            if (step == Step.FEED_RUN) {
                for (String look : List.of("OUTLETS", "HAND", "END", "CABLE", "DRAWER")) {
                    interact(() -> work.pick("set:feed.look=" + look));
                    settle();
                    crawl(window, look, lacking, seen);
                }
            }
        }
        interact(() -> work.pick("set:log=tried"));
        settle();
        crawl(window, "tried", lacking, seen);
        interact(() -> window.command(Input.Command.LEARN));
        until(() -> work.showing().orElseThrow().advice().lesson().isPresent()
                && work.showing().orElseThrow().busy().isEmpty());
        settle();
        crawl(window, "learn", lacking, seen);
        assertThat(lacking).isEmpty();
        assertThat(seen[0]).as("texts with digits").isGreaterThan(300);
        assertThat(seen[1]).as("of them worked out").isGreaterThan(100);
    }

    private static void crawl(Node node, String where, List<String> lacking, int[] seen) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof PictureView p) {
            p.picture()
                    .texts()
                    .forEach(t -> check(t.text(), Optional.of(t.origin()), where + " picture", lacking, seen));
        }
        String text = node instanceof Labeled l
                ? l.getText()
                : node instanceof TextInputControl c ? c.getText() : node instanceof Text t ? t.getText() : "";
        if (text != null
                && !(node.getParent() instanceof Labeled)
                && !(node instanceof Text && node.getParent() instanceof TextInputControl)) {
            check(text, NumberTag.of(node), where, lacking, seen);
        }
        if (node instanceof Parent parent && !(node instanceof TextInputControl)) {
            parent.getChildrenUnmodifiable().forEach(child -> crawl(child, where, lacking, seen));
        }
    }

    private static void check(String text, Optional<Origin> origin, String where, List<String> lacking, int[] seen) {
        if (!DIGIT.matcher(text).find()) {
            return;
        }
        seen[0]++;
        if (origin.isEmpty()) {
            lacking.add(where + ": “" + text + "” has no origin");
        } else if (origin.get() == Origin.Plain.NAME && VALUE.matcher(text).find() && !told(text)) {
            lacking.add(where + ": “" + text + "” is a value, not a name");
        } else if (origin.get() instanceof Origin.WorkedOut w) {
            seen[1]++;
            assertThat(w.worked().lines()).hasSizeGreaterThan(3);
        }
    }

    /** Limits, rules and advice quote figures of practice in running text; they are said, not computed. */
    private static boolean told(String text) {
        return text.length() > 40
                || Pattern.compile("50 Ω|mm and inch|to \\d+ GHz|to \\d+ MHz|^4\\.3-10$|^4\\.1-9\\.5$|mm foam cable")
                        .matcher(text)
                        .find();
    }

    @Test
    void noTextIsSmallerThanTwelve() {
        settle();
        for (Step step : Step.values()) {
            interact(() -> work.go(step));
            settle();
            // Set fractions are smaller by design: 72 % of the text they stand in.
            assertThat(picture()
                            .picture()
                            .texts()
                            .filter(t -> t.size() < 12 && t.size() != 12 * 0.72)
                            .map(Mark.Text::text))
                    .as(step.title())
                    .isEmpty();
        }
    }
}
