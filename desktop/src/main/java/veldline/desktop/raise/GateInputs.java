package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import veldline.assess.BenchGate;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.raise.RaiseChange;

/** The gate that is looked at, and where it is put right. */
final class GateInputs {
    private GateInputs() {}

    static int chosen(Showing s, BenchGate gate) {
        int first = 0;
        while (first < gate.items().size() - 1
                && gate.items().get(first).level() == veldline.explain.Finding.Level.FITS) {
            first++;
        }
        return s.pickedIndex(Step.RAISE, first, gate.items().size());
    }

    static List<Input> of(Showing s) {
        BenchGate gate = BenchGate.of(s.assessment());
        BenchGate.Item item = gate.items().get(chosen(s, gate));
        List<Input> in = new ArrayList<>();
        boolean seen = s.job().raise().ticked().contains(BenchGate.TICK_METAL);
        in.add(new Input.Tick(
                "gate-metal",
                "Ohmmeter looked at",
                "With the radio off and the cable open at its other end.",
                false,
                seen,
                metal(s)));
        if (item.step() != Step.RAISE) {
            in.add(new Input.Choice(
                    "put-right",
                    "Put right in",
                    List.of(
                            new Input.Option(
                                    "here", true, new Input.Outcome.Picked("set:" + RaiseBench.PAGE + "=gate")),
                            new Input.Option(
                                    item.step().title(),
                                    false,
                                    new Input.Outcome.Picked(
                                            "step:" + item.step().name())))));
        }
        in.add(
                new Input.Note(
                        "gate-how",
                        "Left and right walk the gates, Enter ticks the ohmmeter. A gate is no proof: a dummy load passes it. What is worth proving is proved up there."));
        in.add(
                new Input.Note(
                        "gate-care",
                        "On the bench a load or the antenna is always on, at the lowest power, hands and eyes clear of its ends."));
        return in;
    }

    static JobChange metal(Showing s) {
        boolean seen = s.job().raise().ticked().contains(BenchGate.TICK_METAL);
        return new JobChange.OfRaise(new RaiseChange.Tick(BenchGate.TICK_METAL, !seen));
    }
}
