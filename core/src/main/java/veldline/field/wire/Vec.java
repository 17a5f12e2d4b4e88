package veldline.field.wire;

/** A point or direction in metres, z up. */
public record Vec(double x, double y, double z) {
    public static final Vec ZERO = new Vec(0, 0, 0);

    public Vec plus(Vec o) {
        return new Vec(x + o.x, y + o.y, z + o.z);
    }

    public Vec minus(Vec o) {
        return new Vec(x - o.x, y - o.y, z - o.z);
    }

    public Vec times(double k) {
        return new Vec(x * k, y * k, z * k);
    }

    public double dot(Vec o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vec cross(Vec o) {
        return new Vec(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    /** The direction of this vector, of length one. */
    public Vec unit() {
        return times(1 / length());
    }

    /** The mirror image in the plane z = 0. */
    public Vec mirrored() {
        return new Vec(x, y, -z);
    }

    /** The point a fraction {@code t} of the way to another. */
    public Vec towards(Vec o, double t) {
        return new Vec(x + t * (o.x - x), y + t * (o.y - y), z + t * (o.z - z));
    }

    @Override
    public String toString() {
        return "(" + text(x) + ", " + text(y) + ", " + text(z) + ")";
    }

    private static String text(double metres) {
        return java.math.BigDecimal.valueOf(metres)
                .round(new java.math.MathContext(6))
                .stripTrailingZeros()
                .toPlainString();
    }
}
