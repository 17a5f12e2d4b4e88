package veldline.desktop.prove;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.assess.CauseFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.Cause;
import veldline.prove.Diagnosis;
import veldline.prove.Symptom;
import veldline.quantity.NumberText;

/** Causes, the likeliest first, over the tests: what came of each, and what the cause that is walked to would show. A result is dragged. */
final class WhyPicture {
    private static final double LOW = -25;
    private static final double HIGH = 25;
    private static final double TOP = 46;
    private static final double NAMES = 18;
    private static final double BARS = 300;

    private final Showing s;
    private final CauseFigures causes;
    private final List<Diagnosis.Ranked> ranked;
    private final Pen pen;
    private final double row;
    private final double testsTop;
    private final Axis x;

    WhyPicture(Showing s, double width, double height) {
        this.s = s;
        this.causes = s.assessment().causes();
        this.ranked = causes.diagnosis().ranked();
        this.pen = Picture.pen(width, height);
        int rows = Cause.values().length + Symptom.values().length;
        this.row = Math.max(17, (height - TOP - 66) / rows);
        this.testsTop = TOP + Cause.values().length * row + 42;
        this.x = new Axis(LOW, HIGH, 176, width - 76);
    }

    /** What a place on the scale stands for, dB, to a half. */
    double valueAt(double place) {
        return Math.max(LOW, Math.min(HIGH, Math.round(2 * x.value(place)) / 2.0));
    }

    /** Touching a test chooses it. */
    private static String zone(Symptom test) {
        return "set:" + WhyInputs.TEST + "=" + test.name();
    }

    /** The test a zone is of. */
    static Optional<Symptom> test(String zone) {
        return Stream.of(Symptom.values()).filter(t -> zone(t).equals(zone)).findFirst();
    }

    static List<String> zones() {
        return Stream.of(Cause.values()).map(c -> "cause:" + c.ordinal()).toList();
    }

    Picture draw() {
        pen.text("What may be behind it", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("share in 100, by what was measured", 196, 22, Anchor.START, Face.TEXT, Role.SLATE);
        for (int i = 0; i < ranked.size(); i++) {
            cause(i);
        }
        pen.words("from here it stands out", tells(), TOP - 5, Anchor.MIDDLE, Face.TEXT, Role.SLATE);
        pen.text("What each test says", 18, testsTop - 14, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words(
                "filled: measured; open: what the chosen cause would show, dB",
                176,
                testsTop - 14,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        scale();
        for (Symptom test : Symptom.values()) {
            test(test);
        }
        return pen.done();
    }

    private int chosen() {
        return s.pickedIndex(Step.PROVE, 0, ranked.size());
    }

    private void cause(int i) {
        Diagnosis.Ranked r = ranked.get(i);
        double y = TOP + i * row;
        double middle = y + row / 2;
        boolean on = i == chosen();
        double room = pen.width() - 76 - BARS;
        if (on) {
            pen.box(NAMES - 8, y, pen.width() - 2 * (NAMES - 8), row, Role.MUSSEL_WASH);
        }
        pen.text(
                Paragraph.capital(r.cause().words()),
                NAMES,
                middle + 4,
                Anchor.START,
                12,
                on ? Face.BOLD : Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        double share = r.share().value() / 100;
        pen.box(BARS, y + 3, Math.max(1, room * share), row - 6, i == 0 ? Role.MUSSEL : Role.EDGE);
        pen.line(tells(), y, tells(), y + row, Role.EDGE, 1, Dash.DOTTED);
        pen.text(
                r.share().number(),
                pen.width() - 18,
                middle + 4,
                Anchor.END,
                13,
                on ? Face.MONO_BOLD : Face.MONO,
                Role.INK,
                Origin.of(r.share()));
        pen.zone(
                "cause:" + i,
                NAMES - 8,
                y,
                pen.width() - 2 * (NAMES - 8),
                row,
                r.cause().words());
    }

    private double tells() {
        return BARS + (pen.width() - 76 - BARS) * Diagnosis.TELLS / 100;
    }

    private void scale() {
        double foot = testsTop + Symptom.values().length * row;
        for (double tick : List.of(-20.0, -10.0, 0.0, 10.0, 20.0)) {
            pen.line(x.at(tick), testsTop, x.at(tick), foot, tick == 0 ? Role.EDGE : Role.SAND, tick == 0 ? 2 : 1);
            pen.tick(NumberText.signed(tick, 0), x.at(tick), foot + 15, Anchor.MIDDLE);
        }
    }

    private void test(Symptom test) {
        double y = testsTop + test.ordinal() * row;
        double middle = y + row / 2;
        Optional<Double> value = causes.value(test);
        boolean next = causes.diagnosis().next().filter(n -> n == test).isPresent();
        boolean looked = WhyInputs.test(s) == test;
        pen.text(
                test.title(),
                NAMES,
                middle + 4,
                Anchor.START,
                12,
                looked ? Face.BOLD : Face.TEXT,
                value.isPresent() ? Role.INK : Role.SLATE,
                Origin.Plain.NAME);
        Diagnosis.Ranked r = ranked.get(chosen());
        double shown = x.clamped(r.cause().shown(test, r.size()));
        pen.path(
                List.of(
                        new At(shown - 5, middle),
                        new At(shown, middle - 5),
                        new At(shown + 5, middle),
                        new At(shown, middle + 5),
                        new At(shown - 5, middle)),
                Role.LICHEN,
                2,
                Dash.SOLID);
        double at = x.clamped(value.orElse(0.0));
        if (value.isPresent()) {
            pen.line(Math.min(at, shown), middle, Math.max(at, shown), middle, Role.LICHEN, 1, Dash.DOTTED);
            pen.area(
                    List.of(new At(at - 6, middle - 6), new At(at + 6, middle - 6), new At(at, middle + 6)),
                    Role.MUSSEL,
                    Hatch.NONE);
            pen.text(
                    NumberText.signed(value.get(), 1),
                    pen.width() - 18,
                    middle + 4,
                    Anchor.END,
                    13,
                    Face.MONO_BOLD,
                    Role.INK,
                    Origin.Plain.MEASURED);
            String text = NumberText.signed(value.get(), 1);
            Underline.measured(pen, pen.width() - 18 - 7.8 * text.length(), pen.width() - 18, middle + 6);
        } else if (next) {
            pen.words(
                    "next, " + NumberText.shown(test.minutes(), 0) + " min",
                    pen.width() - 18,
                    middle + 4,
                    Anchor.END,
                    Face.BOLD,
                    Role.INK);
        }
        pen.zone(
                zone(test),
                value.isPresent() ? at - 10 : x.start(),
                y,
                value.isPresent() ? 20 : x.end() - x.start(),
                row,
                test.title() + ", drag to what was measured");
    }
}
