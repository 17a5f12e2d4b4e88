package veldline.desktop.raise;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.FixingRules;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.raise.Fixings;

/** Each contact on the scale of the anodic index: how far its two metals lie apart, against what the air allows; walked from the antenna down. */
final class FixingPicture {
    private static final double TOP = 132;
    private static final double ROW = 78;

    private final Showing s;
    private final Fixings f;
    private final Pen pen;
    private final Axis x;

    FixingPicture(Showing s, double width, double height) {
        this.s = s;
        this.f = s.job().raise().fixings();
        this.pen = Picture.pen(width, height);
        this.x = new Axis(0.2, 1.5, 150, width - 40);
    }

    /** The contact whose metals lie farthest apart. */
    static int worst(Fixings f) {
        List<Fixings.Contact> all = f.contacts();
        return IntStream.range(0, all.size())
                .reduce((a, b) -> all.get(b).apart() > all.get(a).apart() ? b : a)
                .orElseThrow();
    }

    Picture draw() {
        List<Fixings.Contact> all = f.contacts();
        int chosen = s.pickedIndex(Step.RAISE, worst(f), all.size());
        Fixings.Contact c = all.get(chosen);
        Optional<Worked> apart = FixingRules.apart(c);
        boolean bad = c.apart() > f.air().limit();
        pen.sign(bad ? Finding.Level.WATCH : Finding.Level.FITS, 30, 36);
        apart.ifPresent(w -> pen.text(w.shown(), 50, 48, Anchor.START, 34, Face.MONO_BOLD, Role.INK, Origin.of(w)));
        pen.text(
                Paragraph.capital(c.where()) + ", " + f.air().words(),
                apart.isPresent() ? 190 : 50,
                48,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        pen.words(
                bad
                        ? "the " + c.goes().words() + " goes"
                        : apart.isPresent() ? "they bear each other" : "nothing conducts there",
                50,
                74,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        for (double tick : x.ticks(6)) {
            pen.line(x.at(tick), TOP - 12, x.at(tick), TOP + ROW * all.size() - 16, Role.SAND, 1);
            pen.tick(NumberText.shown(tick, 1), x.at(tick), TOP + ROW * all.size() + 4, Anchor.MIDDLE);
        }
        pen.words(
                "anodic index, V: the greater goes",
                x.end(),
                TOP + ROW * all.size() + 24,
                Anchor.END,
                Face.TEXT,
                Role.SLATE);
        for (int i = 0; i < all.size(); i++) {
            contact(all.get(i), i, i == chosen);
        }
        return pen.done();
    }

    private void contact(Fixings.Contact c, int i, boolean on) {
        double y = TOP + i * ROW;
        double middle = y + 18;
        if (on) {
            pen.box(10, y - 10, pen.width() - 20, ROW - 10, Role.MUSSEL_WASH);
        }
        pen.text(c.where(), 18, middle + 4, Anchor.START, 13, on ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.NAME);
        pen.zone("contact:" + i, 10, y - 10, pen.width() - 20, ROW - 10, c.where());
        if (!(c.one().conducts() && c.other().conducts())) {
            pen.words("plastic or wood between", x.start(), middle + 4, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        boolean turned = c.one().index() > c.other().index();
        Fixings.Skin noble = turned ? c.other() : c.one();
        Fixings.Skin base = turned ? c.one() : c.other();
        double from = x.at(noble.index());
        double to = x.at(base.index());
        double may = x.at(noble.index() + f.air().limit());
        pen.box(from, middle - 5, Math.max(2, Math.min(may, to) - from), 10, Role.INK);
        if (to > may) {
            pen.hatched(may, middle - 5, to - may, 10, Role.THRIFT, Hatch.DIAGONAL);
        }
        pen.dot(from, middle, 7, Role.SHEET, Role.INK, 2.5);
        pen.dot(to, middle, 7, to > may ? Role.THRIFT : Role.INK, Role.INK, 2.5);
        pen.words(noble.words(), from - 8, middle + 26, Anchor.END, Face.TEXT, Role.SLATE);
        if (noble != base) {
            pen.words(base.words(), to - 4, middle + 26, Anchor.START, Face.TEXT, Role.SLATE);
        }
    }
}
