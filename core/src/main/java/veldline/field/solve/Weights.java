package veldline.field.solve;

import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Vec;

/** What currents and charges of one segment count at another: numbers that the last {@link #of} left here. */
abstract class Weights {
    double vector;
    double vectorIm;
    double scalar;
    double scalarIm;

    /** Works out the weights for a pair; the directions are those of the segments. */
    abstract void of(Segment p, Vec alongP, Segment q, Vec alongQ);
}
