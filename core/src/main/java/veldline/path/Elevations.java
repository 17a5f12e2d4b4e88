package veldline.path;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import net.sf.geographiclib.GeodesicData;
import net.sf.geographiclib.GeodesicLine;

/** Ground heights by place, and the profile between two places cut out of them. */
public interface Elevations {
    /** Most points a profile is cut at; a finer one says nothing more. */
    int MOST = 2000;

    /** A hole of up to this share of a profile is bridged, a larger one refused. */
    double MOST_MISSING = 0.05;

    /** Height in metres; empty where the grid has a hole, or does not reach. */
    OptionalDouble at(double latitude, double longitude);

    /** How far apart its points lie, metres. */
    double spacing();

    /** What it covers, for a sentence. */
    String covers();

    /**
     * The ground along the shortest line between two places, in degrees.
     *
     * @param source what to call it
     * @throws IllegalArgumentException naming the end that lies outside, or the hole
     */
    default Profile between(double lat1, double lon1, double lat2, double lon2, String source) {
        GeodesicData whole = net.sf.geographiclib.Geodesic.WGS84.Inverse(lat1, lon1, lat2, lon2);
        if (!(whole.s12 > 0)) {
            throw new IllegalArgumentException(
                    "Both ends lie at " + lat1 + ", " + lon1 + "; give each its own place in Brief");
        }
        inside("The near end", lat1, lon1);
        inside("The far end", lat2, lon2);
        int count = (int) Math.max(2, Math.min(MOST, Math.ceil(whole.s12 / spacing()) + 1));
        GeodesicLine line = net.sf.geographiclib.Geodesic.WGS84.Line(lat1, lon1, whole.azi1);
        List<Double> along = new ArrayList<>();
        List<Double> heights = new ArrayList<>();
        int missing = 0;
        for (int i = 0; i < count; i++) {
            double s = whole.s12 * i / (count - 1);
            GeodesicData here = line.Position(s);
            OptionalDouble h = at(here.lat2, here.lon2);
            if (h.isPresent()) {
                along.add(hundredths(s));
                heights.add(hundredths(h.getAsDouble()));
            } else {
                missing++;
            }
        }
        if (missing > MOST_MISSING * count) {
            throw new IllegalArgumentException("The grid has a hole on the way: " + missing + " of " + count
                    + " points have no height. Take another grid, or type the profile");
        }
        return new Profile(source, along, heights);
    }

    private void inside(String end, double latitude, double longitude) {
        if (at(latitude, longitude).isEmpty()) {
            throw new IllegalArgumentException(end + ", " + latitude + ", " + longitude
                    + ", has no height in this grid, which covers " + covers()
                    + ". Take the grid of this place, or correct the place in Brief");
        }
    }

    /** No grid is known finer, and a job's file stays small. */
    private static double hundredths(double metres) {
        return Math.round(100 * metres) / 100.0;
    }
}
