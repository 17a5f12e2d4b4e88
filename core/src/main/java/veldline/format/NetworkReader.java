package veldline.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hipparchus.complex.Complex;
import veldline.field.wire.Load;
import veldline.field.wire.Network;
import veldline.field.wire.Port;

/** The networks and measured loads of a wire model file. */
final class NetworkReader {
    private NetworkReader() {}

    static List<Network> all(StrictJson model) throws FormatException {
        List<Network> networks = new ArrayList<>();
        for (StrictJson n : model.objects("networks")) {
            networks.add(network(n));
        }
        return networks;
    }

    private static Network network(StrictJson n) throws FormatException {
        Port from = end(n, "from");
        Port to = end(n, "to");
        return switch (n.text("type", "line")) {
            case "line" -> line(n, from, to);
            case "two_port" -> {
                n.onlyKnows(Set.of("type", "from", "to", "y_siemens"));
                List<List<Complex>> y = n.complexRows("y_siemens");
                if (y.size() != 2 || y.get(0).size() != 2 || y.get(1).size() != 2) {
                    throw n.wrong("y_siemens", "two rows of two pairs, [[[re, im], [re, im]], [[re, im], [re, im]]]");
                }
                yield new Network.TwoPort(
                        from,
                        to,
                        new Network.Admittance(
                                y.get(0).get(0),
                                y.get(0).get(1),
                                y.get(1).get(0),
                                y.get(1).get(1)));
            }
            default -> throw n.wrong("type", "“line” or “two_port”");
        };
    }

    private static Network line(StrictJson n, Port from, Port to) throws FormatException {
        n.onlyKnows(Set.of("type", "from", "to", "z0_ohm", "length_m", "velocity_factor", "crossed"));
        double factor = n.optionalNumber("velocity_factor").orElse(1.0);
        if (!(n.number("z0_ohm") > 0)) {
            throw n.wrong("z0_ohm", "above zero");
        }
        if (!(n.number("length_m") > 0)) {
            throw n.wrong("length_m", "above zero");
        }
        if (!(factor > 0 && factor <= 1)) {
            throw n.wrong("velocity_factor", "above 0 and up to 1");
        }
        return new Network.Line(from, to, n.number("z0_ohm"), n.number("length_m"), factor, n.truth("crossed", false));
    }

    private static Port end(StrictJson n, String name) throws FormatException {
        return WireModelFile.port(n.object(name).onlyKnows(Set.of("wire", "position")));
    }

    static Load measured(StrictJson l, Port port) throws FormatException {
        if (l.has("z_ohm")) {
            return new Load.Measured(port, List.of(new Load.Measured.At(1, l.complex("z_ohm"))));
        }
        List<Load.Measured.At> points = new ArrayList<>();
        for (StrictJson p : l.objects("points")) {
            p.onlyKnows(Set.of("frequency_mhz", "z_ohm"));
            double frequency = p.number("frequency_mhz") * 1e6;
            if (!points.isEmpty() && !(frequency > points.get(points.size() - 1).frequency())) {
                throw p.wrong("frequency_mhz", "above that of the point before");
            }
            points.add(new Load.Measured.At(frequency, p.complex("z_ohm")));
        }
        if (points.isEmpty()) {
            throw l.wrong("points", "a list of frequency_mhz and z_ohm, or z_ohm given for every frequency");
        }
        return new Load.Measured(port, points);
    }
}
