package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.link.BriefChange;
import veldline.path.Edges;
import veldline.path.Multipath;
import veldline.path.Passage;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Judgements on the ground under the line and the weather over it. */
final class WayRules {
    /** Of the first zone, so much should be clear (ITU-R P.530). */
    private static final double CLEAR = 0.6;

    /** Schools that differ by more than this are worth a word, dB. */
    private static final double APART = 3;

    private WayRules() {}

    /** What stands in the way and is not counted, since nobody knows what it takes at this frequency. */
    static List<Finding> uncounted(Assessment a) {
        double f = a.job().brief().frequency().value();
        return a.job().brief().obstacles().stream()
                .filter(o -> !o.known(f))
                .map(o -> Finding.plain(
                                Finding.Level.WATCH,
                                o.name(),
                                "in the way is not counted at " + NumberText.shown(f / 1e6, 2) + " MHz.",
                                "What it takes is only known at other frequencies: measure it, and type its loss instead.",
                                "not counted")
                        .withWorked(o.loss(f)))
                .toList();
    }

    /** How clear the line is over a known ground, and what stands in it. */
    static List<Finding> clearance(Assessment a) {
        PathFigures.Over over = a.path().over();
        if (a.job().brief().field().isPresent()
                || a.job().brief().way().profile().isEmpty()
                || over.clearance().isEmpty()) {
            return List.of();
        }
        Worked clearance = over.clearance().get();
        String at = NumberText.shown(over.line().place(over.tightest()) / 1000, 2) + " km";
        String lead = NumberText.shown(100 * clearance.value(), 0) + " %";
        String rest = "of the first zone is clear at " + at + "; 60 % is wanted.";
        String counts = "So " + over.counts().words() + ".";
        boolean blocked = clearance.value() < 0;
        Finding f = blocked
                ? Finding.watch(
                        over.edges().shown(),
                        "by what stands in the way at " + at + ".",
                        schools(a),
                        "line blocked",
                        over.edges())
                : clearance.value() < CLEAR
                        ? Finding.watch(lead, rest, counts, "zone not clear", clearance)
                        : Finding.fits(lead, rest, counts, clearance);
        return List.of(
                blocked || over.counts() == Passage.Ground.EDGES || over.counts() == Passage.Ground.BOTH
                        ? f.withRemedies(raise(a))
                        : f);
    }

    /** The other school beside the one chosen, with why this one. */
    private static String schools(Assessment a) {
        PathFigures.Over over = a.path().over();
        Edges chosen = a.job().brief().way().edges();
        List<Edges> names = Stream.of(Edges.values()).filter(e -> e != chosen).toList();
        StringBuilder words = new StringBuilder("Taken " + chosen.words());
        double apart = 0;
        for (int i = 0; i < names.size(); i++) {
            Worked other = over.others().get(i);
            words.append(i == 0 ? "; " : ", ")
                    .append(names.get(i).words())
                    .append(i == 0 ? " it would be " : " ")
                    .append(other.shown());
            apart = Math.max(apart, Math.abs(other.value() - over.edges().value()));
        }
        return words + (apart > APART ? ". They differ: measure before relying on it." : ".");
    }

    private static List<Finding.Remedy> raise(Assessment a) {
        Optional<Finding.Remedy> remedy = a.path()
                .better()
                .map(b -> new Finding.Remedy(
                        "Hang it at " + NumberText.shown(b.height(), 1) + " m",
                        "The ground would then " + (b.worstDb() < 0 ? "take " : "give ")
                                + NumberText.shown(Math.abs(b.worstDb()), 1) + " dB at worst.",
                        new BriefChange.Height(true, Quantity.shown(b.height(), Unit.M, 1))));
        return remedy.map(List::of).orElse(List.of());
    }

    /** What rain and layers of air leave of the margin in a year. */
    static List<Finding> weather(Assessment a) {
        List<Finding> found = new ArrayList<>();
        if (a.job().brief().field().isPresent()) {
            return found;
        }
        double margin = a.line().answered() ? a.line().margin().value() : Double.NaN;
        a.path().weather().rain().ifPresent(rain -> {
            String share = a.job().brief().way().share().number() + " % of the year";
            String rest = "by rain in " + share + ".";
            boolean holds = Double.isNaN(margin) || margin >= rain.value();
            found.add(
                    holds
                            ? Finding.fits(rain.shown(), rest, "The margin bears it.", rain)
                            : Finding.watch(
                                    rain.shown(),
                                    rest,
                                    "More than the margin: the link is out for longer than that.",
                                    "rain outlasts margin",
                                    rain));
        });
        a.path()
                .weather()
                .fading()
                .filter(m -> a.line().answered() && margin > 0)
                .ifPresent(m -> {
                    Worked share = m.worked(margin);
                    found.add(fading(share, m));
                });
        return found;
    }

    private static Finding fading(Worked share, Multipath m) {
        String lead = NumberText.shown(share.value(), share.value() < 0.01 ? 4 : 2) + " %";
        String rest = "of the worst month lost to fading in clear air.";
        String reason =
                "By layers of air over " + NumberText.shown(m.distance() / 1000, 1) + " km; longer ways fade far more.";
        return share.value() <= 0.1
                ? Finding.fits(lead, rest, reason, share)
                : Finding.watch(lead, rest, reason, "clear-air fading", share);
    }
}
