package veldline.assess;

import veldline.job.Job;
import veldline.quantity.NumberText;

/** What stands now, in words: recordings of one set-up are rounds of the same thing. */
public final class SetUp {
    private SetUp() {}

    /** “Yagi of 14 at 8 m”. */
    public static String of(Job job) {
        return job.yagi()
                        .map(y -> "Yagi of " + y.elements().size())
                        .orElse(job.antenna(job.madeNear()).title()) + " at "
                + NumberText.shown(job.brief().near().height().value(), 0) + " m";
    }
}
