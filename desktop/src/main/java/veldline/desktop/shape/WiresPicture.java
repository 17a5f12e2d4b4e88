package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.Design;
import veldline.antenna.DesignChange;
import veldline.antenna.OwnWire;
import veldline.antenna.OwnWires;
import veldline.antenna.OwnWiresChange;
import veldline.assess.AntennaFigures;
import veldline.assess.WireCurrent;
import veldline.build.CutList;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.job.JobChange;
import veldline.path.FreeSpace;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** One's own wires to scale from one of three sides, their corners to drag, over what they do. */
final class WiresPicture {
    static final String VIEW = "wires.view";
    private static final double TOP = 44;
    private static final double ROOM = 204;
    private static final double LEFT = 60;
    private static final double SAIL = 20;

    /** Which way the wires are looked at. */
    enum View {
        SIDE,
        ABOVE,
        BEHIND;

        String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        static View chosen(Showing s, View unless) {
            return Optional.ofNullable(s.noted().get(VIEW)).map(View::valueOf).orElse(unless);
        }

        double across(Vec v) {
            return this == BEHIND ? -v.y() : v.x();
        }

        double up(Vec v) {
            return this == ABOVE ? v.y() : v.z();
        }

        /** A place with these two changed and the third kept. */
        Vec with(Vec v, double across, double up) {
            return switch (this) {
                case SIDE -> new Vec(across, v.y(), up);
                case ABOVE -> new Vec(across, up, v.z());
                case BEHIND -> new Vec(v.x(), -across, up);
            };
        }
    }

    private final Showing s;
    private final OwnWires wires;
    private final Optional<Design> design;
    private final View view;
    private final Pen pen;
    /** Where the middle of the drawing stands. */
    private final double middle;

    private final double perMetre;
    private final double middleAcross;
    private final double middleUp;

    /** A design: its measures are dragged, not its corners. */
    WiresPicture(Showing s, Design design, double width, double height) {
        this(
                s,
                OwnWires.of(design.model(), design.metal(), design.upright()).withName(design.title()),
                Optional.of(design),
                width,
                height);
    }

    WiresPicture(Showing s, OwnWires wires, double width, double height) {
        this(s, wires, Optional.empty(), width, height);
    }

    private WiresPicture(Showing s, OwnWires wires, Optional<Design> design, double width, double height) {
        this.s = s;
        this.design = design;
        this.wires = wires;
        this.view = View.chosen(s, View.ABOVE);
        this.pen = Picture.pen(width, height);
        this.middle = (width - OtherViews.ROOM) / 2;
        List<Vec> all = wires.wires().stream()
                .flatMap(w -> w.corners().stream())
                .map(OwnWire.Corner::place)
                .toList();
        double left = all.stream().mapToDouble(view::across).min().orElseThrow();
        double right = all.stream().mapToDouble(view::across).max().orElseThrow();
        double low = all.stream().mapToDouble(view::up).min().orElseThrow();
        double high = all.stream().mapToDouble(view::up).max().orElseThrow();
        // A scale in round steps, so that the drawing holds still while a corner is dragged.
        double fits = Math.min(
                (width - OtherViews.ROOM - 2 * LEFT) / Math.max(right - left, 1e-3), ROOM / Math.max(high - low, 1e-3));
        this.perMetre = Math.pow(2, Math.floor(2 * Math.log(0.9 * fits) / Math.log(2)) / 2);
        double step = 20 / perMetre;
        this.middleAcross = step * Math.round((left + right) / 2 / step);
        this.middleUp = step * Math.round((low + high) / 2 / step);
    }

    private At at(Vec v) {
        return new At(
                middle + (view.across(v) - middleAcross) * perMetre,
                TOP + ROOM / 2 - (view.up(v) - middleUp) * perMetre);
    }

    /** Every corner by its zone, in the order of the wires. */
    static List<String> corners(OwnWires w) {
        return IntStream.range(0, w.wires().size())
                .boxed()
                .flatMap(i ->
                        IntStream.range(0, w.wires().get(i).corners().size()).mapToObj(c -> "corner:" + i + "." + c))
                .toList();
    }

