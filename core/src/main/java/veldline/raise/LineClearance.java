package veldline.raise;

import veldline.explain.Formula;
import veldline.explain.Worked;

/** How far a mast stands from overhead lines. */
public final class LineClearance {
    public static final Formula FORMULA = new Formula(
            "Clear of overhead lines",
            "One and a half times all that could fall.",
            "D",
            "1.5·(m + a)",
            "Usual practice; local code decides",
            "The least, not a leave: the line's owner may ask for more");

    private LineClearance() {}

    /** Least distance in metres for a mast and an antenna's greatest length. */
    public static Worked least(double mast, double antenna) {
        return Worked.of(FORMULA)
                .typed("m", "height of the mast", mast, "m", 3)
                .computed("a", "longest antenna", antenna, "m", 3)
                .gives(1.5 * (mast + antenna), "m", 1);
    }
}
