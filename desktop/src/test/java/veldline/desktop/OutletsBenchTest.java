package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Input;
import veldline.feed.Branch;
import veldline.feed.Drawer;
import veldline.feed.FeedRun;
import veldline.feed.Holdings;
import veldline.feed.HoldingsChange;
import veldline.format.DrawerFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;

/** What branches off a run, and the workshop's drawer, in the real window. */
class OutletsBenchTest extends WindowTest {
    private static final double CABLE = 0.13;

    @Override
    protected Job firstJob() {
        return TernholmSands.all().get(2);
    }

    private void look(String what) {
        settle();
        interact(() -> {
            work.goStop("far-part-3");
            work.go(Step.FEED_RUN);
            work.pick("set:feed.look=" + what);
        });
        settle();
    }

    private FeedRun run() {
        return work.desk().job().farRun();
    }

    private double metres(int branch) {
        return run().branches()
                .get(branch)
                .run()
                .parts()
                .get(0)
                .length()
                .orElseThrow()
                .value();
    }

    private void choose(String input, String word) {
        interact(() ->
                work.apply(Benches.of(Step.FEED_RUN).inputs(work.showing().orElseThrow()).stream()
                        .filter(in -> in.id().equals(input))
                        .flatMap(in ->
                                (in instanceof Input.Pick p ? p.options() : ((Input.Choice) in).options()).stream())
                        .filter(o -> o.word().equals(word))
                        .findFirst()
                        .flatMap(Input.Option::change)
                        .orElseThrow()));
        settle();
    }

    @Test
    void aLevelIsDraggedAndItsCableGetsAsLong() {
        look("OUTLETS");
        assertThat(texts()).contains("Kitchen", "Bunk room", "left open");
        Mark.Zone level = zone("level:0");
        double shown = level(0);
        double before = metres(0);
        double x = level.x() + 14;
        double y = level.y() + 14;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x - 40, y));
        until(() -> metres(0) > before + 5);
        settle();
        double more = metres(0) - before;
        assertThat(shown - level(0)).isBetween(more * CABLE * 0.8 - 0.15, more * CABLE * 1.2 + 0.15);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> metres(0) == before);
    }

    private double level(int outlet) {
        return work.showing()
                        .orElseThrow()
                        .assessment()
                        .line()
                        .stop("far-antenna")
                        .level()
                        .value()
                - work.showing()
                        .orElseThrow()
                        .assessment()
                        .farFeed()
                        .outlets()
                        .get(outlet)
                        .loss()
                        .value();
    }

    @Test
    void anOpenEndIsClosedAndABranchComesOffAndGoesOn() {
        look("OUTLETS");
        push(KeyCode.RIGHT);
        settle();
        assertThat(findings()).contains("open outlet");
        choose("outlet-ending", "a load");
        assertThat(run().branches().get(1).ending()).isEqualTo(Branch.Ending.CLOSED);
        assertThat(findings()).doesNotContain("open outlet");
        choose("outlet-hangs", "comes off");
        assertThat(run().branches()).hasSize(1);
        assertThat(findings()).contains("outlet not closed");
        choose("outlet-more", "75 Ω television cable, F plugs");
        assertThat(run().branches()).hasSize(2);
        assertThat(run().branches().get(1).name()).isEqualTo("Outlet 2");
        // What does not join is stopped for on the branch it stands on.
        choose("outlet-part-0", "RG-213 cable, N plugs");
        assertThat(findings()).contains("branch broken");
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(findings()).doesNotContain("branch broken");
    }

    @Test
    void anAmplifierTurnedRoundIsAStopUntilItIsTurnedBack() {
        look("RUN");
        interact(() -> work.goStop("far-part-5"));
        settle();
        choose("round", "the other way");
        assertThat(run().parts().get(5).backwards()).isTrue();
        assertThat(findings()).contains("turned round");
        choose("round", "as they should");
        assertThat(findings()).doesNotContain("turned round");
    }

    private List<String> findings() {
        return work.showing().orElseThrow().assessment().of(Step.FEED_RUN).stream()
                .map(f -> f.tag())
                .toList();
    }

    @Test
    void piecesAreCountedAndFiguresPutRight() {
        look("DRAWER");
        assertThat(texts()).contains("buy 2");
        Mark.Zone stock = zone("stock:c-tv-f");
        drag(picture().localToScreen(stock.x() + 80, stock.y() + 12))
                .dropTo(picture().localToScreen(stock.x() + 14 + 6 * 22, stock.y() + 12));
        until(() -> work.desk().job().drawer().count("c-tv-f").equals(java.util.Optional.of(6)));
        until(() -> texts().contains("6 needed, all there"));
        push(KeyCode.RIGHT);
        push(KeyCode.ENTER);
        until(() -> work.desk().job().drawer().count("i-inject-f").equals(java.util.Optional.of(1)));
        enter("drawer-loss", "0.9");
        until(() -> work.desk().job().drawer().own("i-inject-f").isPresent());
        assertThat(work.desk().job().drawer().source("i-inject-f").orElseThrow())
                .startsWith("typed here, 20");
        choose("drawer-own", "as it ships");
        assertThat(work.desk().job().drawer().own("i-inject-f")).isEmpty();
    }

    @Test
    void twoFiguresOfACableThatNoCableHasAreRefused() {
        look("DRAWER");
        enter("drawer-loss-1000", "90");
        assertThat(complaint("drawer-loss-1000")).contains("does not go with the other figure");
        enter("drawer-loss-1000", "20");
        until(() -> work.desk().job().drawer().own("c-tv-f").isPresent());
        double loss = work.desk()
                .job()
                .drawer()
                .own("c-tv-f")
                .orElseThrow()
                .part()
                .cable()
                .orElseThrow()
                .lossDb(100, 1e9);
        assertThat(loss).isBetween(19.99, 20.01);
    }

    @Test
    void aDrawerGoesOutAsAFileAndComesInFromOne() throws Exception {
        look("DRAWER");
        Path file = folder.resolve("bench.drawer.json");
        interact(() -> work.tasks().saveDrawer(file, work.desk().job()));
        until(() -> news().startsWith("Saved"));
        assertThat(DrawerFile.read(Files.readString(file)))
                .isEqualTo(work.desk().job().drawer());
        Holdings other = new HoldingsChange.Keep(
                        Drawer.part("c-tv-f").withId("own-1").withName("cable from the loft"),
                        "measured",
                        java.time.LocalDate.of(2026, 11, 2))
                .applyTo(Holdings.NONE);
        Files.writeString(file, DrawerFile.write(other));
        interact(() -> DroppedFiles.take(work, file.toFile()));
        until(() -> work.desk().job().drawer().own("own-1").isPresent());
        assertThat(work.desk().job().drawer().count("c-tv-f")).contains(4);
        Job before = work.desk().job();
        Files.writeString(file, "{\"format\": \"veldline drawer\", \"drawer\": 7}");
        interact(() -> DroppedFiles.take(work, file.toFile()));
        until(() -> news().contains("Nothing was changed"));
        assertThat(work.desk().job()).isSameAs(before);
        assertThat(JobChange.lift(new HoldingsChange.Drop("own-1"), true)
                        .applyTo(before)
                        .drawer()
                        .own("own-1"))
                .isEmpty();
    }
}
