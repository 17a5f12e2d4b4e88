package veldline.desktop.shape;

import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import veldline.assess.GainBand;
import veldline.assess.Stage;
import veldline.assess.SwrBand;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.field.pattern.Sweep;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** An antenna with an opening over the band: its gain, and what comes back at its socket where that is worked out. */
final class BandView implements Below.View {
    private static final double SIDE = 210;
    private static final double LEFT = 60;
    /** Fewer decibels than this are not spread over the whole chart. */
    private static final double LEAST = 3;

    private static final double LIMIT = 2;
    private static final double KEPT_DB = 1;

    private static Axis over(List<GainBand.Point> points, double width) {
        return new Axis(points.get(0).frequency(), points.get(points.size() - 1).frequency(), LEFT, width - SIDE - 20);
    }

    @Override
    public Optional<Integer> placeAt(Showing s, double x, double y, double width, double height) {
        return points(s).map(p -> {
            Axis axis = over(p, width);
            return IntStream.range(0, p.size())
                    .boxed()
                    .min(Comparator.comparingDouble(
                            i -> Math.abs(axis.at(p.get(i).frequency()) - x)))
                    .orElse(0);
        });
    }

    /** What there is to walk; nothing at a single frequency. */
    private static Optional<List<GainBand.Point>> points(Showing s) {
        return s.assessment().band().value().map(GainBand::points).filter(p -> p.size() > 1);
    }

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text("Over the band", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Optional<List<GainBand.Point>> found = points(s);
        if (found.isEmpty()) {
            pen.words(
                    s.assessment().band() instanceof Stage.Running ? "Being worked out." : "It sends nothing as it is.",
                    18,
                    top + 44,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        List<GainBand.Point> points = found.get();
        Optional<Sweep> fed = s.assessment().sweep().value();
        Axis x = over(points, pen.width());
        double foot = pen.height() - 28;
        // With nothing to say of its feed the gain has all the room.
        double middle = fed.isPresent() ? Math.round(top + 40 + (foot - top - 40) * 0.55) : foot + 10;
        boolean net = band(s).fed().isEmpty();
        gain(pen, points, fed.filter(w -> net), x, top + 36, middle - 10);
        fed.ifPresent(w -> swr(pen, w, s.job().lineOhms(), net, x, middle + 8, foot));
        for (double at : x.ticks((int) ((x.end() - x.start()) / 80))) {
            pen.tick(NumberText.shown(at / 1e6, 0), x.at(at), foot + 17, Anchor.MIDDLE);
        }
        double f = s.job().brief().frequency().value();
        pen.line(x.clamped(f), top + 36, x.clamped(f), foot, Role.EDGE, 1, Dash.DASHED);
        int read = Math.min(points.size() - 1, Reading.BAND.place(s).orElse(band(s).centre()));
        double at = x.at(points.get(read).frequency());
        pen.line(at, top + 32, at, foot, Role.LICHEN, 2, Dash.SOLID);
        pen.area(
                List.of(new At(at, foot), new At(at + 6, foot + 8), new At(at - 6, foot + 8)), Role.LICHEN, Hatch.NONE);
        pen.zone(
                Reading.BAND.pick(),
                x.start(),
                top + 32,
                x.end() - x.start(),
                foot - top - 32,
                "over the band; left and right walk it, or drag along it");
        side(s, pen, points.get(read), fed);
    }

    private static void gain(
            Pen pen, List<GainBand.Point> points, Optional<Sweep> net, Axis x, double top, double bottom) {
        DoubleSummaryStatistics all = DoubleStream.concat(
                        points.stream().mapToDouble(p -> p.gain().value()),
                        net.stream().flatMap(w -> w.points().stream()).mapToDouble(Sweep.Point::gainDbi))
                .summaryStatistics();
        double most = all.getMax();
        double least = all.getMin();
        double high = Math.ceil(most + 0.2);
        Axis y = new Axis(Math.min(Math.floor(least), high - LEAST), high, bottom, top);
        for (double v : y.ticks(4)) {
            pen.line(x.start(), y.at(v), x.end(), y.at(v), Role.SAND, 1);
            pen.tick(NumberText.shown(v, 0), x.start() - 8, y.at(v) + 4, Anchor.END);
        }
        pen.words("dBi", 18, top + 18, Anchor.START, Face.TEXT, Role.SLATE);
        net.ifPresent(w -> pen.path(
                w.points().stream()
                        .map(p -> new At(x.clamped(p.frequency()), y.clamped(p.gainDbi())))
                        .toList(),
                Role.LICHEN,
                2,
                Dash.DASHED));
        pen.path(
                points.stream()
                        .map(p -> new At(x.at(p.frequency()), y.at(p.gain().value())))
                        .toList(),
                Role.MUSSEL,
                3,
                Dash.SOLID);
    }

    private static void swr(Pen pen, Sweep fed, double z0, boolean net, Axis x, double top, double bottom) {
        Axis y = new Axis(1, 3, bottom, top);
        pen.hatched(x.start(), top, x.end() - x.start(), y.at(LIMIT) - top, Role.THRIFT, Hatch.DIAGONAL);
        pen.line(x.start(), y.at(LIMIT), x.end(), y.at(LIMIT), Role.THRIFT, 2);
        for (int v = 1; v <= 3; v++) {
            pen.tick(Integer.toString(v), x.start() - 8, y.at(v) + 4, Anchor.END);
        }
        pen.words("SWR", 18, top + 18, Anchor.START, Face.TEXT, Role.SLATE);
        pen.line(x.start(), bottom, x.end(), bottom, Role.INK, 1);
        pen.path(
                fed.points().stream()
                        .map(p -> new At(x.clamped(p.frequency()), y.clamped(p.swr(z0))))
                        .toList(),
                net ? Role.LICHEN : Role.MUSSEL,
                3,
                net ? Dash.DASHED : Dash.SOLID);
    }

    private static void side(Showing s, Pen pen, GainBand.Point p, Optional<Sweep> fed) {
        GainBand band = band(s);
        double left = pen.width() - SIDE + 10;
        double y = ShapeFigures.RULE + 44;
        pen.text(
                "At " + NumberText.shown(p.frequency() / 1e6, 1) + " MHz",
                left,
                y,
                Anchor.START,
                13,
                Face.BOLD,
                Role.LICHEN,
                Origin.Plain.SCALE);
        FeedRead.row(pen, "gain", p.gain(), left, y + 20);
        double at = y + 37;
        if (fed.isPresent()) {
            FeedRead read = FeedRead.of(s.assessment(), fed.get(), nearest(fed.get(), p.frequency()));
            if (band.fed().isEmpty()) {
                FeedRead.row(pen, "gain, by its net", read.gain(), left, at);
                at += 17;
            }
            read.draw(pen, left, at);
            at += 68;
        }
        pen.text("Bandwidth", left, at + 12, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
        FeedRead.band(pen, "within 1 dB", band.within(KEPT_DB), band.goesOn(KEPT_DB), left, at + 30);
        if (fed.isPresent()) {
            FeedRead.band(
                    pen,
                    "SWR under 2",
                    SwrBand.of(s.assessment(), LIMIT),
                    SwrBand.goesOn(fed.get(), s.job().lineOhms()),
                    left,
                    at + 47);
            return;
        }
        pen.words("What comes back at its socket", left, at + 60, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words("is typed for one frequency.", left, at + 75, Anchor.START, Face.TEXT, Role.SLATE);
        if (s.assessment().grid().value().flatMap(g -> g).isPresent()) {
            pen.words("Its net of wires tells it over", left, at + 95, Anchor.START, Face.TEXT, Role.SLATE);
            pen.words("the band: solve that at the left.", left, at + 110, Anchor.START, Face.TEXT, Role.SLATE);
        }
    }

    private static int nearest(Sweep curve, double frequency) {
        return IntStream.range(0, curve.points().size())
                .boxed()
                .min(Comparator.comparingDouble(
                        i -> Math.abs(curve.points().get(i).frequency() - frequency)))
                .orElseThrow();
    }

    private static GainBand band(Showing s) {
        return s.assessment().band().value().orElseThrow();
    }
}
