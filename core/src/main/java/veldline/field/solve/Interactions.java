package veldline.field.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Coating;
import veldline.field.wire.Ground;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;

/**
 * What currents on segments do to each other, and the impedance matrix made of it. What does not depend on frequency is
 * computed once, so that a sweep pays for it once.
 *
 * <p>For two segments with ramps Ni and Nj it is {@code jωμ(p·q)∬NiNjG + (1/jωε)Ni'Nj'∬G}, with {@code G =
 * exp(−jkR)/4πR} (mixed potentials; Harrington §4.4). Close pairs take 1/R from {@link StaticMoments} and only the
 * smooth rest by quadrature.
 */
final class Interactions {
    private static final double MU0 = 4e-7 * Math.PI;
    private static final double C = 299_792_458.0;
    /** On one line, closer than so many radii, the tube's thickness is felt in full. */
    private static final double RADII_NEAR = 10;
    /** Up to so many unknowns two processors fill a matrix each; above, the memory is worth more. */
    private static final int MOST_TWICE = 1500;

    private final WireModel model;
    private final boolean everyProcessor;
    private final int count;
    /** How many of the segments have a row; the others are only acted upon. */
    private final int rows;

    private final Segment[] segments;
    private final double[] length;
    private final Vec[] direction;
    private final double[][] points;
    private final int[] line;
    private final List<Side> sides;
    private final List<Coat> coats;

    /** A facing with all that is known of it beforehand. */
    private record Side(Facing facing, Vec[] direction, double[][] points, double[][][] statics) {}

    /**
     * Two pieces close together in one coating.
     *
     * @param image where the second lies
     * @param fall of the potential within the coating between them, metres
     */
    record Coat(int p, int q, int image, double fall) {}

    /** What takes the four complex numbers of two segments: real and imaginary for ends 00, 01, 10 and 11. */
    interface Taker {
        void take(int p, int q, int image, double[] re, double[] im);
    }

    /**
     * @param facings the segments themselves, then their images but for those in the ground
     * @param rows how many of the segments have a row
     * @param everyProcessor whether to use them all
     */
    Interactions(WireModel model, List<Facing> facings, int rows, BooleanSupplier keepGoing, boolean everyProcessor) {
        this(model, facings, facings, rows, keepGoing, everyProcessor);
    }

    /** @param deciding the same segments in the places by which pairs are close or far */
    Interactions(
            WireModel model,
            List<Facing> facings,
            List<Facing> deciding,
            int rows,
            BooleanSupplier keepGoing,
            boolean everyProcessor) {
        this.model = model;
        this.everyProcessor = everyProcessor;
        this.segments = facings.get(0).segments();
        this.line = facings.get(0).line();
        this.count = segments.length;
        this.rows = rows;
        this.direction = facings.get(0).directions();
        this.length = new double[count];
        for (int s = 0; s < count; s++) {
            length[s] = segments[s].length();
        }
        this.points = PairRow.gaussPoints(segments);
        List<Side> all = new ArrayList<>();
        Facing own = deciding.get(0);
        for (int f = 0; f < facings.size(); f++) {
            all.add(side(facings.get(f), own, deciding.get(f), keepGoing));
        }
        this.coats = coats(all);
        if (model.ground().reflects()) {
            for (int f = 0; f < facings.size(); f++) {
                Facing below = facings.get(f).mirroredInGround();
                all.add(side(below, own, deciding.get(f).mirroredInGround(), keepGoing));
            }
        }
        this.sides = List.copyOf(all);
    }

    private Side side(Facing facing, Facing own, Facing deciding, BooleanSupplier keepGoing) {
        double[][][] near = new double[rows][][];
        IntStream each = IntStream.range(0, rows);
        (everyProcessor ? each.parallel() : each).forEach(p -> {
            if (!keepGoing.getAsBoolean()) {
                throw new SolveFailure("Called off before it was done; ask again to start anew");
            }
            near[p] = staticRow(p, facing, own.segments()[p], deciding);
        });
        return new Side(facing, facing.directions(), PairRow.gaussPoints(facing.segments()), near);
    }

    /** Static moments of the pairs that lie close; an empty row element means the pair is far. */
    private double[][] staticRow(int p, Facing facing, Segment own, Facing deciding) {
        double[][] row = new double[count - p][];
        Segment[] others = deciding.segments();
        double ownLength = own.length();
        Vec middle = own.start().towards(own.end(), 0.5);
        for (int q = p; q < count; q++) {
            Vec other = others[q].start().towards(others[q].end(), 0.5);
            double otherLength = others == segments ? length[q] : others[q].length();
            double apart = middle.minus(other).length() - (ownLength + otherLength) / 2;
            double thick = facing.onOneLine(line[p], q) ? RADII_NEAR * own.radius() : 0;
            if (apart < Math.max(2 * Math.max(ownLength, otherLength), thick)) {
                row[q - p] = StaticMoments.of(segments[p], facing.segments()[q]);
            }
        }
        return row;
    }

    /**
     * The impedance matrix of one basis at a frequency.
     *
     * @param skin what a metre of each segment adds of its own, ohms
     */
    ComplexMatrix matrix(Basis basis, double frequency, Complex[] skin, BooleanSupplier keepGoing) {
        ComplexMatrix z = new ComplexMatrix(basis.size);
        // The first rows are the longest: with three in ten of them half of the work is done.
        int share = (int) (0.293 * count);
        if (everyProcessor && basis.size <= MOST_TWICE) {
            ComplexMatrix other = new ComplexMatrix(basis.size);
            ForkJoinTask<?> half = ForkJoinPool.commonPool()
                    .submit(() -> rows(0, share, frequency, skin, keepGoing, into(other, basis)));
            rows(share, count, frequency, skin, keepGoing, into(z, basis));
            half.join();
            z.add(other);
        } else {
            rows(0, count, frequency, skin, keepGoing, into(z, basis));
        }
        addCoats(frequency, into(z, basis));
        z.addTranspose();
        return z;
    }

