package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import veldline.antenna.Design;
import veldline.antenna.WireWindows;
import veldline.assess.StationWindows;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.job.Station;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** Lengths of a hung wire: a row for each station with its half waves hatched, and what is clear of them all; the wire is drawn out or in. */
final class WindowsView implements Below.View {
    /** Lengths that are walked: from half to twice what it is, in steps of even ratio. */
    static final int STEPS = 141;
    /** The length it is. */
    static final int START = STEPS / 2;

    private static final double SIDE = 190;
    private static final double NAMES = 128;
    private static final int MOST_ROWS = 7;

    static boolean serves(Showing s) {
        return wire(s).isPresent();
    }

    /** A hung wire's first measure is its length. */
    private static Optional<Design> wire(Showing s) {
        return s.job().antenna(!s.atFar()) instanceof Design d && d.of().hangs() ? Optional.of(d) : Optional.empty();
    }

    private static double length(Design d, int place) {
        double now = d.size(0);
        return place == START ? now : now / 2 * Math.pow(4, place / (STEPS - 1.0));
    }

    /** The wire with the length that is read; empty where it has that one already. */
    static Optional<Design> taken(Showing s) {
        return wire(s).flatMap(d -> Reading.LENGTH
                .place(s)
                .filter(place -> place != START)
                .map(place -> d.withSize(0, d.of().measures().get(0).of(length(d, place)))));
    }

    private static Axis axis(Design d, double width) {
        return new Axis(Math.log(d.size(0) / 2), Math.log(d.size(0) * 2), NAMES, width - SIDE - 24);
    }

    @Override
    public Optional<Integer> placeAt(Showing s, double x, double y, double width, double height) {
        return wire(s).map(d -> {
            Axis a = axis(d, width);
            double share = (a.value(x) - a.from()) / (a.to() - a.from());
            return (int) Math.round(share * (STEPS - 1));
        });
    }

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text("Lengths clear of half waves", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Optional<Design> found = wire(s);
        if (found.isEmpty()) {
            pen.words("Only a wire that hangs is cut so.", 18, top + 44, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        Design d = found.get();
        double least = d.size(0) / 2;
        double most = d.size(0) * 2;
        double length = length(d, Reading.LENGTH.place(s).orElse(START));
        Axis x = axis(d, pen.width());
        List<Station> stations = s.job().stations();
        int rows = Math.min(MOST_ROWS, stations.size());
        double bottom = pen.height() - 40;
        double row = (bottom - top - 36) / (rows + 1);
        for (int i = 0; i < rows; i++) {
            double y = top + 36 + i * row;
            Station st = stations.get(i);
            double mhz = st.brief().frequency().value() / 1e6;
            boolean struck = false;
            pen.line(x.start(), y + row - 5, x.end(), y + row - 5, Role.SAND, 1);
            for (WireWindows.Window w : StationWindows.shut(s.job(), st, least, most)) {
                double from = x.clamped(Math.log(w.from()));
                double to = x.clamped(Math.log(w.to()));
                pen.hatched(from, y, Math.max(2, to - from), row - 5, Role.THRIFT, Hatch.DIAGONAL);
                struck |= length >= w.from() && length <= w.to();
            }
            pen.text(
                    NumberText.shown(mhz, 3) + " MHz",
                    NAMES - 26,
                    y + row / 2 + 2,
                    Anchor.END,
                    12,
                    struck ? Face.MONO_BOLD : Face.MONO,
                    Role.INK,
                    Origin.Plain.TYPED);
            pen.sign(struck ? Finding.Level.WATCH : Finding.Level.FITS, NAMES - 12, y + row / 2 - 2);
        }
        WireWindows all = StationWindows.of(s.job(), least, most);
        double y = top + 36 + rows * row;
        pen.words("clear of all", NAMES - 26, y + row / 2 + 2, Anchor.END, Face.BOLD, Role.INK);
        for (WireWindows.Window w : all.open()) {
            double from = x.clamped(Math.log(w.from()));
            pen.box(from, y, Math.max(1.5, x.clamped(Math.log(w.to())) - from), row - 6, Role.MUSSEL_WASH);
            pen.outline(from, y, Math.max(1.5, x.clamped(Math.log(w.to())) - from), row - 6, Role.MUSSEL, 1.5);
        }
        scale(pen, x, least, most, bottom);
        double at = x.clamped(Math.log(length));
        pen.line(at, top + 30, at, bottom + 4, Role.LICHEN, 2.5, Dash.SOLID);
        pen.area(
                List.of(new At(at, bottom + 2), new At(at + 6, bottom + 11), new At(at - 6, bottom + 11)),
                Role.LICHEN,
                Hatch.NONE);
        pen.zone(
                Reading.LENGTH.pick(),
                x.start(),
                top + 30,
                x.end() - x.start(),
                bottom - top - 18,
                "length of the wire; drag it, Enter takes it");
        side(pen, d, length, all, StationWindows.nearest(s.job(), length));
    }

    private static void scale(Pen pen, Axis x, double least, double most, double bottom) {
        for (double share : new double[] {0, 0.25, 0.5, 0.75, 1}) {
            double metres = least * Math.pow(most / least, share);
            pen.line(x.at(Math.log(metres)), bottom - 3, x.at(Math.log(metres)), bottom + 3, Role.EDGE, 1);
            pen.tick(NumberText.shown(metres, 1) + " m", x.at(Math.log(metres)), bottom + 26, Anchor.MIDDLE);
        }
    }

    private static void side(Pen pen, Design d, double length, WireWindows all, Worked nearest) {
        double left = pen.width() - SIDE + 10;
        double y = ShapeFigures.RULE + 40;
        boolean clear = all.allows(length);
        pen.text(
                NumberText.shown(length, 2) + " m",
                left,
                y,
                Anchor.START,
                16,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.SCALE);
        pen.sign(clear ? Finding.Level.FITS : Finding.Level.WATCH, left + 8, y + 20);
        pen.words(
                clear ? "clear of them all" : "near a half wave:",
                left + 22,
                y + 24,
                Anchor.START,
                Face.BOLD,
                Role.INK);
        pen.text(
                nearest.shown() + (clear ? " the nearest half wave" : ", thousands of ohms"),
                left,
                y + 43,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.of(nearest));
        all.widest().ifPresent(w -> {
            pen.words("widest window", left, y + 66, Anchor.START, Face.TEXT, Role.SLATE);
            pen.text(
                    NumberText.shown(w.from(), 2) + " to " + NumberText.shown(w.to(), 2) + " m",
                    left,
                    y + 83,
                    Anchor.START,
                    13,
                    Face.MONO,
                    Role.INK,
                    Origin.Plain.SCALE);
        });
        pen.words("Bare wire, 2 % kept clear;", left, y + 112, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words("insulation shortens it more.", left, y + 127, Anchor.START, Face.TEXT, Role.SLATE);
        if (Math.abs(length - d.size(0)) > 1e-9) {
            pen.words("Enter takes this length.", left, y + 152, Anchor.START, Face.BOLD, Role.INK);
        }
    }
}
