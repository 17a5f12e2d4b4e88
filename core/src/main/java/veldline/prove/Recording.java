package veldline.prove;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.Optional;
import veldline.measure.Series;

/**
 * A recording with what stood at the time.
 *
 * @param name “whip, 12 h 24”
 * @param setUp which antenna and height: recordings of one set-up are rounds of the same thing
 * @param begun when
 * @param predicted the level that was worked out for it then, frozen
 * @param series the readings
 * @param stood what stood meanwhile, where it was written down
 */
@RecordBuilder
public record Recording(
        String name, String setUp, Instant begun, Quoted predicted, Series series, Optional<Stood> stood)
        implements RecordingBuilder.With {
    /** One of which nobody wrote down what stood. */
    public Recording(String name, String setUp, Instant begun, Quoted predicted, Series series) {
        this(name, setUp, begun, predicted, series, Optional.empty());
    }

    /**
     * A worked value frozen on its day, so that it stays as it was while the program improves.
     *
     * @param value dBm
     * @param doubt plus or minus, dB
     * @param program the version that worked it out
     */
    public record Quoted(double value, double doubt, Instant on, String program) {}
}
