package veldline.cli;

import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import veldline.field.pattern.MeshDoubt;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.format.FormatException;
import veldline.format.SolutionJson;
import veldline.format.WireModelFile;

/** Solves a wire model and prints its impedance, gain, pattern and power balance as JSON. */
@Command(name = "solve", description = "Solve a wire model; docs/wire-model.md describes the file.")
final class Solve implements Callable<Integer> {
    /** Radius in wavelengths above which what closes a rod's end is worth telling. */
    private static final double END_MATTERS = 0.006;

    @Parameters(paramLabel = "MODEL.json", description = "the model")
    private Path file;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        PrintWriter err = spec.commandLine().getErr();
        try {
            WireModelFile.Contents contents = WireModelFile.read(Files.readString(file));
            List<ObjectNode> results = new ArrayList<>();
            boolean many = contents.many();
            for (WireModelFile.Case c : contents.cases()) {
                many |= c.many();
                results.addAll(solve(c));
            }
            print(results, many);
            return 0;
        } catch (NoSuchFileException e) {
            err.println("No file at " + file + "; give the path of a wire model");
        } catch (MalformedInputException e) {
            err.println(file + " is not text in UTF-8; save it so");
        } catch (FormatException | SolveFailure e) {
            err.println(e.getMessage());
        }
        return 2;
    }

    private static List<ObjectNode> solve(WireModelFile.Case c) {
        double top = c.frequencies().stream().mapToDouble(f -> f).max().orElseThrow();
        MeshRule rule = MeshRule.standard(top);
        FieldSolver solver = named(c, () -> new FieldSolver(c.model(), rule, () -> true));
        FieldSolver finer = named(c, () -> new FieldSolver(c.model(), rule.finer(MeshDoubt.FINER), () -> true));
        List<ObjectNode> results = new ArrayList<>();
        for (double f : c.frequencies()) {
            results.add(SolutionJson.of(solver.at(f), finer.at(f), warnings(c, f)));
        }
        return results;
    }

    private static FieldSolver named(WireModelFile.Case c, java.util.function.Supplier<FieldSolver> make) {
        try {
            return make.get();
        } catch (SolveFailure e) {
            String name = c.model().name();
            throw name.isEmpty() ? e : new SolveFailure(name + ": " + e.getMessage());
        }
    }

    private static List<String> warnings(WireModelFile.Case c, double frequency) {
        double waves = 299_792_458.0 / frequency;
        return c.model().wires().stream().anyMatch(w -> w.radius() > END_MATTERS * waves)
                ? List.of("A wire is thicker than " + END_MATTERS
                        + " wavelengths in radius; ends are taken as open tubes, a solid rod acts up to half a radius"
                        + " longer at each end")
                : List.of();
    }

    private void print(List<ObjectNode> results, boolean many) throws IOException {
        JsonMapper mapper = JsonMapper.builder().build();
        ObjectNode out = results.get(0);
        if (many) {
            out = mapper.createObjectNode();
            ArrayNode list = out.putArray("results");
            results.forEach(list::add);
        }
        spec.commandLine()
                .getOut()
                .println(mapper.writerWithDefaultPrettyPrinter().writeValueAsString(out));
    }
}
