package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.Design;
import veldline.assess.PhaseLook;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What a step of phase does: the row with a hand for each current, the front they make in common, the pattern and every feed. */
final class PhaseView implements Below.View {
    /** Degrees between the steps that are walked. */
    private static final int EACH = 5;
    /** How many steps there are. */
    static final int STEPS = 360 / EACH + 1;

    private static final double SIDE = 214;
    private static final double HAND = 13;
    private static final double ROW = 17;

    /** Whether the antenna has a phase to turn. */
    static boolean serves(Showing s) {
        return design(s).isPresent();
    }

    private static Optional<Design> design(Showing s) {
        return s.job().antenna(!s.atFar()) instanceof Design d
                        && d.of().phased().isPresent()
                ? Optional.of(d)
                : Optional.empty();
    }

    private static double set(Design d) {
        return d.size(d.of().phased().orElseThrow());
    }

    /** The step the antenna has, as a place that is walked. */
    static int start(Showing s) {
        return design(s).map(d -> place(set(d))).orElse(STEPS / 2);
    }

    private static int place(double step) {
        return (int) Math.max(0, Math.min(STEPS - 1, Math.round((step + 180) / EACH)));
    }

    private static double step(int place) {
        return place * EACH - 180.0;
    }

    /** The antenna with the step that is read; empty where it has that one already. */
    static Optional<Design> taken(Showing s) {
        return design(s)
                .flatMap(d -> Reading.PHASE
                        .place(s)
                        .map(PhaseView::step)
                        .filter(step -> Math.abs(step - set(d)) > 1e-6)
                        .map(step -> d.withSize(
                                d.of().phased().orElseThrow(),
                                Quantity.of(Long.toString(Math.round(step)), Unit.DEG))));
    }

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text("What the phase does", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Optional<Design> d = design(s);
        if (d.isEmpty()) {
            pen.words(
                    "One feed, one phase: an array of dipoles has steps to turn.",
                    18,
                    top + 44,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        Optional<PhaseLook> look = s.assessment().closer().value().flatMap(c -> c.phase());
        if (look.isEmpty()) {
            pen.words("Being solved.", 18, top + 44, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        double step = Reading.PHASE.place(s).map(PhaseView::step).orElse(set(d.get()));
        PhaseLook.Turned now = look.get().turned(step);
        PhaseLook.Turned asSet = look.get().turned(set(d.get()));
        double radius = radius(pen.height());
        double cx = 30 + radius;
        double cy = top + 34 + radius;
        double outer = Math.ceil((Math.max(most(now), most(asSet)) + 0.5) / 2) * 2;
        PolarDrawing.rings(pen, outer, cx, cy, radius);
        pen.path(CutView.turn(asSet.gains(), outer, cx, cy, radius), Role.SLATE, 1.4, Dash.DASHED);
        List<At> lobes = CutView.turn(now.gains(), outer, cx, cy, radius);
        pen.area(lobes, Role.MUSSEL, Hatch.UPRIGHT);
        pen.path(lobes, Role.MUSSEL, 2.6, Dash.SOLID);
        PolarDrawing.scale(pen, outer, cx, cy, radius);
        row(pen, look.get(), step, now.beam());
        scale(pen, step, set(d.get()));
        side(s, pen, now, step, set(d.get()));
    }

    private static double most(PhaseLook.Turned t) {
        return t.gains().stream().mapToDouble(g -> g).max().orElse(0);
    }

    private static double radius(double height) {
        return (height - ShapeFigures.RULE - 34 - 14) / 2;
    }

    private static double left(double height) {
        return 30 + 2 * radius(height) + 34;
    }

    /** Every feed where it stands, the beam to the right, a hand for its current; and the front they have in common. */
    private static void row(Pen pen, PhaseLook look, double step, int beam) {
        double top = ShapeFigures.RULE + 34;
        double bottom = pen.height() - 70;
        double mx = (left(pen.height()) + pen.width() - SIDE - 24) / 2;
        double my = (top + bottom) / 2;
        double ahead = look.places().stream()
                .mapToDouble(p -> Math.abs(p.ahead() - centre(look)))
                .max()
                .orElse(0);
        double across = look.places().stream()
                .mapToDouble(p -> Math.abs(p.across()))
                .max()
                .orElse(0);
        double room = Math.min(
                (bottom - top - 2 * HAND) / 2 / Math.max(across, 1e-6),
                ((pen.width() - SIDE - left(pen.height())) / 2 - 2 * HAND) / Math.max(ahead, 1e-6));
        double turn = Math.toRadians(beam);
        double half = Math.min((bottom - top) / 2, 70);
        pen.line(
                mx + half * Math.sin(turn),
                my + half * Math.cos(turn),
                mx - half * Math.sin(turn),
                my - half * Math.cos(turn),
                Role.LICHEN,
                1.6,
                Dash.DASHED);
        pen.line(mx, my, mx + 58 * Math.cos(turn), my - 58 * Math.sin(turn), Role.LICHEN, 2, Dash.SOLID);
        for (int i = 0; i < look.places().size(); i++) {
            PhaseLook.Place p = look.places().get(i);
            double x = mx + (p.ahead() - centre(look)) * room;
            double y = my - p.across() * room;
            double a = Math.toRadians(i * step);
            double length = HAND * look.amperes().get(i);
            pen.dot(x, y, HAND, Role.SHEET, Role.EDGE, 1);
            pen.line(x, y, x + length * Math.sin(a), y - length * Math.cos(a), Role.MUSSEL, 2.6, Dash.SOLID);
            pen.tick(Integer.toString(i + 1), x - HAND - 8, y + 4, Anchor.MIDDLE);
        }
    }

    private static double centre(PhaseLook look) {
        return look.places().stream()
                .mapToDouble(PhaseLook.Place::ahead)
                .average()
                .orElse(0);
    }

    private static Axis axis(double width, double height) {
        return new Axis(-180, 180, left(height), width - SIDE - 24);
    }

    private static void scale(Pen pen, double step, double set) {
        Axis x = axis(pen.width(), pen.height());
        double y = pen.height() - 40;
        pen.line(x.at(-180), y, x.at(180), y, Role.EDGE, 1.5);
        for (int deg = -180; deg <= 180; deg += 90) {
            pen.line(x.at(deg), y - 4, x.at(deg), y + 4, Role.EDGE, 1);
            pen.tick(NumberText.shown(deg, 0), x.at(deg), y + 18, Anchor.MIDDLE);
        }
        pen.line(x.at(set), y - 9, x.at(set), y + 9, Role.SLATE, 2);
        pen.dot(x.clamped(step), y, 7, Role.LICHEN, Role.SHEET, 1.5);
        pen.zone(
                Reading.PHASE.pick(),
                x.at(-180) - 8,
                y - 14,
                x.at(180) - x.at(-180) + 16,
                28,
                "lead from each to the next; drag it");
    }

    @Override
    public Optional<Integer> placeAt(Showing s, double x, double y, double width, double height) {
        return Optional.of(place(axis(width, height).value(x)));
    }

    private static void side(Showing s, Pen pen, PhaseLook.Turned now, double step, double set) {
        double left = pen.width() - SIDE;
        double y = ShapeFigures.RULE + 20;
        pen.text(
                "Each leads by " + NumberText.shown(step, 0) + "°",
                left,
                y,
                Anchor.START,
                13,
                Face.BOLD,
                Role.LICHEN,
                Origin.Plain.SCALE);
        Worked most = now.most();
        pen.text(
                most.shown() + " at " + NumberText.shown(now.beam(), 0) + "°",
                left,
                y + 19,
                Anchor.START,
                13,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(most));
        Worked cable = PhaseLook.cable(step, s.job().brief().frequency().value());
        pen.text(
                "cable of each next " + cable.shown() + (step < 0 ? " longer" : " shorter"),
                left,
                y + 37,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.of(cable));
        List<Integer> feeds = IntStream.range(0, now.feeds().size()).boxed().toList();
        for (int i : feeds) {
            Worked r = now.resistance(i);
            Worked swr = now.swr(i);
            double at = y + 60 + i * ROW;
            pen.tick(Integer.toString(i + 1), left + 8, at, Anchor.END);
            pen.text(
                    r.number() + (now.feeds().get(i).getImaginary() < 0 ? " − j" : " + j")
                            + NumberText.shown(Math.abs(now.feeds().get(i).getImaginary()), 0) + " Ω",
                    left + 100,
                    at,
                    Anchor.END,
                    12,
                    Face.MONO,
                    Role.INK,
                    Origin.of(r));
            pen.text("SWR " + swr.number(), left + 196, at, Anchor.END, 12, Face.MONO, Role.INK, Origin.of(swr));
        }
        pen.words(
                Math.abs(step - set) < 1e-6
                        ? "As it is set."
                        : "Dashed: as set, " + NumberText.shown(set, 0) + "°. Enter takes this.",
                left,
                y + 66 + feeds.size() * ROW,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
    }
}
