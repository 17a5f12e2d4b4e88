package veldline.antenna;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.field.wire.Direction;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.picture.Mark.At;

/**
 * Sheet metal around an axis as a net of wires: rings and lines along, each wire with the surface of the sheet it stands for (the
 * equal-area rule; Ludwig, IEEE Trans. AP-35 (1987)), a tenth of a wave apart. What leaks between them and what they store of their own
 * is what such a net is wrong by.
 */
final class WireGrid {
    /** Between neighbours, waves. */
    static final double STEP = 0.1;

    /** From here on a net lets through more than it stops, waves. */
    private static final double OPEN = 0.2;

    /** More unknowns than this take longer than anybody waits here. */
    private static final int MOST = 2600;

    private static final double ROUGHLY = 2.4;
    private static final double FINENESS = 0.3;
    private static final double APART = 0.2;
    /** Thicker the thin-wire sums end, waves. */
    static final double THICKEST = 0.0185;

    private final double wave;
    private final int around;
    /** A ring of as many places as {@code around}, from behind forward. */
    private final List<List<Vec>> rings = new ArrayList<>();
    /** Sheets that leave the first one: each begins with a ring of it. */
    private final List<List<List<Vec>>> branches = new ArrayList<>();

    /** @param around places on each ring; the first lies where a probe stands */
    WireGrid(double wave, int around) {
        this.wave = wave;
        this.around = around;
    }

    /** How many steps of the net a length takes. */
    static int steps(double length, double wave) {
        return (int) Math.max(1, Math.round(length / (STEP * wave)));
    }

    /** A cup around the sheet, open forward: from the ring nearest to a place outward and then forward. */
    void cup(double atX, double toR, double toX) {
        List<Vec> from = rings.stream()
                .filter(r -> Math.hypot(r.get(0).y(), r.get(0).z()) < toR)
                .min(Comparator.comparingDouble(r -> Math.abs(r.get(0).x() - atX)
                        - 1e-3 * Math.hypot(r.get(0).y(), r.get(0).z())))
                .orElseThrow();
        double x = from.get(0).x();
        double r = Math.hypot(from.get(0).y(), from.get(0).z());
        List<List<Vec>> cup = new ArrayList<>(List.of(from));
        int out = steps(toR - r, wave);
        for (int i = 1; i <= out; i++) {
            cup.add(ring(x, r + (toR - r) * i / out));
        }
        int forward = steps(toX - x, wave);
        for (int i = 1; i <= forward; i++) {
            cup.add(ring(x + (toX - x) * i / forward, toR));
        }
        branches.add(cup);
    }

    private List<Vec> ring(double x, double r) {
        return IntStream.range(0, around)
                .mapToObj(k ->
                        new Vec(x, r * Math.sin(2 * Math.PI * k / around), -r * Math.cos(2 * Math.PI * k / around)))
                .toList();
    }

    /** Round rings from one radius to another; the first of them is left out where it stands already. */
    void round(double fromX, double fromR, double toX, double toR) {
        int n = steps(Math.hypot(toX - fromX, toR - fromR), wave);
        for (int i = rings.isEmpty() ? 0 : 1; i <= n; i++) {
            double x = fromX + (toX - fromX) * i / n;
            double r = fromR + (toR - fromR) * i / n;
            rings.add(ring(x, r));
        }
    }

    /**
     * Rings of four sides from one opening to another, so many places along its level sides and so many along its upright ones; the first
     * of them is left out where it stands already. Its first place is the middle of the lower side.
     *
     * @param level an even number
     * @param upright an even number
     */
    void square(double fromX, At from, double toX, At to, int level, int upright) {
        int n = steps(Math.hypot(toX - fromX, Math.hypot(to.x() - from.x(), to.y() - from.y()) / 2), wave);
        for (int i = rings.isEmpty() ? 0 : 1; i <= n; i++) {
            double share = (double) i / n;
            rings.add(square(
                    fromX + (toX - fromX) * share,
                    from.x() + (to.x() - from.x()) * share,
                    from.y() + (to.y() - from.y()) * share,
                    level,
                    upright));
        }
    }

