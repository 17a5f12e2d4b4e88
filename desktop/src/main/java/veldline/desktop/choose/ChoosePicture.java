package veldline.desktop.choose;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Family.Silhouette.Bar;
import veldline.antenna.SizeCeiling;
import veldline.antenna.Yagi;
import veldline.assess.Assessment;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.link.Offer;
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
import veldline.study.Candidate;

/** The list of candidates on one axis of gain, and what length buys. */
final class ChoosePicture {
    private static final double ROW = 41;
    private static final double FIRST = 46;

    private final Showing s;
    private final List<Candidate> list;
    private final Pen pen;
    private final Axis gain;

    ChoosePicture(Showing s, double width, double height) {
        this.s = s;
        this.list = ChooseBench.candidates(s);
        this.pen = Picture.pen(width, height);
        this.gain = new Axis(0, 24, width * 0.55, width - 84);
    }

    Picture draw() {
        pen.text("Ways to do it, best first", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        if (gain.start() > 360) {
            pen.text("silhouettes at one scale", 206, 22, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        }
        if (list.isEmpty()) {
            pen.text("Candidates are being solved.", 18, 80, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
            return pen.done();
        }
        pen.text("gain, dBi", gain.start(), 22, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text("margin", pen.width() - 18, 22, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        int shown = Math.min(list.size(), MOST_ROWS);
        int from = firstRow(shown);
        double bottom = FIRST + ROW * shown;
        window(bottom);
        for (int i = from; i < from + shown; i++) {
            row(i, FIRST + (i - from) * ROW);
        }
        if (shown < list.size()) {
            pen.words(
                    (from + 1) + " to " + (from + shown) + " of " + list.size(),
                    pen.width() - 96,
                    22,
                    Anchor.END,
                    Face.TEXT,
                    Role.SLATE);
        }
        s.job().offer().ifPresent(o -> advert(o, bottom));
        lengths(bottom + (s.job().offer().isPresent() ? ROW + 8 : 0) + 22);
        return pen.done();
    }

    private static final int MOST_ROWS = 6;

    /** As many rows as there is room for, with the picked one among them. */
    private int firstRow(int shown) {
        int picked = s.pickedIndex(Step.CHOOSE, 0, list.size());
        return Math.max(0, Math.min(list.size() - shown, picked - shown + 2));
    }

    /** The allowed window of gain, through all rows. */
    private void window(double bottom) {
        Assessment a = s.assessment();
        double low = gain.clamped(a.needed().value());
        pen.hatched(gain.start(), FIRST, low - gain.start(), bottom - FIRST, Role.THRIFT, Hatch.DIAGONAL);
        pen.line(low, FIRST - 8, low, bottom, Role.THRIFT, 2);
        pen.text(a.needed().number(), low - 2, FIRST - 12, Anchor.END, 12, Face.MONO, Role.INK, Origin.of(a.needed()));
        a.allowed().ifPresent(most -> {
            double high = gain.clamped(most.value());
            pen.hatched(high, FIRST, gain.end() - high, bottom - FIRST, Role.THRIFT, Hatch.DIAGONAL);
            pen.line(high, FIRST - 8, high, bottom, Role.THRIFT, 2);
            pen.text(most.number(), high + 2, FIRST - 12, Anchor.START, 12, Face.MONO, Role.INK, Origin.of(most));
        });
    }

    private void row(int i, double y) {
        Candidate c = list.get(i);
        boolean picked = s.pickedIndex(Step.CHOOSE, 0, list.size()) == i;
        if (picked) {
            pen.box(10, y, gain.start() - 20, ROW - 2, Role.MUSSEL_WASH);
            pen.outline(10, y, pen.width() - 20, ROW - 2, Role.MUSSEL, 2);
        } else {
            pen.line(18, y + ROW - 1, gain.start() - 10, y + ROW - 1, Role.SAND, 1);
        }
        double middle = y + ROW / 2;
        pen.text(
                Integer.toString(i + 1),
                24,
                middle + 4,
                Anchor.MIDDLE,
                14,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.NAME);
        pen.sign(c.level(), 46, middle - 1);
        silhouette(c, 68, middle - 1);
        pen.text(c.shaped().title(), 182, middle - 3, Anchor.START, 13.5, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(
                (c.yagi().isPresent() || c.shaped().made().isPresent() ? "build · " : "")
                        + c.shaped().build(),
                182,
                middle + 13,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.of(c.gain()));
        double at = gain.clamped(c.effective().value());
        double doubt = c.gain().doubt().orElse(0.0);
        if (c.shaped().circular()) {
            pen.line(at, middle, gain.clamped(c.gain().value()), middle, Role.INK, 1.4, Dash.DOTTED);
            pen.line(
                    gain.clamped(c.gain().value()),
                    middle - 5,
                    gain.clamped(c.gain().value()),
                    middle + 5,
                    Role.INK,
                    1.4);
        }
        pen.line(
                gain.clamped(c.effective().value() - doubt),
                middle,
                gain.clamped(c.effective().value() + doubt),
                middle,
                Role.INK,
                1.6);
        pen.line(at, middle - 10, at, middle + 10, Role.INK, 3);
        pen.dot(at, middle, 4.5, picked ? Role.MUSSEL : Role.INK, Role.SHEET, 1.2);
        pen.text(
                c.margin().number(),
                pen.width() - 18,
                middle + 5,
                Anchor.END,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(c.margin()));
        pen.zone(
                "candidate:" + i,
                10,
                y,
                pen.width() - 20,
                ROW - 2,
                c.shaped().title() + ", gain " + c.gain().shown() + ", margin "
                        + c.margin().shown() + ", " + c.reason());
    }

    /** What is claimed, dotted back to the most that its size can give. */
    private void advert(Offer o, double y) {
        double middle = y + ROW / 2 + 6;
        Worked most = SizeCeiling.worked(
                o.length().value(), s.job().brief().frequency().value());
        pen.text("advert", 24, middle + 4, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text("‘" + o.name() + "’", 68, middle - 3, Anchor.START, 13.5, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.text(
                "at most " + most.number() + " for " + o.length(),
                68,
                middle + 13,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.of(most));
        double claim = gain.clamped(o.gain().value());
        double top = gain.clamped(most.value());
        pen.line(gain.start(), y + 6, gain.end(), y + 6, Role.SAND, 1);
        pen.line(Math.min(top, claim), middle, Math.max(top, claim), middle, Role.INK, 1.5, Dash.DOTTED);
        pen.line(top, middle - 9, top, middle + 9, Role.INK, 2);
        pen.line(top - 7, middle - 9, top, middle - 9, Role.INK, 2);
        pen.line(top - 7, middle + 9, top, middle + 9, Role.INK, 2);
        List<At> diamond = List.of(
                new At(claim, middle - 8),
                new At(claim + 8, middle),
                new At(claim, middle + 8),
                new At(claim - 8, middle));
        pen.area(diamond, Role.SHEET, Hatch.NONE);
        pen.add(new veldline.picture.Mark.Stroke(diamond, true, Role.INK, 2, Dash.SOLID));
        pen.text(
                "‘" + NumberText.shown(o.gain().value(), 1) + "’",
                pen.width() - 18,
                middle + 5,
                Anchor.END,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        pen.zone(
                "advert", gain.start(), y + 8, gain.end() - gain.start(), ROW - 4, "claimed gain, drag along the axis");
    }

    /** The gain under a place in the picture, dBi. */
    double gainAt(double x) {
        return gain.value(x);
    }

    private void silhouette(Candidate c, double x, double y) {
        double longest =
                list.stream().mapToDouble(k -> k.shaped().length()).max().orElse(1);
        double scale = 100 / Math.max(longest, 0.05);
        for (Bar b : c.shaped().silhouette().bars()) {
            pen.line(
                    x + b.x1() * scale,
                    y + tall(b.y1() * scale),
                    x + b.x2() * scale,
                    y + tall(b.y2() * scale),
                    Role.INK,
                    b.y1() == b.y2() ? 1.2 : 2);
        }
    }

    /** What stands taller than its row is cut off there. */
    private static double tall(double y) {
        return Math.max(-17, Math.min(17, y));
    }

    /** Gain against length, and what the next step buys. */
    private void lengths(double top) {
        pen.line(18, top - 8, pen.width() - 18, top - 8, Role.SAND, 1);
        pen.text("What length buys", 18, top + 14, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text("Yagis of this list", 150, top + 14, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        List<Candidate> yagis = list.stream()
                .filter(c -> c.shaped().family() instanceof Yagi)
                .sorted(Comparator.comparingDouble(c -> c.shaped().length()))
                .toList();
        if (yagis.size() < 2) {
            return;
        }
        double most = yagis.get(yagis.size() - 1).shaped().length() * 1000 * 1.08;
        Axis x = new Axis(0, most, 60, pen.width() * 0.62);
        Axis y = new Axis(
                Math.floor(yagis.get(0).gain().value()) - 1,
                        Math.ceil(yagis.get(yagis.size() - 1).gain().value()) + 0.5,
                pen.height() - 34, top + 30);
        for (double g = Math.ceil(y.from()); g <= y.to(); g += 2) {
            pen.line(x.start(), y.at(g), x.end(), y.at(g), Role.SAND, 1);
            pen.tick(NumberText.shown(g, 0), x.start() - 8, y.at(g) + 4, Anchor.END);
        }
        for (double mm : x.ticks((int) ((x.end() - x.start()) / 48))) {
            pen.tick(NumberText.shown(mm, 0), x.at(mm), y.start() + 16, Anchor.MIDDLE);
        }
        pen.text("mm", x.end() + 6, y.start() + 16, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        Assessment a = s.assessment();
        for (Optional<Worked> limit : List.of(Optional.of(a.needed()), a.allowed())) {
            limit.filter(w -> w.value() > y.from() && w.value() < y.to())
                    .ifPresent(w -> pen.line(x.start(), y.at(w.value()), x.end(), y.at(w.value()), Role.THRIFT, 2));
        }
        pen.path(
                yagis.stream()
                        .map(c -> new At(
                                x.at(c.shaped().length() * 1000), y.at(c.gain().value())))
                        .toList(),
                Role.MUSSEL,
                3,
                Dash.SOLID);
        double bx = pen.width() * 0.70;
        double by = top + 14;
        pen.text("Each 100 mm more buys", bx, by, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.SCALE);
        for (int i = 0; i < yagis.size(); i++) {
            Candidate c = yagis.get(i);
            pen.dot(x.at(c.shaped().length() * 1000), y.at(c.gain().value()), 5, Role.MUSSEL, Role.SHEET, 1.5);
            if (i > 0) {
                Candidate before = yagis.get(i - 1);
                Worked buys = Buys.worked(before, c);
                by += 26;
                pen.text(
                        NumberText.shown(before.shaped().length() * 1000, 0) + " to "
                                + NumberText.shown(c.shaped().length() * 1000, 0),
                        bx,
                        by,
                        Anchor.START,
                        12,
                        Face.MONO,
                        Role.SLATE,
                        Origin.of(buys));
                double w = Math.max(2, Math.min(60, buys.value() * 24));
                pen.box(bx + 86, by - 11, w, 13, buys.value() >= 1 ? Role.MUSSEL : Role.MUSSEL_WASH);
                pen.outline(bx + 86, by - 11, w, 13, Role.MUSSEL, 1.2);
                pen.text(
                        "+" + buys.number(),
                        bx + 92 + w,
                        by,
                        Anchor.START,
                        12.5,
                        Face.MONO_BOLD,
                        Role.INK,
                        Origin.of(buys));
            }
        }
    }
}
