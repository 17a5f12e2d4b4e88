package veldline.link;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.path.FreeSpace;
import veldline.path.TideCurve;

/** The path as the line shows it: free space less what the bounce adds at the middle of all tides. */
public final class PathLoss {
    public static final Formula TYPICAL = new Formula(
            "Path loss, typical",
            "Free space less what the bounce adds half of the time or more.",
            "L",
            "a − b",
            "ITU-R P.525-4 and P.526-15 §3, added in dB",
            "±2 dB on calm water");

    private PathLoss() {}

    public static Worked typical(Brief brief, boolean upright) {
        TideCurve tide = brief.tideCurve(upright);
        Worked free =
                FreeSpace.worked(brief.distance().value(), brief.frequency().value());
        Worked bounce = tide.workedMiddle();
        return Worked.of(TYPICAL)
                .from("a", "free space", free)
                .from("b", "bounce", bounce)
                .gives(free.value() - bounce.value(), "dB", 1, 2);
    }
}