    private static List<Vec> square(double x, double wide, double high, int level, int upright) {
        List<Vec> ring = new ArrayList<>();
        for (int i = 0; i < level / 2; i++) {
            ring.add(new Vec(x, wide * i / level, -high / 2));
        }
        for (int i = 0; i < upright; i++) {
            ring.add(new Vec(x, wide / 2, -high / 2 + high * i / upright));
        }
        for (int i = 0; i < level; i++) {
            ring.add(new Vec(x, wide / 2 - wide * i / level, high / 2));
        }
        for (int i = 0; i < upright; i++) {
            ring.add(new Vec(x, -wide / 2, high / 2 - high * i / upright));
        }
        for (int i = 0; i < level / 2; i++) {
            ring.add(new Vec(x, -wide / 2 + wide * i / level, -high / 2));
        }
        return ring;
    }

    /**
     * The net with a probe at its first place of the ring that stands nearest to one on the axis; closed behind by lines to the middle.
     *
     * @return empty where it would be too large to be solved while somebody waits, or too open where it is widest
     */
    Optional<WireModel> fed(String name, double probeAt, double probeLong, double probeRadius, double conductivity) {
        List<List<Vec>> all = Stream.concat(
                        rings.stream(),
                        branches.stream().flatMap(b -> b.stream().skip(1)))
                .toList();
        double widest = all.stream()
                .mapToDouble(r -> r.get(0).minus(r.get(1)).length())
                .max()
                .orElse(0);
        if (ROUGHLY * around * all.size() > MOST || widest > OPEN * wave) {
            return Optional.empty();
        }
        List<Wire> wires = new ArrayList<>();
        Vec foot = rings.stream()
                .map(r -> r.get(0))
                .filter(v -> Math.hypot(v.y(), v.z()) > 0.3 * probeLong)
                .min(Comparator.comparingDouble(v -> Math.abs(v.x() - probeAt)))
                .orElseThrow();
        Vec up = new Vec(0, -foot.y(), -foot.z()).unit().times(probeLong);
        wires.add(new Wire(List.of(foot, foot.plus(up)), probeRadius, false, Optional.of(conductivity)));
        for (List<Vec> ring : all) {
            double edge = ring.get(0).minus(ring.get(1)).length();
            wires.add(sheet(ring, radius(edge), true, conductivity));
        }
        Vec middle = new Vec(rings.get(0).get(0).x(), 0, 0);
        // Lines carry the smaller part of the sheet; where they run together behind they may not touch.
        double closest = IntStream.range(1, around)
                .mapToDouble(
                        k -> rings.get(0).get(k).minus(rings.get(0).get(k - 1)).length())
                .min()
                .orElseThrow();
        double thin = Math.min(0.5 * radius(STEP * wave), APART * closest);
        for (int k = 0; k < around; k++) {
            List<Vec> line = new ArrayList<>();
            line.add(middle);
            for (List<Vec> ring : rings) {
                line.add(ring.get(k));
            }
            wires.add(sheet(line, thin, false, conductivity));
            for (List<List<Vec>> branch : branches) {
                int at = k;
                wires.add(sheet(branch.stream().map(r -> r.get(at)).toList(), thin, false, conductivity));
            }
        }
        return Optional.of(WireModel.inFreeSpace(name, wires, new Port(0, new Port.Place.Vertex(0)), Direction.X));
    }

    private double radius(double edge) {
        return Math.min(THICKEST * wave, Math.min(edge, STEP * wave) / (2 * Math.PI));
    }

    /** A wire that stands for sheet metal: bare, and cut coarsely. */
    static Wire sheet(List<Vec> points, double radius, boolean closed, double conductivity) {
        return new Wire(points, radius, closed, Optional.of(conductivity), Wire.Ends.OPEN, Optional.empty(), FINENESS);
    }
}
