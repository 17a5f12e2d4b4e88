package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import veldline.field.wire.Vec;

/**
 * A sheet of metal as the engine has it: rods or a net of wires as thick as to have the sheet's surface (the equal-area rule; Ludwig,
 * IEEE Trans. AP-35 (1987)), an eighth of a wave apart or less. A real screen of such rods or such a mesh does as well.
 */
final class Plate {

    /** Cuts of rods and nets against those of elements. */
    static final double RODS = 0.35;

    private static final double NET = 0.2;
    /** Rods of the equal-area rule over this, to stay thin against the wave; it costs a twentieth of a decibel. */
    private static final double THIN = 1.5;

    private Plate() {}

    /**
     * A rectangle square to x under a field along y: rods along y, since currents run along the field and hardly across it.
     *
     * @param x where it stands on the axis
     * @param along its measure along y, metres
     * @param high its measure along z
     * @param density rods to a metre
     */
    static void across(Wiring w, double x, double along, double high, double density) {
        for (Rod r : rods(x, along, high, density)) {
            w.sheet(r.points, r.thick, false, RODS);
        }
    }

    /** One of its rods, so thick across. */
    record Rod(List<Vec> points, double thick) {}

    /** The same rods by themselves. */
    static List<Rod> rods(double x, double along, double high, double density) {
        int gaps = Math.max(2, (int) Math.round(density * high));
        double thick = high / gaps / (THIN * Math.PI);
        return IntStream.rangeClosed(0, gaps)
                .mapToDouble(k -> high * ((double) k / gaps - 0.5))
                .mapToObj(z -> new Rod(List.of(new Vec(x, -along / 2, z), new Vec(x, along / 2, z)), thick))
                .toList();
    }

    /** A disc square to x with its middle at {@code x} on the axis: spokes and rings; its rim goes {@code cup} forward where that is not nothing. */
    static void disc(Wiring w, double x, double radius, double cup, int spokes, int rings, double thick) {
        for (int s = 0; s < spokes; s++) {
            double a = 2 * Math.PI * s / spokes;
            List<Vec> spoke = new ArrayList<>();
            for (int r = 0; r <= rings; r++) {
                spoke.add(around(x, radius * r / rings, a));
            }
            if (cup > 0) {
                spoke.add(around(x + cup, radius, a));
            }
            w.sheet(spoke, thick, false, NET);
        }
        for (int r = 1; r <= rings; r++) {
            ring(w, x, radius * r / rings, spokes, thick);
        }
        if (cup > 0) {
            ring(w, x + cup, radius, spokes, thick);
        }
    }

    private static void ring(Wiring w, double x, double radius, int spokes, double thick) {
        List<Vec> ring = new ArrayList<>();
        for (int s = 0; s < spokes; s++) {
            ring.add(around(x, radius, 2 * Math.PI * s / spokes));
        }
        w.sheet(ring, thick, true, NET);
    }

    static Vec around(double x, double radius, double angle) {
        return new Vec(x, radius * Math.cos(angle), radius * Math.sin(angle));
    }
}
