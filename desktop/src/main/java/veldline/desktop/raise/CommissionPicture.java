package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import veldline.assess.Commissioning;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.job.Job;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/** The link from one radio to the other, with a flag for each thing to look at; the one walked to stands above in large. */
final class CommissionPicture {
    private static final double LETTER = 7.4;
    private static final double FLAG = 22;
    private static final double EDGE = 46;

    private final Showing s;
    private final Commissioning list;
    private final Pen pen;
    private final double foot;

    CommissionPicture(Showing s, double width, double height) {
        this.s = s;
        this.list = Commissioning.of(s.assessment());
        this.pen = Picture.pen(width, height);
        this.foot = height - 92;
    }

    Picture draw() {
        if (list.items().isEmpty()) {
            return EmptyPicture.draw(
                            pen, "Nothing to look at yet.", "A link with radios and antennas has a list of its own.")
                    .done();
        }
        int chosen = CommissionInputs.chosen(s, list);
        large(list.items().get(chosen));
        chain(chosen);
        return pen.done();
    }

    private void large(Commissioning.Item item) {
        pen.sign(item.done() ? Finding.Level.FITS : Finding.Level.UNKNOWN, 30, 36);
        pen.text(item.where(), 50, 42, Anchor.START, 20, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        double y = 72;
        for (String line : Paragraph.lines(item.what(), (int) ((pen.width() - 40) / LETTER))) {
            pen.text(line, 18, y, Anchor.START, 14, Face.TEXT, Role.INK, Origin.Plain.TYPED);
            y += 20;
        }
        if (item.tick().endsWith("-field")) {
            bothFromBehind(y + 84);
        }
        double at = y + 34;
        item.expected().ifPresent(e -> {
            pen.text(e.shown(), 18, at, Anchor.START, 34, Face.MONO_BOLD, Role.INK, Origin.of(e));
            pen.words("worked out", 18, at + 20, Anchor.START, Face.TEXT, Role.SLATE);
        });
    }

    /** How the fields of both ends stand, each seen from behind its antenna: a slant lies mirrored at the other end. */
    private void bothFromBehind(double y) {
        Job job = s.job();
        for (boolean near : new boolean[] {true, false}) {
            double x = pen.width() * (near ? 0.27 : 0.73);
            String name = near ? "Near end" : job.brief().far().shortName();
            if (near && job.brief().field().isEmpty()) {
                name = job.brief().near().shortName();
            }
            String shown = name + ", from behind";
            job.antenna(near).polarized().ifPresent(p -> FromBehind.draw(pen, p, near, shown, x, y));
        }
    }

    /** Stops that have something to look at, spread over the width in the line's order. */
    private void chain(int chosen) {
        Map<String, List<Integer>> at = new LinkedHashMap<>();
        s.assessment().line().stops().forEach(stop -> at.put(stop.id(), new ArrayList<>()));
        for (int i = 0; i < list.items().size(); i++) {
            at.computeIfAbsent(list.items().get(i).stop(), k -> new ArrayList<>())
                    .add(i);
        }
        at.values().removeIf(List::isEmpty);
        double step = at.size() > 1 ? (pen.width() - 2 * EDGE - 20) / (at.size() - 1) : 0;
        pen.line(EDGE, foot, pen.width() - EDGE, foot, Role.MUSSEL, 4);
        double x = EDGE + 10;
        boolean low = false;
        for (Map.Entry<String, List<Integer>> stop : at.entrySet()) {
            pen.dot(x, foot, 6, Role.PAPER, Role.MUSSEL, 2.5);
            name(stop, x, low);
            flags(stop.getValue(), x, chosen);
            x += step;
            low = !low;
        }
    }

    private void name(Map.Entry<String, List<Integer>> stop, double x, boolean low) {
        String name = s.assessment().line().stops().stream()
                .filter(l -> l.id().equals(stop.getKey()))
                .map(l -> l.name())
                .findFirst()
                .orElse("");
        double half = 3.3 * name.length();
        double y = foot + (low ? 44 : 24);
        pen.words(
                name, Math.max(half + 6, Math.min(pen.width() - half - 6, x)), y, Anchor.MIDDLE, Face.TEXT, Role.SLATE);
        if (low) {
            pen.line(x, foot + 8, x, foot + 31, Role.SAND, 1);
        }
    }

    private void flags(List<Integer> of, double x, int chosen) {
        pen.line(x, foot - 6, x, foot - 14 - of.size() * (FLAG + 6), Role.EDGE, 1.5, Dash.SOLID);
        double y = foot - 16 - FLAG;
        for (int i : of) {
            Commissioning.Item item = list.items().get(i);
            boolean on = i == chosen;
            pen.box(x, y, FLAG + 12, FLAG, item.done() ? Role.MUSSEL_WASH : Role.PAPER);
            pen.outline(x, y, FLAG + 12, FLAG, on ? Role.MUSSEL : Role.EDGE, on ? 3 : 1.2);
            pen.text(
                    String.valueOf(i + 1),
                    x + 6,
                    y + 16,
                    Anchor.START,
                    13,
                    on ? Face.MONO_BOLD : Face.MONO,
                    Role.INK,
                    Origin.Plain.NAME);
            if (item.done()) {
                pen.sign(Finding.Level.FITS, x + FLAG + 1, y + FLAG / 2);
            }
            pen.zone("look:" + i, x, y, FLAG + 12, FLAG, item.where() + ": " + item.what());
            y -= FLAG + 6;
        }
    }
}
