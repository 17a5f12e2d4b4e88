package veldline.field.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Factors.AtEnds;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Direction;
import veldline.field.wire.WireModel;

/**
 * How fast impedances, power and far fields change with dimensions. By the adjoint method (Georgieva, Glavic, Bakr and
 * Bandler, IEEE Trans. MTT 50, 2002): what is seen at a port is {@code wᵀI} with {@code ZI = w}, so that its change is
 * {@code −IᵀdZ·I}, and of a field {@code gᵀI} it is {@code −λᵀdZ·I} with {@code Zλ = g}; both from the one factored matrix,
 * however many dimensions there are. dZ is the difference of the matrix either side, taken only where wires move, on
 * meshes cut in the same proportions.
 *
 * @param solution at the dimensions as they are
 * @param fields in each direction asked for, theta and phi of each in turn, ampere metres
 * @param slopes for each dimension
 */
public record Gradient(FieldSolution solution, List<Complex> fields, List<Slope> slopes) {
    /** Of the least radius: so far each way is looked. */
    private static final double STEP = 1e-2;
    /** Of the admittances: so far the circuit that networks make is looked at each way. */
    private static final double CIRCUIT_STEP = 1e-5;

    /**
     * Changes per metre.
     *
     * @param impedances seen by each source, ohms a metre
     * @param inputPower watts a metre
     * @param fields ampere metres a metre
     */
    public record Slope(List<Complex> impedances, double inputPower, List<Complex> fields) {}

    /**
     * @param towards the directions fields are wanted in
     * @param dimensions each the model as it is when a dimension is so many metres larger
     * @param everyProcessor whether to use them all
     */
    public static Gradient of(
            WireModel model,
            MeshRule rule,
            double frequency,
            List<Direction> towards,
            List<DoubleFunction<WireModel>> dimensions,
            BooleanSupplier keepGoing,
            boolean everyProcessor) {
        return new Work(model, rule, frequency, towards, keepGoing, everyProcessor).of(dimensions);
    }

    /** Segments that moved, so many, then the others. */
    private record Order(int[] segments, int moved) {}

    private static final class Work {
        private static final int NONE = -1;

        private final WireModel model;
        private final MeshRule rule;
        private final double frequency;
        private final List<Direction> towards;
        private final BooleanSupplier keepGoing;
        private final boolean everyProcessor;
        private final Mesh mesh;
        private final FieldSolver.Solved solved;
        private final int[] line;
        private final double step;
        private final int ports;
        /** Currents for one volt at each place, then those that the fields' own weights would drive. */
        private final List<AtEnds> left = new ArrayList<>();
        /** Which of those a field is; {@link #NONE} for one that wires lying as they do cannot have. */
        private final List<Integer> fieldAt = new ArrayList<>();

        Work(
                WireModel model,
                MeshRule rule,
                double frequency,
                List<Direction> towards,
                BooleanSupplier keepGoing,
                boolean everyProcessor) {
            this.model = model;
            this.rule = rule;
            this.frequency = frequency;
            this.towards = towards;
            this.keepGoing = keepGoing;
            this.everyProcessor = everyProcessor;
            FieldSolver solver = new FieldSolver(model, rule, keepGoing, everyProcessor, true);
            this.mesh = solver.mesh();
            this.solved = solver.solved(frequency);
            this.line = Symmetry.lines(mesh.segments());
            this.step = STEP
                    * model.wires().stream().mapToDouble(w -> w.radius()).min().orElseThrow();
            this.ports = solved.perVolt().size();
            left.addAll(solved.perVolt());
            for (AtEnds g : weights(mesh.segments())) {
                AtEnds driven = solved.factors().solve(g);
                fieldAt.add(nothing(driven) ? NONE : left.size());
                if (!nothing(driven)) {
                    left.add(driven);
                }
            }
        }

