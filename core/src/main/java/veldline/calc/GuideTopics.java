package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.ArrayList;
import java.util.List;
import veldline.field.aperture.CircularGuide;
import veldline.field.aperture.CircularGuide.Mode;
import veldline.field.aperture.Patch;
import veldline.field.aperture.RectangularGuide;

/** Tubes that guide a wave, and patches. */
final class GuideTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "circular waveguide (can)",
                    asks("diameter:mm", "frequency:MHz"),
                    "fc = χ·c ÷ (π·D), χ 1.8412, 2.4048, 3.0542, 3.8317; λg = λ ÷ sqrt(1 − (fc ÷ f)²); probe λg ÷ 4 from the end, λ ÷ 4 long",
                    "Pozar, Microwave Engineering, 4th ed., §3.4",
                    "A smooth round tube; a probe of the best length is a little shorter than a quarter wave",
                    GuideTopics::can),
            new Topic(
                    "rectangular waveguide",
                    asks("width:mm", "height:mm", "frequency:MHz"),
                    "fc = c ÷ 2·sqrt((m ÷ a)² + (n ÷ b)²); λg = λ ÷ sqrt(1 − (fc ÷ f)²); under it α = 2π ÷ λ·sqrt((fc ÷ f)² − 1)",
                    "Pozar, Microwave Engineering, 4th ed., §3.3",
                    "A smooth tube with square corners",
                    GuideTopics::tube),
            new Topic(
                    "rectangular microstrip patch",
                    asks("frequency:MHz", "rel_permittivity", "thickness:mm"),
                    "W = c ÷ 2f·sqrt(2 ÷ (ε + 1)); L = c ÷ (2f·sqrt(εe)) − 2·ΔL; R = 1 ÷ (2·(G1 + G12)); y = L ÷ π·acos(sqrt(50 ÷ R))",
                    "Balanis, Antenna Theory, 3rd ed., §14.2 (Hammerstad)",
                    "±1 % in frequency on thin substrates; loss of metal and substrate is not in it",
                    GuideTopics::patch));

    private GuideTopics() {}

    private static List<Topic.Answer> can(Given in) {
        CircularGuide g = new CircularGuide(in.over0("diameter") / 1000);
        double f = in.over0("frequency") * 1e6;
        double wave = 299_792_458.0 / f * 1000;
        List<Topic.Answer> all = new ArrayList<>();
        for (Mode m : Mode.values()) {
            all.add(is("cutoff_" + m.name(), g.cutoff(m) / 1e6, "MHz"));
        }
        all.add(is("free_space_wavelength", wave, "mm"));
        all.add(is("te11_propagates", g.carries(Mode.TE11, f)));
        all.add(is("single_mode", g.single(f)));
        all.add(is("probe_length", wave / 4, "mm"));
        g.wavelength(Mode.TE11, f).ifPresent(w -> {
            all.add(is("te11_guide_wavelength", w * 1000, "mm"));
            all.add(is("probe_from_backshort", w * 1000 / 4, "mm"));
        });
        g.impedance(Mode.TE11, f).ifPresent(z -> all.add(is("te11_wave_impedance", z, "ohm")));
        return all;
    }

    private static List<Topic.Answer> tube(Given in) {
        RectangularGuide g = new RectangularGuide(in.over0("width") / 1000, in.over0("height") / 1000);
        double f = in.over0("frequency") * 1e6;
        double wave = 299_792_458.0 / f;
        List<Topic.Answer> all = new ArrayList<>(List.of(
                is("cutoff_TE10", g.cutoff(1, 0) / 1e6, "MHz"),
                is("cutoff_TE20", g.cutoff(2, 0) / 1e6, "MHz"),
                is("cutoff_TE01", g.cutoff(0, 1) / 1e6, "MHz"),
                is("cutoff_TE11", g.cutoff(1, 1) / 1e6, "MHz"),
                is("propagates", g.wavelength(f).isPresent())));
        g.wavelength(f).ifPresent(w -> {
            all.add(is("guide_wavelength", w * 1000, "mm"));
            all.add(is("phase_velocity_over_c", w / wave, ""));
        });
        g.impedance(f).ifPresent(z -> all.add(is("wave_impedance", z, "ohm")));
        g.attenuation(f).ifPresent(a -> all.add(is("attenuation_below_cutoff", a / 1000, "dB/mm")));
        return all;
    }

    private static List<Topic.Answer> patch(Given in) {
        Patch p = new Patch(in.over0("frequency") * 1e6, in.n("rel_permittivity"), in.over0("thickness") / 1000);
        return List.of(
                is("width", p.width() * 1000, "mm"),
                is("effective_permittivity", p.effective(), ""),
                is("length_extension", p.extension() * 1000, "mm"),
                is("length", p.length() * 1000, "mm"),
                is("slot_conductance", p.slot() * 1000, "mS"),
                is("mutual_conductance", p.mutual() * 1000, "mS"),
                is("edge_resistance", p.edgeResistance(), "ohm"),
                is("inset_for_50_ohm", p.inset(50) * 1000, "mm"));
    }
}
