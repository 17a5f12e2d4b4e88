package veldline.trim;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.quantity.NumberText;

/** What a sweep says, in words a saw can follow. */
public final class TrimWords {

    private static final int NAMED = 3;
    /** From here on “over 99 %”. */
    private static final double ALMOST = 99;

    private TrimWords() {}

    /** “Take 2.4 mm off each end of the driven element”. */
    public static String toDo(Suspect s) {
        double mm = 1000 * s.offBy();
        String by = NumberText.shown(Math.abs(mm), 1) + " mm";
        String part = s.measure().part();
        return switch (s.measure().way()) {
            case ENDS ->
                mm > 0
                        ? "Take " + NumberText.shown(mm / 2, 1) + " mm off each end of " + the(part)
                        : "Lengthen " + the(part) + " by " + NumberText.shown(-mm / 2, 1) + " mm at each end";
            case PLACE ->
                "Move " + the(part) + " by " + by + (mm > 0 ? " towards the reflector" : " away from the reflector");
            case SIDE ->
                (mm > 0 ? "Shorten " : "Lengthen ") + the(part) + " by " + by + ", to "
                        + NumberText.shown(1000 * s.measure().value(), 1) + " mm";
        };
    }

    /** A weight in words: nothing measured is ever sure to the last hundredth. */
    public static String sure(Worked weight) {
        return weight.value() > ALMOST ? "over 99 %" : weight.shown();
    }

    /** “the driven element”, but “director 1”. */
    private static String the(String part) {
        return part.matches(".*\\d") ? part : "the " + part;
    }

    /** The answer, first of the findings. */
    public static Finding answer(TrimAdvice a) {
        Suspect first = a.suspects().get(0);
        return switch (a.verdict()) {
            case ONE ->
                Finding.watch(
                        first.off().shown().replace("−", ""),
                        (first.offBy() > 0 ? "too " + more(first) : "too " + less(first)) + ". " + toDo(first) + ".",
                        sure(first.weight()) + " sure. " + others(a) + back(first),
                        "off from drawn",
                        first.off());
            case NOTHING ->
                Finding.fits(
                        "As drawn,",
                        "as far as this sweep can see: " + sure(a.asDrawn()) + " sure.",
                        "Cut nothing.",
                        a.asDrawn());
            case CANNOT_TELL ->
                Finding.plain(
                                Finding.Level.UNKNOWN,
                                "Cannot tell.",
                                maybe(a),
                                a.tell().orElse("") + " Cut nothing before.",
                                "cannot tell")
                        .withWorked(first.weight());
            case UNEXPLAINED ->
                Finding.plain(
                                Finding.Level.UNKNOWN,
                                "No one measure explains it.",
                                "The nearest, the " + first.measure().name() + ", still misses by "
                                        + first.misfit().shown() + ".",
                                a.tell().orElse("") + " Cut nothing before.",
                                "not explained")
                        .withWorked(first.off());
        };
    }

    private static String more(Suspect s) {
        return s.measure().way() == TrimMeasure.Way.PLACE
                ? "far forward: " + the(s.measure().part())
                : "long: " + the(s.measure().part());
    }

    private static String less(Suspect s) {
        return s.measure().way() == TrimMeasure.Way.PLACE
                ? "far back: " + the(s.measure().part())
                : "short: " + the(s.measure().part());
    }

    /** What it is not. */
    private static String others(TrimAdvice a) {
        List<String> parts = a.suspects().stream()
                .skip(1)
                .map(s -> s.measure().part())
                .filter(p -> !p.equals(a.suspects().get(0).measure().part()))
                .distinct()
                .limit(2)
                .map(TrimWords::the)
                .toList();
        return parts.isEmpty() ? "" : "It is not " + String.join(" nor ", parts) + ". ";
    }

    /** What is cut does not come back. */
    private static String back(Suspect s) {
        if (!s.measure().way().cut()) {
            return "It can be moved back.";
        }
        return s.offBy() > 0
                ? "What is cut does not come back: leave a tenth, sweep again. Eyes and ears covered, edges filed."
                : "It is short already: slide a sleeve over each end, or make a new one.";
    }

    private static String maybe(TrimAdvice a) {
        List<String> named = new ArrayList<>();
        if (a.asDrawn().value() >= TrimAdvice.MAYBE) {
            named.add("nothing off " + sure(a.asDrawn()));
        }
        a.suspects().stream()
                .filter(s -> s.weight().value() >= TrimAdvice.MAYBE)
                .limit(NAMED)
                .forEach(s -> named.add(s.measure().name() + " " + sure(s.weight())));
        return named.stream().collect(Collectors.joining(", ", "It may be: ", "."));
    }
}
