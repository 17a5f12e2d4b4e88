package veldline.measure;

import java.util.Optional;

/**
 * One reading of a receiver.
 *
 * @param seconds since the recording began
 * @param levelDbm at the radio's socket; empty when it had no link
 * @param tide metres over low water, where known
 * @param celsius how warm the radio was, where it says so
 */
public record Reading(double seconds, Optional<Double> levelDbm, Optional<Double> tide, Optional<Double> celsius) {
    public Reading(double seconds, Optional<Double> levelDbm, Optional<Double> tide) {
        this(seconds, levelDbm, tide, Optional.empty());
    }
}
