package veldline.field.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Factors.AtEnds;
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
    private final WireModel model;
    private final Places places;
    private final Mesh mesh;
    private final Symmetry symmetry;
    private final Map<Integer, Basis> bases = new ConcurrentHashMap<>();
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
        this(model, rule, keepGoing, false, true);
    }

    /** @param mirror whether planes of symmetry are looked for */
    FieldSolver(WireModel model, MeshRule rule, BooleanSupplier keepGoing, boolean everyProcessor, boolean mirror) {
        List<ModelCheck.Fault> faults = ModelCheck.faults(model, rule.meshFrequency());
        if (!faults.isEmpty()) {
            throw new SolveFailure(String.join(
                    "\n", faults.stream().map(ModelCheck.Fault::toString).toList()));
        }
        this.model = model;
        this.keepGoing = keepGoing;
        this.everyProcessor = everyProcessor;
        this.places = Places.of(model);
        this.mesh = Mesher.mesh(model, rule, ports(model));
        this.symmetry = mirror ? Symmetry.of(mesh, model, loadGaps()) : Symmetry.none(mesh);
        Room.check(mesh.functions().size() / symmetry.images());
        this.interactions =
                new Interactions(model, symmetry.facings(), symmetry.part().length, keepGoing, everyProcessor);
    }

    private List<Gap> loadGaps() {
        return mesh.gaps().subList(places.ports().size(), mesh.gaps().size());
    }

    /** At the default mesh, on every processor, with nothing to call it off. */
    public static FieldSolution solve(WireModel model, double frequency) {
        return new FieldSolver(model, MeshRule.standard(frequency), () -> true, true, true).at(frequency);
    }

    public FieldSolution at(double frequency) {
        return solved(frequency).solution;
    }

    /**
     * All that came of one frequency.
     *
     * @param perVolt currents for one volt at each place
     * @param loads impedance of each, ohms
     */
    record Solved(
            FieldSolution solution,
            Factors factors,
            List<AtEnds> perVolt,
            Complex[][] admittances,
            PortCircuit circuit,
            List<Complex> loads) {}

    Solved solved(double frequency) {
        double omega = 2 * Math.PI * frequency;
        Complex[] skin = skin(model, mesh.segments(), omega);
        List<Complex> loads = IntStream.range(0, model.loads().size())
                .mapToObj(l -> load(l, frequency))
                .toList();
        Factors factors = factors(frequency, skin, loads);
        int ports = places.ports().size();
        List<AtEnds> perVolt = mesh.gaps().subList(0, ports).stream()
                .map(gap -> factors.solve(AtEnds.of(gap, mesh.segments().size())))
                .toList();
        Complex[][] admittances = admittances(perVolt);
        PortCircuit circuit = PortCircuit.of(model, places, admittances, omega);
        AtEnds current = AtEnds.none(mesh.segments().size());
        for (int s = 0; s < ports; s++) {
            current.add(perVolt.get(s), circuit.volts()[s]);
        }
        FieldSolution solution = solution(frequency, circuit, current, loads, skin);
        return new Solved(solution, factors, perVolt, admittances, circuit, loads);
    }

    Mesh mesh() {
        return mesh;
    }

    private Factors factors(double frequency, Complex[] skin, List<Complex> loads) {
        return new Factors(
                symmetry,
                odd -> bases.computeIfAbsent(odd, o -> new Basis(mesh, symmetry, o)),
                basis -> factored(basis, frequency, skin, loads));
    }

    private DenseSolver.Factored factored(Basis basis, double frequency, Complex[] skin, List<Complex> loads) {
        int[] part = symmetry.part();
        Complex[] ofPart = new Complex[part.length];
        for (int a = 0; a < part.length; a++) {
            ofPart[a] = skin[part[a]];
        }
        ComplexMatrix z = interactions.matrix(basis, frequency, ofPart, keepGoing);
        for (int l = 0; l < loads.size(); l++) {
            addLoad(z, basis, loadGaps().get(l), loads.get(l));
        }
        if (z.size >= DenseSolver.WORTH_IT && DenseSolver.found().isPresent()) {
            int threads = everyProcessor ? Runtime.getRuntime().availableProcessors() : 1;
            return DenseSolver.found().get().factor(z.re, z.im, threads);
        }
        z.factor(keepGoing, everyProcessor);
        return z;
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
            double frequency, PortCircuit circuit, AtEnds current, List<Complex> loads, Complex[] skin) {
        double lost = circuit.lostInNetworks();
        int ports = places.ports().size();
        for (int l = 0; l < loads.size(); l++) {
            double amps = current.through(mesh.gaps().get(ports + l)).norm();
            lost += 0.5 * loads.get(l).getReal() * amps * amps;
        }
        List<FieldSolution.Piece> pieces = pieces(current);
        for (int p = 0; p < pieces.size(); p++) {
            lost += heat(pieces.get(p), skin[p].getReal());
        }
        lost += interactions.lostInCoatings(frequency, pieces, symmetry);
        return new FieldSolution(
                model,
                frequency,
                mesh.functions().size(),
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

    private List<FieldSolution.Piece> pieces(AtEnds current) {
        List<FieldSolution.Piece> pieces = new ArrayList<>();
        for (int s = 0; s < mesh.segments().size(); s++) {
            Segment segment = mesh.segments().get(s);
            pieces.add(new FieldSolution.Piece(
                    segment.wire(),
                    segment.start(),
                    segment.end(),
                    new Complex(current.re()[2 * s], current.im()[2 * s]),
                    new Complex(current.re()[2 * s + 1], current.im()[2 * s + 1])));
        }
        return List.copyOf(pieces);
    }

    private Complex[][] admittances(List<AtEnds> perVolt) {
        Complex[][] y = new Complex[perVolt.size()][perVolt.size()];
        for (int i = 0; i < y.length; i++) {
            for (int j = 0; j < y.length; j++) {
                y[i][j] = perVolt.get(j).through(mesh.gaps().get(i));
            }
        }
        return y;
    }

    private void addLoad(ComplexMatrix z, Basis basis, Gap gap, Complex load) {
        double[] weights = basis.tested(AtEnds.of(gap, mesh.segments().size()).re());
        double all = symmetry.images();
        for (int i = 0; i < weights.length; i++) {
            for (int j = 0; weights[i] != 0 && j < weights.length; j++) {
                double both = all * weights[i] * weights[j];
                z.add(i, j, both * load.getReal(), both * load.getImaginary());
            }
        }
    }

    /** What a metre of each segment's own metal adds, ohms; zero for a perfect conductor. */
    static Complex[] skin(WireModel model, List<Segment> segments, double omega) {
        Complex[] ohms = new Complex[segments.size()];
        for (int s = 0; s < ohms.length; s++) {
            Segment segment = segments.get(s);
            ohms[s] = model.conductivityOf(segment.wire())
                    .map(sigma -> SkinEffect.perMetre(omega, sigma, segment.radius()))
                    .orElse(Complex.ZERO);
        }
        return ohms;
    }

    /** Where sources, networks and loads are, in the order of a mesh's gaps. */
    static List<Port> ports(WireModel model) {
        return Stream.concat(
                        Places.of(model).ports().stream(),
                        model.loads().stream().map(Load::port))
                .toList();
    }
}
