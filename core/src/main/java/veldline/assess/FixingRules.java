package veldline.assess;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.NumberText;
import veldline.raise.Fixings;

/** Judgements on metals that touch, and on what bears the mount. */
public final class FixingRules {
    private static final Formula APART = new Formula(
            "Apart in the anodic index",
            "Two metals that touch where it is wet are a cell; the one with the greater index goes.",
            "V",
            "abs(a − b)",
            "Anodic index, MIL-F-14072; limits by the air as usual with it",
            "0.05 V; alloys and coats differ, and a great cathode on a small anode is worse");

    private FixingRules() {}

    /** How far a contact's metals lie apart; empty where one does not conduct. */
    public static Optional<Worked> apart(Fixings.Contact c) {
        return c.one().conducts() && c.other().conducts()
                ? Optional.of(Worked.of(APART)
                        .computed("a", c.one().words(), c.one().index(), "V", 2)
                        .computed("b", c.other().words(), c.other().index(), "V", 2)
                        .gives(c.apart(), "V", 2))
                : Optional.empty();
    }

    /** Nothing is said of what nobody looked at yet. */
    static List<Finding> of(Assessment a) {
        return a.job().raise().fixings().equals(Fixings.USUAL) ? List.of() : judged(a);
    }

    static List<Finding> judged(Assessment a) {
        Fixings f = a.job().raise().fixings();
        return List.of(worst(f), place(f));
    }

    private static Finding worst(Fixings f) {
        Fixings.Contact worst = f.contacts().stream()
                .max(Comparator.comparingDouble(Fixings.Contact::apart))
                .orElseThrow();
        Optional<Worked> apart = apart(worst);
        if (apart.isEmpty()) {
            return Finding.plain(
                    Finding.Level.FITS, "No two metals", "touch where it is wet.", "Nothing there is a cell.", "");
        }
        String rest = "between " + worst.one().words() + " and " + worst.other().words() + " at " + worst.where() + "; "
                + NumberText.shown(f.air().limit(), 2) + " V is the most "
                + f.air().words() + ".";
        return worst.apart() > f.air().limit()
                ? Finding.watch(
                        apart.get().shown(),
                        rest,
                        "The " + worst.goes().words()
                                + " goes, and the joint with it. Like metals, a tinned or plastic piece between, or grease and tape that keep water out.",
                        "metals corrode",
                        apart.get())
                : Finding.fits(apart.get().shown(), rest, "", apart.get());
    }

    private static Finding place(Fixings f) {
        boolean chimney = f.place() == Fixings.Place.CHIMNEY;
        return Finding.plain(
                chimney ? Finding.Level.WATCH : Finding.Level.FITS,
                "On " + f.place().words() + ":",
                f.place().look(),
                "What it bears is for licensed practice; the wind on it stands on the mount's page.",
                chimney ? "chimney" : "");
    }
}
