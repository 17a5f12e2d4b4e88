package veldline.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.build.Cut;
import veldline.build.Marks;
import veldline.build.Outline;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/**
 * Pages to lay the work on, at true size: straight pieces as bars, bent ones as outlines, the boom as a strip of marks. What is larger
 * than a page goes over several that overlap; crosses in the overlap are laid on one another.
 */
final class TrueSize {
    static final double UNITS_PER_METRE = 96 / 0.0254;
    /** How far neighbouring pages overlap, units. */
    private static final double OVERLAP = 12 / 25.4 * 96;

    private static final double CROSS = 10;
    private static final double HEAD = 44;
    private static final double FOOT = 48;
    /** Larger than so many pages nobody lays out on a table. */
    private static final int MOST = 9;

    private final Assessment a;
    private final Paper paper;

    TrueSize(Assessment a, Paper paper) {
        this.a = a;
        this.paper = paper;
    }

    List<Picture> pages(List<Cut> cuts, List<Outline> outlines, Marks marks) {
        List<Picture> pages = new ArrayList<>();
        List<Cut> fitting = cuts.stream()
                .filter(c -> c.bends().isEmpty() && c.length() * UNITS_PER_METRE <= paper.room() - 110)
                .toList();
        if (!fitting.isEmpty()) {
            pages.addAll(bars(fitting));
        }
        for (Outline o : outlines) {
            // As few pages as it takes, upright or turned.
            Outline laid = tiles(o.turned()) < tiles(o) ? o.turned() : o;
            if (tiles(laid) <= MOST) {
                pages.addAll(outline(laid));
            }
        }
        strip(marks).filter(s -> tiles(s) <= MOST).ifPresent(s -> pages.addAll(strip(s, marks)));
        return pages;
    }

    /** Those that have no page because they are too large. */
    List<String> tooLarge(List<Cut> cuts, List<Outline> outlines) {
        List<String> names = new ArrayList<>();
        cuts.stream()
                .filter(c -> c.bends().isEmpty() && c.length() * UNITS_PER_METRE > paper.room() - 110)
                .map(Cut::name)
                .forEach(names::add);
        outlines.stream()
                .filter(o -> Math.min(tiles(o), tiles(o.turned())) > MOST)
                .map(Outline::name)
                .forEach(names::add);
        return names.stream().distinct().toList();
    }

    private List<Picture> bars(List<Cut> cuts) {
        List<Picture> pages = new ArrayList<>();
        Page page = started("True size", "Measure the 50 mm bar below first. Lay each cut piece on its bar.");
        double thickest = cuts.stream().mapToDouble(Cut::size).max().orElseThrow() * UNITS_PER_METRE;
        double step = Math.max(thickest + 16, Math.min(40, (page.roomLeft() - 20) / cuts.size()));
        for (Cut cut : cuts) {
            if (page.roomLeft() < step) {
                pages.add(page.done());
                page = started("True size", "Measure the 50 mm bar below first. Lay each cut piece on its bar.");
            }
            double thick = Math.max(1, cut.size() * UNITS_PER_METRE);
            page.down(step).put(shortened(cut.name()), 0, 13, Face.BOLD, Origin.Plain.NAME);
            double w = cut.length() * UNITS_PER_METRE;
            double x = page.left() + 62;
            page.pen().outline(x, page.y() - 5 - thick / 2, w, thick, Role.INK, 0.8);
            page.pen().line(x, page.y() - 14 - thick / 2, x, page.y() + 4 + thick / 2, Role.INK, 0.8);
            page.pen().line(x + w, page.y() - 14 - thick / 2, x + w, page.y() + 4 + thick / 2, Role.INK, 0.8);
            page.put(mm(cut.length()) + " mm", 62 + w + 10, 12, Face.MONO, Origin.Plain.TYPED);
        }
        pages.add(page.done());
        return pages;
    }

    private static String shortened(String name) {
        return name.length() <= 8 ? name : name.substring(0, 7) + ".";
    }

    private Page started(String title, String under) {
        Page page = new Page(a, paper, title);
        return page.down(24).put(under, 0, 13, Face.TEXT, Origin.Plain.NAME);
    }

    private double across() {
        return paper.room();
    }

    private double up() {
        return paper.height() - 2 * Paper.MARGIN - HEAD - FOOT - 20;
    }

    private static int count(double size, double room) {
        return Math.max(1, (int) Math.ceil((size - OVERLAP) / (room - OVERLAP) - 1e-9));
    }

    private int tiles(Outline o) {
        return count(o.width() * UNITS_PER_METRE + 2, across()) * count(o.height() * UNITS_PER_METRE + 2, up());
    }

