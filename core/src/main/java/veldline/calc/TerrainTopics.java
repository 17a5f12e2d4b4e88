package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import veldline.path.Bullington;
import veldline.path.FreeSpace;
import veldline.path.KnifeEdge;
import veldline.path.Rain;
import veldline.path.RealGround;
import veldline.path.Sightline;

/** What stands in the way, and the weather. */
final class TerrainTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "single knife edge",
                    asks("frequency:Hz", "d1:m", "d2:m", "h:m"),
                    "v = h·√(2·(d1 + d2) ÷ (λ·d1·d2)); J = 6.9 + 20·log10(√((v − 0.1)² + 1) + v − 0.1)",
                    "ITU-R P.526-15 §4.1",
                    "A sharp edge across the way; rounder things take more",
                    in -> {
                        double v = KnifeEdge.v(
                                in.n("h"), in.over0("d1"), in.over0("d2"), FreeSpace.wavelength(in.over0("frequency")));
                        return List.of(
                                is("v", v, ""),
                                is("loss_exact", KnifeEdge.exactDb(v), "dB"),
                                is("loss_p526", KnifeEdge.lossDb(v), "dB"));
                    }),
            new Topic(
                    "two edges by the Bullington construction",
                    asks(
                            "frequency:Hz",
                            "distances",
                            "heights",
                            "tx_above_ground:m",
                            "rx_above_ground:m",
                            "earth_radius_eff:km"),
                    "One edge where the tangents meet; L = J + (1 − exp(−J ÷ 6))·(10 + 0.02·d)",
                    "ITU-R P.526-15 §4.5.1",
                    "±6 dB over real ground; the round earth's own part is not in it",
                    TerrainTopics::bullington),
            new Topic(
                    "rain specific attenuation",
                    asks("frequency:GHz", "rain_rate", "elevation:deg", "tilt:deg"),
                    "γ = k·R^α; k = (kH + kV + (kH − kV)·cos² θ·cos 2τ) ÷ 2, α alike",
                    "ITU-R P.838-3",
                    "1 to 1000 GHz; times the part of the way it rains on, not the whole",
                    TerrainTopics::rain),
            new Topic(
                    "two-ray first maximum and null over real ground",
                    asks(
                            "frequency:Hz",
                            "distance:m",
                            "h_tx:m",
                            "rel_permittivity",
                            "conductivity:S/m",
                            "polarization"),
                    "Greatest and least |1 + Γ·(r1 ÷ r2)·exp(−j·k·(r2 − r1))| near the heights over a mirror",
                    "ITU-R P.526-15 §3; Balanis, Antenna Theory, 3rd ed., §4.8",
                    "Flat calm ground; a null is never so deep nor so sure",
                    TerrainTopics::extremes));

    private TerrainTopics() {}

    private static List<Topic.Answer> bullington(Given in) {
        double[] km = in.list("distances");
        double[] ground = in.list("heights");
        if (km.length != ground.length || km.length < 3) {
            throw new IllegalArgumentException("distances has " + km.length + " values and heights " + ground.length
                    + "; give as many of one as of the other, three or more");
        }
        double[] along = new double[km.length];
        for (int i = 0; i < km.length; i++) {
            along[i] = 1000 * (km[i] - km[0]);
            if (i > 0 && !(along[i] > along[i - 1])) {
                throw new IllegalArgumentException(
                        "distances goes from " + km[i - 1] + " to " + km[i] + "; give them rising from end to end");
            }
        }
        double near = ground[0] + in.n("tx_above_ground");
        double far = ground[ground.length - 1] + in.n("rx_above_ground");
        Sightline s = new Sightline(
                along,
                ground,
                near,
                far,
                FreeSpace.wavelength(in.over0("frequency")),
                1000 * in.over0("earth_radius_eff"));
        Bullington b = Bullington.of(s);
        List<Topic.Answer> out = new ArrayList<>(List.of(
                is("path_type", b.blocked() ? "trans-horizon" : "line of sight"),
                is("v", b.v(), ""),
                is("knife_edge_loss", b.edgeDb(), "dB"),
                is("bullington_loss", b.lossDb(), "dB")));
        if (b.blocked()) {
            out.add(is("bullington_point", b.at() / 1000 + km[0], "km"));
        }
        return out;
    }

    private static List<Topic.Answer> rain(Given in) {
        double hertz = in.over0("frequency") * 1e9;
        double rate = in.over0("rain_rate");
        Rain.Law h = Rain.law(hertz, false);
        Rain.Law v = Rain.law(hertz, true);
        Rain.Law tilted = Rain.law(hertz, Math.toRadians(in.n("elevation")), Math.toRadians(in.n("tilt")));
        return List.of(
                is("k_h", h.k(), ""),
                is("alpha_h", h.alpha(), ""),
                is("k_v", v.k(), ""),
                is("alpha_v", v.alpha(), ""),
                is("specific_h", h.specificDb(rate), "dB/km"),
                is("specific_v", v.specificDb(rate), "dB/km"),
                is("specific_tilted", tilted.specificDb(rate), "dB/km"));
    }

    private static List<Topic.Answer> extremes(Given in) {
        RealGround ground = new RealGround(
                in.over0("frequency"),
                in.over0("distance"),
                in.over0("rel_permittivity"),
                in.n("conductivity"),
                in.text("polarization").toLowerCase(Locale.ROOT).startsWith("v"));
        RealGround.Extreme most = ground.near(in.over0("h_tx"), 1);
        RealGround.Extreme least = ground.near(in.over0("h_tx"), 2);
        return List.of(
                is("first_maximum_height", most.height(), "m"),
                is("first_maximum_level", most.levelDb(), "dB rel. free space"),
                is("first_null_height", least.height(), "m"),
                is("first_null_level", least.levelDb(), "dB rel. free space"));
    }
}
