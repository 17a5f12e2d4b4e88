package veldline.explain;

import java.util.List;
import java.util.Optional;

/**
 * A judgement on one number.
 *
 * @param level how it stands
 * @param lead the number or thing first; shown bold
 * @param rest the rest of the sentence, with the limit
 * @param reason why, or what would mend it; may be empty
 * @param tag two to four words for the stop on the line, empty when it fits
 * @param worked how the number was worked out
 * @param ruler the same as a picture: the value between its limits
 * @param remedies what would mend it, found by search, best first
 */
public record Finding(
        Level level,
        String lead,
        String rest,
        String reason,
        String tag,
        Optional<Worked> worked,
        Optional<Ruler> ruler,
        List<Remedy> remedies) {

    /** How a thing stands, worst last. */
    public enum Level {
        FITS,
        UNKNOWN,
        WATCH,
        STOP
    }

    /**
     * A value on its scale.
     *
     * @param low the least that is allowed, if there is one
     * @param high the most that is allowed, if there is one
     * @param decimals how many are printed at the limits
     */
    public record Ruler(double value, Optional<Double> low, Optional<Double> high, int decimals) {}

    /**
     * One thing to do about it.
     *
     * @param label the words on the button
     * @param outcome what it comes to, one sentence
     * @param change the edit itself
     */
    public record Remedy(String label, String outcome, Change<?> change) {}

    public static Finding fits(String lead, String rest, String reason, Worked worked) {
        return new Finding(Level.FITS, lead, rest, reason, "", Optional.of(worked), Optional.empty(), List.of());
    }

    public static Finding watch(String lead, String rest, String reason, String tag, Worked worked) {
        return new Finding(Level.WATCH, lead, rest, reason, tag, Optional.of(worked), Optional.empty(), List.of());
    }

    public static Finding stop(String lead, String rest, String reason, String tag, Worked worked) {
        return new Finding(Level.STOP, lead, rest, reason, tag, Optional.of(worked), Optional.empty(), List.of());
    }

    /** A judgement on a fact that is not a sum. */
    public static Finding plain(Level level, String lead, String rest, String reason, String tag) {
        return new Finding(level, lead, rest, reason, tag, Optional.empty(), Optional.empty(), List.of());
    }

    public Finding withRuler(double value, Optional<Double> low, Optional<Double> high, int decimals) {
        return new Finding(
                level, lead, rest, reason, tag, worked, Optional.of(new Ruler(value, low, high, decimals)), remedies);
    }

    public Finding withRemedies(List<Remedy> found) {
        return new Finding(level, lead, rest, reason, tag, worked, ruler, List.copyOf(found));
    }

    public Finding withWorked(Worked how) {
        return new Finding(level, lead, rest, reason, tag, Optional.of(how), ruler, remedies);
    }

    /** The sentence as one text. */
    public String sentence() {
        return rest.isEmpty() ? lead : lead + " " + rest;
    }
}
