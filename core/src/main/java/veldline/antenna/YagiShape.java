package veldline.antenna;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.stock.Metal;

/**
 * A Yagi as it is to be built: a reflector, a driven element and directors.
 *
 * @param elements from the reflector forward, 2 to 20; the second is driven
 * @param diameter of every element
 * @param metal of every element
 * @param boom what carries them
 * @param boomDiameter outside
 * @param upright whether the elements stand upright
 * @param feed how the driven element is made
 * @param outside of the cable, where it counts as a wire of the antenna
 * @param locked elements whose length stays as it is, whatever the rest is shaped to
 */
@RecordBuilder
public record YagiShape(
        List<Element> elements,
        Quantity diameter,
        Metal metal,
        BoomKind boom,
        Quantity boomDiameter,
        boolean upright,
        Feed feed,
        Optional<CableOutside> outside,
        Set<Integer> locked)
        implements Made, YagiShapeBuilder.With {
    public static final int MOST_ELEMENTS = 20;
    /** A folded dipole's two wires lie this many diameters apart, middle to middle. */
    private static final double FOLD_DIAMETERS = 5;
    /** A cable's braid is joined so many radii from the middle of the feed's gap. */
    private static final double BESIDE_RADII = 3;
    /** Of each arm of a bent driven element, so much lies outside the bend, and so far back it leans. */
    private static final double BENT_SHARE = 0.4;

    private static final double BENT_BACK_DEG = 40;

    /** How the driven element is made. */
    public enum Feed {
        STRAIGHT("straight"),
        /** The outer two fifths of each arm lean back by 40°, away from the first director, which raises the resistance. */
        BENT("bent"),
        FOLDED("folded");

        private final String word;

        Feed(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * One element.
     *
     * @param position of its middle, from the reflector
     * @param length tip to tip as the field sees it, without any boom correction
     */
    public record Element(Quantity position, Quantity length) {}

    public YagiShape {
        elements = List.copyOf(elements);
        locked = Locks.kept(locked, elements.size());
        if (elements.size() < 2 || elements.size() > MOST_ELEMENTS) {
            throw new IllegalArgumentException("A Yagi here has 2 to " + MOST_ELEMENTS + " elements, not "
                    + elements.size() + "; give a number in that range");
        }
    }

    /** From the reflector to the last element, metres. */
    public double boomLength() {
        return elements.get(elements.size() - 1).position().value();
    }

    @Override
    public String title() {
        return Yagi.title(elements.size());
    }

    @Override
    public double longest() {
        return Math.max(
                boomLength(),
                elements.stream().mapToDouble(e -> e.length().value()).max().orElseThrow());
    }

    /** What an element is called: refl., driven, 1, 2, … */
    public static String nameOf(int index) {
        return index == 0 ? "refl." : index == 1 ? "driven" : Integer.toString(index - 1);
    }

    public YagiShape withElement(int index, Element element) {
        List<Element> next = new ArrayList<>(elements);
        next.set(index, element);
        return withElements(next);
    }

    /** With the length of an element locked, or free again. */
    YagiShape withLock(int index, boolean on) {
        return withLocked(Locks.with(locked, index, on));
    }

    /** Every element a wire, boom along x from the reflector, beam towards +x. */
    @Override
    public WireModel model() {
        double radius = diameter.value() / 2;
        List<Wire> wires = new ArrayList<>();
        for (int i = 0; i < elements.size(); i++) {
            double x = elements.get(i).position().value();
            double half = elements.get(i).length().value() / 2;
            wires.add(i == 1 ? driven(x, half, radius) : straight(x, half, radius));
        }
        double middle = elements.get(1).length().value() / 2;
        Port port = feed == Feed.FOLDED ? new Port(1, new Port.Place.Distance(middle)) : Port.middleOf(1);
        return outside.map(cable -> withOutside(wires, port, cable))
                .orElseGet(() -> WireModel.inFreeSpace("Yagi", wires, port, Direction.X));
    }

    /** The braid is joined to the driven element just beside the feed's gap. */
    private WireModel withOutside(List<Wire> wires, Port port, CableOutside cable) {
        Wire driven = wires.get(1);
        double beside = -BESIDE_RADII * driven.radius();
        double feedAt = elements.get(1).position().value();
        List<Vec> points = new ArrayList<>(driven.points());
        points.add(driven.closed() ? 1 : points.size() / 2, at(feedAt, beside, 0));
        wires.set(1, new Wire(points, driven.radius(), driven.closed(), driven.conductivity()));
        CableOutside.Frame frame =
                (x, aside, down) -> upright ? new Vec(x, -aside, beside - down) : new Vec(x, beside, -aside - down);
        wires.add(cable.wire(
                frame, feedAt, boomDiameter.value(), elements.get(1).length().value()));
        return new WireModel(
                "Yagi with its cable",
                wires,
                List.of(Source.volt(port)),
                cable.loads(wires.size() - 1, boomDiameter.value()),
                Ground.FREE,
                Optional.empty(),
                Optional.of(Direction.X));
    }

    private Wire straight(double x, double half, double radius) {
        return new Wire(List.of(at(x, -half, 0), at(x, half, 0)), radius, false, Optional.of(metal.conductivity()));
    }

    private Wire driven(double x, double half, double radius) {
        return switch (feed) {
            case STRAIGHT -> straight(x, half, radius);
            case BENT -> bent(x, half, radius);
            case FOLDED -> folded(x, half, radius);
        };
    }

    private Wire bent(double x, double half, double radius) {
        double inner = (1 - BENT_SHARE) * half;
        double tip = inner + BENT_SHARE * half * Math.cos(Math.toRadians(BENT_BACK_DEG));
        double back = x - BENT_SHARE * half * Math.sin(Math.toRadians(BENT_BACK_DEG));
        return new Wire(
                List.of(at(back, -tip, 0), at(x, -inner, 0), at(x, inner, 0), at(back, tip, 0)),
                radius,
                false,
                Optional.of(metal.conductivity()));
    }

    private Wire folded(double x, double half, double radius) {
        double gap = FOLD_DIAMETERS * diameter.value();
        return new Wire(
                List.of(at(x, -half, 0), at(x, half, 0), at(x, half, gap), at(x, -half, gap)),
                radius,
                true,
                Optional.of(metal.conductivity()));
    }

    private Vec at(double x, double along, double across) {
        return upright ? new Vec(x, across, along) : new Vec(x, along, across);
    }

    /**
     * One row of the cut list.
     *
     * @param name of the element
     * @param cut length to cut, boom correction included, metres
     * @param distance from the reflector, metres
     */
    public record Cut(String name, double cut, double distance) {}

    /** What to cut and where to fix it. */
    public List<Cut> cutList(double frequency) {
        double extra = boom.correction(boomDiameter.value(), 299_792_458.0 / frequency);
        return IntStream.range(0, elements.size())
                .mapToObj(i -> new Cut(
                        nameOf(i),
                        elements.get(i).length().value() + extra,
                        elements.get(i).position().value()))
                .toList();
    }
}
