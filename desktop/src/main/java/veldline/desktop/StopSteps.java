package veldline.desktop;

import java.util.List;
import veldline.assess.Assessment;
import veldline.assess.Step;
import veldline.link.LevelLine;

/** Which steps there are at a stop. */
final class StopSteps {
    private StopSteps() {}

    /** Which steps apply to a stop. */
    static List<Step> of(LevelLine.Kind kind) {
        return switch (kind) {
            case RADIO, RECEIVER -> List.of(Step.BRIEF, Step.FEED_RUN, Step.PROVE, Step.LOG);
            case PART, CABLE -> List.of(Step.BRIEF, Step.FEED_RUN, Step.LOG);
            case ANTENNA -> List.of(Step.BRIEF, Step.CHOOSE, Step.SHAPE, Step.MATCH, Step.RAISE, Step.PROVE, Step.LOG);
            case PATH, FIELD -> List.of(Step.BRIEF, Step.RAISE, Step.PROVE, Step.LOG);
        };
    }

    /** Shaping is for the antenna that is made here; the rest for every stop of its kind. */
    static boolean suits(LevelLine.Stop s, Step step, Assessment a) {
        boolean shaping = step == Step.CHOOSE || step == Step.SHAPE || step == Step.MATCH || step == Step.RAISE;
        String made = a.job().madeNear() ? "near" : "far";
        return of(s.kind()).contains(step)
                && (!shaping || s.kind() != LevelLine.Kind.ANTENNA || s.id().startsWith(made));
    }
}
