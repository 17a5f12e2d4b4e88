package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import org.hipparchus.complex.Complex;
import veldline.line.BodeFano;
import veldline.line.LNetwork;
import veldline.line.Ladder;
import veldline.line.Mismatch;
import veldline.line.QuarterWave;
import veldline.line.Reactor;
import veldline.line.Transformer;
import veldline.path.FreeSpace;
import veldline.stock.Ferrite;
import veldline.stock.Ring;

/** Networks, sections, transformers and chokes between an antenna and its line. */
final class MatchTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "L-network solutions",
                    asks("z0:ohm", "load_r:ohm", "load_x:ohm", "frequency:Hz"),
                    "B = (X ± √(R ÷ Z0)·√(R² + X² − Z0·R)) ÷ (R² + X²), and its dual",
                    "Pozar, Microwave Engineering, 4th ed., §5.1",
                    "Ideal parts; finite Q shifts it a little and costs some loss",
                    MatchTopics::solutions),
            new Topic(
                    "component stress in an L network",
                    asks("power:W", "z0:ohm", "load_r:ohm", "load_x:ohm"),
                    "I = √(P ÷ R) in a row, V = √(2·P ÷ G) across",
                    "Conservation of power in a lossless network",
                    "A steady carrier; modulation doubles the peak",
                    MatchTopics::stress),
            new Topic(
                    "L-network loss from component Q",
                    asks("z_source:ohm", "r_load:ohm", "q_inductor", "q_capacitor"),
                    "loss = what the parts' resistances |X| ÷ Q take",
                    "Pozar, Microwave Engineering, 4th ed., §5.1",
                    "As good as the Q at that frequency",
                    MatchTopics::loss),
            new Topic(
                    "quarter-wave section",
                    asks("z_line:ohm", "r_load:ohm", "frequency:Hz", "velocity_factor", "swr_limit"),
                    "Z = √(Z0·R); l = VF·c ÷ (4·f)",
                    "Pozar, Microwave Engineering, 4th ed., §2.5 and §5.4",
                    "A real load, a line without loss",
                    in -> {
                        double share = QuarterWave.fractionalBandwidth(
                                in.over0("r_load"), in.over0("z_line"), in.over0("swr_limit"));
                        double f = in.over0("frequency");
                        return List.of(
                                is(
                                        "section_impedance",
                                        QuarterWave.impedanceFor(in.n("r_load"), in.n("z_line")),
                                        "ohm"),
                                is("section_length", in.over0("velocity_factor") * FreeSpace.wavelength(f) / 4, "m"),
                                is("fractional_bandwidth", share, ""),
                                is("bandwidth", share * f / 1e6, "MHz"));
                    }),
            new Topic(
                    "impedance transformers",
                    asks("ratio", "load_r:ohm", "load_x:ohm", "z0:ohm"),
                    "Zin = ZL ÷ n, turns √n",
                    "An ideal transformer",
                    "Cores and windings add loss and reactance of their own",
                    in -> {
                        Transformer t = new Transformer(in.n("ratio"));
                        Complex seen = t.seen(new Complex(in.n("load_r"), in.n("load_x")));
                        return List.of(
                                is("turns_ratio", t.turnsRatio(), ""),
                                is("input_r", seen.getReal(), "ohm"),
                                is("input_x", seen.getImaginary(), "ohm"),
                                is("swr", Mismatch.swr(seen, in.over0("z0")), ""),
                                is("ideal_load", t.impedanceRatio() * in.n("z0"), "ohm"));
                    }),
            new Topic(
                    "turns on a ring core",
                    asks("outer:mm", "inner:mm", "height:mm", "permeability", "z0:ohm", "frequency:Hz", "power:W"),
                    "L = 0.2·μ·h·ln(D ÷ d) nH a turn squared, h in mm; n the least with 2·π·f·L·n² ≥ 4·Z0",
                    "Inductance of a ring; Faraday's law",
                    "Permeability as it is at that frequency; ferrites of one name differ by a quarter",
                    MatchTopics::turns),
            new Topic(
                    "Bode-Fano limit, parallel RC load",
                    asks("resistance:ohm", "capacitance:pF", "f_low:Hz", "f_high:Hz"),
                    "|Γ| = exp(−1 ÷ (2·B·R·C))",
                    "Fano, J. Franklin Inst. 249 (1950); Pozar §5.9",
                    "No lossless network does better",
                    in -> {
                        double r = in.over0("resistance");
                        double c = in.over0("capacitance") * 1e-12;
                        double rho = BodeFano.bestReflection(r, c, in.over0("f_low"), in.over0("f_high"));
                        return List.of(
                                is("rc_product", r * c * 1e9, "ns"),
                                is("best_reflection", rho, ""),
                                is("best_return_loss", -20 * Math.log10(rho), "dB"),
                                is("best_swr", Mismatch.swrOf(rho), ""),
                                is("bandwidth_limit_for_10dB", BodeFano.widestBand(r, c, 10) / 1e6, "MHz"));
                    }),
            new Topic(
                    "common-mode choke rejection",
                    asks("common_mode_r:ohm", "common_mode_x:ohm", "choke_r:ohm", "choke_x:ohm"),
                    "20·log10(|Zcm + Zch| ÷ |Zcm|)",
                    "Current division",
                    "As good as the common-mode impedance is known, which is seldom well",
                    in -> {
                        Complex line = new Complex(in.n("common_mode_r"), in.n("common_mode_x"));
                        Complex both = line.add(new Complex(in.n("choke_r"), in.n("choke_x")));
                        return List.of(is("rejection", 20 * Math.log10(both.norm() / line.norm()), "dB"));
                    }));

    private static final double ANY = 1e6;
    /** A winding so many times the line's impedance is hardly there. */
    private static final double OVER = 4;

    private MatchTopics() {}

    private static List<Topic.Answer> turns(Given in) {
        Ring ring = new Ring(
                new Ferrite("given", in.over0("permeability"), Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY),
                in.over0("outer") / 1000,
                in.over0("inner") / 1000,
                in.over0("height") / 1000);
        if (ring.inner() >= ring.outer()) {
            throw new IllegalArgumentException(
                    "inner is " + in.n("inner") + "; give less than outer, " + in.n("outer"));
        }
        double omega = 2 * Math.PI * in.over0("frequency");
        double henries = in.n("permeability") * ring.turn();
        double turns = Math.ceil(Math.sqrt(OVER * in.over0("z0") / (omega * henries)) - 1e-9);
        double volts = Math.sqrt(2 * in.over0("power") * in.n("z0"));
        return List.of(
                is("per_turn", 1e9 * henries, "nH"),
                is("turns", turns, ""),
                is("reactance", omega * henries * turns * turns, "ohm"),
                is("flux", 1000 * volts / (omega * turns * ring.area()), "mT"));
    }

    private static List<Topic.Answer> each(Given in, BiConsumer<LNetwork, Map<String, Object>> more) {
        List<LNetwork> found = LNetwork.solutions(new Complex(in.n("load_r"), in.n("load_x")), in.over0("z0")).stream()
                .sorted(Comparator.comparing(LNetwork::shuntAtLoad).thenComparing(LNetwork::series))
                .toList();
        List<Map<String, Object>> rows = found.stream()
                .map(n -> {
                    Map<String, Object> row = new LinkedHashMap<>();
                    row.put("topology", n.shuntAtLoad() ? "shunt at load" : "series at load");
                    row.put("series_X_ohm", n.series());
                    row.put("shunt_X_ohm", n.shunt());
                    more.accept(n, row);
                    return row;
                })
                .toList();
        return List.of(is("number_of_solutions", rows.size(), ""), is("solutions", rows));
    }

    private static List<Topic.Answer> solutions(Given in) {
        double omega = 2 * Math.PI * in.over0("frequency");
        return each(in, (n, row) -> {
            part(row, "series", n.series(), omega);
            part(row, "shunt", n.shunt(), omega);
        });
    }

    private static void part(Map<String, Object> row, String where, double x, double omega) {
        row.put(where + "_kind", x > 0 ? "L" : "C");
        row.put(where + "_value_nH_or_pF", x > 0 ? x / omega * 1e9 : -1 / (omega * x) * 1e12);
    }

    private static List<Topic.Answer> stress(Given in) {
        double p = in.over0("power");
        double z0 = in.over0("z0");
        Complex load = new Complex(in.n("load_r"), in.n("load_x"));
        return each(in, (n, row) -> {
                    double current = Math.sqrt(p / (n.shuntAtLoad() ? z0 : load.getReal()));
                    double conductance = n.shuntAtLoad() ? load.reciprocal().getReal() : 1 / z0;
                    double across = Math.sqrt(2 * p / conductance);
                    row.put("series_rms_A", current);
                    row.put("series_peak_V", current * Math.abs(n.series()) * Math.sqrt(2));
                    row.put("shunt_peak_V", across);
                    row.put("shunt_rms_A", across / Math.sqrt(2) / Math.abs(n.shunt()));
                })
                .subList(1, 2);
    }

    /** The low-pass form: coil in a row, capacitor across the higher resistance. */
    private static List<Topic.Answer> loss(Given in) {
        double source = in.over0("z_source");
        double load = in.over0("r_load");
        LNetwork n = LNetwork.solutions(new Complex(load), source).stream()
                .filter(l -> l.series() > 0)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "A load of " + load + " Ω needs no network on " + source + " Ω; give another load"));
        double coil = in.over0("q_inductor");
        double capacitor = in.over0("q_capacitor");
        // With reactances and qualities told, what comes of it is the same at any frequency.
        Ladder.Look look =
                n.made(x -> Reactor.of(x, ANY, x > 0 ? coil : capacitor)).look(new Complex(load), ANY);
        Complex seen = look.seen();
        double efficiency = look.through();
        double q = Math.sqrt(Math.max(source, load) / Math.min(source, load) - 1);
        double rough = 1 - q / coil - q / capacitor;
        return List.of(
                is("network_q", q, ""),
                is("efficiency", efficiency, ""),
                is("loss", -10 * Math.log10(efficiency), "dB"),
                is("loss_approx", -10 * Math.log10(rough), "dB"),
                is("input_r", seen.getReal(), "ohm"),
                is("input_x", seen.getImaginary(), "ohm"),
                is("input_swr", Mismatch.swr(seen, source), ""));
    }
}
