package veldline.antenna;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/**
 * An antenna of wires as someone drew, typed or read them in; solved in free space.
 *
 * @param name what it is called
 * @param wires joined where their corners meet
 * @param fed index of the wire with the feed
 * @param feedAt how far along that wire, percent of its length
 * @param metal of every wire
 * @param upright whether its field is meant to stand upright
 */
@RecordBuilder
public record OwnWires(String name, List<OwnWire> wires, int fed, Quantity feedAt, Metal metal, boolean upright)
        implements Made, OwnWiresBuilder.With {
    public static final int MOST_WIRES = 60;
    private static final double C = 299_792_458.0;
    private static final double PERCENT = 100;
    /** What a half wave of thin wire is cut to. */
    private static final double HALF_WAVE = 0.475;

    public OwnWires {
        wires = List.copyOf(wires);
        if (wires.isEmpty() || wires.size() > MOST_WIRES) {
            throw new IllegalArgumentException(wires.size() + " wires; give 1 to " + MOST_WIRES);
        }
        if (fed < 0 || fed >= wires.size()) {
            throw new IllegalArgumentException(
                    "Wire " + (fed + 1) + " of " + wires.size() + " is fed; name one of them");
        }
    }

    /** A half wave to begin with. */
    public static OwnWires dipole(double frequency, boolean upright) {
        double half = HALF_WAVE * C / frequency / 2;
        Vec tip = upright ? new Vec(0, 0, half) : new Vec(0, half, 0);
        OwnWire wire = new OwnWire(
                List.of(OwnWire.Corner.at(tip.times(-1)), OwnWire.Corner.at(tip)), Quantity.of("2", Unit.MM), false);
        return new OwnWires("Own wires", List.of(wire), 0, Quantity.of("50", Unit.ONE), Metal.COPPER, upright);
    }

    /**
     * The wires of a model, as they are read in; its first source is the feed.
     *
     * @throws IllegalArgumentException if it has none, or more wires than {@link #MOST_WIRES}
     */
    public static OwnWires of(WireModel model, Metal metal, boolean upright) {
        if (model.sources().isEmpty()) {
            throw new IllegalArgumentException("The model has no source; give one where the feed is");
        }
        List<OwnWire> wires = model.wires().stream()
                .map(w -> new OwnWire(
                        w.points().stream().map(OwnWire.Corner::at).toList(),
                        OwnWire.millimetres(2 * w.radius()),
                        w.closed()))
                .toList();
        Port port = model.sources().get(0).port();
        Wire fed = model.wires().get(port.wire());
        return new OwnWires(
                model.name().isBlank() ? "Own wires" : model.name(),
                wires,
                port.wire(),
                Quantity.shown(PERCENT * port.distanceAlong(fed) / fed.length(), Unit.ONE, 2),
                metal,
                upright);
    }

    @Override
    public WireModel model() {
        List<Wire> made = wires.stream()
                .map(w -> w.wire(Optional.of(metal.conductivity())))
                .toList();
        Port port = new Port(fed, new Port.Place.Fraction(feedAt.value() / PERCENT));
        return new WireModel(
                name,
                made,
                List.of(Source.volt(port)),
                List.of(),
                Ground.FREE,
                Optional.empty(),
                Optional.of(Direction.X));
    }

    @Override
    public String title() {
        return name;
    }

    @Override
    public double longest() {
        return 2 * model().extent();
    }

    OwnWires withWire(int index, OwnWire wire) {
        List<OwnWire> next = new ArrayList<>(wires);
        next.set(index, wire);
        return withWires(next);
    }
}
