package veldline.study;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Bought;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.OnShelf;
import veldline.antenna.Polarized;
import veldline.antenna.Shelf;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.assess.AntennaFigures;
import veldline.assess.Assessment;
import veldline.assess.RealizedGain;
import veldline.assess.SiteStage;
import veldline.coverage.Pattern;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.WireModel;
import veldline.job.Job;
import veldline.link.PolarizationMatch;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.stock.Piece;

/**
 * Ways to do the end that is made or chosen here: what every family offers for the brief, and what the shelf of bought antennas
 * has. All are judged by the same line; what is out stays visible with its reason.
 */
public final class Candidates {
    /** What elements are made of where nothing else was said. */
    private static final Metal USUAL_METAL = Metal.BRASS;

    /** Short of the margin by more than this, a candidate is out and not just to be watched, dB. */
    private static final double FAR_SHORT = 3;

    static final Formula EFFECTIVE = new Formula(
            "Gain towards the far end",
            "What the far antenna cannot take of it for standing or turning otherwise is lost, and what the match takes.",
            "G",
            "g − c − m",
            "IEEE Std 149 §11",
            "As good as the gain");
    static final Formula MARGIN = new Formula(
            "Margin at the worst tide",
            "What this gain has over the gain needed, on top of the margin wanted.",
            "M",
            "w + g − n",
            "The line",
            "±2 dB on calm water");

    private Candidates() {}

    /** Judged candidates, best first; a study called off gives those it reached. */
    public static List<Candidate> of(Assessment a, Progress progress) {
        Family.Wish wish = wish(a, a.job().brief().sizeAllowed().value());
        List<Family> families = Stream.concat(
                        Families.all().stream(),
                        Shelf.serving(wish.frequency()).stream().map(OnShelf::new))
                .toList();
        List<Candidate> found = new ArrayList<>();
        for (int i = 0; i < families.size(); i++) {
            if (!progress.step(i, families.size(), best(found))) {
                break;
            }
            families.get(i).offers(wish).forEach(s -> found.add(judge(s, a)));
        }
        return Weigh.MARGIN.ranked(found);
    }

    /** With the rod of the shape there is now; where there is none, of what is in stock, or what is usual. */
    static Family.Wish wish(Assessment a, double length) {
        Job job = a.job();
        double frequency = job.brief().frequency().value();
        Optional<YagiShape> now = job.yagi();
        Optional<Piece> ready = job.needs().stock().stream().findFirst();
        Metal metal =
                now.map(YagiShape::metal).or(() -> ready.map(Piece::metal)).orElse(USUAL_METAL);
        double diameter = now.map(YagiShape::diameter)
                .or(() -> ready.map(Piece::diameter))
                .map(Quantity::value)
                .orElse(usualDiameter(frequency));
        boolean upright = now.map(YagiShape::upright)
                .orElse(job.antenna(!job.madeNear())
                        .polarized()
                        .map(Polarized::upright)
                        .orElse(false));
        return new Family.Wish(frequency, length, diameter, metal, upright);
    }

    /** Rod that stands by itself at the length a half wave has. */
    private static double usualDiameter(double frequency) {
        return frequency > 1e9 ? 1.6e-3 : frequency > 300e6 ? 4e-3 : 8e-3;
    }

    private static Candidate judge(Family.Shaped s, Assessment a) {
        Job job = a.job();
        Family.Wish wish = wish(a, s.length());
        Optional<FieldSolution> solution = s.model().map(m -> solved(m, wish.frequency()));
        Optional<RadiatedField> field = solution.map(RadiatedField::leaving);
        Worked gain = field.map(
                        f -> AntennaFigures.gain(f, solution.orElseThrow().inputPower()))
                .orElseGet(() -> s.fitted().orElseThrow());
        Optional<Bought> bought =
                s.family() instanceof OnShelf o ? Optional.of(o.item().antenna()) : Optional.empty();
        // What has a beam is put up as the other end stands; what serves all round, or turns, stands as it is.
        Polarized usual = wish.upright() ? Polarized.UPRIGHT : Polarized.FLAT;
        Polarized facing = job.antenna(!job.madeNear())
                .polarized()
                .filter(p -> !p.circular())
                .orElse(usual);
        Polarized own = bought.map(b -> b.width().isEmpty() || s.circular() ? b.polarization() : facing)
                .or(() -> s.made().flatMap(Antenna::polarized))
                .orElse(s.circular() ? Polarized.RIGHT_HAND : usual);
        double turning = job.antenna(!job.madeNear())
                .polarized()
                .map(other -> PolarizationMatch.loss(own, other).value())
                .orElse(0.0);
        // What the line loses now to unlike polarizations is in the gain needed already.
        double more = turning - a.path().polarization().value();
        double lost = lost(s, job, solution);
        Worked effective = Worked.of(EFFECTIVE)
                .from("g", "gain", gain)
                .computed("c", "lost to unlike polarization", more, "dB", 2)
                .computed("m", "match", lost, "dB", 2)
                .gives(gain.value() - more - lost, "dBi", 1, gain.doubt().orElse(0.0));
        double wanted = job.brief().marginWanted().value();
        Worked margin = Worked.of(MARGIN)
                .typed("w", "margin wanted", wanted, "dB", 2)
                .from("g", "gain towards the far end", effective)
                .from("n", "gain needed", a.needed())
                .gives(wanted + effective.value() - a.needed().value(), "dB", 1, 2);
        Verdict verdict = verdict(s, a, gain, margin, turning);
        List<Practical.Objection> against = Practical.against(s, job.needs(), wish.metal(), wish.diameter());
        if (!against.isEmpty()) {
            Practical.Objection worst = against.get(0);
            boolean worse = worst.level().compareTo(verdict.level) > 0;
            verdict = new Verdict(
                    worse ? worst.level() : verdict.level, worse ? worst.why() : verdict.reason + "; " + worst.why());
        }
        Optional<YagiShape> yagi = s.family() instanceof Yagi
                ? Optional.of(Yagi.forBoom(
                        wish.frequency(),
                        s.length(),
                        job.yagi().map(YagiShape::diameter).orElse(Quantity.shown(wish.diameter(), Unit.MM, 1)),
                        wish.metal(),
                        wish.upright()))
                : Optional.empty();
        return new Candidate(
                s,
                gain,
                effective,
                margin,
                verdict.level,
                verdict.reason,
                yagi,
                bought.map(b -> b.withPolarization(own)),
                Merits.of(s, job, wish.metal(), margin, field, ground(job, s, field, gain, bought, more)));
    }

