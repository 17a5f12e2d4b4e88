package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.PowerProfile;
import veldline.link.PowerProfiles;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Judgements on what was asked for. */
final class BriefRules {
    private BriefRules() {}

    static List<Finding> margin(Assessment a) {
        Worked margin = a.line().margin();
        double wanted = a.job().brief().marginWanted().value();
        double over = margin.value() - wanted;
        double worst = over - a.line().worstBelow();
        String rest = "over the floor; " + NumberText.shown(wanted, 1) + " wanted.";
        if (a.line().brokenAt().isPresent()) {
            return List.of(Finding.plain(
                    Finding.Level.STOP,
                    "No answer.",
                    "The signal stops at a joint.",
                    "Mend it in Feed run.",
                    "line broken"));
        }
        if (a.line().unknownFrom().isPresent()) {
            return List.of(undecided(a));
        }
        if (margin.value() < 0) {
            return List.of(Finding.stop(
                    NumberText.shown(-margin.value(), 1) + " dB under the floor.",
                    "",
                    "The far radio hears nothing.",
                    "under the floor",
                    margin));
        }
        Finding f = worst >= 0
                ? Finding.fits(
                        margin.shown(),
                        rest,
                        a.line().worstBelow() < 0.05
                                ? ""
                                : "The worst tide still leaves "
                                        + NumberText.shown(
                                                margin.value() - a.line().worstBelow(), 1) + ".",
                        margin)
                : Finding.watch(
                        margin.shown(),
                        rest,
                        a.line().worstBelow() < 0.05
                                ? NumberText.shown(-over, 1) + " dB short."
                                : "The worst tide leaves "
                                        + NumberText.shown(
                                                margin.value() - a.line().worstBelow(), 1) + ".",
                        a.line().worstBelow() < 0.05 ? "margin short" : "short at worst tide",
                        margin);
        return List.of(f.withRuler(margin.value(), Optional.of(wanted), Optional.empty(), 1));
    }

    private static Finding undecided(Assessment a) {
        String name = a.line().stops().get(a.line().unknownFrom().orElseThrow()).name();
        return a.antenna() instanceof Stage.Running
                ? Finding.plain(Finding.Level.UNKNOWN, "No margin yet.", name + " is being solved.", "", "")
                : Finding.plain(
                        Finding.Level.UNKNOWN,
                        "No margin yet.",
                        name + " is not decided on.",
                        "Choose it; the line then runs on.",
                        "not chosen");
    }

    static List<Finding> tide(Assessment a) {
        PathFigures p = a.path();
        if (a.job().brief().field().isPresent() || !p.over().counts().bounces()) {
            return List.of();
        }
        if (a.job().brief().tide().value() <= 0) {
            return List.of(Finding.fits(
                    NumberText.signed(p.middle().value(), 1) + " dB",
                    "by the bounce; nothing rises or falls.",
                    "",
                    p.middle()));
        }
        String where = "with the " + a.job().brief().way().rise().words() + " at "
                + NumberText.shown(p.worstAt().tide(), 1) + " m";
        boolean loses = p.worstAt().bounceDb() < -3;
        String lead = NumberText.signed(p.worstAt().bounceDb(), 1) + " dB";
        String rest = "from the bounce at its worst, " + where + ".";
        String reason = "At its best " + NumberText.signed(p.bestAt().bounceDb(), 1) + " dB at "
                + NumberText.shown(p.bestAt().tide(), 1) + " m. Waves soften both.";
        Finding f = loses
                ? Finding.watch(lead, rest, reason, "bounce in a null", p.worst())
                : Finding.fits(lead, rest, reason, p.worst());
        return List.of(p.better()
                .filter(b -> loses)
                .map(b -> f.withRemedies(List.of(new Finding.Remedy(
                        "Hang it at " + NumberText.shown(b.height(), 1) + " m",
                        "The worst tide would then give " + NumberText.signed(b.worstDb(), 1) + " dB.",
                        new BriefChange.Height(true, Quantity.shown(b.height(), Unit.M, 1))))))
                .orElse(f));
    }

    static List<Finding> window(Assessment a) {
        Worked needed = a.needed();
        String place =
                (a.job().madeNear() ? a.job().brief().near() : a.job().brief().far()).name();
        if (!a.job().madeNear()) {
            return List.of(Finding.fits(
                    needed.shown(), "of gain needed at " + place + ".", "An antenna that hears has no limit.", needed));
        }
        if (a.allowed().isEmpty()) {
            return List.of(
                    Finding.fits(needed.shown(), "of gain needed at " + place + ".", a.powerNote() + ".", needed));
        }
        Worked allowed = a.allowed().get();
        boolean open = allowed.value() >= needed.value();
        String lead = needed.number() + " to " + allowed.shown();
        Finding f = open
                ? Finding.fits(
                        lead, "of gain would do.", "Less leaves too little margin; more radiates too much.", needed)
                : Finding.stop(
                        needed.shown(),
                        "needed, " + allowed.shown() + " allowed.",
                        "No antenna does both; raise the far end's gain or shorten the cables.",
                        "no gain fits",
                        needed);
        return List.of(f);
    }

    /** Power that no rule speaks of, or that one is asked about that is of another band or another country. */
    static List<Finding> power(Assessment a) {
        Brief brief = a.job().brief();
        if (a.mostEirp().isPresent() || brief.field().isPresent()) {
            return List.of();
        }
        PowerProfile chosen = PowerProfiles.byId(brief.profile());
        return List.of(
                chosen.serves(brief)
                        ? Finding.plain(
                                Finding.Level.UNKNOWN,
                                "Radiated power not checked.",
                                a.powerNote() + ".",
                                "Limits are local; no rule is taken for granted.",
                                "not checked")
                        : Finding.plain(
                                        Finding.Level.STOP,
                                        "“" + chosen.title() + "” does not hold here.",
                                        a.powerNote() + ".",
                                        "Limits are local; whoever sends answers for keeping to them.",
                                        "rule refused")
                                .withRemedies(others(brief)));
    }

    /** Rules that would hold, up to three. */
    private static List<Finding.Remedy> others(Brief brief) {
        return PowerProfiles.all().stream()
                .filter(p -> p.of().isPresent() && p.serves(brief))
                .limit(3)
                .map(p -> new Finding.Remedy(
                        "Take " + p.title(), "Of " + p.jurisdiction() + ".", new BriefChange.Profile(p.id())))
                .toList();
    }
}
