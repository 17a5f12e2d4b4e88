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

    /** A place on the globe, degrees. */
    public record Place(double latitude, double longitude) {}

    /** The place so many metres from another on a bearing in degrees. */
    public static Place from(double latitude, double longitude, double bearing, double distance) {
        check(latitude, longitude);
        GeodesicData d = net.sf.geographiclib.Geodesic.WGS84.Direct(latitude, longitude, bearing, distance);
        return new Place(d.lat2, d.lon2);
    }

    /**
     * What a surveyor's level would see, without any bending of rays.
     *
     * @param distance straight, metres
     * @param elevation over the horizontal at the first place, degrees
     */
    public record Sight(double distance, double elevation) {}

    /** From one place to another, heights in metres over the ellipsoid. */
    public static Sight sight(double lat1, double lon1, double h1, double lat2, double lon2, double h2) {
        check(lat1, lon1);
        check(lat2, lon2);
        double[] to = earthCentred(lat2, lon2, h2);
        double[] from = earthCentred(lat1, lon1, h1);
        double phi = Math.toRadians(lat1);
        double lambda = Math.toRadians(lon1);
        double[] up = {Math.cos(phi) * Math.cos(lambda), Math.cos(phi) * Math.sin(lambda), Math.sin(phi)};
        double square = 0;
        double rise = 0;
        for (int i = 0; i < 3; i++) {
            double way = to[i] - from[i];
            square += way * way;
            rise += way * up[i];
        }
        double distance = Math.sqrt(square);
        return new Sight(distance, distance > 0 ? Math.toDegrees(Math.asin(rise / distance)) : 0);
    }

    private static double[] earthCentred(double lat, double lon, double h) {
        double f = net.sf.geographiclib.Geodesic.WGS84.Flattening();
        double e2 = f * (2 - f);
        double sine = Math.sin(Math.toRadians(lat));
        double n = net.sf.geographiclib.Geodesic.WGS84.EquatorialRadius() / Math.sqrt(1 - e2 * sine * sine);
        double flat = (n + h) * Math.cos(Math.toRadians(lat));
        return new double[] {
            flat * Math.cos(Math.toRadians(lon)), flat * Math.sin(Math.toRadians(lon)), (n * (1 - e2) + h) * sine
        };
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
