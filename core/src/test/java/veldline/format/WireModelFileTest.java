package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Coating;
import veldline.field.wire.Ground;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Network;
import veldline.field.wire.Port;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

class WireModelFileTest {
    private static final String GOOD = """
            {"name": "x", "frequency_mhz": [145.0, 146.0],
             "wires": [{"points": [[0,-0.5,0],[0,0.5,0]], "radius_m": 0.002}],
             "sources": [{"wire": 0, "position": {"fraction": 0.5}}]}
            """;

    @Test
    void aModelIsReadWithItsDefaults() throws FormatException {
        WireModelFile.Contents c = WireModelFile.read(GOOD);
        assertThat(c.many()).isFalse();
        assertThat(c.cases().get(0).frequencies()).containsExactly(145e6, 146e6);
        assertThat(c.cases().get(0).model().sources().get(0).re()).isEqualTo(1);
        assertThat(c.cases().get(0).model().sources().get(0).port().place()).isEqualTo(new Port.Place.Fraction(0.5));
        assertThat(ModelCheck.faults(c.cases().get(0).model(), 146e6)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"name\": \"x\" | \"nmae\": \"x\" | nmae",
                "0.002 | \"thin\" | wires[0].radius_m",
                "\"fraction\" | \"part\" | unknown field “part”",
                "[145.0, 146.0] | [] | frequency_mhz",
                "[145.0, 146.0] | -3 | above zero",
                "[0,0.5,0] | [0,0.5] | three numbers",
                "\"wires\" | \"wire\" | unknown field “wire”"
            })
    void whatIsWrongIsNamed(String good, String bad, String told) {
        assertThatThrownBy(() -> WireModelFile.read(GOOD.replace(good, bad)))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(told);
    }

    private static final String FULL = """
            {"format_version": 2, "name": "all of it", "frequency_mhz": 145.0, "ends": "capped",
             "wires": [{"points": [[0,-0.5,5],[0,0.5,5]], "radius_m": 0.002,
                        "insulation": {"thickness_m": 0.001, "eps_r": 2.3, "loss_tangent": 0.001}},
                       {"points": [[1,-0.5,5],[1,0.5,5]], "radius_m": 0.002, "ends": "open"}],
             "sources": [{"wire": 0, "position": {"fraction": 0.5}}],
             "loads": [{"wire": 1, "position": {"fraction": 0.3}, "type": "measured",
                        "points": [{"frequency_mhz": 140, "z_ohm": [1, 20]}, {"frequency_mhz": 150, "z_ohm": [2, 30]}]}],
             "networks": [{"type": "line", "from": {"wire": 0, "position": {"fraction": 0.5}},
                           "to": {"wire": 1, "position": {"fraction": 0.5}},
                           "z0_ohm": 75, "length_m": 0.5, "velocity_factor": 0.66, "crossed": true},
                          {"type": "two_port", "from": {"wire": 0, "position": {"fraction": 0.2}},
                           "to": {"wire": 1, "position": {"fraction": 0.2}},
                           "y_siemens": [[[0.01, 0], [-0.01, 0]], [[-0.01, 0], [0.01, 0]]]}],
             "ground": {"eps_r": 13, "sigma_s_per_m": 0.005}}
            """;

