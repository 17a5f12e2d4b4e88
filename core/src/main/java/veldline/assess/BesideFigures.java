package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.Radiation;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.pattern.Sweep;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.job.Beside;
import veldline.line.Mismatch;
import veldline.quantity.Quantity;

/**
 * The antenna that stands beside the one that is shaped, and where the two differ.
 *
 * @param of what stands there
 * @param figures of it
 * @param sweep its curve over the band; empty where it has none
 * @param differences measure by measure, those that matter most first
 */
public record BesideFigures(Beside of, AntennaFigures figures, Optional<Sweep> sweep, List<Difference> differences) {
    static final Formula GAINED = new Formula(
            "Gain from mending it",
            "Gain of the one that stands beside with this measure as it is here, less its gain as it is.",
            "D",
            "g − h",
            "Both worked out in the same way",
            "±0.05 dB; one measure alone, the others as they are");
    static final Formula SWR_AFTER = new Formula(
            "SWR with it mended",
            "On its line, with this measure as it is here and the others as they are.",
            "S",
            "s",
            AntennaStage.METHOD,
            "As good as the SWR");

    /** Smaller differences are none, metres or degrees. */
    private static final double SAME = 5e-5;

    public BesideFigures {
        differences = List.copyOf(differences);
    }

    /**
     * One measure in which they differ.
     *
     * @param here as it is shaped
     * @param there as it stands beside
     * @param gained in gain if that one is mended alone
     * @param swr what its SWR then is
     */
    public record Difference(String name, Quantity here, Quantity there, Worked gained, Worked swr) {}

    /** What decides the differences. */
    /** @param z0 of the line SWR is counted on, ohms */
    record Input(Antenna here, Beside beside, double frequency, double z0) {}

    static BesideFigures of(Input in, AntennaFigures figures, Optional<Sweep> sweep, BooleanSupplier goOn) {
        List<Difference> all = new ArrayList<>();
        Antenna there = in.beside.made();
        double gain = has(there, in.frequency, goOn).gain;
        for (Mended m : mended(in.here, there)) {
            Has mended = has(m.made, in.frequency, goOn);
            double better = mended.gain;
            Complex z = mended.impedance;
            all.add(new Difference(
                    m.name,
                    m.here,
                    m.there,
                    Worked.of(GAINED)
                            .computed("g", "mended", better, "dBi", 4)
                            .computed("h", "as it is", gain, "dBi", 4)
                            .gives(better - gain, "dB", 2, 0.05),
                    Worked.of(SWR_AFTER)
                            .computed("s", "of the solved impedance", Mismatch.swr(z, in.z0), "", 3)
                            .gives(Mismatch.swr(z, in.z0), "", 2)));
        }
        all.sort((a, b) -> Double.compare(b.gained.value(), a.gained.value()));
        return new BesideFigures(in.beside, figures, sweep, all);
    }

    /** What is compared, dBi and ohms. */
    private record Has(double gain, Complex impedance) {}

    private static Has has(Antenna a, double frequency, BooleanSupplier goOn) {
        if (a instanceof ApertureDesign d) {
            Radiation r = d.radiation(frequency);
            return new Has(r.gain().value(), r.feed().impedance());
        }
        if (!(a instanceof Made made)) {
            throw new IllegalArgumentException(
                    a.title() + " is not shaped here; set one beside it that is, then they can be compared");
        }
        FieldSolution s = new FieldSolver(made.model(), MeshRule.standard(frequency), goOn).at(frequency);
        return new Has(
                RadiatedField.leaving(s).gainDbi(Direction.X), s.impedances().get(0));
    }

    /** The one beside with one measure put right. */
    private record Mended(String name, Quantity here, Quantity there, Antenna made) {}

    private static List<Mended> mended(Antenna here, Antenna there) {
        List<Mended> all = new ArrayList<>();
        if (here instanceof ApertureDesign a
                && there instanceof ApertureDesign b
                && a.family().equals(b.family())) {
            for (int i = 0; i < a.sizes().size(); i++) {
                if (b.of().uses(b, i) && Math.abs(a.size(i) - b.size(i)) > SAME) {
                    all.add(new Mended(
                            a.of().measures().get(i).name(),
                            a.sizes().get(i),
                            b.sizes().get(i),
                            b.withSize(i, a.sizes().get(i))));
                }
            }
        }
        if (here instanceof Design a && there instanceof Design b && a.family().equals(b.family())) {
            for (int i = 0; i < a.sizes().size(); i++) {
                if (Math.abs(a.size(i) - b.size(i)) > SAME) {
                    all.add(new Mended(
                            a.of().measures().get(i).name(),
                            a.sizes().get(i),
                            b.sizes().get(i),
                            b.withSize(i, a.sizes().get(i))));
                }
            }
        }
        if (here instanceof YagiShape a
                && there instanceof YagiShape b
                && a.elements().size() == b.elements().size()) {
            for (int i = 0; i < a.elements().size(); i++) {
                YagiShape.Element x = a.elements().get(i);
                YagiShape.Element y = b.elements().get(i);
                if (differs(x.length(), y.length())) {
                    all.add(new Mended(
                            YagiShape.nameOf(i) + ", length",
                            x.length(),
                            y.length(),
                            b.withElement(i, new YagiShape.Element(y.position(), x.length()))));
                }
                if (differs(x.position(), y.position())) {
                    all.add(new Mended(
                            YagiShape.nameOf(i) + ", place",
                            x.position(),
                            y.position(),
                            b.withElement(i, new YagiShape.Element(x.position(), y.length()))));
                }
            }
        }
        return all;
    }

    private static boolean differs(Quantity a, Quantity b) {
        return Math.abs(a.value() - b.value()) > SAME;
    }
}
