package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import veldline.assess.CloserLook;
import veldline.build.Cut;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.InchFraction;
import veldline.quantity.NumberText;

/**
 * Pieces in their true size, laid straight with their bends marked, to hold the metal against. A screen does not know how large it is, so
 * the bar is drawn out to fifty millimetres by a rule first.
 */
final class TrueView implements Below.View {
    private static final String PER_MM = "shape.true";
    /** What is dragged to the rule's fifty millimetres. */
    private static final String RULE_END = "true:rule";

    private static final double BAR_MM = 50;
    /** Of a usual screen, pixels for a millimetre. */
    private static final double USUAL = 96 / 25.4;

    private static final double LEAST = 1.5;
    private static final double MOST = 12;
    private static final double LEFT = 28;
    private static final double ROW = 17;
    /** A name of so many letters stands in a narrow column. */
    private static final int SHORT = 14;

    private static double perMm(Showing s) {
        return Optional.ofNullable(s.noted().get(PER_MM))
                .map(Double::valueOf)
                .filter(v -> v >= LEAST && v <= MOST)
                .orElse(USUAL);
    }

    static List<Cut> cuts(Showing s) {
        return s.assessment()
                .closer()
                .value()
                .map(CloserLook::plan)
                .map(p -> p.cuts())
                .orElse(List.of());
    }

    @Override
    public Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        double perMm = Math.max(LEAST, Math.min(MOST, (x - LEFT) / BAR_MM));
        return zone.equals(RULE_END) ? Optional.of("set:" + PER_MM + "=" + perMm) : Optional.empty();
    }

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text("Pieces at true size", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        List<Cut> cuts = cuts(s);
        if (cuts.isEmpty()) {
            pen.words("Being worked out.", 18, top + 44, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        double perMm = perMm(s);
        rule(pen, perMm, top + 46);
        int read = Math.min(cuts.size() - 1, Reading.PIECES.place(s).orElse(0));
        Cut cut = cuts.get(read);
        piece(pen, cut, perMm, top + 116);
        list(pen, cuts, read, top + 168);
    }

    /** Fifty millimetres, as far as the screen is known. */
    private static void rule(Pen pen, double perMm, double y) {
        double end = LEFT + BAR_MM * perMm;
        pen.line(LEFT, y, end, y, Role.INK, 2);
        for (int mm = 0; mm <= BAR_MM; mm += 5) {
            double tall = mm % 10 == 0 ? 9 : 5;
            pen.line(LEFT + mm * perMm, y - tall, LEFT + mm * perMm, y, Role.INK, 1);
        }
        pen.dot(end, y, 6, Role.LICHEN, Role.SHEET, 1.5);
        pen.zone(RULE_END, end - 12, y - 14, 24, 28, "end of fifty millimetres; drag it to your rule");
        pen.words("50 mm: drag its end until your rule agrees", end + 18, y + 4, Anchor.START, Face.TEXT, Role.SLATE);
    }

    /** From its end, with bends marked; what the screen does not hold is left out of the middle. */
    private static void piece(Pen pen, Cut cut, double perMm, double y) {
        double mm = cut.length() * 1000;
        double room = (pen.width() - LEFT - 28) / perMm;
        double thick = Math.max(3, Math.min(26, cut.size() * 1000 * perMm));
        boolean whole = mm <= room;
        double shown = whole ? mm : room;
        double end = LEFT + shown * perMm;
        double half = LEFT + shown * perMm / 2;
        if (whole) {
            pen.box(LEFT, y - thick / 2, end - LEFT, thick, Role.SAND);
            pen.outline(LEFT, y - thick / 2, end - LEFT, thick, Role.INK, 1.2);
        } else {
            for (double from : new double[] {LEFT, half + 26}) {
                double to = from == LEFT ? half - 26 : end;
                pen.box(from, y - thick / 2, to - from, thick, Role.SAND);
                pen.line(from, y - thick / 2, to, y - thick / 2, Role.INK, 1.2);
                pen.line(from, y + thick / 2, to, y + thick / 2, Role.INK, 1.2);
            }
            pen.line(LEFT, y - thick / 2, LEFT, y + thick / 2, Role.INK, 1.2);
            pen.line(end, y - thick / 2, end, y + thick / 2, Role.INK, 1.2);
            pen.hatched(half - 26, y - thick / 2, 52, thick, Role.EDGE, Hatch.BACK_DIAGONAL);
            pen.text(
                    NumberText.shown(mm - shown + 52 / perMm, 0) + " mm left out",
                    half,
                    y + thick / 2 + 18,
                    Anchor.MIDDLE,
                    12,
                    Face.TEXT,
                    Role.SLATE,
                    Origin.Plain.SCALE);
        }
        for (Cut.Bend b : cut.curved() ? List.<Cut.Bend>of() : cut.bends()) {
            double at = 1000 * b.at();
            double x = whole || at * perMm < half - 26 - LEFT
                    ? LEFT + at * perMm
                    : mm - at < (end - half - 26) / perMm ? end - (mm - at) * perMm : -1;
            if (x >= 0) {
                pen.line(x, y - thick / 2 - 12, x, y + thick / 2 + 6, Role.MUSSEL, 1.5, Dash.DASHED);
                pen.tick(NumberText.shown(b.degrees(), 0) + "°", x, y - thick / 2 - 15, Anchor.MIDDLE);
            }
        }
        String inches = InchFraction.ofMetres(cut.length(), 32).text();
        pen.text(
                NumberText.shown(mm, 1) + " mm = " + inches + " in, " + cut.name()
                        + (cut.count() > 1 ? ", " + cut.count() + " of them" : ""),
                LEFT,
                y + 36,
                Anchor.START,
                13,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.SCALE);
    }

    private static void list(Pen pen, List<Cut> cuts, int read, double top) {
        int rows = Math.max(1, (int) ((pen.height() - 10 - top) / ROW));
        boolean wide = cuts.stream().anyMatch(c -> c.name().length() > SHORT);
        int columns = wide ? 2 : 4;
        double each = (pen.width() - 36) / columns;
        int first = Math.max(0, Math.min(read - rows * columns + 1, cuts.size() - rows * columns));
        for (int i = first; i < Math.min(cuts.size(), first + rows * columns); i++) {
            double x = 18 + (i - first) / rows * each;
            double y = top + 12 + (i - first) % rows * ROW;
            if (i == read) {
                pen.outline(x - 6, y - 13, each - 4, ROW + 1, Role.MUSSEL, 2);
            }
            pen.text(
                    NumberText.shown(cuts.get(i).length() * 1000, 1),
                    x + 58,
                    y,
                    Anchor.END,
                    12,
                    Face.MONO,
                    Role.INK,
                    Origin.Plain.SCALE);
            pen.words(cuts.get(i).name(), x + 66, y, Anchor.START, Face.TEXT, Role.SLATE);
        }
    }
}
