package veldline.desktop.theline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.explain.Origin;
import veldline.link.LevelLine;
import veldline.link.LevelLine.Kind;
import veldline.link.LevelLine.Stop;
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
 * The whole link as one stroke whose height is the level in dBm. A step is a part, a slope is a distance; the path is
 * folded, and what is folded away is printed.
 */
public final class LinePicture {
    private final LevelLine line;
    private final Optional<LevelLine> former;
    private final Optional<LevelLine> wouldBe;
    private final Optional<Double> measured;
    private final String chosen;
    private final double width;
    private final LineColumns columns;
    private final LineScale scale;
    private final Pen pen;

    private LinePicture(
            LevelLine line,
            Optional<LevelLine> former,
            Optional<LevelLine> wouldBe,
            Optional<Double> measured,
            String chosen,
            double width,
            double height) {
        this.line = line;
        this.former = former;
        this.wouldBe = wouldBe;
        this.measured = measured;
        this.chosen = chosen;
        this.width = width;
        this.columns = new LineColumns(line, width);
        this.scale = LineScale.of(line, height);
        this.pen = Picture.pen(width, height);
    }

    /**
     * @param former the line as it was before the last edit, drawn thin beneath
     * @param wouldBe the line as an offer would make it, dashed
     * @param measured median level read at the far radio, drawn as a diamond
     * @param chosen id of the chosen stop
     */
    public static Picture of(
            LevelLine line,
            Optional<LevelLine> former,
            Optional<LevelLine> wouldBe,
            Optional<Double> measured,
            String chosen,
            double width,
            double height) {
        return new LinePicture(
                        LineMerge.of(line, chosen),
                        former.map(f -> LineMerge.of(f, chosen)),
                        wouldBe.map(f -> LineMerge.of(f, chosen)),
                        measured,
                        chosen,
                        width,
                        height)
                .draw();
    }

    private double column(int i) {
        return columns.from(i);
    }

    private double columnWidth(int i) {
        return columns.width(i);
    }

    private double middle(int i) {
        return columns.middle(i);
    }

    private boolean near(int i) {
        return i < line.path();
    }

    private Picture draw() {
        tint();
        axis();
        new LineLimits(line, columns, scale, pen, measured).draw();
        former.filter(f -> f.stops().size() == line.stops().size() && f.path() == line.path() && f.answered())
                .ifPresent(f -> pen.path(points(f, 0, f.stops().size() - 1), Role.EDGE, 1.2, Dash.SOLID));
        worst();
        wouldBe.filter(f -> f.stops().size() == line.stops().size() && f.path() == line.path() && f.answered())
                .ifPresent(f -> pen.path(points(f, 0, f.stops().size() - 1), Role.MUSSEL, 2, Dash.DASHED));
        stroke();
        LineLabels labels = new LineLabels(line, columns, scale, pen, this::slopeAt);
        for (int i = 0; i < line.stops().size(); i++) {
            labels.draw(i);
        }
        bracket();
        measured.ifPresent(this::diamond);
        zones();
        return pen.done();
    }

    private void tint() {
        line.indexOf(chosen).ifPresent(i -> {
            double x = column(i) + (i == line.path() ? columnWidth(i) * 0.2 : 3);
            double w = i == line.path() ? columnWidth(i) * 0.6 : columnWidth(i) - 6;
            pen.box(x, 2, w, pen.height() - 2, Role.MUSSEL_WASH);
            pen.line(x, 2, x, pen.height(), Role.MUSSEL, 1.5);
            pen.line(x + w, 2, x + w, pen.height(), Role.MUSSEL, 1.5);
        });
    }

