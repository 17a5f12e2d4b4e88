package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.prove.Heard;
import veldline.prove.ProveChange;
import veldline.quantity.Quantity;

/** Who is heard, before and after. */
public final class SurveyInputs {
    /** Under which is noted what a scan fills in. */
    public static final String FILLS = "prove.scan";

    public static final String BEFORE = "before";

    private SurveyInputs() {}

    static List<Input> of(Showing s) {
        boolean before = BEFORE.equals(s.noted().get(FILLS));
        List<Input> in = new ArrayList<>();
        in.add(new Input.Choice(
                "fills",
                "A scan is",
                List.of(
                        new Input.Option("before", before, new Input.Outcome.Picked("set:" + FILLS + "=" + BEFORE)),
                        new Input.Option("after", !before, new Input.Outcome.Picked("set:" + FILLS + "=after")))));
        in.add(
                s.busy().isPresent()
                        ? new Input.Action("stop", "Stop and keep nothing", "Esc", Input.Command.STOP)
                        : new Input.Action("scan", "Scan, simulated", "", Input.Command.SCAN));
        in.add(
                new Input.Text(
                        "surveyed",
                        "Name, bearing, before, after",
                        Heard.of(s.job().prove().survey()),
                        text -> Heard.read(text)
                                .<Input.Outcome>map(h -> Input.Outcome.of(change(h)))
                                .orElseGet(
                                        () -> new Input.Outcome.Refused(
                                                "“" + text
                                                        + "” was not understood: one word, bearing, dBm before and after of each, a dash for none, a star behind the wanted one: lodge* 74 -70 -61."))));
        in.add(
                new Input.Note(
                        "survey-how",
                        "A name may be a channel, a sender or a place. Same device, same hour. Left and right walk the senders; what was heard after is dragged. Counting them proves nothing: a beam is meant to hear fewer."));
        return in;
    }

    static JobChange change(List<Heard> all) {
        return new JobChange.OfProve(new ProveChange.Surveyed(all));
    }

    /** With another level after for one of them. */
    static JobChange after(Showing s, int index, Quantity level) {
        List<Heard> all = new ArrayList<>(s.job().prove().survey());
        all.set(index, all.get(index).withAfter(Optional.of(level)));
        return change(all);
    }
}
