package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.InchFraction;
import veldline.quantity.NumberText;

/** A Yagi to scale: lengths in two tiers over it, running distance from the reflector under it. */
public final class YagiDrawing {
    private static final double LEFT = 36;
    private static final double MIDDLE = 138;
    private static final double HALF_ROOM = 54;

    private final YagiShape yagi;
    private final int picked;
    private final double perMetre;
    /** Where the heading over it ends. */
    private final double right;

    private final double width;
    /** What is left free beside the drawing, under its heading. */
    private final double beside;
    /** Whether the chosen length stands over the drawing in both units. */
    private final boolean tagged;

    /** How tall the drawing is. */
    public static final double HEIGHT = 270;

    /** @param picked index of the element that is framed; −1 for none */
    public YagiDrawing(YagiShape yagi, double width, int picked) {
        this(yagi, width, picked, true, 0);
    }

    private YagiDrawing(YagiShape yagi, double width, int picked, boolean tagged, double beside) {
        this.beside = beside;
        this.tagged = tagged;
        this.width = width;
        this.yagi = yagi;
        this.picked = picked;
        this.right = width - 52;
        double longest = yagi.elements().stream()
                .mapToDouble(e -> e.length().value())
                .max()
                .orElseThrow();
        double byLength = HALF_ROOM * 2 / longest;
        double byBoom = (right - beside - LEFT - 8) / Math.max(yagi.boomLength(), 1e-3);
        this.perMetre = Math.min(byBoom, byLength * 1.6);
    }

    /** The same with nothing said of the chosen length over it. */
    public YagiDrawing untagged() {
        return new YagiDrawing(yagi, width, picked, false, beside);
    }

    /** The same with so much left free at its right, under the heading. */
    public YagiDrawing beside(double room) {
        return new YagiDrawing(yagi, width, picked, tagged, room);
    }

    /** Where its heading ends. */
    public double right() {
        return right;
    }

    /** Elements and boom share a scale along the boom; across it a very long Yagi would vanish, so it says its own. */
    private double acrossPerMetre() {
        double longest = yagi.elements().stream()
                .mapToDouble(e -> e.length().value())
                .max()
                .orElseThrow();
        return Math.min(perMetre, HALF_ROOM * 2 / longest);
    }

    private double x(double metres) {
        return LEFT + metres * perMetre;
    }

    /** Where a place on an element is drawn: so far along the boom, and so far from its middle along the element. */
    public At at(double alongBoom, double alongElement) {
        return new At(x(alongBoom), MIDDLE - alongElement * acrossPerMetre());
    }

    /** The place along the boom, metres from the reflector, under a place of the drawing. */
    public double metresAlong(double x) {
        return (x - LEFT) / perMetre;
    }

    /** Length of an element whose tip is at a height of the drawing. */
    public double lengthTo(double y) {
        return 2 * Math.abs(y - MIDDLE) / acrossPerMetre();
    }

    /** Draws with the top left corner at the pen's origin; every element is a zone {@code element:i}. */
    public void draw(Pen pen) {
        double end = x(yagi.boomLength());
        pen.box(LEFT - 16, MIDDLE - 4, end - LEFT + 34, 8, Role.SAND);
        pen.outline(LEFT - 16, MIDDLE - 4, end - LEFT + 34, 8, Role.EDGE, 1);
        double tip = end + 46;
        pen.line(end + 22, MIDDLE, tip, MIDDLE, Role.INK, 2);
        pen.path(
                List.of(new At(tip - 6, MIDDLE - 6), new At(tip, MIDDLE), new At(tip - 6, MIDDLE + 6)),
                Role.INK,
                2,
                Dash.SOLID);
        double base = MIDDLE + 90;
        pen.line(x(0), base, end, base, Role.INK, 1.5);
        // Labels stand where there is room for them, the chosen element's first of all.
        Shelf lengths = new Shelf(48, 65);
        Shelf names = new Shelf(0, 13);
        Shelf distances = new Shelf(18, 32);
        List<Integer> order = new ArrayList<>(
                IntStream.range(0, yagi.elements().size()).boxed().toList());
        if (picked >= 0) {
            order.add(0, order.remove(picked));
        }
        order.forEach(i -> element(pen, i, base, lengths, names, distances));
        IntStream.range(0, yagi.elements().size()).forEach(i -> zone(pen, i));
        scaleBar(pen);
    }

    /** Zones stand in the order of the elements, which is the order they are walked in. */
    private void zone(Pen pen, int i) {
        YagiShape.Element e = yagi.elements().get(i);
        double x = x(e.position().value());
        double half = e.length().value() / 2 * acrossPerMetre();
        String mm = NumberText.shown(e.length().value() * 1000, 1);
        pen.zone(
                "element:" + i,
                x - 11,
                MIDDLE - half - 8,
                22,
                2 * half + 16,
                "element " + YagiShape.nameOf(i) + ", " + mm + " mm; drag along the boom or across it");
    }

