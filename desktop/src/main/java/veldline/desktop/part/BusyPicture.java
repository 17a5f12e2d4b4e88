package veldline.desktop.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/**
 * Work under way: up to a second the edge of the bench runs dashed; after that a staircase draws itself along a dashed
 * track, with how far it is, how long it may still take and the best so far.
 */
public final class BusyPicture {
    /** Height of the edge, and of the staircase. */
    public static final double EDGE = 4;

    public static final double STAIRS = 92;

    private static final double LONG_SECONDS = 1;
    private static final int STEPS = 8;
    private static final double LEFT = 18;

    private BusyPicture() {}

    /** How much room the work takes at the foot of the bench; nothing while there is none. */
    public static double height(Showing s) {
        return s.busy().map(b -> b.seconds() < LONG_SECONDS ? EDGE : STAIRS).orElse(s.late() ? EDGE : 0.0);
    }

    public static Picture of(Showing s, double width, double height) {
        Pen pen = Picture.pen(width, height);
        if (height < STAIRS) {
            return pen.line(0, height / 2, width, height / 2, Role.MUSSEL, 3, Dash.DASHED)
                    .done();
        }
        s.busy().ifPresent(b -> stairs(b, pen));
        return pen.done();
    }

    private static void stairs(Showing.Busy b, Pen pen) {
        double right = pen.width() - LEFT;
        pen.line(0, 0.5, pen.width(), 0.5, Role.SAND, 1);
        pen.text(
                "Busy: " + b.what().toLowerCase(Locale.ROOT),
                LEFT,
                22,
                Anchor.START,
                13,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        String keep = b.best().isEmpty() ? "stops it" : "keeps it";
        pen.words(keep, right, 22, Anchor.END, Face.TEXT, Role.INK);
        pen.outline(right - 92, 9, 32, 18, Role.EDGE, 1);
        pen.text("Esc", right - 76, 22, Anchor.MIDDLE, 12, Face.MONO, Role.INK, Origin.Plain.NAME);
        if (!b.best().isEmpty()) {
            pen.text(
                    "best so far " + b.best(), right - 104, 22, Anchor.END, 13, Face.TEXT, Role.INK, Origin.Plain.NAME);
        }
        // Where nobody knows how many there will be, it counts up and makes no share of it.
        double share = b.of() > 0 ? Math.min(1, (double) b.done() / b.of()) : 0;
        double at = LEFT + share * (right - LEFT);
        pen.path(track(LEFT, right, at, right), Role.SLATE, 1.5, Dash.DASHED);
        List<At> done = track(LEFT, right, LEFT, at);
        pen.path(done, Role.MUSSEL, 4, Dash.SOLID);
        At head = done.get(done.size() - 1);
        pen.dot(head.x(), head.y(), 5, Role.MUSSEL, Role.MUSSEL, 1);
        pen.text(
                progress(b),
                at > pen.width() / 2 ? at : Math.max(LEFT, at - 5),
                87,
                at > pen.width() / 2 ? Anchor.END : Anchor.START,
                12,
                Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
    }

    /** The staircase between two places along it. */
    private static List<At> track(double left, double right, double from, double to) {
        List<At> points = new ArrayList<>();
        double tread = (right - left) / STEPS;
        for (int i = 0; i < STEPS; i++) {
            double a = Math.max(from, left + i * tread);
            double b = Math.min(to, left + (i + 1) * tread);
            if (a <= b) {
                double y = 68 - 5.0 * i;
                points.add(new At(a, y));
                points.add(new At(b, y));
            }
        }
        return points;
    }

    static String progress(Showing.Busy b) {
        if (b.of() == 0) {
            return b.done() == 0 ? Math.round(b.seconds()) + " s so far" : grouped(b.done()) + " so far";
        }
        Optional<Double> left = b.left();
        return grouped(b.done()) + " of " + grouped(b.of())
                + left.map(s -> s < 1 ? ", nearly there" : ", about " + seconds(s) + " left")
                        .orElse("");
    }

    private static String seconds(double s) {
        return s < 90 ? Math.round(s) + " s" : Math.round(s / 60) + " min";
    }

    private static String grouped(int n) {
        return String.format(Locale.ROOT, "%,d", n);
    }
}