    /** What its match takes with what the job has between it and the cable, dB; nothing is known of what is bought. */
    private static double lost(Family.Shaped s, Job job, Optional<FieldSolution> solution) {
        Optional<Complex> z = solution.map(x -> x.impedances().get(0))
                .or(() -> s.made()
                        .filter(ApertureDesign.class::isInstance)
                        .map(ApertureDesign.class::cast)
                        .map(d -> d.radiation(job.brief().frequency().value())
                                .feed()
                                .impedance()));
        Antenna there = s.made().orElse(job.antenna(job.madeNear()));
        return z.flatMap(i -> RealizedGain.loss(job, there, i))
                .map(Worked::value)
                .orElse(0.0);
    }

    /** The worst place of the job's plan with it, over the floor; empty without a plan, or where it is the far end's. */
    private static Optional<Worked> ground(
            Job job,
            Family.Shaped s,
            Optional<RadiatedField> field,
            Worked gain,
            Optional<Bought> bought,
            double more) {
        if (!job.madeNear() || job.site().isEmpty()) {
            return Optional.empty();
        }
        Pattern pattern = field.map(SiteStage::pattern)
                .or(() -> opening(s)
                        .map(d -> SiteStage.pattern(d, job.brief().frequency().value())))
                .orElseGet(() -> Pattern.claimed(
                        gain.value(),
                        bought.flatMap(Bought::width).map(w -> w.value()).orElse(360.0)));
        return SiteStage.worst(job, pattern, more);
    }

    /** The antenna with an opening that a candidate is; empty for any other. */
    static Optional<ApertureDesign> opening(Family.Shaped s) {
        return s.made().filter(ApertureDesign.class::isInstance).map(ApertureDesign.class::cast);
    }

    private record Verdict(Finding.Level level, String reason) {}

    private static Verdict verdict(Family.Shaped s, Assessment a, Worked gain, Worked margin, double turning) {
        double wanted = a.job().brief().marginWanted().value();
        double most = a.allowed().map(Worked::value).orElse(Double.POSITIVE_INFINITY);
        double size = a.job().brief().sizeAllowed().value();
        if (gain.value() > most) {
            return new Verdict(
                    Finding.Level.STOP, "radiates " + NumberText.shown(gain.value() - most, 1) + " dB too much");
        }
        if (s.length() > size * 1.001) {
            return new Verdict(
                    Finding.Level.STOP, "longer than the " + NumberText.shown(size * 1000, 0) + " mm allowed");
        }
        if (margin.value() < 0) {
            return new Verdict(Finding.Level.STOP, "leaves the far radio deaf at the worst tide");
        }
        if (margin.value() < wanted) {
            return new Verdict(
                    margin.value() < wanted - FAR_SHORT ? Finding.Level.STOP : Finding.Level.WATCH,
                    NumberText.shown(wanted - margin.value(), 1) + " dB short"
                            + (s.circular()
                                    ? ", " + NumberText.shown(turning, 1) + " of it lost to the turning wave"
                                    : ""));
        }
        return new Verdict(
                Finding.Level.FITS,
                "leaves " + margin.number() + " dB at the worst tide; " + NumberText.shown(wanted, 1) + " wanted");
    }

    private static FieldSolution solved(WireModel model, double frequency) {
        return new FieldSolver(model, MeshRule.standard(frequency), () -> true).at(frequency);
    }

    private static String best(List<Candidate> found) {
        return found.stream()
                .filter(c -> c.level() != Finding.Level.STOP)
                .max(Comparator.comparingDouble(c -> c.margin().value()))
                .map(c -> c.shaped().title())
                .orElse("");
    }
}
