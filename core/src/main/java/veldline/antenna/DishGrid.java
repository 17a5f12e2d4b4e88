package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.field.aperture.Paraboloid;
import veldline.field.aperture.Rim;
import veldline.field.wire.Direction;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * A small dish with its dipole as rods along the field, to be solved whole: rim, shadow and what the plate throws back are in it. Sheet
 * stands as rods a tenth of a wave apart with the surface of the sheet (the equal-area rule; Ludwig, IEEE Trans. AP-35 (1987)); currents
 * across the field, which a dish hardly has, are left out.
 */
final class DishGrid {
    private static final double C = 299_792_458.0;
    /** Rods longer together than this, in waves, take longer than anybody waits here. */
    private static final double MOST = 210;

    private DishGrid() {}

    /** Empty where its feed is no dipole, where it squints, or where it is too large. */
    static Optional<WireModel> of(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        Rim rim = Dish.rim(d);
        boolean sheet = !Dish.surface(d).wires();
        double apart = sheet ? WireGrid.STEP * wave : Math.max(0.05 * wave, d.size(Dish.GAP));
        if (DishFeed.of(d) != DishFeed.DIPOLE || d.size(Dish.ASIDE) > 0 || rim.area() / apart > MOST * wave) {
            return Optional.empty();
        }
        Paraboloid p = Dish.paraboloid(d);
        DipoleFeed feed = DishFeed.dipole(d, frequency);
        double plate = p.focalLength() + d.size(Dish.AHEAD) + feed.solved().centre();
        List<Wire> wires = new ArrayList<>(feed.wires(plate, -1));
        double radius = sheet ? apart / (2 * Math.PI) : d.size(Dish.ROD) / 2;
        double reach = Math.min(rim.radius(), rim.across());
        int rods = (int) Math.max(2, Math.round(2 * reach / apart));
        for (int i = 0; i < rods; i++) {
            double z = 2 * reach * ((i + 0.5) / rods - 0.5);
            double half = Math.min(rim.along(), Math.sqrt(rim.radius() * rim.radius() - z * z));
            wires.add(WireGrid.sheet(
                    rod(p, z, half, wave),
                    Math.min(WireGrid.THICKEST * wave, radius),
                    false,
                    d.metal().conductivity()));
        }
        return Optional.of(WireModel.inFreeSpace("dish", wires, Port.middleOf(0), Direction.X));
    }

    private static List<Vec> rod(Paraboloid p, double z, double half, double wave) {
        int steps = 2 * (int) Math.max(1, Math.round(half / (WireGrid.STEP * wave)));
        List<Vec> points = new ArrayList<>();
        for (int k = 0; k <= steps; k++) {
            double y = half * (2.0 * k / steps - 1);
            points.add(new Vec((y * y + z * z) / (4 * p.focalLength()), y, z));
        }
        return points;
    }
}
