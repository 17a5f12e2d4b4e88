package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.antenna.YagiChange;
import veldline.assess.NeighbourFigures;
import veldline.assess.RaisePage;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.raise.Neighbour;
import veldline.raise.RaiseChange;

/** The way of the cable, what touches what, and the day of the work: dragged, walked, and taken back. */
class RaisePagesTest extends WindowTest {
    private void look(String page) {
        settle();
        interact(() -> {
            work.go(Step.RAISE);
            work.pick("set:raise=" + page);
        });
        settle();
    }

    private double loop() {
        return work.desk().job().raise().route().loop().value();
    }

    @Test
    void theLoopIsDraggedAndTheWayFollows() {
        look("route");
        assertThat(texts()).contains("2.8 m", "3.5 m", "drip loop 0.15 m");
        Mark.Zone loop = zone("loop");
        double x = loop.x() + 14;
        double y = loop.y() + 14;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x, y + 40));
        until(() -> loop() > 0.25);
        settle();
        assertThat(texts()).doesNotContain("2.8 m");
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> loop() == 0.15);
        push(KeyCode.LEFT);
        until(() -> texts().contains("along to the wall 0.4 m"));
        enter("down", "2.2");
        until(() -> lookup("#finding-0").query().getAccessibleText().contains("3.8 m"));
    }

    @Test
    void contactsAreWalkedAndAMetalIsPicked() {
        look("touch");
        until(() -> texts().stream().anyMatch(t -> t.startsWith("Boom and clamp")));
        push(KeyCode.RIGHT);
        push(KeyCode.RIGHT);
        until(() -> texts().contains("0.00 V") && texts().stream().anyMatch(t -> t.startsWith("Strap and mast")));
        interact(() -> work.apply(new veldline.job.JobChange.OfRaise(new veldline.raise.RaiseChange.Fixed(
                work.desk().job().raise().fixings().withBond(veldline.raise.Fixings.Skin.TINNED_COPPER), "strap"))));
        until(() -> texts().contains("0.55 V"));
    }

    @Test
    void theDayIsDraggedIntoTheDarkAndSavedAsACalendar() throws Exception {
        look("day");
        Instant was = work.desk().job().raise().day().begins().orElseThrow();
        Mark.Zone first = zone("slot:3");
        double x = first.x() + first.width() / 2;
        double y = first.y() + first.height() / 2;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x + 190, y));
        until(() ->
                Duration.between(was, work.desk().job().raise().day().begins().orElseThrow())
                                .toMinutes()
                        > 120);
        until(() -> RaisePage.findings(work.showing().orElseThrow().assessment(), "day")
                .get(0)
                .tag()
                .equals("in the dark"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().raise().day().begins().orElseThrow().equals(was));
        push(KeyCode.RIGHT);
        until(() -> texts().get(0).equals("Antenna and cable on"));
        Path file = folder.resolve("day");
        interact(() -> work.tasks().saveDay(file, work.showing()));
        until(() -> news().equals("Saved day.ics."));
        assertThat(Files.readString(folder.resolve("day.ics"))).contains("BEGIN:VEVENT");
    }

    @Test
    void whatWasTriedIsWrittenDraggedAndUndone() {
        settle();
        interact(() -> {
            work.go(Step.LOG);
            work.pick("set:log=tried");
        });
        settle();
        assertThat(texts()).contains("What was tried", "best so far");
        Mark.Zone last = zone("tried:4");
        double x = last.x() + 12;
        double y = last.y() + last.height() / 2;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x - 90, y));
        until(() -> work.desk().job().rework().get(4).after().orElseThrow().value() < -68);
        until(() -> lookup("#finding-0").query().getAccessibleText().contains("lowered from 14 m"));
        javafx.scene.control.TextField words = lookup("#words-changed").query();
        interact(() -> {
            words.requestFocus();
            words.setText("mast cable moved");
        });
        push(KeyCode.ENTER);
        until(() -> work.desk().job().rework().size() == 6);
        assertThat(work.desk().job().rework().get(5).before()).isPresent();
    }

    @Test
    void aMastIsPutNearAndDraggedAndBothAreSolved() {
        look("near");
        assertThat(texts()).contains("Nothing stands near it.");
        interact(() -> {
            work.apply(new JobChange.OfYagi(new YagiChange.Upright(true)));
            work.apply(new JobChange.OfRaise(new RaiseChange.Near(Optional.of(Neighbour.mast(0.123)), "a mast near")));
        });
        until(() -> work.showing().orElseThrow().assessment().neighbour() instanceof Stage.Fresh);
        settle();
        assertThat(texts()).contains("ahead, by it", "solid: with it; dashed: alone");
        double was = work.showing()
                .orElseThrow()
                .assessment()
                .neighbour()
                .value()
                .orElseThrow()
                .gain()
                .value();
        Mark.Zone mast = zone("near");
        double x = mast.x() + 16;
        double y = mast.y() + 16;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x + 60, y - 30));
        until(() -> work.desk().job().raise().neighbour().orElseThrow().aside().value() > 0.03);
        until(() -> work.showing().orElseThrow().assessment().neighbour() instanceof Stage.Fresh<NeighbourFigures> f
                && f.result().gain().value() != was);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().raise().neighbour().equals(Optional.of(Neighbour.mast(0.123))));
    }

    @Test
    void theGateBarsTheWayUntilItIsLookedAt() {
        look("gate");
        assertThat(texts()).contains("Not yet: 2 gates were not looked at.");
        push(KeyCode.ENTER);
        until(() -> texts().contains("Not yet: 1 gate was not looked at."));
        interact(() -> work.apply(new JobChange.OfRaise(new RaiseChange.Tick("lines", false))));
        until(() -> texts().contains("Stay down: 1 gate is shut."));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> texts().contains("Not yet: 1 gate was not looked at."));
    }
}
