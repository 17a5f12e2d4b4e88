package veldline.learn;

import java.util.List;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.path.Reflection;
import veldline.path.Surface;

/** A wave that turns right-handed bounces off wet ground at one angle after another. */
final class HandBack implements Experiment {
    private static final double MHZ_2400 = 2.4e9;
    private static final double FAINT = 0.1;

    private static final Formula SAME = new Formula(
            "Taken by the same hand",
            "The flat part h and the upright part v of what comes back, summed as an antenna of the same hand sums them, over what"
                    + " arrived; squared sizes, in parts of i and q.",
            "S",
            "10·log10(((a + c)^2 + (b + d)^2) ÷ 4)",
            "Balanis, Antenna Theory, 3rd ed., §2.12; reflection by ITU-R P.527",
            "Smooth ground; waves and stones mix both hands");

    private static final Formula OTHER = new Formula(
            "Taken by the other hand",
            "The same, summed as the other hand does.",
            "O",
            "10·log10(((a − c)^2 + (b − d)^2) ÷ 4)",
            SAME.source(),
            SAME.goodTo());

    @Override
    public String id() {
        return "hand-bounce";
    }

    @Override
    public String title() {
        return "Circular and its bounce";
    }

    @Override
    public String question() {
        return "A turning wave bounces off the ground. Does its hand turn round, so that circular is deaf to bounces?";
    }

    @Override
    public Slide slide() {
        return new Slide("Angle to the ground", "°", 0, 1, 1, 90, 1);
    }

    @Override
    public Look at(double angle, BooleanSupplier goOn) {
        double grazing = Math.toRadians(angle);
        Surface ground = Surface.AVERAGE_GROUND;
        Complex h = Reflection.coefficient(MHZ_2400, ground.permittivity(), ground.conductivity(), grazing, false);
        Complex v = Reflection.coefficient(MHZ_2400, ground.permittivity(), ground.conductivity(), grazing, true);
        Worked same = worked(SAME, h, v, 1);
        Worked other = worked(OTHER, h, v, -1);
        double run = 0.7 * Math.cos(grazing);
        double rise = 0.7 * Math.sin(grazing);
        String says = Math.abs(same.value() - other.value()) < 2
                ? "Here the upright part is all but swallowed, and what comes back is straight."
                : same.value() > other.value()
                        ? "It keeps its hand: circular hears this bounce as well as straight would."
                        : "Its hand is turned: the same antenna hardly takes it.";
        return new Look(
                angle,
                same,
                List.of(other),
                new Scene(1.6, 1.1, "from the side", List.of())
                        .with(Scene.Kind.GROUND, -1, -0.3, 1, -0.3)
                        .with(Scene.Kind.RAY, -run, rise - 0.3, 0, -0.3)
                        .with(Scene.Kind.RAY, 0, -0.3, run, rise - 0.3),
                List.of(),
                says);
    }

    private static Worked worked(Formula f, Complex h, Complex v, int sign) {
        double i = h.getReal() + sign * v.getReal();
        double q = h.getImaginary() + sign * v.getImaginary();
        return Worked.of(f)
                .computed("a", "flat, in step", h.getReal(), "", 6)
                .computed("b", "flat, a quarter off", h.getImaginary(), "", 6)
                .computed("c", "upright, in step", v.getReal(), "", 6)
                .computed("d", "upright, a quarter off", v.getImaginary(), "", 6)
                .gives(10 * Math.log10(Math.max(1e-9, (i * i + q * q) / 4)), "dB", 1);
    }

    @Override
    public String answer() {
        return "Only steep bounces turn it. Over water and flats links graze, and there a circular bounce keeps its hand and cancels"
                + " as any other does. Against walls and metal met straight on it helps.";
    }

    @Override
    public String bench() {
        return "RAISE";
    }
}
