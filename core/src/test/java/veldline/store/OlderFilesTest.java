package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Bought;
import veldline.coverage.Site;
import veldline.demo.TernholmSands;
import veldline.feed.Holdings;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.link.Air;
import veldline.link.Jurisdiction;
import veldline.link.Offer;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.path.Way;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.CableRoute;
import veldline.trim.TrimLog;

/** Files of every former version, as they were written then. */
class OlderFilesTest {
    private static final String VERSION = "\"version\" : \"" + Job.FORMAT + "\"";
    private static final Job JOB = TernholmSands.nestCamera();

    @TempDir
    private Path folder;

    /** A copy of a frozen job of a former version, with its recordings. */
    private Path frozen(String name) throws Exception {
        Path there = Path.of(OlderFilesTest.class
                .getResource("/jobs/" + name + ".veldline.json")
                .toURI());
        Path copy = folder.resolve(name + ".veldline.json");
        Files.copy(there, copy);
        Path files = there.resolveSibling(name + ".files");
        Files.createDirectory(folder.resolve(name + ".files"));
        try (Stream<Path> all = Files.list(files)) {
            for (Path f : all.toList()) {
                Files.copy(f, folder.resolve(name + ".files").resolve(f.getFileName()));
            }
        }
        return copy;
    }

    /**
     * The shelter's panel was a bought one until 2.7, and nobody had unpacked what the skiff carries; until 2.11 no walk was kept, nobody
     * wrote down what stood while it was recorded, and nobody asked a radio how warm it was.
     */
    private static Job bought(Job now, JobFile.Opened then) {
        assertThat(then.job().nearAntenna())
                .isInstanceOfSatisfying(
                        Bought.class, b -> assertThat(b.inspection()).isEmpty());
        return now.withNearAntenna(then.job().nearAntenna())
                .withProve(now.prove()
                        .withWalk(List.of())
                        .withTurns(List.of())
                        .withRecordings(now.prove().recordings().stream()
                                .map(r -> r.withStood(Optional.empty())
                                        .withSeries(new Series(r.series().readings().stream()
                                                .map(x -> new Reading(x.seconds(), x.levelDbm(), x.tide()))
                                                .toList())))
                                .toList()));
    }

    @Test
    void aFileOfVersionTwoIsBroughtToTheLatest() throws Exception {
        Path copy = frozen("shelter-2.0");
        JobStore store = new JobStore(copy);
        JobFile.Opened opened = store.openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        Job shelter = TernholmSands.all().get(3);
        assertThat(opened.job()).isEqualTo(bought(shelter, opened).withSite(Optional.empty()));
        assertThat(opened.job().log()).isNotEmpty().allMatch(l -> l.photograph().isEmpty());
        assertThat(opened.job().needs().highest().value()).isZero();
        assertThat(store.save(opened.job())).isEmpty();
        assertThat(Files.readString(copy)).contains(VERSION);
    }

    @Test
    void inAFileOfVersionTwoPointOneTheCablesOutsideIsLeftOut() throws Exception {
        Path copy = folder.resolve("relay.veldline.json");
        Files.copy(
                Path.of(OlderFilesTest.class
                        .getResource("/jobs/tide-gauge-relay-2.1.veldline.json")
                        .toURI()),
                copy);
        JobFile.Opened opened = new JobStore(copy).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        assertThat(opened.job().yagi().orElseThrow().outside()).isEmpty();
        Job now = TernholmSands.all().get(5);
        // The lodge's can was a bought one then, and is worked out today.
        assertThat(opened.job().farAntenna().title()).isEqualTo("Lodge can");
        assertThat(opened.job())
                .isEqualTo(now.withFarAntenna(opened.job().farAntenna())
                        .withBrief(now.brief()
                                .withWay(Way.open())
                                .withAir(Air.quiet())
                                .withWhere(Jurisdiction.NOT_SAID)
                                .withHops(List.of())));
    }

    @Test
    void inAFileOfVersionTwoPointTwoTheWayIsOpen() throws Exception {
        Path copy = folder.resolve("skiff.veldline.json");
        Files.copy(
                Path.of(OlderFilesTest.class
                        .getResource("/jobs/survey-skiff-2.2.veldline.json")
                        .toURI()),
                copy);
        JobFile.Opened opened = new JobStore(copy).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        assertThat(opened.job().brief().way()).isEqualTo(Way.open());
        assertThat(opened.job().name()).isEqualTo("Survey skiff video");
    }