    @Test
    void theWholeFormIsReadAndSolved() throws FormatException {
        WireModel m = WireModelFile.read(FULL).cases().get(0).model();
        assertThat(m.wires().get(0).ends()).isEqualTo(Wire.Ends.CAPPED);
        assertThat(m.wires().get(1).ends()).isEqualTo(Wire.Ends.OPEN);
        assertThat(m.wires().get(0).coating()).contains(new Coating(0.001, 2.3, 0.001));
        assertThat(m.ground()).isEqualTo(Ground.real(13, 0.005));
        assertThat(m.networks()).hasSize(2);
        assertThat(((Network.Line) m.networks().get(0)).crossed()).isTrue();
        assertThat(m.loads().get(0).impedance(2 * Math.PI * 145e6)).isEqualTo(new Complex(1.5, 25));
        FieldSolution s = FieldSolver.solve(m, 145e6);
        assertThat(s.lostPower()).isPositive();
        assertThat(s.impedances().get(0).getReal()).isPositive();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"format_version\": 2 | \"format_version\": 3 | newer program",
                "\"capped\" | \"round\" | “open” or “capped”",
                "\"thickness_m\": 0.001 | \"thickness_m\": 0 | wires[0].insulation.thickness_m",
                "\"z0_ohm\": 75 | \"z0_ohm\": -75 | networks[0].z0_ohm",
                "\"velocity_factor\": 0.66 | \"velocity_factor\": 1.2 | networks[0].velocity_factor",
                "[[0.01, 0], [-0.01, 0]], | | networks[1].y_siemens",
                "\"frequency_mhz\": 150 | \"frequency_mhz\": 130 | above that of the point before",
                "\"eps_r\": 13 | \"eps_r\": 0.5 | ground.eps_r"
            })
    void whatIsWrongInTheNewerPartsIsNamedToo(String good, String bad, String told) {
        assertThatThrownBy(() -> WireModelFile.read(FULL.replace(good, bad == null ? "" : bad)))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(told);
    }

    @Test
    void placesOfNetworksAndPairsOfSourcesAreChecked() throws FormatException {
        String off = FULL.replace(
                "\"to\": {\"wire\": 1, \"position\": {\"fraction\": 0.2}}",
                "\"to\": {\"wire\": 7, \"position\": {\"fraction\": 0.2}}");
        assertThat(ModelCheck.faults(WireModelFile.read(off).cases().get(0).model(), 145e6))
                .anySatisfy(f -> assertThat(f.toString()).contains("far end of network 1 is on wire 7"));
        String twice =
                FULL.replace("\"sources\": [", "\"sources\": [{\"wire\": 0, \"position\": {\"distance_m\": 0.5}}, ");
        assertThat(ModelCheck.faults(WireModelFile.read(twice).cases().get(0).model(), 145e6))
                .anySatisfy(f -> assertThat(f.toString()).contains("Sources 0 and 1 are at one place"));
        String low = FULL.replace(",5]", ",0.01]");
        assertThat(ModelCheck.faults(WireModelFile.read(low).cases().get(0).model(), 145e6))
                .anySatisfy(f -> assertThat(f.toString()).contains("comes within 0.01000 m of the ground"));
    }

    @Test
    void impossibleGeometryIsNamedWithItsRemedy() throws FormatException {
        String span = GOOD.replace(
                "\"radius_m\": 0.002}",
                "\"radius_m\": 0.002}, {\"points\": [[0,0.25,0],[0.5,0.25,0]], \"radius_m\": 0.002}");
        assertThat(ModelCheck.faults(WireModelFile.read(span).cases().get(0).model(), 146e6))
                .anySatisfy(f -> assertThat(f.toString()).contains("add a vertex at (0, 0.25, 0) to wire 0"));
        String end = GOOD.replace("0.5}}", "1.0}}");
        assertThat(ModelCheck.faults(WireModelFile.read(end).cases().get(0).model(), 146e6))
                .anySatisfy(f -> assertThat(f.toString()).contains("open end of wire 0"));
        String thick = GOOD.replace("0.002", "0.2");
        assertThat(ModelCheck.faults(WireModelFile.read(thick).cases().get(0).model(), 146e6))
                .anySatisfy(f -> assertThat(f.toString()).contains("thin-wire sums stop"));
        String close = GOOD.replace(
                "\"radius_m\": 0.002}",
                "\"radius_m\": 0.002}, {\"points\": [[0.003,-0.5,0],[0.003,0.5,0]], \"radius_m\": 0.002}");
        assertThat(ModelCheck.faults(WireModelFile.read(close).cases().get(0).model(), 146e6))
                .anySatisfy(f -> assertThat(f.toString()).contains("less than their two radii"));
        String ends = GOOD.replace(
                "\"radius_m\": 0.002}",
                "\"radius_m\": 0.002}, {\"points\": [[0.001,-0.5,0],[0.5,-0.7,0]], \"radius_m\": 0.002}");
        assertThat(ModelCheck.faults(WireModelFile.read(ends).cases().get(0).model(), 146e6))
                .anySatisfy(f -> assertThat(f.toString())
                        .contains("Ends or corners of wires 0 and 1 nearly touch")
                        .contains("give both the same place"));
    }

    @Property(tries = 300)
    void noTextMakesItFailInAnyOtherWay(@ForAll String text, @ForAll int cut) {
        String broken = GOOD.substring(0, Math.floorMod(cut, GOOD.length())) + text;
        try {
            WireModelFile.read(broken);
        } catch (FormatException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }

    @Test
    void arcsAndHelicesAreReadAsPolylines() throws FormatException {
        String ring = """
                {"frequency_mhz": 300, "wires": [{"arc": {"centre": [0,0,0], "axis": [0,0,1], "from": [0.16,0,0],
                 "degrees": 360, "sides": 40}, "radius_m": 0.001}], "sources": [{"wire": 0, "position": {"fraction": 0}}]}""";
        var loop = WireModelFile.read(ring).cases().get(0).model().wires().get(0);
        assertThat(loop.closed()).isTrue();
        assertThat(loop.points()).hasSize(40);
        String coil = """
                {"frequency_mhz": 300, "wires": [{"helix": {"centre": [0,0,0.01], "axis": [0,0,1], "from": [0.05,0,0.01],
                 "turns": 3, "pitch_m": 0.06, "hand": "left"}, "radius_m": 0.001}],
                 "sources": [{"wire": 0, "position": {"fraction": 0.5}}]}""";
        var helix = WireModelFile.read(coil).cases().get(0).model().wires().get(0);
        assertThat(helix.points()).hasSize(145);
        assertThat(helix.points().get(12).y()).as("left-handed").isLessThan(0);
        assertThat(helix.points().get(144).z()).isCloseTo(0.19, org.assertj.core.api.Assertions.within(1e-12));
        assertThatThrownBy(() -> WireModelFile.read(coil.replace("\"left\"", "\"both\"")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("hand");
        assertThatThrownBy(() -> WireModelFile.read(coil.replace("[0.05,0,0.01]", "[0.05,0,0.5]")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("square to the axis");
        assertThatThrownBy(() ->
                        WireModelFile.read(ring.replace("\"radius_m\"", "\"points\": [[0,0,0],[1,0,0]], \"radius_m\"")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("only one");
    }
}
