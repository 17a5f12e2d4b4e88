package veldline.desktop.theline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.LevelLine;

/** Lines of more stops than there is room for. */
class LineMergeTest {
    private static final Job JOB = TernholmSands.nestCamera();

    /** The sample's line with so many more cables at an end; they join nowhere, and need not to be drawn. */
    private static LevelLine with(int cables, boolean near) {
        FeedPart cable = Drawer.parts().stream()
                .filter(p -> p.kind() == FeedPart.Kind.CABLE)
                .findFirst()
                .orElseThrow();
        Job job = JOB;
        for (int i = 0; i < cables; i++) {
            job = new JobChange.OfRun(near, new FeedChange.Insert(0, cable)).applyTo(job);
        }
        return new Assessor().assess(job, Assessor.Depth.FIRST, () -> true).line();
    }

    @Test
    void tenStopsAreDrawnAsTheyAre() {
        LevelLine line = with(0, true);
        assertThat(line.stops()).hasSizeLessThanOrEqualTo(LineMerge.MOST);
        assertThat(LineMerge.of(line, "near-radio")).isEqualTo(line);
    }

    @Test
    void ofMoreThanTenThePartsFarFromTheChosenOneAreOne() {
        LevelLine line = with(9, false);
        LevelLine merged = LineMerge.of(line, "near-radio");
        assertThat(merged.stops()).hasSizeLessThanOrEqualTo(LineMerge.MOST);
        assertThat(merged.stops().get(0)).isEqualTo(line.stops().get(0));
        LevelLine.Stop last = merged.stops().get(merged.stops().size() - 1);
        assertThat(last).isEqualTo(line.stops().get(line.stops().size() - 1));
        LevelLine.Stop parts = merged.stops().get(merged.stops().size() - 2);
        assertThat(parts.name()).matches("\\d+ parts");
        double taken = line.stops().stream()
                .filter(s -> s.id().startsWith("far-part"))
                .mapToDouble(s -> s.step().value())
                .sum();
        assertThat(parts.step().value()).isCloseTo(taken, within(1e-9));
        assertThat(parts.before() - parts.level().value()).isCloseTo(taken, within(1e-9));
    }

    @Test
    void whatBreaksTheLineIsStillWhereItBreaks() {
        LevelLine line = with(9, false);
        int broken = line.brokenAt().orElseThrow();
        LevelLine merged = LineMerge.of(line, "near-radio");
        LevelLine.Stop at = merged.stops().get(merged.brokenAt().orElseThrow());
        assertThat(at.state()).isEqualTo(line.stops().get(broken).state());
        assertThat(at.tag()).isEqualTo(line.stops().get(broken).tag());
        assertThat(merged.stops().get(merged.path()).kind()).isEqualTo(LevelLine.Kind.PATH);
    }

    @Test
    void choosingWhatWasMergedShowsItsParts() {
        for (boolean near : new boolean[] {true, false}) {
            LevelLine line = with(9, near);
            String elsewhere = near ? "far-radio" : "near-radio";
            LevelLine.Stop merged = LineMerge.of(line, elsewhere).stops().stream()
                    .filter(s -> s.name().endsWith(" parts"))
                    .findFirst()
                    .orElseThrow();
            LevelLine opened = LineMerge.of(line, merged.id());
            assertThat(opened.indexOf(merged.id())).isPresent();
            LevelLine.Stop first = opened.stop(merged.id());
            assertThat(first.name()).isEqualTo(line.stop(merged.id()).name());
            List<String> all = line.stops().stream().map(LevelLine.Stop::id).toList();
            assertThat(all)
                    .containsAll(opened.stops().stream().map(LevelLine.Stop::id).toList());
        }
    }
}
