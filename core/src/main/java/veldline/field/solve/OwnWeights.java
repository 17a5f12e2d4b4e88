package veldline.field.solve;

import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Vec;

/** Between segments themselves, and with opposite signs between them and their images in a perfect ground. */
final class OwnWeights extends Weights {
    private final double a;

    OwnWeights(double a, double b) {
        this.a = a;
        this.scalar = b;
    }

    @Override
    void of(Segment p, Vec alongP, Segment q, Vec alongQ) {
        vector = a * alongP.dot(alongQ);
    }
}
