package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import veldline.antenna.NotChosen;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.format.FormatException;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.picture.Mark;
import veldline.prove.Recording;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.store.JobStore;
import veldline.store.RunningRecording;

/** What lies over a bench for a while, in the real window. */
class OverlaysTest extends WindowTest {
    private List<String> marginTexts() {
        return lookup("#margin")
                .queryAs(veldline.desktop.part.PictureView.class)
                .picture()
                .texts()
                .map(Mark.Text::text)
                .toList();
    }

    private void write(String id, String text) {
        TextField field = lookup("#text-" + id).queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void power(String dbm) {
        interact(() -> work.apply(new JobChange.OfBrief(new BriefChange.Power(Quantity.of(dbm, Unit.DBM)))));
        settle();
    }

    @Test
    void aSumBeginsWithTheJobsNumbersTakesAnyUnitAndIsSlid() {
        settle();
        push(KeyCode.S);
        until(() -> texts().contains("free-space path loss"));
        assertThat(texts()).as("2.6 km at 2437 MHz").contains("108.4844");
        write("sum-0-distance", "5.2km");
        until(() -> texts().contains("114.505"));
        var before = texts();
        leaveBoxes();
        push(KeyCode.RIGHT);
        until(() -> !texts().equals(before));
        Mark.Zone zone = zone("value");
        drag(picture().localToScreen(zone.x() + zone.width() / 2, zone.y() + zone.height() / 2))
                .dropBy(120, 0);
        until(() -> work.showing().orElseThrow().noted().get("sum.0.distance").matches("5.2km\\|[6-9]\\d\\d\\d"));
        write("sum-0-distance", "five");
        until(() -> lookup("#finding-0").query().getAccessibleText().startsWith("Not worked out:"));
        assertThat(work.desk().job()).as("a sum is nothing of the job").isEqualTo(JOB);
        leaveBoxes();
        push(KeyCode.ESCAPE);
        until(() -> work.overlay().isEmpty());
    }

    @Test
    void eachStepPrintsItsOwnSheetAndGoingElsewhereLeavesIt() {
        settle();
        push(KeyCode.DIGIT3);
        interact(() -> window.command(Input.Command.PRINT));
        until(() -> lookup("#action-leave").tryQuery().isPresent());
        assertThat(heading()).isEqualTo("Cut list");
        push(KeyCode.DIGIT6);
        until(() -> work.overlay().isEmpty());
        interact(() -> window.command(Input.Command.PRINT));
        until(() -> heading().equals("Raising sheet"));
        push(KeyCode.ESCAPE);
        until(() -> work.overlay().isEmpty());
        push(KeyCode.DIGIT8);
        interact(() -> window.command(Input.Command.PRINT));
        until(() -> heading().equals("Report"));
    }

    /** Nothing while a bench is still being built. */
    private String heading() {
        return lookup(".inputs .heading")
                .tryQuery()
                .map(n -> ((Labeled) n).getText())
                .orElse("");
    }

    @Test
    void helpOpensAtTheStepAndItsChaptersAreTurned() {
        settle();
        push(KeyCode.DIGIT5);
        push(KeyCode.F1);
        until(() -> work.overlay().equals(Optional.of(Overlay.HELP)));
        assertThat(texts().get(0)).isEqualTo("Feed run");
        push(KeyCode.RIGHT);
        until(() -> texts().get(0).equals("Outlets, a swept cable, the drawer"));
        push(KeyCode.RIGHT);
        until(() -> texts().get(0).equals("Raise"));
        push(KeyCode.DIGIT1);
        until(() -> work.overlay().isEmpty() && work.step() == Step.BRIEF);
    }

    @Test
    void aWordOfTheGlossaryLeadsToItsBench() {
        settle();
        push(KeyCode.F1);
        until(() -> work.overlay().equals(Optional.of(Overlay.HELP)));
        while (!texts().get(0).equals("Words, A to H")) {
            String was = texts().get(0);
            push(KeyCode.RIGHT);
            until(() -> !texts().get(0).equals(was));
        }
        Mark.Zone word = zone("step:SHAPE");
        clickOn(picture().localToScreen(word.x() + 40, word.y() + word.height() / 2));
        until(() -> work.overlay().isEmpty() && work.step() == Step.SHAPE);
    }

    @Test
    void anEditIsFoundAmongTheChangesComparedAndGoneBackTo() {
        settle();
        power("14");
        power("12");
        push(KeyCode.C);
        until(() -> work.shadows().revisions().isPresent());
        push(KeyCode.LEFT);
        push(KeyCode.LEFT);
        until(() -> texts().stream().anyMatch(t -> t.startsWith("1 of 3: opened")));
        assertThat(work.former().orElseThrow().margin().value())
                .as("its line is drawn over the one in force")
                .isGreaterThan(work.showing()
                                .orElseThrow()
                                .assessment()
                                .line()
                                .margin()
                                .value()
                        + 3);
        assertThat(lookup("#finding-1").query().getAccessibleText()).contains("16.0 dBm then, 12 dBm now");
        push(KeyCode.ENTER);
        until(() -> work.desk().job().equals(JOB));
        assertThat(news()).startsWith("Gone back");
        interact(() -> work.redo());
        interact(() -> work.redo());
        assertThat(work.desk().job().brief().near().radio().power().value()).isEqualTo(12);
    }

    @Test
    void restingOnAnOfferShowsTheLineAsItWouldBeAndLeavesTheJob() {
        settle();
        power("19");
        push(KeyCode.DIGIT3);
        until(() -> lookup("#offer").tryQuery().isPresent());
        double now = work.showing().orElseThrow().assessment().line().margin().value();
        interact(() -> lookup("#offer").query().requestFocus());
        until(() -> work.shadows().wouldBe().isPresent());
        assertThat(work.shadows().wouldBe().orElseThrow().margin().value()).isLessThan(now);
        until(() -> marginTexts().stream().anyMatch(t -> t.startsWith("would be")));
        assertThat(work.desk().job().brief().near().radio().power().value()).isEqualTo(19);
        leaveBoxes();
        until(() -> work.shadows().wouldBe().isEmpty());
    }

    @Test
    void aNewJobGrowsFromThreeAnswersToALineWithAMargin() throws IOException, FormatException {
        settle();
        interact(() -> window.command(Input.Command.NEW_JOB));
        until(() -> work.desk().job().name().equals("New job"));
        settle();
        assertThat(marginTexts()).contains("not known");
        enter("new-frequency", "868.3 MHz");
        enter("new-distance", "1.2 km");
        write("new-name", "Boat shed link");
        settle();
        Path file = work.desk().store().orElseThrow().file();
        until(() -> Files.exists(file));
        leaveBoxes();
        push(KeyCode.ESCAPE);
        push(KeyCode.DIGIT2);
        until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
        assertThat(work.desk().job().farAntenna()).isInstanceOf(NotChosen.class);
        push(KeyCode.RIGHT);
        push(KeyCode.ENTER);
        until(() -> work.desk().job().antenna(work.desk().job().madeNear()).shapedHere());
        settle();
        assertThat(work.showing().orElseThrow().assessment().line().unknownFrom())
                .as("the far end is still to be chosen")
                .isPresent();
        interact(() -> work.desk().saveNow());
        until(() -> {
            try {
                return new JobStore(file).open().equals(work.desk().job());
            } catch (IOException | FormatException e) {
                return false;
            }
        });
        assertThat(new JobStore(file).open().name()).isEqualTo("Boat shed link");
    }

    @Test
    void aJobGoesOutAsOneZipAndComesInAgain() {
        settle();
        Path zip = folder.resolve("out").resolve("sent.zip");
        interact(() -> zip.getParent().toFile().mkdirs());
        interact(() -> work.zipOut(zip.toFile()));
        until(() -> news().startsWith("Packed"));
        power("11");
        interact(() -> work.open(zip.toFile()));
        until(() -> news().startsWith("Unpacked"));
        assertThat(work.desk().job()).isEqualTo(JOB);
        assertThat(work.desk().store().orElseThrow().file()).isEqualTo(folder.resolve("out/sent.veldline.json"));
    }

    @Test
    void anAdvertIsLaidBesideTheCandidatesAndItsClaimIsDragged() {
        settle();
        push(KeyCode.K);
        until(() -> work.step() == Step.CHOOSE && work.desk().job().offer().isPresent());
        until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
        rest();
        enter("advert-gain", "20");
        until(() -> work.desk().job().offer().orElseThrow().gain().value() == 20);
        rest();
        enter("advert-length", "300 mm");
        rest();
        until(() -> lookup("#finding-1").query().getAccessibleText().contains("is the most for that size"));
        leaveBoxes();
        Mark.Zone zone = zone("advert");
        double gain = work.desk().job().offer().orElseThrow().gain().value();
        drag(picture().localToScreen(zone.x() + zone.width() - 4, zone.y() + zone.height() / 2))
                .dropBy(-zone.width() / 2, 0);
        until(() -> work.desk().job().offer().orElseThrow().gain().value() < gain - 5);
    }

    @Test
    void aRecordingThatACrashCutShortIsInTheJobWhenItIsOpened() throws IOException {
        settle();
        Path file = folder.resolve("crashed.veldline.json");
        JobStore store = new JobStore(file);
        store.save(JOB);
        Recording about = JOB.prove().recordings().get(0);
        try (RunningRecording running = RunningRecording.begin(store.folder(), about)) {
            for (int i = 0; i < 25; i++) {
                running.add(about.series().readings().get(i));
            }
        }
        interact(() -> work.open(file.toFile()));
        until(() -> news().contains("cut short"));
        List<Recording> recordings = work.desk().job().prove().recordings();
        assertThat(recordings).hasSize(JOB.prove().recordings().size() + 1);
        assertThat(recordings.get(recordings.size() - 1).series().size()).isEqualTo(25);
        until(() -> !Files.exists(store.folder().resolve("running.csv")));
    }
}
