package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * The flat strip over the plate in which the first turn of a helix begins, solved: a net of wires as wide as the strip, over a whole plate,
 * its length and height sought until the feed is 50 Ω.
 *
 * @param arc how far around it reaches, degrees
 * @param height over the plate, waves
 * @param feed what is then solved at the feed
 */
record HelixStrip(double arc, double height, Complex feed) {
    /** The strip's width in waves. */
    static final double WIDTH = 0.07;

    private static final double C = 299_792_458.0;
    private static final double OHMS = 50;
    /** Wires side by side that stand for the strip, and pieces of each along it. */
    private static final int ABREAST = 5;

    private static final int ALONG = 8;
    private static final int SIDES = 16;
    /** Further turns hardly come back to the feed. */
    private static final int MOST_TURNS = 6;

    private static final int STEPS = 12;
    /** Steps by which its slopes are found: degrees, and waves. */
    private static final double MORE_ARC = 2;

    private static final double MORE_HEIGHT = 0.002;
    private static final double CLOSE = 0.5;
    private static final double LEAST_ARC = 25;
    private static final double MOST_ARC = 120;
    private static final double LEAST_HEIGHT = 0.015;
    private static final double MOST_HEIGHT = 0.12;

    private static final String METHOD =
            "Thin-wire currents by the method of moments, the strip a net of five wires over a whole plate";
    private static final String GOOD_TO =
            "±15 %: solved over a plate without end; bend it on the analyser, height first, then cut its length";

    private static final Formula HIGH = new Formula(
            "Matching strip, solved: height",
            "Over the plate, where a strip 0.07 of a wave wide brings the turns to 50 Ω; h in waves, w the wave.",
            "H",
            "h·w",
            METHOD,
            GOOD_TO);
    private static final Formula LONG = new Formula(
            "Matching strip, solved: length",
            "Along the first turn from the feed, a degrees around of the circumference c. A whole quarter turn of it comes out inductive.",
            "L",
            "a·c ÷ 360",
            METHOD,
            GOOD_TO);

    /**
     * The strip of a design; empty where none in reach does it.
     *
     * @param goOn polled often; when false the work stops with a {@link veldline.field.solve.SolveFailure}
     */
    static Optional<HelixStrip> of(Design d, double frequency, BooleanSupplier goOn) {
        double arc = 60;
        double height = 0.04;
        Optional<Complex> first = feed(d, frequency, arc, height, goOn);
        Optional<Complex> longer = feed(d, frequency, arc + MORE_ARC, height, goOn);
        Optional<Complex> higher = feed(d, frequency, arc, height + MORE_HEIGHT, goOn);
        if (first.isEmpty() || longer.isEmpty() || higher.isEmpty()) {
            return Optional.empty();
        }
        // Resistance goes with the height and reactance with the length nearly in proportion: the slopes at the first
        // guess serve to the end.
        Complex byArc = longer.get().subtract(first.get()).divide(MORE_ARC);
        Complex byHeight = higher.get().subtract(first.get()).divide(MORE_HEIGHT);
        double det = cross(byArc, byHeight);
        Optional<Complex> at = first;
        for (int step = 0; step < STEPS && at.isPresent(); step++) {
            Complex off = at.get().subtract(OHMS);
            if (off.norm() < CLOSE) {
                return Optional.of(new HelixStrip(arc, height, at.get()));
            }
            arc = Math.max(LEAST_ARC, Math.min(MOST_ARC, arc - cross(off, byHeight) / det));
            height = Math.max(LEAST_HEIGHT, Math.min(MOST_HEIGHT, height - cross(byArc, off) / det));
            at = feed(d, frequency, arc, height, goOn);
        }
        return Optional.empty();
    }

    private static double cross(Complex a, Complex b) {
        return a.getReal() * b.getImaginary() - a.getImaginary() * b.getReal();
    }

    /** Height and length as they are said. */
    List<Worked> said(Design d, double frequency) {
        double wave = C / frequency;
        double millimetres = 1000 * height * wave;
        double along = arc / 360 * d.size(1) * 1000;
        return List.of(
                Worked.of(HIGH)
                        .computed("h", "height, waves", height, "", 5)
                        .computed("w", "wave", 1000 * wave, "mm", 3)
                        .gives(millimetres, "mm", 1, 0.15 * millimetres),
                Worked.of(LONG)
                        .computed("a", "around", arc, "°", 3)
                        .computed("c", "circumference", d.size(1) * 1000, "mm", 2)
                        .gives(along, "mm", 0, 0.15 * along));
    }

    /** Impedance at the feed with a strip; empty where it cannot be solved. */
    static Optional<Complex> feed(Design d, double frequency, double arc, double height, BooleanSupplier goOn) {
        WireModel model = model(d, C / frequency, arc, height);
        return ModelCheck.faults(model, frequency).isEmpty()
                ? Optional.of(new FieldSolver(model, MeshRule.standard(frequency), goOn)
                        .at(frequency)
                        .impedances()
                        .get(0))
                : Optional.empty();
    }

    /** Its axis up from the plate: the riser, the net of the strip, the turns on from there. */
    private static WireModel model(Design d, double wave, double arc, double height) {
        double radius = d.size(1) / (2 * Math.PI);
        double h = height * wave;
        double width = WIDTH * wave;
        double thin = Math.min(d.round() / 2, h / 5);
        double net = width / (ABREAST - 1) / (2 * Math.PI);
        List<Wire> wires = new ArrayList<>();
        add(wires, List.of(new Vec(radius, 0, 0), new Vec(radius, 0, h)), thin);
        for (int k = 0; k < ABREAST; k++) {
            double r = radius + across(k, width);
            List<Vec> lane = new ArrayList<>();
            for (int i = 0; i <= ALONG; i++) {
                lane.add(at(r, Math.toRadians(arc) * i / ALONG, h));
            }
            add(wires, lane, net);
        }
        for (int end = 0; end < 2; end++) {
            List<Vec> edge = new ArrayList<>();
            for (int k = 0; k < ABREAST; k++) {
                edge.add(at(radius + across(k, width), Math.toRadians(arc) * end, h));
            }
            add(wires, edge, net);
        }
        int turns = Math.min(MOST_TURNS, d.count(0));
        double begin = Math.toRadians(arc);
        double rest = 2 * Math.PI * turns - begin;
        List<Vec> wound = new ArrayList<>();
        for (int i = 0; i <= turns * SIDES; i++) {
            double t = (double) i / (turns * SIDES);
            wound.add(at(radius, begin + rest * t, h + (d.size(2) * turns - h) * t));
        }
        add(wires, wound, d.round() / 2);
        return new WireModel(
                "Helix with its strip",
                wires,
                List.of(Source.volt(new Port(0, new Port.Place.Vertex(0)))),
                List.of(),
                Ground.PERFECT,
                Optional.of(d.metal().conductivity()),
                Optional.of(new Direction(0, 0)));
    }

    private static double across(int lane, double width) {
        return width * (lane / (ABREAST - 1.0) - 0.5);
    }

    private static Vec at(double r, double angle, double z) {
        return new Vec(r * Math.cos(angle), r * Math.sin(angle), z);
    }

    private static void add(List<Wire> wires, List<Vec> points, double radius) {
        wires.add(new Wire(points, radius, false, Optional.empty()));
    }
}
