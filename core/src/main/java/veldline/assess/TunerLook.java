package veldline.assess;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.CableClass;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.line.Ladder;
import veldline.line.Mismatch;
import veldline.line.Piece;
import veldline.line.Section;
import veldline.line.Tuner;
import veldline.line.WoundTransformer;
import veldline.link.End;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A tuner at every place along the run of the end that is made here, behind whatever match is in use.
 *
 * @param swr at the antenna, before the cable flatters it
 * @param swrAtSet what the set sees through the cable
 * @param untuned lost on the way with none
 * @param places from the set to the antenna, evenly
 */
public record TunerLook(Worked swr, Worked swrAtSet, Worked untuned, List<Place> places) {
    /** Above it none is made: what is off is mended at the antenna. */
    public static final double HIGHEST = WoundTransformer.HIGHEST;
    /** The last of its places, which is the antenna's. */
    public static final int LAST = 40;
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

    public TunerLook {
        places = List.copyOf(places);
    }

    /**
     * One place.
     *
     * @param before metres of cable from the set to it
     * @param behind metres of cable from it to the antenna
     * @param loss from the set to the antenna
     * @param most the greatest voltage along the cable
     * @param volts peak along the cable from the set to it and from it to the antenna, {@link #LAST} steps each
     */
    public record Place(double before, double behind, Worked loss, Worked most, List<Double> volts) {
        public Place {
            volts = List.copyOf(volts);
        }
    }

    /**
     * What decides it.
     *
     * @param load what the cable's far end sees, ohms
     * @param cable all of the run as one line: its length, and what it takes into a match
     * @param watts that the set sends
     */
    record Input(Complex load, Section cable, double frequency, double watts) {}

    /** Empty above short wave, and where the antenna's impedance is not known. */
    static Optional<Input> input(Job job, Stage<MatchFigures> match) {
        double frequency = job.brief().frequency().value();
        if (frequency > HIGHEST) {
            return Optional.empty();
        }
        FeedRun run = job.run(job.madeNear());
        End end = job.madeNear() ? job.brief().near() : job.brief().far();
        return match.value()
                .flatMap(MatchFigures::inUse)
                .map(o -> new Input(
                        new Complex(o.resistance().value(), o.reactance().value()),
                        line(run, job.lineOhms()),
                        frequency,
                        Unit.WATT.fromInside(end.radio().power().value())));
    }

    /** The cables of a run end to end; of the longest is what they are made of. */
    private static Section line(FeedRun run, double z0) {
        double metres = run.parts().stream()
                .flatMap(p -> p.length().stream())
                .mapToDouble(Quantity::value)
                .sum();
        return run.parts().stream()
                .filter(p -> p.cable().isPresent() && p.length().isPresent())
                .max(Comparator.comparingDouble(p -> p.length().get().value()))
                .map(p -> new Section(
                        CableClass.of(p).map(c -> (double) c.ohms()).orElse(z0),
                        CableClass.of(p).map(CableClass::velocity).orElse(USUAL_VELOCITY),
                        p.cable().get(),
                        metres))
                .orElseGet(() -> Section.ideal(z0, USUAL_VELOCITY, 0));
    }

    static TunerLook of(Input in) {
        Complex seen = Ladder.of(new Piece.Along(in.cable)).seen(in.load, in.frequency);
        return new TunerLook(
                Mismatch.workedSwr(in.load, in.cable.z0(), "the antenna"),
                Mismatch.workedSwr(seen, in.cable.z0(), "what the set sees"),
                Tuner.untuned(in.load, in.cable, in.frequency),
                IntStream.rangeClosed(0, LAST).mapToObj(k -> place(in, k)).toList());
    }

    private static Place place(Input in, int at) {
        Tuner tuner = Tuner.at(in.load, in.cable, 1 - (double) at / LAST, in.frequency);
        List<Piece.State> states =
                tuner.ladder().look(in.load, in.frequency).at(in.watts).states();
        List<Double> volts = Stream.concat(
                        volts(states.get(3), tuner.before(), in.frequency),
                        volts(states.get(0), tuner.behind(), in.frequency))
                .toList();
        double peak = volts.stream().mapToDouble(v -> v).max().orElse(0);
        return new Place(
                tuner.before().metres(),
                tuner.behind().metres(),
                tuner.loss(in.load, in.frequency),
                Worked.of(VOLTS)
                        .computed("u", "effective, where it is greatest", peak / Math.sqrt(2), "V", 3)
                        .gives(peak, "V", 0),
                volts);
    }

    /** Peaks towards the place whose state is known, from the other end of a cable on. */
    private static Stream<Double> volts(Piece.State state, Section cable, double frequency) {
        return IntStream.rangeClosed(0, LAST)
                .mapToObj(k -> new Piece.Along(cable.scaled(1 - (double) k / LAST))
                                .after(state, frequency)
                                .volts()
                                .norm()
                        * Math.sqrt(2));
    }

    public Place atSet() {
        return places.get(0);
    }

    public Place atAntenna() {
        return places.get(LAST);
    }

    /** Where it stands by default: an index of its places. */
    public int usual() {
        return atSet().loss().value() - atAntenna().loss().value() >= WORTH_MOVING ? LAST : 0;
    }
}
