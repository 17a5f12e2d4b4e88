package veldline.field.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Mesh.Gap;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Load;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Port;
import veldline.field.wire.WireModel;

/**
 * Solves one model, at as many frequencies as asked; the mesh and everything that does not depend on frequency is kept
 * between them. Nothing in it changes once it is made, so several threads may solve at once.
 */
public final class FieldSolver {
    /** More unknowns than this are refused before any memory is taken. */
    public static final int MOST_UNKNOWNS = 6000;

    private final WireModel model;
    private final Places places;
    private final Mesh mesh;
    private final Interactions interactions;
    private final BooleanSupplier keepGoing;
    private final boolean everyProcessor;

    /**
     * Works on the thread it is called on and leaves the other processors to whoever needs them: to the interface, or to
     * other frequencies.
     *
     * @param keepGoing polled often; when false the work stops with a {@link SolveFailure}
     * @throws SolveFailure if a check finds a fault, naming all of them, or the mesh grows too large
     */
    public FieldSolver(WireModel model, MeshRule rule, BooleanSupplier keepGoing) {
        this(model, rule, keepGoing, false);
    }

    private FieldSolver(WireModel model, MeshRule rule, BooleanSupplier keepGoing, boolean everyProcessor) {
        List<ModelCheck.Fault> faults = ModelCheck.faults(model, rule.meshFrequency());
        if (!faults.isEmpty()) {
            throw new SolveFailure(String.join(
                    "\n", faults.stream().map(ModelCheck.Fault::toString).toList()));
        }
        this.model = model;
        this.keepGoing = keepGoing;
        this.everyProcessor = everyProcessor;
        this.places = Places.of(model);
        List<Port> ports = Stream.concat(
                        places.ports().stream(), model.loads().stream().map(Load::port))
                .toList();
        this.mesh = Mesher.mesh(model, rule, ports);
        if (mesh.functions().size() > MOST_UNKNOWNS) {
            throw new SolveFailure("The model needs " + mesh.functions().size() + " unknowns; " + MOST_UNKNOWNS
                    + " is the most. Shorten the wires or lower the frequency");
        }
        this.interactions = new Interactions(mesh, model, keepGoing, everyProcessor);
    }

    /** At the default mesh, on every processor, with nothing to call it off. */
    public static FieldSolution solve(WireModel model, double frequency) {
        return new FieldSolver(model, MeshRule.standard(frequency), () -> true, true).at(frequency);
    }

    public FieldSolution at(double frequency) {
        double omega = 2 * Math.PI * frequency;
        Complex[] skin = skin(omega);
        ComplexMatrix z = interactions.matrix(frequency, skin, keepGoing);
        int ports = places.ports().size();
        List<Complex> loads = new ArrayList<>();
        for (int l = 0; l < model.loads().size(); l++) {
            Complex load = load(l, frequency);
            loads.add(load);
            addLoad(z, mesh.gaps().get(ports + l), load);
        }
        z.factor(keepGoing, everyProcessor);
        Complex[][] perVolt = new Complex[ports][];
        for (int s = 0; s < ports; s++) {
            perVolt[s] = forOneVolt(z, mesh.gaps().get(s));
        }
        PortCircuit circuit = PortCircuit.of(model, places, admittances(perVolt), omega);
        Complex[] current = new Complex[mesh.functions().size()];
        for (int n = 0; n < current.length; n++) {
            Complex sum = Complex.ZERO;
            for (int s = 0; s < ports; s++) {
                sum = sum.add(circuit.volts()[s].multiply(perVolt[s][n]));
            }
            current[n] = sum;
        }
        return solution(frequency, circuit, current, loads, skin);
    }

    private Complex load(int index, double frequency) {
        Load load = model.loads().get(index);
        if (load instanceof Load.Measured m && !m.covers(frequency)) {
            throw new SolveFailure("Load " + index + " was measured from "
                    + m.points().get(0).frequency() / 1e6 + " to "
                    + m.points().get(m.points().size() - 1).frequency() / 1e6 + " MHz, which leaves out "
                    + frequency / 1e6 + " MHz; measure it there too");
        }
        return load.impedance(2 * Math.PI * frequency);
    }

