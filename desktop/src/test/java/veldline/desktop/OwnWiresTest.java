package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;
import veldline.antenna.CableOutside;
import veldline.antenna.OwnWires;
import veldline.antenna.YagiChange;
import veldline.assess.Step;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.picture.Mark;

/** Wires of one's own and the cable's outside, in the real window. */
class OwnWiresTest extends WindowTest {
    @TempDir
    Path folder;

    private OwnWires wires() {
        return (OwnWires) work.desk().job().made().orElseThrow();
    }

    private void dipole() {
        settle();
        interact(() -> {
            work.go(Step.SHAPE);
            work.apply(new JobChange.Fit(work.desk().job().madeNear(), OwnWires.dipole(2437e6, false)));
        });
        settle();
    }

    @Test
    void aWireIsTypedAndWhatIsNoWireIsRefused() {
        dipole();
        TextField field = lookup("#text-wire-0").queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText("0 -29 0; 0 29 0; d 1.5");
        });
        push(KeyCode.ENTER);
        until(() -> wires().wires().get(0).text().equals("0 -29 0; 0 29 0; d 1.5"));
        interact(() -> {
            field.requestFocus();
            field.setText("0 -29; here");
        });
        push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(wires().wires().get(0).text()).as("nothing changed").isEqualTo("0 -29 0; 0 29 0; d 1.5");
    }

    @Test
    void aCornerIsDraggedAndTheGainFollows() {
        dipole();
        double before = gain();
        Mark.Zone corner = zone("corner:0.1");
        drag(picture().localToScreen(corner.x() + 10, corner.y() + 10)).dropBy(40, 10);
        until(() -> wires().wires().get(0).corners().get(1).x().value() > 1e-3);
        assertThat(wires().wires().get(0).corners().get(1).z().number())
                .as("what lies across the view stays as it was")
                .isEqualTo("0");
        until(() -> Math.abs(gain() - before) > 0.01);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> wires().equals(OwnWires.dipole(2437e6, false)));
    }

    private double gain() {
        return work.showing()
                .orElseThrow()
                .assessment()
                .antenna()
                .value()
                .orElseThrow()
                .gain()
                .value();
    }

    @Test
    void wiresAreReadFromAFileAndOneThatIsNoneSaysWhy() throws IOException {
        dipole();
        Path file = folder.resolve("loop.json");
        Files.writeString(file, """
                {"name": "Ring", "frequency_mhz": 2437, "wires": [{"arc": {"centre": [0,0,0], "axis": [1,0,0],
                 "from": [0,0.0198,0], "degrees": 360, "sides": 36}, "radius_m": 0.0005}],
                 "sources": [{"wire": 0, "position": {"fraction": 0}}]}""");
        interact(() -> work.tasks().readWires(file, work.desk().job()));
        until(() -> wires().name().equals("Ring"));
        assertThat(wires().wires().get(0).closed()).isTrue();
        assertThat(wires().wires().get(0).corners()).hasSize(36);
        Path bad = folder.resolve("bad.json");
        Files.writeString(bad, "{\"wires\": 3}");
        interact(() -> work.tasks().readWires(bad, work.desk().job()));
        until(() -> work.news().contains("Nothing was changed"));
        assertThat(wires().name()).isEqualTo("Ring");
    }

    @Test
    void theCablesOutsideIsOneChoiceAndItsFindingStandsWhileItIsWorkedOut() {
        settle();
        interact(() -> {
            work.go(Step.SHAPE);
            work.apply(new JobChange.OfYagi(new YagiChange.Outside(Optional.of(CableOutside.USUAL))));
        });
        until(() -> work.showing().orElseThrow().assessment().of(Step.SHAPE).stream()
                .map(Finding::sentence)
                .anyMatch(t -> t.contains("dB front to back by the cable's outside")));
        assertThat(lookup("#box-outside-choke").tryQuery()).isPresent();
    }
}
