package veldline.bench;

import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.study.Improvement;
import veldline.study.Measure;
import veldline.study.Progress;

/** How long the optimiser takes for 5,000 evaluations of the eleven-element Yagi at three frequencies each. */
final class ImproveTimer {
    private static final int EVALUATIONS = 5000;
    private static final double NANOS = 1e9;

    private ImproveTimer() {}

    static void run() {
        YagiShape yagi = Yagi.forCount(Models.FREQUENCY, 11, Quantity.of("1.6", Unit.MM), Metal.ALUMINIUM, false);
        for (Measure up : new Measure[] {Measure.FRONT_TO_BACK, Measure.SWR}) {
            long begun = System.nanoTime();
            Improvement.Result r = Improvement.of(
                    new Improvement.Ask(
                            yagi,
                            Models.FREQUENCY,
                            0.03,
                            1.02 * yagi.boomLength(),
                            1.8,
                            Measure.GAIN,
                            up,
                            Improvement.Chosen.ALL,
                            EVALUATIONS),
                    Progress.NONE);
            System.out.printf(
                    "gain for %s: %d evaluations at three frequencies in %.1f s; before %.2f dBi, %.2f; after%n",
                    up.words(),
                    r.tried(),
                    (System.nanoTime() - begun) / NANOS,
                    r.now().reached().worst(Measure.GAIN),
                    r.now().reached().worst(up));
            r.front()
                    .forEach(d -> System.out.printf(
                            "  %.2f dBi, %.2f, SWR %.2f%n",
                            d.reached().worst(Measure.GAIN),
                            d.reached().worst(up),
                            d.reached().worst(Measure.SWR)));
        }
    }
}