    private FieldSolution solution(
            double frequency, PortCircuit circuit, Complex[] current, List<Complex> loads, Complex[] skin) {
        double lost = circuit.lostInNetworks();
        int ports = places.ports().size();
        for (int l = 0; l < loads.size(); l++) {
            double amps = through(mesh.gaps().get(ports + l), current).norm();
            lost += 0.5 * loads.get(l).getReal() * amps * amps;
        }
        List<FieldSolution.Piece> pieces = pieces(current);
        for (int p = 0; p < pieces.size(); p++) {
            lost += heat(pieces.get(p), skin[p].getReal());
        }
        lost += interactions.lostInCoatings(frequency, pieces);
        return new FieldSolution(
                model,
                frequency,
                current.length,
                circuit.impedances(),
                circuit.impedanceMatrix(),
                circuit.inputPower(),
                lost,
                pieces);
    }

    private static double heat(FieldSolution.Piece piece, double ohmsPerMetre) {
        Complex a = piece.atStart();
        Complex b = piece.atEnd();
        double meanSquare = (a.multiply(a.conjugate()).getReal()
                        + b.multiply(b.conjugate()).getReal()
                        + a.multiply(b.conjugate()).getReal())
                / 3;
        return 0.5 * ohmsPerMetre * piece.length() * meanSquare;
    }

    private List<FieldSolution.Piece> pieces(Complex[] current) {
        Complex[][] ends = new Complex[mesh.segments().size()][2];
        for (Complex[] e : ends) {
            java.util.Arrays.fill(e, Complex.ZERO);
        }
        for (int n = 0; n < current.length; n++) {
            for (Mesh.Arm arm : mesh.functions().get(n)) {
                ends[arm.segment()][arm.end()] = ends[arm.segment()][arm.end()].add(current[n].multiply(arm.sign()));
            }
        }
        List<FieldSolution.Piece> pieces = new ArrayList<>();
        for (int s = 0; s < ends.length; s++) {
            Segment segment = mesh.segments().get(s);
            pieces.add(new FieldSolution.Piece(segment.wire(), segment.start(), segment.end(), ends[s][0], ends[s][1]));
        }
        return List.copyOf(pieces);
    }

    private Complex[][] admittances(Complex[][] perVolt) {
        Complex[][] y = new Complex[perVolt.length][perVolt.length];
        for (int i = 0; i < perVolt.length; i++) {
            for (int j = 0; j < perVolt.length; j++) {
                y[i][j] = through(mesh.gaps().get(i), perVolt[j]);
            }
        }
        return y;
    }

    private static Complex through(Gap gap, Complex[] current) {
        Complex sum = Complex.ZERO;
        for (int i = 0; i < gap.functions().size(); i++) {
            sum = sum.add(current[gap.functions().get(i)].multiply(gap.weights().get(i)));
        }
        return sum;
    }

    private Complex[] forOneVolt(ComplexMatrix z, Gap gap) {
        double[] re = new double[z.size];
        double[] im = new double[z.size];
        for (int i = 0; i < gap.functions().size(); i++) {
            re[gap.functions().get(i)] = gap.weights().get(i);
        }
        z.solve(re, im);
        Complex[] current = new Complex[z.size];
        for (int n = 0; n < z.size; n++) {
            current[n] = new Complex(re[n], im[n]);
        }
        return current;
    }

    private static void addLoad(ComplexMatrix z, Gap gap, Complex load) {
        for (int i = 0; i < gap.functions().size(); i++) {
            for (int j = 0; j < gap.functions().size(); j++) {
                Complex part =
                        load.multiply(gap.weights().get(i) * gap.weights().get(j));
                z.add(gap.functions().get(i), gap.functions().get(j), part.getReal(), part.getImaginary());
            }
        }
    }

    /** What a metre of each segment's own metal adds, ohms; zero for a perfect conductor. */
    private Complex[] skin(double omega) {
        Complex[] ohms = new Complex[mesh.segments().size()];
        for (int s = 0; s < ohms.length; s++) {
            Segment segment = mesh.segments().get(s);
            ohms[s] = model.conductivityOf(segment.wire())
                    .map(sigma -> SkinEffect.perMetre(omega, sigma, segment.radius()))
                    .orElse(Complex.ZERO);
        }
        return ohms;
    }
}
