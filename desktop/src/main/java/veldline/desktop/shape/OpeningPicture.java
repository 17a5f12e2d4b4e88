package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.antenna.ApertureDesign;
import veldline.antenna.OpeningChange;
import veldline.antenna.Sketch;
import veldline.assess.AntennaFigures;
import veldline.assess.OpeningLook;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.job.JobChange;
import veldline.path.FreeSpace;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/** An antenna with an opening from the side, its measures to drag; from before, small beside it; under it its pattern and what its gain loses. */
final class OpeningPicture {
    private static final double TOP = 40;
    private static final double LEFT = 30;
    private static final double FRONT = 150;
    private static final double ROOM = ShapeFigures.RULE - TOP - 14;

    private final Showing s;
    private final ApertureDesign design;
    private final Sketch sketch;
    private final Pen pen;
    private final double perMetre;
    private final double middleX;
    private final double middleY;

    OpeningPicture(Showing s, ApertureDesign design, double width, double height) {
        this.s = s;
        this.design = design;
        this.sketch = design.of().sketch(design);
        this.pen = Picture.pen(width, height);
        double[] x = points(sketch.side()).mapToDouble(At::x).toArray();
        double[] y = points(sketch.side()).mapToDouble(At::y).toArray();
        double fits = Math.min(
                (width - FRONT - 2 * LEFT - 40) / Math.max(span(x), 1e-3), (ROOM - 24) / Math.max(span(y), 1e-3));
        // In round steps, so that the drawing holds still while a measure is dragged.
        this.perMetre = Math.pow(2, Math.floor(4 * Math.log(0.97 * fits) / Math.log(2)) / 4);
        double step = 30 / perMetre;
        this.middleX = step * Math.round(middle(x) / step);
        this.middleY = step * Math.round(middle(y) / step);
    }

    private static Stream<At> points(List<Sketch.Line> lines) {
        return lines.stream().flatMap(l -> l.points().stream());
    }

    private static double span(double[] of) {
        return java.util.Arrays.stream(of).max().orElse(0)
                - java.util.Arrays.stream(of).min().orElse(0);
    }

    private static double middle(double[] of) {
        return (java.util.Arrays.stream(of).max().orElse(0)
                        + java.util.Arrays.stream(of).min().orElse(0))
                / 2;
    }

    private double centre() {
        return (pen.width() - FRONT) / 2;
    }

    private At at(At p) {
        return new At(centre() + (p.x() - middleX) * perMetre, TOP + ROOM / 2 - (p.y() - middleY) * perMetre);
    }

    /** The edit that takes a measure's handle to a place of the picture. */
    Optional<JobChange> moved(String zone, double x, double y) {
        double across = (x - centre()) / perMetre + middleX;
        double up = (TOP + ROOM / 2 - y) / perMetre + middleY;
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        return OpeningHandle.of(design).stream()
                .filter(h -> h.zone().equals(zone) && !design.locked().contains(h.measure()))
                .findFirst()
                .map(h -> new JobChange.OfOpening(
                        !s.atFar(), new OpeningChange.Size(h.measure(), h.to(across, up, design, wave))));
    }

