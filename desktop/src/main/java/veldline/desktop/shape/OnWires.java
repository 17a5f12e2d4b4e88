package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.YagiDrawing;
import veldline.antenna.YagiShape;
import veldline.assess.AntennaFigures;
import veldline.assess.WireCurrent;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.field.wire.Vec;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;

/** What can be laid over the drawing to scale: the currents as sails on the elements, or where the engine cut them. */
final class OnWires {
    static final String SHOW = "shape.show";
    /** How far the greatest current stands out, units of the picture. */
    private static final double SAIL = 22;

    /** What is laid over. */
    enum Show {
        PLAIN,
        CURRENTS,
        CUTS
    }

    private OnWires() {}

    static Show chosen(Showing s) {
        return Optional.ofNullable(s.noted().get(SHOW)).map(Show::valueOf).orElse(Show.PLAIN);
    }

    /** Three words to pick from, beside the heading. */
    static void words(Showing s, Pen pen, double left, double y) {
        double x = left;
        for (Show show : Show.values()) {
            String word = show.name().toLowerCase(java.util.Locale.ROOT);
            boolean chosen = chosen(s) == show;
            double w = 6.6 * word.length() + 10;
            pen.text(
                    word,
                    x + w / 2,
                    y,
                    Anchor.MIDDLE,
                    12,
                    chosen ? Face.BOLD : Face.TEXT,
                    chosen ? Role.INK : Role.SLATE,
                    Origin.Plain.NAME);
            pen.line(x + 4, y + 5, x + w - 4, y + 5, chosen ? Role.MUSSEL : Role.SAND, chosen ? 2.5 : 1);
            pen.zone("set:" + SHOW + "=" + show.name(), x, y - 15, w, 22, "show " + word + " on the drawing");
            x += w + 2;
        }
    }

    static void draw(Showing s, YagiShape yagi, YagiDrawing drawing, int picked, Pen pen) {
        Optional<AntennaFigures> figures = s.assessment()
                .antenna()
                .value()
                .filter(f -> f.currents().size() >= yagi.elements().size());
        if (figures.isEmpty() || chosen(s) == Show.PLAIN) {
            return;
        }
        // After the elements may come the outside of the cable, which hangs out of this view.
        List<WireCurrent> wires =
                figures.get().currents().subList(0, yagi.elements().size());
        double most = wires.stream().mapToDouble(WireCurrent::most).max().orElseThrow();
        for (WireCurrent wire : wires) {
            if (chosen(s) == Show.CURRENTS) {
                sail(wire, most, yagi.upright(), drawing, pen);
            } else {
                cuts(wire, yagi.upright(), drawing, pen);
            }
        }
        double right = drawing.right() - 110;
        if (chosen(s) == Show.CURRENTS) {
            said(wires, picked, right, pen);
        } else {
            pen.text(
                    figures.get().unknowns() + " current unknowns",
                    right,
                    21,
                    Anchor.END,
                    12.5,
                    Face.TEXT,
                    Role.INK,
                    Origin.Plain.NAME);
        }
    }

    /** Whether it has something to say of its own where the drawing would tell the chosen length. */
    static boolean says(Showing s) {
        return chosen(s) != Show.PLAIN && s.assessment().antenna().value().isPresent();
    }

    private static At place(Vec v, boolean upright, YagiDrawing drawing) {
        return drawing.at(v.x(), upright ? v.z() : v.y());
    }

    private static void sail(WireCurrent wire, double most, boolean upright, YagiDrawing drawing, Pen pen) {
        List<At> edge = new ArrayList<>();
        for (int i = 0; i < wire.at().size(); i++) {
            At on = place(wire.at().get(i), upright, drawing);
            edge.add(new At(on.x() + SAIL * wire.amps().get(i).norm() / most, on.y()));
        }
        List<At> closed = new ArrayList<>(edge);
        closed.add(place(wire.at().get(wire.at().size() - 1), upright, drawing));
        closed.add(place(wire.at().get(0), upright, drawing));
        pen.area(closed, Role.LICHEN, Hatch.HORIZONTAL);
        pen.path(edge, Role.LICHEN, 2, Dash.SOLID);
    }

    private static void cuts(WireCurrent wire, boolean upright, YagiDrawing drawing, Pen pen) {
        for (Vec v : wire.at()) {
            At on = place(v, upright, drawing);
            pen.line(on.x() - 7, on.y(), on.x() + 7, on.y(), Role.LICHEN, 1.2);
        }
    }

    /** What the chosen element carries beside the driven one, ending at a place. */
    private static void said(List<WireCurrent> wires, int picked, double right, Pen pen) {
        Worked share = wires.get(picked).share(wires.get(1));
        Worked lag = wires.get(picked).lag(wires.get(1));
        pen.words("behind", right, 21, Anchor.END, Face.TEXT, Role.INK);
        pen.text(lag.shown(), right - 48, 21, Anchor.END, 12.5, Face.MONO_BOLD, Role.INK, Origin.of(lag));
        pen.words("of the feed,", right - 92, 21, Anchor.END, Face.TEXT, Role.INK);
        pen.text(share.shown(), right - 168, 21, Anchor.END, 12.5, Face.MONO_BOLD, Role.INK, Origin.of(share));
    }
}
