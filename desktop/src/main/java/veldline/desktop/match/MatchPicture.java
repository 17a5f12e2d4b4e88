package veldline.desktop.match;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.assess.MatchFigures;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/**
 * Resistance against reactance, with the ground where a cable of 50 Ω is usable left clear, and the four ways as points
 * and rows.
 */
final class MatchPicture {
    private static final double USABLE = 2;
    private static final double GOOD = 1.5;
    /** A letter stands on the first side of its point where no other does, since points may lie close. */
    private static final List<At> SIDES =
            List.of(new At(17, 5), new At(-17, 5), new At(0, -13), new At(0, 23), new At(32, 5), new At(-32, 5));

    private static final double LETTER = 13;

    /** Resistance and reactance are drawn up to here, ohms. */
    private static final double FARTHEST = 400;

    private final Showing s;
    private final List<MatchFigures.Option> options;
    private final Pen pen;
    private final double split;

    MatchPicture(Showing s, double width, double height) {
        this.s = s;
        this.options = MatchBench.options(s);
        this.pen = Picture.pen(width, height);
        this.split = Math.round(height * 0.56);
    }

    Picture draw() {
        pen.text("What the cable sees", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(
                "clear ground: SWR 2 or better; left and right walk the ways",
                176,
                22,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        if (s.assessment().match() instanceof Stage.Absent<MatchFigures> absent) {
            return EmptyPicture.draw(
                            pen,
                            absent.why() + ".",
                            "A bought antenna is matched by its maker; one that is made here is matched here.",
                            "See the antenna",
                            "3",
                            "step:SHAPE")
                    .done();
        }
        if (options.isEmpty()) {
            pen.text(
                    "The other driven elements are being solved in place.",
                    18,
                    70,
                    Anchor.START,
                    15,
                    Face.BOLD,
                    Role.INK,
                    Origin.Plain.NAME);
            return pen.done();
        }
        plane();
        rows();
        return pen.done();
    }

    private void plane() {
        double mostR = Math.max(
                120,
                1.15
                        * options.stream()
                                .mapToDouble(o -> o.resistance().value())
                                .max()
                                .orElse(100));
        double mostX = Math.max(
                60,
                1.2
                        * options.stream()
                                .mapToDouble(o -> Math.abs(o.reactance().value()))
                                .max()
                                .orElse(50));
        // What lies far beyond is drawn at the edge: a scale that held it would show nothing else.
        Axis r = new Axis(0, Math.min(FARTHEST, mostR), 70, pen.width() - 40);
        Axis x = new Axis(-Math.min(FARTHEST, mostX), Math.min(FARTHEST, mostX), split - 30, 40);
        pen.hatched(r.start(), x.end(), r.end() - r.start(), x.start() - x.end(), Role.THRIFT, Hatch.DIAGONAL);
        circle(USABLE, r, x, Role.SHEET, Role.THRIFT);
        circle(GOOD, r, x, Role.SHEET, Role.SAND);
        pen.line(r.start(), x.at(0), r.end(), x.at(0), Role.EDGE, 1);
        for (double ohms : r.ticks(10)) {
            pen.tick(NumberText.shown(ohms, 0), r.at(ohms), x.start() + 18, Anchor.MIDDLE);
        }
        for (double ohms : x.ticks(7)) {
            pen.tick(NumberText.signed(ohms, 0), r.start() - 8, x.at(ohms) + 4, Anchor.END);
        }
        pen.box(r.end() - 62, x.start() - 20, 62, 18, Role.SHEET);
        pen.box(r.start() + 2, x.end() + 1, 116, 18, Role.SHEET);
        pen.text("Ω in step", r.end(), x.start() - 6, Anchor.END, 12, Face.TEXT, Role.INK, Origin.Plain.NAME);
        pen.text(
                "Ω a quarter turn off",
                r.start() + 6,
                x.end() + 14,
                Anchor.START,
                12,
                Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        pen.line(r.at(50), x.at(0) - 8, r.at(50), x.at(0) + 8, Role.INK, 2);
        pen.text("50", r.at(50) + 4, x.at(0) + 18, Anchor.MIDDLE, 12, Face.MONO, Role.INK, Origin.Plain.SCALE);
        List<At> letters = new ArrayList<>();
        List<At> dots = options.stream()
                .map(o -> new At(
                        r.clamped(o.resistance().value()),
                        x.clamped(o.reactance().value())))
                .toList();
        int picked = s.pickedIndex(Step.MATCH, inUse(), options.size());
        for (int i = 0; i < options.size(); i++) {
            MatchFigures.Option o = options.get(i);
            double px = r.clamped(o.resistance().value());
            double py = x.clamped(o.reactance().value());
            pen.dot(px, py, i == picked ? 8 : 6, o.inUse() ? Role.MUSSEL : Role.SHEET, Role.MUSSEL, 2.5);
            At at = SIDES.stream()
                    .map(side -> new At(px + side.x(), py + side.y()))
                    .filter(a -> a.x() > r.start() + LETTER / 2)
                    .filter(a -> letters.stream()
                            .noneMatch(b -> Math.abs(a.x() - b.x()) < LETTER && Math.abs(a.y() - b.y()) < LETTER))
                    .filter(a -> dots.stream()
                            .noneMatch(d -> Math.abs(a.x() - d.x()) < LETTER && Math.abs(a.y() - 5 - d.y()) < LETTER))
                    .findFirst()
                    .orElse(new At(px, py - LETTER));
            letters.add(at);
            pen.text(letter(i), at.x(), at.y(), Anchor.MIDDLE, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
        }
    }

    /** Impedances of one SWR lie on a circle in this plane. */
    private void circle(double swr, Axis r, Axis x, Role fill, Role edge) {
        List<At> points = new ArrayList<>();
        double rho = (swr - 1) / (swr + 1);
        for (int deg = 0; deg < 360; deg += 4) {
            Complex g = new Complex(rho * Math.cos(Math.toRadians(deg)), rho * Math.sin(Math.toRadians(deg)));
            Complex z = Complex.ONE.add(g).divide(Complex.ONE.subtract(g)).multiply(50);
            points.add(new At(r.clamped(z.getReal()), x.clamped(z.getImaginary())));
        }
        pen.area(points, fill, Hatch.NONE);
        pen.add(new veldline.picture.Mark.Stroke(points, true, edge, swr == USABLE ? 2 : 1, Dash.SOLID));
    }

    private int inUse() {
        for (int i = 0; i < options.size(); i++) {
            if (options.get(i).inUse()) {
                return i;
            }
        }
        return 0;
    }

    private static String letter(int i) {
        return Character.toString('a' + i);
    }

    private void rows() {
        double y = split + 22;
        pen.line(18, split, pen.width() - 18, split, Role.SAND, 1);
        double right = pen.width() - 18;
        pen.text("Five ways", 18, y, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        s.asOf(s.assessment().match())
                .ifPresent(t -> pen.text(t, 112, y, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME));
        pen.text("impedance, Ω", right - 190, y, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text("SWR", right - 100, y, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text("loses, dB", right - 8, y, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        double row = Math.min(44, (pen.height() - y - 12) / options.size());
        int picked = s.pickedIndex(Step.MATCH, inUse(), options.size());
        for (int i = 0; i < options.size(); i++) {
            MatchFigures.Option o = options.get(i);
            double top = y + 8 + i * row;
            double base = top + row / 2;
            if (i == picked) {
                pen.box(10, top, pen.width() - 20, row - 3, Role.MUSSEL_WASH);
                pen.outline(10, top, pen.width() - 20, row - 3, Role.MUSSEL, 2);
            }
            Finding.Level level = o.swr().value() <= USABLE ? Finding.Level.FITS : Finding.Level.WATCH;
            pen.sign(level, 28, base - 1);
            pen.text(letter(i), 46, base + 4, Anchor.START, 14, Face.BOLD, Role.INK, Origin.Plain.NAME);
            pen.text(
                    o.title() + (o.inUse() ? ", in use" : ""),
                    66.0,
                    base - 3,
                    Anchor.START,
                    13.5,
                    Face.BOLD,
                    Role.INK,
                    Origin.Plain.NAME);
            pen.text(o.parts(), 66.0, base + 12, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.of(o.resistance()));
            pen.text(
                    o.resistance().number()
                            + (o.reactance().value() < 0 ? " − j" : " + j")
                            + NumberText.shown(Math.abs(o.reactance().value()), 1),
                    right - 190,
                    base + 5,
                    Anchor.END,
                    13,
                    Face.MONO,
                    Role.INK,
                    Origin.of(o.resistance()));
            pen.text(
                    o.swr().number(),
                    right - 100,
                    base + 5,
                    Anchor.END,
                    14,
                    Face.MONO_BOLD,
                    Role.INK,
                    Origin.of(o.swr()));
            pen.text(o.loss().number(), right - 8, base + 5, Anchor.END, 14, Face.MONO, Role.INK, Origin.of(o.loss()));
            pen.zone(
                    "way:" + i,
                    10,
                    top,
                    pen.width() - 20,
                    row - 3,
                    o.title() + ", SWR " + o.swr().number() + ", loses "
                            + o.loss().shown());
        }
    }
}
