package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.feed.Connector;
import veldline.picture.Mark;

/** A connector in the hand is measured, told and taken; the end of a cable is walked step by step. */
class HandBenchTest extends WindowTest {
    private void look(String what) {
        settle();
        interact(() -> {
            work.goStop("near-part-1");
            work.go(Step.FEED_RUN);
            work.pick("set:feed.look=" + what);
        });
        settle();
    }

    private Connector radioSide() {
        return work.desk().job().nearRun().parts().get(1).radioSide();
    }

    @Test
    void aConnectorIsMeasuredAndTakenForASide() {
        look("HAND");
        Connector before = radioSide();
        assertThat(texts()).contains("15.8 mm").anyMatch(t -> t.startsWith("N jack"));
        Mark.Zone jaw = zone("jaw");
        double y = jaw.y() + 40;
        drag(picture().localToScreen(jaw.x() + 14, y))
                .dropTo(picture().localToScreen(jaw.x() + 14 - (jaw.x() - 60) * 0.4, y));
        until(() -> texts().stream().anyMatch(t -> t.startsWith("BNC")));
        interact(() -> work.pick("set:hand.coupling=BAYONET"));
        until(() -> texts().contains("It is"));
        push(KeyCode.ENTER);
        until(() -> radioSide().family() == Connector.Series.BNC);
        assertThat(radioSide().thread()).isEqualTo(Connector.Thread.OUTSIDE);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> radioSide().equals(before));
    }

    @Test
    void anEndIsWalkedFromTheWholeCableToTheCover() {
        look("END");
        until(() -> texts().stream().anyMatch(t -> t.startsWith("RG-213 for N")));
        assertThat(texts()).contains("19 mm").doesNotContain("7 mm");
        for (int i = 0; i < 3; i++) {
            push(KeyCode.RIGHT);
        }
        until(() -> texts().contains("7 mm"));
        assertThat(texts()).as("each layer by its own length").doesNotContain("19 mm");
        assertThat(work.desk().history().at()).isZero();
        // An adapter has no end that is made by hand.
        interact(() -> work.goStop("near-part-0"));
        until(() -> texts().stream().anyMatch(t -> t.startsWith("No end to be made here")));
    }
}
