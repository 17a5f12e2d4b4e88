package veldline.prove;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.quantity.Quantity;

/**
 * What was recorded and how it is compared.
 *
 * @param recordings in the order they were made
 * @param before index of the first one to compare, −1 for none
 * @param after index of the second, −1 for none
 * @param lineUp how readings are paired
 * @param skip seconds left out at the start of each
 * @param step the radio reads in steps of so many dB
 * @param confidence in 100
 * @param observed what was measured to find out why it falls short, each symptom at most once
 * @param walk what was read on a walk away from the far end
 * @param rate what the link carried
 * @param turns what was read while one thing was turned, each thing at most once
 * @param survey who else was heard, before and after
 * @param sides the antenna beside one whose gain is known
 * @param columns which column of a table stands for what, as somebody named them; empty where headings tell
 */
@RecordBuilder
public record ProvePlan(
        List<Recording> recordings,
        int before,
        int after,
        LineUp lineUp,
        Quantity skip,
        Quantity step,
        Quantity confidence,
        List<Observed> observed,
        List<WalkReading> walk,
        RateTest rate,
        List<Turn> turns,
        List<Heard> survey,
        SideBySide sides,
        String columns)
        implements ProvePlanBuilder.With {

    /** How readings of two recordings are brought together. */
    public enum LineUp {
        /** At the same height of the tide. */
        TIDE,
        /** As they come. */
        ORDER
    }

    public ProvePlan {
        recordings = List.copyOf(recordings);
        observed = List.copyOf(observed);
        walk = List.copyOf(walk);
        turns = List.copyOf(turns);
        survey = List.copyOf(survey);
    }

    /** With what was measured of a symptom, or without it. */
    public ProvePlan observing(Symptom symptom, Optional<Quantity> value) {
        return withObserved(Stream.of(Symptom.values())
                .flatMap(s -> s == symptom
                        ? value.map(v -> new Observed(s, v)).stream()
                        : observed.stream().filter(o -> o.symptom() == s))
                .toList());
    }

    /** What was read while a thing was turned, none where it was not. */
    public List<TurnReading> turned(Turned what) {
        return turns.stream()
                .filter(t -> t.what() == what)
                .findFirst()
                .map(Turn::readings)
                .orElse(List.of());
    }

    /** With other readings of one thing turned. */
    public ProvePlan turning(Turned what, List<TurnReading> readings) {
        return withTurns(Stream.of(Turned.values())
                .map(t -> new Turn(t, t == what ? readings : turned(t)))
                .filter(t -> !t.readings().isEmpty())
                .toList());
    }

    /** Only what two recordings are compared by: a test or a walk changes nothing of that. */
    public ProvePlan compared() {
        return withObserved(List.of())
                .withWalk(List.of())
                .withRate(RateTest.NONE)
                .withTurns(List.of())
                .withSurvey(List.of())
                .withSides(SideBySide.NONE);
    }

    public boolean complete() {
        return before >= 0 && after >= 0 && before < recordings.size() && after < recordings.size();
    }

    /** With one more recording, compared with the one that was last compared after. */
    public ProvePlan adding(Recording recording) {
        List<Recording> next = new ArrayList<>(recordings);
        next.add(recording);
        int from = recordings.isEmpty() ? -1 : after >= 0 ? after : recordings.size() - 1;
        return withRecordings(next).withBefore(from).withAfter(next.size() - 1);
    }
}
