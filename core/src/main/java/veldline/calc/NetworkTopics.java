package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.line.GammaRod;
import veldline.line.Hairpin;
import veldline.line.PiNetwork;
import veldline.line.StubMatch;
import veldline.line.TeeNetwork;

/** Networks of three parts, stubs, and what is put beside a driven element. */
final class NetworkTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "pi network (shunt C, series L, shunt C)",
                    asks("r_source:ohm", "r_load:ohm", "q", "frequency:Hz"),
                    "Rv = Rhigh ÷ (Q² + 1); Qi = √(Ri ÷ Rv − 1); Xi = Ri ÷ Qi; XL = Rv·(Q1 + Q2)",
                    "Bowick, RF Circuit Design, 2nd ed., ch. 4",
                    "Ideal parts; Q is that of the higher resistance alone, other texts count both sides",
                    NetworkTopics::pi),
            new Topic(
                    "T network",
                    asks("r_source:ohm", "r_load:ohm", "q", "frequency:Hz", "form"),
                    "Rv = Rlow·(Q² + 1); Qi = √(Rv ÷ Ri − 1); Xi = Ri·Qi; X = Rv ÷ (Q1 + Q2)",
                    "Bowick, RF Circuit Design, 2nd ed., ch. 4",
                    "Ideal parts; Q is that of the lower resistance alone",
                    NetworkTopics::tee),
            new Topic(
                    "single shunt stub match",
                    asks("z0:ohm", "load_r:ohm", "load_x:ohm"),
                    "t = (X ± √(R·((Z0 − R)² + X²) ÷ Z0)) ÷ (R − Z0); d = atan(t) ÷ 2π",
                    "Pozar, Microwave Engineering, 4th ed., §5.2",
                    "Lines without loss, stub and line alike; times the velocity factor on a real one",
                    NetworkTopics::stub),
            new Topic(
                    "hairpin (beta) match",
                    asks("frequency:Hz", "feed_r:ohm", "feed_x:ohm", "z0:ohm", "wire_diameter:mm", "wire_spacing:mm"),
                    "X = −√(R·(Z0 − R)); XL = Z0·√(R ÷ (Z0 − R)); l = λ ÷ 2π·atan(XL ÷ Zs)",
                    "L network; two-wire line (Balanis, Antenna Theory, 3rd ed., §9.7)",
                    "The element's resistance is taken not to change while it is cut short",
                    NetworkTopics::hairpin),
            new Topic(
                    "gamma match",
                    asks(
                            "frequency:Hz",
                            "feed_r:ohm",
                            "feed_x:ohm",
                            "z0:ohm",
                            "element_diameter:mm",
                            "rod_diameter:mm",
                            "spacing:mm"),
                    "Z2 = (1 + α)²·Za ÷ 2; Zin = Z2 ∥ j·Z0g·tan(k·l), cancelled by a capacitor in a row",
                    "Balanis, Antenna Theory, 3rd ed., §9.7.4",
                    "A place to begin: others count Za whole or as a quarter, and their capacitors differ by half",
                    NetworkTopics::gamma));

    private NetworkTopics() {}

    private static double omega(Given in) {
        return 2 * Math.PI * in.over0("frequency");
    }

    private static double picofarads(double x, double omega) {
        return -1 / (omega * x) * 1e12;
    }

    private static double nanohenries(double x, double omega) {
        return x / omega * 1e9;
    }

    private static List<Topic.Answer> pi(Given in) {
        PiNetwork n = PiNetwork.of(in.over0("r_source"), new Complex(in.over0("r_load")), in.over0("q"));
        double omega = omega(in);
        return List.of(
                is("virtual_r", n.middle(), "ohm"),
                is("q_source", n.qSource(), ""),
                is("q_load", n.qLoad(), ""),
                is("c_source", picofarads(n.acrossSource(), omega), "pF"),
                is("l_series", nanohenries(n.inRow(), omega), "nH"),
                is("c_load", picofarads(n.acrossLoad(), omega), "pF"));
    }

    private static List<Topic.Answer> tee(Given in) {
        String form = in.text("form").strip().toUpperCase(java.util.Locale.ROOT);
        if (!form.equals("LCL") && !form.equals("CLC")) {
            throw new IllegalArgumentException("The form is “" + in.text("form") + "”; give LCL or CLC");
        }
        TeeNetwork n =
                TeeNetwork.of(in.over0("r_source"), new Complex(in.over0("r_load")), in.over0("q"), form.equals("LCL"));
        return List.of(
                is("virtual_r", n.middle(), "ohm"),
                part("source_element", n.atSource(), in),
                part("shunt_element", n.across(), in),
                part("load_element", n.atLoad(), in));
    }

    private static Topic.Answer part(String name, double x, Given in) {
        return x > 0 ? is(name, nanohenries(x, omega(in)), "nH") : is(name, picofarads(x, omega(in)), "pF");
    }

    private static List<Topic.Answer> stub(Given in) {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (StubMatch s : StubMatch.of(new Complex(in.n("load_r"), in.n("load_x")), in.over0("z0"))) {
            Map<String, Object> row = new LinkedHashMap<>();
            row.put("distance_wl", s.distance());
            row.put("open_stub_wl", s.open());
            row.put("short_stub_wl", s.joined());
            rows.add(row);
        }
        return List.of(is("solutions", rows));
    }

    private static List<Topic.Answer> hairpin(Given in) {
        Hairpin h = Hairpin.of(
                in.over0("feed_r"),
                in.over0("z0"),
                in.over0("wire_diameter") / 1000,
                in.over0("wire_spacing") / 1000,
                in.over0("frequency"));
        return List.of(
                is("required_feed_x", h.elementX(), "ohm"),
                is("feed_x_change", h.elementX() - in.n("feed_x"), "ohm"),
                is("hairpin_x", h.across(), "ohm"),
                is("hairpin_inductance", h.henries(in.over0("frequency")) * 1e9, "nH"),
                is("hairpin_line_z0", h.lineZ(), "ohm"),
                is("hairpin_length", h.metres() * 1000, "mm"));
    }

    private static List<Topic.Answer> gamma(Given in) {
        GammaRod rod = GammaRod.of(
                in.over0("element_diameter") / 1000, in.over0("rod_diameter") / 1000, in.over0("spacing") / 1000);
        Optional<GammaRod.Made> made =
                rod.made(new Complex(in.over0("feed_r"), in.n("feed_x")), in.over0("z0"), in.over0("frequency"));
        List<Topic.Answer> all = new ArrayList<>(List.of(
                is("possible", made.isPresent()),
                is("alpha", rod.share(), ""),
                is("step_up", rod.stepUp(), ""),
                is("rod_line_z0", rod.lineZ(), "ohm")));
        made.ifPresent(m -> all.addAll(List.of(
                is("rod_length", m.metres() * 1000, "mm"),
                is("rod_reactance", m.across(), "ohm"),
                is("series_x", m.inRow(), "ohm"),
                is("series_capacitance", m.farads(in.over0("frequency")) * 1e12, "pF"))));
        return all;
    }
}
