package veldline.field.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Mesh.Arm;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Coating;
import veldline.field.wire.Ground;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * Fills the impedance matrix of a mesh. What does not depend on frequency is computed once, so that a sweep pays for it
 * once.
 *
 * <p>For two segments with ramps Ni and Nj the matrix element is {@code jωμ(p·q)∬NiNjG + (1/jωε)Ni'Nj'∬G}, with {@code G
 * = exp(−jkR)/4πR} (mixed potentials; Harrington §4.4). Close pairs take 1/R from {@link StaticMoments} and only the
 * smooth rest by quadrature.
 */
final class Interactions {
    private static final double MU0 = 4e-7 * Math.PI;
    private static final double C = 299_792_458.0;
    /** On one line, closer than so many radii, the tube's thickness is felt in full. */
    private static final double RADII_NEAR = 10;

    private static final int[] NO_LINES = {};
    private static final int SEVERAL = -1;
    /** Up to so many unknowns two processors fill a matrix each; above, the memory is worth more. */
    private static final int MOST_TWICE = 1500;

    private final Mesh mesh;
    private final int count;
    private final Segment[] segments;
    private final double[] length;
    private final Vec[] direction;
    /** For each end of each segment (2·segment + end) the functions that are one there, and their signs. */
    private final int[][] functionAt;

    private final double[][] signAt;
    /** The function of each end that has just one, as most have, or {@link #SEVERAL}. */
    private final int[] onlyFunction;

    private final double[] onlySign;
    private final Ground earth;
    private final boolean everyProcessor;
    private final List<Wire> wires;
    private final Map<Pair, Double> coatings;
    private final Segment[] images;
    private final Vec[] imageDirection;
    /** Segments on one straight line share a number. */
    private final int[] line;

    private final double[][][] nearStatics;
    private final double[][][] imageStatics;
    private final double[][] twoPoints;
    private final double[][] imageTwoPoints;

    Interactions(Mesh mesh, WireModel model, BooleanSupplier keepGoing, boolean everyProcessor) {
        this.everyProcessor = everyProcessor;
        this.mesh = mesh;
        this.count = mesh.segments().size();
        this.earth = model.ground();
        this.wires = model.wires();
        boolean ground = earth.reflects();
        this.segments = mesh.segments().toArray(Segment[]::new);
        this.length = new double[count];
        this.direction = new Vec[count];
        this.images = new Segment[ground ? count : 0];
        this.imageDirection = new Vec[ground ? count : 0];
        for (int s = 0; s < count; s++) {
            length[s] = segments[s].length();
            direction[s] = segments[s].direction();
            if (ground) {
                Segment g = segments[s];
                images[s] = new Segment(g.wire(), g.start().mirrored(), g.end().mirrored(), g.radius());
                imageDirection[s] = images[s].direction();
            }
        }
        List<List<Arm>> arms = new ArrayList<>();
        List<List<Integer>> owners = new ArrayList<>();
        for (int e = 0; e < 2 * count; e++) {
            arms.add(new ArrayList<>());
            owners.add(new ArrayList<>());
        }
        for (int n = 0; n < mesh.functions().size(); n++) {
            for (Arm arm : mesh.functions().get(n)) {
                arms.get(2 * arm.segment() + arm.end()).add(arm);
                owners.get(2 * arm.segment() + arm.end()).add(n);
            }
        }
        this.functionAt =
                owners.stream().map(l -> l.stream().mapToInt(i -> i).toArray()).toArray(int[][]::new);
        this.signAt = arms.stream()
                .map(l -> l.stream().mapToDouble(Arm::sign).toArray())
                .toArray(double[][]::new);
        this.onlyFunction = Arrays.stream(functionAt)
                .mapToInt(f -> f.length == 1 ? f[0] : SEVERAL)
                .toArray();
        this.onlySign =
                Arrays.stream(signAt).mapToDouble(f -> f.length == 1 ? f[0] : 0).toArray();
        this.line = lines(segments);
        this.twoPoints = PairRow.gaussPoints(segments);
        this.imageTwoPoints = PairRow.gaussPoints(images);
        this.nearStatics = statics(segments, keepGoing);
        this.coatings = coatings();
        this.imageStatics = ground ? statics(images, keepGoing) : new double[0][][];
    }

    private static int[] lines(Segment[] of) {
        int[] line = new int[of.length];
        for (int s = 0; s < of.length; s++) {
            line[s] = s > 0 && of[s].wire() == of[s - 1].wire() && StaticMoments.onOneLine(of[s], of[s - 1])
                    ? line[s - 1]
                    : s;
        }
        return line;
    }

