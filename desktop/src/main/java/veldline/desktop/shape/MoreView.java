package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import veldline.assess.Addition;
import veldline.assess.CloserLook;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** Gain against how many, with what the line still needs; the steps grow smaller to the right, and where they stop being worth it is said. */
final class MoreView implements Below.View {
    private static final double SIDE = 220;
    /** What a step buys less than is not worth carrying, dB. */
    private static final double WORTH = 0.3;

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        Optional<List<Addition>> all = s.assessment().closer().value().map(CloserLook::additions);
        String what = all.filter(l -> !l.isEmpty()).map(l -> l.get(0).what()).orElse("parts");
        pen.text("What more " + what + " buy", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        if (all.isEmpty() || all.get().size() < 2) {
            pen.words(
                    all.isEmpty() ? "Being solved." : "It is not made of like parts: there is nothing to add.",
                    18,
                    top + 44,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        List<Addition> list = all.get();
        double needed = s.assessment().needed().value();
        double low = list.stream().mapToDouble(Addition::gainDbi).min().orElse(0);
        double high = list.stream().mapToDouble(Addition::gainDbi).max().orElse(1);
        Axis y = new Axis(Math.floor(low - 1), Math.ceil(high + 1), pen.height() - 34, top + 44);
        Axis x = new Axis(
                list.get(0).count() - 0.5, list.get(list.size() - 1).count() + 0.5, 56, pen.width() - SIDE - 20);
        for (double tick : y.ticks(5)) {
            pen.line(
                    x.at(list.get(0).count() - 0.5),
                    y.at(tick),
                    x.at(list.get(list.size() - 1).count() + 0.5),
                    y.at(tick),
                    Role.SAND,
                    1);
            pen.tick(NumberText.shown(tick, 0), 48, y.at(tick) + 4, Anchor.END);
        }
        if (needed > y.from() && needed < y.to()) {
            pen.line(x.at(x.from()), y.at(needed), x.at(x.to()), y.at(needed), Role.INK, 2, Dash.DOTTED);
        }
        int read = read(s, list);
        double w = Math.min(34, (x.at(1) - x.at(0)) * 0.7);
        for (int i = 0; i < list.size(); i++) {
            Addition a = list.get(i);
            double px = x.at(a.count());
            pen.hatched(
                    px - w / 2,
                    y.at(a.gainDbi()),
                    w,
                    y.at(y.from()) - y.at(a.gainDbi()),
                    i == read ? Role.LICHEN : Role.MUSSEL,
                    Hatch.UPRIGHT);
            pen.line(
                    px - w / 2,
                    y.at(a.gainDbi()),
                    px + w / 2,
                    y.at(a.gainDbi()),
                    i == read ? Role.LICHEN : Role.MUSSEL,
                    3);
            pen.tick(Integer.toString(a.count()), px, pen.height() - 18, Anchor.MIDDLE);
            pen.zone(Reading.MORE.at(i), px - w / 2, top + 44, w, pen.height() - top - 60, a.count() + " " + a.what());
        }
        pen.path(
                list.stream()
                        .map(a -> new At(x.at(a.count()), y.at(a.gainDbi())))
                        .toList(),
                Role.INK,
                1,
                Dash.DASHED);
        side(s, pen, list, read, needed);
    }

    static int read(Showing s, List<Addition> list) {
        return Reading.MORE.place(s).filter(i -> i < list.size()).orElse(list.size() / 2);
    }

    private static void side(Showing s, Pen pen, List<Addition> list, int read, double needed) {
        double left = pen.width() - SIDE + 8;
        double y = ShapeFigures.RULE + 44;
        Addition a = list.get(read);
        pen.text(a.count() + " " + a.what(), left, y, Anchor.START, 13, Face.BOLD, Role.LICHEN, Origin.Plain.SCALE);
        pen.text(
                NumberText.shown(a.longest() * 1000, 0) + " mm across",
                left,
                y + 17,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.SCALE);
        if (read > 0) {
            Addition smaller = list.get(read - 1);
            Worked step = a.over(smaller);
            pen.text(
                    (step.value() >= 0 ? "+" : "") + step.shown(),
                    left,
                    y + 44,
                    Anchor.START,
                    16,
                    Face.MONO_BOLD,
                    Role.INK,
                    Origin.of(step));
            pen.words("over one fewer", left, y + 61, Anchor.START, Face.TEXT, Role.SLATE);
            if (a.longest() > smaller.longest() + 1e-4) {
                Worked per = a.perLength(smaller);
                pen.text(per.shown(), left, y + 86, Anchor.START, 13, Face.MONO, Role.INK, Origin.of(per));
                pen.words("for every 100 mm", left, y + 103, Anchor.START, Face.TEXT, Role.SLATE);
            }
        }
        Optional<Addition> enough =
                list.stream().filter(b -> b.gainDbi() >= needed).findFirst();
        pen.text(
                enough.map(b -> "Enough for this job: " + b.count()).orElse("None here is enough"),
                left,
                y + 130,
                Anchor.START,
                12.5,
                Face.BOLD,
                Role.INK,
                Origin.of(s.assessment().needed()));
        for (int i = 1; i < list.size(); i++) {
            Worked step = list.get(i).over(list.get(i - 1));
            if (step.value() < WORTH) {
                pen.text(
                        "From " + list.get(i).count() + " on under " + NumberText.shown(WORTH, 1) + " dB each",
                        left,
                        y + 148,
                        Anchor.START,
                        12,
                        Face.TEXT,
                        Role.INK,
                        Origin.of(step));
                break;
            }
        }
    }
}