    private void axis() {
        if (line.path() == 0) {
            return;
        }
        double top = scale.nearTicks();
        for (double level : new double[] {top, top - 10}) {
            double y = scale.nearY(level);
            pen.tick(NumberText.shown(level, 0), 26, y + 4, Anchor.END);
            pen.line(29, y, 38, y, Role.EDGE, 1);
        }
        pen.line(34, scale.nearY(top) - 6, 34, scale.nearY(top - 10) + 18, Role.EDGE, 1);
        pen.text("dBm", 8, scale.nearY(top - 10) + 32, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
    }

    /** Corner points of the stroke over a range of stops. */
    private List<At> points(LevelLine of, int from, int to) {
        List<At> points = new ArrayList<>();
        for (int i = from; i <= to; i++) {
            Stop s = of.stops().get(i);
            double m = middle(i);
            double w = columnWidth(i) * 0.44;
            double before = near(i) ? scale.nearY(s.before()) : scale.farY(s.before());
            double after = near(i)
                    ? scale.nearY(s.level().value())
                    : scale.farY(s.level().value());
            if (s.kind() == Kind.PATH) {
                continue;
            }
            if (s.kind() == Kind.RADIO || s.kind() == Kind.FIELD) {
                points.add(new At(m - w, after));
                points.add(new At(m + w, after));
            } else if (s.kind() == Kind.CABLE) {
                points.add(new At(m - w, before));
                points.add(new At(m + w, after));
            } else if (s.kind() == Kind.RECEIVER) {
                points.add(new At(m - w, after));
                points.add(new At(m + w, after));
            } else {
                points.add(new At(m - w, before));
                points.add(new At(m, before));
                points.add(new At(m, after));
                points.add(new At(m + w * (s.kind() == Kind.ANTENNA && near(i) ? 0.5 : 1), after));
            }
        }
        return points;
    }

    private void worst() {
        if (line.worstBelow() < 0.05 || !line.answered()) {
            return;
        }
        List<At> top = points(line, line.path() + 1, line.stops().size() - 1);
        double drop = line.worstBelow() * scale.perDb();
        List<At> band = new ArrayList<>(top);
        for (int i = top.size() - 1; i >= 0; i--) {
            band.add(new At(top.get(i).x(), Math.min(top.get(i).y() + drop, pen.height() - 2)));
        }
        pen.area(band, Role.MUSSEL, Hatch.UPRIGHT);
    }

    private void stroke() {
        int last = line.stops().size() - 1;
        int broken = line.brokenAt().orElse(Integer.MAX_VALUE);
        if (line.unknownFrom().isPresent() && line.unknownFrom().get() <= broken) {
            undecided(line.unknownFrom().get(), last);
            return;
        }
        if (line.path() == 0) {
            fromField(broken, last);
            return;
        }
        if (broken > last) {
            near(0, line.nearAntenna(), false);
            fold(false);
            far(line.path() + 1, last, false);
            return;
        }
        double post = middle(broken);
        if (broken < line.path()) {
            near(0, broken - 1, false);
            near(broken, line.nearAntenna(), true);
            fold(true);
            far(line.path() + 1, last, true);
        } else {
            near(0, line.nearAntenna(), false);
            fold(false);
            far(line.path() + 1, broken - 1, false);
            far(broken, last, true);
        }
        Stop s = line.stops().get(broken);
        double y = near(broken) ? scale.nearY(s.before()) : scale.farY(s.before());
        post(post, y);
    }

    /** Solid as far as it is known; behind that thin dashes and rings, since no level there means anything. */
    private void undecided(int from, int last) {
        boolean onNear = from < line.path();
        near(0, Math.min(from, line.path()) - 1, false);
        if (onNear) {
            near(from, line.nearAntenna(), true);
        }
        if (line.path() > 0) {
            fold(true);
        }
        far(line.path() + (line.path() == 0 ? 0 : 1), onNear ? line.path() : from - 1, false);
        far(onNear ? line.path() + 1 : from, last, true);
    }

    /** A line that begins at a field: an open ring instead of a radio. */
    private void fromField(int broken, int last) {
        far(0, Math.min(broken, last + 1) - 1, false);
        double y = scale.farY(line.stops().get(0).level().value());
        pen.dot(middle(0) - columnWidth(0) * 0.44, y, 7, Role.PAPER, Role.MUSSEL, 2.5);
        if (broken <= last) {
            far(broken, last, true);
            post(middle(broken), scale.farY(line.stops().get(broken).before()));
        }
    }

    private void post(double x, double y) {
        pen.line(x - 5, y - 15, x - 5, y + 15, Role.THRIFT, 3);
        pen.line(x + 5, y - 15, x + 5, y + 15, Role.THRIFT, 3);
    }

    private void near(int from, int to, boolean wouldBe) {
        run(points(line, from, to), wouldBe);
    }

    private void far(int from, int to, boolean wouldBe) {
        run(points(line, from, to), wouldBe);
    }

    private void run(List<At> points, boolean wouldBe) {
        if (points.size() > 1) {
            pen.path(points, wouldBe ? Role.SLATE : Role.MUSSEL, wouldBe ? 1.5 : 4, wouldBe ? Dash.DASHED : Dash.SOLID);
        }
    }

    /** The path as one slope with a torn mark, and how much of the drop is not drawn. */
    private void fold(boolean wouldBe) {
        int p = line.path();
        List<At> before = points(line, p - 1, p - 1);
        List<At> after = points(line, p + 1, p + 1);
        At from = before.get(before.size() - 1);
        At to = after.get(0);
        double tx = (from.x() + to.x()) / 2;
        double ty = (from.y() + to.y()) / 2;
        double slope = (to.y() - from.y()) / (to.x() - from.x());
        run(List.of(from, new At(tx - 9, ty - 9 * slope)), wouldBe);
        run(List.of(new At(tx + 9, ty + 9 * slope), to), wouldBe);
        for (double dx : new double[] {-9, 7}) {
            pen.path(
                    List.of(
                            new At(tx + dx + 8, ty - 14),
                            new At(tx + dx, ty - 2),
                            new At(tx + dx + 4, ty + 1),
                            new At(tx + dx - 5, ty + 13)),
                    Role.INK,
                    1.5,
                    Dash.SOLID);
        }
        if (line.unknownFrom().isPresent()) {
            return;
        }
        Stop path = line.stops().get(p);
        double drop = path.step().value();
        double drawn = (to.y() - from.y()) / scale.perDb();
        pen.text(
                NumberText.shown(drop - drawn, 0) + " dB folded away",
                low() ? column(p) + 12 : tx - 74,
                low() ? pen.height() - 8 : Math.min(pen.height() - 8, ty + 48),
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.of(path.step()));
    }

    private boolean low() {
        return LineScale.low(pen.height());
    }

    /** Height of the way's slope at a place across. */
    private double slopeAt(double x) {
        List<At> before = points(line, line.path() - 1, line.path() - 1);
        List<At> after = points(line, line.path() + 1, line.path() + 1);
        At from = before.get(before.size() - 1);
        At to = after.get(0);
        return from.y() + (to.y() - from.y()) * (x - from.x()) / (to.x() - from.x());
    }

    /** The margin itself, from the floor to the level at the far radio; none across a break. */
    private void bracket() {
        if (!line.answered()) {
            return;
        }
        double x = width - LineColumns.PANEL - 16;
        double level =
                scale.farY(line.stops().get(line.stops().size() - 1).level().value());
        double floor = scale.farY(line.floor());
        pen.line(x, level, x, floor, Role.INK, 2);
        pen.line(x - 6, level, x + 6, level, Role.INK, 2);
        pen.line(x - 6, floor, x + 6, floor, Role.INK, 2);
    }

    /** A real reading: a diamond on the line, its number doubly underlined. */
    private void diamond(double level) {
        double x = middle(line.stops().size() - 1) + 14;
        double y = scale.farY(level);
        List<At> corners = List.of(new At(x, y - 8), new At(x + 8, y), new At(x, y + 8), new At(x - 8, y));
        pen.area(corners, Role.PAPER, Hatch.NONE);
        pen.add(new veldline.picture.Mark.Stroke(corners, true, Role.INK, 2, Dash.SOLID));
        String text = NumberText.shown(level, 1);
        pen.text("measured", x - 62, y + 26, Anchor.END, 12, Face.TEXT, Role.INK, Origin.Plain.NAME);
        pen.text(text, x - 8, y + 26, Anchor.END, 15, Face.MONO_BOLD, Role.INK, Origin.Plain.MEASURED);
        pen.line(x - 56, y + 30, x - 8, y + 30, Role.INK, 1);
        pen.line(x - 56, y + 33, x - 8, y + 33, Role.INK, 1);
    }

    private void zones() {
        for (int i = 0; i < line.stops().size(); i++) {
            Stop s = line.stops().get(i);
            pen.zone(
                    "stop:" + s.id(),
                    column(i) + 2,
                    2,
                    columnWidth(i) - 4,
                    pen.height() - 4,
                    line.unknownFrom().isPresent() && i >= line.unknownFrom().get()
                            ? s.name() + ", level not known"
                            : s.name() + ", " + s.verb() + " " + s.step().shown() + ", level "
                                    + s.level().shown() + (s.tag().isEmpty() ? "" : ", " + s.tag()));
        }
    }
}
