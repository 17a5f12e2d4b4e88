package veldline.sheet;

import java.util.EnumMap;
import java.util.Map;
import veldline.antenna.ApertureDesign;
import veldline.assess.Step;
import veldline.job.Job;

/** Which sheet each step prints. */
public final class Sheets {
    private static final Sheet BUILD = new BuildSheet();
    private static final Sheet DESIGN = new DesignSheet();
    private static final Sheet OPENING = new OpeningSheet();
    private static final Sheet RAISE = new RaiseSheet();
    private static final Sheet MATCH = new MatchSheet();
    private static final Sheet RUN = new RunSheet();
    private static final Sheet REPORT = new ReportSheet();
    private static final Map<Step, Sheet> BY_STEP = new EnumMap<>(Map.of(
            Step.BRIEF, BUILD,
            Step.CHOOSE, BUILD,
            Step.SHAPE, BUILD,
            Step.MATCH, BUILD,
            Step.FEED_RUN, RUN,
            Step.RAISE, RAISE,
            Step.PROVE, RAISE,
            Step.LOG, REPORT));

    private Sheets() {}

    /** The sheet for a step; where nothing is shaped there is nothing to cut, and it is the raising sheet; Match prints what stands between, where something does. */
    public static Sheet of(Step step, Job job) {
        Sheet sheet = BY_STEP.get(step);
        if (step == Step.MATCH && job.match().isPresent()) {
            return MATCH;
        }
        if (sheet != BUILD || job.yagi().isPresent()) {
            return sheet;
        }
        if (job.antenna(job.madeNear()) instanceof ApertureDesign) {
            return OPENING;
        }
        return job.made().isPresent() ? DESIGN : RAISE;
    }
}
