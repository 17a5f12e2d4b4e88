package veldline.picture;

/** A linear scale from values to drawing units. */
public record Axis(double from, double to, double start, double end) {
    public double at(double value) {
        return start + (value - from) / (to - from) * (end - start);
    }

    /** The value at a place in the drawing. */
    public double value(double place) {
        return from + (place - start) / (end - start) * (to - from);
    }

    public double clamped(double value) {
        return at(Math.max(Math.min(from, to), Math.min(Math.max(from, to), value)));
    }
}
