package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.path.FreeSpace;
import veldline.path.Fresnel;
import veldline.path.Geodesic;
import veldline.path.Leaves;
import veldline.path.RealGround;
import veldline.path.Reflection;
import veldline.path.Tilt;
import veldline.path.TwoRayHeights;

/** What lies between the ends. */
final class PathTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "free-space path loss",
                    asks("distance:m", "frequency:Hz"),
                    "L = 20·log10(4·π·d·f ÷ c)",
                    "ITU-R P.525-4, eq. 3",
                    "Exact in free space, beyond the antennas' own near field",
                    in -> List.of(
                            is("path_loss", FreeSpace.lossDb(in.over0("distance"), in.over0("frequency")), "dB"))),
            new Topic(
                    "Fresnel zone and earth bulge",
                    asks("frequency:Hz", "d1:m", "d2:m", "zone", "k", "h_a:m", "h_b:m", "obstacle:m"),
                    "F = √(n·λ·d1·d2 ÷ (d1 + d2)); bulge = d1·d2 ÷ (2·k·a), a = 6371 km",
                    "ITU-R P.526-15 §2 and P.530-18 §2.2",
                    "As good as the heights and the k chosen for the day",
                    PathTopics::fresnel),
            new Topic(
                    "ground reflection coefficients",
                    asks("frequency:Hz", "rel_permittivity", "conductivity:S/m", "grazing_angle:deg"),
                    "Γ = (a·sin ψ − √(ε − cos² ψ)) ÷ (a·sin ψ + √(…)), a = 1 flat, ε upright",
                    "ITU-R P.526-15 §3",
                    "Smooth, flat ground",
                    PathTopics::reflection),
            new Topic(
                    "two-ray level",
                    asks(
                            "frequency:Hz",
                            "distance:m",
                            "h_tx:m",
                            "h_rx:m",
                            "rel_permittivity",
                            "conductivity:S/m",
                            "polarization"),
                    "F = 1 + Γ·(r1 ÷ r2)·exp(−j·k·(r2 − r1))",
                    "ITU-R P.526-15 §3; Balanis, Antenna Theory, 3rd ed., §4.8",
                    "Flat calm ground, one bounce: peaks to 1 dB, nulls are never so deep nor so sure",
                    PathTopics::twoRay),
            new Topic(
                    "two-ray null and maximum heights (G = -1)",
                    asks("frequency:Hz", "distance:m", "h_tx:m", "count"),
                    "r2 − r1 = n·λ for nulls, (n − ½)·λ for maxima",
                    "Geometry of the two rays",
                    "Exact over a perfect mirror; real ground shifts them a little",
                    PathTopics::heights),
            new Topic(
                    "geodesic distance, bearing and tilt",
                    asks("lat1:deg", "lon1:deg", "height1:m", "lat2:deg", "lon2:deg", "height2:m"),
                    "Shortest line on the WGS-84 ellipsoid; tilt = atan((h2 − h1) ÷ d − d ÷ (2·k·a)), k = 4/3",
                    "Karney, Algorithms for geodesics, J. Geodesy 87 (2013)",
                    "Far finer than coordinates are known; tilt as good as the k of the day",
                    PathTopics::geodesic),
            new Topic(
                    "vegetation, Weissberger",
                    asks("frequency:GHz", "depth:m"),
                    "L = 0.45·f^0.284·d to 14 m; 1.33·f^0.284·d^0.588 to 400 m",
                    "Weissberger, ESD-TR-81-101 (1982)",
                    "Trees in leaf between 0.23 and 95 GHz, dry; spread of several dB",
                    in -> List.of(
                            is("loss", Leaves.WEISSBERGER.lossDb(in.over0("frequency") * 1e9, in.n("depth")), "dB"))));

    private PathTopics() {}

    private static List<Topic.Answer> fresnel(Given in) {
        double wave = FreeSpace.wavelength(in.over0("frequency"));
        double d1 = in.over0("d1");
        double d2 = in.over0("d2");
        double first = Fresnel.radius(1, d1, d2, wave);
        double bulge = Fresnel.earthBulge(d1, d2, in.over0("k"));
        double line = in.n("h_a") + (in.n("h_b") - in.n("h_a")) * d1 / (d1 + d2);
        double clearance = line - bulge - in.n("obstacle");
        return List.of(
                is("zone_radius", Fresnel.radius((int) in.over0("zone"), d1, d2, wave), "m"),
                is("first_zone_radius", first, "m"),
                is("earth_bulge", bulge, "m"),
                is("line_height", line, "m"),
                is("clearance", clearance, "m"),
                is("clearance_over_F1", clearance / first, ""),
                is("clears_60_percent", clearance >= 0.6 * first));
    }

    private static List<Topic.Answer> reflection(Given in) {
        List<Topic.Answer> out = new ArrayList<>();
        for (boolean upright : new boolean[] {false, true}) {
            Complex g = Reflection.coefficient(
                    in.over0("frequency"),
                    in.over0("rel_permittivity"),
                    in.n("conductivity"),
                    Math.toRadians(in.n("grazing_angle")),
                    upright);
            String name = upright ? "vertical" : "horizontal";
            double phase = Math.toDegrees(g.getArgument());
            out.add(is(name + "_magnitude", g.norm(), ""));
            out.add(is(name + "_phase", phase < 0 ? phase + 360 : phase, "deg"));
        }
        return out;
    }

    private static List<Topic.Answer> twoRay(Given in) {
        double d = in.over0("distance");
        double h1 = in.over0("h_tx");
        double h2 = in.over0("h_rx");
        double f = in.over0("frequency");
        boolean upright =
                in.text("polarization").toLowerCase(java.util.Locale.ROOT).startsWith("v");
        double direct = Math.hypot(d, h1 - h2);
        double bounced = Math.hypot(d, h1 + h2);
        double grazing = Math.atan2(h1 + h2, d);
        RealGround ground = new RealGround(f, d, in.over0("rel_permittivity"), in.n("conductivity"), upright);
        double level = ground.levelDb(h1, h2);
        return List.of(
                is("grazing_angle", Math.toDegrees(grazing), "deg"),
                is("path_difference", bounced - direct, "m"),
                is("reflection_magnitude", ground.reflection(grazing).norm(), ""),
                is("level_rel_free_space", level, "dB"),
                is("path_loss", FreeSpace.lossDb(direct, f) - level, "dB"));
    }

    private static List<Topic.Answer> heights(Given in) {
        TwoRayHeights h =
                new TwoRayHeights(FreeSpace.wavelength(in.over0("frequency")), in.over0("distance"), in.over0("h_tx"));
        int count = (int) in.over0("count");
        return List.of(
                list("null_heights", count, n -> h.exact(2 * n)),
                list("maximum_heights", count, n -> h.exact(2 * n - 1)),
                list("null_heights_approx", count, n -> h.approximate(2 * n)),
                list("maximum_heights_approx", count, n -> h.approximate(2 * n - 1)));
    }

    private static Topic.Answer list(String name, int count, java.util.function.IntToDoubleFunction f) {
        return new Topic.Answer(
                name, IntStream.rangeClosed(1, count).mapToObj(f::applyAsDouble).toList(), "m");
    }

    private static List<Topic.Answer> geodesic(Given in) {
        double h1 = in.n("height1");
        double h2 = in.n("height2");
        Geodesic g = Geodesic.between(in.n("lat1"), in.n("lon1"), in.n("lat2"), in.n("lon2"));
        Geodesic.Sight there = Geodesic.sight(in.n("lat1"), in.n("lon1"), h1, in.n("lat2"), in.n("lon2"), h2);
        Geodesic.Sight back = Geodesic.sight(in.n("lat2"), in.n("lon2"), h2, in.n("lat1"), in.n("lon1"), h1);
        return List.of(
                is("distance", g.distance(), "m"),
                is("bearing_1_to_2", g.bearing(), "deg"),
                is("bearing_2_to_1", g.back(), "deg"),
                is("slant_range", there.distance(), "m"),
                is("elevation_1_geometric", there.elevation(), "deg"),
                is("elevation_2_geometric", back.elevation(), "deg"),
                is("elevation_1_k43", Tilt.degrees(h1, h2, g.distance()), "deg"),
                is("elevation_2_k43", Tilt.degrees(h2, h1, g.distance()), "deg"));
    }
}
