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
import veldline.line.Piece;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/**
 * Resistance against reactance, with the ground where the cable is usable left clear, and every way as a point and a row; of the one
 * that is walked the path there and its circuit.
 */
final class MatchPicture {
    private static final double USABLE = 2;
    private static final double GOOD = 1.5;
    /** A letter stands on the first side of its point where no other does, since points may lie close. */
    private static final List<At> SIDES =
            List.of(new At(17, 5), new At(-17, 5), new At(0, -13), new At(0, 23), new At(32, 5), new At(-32, 5));

    private static final double LETTER = 13;
    private static final int STEPS = 40;
    /** Right ends of the columns, from the right. */
    private static final double IMPEDANCE = 262;

    private static final double SWR = 210;
    /** More SWR than that says no more. */
    private static final double MOST = 99;

    private static final double LOSES = 148;
    private static final double BAND = 58;

    /** Resistance and reactance are drawn up to here, ohms. */
    private static final double FARTHEST = 400;

    private final Showing s;
    private final List<MatchFigures.Option> options;
    private final Pen pen;
    private final double split;
    private final double across;

    MatchPicture(Showing s, double width, double height) {
        this.s = s;
        this.options = MatchBench.options(s);
        this.pen = Picture.pen(width, height);
        this.split = Math.round(height * 0.5);
        this.across = Math.round(width * 0.58);
    }

