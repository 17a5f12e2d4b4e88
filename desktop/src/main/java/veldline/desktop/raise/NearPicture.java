package veldline.desktop.raise;

import java.util.List;
import java.util.Optional;
import veldline.assess.NeighbourFigures;
import veldline.assess.Stage;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.desktop.part.RoundCut;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.path.FreeSpace;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Neighbour;

/** The antenna from above with what stands near it, which is dragged; beside it the level pattern with and without. */
final class NearPicture {
    private static final double TOP = 96;
    /** Waves shown to either side of the antenna's middle, and antennas. */
    private static final double WAVES = 1.2;

    private static final double ANTENNAS = 0.9;

    private final Showing s;
    private final Pen pen;
    private final double cx;
    private final double cy;
    private final double scale;

    NearPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.cx = width * 0.27;
        this.cy = TOP + (height - TOP - 40) / 2;
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        double longest = s.job().antenna(s.job().madeNear()).longest();
        double span = Math.max(WAVES * wave, ANTENNAS * longest);
        this.scale = Math.min(width * 0.25, (height - TOP - 60) / 2) / span;
    }

    /** Where it stands when it is dragged to a place. */
    Neighbour draggedTo(Neighbour n, double x, double y) {
        return n.withAhead(Quantity.shown((x - cx) / scale, Unit.M, 2))
                .withAside(Quantity.shown((cy - y) / scale, Unit.M, 2));
    }

    Picture draw() {
        Optional<Neighbour> near = s.job().raise().neighbour();
        if (near.isEmpty() || s.job().made().isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            s.job().made().isEmpty()
                                    ? "This antenna is not made of wires here."
                                    : "Nothing stands near it.",
                            s.job().made().isEmpty()
                                    ? "What stands near is solved together with one that is."
                                    : "Pick a mast or another antenna like it at the left, and drag it about.")
                    .done();
        }
        pen.words("from above, ahead to the right", 18, TOP + 10, Anchor.START, Face.TEXT, Role.SLATE);
        antenna(s.job().made().get().model());
        neighbour(near.get(), s.job().made().get().model());
        Stage<NeighbourFigures> solved = s.assessment().neighbour();
        solved.value().ifPresent(this::figures);
        if (solved.value().isEmpty()) {
            pen.words(
                    solved instanceof Stage.Failed<NeighbourFigures>
                            ? "not solved; the findings say why"
                            : "both are being solved",
                    pen.width() * 0.6,
                    cy,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
        }
        return pen.done();
    }

    private At at(Vec p, Vec middle) {
        return new At(cx + scale * (p.x() - middle.x()), cy - scale * (p.y() - middle.y()));
    }

    private void antenna(WireModel model) {
        wires(model, new Vec(0, 0, 0), Role.INK, 3);
    }

    private void wires(WireModel model, Vec by, Role role, double width) {
        Vec middle = model.middle();
        for (Wire w : model.wires()) {
            List<At> line = w.points().stream().map(p -> at(p.plus(by), middle)).toList();
            double wide = line.stream().mapToDouble(At::x).max().orElse(0)
                    - line.stream().mapToDouble(At::x).min().orElse(0);
            double tall = line.stream().mapToDouble(At::y).max().orElse(0)
                    - line.stream().mapToDouble(At::y).min().orElse(0);
            if (wide < 2 && tall < 2) {
                // Seen from its end.
                pen.dot(line.get(0).x(), line.get(0).y(), 3, role, role, 1);
            } else {
                pen.path(line, role, width, Dash.SOLID);
            }
        }
    }

    private void neighbour(Neighbour n, WireModel model) {
        double x = cx + scale * n.ahead().value();
        double y = cy - scale * n.aside().value();
        pen.line(cx, cy, x, y, Role.EDGE, 1, Dash.DOTTED);
        if (n.kind() == Neighbour.Kind.MAST) {
            double r = Math.max(5, scale * n.across().value() / 2);
            pen.dot(x, y, r, Role.SAND, Role.INK, 2.5);
        } else {
            wires(model, new Vec(n.ahead().value(), n.aside().value(), 0), Role.LICHEN, 2);
        }
        pen.zone("near", x - 16, y - 16, 32, 32, n.kind().words() + ", drag it about");
        double away = Math.hypot(n.ahead().value(), n.aside().value());
        pen.text(
                NumberText.shown(away, 2) + " m away" + (n.over().value() == 0 ? "" : ", " + n.over() + " higher"),
                18,
                pen.height() - 14,
                Anchor.START,
                13,
                Face.TEXT,
                Role.INK,
                Origin.Plain.TYPED);
    }

    private void big(Worked w, double x, Anchor anchor) {
        pen.text(w.shown(), x, 52, anchor, 30, Face.MONO_BOLD, Role.INK, Origin.of(w));
    }

    private void figures(NeighbourFigures f) {
        double right = pen.width() - 24;
        big(f.gain(), 18, Anchor.START);
        pen.words("ahead, by it", 18, 76, Anchor.START, Face.TEXT, Role.SLATE);
        big(f.back(), pen.width() * 0.36, Anchor.START);
        pen.words("ahead less back", pen.width() * 0.36, 76, Anchor.START, Face.TEXT, Role.SLATE);
        big(f.swr(), right, Anchor.END);
        pen.words("SWR with it", right, 76, Anchor.END, Face.TEXT, Role.SLATE);
        double radius = Math.min(pen.width() * 0.2, (pen.height() - TOP - 60) / 2);
        double outer = Math.max(RoundCut.outer(f.with()), RoundCut.outer(f.alone()));
        RoundCut.draw(pen, f.with(), f.alone(), outer, pen.width() * 0.77, cy, radius);
        pen.words("solid: with it; dashed: alone", right, pen.height() - 14, Anchor.END, Face.TEXT, Role.SLATE);
    }
}
