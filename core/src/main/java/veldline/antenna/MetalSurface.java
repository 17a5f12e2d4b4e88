package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.CosineFeed;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * What a reflector is made of, as four measures of its family in a row: how rough, of what, and its wires where it has any.
 *
 * @param rough out of true, rms, metres
 * @param kind sheet, mesh or rods along the field, from 0
 * @param apart from wire to wire
 * @param thick of a wire, metres
 */
record MetalSurface(double rough, int kind, Quantity apart, double thick) {
    private static final double C = 299_792_458.0;
    /** How many measures it takes. */
    private static final int COUNT = 4;

    private static final int SHEET = 0;
    private static final int RODS = 2;
    private static final Formula ROUGH = new Formula(
            "Lost to a rough surface",
            "Out of true by e on average, squared: every piece sends a little early or late.",
            "L",
            "10·log10(2.718281828)·(4·pi·e ÷ w)^2",
            "Ruze, Proc. IEEE 54 (1966)",
            "±10 % of it while e is under a fifteenth of a wave and bumps are wider than a wave");
    private static final Formula THROUGH = new Formula(
            "Lost through the wires",
            "Wires s apart and d thick, along the field: a coil across the way; w the wave.",
            "L",
            "10·log10(1 + (2·s ÷ w·2.302585·log10(s ÷ (pi·d)))^2)",
            "Marcuvitz, Waveguide Handbook, §5.18, square on, s well under a wave",
            "±20 % of it for s under a third of a wave; mesh lies between this and what knots add");

    /** Its measures as a family lists them. */
    static final List<Measure> MEASURES = List.of(
            Measure.length("Surface out of true, rms", 0, 0.1),
            Measure.choice("Surface", "sheet", "mesh", "rods along the field"),
            Measure.length("From wire to wire", 0.002, 0.4),
            Measure.length("Wire, thick", 0.0005, 0.05));

    /** What they begin with: good sheet. */
    static List<Quantity> begin(double wave) {
        return List.of(
                MEASURES.get(0).of(0.005 * wave),
                Quantity.of("0", Unit.ONE),
                MEASURES.get(2).of(0.1 * wave),
                MEASURES.get(3).of(0.012 * wave));
    }

    /** @param first of its measures in the design's */
    static MetalSurface of(ApertureDesign d, int first) {
        return new MetalSurface(d.size(first), d.count(first + 1), d.sizes().get(first + 2), d.size(first + 3));
    }

    boolean wires() {
        return kind != SHEET;
    }

    boolean rods() {
        return kind == RODS;
    }

    String words() {
        return MEASURES.get(1).words().get(kind);
    }

    /** Whether one of a family's measures means anything: those of its wires do where it has any. */
    boolean uses(int measure, int first) {
        return wires() || measure < first + 2 || measure >= first + COUNT;
    }

    /** What it takes at a wavelength, step by step. */
    List<Worked> lost(double wave) {
        List<Worked> lost = new ArrayList<>();
        if (rough > 0) {
            lost.add(Worked.of(ROUGH)
                    .typed("e", "out of true", rough * 1000, "mm", 3)
                    .computed("w", "wave", wave * 1000, "mm", 3)
                    .gives(CosineFeed.ruzeDb(rough, C / wave), "dB", 2));
        }
        if (wires()) {
            double s = apart.value();
            double x = 2 * s / wave * Math.log(Math.max(1, s / (Math.PI * thick)));
            lost.add(Worked.of(THROUGH)
                    .typed("s", "from wire to wire", s * 1000, "mm", 3)
                    .typed("d", "thick", Math.min(thick, s / Math.PI) * 1000, "mm", 4)
                    .computed("w", "wave", wave * 1000, "mm", 3)
                    .gives(10 * Math.log10(1 + x * x), "dB", 2));
        }
        return lost;
    }

    /** What is to be watched, a sentence each. */
    List<String> watch(double wave) {
        List<String> all = new ArrayList<>();
        if (wires() && apart.value() > wave / 10) {
            all.add("Wires " + apart + " apart let more through than is usual; a tenth of a wave is "
                    + NumberText.shown(100 * wave, 0) + " mm.");
        }
        if (rough > wave / 16) {
            all.add("A surface out of true by more than a sixteenth of a wave is worth mending first.");
        }
        return all;
    }

    /** What of a whole opening it shows the wind. */
    double shown(double whole) {
        return wires() ? whole * Math.min(1, 2 * thick / apart.value() + 0.1) : whole;
    }
}
