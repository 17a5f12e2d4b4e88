package veldline.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.hipparchus.complex.Complex;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.line.LNetwork;
import veldline.line.Mismatch;
import veldline.line.QuarterWave;
import veldline.line.Reactor;
import veldline.quantity.NumberText;

/** What a straight, a bent and a folded driven element, an L network and a quarter-wave section make of an impedance. */
final class MatchStage {
    static final double LINE = 50;
    /** Sections that can be made of common cable: one of 50, 75 or 93 Ω, or two of them side by side. */
    private static final double[] SECTIONS = {25, 37.5, 46.5, 50, 75, 93};

    private static final double VELOCITY = 0.66;

    static final Formula PART_OF_SEEN = new Formula(
            "Impedance seen by the cable",
            "What the parts and the antenna come to, seen from the cable.",
            "Z",
            "a",
            "Circuit sum; Pozar §5.1",
            "Parts of ±5 % and their leads move it as much again");
    static final Formula LOSS = new Formula(
            "Match loss",
            "The parts let the share e through; s is the SWR that is left.",
            "L",
            "−10·log10(e·4·s ÷ (1 + s)^2)",
            "Circuit sum; Pozar §2.3",
            "±0.2 dB for the quality of the parts");

    /**
     * What decides it.
     *
     * @param solved impedance with each kind of driven element of the same length, in place
     */
    record Input(Map<YagiShape.Feed, Complex> solved, YagiShape.Feed feed, Job.Matching matching, double frequency) {
        Input {
            solved = Map.copyOf(solved);
        }
    }

    private MatchStage() {}

    static MatchFigures figures(Input in) {
        Complex feed = in.solved.get(in.feed);
        List<MatchFigures.Option> options = new ArrayList<>();
        options.add(dipole(in, YagiShape.Feed.STRAIGHT, "Straight dipole", "as it is, with a current choke"));
        options.add(dipole(in, YagiShape.Feed.BENT, "Bent dipole", "ends 40° back, with a current choke"));
        options.add(dipole(in, YagiShape.Feed.FOLDED, "Folded dipole", "two wires of one size, with a current choke"));
        options.add(network(in, feed));
        options.add(section(in, feed));
        return new MatchFigures(List.copyOf(options));
    }

    private static MatchFigures.Option dipole(Input in, YagiShape.Feed kind, String title, String parts) {
        return option(
                kind.word(),
                title,
                parts,
                in.solved.get(kind),
                1,
                in.matching == Job.Matching.DIRECT && in.feed == kind,
                new JobChange.OfYagi(new YagiChange.FeedKind(kind)));
    }

    private static MatchFigures.Option network(Input in, Complex load) {
        record Made(LNetwork plan, Reactor series, Reactor shunt, Complex seen, double through) {}
        Made best = LNetwork.solutions(load, LINE).stream()
                .map(plan -> {
                    Reactor series = Reactor.nearest(plan.series(), in.frequency);
                    Reactor shunt = Reactor.nearest(plan.shunt(), in.frequency);
                    Complex zs = series.impedance(in.frequency);
                    Complex zp = shunt.impedance(in.frequency);
                    return new Made(
                            plan,
                            series,
                            shunt,
                            LNetwork.seen(load, plan.shuntAtLoad(), zs, zp),
                            through(load, plan.shuntAtLoad(), zs, zp));
                })
                .min(Comparator.comparingDouble(m -> Mismatch.lossDb(m.seen, LINE) - 10 * Math.log10(m.through)))
                .orElseThrow();
        String parts = best.series.label() + " in a row, " + best.shunt.label() + " across the "
                + (best.plan.shuntAtLoad() ? "antenna" : "cable");
        return option(
                "l-network",
                "L network",
                parts,
                best.seen,
                best.through,
                in.matching == Job.Matching.L_NETWORK,
                new JobChange.Match(Job.Matching.L_NETWORK));
    }

    /** The share of the power taken that reaches the load. */
    static double through(Complex load, boolean shuntAtLoad, Complex series, Complex shunt) {
        if (shuntAtLoad) {
            Complex both = load.multiply(shunt).divide(load.add(shunt));
            double intoBoth = both.getReal() / (both.getReal() + series.getReal());
            return intoBoth * share(load, shunt);
        }
        Complex arm = load.add(series);
        return share(arm, shunt) * load.getReal() / arm.getReal();
    }

    /** The share of power that the first of two branches side by side takes. */
    private static double share(Complex first, Complex second) {
        double a = first.reciprocal().getReal();
        double b = second.reciprocal().getReal();
        return a / (a + b);
    }

    private static MatchFigures.Option section(Input in, Complex load) {
        double wanted = QuarterWave.impedanceFor(load.getReal(), LINE);
        double z = SECTIONS[0];
        for (double s : SECTIONS) {
            if (Math.abs(Math.log(s / wanted)) < Math.abs(Math.log(z / wanted))) {
                z = s;
            }
        }
        Complex seen = QuarterWave.seen(load, z, in.frequency, in.frequency);
        double length = 299_792_458.0 / in.frequency / 4 * VELOCITY;
        // A quarter wave of thin cable takes about 0.04 dB at most here.
        double through = Math.pow(10, -new veldline.line.CableLoss(1.31, 0.0095).lossDb(length, in.frequency) / 10);
        return option(
                "quarter-wave",
                "Quarter-wave section",
                NumberText.shown(length * 1000, 1) + " mm of " + NumberText.shown(z, z % 1 == 0 ? 0 : 1) + " Ω"
                        + (z < 50 ? ", two side by side" : "") + ", " + NumberText.shown(wanted, 1) + " wanted",
                seen,
                through,
                in.matching == Job.Matching.QUARTER_WAVE,
                new JobChange.Match(Job.Matching.QUARTER_WAVE));
    }

    private static MatchFigures.Option option(
            String id, String title, String parts, Complex seen, double through, boolean inUse, JobChange take) {
        Worked swr = Mismatch.workedSwr(seen, LINE, "what the cable sees");
        double s = swr.value();
        return new MatchFigures.Option(
                id,
                title,
                parts,
                Worked.of(PART_OF_SEEN)
                        .computed("a", "resistance", seen.getReal(), "Ω", 2)
                        .gives(seen.getReal(), "Ω", 1),
                Worked.of(PART_OF_SEEN)
                        .computed("a", "reactance", seen.getImaginary(), "Ω", 2)
                        .gives(seen.getImaginary(), "Ω", 1),
                swr,
                Worked.of(LOSS)
                        .computed("e", "share the parts let through", through, "", 5)
                        .computed("s", "SWR", s, "", 4)
                        .gives(-10 * Math.log10(through * 4 * s / ((1 + s) * (1 + s))), "dB", 2, 0.2),
                inUse,
                take);
    }
}
