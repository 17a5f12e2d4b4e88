package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import veldline.antenna.OwnWires;
import veldline.antenna.YagiDrawing;
import veldline.antenna.YagiShape;
import veldline.assess.Stage;
import veldline.assess.ToleranceFigures;
import veldline.desktop.bench.Showing;
import veldline.desktop.shape.WiresPicture.View;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The whole centre of Shape for a Yagi: drawing, pattern, SWR over the band and cut list. */
final class ShapePicture {
    private static final double RULE = ShapeFigures.RULE;
    private static final double ROW = 16;
    /** Room for a name, for each letter of a length, and for its ± with what parts it from the next. */
    private static final double NAME = 32;

    private static final double MONO = 7.3;
    private static final double EXACT = 39;

    private final Showing s;
    private final YagiShape yagi;
    private final Pen pen;

    ShapePicture(Showing s, double width, double height) {
        this.s = s;
        this.yagi = s.job().yagi().orElseThrow();
        this.pen = Picture.pen(width, height);
    }

    Picture draw() {
        pen.text(
                yagi.elements().size() + " elements, to scale",
                18,
                20,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        int picked = ShapeBench.picked(s);
        YagiDrawing drawing = drawing(yagi, pen.width(), picked);
        View flat = YagiSides.flat(yagi);
        View view = View.chosen(s, flat);
        OtherViews.draw(
                pen, OwnWires.of(yagi.withOutside(Optional.empty()).model(), yagi.metal(), yagi.upright()), view);
        if (view == flat) {
            flat(drawing);
        } else {
            new YagiSides(yagi, view, pen.width(), picked).draw(pen);
        }
        ShapeFigures figures = new ShapeFigures(s, pen);
        figures.draw();
        if (Below.chosen(s) == Below.FIGURES) {
            cutList(figures.left());
        }
        return pen.done();
    }

    /** The drawing in whose paper elements and boom lie, with the other two views beside it. */
    static YagiDrawing drawing(YagiShape yagi, double width, int picked) {
        return new YagiDrawing(yagi, width, picked).beside(OtherViews.ROOM);
    }

    private void flat(YagiDrawing drawing) {
        // In a narrow window the words beside the heading need the room of the chosen length in both units.
        if (OnWires.says(s) || pen.width() < ShapeFigures.ROOMY) {
            drawing.untagged().draw(pen);
        } else {
            drawing.draw(pen);
        }
        OnWires.words(s, pen, 172, 20);
        OnWires.draw(s, yagi, drawing, ShapeBench.picked(s), pen);
    }

    private void cutList(double left) {
        double y = RULE + 142;
        List<YagiShape.Cut> cuts = yagi.cutList(s.job().brief().frequency().value());
        double f = s.job().brief().frequency().value();
        double extra = yagi.boom().correction(yagi.boomDiameter().value(), 299_792_458.0 / f);
        pen.text("Cut list", left, y, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Stage<Optional<ToleranceFigures>> stage = s.assessment().tolerances();
        Optional<ToleranceFigures> exact =
                stage.value().flatMap(t -> t).filter(t -> t.lengths().size() == cuts.size());
        Role ink = stage.settled() ? Role.INK : Role.SLATE;
        pen.text(
                (extra > 0 ? "boom adds " + NumberText.shown(extra * 1000, 1) + " mm; " : "mm; ")
                        + exact.map(t -> "± keeps SWR under " + NumberText.shown(t.swr(), 1))
                                .orElse("file ends square"),
                left + 66,
                y,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                exact.map(t -> Origin.of(t.kept())).orElse(Origin.Plain.NAME));
        exact.ifPresent(t -> pen.text(
                "Of 100 cut to ±" + NumberText.shown(ToleranceFigures.BY_HAND * 1000, 1) + " mm, "
                        + t.kept().number() + " keep it.",
                left,
                pen.height() - 6,
                Anchor.START,
                12,
                Face.BOLD,
                ink,
                Origin.of(t.kept())));
        double room = pen.width() - 10 - left;
        int letters = cuts.stream().mapToInt(c -> millimetres(c).length()).max().orElseThrow();
        double numberEnd = NAME + MONO * letters;
        int columns = (int) Math.max(1, Math.min(3, room / (numberEnd + EXACT)));
        int rows =
                Math.max(1, Math.min((cuts.size() + columns - 1) / columns, (int) ((pen.height() - y - 40) / ROW) + 1));
        // Where not all fit, those around the chosen one are shown; the printed list has all.
        int first = Math.max(0, Math.min(ShapeBench.picked(s) - columns * rows / 2, cuts.size() - columns * rows));
        for (int i = first; i < Math.min(cuts.size(), first + columns * rows); i++) {
            int index = i;
            YagiShape.Cut cut = cuts.get(i);
            double x = left + (i - first) / rows * room / columns;
            double rowY = y + 20 + (i - first) % rows * ROW;
            String name = i == 1 ? "drv." : cut.name();
            boolean picked = i == ShapeBench.picked(s);
            pen.text(name, x, rowY, Anchor.START, 12, picked ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.NAME);
            pen.text(
                    millimetres(cut),
                    x + numberEnd,
                    rowY,
                    Anchor.END,
                    12,
                    picked ? Face.MONO_BOLD : Face.MONO,
                    Role.INK,
                    Origin.Plain.TYPED);
            exact.ifPresent(t -> pen.text(
                    "±" + t.lengths().get(index).number(),
                    x + numberEnd + 3,
                    rowY,
                    Anchor.START,
                    12,
                    Face.MONO,
                    ink,
                    Origin.of(t.lengths().get(index))));
        }
    }

    private static String millimetres(YagiShape.Cut cut) {
        return NumberText.shown(cut.cut() * 1000, 1);
    }
}
