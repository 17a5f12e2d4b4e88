package veldline.desktop.brief;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.link.OnAir;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** What else would be in each channel, as the far antenna hears it, beside the level of the link. */
final class AirChart {
    private static final double LEFT = 84;
    private static final double LOW = -110;
    private static final double HIGH = -30;

    private AirChart() {}

    static List<OnAir.Channel> channels(Showing s) {
        return s.assessment().channels().stream()
                .sorted(Comparator.comparingDouble(OnAir.Channel::frequency))
                .toList();
    }

    static List<String> zones(Showing s) {
        return IntStream.range(0, channels(s).size())
                .mapToObj(i -> "channel:" + i)
                .toList();
    }

    static void draw(Showing s, Pen pen, double top, String picked) {
        pen.text("What else is there", 18, top + 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        List<OnAir.Channel> all = channels(s);
        if (all.isEmpty()) {
            pen.words(
                    "Nothing was heard yet. Write down what a survey finds, a line each.",
                    18,
                    top + 52,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        pen.words(
                "in dBm, by channel; left and right walk, Enter takes one",
                172,
                top + 22,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        double first = top + 52;
        double row = Math.min(26, (pen.height() - first - 10) / all.size());
        Axis dbm = new Axis(LOW, HIGH, LEFT, pen.width() - 96);
        for (double d = LOW; d <= HIGH; d += 20) {
            pen.line(dbm.at(d), first - 4, dbm.at(d), first + row * all.size(), Role.SAND, 1);
            pen.tick(NumberText.signed(d, 0), dbm.at(d), first - 8, Anchor.MIDDLE);
        }
        for (int i = 0; i < all.size(); i++) {
            row(s, pen, dbm, all.get(i), i, first + i * row, row, picked.equals("channel:" + i));
        }
        Worked link = s.assessment().line().stop("far-radio").level();
        double at = dbm.clamped(link.value());
        pen.line(at, first - 4, at, first + row * all.size(), Role.MUSSEL, 2);
    }

    private static void row(
            Showing s, Pen pen, Axis dbm, OnAir.Channel c, int i, double y, double row, boolean picked) {
        boolean here = c.frequency() == s.job().brief().frequency().value();
        if (picked) {
            pen.outline(10, y, pen.width() - 20, row - 1, Role.MUSSEL, 2);
        }
        pen.text(
                NumberText.shown(c.frequency() / 1e6, 0),
                LEFT - 12,
                y + row / 2 + 4,
                Anchor.END,
                12.5,
                here ? Face.MONO_BOLD : Face.MONO,
                here ? Role.MUSSEL : Role.INK,
                Origin.Plain.SCALE);
        double end = dbm.clamped(c.unwanted().value());
        if (end > dbm.start() + 1) {
            pen.hatched(dbm.start(), y + 3, end - dbm.start(), row - 6, Role.LICHEN, Hatch.HORIZONTAL);
            pen.line(end, y + 2, end, y + row - 3, Role.LICHEN, 2);
        }
        pen.text(
                c.unwanted().value() < LOW ? "nothing" : c.unwanted().number(),
                pen.width() - 22,
                y + row / 2 + 4,
                Anchor.END,
                12.5,
                Face.MONO,
                Role.INK,
                Origin.of(c.unwanted()));
        pen.zone(
                "channel:" + i,
                10,
                y,
                pen.width() - 20,
                row - 1,
                NumberText.shown(c.frequency() / 1e6, 0) + " MHz, "
                        + c.unwanted().shown() + " of what else is heard");
    }
}
