package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.ProvePage;
import veldline.assess.Step;
import veldline.picture.Mark;
import veldline.prove.Turned;

/** Tests at the place over simulated instruments: one thing turned, who is heard, an antenna beside a known one. */
class PlaceTestsTest extends WindowTest {
    private void look(String page) {
        settle();
        interact(() -> {
            work.go(Step.PROVE);
            work.pick("set:prove=" + page);
        });
        settle();
    }

    /** Each thing is turned over the sockets, reading by reading, and taken back as one; where it hangs is dragged. */
    @Test
    void aHeightIsSearchedAndWhereItHangsIsDragged() {
        look("turn");
        interact(() -> work.pick("set:prove.turned=HEIGHT"));
        until(() -> texts().contains("dashed: as worked out"));
        interact(() -> work.command(veldline.desktop.bench.Input.Command.TURN));
        until(() -> news().startsWith("Turned; "));
        settle();
        assertThat(work.desk().job().prove().turned(Turned.HEIGHT)).hasSizeGreaterThan(15);
        assertThat(texts()).contains("dashed: as worked out").anyMatch(t -> t.startsWith("dBm at 5.5 m"));
        Mark.Zone post = zone("hangs");
        double x = post.x() + 10;
        double y = post.y() + 30;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x - 80, y));
        until(() -> work.desk().job().brief().near().height().value() < 7);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().brief().near().height().value() == 8);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk()
                .job()
                .prove()
                .turned(Turned.HEIGHT)
                .equals(JOB.prove().turned(Turned.HEIGHT)));
    }

    @Test
    void aWholeTurnIsLaidOverTheCutAndAFieldHasItsAngle() {
        look("turn");
        interact(() -> work.command(veldline.desktop.bench.Input.Command.TURN));
        until(() -> news().startsWith("Turned; "));
        settle();
        assertThat(texts()).contains("dashed: the cut as solved", "Middle of the beam by its edges");
        assertThat(ProvePage.TURN
                        .findings(work.showing().orElseThrow().assessment())
                        .get(0)
                        .reason())
                .contains("a bounce comes from there");
        interact(() -> {
            work.pick("set:prove.turned=POLARIZATION");
            work.command(veldline.desktop.bench.Input.Command.TURN);
        });
        until(() -> work.desk().job().prove().turned(Turned.POLARIZATION).size() > 9
                && work.showing().orElseThrow().busy().isEmpty());
        settle();
        assertThat(texts()).contains("line: the law of a straight field");
    }

    @Test
    void whoIsHeardIsScannedTwiceAndDragged() {
        look("survey");
        interact(() -> {
            work.pick("set:prove.scan=before");
            work.command(veldline.desktop.bench.Input.Command.SCAN);
        });
        until(() -> !work.desk().job().prove().survey().isEmpty());
        interact(() -> {
            work.pick("set:prove.scan=after");
            work.command(veldline.desktop.bench.Input.Command.SCAN);
        });
        until(() -> work.desk().job().prove().survey().stream()
                .anyMatch(h -> h.after().isPresent()));
        settle();
        assertThat(lookup("#finding-0").query().getAccessibleText()).contains("for the wanted one");
        double was =
                work.desk().job().prove().survey().get(0).after().orElseThrow().value();
        Mark.Zone wanted = zone("heard:0");
        double x = wanted.x() + 12;
        double y = wanted.y() + wanted.height() / 2;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x - 60, y));
        until(() ->
                work.desk().job().prove().survey().get(0).after().orElseThrow().value() < was - 2);
        push(KeyCode.RIGHT);
        assertThat(work.showing().orElseThrow().pickedIndex(Step.PROVE, 0, 10)).isEqualTo(1);
    }

    @Test
    void anAntennaIsReadBesideAKnownOneWithRolesSwapped() {
        look("sides");
        assertThat(texts()).contains("Nothing stood beside it yet.");
        interact(() -> work.command(veldline.desktop.bench.Input.Command.SIDES));
        until(() -> work.desk().job().prove().sides().readings().size() == 17);
        settle();
        double solved = work.showing()
                .orElseThrow()
                .assessment()
                .antenna()
                .value()
                .orElseThrow()
                .gain()
                .value();
        assertThat(work.showing()
                        .orElseThrow()
                        .assessment()
                        .tests()
                        .value()
                        .orElseThrow()
                        .sides()
                        .orElseThrow()
                        .gain()
                        .value())
                .isCloseTo(solved, org.assertj.core.api.Assertions.within(0.8));
        Mark.Zone last = zone("side:16");
        drag(picture().localToScreen(last.x() + 10, last.y() + 10))
                .dropTo(picture().localToScreen(last.x() + 10, last.y() - 60));
        until(() -> texts().contains("dBm, the known one, 17 of 17")
                && lookup("#finding-0").query().getAccessibleText().contains("dBi"));
    }
}
