package veldline.learn;

import java.util.List;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.Drawer;
import veldline.line.CableLoss;
import veldline.line.LossyLine;
import veldline.line.Mismatch;

/** An antenna that does not match, seen through more and more thin cable. */
final class FlatteredSwr implements Experiment {
    private static final double FREQUENCY = 145e6;
    private static final double VELOCITY = 0.66;
    private static final double C = 299_792_458.0;
    private static final double OHMS = 50;
    private static final CableLoss THIN = Drawer.part("c-rg58-n").cable().orElseThrow();

    private static final Complex ANTENNA = new Complex(175, 60);

    private static final Formula SEEN = new Formula(
            "SWR at the set",
            "What comes back has passed the cable twice.",
            "S",
            "(1 + r·10^(−a ÷ 10)) ÷ (1 − r·10^(−a ÷ 10))",
            "Pozar, Microwave Engineering, 4th ed., §2.7",
            "As good as the cable's loss is known");

    private static final Formula OUT = new Formula(
            "Of 100 W, sent",
            "What passes the cable and is not thrown back by the antenna for good.",
            "P",
            "100·10^(−l ÷ 10)",
            SEEN.source(),
            "With a match at the set; the antenna's own heat not counted");

    @Override
    public String id() {
        return "flattered";
    }

    @Override
    public String title() {
        return "SWR through a lossy line";
    }

    @Override
    public String question() {
        return "An antenna with SWR over 3 is looked at through thin cable. Does a longer cable mend it?";
    }

    @Override
    public Slide slide() {
        return new Slide("Cable", "m", 0, 0, 2, 31, 0);
    }

    @Override
    public Look at(double metres, BooleanSupplier goOn) {
        double loss = THIN.lossDb(metres, FREQUENCY);
        double rho = Mismatch.reflection(ANTENNA, OHMS).norm();
        LossyLine line = new LossyLine(OHMS, loss, metres * FREQUENCY / (C * VELOCITY));
        double swr = Mismatch.swr(line.seen(ANTENNA), OHMS);
        double total = line.totalLossDb(rho);
        double sent = 100 * Math.pow(10, -total / 10);
        Scene scene = new Scene(66, 14, "from the side, metres", List.of())
                .with(Scene.Kind.HOLDS, -30, 0, -30 + metres, 0)
                .with(Scene.Kind.FED, -30 + metres, -5, -30 + metres, 5);
        return new Look(
                metres,
                Worked.of(SEEN)
                        .computed("r", "thrown back at the antenna", rho, "", 5)
                        .computed("a", "cable, matched", loss, "dB", 4)
                        .gives(swr, "", 2),
                List.of(Worked.of(OUT)
                        .computed("l", "cable with what goes to and fro", total, "dB", 4)
                        .gives(sent, "W", 0)),
                scene,
                List.of(),
                swr < 1.5
                        ? "The set sees a fine SWR, and most of the power is warm cable."
                        : swr < 2
                                ? "A usable SWR at the set; the antenna is as bad as it was."
                                : "The set sees that it does not match.");
    }

    @Override
    public String answer() {
        return "It hides it. The cable eats what comes back, so the set reads less and the antenna sends less. Measure at the antenna,"
                + " or count the cable out.";
    }

    @Override
    public String bench() {
        return "MATCH";
    }
}
