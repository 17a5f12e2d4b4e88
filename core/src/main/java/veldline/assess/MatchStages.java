package veldline.assess;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import org.hipparchus.complex.Complex;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Made;
import veldline.antenna.YagiShape;
import veldline.field.pattern.Sweep;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.job.Job;
import veldline.link.End;
import veldline.quantity.Unit;

/** Ways to a match of whatever antenna is made here, remembered like the other stages. */
final class MatchStages {
    private final Memory<MatchStage.Input, MatchFigures> matches = new Memory<>();
    private final Memory<AntennaStage.Input, Complex> otherFeeds = new Memory<>();

    int runs() {
        return matches.runs();
    }

    int kindsRuns() {
        return otherFeeds.runs();
    }

    /** The antenna as it is is solved already; a Yagi's other kinds of driven element are solved for this alone. */
    Stage<MatchFigures> of(
            Job job,
            Stage<AntennaFigures> antenna,
            Stage<Sweep> sweep,
            boolean everything,
            String nothing,
            BooleanSupplier goOn) {
        if (!job.antenna(job.madeNear()).shapedHere()) {
            return new Stage.Absent<>(nothing);
        }
        if (antenna instanceof Stage.Running<AntennaFigures>) {
            return new Stage.Running<>();
        }
        if (antenna.value().isEmpty()) {
            return new Stage.Failed<>("The antenna could not be solved, so there is nothing to match");
        }
        double frequency = job.brief().frequency().value();
        boolean opening = job.antenna(job.madeNear()) instanceof ApertureDesign;
        // A return loss that was typed has no phase, and no network could be worked out for it.
        if (opening && sweep.value().isEmpty()) {
            return sweep.map(w -> new MatchFigures(List.of()));
        }
        Complex load = opening
                ? at(sweep.value().orElseThrow(), frequency)
                : antenna.value().get().impedance();
        boolean balanced = job.antenna(job.madeNear()) instanceof Made made && made.balanced();
        End end = job.madeNear() ? job.brief().near() : job.brief().far();
        double watts = Unit.WATT.fromInside(end.radio().power().value());
        Map<YagiShape.Feed, AntennaStage.Input> others = job.yagi()
                .map(y -> EnumSet.complementOf(EnumSet.of(y.feed())).stream()
                        .collect(Collectors.toMap(
                                k -> k,
                                k -> new AntennaStage.Input(
                                        y.withFeed(k).model(), frequency, y.upright(), job.lineOhms()))))
                .orElse(Map.of());
        if (!everything && !others.values().stream().allMatch(otherFeeds::knows)) {
            return new Stage.Running<>();
        }
        Stage<MatchStage.Input> input = Stage.of(
                () -> {
                    Map<YagiShape.Feed, Complex> kinds = new EnumMap<>(YagiShape.Feed.class);
                    job.yagi().ifPresent(y -> kinds.put(y.feed(), load));
                    others.forEach((kind, in) -> kinds.put(kind, otherFeeds.of(in, i -> solved(i, goOn))));
                    YagiShape.Feed feed = job.yagi().map(YagiShape::feed).orElse(YagiShape.Feed.STRAIGHT);
                    return new MatchStage.Input(
                            kinds, feed, load, balanced, job.match(), frequency, sweep.value(), watts, job.lineOhms());
                },
                goOn);
        // Ten thousand draws are not for every step of a drag.
        if (!everything && !input.value().map(matches::knows).orElse(true)) {
            return new Stage.Running<>();
        }
        return input instanceof Stage.Fresh<MatchStage.Input> f
                ? Stage.of(() -> matches.of(f.result(), MatchStage::figures), goOn)
                : input.map(MatchStage::figures);
    }

    private static Complex solved(AntennaStage.Input in, BooleanSupplier goOn) {
        return new FieldSolver(in.model(), MeshRule.standard(in.frequency()), goOn)
                .at(in.frequency())
                .impedances()
                .get(0);
    }

    private static Complex at(Sweep sweep, double frequency) {
        return sweep.points().stream()
                .min(Comparator.comparingDouble(p -> Math.abs(p.frequency() - frequency)))
                .orElseThrow()
                .impedance();
    }
}
