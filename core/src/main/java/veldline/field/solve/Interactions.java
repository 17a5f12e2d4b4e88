package veldline.field.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import veldline.field.solve.Mesh.Arm;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Vec;

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
    private final List<List<List<int[]>>> scatter = new ArrayList<>();
    private final boolean ground;
    private final Segment[] images;
    /** Segments on one straight line share a number. */
    private final int[] line;

    private final double[][][] nearStatics;
    private final double[][][] imageStatics;
    private final double[] twoPoints;
    private final double[] imageTwoPoints;

    Interactions(Mesh mesh, boolean perfectGround, BooleanSupplier keepGoing) {
        this.mesh = mesh;
        this.count = mesh.segments().size();
        this.ground = perfectGround;
        this.segments = mesh.segments().toArray(Segment[]::new);
        this.length = new double[count];
        this.direction = new Vec[count];
        this.images = new Segment[perfectGround ? count : 0];
        for (int s = 0; s < count; s++) {
            length[s] = segments[s].length();
            direction[s] = segments[s].direction();
            scatter.add(List.of(new ArrayList<>(), new ArrayList<>()));
            if (perfectGround) {
                Segment g = segments[s];
                images[s] = new Segment(g.wire(), g.start().mirrored(), g.end().mirrored(), g.radius());
            }
        }
        for (int n = 0; n < mesh.functions().size(); n++) {
            for (Arm arm : mesh.functions().get(n)) {
                scatter.get(arm.segment()).get(arm.end()).add(new int[] {n, (int) arm.sign()});
            }
        }
        this.line = lines(segments);
        this.twoPoints = gaussPoints(segments);
        this.imageTwoPoints = gaussPoints(images);
        this.nearStatics = statics(segments, keepGoing);
        this.imageStatics = perfectGround ? statics(images, keepGoing) : new double[0][][];
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

    /** The impedance matrix at a frequency, conductor loss included. */
    ComplexMatrix matrix(double frequency, double[] surfaceResistance, BooleanSupplier keepGoing) {
        double omega = 2 * Math.PI * frequency;
        double k = omega / C;
        double a = omega * MU0 / (4 * Math.PI);
        double b = C * C * MU0 / (4 * Math.PI * omega);
        ComplexMatrix z = new ComplexMatrix(mesh.functions().size());
        double[] g = new double[8];
        for (int p = 0; p < count; p++) {
            if (!keepGoing.getAsBoolean()) {
                throw new SolveFailure("Called off before it was done; ask again to start anew");
            }
            for (int q = p; q < count; q++) {
                moments(p, q, segments, nearStatics, twoPoints, k, g);
                scatter(z, p, q, g, a * direction[p].dot(direction[q]), b);
                if (ground) {
                    moments(p, q, images, imageStatics, imageTwoPoints, k, g);
                    // The image's current runs in the mirrored direction with opposite sign, its charge is opposite.
                    scatter(z, p, q, g, -a * direction[p].dot(images[q].direction()), -b);
                }
            }
            if (surfaceResistance[p] > 0) {
                addLoss(z, p, surfaceResistance[p] / (2 * Math.PI * segments[p].radius()));
            }
        }
        return z;
    }

    /** Skin effect in a conductor much thicker than its skin: equal resistance and reactance. */
    private void addLoss(ComplexMatrix z, int p, double ohmsPerMetre) {
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                double mass = ohmsPerMetre * length[p] * (i == j ? 1 / 3.0 : 1 / 6.0);
                for (int[] m : scatter.get(p).get(i)) {
                    for (int[] n : scatter.get(p).get(j)) {
                        z.add(m[0], n[0], m[1] * n[1] * mass, m[1] * n[1] * mass);
                    }
                }
            }
        }
    }

    /**
     * The four moments of exp(−jkR)/R, real parts in g[0..3], imaginary in g[4..7]. The imaginary part is taken between
     * axes everywhere: it alone carries power, and only so does the power fed in equal the power radiated by currents
     * on the axes, which a closely coupled antenna feels in its gain.
     */
    private void moments(
            int p, int q, Segment[] others, double[][][] statics, double[] otherPoints, double k, double[] g) {
        double[] near = statics[p][q - p];
        if (near != null) {
            smoothRest(segments[p], others[q], k, g);
            for (int i = 0; i < 4; i++) {
                g[i] += near[i];
            }
            return;
        }
        java.util.Arrays.fill(g, 0);
        double scale = 0.25 * length[p] * length[q];
        double extra = onOneLine(p, q, others) ? 2 * segments[p].radius() * segments[p].radius() : 0;
        for (int i = 0; i < 2; i++) {
            double x = twoPoints[6 * p + 3 * i];
            double y = twoPoints[6 * p + 3 * i + 1];
            double zed = twoPoints[6 * p + 3 * i + 2];
            for (int j = 0; j < 2; j++) {
                double dx = x - otherPoints[6 * q + 3 * j];
                double dy = y - otherPoints[6 * q + 3 * j + 1];
                double dz = zed - otherPoints[6 * q + 3 * j + 2];
                double square = dx * dx + dy * dy + dz * dz;
                double r = Math.sqrt(square);
                double thick = extra > 0 ? Math.sqrt(square + extra) : r;
                double re = scale * Math.cos(k * thick) / thick;
                double im = -scale * Math.sin(k * r) / r;
                spread(g, Quadrature.TWO.x()[i], Quadrature.TWO.x()[j], re, im);
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

    /** Moments of {@code (exp(−jkR) − 1)/R}, which has no singularity. */
    private void smoothRest(Segment p, Segment q, double k, double[] g) {
        java.util.Arrays.fill(g, 0);
        double extra = StaticMoments.onOneLine(p, q)
                ? p.radius() * p.radius() + q.radius() * q.radius()
                : StaticMoments.radiusSquared(p, q);
        double area = p.length() * q.length();
        Quadrature rule = Quadrature.FOUR;
        for (int i = 0; i < 4; i++) {
            Vec at = p.start().towards(p.end(), rule.x()[i]);
            for (int j = 0; j < 4; j++) {
                Vec to = q.start().towards(q.end(), rule.x()[j]).minus(at);
                double r = to.length();
                double thick = Math.sqrt(to.dot(to) + extra);
                double half = Math.sin(k * thick / 2);
                double w = area * rule.w()[i] * rule.w()[j];
                double turning = k * r < 1e-9 ? k : Math.sin(k * r) / r;
                spread(g, rule.x()[i], rule.x()[j], -2 * half * half * w / thick, -turning * w);
            }
        }
    }

    private void scatter(ComplexMatrix z, int p, int q, double[] g, double vector, double scalar) {
        double inverse = scalar / (length[p] * length[q]);
        double sumRe = (g[0] + g[1] + g[2] + g[3]) * inverse;
        double sumIm = (g[4] + g[5] + g[6] + g[7]) * inverse;
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                // j·vector·A − j·scalar·S·(slopes' sign)
                double slope = i == j ? 1 : -1;
                double re = -(vector * g[4 + 2 * i + j] - slope * sumIm);
                double im = vector * g[2 * i + j] - slope * sumRe;
                for (int[] m : scatter.get(p).get(i)) {
                    for (int[] n : scatter.get(q).get(j)) {
                        double sign = m[1] * n[1];
                        z.add(m[0], n[0], sign * re, sign * im);
                        if (p != q) {
                            z.add(n[0], m[0], sign * re, sign * im);
                        }
                    }
                }
            }
        }
    }
}