    /** The first files of 2.4 had no place for an antenna beside the one shaped; later ones had. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void inAFileOfVersionTwoPointFourNobodyUnpackedAnything(boolean beside) throws Exception {
        Path copy = folder.resolve("skiff.veldline.json");
        String text = Files.readString(Path.of(OlderFilesTest.class
                .getResource("/jobs/survey-skiff-2.4.veldline.json")
                .toURI()));
        String without = text.replaceFirst("\"beside\" : null,", "");
        assertThat(without).isNotEqualTo(text);
        Files.writeString(copy, beside ? text : without);
        JobFile.Opened opened = new JobStore(copy).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        assertThat(opened.job()).isEqualTo(bought(TernholmSands.all().get(4), opened));
    }

    @Test
    void inAFileOfVersionTwoPointFiveAnAdvertTellsNoBeams() throws Exception {
        Path copy = folder.resolve("skiff.veldline.json");
        Files.copy(
                Path.of(OlderFilesTest.class
                        .getResource("/jobs/survey-skiff-2.5.veldline.json")
                        .toURI()),
                copy);
        JobFile.Opened opened = new JobStore(copy).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        Offer offer = opened.job().offer().orElseThrow();
        assertThat(offer.name()).isEqualTo("Short panel");
        assertThat(offer.level()).isEmpty();
        assertThat(opened.job().withOffer(Optional.empty()))
                .isEqualTo(bought(TernholmSands.all().get(4), opened));
    }

    /** Made by 2.6: a can at the far end, two patches near by, an advert whose words were not kept. */
    @Test
    void inAFileOfVersionTwoPointSixOpeningsHadFewerMeasures() throws Exception {
        Path file = Path.of(OlderFilesTest.class
                .getResource("/jobs/tide-gauge-2.6.veldline.json")
                .toURI());
        JobFile.Opened opened = new JobStore(file).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        Job job = opened.job();
        ApertureDesign now = (ApertureDesign) TernholmSands.all().get(5).farAntenna();
        ApertureDesign can = (ApertureDesign) job.farAntenna();
        assertThat(can.sizes().subList(0, 8)).isEqualTo(now.sizes().subList(0, 8));
        assertThat(can.size(8)).as("no ring").isZero();
        ApertureDesign patches = (ApertureDesign) job.nearAntenna();
        assertThat(patches.size(2)).isCloseTo(0.052, within(1e-12));
        assertThat(patches.size(14)).as("as wide as sends well at 868.3 MHz").isCloseTo(0.17094, within(1e-5));
        assertThat(patches.radiation(868.3e6).gain().value()).isFinite();
        assertThat(job.offer().orElseThrow().words()).isEmpty();
        String text = Files.readString(file);
        assertThatThrownBy(() -> JobFile.read(text.replaceAll("\"868.3\"", "\"?\""), name -> ""))
                .as("a file without its frequency says so")
                .hasMessageContaining("brief.frequency");
    }

    /** Made by 2.7: patches near by, a can at the far end and beside; nothing of them could be locked. */
    @Test
    void inAFileOfVersionTwoPointSevenNoOpeningIsLocked() throws Exception {
        Path file = Path.of(OlderFilesTest.class
                .getResource("/jobs/tide-gauge-2.7.veldline.json")
                .toURI());
        String text = Files.readString(file);
        assertThat(text).contains("\"version\" : \"2.7\"");
        JobFile.Opened opened = new JobStore(file).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        Job now = TernholmSands.all().get(5);
        assertThat(opened.job().farAntenna()).isEqualTo(now.farAntenna());
        assertThat(opened.job().beside().orElseThrow().made()).isEqualTo(now.farAntenna());
        assertThat(((ApertureDesign) opened.job().nearAntenna()).locked()).isEmpty();
        assertThat(opened.job().withBeside(Optional.empty()).withNearAntenna(now.nearAntenna()))
                .isEqualTo(now.withBeside(Optional.empty()));
    }

    /** Made by 2.9: the lodge's television, when no amplifier told what it draws. */
    @Test
    void inAFileOfVersionTwoPointNineAmplifiersDrewEightyMilliamperes() throws Exception {
        Path file = Path.of(OlderFilesTest.class
                .getResource("/jobs/lodge-television-2.9.veldline.json")
                .toURI());
        JobFile.Opened opened = new JobStore(file).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        assertThat(opened.job()).isEqualTo(lodgeWithoutBranches());
        assertThat(opened.job().farRun().parts().stream().flatMap(p -> p.amplifier().stream()))
                .isNotEmpty()
                .allMatch(a -> a.draws() == 0.08);
    }

