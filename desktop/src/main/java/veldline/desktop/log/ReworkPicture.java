package veldline.desktop.log;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.Diamond;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.Rework;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;

/** What was tried, a row each: from the level before to the level after, what was undone struck through, the best marked. */
final class ReworkPicture {
    private static final double TOP = 74;
    private static final double NAMES = 18;
    private static final double LETTER = 6.9;

    private final List<Rework> all;
    private final Pen pen;
    private final Axis x;
    private final double row;
    private final int chosen;

    ReworkPicture(Showing s, double width, double height) {
        this.all = s.job().rework();
        this.pen = Picture.pen(width, height);
        this.chosen = all.isEmpty() ? 0 : ReworkInputs.chosen(s);
        double[] span = Diamond.span(all.stream().flatMap(r -> Stream.of(r.before(), r.after())), -80, -50);
        this.x = new Axis(span[0] - 4, Math.max(span[1], span[0] + 10) + 4, width * 0.44, width - 84);
        this.row = Math.max(26, Math.min(44, (height - TOP - 50) / Math.max(1, all.size())));
    }

    /** The level at a place, dBm to a half. */
    double levelAt(double place) {
        return Math.round(2 * Math.max(x.from(), Math.min(x.to(), x.value(place)))) / 2.0;
    }

    Picture draw() {
        if (all.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "Nothing was changed yet.",
                            "Write what is changed before it is, read the level, change it, read again.")
                    .done();
        }
        pen.text("What was tried", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("open: before, filled: after, dBm", 142, 22, Anchor.START, Face.TEXT, Role.SLATE);
        double foot = TOP + row * all.size();
        for (double tick : x.ticks(5)) {
            pen.line(x.at(tick), TOP - 10, x.at(tick), foot, Role.SAND, 1);
            pen.tick(NumberText.shown(tick, 0), x.at(tick), foot + 16, Anchor.MIDDLE);
        }
        pen.words("brought, dB", pen.width() - 18, TOP - 18, Anchor.END, Face.TEXT, Role.SLATE);
        OptionalInt best = Rework.best(all);
        best.ifPresent(b -> {
            double at = x.at(all.get(b).after().orElseThrow().value());
            pen.line(at, TOP - 10, at, foot, Role.MUSSEL, 1.5, Dash.DOTTED);
            pen.words("best so far", at, TOP - 18, Anchor.MIDDLE, Face.BOLD, Role.INK);
        });
        for (int i = 0; i < all.size(); i++) {
            row(i);
        }
        return pen.done();
    }

    private void row(int i) {
        Rework r = all.get(i);
        double y = TOP + i * row;
        double middle = y + row / 2;
        boolean on = i == chosen;
        if (on) {
            pen.box(NAMES - 8, y, pen.width() - 2 * (NAMES - 8), row, Role.MUSSEL_WASH);
        }
        int room = (int) ((x.start() - NAMES - 92) / LETTER);
        String name = r.change().length() > room ? r.change().substring(0, room - 1) + "…" : r.change();
        pen.text(
                (i + 1) + "  " + name,
                NAMES,
                middle + 4,
                Anchor.START,
                12.5,
                on ? Face.BOLD : Face.TEXT,
                r.kept() ? Role.INK : Role.SLATE,
                Origin.Plain.NAME);
        if (!r.kept()) {
            pen.words("undone", x.start() - 12, middle + 4, Anchor.END, Face.TEXT, Role.SLATE);
        }
        r.brought().ifPresent(d -> {
            pen.line(
                    x.at(r.before().get().value()),
                    middle,
                    x.at(r.after().get().value()),
                    middle,
                    r.kept() ? Role.MUSSEL : Role.EDGE,
                    2,
                    r.kept() ? Dash.SOLID : Dash.DASHED);
            pen.text(
                    NumberText.signed(d, 1),
                    pen.width() - 18,
                    middle + 4,
                    Anchor.END,
                    13,
                    on ? Face.MONO_BOLD : Face.MONO,
                    Role.INK,
                    Origin.Plain.MEASURED);
        });
        Diamond.beforeAndAfter(pen, x, middle, r.before(), r.after(), r.kept() ? Role.MUSSEL : Role.EDGE);
        double at = x.at(r.after().or(r::before).map(Quantity::value).orElse((x.from() + x.to()) / 2));
        pen.zone("tried:" + i, at - 12, y, 24, row, r.change() + ", drag to its level after");
    }
}
