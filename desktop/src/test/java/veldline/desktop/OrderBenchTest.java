package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.feed.Connector;

/** An order line held against its place, and a connector set by its series, in the real window. */
class OrderBenchTest extends WindowTest {
    @Test
    void anOrderLineIsHeldAgainstItsPlace() {
        settle();
        interact(() -> {
            work.goStop("near-part-0");
            work.go(Step.FEED_RUN);
        });
        order("RP-SMA plug to N jack");
        until(() -> first().contains("fits here, as it is written"));
        order("SMA plug to N jack");
        until(() -> first().contains("does not fit here"));
        order("RP-SMA male to N female");
        until(() -> first().contains("leaves open whether it fits"));
        assertThat(work.desk().job()).as("an order changes nothing").isEqualTo(JOB);
        order("");
        until(() -> !first().contains("‘"));
    }

    private void order(String text) {
        TextField field = lookup("#text-order").query();
        interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        push(KeyCode.ENTER);
    }

    private String first() {
        return String.valueOf(lookup("#finding-0").query().getAccessibleText());
    }

    @Test
    void aSeriesIsSetByItself() {
        settle();
        interact(() -> {
            work.goStop("near-part-0");
            work.go(Step.FEED_RUN);
        });
        settle();
        interact(() -> work.apply(
                veldline.desktop.bench.Benches.of(Step.FEED_RUN)
                        .inputs(work.showing().orElseThrow())
                        .stream()
                        .filter(in -> in.id().equals("radio-series"))
                        .map(veldline.desktop.bench.Input.Pick.class::cast)
                        .flatMap(p -> p.options().stream())
                        .filter(o -> o.word().equals("F"))
                        .findFirst()
                        .flatMap(veldline.desktop.bench.Input.Option::change)
                        .orElseThrow()));
        settle();
        Connector side = work.desk().job().nearRun().parts().get(0).radioSide();
        assertThat(side.family()).isEqualTo(Connector.Series.F);
        assertThat(side.ohms()).as("F is made for 75 Ω only").isEqualTo(75);
        assertThat(work.showing().orElseThrow().assessment().line().answered()).isFalse();
    }
}
