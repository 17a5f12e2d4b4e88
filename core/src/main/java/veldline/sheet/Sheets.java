package veldline.sheet;

import java.util.EnumMap;
import java.util.Map;
import veldline.assess.Step;

/** Which sheet each step prints. */
public final class Sheets {
    private static final Sheet BUILD = new BuildSheet();
    private static final Sheet RAISE = new RaiseSheet();
    private static final Map<Step, Sheet> BY_STEP = new EnumMap<>(Map.of(
            Step.BRIEF, BUILD,
            Step.CHOOSE, BUILD,
            Step.SHAPE, BUILD,
            Step.MATCH, BUILD,
            Step.FEED_RUN, BUILD,
            Step.RAISE, RAISE,
            Step.PROVE, RAISE,
            Step.LOG, RAISE));

    private Sheets() {}

    public static Sheet of(Step step) {
        return BY_STEP.get(step);
    }
}
