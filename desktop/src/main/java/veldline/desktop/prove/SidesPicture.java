package veldline.desktop.prove;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import veldline.assess.Step;
import veldline.assess.TestFigures;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.Diamond;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.SideReading;
import veldline.prove.Substitution;
import veldline.quantity.NumberText;

/** Readings of the known antenna and the unknown one in the order they were made; each is dragged. */
final class SidesPicture {
    private static final double LEFT = 56;
    private static final double TOP = 112;
    private static final double FOOT = 40;

    private final Showing s;
    private final List<SideReading> all;
    private final Pen pen;
    private final Axis x;
    private final Axis y;

    SidesPicture(Showing s, double width, double height) {
        this.s = s;
        this.all = s.job().prove().sides().readings();
        this.pen = Picture.pen(width, height);
        double high = all.stream().mapToDouble(r -> r.level().value()).max().orElse(0);
        double low = all.stream().mapToDouble(r -> r.level().value()).min().orElse(-10);
        this.x = new Axis(0, Math.max(1, all.size() - 1), LEFT + 14, width - 96);
        this.y = new Axis(Math.floor(low) - 3, Math.ceil(high) + 3, height - FOOT, TOP);
    }

    /** The level at a place, dBm to a tenth. */
    double levelAt(double place) {
        return Math.round(10 * Math.max(y.from(), Math.min(y.to(), y.value(place)))) / 10.0;
    }

    Picture draw() {
        if (all.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "Nothing stood beside it yet.",
                            "Read the known antenna, the unknown one, the known one again, and so on; three of each or more.")
                    .done();
        }
        int chosen = s.pickedIndex(Step.PROVE, all.size() - 1, all.size());
        digits(chosen);
        for (double tick : y.ticks(6)) {
            pen.line(LEFT, y.at(tick), x.end() + 14, y.at(tick), Role.SAND, 1);
            pen.tick(NumberText.shown(tick, 0), LEFT - 8, y.at(tick) + 4, Anchor.END);
        }
        pen.words("dBm", 14, TOP - 8, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words(
                "in the order they were made",
                x.end() + 14,
                pen.height() - FOOT + 22,
                Anchor.END,
                Face.TEXT,
                Role.SLATE);
        mean(true, "known");
        mean(false, "unknown");
        for (int i = 0; i < all.size(); i++) {
            reading(i, i == chosen);
        }
        return pen.done();
    }

    private void digits(int chosen) {
        SideReading r = all.get(chosen);
        String text = NumberText.shown(r.level().value(), 1);
        pen.text(text, LEFT, 52, Anchor.START, 34, Face.MONO_BOLD, Role.INK, Origin.Plain.MEASURED);
        Underline.measured(pen, LEFT, LEFT + 20.5 * text.length(), 58);
        pen.text(
                "dBm, the " + (r.known() ? "known" : "unknown") + " one, " + (chosen + 1) + " of " + all.size(),
                LEFT,
                76,
                Anchor.START,
                12.5,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.MEASURED);
        Optional<Substitution> found = s.assessment().tests().value().flatMap(TestFigures::sides);
        found.ifPresent(f -> {
            double right = pen.width() - 24;
            pen.text(f.gain().shown(), right, 52, Anchor.END, 34, Face.MONO_BOLD, Role.INK, Origin.of(f.gain()));
            pen.words("gain of the unknown one", right, 74, Anchor.END, Face.TEXT, Role.SLATE);
        });
    }

    private void mean(boolean known, String name) {
        OptionalDouble mean = all.stream()
                .filter(r -> r.known() == known)
                .mapToDouble(r -> r.level().value())
                .average();
        if (mean.isPresent()) {
            double at = y.at(mean.getAsDouble());
            pen.line(
                    LEFT, at, x.end() + 14, at, known ? Role.LICHEN : Role.MUSSEL, 2, known ? Dash.DASHED : Dash.SOLID);
            pen.words(name, x.end() + 20, at + 4, Anchor.START, Face.BOLD, Role.INK);
        }
    }

    private void reading(int i, boolean on) {
        SideReading r = all.get(i);
        double at = x.at(i);
        double up = y.at(r.level().value());
        double size = on ? 8 : 6;
        List<At> shape = r.second()
                ? List.of(
                        new At(at - size, up + size),
                        new At(at, up - size),
                        new At(at + size, up + size),
                        new At(at - size, up + size))
                : Diamond.of(at, up, size);
        if (r.known()) {
            pen.path(shape, Role.LICHEN, 2.5, Dash.SOLID);
        } else {
            pen.area(shape, Role.MUSSEL, Hatch.NONE);
        }
        pen.zone("side:" + i, at - 10, up - 10, 20, 20, r.level() + ", " + (r.known() ? "known" : "unknown"));
    }
}