    /** The edit that takes a corner to a place of the picture: to whole millimetres, or tenths where these are small. */
    Optional<JobChange> moved(String zone, double x, double y) {
        String[] which = zone.substring("corner:".length()).split("\\.");
        int w = Integer.parseInt(which[0]);
        int c = Integer.parseInt(which[1]);
        if (w >= wires.wires().size() || c >= wires.wires().get(w).corners().size()) {
            return Optional.empty();
        }
        int decimals = perMetre > 1500 ? 1 : 0;
        double across = (x - middle) / perMetre + middleAcross;
        double up = (TOP + ROOM / 2 - y) / perMetre + middleUp;
        OwnWire.Corner was = wires.wires().get(w).corners().get(c);
        Vec to = view.with(was.place(), across, up);
        return Optional.of(new JobChange.OfOwnWires(new OwnWiresChange.Moved(
                w,
                c,
                new OwnWire.Corner(
                        kept(was.x(), to.x(), was.place().x(), decimals),
                        kept(was.y(), to.y(), was.place().y(), decimals),
                        kept(was.z(), to.z(), was.place().z(), decimals)))));
    }

    /** What is not moved stays as it was typed. */
    private static Quantity kept(Quantity was, double to, double from, int decimals) {
        return to == from ? was : Quantity.shown(to, Unit.MM, decimals);
    }

