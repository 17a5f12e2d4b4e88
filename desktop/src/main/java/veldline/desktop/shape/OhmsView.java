package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.SwrBand;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.field.pattern.Sweep;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/**
 * Resistance to the right, reactance up and down, in plain ohms, with the rounds inside which an SWR is kept; the curve is the feed over
 * the band. What leaves the sheet is held at its edge.
 */
final class OhmsView implements Below.View {
    private static final double[] KEPT = {1.5, 2, 3};
    /** Ohms of reactance either way that a sheet holds. */
    private static final double[] HALVES = {70, 140, 350, 1400, 7000};

    private static final double SIDE = 210;
    /** Two names of rounds stand so far apart. */
    private static final double APART = 28;

    /** Resistance and reactance on the picture, alike in both directions so that the rounds are round. */
    private record Sheet(Axis r, Axis x) {
        /** As large as holds the curve, in few steps. */
        static Sheet of(List<Sweep.Point> points, double pictureWidth, double pictureHeight) {
            double low = ShapeFigures.RULE + 34;
            double high = pictureHeight - 28;
            double width = pictureWidth - SIDE - 70;
            double far = points.stream()
                    .mapToDouble(p -> Math.max(
                            Math.abs(p.impedance().getImaginary()),
                            p.impedance().getReal() * (high - low) / (2 * width)))
                    .max()
                    .orElse(0);
            double half =
                    Arrays.stream(HALVES).filter(h -> h >= far).findFirst().orElse(HALVES[HALVES.length - 1]);
            double ohms = width * 2 * half / (high - low);
            return new Sheet(new Axis(0, ohms, 60, 60 + width), new Axis(-half, half, high, low));
        }

        double far(Sweep.Point p, double atX, double atY) {
            At a = at(p, r, x);
            return Math.hypot(a.x() - atX, a.y() - atY);
        }
    }

