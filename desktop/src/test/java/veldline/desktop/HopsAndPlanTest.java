package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.coverage.ShapeChange;
import veldline.coverage.Site;
import veldline.demo.TernholmSands;
import veldline.desktop.part.PictureView;
import veldline.job.Job;
import veldline.link.Hop;
import veldline.picture.Mark;

/** Own other links, a plan drawn by hand, a meter's scale and the line's other way, in the real window. */
class HopsAndPlanTest extends WindowTest {
    private Job job() {
        return work.desk().job();
    }

    private void lay(int index) {
        settle();
        interact(() -> work.desk().lay(TernholmSands.all().get(index), Optional.empty(), Optional.empty()));
        settle();
    }

    private static Mark.Zone zone(PictureView view, String id) {
        return view.picture().zones().filter(z -> z.id().equals(id)).findFirst().orElseThrow();
    }

    private void write(String box, String text) {
        TextField field = lookup("#words-" + box).queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        push(KeyCode.ENTER);
    }

    @Test
    void aHopIsWrittenDraggedAndPartedAndTakenBack() {
        settle();
        interact(() -> {
            work.goStop("far-antenna");
            work.go(Step.BRIEF);
            work.pick("set:brief=hops");
        });
        settle();
        write("hop", "somewhere");
        settle();
        assertThat(lookup("#complaint-hop").queryAs(Label.class).getText()).contains("was not understood");
        write("hop", "Harbour office 1.9 km 140");
        until(() -> job().brief().hops().size() == 1);
        settle();
        Hop before = job().brief().hops().get(0);
        Mark.Zone end = zone(picture(), "hop:0");
        drag(picture().localToScreen(end.x() + 14, end.y() + 14)).dropBy(-90, 20);
        until(() -> !job().brief().hops().get(0).bearing().equals(before.bearing()));
        assertThat(job().brief().hops().get(0).bearing().value())
                .isGreaterThan(before.bearing().value());
        settle();
        assertThat(work.showing().orElseThrow().assessment().of(Step.BRIEF))
                .anyMatch(f -> f.tag().equals("hops too slow"));
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> job().brief().hops().isEmpty());
    }

    @Test
    void aHouseIsDrawnOnThePlanWithOneDragAndIsOneEdit() {
        lay(3);
        interact(() -> {
            work.go(Step.RAISE);
            work.pick("set:plan.draw=" + ShapeChange.Kind.HOUSE);
        });
        settle();
        Site before = job().site().orElseThrow();
        Mark.Zone plan = zone(picture(), "plan");
        drag(picture().localToScreen(plan.x() + 140, plan.y() + 60))
                .moveBy(20, 10)
                .moveBy(20, 10)
                .dropBy(10, 20);
        until(() -> job().site().orElseThrow().obstacles().size()
                == before.obstacles().size() + 1);
        settle();
        Site.Obstacle house =
                job().site().orElseThrow().obstacles().get(before.obstacles().size());
        assertThat(house.storeys()).isPresent();
        assertThat(house.line().get(2).x()).isGreaterThan(house.line().get(0).x() + 15);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> job().site().orElseThrow().equals(before));
    }

    @Test
    void percentIsTakenInABoxOnlyByADeclaredScale() {
        settle();
        interact(() -> {
            work.goStop("far-radio");
            work.go(Step.BRIEF);
            work.pick("set:brief=ends");
        });
        settle();
        double was = job().brief().far().radio().sensitivity().value();
        type("20 %");
        settle();
        assertThat(lookup("#complaint-sensitivity").queryAs(Label.class).getText())
                .contains("no level by itself");
        assertThat(job().brief().far().radio().sensitivity().value()).isEqualTo(was);
        interact(() -> lookup("#choice-far-meter-1").queryAs(ToggleButton.class).fire());
        until(() -> job().brief().far().radio().meter().isPresent());
        settle();
        type("20 %");
        until(() -> job().brief().far().radio().sensitivity().value() == -88);
    }

    private void type(String text) {
        TextField field = lookup("#box-sensitivity").queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        push(KeyCode.ENTER);
    }

    @Test
    void theLineIsShownTheOtherWayByItsKeyAndByItsSwitch() {
        settle();
        PictureView line = lookup("#line").queryAs(PictureView.class);
        PictureView margin = lookup("#margin").queryAs(PictureView.class);
        double there = zone(line, "stop:near-radio").x();
        interact(() -> picture().requestFocus());
        push(KeyCode.B);
        settle();
        assertThat(zone(line, "stop:near-radio").x())
                .as("the far radio sends now")
                .isGreaterThan(there + 400);
        Mark.Zone back = zone(margin, "set:line=there");
        clickOn(margin.localToScreen(back.x() + 10, back.y() + 10));
        settle();
        assertThat(zone(line, "stop:near-radio").x()).isEqualTo(there);
    }

    @Test
    void theWeakestBranchStandsAtTheLinesEndAndIsPutOnIt() {
        lay(1);
        int shown = job().shown();
        PictureView margin = lookup("#margin").queryAs(PictureView.class);
        until(() -> margin.picture().zones().anyMatch(z -> z.id().startsWith("branch:")));
        Mark.Zone fork = margin.picture()
                .zones()
                .filter(z -> z.id().startsWith("branch:"))
                .findFirst()
                .orElseThrow();
        clickOn(margin.localToScreen(fork.x() + 10, fork.y() + 10));
        until(() -> job().shown() != shown);
        assertThat("branch:" + job().shown()).isEqualTo(fork.id());
    }
}
