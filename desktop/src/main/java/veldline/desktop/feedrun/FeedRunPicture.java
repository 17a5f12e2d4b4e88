package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.List;
import veldline.assess.FeedFigures;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.feed.Connector;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.Joint;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The chain, the chosen joint taken apart, and the power that is left along the way. */
final class FeedRunPicture {
    /** With more parts than this a box is narrower than its name. */
    private static final int MANY = 5;

    private final Showing s;
    private final FeedRun run;
    private final FeedFigures figures;
    private final double frequency;
    private final boolean near;
    private final int joint;
    private final Pen pen;

    FeedRunPicture(Showing s, double width, double height) {
        this.s = s;
        this.run = FeedRunBench.run(s);
        this.figures = FeedRunBench.figures(s);
        this.frequency = s.job().brief().frequency().value();
        this.near = FeedRunBench.near(s);
        this.joint = FeedRunBench.joint(s);
        this.pen = Picture.pen(width, height);
    }

    Picture draw() {
        String end = near
                ? s.job().brief().near().shortName()
                : s.job().brief().far().shortName();
        long wrong = figures.joints().stream().filter(j -> !j.joins(frequency)).count();
        pen.text(end + " end, radio to antenna", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.text(
                figures.joints().size() + " joints: " + wrong + " wrong, "
                        + (figures.joints().size() - wrong) + " right; left and right walk them",
                224,
                22,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        double at = chain();
        opened(at);
        taper();
        return pen.done();
    }

    /** Returns where the chosen joint stands. */
    private double chain() {
        List<String> names = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        names.add(
                near
                        ? s.job().brief().near().radio().name()
                        : s.job().brief().far().radio().name());
        notes.add(run.radio().tradeName());
        for (FeedPart p : run.parts()) {
            names.add(p.kind().words()
                    + (run.parts().size() > MANY
                            ? ""
                            : p.length().map(l -> " " + l).orElse("")));
            notes.add(p.radioSide().family().words() + " to "
                    + p.antennaSide().family().words());
        }
        names.add((near ? s.job().brief().near() : s.job().brief().far()).shortName() + " antenna");
        notes.add(run.antenna().tradeName());
        int boxes = names.size();
        double gap = 66;
        double w = Math.min(150, (pen.width() - 36 - gap * (boxes - 1)) / boxes);
        double step = (pen.width() - 36 - w) / (boxes - 1);
        double chosenAt = 0;
        for (int i = 0; i < boxes; i++) {
            double x = 18 + i * step;
            if (i + 1 < boxes) {
                Finding.Level level = figures.joints().get(i).level(frequency);
                double from = x + w;
                double mid = from + (step - w) / 2;
                if (i == joint) {
                    Role edge = level == Finding.Level.STOP ? Role.THRIFT : Role.MUSSEL;
                    pen.box(
                            from + 4,
                            36,
                            step - w - 8,
                            56,
                            level == Finding.Level.STOP ? Role.THRIFT_WASH : Role.MUSSEL_WASH);
                    pen.outline(from + 4, 36, step - w - 8, 56, edge, 2);
                    chosenAt = mid;
                }
                boolean stop = level == Finding.Level.STOP;
                pen.line(from, 64, stop ? mid - 11 : x + step, 64, Role.INK, 4);
                if (stop) {
                    pen.line(mid + 11, 64, x + step, 64, Role.INK, 4);
                }
                pen.sign(level, mid, stop ? 64 : 50);
                pen.text(
                        "joint " + (i + 1),
                        mid,
                        84,
                        Anchor.MIDDLE,
                        12,
                        i == joint ? Face.BOLD : Face.TEXT,
                        Role.INK,
                        Origin.Plain.NAME);
                pen.zone(
                        "joint:" + i,
                        from + 2,
                        34,
                        step - w - 4,
                        60,
                        "joint " + (i + 1) + ", " + level.name().toLowerCase(java.util.Locale.ROOT));
            }
            boolean part = i == FeedRunBench.part(s) + 1 && s.stop().contains("-part-");
            pen.box(x, 40, w, 48, Role.PAPER);
            pen.outline(x, 40, w, 48, part ? Role.MUSSEL : Role.EDGE, part ? 2.5 : 1.5);
            if (run.parts().size() > MANY) {
                boolean first = i == 0;
                boolean last = i == boxes - 1;
                pen.text(
                        last ? "Antenna" : names.get(i),
                        first ? x : last ? x + w : x + w / 2,
                        36,
                        first ? Anchor.START : last ? Anchor.END : Anchor.MIDDLE,
                        12,
                        Face.BOLD,
                        Role.INK,
                        Origin.Plain.TYPED);
            } else {
                pen.text(names.get(i), x + w / 2, 60, Anchor.MIDDLE, 13, Face.BOLD, Role.INK, Origin.Plain.TYPED);
                pen.text(notes.get(i), x + w / 2, 77, Anchor.MIDDLE, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
            }
            if (i > 0 && i < boxes - 1) {
                pen.zone("part:" + (i - 1), x, 40, w, 48, names.get(i));
            }
        }
        return chosenAt;
    }

    /** The chosen joint: two faces end-on, cut open between them, and every fact with its own mark. */
    private void opened(double at) {
        Joint j = figures.joints().get(joint);
        boolean holds = j.joins(frequency);
        Role edge = holds ? Role.EDGE : Role.THRIFT;
        double top = 112;
        double bottom = Math.min(pen.height() - 130, 368);
        double right = pen.width() - 18;
        pen.line(at - 24, 92, 18, top, edge, 1.2);
        pen.line(at + 24, 92, right, top, edge, 1.2);
        pen.outline(18, top, right - 18, bottom - top, edge, 1.5);
        String leftName = joint == 0
                ? (near ? s.job().brief().near() : s.job().brief().far())
                        .radio()
                        .name()
                : partName(joint - 1);
        String rightName = joint == run.parts().size() ? "Antenna" : partName(joint);
        pen.text(leftName, 34, top + 22, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.text(
                "sold as “" + j.radioSide().tradeName() + "”",
                34,
                top + 38,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        pen.text(rightName, right - 16, top + 22, Anchor.END, 13, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.text(
                "sold as “" + j.antennaSide().tradeName() + "”",
                right - 16,
                top + 38,
                Anchor.END,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        double faceY = top + 98;
        JointDrawing.face(pen, j.radioSide(), 98, faceY, holds);
        JointDrawing.face(pen, j.antennaSide(), right - 82, faceY, holds);
        double mid = (18 + right) / 2;
        pen.text(
                holds ? "Cut open, about to meet" : "Cut open, cannot meet",
                mid,
                top + 22,
                Anchor.MIDDLE,
                13,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        JointDrawing.cut(pen, j, mid, top + 76, holds);
        words(j.radioSide(), 34, top + 168, Anchor.START);
        words(j.antennaSide(), right - 16, top + 168, Anchor.END);
        double y = top + 128;
        double boxW = Math.min(350, right - 360);
        double row = (bottom - y - 4) / 5;
        for (Joint.Fact f : j.facts(frequency)) {
            boolean stop = f.level() == Finding.Level.STOP;
            pen.box(mid - boxW / 2, y, boxW, row - 3, stop ? Role.THRIFT_WASH : Role.PAPER);
            pen.outline(mid - boxW / 2, y, boxW, row - 3, stop ? Role.THRIFT : Role.SAND, stop ? 2 : 1);
            pen.sign(f.level(), mid - boxW / 2 + 14, y + row / 2 - 2);
            pen.text(
                    f.name(),
                    mid - boxW / 2 + 30,
                    y + row / 2 + 2.5,
                    Anchor.START,
                    12.5,
                    Face.BOLD,
                    Role.INK,
                    Origin.Plain.NAME);
            pen.text(
                    f.outcome(),
                    mid + boxW / 2 - 8,
                    y + row / 2 + 2.5,
                    Anchor.END,
                    12,
                    Face.TEXT,
                    Role.INK,
                    Origin.Plain.NAME);
            y += row;
        }
    }

    private String partName(int i) {
        FeedPart p = run.parts().get(i);
        return p.kind().words();
    }

    private void words(Connector c, double x, double y, Anchor anchor) {
        pen.text(
                c.thread().words() + " " + c.family().body(),
                x,
                y,
                anchor,
                12.5,
                Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        pen.text(c.contact().words(), x, y + 17, anchor, 12.5, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(c.family().coupling(), x, y + 34, anchor, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
    }

    /** Power along the chain at its joints, from the radio outwards, the greatest being 1. */
    private List<Double> shares() {
        List<Double> shares = new ArrayList<>(List.of(1.0));
        for (Worked loss : figures.losses()) {
            // A wave that comes in has more of it left further out.
            double by = Math.pow(10, (near ? -1 : 1) * loss.value() / 10);
            shares.add(shares.get(shares.size() - 1) * by);
        }
        double most = shares.stream().mapToDouble(x -> x).max().orElse(1);
        return shares.stream().map(x -> x / most).toList();
    }

    /** Power left along the chain: the band's height is milliwatts. */
    private void taper() {
        double top = Math.min(pen.height() - 96, 404);
        double height = Math.min(60, pen.height() - top - 26);
        pen.text("What the run costs", 18, top - 12, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(
                (figures.brokenAt().isPresent() ? "if every joint were right; " : "") + "band height is power left",
                168,
                top - 12,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        double dbm = near ? s.job().brief().near().radio().power().value() : 0;
        double mw = Math.pow(10, dbm / 10);
        double left = 18;
        double right = pen.width() - 18;
        double w = (right - left) / Math.max(1, run.parts().size());
        List<At> over = new ArrayList<>();
        List<At> under = new ArrayList<>();
        List<Double> shares = shares();
        for (int i = 0; i < shares.size(); i++) {
            double x = left + i * w;
            over.add(new At(x, top + height / 2 * (1 - shares.get(i))));
            under.add(0, new At(x, top + height - height / 2 * (1 - shares.get(i))));
        }
        double share = shares.get(shares.size() - 1);
        pen.hatched(left, top, right - left, height, Role.THRIFT, Hatch.DIAGONAL);
        List<At> band = new ArrayList<>(over);
        band.addAll(under);
        pen.area(band, Role.MUSSEL_WASH, Hatch.NONE);
        pen.add(new veldline.picture.Mark.Stroke(
                band,
                true,
                Role.MUSSEL,
                2,
                figures.brokenAt().isPresent() ? veldline.picture.Mark.Dash.DASHED : veldline.picture.Mark.Dash.SOLID));
        for (int i = 0; i < run.parts().size(); i++) {
            Worked loss = figures.losses().get(i);
            double x = left + (i + 0.5) * w;
            if (shares.get(i) < 0.6 || shares.get(i + 1) < 0.6) {
                // The band's edges would run through the words.
                pen.box(x - 36, top + height / 2 - 16, 72, 34, Role.SHEET);
            }
            pen.text(partName(i), x, top + height / 2 - 3, Anchor.MIDDLE, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
            pen.text(
                    NumberText.signed(-loss.value(), loss.decimals()) + " dB",
                    x,
                    top + height / 2 + 14,
                    Anchor.MIDDLE,
                    12.5,
                    Face.MONO,
                    Role.INK,
                    Origin.of(loss));
        }
        Worked total = figures.total();
        if (near) {
            pen.text(
                    NumberText.shown(mw, 1) + " mW",
                    left + 10,
                    top + height / 2 + 5,
                    Anchor.START,
                    13,
                    Face.MONO_BOLD,
                    Role.INK,
                    Origin.Plain.TYPED);
            pen.text(
                    NumberText.shown(mw * share, 1) + " mW",
                    right - 10,
                    top + height / 2 + 5,
                    Anchor.END,
                    13,
                    Face.MONO_BOLD,
                    Role.INK,
                    Origin.of(total));
        }
        boolean amplified = run.parts().stream().anyMatch(p -> p.amplifier().isPresent());
        pen.text(
                amplified
                        ? "In all it " + (total.value() < 0 ? "adds " : "takes ")
                                + NumberText.shown(Math.abs(total.value()), 1)
                                + " dB; an amplifier lifts noise as well."
                        : "Hatched: " + NumberText.shown(100 * (1 - Math.min(share, shares.get(0))), 0)
                                + " of every 100 parts turn to heat.",
                left,
                top + height + 18,
                Anchor.START,
                12.5,
                Face.TEXT,
                Role.SLATE,
                Origin.of(total));
    }
}
