package veldline.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.field.wire.Coating;
import veldline.field.wire.Curve;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.Network;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * Wire models as JSON: metres, megahertz, ohms; z up. Wires join only where vertices meet. An unknown field is refused
 * by name.
 */
public final class WireModelFile {
    /** Of the form described in docs/wire-model.md. */
    private static final int VERSION = 2;

    private static final Set<String> MODEL = Set.of(
            "format_version",
            "ends",
            "networks",
            "name",
            "description",
            "frequency_mhz",
            "wires",
            "sources",
            "loads",
            "ground",
            "conductivity_s_per_m",
            "boresight",
            // A reference's own results: read past, never used.
            "expected",
            "tolerance",
            "tolerance_coarse",
            "published",
            "set",
            "units");

    /**
     * A model and the frequencies asked for.
     *
     * @param frequencies hertz
     * @param many whether the file gave a list of them
     */
    public record Case(WireModel model, List<Double> frequencies, boolean many) {}

    /**
     * What a file holds.
     *
     * @param cases one or more
     * @param many whether the file gave a list of them
     */
    public record Contents(List<Case> cases, boolean many) {}

    private WireModelFile() {}

    public static Contents read(String text) throws FormatException {
        StrictJson root = StrictJson.parse(text);
        if (!root.has("cases")) {
            return new Contents(List.of(one(root)), false);
        }
        root.onlyKnows(Set.of("cases", "set", "units", "description", "name"));
        List<Case> cases = new ArrayList<>();
        for (StrictJson c : root.objects("cases")) {
            cases.add(one(c));
        }
        return new Contents(cases, true);
    }

    private static Case one(StrictJson m) throws FormatException {
        m.onlyKnows(MODEL);
        if (m.has("format_version") && (m.whole("format_version") < 1 || m.whole("format_version") > VERSION)) {
            throw m.wrong("format_version", "1 to " + VERSION + "; a newer program wrote it");
        }
        List<Wire> wires = new ArrayList<>();
        for (StrictJson w : m.objects("wires")) {
            wires.add(wire(w, m.text("ends", "open")));
        }
        List<Source> sources = new ArrayList<>();
        for (StrictJson s : m.objects("sources")) {
            sources.add(source(s));
        }
        List<Load> loads = new ArrayList<>();
        for (StrictJson l : m.objects("loads")) {
            loads.add(load(l));
        }
        List<Network> networks = NetworkReader.all(m);
        Optional<Direction> boresight = Optional.empty();
        if (m.has("boresight")) {
            StrictJson b = m.object("boresight").onlyKnows(Set.of("theta_deg", "phi_deg"));
            boresight = Optional.of(new Direction(b.number("theta_deg"), b.number("phi_deg")));
        }
        List<Double> megahertz = m.numbers("frequency_mhz");
        for (double f : megahertz) {
            if (!(f > 0)) {
                throw m.wrong("frequency_mhz", "above zero");
            }
        }
        WireModel model = new WireModel(
                m.text("name", ""),
                wires,
                sources,
                loads,
                networks,
                ground(m),
                m.optionalNumber("conductivity_s_per_m"),
                boresight);
        return new Case(model, megahertz.stream().map(f -> f * 1e6).toList(), megahertz.size() > 1);
    }

    private static Ground ground(StrictJson m) throws FormatException {
        if (m.isObject("ground")) {
            StrictJson g = m.object("ground").onlyKnows(Set.of("eps_r", "sigma_s_per_m"));
            double permittivity = g.number("eps_r");
            double conductivity = g.number("sigma_s_per_m");
            if (!(permittivity >= 1)) {
                throw g.wrong("eps_r", "1 or more");
            }
            if (!(conductivity >= 0)) {
                throw g.wrong("sigma_s_per_m", "zero or more");
            }
            return Ground.real(permittivity, conductivity);
        }
        return switch (m.text("ground", "free")) {
            case "free" -> Ground.FREE;
            case "perfect" -> Ground.PERFECT;
            default -> throw m.wrong("ground", "“free”, “perfect” or an object with eps_r and sigma_s_per_m");
        };
    }

