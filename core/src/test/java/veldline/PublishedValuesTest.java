package veldline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import veldline.antenna.AxialHelix;
import veldline.demo.TernholmSands;
import veldline.feed.Connector;
import veldline.line.CableLoss;
import veldline.line.LNetwork;
import veldline.line.Mismatch;
import veldline.line.QuarterWave;
import veldline.link.Brief;
import veldline.link.Exposure;
import veldline.link.PowerProfiles;
import veldline.path.FreeSpace;
import veldline.path.Fresnel;
import veldline.path.Geodesic;
import veldline.path.Reflection;
import veldline.path.Tilt;
import veldline.quantity.InchFraction;
import veldline.quantity.Unit;

/** Formulas agree with worked values of the open literature, each computed there in two independent ways. */
class PublishedValuesTest {
    private static final Map<String, Function<JsonNode, Map<String, Double>>> TOPICS = Map.ofEntries(
            Map.entry(
                    "free-space path loss",
                    in -> Map.of("path_loss", FreeSpace.lossDb(si(in, "distance"), si(in, "frequency")))),
            Map.entry("EIRP and ERP", PublishedValuesTest::eirp),
            Map.entry("power against gain trade rule", PublishedValuesTest::trade),
            Map.entry(
                    "Fresnel zone and earth bulge",
                    in -> Map.of(
                            "zone_radius",
                            Fresnel.radius(
                                    (int) n(in, "zone"),
                                    si(in, "d1"),
                                    si(in, "d2"),
                                    FreeSpace.wavelength(si(in, "frequency"))))),
            Map.entry("ground reflection coefficients", PublishedValuesTest::reflection),
            Map.entry("two-ray level", PublishedValuesTest::twoRay),
            Map.entry(
                    "line matched loss k1 sqrt f + k2 f",
                    in -> Map.of(
                            "total_loss",
                            new CableLoss(n(in, "k1"), n(in, "k2")).lossDb(n(in, "length"), si(in, "frequency")))),
            Map.entry("return loss, SWR, reflection, mismatch loss", PublishedValuesTest::mismatch),
            Map.entry(
                    "quarter-wave section",
                    in -> Map.of("section_impedance", QuarterWave.impedanceFor(n(in, "r_load"), n(in, "z_line")))),
            Map.entry(
                    "axial-mode helix",
                    in -> Map.of(
                            "gain_king_wong",
                            AxialHelix.gainDbi(n(in, "turns"), n(in, "circumference"), n(in, "pitch_angle")))),
            Map.entry("geodesic distance, bearing and tilt", PublishedValuesTest::geodesic),
            Map.entry("RF exposure compliance distance", PublishedValuesTest::exposure),
            Map.entry("inch fractions", in -> Map.of("inches", Unit.IN.fromInside(n(in, "value_mm") / 1000))));

    static List<JsonNode> entries(String topic) throws IOException {
        JsonNode all = new ObjectMapper().readTree(PublishedValuesTest.class.getResource("/reference/values.json"));
        return StreamSupport.stream(all.spliterator(), false)
                .filter(e -> e.get("topic").asText().equals(topic))
                .toList();
    }

    static double n(JsonNode in, String name) {
        return in.get(name).get("value").asDouble();
    }

    private static double si(JsonNode in, String name) {
        String unit = in.get(name).get("unit").asText().split("[ ,]")[0];
        double factor = switch (unit) {
            case "km" -> 1e3;
            case "MHz" -> 1e6;
            case "GHz" -> 1e9;
            case "mm" -> 1e-3;
            case "mi" -> 1609.344;
            case "NM", "nmi" -> 1852;
            case "cm" -> 1e-2;
            default -> 1;
        };
        return factor * n(in, name);
    }

