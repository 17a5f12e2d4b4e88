package veldline.desktop.bench;

import java.util.function.Function;
import veldline.job.JobChange;
import veldline.quantity.Quantity;

/** Guards on values: what lies outside is refused with the value, the limit and the way on. */
public final class Limits {
    private Limits() {}

    /** A value from {@code low} to {@code high}, in the unit held inside. */
    public static Function<Quantity, Input.Outcome> within(
            double low, double high, String lowText, String highText, Function<Quantity, JobChange> change) {
        return q -> q.value() < low || q.value() > high || Double.isNaN(q.value())
                ? new Input.Outcome.Refused(q + " is outside " + lowText + " to " + highText + "; give one between.")
                : Input.Outcome.of(change.apply(q));
    }
}
