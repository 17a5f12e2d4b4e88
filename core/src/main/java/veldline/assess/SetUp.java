package veldline.assess;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.prove.Stood;
import veldline.quantity.NumberText;

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
                run(job.nearRun()) + "; " + run(job.farRun()));
    }

    private static String run(FeedRun run) {
        return run.parts().stream().map(SetUp::part).collect(Collectors.joining(", "));
    }

    private static String part(FeedPart part) {
        return Stream.concat(Stream.of(part.name()), part.length().stream().map(Object::toString))
                .collect(Collectors.joining(" "));
    }
}