    private static Wire wire(StrictJson w, String ends) throws FormatException {
        w.onlyKnows(
                Set.of("points", "arc", "helix", "radius_m", "closed", "conductivity_s_per_m", "ends", "insulation"));
        if ((w.has("points") ? 1 : 0) + (w.has("arc") ? 1 : 0) + (w.has("helix") ? 1 : 0) > 1) {
            throw w.wrong("points", "left out where an arc or a helix is given, and only one of these");
        }
        Optional<Curve> curve = CurveReader.of(w);
        List<Vec> points = new ArrayList<>(curve.map(Curve::points).orElse(List.of()));
        for (List<Double> p : curve.isPresent() ? List.<List<Double>>of() : w.rows("points")) {
            if (p.size() != 3) {
                throw w.wrong("points", "points of three numbers each");
            }
            points.add(new Vec(p.get(0), p.get(1), p.get(2)));
        }
        return new Wire(
                points,
                w.number("radius_m"),
                w.truth("closed", curve.filter(Curve::closes).isPresent()),
                w.optionalNumber("conductivity_s_per_m"),
                ends(w, ends),
                w.has("insulation") ? Optional.of(insulation(w.object("insulation"))) : Optional.empty());
    }

    private static Wire.Ends ends(StrictJson o, String otherwise) throws FormatException {
        return switch (o.text("ends", otherwise)) {
            case "open" -> Wire.Ends.OPEN;
            case "capped" -> Wire.Ends.CAPPED;
            default -> throw o.wrong("ends", "“open” or “capped”");
        };
    }

    private static Coating insulation(StrictJson i) throws FormatException {
        i.onlyKnows(Set.of("thickness_m", "eps_r", "loss_tangent"));
        if (!(i.number("thickness_m") > 0)) {
            throw i.wrong("thickness_m", "above zero");
        }
        if (!(i.number("eps_r") >= 1)) {
            throw i.wrong("eps_r", "1 or more");
        }
        double tangent = i.optionalNumber("loss_tangent").orElse(0.0);
        if (!(tangent >= 0)) {
            throw i.wrong("loss_tangent", "zero or more");
        }
        return new Coating(i.number("thickness_m"), i.number("eps_r"), tangent);
    }

    static Port port(StrictJson o) throws FormatException {
        StrictJson at = o.object("position").onlyKnows(Set.of("vertex", "fraction", "distance_m"));
        if ((at.has("vertex") ? 1 : 0) + (at.has("fraction") ? 1 : 0) + (at.has("distance_m") ? 1 : 0) != 1) {
            throw o.wrong("position", "one of vertex, fraction and distance_m");
        }
        Port.Place place = at.has("vertex")
                ? new Port.Place.Vertex(at.whole("vertex"))
                : at.has("fraction")
                        ? new Port.Place.Fraction(at.number("fraction"))
                        : new Port.Place.Distance(at.number("distance_m"));
        return new Port(o.whole("wire"), place);
    }

    private static Source source(StrictJson s) throws FormatException {
        s.onlyKnows(Set.of("wire", "position", "voltage", "current"));
        if (s.has("voltage") && s.has("current")) {
            throw s.wrong("current", "left out where voltage is given");
        }
        String held = s.has("current") ? "current" : "voltage";
        List<Double> value = s.has(held) ? s.numbers(held) : List.of(1.0, 0.0);
        if (value.size() != 2) {
            throw s.wrong(held, "[real, imaginary]");
        }
        return new Source(
                port(s), s.has("current") ? Source.Kind.CURRENT : Source.Kind.VOLTAGE, value.get(0), value.get(1));
    }

    private static Load load(StrictJson l) throws FormatException {
        l.onlyKnows(Set.of("wire", "position", "type", "r_ohm", "l_h", "c_f", "z_ohm", "points"));
        String type = l.text("type", "series");
        if (type.equals("measured")) {
            return NetworkReader.measured(l, port(l));
        }
        if (!type.equals("series") && !type.equals("parallel")) {
            throw l.wrong("type", "“series”, “parallel” or “measured”");
        }
        Load.Lumped load = new Load.Lumped(
                port(l),
                type.equals("parallel"),
                l.optionalNumber("r_ohm"),
                l.optionalNumber("l_h"),
                l.optionalNumber("c_f"));
        if (load.ohms().isEmpty() && load.henries().isEmpty() && load.farads().isEmpty()) {
            throw new FormatException(l.path() + " has none of r_ohm, l_h and c_f; give at least one");
        }
        return load;
    }
}
