package veldline.coverage;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.path.FreeSpace;
import veldline.path.LogDistance;

/**
 * What the distance takes on a plan: free space, or the flat ground's fourth power where that takes more; by an exponent
 * where the place has one.
 *
 * @param frequency hertz
 * @param place that is no clear way, where it is one
 */
record PathRule(double frequency, Optional<LogDistance> place) {
    static final Formula FORMULA = new Formula(
            "Level at a place",
            "Power and gain towards it, less what the distance takes (free space, or the ground's fourth power where that is"
                    + " more) and what the obstacles take.",
            "P",
            "p + g − l − o",
            "ITU-R P.525 and P.526 §3 far from the break point; P.2040 through walls; P.526 §4.1 over edges",
            "±6 dB from spot to spot; bounces close by are not followed");

    /** Ready for one pair of heights. */
    Law law(double h1, double h2) {
        double one = FreeSpace.lossDb(1, frequency);
        double product = 20 * Math.log10(Math.max(0.3, h1) * Math.max(0.3, h2));
        return place.map(p -> new Law(one, 10 * p.exponent(), Double.NEGATIVE_INFINITY))
                .orElseGet(() -> new Law(one, 20, -product));
    }

    /**
     * @param one loss at a metre, dB
     * @param slope dB a decade
     * @param ground loss of the fourth-power law at a metre, dB
     */
    record Law(double one, double slope, double ground) {
        double lossDb(double distance) {
            double lg = Math.log10(Math.max(1, distance));
            return Math.max(one + slope * lg, ground + 40 * lg);
        }
    }
}
