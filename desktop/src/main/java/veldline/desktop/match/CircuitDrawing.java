package veldline.desktop.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.MatchFigures;
import veldline.build.WindingDrawing;
import veldline.explain.Origin;
import veldline.line.MatchWay;
import veldline.line.Piece;
import veldline.line.Reactor;
import veldline.line.WoundTransformer;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Role;

/** A way's circuit, the cable at the left and the antenna at the right, with what each part is and withstands. */
final class CircuitDrawing {
    /** Volts that are worth telling. */
    private static final double STRAIN = 0.005;

    private static final double UPPER = 52;
    private static final double LOWER = 96;
    private static final double LIST = 124;
    /** Each part's two lines. */
    private static final double LINES = 34;
    /** Radius of a ring that is wound. */
    private static final double RING = 28;
    /** A letter of the text face. */
    private static final double WIDE = 6.2;

    private final MatchFigures.Option option;
    private final Pen pen;
    private final double left;
    private final double bottom;

    CircuitDrawing(MatchFigures.Option option, Pen pen, double left, double bottom) {
        this.option = option;
        this.pen = pen;
        this.left = left;
        this.bottom = bottom;
    }

    void draw() {
        double right = pen.width() - 14;
        pen.text(MatchPicture.lead(option), left, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        List<Piece> fromAntenna = option.plan().map(p -> p.ladder().pieces()).orElse(List.of());
        double from = left + 34;
        double to = right - 46;
        pen.words("cable", left, UPPER - 6, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words("antenna", right, UPPER - 6, Anchor.END, Face.TEXT, Role.SLATE);
        pen.line(left, UPPER, left + 34, UPPER, Role.INK, 2);
        pen.line(left, LOWER, left + 34, LOWER, Role.INK, 2);
        double wide = fromAntenna.isEmpty() ? to - from : (to - from) / fromAntenna.size();
        if (fromAntenna.isEmpty()) {
            pen.line(from, UPPER, to, UPPER, Role.INK, 2);
            pen.line(from, LOWER, to, LOWER, Role.INK, 2);
        }
        for (int i = 0; i < fromAntenna.size(); i++) {
            // Drawn from the cable on, as a hand would follow it.
            int place = fromAntenna.size() - 1 - i;
            piece(fromAntenna.get(place), from + i * wide, wide, i + 1);
        }
        pen.line(to, UPPER, right - 8, UPPER, Role.INK, 2);
        pen.line(to, LOWER, right - 8, LOWER, Role.INK, 2);
        pen.line(right - 10, UPPER, right - 10, LOWER, Role.INK, 2);
        pen.box(right - 16, UPPER + 8, 12, LOWER - UPPER - 16, Role.MUSSEL_WASH);
        pen.outline(right - 16, UPPER + 8, 12, LOWER - UPPER - 16, Role.MUSSEL, 2);
        parts();
    }

    private void piece(Piece p, double x, double wide, int number) {
        double m = x + wide / 2;
        boolean row = p instanceof Piece.InRow;
        boolean line = p instanceof Piece.Along;
        pen.line(x, UPPER, row ? m - 14 : x + wide, UPPER, Role.INK, 2);
        pen.line(x, LOWER, x + wide, LOWER, Role.INK, 2);
        if (row) {
            pen.line(m + 14, UPPER, x + wide, UPPER, Role.INK, 2);
            part(((Piece.InRow) p).part(), m, UPPER, true);
        } else if (p instanceof Piece.Across a) {
            pen.line(m, UPPER, m, (UPPER + LOWER) / 2 - 14, Role.INK, 2);
            pen.line(m, (UPPER + LOWER) / 2 + 14, m, LOWER, Role.INK, 2);
            part(a.part(), m, (UPPER + LOWER) / 2, false);
        } else if (line) {
            pen.box(m - 18, UPPER - 4, 36, 8, Role.SHEET);
            pen.outline(m - 18, UPPER - 4, 36, 8, Role.INK, 2);
            pen.box(m - 18, LOWER - 4, 36, 8, Role.SHEET);
            pen.outline(m - 18, LOWER - 4, 36, 8, Role.INK, 2);
        } else if (p instanceof Piece.Stub s) {
            pen.line(m - 6, UPPER, m - 6, LOWER - 10, Role.INK, 2);
            pen.line(m + 6, LOWER, m + 6, UPPER + 12, Role.INK, 2);
            pen.box(m - 10, UPPER + 12, 8, 20, Role.SHEET);
            pen.outline(m - 10, UPPER + 12, 8, 20, Role.INK, 2);
            pen.box(m + 2, UPPER + 12, 8, 20, Role.SHEET);
            pen.outline(m + 2, UPPER + 12, 8, 20, Role.INK, 2);
            if (!s.open()) {
                pen.line(m - 6, LOWER - 8, m + 6, LOWER - 8, Role.INK, 2);
            }
        } else if (p instanceof Piece.Loop) {
            List<At> loop = List.of(
                    new At(m - 12, UPPER),
                    new At(m - 12, UPPER + 24),
                    new At(m + 12, UPPER + 24),
                    new At(m + 12, LOWER));
            pen.path(loop, Role.INK, 4, Dash.SOLID);
            pen.path(loop, Role.SHEET, 1.5, Dash.SOLID);
        } else {
            boolean core = p instanceof Piece.Wound;
            coil(m - (core ? 10 : 7), UPPER, LOWER);
            coil(m + (core ? 10 : 7), UPPER, LOWER);
            if (core) {
                pen.line(m - 2, UPPER + 6, m - 2, LOWER - 6, Role.INK, 1.5);
                pen.line(m + 2, UPPER + 6, m + 2, LOWER - 6, Role.INK, 1.5);
            }
        }
        pen.text(
                Integer.toString(number),
                m,
                LOWER + 16,
                Anchor.MIDDLE,
                12,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.SCALE);
    }

    private void coil(double x, double top, double bottom) {
        List<At> points = new ArrayList<>();
        for (int k = 0; k <= 32; k++) {
            double turn = k / 32.0 * 4 * Math.PI;
            points.add(new At(x + 4 * Math.sin(turn), top + 6 + (bottom - top - 12) * k / 32));
        }
        pen.path(points, Role.INK, 2, Dash.SOLID);
    }

    /** Four humps are a coil, two plates a capacitor. */
    private void part(Reactor part, double x, double y, boolean level) {
        if (!part.coil()) {
            for (int side : new int[] {-1, 1}) {
                double a = side * 3;
                double b = side * 14;
                if (level) {
                    pen.line(x + a, y - 9, x + a, y + 9, Role.INK, 2.5);
                    pen.line(x + a, y, x + b, y, Role.INK, 2);
                } else {
                    pen.line(x - 9, y + a, x + 9, y + a, Role.INK, 2.5);
                    pen.line(x, y + a, x, y + b, Role.INK, 2);
                }
            }
            return;
        }
        List<At> points = new ArrayList<>();
        for (int k = 0; k <= 48; k++) {
            double along = -14 + 28.0 * k / 48;
            double up = 6 * Math.abs(Math.sin(Math.PI * k / 12));
            points.add(level ? new At(x + along, y - up) : new At(x + up, y + along));
        }
        pen.path(points, Role.INK, 2, Dash.SOLID);
    }

    /** In lines, as far as there is room. */
    private void wrapped(String words, double from) {
        double y = from;
        for (String l : Paragraph.lines(words, (int) ((pen.width() - 18 - left) / WIDE))) {
            if (!l.isEmpty() && y < bottom - 4) {
                pen.words(l, left, y, Anchor.START, Face.TEXT, Role.SLATE);
                y += 15;
            }
        }
    }

    /** From the cable on, as they are numbered. */
    private void strain(MatchFigures.Strain s, double y) {
        String volts = s.volts().shown() + " peak,";
        pen.text(volts, left + 14, y, Anchor.START, 12, Face.MONO, Role.SLATE, Origin.of(s.volts()));
        pen.text(
                s.amperes().shown(),
                left + 14 + 7.4 * (volts.length() + 1),
                y,
                Anchor.START,
                12,
                Face.MONO,
                Role.SLATE,
                Origin.of(s.amperes()));
    }

    private Optional<WoundTransformer> wound() {
        return option.plan().stream()
                .flatMap(p -> p.ladder().pieces().stream())
                .filter(Piece.Wound.class::isInstance)
                .map(p -> ((Piece.Wound) p).of())
                .findFirst();
    }

    private void parts() {
        double y = LIST + 12;
        List<MatchFigures.Strain> strain = option.strain();
        if (strain.isEmpty()) {
            wrapped(option.parts(), y);
            return;
        }
        for (int i = 0; i < strain.size() && y + 18 < bottom; i++) {
            MatchFigures.Strain s = strain.get(strain.size() - 1 - i);
            pen.text(Integer.toString(i + 1), left, y, Anchor.START, 12, Face.MONO_BOLD, Role.INK, Origin.Plain.SCALE);
            pen.text(s.part(), left + 14, y, Anchor.START, 12, Face.TEXT, Role.INK, Origin.of(option.resistance()));
            // At a receiver's end there is no strain worth a number.
            if (s.volts().value() >= STRAIN) {
                strain(s, y + 16);
            }
            y += LINES;
        }
        Optional<WoundTransformer> ring = wound();
        ring.ifPresent(w -> new WindingDrawing(w, pen, pen.width() - 78, LIST + RING, RING).draw());
        wrapped(
                ring.map(WoundTransformer::words)
                        .or(() -> option.plan().map(MatchWay.Plan::note))
                        .orElse(""),
                ring.isPresent() ? Math.max(y, LIST + 104) : y);
    }
}
