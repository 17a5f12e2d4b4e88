package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.End;
import veldline.link.Needs;
import veldline.link.Radio;
import veldline.link.RadioSheet;
import veldline.link.RateAndOutage;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Judgements on what the link must carry, and on radios that are to carry it. */
final class NeedsRules {
    /** Of the power that overloads a receiver, what is still called close, dB. */
    private static final double CLOSE = 6;

    private NeedsRules() {}

    /** The slowest rate of both radios that carries what is asked, and whether they are set to it. */
    static List<Finding> rate(Assessment a) {
        Needs needs = a.job().needs();
        Brief brief = a.job().brief();
        if (needs.rateNeeded() <= 0) {
            return List.of();
        }
        Worked wanted = RateAndOutage.rate(needs);
        List<Finding> found = new ArrayList<>();
        for (End end : brief.ends()) {
            Radio radio = end.radio();
            radio.sheet().ifPresent(sheet -> found.add(rate(radio, sheet, needs, wanted, end == brief.near())));
        }
        return found;
    }

    private static Finding rate(Radio radio, RadioSheet sheet, Needs needs, Worked wanted, boolean near) {
        Optional<RadioSheet.Rate> slowest = sheet.carrying(needs.rateNeeded());
        if (slowest.isEmpty()) {
            return Finding.stop(
                    wanted.shown(),
                    "must be carried; " + radio.name() + " stops at "
                            + sheet.rates().get(sheet.rates().size() - 1).rate() + ".",
                    "Ask for less in Brief, or take another radio from the drawer.",
                    "too slow",
                    wanted);
        }
        RadioSheet.Rate rate = slowest.get();
        Radio set = sheet.set(rate);
        boolean asSet = set.power().value() == radio.power().value()
                && set.sensitivity().value() == radio.sensitivity().value();
        if (asSet) {
            return Finding.fits(
                    wanted.shown(),
                    "to carry; " + radio.name() + " is set for " + rate.rate() + ".",
                    "Slower reaches further: it then hears down to "
                            + rate.sensitivity().toString() + ".",
                    wanted);
        }
        return Finding.watch(
                        wanted.shown(),
                        "to carry; " + radio.name() + " would do it at " + rate.rate() + ".",
                        "Its power and floor in Brief are those of another rate.",
                        "other rate set",
                        wanted)
                .withRemedies(List.of(new Finding.Remedy(
                        "Set it for " + rate.rate(),
                        rate.power().map(p -> "It then sends " + p + " and").orElse("It then") + " hears down to "
                                + rate.sensitivity() + ".",
                        new BriefChange.SetRadio(near, sheet, rate))));
    }

    /** The margin that the outage allowed asks for. */
    static List<Finding> outage(Assessment a) {
        double outage = a.job().needs().outage().value();
        if (!(outage > 0 && outage < 43_200)) {
            return List.of();
        }
        Brief brief = a.job().brief();
        boolean moving = brief.near().carrier().moves() || brief.far().carrier().moves();
        Worked margin = RateAndOutage.margin(outage, moving);
        double wanted = brief.marginWanted().value();
        String rest = "keeps it up but for " + a.job().needs().outage() + " a day; " + NumberText.shown(wanted, 1)
                + " wanted.";
        String reason = moving ? "By fading all round a moving end." : "By levels that spread 4 dB from hour to hour.";
        if (wanted >= margin.value() - 0.05) {
            return List.of(Finding.fits(margin.shown(), rest, reason, margin));
        }
        double up = Math.ceil(margin.value() * 2) / 2;
        return List.of(Finding.watch(margin.shown(), rest, reason, "margin too small", margin)
                .withRemedies(List.of(new Finding.Remedy(
                        "Want " + NumberText.shown(up, 1) + " dB",
                        "The margin wanted then follows the outage.",
                        new BriefChange.MarginWanted(Quantity.shown(up, Unit.DB, 1))))));
    }

    /** Whether the radios work at this frequency, and what the level does to the one that hears. */
    static List<Finding> radios(Assessment a) {
        Brief brief = a.job().brief();
        List<Finding> found = new ArrayList<>();
        for (End end : brief.ends()) {
            Radio radio = end.radio();
            radio.sheet()
                    .filter(s -> !s.covers(brief.frequency().value()))
                    .ifPresent(s -> found.add(Finding.plain(
                            Finding.Level.STOP,
                            brief.frequency() + ":",
                            radio.name() + " does not work there.",
                            "It is for " + bands(s) + ".",
                            "out of its band")));
        }
        brief.far().radio().sheet().filter(s -> a.line().answered()).ifPresent(s -> {
            Worked level = a.line().stop("far-radio").level();
            double most = s.overload().value();
            if (level.value() > most - CLOSE) {
                String rest =
                        "reaches " + brief.far().radio().name() + "; " + NumberText.shown(most, 1) + " overloads it.";
                found.add(
                        level.value() > most
                                ? Finding.stop(
                                        level.shown(), rest, "Less power or a weaker antenna.", "overload", level)
                                : Finding.watch(
                                        level.shown(),
                                        rest,
                                        "Close; a strong moment passes it.",
                                        "near overload",
                                        level));
            }
        });
        return found;
    }

