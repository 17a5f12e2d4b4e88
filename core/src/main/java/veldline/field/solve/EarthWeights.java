package veldline.field.solve;

import org.hipparchus.complex.Complex;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Ground;
import veldline.field.wire.Vec;

/**
 * Between segments and their images in a real ground: horizontal and vertical currents count by Fresnel's coefficients
 * at the angle the ground mirrors the one into the other, charges by their static image. That is exact far off, over a
 * perfect mirror and for charges at rest. Between these it is an approximation: against Sommerfeld's integrals the
 * resistance of a short dipole over ordinary ground is right to 5 % from 0.2 wavelengths up when it lies flat and to 1.5 %
 * from 0.35; upright it is right to 12 % from 0.25 and to 2.5 % from half a wavelength. Below it is not to be trusted.
 */
final class EarthWeights extends Weights {
    private final double a;
    private final Ground earth;
    private final Complex epsilon;

    EarthWeights(double a, double b, Ground earth, Complex epsilon) {
        this.a = a;
        this.earth = earth;
        this.epsilon = epsilon;
        Complex charge = earth.charge(epsilon).multiply(-b);
        this.scalar = charge.getReal();
        this.scalarIm = charge.getImaginary();
    }

    @Override
    void of(Segment p, Vec alongP, Segment q, Vec alongQ) {
        Vec way = q.start().towards(q.end(), 0.5).minus(p.start().towards(p.end(), 0.5));
        double cosine = Math.min(1, Math.abs(way.z()) / Math.max(way.length(), 1e-30));
        Complex flat = earth.flat(epsilon, cosine).multiply(alongP.x() * alongQ.x() + alongP.y() * alongQ.y());
        Complex upright = earth.upright(epsilon, cosine).multiply(alongP.z() * alongQ.z());
        Complex both = flat.add(upright).multiply(-a);
        vector = both.getReal();
        vectorIm = both.getImaginary();
    }
}
