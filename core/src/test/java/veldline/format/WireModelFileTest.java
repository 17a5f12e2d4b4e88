package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Port;

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
}
