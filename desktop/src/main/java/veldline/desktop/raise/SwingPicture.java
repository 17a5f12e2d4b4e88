package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Polarized;
import veldline.assess.AntennaFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.Diamond;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.raise.Aim;
import veldline.raise.AimReading;

/** Readings against bearing with the antenna's own pattern laid over them, both edges and the middle; the reading walked to stands in large digits. */
final class SwingPicture {
    private static final double LEFT = 56;
    private static final double TOP = 118;
    private static final double FOOT = 44;
    /** Beyond the readings so many degrees are shown. */
    private static final double ROOM = 8;

    private final Showing s;
    private final Pen pen;
    private final List<AimReading> readings;
    private final Optional<Aim> aim;
    /** Bearings are drawn as they lie about this one. */
    private final double about;

    SwingPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.readings = s.job().raise().swung();
        this.aim = s.assessment().raise().aim();
        this.about = aim.map(a -> a.mark().value())
                .orElse(readings.isEmpty() ? 0 : readings.get(0).bearing().value());
    }

    Picture draw() {
        if (readings.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "Nothing was read yet while it was swung.",
                            "Type bearing and level of each reading, past both edges of the beam: 60 -71, 70 -64, …")
                    .done();
        }
        int chosen = s.pickedIndex(Step.RAISE, readings.size() - 1, readings.size());
        digits(chosen);
        chart(chosen);
        return pen.done();
    }

    /** To be read from a ladder: the level that is walked to, and the best of all. */
    private void digits(int chosen) {
        AimReading now = readings.get(chosen);
        AimReading best = readings.stream()
                .max(Comparator.comparingDouble(r -> r.level().value()))
                .orElseThrow();
        pen.text(
                NumberText.shown(now.level().value(), 1),
                LEFT,
                74,
                Anchor.START,
                52,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.MEASURED);
        pen.text("dBm at " + now.bearing(), LEFT, 98, Anchor.START, 13, Face.TEXT, Role.SLATE, Origin.Plain.MEASURED);
        double middle = pen.width() * 0.42;
        pen.text(
                NumberText.shown(best.level().value(), 1),
                middle,
                74,
                Anchor.START,
                34,
                Face.MONO_BOLD,
                Role.MUSSEL,
                Origin.Plain.MEASURED);
        pen.text(
                "best so far, at " + best.bearing(),
                middle,
                98,
                Anchor.START,
                13,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.MEASURED);
        aim.ifPresent(a -> {
            double right = pen.width() - 24;
            pen.text(a.mark().shown(), right, 74, Anchor.END, 34, Face.MONO_BOLD, Role.INK, Origin.of(a.mark()));
            pen.words("middle of both edges", right, 98, Anchor.END, Face.TEXT, Role.SLATE);
        });
    }

    private double lies(double bearing) {
        return Aim.off(bearing, about);
    }

    private void chart(int chosen) {
        double least = readings.stream()
                        .mapToDouble(r -> lies(r.bearing().value()))
                        .min()
                        .orElse(0)
                - ROOM;
        double most = readings.stream()
                        .mapToDouble(r -> lies(r.bearing().value()))
                        .max()
                        .orElse(0)
                + ROOM;
        double low = readings.stream().mapToDouble(r -> r.level().value()).min().orElse(0);
        double high =
                readings.stream().mapToDouble(r -> r.level().value()).max().orElse(0);
        Axis x = new Axis(least, most, LEFT, pen.width() - 24);
        Axis y = new Axis(low - 3, high + 3, pen.height() - FOOT, TOP);
        for (double tick : y.ticks(6)) {
            pen.line(x.start(), y.at(tick), x.end(), y.at(tick), Role.SAND, 1);
            pen.tick(NumberText.shown(tick, 0), x.start() - 8, y.at(tick) + 4, Anchor.END);
        }
        for (double tick : x.ticks(9)) {
            pen.tick(
                    NumberText.shown(((about + tick) % 360 + 360) % 360, 0) + "°",
                    x.at(tick),
                    pen.height() - FOOT + 18,
                    Anchor.MIDDLE);
        }
        pen.words("dBm", 14, TOP - 4, Anchor.START, Face.TEXT, Role.SLATE);
        aim.ifPresent(a -> beam(a, x, y));
        double map = lies(s.assessment().raise().bearing(s.job().madeNear()).value());
        if (map >= x.from() && map <= x.to()) {
            pen.line(x.at(map), TOP, x.at(map), y.start(), Role.EDGE, 1.5, Dash.DOTTED);
            boolean before = aim.filter(a -> lies(a.mark().value()) > map).isPresent();
            pen.words(
                    "by the map",
                    x.at(map) + (before ? -5 : 5),
                    y.start() - 8,
                    before ? Anchor.END : Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
        }
        for (int i = 0; i < readings.size(); i++) {
            AimReading r = readings.get(i);
            double at = x.at(lies(r.bearing().value()));
            double up = y.at(r.level().value());
            Diamond.reading(pen, at, up, i == chosen);
            pen.zone("swing:" + i, at - 9, up - 9, 18, 18, r.level() + " at " + r.bearing());
        }
    }

    /** The solved pattern where it lies best, its level that of the readings near its middle. */
    private void beam(Aim a, Axis x, Axis y) {
        Optional<AntennaFigures> f = s.assessment().antenna().value();
        if (f.isEmpty()) {
            return;
        }
        List<Double> cut = f.get()
                .levelCut(s.job()
                        .antenna(s.job().madeNear())
                        .polarized()
                        .filter(Polarized::upright)
                        .isPresent());
        double from = x.at(lies(a.low()));
        double to = x.at(lies(a.high()));
        pen.box(from, TOP, to - from, y.start() - TOP, Role.MUSSEL_WASH);
        List<At> line = new ArrayList<>();
        for (double d = x.from(); d <= x.to(); d += 0.5) {
            line.add(new At(
                    x.at(d),
                    y.clamped(
                            a.top() + Aim.down(cut, Aim.off(about + d, a.mark().value())))));
        }
        pen.path(line, Role.MUSSEL, 2.5, Dash.SOLID);
        double mark = x.at(lies(a.mark().value()));
        pen.line(mark, TOP, mark, y.start(), Role.MUSSEL, 2);
    }
}
