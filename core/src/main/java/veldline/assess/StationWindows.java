package veldline.assess;

import java.util.List;
import veldline.antenna.WireWindows;
import veldline.job.Job;
import veldline.job.Station;

/** Lengths of one wire that keep clear of every half wave of every station of a job. */
public final class StationWindows {
    /** Share of its frequency that a station is wide on each side. */
    private static final double BAND = 0.01;
    /** A half wave of bare wire as it hangs, metres times megahertz. */
    private static final double WIRE = 142.65;

    private static final double GUARD = 0.02;

    private StationWindows() {}

    /** @param least shortest length looked at, metres */
    public static WireWindows of(Job job, double least, double most) {
        return new WireWindows(job.stations().stream().map(StationWindows::band).toList(), WIRE, GUARD, least, most);
    }

    /** What one station takes of the spectrum. */
    public static WireWindows.Band band(Station station) {
        double f = station.brief().frequency().value() / 1e6;
        return new WireWindows.Band(f * (1 - BAND), f * (1 + BAND));
    }

    /** The same for some stations alone. */
    public static List<WireWindows.Window> shut(Job job, Station station, double least, double most) {
        return of(job, least, most).forbidden(band(station)).stream()
                .filter(w -> w.to() > least && w.from() < most)
                .toList();
    }
}
