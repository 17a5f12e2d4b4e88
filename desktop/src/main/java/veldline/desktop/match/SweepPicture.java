package veldline.desktop.match;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
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
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.trim.Suspect;
import veldline.trim.SweepPoint;
import veldline.trim.TrimAdvice;
import veldline.trim.TrimLog;
import veldline.trim.TrimWords;

/**
 * A measured sweep as diamonds, the antenna as drawn as dashes, and what the measure that is walked would have to be for the two to
 * meet: its amount is dragged along a rule, and its curve follows.
 */
final class SweepPicture {
    static final String AMOUNT = "trim.amount";
    private static final double LEFT = 60;
    private static final double TOP = 36;
    private static final double KEY = 150;
    private static final double MOST_SWR = 6;
    private static final double LIMIT = 2;
    private static final double RULE = 74;
    private static final double HANDLE = 8;

    private final Showing s;
    private final Pen pen;
    private final double split;

    SweepPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.split = split(height);
    }

    private static double split(double height) {
        return Math.round(height * 0.54);
    }

    Picture draw() {
        Optional<TrimLog.Pass> pass = s.job().trim().last();
        if (pass.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "No sweep of it yet.",
                            "Measure it, type the points beside, or drop a Touchstone file on the window.")
                    .done();
        }
        pen.text(
                "Pass " + s.job().trim().passes().size() + ", as measured",
                18,
                22,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        List<SweepPoint> sweep = pass.get().sweep();
        Axis x = new Axis(
                sweep.get(0).frequency().value(),
                Math.max(
                        sweep.get(sweep.size() - 1).frequency().value(),
                        sweep.get(0).frequency().value() + 1),
                LEFT,
                pen.width() - KEY);
        chart(sweep, x);
        s.advice().trim().ifPresentOrElse(this::suspects, this::unexplained);
        return pen.done();
    }

    private void chart(List<SweepPoint> sweep, Axis x) {
        double foot = split - 30;
        double most = Math.min(
                MOST_SWR,
                Math.max(
                        3,
                        sweep.stream().mapToDouble(p -> p.swr().value()).max().orElse(3)));
        Axis y = new Axis(1, most, foot, TOP);
        pen.hatched(x.start(), TOP, x.end() - x.start(), y.at(LIMIT) - TOP, Role.THRIFT, Hatch.DIAGONAL);
        pen.line(x.start(), y.at(LIMIT), x.end(), y.at(LIMIT), Role.THRIFT, 2);
        pen.line(x.start(), foot, x.end(), foot, Role.INK, 1);
        for (double v : y.ticks(5)) {
            pen.tick(NumberText.shown(v, v % 1 == 0 ? 0 : 1), x.start() - 8, y.at(v) + 4, Anchor.END);
        }
        pen.words("SWR", LEFT - 8, foot + 17, Anchor.END, Face.TEXT, Role.SLATE);
        for (double at : x.ticks(7)) {
            pen.tick(NumberText.shown(at / 1e6, at % 1e6 == 0 ? 0 : 1), x.at(at), foot + 17, Anchor.MIDDLE);
        }
        pen.words("MHz", x.end() + 8, foot + 17, Anchor.START, Face.TEXT, Role.SLATE);
        double f = s.job().brief().frequency().value();
        pen.line(x.clamped(f), TOP, x.clamped(f), foot, Role.EDGE, 1, Dash.DASHED);
        s.advice().trim().ifPresent(a -> {
            curve(a.frequencies(), a.drawn(), x, y, Role.LICHEN, Dash.DASHED);
            shown(a).ifPresent(c -> curve(a.frequencies(), c, x, y, Role.MUSSEL, Dash.SOLID));
        });
        for (SweepPoint p : sweep) {
            diamond(x.at(p.frequency().value()), y.clamped(p.swr().value()), 8, Role.SHEET);
            diamond(x.at(p.frequency().value()), y.clamped(p.swr().value()), 5, Role.INK);
        }
        key(x.end() + 14);
    }

    private void key(double at) {
        diamond(at + 5, TOP + 10, 5, Role.INK);
        pen.words("measured", at + 18, TOP + 14, Anchor.START, Face.TEXT, Role.SLATE);
        if (s.advice().trim().isPresent()) {
            pen.line(at - 2, TOP + 30, at + 12, TOP + 30, Role.LICHEN, 2, Dash.DASHED);
            pen.words("as drawn", at + 18, TOP + 34, Anchor.START, Face.TEXT, Role.SLATE);
            pen.line(at - 2, TOP + 50, at + 12, TOP + 50, Role.MUSSEL, 3);
            pen.words("with it off", at + 18, TOP + 54, Anchor.START, Face.TEXT, Role.SLATE);
        }
    }

    private void curve(List<Double> frequencies, List<Double> swr, Axis x, Axis y, Role role, Dash dash) {
        pen.path(
                IntStream.range(0, swr.size())
                        .mapToObj(i -> new At(x.clamped(frequencies.get(i)), y.clamped(swr.get(i))))
                        .toList(),
                role,
                dash == Dash.SOLID ? 3 : 2,
                dash);
    }

    private void diamond(double x, double y, double r, Role role) {
        pen.area(List.of(new At(x, y - r), new At(x + r, y), new At(x, y + r), new At(x - r, y)), role, Hatch.NONE);
    }

    private static int picked(Showing s, TrimAdvice a) {
        return s.pickedIndex(Step.MATCH, 0, a.suspects().size());
    }

    /** The amount that is dragged to; where none was, or another measure is walked to by now, there is none. */
    private static Optional<Suspect.Amount> dragged(Showing s, TrimAdvice a) {
        Suspect now = a.suspects().get(picked(s, a));
        String[] noted = s.noted().getOrDefault(AMOUNT, "").split("/");
        return noted.length == 2 && noted[0].equals(now.measure().name())
                ? Optional.of(now.others().get(Integer.parseInt(noted[1])))
                : Optional.empty();
    }

    private Optional<List<Double>> shown(TrimAdvice a) {
        return dragged(s, a)
                .map(Suspect.Amount::curve)
                .or(() -> Optional.of(a.suspects().get(picked(s, a)).curve()));
    }

    private void unexplained() {
        pen.line(18, split, pen.width() - 18, split, Role.SAND, 1);
        pen.text(
                "“What explains it?” weighs every measure against this sweep.",
                18,
                split + 26,
                Anchor.START,
                13.5,
                Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        double y = split + 52;
        for (TrimLog.Cut c : s.job().trim().cuts()) {
            pen.words(
                    c.measure() + (c.by().value() < 0 ? " cut by " : " lengthened by ")
                            + NumberText.shown(1000 * Math.abs(c.by().value()), 1) + " mm",
                    18,
                    y,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            y += 20;
        }
    }

    private static Axis amounts(TrimAdvice a, double width) {
        double most = 1000
                * a.suspects()
                        .get(0)
                        .others()
                        .get(a.suspects().get(0).others().size() - 1)
                        .by();
        return new Axis(-most, most, LEFT, width - KEY);
    }

    /** The amount at a place of the rule. */
    static Optional<String> amountAt(Showing s, double x, double width) {
        return s.advice().trim().map(a -> {
            Axis axis = amounts(a, width);
            int last = a.suspects().get(0).others().size() - 1;
            double share = (x - axis.start()) / (axis.end() - axis.start());
            String measure = a.suspects().get(picked(s, a)).measure().name();
            return "set:" + AMOUNT + "=" + measure + "/" + Math.round(Math.max(0, Math.min(1, share)) * last);
        });
    }

    private void suspects(TrimAdvice a) {
        pen.line(18, split, pen.width() - 18, split, Role.SAND, 1);
        Suspect now = a.suspects().get(picked(s, a));
        rule(a, now);
        double y = split + RULE + 18;
        double right = pen.width() - 18;
        pen.text("What it may be", 18, y, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text("off, mm", right - 190, y, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text("±", right - 130, y, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text("times the noise", right - 58, y, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text("% sure", right, y, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        double row = Math.min(24, (pen.height() - y - 10) / (a.suspects().size() + 1));
        for (int i = 0; i < a.suspects().size(); i++) {
            row(a, i, y + 6 + i * row, row, right);
        }
        double base = y + 6 + a.suspects().size() * row + row / 2 + 4;
        pen.words("nothing is off", 46, base, Anchor.START, Face.TEXT, Role.INK);
        column(number(a.asDrawn()), right, base, a.asDrawn());
    }

    private void rule(TrimAdvice a, Suspect now) {
        Axis axis = amounts(a, pen.width());
        double y = split + 40;
        double by = dragged(s, a).map(Suspect.Amount::by).orElse(now.offBy());
        pen.text(
                Paragraph.capital(now.measure().name()) + " off by " + NumberText.signed(1000 * by, 1) + " mm",
                18,
                split + 20,
                Anchor.START,
                13.5,
                Face.BOLD,
                Role.INK,
                dragged(s, a).isPresent() ? Origin.Plain.TYPED : Origin.of(now.off()));
        Worked misfit = dragged(s, a).map(Suspect.Amount::misfit).orElse(now.misfit());
        pen.text(
                "misses by " + misfit.shown(),
                pen.width() - 18,
                split + 20,
                Anchor.END,
                12.5,
                Face.TEXT,
                Role.SLATE,
                Origin.of(misfit));
        pen.line(axis.start(), y, axis.end(), y, Role.EDGE, 2);
        double doubt = now.off().doubt().orElse(0.0);
        double from = axis.clamped(now.off().value() - doubt);
        pen.outline(from, y - 7, Math.max(3, axis.clamped(now.off().value() + doubt) - from), 14, Role.LICHEN, 2);
        for (double v : axis.ticks(6)) {
            pen.line(axis.at(v), y, axis.at(v), y + 5, Role.EDGE, 1);
            pen.tick(NumberText.signed(v, 0), axis.at(v), y + 20, Anchor.MIDDLE);
        }
        pen.words("mm", axis.end() + 8, y + 20, Anchor.START, Face.TEXT, Role.SLATE);
        diamond(axis.clamped(1000 * by), y, HANDLE, Role.MUSSEL);
        pen.zone(
                "amount",
                axis.start() - HANDLE,
                y - 16,
                axis.end() - axis.start() + 2 * HANDLE,
                32,
                "how much it is off; drag along it and the curve follows");
    }

    private void row(TrimAdvice a, int i, double top, double row, double right) {
        Suspect c = a.suspects().get(i);
        double base = top + row / 2 + 4;
        if (i == picked(s, a)) {
            pen.box(10, top, pen.width() - 20, row - 1, Role.MUSSEL_WASH);
            pen.outline(10, top, pen.width() - 20, row - 1, Role.MUSSEL, 2);
        }
        boolean found = a.found().filter(c::equals).isPresent();
        if (found) {
            pen.sign(Finding.Level.WATCH, 30, base - 4);
        }
        pen.words(
                Paragraph.capital(c.measure().name()), 46, base, Anchor.START, found ? Face.BOLD : Face.TEXT, Role.INK);
        column(NumberText.signed(c.off().value(), 1), right - 190, base, c.off());
        column(NumberText.shown(c.off().doubt().orElse(0.0), 1), right - 130, base, c.off());
        column(c.misfit().number(), right - 58, base, c.misfit());
        column(number(c.weight()), right, base, c.weight());
        pen.zone(
                "suspect:" + i,
                10,
                top,
                pen.width() - 20,
                row - 1,
                c.measure().name() + ", " + TrimWords.sure(c.weight()) + " sure. " + TrimWords.toDo(c));
    }

    private void column(String text, double x, double base, Worked how) {
        pen.text(text, x, base, Anchor.END, 12.5, Face.MONO, Role.INK, Origin.of(how));
    }

    static Stream<String> walk(Showing s) {
        return s.advice().trim().stream()
                .flatMap(a -> IntStream.range(0, a.suspects().size()).mapToObj(i -> "suspect:" + i));
    }

    /** What Enter notes: the measure that is walked to, put right by the amount that is shown. */
    static Optional<TrimLog.Cut> cut(Showing s) {
        return s.advice()
                .trim()
                .map(a -> {
                    Suspect now = a.suspects().get(picked(s, a));
                    double by = dragged(s, a).map(Suspect.Amount::by).orElse(now.offBy());
                    return new TrimLog.Cut(now.measure().name(), Quantity.shown(-by, Unit.MM, 1));
                })
                .filter(c -> c.by().value() != 0);
    }

    private static String number(Worked weight) {
        return weight.value() > 99 ? "99+" : weight.number();
    }
}