    /** Each arm as it leans, in the scales of the boom and of the elements. */
    private void bent(Pen pen, Role ink) {
        List<At> points = yagi.model().wires().get(1).points().stream()
                .map(p -> at(p.x(), yagi.upright() ? p.z() : p.y()))
                .toList();
        pen.path(points, ink, 5, Dash.SOLID);
    }

    private void element(Pen pen, int i, double base, Shelf lengths, Shelf names, Shelf distances) {
        YagiShape.Element e = yagi.elements().get(i);
        double x = x(e.position().value());
        double half = e.length().value() / 2 * acrossPerMetre();
        boolean chosen = i == picked;
        Role ink = i == 1 || chosen ? Role.MUSSEL : Role.INK;
        if (i == 1 && yagi.feed() == YagiShape.Feed.FOLDED) {
            pen.outline(x - 4, MIDDLE - half, 8, 2 * half, ink, 3);
        } else if (i == 1 && yagi.feed() == YagiShape.Feed.BENT) {
            bent(pen, ink);
        } else {
            pen.line(x, MIDDLE - half, x, MIDDLE + half, ink, 5);
        }
        if (i == 1) {
            pen.dot(x, MIDDLE - 4, 3, Role.SHEET, Role.INK, 1.5);
            pen.dot(x, MIDDLE + 4, 3, Role.SHEET, Role.INK, 1.5);
        }
        String mm = NumberText.shown(e.length().value() * 1000, 1);
        if (chosen) {
            pen.outline(x - 10, MIDDLE - half - 6, 20, 2 * half + 12, Role.MUSSEL, 2);
        }
        lengths.place(x, 7.8 * mm.length()).ifPresent(tier -> {
            pen.line(x, tier + 5, x, MIDDLE - half - (chosen ? 8 : 3), Role.EDGE, 1);
            pen.text(mm, x, tier, Anchor.MIDDLE, 13, chosen ? Face.MONO_BOLD : Face.MONO, Role.INK, Origin.Plain.TYPED);
        });
        String name = YagiShape.nameOf(i);
        names.place(x, 7.2 * name.length())
                .ifPresent(down -> pen.text(
                        name,
                        x,
                        MIDDLE + HALF_ROOM + 17 + down,
                        Anchor.MIDDLE,
                        12.5,
                        chosen || i < 2 ? Face.BOLD : Face.TEXT,
                        Role.INK,
                        Origin.Plain.NAME));
        pen.line(x, base - 4, x, base + 4, Role.INK, 1.5);
        String distance = NumberText.shown(e.position().value() * 1000, 1);
        distances
                .place(x, 7.4 * distance.length())
                .ifPresent(down -> pen.text(
                        distance, x, base + down, Anchor.MIDDLE, 12, Face.MONO, Role.SLATE, Origin.Plain.TYPED));
        if (chosen && tagged) {
            tag(pen, mm);
        }
    }

    /** Rows of labels: each goes on the first row where it touches no other, or is left out. */
    private static final class Shelf {
        private static final double GAP = 5;

        private record Taken(double row, double from, double to) {}

        private final double[] rows;
        private final List<Taken> taken = new ArrayList<>();

        Shelf(double... rows) {
            this.rows = rows;
        }

        /** The row for a label so wide around a place. */
        Optional<Double> place(double middle, double width) {
            double from = middle - width / 2 - GAP / 2;
            double to = middle + width / 2 + GAP / 2;
            for (double row : rows) {
                if (taken.stream().noneMatch(t -> t.row == row && t.from < to && from < t.to)) {
                    taken.add(new Taken(row, from, to));
                    return Optional.of(row);
                }
            }
            return Optional.empty();
        }
    }

    private void tag(Pen pen, String mm) {
        String inch = InchFraction.ofMetres(yagi.elements().get(picked).length().value(), 32)
                .text();
        String text = mm + " mm = " + inch + " in";
        double w = 7.6 * text.length() + 16;
        double left = right - 110 - w;
        pen.box(left, 6, w, 20, Role.MUSSEL_WASH);
        pen.outline(left, 6, w, 20, Role.MUSSEL, 1.5);
        pen.text(text, left + w / 2, 21, Anchor.MIDDLE, 12.5, Face.MONO_BOLD, Role.INK, Origin.Plain.TYPED);
    }

    private void scaleBar(Pen pen) {
        double metres = perMetre > 600 ? 0.05 : perMetre > 60 ? 0.5 : 2;
        double w = metres * perMetre;
        double x = right + 34 - w;
        pen.text(
                metres < 0.1 ? NumberText.shown(metres * 1000, 0) + " mm" : NumberText.shown(metres, 1) + " m",
                x + w / 2,
                15,
                Anchor.MIDDLE,
                12,
                Face.MONO,
                Role.INK,
                Origin.Plain.SCALE);
        pen.line(x, 21, x + w, 21, Role.INK, 1.5);
        pen.line(x, 17, x, 25, Role.INK, 1.5);
        pen.line(x + w, 17, x + w, 25, Role.INK, 1.5);
    }
}
