package veldline.field.solve;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Mesh.Arm;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Coating;
import veldline.field.wire.Ground;
import veldline.field.wire.Phasors;
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

    private final Mesh mesh;
    private final int count;
    private final Segment[] segments;
    private final double[] length;
    private final Vec[] direction;
    /** For each end of each segment (2·segment + end) the functions that are one there, and their signs. */
    private final int[][] functionAt;

    private final double[][] signAt;
    private final Ground earth;
    private final List<Wire> wires;
    private final Map<Pair, Double> coatings;
    private final Segment[] images;
    private final Vec[] imageDirection;
    /** Segments on one straight line share a number. */
    private final int[] line;

    private final double[][][] nearStatics;
    private final double[][][] imageStatics;
    private final double[] twoPoints;
    private final double[] imageTwoPoints;

    Interactions(Mesh mesh, WireModel model, BooleanSupplier keepGoing) {
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
        this.line = lines(segments);
        this.twoPoints = gaussPoints(segments);
        this.imageTwoPoints = gaussPoints(images);
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

    private static double[] gaussPoints(Segment[] of) {
        double[] points = new double[of.length * 6];
        for (int s = 0; s < of.length; s++) {
            for (int g = 0; g < 2; g++) {
                Vec at = of[s].start().towards(of[s].end(), Quadrature.TWO.x()[g]);
                points[6 * s + 3 * g] = at.x();
                points[6 * s + 3 * g + 1] = at.y();
                points[6 * s + 3 * g + 2] = at.z();
            }
        }
        return points;
    }

    /** Static moments of the pairs that lie close; an empty row element means the pair is far. */
    private double[][][] statics(Segment[] others, BooleanSupplier keepGoing) {
        double[][][] near = new double[count][][];
        for (int p = 0; p < count; p++) {
            if (!keepGoing.getAsBoolean()) {
                throw new SolveFailure("Called off before it was done; ask again to start anew");
            }
            near[p] = new double[count - p][];
            Vec middle = segments[p].start().towards(segments[p].end(), 0.5);
            for (int q = p; q < count; q++) {
                Vec other = others[q].start().towards(others[q].end(), 0.5);
                double apart = middle.minus(other).length() - (length[p] + length[q]) / 2;
                double thick = onOneLine(p, q, others) ? RADII_NEAR * segments[p].radius() : 0;
                if (apart < Math.max(2 * Math.max(length[p], length[q]), thick)) {
                    near[p][q - p] = StaticMoments.of(segments[p], others[q]);
                }
            }
        }
        return near;
    }

    /** The impedance matrix at a frequency, with what a metre of each segment adds of its own, ohms. */
    ComplexMatrix matrix(double frequency, Complex[] skin, BooleanSupplier keepGoing) {
        double omega = 2 * Math.PI * frequency;
        double k = omega / C;
        double a = omega * MU0 / (4 * Math.PI);
        double b = C * C * MU0 / (4 * Math.PI * omega);
        ComplexMatrix z = new ComplexMatrix(mesh.functions().size());
        FarRow far = new FarRow(4 * count);
        for (int p = 0; p < count; p++) {
            if (!keepGoing.getAsBoolean()) {
                throw new SolveFailure("Called off before it was done; ask again to start anew");
            }
            row(z, p, false, k, far, new OwnWeights(a, b));
            if (earth.kind() == Ground.Kind.PERFECT) {
                // The image's current runs in the mirrored direction with opposite sign, its charge is opposite.
                row(z, p, true, k, far, new OwnWeights(-a, -b));
            } else if (earth.reflects()) {
                row(z, p, true, k, far, new EarthWeights(a, b, earth, earth.complexPermittivity(omega)));
            }
            if (skin[p].getReal() > 0) {
                addLoss(z, p, skin[p]);
            }
        }
        coatings.forEach((pair, fall) -> addCoat(z, pair, fall, b));
        z.addTranspose();
        return z;
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

    /** Distances and phasors of one row of pairs, four to a pair. */
    private static final class FarRow {
        final double[] distance;
        final double[] phase;
        final double[] cosine;
        final double[] sine;
        final double[] moments = new double[8];

        FarRow(int most) {
            distance = new double[most];
            phase = new double[most];
            cosine = new double[most];
            sine = new double[most];
        }
    }

    /**
     * Adds what segment p and every one from p on, or their images, do to each other. The imaginary part of the kernel is
     * taken between axes everywhere: it alone carries power, and only so does the power fed in equal the power radiated
     * by currents on the axes, which a closely coupled antenna feels in its gain.
     */
    private void row(ComplexMatrix z, int p, boolean mirrored, double k, FarRow far, Weights weights) {
        Segment[] others = mirrored ? images : segments;
        Vec[] along = mirrored ? imageDirection : direction;
        double[][] statics = mirrored ? imageStatics[p] : nearStatics[p];
        int points = 4 * (count - p);
        distances(p, mirrored ? imageTwoPoints : twoPoints, far.distance);
        for (int i = 0; i < points; i++) {
            far.phase[i] = k * far.distance[i];
        }
        Phasors.of(far.phase, far.cosine, far.sine, points);
        double[] g = far.moments;
        for (int q = p; q < count; q++) {
            double[] near = statics[q - p];
            if (near != null) {
                nearMoments(p, q, near, k, far, g);
            } else {
                farMoments(p, q, onOneLine(p, q, others), k, far, g);
            }
            weights.of(segments[p], direction[p], others[q], along[q]);
            scatter(z, p, q, g, weights);
        }
    }

    /** From the two points of segment p to the two of every one from p on. */
    private void distances(int p, double[] others, double[] into) {
        for (int i = 0; i < 2; i++) {
            double x = twoPoints[6 * p + 3 * i];
            double y = twoPoints[6 * p + 3 * i + 1];
            double zed = twoPoints[6 * p + 3 * i + 2];
            for (int n = 2 * p; n < 2 * count; n++) {
                double dx = x - others[3 * n];
                double dy = y - others[3 * n + 1];
                double dz = zed - others[3 * n + 2];
                into[4 * (n / 2 - p) + 2 * i + n % 2] = Math.sqrt(dx * dx + dy * dy + dz * dz);
            }
        }
    }

    /** The four moments of exp(−jkR)/R, real parts in g[0..3], imaginary in g[4..7]. */
    private void farMoments(int p, int q, boolean oneLine, double k, FarRow far, double[] g) {
        java.util.Arrays.fill(g, 0);
        double scale = 0.25 * length[p] * length[q];
        int from = 4 * (q - p);
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                double r = far.distance[from + 2 * i + j];
                double re = far.cosine[from + 2 * i + j] / r;
                if (oneLine) {
                    double thick = Math.sqrt(r * r + 2 * segments[p].radius() * segments[p].radius());
                    re = Math.cos(k * thick) / thick;
                }
                double im = -far.sine[from + 2 * i + j] / r;
                spread(g, Quadrature.TWO.x()[i], Quadrature.TWO.x()[j], scale * re, scale * im);
            }
        }
    }

    /** Static moments and those of {@code (exp(−jkR) − 1)/R}, which is so smooth that two points serve. */
    private void nearMoments(int p, int q, double[] near, double k, FarRow far, double[] g) {
        System.arraycopy(near, 0, g, 0, 4);
        java.util.Arrays.fill(g, 4, 8, 0);
        double scale = 0.25 * length[p] * length[q];
        int from = 4 * (q - p);
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                double r = far.distance[from + 2 * i + j];
                double thick = Math.sqrt(r * r + near[4]);
                double half = Math.sin(k * thick / 2);
                double turning = k * r < 1e-9 ? k : far.sine[from + 2 * i + j] / r;
                spread(
                        g,
                        Quadrature.TWO.x()[i],
                        Quadrature.TWO.x()[j],
                        -2 * scale * half * half / thick,
                        -scale * turning);
            }
        }
    }

    private static void spread(double[] g, double t, double s, double re, double im) {
        double n00 = (1 - t) * (1 - s);
        double n01 = (1 - t) * s;
        double n10 = t * (1 - s);
        double n11 = t * s;
        g[0] += n00 * re;
        g[1] += n01 * re;
        g[2] += n10 * re;
        g[3] += n11 * re;
        g[4] += n00 * im;
        g[5] += n01 * im;
        g[6] += n10 * im;
        g[7] += n11 * im;
    }

    private void scatter(ComplexMatrix z, int p, int q, double[] g, Weights w) {
        double share = p == q ? 0.5 : 1;
        double inverse = 1 / (length[p] * length[q]);
        double sumRe = (g[0] + g[1] + g[2] + g[3]) * inverse;
        double sumIm = (g[4] + g[5] + g[6] + g[7]) * inverse;
        double chargeRe = w.scalar * sumRe - w.scalarIm * sumIm;
        double chargeIm = w.scalar * sumIm + w.scalarIm * sumRe;
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                // j·vector·A − j·scalar·S·(slopes' sign)
                double slope = i == j ? 1 : -1;
                double re = g[2 * i + j];
                double im = g[4 + 2 * i + j];
                double alongRe = w.vector * re - w.vectorIm * im;
                double alongIm = w.vector * im + w.vectorIm * re;
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
