package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.CableClass;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.line.Ladder;
import veldline.line.Mismatch;
import veldline.line.Piece;
import veldline.line.Section;
import veldline.line.Tuner;
import veldline.link.End;
import veldline.quantity.Unit;

/**
 * A tuner at any place along the run of the end that is made here, behind whatever match is in use.
 *
 * @param load what the cable's far end sees, ohms
 * @param cable all of the run as one line: its length, and what it takes into a match
 * @param watts that the set sends
 */
public record TunerLook(Complex load, Section cable, double frequency, double watts) {
    /** Above it none is made: what is off is mended at the antenna. */
    public static final double HIGHEST = 60e6;
    /** Places it is moved through, from the set to the antenna. */
    public static final int PLACES = 40;
    /** The school: at the set, unless moving it saves so much, dB. */
    public static final double WORTH_MOVING = 1;

    private static final double USUAL_VELOCITY = 0.66;

    private static final Formula VOLTS = new Formula(
            "Peak along the cable",
            "The greatest voltage between its wires, at the power sent, on a steady carrier.",
            "U",
            "u·sqrt(2)",
            "Circuit sum along the cable",
            "±10 %; modulation that peaks doubles it");

    /** Empty above short wave, and where the antenna's impedance is not known. */
    public static Optional<TunerLook> of(Assessment a) {
        Job job = a.job();
        double frequency = job.brief().frequency().value();
        if (frequency > HIGHEST) {
            return Optional.empty();
        }
        FeedRun run = job.madeNear() ? job.nearRun() : job.farRun();
        End end = job.madeNear() ? job.brief().near() : job.brief().far();
        return a.match()
                .value()
                .flatMap(MatchFigures::inUse)
                .map(o -> new TunerLook(
                        new Complex(o.resistance().value(), o.reactance().value()),
                        line(run),
                        frequency,
                        Unit.WATT.fromInside(end.radio().power().value())));
    }

    /** The cables of a run end to end; of the longest is what they are made of. */
    private static Section line(FeedRun run) {
        double metres = run.parts().stream()
                .flatMap(p -> p.length().stream())
                .mapToDouble(q -> q.value())
                .sum();
        Optional<FeedPart> longest = run.parts().stream()
                .filter(p -> p.cable().isPresent() && p.length().isPresent())
                .max(java.util.Comparator.comparingDouble(p -> p.length().get().value()));
        return longest.map(p -> new Section(
                        MatchStage.LINE,
                        CableClass.of(p).map(CableClass::velocity).orElse(USUAL_VELOCITY),
                        p.cable().get(),
                        metres))
                .orElseGet(() -> Section.ideal(MatchStage.LINE, USUAL_VELOCITY, 0));
    }

    /** At the antenna, before the cable flatters it. */
    public Worked swr() {
        return Mismatch.workedSwr(load, cable.z0(), "the antenna");
    }

    /** What the set sees through the cable. */
    public Worked swrAtSet() {
        return Mismatch.workedSwr(
                Ladder.of(new Piece.Along(cable)).seen(load, frequency), cable.z0(), "what the set sees");
    }

    /** @param place 0 at the set to {@link #PLACES} at the antenna */
    public Tuner at(int place) {
        return Tuner.at(load, cable, 1 - (double) place / PLACES, frequency);
    }

    /** @param place 0 at the set to {@link #PLACES} at the antenna */
    public Worked loss(int place) {
        return at(place).loss(load, frequency);
    }

    public Worked untuned() {
        return Tuner.untuned(load, cable, frequency);
    }

    /** Where it stands by default. */
    public int usual() {
        return loss(0).value() - loss(PLACES).value() >= WORTH_MOVING ? PLACES : 0;
    }

    /**
     * Peak volts along the cable from the set to the antenna.
     *
     * @param steps places that are looked at on either side of the tuner
     */
    public List<Double> volts(int place, int steps) {
        Tuner tuner = at(place);
        Ladder.Look all = tuner.ladder().look(load, frequency).at(watts);
        List<Double> volts = new ArrayList<>();
        for (int k = steps; k >= 0; k--) {
            volts.add(peak(all.states().get(3), tuner.before().scaled((double) k / steps)));
        }
        for (int k = steps; k >= 0; k--) {
            volts.add(peak(all.states().get(0), tuner.behind().scaled((double) k / steps)));
        }
        return volts;
    }

    private double peak(Piece.State from, Section by) {
        return new Piece.Along(by).after(from, frequency).volts().norm() * Math.sqrt(2);
    }

    /** The greatest of them. */
    public Worked most(int place) {
        double peak = volts(place, PLACES).stream().mapToDouble(v -> v).max().orElse(0);
        return Worked.of(VOLTS)
                .computed("u", "effective, where it is greatest", peak / Math.sqrt(2), "V", 3)
                .gives(peak, "V", 0);
    }
}
