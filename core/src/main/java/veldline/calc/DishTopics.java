package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.List;
import veldline.field.aperture.ConicalHorn;
import veldline.field.aperture.CosineFeed;
import veldline.field.aperture.Paraboloid;
import veldline.field.aperture.PyramidalHorn;
import veldline.field.aperture.RectangularGuide;

/** Dishes and horns by what is lit of their openings. */
final class DishTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "parabolic dish gain and beamwidth",
                    asks("diameter:m", "frequency:MHz", "f_over_d", "feed_n", "surface_rms:mm", "other_loss:dB"),
                    "e = cot²(θ0 ÷ 2)·|∫ sqrt(Gf)·tan(θ ÷ 2) dθ|²; G = e·(π·D ÷ λ)²·exp(−(4π·s ÷ λ)²) ÷ losses",
                    "Balanis, Antenna Theory, 3rd ed., §15.4; Ruze, Proc. IEEE 54 (1966)",
                    "A feed of cosⁿ with nothing behind it, at the focus; blockage and the feed's own loss go into the other losses",
                    DishTopics::dish),
            new Topic(
                    "dish focal point and subtended angle",
                    asks("diameter:mm", "depth:mm"),
                    "f = D² ÷ (16·c); whole angle 4·atan(1 ÷ (4·f ÷ D)); rim f + c",
                    "A parabola's geometry; Balanis, Antenna Theory, 3rd ed., §15.4",
                    "A dish turned about its axis, its depth to the surface and not to a lip",
                    DishTopics::focus),
            new Topic(
                    "optimum pyramidal horn for a gain",
                    asks("gain:dBi", "frequency:MHz", "guide_a:mm", "guide_b:mm"),
                    "A = sqrt(3·λ·R1), B = sqrt(2·λ·R2), G = 0.51·4π·A·B ÷ λ², throats at one place",
                    "Stutzman and Thiele, Antenna Theory and Design, 3rd ed., §9.4",
                    "±0.3 dB; others take 0.50, which makes it 1 % wider and 2 % longer",
                    DishTopics::best),
            new Topic(
                    "pyramidal horn gain",
                    asks("frequency:MHz", "aperture_width:mm", "aperture_height:mm", "apex_h:mm", "apex_e:mm"),
                    "4π ÷ λ²·|∬ E|² ÷ ∬ E², E = cos(π·x ÷ A)·exp(−jπ·(x² ÷ R1 + y² ÷ R2) ÷ λ)",
                    "Balanis, Antenna Theory, 3rd ed., §13.4",
                    "±0.2 dB over two waves across; edges are not in it",
                    DishTopics::horn),
            new Topic(
                    "conical horn gain",
                    asks("frequency:MHz", "aperture_diameter:mm", "slant_length:mm"),
                    "s = d² ÷ (8·λ·l); 20·log10(π·d ÷ λ) − (0.8 − 1.71·s + 26.25·s² − 17.79·s³); and by the TE11 field over the opening",
                    "Balanis, Antenna Theory, 3rd ed., §13.5; King, Proc. IRE 38 (1950)",
                    "±0.3 dB; the cubic lies 0.2 dB under the integral at the best size",
                    DishTopics::cone));

    private DishTopics() {}

    private static List<Topic.Answer> dish(Given in) {
        double f = in.over0("frequency") * 1e6;
        double d = in.over0("diameter");
        CosineFeed lit = new CosineFeed(Paraboloid.ofRatio(d, in.over0("f_over_d")), in.n("feed_n"));
        double ruze = CosineFeed.ruzeDb(in.n("surface_rms") / 1000, f);
        double uniform = 10 * Math.log10(lit.uniform(f));
        return List.of(
                is("half_angle", Math.toDegrees(lit.dish().halfAngle()), "deg"),
                is("edge_illumination", lit.edgeDb(), "dB"),
                is("spillover_efficiency", lit.spillover(), ""),
                is("taper_efficiency", lit.taper(), ""),
                is("illumination_efficiency", lit.illumination(), ""),
                is("ruze_loss", ruze, "dB"),
                is("uniform_directivity", uniform, "dBi"),
                is("gain", uniform + 10 * Math.log10(lit.illumination()) - ruze - in.n("other_loss"), "dBi"),
                is("beamwidth", Math.toDegrees(lit.width(f)), "deg"),
                is("beamwidth_rule_70", 70 * 299_792_458.0 / f / d, "deg"));
    }

    private static List<Topic.Answer> focus(Given in) {
        Paraboloid p = Paraboloid.ofDepth(in.over0("diameter"), in.over0("depth"));
        return List.of(
                is("focal_length", p.focalLength(), "mm"),
                is("f_over_d", p.ratio(), ""),
                is("subtended_full_angle", Math.toDegrees(2 * p.halfAngle()), "deg"),
                is("space_attenuation_edge", p.spaceAttenuation(), "dB"),
                is("rim_distance", p.rimDistance(), "mm"));
    }

    private static List<Topic.Answer> best(Given in) {
        RectangularGuide guide = new RectangularGuide(in.over0("guide_a") / 1000, in.over0("guide_b") / 1000);
        PyramidalHorn h = PyramidalHorn.best(Math.pow(10, in.n("gain") / 10), in.over0("frequency") * 1e6, guide);
        return List.of(
                is("aperture_width", h.width() * 1000, "mm"),
                is("aperture_height", h.height() * 1000, "mm"),
                is("axial_length", h.length(guide) * 1000, "mm"),
                is("apex_to_aperture_h", h.apexH() * 1000, "mm"),
                is("apex_to_aperture_e", h.apexE() * 1000, "mm"));
    }

    private static List<Topic.Answer> horn(Given in) {
        PyramidalHorn h = new PyramidalHorn(
                in.over0("aperture_width") / 1000,
                in.over0("aperture_height") / 1000,
                in.over0("apex_h") / 1000,
                in.over0("apex_e") / 1000);
        double f = in.over0("frequency") * 1e6;
        return List.of(is("gain", 10 * Math.log10(h.gain(f)), "dBi"), is("aperture_efficiency", h.efficiency(f), ""));
    }

    private static List<Topic.Answer> cone(Given in) {
        ConicalHorn h = new ConicalHorn(in.over0("aperture_diameter") / 1000, in.over0("slant_length") / 1000);
        double f = in.over0("frequency") * 1e6;
        return List.of(
                is("phase_deviation", h.deviation(f), ""),
                is("loss_figure", h.lossDb(f), "dB"),
                is("gain", h.fittedDbi(f), "dBi"),
                is("gain_te11_quadratic", 10 * Math.log10(h.gain(f)), "dBi"),
                is("optimum_diameter", h.bestDiameter(f) * 1000, "mm"));
    }
}
