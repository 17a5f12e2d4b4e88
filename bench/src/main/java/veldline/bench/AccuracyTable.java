package veldline.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.hipparchus.complex.Complex;
import veldline.field.pattern.MeshDoubt;
import veldline.field.pattern.PatternSummary;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.format.FormatException;
import veldline.format.WireModelFile;

/** The engine at its default mesh beside converged references, as a table in Markdown, and how it converges to them. */
final class AccuracyTable {
    private static final Path REFERENCE = Path.of("core/src/test/resources/reference/wire-models.json");
    private static final double[] FINER = {1 / 1.5, 1, 1.5, 2};

    private AccuracyTable() {}

    static void print() throws IOException, FormatException {
        String text = Files.readString(REFERENCE);
        List<WireModelFile.Case> cases = WireModelFile.read(text).cases();
        JsonNode references = new ObjectMapper().readTree(text).get("cases");
        System.out.println(
                "| model | unknowns | R, X found | R, X reference | ± stated | gain found | reference | ± stated"
                        + " | of the tolerance | power |");
        System.out.println("|---|---|---|---|---|---|---|---|---|---|");
        for (int i = 0; i < cases.size(); i++) {
            row(cases.get(i), references.get(i));
        }
        System.out.println();
        System.out.println("| model | finer by 0.67 | 1 | 1.5 | 2 | reference |");
        System.out.println("|---|---|---|---|---|---|");
        for (int i = 0; i < cases.size(); i++) {
            convergence(cases.get(i), references.get(i).get("expected"));
        }
        System.out.println();
        System.out.println("| NBS Technical Note 688 | gain found, dBi | table's dBd + 2.15 |");
        System.out.println("|---|---|---|");
        for (int i = 0; i < cases.size(); i++) {
            published(cases.get(i), references.get(i));
        }
    }

    private static FieldSolution solve(WireModelFile.Case c, double finer) {
        double f = c.frequencies().get(0);
        return new FieldSolver(c.model(), MeshRule.standard(f).finer(finer), () -> true).at(f);
    }

    private static void row(WireModelFile.Case c, JsonNode reference) {
        FieldSolution s = solve(c, 1);
        PatternSummary p = PatternSummary.of(s);
        MeshDoubt d = MeshDoubt.of(s, p, solve(c, MeshDoubt.FINER));
        JsonNode e = reference.get("expected");
        JsonNode t = reference.get("tolerance");
        Complex z = s.impedances().get(0);
        double worst = Math.abs(p.gainDbi() - e.get("gain_dbi").asDouble())
                / t.get("gain_dbi").asDouble();
        for (int i = 0; i < s.impedances().size(); i++) {
            JsonNode wanted = e.get("impedance").get(i);
            JsonNode allowed = t.get("impedance").get(i);
            Complex found = s.impedances().get(i);
            worst = Math.max(
                    worst,
                    Math.abs(found.getReal() - wanted.get(0).asDouble())
                            / allowed.get(0).asDouble());
            worst = Math.max(
                    worst,
                    Math.abs(found.getImaginary() - wanted.get(1).asDouble())
                            / allowed.get(1).asDouble());
        }
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %.2f, %.2f | %.2f, %.2f | %.2f | %.3f | %.3f | %.3f | %.2f | %.6f |%n",
                c.model().name(),
                s.unknowns(),
                z.getReal(),
                z.getImaginary(),
                e.get("impedance").get(0).get(0).asDouble(),
                e.get("impedance").get(0).get(1).asDouble(),
                d.impedance().get(0),
                p.gainDbi(),
                e.get("gain_dbi").asDouble(),
                d.gainDb(),
                worst,
                p.powerBalance());
    }

    private static void convergence(WireModelFile.Case c, JsonNode expected) {
        StringBuilder row = new StringBuilder("| " + c.model().name() + " |");
        for (double finer : FINER) {
            Complex z = solve(c, finer).impedances().get(0);
            row.append(String.format(Locale.ROOT, " %.2f, %.2f |", z.getReal(), z.getImaginary()));
        }
        JsonNode z = expected.get("impedance").get(0);
        System.out.println(row
                + String.format(
                        Locale.ROOT,
                        " %.2f, %.2f |",
                        z.get(0).asDouble(),
                        z.get(1).asDouble()));
    }

    private static void published(WireModelFile.Case c, JsonNode reference) {
        JsonNode published = reference.path("published").path("gain_dbi");
        if (published.isNumber()) {
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %.2f | %.2f |%n",
                    c.model().name(),
                    PatternSummary.of(solve(c, 1)).gainDbi(),
                    published.asDouble());
        }
    }
}
