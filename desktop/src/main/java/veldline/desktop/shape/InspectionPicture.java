package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.antenna.AssemblyStep;
import veldline.antenna.Bought;
import veldline.antenna.Inspection;
import veldline.antenna.InspectionChange;
import veldline.assess.InspectionRules;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.job.JobChange;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** A bought antenna unpacked: its fed elements, its size and its sweep, what that comes to, and the steps of putting it together. */
final class InspectionPicture {
    /** Where the claim ends and this begins. */
    static final double RULE = 208;

    private static final double ROW = 17;
    private static final double LINE = 14.5;
    /** How wide a bold letter is at most on average. */
    private static final double BOLD = 7.2;
    /** How wide a letter is at most on average. */
    private static final double LETTER = 6.4;

    private static final double BAR = 40;
    private static final double MOST_SWR = 4;

    private final Showing s;
    private final Pen pen;
    private final Inspection in;
    private final double split;

    InspectionPicture(Showing s, Bought bought, Pen pen) {
        this.s = s;
        this.pen = pen;
        this.in = bought.inspection().orElse(Inspection.NONE);
        this.split = Math.round(pen.width() * 0.5);
    }

    /** Everything that is walked: elements, then steps. */
    static List<String> zones(Bought b) {
        Inspection in = b.inspection().orElse(Inspection.NONE);
        List<String> zones = new ArrayList<>();
        for (int i = 0; i < in.elements().size(); i++) {
            zones.add("contact:" + i);
        }
        for (AssemblyStep step : AssemblyStep.values()) {
            zones.add("assembly:" + step.name());
        }
        return zones;
    }

    /** What Enter does there: an element's reading moves on, a step is ticked or not. */
    static Optional<JobChange> taken(Bought b, boolean near, String zone) {
        Inspection in = b.inspection().orElse(Inspection.NONE);
        if (zone.startsWith("contact:")) {
            int i = Integer.parseInt(zone.substring(8));
            return i < in.elements().size()
                    ? Optional.of(new JobChange.Inspected(near, new InspectionChange.Tested(i)))
                    : Optional.empty();
        }
        if (zone.startsWith("assembly:")) {
            AssemblyStep step = AssemblyStep.valueOf(zone.substring(9));
            return Optional.of(new JobChange.Inspected(
                    near, new InspectionChange.Done(step, !in.done().contains(step))));
        }
        return Optional.empty();
    }

