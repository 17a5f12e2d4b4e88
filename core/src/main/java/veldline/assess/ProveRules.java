package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.measure.Silences;
import veldline.measure.Strip;
import veldline.picture.Paragraph;
import veldline.prove.Comparison;
import veldline.prove.Verdict;
import veldline.quantity.NumberText;

/** Judgements on what was measured. */
final class ProveRules {
    private static final Formula GAP = new Formula(
            "Least that was won",
            "Before lay under the floor there, so after is better by at least what it has over the floor.",
            "D",
            "a",
            "Readings",
            "A least value; it may be much more");

    private ProveRules() {}

    static List<Finding> improvement(Assessment a) {
        if (a.prove() instanceof Stage.Failed<ProveFigures> failed) {
            return List.of(
                    Finding.plain(Finding.Level.UNKNOWN, "Nothing shown yet.", failed.why(), "", "not measured"));
        }
        if (a.prove().value().isEmpty()) {
            return List.of();
        }
        ProveFigures p = a.prove().value().get();
        Comparison c = p.comparison();
        String lead = NumberText.signed(c.difference().value(), 1) + " dB";
        String rest = p.verdict().word() + "; "
                + NumberText.shown(a.job().prove().confidence().value(), 0) + " in 100 sure of "
                + NumberText.shown(c.low(), 1) + " to " + NumberText.shown(c.high(), 1) + ".";
        if (p.changed().size() > 1) {
            String both = String.join(" and ", p.changed());
            return List.of(Finding.watch(
                            lead,
                            rest,
                            Paragraph.capital(both)
                                    + " were changed together, and the difference is that of all of them."
                                    + " Put all but one back and record again.",
                            "changed together",
                            c.difference())
                    .withWorked(c.difference()));
        }
        Finding f = switch (p.verdict()) {
            case SHOWN -> Finding.fits(lead, rest, p.rounds() + " rounds there and back.", c.difference());
            case PROVISIONAL ->
                Finding.watch(
                        lead,
                        rest,
                        "One before and after: the day may have changed too. Go back and forth twice.",
                        "provisional",
                        c.difference());
            case NOT_SHOWN -> Finding.watch(lead, rest, longer(p), "not shown", c.difference());
            case WORSE -> Finding.stop(lead, rest, "It got worse; undo the change.", "worse", c.difference());
        };
        return List.of(f.withWorked(c.difference()));
    }

    /** What recordings like these would have shown; nobody is to read “not shown” as “not there”. */
    static List<Finding> power(Assessment a) {
        return a.prove()
                .value()
                .map(p -> {
                    Worked nine = p.comparison().nineInTen();
                    return List.of(Finding.fits(
                            nine.shown(),
                            "is what recordings like these show in 9 of 10; less may be there and not be seen.",
                            "",
                            nine));
                })
                .orElse(List.of());
    }

    /** How much more would have to be recorded for this difference to clear zero; its interval narrows with the root of it. */
    private static String longer(ProveFigures p) {
        Comparison c = p.comparison();
        double difference = Math.abs(c.difference().value());
        if (difference < Verdict.LEAST) {
            return "Under 1.5 dB is not called an improvement, however long it is recorded.";
        }
        double minutes = p.after().series().seconds() / 60;
        double ratio = c.half().value() / difference;
        double more = minutes * (ratio * ratio - 1);
        return "Not clear of zero. Record about " + NumberText.shown(Math.max(1, Math.ceil(more)), 0)
                + " min more of each, at the same tides.";
    }

    static List<Finding> prediction(Assessment a) {
        return a.prove()
                .value()
                .map(p -> {
                    double gap =
                            p.comparison().difference().value() - p.predicted().value();
                    String lead = NumberText.signed(p.predicted().value(), 1) + " dB";
                    boolean inside = Math.abs(gap)
                            <= p.comparison().half().value()
                                    + p.predicted().doubt().orElse(0.0);
                    String rest = "was worked out; measured is " + NumberText.shown(Math.abs(gap), 1)
                            + (gap < 0 ? " less." : " more.");
                    return Math.abs(gap) > 3
                            ? Finding.watch(
                                    lead,
                                    rest,
                                    "Over 3 dB apart: look at aim, cable, heights and what else changed.",
                                    "off the sum",
                                    p.predicted())
                            : Finding.fits(
                                    lead,
                                    rest,
                                    inside ? "Nothing says it falls short." : "Outside the interval, within 3 dB.",
                                    p.predicted());
                })
                .map(List::of)
                .orElse(List.of());
    }

