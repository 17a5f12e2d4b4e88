package veldline.coverage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.path.LogDistance;

/**
 * How well a site is served.
 *
 * @param map level by cell
 * @param served share of the ground to be served that has the wish, in 100
 * @param holds share of it that has the floor, in 100
 * @param wasted share of all that is served well that nobody asked for, in 100
 * @param worst level that 95 in 100 of the ground to be served have, dBm; empty without any antenna or any such ground
 * @param seam how far under the middle of its beam an antenna serves where another takes over, dB; empty with one antenna
 * @param shadow farthest place from a mast, within the first lobe's reach, that its beam passes over, metres; zero for none
 * @param spots level at each spot, with the antenna it comes from; none without any antenna
 */
public record Coverage(
        LevelMap map,
        Worked served,
        Worked holds,
        Worked wasted,
        Optional<Worked> worst,
        Optional<Worked> seam,
        double shadow,
        List<AtSpot> spots) {
    /** What a spot hears. */
    public record AtSpot(Site.Spot spot, Worked level, int server) {}

    private static final Formula SHARE = new Formula(
            "Share of the ground",
            "Cells that have it, n, of all that count, m.",
            "S",
            "100·n ÷ m",
            "Counted on the plan's grid",
            "±3 in 100 on this grid; the levels themselves are ±6 dB from spot to spot");
    private static final Formula WORST = new Formula(
            "Worst place served",
            "The level that 95 in 100 of the ground to be served have or better.",
            "P",
            "a",
            "Counted on the plan's grid",
            "±6 dB from spot to spot");
    private static final Formula SEAM = new Formula(
            "Seam",
            "Where two antennas are equally strong, each is so far under the middle of its own beam, at most.",
            "S",
            "a",
            "Patterns on the plan's grid",
            "±1 dB");

    /** Nearer to a mast than so many of its heights levels are high however its beams meet. */
    private static final double AT_ITS_FOOT = 4;

    /** Under the middle of its beam by more than this, a place near a mast lies in its shadow, dB. */
    private static final double PASSED_OVER = 10;

    public Coverage {
        spots = List.copyOf(spots);
    }

    /**
     * @param floor where a link breaks, dBm
     * @param wish floor and the margin wanted, dBm
     */
    public static Coverage of(
            Site site,
            List<Emitter> emitters,
            double frequency,
            Optional<LogDistance> place,
            int columns,
            double floor,
            double wish,
            LevelMap.Watcher watcher) {
        int rows = (int) Math.max(2, Math.min(4000, Math.round(columns * site.depth() / site.width())));
        LevelMap map = LevelMap.of(site, emitters, frequency, place, columns, rows, watcher);
        int asked = 0;
        int well = 0;
        int holds = 0;
        int strong = 0;
        int astray = 0;
        List<Double> levels = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                double level = map.level(c, r);
                boolean serve = site.serves(map.x(c), map.y(r));
                strong += level >= wish ? 1 : 0;
                astray += level >= wish && !serve ? 1 : 0;
                if (serve) {
                    asked++;
                    well += level >= wish ? 1 : 0;
                    holds += level >= floor ? 1 : 0;
                    levels.add(level);
                }
            }
        }
        levels.sort(null);
        PathRule rule = new PathRule(frequency, place);
        Shadows shadows = new Shadows(site, frequency);
        return new Coverage(
                map,
                share(well, asked, "with the margin wanted"),
                share(holds, asked, "over the floor"),
                share(astray, strong, "served well that nobody asked for"),
                emitters.isEmpty() || levels.isEmpty()
                        ? Optional.empty()
                        : Optional.of(worst(levels.get((int) (0.05 * levels.size())))),
                seam(map, site, emitters),
                shadow(map, site, emitters),
                site.spots().stream()
                        .flatMap(s -> spot(s, site, emitters, rule, shadows).stream())
                        .toList());
    }

    private static Worked worst(double level) {
        return Worked.of(WORST)
                .computed("a", "least of 95 in 100", level, "dBm", 2)
                .gives(level, "dBm", 1, 6);
    }

    private static Worked share(int n, int of, String what) {
        return Worked.of(SHARE)
                .computed("n", "cells " + what, n, "", 0)
                .computed("m", "cells that count", Math.max(1, of), "", 0)
                .gives(100.0 * n / Math.max(1, of), "in 100", 0, 3);
    }

    /** The strongest at a spot; empty without any antenna. */
    private static Optional<AtSpot> spot(
            Site.Spot s, Site site, List<Emitter> emitters, PathRule rule, Shadows shadows) {
        double x = s.at().x();
        double y = s.at().y();
        double z = site.ground(x, y) + s.height().value();
        List<LevelMap.Source> sources = emitters.stream()
                .map(e -> new LevelMap.Source(e, site, rule, shadows))
                .toList();
        return IntStream.range(0, sources.size())
                .boxed()
                .max(Comparator.comparingDouble(k -> sources.get(k).level(x, y, z)))
                .map(k -> new AtSpot(s, level(emitters.get(k), sources.get(k), site, rule, x, y, z), k));
    }

    private static Worked level(
            Emitter e, LevelMap.Source from, Site site, PathRule rule, double x, double y, double z) {
        double up = z - e.height() - site.ground(e.x(), e.y());
        double distance = Math.max(1, Math.sqrt(Math.pow(x - e.x(), 2) + Math.pow(y - e.y(), 2) + up * up));
        double byDistance = rule.law(e.height(), site.held().value()).lossDb(distance);
        return Worked.of(PathRule.FORMULA)
                .computed("p", "power at the antenna, the far end counted in", e.power(), "dBm", 3)
                .computed("g", "gain towards it", from.gain(x, y, z), "dBi", 3)
                .computed("l", "by distance", byDistance, "dB", 3)
                .computed("o", "by obstacles", from.loss(x, y, z) - byDistance, "dB", 3)
                .gives(from.level(x, y, z), "dBm", 1, 6);
    }

    private static Optional<Worked> seam(LevelMap map, Site site, List<Emitter> emitters) {
        double worst = Double.NEGATIVE_INFINITY;
        for (int r = 0; r < map.rows(); r++) {
            for (int c = 1; c < map.columns(); c++) {
                boolean border =
                        map.server(c, r) != map.server(c - 1, r) || r > 0 && map.server(c, r) != map.server(c, r - 1);
                if (border && site.serves(map.x(c), map.y(r))) {
                    Emitter e = emitters.get(map.server(c, r));
                    double away = Math.hypot(map.x(c) - e.x(), map.y(r) - e.y());
                    if (away > AT_ITS_FOOT * e.height()) {
                        worst = Math.max(worst, e.pattern().most() - towards(e, site, map.x(c), map.y(r)));
                    }
                }
            }
        }
        double found = worst;
        return Double.isFinite(found)
                ? Optional.of(Worked.of(SEAM)
                        .computed("a", "at the worst place along it", found, "dB", 2)
                        .gives(found, "dB", 1, 1))
                : Optional.empty();
    }

    private static double towards(Emitter e, Site site, double x, double y) {
        double up = site.ground(x, y) + site.held().value() - site.ground(e.x(), e.y()) - e.height();
        double east = x - e.x();
        double north = y - e.y();
        double distance = Math.max(0.1, Math.sqrt(east * east + north * north + up * up));
        return e.gain(east, north, up, distance);
    }

    /** How far out from a mast its own beam passes overhead, looked at straight ahead of it. */
    private static double shadow(LevelMap map, Site site, List<Emitter> emitters) {
        double farthest = 0;
        double step = Math.min(site.width() / map.columns(), site.depth() / map.rows());
        for (Emitter e : emitters) {
            double a = Math.toRadians(e.azimuth());
            for (double d = step; d < 20 * e.height(); d += step) {
                double x = e.x() + d * Math.sin(a);
                double y = e.y() + d * Math.cos(a);
                if (e.pattern().most() - towards(e, site, x, y) < PASSED_OVER) {
                    farthest = Math.max(farthest, d > step ? d : 0);
                    break;
                }
            }
        }
        return farthest;
    }
}
