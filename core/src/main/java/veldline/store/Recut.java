package veldline.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Design;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;

/** A workshop's own correction: what its first tries came out low by, the next one is cut shorter by. */
public final class Recut {
    /** No saw is as fine as this share of a length. */
    private static final double LEAST = 0.0005;

    private Recut() {}

    /**
     * The cut for the antenna of a job; locked lengths stay. Empty where it is not made of lengths here, or the tries came out as they should.
     *
     * @param middle where the middle one of the first tries dipped, in 100 of its frequency
     */
    public static Optional<JobChange> of(Job job, double middle) {
        double times = 1 + middle / 100;
        String label = "cut " + NumberText.shown(Math.abs(middle), 1) + " % " + (middle < 0 ? "shorter" : "longer")
                + ", as first tries came out";
        if (Math.abs(middle / 100) < LEAST) {
            return Optional.empty();
        }
        if (job.yagi().isPresent()) {
            return Optional.of(
                    new JobChange.OfYagi(new YagiChange.Take(cut(job.yagi().get(), times), label)));
        }
        return job.antenna(job.madeNear()) instanceof Design d
                ? Optional.of(new JobChange.All(label, List.of(new JobChange.Fit(job.madeNear(), d.scaled(times)))))
                : Optional.empty();
    }

    private static YagiShape cut(YagiShape yagi, double times) {
        YagiShape next = yagi;
        for (int i : new ArrayList<>(free(yagi))) {
            YagiShape.Element e = yagi.elements().get(i);
            Quantity length =
                    Quantity.shown(times * e.length().value(), e.length().unit(), 2);
            next = next.withElement(i, new YagiShape.Element(e.position(), length));
        }
        return next;
    }

    private static List<Integer> free(YagiShape yagi) {
        List<Integer> free = new ArrayList<>();
        for (int i = 0; i < yagi.elements().size(); i++) {
            if (!yagi.locked().contains(i)) {
                free.add(i);
            }
        }
        return free;
    }
}
