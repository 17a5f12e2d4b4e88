package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.explain.Worked;
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
import veldline.raise.Mount;
import veldline.raise.MountLoad;

/** The tube bent by the wind, ten times as far as it is, beside what each wind asks of it; the antenna is drawn up or down. */
final class MountPicture {
    /** So many times as far as it does the tube leans in the picture. */
    private static final double MORE = 10;
    /** Degrees that a drawn tube leans at most. */
    private static final double MOST_LEAN = 60;

    private static final double FIRST = 5;
    private static final double STEP = 5;
    static final int WINDS = 10;
    private static final double TOP = 64;

    private final Showing s;
    private final Mount mount;
    private final Pen pen;
    private final double split;
    private final Axis up;

    MountPicture(Showing s, double width, double height) {
        this.s = s;
        this.mount = s.job().raise().mount();
        this.pen = Picture.pen(width, height);
        this.split = Math.round(width * 0.47);
        this.up = new Axis(0, Math.max(1.5, 1.5 * mount.free().value()), height - 96, TOP);
    }

    double freeAt(double y) {
        return up.value(y);
    }

    /** The wind that is looked at: the one walked to, or that which is reckoned with. */
    private double wind() {
        return s.picked().containsKey(Step.RAISE) && s.picked(Step.RAISE, "").startsWith("wind:")
                ? FIRST + STEP * s.pickedIndex(Step.RAISE, 0, WINDS)
                : mount.wind().value();
    }

    /** Where walking the wind begins: at what is reckoned with. */
    static int first(Mount mount) {
        return (int) Math.max(0, Math.min(WINDS - 1, Math.round((mount.wind().value() - FIRST) / STEP)));
    }

    private Optional<MountLoad> at(double speed) {
        return s.assessment().raise().area().map(a -> MountLoad.of(mount, a, speed));
    }

    Picture draw() {
        Optional<MountLoad> load = at(wind());
        if (load.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "What area this antenna shows the wind is not known.",
                            "Its maker's sheet says it; one from the shelf or one made here is worked out.")
                    .done();
        }
        pen.text("On its mount", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("bent 10 times as far as it is", 126, 22, Anchor.START, Face.TEXT, Role.SLATE);
        tube(load.get());
        pen.line(split, 14, split, pen.height() - 14, Role.SAND, 1);
        winds();
        return pen.done();
    }

    private void tube(MountLoad load) {
        double foot = split * 0.5;
        double clamp = up.at(0);
        double h = up.at(0) - up.at(mount.free().value());
        double lean = Math.toRadians(Math.min(MOST_LEAN, MORE * load.sway().value()));
        // The mast below the clamp does not move here.
        pen.line(foot, clamp, foot, pen.height() - 14, Role.INK, 7);
        pen.box(foot - 12, clamp - 6, 24, 12, Role.EDGE);
        pen.words("clamp", foot - 18, clamp + 5, Anchor.END, Face.TEXT, Role.SLATE);
        List<At> bent = new ArrayList<>();
        for (int i = 0; i <= 20; i++) {
            double x = i / 20.0;
            // A beam held at one end leans as the square of the way up, nearly.
            bent.add(new At(foot + Math.tan(lean) * h * x * x / 2, clamp - h * x));
        }
        pen.path(bent, Role.INK, 5, Dash.SOLID);
        At top = bent.get(bent.size() - 1);
        pen.line(foot, clamp, foot, clamp - h, Role.EDGE, 1, Dash.DOTTED);
        pen.dot(top.x(), top.y(), 9, Role.MUSSEL, Role.INK, 2);
        pen.zone("free", top.x() - 16, top.y() - 16, 32, 32, "antenna on its tube, drag up or down");
        pen.text(
                mount.free() + " free",
                foot - 18,
                clamp - h / 2,
                Anchor.END,
                13,
                Face.MONO,
                Role.INK,
                Origin.Plain.TYPED);
        double most = 0.34 * split;
        double reach = Math.min(most, 10 + 3 * Math.sqrt(load.antenna().value()));
        arrow(top.x() - 16 - reach, top.x() - 16, top.y());
        pen.text(
                load.antenna().shown(),
                top.x() - 20,
                top.y() - 10,
                Anchor.END,
                13,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(load.antenna()));
        figure("moment", load.moment(), pen.height() - 62);
        figure("stress", load.stress(), pen.height() - 40);
        figure("leans", load.sway(), pen.height() - 18);
    }

    private void arrow(double from, double to, double y) {
        pen.line(from, y, to - 6, y, Role.LICHEN, 3);
        pen.area(List.of(new At(to, y), new At(to - 10, y - 6), new At(to - 10, y + 6)), Role.LICHEN, Hatch.NONE);
    }

    private void figure(String name, Worked w, double y) {
        pen.words(name, split * 0.5 + 10, y, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(w.shown(), split - 6, y, Anchor.END, 13, Face.MONO, Role.INK, Origin.of(w));
    }

    /** A bar for each wind, as high as the stress; the limit runs across, and the gust that is reckoned with is marked. */
    private void winds() {
        double left = split + 64;
        double right = pen.width() - 24;
        double bottom = pen.height() - 64;
        Worked allowed = at(wind()).orElseThrow().allowed();
        pen.text("What each wind asks of it", split + 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Axis y = new Axis(0, 1.5 * allowed.value(), bottom, TOP);
        pen.hatched(left, TOP, right - left, y.at(allowed.value()) - TOP, Role.THRIFT, Hatch.DIAGONAL);
        pen.line(left, y.at(allowed.value()), right, y.at(allowed.value()), Role.THRIFT, 2);
        pen.box(left + 4, TOP + 4, 110, 18, Role.SHEET);
        pen.text(
                "bears " + allowed.shown(),
                left + 8,
                TOP + 17,
                Anchor.START,
                12,
                Face.TEXT,
                Role.INK,
                Origin.of(allowed));
        double step = (right - left) / WINDS;
        for (int i = 0; i < WINDS; i++) {
            double speed = FIRST + STEP * i;
            MountLoad load = at(speed).orElseThrow();
            boolean here = Math.abs(speed - wind()) < 1e-9;
            double x = left + i * step + 4;
            double high = y.clamped(load.stress().value());
            pen.box(
                    x,
                    high,
                    step - 8,
                    bottom - high,
                    load.holds() ? here ? Role.MUSSEL : Role.MUSSEL_WASH : Role.THRIFT_WASH);
            pen.outline(x, high, step - 8, bottom - high, load.holds() ? Role.MUSSEL : Role.THRIFT, here ? 2.5 : 1);
            pen.tick(NumberText.shown(speed, 0), x + step / 2 - 4, bottom + 18, Anchor.MIDDLE);
            pen.zone("wind:" + i, x - 4, TOP, step, bottom - TOP, NumberText.shown(speed, 0) + " metres a second");
        }
        Axis along = new Axis(FIRST - STEP / 2, FIRST + STEP * (WINDS - 0.5), left, right);
        double gust = along.at(
                Math.min(along.to(), Math.max(along.from(), mount.wind().value())));
        pen.line(gust, TOP, gust, bottom, Role.INK, 1.5, Dash.DASHED);
        pen.words("m/s", right, bottom + 36, Anchor.END, Face.TEXT, Role.SLATE);
        pen.words("dashed: the gust to stand", left, bottom + 36, Anchor.START, Face.TEXT, Role.SLATE);
    }
}