        private static boolean nothing(AtEnds ends) {
            return Arrays.stream(ends.re()).allMatch(v -> v == 0)
                    && Arrays.stream(ends.im()).allMatch(v -> v == 0);
        }

        /** Of the fields wanted, on a mesh. */
        private List<AtEnds> weights(List<Segment> segments) {
            return towards.stream()
                    .flatMap(d -> Stream.of(
                            FarWeights.of(segments, model.ground(), frequency, d, true),
                            FarWeights.of(segments, model.ground(), frequency, d, false)))
                    .toList();
        }

        Gradient of(List<DoubleFunction<WireModel>> dimensions) {
            List<Complex> fields = weights(mesh.segments()).stream()
                    .map(g -> sum(g, solved.circuit().volts()))
                    .toList();
            IntStream each = IntStream.range(0, dimensions.size());
            List<Slope> slopes = (everyProcessor ? each.parallel() : each)
                    .mapToObj(d -> slope(dimensions.get(d)))
                    .toList();
            return new Gradient(solved.solution(), fields, slopes);
        }

        private Complex sum(AtEnds weights, Complex[] volts) {
            Complex sum = Complex.ZERO;
            for (int s = 0; s < ports; s++) {
                sum = sum.add(dot(weights, solved.perVolt().get(s)).multiply(volts[s]));
            }
            return sum;
        }

        private Slope slope(DoubleFunction<WireModel> dimension) {
            Moved more = moved(dimension.apply(step));
            Moved less = moved(dimension.apply(-step));
            Order order = order(more.mesh, less.mesh);
            more.sum(order);
            less.sum(order);
            Complex[][] y = new Complex[ports][ports];
            for (int i = 0; i < ports; i++) {
                for (int j = 0; j < ports; j++) {
                    y[i][j] = more.seen(i, j).subtract(less.seen(i, j)).divide(2 * step);
                }
            }
            PortCircuit up = circuit(y, 1);
            PortCircuit down = circuit(y, -1);
            double t = 2 * circuitStep(y);
            List<Complex> fields = new ArrayList<>();
            for (int f = 0; f < fieldAt.size(); f++) {
                Complex sum = Complex.ZERO;
                for (int s = 0; s < ports; s++) {
                    Complex volts = up.volts()[s].subtract(down.volts()[s]).divide(t);
                    Complex change =
                            more.radiated(f, s).subtract(less.radiated(f, s)).divide(2 * step);
                    sum = sum.add(change.multiply(solved.circuit().volts()[s])).add(volts.multiply(more.before(f, s)));
                }
                fields.add(sum);
            }
            return new Slope(
                    IntStream.range(0, up.impedances().size())
                            .mapToObj(i -> up.impedances()
                                    .get(i)
                                    .subtract(down.impedances().get(i))
                                    .divide(t))
                            .toList(),
                    (up.inputPower() - down.inputPower()) / t,
                    List.copyOf(fields));
        }

        /** Metres by which admittances change by a small part of themselves. */
        private double circuitStep(Complex[][] change) {
            double most = 0;
            double all = 0;
            for (int i = 0; i < ports; i++) {
                for (int j = 0; j < ports; j++) {
                    most = Math.max(most, change[i][j].norm());
                    all = Math.max(all, solved.admittances()[i][j].norm());
                }
            }
            return most > 0 ? CIRCUIT_STEP * all / most : 1;
        }

        private PortCircuit circuit(Complex[][] change, double side) {
            double t = side * circuitStep(change);
            Complex[][] y = new Complex[ports][ports];
            for (int i = 0; i < ports; i++) {
                for (int j = 0; j < ports; j++) {
                    y[i][j] = solved.admittances()[i][j].add(change[i][j].multiply(t));
                }
            }
            return PortCircuit.of(model, Places.of(model), y, 2 * Math.PI * frequency);
        }

        private Moved moved(WireModel to) {
            return new Moved(to, Mesher.like(mesh, to, rule, FieldSolver.ports(to)));
        }

