package veldline.field.pattern;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Phasors;
import veldline.field.wire.Vec;

/**
 * The far field of solved currents. Radiation intensity is {@code U = ηk²/32π² (|Nθ|² + |Nφ|²)} with the radiation
 * vector {@code N = ∫ I exp(jk r̂·r') dl'} (Balanis, Antenna Theory, 3rd ed., §6.8 and §12.3).
 */
public final class RadiatedField {
    private static final double C = 299_792_458.0;
    private static final double ETA = 4e-7 * Math.PI * C;
    private static final double[] AT = {0.5 - Math.sqrt(3) / 6, 0.5 + Math.sqrt(3) / 6};

    private final double k;
    private final Ground earth;
    private final Complex epsilon;
    /** Samples of the wires themselves; those of the images follow. */
    private final int own;

    private final double inputPower;
    private final double efficiency;
    private final int count;
    private final double[] x;
    private final double[] y;
    private final double[] z;
    /** Real and imaginary parts of the current moment along x, y and z, sample by sample. */
    private final double[][] moment;

    private final Vec middle;
    private final double radius;

    public RadiatedField(FieldSolution solution) {
        this(solution, solution.model().ground());
    }

    /**
     * What leaves the antenna itself: its currents as they run with the ground under it and all the power it takes there, but not what
     * the ground throws on, which is an effect of the way. Without a ground the same as the whole field.
     */
    public static RadiatedField leaving(FieldSolution solution) {
        return new RadiatedField(solution, Ground.FREE);
    }

    private RadiatedField(FieldSolution solution, Ground earth) {
        this.k = 2 * Math.PI * solution.frequency() / C;
        this.earth = earth;
        this.epsilon = earth.complexPermittivity(2 * Math.PI * solution.frequency());
        this.inputPower = solution.inputPower();
        this.efficiency = solution.efficiency();
        List<FieldSolution.Piece> pieces = solution.pieces();
        this.own = pieces.size() * 2;
        this.count = own * (earth.reflects() ? 2 : 1);
        this.x = new double[count];
        this.y = new double[count];
        this.z = new double[count];
        this.moment = new double[6][count];
        int n = 0;
        for (FieldSolution.Piece piece : pieces) {
            Vec along = piece.end().minus(piece.start());
            for (double t : AT) {
                Complex i =
                        piece.atStart().multiply((1 - t) / 2).add(piece.atEnd().multiply(t / 2));
                Vec at = piece.start().plus(along.times(t));
                put(n, at, along, i);
                if (earth.reflects()) {
                    put(own + n, at.mirrored(), along.mirrored(), i.negate());
                }
                n++;
            }
        }
        this.middle = new Vec(middle(x), middle(y), middle(z));
        double most = 0;
        for (int i = 0; i < count; i++) {
            most = Math.max(most, new Vec(x[i], y[i], z[i]).minus(middle).length());
        }
        this.radius = most;
    }

    private static double middle(double[] of) {
        return (Arrays.stream(of).min().orElse(0) + Arrays.stream(of).max().orElse(0)) / 2;
    }

    private void put(int n, Vec at, Vec along, Complex i) {
        x[n] = at.x();
        y[n] = at.y();
        z[n] = at.z();
        moment[0][n] = along.x() * i.getReal();
        moment[1][n] = along.x() * i.getImaginary();
        moment[2][n] = along.y() * i.getReal();
        moment[3][n] = along.y() * i.getImaginary();
        moment[4][n] = along.z() * i.getReal();
        moment[5][n] = along.z() * i.getImaginary();
    }

    /**
     * The transverse radiation vector in one direction.
     *
     * @param theta component along growing theta, ampere metres
     * @param phi component along growing phi
     */
    public record Components(Complex theta, Complex phi) {
        double square() {
            return theta.getReal() * theta.getReal()
                    + theta.getImaginary() * theta.getImaginary()
                    + phi.getReal() * phi.getReal()
                    + phi.getImaginary() * phi.getImaginary();
        }
    }

    /** The far field in a direction; zero below any ground. */
    public Components towards(Direction d) {
        return towards(d.vector(), d.thetaHat(), d.phiHat());
    }

    Components towards(Vec r, Vec thetaHat, Vec phiHat) {
        return components(r, thetaHat, phiHat, vector(r, Vec.ZERO));
    }

