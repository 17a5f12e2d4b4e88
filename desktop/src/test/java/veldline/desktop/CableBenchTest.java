package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.antenna.Shelf;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.feed.FeedPart;
import veldline.format.TouchstoneFile;
import veldline.format.TouchstoneForm;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.line.CableLoss;
import veldline.line.LossyLine;
import veldline.line.Mismatch;
import veldline.line.PortData;
import veldline.picture.Mark;

/** A cable's sweep read from a file: its end and a fault found, its velocity drawn out, its loss put on the line; and that of a bought antenna. */
class CableBenchTest extends WindowTest {
    private static final double C = 299_792_458.0;
    private static final double VELOCITY = 0.8;
    /** Old and wet: half as much again as its kind has. */
    private static final CableLoss WORSE = new CableLoss(0.9, 0.0056);

    private static Complex through(double metres, double f, Complex load) {
        return new LossyLine(50, WORSE.lossDb(metres, f), metres * f / (VELOCITY * C)).seen(load);
    }

    private Path swept(String name, Complex end) throws Exception {
        PortData data = new PortData(
                PortData.Kind.S,
                List.of(50.0),
                IntStream.rangeClosed(0, 300)
                        .mapToObj(i -> 1.9e9 + i * 3.5e6)
                        .map(f -> new PortData.Row(
                                f,
                                List.of(List.of(Mismatch.reflection(
                                        through(1.5, f, through(2, f, end).add(20)), 50)))))
                        .toList());
        Path file = folder.resolve(name);
        Files.writeString(file, TouchstoneFile.write(data, TouchstoneForm.RI, 1));
        return file;
    }

    private FeedPart cable() {
        return work.desk().job().nearRun().parts().get(1);
    }

    @Test
    void aCableIsSweptAndItsLossPutOnTheLine() throws Exception {
        settle();
        interact(() -> {
            work.goStop("near-part-1");
            work.go(Step.FEED_RUN);
            work.pick("set:feed.look=CABLE");
        });
        settle();
        assertThat(texts()).contains("No cable was swept yet.");
        Path open = swept("open.s1p", new Complex(1e9));
        interact(() -> DroppedFiles.take(work, open.toFile()));
        until(() -> texts().contains("its far end"));
        assertThat(texts()).anyMatch(t -> t.startsWith("a joint, a kink"));
        double before = cable().workedLoss(2437e6).value();
        // Its end is known to lie at 3.5 m: drawn there, the velocity factor follows.
        int end = 1;
        Mark.Zone handle = zone("echo:" + end);
        double at = handle.x() + handle.width() / 2;
        double y = handle.y() + handle.height() / 2;
        double scale = (at - 44) / metres(end);
        drag(picture().localToScreen(at, y)).dropTo(picture().localToScreen(44 + 3.5 * scale, y));
        until(() -> Math.abs(metres(end) - 3.5) < 0.1);
        assertThat(metres(0)).as("the fault with it").isCloseTo(1.5, within(0.1));
        push(KeyCode.ENTER);
        until(() -> cable().workedLoss(2437e6).value() != before);
        assertThat(cable().workedLoss(2437e6).value())
                .as("what comes back of the open end, the fault's share in it")
                .isCloseTo(WORSE.lossDb(3.5, 2437e6) - 20 * Math.log10(100.0 / 120), within(0.25));
        assertThat(texts()).as("what was swept stays").contains("its far end");
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> cable().workedLoss(2437e6).value() == before);
    }

    private double metres(int echo) {
        String spoken = zone("echo:" + echo).spoken();
        return Double.parseDouble(spoken.replaceAll("[^0-9.]", ""));
    }

    @Test
    void theSweepOfABoughtAntennaIsReadInShape() throws Exception {
        Path file = swept("panel.s1p", new Complex(40, 12));
        settle();
        interact(() -> {
            work.apply(new JobChange.Fit(false, Shelf.serving(2437e6).get(0).antenna()));
            work.goStop("far-antenna");
            work.go(Step.SHAPE);
        });
        settle();
        interact(() -> DroppedFiles.take(work, file.toFile()));
        until(() -> bought(work.desk().job()).filter(n -> n > 40 && n <= 52).isPresent());
        assertThat(work.desk().job().trim())
                .as("nothing of the made one")
                .isEqualTo(TernholmSands.nestCamera().trim());
    }

    private static Optional<Integer> bought(Job job) {
        return job.farAntenna() instanceof veldline.antenna.Bought b
                ? b.inspection().map(i -> i.sweep().size())
                : Optional.empty();
    }
}
