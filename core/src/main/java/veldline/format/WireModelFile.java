package veldline.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.field.wire.Direction;
import veldline.field.wire.Load;
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
    private static final Set<String> MODEL = Set.of(
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
        List<Wire> wires = new ArrayList<>();
        for (StrictJson w : m.objects("wires")) {
            wires.add(wire(w));
        }
        List<Source> sources = new ArrayList<>();
        for (StrictJson s : m.objects("sources")) {
            sources.add(source(s));
        }
        List<Load> loads = new ArrayList<>();
        for (StrictJson l : m.objects("loads")) {
            loads.add(load(l));
        }
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
                ground(m),
                m.optionalNumber("conductivity_s_per_m"),
                boresight);
        return new Case(model, megahertz.stream().map(f -> f * 1e6).toList(), megahertz.size() > 1);
    }

    private static WireModel.Ground ground(StrictJson m) throws FormatException {
        return switch (m.text("ground", "free")) {
            case "free" -> WireModel.Ground.FREE;
            case "perfect" -> WireModel.Ground.PERFECT;
            default -> throw m.wrong("ground", "“free” or “perfect”");
        };
    }

    private static Wire wire(StrictJson w) throws FormatException {
        w.onlyKnows(Set.of("points", "radius_m", "closed", "conductivity_s_per_m"));
        List<Vec> points = new ArrayList<>();
        for (List<Double> p : w.rows("points")) {
            if (p.size() != 3) {
                throw w.wrong("points", "points of three numbers each");
            }
            points.add(new Vec(p.get(0), p.get(1), p.get(2)));
        }
        return new Wire(
                points, w.number("radius_m"), w.truth("closed", false), w.optionalNumber("conductivity_s_per_m"));
    }

    private static Port port(StrictJson o) throws FormatException {
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
        l.onlyKnows(Set.of("wire", "position", "type", "r_ohm", "l_h", "c_f"));
        String type = l.text("type", "series");
        if (!type.equals("series") && !type.equals("parallel")) {
            throw l.wrong("type", "“series” or “parallel”");
        }
        Load load = new Load(
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
