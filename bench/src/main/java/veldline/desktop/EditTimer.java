package veldline.desktop;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import veldline.antenna.YagiChange;
import veldline.assess.Stage.Fresh;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.look.Faces;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * Measures edits through the real window: from the key to pattern and line on the screen, to the SWR over the band, and
 * the longest the interface thread was busy meanwhile. Run by the bench module.
 */
public final class EditTimer extends Application {
    private static final int WARM = 40;
    private static final int EDITS = 200;

    @Override
    public void start(Stage stage) {
        Faces.load();
        JobDesk desk = new JobDesk(TernholmSands.nestCamera(), Optional.empty(), Platform::runLater);
        Workbench work = new Workbench(desk, Platform::runLater);
        VeldlineWindow window = new VeldlineWindow(work);
        stage.setScene(VeldlineApp.scene(window, 1280, 800));
        stage.show();
        work.go(Step.SHAPE);
        desk.assess();
        Thread driver = new Thread(() -> drive(work), "edits");
        driver.setDaemon(true);
        driver.start();
    }

    private static void drive(Workbench work) {
        double[] pattern = new double[EDITS];
        double[] swr = new double[EDITS];
        AtomicLong busiest = new AtomicLong();
        double[] busy = new double[EDITS];
        try {
            for (int i = -WARM; i < EDITS; i++) {
                busiest.set(0);
                double[] took = one(work, 48 + 0.005 * (i + WARM), busiest);
                if (i >= 0) {
                    pattern[i] = took[0];
                    swr[i] = took[1];
                    busy[i] = busiest.get() / 1e6;
                }
                Thread.sleep(60);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        report("pattern and line", pattern);
        report("41-point SWR", swr);
        report("interface thread busy", busy);
        Platform.exit();
        System.exit(0);
    }

    /** Milliseconds from the edit until pattern and line, and until the SWR, were drawn. */
    private static double[] one(Workbench work, double millimetres, AtomicLong busiest) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        double[] took = new double[2];
        Platform.runLater(() -> {
            long begun = System.nanoTime();
            work.apply(new JobChange.OfYagi(
                    new YagiChange.ElementLength(3, Quantity.shown(millimetres / 1000, Unit.MM, 3))));
            busiest.accumulateAndGet(System.nanoTime() - begun, Math::max);
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    if (work.showing().isEmpty()) {
                        return;
                    }
                    var a = work.showing().get().assessment();
                    if (a.job() != work.desk().job()) {
                        return;
                    }
                    if (took[0] == 0 && a.antenna() instanceof Fresh) {
                        took[0] = (System.nanoTime() - begun) / 1e6;
                    }
                    if (a.sweep() instanceof Fresh) {
                        took[1] = (System.nanoTime() - begun) / 1e6;
                        stop();
                        done.countDown();
                    }
                }
            }.start();
        });
        Thread probe = probe(busiest, done);
        done.await(20, TimeUnit.SECONDS);
        probe.interrupt();
        return took;
    }

    /** Posts a mark every millisecond and notes how long it waited: the time the interface thread was busy. */
    private static Thread probe(AtomicLong busiest, CountDownLatch done) {
        Thread t = new Thread(() -> {
            try {
                while (done.getCount() > 0) {
                    long posted = System.nanoTime();
                    CountDownLatch reached = new CountDownLatch(1);
                    Platform.runLater(reached::countDown);
                    reached.await(5, TimeUnit.SECONDS);
                    busiest.accumulateAndGet(System.nanoTime() - posted, Math::max);
                    Thread.sleep(1);
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
        t.setDaemon(true);
        t.start();
        return t;
    }

    private static void report(String what, double[] values) {
        Arrays.sort(values);
        System.out.printf(
                Locale.ROOT,
                "%-24s median %6.1f ms, 95th percentile %6.1f ms, worst %6.1f ms%n",
                what,
                values[EDITS / 2],
                values[(int) (0.95 * EDITS)],
                values[EDITS - 1]);
    }
}
