package veldline.desktop.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.TunerLook;
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

/**
 * A tuner that is drawn along the cable, from the set to the antenna: the voltage between the cable's wires stands level before it and in
 * waves behind it, and below, what is lost with it at each place.
 */
final class TunerPicture {
    /** Where it stands, by name. */
    static final String PLACE = "match.tuner";

    private static final double LEFT = 70;
    private static final double RIGHT = 70;
    private static final double TOP = 44;
    private static final double BOX = 30;

    private final Showing s;
    private final Pen pen;
    private final double split;

    TunerPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.split = Math.round(height * 0.5);
    }

    static int place(Showing s, TunerLook t) {
        String noted = s.noted().getOrDefault(PLACE, "");
        return noted.matches("\\d{1,2}") ? Math.min(TunerLook.LAST, Integer.parseInt(noted)) : t.usual();
    }

    private static Axis along(double width) {
        return new Axis(0, TunerLook.LAST, LEFT, width - RIGHT);
    }

    /** A place that was walked to by its number, or drawn to by hand. */
    static Optional<String> placeAt(String zone, double x, double width) {
        Axis axis = along(width);
        double place = zone.startsWith("place:")
                ? Double.parseDouble(zone.substring(6))
                : Math.max(0, Math.min(TunerLook.LAST, axis.value(x)));
        return Optional.of("set:" + PLACE + "=" + Math.round(place));
    }

    static List<String> walk() {
        return IntStream.rangeClosed(0, TunerLook.LAST)
                .mapToObj(k -> "place:" + k)
                .toList();
    }

    Picture draw() {
        Optional<TunerLook> look = s.assessment().tuner();
        if (look.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "No tuner above 60 MHz, and none before the antenna's impedance is known.",
                            "What is off up there is mended at the antenna: look at every way.")
                    .done();
        }
        TunerLook t = look.get();
        Axis x = along(pen.width());
        int place = place(s, t);
        volts(t.places().get(place), place, x);
        cable(t.places().get(place), place, x);
        losses(t, place, x);
        return pen.done();
    }

    private void volts(TunerLook.Place here, int place, Axis x) {
        pen.text(
                "Between the cable's wires, volts peak",
                18,
                22,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        Worked most = here.most();
        double foot = split - 66;
        Axis y = new Axis(0, 1.15 * Math.max(most.value(), 1e-3), foot, TOP);
        for (double v : y.ticks(5)) {
            pen.tick(NumberText.shown(v, v % 1 == 0 ? 0 : 2), x.start() - 10, y.at(v) + 4, Anchor.END);
        }
        List<Double> volts = here.volts();
        List<At> line = new ArrayList<>();
        for (int i = 0; i < volts.size(); i++) {
            double at = i <= TunerLook.LAST
                    ? (double) place * i / TunerLook.LAST
                    : place + (double) (TunerLook.LAST - place) * (i - TunerLook.LAST - 1) / TunerLook.LAST;
            line.add(new At(x.at(at), y.at(volts.get(i))));
        }
        List<At> area = new ArrayList<>(line);
        area.add(new At(x.end(), foot));
        area.add(new At(x.start(), foot));
        pen.area(area, Role.MUSSEL_WASH, Hatch.NONE);
        pen.path(line, Role.MUSSEL, 2.5, Dash.SOLID);
        pen.line(x.start(), foot, x.end(), foot, Role.INK, 1);
        At peak = line.stream().min(java.util.Comparator.comparingDouble(At::y)).orElseThrow();
        boolean late = peak.x() > (x.start() + x.end()) / 2;
        pen.text(
                most.shown(),
                peak.x() + (late ? -6 : 6),
                peak.y() - 5,
                late ? Anchor.END : Anchor.START,
                13,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(most));
    }

    private void cable(TunerLook.Place here, int place, Axis x) {
        double y = split - 30;
        // It stops beside the set and the antenna, not on them.
        double at = Math.max(x.start() + BOX, Math.min(x.end() - BOX, x.at(place)));
        pen.line(x.start(), y, x.end(), y, Role.INK, 4);
        pen.box(18, y - 14, x.start() - 18, 28, Role.PAPER);
        pen.outline(18, y - 14, x.start() - 18, 28, Role.EDGE, 1.5);
        pen.words("set", (18 + x.start()) / 2, y + 4, Anchor.MIDDLE, Face.BOLD, Role.INK);
        pen.box(x.end(), y - 14, pen.width() - 8 - x.end(), 28, Role.PAPER);
        pen.outline(x.end(), y - 14, pen.width() - 8 - x.end(), 28, Role.EDGE, 1.5);
        pen.words("antenna", (x.end() + pen.width() - 8) / 2, y + 4, Anchor.MIDDLE, Face.BOLD, Role.INK);
        pen.box(at - BOX, y - 14, 2 * BOX, 28, Role.MUSSEL);
        pen.words("tuner", at, y + 4, Anchor.MIDDLE, Face.BOLD, Role.SHEET);
        pen.zone("tuner", at - BOX - 4, y - 22, 2 * BOX + 8, 44, "tuner, draw it along the cable");
        pen.words(
                "draw it along the cable: " + NumberText.shown(here.before(), 1) + " m before it, "
                        + NumberText.shown(here.behind(), 1) + " m behind",
                x.start(),
                split - 1,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
    }

    private void losses(TunerLook t, int place, Axis x) {
        pen.line(18, split + 8, pen.width() - 18, split + 8, Role.SAND, 1);
        pen.text(
                "Lost from the set to the antenna, dB",
                18,
                split + 28,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        List<Worked> losses = t.places().stream().map(TunerLook.Place::loss).toList();
        Worked untuned = t.untuned();
        double most = Math.max(
                untuned.value(),
                losses.stream().mapToDouble(Worked::value).max().orElse(1));
        double foot = pen.height() - 26;
        Axis y = new Axis(0, 1.2 * Math.max(most, 0.5), foot, split + 44);
        for (double v : y.ticks(5)) {
            pen.tick(NumberText.shown(v, v % 1 == 0 ? 0 : 1), x.start() - 10, y.at(v) + 4, Anchor.END);
        }
        pen.line(x.start(), foot, x.end(), foot, Role.INK, 1);
        pen.line(x.start(), y.at(untuned.value()), x.end(), y.at(untuned.value()), Role.THRIFT, 2, Dash.DASHED);
        pen.text(
                "without one " + untuned.shown(),
                x.end() - 8,
                y.at(untuned.value()) - 6,
                Anchor.END,
                12.5,
                Face.MONO,
                Role.INK,
                Origin.of(untuned));
        pen.path(
                IntStream.range(0, losses.size())
                        .mapToObj(k -> new At(x.at(k), y.at(losses.get(k).value())))
                        .toList(),
                Role.MUSSEL,
                3,
                Dash.SOLID);
        pen.words("at the set", x.start(), foot + 17, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words("at the antenna", x.end(), foot + 17, Anchor.END, Face.TEXT, Role.SLATE);
        double at = x.at(place);
        double here = y.at(losses.get(place).value());
        pen.line(at, split + 44, at, foot, Role.EDGE, 1, Dash.DASHED);
        pen.dot(at, here, 7, Role.MUSSEL, Role.MUSSEL, 2);
        boolean late = place > TunerLook.LAST / 2;
        pen.text(
                losses.get(place).shown(),
                at + (late ? -12 : 12),
                here + 28 > foot ? here - 14 : here + 22,
                late ? Anchor.END : Anchor.START,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(losses.get(place)));
    }
}
