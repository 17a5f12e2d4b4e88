package veldline.desktop.prove;

import java.util.List;
import java.util.stream.Stream;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.Diamond;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.Heard;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;

/** A row for each sender: an open mark where it was heard before, a filled one where it is now, nothing where it is not. */
final class SurveyPicture {
    private static final double TOP = 74;
    private static final double NAMES = 18;

    private final Showing s;
    private final List<Heard> all;
    private final Pen pen;
    private final Axis x;
    private final double row;
    private final double floor;

    SurveyPicture(Showing s, double width, double height) {
        this.s = s;
        this.all = s.job().prove().survey();
        this.pen = Picture.pen(width, height);
        this.floor = s.job().brief().far().radio().sensitivity().value();
        double[] span = Diamond.span(all.stream().flatMap(h -> Stream.of(h.before(), h.after())), floor, floor + 30);
        this.x = new Axis(Math.min(span[0], floor) - 4, span[1] + 4, 190, width - 84);
        this.row = Math.max(18, Math.min(34, (height - TOP - 40) / Math.max(1, all.size())));
    }

    /** The level at a place, dBm to a half. */
    double levelAt(double place) {
        return Math.round(2 * Math.max(x.from(), Math.min(x.to(), x.value(place)))) / 2.0;
    }

    Picture draw() {
        if (all.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "Nobody looked who else sends.",
                            "Scan before the change and after it, or type name, bearing and both levels of each.")
                    .done();
        }
        pen.text("Who is heard", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("open: before, filled: after, dBm", 128, 22, Anchor.START, Face.TEXT, Role.SLATE);
        double foot = TOP + row * all.size();
        pen.hatched(
                x.start(),
                TOP - 10,
                Math.max(0, x.at(floor) - x.start()),
                foot - TOP + 10,
                Role.THRIFT,
                Hatch.DIAGONAL);
        for (double tick : x.ticks(6)) {
            pen.line(x.at(tick), TOP - 10, x.at(tick), foot, Role.SAND, 1);
            pen.tick(NumberText.shown(tick, 0), x.at(tick), foot + 16, Anchor.MIDDLE);
        }
        pen.words("bearing", 130, TOP - 18, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words("change, dB", pen.width() - 18, TOP - 18, Anchor.END, Face.TEXT, Role.SLATE);
        int chosen = s.pickedIndex(Step.PROVE, 0, all.size());
        for (int i = 0; i < all.size(); i++) {
            row(i, i == chosen);
        }
        return pen.done();
    }

    private void row(int i, boolean on) {
        Heard h = all.get(i);
        double y = TOP + i * row;
        double middle = y + row / 2;
        if (on) {
            pen.box(NAMES - 8, y, pen.width() - 2 * (NAMES - 8), row, Role.MUSSEL_WASH);
        }
        pen.text(
                h.name().length() > 14 ? h.name().substring(0, 13) + "…" : h.name(),
                NAMES,
                middle + 4,
                Anchor.START,
                12.5,
                h.wanted() ? Face.BOLD : Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        h.bearing()
                .ifPresent(b -> pen.text(
                        NumberText.shown(b.value(), 0) + "°",
                        178,
                        middle + 4,
                        Anchor.END,
                        12,
                        Face.MONO,
                        Role.SLATE,
                        Origin.Plain.TYPED));
        h.before()
                .ifPresent(b -> h.after().ifPresent(a -> {
                    pen.line(x.at(b.value()), middle, x.at(a.value()), middle, Role.LICHEN, 1, Dash.DOTTED);
                    pen.text(
                            NumberText.signed(a.value() - b.value(), 1),
                            pen.width() - 18,
                            middle + 4,
                            Anchor.END,
                            13,
                            h.wanted() ? Face.MONO_BOLD : Face.MONO,
                            Role.INK,
                            Origin.Plain.MEASURED);
                }));
        Diamond.beforeAndAfter(pen, x, middle, h.before(), h.after(), Role.MUSSEL);
        if (h.before().isPresent() && h.after().isEmpty()) {
            pen.words("not heard", pen.width() - 18, middle + 4, Anchor.END, Face.TEXT, Role.SLATE);
        }
        double at = x.at(h.after().or(h::before).map(Quantity::value).orElse(floor));
        pen.zone("heard:" + i, at - 12, y, 24, row, h.name() + ", drag to its level after");
    }
}
