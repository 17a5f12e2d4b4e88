package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.List;
import veldline.assess.PathFigures;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.path.PathEffects;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** What the way takes, each thing a row of its own with what it is good to, and their sum. */
final class WaySum {
    private static final double LEFT = 210;
    private static final double LEAST_ROW = 20;
    private static final double MOST_ROW = 30;

    private WaySum() {}

    static void draw(Pen pen, PathFigures path, double top) {
        pen.text("What the way takes", 18, top + 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("decibels add; hatched is what each may be off", 178, top + 22, Anchor.START, Face.TEXT, Role.SLATE);
        List<PathEffects.Line> rows = rows(path);
        double room = pen.height() - top - 70;
        double row = Math.max(LEAST_ROW, Math.min(MOST_ROW, room / (rows.size() + 1)));
        double longest =
                rows.stream().mapToDouble(l -> Math.abs(l.takenDb())).max().orElse(1);
        Axis db = new Axis(0, Math.max(10, longest), LEFT, pen.width() - 150);
        double y = top + 44;
        for (PathEffects.Line l : rows) {
            bar(pen, db, l, y);
            y += row;
        }
        pen.line(18, y - 2, pen.width() - 18, y - 2, Role.INK, 2);
        Worked sum = path.typical();
        pen.text("All of it", 18, y + 18, Anchor.START, 13.5, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(sum.shown(), pen.width() - 70, y + 18, Anchor.END, 15, Face.MONO_BOLD, Role.INK, Origin.of(sum));
        doubt(pen, sum, y + 18);
        String why = path.over().counts().words();
        pen.words(
                Character.toUpperCase(why.charAt(0)) + why.substring(1) + ".",
                18,
                y + 40,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
    }

    /** As they are met; a row that takes nothing is left out but for the distance. */
    private static List<PathEffects.Line> rows(PathFigures path) {
        List<PathEffects.Line> rows = new ArrayList<>();
        for (PathEffects.Line l : path.lines()) {
            if (rows.isEmpty() || Math.abs(l.takenDb()) >= 0.05) {
                rows.add(l);
            }
        }
        return rows;
    }

    private static void bar(Pen pen, Axis db, PathEffects.Line l, double y) {
        Worked w = l.worked();
        double end = db.at(Math.abs(l.takenDb()));
        boolean takes = l.takenDb() >= 0;
        pen.text(shortened(w.formula().name()), 18, y + 12, Anchor.START, 13, Face.TEXT, Role.INK, Origin.Plain.NAME);
        pen.text(takes ? "takes" : "gives", LEFT - 8, y + 12, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.box(db.start(), y + 3, Math.max(1, end - db.start()), 9, takes ? Role.MUSSEL : Role.LICHEN);
        w.doubt().ifPresent(d -> {
            double from = db.clamped(Math.abs(l.takenDb()) - d);
            double to = db.clamped(Math.abs(l.takenDb()) + d);
            pen.hatched(from, y + 1, to - from, 13, Role.EDGE, Hatch.UPRIGHT);
        });
        pen.text(
                NumberText.shown(Math.abs(l.takenDb()), 1) + " dB",
                pen.width() - 70,
                y + 13,
                Anchor.END,
                13.5,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(w));
        doubt(pen, w, y + 13);
    }

    /** A name longer than its column is cut. */
    private static String shortened(String name) {
        return name.length() <= MOST_NAME ? name : name.substring(0, MOST_NAME - 1) + "…";
    }

    private static final int MOST_NAME = 21;

    private static void doubt(Pen pen, Worked w, double y) {
        w.doubt()
                .filter(d -> d >= 0.05)
                .ifPresent(d -> pen.text(
                        "±" + NumberText.shown(d, 1),
                        pen.width() - 22,
                        y,
                        Anchor.END,
                        12,
                        Face.MONO,
                        Role.SLATE,
                        Origin.of(w)));
    }
}
