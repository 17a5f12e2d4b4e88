package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.picture.Picture;
import veldline.prove.ProveChange;
import veldline.prove.ProvePlan;
import veldline.prove.Recording;

/** Before and after, lined up, and how sure the difference is; recordings are walked. */
public final class ProveBench implements Bench {
    @Override
    public Step step() {
        return Step.PROVE;
    }

    @Override
    public String heading(Showing s) {
        return "What to compare";
    }

    @Override
    public List<Input> inputs(Showing s) {
        ProvePlan p = s.job().prove();
        List<Input> in = new ArrayList<>();
        if (!p.recordings().isEmpty()) {
            in.add(new Input.Pick("before", "Before", options(p, true)));
            in.add(new Input.Pick("after", "After", options(p, false)));
        }
        in.add(new Input.Choice(
                "line-up",
                "Line up by",
                List.of(
                        new Input.Option(
                                "tide",
                                p.lineUp() == ProvePlan.LineUp.TIDE,
                                lift(new ProveChange.LineUpBy(ProvePlan.LineUp.TIDE))),
                        new Input.Option(
                                "order",
                                p.lineUp() == ProvePlan.LineUp.ORDER,
                                lift(new ProveChange.LineUpBy(ProvePlan.LineUp.ORDER))))));
        in.add(new Input.Pair(
                new Input.Value(
                        "skip",
                        "Skip at start",
                        p.skip(),
                        "",
                        Limits.within(0, 36_000, "0", "10 h", q -> lift(new ProveChange.Skip(q)))),
                new Input.Value(
                        "sure",
                        "Sure, in 100",
                        p.confidence(),
                        "",
                        Limits.within(50, 99.9, "50", "99.9", q -> lift(new ProveChange.Sure(q))))));
        if (s.busy().isPresent()) {
            in.add(new Input.Action("stop", "Stop and keep nothing", "Esc", Input.Command.STOP));
        } else {
            in.add(new Input.Action("record", "Record one tide as it is", "R", Input.Command.RECORD));
            in.add(new Input.Action("csv", "Read a CSV file", "", Input.Command.READ_CSV));
        }
        in.add(new Input.Note(
                "source",
                "The receiver is a simulated one on a loopback socket: a tide passes in seconds. Before a"
                        + " transmit test: people clear, right region set, listen first."));
        return in;
    }

    private static List<Input.Option> options(ProvePlan p, boolean before) {
        return IntStream.range(0, p.recordings().size())
                .mapToObj(i -> new Input.Option(
                        name(p.recordings().get(i), i),
                        i == (before ? p.before() : p.after()),
                        lift(before ? new ProveChange.Compare(i, p.after()) : new ProveChange.Compare(p.before(), i))))
                .toList();
    }

    static String name(Recording r, int i) {
        return (i + 1) + " " + r.name() + ", " + r.setUp();
    }

    private static JobChange lift(ProveChange change) {
        return new JobChange.OfProve(change);
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return new ProvePicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "Did it work?";
    }

    @Override
    public List<String> walk(Showing s) {
        return IntStream.range(0, s.job().prove().recordings().size())
                .mapToObj(i -> "recording:" + i)
                .toList();
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        ProvePlan p = s.job().prove();
        if (p.recordings().isEmpty()) {
            return Optional.empty();
        }
        int i = s.pickedIndex(
                Step.PROVE, p.recordings().size() - 1, p.recordings().size());
        return Optional.of(lift(new ProveChange.Compare(p.after(), i)));
    }

    @Override
    public int walkStart(Showing s) {
        return Math.max(0, s.job().prove().recordings().size() - 1);
    }
}