    void draw() {
        pen.line(18, RULE, pen.width() - 18, RULE, Role.SAND, 1);
        pen.line(split, RULE + 8, split, pen.height() - 10, Role.SAND, 1);
        pen.text("Unpacked", 18, RULE + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        elements(RULE + 36);
        sweep(split - 140, RULE + 22);
        found(RULE + 118);
        plan();
    }

    private void elements(double top) {
        if (in.elements().isEmpty()) {
            pen.words("No elements to test yet, nothing swept.", 18, top + 14, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        double each = Math.min(24, (split - 180) / in.elements().size());
        String picked = s.picked().getOrDefault(Step.SHAPE, "");
        for (int i = 0; i < in.elements().size(); i++) {
            double x = 26 + i * each;
            Inspection.Contact c = in.elements().get(i);
            switch (c) {
                case JOINED -> pen.line(x, top, x, top + BAR, Role.INK, 4);
                case UNTESTED -> pen.line(x, top, x, top + BAR, Role.EDGE, 2, Dash.DOTTED);
                default -> {
                    pen.line(x, top, x, top + BAR / 2 - 5, Role.THRIFT, 4);
                    pen.line(x + 3, top + BAR / 2 + 5, x + 3, top + BAR, Role.THRIFT, 4);
                }
            }
            if (picked.equals("contact:" + i)) {
                pen.outline(x - each / 2 + 1, top - 5, each - 2, BAR + 10, Role.MUSSEL, 2);
            }
            if (each >= 14) {
                pen.tick(Integer.toString(i + 1), x, top + BAR + 17, Anchor.MIDDLE);
            }
            pen.zone(
                    "contact:" + i,
                    x - each / 2,
                    top - 6,
                    each,
                    BAR + 12,
                    "element " + (i + 1) + ", " + c.words() + "; Enter moves it on");
        }
    }

    /** What was swept, with the channel; up to an SWR of four. */
    private void sweep(double left, double top) {
        if (in.sweep().size() < 2) {
            return;
        }
        Axis x = new Axis(
                in.sweep().get(0).frequency().value(),
                in.sweep().get(in.sweep().size() - 1).frequency().value(),
                left + 14,
                left + 118);
        Axis y = new Axis(1, MOST_SWR, top + 62, top + 4);
        pen.line(x.start(), y.at(2), x.end(), y.at(2), Role.THRIFT, 1.5);
        pen.line(x.start(), y.at(1), x.end(), y.at(1), Role.EDGE, 1);
        pen.tick("2", x.start() - 5, y.at(2) + 4, Anchor.END);
        pen.tick("1", x.start() - 5, y.at(1) + 4, Anchor.END);
        List<At> points = in.sweep().stream()
                .map(p -> new At(x.at(p.frequency().value()), y.clamped(p.swr().value())))
                .toList();
        pen.path(points, Role.MUSSEL, 2, Dash.SOLID);
        points.forEach(p -> pen.dot(p.x(), p.y(), 3, Role.MUSSEL, Role.MUSSEL, 1));
        double f = s.job().brief().frequency().value();
        pen.line(x.clamped(f), top + 2, x.clamped(f), top + 62, Role.LICHEN, 1.5, Dash.DASHED);
        pen.tick("SWR, " + NumberText.shown(f / 1e6, 0) + " dashed", left + 66, top + 79, Anchor.MIDDLE);
    }

    /** The worst first, as many as there is room for. */
    private void found(double top) {
        List<Finding> found = InspectionRules.of(s.assessment(), !s.atFar()).stream()
                .sorted(Comparator.comparing(Finding::level).reversed())
                .toList();
        if (found.isEmpty()) {
            pen.words(
                    "Count, measure and sweep it before it goes up.",
                    18,
                    top + 14,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        double y = top;
        for (Finding f : found) {
            List<String> lead = Paragraph.lines(f.lead(), (int) ((split - 62) / BOLD));
            List<String> rest = Paragraph.lines(f.rest(), (int) ((split - 58) / LETTER));
            if (y + LINE * (lead.size() + rest.size()) > pen.height()) {
                return;
            }
            pen.sign(f.level(), 26, y + 8);
            for (String line : lead) {
                pen.text(
                        line,
                        44,
                        y + 6,
                        Anchor.START,
                        12.5,
                        Face.BOLD,
                        Role.INK,
                        f.worked().<Origin>map(Origin::of).orElse(Origin.Plain.TYPED));
                y += LINE;
            }
            for (String line : rest) {
                pen.words(line, 44, y + 5, Anchor.START, Face.TEXT, Role.SLATE);
                y += LINE;
            }
            y += 4;
        }
    }

    private void plan() {
        double left = split + 14;
        pen.text("Putting it together", left, RULE + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("Enter ticks", pen.width() - 18, RULE + 20, Anchor.END, Face.TEXT, Role.SLATE);
        String picked = s.picked().getOrDefault(Step.SHAPE, "");
        Optional<AssemblyStep> next = in.next();
        double y = RULE + 30;
        for (AssemblyStep step : AssemblyStep.values()) {
            boolean done = in.done().contains(step);
            boolean here = picked.equals("assembly:" + step.name());
            if (here) {
                pen.box(left - 6, y, pen.width() - left - 6, ROW - 2, Role.MUSSEL_WASH);
                pen.outline(left - 6, y, pen.width() - left - 6, ROW - 2, Role.MUSSEL, 2);
            }
            pen.outline(left, y + 3, 11, 11, Role.INK, 1.5);
            if (done) {
                pen.path(
                        List.of(new At(left + 2, y + 8), new At(left + 5, y + 12), new At(left + 12, y + 1)),
                        Role.INK,
                        2.2,
                        Dash.SOLID);
            }
            pen.words(
                    step.title(),
                    left + 20,
                    y + 13,
                    Anchor.START,
                    next.filter(step::equals).isPresent() ? Face.BOLD : Face.TEXT,
                    done ? Role.SLATE : Role.INK);
            pen.zone("assembly:" + step.name(), left - 6, y, pen.width() - left - 6, ROW - 2, step.words());
            y += ROW;
        }
        Optional<AssemblyStep> said =
                picked.startsWith("assembly:") ? Optional.of(AssemblyStep.valueOf(picked.substring(9))) : next;
        double base = y + 12;
        for (AssemblyStep step : said.stream().toList()) {
            base = lines(step.words(), left, base, Role.INK);
            base = lines("Go on once: " + step.hold() + ".", left, base, Role.SLATE);
            if (step.caution().isPresent()) {
                pen.sign(Finding.Level.WATCH, left + 6, base - 4);
                lines(step.caution().get(), left + 20, base, Role.INK);
            }
        }
    }

    /** A sentence over as many lines as it takes; gives where the next begins. */
    private double lines(String text, double left, double base, Role role) {
        double y = base;
        for (String line : Paragraph.lines(text, (int) ((pen.width() - left - 18) / LETTER))) {
            pen.words(line, left, y, Anchor.START, Face.TEXT, role);
            y += LINE;
        }
        return y;
    }
}
