package veldline.desktop.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.prove.Rework;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** One thing changed at a time, what was read before and after, and whether it stays. */
final class ReworkInputs {
    private static final double LEAST = -160;
    private static final double MOST = 30;

    private ReworkInputs() {}

    /** The one that is walked to. */
    static int chosen(Showing s) {
        int n = s.job().rework().size();
        return s.pickedIndex(Step.LOG, n - 1, n);
    }

    static List<Input> of(Showing s) {
        List<Rework> all = s.job().rework();
        List<Input> in = new ArrayList<>();
        in.add(Input.Words.asking(
                "changed",
                "What was changed, then Enter",
                text -> text.isBlank() ? Optional.empty() : Optional.of(added(s, text.strip()))));
        if (!all.isEmpty()) {
            int i = chosen(s);
            Rework r = all.get(i);
            in.add(level(s, i, "before", r.before()));
            in.add(level(s, i, "after", r.after()));
            in.add(new Input.Choice(
                    "kept",
                    "It was",
                    List.of(
                            new Input.Option("kept", r.kept(), put(s, i, r.withKept(true), "kept: " + r.change())),
                            new Input.Option(
                                    "undone", !r.kept(), put(s, i, r.withKept(false), "undone: " + r.change())))));
        }
        in.add(
                new Input.Note(
                        "rework-how",
                        "One thing at a time, the same radio at the same place. Left and right walk what was tried; the level after is dragged. What it proves stands in Prove."));
        return in;
    }

    private static Input.Value level(Showing s, int i, String which, Optional<Quantity> now) {
        boolean before = which.equals("before");
        return new Input.Value(
                which,
                before ? "Before" : "After",
                now.orElse(Quantity.of("0", Unit.DBM)),
                now.isPresent() ? "" : "not read",
                Limits.within(LEAST, MOST, "−160", "30 dBm", q -> {
                    Rework r = s.job().rework().get(i);
                    return put(
                            s,
                            i,
                            before ? r.withBefore(Optional.of(q)) : r.withAfter(Optional.of(q)),
                            which + " " + q + ": " + r.change());
                }));
    }

    /** It begins where the last one that was kept ended. */
    private static JobChange added(Showing s, String change) {
        List<Rework> all = new ArrayList<>(s.job().rework());
        Optional<Quantity> before =
                all.stream().filter(Rework::kept).reduce((a, b) -> b).flatMap(Rework::after);
        all.add(new Rework(Instant.now(), change, before, Optional.empty(), true));
        return new JobChange.Reworked(all, "changed: " + change);
    }

    private static JobChange put(Showing s, int i, Rework to, String label) {
        List<Rework> all = new ArrayList<>(s.job().rework());
        all.set(i, to);
        return new JobChange.Reworked(all, label);
    }

    /** With another level after for one of them. */
    static JobChange after(Showing s, int i, Quantity level) {
        return put(s, i, s.job().rework().get(i).withAfter(Optional.of(level)), "after " + level);
    }
}
