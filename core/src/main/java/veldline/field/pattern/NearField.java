package veldline.field.pattern;

import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Ground;
import veldline.field.wire.Vec;

/**
 * Electric and magnetic field of solved currents at points off the wires, peak phasors: {@code E = −jωA − ∇Φ} and {@code
 * H = ∇×A/μ}, with the charge that the slope of each piece's current leaves on it (Balanis, Antenna Theory, 3rd ed.,
 * §3.6). Over perfect ground the images are in it; over real ground near fields are not worked out.
 */
public final class NearField {
    private static final double C = 299_792_458.0;
    private static final double MU0 = 4e-7 * Math.PI;
    private static final double[] AT = {
        0.033765242898423975, 0.1693953067668677, 0.3806904069584015,
        0.6193095930415985, 0.8306046932331323, 0.966234757101576
    };
    private static final double[] WEIGHT = {
        0.08566224618958525, 0.1803807865240693, 0.23395696728634552,
        0.23395696728634552, 0.1803807865240693, 0.08566224618958525
    };

    private final FieldSolution solution;
    private final double k;
    private final double omega;

    /** @throws IllegalArgumentException over real ground */
    public NearField(FieldSolution solution) {
        if (solution.model().ground().kind() == Ground.Kind.REAL) {
            throw new IllegalArgumentException(
                    "Near fields over real ground are not worked out; take a perfect ground or none");
        }
        this.solution = solution;
        this.omega = 2 * Math.PI * solution.frequency();
        this.k = omega / C;
    }

    /**
     * Fields at a point, components along x, y and z.
     *
     * @param e volts a metre
     * @param h amperes a metre
     */
    public record At(Complex[] e, Complex[] h) {
        /** Power through a square metre facing a direction, watts: the real part of half of E×H*. */
        public double powerTowards(Vec direction) {
            Complex[] s = new Complex[3];
            for (int i = 0; i < 3; i++) {
                int a = (i + 1) % 3;
                int b = (i + 2) % 3;
                s[i] = e[a].multiply(h[b].conjugate()).subtract(e[b].multiply(h[a].conjugate()));
            }
            return 0.5
                    * (s[0].getReal() * direction.x()
                            + s[1].getReal() * direction.y()
                            + s[2].getReal() * direction.z());
        }
    }

    /** Good from about a radius off any wire. */
    public At at(Vec point) {
        double[] sum = new double[12];
        for (FieldSolution.Piece piece : solution.pieces()) {
            add(piece.start(), piece.end(), piece.atStart(), piece.atEnd(), point, sum);
            if (solution.model().ground().reflects()) {
                add(
                        piece.start().mirrored(),
                        piece.end().mirrored(),
                        piece.atStart().negate(),
                        piece.atEnd().negate(),
                        point,
                        sum);
            }
        }
        return new At(vector(sum, 0), vector(sum, 6));
    }

    private static Complex[] vector(double[] sum, int from) {
        return new Complex[] {
            new Complex(sum[from], sum[from + 1]),
            new Complex(sum[from + 2], sum[from + 3]),
            new Complex(sum[from + 4], sum[from + 5])
        };
    }

    /** A piece near the point is taken in parts shorter than its distance, so that six points serve each. */
    private void add(Vec start, Vec end, Complex atStart, Complex atEnd, Vec point, double[] sum) {
        double length = end.minus(start).length();
        double distance = distance(start, end, point);
        int parts = (int) Math.min(400, Math.max(1, Math.ceil(length / distance)));
        Complex perMetre = atEnd.subtract(atStart).divide(length);
        // Charge a metre is −I'/jω; its field counts by 1/4πε.
        Complex charge = perMetre.multiply(new Complex(0, 1 / omega)).multiply(MU0 * C * C / (4 * Math.PI));
        Vec along = end.minus(start).times(1 / length);
        for (int part = 0; part < parts; part++) {
            for (int g = 0; g < AT.length; g++) {
                double t = (part + AT[g]) / parts;
                double weight = WEIGHT[g] * length / parts;
                Vec way = point.minus(start.towards(end, t));
                double r = way.length();
                Complex wave = new Complex(Math.cos(k * r), -Math.sin(k * r)).multiply(weight / r);
                // −∇G = (1 + jkr) G r̂/r
                Complex fall = wave.multiply(new Complex(1, k * r)).divide(r * r);
                Complex current = atStart.multiply(1 - t).add(atEnd.multiply(t));
                Complex vector = wave.multiply(current).multiply(new Complex(0, -omega * MU0 / (4 * Math.PI)));
                Complex scalar = fall.multiply(charge);
                Complex turning = fall.multiply(current).divide(4 * Math.PI);
                Vec around = along.cross(way);
                put(sum, 0, along, vector);
                put(sum, 0, way, scalar);
                put(sum, 6, around, turning);
            }
        }
    }

    private static void put(double[] sum, int from, Vec v, Complex c) {
        sum[from] += v.x() * c.getReal();
        sum[from + 1] += v.x() * c.getImaginary();
        sum[from + 2] += v.y() * c.getReal();
        sum[from + 3] += v.y() * c.getImaginary();
        sum[from + 4] += v.z() * c.getReal();
        sum[from + 5] += v.z() * c.getImaginary();
    }

    private static double distance(Vec a, Vec b, Vec p) {
        Vec along = b.minus(a);
        double t = Math.max(0, Math.min(1, p.minus(a).dot(along) / along.dot(along)));
        return Math.max(p.minus(a.towards(b, t)).length(), 1e-9);
    }
}