    private static String bands(RadioSheet s) {
        return s.bands().stream()
                .map(b -> b.low() + " to " + b.high())
                .reduce((x, y) -> x + ", " + y)
                .orElse("no band");
    }

    /** Ports that must not send with nothing on them, beside the one that is used. */
    static List<Finding> ports(Assessment a) {
        List<Finding> found = new ArrayList<>();
        Brief brief = a.job().brief();
        for (End end : brief.ends()) {
            end.radio().sheet().ifPresent(s -> {
                long others = s.ports().stream().filter(RadioSheet.Port::loaded).count() - 1;
                PortRules.sending(a, end, s).ifPresent(found::add);
                if (!end.others().isEmpty()) {
                    found.add(PortRules.together(a, end, s));
                } else if (others > 0) {
                    found.add(Finding.plain(
                            Finding.Level.UNKNOWN,
                            others + (others == 1 ? " more socket" : " more sockets") + " of " + s.name(),
                            "must carry an antenna or a load before it sends.",
                            "One antenna on one of " + s.chains() + " chains costs "
                                    + NumberText.shown(10 * Math.log10(s.chains()), 1) + " dB and its streams.",
                            "load the rest"));
                }
                if (!s.port().detachable()) {
                    found.add(Finding.plain(
                            Finding.Level.FITS,
                            s.name() + ":",
                            "its antenna is built in.",
                            "Nothing can be joined to it.",
                            ""));
                }
            });
        }
        return found;
    }

    /** Ends that stand higher than their place allows. */
    static List<Finding> height(Assessment a) {
        Quantity highest = a.job().needs().highest();
        if (!(highest.value() > 0)) {
            return List.of();
        }
        List<Finding> found = new ArrayList<>();
        for (End end : a.job().brief().ends()) {
            if (end.height().value() > highest.value()) {
                boolean near = end == a.job().brief().near();
                found.add(Finding.plain(
                                Finding.Level.STOP,
                                end.height().toString(),
                                "at " + end.name() + "; " + highest + " is allowed.",
                                "Lower it, or ask whoever allows it; local rules decide.",
                                (near ? "near" : "far") + " end too high")
                        .withRemedies(List.of(new Finding.Remedy(
                                "Hang it at " + highest,
                                "The line then shows what that leaves.",
                                new BriefChange.Height(near, highest)))));
            }
        }
        return found;
    }

    /** How an end that moves fares. */
    static List<Finding> moving(Assessment a) {
        return a.moving()
                .map(m -> {
                    double share = m.holds().value();
                    String rest = "headings and leans hold; " + m.wanted().number() + " in 100 with the margin wanted.";
                    String reason = "The line shows it upright, and pointing the right way.";
                    return List.of(
                            share >= 99.5 && m.wanted().value() >= 90
                                    ? Finding.fits(m.holds().shown(), rest, reason, m.holds())
                                    : Finding.watch(
                                            m.holds().shown(), rest, reason, "lost at some headings", m.holds()));
                })
                .orElse(List.of());
    }

    /** The weakest station of several. */
    static List<Finding> stations(Assessment a) {
        if (a.job().stations().size() < 2) {
            return List.of();
        }
        return a.stations().value().stream()
                .flatMap(List::stream)
                .filter(s -> s.margin().isPresent())
                .min(java.util.Comparator.comparingDouble(StationFigures::worst))
                .map(s -> weakest(a, s))
                .map(List::of)
                .orElse(List.of());
    }

    private static Finding weakest(Assessment a, StationFigures s) {
        double wanted = a.job().stations().get(s.index()).brief().marginWanted().value();
        Worked margin = s.margin().orElseThrow();
        String rest =
                "at " + s.name() + ", the weakest of " + a.job().stations().size() + ".";
        String reason = NumberText.shown(wanted, 1) + " wanted there"
                + (s.worst() < margin.value() - 0.05
                        ? "; the worst case leaves " + NumberText.shown(s.worst(), 1) + "."
                        : ".");
        Finding f = margin.value() < 0
                ? Finding.stop(margin.shown(), rest, reason, "one station deaf", margin)
                : s.worst() < wanted
                        ? Finding.watch(margin.shown(), rest, reason, "one station weak", margin)
                        : Finding.fits(margin.shown(), rest, reason, margin);
        return s.index() == a.job().shown()
                ? f
                : f.withRemedies(List.of(new Finding.Remedy(
                        "Show it", "The line then leads there.", new JobChange.Show(s.index(), s.name()))));
    }

    /** What the margin's doubt is made of. */
    static List<Finding> doubt(Assessment a) {
        if (!a.line().answered()) {
            return List.of();
        }
        Worked margin = a.line().margin();
        String three = a.line().doubts().stream()
                .limit(3)
                .map(d -> d.of() + " " + NumberText.shown(d.db(), 1))
                .reduce((x, y) -> x + ", " + y)
                .orElse("");
        return List.of(Finding.fits(
                "± " + NumberText.shown(margin.doubt().orElse(0.0), 1) + " dB",
                "on the margin.",
                "Most of it from: " + three + ".",
                margin));
    }
}