    private List<Picture> outline(Outline o) {
        String words = o.size() > 0
                ? "True size. Lay the bent piece on it: the line is the middle of its conductor."
                : "True size. Cut along the line; what is folded or joined leaves its edge outside it.";
        return tiled(o, words, (page, left, top) -> {
            for (Outline.At[] edge : o.edges()) {
                clipped(page, at(o, edge[0], left, top), at(o, edge[1], left, top));
            }
        });
    }

    /** The boom as a line with its marks, empty where nothing is drilled. */
    private static Optional<Outline> strip(Marks marks) {
        return marks.marks().isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Outline("boom", List.of(new Outline.At(0, 0), new Outline.At(0, marks.boom())), false, 0));
    }

    private List<Picture> strip(Outline boom, Marks marks) {
        return tiled(
                boom, "True size. The boom's end lies at the first line; drill at the crosses.", (page, left, top) -> {
                    clipped(
                            page,
                            at(boom, boom.path().get(0), left, top),
                            at(boom, boom.path().get(1), left, top));
                    for (Marks.Mark m : marks.marks()) {
                        At on = at(boom, new Outline.At(0, m.at()), left, top);
                        if (inside(on)) {
                            At there = placed(page, on);
                            page.pen().line(there.x() - 12, there.y(), there.x() + 40, there.y(), Role.INK, 0.8);
                            page.pen()
                                    .text(
                                            m.name() + ", " + mm(m.at()),
                                            there.x() + 46,
                                            there.y() + 4,
                                            Anchor.START,
                                            12,
                                            Face.MONO,
                                            Role.INK,
                                            Origin.Plain.TYPED);
                        }
                    }
                });
    }

    /** What is drawn on a page whose corner lies so far into the whole. */
    private interface Drawing {
        void on(Page page, double left, double top);
    }

    private List<Picture> tiled(Outline o, String words, Drawing drawing) {
        int columns = count(o.width() * UNITS_PER_METRE + 2, across());
        int rows = count(o.height() * UNITS_PER_METRE + 2, up());
        List<Picture> pages = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                String which = rows * columns == 1
                        ? ""
                        : ", row " + (row + 1) + " of " + rows + ", column " + (column + 1) + " of " + columns;
                Page page = started("True size: " + o.name() + which, words);
                double left = column * (across() - OVERLAP);
                double top = row * (up() - OVERLAP);
                drawing.on(page, left, top);
                crosses(page, columns, rows, left, top);
                pages.add(page.done());
            }
        }
        return pages;
    }

    /** In units from the upper left of the whole, this page's corner taken off. */
    private static At at(Outline o, Outline.At p, double left, double top) {
        return new At(
                1 + (p.x() - o.left()) * UNITS_PER_METRE - left,
                1 + (o.low() + o.height() - p.y()) * UNITS_PER_METRE - top);
    }

    private At placed(Page page, At p) {
        return new At(page.left() + p.x(), Paper.MARGIN + HEAD + 20 + p.y());
    }

    private boolean inside(At p) {
        return p.x() >= 0 && p.x() <= across() && p.y() >= 0 && p.y() <= up();
    }

    /** The part of a line that is on the page (Liang and Barsky, 1984). */
    private void clipped(Page page, At from, At to) {
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        double[] p = {-dx, dx, -dy, dy};
        double[] q = {from.x(), across() - from.x(), from.y(), up() - from.y()};
        double start = 0;
        double end = 1;
        for (int i = 0; i < 4; i++) {
            if (p[i] == 0 && q[i] < 0) {
                return;
            }
            if (p[i] < 0) {
                start = Math.max(start, q[i] / p[i]);
            } else if (p[i] > 0) {
                end = Math.min(end, q[i] / p[i]);
            }
        }
        if (start < end) {
            At a0 = placed(page, new At(from.x() + start * dx, from.y() + start * dy));
            At b0 = placed(page, new At(from.x() + end * dx, from.y() + end * dy));
            page.pen().path(List.of(a0, b0), Role.INK, 0.8, Dash.SOLID);
        }
    }

    private void crosses(Page page, int columns, int rows, double left, double top) {
        for (int c = 1; c < columns; c++) {
            for (double y : new double[] {0.15 * up(), 0.85 * up()}) {
                cross(page, c * (across() - OVERLAP) + OVERLAP / 2 - left, y);
            }
        }
        for (int r = 1; r < rows; r++) {
            for (double x : new double[] {0.15 * across(), 0.85 * across()}) {
                cross(page, x, r * (up() - OVERLAP) + OVERLAP / 2 - top);
            }
        }
    }

    private void cross(Page page, double x, double y) {
        if (inside(new At(x, y))) {
            At on = placed(page, new At(x, y));
            page.pen().line(on.x() - CROSS, on.y(), on.x() + CROSS, on.y(), Role.INK, 0.6);
            page.pen().line(on.x(), on.y() - CROSS, on.x(), on.y() + CROSS, Role.INK, 0.6);
        }
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1);
    }
}
