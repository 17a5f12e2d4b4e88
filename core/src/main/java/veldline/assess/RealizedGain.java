package veldline.assess;

import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.line.Ladder;
import veldline.line.MatchWay;

/** What an antenna adds to the line: its gain less what its match sends back and turns to heat (IEEE Std 145). Losses are remembered. */
public final class RealizedGain {
    static final Formula FORMULA = new Formula(
            "Realized gain",
            "Gain g less what the match m sends back and turns to heat.",
            "G",
            "g − m",
            "IEEE Std 145, realized gain; circuit sum",
            "As good as the gain and the impedance: ±0.3 dB");

    private final Memory<Input, Optional<Worked>> losses = new Memory<>();

    private record Input(Complex load, Optional<MatchWay> way, double frequency, double z0) {}

    /** Loss at an end whose impedance is known, with the match in use there; empty where that cannot be told. */
    Optional<Worked> loss(Job job, boolean near, Complex impedance) {
        return input(job, near, impedance).flatMap(in -> losses.of(in, RealizedGain::loss));
    }

    /** The same of another antenna in place of the one that is made here. */
    public static Optional<Worked> loss(Job job, Antenna other, Complex impedance) {
        boolean near = job.madeNear();
        return input(job.withAntenna(near, other), near, impedance).flatMap(RealizedGain::loss);
    }

    private static Optional<Input> input(Job job, boolean near, Complex impedance) {
        Optional<MatchWay> way = near == job.madeNear() ? job.match() : Optional.empty();
        // What an opening feeds itself into is told without its phase, and no network can be worked out for it.
        boolean untold = job.antenna(near) instanceof ApertureDesign && way.isPresent();
        return untold
                ? Optional.empty()
                : Optional.of(new Input(impedance, way, job.brief().frequency().value(), job.lineOhms(near)));
    }

    private static Optional<Worked> loss(Input in) {
        if (in.way.isEmpty()) {
            return Optional.of(MatchStage.loss(in.load, 1, in.z0));
        }
        return in.way.get().plan(in.load, in.z0, in.frequency).map(p -> {
            Ladder.Look look = p.ladder().look(p.load(), in.frequency);
            return MatchStage.loss(look.seen(), look.through(), in.z0);
        });
    }

    static Worked of(Worked gain, Optional<Worked> loss) {
        return loss.map(l -> Worked.of(FORMULA)
                        .from("g", "gain", gain)
                        .from("m", "match loss", l)
                        .gives(
                                gain.value() - l.value(),
                                gain.unit(),
                                gain.decimals(),
                                Math.hypot(gain.doubt().orElse(0.0), l.doubt().orElse(0.0))))
                .orElse(gain);
    }
}
