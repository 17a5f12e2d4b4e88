package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.link.LevelLine;
import veldline.path.TideCurve;
import veldline.prove.Diagnosis;
import veldline.prove.Observed;
import veldline.prove.ProvePlan;
import veldline.prove.RangeWalk;
import veldline.prove.Recording;
import veldline.prove.Shortfall;
import veldline.prove.Symptom;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * What may be behind a level that falls short.
 *
 * @param recorded symptoms read off the last recording, where one is compared, or off a walk
 * @param typed symptoms that were measured and typed, which count before those
 * @param diagnosis which causes go with all of them
 */
public record CauseFigures(List<Observed> recorded, List<Observed> typed, Diagnosis diagnosis) {
    /**
     * What a diagnosis follows from.
     *
     * @param possible what could still be measured
     */
    record Asked(List<Observed> observed, List<Symptom> possible) {
        Diagnosis diagnosis() {
            return Diagnosis.of(observed, possible);
        }
    }

    /** A law says little of places farther than so many times what was walked. */
    static final double BEYOND = 1.5;

    private static final Formula SHORTFALL = new Formula(
            "Walk against the sum",
            "Level of the walk's law at the far end's distance, less the level worked out there.",
            "D",
            "a − b",
            "Sum of decibels",
            "The doubts of both: the band of the law, and the line's own");

    public CauseFigures {
        recorded = List.copyOf(recorded);
        typed = List.copyOf(typed);
    }

    /**
     * @param read off the last recording
     * @param walk which tells the level where nothing was recorded
     * @param diagnosis worked out, or remembered
     */
    static CauseFigures of(
            Job job,
            LevelLine line,
            List<Observed> read,
            Optional<RangeWalk> walk,
            Function<Asked, Diagnosis> diagnosis) {
        List<Observed> typed = job.prove().observed();
        Stream<Observed> walked = read.isEmpty()
                ? walk.flatMap(w -> againstTheSum(job, line, w)).stream()
                        .map(g -> new Observed(Symptom.LEVEL, Quantity.shown(g.value(), Unit.DB, 1)))
                : Stream.of();
        List<Observed> recorded = Stream.concat(Stream.concat(read.stream(), walked), rated(job).stream())
                .filter(r -> typed.stream().noneMatch(t -> t.symptom() == r.symptom()))
                .toList();
        List<Symptom> possible = Stream.of(Symptom.values())
                .filter(s -> s != Symptom.SHAPE || job.brief().tide().value() > 0)
                .filter(s -> s != Symptom.LEVEL || line.answered())
                .toList();
        return new CauseFigures(
                recorded,
                typed,
                diagnosis.apply(new Asked(
                        Stream.concat(recorded.stream(), typed.stream()).toList(), possible)));
    }

    /** All that was measured. */
    public List<Observed> all() {
        return Stream.concat(recorded.stream(), typed.stream()).toList();
    }

    public Optional<Double> value(Symptom symptom) {
        return all().stream()
                .filter(o -> o.symptom() == symptom)
                .map(o -> o.value().value())
                .findFirst();
    }

    /** How far the line behind it stays under what is asked for: a rate by wire is a symptom of its own. */
    private static List<Observed> rated(Job job) {
        double asked = job.needs().rateNeeded();
        double wired = job.prove().rate().wired().value();
        return asked > 0 && wired > 0
                ? List.of(new Observed(
                        Symptom.WIRED, Quantity.shown(Math.max(0, 10 * Math.log10(asked / wired)), Unit.DB, 1)))
                : List.of();
    }

    /** What a walk says of the level at the far end, where it went near enough to say. */
    static Optional<Worked> againstTheSum(Job job, LevelLine line, RangeWalk w) {
        double distance = job.brief().distance().value();
        if (distance > BEYOND * w.walked() || !line.answered()) {
            return Optional.empty();
        }
        double worked = line.floor() + line.margin().value();
        return Optional.of(Worked.of(SHORTFALL)
                .measured("a", "law at the far end", w.law().level(distance), "dBm", 2)
                .computed("b", "worked out there", worked, "dBm", 2)
                .gives(w.law().level(distance) - worked, "dB", 1, w.law().half(distance)));
    }

    /**
     * What symptoms are read from.
     *
     * @param skip seconds left out at its start
     * @param bounce over the tide, where what was recorded is what stands now; none where it is not
     * @param middle bounce the level was worked out for, dB
     */
    record Read(Recording after, double skip, List<TideCurve.Point> bounce, double middle, double floor) {
        static Optional<Read> of(Job job, PathFigures path) {
            ProvePlan plan = job.prove();
            if (!plan.complete()) {
                return Optional.empty();
            }
            Recording after = plan.recordings().get(plan.after());
            return Optional.of(new Read(
                    after,
                    plan.skip().value(),
                    after.setUp().equals(SetUp.of(job)) ? path.curve() : List.of(),
                    path.middle().value(),
                    job.brief().far().radio().sensitivity().value()));
        }

        private double expected(double tide) {
            if (bounce.isEmpty()) {
                return after.predicted().value();
            }
            double range = bounce.get(bounce.size() - 1).tide();
            double at = range > 0 ? Math.max(0, Math.min(1, tide / range)) * (bounce.size() - 1) : 0;
            return after.predicted().value() + bounce.get((int) Math.round(at)).bounceDb() - middle;
        }

        List<Observed> observed() {
            Optional<Shortfall> found = Shortfall.of(after.series().after(skip), this::expected, floor);
            List<Observed> all = new ArrayList<>();
            found.ifPresent(s -> {
                all.add(new Observed(Symptom.LEVEL, db(s.level())));
                if (!bounce.isEmpty()) {
                    s.shape().ifPresent(x -> all.add(new Observed(Symptom.SHAPE, db(x))));
                    s.warm().ifPresent(x -> all.add(new Observed(Symptom.WARM, db(x))));
                }
            });
            return List.copyOf(all);
        }

        private static Quantity db(double value) {
            return Quantity.shown(value, Unit.DB, 1);
        }
    }
}