    Picture draw() {
        pen.text(wires.name() + ", to scale", 18, 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        OnWires.words(s, pen, 34 + 8.2 * (wires.name().length() + 10), 20);
        ScaleBar.draw(pen, perMetre);
        axes();
        OtherViews.draw(pen, wires, view);
        Optional<AntennaFigures> figures = s.assessment()
                .antenna()
                .value()
                .filter(f -> f.currents().size() == wires.wires().size());
        figures.ifPresent(this::laidOver);
        for (int i = 0; i < wires.wires().size(); i++) {
            wire(i);
        }
        feed();
        design.ifPresentOrElse(this::handles, () -> {
            for (int i = 0; i < wires.wires().size(); i++) {
                corners(i);
            }
        });
        ShapeFigures below = new ShapeFigures(s, pen);
        below.draw();
        if (Below.chosen(s) == Below.FIGURES) {
            double f = s.job().brief().frequency().value();
            CutTable.draw(pen, design.map(d -> CutList.of(d, f)).orElseGet(() -> CutList.of(wires, f)), below.left());
        }
        return pen.done();
    }

    private void axes() {
        At o = new At(24, TOP + ROOM);
        pen.line(o.x(), o.y(), o.x() + 22, o.y(), Role.EDGE, 1.5);
        pen.line(o.x(), o.y(), o.x(), o.y() - 22, Role.EDGE, 1.5);
        pen.words(view == View.BEHIND ? "−y" : "x", o.x() + 28, o.y() + 4, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words(view == View.ABOVE ? "y" : "z", o.x() - 4, o.y() - 26, Anchor.START, Face.TEXT, Role.SLATE);
    }

    private void laidOver(AntennaFigures f) {
        OnWires.Show show = OnWires.chosen(s);
        double most = f.currents().stream().mapToDouble(WireCurrent::most).max().orElseThrow();
        for (WireCurrent wire : f.currents()) {
            if (show == OnWires.Show.CUTS) {
                for (Vec v : wire.at()) {
                    At on = at(v);
                    pen.dot(on.x(), on.y(), 2.5, Role.LICHEN, Role.LICHEN, 1);
                }
            } else if (show == OnWires.Show.CURRENTS) {
                sail(wire, most);
            }
        }
    }

    /** Square to the wire as it is seen; a piece seen end on has none. */
    private void sail(WireCurrent wire, double most) {
        for (int i = 1; i < wire.at().size(); i++) {
            At a = at(wire.at().get(i - 1));
            At b = at(wire.at().get(i));
            double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
            if (length > 1e-6) {
                double nx = -(b.y() - a.y()) / length;
                double ny = (b.x() - a.x()) / length;
                double ha = SAIL * wire.amps().get(i - 1).norm() / most;
                double hb = SAIL * wire.amps().get(i).norm() / most;
                At ta = new At(a.x() + nx * ha, a.y() + ny * ha);
                At tb = new At(b.x() + nx * hb, b.y() + ny * hb);
                pen.area(List.of(a, ta, tb, b), Role.LICHEN, Hatch.HORIZONTAL);
                pen.line(ta.x(), ta.y(), tb.x(), tb.y(), Role.LICHEN, 2);
            }
        }
    }

    private void wire(int index) {
        OwnWire w = wires.wires().get(index);
        List<At> points = new ArrayList<>();
        w.corners().forEach(c -> points.add(at(c.place())));
        if (w.closed()) {
            points.add(points.get(0));
        }
        boolean fed = ports().stream().anyMatch(p -> p.wire() == index);
        boolean sheet = !fed && design.filter(d -> d.of().isSheet(d, index)).isPresent();
        Role role = fed ? Role.MUSSEL : sheet ? Role.EDGE : Role.INK;
        pen.path(points, role, sheet ? 1.2 : 3, Dash.SOLID);
        if (!sheet
                && points.stream()
                        .allMatch(p -> p.x() == points.get(0).x()
                                && p.y() == points.get(0).y())) {
            // Seen along itself a wire is a point.
            pen.dot(points.get(0).x(), points.get(0).y(), 3.5, role, role, 1);
        }
    }

    private void feed() {
        for (Port port : ports()) {
            Wire fed = wires.model().wires().get(port.wire());
            At on = at(fed.along(port.distanceAlong(fed)));
            pen.dot(on.x(), on.y(), 6, Role.SHEET, Role.INK, 2);
            pen.dot(on.x(), on.y(), 1.5, Role.INK, Role.INK, 1);
        }
    }

    private List<Port> ports() {
        return design.map(d -> d.model().sources().stream().map(Source::port).toList())
                .orElseGet(() -> List.of(new Port(
                        wires.fed(), new Port.Place.Fraction(wires.feedAt().value() / 100))));
    }

    private void corners(int index) {
        OwnWire w = wires.wires().get(index);
        String picked = s.picked().getOrDefault(veldline.assess.Step.SHAPE, "");
        for (int c = 0; c < w.corners().size(); c++) {
            At on = at(w.corners().get(c).place());
            String zone = "corner:" + index + "." + c;
            boolean here = picked.equals(zone);
            pen.box(on.x() - 4, on.y() - 4, 8, 8, here ? Role.MUSSEL : Role.SHEET);
            pen.outline(on.x() - 4, on.y() - 4, 8, 8, here ? Role.MUSSEL : Role.INK, 1.5);
            OwnWire.Corner k = w.corners().get(c);
            if (here) {
                String place = k.x().number() + "  " + k.y().number() + "  " + k.z().number() + " mm";
                pen.text(
                        place,
                        Math.min(on.x() + 10, pen.width() - OtherViews.ROOM - 8 - 8.2 * place.length()),
                        Math.max(TOP - 6, on.y() - 10),
                        Anchor.START,
                        12.5,
                        Face.MONO_BOLD,
                        Role.INK,
                        Origin.Plain.TYPED);
            }
            pen.zone(
                    zone,
                    on.x() - 10,
                    on.y() - 10,
                    20,
                    20,
                    "wire " + (index + 1) + ", corner " + (c + 1) + " at " + k.x().number() + " " + k.y().number() + " "
                            + k.z().number() + " mm; drag it");
        }
    }

    /** A handle for each measure, where changing it moves the wires most. */
    private void handles(Design d) {
        String picked = s.picked().getOrDefault(veldline.assess.Step.SHAPE, "");
        for (DesignHandle h : DesignHandle.of(d)) {
            At on = at(h.at());
            boolean here = picked.equals(h.zone());
            boolean locked = d.locked().contains(h.measure());
            if (locked) {
                pen.box(on.x() - 5, on.y() - 5, 10, 10, here ? Role.MUSSEL : Role.SHEET);
                pen.outline(on.x() - 5, on.y() - 5, 10, 10, Role.INK, 2);
            } else {
                pen.dot(on.x(), on.y(), here ? 7 : 5, here ? Role.MUSSEL : Role.SHEET, Role.MUSSEL, 2);
            }
            if (here) {
                String text = h.name() + " " + d.sizes().get(h.measure()) + (locked ? ", locked" : "");
                pen.text(
                        text,
                        Math.max(18, Math.min(on.x() + 12, pen.width() - OtherViews.ROOM - 8 - 8.2 * text.length())),
                        Math.max(TOP - 6, on.y() - 12),
                        Anchor.START,
                        12.5,
                        Face.MONO_BOLD,
                        Role.INK,
                        Origin.Plain.TYPED);
            }
            pen.zone(
                    h.zone(),
                    on.x() - 11,
                    on.y() - 11,
                    22,
                    22,
                    h.name() + " " + d.sizes().get(h.measure()) + "; drag it");
        }
    }

    /** The edit that takes a measure's handle to a place of the picture. */
    Optional<JobChange> moved(Design d, String zone, double x, double y) {
        double across = (x - middle) / perMetre + middleAcross;
        double up = (TOP + ROOM / 2 - y) / perMetre + middleUp;
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        return DesignHandle.of(d).stream()
                .filter(h -> h.zone().equals(zone) && !d.locked().contains(h.measure()))
                .findFirst()
                .flatMap(h -> h.to(
                        across - view.across(h.at()),
                        up - view.up(h.at()),
                        view.across(h.by()),
                        view.up(h.by()),
                        d,
                        wave))
                .map(q -> new JobChange.OfDesign(
                        new DesignChange.Size(Integer.parseInt(zone.substring("measure:".length())), q)));
    }
}