    @TestFactory
    Stream<DynamicTest> agree() {
        return TOPICS.entrySet().stream().flatMap(topic -> {
            try {
                return entries(topic.getKey()).stream()
                        .filter(e -> ships(e.get("inputs")))
                        .map(e -> DynamicTest.dynamicTest(e.get("id").asText(), () -> compare(e, topic.getValue())));
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
    }

    private static void compare(JsonNode entry, Function<JsonNode, Map<String, Double>> formula) {
        Map<String, Double> found = formula.apply(entry.get("inputs"));
        assertThat(found).isNotEmpty();
        found.forEach((name, value) -> {
            double expected = entry.get("expected").get(name).get("value").asDouble();
            JsonNode t = entry.get("tolerance").get(name);
            double allowed =
                    t.has("abs") ? t.get("abs").asDouble() : t.get("rel").asDouble() * Math.abs(expected);
            assertThat(value).as(entry.get("id").asText() + " " + name).isCloseTo(expected, within(allowed + 1e-9));
        });
    }

    private static Map<String, Double> eirp(JsonNode in) {
        double gain = in.get("gain_unit").get("value").asText().equals("dBd")
                ? Unit.DBD.toInside(n(in, "gain"))
                : n(in, "gain");
        double eirp = n(in, "tx_power") - n(in, "cable_loss") + gain;
        return Map.of("gain_dBi", gain, "eirp_W", Unit.WATT.fromInside(eirp));
    }

    /** The rules that ship have a limit of 30 dBm and a threshold of 6 dBi; other entries are about other rules. */
    private static boolean ships(JsonNode in) {
        double ratio = in.has("db_gain_per_db_power") ? n(in, "db_gain_per_db_power") : 1;
        return !in.has("conducted_limit")
                || n(in, "conducted_limit") == 30 && n(in, "gain_threshold") == 6 && (ratio == 1 || ratio == 3);
    }

    private static Map<String, Double> trade(JsonNode in) {
        double ratio = n(in, "db_gain_per_db_power");
        Brief brief = TernholmSands.nestCamera().brief();
        return Map.of(
                "max_eirp_dBm",
                PowerProfiles.byId(ratio == 1 ? "fcc-2400-multipoint" : "fcc-2400-fixed")
                        .at(2437e6, n(in, "gain"), brief)
                        .mostEirp()
                        .orElseThrow()
                        .value());
    }

    private static Map<String, Double> reflection(JsonNode in) {
        Map<String, Double> found = new HashMap<>();
        for (boolean upright : new boolean[] {false, true}) {
            Complex g = Reflection.coefficient(
                    si(in, "frequency"),
                    n(in, "rel_permittivity"),
                    n(in, "conductivity"),
                    Math.toRadians(n(in, "grazing_angle")),
                    upright);
            found.put((upright ? "vertical" : "horizontal") + "_magnitude", g.norm());
        }
        return found;
    }

    private static Map<String, Double> twoRay(JsonNode in) {
        double d = n(in, "distance");
        double h1 = n(in, "h_tx");
        double h2 = n(in, "h_rx");
        Complex g = Reflection.coefficient(
                si(in, "frequency"),
                n(in, "rel_permittivity"),
                n(in, "conductivity"),
                Math.atan2(h1 + h2, d),
                in.get("polarization").get("value").asText().equals("vertical"));
        return Map.of("reflection_magnitude", g.norm());
    }

    private static Map<String, Double> mismatch(JsonNode in) {
        if (!in.get("kind").get("value").asText().equals("swr")) {
            return Map.of(
                    "swr",
                    in.get("kind").get("value").asText().equals("reflection")
                            ? Mismatch.swrOf(n(in, "value"))
                            : swrOther(in));
        }
        Complex load = new Complex(50 * n(in, "value"));
        return Map.of(
                "return_loss",
                Mismatch.returnLossDb(n(in, "value")),
                "mismatch_loss",
                Mismatch.lossDb(load, 50),
                "reflection",
                Mismatch.reflection(load, 50).norm());
    }

    private static double swrOther(JsonNode in) {
        double v = n(in, "value");
        return switch (in.get("kind").get("value").asText()) {
            case "return_loss" -> Mismatch.swrOf(Math.pow(10, -v / 20));
            case "mismatch_loss" -> Mismatch.swrOf(Math.sqrt(1 - Math.pow(10, -v / 10)));
            default -> Mismatch.swrOf(Math.sqrt(v / 100));
        };
    }

    private static Map<String, Double> geodesic(JsonNode in) {
        Geodesic g = Geodesic.between(n(in, "lat1"), n(in, "lon1"), n(in, "lat2"), n(in, "lon2"));
        return Map.of(
                "distance",
                g.distance(),
                "bearing_1_to_2",
                g.bearing(),
                "bearing_2_to_1",
                g.back(),
                "elevation_1_k43",
                Tilt.degrees(n(in, "height1"), n(in, "height2"), g.distance()));
    }

    private static Map<String, Double> exposure(JsonNode in) {
        double average = Unit.WATT.toInside(n(in, "power") * n(in, "duty")) - n(in, "cable_loss") + n(in, "gain");
        // The program always counts with a field raised 1.6 times by the ground; entries name their own factor.
        double distance = Exposure.distance(average, si(in, "frequency")) * n(in, "field_factor") / 1.6;
        return Map.of("limit", Exposure.publicLevel(si(in, "frequency")), "compliance_distance", distance);
    }

    @TestFactory
    Stream<DynamicTest> everyLNetworkSolutionIsFoundAndMatches() throws IOException {
        return entries("L-network solutions").stream()
                .map(e -> DynamicTest.dynamicTest(e.get("id").asText(), () -> {
                    JsonNode in = e.get("inputs");
                    Complex load = new Complex(n(in, "load_r"), n(in, "load_x"));
                    List<LNetwork> found = LNetwork.solutions(load, n(in, "z0"));
                    assertThat(found)
                            .hasSize(e.get("expected")
                                    .get("number_of_solutions")
                                    .get("value")
                                    .asInt());
                    for (JsonNode s : e.get("expected").get("solutions").get("value")) {
                        assertThat(found).anySatisfy(l -> {
                            assertThat(l.series())
                                    .isCloseTo(
                                            s.get("series_X_ohm").asDouble(),
                                            within(0.01 * Math.abs(l.series()) + 1e-6));
                            assertThat(l.shunt())
                                    .isCloseTo(
                                            s.get("shunt_X_ohm").asDouble(), within(0.01 * Math.abs(l.shunt()) + 1e-6));
                        });
                    }
                }));
    }

    @TestFactory
    Stream<DynamicTest> inchFractionsReadAsOnATape() throws IOException {
        return entries("inch fractions").stream()
                .map(e -> DynamicTest.dynamicTest(e.get("id").asText(), () -> {
                    JsonNode in = e.get("inputs");
                    InchFraction f = InchFraction.ofMetres(n(in, "value_mm") / 1000, (int) n(in, "denominator"));
                    assertThat(f.text())
                            .isEqualTo(
                                    e.get("expected").get("text").get("value").asText());
                }));
    }

    @TestFactory
    Stream<DynamicTest> tradeNamesFollowFromTheTwoFacts() {
        return Stream.of(
                        List.of(Connector.Thread.INSIDE, Connector.Contact.PIN, "SMA plug"),
                        List.of(Connector.Thread.OUTSIDE, Connector.Contact.SOCKET, "SMA jack"),
                        List.of(Connector.Thread.INSIDE, Connector.Contact.SOCKET, "RP-SMA plug"),
                        List.of(Connector.Thread.OUTSIDE, Connector.Contact.PIN, "RP-SMA jack"))
                .map(row -> DynamicTest.dynamicTest(
                        (String) row.get(2),
                        () -> assertThat(new Connector(
                                                Connector.Series.SMA,
                                                (Connector.Thread) row.get(0),
                                                (Connector.Contact) row.get(1),
                                                50)
                                        .tradeName())
                                .isEqualTo(row.get(2))));
    }
}