    private static Taker into(ComplexMatrix z, Basis basis) {
        return (p, q, image, re, im) -> {
            double share = (p == q ? 0.5 : 1) * basis.sign(image);
            for (int i = 0; i < 2; i++) {
                for (int j = 0; j < 2; j++) {
                    basis.place(z, 2 * p + i, 2 * q + j, share * re[2 * i + j], share * im[2 * i + j]);
                }
            }
        };
    }

    /** Gives what each segment that has a row does to those from it on, at every image, coatings included. */
    void each(double frequency, Complex[] skin, BooleanSupplier keepGoing, Taker taker) {
        rows(0, rows, frequency, skin, keepGoing, taker);
        addCoats(frequency, taker);
    }

    /** What segments from one number up to another do to those after them. */
    private void rows(int from, int to, double frequency, Complex[] skin, BooleanSupplier keepGoing, Taker taker) {
        double omega = 2 * Math.PI * frequency;
        double k = omega / C;
        double a = omega * MU0 / (4 * Math.PI);
        double b = C * C * MU0 / (4 * Math.PI * omega);
        PairRow moments = new PairRow(segments, length, points);
        Block block = new Block(length);
        Weights own = new OwnWeights(a, b);
        // An image's current runs in the mirrored direction with opposite sign, its charge is opposite.
        Ground earth = model.ground();
        Weights mirrored = earth.kind() == Ground.Kind.REAL
                ? new EarthWeights(a, b, earth, earth.complexPermittivity(omega))
                : new OwnWeights(-a, -b);
        for (int p = from; p < to; p++) {
            if (!keepGoing.getAsBoolean()) {
                throw new SolveFailure("Called off before it was done; ask again to start anew");
            }
            for (Side side : sides) {
                Facing facing = side.facing;
                moments.of(p, side.points, side.statics[p], facing.line(), line[p], k);
                Weights weights = facing.inGround() ? mirrored : own;
                for (int q = p; q < count; q++) {
                    weights.of(segments[p], direction[p], facing.segments()[q], side.direction[q]);
                    block.of(p, q, moments, weights);
                    taker.take(p, q, facing.image(), block.re, block.im);
                }
            }
            if (skin[p].getReal() > 0) {
                block.ofMetal(p, skin[p]);
                taker.take(p, p, 0, block.re, block.im);
            }
        }
    }

    /** Takes from the charges' potential what falls off within coatings. */
    private void addCoats(double frequency, Taker taker) {
        double b = C * C * MU0 / (4 * Math.PI * 2 * Math.PI * frequency);
        Block block = new Block(length);
        for (Coat coat : coats) {
            Complex share = coating(coat.p).orElseThrow().share();
            block.ofCoat(coat, share.multiply(b * coat.fall));
            taker.take(coat.p, coat.q, coat.image, block.re, block.im);
        }
    }

    private Optional<Coating> coating(int segment) {
        return model.wires().get(segments[segment].wire()).coating();
    }

    private List<Coat> coats(List<Side> faced) {
        List<Coat> pairs = new ArrayList<>();
        for (int p = 0; p < rows; p++) {
            Optional<Coating> coat = coating(p);
            for (Side side : faced) {
                for (int q = p; coat.isPresent() && q < count; q++) {
                    if (side.statics[p][q - p] != null && coating(q).equals(coat)) {
                        double fall = StaticMoments.fallThrough(
                                segments[p],
                                side.facing.segments()[q],
                                coat.get().thickness());
                        pairs.add(new Coat(p, q, side.facing.image(), fall));
                    }
                }
            }
        }
        return List.copyOf(pairs);
    }

    /**
     * Heat in insulation, watts, by the currents that were found.
     *
     * @param pieces of the whole mesh
     */
    double lostInCoatings(double frequency, List<FieldSolution.Piece> pieces, Symmetry symmetry) {
        double b = C * C * MU0 / (8 * Math.PI * Math.PI * frequency);
        double lost = 0;
        int[] part = symmetry.part();
        for (Coat coat : coats) {
            // j·share, real part: what is in step with the current.
            double ohms = -coating(coat.p).orElseThrow().share().getImaginary()
                    * b
                    * coat.fall
                    / (length[coat.p] * length[coat.q]);
            double both = 0;
            for (int g = 0; g < symmetry.images(); g++) {
                Complex one = rise(pieces, part[coat.p], g, symmetry);
                Complex other = rise(pieces, part[coat.q], g ^ coat.image, symmetry);
                both += one.multiply(other.conjugate()).getReal();
            }
            lost += 0.5 * ohms * (coat.p == coat.q ? both : 2 * both);
        }
        return lost;
    }

    /** How the current grows from the start to the end of a segment's image; the same whichever way that is counted. */
    private static Complex rise(List<FieldSolution.Piece> pieces, int segment, int image, Symmetry symmetry) {
        FieldSolution.Piece piece = pieces.get(symmetry.partner(image, segment));
        return piece.atEnd().subtract(piece.atStart());
    }
}
