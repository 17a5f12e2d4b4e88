package veldline.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Measure;
import veldline.antenna.Radiation;
import veldline.antenna.WireFamily;
import veldline.build.BuildPlan;
import veldline.explain.Worked;
import veldline.field.pattern.PatternSummary;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.line.Mismatch;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.QuantityReader;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** An antenna of a family from a shell: its measures, what it does, what is cut. */
@Command(name = "design", description = "Designs an antenna of a family for a frequency, or lists the families.")
final class DesignCommand implements Callable<Integer> {
    private static final double LINE = 50;

    @Parameters(index = "0", arity = "0..1", paramLabel = "FAMILY", description = "the family; none lists them all")
    private Optional<String> family;

    @Option(names = "--frequency", paramLabel = "F", defaultValue = "145 MHz", description = "such as 868.3MHz")
    private String frequency;

    @Option(names = "--diameter", paramLabel = "D", defaultValue = "4 mm", description = "of the conductor: 4mm, 14AWG")
    private String diameter;

    @Option(names = "--length", paramLabel = "L", defaultValue = "2 m", description = "greatest along the beam")
    private String length;

    @Option(names = "--metal", paramLabel = "METAL", defaultValue = "COPPER", description = "${COMPLETION-CANDIDATES}")
    private Metal metal;

    @Option(names = "--upright", description = "its field stands")
    private boolean upright;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        try {
            if (family.isEmpty()) {
                Families.wires().forEach(f -> out.println(f.key() + "    " + f.good()));
                Families.apertures().forEach(f -> out.println(f.key() + "    " + f.good()));
                return 0;
            }
            if (Families.apertures().stream().anyMatch(f -> f.key().equals(family.get()))) {
                double hertz = read(frequency, Unit.MHZ);
                print(
                        Families.apertures(family.get())
                                .design(new Family.Wish(
                                        hertz, read(length, Unit.M), read(diameter, Unit.MM), metal, upright)),
                        hertz,
                        out);
                return 0;
            }
            WireFamily f = Families.wires(family.get());
            double hertz = read(frequency, Unit.MHZ);
            Design d = f.design(new Family.Wish(hertz, read(length, Unit.M), read(diameter, Unit.MM), metal, upright));
            print(d, hertz, out);
            return 0;
        } catch (IllegalArgumentException | SolveFailure e) {
            spec.commandLine().getErr().println(e.getMessage());
            return 2;
        }
    }

    /** What has an opening: measures, what its gain loses, what else is known, what it takes. */
    private static void print(ApertureDesign d, double hertz, PrintWriter out) {
        out.println(d.title() + ", " + NumberText.shown(hertz / 1e6, 3) + " MHz");
        List<Measure> measures = d.of().measures();
        for (int i = 0; i < measures.size(); i++) {
            Measure m = measures.get(i);
            out.println("  " + m.name() + ": "
                    + (m.isChoice() ? m.words().get(d.count(i)) : d.sizes().get(i)));
        }
        Radiation r = d.radiation(hertz);
        out.println("Straight ahead " + r.gain().shown() + " ± " + NumberText.shown(r.doubt(), 1) + " dB");
        out.println("  " + r.ceiling().formula().name() + ": " + r.ceiling().shown());
        r.losses().forEach(l -> out.println("  " + l.formula().name() + ": " + l.shown()));
        d.of().schools(d, hertz)
                .forEach(w -> out.println(w.formula().name() + ": " + w.shown() + ". "
                        + w.formula().goodTo()));
        out.println("Takes:");
        d.of().parts(d, hertz).forEach(p -> out.println("  " + p));
        d.of().watch(d, hertz).forEach(w -> out.println("To be watched: " + w));
    }

    private static double read(String text, Unit usual) {
        QuantityReader.Reading r = new QuantityReader(usual).read(text, Optional.empty());
        if (r instanceof QuantityReader.Reading.Taken t) {
            return t.quantity().value();
        }
        throw new IllegalArgumentException(
                r instanceof QuantityReader.Reading.Refused no ? no.why() : "“" + text + "” could be read in two ways");
    }

    private static void print(Design d, double hertz, PrintWriter out) {
        out.println(d.title() + ", " + NumberText.shown(hertz / 1e6, 3) + " MHz");
        List<Measure> measures = d.of().measures();
        for (int i = 0; i < measures.size(); i++) {
            Measure m = measures.get(i);
            Quantity q = d.sizes().get(i);
            out.println("  " + m.name() + ": " + (m.isChoice() ? m.words().get(d.count(i)) : q));
        }
        FieldSolution s = new FieldSolver(d.model(), MeshRule.standard(hertz), () -> true).at(hertz);
        PatternSummary p = PatternSummary.of(s);
        var z = s.impedances().get(0);
        out.println("Straight ahead " + NumberText.shown(p.gainDbi(), 2) + " dBi, feed "
                + NumberText.shown(z.getReal(), 1) + (z.getImaginary() < 0 ? " − j" : " + j")
                + NumberText.shown(Math.abs(z.getImaginary()), 1) + " Ω, SWR "
                + NumberText.shown(Mismatch.swr(z, LINE), 2) + " on 50 Ω, solved with " + s.unknowns() + " unknowns");
        for (Worked w : d.of().schools(d, hertz, () -> true)) {
            out.println(
                    w.formula().name() + ": " + w.shown() + ". " + w.formula().goodTo());
        }
        BuildPlan plan = BuildPlan.of(new BuildPlan.Input(d, hertz, List.of()), () -> true);
        out.println("Cut:");
        plan.cuts()
                .forEach(c ->
                        out.println("  " + c.count() + " × " + c.name() + " " + NumberText.shown(c.length() * 1000, 1)
                                + " mm, " + c.inches(32).text() + " in"));
        out.println("Takes:");
        plan.bill().forEach(b -> out.println("  " + b));
        plan.trim()
                .ifPresent(t -> out.println("A millimetre off the " + t.part() + ": "
                        + t.perMillimetre().shown()));
    }
}
