package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Worked;
import veldline.path.HeightSearch;
import veldline.path.Multipath;
import veldline.path.Passage;
import veldline.path.PathEffects;
import veldline.path.Sightline;
import veldline.path.TideCurve;

/**
 * What lies between the ends.
 *
 * @param passage the wave on its way
 * @param lines what each effect does, in the order a level meets them
 * @param freeSpace loss of distance alone
 * @param typical all of it at the middle of all tides
 * @param polarization what unlike polarizations take
 * @param fresnel radius of the first zone half way
 * @param over the ground under the line
 * @param tide the bounce over the tide
 * @param curve its points, so that nobody has to work them out to draw them
 * @param worst the bounce at its worst tide
 * @param best at its best
 * @param worstBelow how far the worst lies below the middle, dB
 * @param better a better height for the near end, where there is one
 * @param byHeight what the ground gives at every height of the near antenna, counted as the brief counts; none where
 *     there is a tide to look at
 * @param weather what the year brings
 */
public record PathFigures(
        Passage passage,
        List<PathEffects.Line> lines,
        Worked freeSpace,
        Worked typical,
        Worked polarization,
        Worked fresnel,
        Over over,
        TideCurve tide,
        List<TideCurve.Point> curve,
        TideCurve.Point worstAt,
        Worked worst,
        TideCurve.Point bestAt,
        Worked best,
        Worked middle,
        double worstBelow,
        Optional<HeightSearch.Found> better,
        List<HeightSearch.Found> byHeight,
        Weather weather) {
    public PathFigures {
        lines = List.copyOf(lines);
        byHeight = List.copyOf(byHeight);
        curve = List.copyOf(curve);
    }

    /**
     * The ground under the line.
     *
     * @param line the line over it
     * @param counts whether the bounce counts or the edges
     * @param tightest index of the tightest point; −1 where there is none between the ends
     * @param clearance there, in radii of the first zone
     * @param edges what the edges take by the school chosen
     * @param others what they take by the other schools, in the order they are offered
     */
    public record Over(
            Sightline line,
            Passage.Ground counts,
            int tightest,
            Optional<Worked> clearance,
            Worked edges,
            List<Worked> others) {
        public Over {
            others = List.copyOf(others);
        }
    }

    /**
     * What the year brings.
     *
     * @param rain what it takes for the share of the year asked about; empty where rain is left out or takes nothing
     * @param fading in clear air; empty on ways too short for it
     */
    public record Weather(Optional<Worked> rain, Optional<Multipath> fading) {}
}
