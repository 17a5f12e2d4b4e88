package veldline.assess;

import veldline.explain.Worked;
import veldline.link.Brief;
import veldline.link.PathLoss;
import veldline.path.FreeSpace;
import veldline.path.Fresnel;
import veldline.path.HeightSearch;
import veldline.path.TideCurve;

/** Works out what lies between the ends. */
final class PathStage {
    /** Lowest an antenna may hang over low water and the tide, metres. */
    private static final double DRY = 3;

    /** The bounce depends on how the field stands, and the field stands as the antennas do. */
    record Input(Brief brief, boolean upright, Worked polarization, double highest) {}

    private PathStage() {}

    static PathFigures figures(Input in) {
        Brief brief = in.brief;
        TideCurve tide = brief.tideCurve(in.upright);
        TideCurve.Point worst = tide.worst();
        TideCurve.Point best = tide.best();
        Worked middle = tide.workedMiddle();
        return new PathFigures(
                FreeSpace.worked(brief.distance().value(), brief.frequency().value()),
                PathLoss.typical(brief, in.upright, in.polarization),
                in.polarization,
                Fresnel.halfWay(brief.distance().value(), brief.frequency().value()),
                tide,
                worst,
                tide.workedAt(worst.tide()),
                best,
                tide.workedAt(best.tide()),
                middle,
                Math.max(0, middle.value() - worst.bounceDb()),
                HeightSearch.forFirstEnd(tide, brief.tide().value() + DRY, in.highest));
    }
}
