package veldline.assess;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.prove.Rework;
import veldline.quantity.NumberText;

/** What was changed at the place, one thing after the other: the best of it, and whether that is how it stands. */
final class ReworkRules {
    private static final Formula BROUGHT = new Formula(
            "What a change brought",
            "Level after it less level before it, both read at the place.",
            "D",
            "a − b",
            "Levels of one device at one place",
            "±2 dB for a glance; a recording of each tells it");
    /** So much less than the best is no longer as good, dB. */
    private static final double LESS = 1;

    private ReworkRules() {}

    static List<Finding> of(Assessment a) {
        List<Rework> all = a.job().rework();
        OptionalInt best = Rework.best(all);
        if (best.isEmpty()) {
            return List.of();
        }
        int i = best.getAsInt();
        Rework top = all.get(i);
        String lead = top.after().orElseThrow() + ",";
        String rest = "the best so far, with “" + top.change() + "”, number " + (i + 1) + " of " + all.size() + ".";
        Optional<Worked> brought = top.before()
                .map(b -> Worked.of(BROUGHT)
                        .measured("a", "after", top.after().get().value(), "dBm", 2)
                        .measured("b", "before", b.value(), "dBm", 2)
                        .gives(top.brought().orElseThrow(), "dB", 1, 2));
        Finding found = judged(all, top, lead, rest);
        return List.of(brought.map(found::withWorked).orElse(found));
    }

    private static Finding judged(List<Rework> all, Rework top, String lead, String rest) {
        if (!top.kept()) {
            return Finding.plain(
                    Finding.Level.WATCH, lead, rest, "It was undone; nothing since was as good.", "best was undone");
        }
        double stands = all.stream()
                .filter(r -> r.kept() && r.after().isPresent())
                .reduce((x, y) -> y)
                .flatMap(Rework::after)
                .orElseThrow()
                .value();
        double less = top.after().get().value() - stands;
        return less > LESS
                ? Finding.plain(
                        Finding.Level.WATCH,
                        lead,
                        rest,
                        "As it stands it is " + NumberText.shown(less, 1)
                                + " dB less: something kept since took from it.",
                        "was better")
                : Finding.plain(Finding.Level.FITS, lead, rest, "As it stands it is as good.", "");
    }
}
