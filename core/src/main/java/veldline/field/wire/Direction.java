package veldline.field.wire;

/**
 * A direction in spherical angles, in degrees.
 *
 * @param theta from the z axis, 0 to 180
 * @param phi from the x axis towards y
 */
public record Direction(double theta, double phi) {
    /** Along the x axis. */
    public static final Direction X = new Direction(90, 0);

    public Vec vector() {
        double t = Math.toRadians(theta);
        double p = Math.toRadians(phi);
        return new Vec(Math.sin(t) * Math.cos(p), Math.sin(t) * Math.sin(p), Math.cos(t));
    }

    /** The direction of growing theta here. */
    public Vec thetaHat() {
        double t = Math.toRadians(theta);
        double p = Math.toRadians(phi);
        return new Vec(Math.cos(t) * Math.cos(p), Math.cos(t) * Math.sin(p), -Math.sin(t));
    }

    /** The direction of growing phi here. */
    public Vec phiHat() {
        double p = Math.toRadians(phi);
        return new Vec(-Math.sin(p), Math.cos(p), 0);
    }

    public Direction opposite() {
        return new Direction(180 - theta, phi + 180);
    }

    public static Direction of(Vec v) {
        double r = v.length();
        return new Direction(
                Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, v.z() / r)))),
                Math.toDegrees(Math.atan2(v.y(), v.x())));
    }
}