    /** The point of the curve that is drawn nearest. */
    @Override
    public Optional<Integer> placeAt(Showing s, double x, double y, double width, double height) {
        return s.assessment().sweep().value().map(Sweep::points).flatMap(points -> {
            Sheet sheet = Sheet.of(points, width, height);
            return IntStream.range(0, points.size())
                    .boxed()
                    .min(Comparator.comparingDouble(i -> sheet.far(points.get(i), x, y)));
        });
    }

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text("Resistance and reactance", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Optional<Sweep> sweep = s.assessment().sweep().value();
        if (sweep.isEmpty()) {
            pen.words("Being solved over the band.", 18, top + 44, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        List<Sweep.Point> points = sweep.get().points();
        double z0 = s.job().lineOhms();
        Sheet sheet = Sheet.of(points, pen.width(), pen.height());
        Axis r = sheet.r;
        Axis x = sheet.x;
        frame(pen, r, x);
        for (int i = 0; i < KEPT.length; i++) {
            round(pen, r, x, KEPT[i], z0);
            // On a large sheet the rounds are small, and only the outermost has room for its name.
            if (i == KEPT.length - 1 || r.at(most(KEPT[i + 1], z0)) - r.at(most(KEPT[i], z0)) > APART) {
                pen.tick(
                        NumberText.shown(KEPT[i], KEPT[i] == 1.5 ? 1 : 0),
                        r.at(most(KEPT[i], z0)) + 3,
                        x.at(0) - 4,
                        Anchor.START);
            }
        }
        pen.path(
                points.stream()
                        .map(p -> new At(
                                r.clamped(p.impedance().getReal()),
                                x.clamped(p.impedance().getImaginary())))
                        .toList(),
                Role.MUSSEL,
                3,
                Dash.SOLID);
        pen.zone(
                Reading.SWR.pick(),
                r.start(),
                x.end(),
                r.end() - r.start(),
                x.start() - x.end(),
                "the feed over the band; left and right walk it, or drag along it");
        int read = Math.min(points.size() - 1, Reading.SWR.place(s).orElse(points.size() / 2));
        Sweep.Point p = points.get(read);
        pen.dot(
                r.clamped(p.impedance().getReal()),
                x.clamped(p.impedance().getImaginary()),
                6,
                Role.LICHEN,
                Role.SHEET,
                1.5);
        ends(pen, points, r, x);
        side(s, pen, sweep.get(), read);
    }

    private static void frame(Pen pen, Axis r, Axis x) {
        pen.line(r.at(0), x.at(0), r.at(r.to()), x.at(0), Role.EDGE, 1);
        pen.line(r.at(0), x.at(x.from()), r.at(0), x.at(x.to()), Role.EDGE, 1);
        for (double at : r.ticks(6)) {
            if (at > 0) {
                pen.tick(NumberText.shown(at, 0), r.at(at), x.at(x.from()) + 16, Anchor.MIDDLE);
            }
        }
        for (double at : x.ticks(4)) {
            pen.tick(
                    (at > 0 ? "+j" : at < 0 ? "−j" : "") + NumberText.shown(Math.abs(at), 0),
                    r.at(0) - 6,
                    x.at(at) + 4,
                    Anchor.END);
        }
    }

    /** All impedances of one SWR on the line lie on a circle. */
    private static void round(Pen pen, Axis r, Axis x, double swr, double z0) {
        double middle = z0 * (swr * swr + 1) / (2 * swr);
        double radius = z0 * (swr * swr - 1) / (2 * swr);
        List<At> points = new ArrayList<>();
        for (int deg = 0; deg <= 360; deg += 5) {
            points.add(new At(
                    r.clamped(middle + radius * Math.cos(Math.toRadians(deg))),
                    x.clamped(radius * Math.sin(Math.toRadians(deg)))));
        }
        boolean limit = swr == 2;
        pen.path(points, limit ? Role.THRIFT : Role.SAND, limit ? 2 : 1.2, Dash.SOLID);
    }

    /** The greatest resistance that has an SWR, ohms. */
    private static double most(double swr, double z0) {
        return z0 * swr;
    }

    /** Where the band begins, open, and where it ends, filled. */
    private static void ends(Pen pen, List<Sweep.Point> points, Axis r, Axis x) {
        Sweep.Point first = points.get(0);
        Sweep.Point last = points.get(points.size() - 1);
        pen.dot(at(first, r, x).x(), at(first, r, x).y(), 4, Role.SHEET, Role.MUSSEL, 2);
        pen.dot(at(last, r, x).x(), at(last, r, x).y(), 4, Role.MUSSEL, Role.MUSSEL, 2);
        pen.text(
                "from " + NumberText.shown(first.frequency() / 1e6, 0) + " (open) to "
                        + NumberText.shown(last.frequency() / 1e6, 0) + " MHz",
                pen.width() - SIDE - 16,
                ShapeFigures.RULE + 20,
                Anchor.END,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.SCALE);
    }

    private static At at(Sweep.Point p, Axis r, Axis x) {
        return new At(
                r.clamped(p.impedance().getReal()), x.clamped(p.impedance().getImaginary()));
    }

    private static void side(Showing s, Pen pen, Sweep sweep, int place) {
        double left = pen.width() - SIDE;
        double y = ShapeFigures.RULE + 44;
        pen.text(
                "At " + NumberText.shown(sweep.points().get(place).frequency() / 1e6, 1) + " MHz",
                left,
                y,
                Anchor.START,
                13,
                Face.BOLD,
                Role.LICHEN,
                Origin.Plain.SCALE);
        FeedRead read = FeedRead.of(s.assessment(), sweep, place);
        read.draw(pen, left, y + 20);
        FeedRead.row(pen, "gain", read.gain(), left, y + 88);
        pen.text("Bandwidth", left, y + 116, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
        for (int i = 0; i < KEPT.length; i++) {
            FeedRead.band(
                    pen,
                    "SWR under " + NumberText.shown(KEPT[i], 1),
                    SwrBand.of(s.assessment(), KEPT[i]),
                    SwrBand.goesOn(sweep, KEPT[i], s.job().lineOhms()),
                    left,
                    y + 134 + 17 * i);
        }
    }
}
