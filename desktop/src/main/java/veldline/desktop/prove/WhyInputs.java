package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.assess.CauseFigures;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.prove.ProveChange;
import veldline.prove.Symptom;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** One test after the other: how it is made and what came of it. */
public final class WhyInputs {
    /** Under which the test that is looked at is noted. */
    static final String TEST = "prove.test";
    /** Under which is noted whether the simulated link has something wrong. */
    public static final String FAULT = "prove.fault";

    public static final String HIDDEN = "hidden";
    /** Nothing on a link differs by more, dB. */
    private static final double MOST = 60;

    private WhyInputs() {}

    /** The test that is looked at: the one picked, or the one to make next, or the level. */
    public static Symptom test(Showing s) {
        return Optional.ofNullable(s.noted().get(TEST))
                .map(Symptom::valueOf)
                .or(() -> s.assessment().causes().diagnosis().next())
                .orElse(Symptom.LEVEL);
    }

    static List<Input> of(Showing s) {
        CauseFigures c = s.assessment().causes();
        Symptom test = test(s);
        List<Input> in = new ArrayList<>();
        in.add(new Input.Pick(
                "test",
                "Test",
                Stream.of(Symptom.values())
                        .map(t -> new Input.Option(
                                t.title(), t == test, new Input.Outcome.Picked("set:" + TEST + "=" + t.name())))
                        .toList()));
        in.add(new Input.Value(
                "measured",
                test.title(),
                Quantity.shown(c.value(test).orElse(0.0), Unit.DB, 1),
                c.value(test).isPresent() ? "" : "not measured",
                Limits.within(-MOST, MOST, "−60", "60 dB", q -> observe(test, Optional.of(q)))));
        if (c.typed().stream().anyMatch(o -> o.symptom() == test)) {
            in.add(new Input.Choice(
                    "counts",
                    "It",
                    List.of(
                            new Input.Option(
                                    "counts", true, new Input.Outcome.Picked("set:" + TEST + "=" + test.name())),
                            new Input.Option("is forgotten", false, observe(test, Optional.empty())))));
        }
        in.add(new Input.Note("test-how", test.how() + " In dB: " + test.words() + "."));
        if (s.busy().isPresent()) {
            in.add(new Input.Action("stop", "Stop and keep nothing", "Esc", Input.Command.STOP));
        } else {
            in.add(new Input.Action("field-test", "Make it, simulated", "", Input.Command.FIELD_TEST));
        }
        boolean hidden = HIDDEN.equals(s.noted().get(FAULT));
        in.add(new Input.Choice(
                "fault",
                "The simulated link has",
                List.of(
                        new Input.Option("no fault", !hidden, new Input.Outcome.Picked("set:" + FAULT + "=none")),
                        new Input.Option(
                                "a hidden one", hidden, new Input.Outcome.Picked("set:" + FAULT + "=" + HIDDEN)))));
        in.add(
                new Input.Note(
                        "test-care",
                        "People clear of the front, right region set, listen first; nobody climbs in wind over 10 m/s. Local rules decide."));
        return in;
    }

    static JobChange observe(Symptom symptom, Optional<Quantity> value) {
        return new JobChange.OfProve(new ProveChange.Observe(symptom, value));
    }
}
