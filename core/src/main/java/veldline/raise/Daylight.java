package veldline.raise;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;

/**
 * From sunrise to sunset at a place: the sun's upper edge on the horizon, refraction counted, 50′ under it (Meeus, Astronomical Algorithms, 2nd
 * ed., ch. 25 and 15, low precision; a minute between the polar circles).
 *
 * @param rises time of it
 * @param sets time of it, later
 */
public record Daylight(Instant rises, Instant sets) {
    /** Middle of the sun under the horizon when its edge is on it, degrees. */
    private static final double UNDER = -0.833;

    private static final double DAY_SECONDS = 86_400;
    private static final double J2000 = 946_728_000;

    /**
     * @param latitude degrees north
     * @param longitude degrees east
     * @return empty where the sun does not rise or does not set on that day
     */
    public static Optional<Daylight> of(double latitude, double longitude, LocalDate day) {
        double noon = day.atTime(12, 0).toEpochSecond(ZoneOffset.UTC) - longitude * 240;
        Sun sun = Sun.at(noon);
        double transit = noon - sun.equation * 60;
        double phi = Math.toRadians(latitude);
        double cosine = (Math.sin(Math.toRadians(UNDER)) - Math.sin(phi) * Math.sin(sun.declination))
                / (Math.cos(phi) * Math.cos(sun.declination));
        if (!(Math.abs(cosine) <= 1)) {
            return Optional.empty();
        }
        double half = Math.toDegrees(Math.acos(cosine)) * 240;
        return Optional.of(new Daylight(
                Instant.ofEpochSecond(Math.round(transit - half)), Instant.ofEpochSecond(Math.round(transit + half))));
    }

    /**
     * Where the sun stands.
     *
     * @param declination radians
     * @param equation of time, minutes by which it is ahead of the clock
     */
    private record Sun(double declination, double equation) {
        static Sun at(double epochSeconds) {
            double t = (epochSeconds - J2000) / DAY_SECONDS / 36_525;
            double mean = 280.46646 + t * (36_000.76983 + t * 0.0003032);
            double anomaly = Math.toRadians(357.52911 + t * (35_999.05029 - 0.0001537 * t));
            double eccentric = 0.016708634 - t * 0.000042037;
            double centre = Math.sin(anomaly) * (1.914602 - 0.004817 * t)
                    + Math.sin(2 * anomaly) * (0.019993 - 0.000101 * t)
                    + Math.sin(3 * anomaly) * 0.000289;
            double node = Math.toRadians(125.04 - 1934.136 * t);
            double apparent = Math.toRadians(mean + centre - 0.00569 - 0.00478 * Math.sin(node));
            double tilt = Math.toRadians(23.439291 - 0.0130042 * t + 0.00256 * Math.cos(node));
            double y = Math.pow(Math.tan(tilt / 2), 2);
            double l = Math.toRadians(mean);
            double equation = 4
                    * Math.toDegrees(y * Math.sin(2 * l)
                            - 2 * eccentric * Math.sin(anomaly)
                            + 4 * eccentric * y * Math.sin(anomaly) * Math.cos(2 * l)
                            - 0.5 * y * y * Math.sin(4 * l)
                            - 1.25 * eccentric * eccentric * Math.sin(2 * anomaly));
            return new Sun(Math.asin(Math.sin(tilt) * Math.sin(apparent)), equation);
        }
    }
}
