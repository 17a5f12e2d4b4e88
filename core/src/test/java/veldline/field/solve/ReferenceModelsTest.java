package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import veldline.field.pattern.MeshDoubt;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.RadiatedField;
import veldline.field.wire.Direction;
import veldline.format.FormatException;
import veldline.format.WireModelFile;

/** The engine meets independent converged solutions within the tolerance a careful solver must meet. */
class ReferenceModelsTest {
    private static final Set<String> HALVED = Set.of(
            "dipole-thin",
            "dipole-thick-0.005",
            "vee-120",
            "two-dipoles-in-phase",
            "yagi-3-nbs",
            "yagi-5-nbs",
            "yagi-12-nbs",
            "yagi-15-nbs",
            "yagi-11-2437");

    private static String text() throws IOException {
        return new String(
                ReferenceModelsTest.class
                        .getResourceAsStream("/reference/wire-models.json")
                        .readAllBytes(),
                StandardCharsets.UTF_8);
    }

    @TestFactory
    Stream<DynamicTest> withinToleranceAtTheDefaultMesh() throws IOException, FormatException {
        JsonNode cases = new ObjectMapper().readTree(text()).get("cases");
        WireModelFile.Contents models = WireModelFile.read(text());
        return IntStream.range(0, cases.size())
                .mapToObj(i -> DynamicTest.dynamicTest(
                        cases.get(i).get("name").asText(),
                        () -> compare(models.cases().get(i), cases.get(i))));
    }

    private static void compare(WireModelFile.Case c, JsonNode reference) {
        FieldSolution s = FieldSolver.solve(c.model(), c.frequencies().get(0));
        PatternSummary p = PatternSummary.of(s);
        JsonNode expected = reference.get("expected");
        JsonNode tolerance = reference.get("tolerance");
        for (int i = 0; i < s.impedances().size(); i++) {
            Complex z = s.impedances().get(i);
            assertThat(z.getReal()).isCloseTo(at(expected, i, 0), within(at(tolerance, i, 0)));
            assertThat(z.getImaginary()).isCloseTo(at(expected, i, 1), within(at(tolerance, i, 1)));
        }
        close("gain_dbi", p.gainDbi(), expected, tolerance);
        close("max_gain_dbi", p.maxGainDbi(), expected, tolerance);
        close("max_directivity_dbi", p.maxDirectivityDbi(), expected, tolerance);
        close("efficiency", p.efficiency(), expected, tolerance);
        p.halfPowerE().ifPresent(w -> close("hpbw_e_deg", w, expected, tolerance));
        p.halfPowerH().ifPresent(w -> close("hpbw_h_deg", w, expected, tolerance));
        p.polarization().axialRatioDb().ifPresent(a -> close("axial_ratio_db", a, expected, tolerance));
        if (tolerance.hasNonNull("front_to_back_range_db")) {
            assertThat(p.frontToBackDb().orElseThrow())
                    .isBetween(
                            tolerance.get("front_to_back_range_db").get(0).asDouble(),
                            tolerance.get("front_to_back_range_db").get(1).asDouble(1e9));
        }
        assertThat(p.powerBalance()).as("what goes in comes out").isCloseTo(1, within(0.002));
    }

    private static double at(JsonNode node, int i, int part) {
        return node.get("impedance").get(i).get(part).asDouble();
    }

    private static void close(String name, double value, JsonNode expected, JsonNode tolerance) {
        if (tolerance.has(name)) {
            assertThat(value)
                    .as(name)
                    .isCloseTo(
                            expected.get(name).asDouble(),
                            within(tolerance.get(name).asDouble()));
        }
    }

    @TestFactory
    Stream<DynamicTest> halvingEverySegmentHardlyMovesAnything() throws IOException, FormatException {
        return WireModelFile.read(text()).cases().stream()
                .filter(c -> HALVED.contains(c.model().name()))
                .map(c -> DynamicTest.dynamicTest(c.model().name(), () -> {
                    double f = c.frequencies().get(0);
                    Direction d = c.model().boresight().orElseThrow();
                    FieldSolution once = FieldSolver.solve(c.model(), f);
                    FieldSolution twice =
                            new FieldSolver(c.model(), MeshRule.standard(f).finer(2), () -> true).at(f);
                    Complex a = once.impedances().get(0);
                    Complex b = twice.impedances().get(0);
                    assertThat(new RadiatedField(once).gainDbi(d))
                            .isCloseTo(new RadiatedField(twice).gainDbi(d), within(0.02));
                    assertThat(a.getReal()).isCloseTo(b.getReal(), within(0.02 * b.getReal()));
                    assertThat(a.getImaginary())
                            .isCloseTo(b.getImaginary(), within(2 + 0.02 * Math.abs(b.getImaginary())));
                }));
    }

    /** What is said of the mesh's doubt holds for 95 in 100 results, without claiming five times too much. */
    @Test
    void theTruthLiesWithinTheStatedDoubt() throws IOException, FormatException {
        JsonNode cases = new ObjectMapper().readTree(text()).get("cases");
        List<WireModelFile.Case> models = WireModelFile.read(text()).cases();
        List<Double> over = new ArrayList<>();
        for (int i = 0; i < models.size(); i++) {
            WireModelFile.Case c = models.get(i);
            double f = c.frequencies().get(0);
            FieldSolution s = FieldSolver.solve(c.model(), f);
            FieldSolution finer =
                    new FieldSolver(c.model(), MeshRule.standard(f).finer(MeshDoubt.FINER), () -> true).at(f);
            PatternSummary p = PatternSummary.of(s);
            MeshDoubt d = MeshDoubt.of(s, p, finer);
            JsonNode e = cases.get(i).get("expected");
            for (int n = 0; n < s.impedances().size(); n++) {
                over.add(d.impedance().get(n) / Math.abs(s.impedances().get(n).getReal() - at(e, n, 0)));
                over.add(d.impedance().get(n) / Math.abs(s.impedances().get(n).getImaginary() - at(e, n, 1)));
            }
            over.add(d.gainDb() / Math.abs(p.gainDbi() - e.get("gain_dbi").asDouble()));
            over.add(d.maxGainDb()
                    / Math.abs(p.maxGainDbi() - e.get("max_gain_dbi").asDouble()));
            over.add(d.efficiency()
                    / Math.max(
                            1e-9, Math.abs(p.efficiency() - e.get("efficiency").asDouble())));
            stated(over, d.gainThetaDb(), Optional.of(p.gainThetaDbi()), e.get("gain_theta_dbi"));
            stated(over, d.gainPhiDb(), Optional.of(p.gainPhiDbi()), e.get("gain_phi_dbi"));
            stated(over, d.frontToBackDb(), p.frontToBackDb(), e.get("front_to_back_db"));
            stated(over, d.halfPowerE(), p.halfPowerE(), e.get("hpbw_e_deg"));
            stated(over, d.halfPowerH(), p.halfPowerH(), e.get("hpbw_h_deg"));
            stated(over, d.axialRatioDb(), p.polarization().axialRatioDb(), e.get("axial_ratio_db"));
        }
        long inside = over.stream().filter(o -> o >= 1).count();
        assertThat(inside).isGreaterThanOrEqualTo(Math.round(0.95 * over.size()));
        assertThat(over.stream().sorted().toList().get(over.size() / 2)).isLessThan(5);
    }

    private static void stated(List<Double> over, Optional<Double> doubt, Optional<Double> value, JsonNode expected) {
        if (doubt.isPresent() && value.isPresent() && expected != null && expected.isNumber()) {
            over.add(doubt.get() / Math.max(1e-9, Math.abs(value.get() - expected.asDouble())));
        }
    }
}
