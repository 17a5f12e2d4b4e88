package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.line.CableSweep;
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

/** The cable laid out straight, with what comes back from each place standing on it as a hump as high as it is strong. */
final class CableSweepPicture {
    private static final double LEFT = 44;
    private static final double RIGHT = 24;
    private static final double TOP = 44;
    private static final double ROW = 26;
    /** Beyond the strongest so much more is shown. */
    private static final double MORE = 1.25;

    private final Showing s;
    private final Pen pen;

    CableSweepPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
    }

    /** As long as the cable would be with the velocity of its kind, so that it stays while the velocity is drawn. */
    private static Axis along(Showing s, CableSweep sweep, List<CableSweep.Echo> echoes, double width) {
        double velocity = CableLook.velocity(s);
        double times = CableLook.usual(s) / velocity;
        double reach = sweep.reach(velocity).value();
        double last = echoes.isEmpty() ? reach : echoes.get(echoes.size() - 1).metres();
        double most = Math.max(MORE * last, 4 * sweep.resolution(velocity).value());
        return new Axis(0, times * Math.min(reach, most), LEFT, width - RIGHT);
    }

    /** The velocity with which what is dragged stands there: distances and it grow together. */
    static Optional<Double> velocityAt(Showing s, String zone, double x, double width) {
        return CableLook.sweep(s).flatMap(c -> {
            List<CableSweep.Echo> echoes = CableLook.echoes(s);
            int i = Integer.parseInt(zone.substring("echo:".length()));
            if (i >= echoes.size() || echoes.get(i).metres() <= 0) {
                return Optional.empty();
            }
            double asked = along(s, c, echoes, width).value(x);
            double v = CableLook.velocity(s) * asked / echoes.get(i).metres();
            return v > 0.3 && v <= 1 ? Optional.of(v) : Optional.empty();
        });
    }

    Picture draw() {
        Optional<CableSweep> read = CableLook.sweep(s);
        if (read.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "No cable was swept yet.",
                            "Sweep into one end with the other open; its file says where it throws back, and what it takes.")
                    .done();
        }
        CableSweep sweep = read.get();
        List<CableSweep.Echo> echoes = CableLook.echoes(s);
        pen.text("What throws back, and where", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words(
                "draw the end to where it is: the velocity factor follows",
                250,
                22,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        double list = pen.height() - 66 - ROW * Math.max(1, echoes.size());
        humps(sweep, echoes, list - 44);
        told(sweep, echoes, list);
        return pen.done();
    }

    private void humps(CableSweep sweep, List<CableSweep.Echo> echoes, double bottom) {
        Axis x = along(s, sweep, echoes, pen.width());
        double most = echoes.stream().mapToDouble(CableSweep.Echo::share).max().orElse(1);
        Axis y = new Axis(0, 1.1 * most, bottom, TOP);
        double[] all = sweep.along();
        double reach = sweep.reach(CableLook.velocity(s)).value();
        List<At> over = new ArrayList<>();
        over.add(new At(x.start(), bottom));
        for (int i = 0; i < all.length; i++) {
            double metres = reach * i / all.length;
            if (metres <= x.to()) {
                over.add(new At(x.at(metres), y.at(all[i])));
            }
        }
        over.add(new At(x.end(), bottom));
        pen.area(over, Role.MUSSEL_WASH, Hatch.NONE);
        pen.path(over, Role.MUSSEL, 2, Dash.SOLID);
        pen.line(x.start(), bottom, x.end(), bottom, Role.INK, 5);
        for (double tick : x.ticks(8)) {
            pen.line(x.at(tick), bottom, x.at(tick), bottom + 7, Role.EDGE, 1);
            pen.tick(NumberText.shown(tick, x.to() < 4 ? 1 : 0), x.at(tick), bottom + 20, Anchor.MIDDLE);
        }
        pen.words("m", x.end() + 10, bottom + 20, Anchor.START, Face.TEXT, Role.SLATE);
        int chosen = CableLook.chosen(s, echoes.size());
        for (int i = 0; i < echoes.size(); i++) {
            CableSweep.Echo e = echoes.get(i);
            double at = x.at(e.metres());
            boolean here = i == chosen;
            pen.line(at, y.at(e.share()), at, bottom, here ? Role.INK : Role.EDGE, here ? 2 : 1, Dash.DASHED);
            pen.dot(at, y.at(e.share()), here ? 6 : 4, here ? Role.MUSSEL : Role.SHEET, Role.INK, 2);
            pen.zone(
                    "echo:" + i,
                    at - 10,
                    TOP,
                    20,
                    bottom - TOP,
                    "at " + e.place().shown());
        }
    }

    private void told(CableSweep sweep, List<CableSweep.Echo> echoes, double top) {
        Worked apart = sweep.resolution(CableLook.velocity(s));
        Worked reach = sweep.reach(CableLook.velocity(s));
        int chosen = CableLook.chosen(s, echoes.size());
        for (int i = 0; i < echoes.size(); i++) {
            CableSweep.Echo e = echoes.get(i);
            double y = top + i * ROW;
            if (i == chosen) {
                pen.box(10, y, pen.width() - 20, ROW - 3, Role.MUSSEL_WASH);
            }
            pen.value(e.place(), 120, y + 17, Anchor.END, i == chosen ? Face.MONO_BOLD : Face.MONO, Role.INK);
            pen.value(e.back(), 230, y + 17, Anchor.END, Face.MONO, Role.INK);
            pen.words(meaning(apart.value(), e, echoes), 250, y + 17, Anchor.START, Face.TEXT, Role.INK);
        }
        double y = pen.height() - 44;
        boolean both = s.advice().cable().filter(c -> c.shorted().isPresent()).isPresent();
        CableLook.loss(s)
                .ifPresent(l -> pen.text(
                        l.shown() + " one way at "
                                + NumberText.shown(s.job().brief().frequency().value() / 1e6, 0) + " MHz, "
                                + (both
                                        ? "from both ends swept."
                                        : "from what comes back of its open end, faults on the way in it."),
                        18,
                        y,
                        Anchor.START,
                        13,
                        Face.BOLD,
                        Role.INK,
                        Origin.of(l)));
        pen.words("Tells places apart that lie", 18, y + 20, Anchor.START, Face.TEXT, Role.SLATE);
        pen.value(apart, 236, y + 20, Anchor.END, Face.MONO, Role.SLATE);
        pen.words("from each other, up to", 244, y + 20, Anchor.START, Face.TEXT, Role.SLATE);
        pen.value(reach, 430, y + 20, Anchor.END, Face.MONO, Role.SLATE);
    }

    /** What is nearer than the far end is a fault; what is further has gone to and fro. */
    private static String meaning(double apart, CableSweep.Echo e, List<CableSweep.Echo> all) {
        double end = all.stream()
                .max(Comparator.comparingDouble(CableSweep.Echo::share))
                .map(CableSweep.Echo::metres)
                .orElse(e.metres());
        if (e.metres() < apart) {
            return "the connector it is measured into";
        }
        return e.metres() == end
                ? "its far end"
                : e.metres() > end ? "an echo of an echo" : "a joint, a kink, or water: look there";
    }
}
