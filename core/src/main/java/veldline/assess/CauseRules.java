package veldline.assess;

import java.util.List;
import veldline.explain.Finding;
import veldline.prove.Cause;
import veldline.prove.Diagnosis;
import veldline.prove.RangeWalk;
import veldline.prove.Symptom;
import veldline.quantity.NumberText;
import veldline.quantity.Unit;

/** Judgements on why a link falls short, and how far it reaches. */
final class CauseRules {
    /** Short of what was worked out by more than this is looked into, dB. */
    private static final double SHORT = 3;

    private CauseRules() {}

    /** Nothing is said while nothing was measured, or what was is as it should be. */
    static List<Finding> causes(Assessment a) {
        CauseFigures c = a.causes();
        boolean asked = !c.typed().isEmpty()
                || c.value(Symptom.LEVEL).filter(l -> l < -SHORT).isPresent();
        if (!asked) {
            return List.of();
        }
        Diagnosis d = c.diagnosis();
        Diagnosis.Ranked first = d.ranked().get(0);
        Diagnosis.Ranked second = d.ranked().get(1);
        String then = " Then, " + second.share().number() + " in 100: "
                + second.cause().words() + ".";
        if (first.cause() == Cause.NOTHING && d.tells()) {
            return List.of(Finding.fits(
                    first.share().number() + " in 100",
                    "sure that nothing is wrong with the link, by what was measured.",
                    then.strip(),
                    first.share()));
        }
        if (d.tells()) {
            return List.of(Finding.watch(
                    first.share().number() + " in 100",
                    "sure that " + first.cause().words() + ", taking about " + NumberText.shown(first.size(), 0)
                            + " dB.",
                    first.cause().remedy() + then,
                    "a cause stands out",
                    first.share()));
        }
        String rest = "that " + first.cause().words() + ", " + second.share().number() + " that "
                + second.cause().words() + ": it cannot be told yet.";
        return List.of(Finding.watch(
                first.share().number() + " in 100",
                rest,
                d.next().map(n -> n.how() + " It tells most a minute.").orElse("No test here would tell more."),
                "cannot tell",
                first.share()));
    }

    /** What was carried against what was asked for, and what holds it back. */
    static List<Finding> rate(Assessment a) {
        RateFigures r = RateFigures.of(a);
        if (r.bottleneck().isEmpty()) {
            return List.of();
        }
        String lead = r.test().air().toString();
        String rest = "was carried" + (r.asked() > 0 ? "; " + a.job().needs().rate() + " is asked for." : ".");
        boolean slow = r.test().delay().value() > a.job().needs().delay().value()
                && a.job().needs().delay().value() > 0;
        String reason = r.bottleneck().get().words()
                + (slow
                        ? " " + r.test().delay() + " there and back is over the "
                                + a.job().needs().delay() + " asked for."
                        : "");
        boolean enough = r.bottleneck().get() == RateFigures.Bottleneck.NOTHING && !slow;
        return List.of(Finding.plain(
                enough ? Finding.Level.FITS : Finding.Level.WATCH, lead, rest, reason, enough ? "" : "rate short"));
    }

    static List<Finding> walk(Assessment a) {
        if (a.walk() instanceof Stage.Failed<RangeWalk> failed) {
            return List.of(Finding.plain(Finding.Level.UNKNOWN, "No reach yet.", failed.why(), "", "walk short"));
        }
        return a.walk().value().map(w -> List.of(reach(a, w))).orElse(List.of());
    }

    private static Finding reach(Assessment a, RangeWalk w) {
        double distance = a.job().brief().distance().value();
        String lead = "Reaches " + far(w.range().value());
        String rest = "with what is wanted; "
                + NumberText.shown(a.job().prove().confidence().value(), 0)
                + " in 100 sure of " + far(w.low()) + " to "
                + w.high().map(CauseRules::far).orElse("farther than was walked") + ".";
        String reason = shortfall(a, w, distance);
        if (w.low() >= distance) {
            return Finding.fits(lead, rest, reason, w.range());
        }
        boolean never = w.high().filter(h -> h < distance).isPresent();
        return never
                ? Finding.stop(
                        lead, rest, "The far end is " + far(distance) + " away. " + reason, "does not reach", w.range())
                : Finding.watch(
                        lead, rest, "The far end is " + far(distance) + " away. " + reason, "may not reach", w.range());
    }

    private static String shortfall(Assessment a, RangeWalk w, double distance) {
        return CauseFigures.againstTheSum(a.job(), a.line(), w)
                .map(g -> "At " + far(distance) + " it hears " + NumberText.shown(Math.abs(g.value()), 1) + " dB "
                        + (g.value() < 0 ? "less" : "more") + " than was worked out.")
                .orElse("The law ends at " + far(CauseFigures.BEYOND * w.walked())
                        + ", half as far again as was walked.");
    }

    private static String far(double metres) {
        return metres >= 1000
                ? NumberText.shown(metres / 1000, 1) + " " + Unit.KM.symbol()
                : NumberText.shown(metres, 0) + " " + Unit.M.symbol();
    }
}
