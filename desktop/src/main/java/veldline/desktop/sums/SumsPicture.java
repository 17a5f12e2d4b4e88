package veldline.desktop.sums;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import veldline.calc.Reading;
import veldline.calc.Topic;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/** The formula, and its result against the number that is slid, from half of it to twice. */
final class SumsPicture {
    private static final int STEPS = 60;
    private static final double LEFT = 86;
    private static final double PICKS = 132;

    private final Showing s;
    private final Topic topic;
    private final Map<String, Object> values;
    private final Optional<Topic.Ask> slid;
    private final double now;
    private final Pen pen;
    private final Axis across;

    SumsPicture(Showing s, double width, double height) {
        this.s = s;
        this.topic = SumsBench.topic(s);
        this.values = SumsBench.values(s, topic);
        List<Topic.Ask> sliding = SumsBench.sliding(s);
        String name = s.noted().getOrDefault("sum.slide", "");
        this.slid = sliding.stream()
                .filter(a -> a.name().equals(name))
                .findFirst()
                .or(() -> sliding.stream().findFirst());
        this.now = slid.map(a -> (Double) values.get(a.name())).orElse(1.0);
        this.pen = Picture.pen(width, height);
        // The axis goes by what was typed: it must not run away under the pointer that slides the number.
        double base = slid.map(a -> typed(a)).orElse(1.0);
        this.across = new Axis(Math.min(base / 2, base * 2), Math.max(base / 2, base * 2), LEFT, width - 40);
    }

    /** The change that slides the number to a place in the picture. */
    Optional<String> slidTo(double x) {
        return slid.map(a -> slide(a, across.value(x)));
    }

    Optional<String> slidBy(double factor) {
        return slid.map(a -> slide(a, now * factor));
    }

    private String slide(Topic.Ask ask, double value) {
        double least = Math.min(across.from(), across.to());
        double most = Math.max(across.from(), across.to());
        String kept = number(Math.max(least, Math.min(most, value)));
        return SumsBench.put(topic, ask, SumsBench.typed(s, topic, ask) + "|" + kept);
    }

    private double typed(Topic.Ask ask) {
        return Reading.typed(ask, SumsBench.typed(s, topic, ask)) instanceof Double d ? d : now;
    }

    /** In the unit the topic counts in, to four figures. */
    private static String number(double value) {
        return new java.math.BigDecimal(value, new java.math.MathContext(4)).toPlainString();
    }

    Picture draw() {
        pen.text(topic.name(), 18, 24, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        double y = 48;
        for (String line : Paragraph.lines(topic.formula(), (int) (pen.width() / 8.4))) {
            pen.text(line, 18, y, Anchor.START, 13, Face.FORMULA, Role.INK, Origin.Plain.NAME);
            y += 19;
        }
        slid.ifPresent(this::curve);
        if (slid.isEmpty()) {
            pen.words("Fill in what is asked at the left.", 18, 180, Anchor.START, Face.TEXT, Role.SLATE);
        }
        return pen.done();
    }

    private double at(Topic.Ask ask, double value) {
        Map<String, Object> with = new HashMap<>(values);
        with.put(ask.name(), value);
        return SumsBench.answered(topic, with).answers().stream()
                .filter(a -> a.value() instanceof Double)
                .mapToDouble(a -> (Double) a.value())
                .findFirst()
                .orElse(Double.NaN);
    }

    private void curve(Topic.Ask ask) {
        picks(ask);
        double top = PICKS + 70;
        double bottom = pen.height() - 60;
        DoubleUnaryOperator result = v -> at(ask, v);
        List<Double> results = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            results.add(
                    result.applyAsDouble(across.value(across.start() + i * (across.end() - across.start()) / STEPS)));
        }
        double[] finite =
                results.stream().mapToDouble(d -> d).filter(Double::isFinite).toArray();
        double here = result.applyAsDouble(now);
        if (finite.length == 0 || !Double.isFinite(here)) {
            pen.words("No number comes of it yet; the findings say why.", 18, top, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        double low = java.util.Arrays.stream(finite).min().orElseThrow();
        double high = java.util.Arrays.stream(finite).max().orElseThrow();
        double room = Math.max(high - low, Math.max(1e-9, Math.abs(high)) * 1e-3) * 0.1;
        Axis up = new Axis(low - room, high + room, bottom, top);
        axes(ask, up);
        List<At> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            if (Double.isFinite(results.get(i))) {
                points.add(new At(
                        across.start() + i * (across.end() - across.start()) / STEPS, up.clamped(results.get(i))));
            }
        }
        pen.path(points, Role.MUSSEL, 3, Dash.SOLID);
        double x = across.at(now);
        pen.line(x, top, x, bottom, Role.LICHEN, 1.5, Dash.DASHED);
        pen.dot(x, up.clamped(here), 7, Role.SHEET, Role.LICHEN, 2.5);
        pen.text(Topic.shown(here), x + 12, top - 10, Anchor.START, 15, Face.MONO_BOLD, Role.INK, Origin.Plain.SCALE);
        pen.zone("value", x - 16, top - 10, 32, bottom - top + 20, ask.name() + ", drag along the axis");
    }

    /** Which number is slid. */
    private void picks(Topic.Ask chosen) {
        double x = 18;
        pen.words("slid:", x, PICKS, Anchor.START, Face.TEXT, Role.SLATE);
        x += 40;
        double y = PICKS;
        for (Topic.Ask a : SumsBench.sliding(s)) {
            String name = a.name().replace('_', ' ');
            double w = 7.6 * name.length() + 18;
            if (x + w > pen.width() - 10) {
                x = 58;
                y += 28;
            }
            pen.outline(x, y - 16, w, 23, a.equals(chosen) ? Role.MUSSEL : Role.SAND, a.equals(chosen) ? 2 : 1);
            pen.text(name, x + w / 2, y, Anchor.MIDDLE, 12.5, Face.TEXT, Role.INK, Origin.Plain.NAME);
            pen.zone("set:sum.slide=" + a.name(), x, y - 16, w, 23, "slide " + name);
            x += w + 8;
        }
    }

    private void axes(Topic.Ask ask, Axis up) {
        for (double v : across.ticks(6)) {
            pen.line(across.at(v), up.start(), across.at(v), up.start() + 5, Role.EDGE, 1);
            pen.tick(Topic.shown(v), across.at(v), up.start() + 20, Anchor.MIDDLE);
        }
        for (double v : up.ticks(5)) {
            pen.line(across.start(), up.at(v), across.end(), up.at(v), Role.SAND, 1);
            pen.tick(Topic.shown(v), across.start() - 8, up.at(v) + 4, Anchor.END);
        }
        pen.line(across.start(), up.start(), across.end(), up.start(), Role.EDGE, 1.5);
        pen.words(SumsBench.label(ask), across.end(), up.start() + 40, Anchor.END, Face.TEXT, Role.SLATE);
    }
}
