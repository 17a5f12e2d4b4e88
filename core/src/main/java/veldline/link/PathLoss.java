package veldline.link;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.path.FreeSpace;
import veldline.path.TideCurve;

/** The path as the line shows it: free space less what the bounce adds at the middle of all tides. */
public final class PathLoss {
    public static final Formula TYPICAL = new Formula(
            "Path loss, typical",
            "Free space less what the bounce adds half of the time or more, and what unlike polarizations and what stands"
                    + " in the way take.",
            "L",
            "a − b + p + o",
            "ITU-R P.525-4 and P.526-15 §3, IEEE Std 145; added in dB",
            "±2 dB on calm water");

    private PathLoss() {}

    public static Worked typical(Brief brief, boolean upright, Worked polarization) {
        TideCurve tide = brief.tideCurve(upright);
        Worked free =
                FreeSpace.worked(brief.distance().value(), brief.frequency().value());
        Worked bounce = tide.workedMiddle();
        double loss = free.value() - bounce.value() + polarization.value() + brief.obstacleLossDb();
        return Worked.of(TYPICAL)
                .from("a", "free space", free)
                .from("b", "bounce", bounce)
                .from("p", "polarization", polarization)
                .typed("o", "obstacles", brief.obstacleLossDb(), "dB", 2)
                .gives(loss, "dB", 1, BOUNCE_DOUBT);
    }

    /** What the bounce is good to, dB. */
    public static final double BOUNCE_DOUBT = 2;
}