        private Order order(Mesh more, Mesh less) {
            boolean[] moves = new boolean[mesh.segments().size()];
            for (int s = 0; s < moves.length; s++) {
                Segment at = mesh.segments().get(s);
                moves[s] = !at.equals(more.segments().get(s))
                        || !at.equals(less.segments().get(s));
            }
            int[] all = IntStream.concat(
                            IntStream.range(0, moves.length).filter(s -> moves[s]),
                            IntStream.range(0, moves.length).filter(s -> !moves[s]))
                    .toArray();
            return new Order(all, (int)
                    IntStream.range(0, moves.length).filter(s -> moves[s]).count());
        }

        /** The model with one dimension changed. */
        private final class Moved {
            private final WireModel to;
            private final Mesh mesh;
            private final List<AtEnds> gaps;
            private final List<AtEnds> weights;
            private Forms forms;

            Moved(WireModel to, Mesh moved) {
                this.to = to;
                this.mesh = moved;
                this.gaps = moved.gaps().stream()
                        .map(g -> AtEnds.of(g, moved.segments().size()))
                        .toList();
                this.weights = weights(moved.segments());
                this.forms = new Forms(List.of(), List.of(), new int[0]);
            }

            void sum(Order by) {
                int[] order = by.segments;
                forms = new Forms(left, solved.perVolt(), order);
                Complex[] skin = FieldSolver.skin(to, mesh.segments(), 2 * Math.PI * frequency);
                Complex[] inOrder = IntStream.of(order).mapToObj(s -> skin[s]).toArray(Complex[]::new);
                new Interactions(
                                to,
                                List.of(facing(mesh, order)),
                                List.of(facing(Work.this.mesh, order)),
                                by.moved,
                                keepGoing,
                                false)
                        .each(frequency, inOrder, keepGoing, forms);
            }

            private Facing facing(Mesh of, int[] order) {
                return new Facing(
                        IntStream.of(order).mapToObj(of.segments()::get).toArray(Segment[]::new),
                        IntStream.of(order).map(s -> line[s]).toArray(),
                        0,
                        false);
            }

            /** What differs in the current at a place for a volt at another. */
            Complex seen(int i, int j) {
                return dot(gaps.get(i), solved.perVolt().get(j))
                        .add(dot(gaps.get(j), solved.perVolt().get(i)))
                        .subtract(opposed(i, j));
            }

            /** What differs in a field for a volt at a place. */
            Complex radiated(int field, int s) {
                Complex seen = dot(weights.get(field), solved.perVolt().get(s));
                int at = fieldAt.get(field);
                return at == NONE
                        ? seen
                        : seen.add(dot(gaps.get(s), left.get(at))).subtract(opposed(at, s));
            }

            /** A field for a volt at a place before anything moved. */
            Complex before(int field, int s) {
                int at = fieldAt.get(field);
                return at == NONE ? Complex.ZERO : dot(left.get(at), driving(s));
            }

            private AtEnds driving(int s) {
                return AtEnds.of(
                        Work.this.mesh.gaps().get(s), Work.this.mesh.segments().size());
            }

            /** By wires and by loads. */
            private Complex opposed(int a, int s) {
                Complex sum = forms.of(a, s);
                for (int l = 0; l < solved.loads().size(); l++) {
                    AtEnds gap = gaps.get(ports + l);
                    sum = sum.add(solved.loads()
                            .get(l)
                            .multiply(dot(gap, left.get(a)))
                            .multiply(dot(gap, solved.perVolt().get(s))));
                }
                return sum;
            }
        }
    }

    private static Complex dot(AtEnds a, AtEnds b) {
        double re = 0;
        double im = 0;
        for (int e = 0; e < a.re().length; e++) {
            re += a.re()[e] * b.re()[e] - a.im()[e] * b.im()[e];
            im += a.re()[e] * b.im()[e] + a.im()[e] * b.re()[e];
        }
        return new Complex(re, im);
    }
}
