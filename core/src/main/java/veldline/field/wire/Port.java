package veldline.field.wire;

/**
 * A place in series with a wire, just after the point named. Positive voltage drives current in the direction of the
 * wire's points.
 *
 * @param wire index of the wire
 */
public record Port(int wire, Place place) {
    /** Where along its wire. */
    public sealed interface Place {
        /** At a vertex, by index. */
        record Vertex(int index) implements Place {}

        /** A fraction of the polyline's length, 0 to 1. */
        record Fraction(double fraction) implements Place {}

        /** So many metres along the polyline. */
        record Distance(double metres) implements Place {}
    }

    public static Port middleOf(int wire) {
        return new Port(wire, new Place.Fraction(0.5));
    }

    /** Metres along the wire. */
    public double distanceAlong(Wire w) {
        if (place instanceof Place.Vertex v) {
            double sum = 0;
            for (int e = 0; e < v.index; e++) {
                sum += w.edgeLength(e);
            }
            return sum;
        }
        return place instanceof Place.Fraction f ? f.fraction * w.length() : ((Place.Distance) place).metres;
    }
}
