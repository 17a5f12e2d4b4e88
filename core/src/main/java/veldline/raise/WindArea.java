package veldline.raise;

import java.util.List;
import java.util.Optional;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Bought;
import veldline.antenna.Made;
import veldline.antenna.Shelf;
import veldline.antenna.YagiShape;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;

/**
 * What an antenna shows the wind from the side it takes most.
 *
 * @param square metres, ice counted
 * @param drag coefficient of that area: 1.2 for rods, 1.3 for sheets (EN 1991-1-4, rounded)
 */
public record WindArea(double square, double drag) {
    private static final double RODS = 1.2;
    private static final double SHEETS = 1.3;
    /** Of a boom nobody measured, metres across. */
    private static final double BOOM = 0.02;

    private static final int TURN = 15;
    /** A net with less of its length in a second direction is a row of rods. */
    private static final double FLAT = 0.05;

    /** @param ice thickness all around, metres; empty where the maker has not told the area */
    public static Optional<WindArea> of(Antenna antenna, double ice) {
        if (antenna instanceof ApertureDesign d) {
            return Optional.of(new WindArea(d.of().area(d), SHEETS));
        }
        if (antenna instanceof Bought b) {
            return Shelf.all().stream()
                    .filter(i -> i.antenna().name().equals(b.name()))
                    .map(i -> new WindArea(i.wind(), SHEETS))
                    .findFirst();
        }
        return antenna instanceof Made m ? Optional.of(of(m, ice)) : Optional.empty();
    }

    private static WindArea of(Made made, double ice) {
        List<Wire> all = made.model().wires();
        List<Wire> nets = all.stream().filter(w -> w.fineness() < 1).toList();
        double sheet = sheet(nets);
        List<Wire> rods =
                sheet > 0 ? all.stream().filter(w -> w.fineness() >= 1).toList() : all;
        double most = 0;
        for (int deg = 0; deg < 180; deg += TURN) {
            Vec wind = new Vec(Math.cos(Math.toRadians(deg)), Math.sin(Math.toRadians(deg)), 0);
            double area = rods.stream().mapToDouble(w -> shown(w, wind, ice)).sum();
            // A Yagi's boom is no wire of its model; it lies along the beam.
            double boom = made instanceof YagiShape y ? y.boomLength() * (BOOM + 2 * ice) * Math.abs(wind.y()) : 0;
            most = Math.max(most, area + boom);
        }
        return new WindArea(most + sheet, sheet > most ? SHEETS : RODS);
    }

    private static double shown(Wire wire, Vec wind, double ice) {
        double area = 0;
        int pieces = wire.points().size() - (wire.closed() ? 0 : 1);
        for (int i = 0; i < pieces; i++) {
            Vec along = wire.points()
                    .get((i + 1) % wire.points().size())
                    .minus(wire.points().get(i));
            double with = along.dot(wind);
            area += Math.sqrt(Math.max(0, along.dot(along) - with * with)) * 2 * (wire.radius() + ice);
        }
        return area;
    }

    /** A net of wires that stands for metal sheet is as large as what it covers; zero where it covers nothing. */
    private static double sheet(List<Wire> nets) {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (Wire w : nets) {
            for (Vec p : w.points()) {
                double[] at = {p.x(), p.y(), p.z()};
                for (int i = 0; i < at.length; i++) {
                    low[i] = Math.min(low[i], at[i]);
                    high[i] = Math.max(high[i], at[i]);
                }
            }
        }
        if (nets.size() < 2) {
            return 0;
        }
        double wide = high[1] - low[1];
        double tall = high[2] - low[2];
        return Math.min(wide, tall) > FLAT * Math.max(wide, tall) ? wide * tall : 0;
    }
}
