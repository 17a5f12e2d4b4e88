package veldline.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.antenna.Made;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.job.Job;
import veldline.line.BodeFano;
import veldline.line.CurrentChoke;
import veldline.line.MatchWay;
import veldline.line.Piece;
import veldline.line.WoundTransformer;
import veldline.link.End;
import veldline.picture.Paragraph;
import veldline.quantity.NumberText;
import veldline.quantity.Unit;

/** Judgements on the match. */
final class MatchRules {
    private MatchRules() {}

    static List<Finding> inUse(Assessment a) {
        if (a.match() instanceof Stage.Failed<MatchFigures> failed) {
            return List.of(Finding.plain(
                    Finding.Level.STOP,
                    "No match worked out.",
                    failed.why().split("\n")[0] + ".",
                    "",
                    "cannot be solved"));
        }
        return a.match()
                .value()
                .flatMap(MatchFigures::inUse)
                .map(o -> {
                    String rest = o.id().equals("direct")
                            ? "at the cable, with nothing between."
                            : "at the cable with the " + o.title() + ".";
                    String reason = "It costs " + o.loss().number() + " dB"
                            + (o.loss().value() >= TOLD ? ", and the line counts it" : "")
                            + "; up to 1.5 is good, up to 2 usable.";
                    Finding f = o.swr().value() <= 2
                            ? Finding.fits("SWR " + o.swr().number(), rest, reason, o.swr())
                            : Finding.watch("SWR " + o.swr().number(), rest, reason, "SWR high", o.swr());
                    return f.withRuler(o.swr().value(), Optional.empty(), Optional.of(2.0), 1);
                })
                .map(List::of)
                .orElse(List.of());
    }

    static List<Finding> better(Assessment a) {
        if (a.match().value().isEmpty()) {
            return List.of();
        }
        MatchFigures m = a.match().value().get();
        MatchFigures.Option best = m.options().stream()
                .min(Comparator.comparingDouble(o -> o.loss().value()))
                .orElseThrow();
        Optional<MatchFigures.Option> used = m.inUse();
        if (best.inUse()
                || used.isPresent() && used.get().loss().value() - best.loss().value() < 0.1) {
            return List.of(Finding.fits(
                    Paragraph.capital(best.title()),
                    "loses least of all ways.",
                    "Another would gain under 0.1 dB.",
                    best.loss()));
        }
        return List.of(Finding.fits(
                        Paragraph.capital(best.title()),
                        "would lose least: " + best.loss().shown() + ".",
                        best.parts() + ".",
                        best.loss())
                .withRemedies(List.of(new Finding.Remedy(
                        "Use the " + best.title(),
                        "SWR " + NumberText.shown(best.swr().value(), 2) + " at the cable.",
                        best.take()))));
    }

    /** How wide a match can be at all, which more parts do not change. */
    static List<Finding> widest(Assessment a) {
        double f = a.job().brief().frequency().value();
        if (a.match().value().flatMap(MatchFigures::inUse).isEmpty()) {
            return List.of();
        }
        return a.sweep()
                .value()
                .flatMap(w -> quality(w.points(), f))
                .map(q -> List.of(widest(q, BodeFano.widest(q, f))))
                .orElse(List.of());
    }

    private static Finding widest(double quality, Worked band) {
        return Finding.fits(
                band.shown(),
                "is the widest band that any match keeps SWR 2 over.",
                "The antenna's quality is " + NumberText.shown(quality, 1)
                        + ". More parts come nearer to that, none goes beyond; thicker conductors or loss do.",
                band);
    }

