package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import veldline.assess.CloserLook;
import veldline.build.BuildPlan;
import veldline.build.Correction;
import veldline.build.Marks;
import veldline.build.Nesting;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** Bars of stock with what is sawn from them, the boom with its holes, and each thing that shifts the dip as a bar of its own. */
final class WorkView implements Below.View {
    private static final double ROW = 22;

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text("Stock, boom and shifts", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Optional<BuildPlan> plan = s.assessment().closer().value().map(CloserLook::plan);
        if (plan.isEmpty()) {
            pen.words("Being worked out.", 18, top + 44, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        double split = Math.round(pen.width() * 0.5);
        double y = bars(pen, plan.get().stock(), split, top + 40);
        boom(pen, plan.get().marks(), split, y + 12);
        shifts(s, pen, plan.get(), split + 16);
    }

    private static double bars(Pen pen, Nesting stock, double right, double top) {
        double longest =
                stock.bars().stream().mapToDouble(Nesting.Bar::length).max().orElse(1);
        Axis x = new Axis(0, longest, 18, right - 14);
        double y = top;
        int shown = 0;
        for (Nesting.Bar b : stock.bars()) {
            if (y > pen.height() - 96) {
                pen.words(
                        "and " + (stock.bars().size() - shown) + " more on the sheet",
                        18,
                        y + 12,
                        Anchor.START,
                        Face.TEXT,
                        Role.SLATE);
                return y + 16;
            }
            double at = 0;
            for (Nesting.Piece p : b.pieces()) {
                pen.box(x.at(at), y, x.at(at + p.length()) - x.at(at), 13, Role.SAND);
                pen.outline(x.at(at), y, x.at(at + p.length()) - x.at(at), 13, Role.INK, 1.2);
                at += p.length() + BuildPlan.KERF;
            }
            pen.hatched(x.at(at), y, x.at(b.length()) - x.at(at), 13, Role.EDGE, Hatch.BACK_DIAGONAL);
            pen.outline(18, y, x.at(b.length()) - 18, 13, Role.EDGE, 1);
            y += ROW;
            shown++;
        }
        pen.text(
                stock.bars().size() + (stock.bars().size() == 1 ? " bar" : " bars") + ", the longest "
                        + NumberText.shown(longest, 2) + " m; hatched is left",
                18,
                y + 8,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.SCALE);
        return y + 16;
    }

    private static void boom(Pen pen, Marks marks, double right, double y) {
        if (marks.marks().isEmpty()) {
            pen.words("No boom is drilled.", 18, y + 14, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        Axis x = new Axis(0, marks.boom(), 18, right - 14);
        pen.outline(18, y, right - 32, 11, Role.INK, 1.5);
        for (Marks.Mark m : marks.marks()) {
            pen.dot(x.at(m.at()), y + 5.5, 3.2, Role.SHEET, Role.INK, 1.5);
        }
        pen.text(
                "boom " + NumberText.shown(marks.boom() * 1000, 0) + " mm, "
                        + marks.marks().size() + " holes measured from its left end",
                18,
                y + 27,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.SCALE);
    }

    private static void shifts(Showing s, Pen pen, BuildPlan plan, double left) {
        List<Correction> all = plan.corrections();
        double most = all.stream()
                .flatMap(c -> c.shift().stream())
                .mapToDouble(w -> Math.abs(w.value()))
                .max()
                .orElse(1);
        double zero = pen.width() - 104;
        double perMhz = (zero - left - 172) / Math.max(most, 1e-9);
        double y = ShapeFigures.RULE + 42;
        int read = Reading.WORK.place(s).orElse(-1);
        for (int i = 0; i < all.size() && y < pen.height() - 34; i++) {
            shift(pen, all.get(i), i, i == read, left, y, zero, perMhz);
            y += 17.5;
        }
        pen.line(zero, ShapeFigures.RULE + 30, zero, y - 10, Role.EDGE, 1);
        String words = read >= 0 && read < all.size()
                ? (all.get(read).included() ? "In the lengths. " : "")
                        + all.get(read).words()
                : plan.trim()
                        .map(t -> "A millimetre off the " + t.part() + ": "
                                + t.perMillimetre().shown().replace("/mm", "") + " up.")
                        .orElse("Nothing of it is trimmed.");
        List<String> lines = veldline.picture.Paragraph.lines(words, (int) ((pen.width() - left) / 6.4));
        for (int i = 0; i < Math.min(2, lines.size()); i++) {
            pen.text(
                    lines.get(i),
                    left,
                    pen.height() - 20 + i * 14,
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.INK,
                    plan.trim().map(t -> Origin.of(t.perMillimetre())).orElse(Origin.Plain.NAME));
        }
    }

    private static void shift(
            Pen pen, Correction c, int index, boolean here, double left, double y, double zero, double perMhz) {
        pen.text(
                c.name(),
                left,
                y,
                Anchor.START,
                12,
                here ? Face.BOLD : Face.TEXT,
                here ? Role.LICHEN : Role.INK,
                Origin.Plain.NAME);
        c.shift()
                .ifPresentOrElse(
                        w -> {
                            double wide = Math.abs(w.value()) * perMhz;
                            pen.hatched(zero - wide, y - 9, wide, 10, Role.MUSSEL, Hatch.UPRIGHT);
                            pen.text(w.shown(), pen.width() - 14, y, Anchor.END, 12, Face.MONO, Role.INK, Origin.of(w));
                        },
                        () -> pen.words("?", pen.width() - 14, y, Anchor.END, Face.BOLD, Role.INK));
        pen.zone(Reading.WORK.at(index), left, y - 13, pen.width() - left - 10, 17, c.name());
    }
}
