package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import veldline.antenna.Bought;
import veldline.antenna.SizeCeiling;
import veldline.assess.Assessment;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Mark.Stroke;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/** What is claimed of a bought antenna, on one axis with what is needed, what is allowed and what its size can give. */
final class BoughtPicture {
    private static final double LOW = -15;
    private static final double HIGH = 25;
    private static final double TOP = 76;
    private static final double BOTTOM = 132;

    private final Showing s;
    private final Bought bought;
    private final Pen pen;
    private final Axis gain;

    BoughtPicture(Showing s, Bought bought, double width, double height) {
        this.s = s;
        this.bought = bought;
        this.pen = Picture.pen(width, height);
        this.gain = new Axis(LOW, HIGH, 40, width - 40);
    }

    /** The gain under a place in the picture, dBi. */
    double gainAt(double x) {
        return gain.value(x);
    }

    Picture draw() {
        pen.text(bought.name() + ", bought", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.words("drag the claim along the axis", pen.width() - 18, 22, Anchor.END, Face.TEXT, Role.SLATE);
        Assessment a = s.assessment();
        if (s.atFar() != a.job().madeNear()) {
            limit(a.needed(), "needed", true);
            a.allowed().ifPresent(m -> limit(m, "allowed", false));
        }
        pen.line(gain.start(), BOTTOM, gain.end(), BOTTOM, Role.EDGE, 1.5);
        for (double db = LOW; db <= HIGH; db += 5) {
            pen.line(gain.at(db), BOTTOM, gain.at(db), BOTTOM + 6, Role.EDGE, 1);
            pen.tick(veldline.quantity.NumberText.signed(db, 0), gain.at(db), BOTTOM + 22, Anchor.MIDDLE);
        }
        pen.words("dBi", gain.end(), BOTTOM + 42, Anchor.END, Face.TEXT, Role.SLATE);
        Optional<Worked> most = bought.length().value() > 0
                ? Optional.of(SizeCeiling.worked(
                        bought.length().value(), a.job().brief().frequency().value()))
                : Optional.empty();
        most.ifPresent(this::ceiling);
        claim();
        new InspectionPicture(s, bought, pen).draw();
        return pen.done();
    }

    private void limit(Worked at, String what, boolean below) {
        double x = gain.clamped(at.value());
        double from = below ? gain.start() : x;
        double to = below ? x : gain.end();
        pen.hatched(from, TOP, to - from, BOTTOM - TOP, Role.THRIFT, Hatch.DIAGONAL);
        pen.line(x, TOP - 8, x, BOTTOM, Role.THRIFT, 2);
        pen.text(
                at.number() + " " + what,
                x,
                TOP - 14 - (below ? 0 : 18),
                Anchor.MIDDLE,
                12.5,
                Face.BOLD,
                Role.INK,
                Origin.of(at));
    }

    private void ceiling(Worked most) {
        double x = gain.clamped(most.value());
        pen.line(x, BOTTOM - 40, x, BOTTOM + 54, Role.INK, 2, Dash.DOTTED);
        pen.text(
                "at most " + most.number() + " for " + bought.length(),
                x + (most.value() > 15 ? -8 : 8),
                BOTTOM + 58,
                most.value() > 15 ? Anchor.END : Anchor.START,
                12.5,
                Face.BOLD,
                Role.INK,
                Origin.of(most));
    }

    private void claim() {
        double x = gain.clamped(bought.gain().value());
        double y = (TOP + BOTTOM) / 2;
        List<At> corners = List.of(new At(x, y - 11), new At(x + 11, y), new At(x, y + 11), new At(x - 11, y));
        pen.area(corners, Role.SHEET, Hatch.NONE);
        pen.add(new Stroke(corners, true, Role.MUSSEL, 2.5, Dash.SOLID));
        pen.box(x + 16, y - 12, 62, 22, Role.SHEET);
        pen.text(
                "‘" + bought.workedGain().number() + "’",
                x + 20,
                y + 5,
                Anchor.START,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(bought.workedGain()));
        pen.zone("claim", x - 16, y - 16, 32, 32, "claimed gain, drag along the axis");
    }
}
