package veldline.desktop.prove;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import veldline.assess.RateFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
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
import veldline.prove.RateTest;
import veldline.quantity.NumberText;

/** The way of the traffic as a channel that narrows: by the level, on the air, by wire, against what was asked for; what was measured is dragged wider or narrower. */
final class RatePicture {
    /** What the picture has rows for, in the order the traffic meets them. */
    static final List<String> ROWS = List.of("level", "air", "wire");

    private static final double TOP = 92;
    private static final double LEFT = 150;

    private final Showing s;
    private final RateFigures rate;
    private final Pen pen;
    private final Axis x;
    private final double row;

    RatePicture(Showing s, double width, double height) {
        this.s = s;
        this.rate = RateFigures.of(s.assessment());
        this.pen = Picture.pen(width, height);
        this.row = (height - TOP - 120) / ROWS.size();
        RateTest t = rate.test();
        double[] all = DoubleStream.of(
                        rate.asked(),
                        rate.byLevel().map(w -> w.value() * 1e6).orElse(0.0),
                        t.air().value(),
                        t.wired().value())
                .filter(v -> v > 0)
                .toArray();
        double low = DoubleStream.of(all).min().orElse(1e6);
        double high = DoubleStream.of(all).max().orElse(1e8);
        this.x = new Axis(Math.floor(Math.log10(low / 3)), Math.ceil(Math.log10(high * 2)), LEFT, width - 110);
    }

    /** Bits a second where a bar would end. */
    double rateAt(double place) {
        double step = Math.pow(10, Math.floor(x.value(place)) - 1);
        return Math.max(step, Math.round(Math.pow(10, x.value(place)) / step) * step);
    }

    Picture draw() {
        pen.text("What it carries", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("each bar as wide as the traffic that gets through", 138, 22, Anchor.START, Face.TEXT, Role.SLATE);
        rate.bottleneck()
                .ifPresent(b -> pen.text(b.words(), 18, 52, Anchor.START, 16, Face.BOLD, Role.INK, Origin.Plain.NAME));
        if (rate.bottleneck().isEmpty()) {
            pen.words("Both rates tell what holds it back.", 18, 52, Anchor.START, Face.TEXT, Role.SLATE);
        }
        scale();
        int chosen = s.pickedIndex(Step.PROVE, 1, ROWS.size());
        bar(0, "Kept by the level", rate.byLevel().map(w -> w.value() * 1e6), chosen, Origin.Plain.NAME, false);
        bar(1, "On the air", known(rate.test().air().value()), chosen, Origin.Plain.MEASURED, true);
        bar(2, "By wire", known(rate.test().wired().value()), chosen, Origin.Plain.MEASURED, true);
        asked();
        foot();
        return pen.done();
    }

    private static Optional<Double> known(double v) {
        return v > 0 ? Optional.of(v) : Optional.empty();
    }

    private static String text(double bits) {
        return bits >= 1e6
                ? NumberText.shown(bits / 1e6, bits >= 1e8 ? 0 : 1) + " Mbit/s"
                : NumberText.shown(bits / 1e3, 0) + " kbit/s";
    }

    private void scale() {
        double foot = TOP + ROWS.size() * row;
        for (int decade = (int) x.from(); decade <= x.to(); decade++) {
            pen.line(x.at(decade), TOP - 8, x.at(decade), foot, Role.SAND, 1);
            pen.tick(text(Math.pow(10, decade)), x.at(decade), foot + 18, Anchor.MIDDLE);
        }
    }

    private void bar(int i, String name, Optional<Double> bits, int chosen, Origin origin, boolean dragged) {
        double y = TOP + i * row;
        double middle = y + row / 2;
        boolean on = i == chosen;
        pen.text(name, 18, middle + 5, Anchor.START, 14, on ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.NAME);
        double end = bits.map(b -> x.clamped(Math.log10(b))).orElse(LEFT);
        if (bits.isPresent()) {
            pen.box(LEFT, middle - row * 0.3, end - LEFT, row * 0.6, dragged ? Role.MUSSEL_WASH : Role.LICHEN_WASH);
            pen.outline(
                    LEFT, middle - row * 0.3, end - LEFT, row * 0.6, dragged ? Role.MUSSEL : Role.LICHEN, on ? 3 : 1.5);
            Origin from =
                    dragged ? origin : rate.byLevel().<Origin>map(Origin::of).orElse(origin);
            pen.text(text(bits.get()), LEFT + 10, middle + 5, Anchor.START, 14, Face.MONO_BOLD, Role.INK, from);
            if (dragged) {
                Underline.measured(
                        pen, LEFT + 10, LEFT + 10 + 8.4 * text(bits.get()).length(), middle + 10);
            }
        } else {
            pen.words(
                    dragged ? "not measured" : "no sheet", LEFT + 10, middle + 5, Anchor.START, Face.TEXT, Role.SLATE);
        }
        pen.zone(
                "rate:" + i,
                dragged ? end - 12 : 8,
                middle - row * 0.3,
                dragged ? 24 : LEFT - 16,
                row * 0.6,
                name + (dragged ? ", drag its end to what was measured" : ""));
    }

    private void asked() {
        if (rate.asked() <= 0) {
            return;
        }
        double at = x.clamped(Math.log10(rate.asked()));
        pen.line(at, TOP - 8, at, TOP + ROWS.size() * row, Role.INK, 2, Dash.DASHED);
        pen.area(
                List.of(new At(at - 6, TOP - 14), new At(at + 6, TOP - 14), new At(at, TOP - 4)), Role.INK, Hatch.NONE);
        pen.text(
                "asked for " + text(rate.asked()),
                at + 10,
                TOP - 8,
                Anchor.START,
                12,
                Face.TEXT,
                Role.INK,
                Origin.Plain.TYPED);
    }

    private void foot() {
        RateTest t = rate.test();
        double y = pen.height() - 40;
        pen.line(18, y - 22, pen.width() - 18, y - 22, Role.SAND, 1);
        pen.text("Delay " + t.delay(), 18, y, Anchor.START, 13, Face.MONO, Role.INK, Origin.Plain.MEASURED);
        pen.text(
                "lost " + t.lost() + " in 100",
                LEFT + 60,
                y,
                Anchor.START,
                13,
                Face.MONO,
                Role.INK,
                Origin.Plain.MEASURED);
    }
}