    Picture draw() {
        pen.text(design.title() + ", to scale", 18, 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        ScaleBar.draw(pen, perMetre);
        for (Sketch.Line l : sketch.side()) {
            pen.path(
                    l.points().stream().map(this::at).toList(),
                    role(l),
                    l.kind() == Sketch.Kind.METAL ? 3 : 2,
                    dash(l));
        }
        double y = TOP + ROOM / 2 + middleY * perMetre;
        At tip = at(new At(points(sketch.side()).mapToDouble(At::x).max().orElse(0), 0));
        double ends = Math.min(pen.width() - FRONT - 24, tip.x() + 46);
        pen.line(ends - 30, y, ends, y, Role.INK, 2);
        pen.path(List.of(new At(ends - 6, y - 6), new At(ends, y), new At(ends - 6, y + 6)), Role.INK, 2, Dash.SOLID);
        before();
        handles();
        pen.line(18, ShapeFigures.RULE, pen.width() - 18, ShapeFigures.RULE, Role.SAND, 1);
        if (Below.chosen(s) != Below.FIGURES) {
            Below.chosen(s).draw(s, pen);
            return pen.done();
        }
        Optional<OpeningLook> look = s.assessment().opening(!s.atFar()).flatMap(Stage::value);
        look.ifPresentOrElse(
                o -> {
                    pattern(o.figures());
                    new LossStairs(o, pen, split() + 14).draw();
                },
                () -> pen.words(
                        "It sends nothing as it is; see the findings.",
                        18,
                        ShapeFigures.RULE + 40,
                        Anchor.START,
                        Face.TEXT,
                        Role.INK));
        return pen.done();
    }

    private static Role role(Sketch.Line l) {
        return switch (l.kind()) {
            case METAL -> Role.INK;
            case FEED -> Role.MUSSEL;
            case OTHER -> Role.EDGE;
        };
    }

    private static Dash dash(Sketch.Line l) {
        return l.kind() == Sketch.Kind.OTHER ? Dash.DASHED : Dash.SOLID;
    }

    /** As the far end sees it. */
    private void before() {
        double size = FRONT - 18;
        double left = pen.width() - FRONT;
        pen.outline(left, TOP + 2, size, size + 16, Role.SAND, 1);
        pen.words("from before", left + 6, TOP + 17, Anchor.START, Face.TEXT, Role.SLATE);
        double most = Math.max(
                span(points(sketch.front()).mapToDouble(At::x).toArray()),
                span(points(sketch.front()).mapToDouble(At::y).toArray()));
        double scale = (size - 24) / Math.max(most, 1e-3);
        for (Sketch.Line l : sketch.front()) {
            pen.path(
                    l.points().stream()
                            .map(p -> turned(p))
                            .map(p -> new At(left + size / 2 + p.x() * scale, TOP + 18 + size / 2 - p.y() * scale))
                            .toList(),
                    role(l),
                    l.kind() == Sketch.Kind.METAL ? 2 : 1.4,
                    dash(l));
        }
    }

    /** The E plane stands where the field does. */
    private At turned(At p) {
        return design.upright() ? p : new At(p.y(), p.x());
    }

    private void handles() {
        String picked = s.picked().getOrDefault(Step.SHAPE, "");
        for (OpeningHandle h : OpeningHandle.of(design)) {
            At on = at(h.at());
            boolean here = picked.equals(h.zone());
            String name = design.of().measures().get(h.measure()).name();
            boolean locked = design.locked().contains(h.measure());
            String text = name + " " + design.sizes().get(h.measure()) + (locked ? ", locked" : "");
            if (locked) {
                pen.box(on.x() - 5, on.y() - 5, 10, 10, here ? Role.MUSSEL : Role.SHEET);
                pen.outline(on.x() - 5, on.y() - 5, 10, 10, Role.INK, 2);
            } else {
                pen.dot(on.x(), on.y(), here ? 7 : 5, here ? Role.MUSSEL : Role.SHEET, Role.MUSSEL, 2);
            }
            if (here) {
                pen.text(text, 18, TOP + 2, Anchor.START, 12.5, Face.MONO_BOLD, Role.INK, Origin.Plain.TYPED);
            }
            pen.zone(h.zone(), on.x() - 11, on.y() - 11, 22, 22, text + "; drag it");
        }
    }

    private double split() {
        return Math.round(pen.width() * 0.5);
    }

    private void pattern(AntennaFigures f) {
        double top = ShapeFigures.RULE;
        pen.line(split(), top + 8, split(), pen.height() - 10, Role.SAND, 1);
        pen.text("Where it reaches", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        double radius = Math.min((pen.height() - top - 40) / 2, (split() - 130) / 2);
        PolarDrawing.draw(pen, f, 24 + radius, top + 30 + radius, radius);
        double x = 24 + 2 * radius + 12;
        pen.text(f.gain().shown(), x, top + 44, Anchor.START, 15, Face.MONO_BOLD, Role.INK, Origin.of(f.gain()));
        pen.words("straight ahead", x, top + 60, Anchor.START, Face.TEXT, Role.SLATE);
        wide(f.widthE(), "in the E plane", x, top + 86, Role.MUSSEL, Dash.SOLID);
        wide(f.widthH(), "in the H plane", x, top + 124, Role.LICHEN, Dash.DASHED);
        pen.text(
                f.frontToBack().number() + " dB less",
                x,
                top + 162,
                Anchor.START,
                13,
                Face.BOLD,
                Role.INK,
                Origin.of(f.frontToBack()));
        pen.words("straight back", x, top + 178, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text("SWR " + f.swr().number(), x, top + 202, Anchor.START, 13, Face.MONO, Role.INK, Origin.of(f.swr()));
    }

    private void wide(Optional<Worked> w, String what, double x, double y, Role role, Dash dash) {
        pen.line(x, y - 5, x + 14, y - 5, role, 3, dash);
        w.ifPresentOrElse(
                v -> pen.text(v.number() + "° wide", x + 19, y, Anchor.START, 13, Face.BOLD, Role.INK, Origin.of(v)),
                () -> pen.words("all round", x + 19, y, Anchor.START, Face.TEXT, Role.INK));
        pen.words(what, x, y + 16, Anchor.START, Face.TEXT, Role.SLATE);
    }
}
