package veldline.desktop.shape;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.assess.AntennaFigures;
import veldline.assess.MeshFigures;
import veldline.assess.Readout;
import veldline.assess.Stage;
import veldline.assess.SwrBand;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.line.Mismatch;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** What an antenna that is solved does: where it reaches, and its SWR over the band; under the drawing of any kind. */
final class ShapeFigures {
    /** Where the drawing ends. */
    static final double RULE = 266;

    private static final double LIMIT = 2;
    /** From this width on there is room to say what can be done. */
    static final double ROOMY = 680;

    private final Showing s;
    private final Pen pen;

    ShapeFigures(Showing s, Pen pen) {
        this.s = s;
        this.pen = pen;
    }

    /** Both, with the rules between them. */
    void draw() {
        pen.line(18, RULE, pen.width() - 18, RULE, Role.SAND, 1);
        if (Below.chosen(s) != Below.FIGURES) {
            Below.chosen(s).draw(s, pen);
            return;
        }
        pen.line(split(), RULE + 8, split(), pen.height() - 10, Role.SAND, 1);
        pattern(split());
        swr(left());
    }

    /** Where what stands right of the pattern begins. */
    double left() {
        return split() + 14;
    }

    private double split() {
        return Math.round(pen.width() * 0.535);
    }

    private double radius() {
        return Math.min((pen.height() - RULE - 40) / 2, (split() - 150) / 2);
    }

    /** The point of so many on the SWR curve over a place of the picture. */
    int pointAt(double x, int count) {
        double left = split() + 14 + 24;
        return (int) Math.round((x - left) / (pen.width() - 20 - left) * (count - 1));
    }

    /** Degrees off the beam under a place of the pattern. */
    int degreesAt(double x, double y) {
        return PolarDrawing.degrees(x - 24 - radius(), y - RULE - 30 - radius());
    }

