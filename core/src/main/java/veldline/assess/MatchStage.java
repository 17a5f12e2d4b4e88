package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.job.JobChange;
import veldline.line.Ladder;
import veldline.line.MatchWay;
import veldline.line.Mismatch;

/** What the kinds of driven element and every way to a match make of an impedance. */
final class MatchStage {
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
            "±0.2 dB for the quality of the parts; with nothing between, ±0.05 dB for an impedance that is 5 % off");
    private static final double PARTS_DOUBT = 0.2;
    private static final double DIRECT_DOUBT = 0.05;

    /**
     * What decides it.
     *
     * @param kinds impedance with each kind of driven element of the same length, in place; empty for what is no Yagi
     * @param feed the kind in use
     * @param load of the antenna as it is, ohms
     * @param balanced whether it is fed in its middle, between two halves that are alike
     * @param way in use; empty for nothing between
     * @param sweep of the antenna over the band, where it is known
     * @param watts that the radio sends
     * @param z0 of the cable, ohms
     */
    record Input(
            Map<YagiShape.Feed, Complex> kinds,
            YagiShape.Feed feed,
            Complex load,
            boolean balanced,
            Optional<MatchWay> way,
            double frequency,
            Optional<Sweep> sweep,
            double watts,
            double z0) {
        Input {
            kinds = Map.copyOf(kinds);
        }
    }

    private MatchStage() {}

    static MatchFigures figures(Input in) {
        List<MatchFigures.Option> options = new ArrayList<>();
        if (in.kinds.isEmpty()) {
            options.add(direct(in, "direct", "as it is", "nothing between", in.load, in.way.isEmpty(), none()));
        } else {
            options.add(dipole(in, YagiShape.Feed.STRAIGHT, "straight dipole", "as it is, with a current choke"));
            options.add(dipole(in, YagiShape.Feed.BENT, "bent dipole", "ends 40° back, with a current choke"));
            options.add(
                    dipole(in, YagiShape.Feed.FOLDED, "folded dipole", "two wires of one size, with a current choke"));
        }
        for (MatchWay way : MatchWay.all()) {
            if (way.balanced() && !in.balanced) {
                continue;
            }
            way.plan(in.load, in.z0, in.frequency).ifPresent(p -> options.add(option(in, way, p)));
        }
        return new MatchFigures(options);
    }

    private static JobChange none() {
        return new JobChange.Match(Optional.empty());
    }

    private static MatchFigures.Option dipole(Input in, YagiShape.Feed kind, String title, String parts) {
        return direct(
                in,
                kind.word(),
                title,
                parts,
                in.kinds.get(kind),
                in.way.isEmpty() && in.feed == kind,
                in.feed == kind
                        ? none()
                        : new JobChange.All(
                                title, List.of(new JobChange.OfYagi(new YagiChange.FeedKind(kind)), none())));
    }

    private static MatchFigures.Option direct(
            Input in, String id, String title, String parts, Complex load, boolean inUse, JobChange take) {
        return new MatchFigures.Option(
                id,
                title,
                parts,
                part("resistance", load.getReal()),
                part("reactance", load.getImaginary()),
                swr(load, in.z0),
                loss(load, 1, in.z0),
                inUse,
                take,
                Optional.empty(),
                load.equals(in.load)
                        ? MatchMerits.band(in.sweep, new MatchWay.Plan(load, Ladder.of(), ""), in.z0)
                        : Optional.empty(),
                Optional.empty(),
                List.of());
    }

    private static MatchFigures.Option option(Input in, MatchWay way, MatchWay.Plan plan) {
        Ladder.Look look = plan.ladder().look(plan.load(), in.frequency);
        return new MatchFigures.Option(
                way.name(),
                way.title(),
                plan.ladder().words() + (plan.note().isEmpty() ? "" : "; " + plan.note()),
                part("resistance", look.seen().getReal()),
                part("reactance", look.seen().getImaginary()),
                swr(look.seen(), in.z0),
                loss(look.seen(), look.through(), in.z0),
                in.way.filter(w -> w == way).isPresent(),
                new JobChange.Match(Optional.of(way)),
                Optional.of(plan),
                // What is cut short for a hairpin is another antenna over the band.
                plan.load().equals(in.load) ? MatchMerits.band(in.sweep, plan, in.z0) : Optional.empty(),
                Optional.of(MatchMerits.kept(plan, in.frequency, in.z0)),
                MatchMerits.strain(plan, look.at(in.watts)));
    }

    private static Worked swr(Complex seen, double z0) {
        return Mismatch.workedSwr(seen, z0, "what the cable sees");
    }

    private static Worked part(String name, double ohms) {
        return Worked.of(PART_OF_SEEN).computed("a", name, ohms, "Ω", 2).gives(ohms, "Ω", 1);
    }

    /** @param through share of the power that the parts let through */
    static Worked loss(Complex seen, double through, double z0) {
        double s = swr(seen, z0).value();
        return Worked.of(LOSS)
                .computed("e", "share the parts let through", through, "", 5)
                .computed("s", "SWR", s, "", 4)
                .gives(
                        -10 * Math.log10(through * 4 * s / ((1 + s) * (1 + s))),
                        "dB",
                        2,
                        through < 1 ? PARTS_DOUBT : DIRECT_DOUBT);
    }
}
