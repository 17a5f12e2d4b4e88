package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.assess.Step;
import veldline.assess.TestFigures;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.Diamond;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.raise.Aim;

/** Level over what is turned, with what was worked out laid through it; where it hangs is dragged. */
final class TurnPicture {
    private static final double LEFT = 56;
    private static final double TOP = 112;
    private static final double FOOT = 46;
    /** So far under the highest reading what was worked out is still drawn, dB. */
    private static final double DEEPEST = 34;

    private static final List<Double> ROSE = List.of(0.0, 45.0, 90.0, 135.0, 180.0, 225.0, 270.0, 315.0);
    private static final List<Double> HALF = List.of(0.0, 30.0, 60.0, 90.0, 120.0, 150.0, 180.0);

    private final Showing s;
    private final Pen pen;
    private final Turned what;
    private final List<TurnReading> readings;
    private final Optional<TestFigures> tests;
    /** Bearings are drawn as they lie about this one. */
    private final double about;

    private final Axis x;

    TurnPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.what = TurnInputs.turned(s);
        this.readings = s.job().prove().turned(what);
        this.tests = s.assessment().tests().value();
        this.about = tests.flatMap(TestFigures::pattern)
                .map(p -> p.aim().mark().value())
                .orElse(s.assessment().raise().bearing(s.job().madeNear()).value());
        double high = Math.max(
                readings.stream().mapToDouble(r -> r.at().value()).max().orElse(10),
                s.job().brief().near().height().value());
        this.x = switch (what) {
            case BEARING -> new Axis(-180, 180, LEFT, width - 24);
            case HEIGHT -> new Axis(0, high + 1, LEFT, width - 24);
            case POLARIZATION -> new Axis(0, 180, LEFT, width - 24);
        };
    }

    /** The height a place stands for, to a tenth of a metre. */
    double heightAt(double place) {
        return Math.max(0.5, Math.round(10 * x.value(place)) / 10.0);
    }

    private double lies(double at) {
        return what == Turned.BEARING ? Aim.off(at, about) : at;
    }

    Picture draw() {
        if (readings.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            what.title() + ": nothing was read yet.",
                            "Change " + what.words()
                                    + " alone, and type setting and level of each reading at the left.")
                    .done();
        }
        int chosen = s.pickedIndex(Step.PROVE, best(), readings.size());
        digits(chosen);
        chart(chosen);
        return pen.done();
    }

    private int best() {
        return readings.indexOf(readings.stream()
                .max(Comparator.comparingDouble(r -> r.level().value()))
                .orElseThrow());
    }

    private Optional<Worked> answer() {
        return switch (what) {
            case BEARING -> tests.flatMap(TestFigures::pattern).map(p -> p.aim().mark());
            case HEIGHT -> tests.flatMap(TestFigures::height).map(h -> h.best());
            case POLARIZATION -> tests.flatMap(TestFigures::polarization).map(p -> p.best());
        };
    }

    private void digits(int chosen) {
        TurnReading now = readings.get(chosen);
        big(now.level(), LEFT, Role.INK, "dBm at " + now.at() + ", " + (chosen + 1) + " of " + readings.size());
        TurnReading most = readings.get(best());
        big(most.level(), pen.width() * 0.4, Role.MUSSEL, "highest, at " + most.at());
        answer().ifPresent(w -> {
            double right = pen.width() - 24;
            pen.text(w.shown(), right, 52, Anchor.END, 34, Face.MONO_BOLD, Role.INK, Origin.of(w));
            pen.words(w.formula().name(), right, 74, Anchor.END, Face.TEXT, Role.SLATE);
        });
    }

    private void big(Quantity level, double left, Role role, String under) {
        String text = NumberText.shown(level.value(), 1);
        pen.text(text, left, 52, Anchor.START, 34, Face.MONO_BOLD, role, Origin.Plain.MEASURED);
        Underline.measured(pen, left, left + 20.5 * text.length(), 58);
        pen.text(under, left, 76, Anchor.START, 12.5, Face.TEXT, Role.SLATE, Origin.Plain.MEASURED);
    }

    private void chart(int chosen) {
        double high =
                readings.stream().mapToDouble(r -> r.level().value()).max().orElseThrow();
        double low = readings.stream().mapToDouble(r -> r.level().value()).min().orElseThrow();
        Axis y = new Axis(Math.min(low, high - 6) - 3, high + 3, pen.height() - FOOT, TOP);
        for (double tick : y.ticks(6)) {
            pen.line(x.start(), y.at(tick), x.end(), y.at(tick), Role.SAND, 1);
            pen.tick(NumberText.shown(tick, 0), x.start() - 8, y.at(tick) + 4, Anchor.END);
        }
        for (double tick : what == Turned.BEARING ? ROSE : what == Turned.POLARIZATION ? HALF : x.ticks(8)) {
            pen.line(x.at(lies(tick)), y.start(), x.at(lies(tick)), y.start() + 5, Role.EDGE, 1);
            pen.tick(
                    NumberText.shown(tick, 0) + (what == Turned.HEIGHT ? " m" : "°"),
                    x.at(lies(tick)),
                    pen.height() - FOOT + 20,
                    Anchor.MIDDLE);
        }
        pen.words("dBm", 14, TOP - 8, Anchor.START, Face.TEXT, Role.SLATE);
        laid(y, high);
        if (what == Turned.HEIGHT) {
            hangs(y);
        }
        for (int i = 0; i < readings.size(); i++) {
            TurnReading r = readings.get(i);
            double at = x.at(lies(r.at().value()));
            double up = y.at(r.level().value());
            Diamond.reading(pen, at, up, i == chosen);
            pen.zone("turned:" + i, at - 9, up - 9, 18, 18, r.level() + " at " + r.at());
        }
    }

    /** What was worked out is dashed; a law that was laid through the readings is theirs, and solid. */
    private void laid(Axis y, double high) {
        boolean law = what == Turned.POLARIZATION;
        List<TestFigures.Laid> laid = tests.stream()
                .flatMap(t -> t.laid().get(what).stream())
                .sorted(Comparator.comparingDouble(l -> lies(l.at())))
                .toList();
        if (laid.isEmpty()) {
            return;
        }
        // Under the scale nothing is drawn, not a line along its foot.
        List<At> run = new ArrayList<>();
        for (TestFigures.Laid l : laid) {
            if (l.level() > Math.max(y.from(), high - DEEPEST) && l.level() < y.to()) {
                run.add(new At(x.clamped(lies(l.at())), y.at(l.level())));
            } else {
                stroke(run, law);
                run = new ArrayList<>();
            }
        }
        stroke(run, law);
        pen.words(
                what == Turned.BEARING
                        ? "dashed: the cut as solved"
                        : law ? "line: the law of a straight field" : "dashed: as worked out",
                x.end(),
                TOP - 8,
                Anchor.END,
                Face.TEXT,
                Role.SLATE);
    }

    private void stroke(List<At> run, boolean law) {
        if (run.size() > 1) {
            pen.path(run, law ? Role.MUSSEL : Role.LICHEN, 2.2, law ? Dash.SOLID : Dash.DASHED);
        }
    }

    private void hangs(Axis y) {
        double at = x.at(s.job().brief().near().height().value());
        pen.line(at, TOP, at, y.start(), Role.INK, 2);
        pen.box(at - 5, y.start() - 12, 10, 12, Role.INK);
        pen.zone("hangs", at - 10, y.start() - 60, 20, 60, "where it hangs, drag along the scale");
    }
}
