package veldline.demo;

import static veldline.demo.Reserve.q;

import java.util.List;
import java.util.Optional;
import veldline.coverage.Point;
import veldline.coverage.Site;
import veldline.path.Material;
import veldline.quantity.Unit;

/** The ground about the visitor shelter: a terrace before it, a stone wall, a dune, and the path behind that. */
final class ShelterSite {
    private ShelterSite() {}

    static Site plan() {
        return new Site(
                300,
                170,
                List.of(
                        new Site.Zone("terrace", true, corners(40, 50, 130, 50, 130, 130, 40, 130)),
                        new Site.Zone("dune path", true, corners(222, 40, 282, 40, 282, 140, 222, 140)),
                        new Site.Zone("nesting ground", false, corners(40, 136, 290, 136, 290, 168, 40, 168))),
                List.of(
                        new Site.Obstacle(
                                "shelter",
                                corners(22, 76, 40, 76, 40, 98, 22, 98),
                                true,
                                3.8,
                                Optional.of(Material.WOOD),
                                0.06,
                                Optional.of(new Site.Storeys(1, Material.WOOD))),
                        new Site.Obstacle(
                                "stone wall",
                                corners(132, 30, 136, 62, 133, 78),
                                false,
                                2.2,
                                Optional.of(Material.STONE),
                                0.45),
                        new Site.Obstacle(
                                "dune", corners(188, 8, 206, 52, 202, 96, 212, 130), false, 6.5, Optional.empty(), 0)),
                List.of(
                        new Site.Spot("Terrace", new Point(98, 104), q("1.4", Unit.M)),
                        new Site.Spot("Behind the wall", new Point(148, 54), q("1.4", Unit.M)),
                        new Site.Spot("Dune path", new Point(262, 86), q("1.4", Unit.M))),
                List.of(new Site.Mounted(
                        "eaves", new Point(40.5, 88), q("3.5", Unit.M), q("90", Unit.DEG), q("2", Unit.DEG))),
                0,
                0,
                q("1.4", Unit.M),
                q("0.3", Unit.DB),
                false);
    }

    private static List<Point> corners(double... xy) {
        return java.util.stream.IntStream.range(0, xy.length / 2)
                .mapToObj(i -> new Point(xy[2 * i], xy[2 * i + 1]))
                .toList();
    }
}
