package veldline.field.solve;

import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Factors.AtEnds;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Vec;

/**
 * What the current at each end of each segment counts in the far field of one direction: {@code ∫ N(s)·exp(jk r̂·r')
 * (l̂·ê) ds}, so that the sum over currents is a component of the radiation vector (Balanis, Antenna Theory, 3rd ed.,
 * §6.8), images in the ground included.
 */
final class FarWeights {
    private static final double C = 299_792_458.0;
    private static final double[] AT = {0.5 - Math.sqrt(3) / 6, 0.5 + Math.sqrt(3) / 6};

    private final double k;
    private final Ground earth;
    private final Vec towards;
    private final Vec component;
    /** What the image counts. */
    private final Complex mirrored;

    private FarWeights(double frequency, Ground earth, Direction d, boolean theta) {
        this.k = 2 * Math.PI * frequency / C;
        this.earth = earth;
        this.towards = d.vector();
        this.component = theta ? d.thetaHat() : d.phiHat();
        double rise = Math.max(0, towards.z());
        Complex epsilon = earth.complexPermittivity(2 * Math.PI * frequency);
        this.mirrored = earth.kind() != Ground.Kind.REAL
                ? Complex.ONE
                : theta ? earth.upright(epsilon, rise) : earth.flat(epsilon, rise);
    }

    /** @param theta whether the component along growing theta is wanted, or that along growing phi */
    static AtEnds of(List<Segment> segments, Ground earth, double frequency, Direction d, boolean theta) {
        return new FarWeights(frequency, earth, d, theta).of(segments);
    }

    private AtEnds of(List<Segment> segments) {
        AtEnds sum = AtEnds.none(segments.size());
        if (earth.reflects() && towards.z() < -1e-12) {
            return sum;
        }
        for (int s = 0; s < segments.size(); s++) {
            Vec start = segments.get(s).start();
            Vec along = segments.get(s).end().minus(start);
            for (double t : AT) {
                Vec at = start.plus(along.times(t));
                Complex here = turned(at).multiply(along.dot(component) / 2);
                if (earth.reflects()) {
                    double down = along.mirrored().dot(component) / 2;
                    here = here.subtract(
                            turned(at.mirrored()).multiply(mirrored).multiply(down));
                }
                sum.re()[2 * s] += (1 - t) * here.getReal();
                sum.im()[2 * s] += (1 - t) * here.getImaginary();
                sum.re()[2 * s + 1] += t * here.getReal();
                sum.im()[2 * s + 1] += t * here.getImaginary();
            }
        }
        return sum;
    }

    private Complex turned(Vec at) {
        double phase = k * towards.dot(at);
        return new Complex(Math.cos(phase), Math.sin(phase));
    }
}