    Picture draw() {
        pen.text("What the cable sees", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text("clear: SWR 2 or better", 176, 22, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        if (s.assessment().match() instanceof Stage.Absent<MatchFigures> absent) {
            return EmptyPicture.draw(
                            pen,
                            absent.why() + ".",
                            "A bought antenna is matched by its maker; one whose impedance is known here is matched here.",
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
        new CircuitDrawing(options.get(picked()), pen, across + 22, split).draw();
        rows();
        return pen.done();
    }

    private void plane() {
        double mostR = Math.max(
                2.4 * z0(),
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
                                .orElse(z0()));
        // What lies far beyond is drawn at the edge: a scale that held it would show nothing else.
        Axis r = new Axis(0, Math.min(FARTHEST, mostR), 62, across);
        Axis x = new Axis(-Math.min(FARTHEST, mostX), Math.min(FARTHEST, mostX), split - 30, 40);
        pen.hatched(r.start(), x.end(), r.end() - r.start(), x.start() - x.end(), Role.THRIFT, Hatch.DIAGONAL);
        circle(USABLE, r, x, Role.SHEET, Role.THRIFT);
        circle(GOOD, r, x, Role.SHEET, Role.SAND);
        pen.line(r.start(), x.at(0), r.end(), x.at(0), Role.EDGE, 1);
        for (double ohms : r.ticks(6)) {
            if (r.at(ohms) < r.end() - 76) {
                pen.tick(NumberText.shown(ohms, 0), r.at(ohms), x.start() + 18, Anchor.MIDDLE);
            }
        }
        for (double ohms : x.ticks(5)) {
            pen.tick(NumberText.signed(ohms, 0), r.start() - 8, x.at(ohms) + 4, Anchor.END);
        }
        pen.box(r.start() + 2, x.end() + 1, 116, 18, Role.SHEET);
        pen.text("Ω in step", r.end(), x.start() + 18, Anchor.END, 12, Face.TEXT, Role.INK, Origin.Plain.NAME);
        pen.text(
                "Ω a quarter turn off",
                r.start() + 6,
                x.end() + 14,
                Anchor.START,
                12,
                Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        pen.line(r.at(z0()), x.at(0) - 8, r.at(z0()), x.at(0) + 8, Role.INK, 2);
        path(r, x);
        List<At> letters = new ArrayList<>();
        List<At> dots = options.stream()
                .map(o -> new At(
                        r.clamped(o.resistance().value()),
                        x.clamped(o.reactance().value())))
                .toList();
        int picked = picked();
        for (int i = 0; i < options.size(); i++) {
            MatchFigures.Option o = options.get(i);
            double px = r.clamped(o.resistance().value());
            double py = x.clamped(o.reactance().value());
            pen.dot(px, py, i == picked ? 8 : 6, o.inUse() ? Role.MUSSEL : Role.SHEET, Role.MUSSEL, 2.5);
            // Where all come out well together only the one that is walked needs its letter.
            if (i != picked && o.swr().value() < GOOD) {
                continue;
            }
            int letter = i;
            SIDES.stream()
                    .map(side -> new At(px + side.x(), py + side.y()))
                    .filter(a -> a.x() > r.start() + LETTER / 2 && a.x() < r.end() - LETTER / 2)
                    .filter(a -> letters.stream()
                            .noneMatch(b -> Math.abs(a.x() - b.x()) < LETTER && Math.abs(a.y() - b.y()) < LETTER))
                    .filter(a -> dots.stream()
                            .noneMatch(d -> Math.abs(a.x() - d.x()) < LETTER && Math.abs(a.y() - 5 - d.y()) < LETTER))
                    .findFirst()
                    .ifPresent(at -> {
                        letters.add(at);
                        pen.text(
                                letter(letter),
                                at.x(),
                                at.y(),
                                Anchor.MIDDLE,
                                13,
                                Face.BOLD,
                                Role.INK,
                                Origin.Plain.NAME);
                    });
        }
    }

    /** From the antenna's own impedance to what the cable sees, piece by piece. */
    private void path(Axis r, Axis x) {
        options.get(picked()).plan().ifPresent(p -> {
            double f = s.job().brief().frequency().value();
            Complex z = p.load();
            pen.outline(r.clamped(z.getReal()) - 5, x.clamped(z.getImaginary()) - 5, 10, 10, Role.LICHEN, 2);
            List<Piece.State> states = p.ladder().look(z, f).states();
            for (int i = 0; i < p.ladder().pieces().size(); i++) {
                Piece piece = p.ladder().pieces().get(i);
                Piece.State from = states.get(i);
                Piece.State to = states.get(i + 1);
                List<At> points = new ArrayList<>();
                for (int k = 0; k <= STEPS; k++) {
                    Complex at = between(piece, from, to, (double) k / STEPS, f);
                    points.add(new At(r.clamped(at.getReal()), x.clamped(at.getImaginary())));
                }
                pen.path(points, Role.LICHEN, 2.5, i % 2 == 0 ? Dash.SOLID : Dash.DASHED);
            }
        });
    }

    /** With a share of a piece: in a row ohms add, across siemens do, along a line it is as much shorter. */
    private static Complex between(Piece piece, Piece.State from, Piece.State to, double share, double frequency) {
        if (piece instanceof Piece.Along a) {
            return a.scaled(share).after(from, frequency).impedance();
        }
        Complex a = from.impedance();
        Complex b = to.impedance();
        if (piece instanceof Piece.InRow || piece instanceof Piece.Turns) {
            return a.add(b.subtract(a).multiply(share));
        }
        return a.reciprocal()
                .add(b.reciprocal().subtract(a.reciprocal()).multiply(share))
                .reciprocal();
    }

    /** Of the cable, ohms. */
    private double z0() {
        return s.job().lineOhms();
    }

    private int picked() {
        return s.pickedIndex(Step.MATCH, inUse(), options.size());
    }

    /** Impedances of one SWR lie on a circle in this plane. */
    private void circle(double swr, Axis r, Axis x, Role fill, Role edge) {
        List<At> points = new ArrayList<>();
        double rho = (swr - 1) / (swr + 1);
        for (int deg = 0; deg < 360; deg += 4) {
            Complex g = new Complex(rho * Math.cos(Math.toRadians(deg)), rho * Math.sin(Math.toRadians(deg)));
            Complex z = Complex.ONE.add(g).divide(Complex.ONE.subtract(g)).multiply(z0());
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

    /** Its title at the head of a line. */
    static String lead(MatchFigures.Option o) {
        return Paragraph.capital(o.title());
    }

    private static String letter(int i) {
        return Character.toString('a' + i);
    }

    private void rows() {
        double y = split + 20;
        pen.line(18, split, pen.width() - 18, split, Role.SAND, 1);
        double right = pen.width() - 18;
        pen.text("Every way", 18, y, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        s.asOf(s.assessment().match())
                .ifPresent(t -> pen.text(t, 102, y, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME));
        head("impedance, Ω", right - IMPEDANCE, y);
        head("SWR", right - SWR, y);
        head("loses, dB", right - LOSES, y);
        head("band", right - BAND, y);
        head("of 100", right, y);
        double row = Math.min(22, (pen.height() - y - 12) / options.size());
        for (int i = 0; i < options.size(); i++) {
            row(i, y + 6 + i * row, row, right);
        }
    }

    private void head(String text, double x, double y) {
        pen.text(text, x, y, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
    }

    private void row(int i, double top, double row, double right) {
        MatchFigures.Option o = options.get(i);
        double base = top + row / 2 + 4;
        if (i == picked()) {
            pen.box(10, top, pen.width() - 20, row - 1, Role.MUSSEL_WASH);
            pen.outline(10, top, pen.width() - 20, row - 1, Role.MUSSEL, 2);
        }
        if (o.inUse()) {
            pen.box(10, top, 6, row - 1, Role.MUSSEL);
        }
        Finding.Level level = o.swr().value() <= USABLE ? Finding.Level.FITS : Finding.Level.WATCH;
        pen.sign(level, 30, base - 4);
        pen.text(letter(i), 46, base, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(lead(o), 64, base, Anchor.START, 13, o.inUse() ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.NAME);
        pen.text(
                o.resistance().number()
                        + (o.reactance().value() < 0 ? " − j" : " + j")
                        + NumberText.shown(Math.abs(o.reactance().value()), 1),
                right - IMPEDANCE,
                base,
                Anchor.END,
                12.5,
                Face.MONO,
                Role.INK,
                Origin.of(o.resistance()));
        String swr = o.swr().value() > MOST ? "99+" : o.swr().number();
        pen.text(swr, right - SWR, base, Anchor.END, 13, Face.MONO_BOLD, Role.INK, Origin.of(o.swr()));
        pen.text(o.loss().number(), right - LOSES, base, Anchor.END, 12.5, Face.MONO, Role.INK, Origin.of(o.loss()));
        o.band()
                .ifPresent(b ->
                        pen.text(b.shown(), right - BAND, base, Anchor.END, 12.5, Face.MONO, Role.INK, Origin.of(b)));
        o.kept().ifPresent(k -> pen.text(k.number(), right, base, Anchor.END, 12.5, Face.MONO, Role.INK, Origin.of(k)));
        pen.zone(
                "way:" + i,
                10,
                top,
                pen.width() - 20,
                row - 1,
                lead(o) + (o.inUse() ? ", in use" : "") + ", SWR " + o.swr().number() + ", loses "
                        + o.loss().shown());
    }
}
