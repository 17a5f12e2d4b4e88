package veldline.job;

import veldline.antenna.DesignChange;
import veldline.antenna.OwnWiresChange;
import veldline.antenna.YagiChange;
import veldline.coverage.SiteChange;
import veldline.explain.Change;
import veldline.feed.FeedChange;
import veldline.feed.HoldingsChange;
import veldline.link.BriefChange;
import veldline.link.NeedsChange;
import veldline.prove.ProveChange;
import veldline.raise.RaiseChange;
import veldline.trim.TrimChange;

/** A change of one part as a change of the job it belongs to. */
final class Lift {
    private Lift() {}

    /** Lifts a change found by a rule that only knows its own part. */
    static JobChange of(Change<?> change, boolean near) {
        if (change instanceof BriefChange c) {
            return new JobChange.OfBrief(c);
        } else if (change instanceof YagiChange c) {
            return new JobChange.OfYagi(c);
        } else if (change instanceof OwnWiresChange c) {
            return new JobChange.OfOwnWires(c);
        } else if (change instanceof DesignChange c) {
            return new JobChange.OfDesign(c);
        } else if (change instanceof FeedChange c) {
            return new JobChange.OfRun(near, c);
        } else if (change instanceof RaiseChange c) {
            return new JobChange.OfRaise(c);
        } else if (change instanceof SiteChange c) {
            return new JobChange.OfSite(c);
        } else if (change instanceof ProveChange c) {
            return new JobChange.OfProve(c);
        } else if (change instanceof TrimChange c) {
            return new JobChange.OfTrim(c);
        } else if (change instanceof NeedsChange c) {
            return new JobChange.OfNeeds(c);
        } else if (change instanceof HoldingsChange c) {
            return new JobChange.OfDrawer(c);
        } else if (change instanceof JobChange c) {
            return c;
        }
        throw new IllegalArgumentException("No part of a job takes " + change.getClass());
    }
}