    private boolean onOneLine(int p, int q, Segment[] others) {
        return others == segments && line[p] == line[q];
    }

    /** Static moments of the pairs that lie close; an empty row element means the pair is far. */
    private double[][][] statics(Segment[] others, BooleanSupplier keepGoing) {
        double[][][] near = new double[count][][];
        IntStream rows = IntStream.range(0, count);
        (everyProcessor ? rows.parallel() : rows).forEach(p -> {
            if (!keepGoing.getAsBoolean()) {
                throw new SolveFailure("Called off before it was done; ask again to start anew");
            }
            near[p] = staticRow(p, others);
        });
        return near;
    }

    private double[][] staticRow(int p, Segment[] others) {
        double[][] row = new double[count - p][];
        Vec middle = segments[p].start().towards(segments[p].end(), 0.5);
        for (int q = p; q < count; q++) {
            Vec other = others[q].start().towards(others[q].end(), 0.5);
            double apart = middle.minus(other).length() - (length[p] + length[q]) / 2;
            double thick = onOneLine(p, q, others) ? RADII_NEAR * segments[p].radius() : 0;
            if (apart < Math.max(2 * Math.max(length[p], length[q]), thick)) {
                row[q - p] = StaticMoments.of(segments[p], others[q]);
            }
        }
        return row;
    }

    /** The impedance matrix at a frequency, with what a metre of each segment adds of its own, ohms. */
    ComplexMatrix matrix(double frequency, Complex[] skin, BooleanSupplier keepGoing) {
        double b = C * MU0 * C / (8 * Math.PI * Math.PI * frequency);
        int size = mesh.functions().size();
        ComplexMatrix z = new ComplexMatrix(size);
        // The first rows are the longest: with three in ten of them half of the work is done.
        int share = (int) (0.293 * count);
        if (everyProcessor && size <= MOST_TWICE) {
            ComplexMatrix other = new ComplexMatrix(size);
            ForkJoinTask<?> half =
                    ForkJoinPool.commonPool().submit(() -> rows(other, 0, share, frequency, skin, keepGoing));
            rows(z, share, count, frequency, skin, keepGoing);
            half.join();
            z.add(other);
        } else {
            rows(z, 0, count, frequency, skin, keepGoing);
        }
        coatings.forEach((pair, fall) -> addCoat(z, pair, fall, b));
        z.addTranspose();
        return z;
    }

    /** What segments from one number up to another do to those after them. */
    private void rows(ComplexMatrix z, int from, int to, double frequency, Complex[] skin, BooleanSupplier keepGoing) {
        double omega = 2 * Math.PI * frequency;
        double k = omega / C;
        double a = omega * MU0 / (4 * Math.PI);
        double b = C * C * MU0 / (4 * Math.PI * omega);
        PairRow moments = new PairRow(segments, length, twoPoints);
        Weights own = new OwnWeights(a, b);
        // An image's current runs in the mirrored direction with opposite sign, its charge is opposite.
        Weights mirrored = earth.kind() == Ground.Kind.REAL
                ? new EarthWeights(a, b, earth, earth.complexPermittivity(omega))
                : new OwnWeights(-a, -b);
        for (int p = from; p < to; p++) {
            if (!keepGoing.getAsBoolean()) {
                throw new SolveFailure("Called off before it was done; ask again to start anew");
            }
            row(z, p, false, k, moments, own);
            if (earth.reflects()) {
                row(z, p, true, k, moments, mirrored);
            }
            if (skin[p].getReal() > 0) {
                addLoss(z, p, skin[p]);
            }
        }
    }

