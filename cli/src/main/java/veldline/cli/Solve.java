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
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import veldline.field.pattern.MeshDoubt;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.field.wire.Ground;
import veldline.field.wire.RodEnds;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.format.FormatException;
import veldline.format.SolutionJson;
import veldline.format.WireModelFile;

/** Solves a wire model and prints its impedance, gain, pattern and power balance as JSON. */
@Command(name = "solve", description = "Solve a wire model; docs/wire-model.md describes the file.")
final class Solve implements Callable<Integer> {
    /** Height over real ground in wavelengths from which a flat wire's currents are trusted. */
    private static final double TRUSTED_HEIGHT = 0.2;

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
        double wave = 299_792_458.0 / frequency;
        List<String> told = new ArrayList<>();
        c.model().wires().stream()
                .filter(w -> w.radius() > RodEnds.MATTER_FROM * wave && w.ends() == Wire.Ends.OPEN)
                .max(Comparator.comparingDouble(Wire::radius))
                .ifPresent(w -> told.add(String.format(
                        Locale.ROOT,
                        "A wire is thicker than %.3f wavelengths in radius and its ends are taken as open tubes; flat ends"
                                + " of a solid rod lower its frequency by about %.2f MHz: give “ends”: “capped” for them",
                        RodEnds.MATTER_FROM,
                        RodEnds.megahertz(frequency, w.radius()))));
        double lowest = c.model().wires().stream()
                .flatMap(w -> w.points().stream())
                .mapToDouble(Vec::z)
                .min()
                .orElse(0);
        if (c.model().ground().kind() == Ground.Kind.REAL && lowest < TRUSTED_HEIGHT * wave) {
            told.add(String.format(
                    Locale.ROOT,
                    "A wire is %.2f wavelengths over real ground; under %.1f impedances and gains there are not to be"
                            + " trusted, and under 0.5 not for upright wires",
                    lowest / wave,
                    TRUSTED_HEIGHT));
        }
        return told;
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