    static List<Finding> margin(Assessment a) {
        return a.prove()
                .value()
                .map(p -> {
                    double wanted = a.job().brief().marginWanted().value();
                    String rest = "over the floor, measured; " + NumberText.shown(wanted, 1) + " wanted.";
                    Finding f = p.margin().value() >= wanted
                            ? Finding.fits(
                                    p.margin().shown(),
                                    rest,
                                    "Worked out: " + a.line().margin().shown() + ".",
                                    p.margin())
                            : Finding.watch(
                                    p.margin().shown(),
                                    rest,
                                    "Worked out: " + a.line().margin().shown() + ".",
                                    "margin short",
                                    p.margin());
                    return f.withRuler(p.margin().value(), Optional.of(wanted), Optional.empty(), 1);
                })
                .map(List::of)
                .orElse(List.of());
    }

    static List<Finding> spread(Assessment a) {
        return a.prove()
                .value()
                .map(p -> {
                    double under = p.medianAfter().value() - p.tenthAfter().value();
                    String rest = "from median to tenth percentile after the change.";
                    return under >= 10
                            ? Finding.watch(
                                    NumberText.shown(under, 1) + " dB",
                                    rest,
                                    "Suspect heat, multipath or motion before the antenna.",
                                    "wide spread",
                                    p.tenthAfter())
                            : Finding.fits(
                                    NumberText.shown(under, 1) + " dB",
                                    rest,
                                    "Ten or more would point to multipath or motion.",
                                    p.tenthAfter());
                })
                .map(List::of)
                .orElse(List.of());
    }

    /** The difference as others would tell it, of all readings as they came and not at the same tide. */
    static List<Finding> means(Assessment a) {
        return a.prove()
                .value()
                .map(p -> {
                    Worked power = Worked.of(BY_POWER)
                            .measured("a", "mean power after", p.powerAfter().value(), "dBm", 2)
                            .measured("b", "mean power before", p.powerBefore().value(), "dBm", 2)
                            .gives(p.powerAfter().value() - p.powerBefore().value(), "dB", 1);
                    String others = NumberText.signed(
                                    p.meanAfter().value() - p.meanBefore().value(), 1)
                            + " dB by mean levels, "
                            + NumberText.signed(
                                    p.medianAfter().value() - p.medianBefore().value(), 1) + " dB by medians.";
                    return List.of(Finding.fits(
                            NumberText.signed(power.value(), 1) + " dB",
                            "by mean power; " + others,
                            "All readings as they came, lost ones at the floor; the first finding lines them up.",
                            power));
                })
                .orElse(List.of());
    }

    private static final Formula BY_POWER = new Formula(
            "After less before, by mean power",
            "Level of the mean power after less that before.",
            "D",
            "a − b",
            "Definition",
            "As fair as both recordings saw the same tides and hours");

    /** Where before heard nothing there is nothing to take off; what was won there is at least what is heard now. */
    static List<Finding> gap(Assessment a) {
        return a.prove()
                .value()
                .flatMap(p -> p.comparison()
                        .gap()
                        .map(g -> Finding.fits(
                                NumberText.shown(g.atLeast(), 1) + " dB at least",
                                "won where before was deaf, at "
                                        + NumberText.shown(g.from(), 1) + " to " + NumberText.shown(g.to(), 1)
                                        + " m of tide.",
                                "Not in the improvement: there was nothing to compare with.",
                                Worked.of(GAP)
                                        .measured("a", "mean after there, over the floor", g.atLeast(), "dB", 2)
                                        .gives(g.atLeast(), "dB", 1))))
                .map(List::of)
                .orElse(List.of());
    }

    static List<Finding> dropouts(Assessment a) {
        return a.prove()
                .value()
                .map(p -> {
                    Strip s = p.afterStrip();
                    Strip b = p.beforeStrip();
                    String lead = s.lost() == 0 ? "Never deaf" : "Deaf " + s.lost() + " times";
                    String rest = "after, in " + s.asked() + " readings; before, " + b.lost() + " times in " + b.asked()
                            + ".";
                    return p.silences().count() > 0
                            ? Finding.plain(Finding.Level.WATCH, lead, rest, silent(p.silences()), "silences")
                            : s.lost() > 0
                                    ? Finding.plain(
                                            Finding.Level.WATCH,
                                            lead,
                                            rest,
                                            "They count as under the floor, so they do not flatter.",
                                            "dropouts")
                                    : Finding.plain(Finding.Level.FITS, lead, rest, "", "");
                })
                .map(List::of)
                .orElse(List.of());
    }

    private static String silent(Silences s) {
        String each = s.every()
                .map(e -> ", one every " + length(e) + ": look for what comes and goes as often")
                .orElse(": suspect heat, multipath or motion before the antenna");
        return s.count() + (s.count() == 1 ? " silence" : " silences") + ", the longest of " + length(s.longest())
                + each + ".";
    }

    private static String length(double seconds) {
        return seconds < 120
                ? NumberText.shown(seconds, 0) + " s"
                : seconds < 7200
                        ? NumberText.shown(seconds / 60, 0) + " min"
                        : NumberText.shown(seconds / 3600, 1) + " h";
    }
}
