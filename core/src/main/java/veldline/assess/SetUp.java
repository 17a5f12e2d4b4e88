package veldline.assess;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.link.End;
import veldline.path.Geodesic;
import veldline.prove.Stood;
import veldline.quantity.MeterScale;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What stands now, in words: recordings of one set-up are rounds of the same thing. */
public final class SetUp {
    private SetUp() {}

    /** “Yagi of 14 at 8 m”. */
    public static String of(Job job) {
        return job.yagi()
                        .map(y -> "Yagi of " + y.elements().size())
                        .orElse(job.antenna(job.madeNear()).title()) + " at "
                + NumberText.shown(job.brief().near().height().value(), 0) + " m";
    }

    /** Everything that decides the level but the day. */
    public static Stood stood(Job job) {
        return new Stood(
                job.brief().near().radio().name() + ", "
                        + job.brief().far().radio().name(),
                job.brief().near().radio().power(),
                job.brief().frequency(),
                of(job).replaceFirst(" at [^ ]+ m$", ""),
                job.brief().near().height(),
                job.antenna(!job.madeNear()).title(),
                run(job.nearRun()) + "; " + run(job.farRun()),
                job.brief().near().name(),
                Optional.of(heading(job)),
                job.brief().far().radio().meter().map(MeterScale::words).orElse(Unit.DBM.symbol()));
    }

    /** From the end whose antenna is made or chosen here to the other, by the map. */
    private static Quantity heading(Job job) {
        End from = job.madeNear() ? job.brief().near() : job.brief().far();
        End to = job.madeNear() ? job.brief().far() : job.brief().near();
        return Quantity.shown(
                Geodesic.between(
                                from.latitude().value(),
                                from.longitude().value(),
                                to.latitude().value(),
                                to.longitude().value())
                        .bearing(),
                Unit.DEG,
                1);
    }

    private static String run(FeedRun run) {
        return run.parts().stream().map(SetUp::part).collect(Collectors.joining(", "));
    }

    private static String part(FeedPart part) {
        return Stream.concat(Stream.of(part.name()), part.length().stream().map(Object::toString))
                .collect(Collectors.joining(" "));
    }
}
