package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.feed.Connector;
import veldline.feed.FeedPart;
import veldline.feed.Shopping;
import veldline.line.CableLoss;
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
 * A row of trays: each part the runs need with a place for every piece, filled where one is there, and open where one is to be bought;
 * pieces are drawn in and out. Below, what a cable takes over frequency beside the others of the drawer.
 */
final class DrawerPicture {
    private static final double LEFT = 18;
    private static final double TRAYS = 330;
    private static final double PIECE = 22;
    private static final double TOP = 44;
    private static final double ROW = 38;
    private static final double CURVE = 190;
    private static final double MOST_CURVE = 300;
    /** A connector seen end-on, of its full size. */
    private static final double FACE = 0.22;

    private static final int LETTERS = 34;
    private static final int PLACES = 12;
    private static final double LOWEST = 10e6;

    private final Showing s;
    private final Pen pen;

    DrawerPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
    }

    static int countAt(double x) {
        return (int) Math.max(0, Math.min(PLACES, Math.round((x - TRAYS) / PIECE)));
    }

    Picture draw() {
        List<Shopping.Line> lines = DrawerLook.lines(s);
        pen.text(
                "What the runs need, and what is there",
                LEFT,
                22,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        pen.words("draw pieces in or out; Enter puts one in", TRAYS + 40, 22, Anchor.START, Face.TEXT, Role.SLATE);
        double bottom =
                Math.max(pen.height() - MOST_CURVE, Math.min(pen.height() - CURVE, TOP + lines.size() * ROW + 40));
        int most = (int) Math.max(1, (bottom - TOP - 30) / ROW);
        for (int i = 0; i < Math.min(most, lines.size()); i++) {
            tray(lines.get(i), TOP + i * ROW);
        }
        double y = TOP + Math.min(most, lines.size()) * ROW + 16;
        if (lines.size() > most) {
            pen.text(
                    (lines.size() - most) + " more, in print",
                    LEFT,
                    y,
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.SLATE,
                    Origin.Plain.NAME);
        } else {
            loads(y);
        }
        figures(DrawerLook.chosen(s), bottom + 8);
        return pen.done();
    }

    private void tray(Shopping.Line line, double y) {
        boolean chosen = line.part().id().equals(DrawerLook.chosen(s).id());
        if (chosen) {
            pen.box(LEFT - 8, y, pen.width() - 2 * LEFT + 16, ROW - 4, Role.MUSSEL_WASH);
            pen.outline(LEFT - 8, y, pen.width() - 2 * LEFT + 16, ROW - 4, Role.MUSSEL, 2);
        }
        String name = line.part().name();
        JointDrawing.face(pen, line.part().radioSide(), LEFT + 8, y + ROW / 2 - 2, true, FACE);
        JointDrawing.face(pen, line.part().antennaSide(), LEFT + 36, y + ROW / 2 - 2, true, FACE);
        boolean cut = !line.lengths().isEmpty();
        if (cut) {
            pen.text(
                    Paragraph.lines(String.join(", ", line.lengths()), LETTERS).get(0),
                    LEFT + 60,
                    y + ROW - 9,
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.SLATE,
                    Origin.Plain.TYPED);
        }
        pen.text(
                name.length() > LETTERS ? name.substring(0, LETTERS - 1) + "…" : name,
                LEFT + 60,
                y + (cut ? 13 : ROW / 2 + 2),
                Anchor.START,
                12.5,
                chosen ? Face.BOLD : Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        int places = Math.min(PLACES, Math.max(line.needed(), line.held()));
        for (int i = 0; i < places; i++) {
            double x = TRAYS + i * PIECE;
            if (i < line.held()) {
                pen.box(x, y + 6, PIECE - 5, ROW - 16, i < line.needed() ? Role.MUSSEL : Role.SAND);
                pen.outline(x, y + 6, PIECE - 5, ROW - 16, Role.INK, 1.2);
            } else {
                pen.outline(x, y + 6, PIECE - 5, ROW - 16, Role.THRIFT, 1.8);
            }
        }
        pen.zone(
                "set:" + DrawerLook.PART + "=" + line.part().id(),
                LEFT - 8,
                y,
                TRAYS - LEFT - 8,
                ROW - 4,
                name + ", " + line.needed() + " needed, " + line.held() + " there");
        pen.zone("stock:" + line.part().id(), TRAYS - 14, y, PIECE * (PLACES + 1), ROW - 4, "pieces of " + name);
        pen.text(
                line.needed() == 0
                        ? line.held() + " there"
                        : line.toBuy() == 0 ? line.needed() + " needed, all there" : "buy " + line.toBuy(),
                pen.width() - LEFT - 4,
                y + ROW / 2 + 2,
                Anchor.END,
                13,
                line.toBuy() > 0 ? Face.BOLD : Face.TEXT,
                Role.INK,
                Origin.Plain.TYPED);
    }

    private void loads(double y) {
        Map<Connector, Integer> loads = Shopping.loads(s.job().runs());
        List<String> words = new ArrayList<>();
        loads.forEach((c, n) -> words.add(n + " × load, " + c.ohms() + " Ω, " + c.tradeName()));
        if (!words.isEmpty()) {
            pen.text(
                    "And " + String.join(", ", words) + ".",
                    LEFT,
                    y,
                    Anchor.START,
                    12.5,
                    Face.TEXT,
                    Role.INK,
                    Origin.Plain.TYPED);
        }
    }

    private void figures(FeedPart part, double top) {
        double frequency = s.job().brief().frequency().value();
        double bottom = pen.height() - 26;
        boolean cable = part.cable().isPresent();
        Worked loss = cable ? part.cable().get().worked(100, frequency) : part.workedLoss(frequency);
        pen.text(
                cable ? "What 100 m of it take" : "What it takes",
                LEFT,
                top + 14,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        double high = Math.max(part.ceiling(), 1.2 * frequency);
        Axis x = new Axis(Math.log10(LOWEST), Math.log10(Math.max(high, 10 * LOWEST)), LEFT + 40, pen.width() - 120);
        double most = cable ? 1.15 * part.cable().get().lossDb(100, high) : Math.max(1, 1.6 * Math.abs(loss.value()));
        Axis y = new Axis(0, most, bottom, top + 26);
        for (double tick : y.ticks(6)) {
            pen.line(x.start(), y.at(tick), x.end(), y.at(tick), Role.SAND, 1);
            pen.tick(NumberText.shown(tick, most < 3 ? 1 : 0), x.start() - 6, y.at(tick) + 4, Anchor.END);
        }
        for (double f = LOWEST; f <= Math.pow(10, x.to()) * 1.0001; f *= 10) {
            pen.line(x.at(Math.log10(f)), bottom, x.at(Math.log10(f)), bottom + 4, Role.EDGE, 1);
            pen.tick(
                    f < 1e9 ? NumberText.shown(f / 1e6, 0) + " MHz" : NumberText.shown(f / 1e9, 0) + " GHz",
                    x.at(Math.log10(f)),
                    bottom + 18,
                    Anchor.MIDDLE);
        }
        if (part.ceiling() < Math.pow(10, x.to())) {
            double from = x.at(Math.log10(part.ceiling()));
            pen.hatched(from, top + 26, x.end() - from, bottom - top - 26, Role.THRIFT, Hatch.DIAGONAL);
        }
        if (cable) {
            s.job().drawer().parts().stream()
                    .filter(p -> p.cable().isPresent() && !p.id().equals(part.id()))
                    .map(p -> p.cable().get())
                    .distinct()
                    .forEach(c -> curve(c, x, y, Role.SAND, 1));
            curve(part.cable().get(), x, y, Role.MUSSEL, 2.5);
        } else {
            pen.line(
                    x.start(),
                    y.at(Math.max(0, loss.value())),
                    x.at(Math.log10(Math.min(high, part.ceiling()))),
                    y.at(Math.max(0, loss.value())),
                    Role.MUSSEL,
                    2.5);
        }
        double at = x.at(Math.log10(frequency));
        pen.line(at, top + 26, at, bottom, Role.EDGE, 1, Dash.DASHED);
        pen.dot(at, y.at(Math.max(0, loss.value())), 5, Role.MUSSEL, Role.INK, 2);
        pen.text(
                loss.shown(),
                pen.width() - LEFT - 4,
                y.at(Math.max(0, loss.value())) + 4,
                Anchor.END,
                14,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(loss));
    }

    private void curve(CableLoss cable, Axis x, Axis y, Role role, double width) {
        List<At> points = new ArrayList<>();
        for (int i = 0; i <= 60; i++) {
            double log = x.from() + (x.to() - x.from()) * i / 60;
            double db = cable.lossDb(100, Math.pow(10, log));
            if (db <= y.to()) {
                points.add(new At(x.at(log), y.at(db)));
            }
        }
        if (points.size() > 1) {
            pen.path(points, role, width, Dash.SOLID);
        }
    }
}
