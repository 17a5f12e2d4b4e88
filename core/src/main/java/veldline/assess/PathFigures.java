package veldline.assess;

import java.util.Optional;
import veldline.explain.Worked;
import veldline.path.HeightSearch;
import veldline.path.TideCurve;

/**
 * What lies between the ends.
 *
 * @param freeSpace loss of distance alone
 * @param typical with the bounce at the middle of all tides
 * @param polarization what unlike polarizations take
 * @param fresnel radius of the first zone half way
 * @param tide the bounce over the tide
 * @param worst the bounce at its worst tide
 * @param best at its best
 * @param worstBelow how far the worst lies below the middle, dB
 * @param better a better height for the near end, where there is one
 */
public record PathFigures(
        Worked freeSpace,
        Worked typical,
        Worked polarization,
        Worked fresnel,
        TideCurve tide,
        TideCurve.Point worstAt,
        Worked worst,
        TideCurve.Point bestAt,
        Worked best,
        Worked middle,
        double worstBelow,
        Optional<HeightSearch.Found> better) {}