    /** Takes from the charges' potential what falls off within a coating; a pair of its own counts by half. */
    private void addCoat(ComplexMatrix z, Pair pair, double fall, double b) {
        double share = (pair.p == pair.q ? 0.5 : 1) * b * fall / (length[pair.p] * length[pair.q]);
        Complex part = coating(pair.p).orElseThrow().share().multiply(new Complex(0, share));
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                double sign = i == j ? 1 : -1;
                place(z, 2 * pair.p + i, 2 * pair.q + j, sign * part.getReal(), sign * part.getImaginary());
            }
        }
    }

    private Optional<Coating> coating(int segment) {
        return wires.get(segments[segment].wire()).coating();
    }

    /** Pairs of segments close together in one coating, and what falls off within it between them. */
    private Map<Pair, Double> coatings() {
        Map<Pair, Double> pairs = new LinkedHashMap<>();
        for (int p = 0; p < count; p++) {
            Optional<Coating> coat = coating(p);
            for (int q = p; coat.isPresent() && q < count; q++) {
                if (nearStatics[p][q - p] != null && coating(q).equals(coat)) {
                    pairs.put(
                            new Pair(p, q),
                            StaticMoments.fallThrough(
                                    segments[p], segments[q], coat.get().thickness()));
                }
            }
        }
        return pairs;
    }

    /** Heat in insulation, watts, by the currents that were found. */
    double lostInCoatings(double frequency, List<FieldSolution.Piece> pieces) {
        double b = C * C * MU0 / (8 * Math.PI * Math.PI * frequency);
        double lost = 0;
        for (Map.Entry<Pair, Double> each : coatings.entrySet()) {
            Pair pair = each.getKey();
            Complex one = rise(pieces.get(pair.p));
            Complex other = rise(pieces.get(pair.q));
            // j·share, real part: what is in step with the current.
            double ohms = -coating(pair.p).orElseThrow().share().getImaginary()
                    * b
                    * each.getValue()
                    / (length[pair.p] * length[pair.q]);
            double both = one.multiply(other.conjugate()).getReal();
            lost += 0.5 * ohms * (pair.p == pair.q ? both : 2 * both);
        }
        return lost;
    }

    private static Complex rise(FieldSolution.Piece piece) {
        return piece.atEnd().subtract(piece.atStart());
    }

    private void addLoss(ComplexMatrix z, int p, Complex ohmsPerMetre) {
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                double mass = length[p] * (i == j ? 1 / 3.0 : 1 / 6.0);
                place(
                        z,
                        2 * p + i,
                        2 * p + j,
                        ohmsPerMetre.getReal() * mass / 2,
                        ohmsPerMetre.getImaginary() * mass / 2);
            }
        }
    }

    /**
     * Adds one value to every pair of functions that meet at two segment ends, on one side of the diagonal only; what a
     * segment does to itself is given by half. Columns are walked along, which is what the cache likes.
     */
    private void place(ComplexMatrix z, int end, int other, double re, double im) {
        int row = onlyFunction[end];
        int column = onlyFunction[other];
        if (row >= 0 && column >= 0) {
            double sign = onlySign[end] * onlySign[other];
            z.re[row][column] += sign * re;
            z.im[row][column] += sign * im;
            return;
        }
        placeAll(z, end, other, re, im);
    }

    private void placeAll(ComplexMatrix z, int end, int other, double re, double im) {
        int[] rows = functionAt[end];
        int[] columns = functionAt[other];
        for (int m = 0; m < rows.length; m++) {
            for (int n = 0; n < columns.length; n++) {
                double sign = signAt[end][m] * signAt[other][n];
                z.add(columns[n], rows[m], sign * re, sign * im);
            }
        }
    }

    /** Two segments by their numbers, the second not before the first. */
    private record Pair(int p, int q) {}

    /** Adds what segment p and every one from p on, or their images, do to each other. */
    private void row(ComplexMatrix z, int p, boolean mirrored, double k, PairRow moments, Weights weights) {
        Segment[] others = mirrored ? images : segments;
        Vec[] along = mirrored ? imageDirection : direction;
        moments.of(
                p,
                mirrored ? imageTwoPoints : twoPoints,
                mirrored ? imageStatics[p] : nearStatics[p],
                mirrored ? NO_LINES : line,
                k);
        for (int q = p; q < count; q++) {
            weights.of(segments[p], direction[p], others[q], along[q]);
            scatter(z, p, q, moments, weights);
        }
    }

    private void scatter(ComplexMatrix z, int p, int q, PairRow moments, Weights w) {
        double share = p == q ? 0.5 : 1;
        double inverse = 1 / (length[p] * length[q]);
        int m = q - p;
        double[][] re = moments.re;
        double[][] im = moments.im;
        double sumRe = (re[0][m] + re[1][m] + re[2][m] + re[3][m]) * inverse;
        double sumIm = (im[0][m] + im[1][m] + im[2][m] + im[3][m]) * inverse;
        double chargeRe = w.scalar * sumRe - w.scalarIm * sumIm;
        double chargeIm = w.scalar * sumIm + w.scalarIm * sumRe;
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                // j·vector·A − j·scalar·S·(slopes' sign)
                double slope = i == j ? 1 : -1;
                double real = re[2 * i + j][m];
                double imaginary = im[2 * i + j][m];
                double alongRe = w.vector * real - w.vectorIm * imaginary;
                double alongIm = w.vector * imaginary + w.vectorIm * real;
                place(
                        z,
                        2 * p + i,
                        2 * q + j,
                        share * (slope * chargeIm - alongIm),
                        share * (alongRe - slope * chargeRe));
            }
        }
    }
}
