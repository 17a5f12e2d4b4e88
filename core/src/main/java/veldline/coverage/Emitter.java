package veldline.coverage;

/**
 * One antenna as the level comes from it.
 *
 * @param x metres to the east
 * @param y metres to the north
 * @param height over the ground there, metres
 * @param azimuth degrees from north
 * @param tilt of its beam under the horizontal, degrees
 * @param power at its terminals, dBm, with everything the far end adds and takes counted in
 * @param pattern its gain all round
 */
public record Emitter(double x, double y, double height, double azimuth, double tilt, double power, Pattern pattern) {
    public Emitter turned(double toAzimuth, double toTilt) {
        return new Emitter(x, y, height, toAzimuth, toTilt, power, pattern);
    }

    /** Its pattern's gain towards a place so far east, north and up of it, dBi. */
    double gain(double east, double north, double up, double distance) {
        double a = Math.toRadians(azimuth);
        double t = Math.toRadians(tilt);
        return gain(east, north, up, distance, Math.sin(a), Math.cos(a), Math.sin(t), Math.cos(t));
    }

    /** The same with the sines and cosines of azimuth and tilt at hand. */
    double gain(
            double east, double north, double up, double distance, double sinA, double cosA, double sinT, double cosT) {
        double forward = (east * sinA + north * cosA) / distance;
        double side = (east * cosA - north * sinA) / distance;
        double over = up / distance;
        return pattern.at(forward * cosT - over * sinT, side, forward * sinT + over * cosT);
    }
}
