package veldline.assess;

import java.util.Comparator;
import java.util.List;
import veldline.antenna.WireWindows;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.job.Station;

/** Lengths of one wire that keep clear of every half wave of every station of a job. */
public final class StationWindows {
    /** Share of its frequency that a station is wide on each side. */
    private static final double BAND = 0.01;
    /** A half wave of bare wire as it hangs, metres times megahertz. */
    private static final double WIRE = 142.65;

    private static final double GUARD = 0.02;

    static final Formula HALF_WAVE = new Formula(
            "Half waves of a hung wire",
            "Fed at its end a wire is at thousands of ohms where it is n half waves of a station's frequency f long.",
            "L",
            "n·142.65 ÷ f",
            "468 feet over megahertz, as wire is remembered; 149.9 m in the open",
            "Ends shorten the first half wave only, so high multiples lie up to 4 % longer; insulation shortens all");

    private StationWindows() {}

    /** The half wave of any station that is nearest to a length, metres. */
    public static Worked nearest(Job job, double length) {
        return job.stations().stream()
                .map(s -> halfWave(s.brief().frequency().value() / 1e6, length))
                .min(Comparator.comparingDouble(w -> Math.abs(w.value() - length)))
                .orElseThrow();
    }

    private static Worked halfWave(double mhz, double length) {
        long n = Math.max(1, Math.round(length * mhz / WIRE));
        return Worked.of(HALF_WAVE)
                .computed("n", "half waves", n, "", 0)
                .computed("f", "frequency of the station", mhz, "MHz", 3)
                .gives(n * WIRE / mhz, "m", 2);
    }

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