    /** From the curve's own points on either side of the frequency. */
    private static Optional<Double> quality(List<Sweep.Point> points, double f) {
        for (int i = 0; i + 1 < points.size(); i++) {
            if (points.get(i).frequency() <= f && f <= points.get(i + 1).frequency()) {
                Sweep.Point low = points.get(i);
                Sweep.Point high = points.get(i + 1);
                double half = (high.frequency() - low.frequency()) / 2;
                Complex middle = low.impedance().add(high.impedance()).divide(2);
                double q = BodeFano.quality(low.impedance(), middle, high.impedance(), f, half);
                return half > 0 && middle.getReal() > 0 && q > 1 ? Optional.of(q) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** What is wound gets warm, and what is fed at an end has its return somewhere. */
    static List<Finding> wound(Assessment a) {
        return a.match()
                .value()
                .flatMap(MatchFigures::inUse)
                .flatMap(MatchFigures.Option::plan)
                .map(p -> IntStream.range(0, p.ladder().pieces().size())
                        .filter(i -> p.ladder().pieces().get(i) instanceof Piece.Wound)
                        .boxed()
                        .flatMap(i -> wound(a.job(), p, i).stream())
                        .toList())
                .orElse(List.of());
    }

    private static List<Finding> wound(Job job, MatchWay.Plan plan, int place) {
        WoundTransformer of = ((Piece.Wound) plan.ladder().pieces().get(place)).of();
        double frequency = job.brief().frequency().value();
        End end = job.madeNear() ? job.brief().near() : job.brief().far();
        double watts = Unit.WATT.fromInside(end.radio().power().value());
        double volts = plan.ladder()
                .look(plan.load(), frequency)
                .at(watts)
                .states()
                .get(place + 1)
                .volts()
                .norm();
        Worked most = of.most(job.lineOhms(), frequency);
        Worked heat = of.heat(volts, frequency);
        Worked flux = of.flux(volts, frequency);
        List<Finding> found = new ArrayList<>();
        String told = NumberText.shown(watts, watts < 1 ? 3 : 0) + " W come. Heat " + heat.shown() + ", flux "
                + NumberText.shown(1000 * flux.value(), 2) + " mT.";
        Finding carried = watts > most.value() || flux.value() > of.ring().of().saturation() / LINEAR
                ? Finding.stop(
                        most.shown(),
                        "is what the ring carries; " + told,
                        "Stack more rings, or send less: ferrite that gets hot loses what it is there for, and cracks.",
                        "core too hot",
                        most)
                : Finding.fits(most.shown(), "is what the ring carries on a steady carrier.", told, most);
        found.add(carried.withRuler(watts, Optional.empty(), Optional.of(most.value()), 0));
        if (!(job.antenna(job.madeNear()) instanceof Made made) || made.balanced()) {
            return found;
        }
        found.add(Finding.plain(
                Finding.Level.UNKNOWN,
                "The return is the counterpoise,",
                "joined to the cable's screen at the ring.",
                "There always is one: without it the cable's screen is, down to the radio and the hand on it."
                        + " A choke on the cable, a counterpoise's length away, keeps it to what is drawn.",
                "the return?"));
        return found;
    }

    /** A core is linear to this part of its saturation. */
    private static final double LINEAR = 5;

    /** What a match costs is on nobody's line; from so much on that is said, dB. */
    private static final double TOLD = 0.1;

    /** Heat that is worth telling, watts. */
    private static final double WARM = 0.05;

    static List<Finding> choke(Assessment a) {
        Job job = a.job();
        if (!(job.antenna(job.madeNear()) instanceof Made made) || !made.balanced()) {
            return List.of();
        }
        End end = job.madeNear() ? job.brief().near() : job.brief().far();
        CurrentChoke choke = CurrentChoke.of(
                job.brief().frequency().value(),
                a.match()
                        .value()
                        .flatMap(MatchFigures::inUse)
                        .map(o -> o.resistance().value())
                        .orElse(job.lineOhms()),
                Unit.WATT.fromInside(end.radio().power().value()));
        String heat = choke.heat()
                .filter(w -> w.value() >= WARM)
                .map(w -> " It takes " + w.shown() + ".")
                .orElse("");
        return List.of(Finding.plain(
                        Finding.Level.UNKNOWN,
                        "A current choke belongs at the feed:",
                        choke.title() + ", " + choke.impedance().shown() + ".",
                        choke.parts() + "." + heat
                                + " Without it the cable's outside radiates and no figure here holds."
                                + " Solder unplugged, mind the hot tip and the fumes.",
                        "choke?")
                .withWorked(choke.impedance()));
    }
}