    private void pattern(double split) {
        pen.text("Where it reaches", 18, RULE + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Optional<AntennaFigures> figures = s.assessment().antenna().value();
        if (figures.isEmpty()) {
            pen.text(
                    "Not solved; see the findings.",
                    18,
                    RULE + 46,
                    Anchor.START,
                    13,
                    Face.TEXT,
                    Role.INK,
                    Origin.Plain.NAME);
            return;
        }
        AntennaFigures f = figures.get();
        double radius = radius();
        double cx = 24 + radius;
        double cy = RULE + 30 + radius;
        PolarDrawing.draw(pen, f, cx, cy, radius);
        pen.zone(Reading.PATTERN.pick(), cx - radius, cy - radius, 2 * radius, 2 * radius, "pattern; drag to read it");
        Reading.PATTERN.place(s).filter(d -> d < f.eCut().size()).ifPresent(d -> {
            PolarDrawing.read(pen, f, cx, cy, radius, d);
            readPattern(f, d, cy + radius);
        });
        double x = cx + radius + 14;
        double y = RULE + 40;
        pen.text(f.gain().shown(), x, y, Anchor.START, 16, Face.MONO_BOLD, Role.INK, Origin.of(f.gain()));
        pen.text("straight ahead", x, y + 17, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        mesh(x + 86, y + 17);
        width(f.widthE(), "along the elements (E)", x, y + 40, Role.MUSSEL, Dash.SOLID);
        width(f.widthH(), "square to them (H)", x, y + 78, Role.LICHEN, Dash.DASHED);
        pen.text(
                f.frontToBack().number() + " dB less",
                x,
                y + 116,
                Anchor.START,
                13,
                Face.BOLD,
                Role.INK,
                Origin.of(f.frontToBack()));
        pen.text("straight back", x, y + 132, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text(
                f.resistance().number() + (f.reactance().value() < 0 ? " − j" : " + j")
                        + NumberText.shown(Math.abs(f.reactance().value()), 1) + " Ω",
                x,
                y + 154,
                Anchor.START,
                13,
                Face.MONO,
                Role.INK,
                Origin.of(f.resistance()));
        pen.text("at the feed", x, y + 170, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
    }

    /** Both cuts so far off the beam, under the heading. */
    private void readPattern(AntennaFigures f, int degrees, double bottom) {
        Worked e = Readout.level(degrees, f.eCut().get(degrees));
        Worked h = Readout.level(degrees, f.hCut().get(degrees));
        pen.text(degrees + "° off:", 18, bottom - 24, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.SCALE);
        pen.text("E " + e.shown(), 18, RULE + 40, Anchor.START, 12, Face.MONO_BOLD, Role.MUSSEL, Origin.of(e));
        pen.text("H " + h.shown(), 18, bottom - 7, Anchor.START, 12, Face.MONO_BOLD, Role.LICHEN, Origin.of(h));
    }

    /** What the mesh may have the gain off by; in slate while it is that of the antenna as it was. */
    private void mesh(double x, double y) {
        Stage<MeshFigures> mesh = s.assessment().mesh();
        mesh.value()
                .ifPresent(m -> pen.text(
                        "±" + m.gain().number(),
                        x,
                        y,
                        Anchor.START,
                        12,
                        Face.MONO,
                        mesh.settled() ? Role.INK : Role.SLATE,
                        Origin.of(m.gain())));
    }

    private void width(Optional<Worked> w, String what, double x, double y, Role role, Dash dash) {
        pen.line(x, y - 5, x + 18, y - 5, role, 3, dash);
        w.ifPresentOrElse(
                v -> pen.text(v.number() + "° wide", x + 24, y, Anchor.START, 13, Face.BOLD, Role.INK, Origin.of(v)),
                () -> pen.text("all round", x + 24, y, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.NAME));
        pen.text(what, x, y + 17, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
    }

    private void swr(double left) {
        pen.text("SWR across the band", left, RULE + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Stage<Sweep> stage = s.assessment().sweep();
        double top = RULE + 34;
        double bottom = top + 70;
        double right = pen.width() - 20;
        s.asOf(stage)
                .ifPresentOrElse(
                        t -> pen.text(t, right, RULE + 20, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME),
                        () -> stage.value()
                                .ifPresent(sweep -> SwrBand.of(sweep, s.job().lineOhms())
                                        .ifPresent(b -> band(
                                                b, SwrBand.goesOn(sweep, s.job().lineOhms()), right))));
        Axis y = new Axis(1, 3, bottom, top);
        pen.hatched(left + 24, top, right - left - 24, y.at(LIMIT) - top, Role.THRIFT, Hatch.DIAGONAL);
        pen.line(left + 24, y.at(LIMIT), right, y.at(LIMIT), Role.THRIFT, 2);
        for (int v = 1; v <= 3; v++) {
            pen.tick(Integer.toString(v), left + 16, y.at(v) + 4, Anchor.END);
        }
        pen.line(left + 24, bottom, right, bottom, Role.INK, 1);
        if (stage.value().isEmpty()) {
            pen.text(
                    stage instanceof Stage.Failed<Sweep> ? "Not solved." : "Being solved over the band.",
                    left + 34,
                    top + 60,
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.INK,
                    Origin.Plain.NAME);
            return;
        }
        List<Sweep.Point> points = stage.value().get().points();
        double low = points.get(0).frequency();
        double high = points.get(points.size() - 1).frequency();
        Axis x = new Axis(low, high, left + 24, right);
        pen.path(
                points.stream()
                        .map(p -> new At(
                                x.at(p.frequency()),
                                y.clamped(Math.min(
                                        3, Mismatch.swr(p.impedance(), s.job().lineOhms())))))
                        .toList(),
                Role.MUSSEL,
                3,
                Dash.SOLID);
        pen.zone(Reading.SWR.pick(), left + 24, top, right - left - 24, bottom - top, "SWR; drag to read it");
        Optional<Integer> read = Reading.SWR.place(s).filter(i -> i < points.size());
        read.ifPresent(i -> {
            Sweep.Point p = points.get(i);
            double at = x.at(p.frequency());
            pen.line(at, top, at, bottom, Role.LICHEN, 1.5, Dash.DASHED);
            pen.dot(at, y.clamped(Math.min(3, p.swr(s.job().lineOhms()))), 4.5, Role.LICHEN, Role.SHEET, 1);
            readSwr(p, left, bottom + 16);
        });
        double f = s.job().brief().frequency().value();
        for (double at : read.isPresent() ? List.<Double>of() : x.ticks((int) ((right - left) / 64))) {
            if (Math.abs(x.at(at) - x.at(f)) > 40) {
                pen.tick(NumberText.shown(at / 1e6, high - low < 4e6 ? 1 : 0), x.at(at), bottom + 16, Anchor.MIDDLE);
            }
        }
        if (read.isPresent()) {
            return;
        }
        pen.text(
                NumberText.shown(f / 1e6, 0),
                x.at(f),
                bottom + 16,
                Anchor.MIDDLE,
                12,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        s.assessment().antenna().value().ifPresent(a -> {
            double dot = y.clamped(a.swr().value());
            pen.dot(x.at(f), dot, 5, Role.SHEET, Role.MUSSEL, 2.5);
            // On the side on which the curve is lower, so that it does not run through the words.
            boolean lowerLeft = swrAt(points, f - (high - low) / 8) < swrAt(points, f + (high - low) / 8);
            pen.text(
                    "SWR " + a.swr().number(),
                    x.at(f) + (lowerLeft ? -9 : 9),
                    dot < top + 26 ? dot + 18 : dot - 14,
                    lowerLeft ? Anchor.END : Anchor.START,
                    12.5,
                    Face.MONO_BOLD,
                    Role.INK,
                    Origin.of(a.swr()));
        });
    }

    /** All that is known at one frequency, where the ticks were. */
    private void readSwr(Sweep.Point p, double left, double y) {
        double x = left;
        String mhz = NumberText.shown(p.frequency() / 1e6, 1);
        pen.text(mhz, x, y, Anchor.START, 12, Face.MONO_BOLD, Role.INK, Origin.Plain.SCALE);
        x += 7.4 * mhz.length() + 8;
        Worked r = Readout.resistance(p);
        Worked reactance = Readout.reactance(p);
        Worked swr = Readout.swr(p, s.job().lineOhms());
        String ohms = NumberText.shown(r.value(), 0) + (reactance.value() < 0 ? " − j" : " + j")
                + NumberText.shown(Math.abs(reactance.value()), 0) + " Ω";
        pen.text("SWR " + swr.number(), x, y, Anchor.START, 12, Face.MONO, Role.INK, Origin.of(swr));
        x += 7.4 * (swr.number().length() + 4) + 8;
        pen.text(ohms, x, y, Anchor.START, 12, Face.MONO, Role.INK, Origin.of(reactance));
        Worked gain = Readout.gain(p);
        pen.text(gain.shown(), pen.width() - 20, y, Anchor.END, 12, Face.MONO, Role.INK, Origin.of(gain));
    }

    private double swrAt(List<Sweep.Point> points, double frequency) {
        return points.stream()
                .min(Comparator.comparingDouble(p -> Math.abs(p.frequency() - frequency)))
                .orElseThrow()
                .swr(s.job().lineOhms());
    }

    private void band(Worked width, boolean toTheEnd, double right) {
        pen.text(
                (toTheEnd ? "over " : "") + width.shown() + (pen.width() < ROOMY ? "" : " under 2"),
                right,
                RULE + 20,
                Anchor.END,
                12,
                Face.BOLD,
                Role.INK,
                Origin.of(width));
    }
}
