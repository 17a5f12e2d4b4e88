package veldline.path;

import net.sf.geographiclib.GeodesicData;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * The shortest line between two places on the WGS-84 ellipsoid.
 *
 * @param distance metres
 * @param bearing at the first place, degrees from true north, 0 to 360
 * @param back bearing at the second place towards the first
 */
public record Geodesic(double distance, double bearing, double back) {
    public static final Formula BEARING = new Formula(
            "Bearing",
            "Direction of the shortest line on the WGS-84 ellipsoid, from true north. It has no formula in"
                    + " closed form; a is what the iteration comes to.",
            "A",
            "a",
            "Karney, Algorithms for geodesics, J. Geodesy 87 (2013)",
            "Far finer than coordinates are known; a compass shows it off by the local declination");

    /** Places in degrees, north and east positive. */
    public static Geodesic between(double lat1, double lon1, double lat2, double lon2) {
        check(lat1, lon1);
        check(lat2, lon2);
        GeodesicData d = net.sf.geographiclib.Geodesic.WGS84.Inverse(lat1, lon1, lat2, lon2);
        return new Geodesic(d.s12, turn(d.azi1), turn(d.azi2 + 180));
    }

    private static void check(double lat, double lon) {
        if (!(Math.abs(lat) <= 90) || !(Math.abs(lon) <= 180)) {
            throw new IllegalArgumentException("Latitude " + lat + " and longitude " + lon
                    + " are off the globe; latitude goes to ±90, longitude to ±180");
        }
    }

    private static double turn(double degrees) {
        return ((degrees % 360) + 360) % 360;
    }

    public static Worked workedBearing(double bearing, String towards) {
        return Worked.of(BEARING)
                .computed("a", "azimuth of the geodesic towards " + towards, bearing, "°", 2)
                .gives(bearing, "°", 1);
    }
}
