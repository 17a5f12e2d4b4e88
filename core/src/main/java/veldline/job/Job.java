package veldline.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import veldline.antenna.Bought;
import veldline.antenna.YagiShape;
import veldline.feed.FeedRun;
import veldline.link.Brief;
import veldline.prove.ProvePlan;
import veldline.raise.RaisePlan;

/**
 * One link, whole.
 *
 * @param place the site it belongs to
 * @param name of the link
 * @param yagi the near antenna, built
 * @param farAntenna the far antenna, bought
 * @param nearRun from the near radio to its antenna
 * @param farRun from the far radio to its antenna
 * @param match how the near antenna is matched
 * @param log what was done, oldest first
 */
@RecordBuilder
public record Job(
        String place,
        String name,
        Brief brief,
        YagiShape yagi,
        Bought farAntenna,
        FeedRun nearRun,
        FeedRun farRun,
        Matching match,
        RaisePlan raise,
        ProvePlan prove,
        List<LogEntry> log)
        implements JobBuilder.With {
    public Job {
        log = List.copyOf(log);
    }

    /** How an antenna is matched to its cable. */
    public enum Matching {
        DIRECT,
        L_NETWORK,
        QUARTER_WAVE
    }

    /** A line of the log. */
    public record LogEntry(Instant at, String text) {}

    public Job logging(Instant at, String text) {
        List<LogEntry> next = new ArrayList<>(log);
        next.add(new LogEntry(at, text));
        return withLog(next);
    }
}
