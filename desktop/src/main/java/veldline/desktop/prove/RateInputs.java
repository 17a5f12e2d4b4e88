package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.List;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.link.NeedsChange;
import veldline.prove.ProveChange;
import veldline.prove.RateTest;
import veldline.quantity.Quantity;

/** What was asked for and what was carried. */
final class RateInputs {
    private static final double MOST = 1e11;

    private RateInputs() {}

    static List<Input> of(Showing s) {
        RateTest t = s.job().prove().rate();
        List<Input> in = new ArrayList<>();
        in.add(rate("air", "On the air", t.air(), t::withAir));
        in.add(rate("wired", "By wire", t.wired(), t::withWired));
        in.add(new Input.Pair(
                new Input.Value(
                        "round-trip",
                        "Delay",
                        t.delay(),
                        "",
                        Limits.within(0, 100, "0", "100 s", q -> change(t.withDelay(q)))),
                new Input.Value(
                        "lost",
                        "Lost, in 100",
                        t.lost(),
                        "",
                        Limits.within(0, 100, "0", "100", q -> change(t.withLost(q))))));
        in.add(new Input.Value(
                "asked",
                "Asked for",
                s.job().needs().rate(),
                "",
                Limits.within(
                        0,
                        MOST,
                        "0",
                        "100 Gbit/s",
                        q -> new JobChange.OfNeeds(new NeedsChange.Amount(NeedsChange.Kind.RATE, q)))));
        if (s.busy().isPresent()) {
            in.add(new Input.Action("stop", "Stop and keep nothing", "Esc", Input.Command.STOP));
        } else {
            in.add(new Input.Action("rate-test", "Measure it, simulated", "", Input.Command.RATE));
        }
        in.add(
                new Input.Note(
                        "rate-how",
                        "By wire at the far radio first, so that the line behind it is known; same file, same hour, three times each way."));
        return in;
    }

    private static Input.Value rate(
            String id, String label, Quantity now, java.util.function.Function<Quantity, RateTest> to) {
        return new Input.Value(id, label, now, "", Limits.within(0, MOST, "0", "100 Gbit/s", q -> change(to.apply(q))));
    }

    static JobChange change(RateTest to) {
        return new JobChange.OfProve(new ProveChange.Rated(to));
    }
}