    private static Job lodgeWithoutBranches() {
        Job now = TernholmSands.all().get(2);
        return now.withDrawer(Holdings.NONE).withFarRun(now.farRun().withBranches(List.of()));
    }

    /** Made by 2.10: the lodge's television, when a splitter was one way through and the workshop had no drawer of its own. */
    @Test
    void inAFileOfVersionTwoPointTenNothingBranchesOff() throws Exception {
        Path file = Path.of(OlderFilesTest.class
                .getResource("/jobs/lodge-television-2.10.veldline.json")
                .toURI());
        JobFile.Opened opened = new JobStore(file).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        assertThat(opened.job()).isEqualTo(lodgeWithoutBranches());
        assertThat(opened.job().farRun().free(3)).isEqualTo(2);
    }

    /** Made by 2.11: the skiff, when nothing had been turned and no day was picked. */
    @Test
    void inAFileOfVersionTwoPointElevenNothingWasTurned() throws Exception {
        Path file = Path.of(OlderFilesTest.class
                .getResource("/jobs/survey-skiff-2.11.veldline.json")
                .toURI());
        JobFile.Opened opened = new JobStore(file).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        Job now = TernholmSands.all().get(4);
        assertThat(opened.job().prove().turns()).isEmpty();
        assertThat(opened.job().prove().walk()).isEqualTo(now.prove().walk());
        assertThat(opened.job().raise().route()).isEqualTo(CableRoute.USUAL);
        assertThat(opened.job()
                        .withProve(now.prove())
                        .withRaise(now.raise())
                        .withRework(now.rework())
                        .withLog(now.log()))
                .isEqualTo(now);
    }

    /** Made by 2.8: the tag receiver, when no sweep of it was kept and nothing matched it. */
    @Test
    void inAFileOfVersionTwoPointEightNothingWasTrimmed() throws Exception {
        Path file = Path.of(OlderFilesTest.class
                .getResource("/jobs/tag-receiver-2.8.veldline.json")
                .toURI());
        JobFile.Opened opened = new JobStore(file).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        Job now = TernholmSands.all().get(1);
        assertThat(opened.job().trim()).isEqualTo(TrimLog.NONE);
        assertThat(opened.job().withTrim(now.trim()).withMatch(now.match()).withLog(now.log()))
                .isEqualTo(now);
    }

    @Test
    void inAFileOfVersionTwoPointThreeNoHouseHasARoof() throws Exception {
        JobFile.Opened opened = new JobStore(frozen("shelter-2.3")).openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        Job shelter = TernholmSands.all().get(3);
        Site now = shelter.site().orElseThrow();
        Site.Obstacle house = now.obstacles().get(0);
        assertThat(opened.job())
                .isEqualTo(bought(shelter, opened)
                        .withSite(Optional.of(now.withObstacle(
                                0,
                                new Site.Obstacle(
                                        house.name(),
                                        house.line(),
                                        true,
                                        house.height(),
                                        house.material(),
                                        house.thickness())))));
    }

    @Test
    void aFileOfVersionOneOpensAsItWasMeant() throws Exception {
        Path copy = frozen("nest-camera-1.0");
        JobStore store = new JobStore(copy);
        JobFile.Opened opened = store.openWhatCanBe();
        assertThat(opened.troubles()).isEmpty();
        Job job = opened.job();
        assertThat(job.name()).isEqualTo("Nest-camera link");
        assertThat(job.stations()).hasSize(1);
        assertThat(job.brief().frequency()).isEqualTo(Quantity.of("2437", Unit.MHZ));
        assertThat(job.yagi().orElseThrow()).isEqualTo(JOB.yagi().orElseThrow());
        assertThat(job.farAntenna().claimedGain().orElseThrow().value()).isEqualTo(12);
        assertThat(job.prove().recordings()).hasSize(2).allMatch(r -> r.series().size() == 24);
        assertThat(store.save(job)).as("a known file is written over").isEmpty();
        assertThat(Files.readString(copy)).contains(VERSION);
        assertThat(new JobStore(copy).open()).isEqualTo(job);
    }
}
