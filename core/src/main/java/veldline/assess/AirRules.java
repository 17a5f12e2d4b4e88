package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.link.Air;
import veldline.link.Back;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.Floor;
import veldline.link.LevelLine;
import veldline.link.LevelLineBuilder;
import veldline.link.OnAir;
import veldline.link.RadioSheet;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Judgements on the other direction, on what the level carries, and on what else is on the air. */
final class AirRules {
    /** Under this, interference is looked at before anything else, dB. */
    private static final double CLEAR = 10;

    private AirRules() {}

    /** The margin the other way, where both ends send. */
    static List<Finding> back(Assessment a) {
        Optional<Worked> back = margin(a);
        if (back.isEmpty()) {
            return List.of();
        }
        Worked m = back.get();
        double wanted = a.job().brief().marginWanted().value();
        String rest = "over the floor the other way.";
        return List.of(
                m.value() < 0
                        ? Finding.stop(
                                NumberText.shown(-m.value(), 1) + " dB under the floor",
                                "the other way.",
                                "One end hears and is not heard.",
                                "deaf one way",
                                m)
                        : m.value() < wanted
                                ? Finding.watch(m.shown(), rest, "The weaker direction decides.", "short one way", m)
                                : Finding.fits(m.shown(), rest, "", m));
    }

    static Optional<Worked> margin(Assessment a) {
        return a.line().answered()
                ? Back.margin(a.job().brief(), a.line().margin(), LineStage.hears(a.job()))
                : Optional.empty();
    }

    /** The line the other way, stop by stop, with the same names for the same stops; empty where one end never sends. */
    static Optional<LevelLine> backLine(Assessment a) {
        Brief b = a.job().brief();
        LevelLine there = a.line();
        if (margin(a).isEmpty()) {
            return Optional.empty();
        }
        LevelLine back = LevelLineBuilder.from(b.frequency().value(), b.far())
                .chain(a.job().farRun(), true)
                .antenna(
                        "near-antenna",
                        there.stop("far-antenna").name(),
                        Optional.of(there.stop("far-antenna").step()))
                .path(there.stop("path").name(), there.stop("path").step())
                .antenna(
                        "far-antenna",
                        there.stop("near-antenna").name(),
                        Optional.of(there.stop("near-antenna").step()))
                .chain(a.job().nearRun(), false)
                .end(
                        b.near(),
                        Floor.of(
                                b.withFar(b.near()).withAir(Air.quiet()),
                                a.job().nearRun()),
                        b.marginWanted().value(),
                        Optional.empty(),
                        there.worstBelow());
        return Optional.of(
                back.withStops(back.stops().stream().map(s -> named(s, there)).toList()));
    }

    /** A stop of the line back under the name it has on the line there, with its mark. */
    private static LevelLine.Stop named(LevelLine.Stop s, LevelLine there) {
        String id = s.id().startsWith("near")
                ? "far" + s.id().substring(4)
                : s.id().startsWith("far") ? "near" + s.id().substring(3) : s.id();
        LevelLine.Stop same = there.stop(id);
        return new LevelLine.Stop(
                id, s.kind(), s.name(), s.verb(), s.step(), s.before(), s.level(), same.state(), same.tag());
    }

    /** The fastest rate of the sheet that the level still carries with the margin wanted. */
    static List<Finding> carries(Assessment a) {
        Brief b = a.job().brief();
        Optional<RadioSheet> sheet = b.far().radio().sheet();
        if (sheet.isEmpty() || !a.line().answered() || sheet.get().rates().size() < 2) {
            return List.of();
        }
        Worked level = a.line().stop("far-radio").level();
        return List.of(fastest(a)
                .map(r -> Finding.fits(
                        r.rate().toString(),
                        "is the fastest the level carries with the margin wanted.",
                        "On the air; traffic gets about half of it.",
                        level))
                .orElseGet(() -> Finding.watch(
                        "No rate",
                        "is carried with the margin wanted at the worst tide.",
                        "The slowest needs " + sheet.get().rates().get(0).sensitivity() + ".",
                        "no rate carried",
                        level)));
    }

    /** The fastest rate of the far radio that the line carries with the margin wanted; empty where it has no sheet. */
    static Optional<RadioSheet.Rate> fastest(Assessment a) {
        Brief b = a.job().brief();
        double room = a.line().stop("far-radio").level().value()
                - b.marginWanted().value()
                - a.line().worstBelow();
        return b.far().radio().sheet().flatMap(s -> fastest(s, room));
    }

    /** The fastest rate of a sheet that a level carries. */
    static Optional<RadioSheet.Rate> fastest(RadioSheet sheet, double level) {
        return sheet.rates().stream()
                .filter(r -> r.sensitivity().value() <= level)
                .reduce((x, y) -> y.rate().value() >= x.rate().value() ? y : x);
    }

    /** Wanted over unwanted where other signals were heard, and the channel that would be quieter. */
    static List<Finding> unwanted(Assessment a) {
        Brief b = a.job().brief();
        if (b.air().heard().isEmpty() || !a.line().answered()) {
            return List.of();
        }
        List<OnAir.Channel> ranked = ranked(a);
        OnAir.Channel now = ranked.stream()
                .filter(c -> c.frequency() == b.frequency().value())
                .findFirst()
                .orElseThrow();
        Worked ratio = OnAir.ratio(a.line().stop("far-radio").level(), now.unwanted());
        OnAir.Channel best = ranked.get(0);
        double won = now.unwanted().value() - best.unwanted().value();
        String rest = "of wanted over unwanted; " + NumberText.shown(CLEAR, 0) + " is wanted.";
        if (ratio.value() >= CLEAR) {
            return List.of(Finding.fits(ratio.shown(), rest, "", ratio));
        }
        Finding f = Finding.watch(ratio.shown(), rest, "Look at this before gain.", "not alone there", ratio);
        return List.of(
                won < 1
                        ? f
                        : f.withRemedies(List.of(new Finding.Remedy(
                                "Go to " + NumberText.shown(best.frequency() / 1e6, 0) + " MHz",
                                NumberText.shown(won, 1) + " dB less of what else is heard.",
                                new BriefChange.Frequency(Quantity.shown(best.frequency(), Unit.MHZ, 1))))));
    }

    /** Every channel of the band as the far antenna would hear it, the quietest first. */
    static List<OnAir.Channel> ranked(Assessment a) {
        double gain = a.line().stop("far-antenna").step().value()
                - a.job().farRun().lossDb(a.job().brief().frequency().value());
        return OnAir.ranked(
                a.job().brief(), a.beam(false), a.raise().farBearing().value(), gain);
    }
}