    /**
     * What components are made of, counted from the middle of the antenna: real and imaginary parts along x, y and z, over
     * a real ground six for the wires and six for their images.
     */
    double[] vector(Vec r) {
        return vector(r, middle);
    }

    private double[] vector(Vec r, Vec from) {
        double[] phase = new double[count];
        double[] cosine = new double[count];
        double[] sine = new double[count];
        double at = from.dot(r);
        for (int n = 0; n < count; n++) {
            phase[n] = k * (r.x() * x[n] + r.y() * y[n] + r.z() * z[n] - at);
        }
        Phasors.of(phase, cosine, sine, count);
        if (earth.kind() != Ground.Kind.REAL) {
            return sum(0, count, cosine, sine);
        }
        double[] both = Arrays.copyOf(sum(0, own, cosine, sine), 12);
        System.arraycopy(sum(own, count, cosine, sine), 0, both, 6, 6);
        return both;
    }

    private Components components(Vec r, Vec thetaHat, Vec phiHat, double[] sums) {
        if (earth.reflects() && r.z() < -1e-12) {
            return new Components(Complex.ZERO, Complex.ZERO);
        }
        if (earth.kind() != Ground.Kind.REAL) {
            return new Components(along(sums, 0, thetaHat), along(sums, 0, phiHat));
        }
        Complex upright = earth.upright(epsilon, Math.max(0, r.z()));
        Complex flat = earth.flat(epsilon, Math.max(0, r.z()));
        return new Components(
                along(sums, 0, thetaHat).add(along(sums, 6, thetaHat).multiply(upright)),
                along(sums, 0, phiHat).add(along(sums, 6, phiHat).multiply(flat)));
    }

    private double[] sum(int from, int to, double[] cosine, double[] sine) {
        double[] sum = new double[6];
        for (int i = 0; i < 6; i += 2) {
            double[] a = moment[i];
            double[] b = moment[i + 1];
            double re = 0;
            double im = 0;
            for (int n = from; n < to; n++) {
                re += a[n] * cosine[n] - b[n] * sine[n];
                im += a[n] * sine[n] + b[n] * cosine[n];
            }
            sum[i] = re;
            sum[i + 1] = im;
        }
        return sum;
    }

    private static Complex along(double[] s, int at, Vec v) {
        return new Complex(
                s[at] * v.x() + s[at + 2] * v.y() + s[at + 4] * v.z(),
                s[at + 1] * v.x() + s[at + 3] * v.y() + s[at + 5] * v.z());
    }

    /** Radiation intensity in watts per steradian. */
    public double intensity(Direction d) {
        return intensity(towards(d).square());
    }

    private double intensity(double square) {
        return ETA * k * k / (32 * Math.PI * Math.PI) * square;
    }

    /** The same of components that are known already, watts per steradian. */
    public double intensity(Components c) {
        return intensity(c.square());
    }

    /** Gain as a plain ratio, 4πU over the power accepted. */
    public double gain(Direction d) {
        return gain(towards(d));
    }

    /** The same of components that are known already. */
    public double gain(Components c) {
        return 4 * Math.PI * intensity(c) / inputPower;
    }

    /** Gain in dBi, conductor loss included, mismatch not (IEEE Std 145). */
    public double gainDbi(Direction d) {
        return 10 * Math.log10(gain(d));
    }

    /** @param sums of {@link #vector} */
    double gainDbi(Vec r, Vec thetaHat, Vec phiHat, double[] sums) {
        double square = components(r, thetaHat, phiHat, sums).square();
        return 10 * Math.log10(4 * Math.PI * intensity(square) / inputPower);
    }

    /** Gain of one component, theta if true, in dBi. */
    public double componentGainDbi(Direction d, boolean theta) {
        Components e = towards(d);
        double part = theta ? e.theta().norm() : e.phi().norm();
        return 10 * Math.log10(4 * Math.PI * intensity(part * part) / inputPower);
    }

    public double efficiency() {
        return efficiency;
    }

    public double inputPower() {
        return inputPower;
    }

    /** Whether directions below the horizon carry no field. */
    public boolean overGround() {
        return earth.reflects();
    }

    /** Of a sphere around the middle that holds all of the currents and their images, metres. */
    double radius() {
        return radius;
    }

    /** Wave number in radians a metre. */
    public double waveNumber() {
        return k;
    }
}
