package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.List;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.prove.ProveChange;
import veldline.prove.SideBySide;
import veldline.prove.SideReading;
import veldline.quantity.Quantity;

/** An antenna beside one whose gain is known. */
final class SidesInputs {
    private static final double MOST_GAIN = 60;

    private SidesInputs() {}

    static List<Input> of(Showing s) {
        SideBySide now = s.job().prove().sides();
        return List.of(
                new Input.Pair(
                        new Input.Value(
                                "known-gain",
                                "Known gain",
                                now.gain(),
                                "",
                                Limits.within(-20, MOST_GAIN, "−20", "60 dBi", q -> change(now.withGain(q)))),
                        new Input.Value(
                                "known-doubt",
                                "Good to",
                                now.doubt(),
                                "",
                                Limits.within(0, 10, "0", "10 dB", q -> change(now.withDoubt(q))))),
                s.busy().isPresent()
                        ? new Input.Action("stop", "Stop and keep nothing", "Esc", Input.Command.STOP)
                        : new Input.Action("sides", "Read both, simulated", "", Input.Command.SIDES),
                new Input.Text(
                        "sides",
                        "Read: k -61, u -55, u2 -56",
                        SideReading.of(now.readings()),
                        text -> SideReading.read(text)
                                .<Input.Outcome>map(r -> Input.Outcome.of(change(now.withReadings(r))))
                                .orElseGet(
                                        () -> new Input.Outcome.Refused(
                                                "“" + text
                                                        + "” was not understood: k or u, 2 for the second receiver, and dBm of each."))),
                ProveBench.sure(s),
                new Input.Note(
                        "sides-how",
                        "Known, unknown, known, … on the same mast to the same far end; the known one first and last, so that what drifts is told. With two receivers swap them, so that what one reads over the other is told."),
                new Input.Note(
                        "sides-care",
                        "Radio off while hands are on an antenna; ladder tied, harness on, a second person. No storm; stop at 10 m/s of wind."));
    }

    static JobChange change(SideBySide to) {
        return new JobChange.OfProve(new ProveChange.Beside(to));
    }

    /** With another level for one reading. */
    static JobChange level(SideBySide now, int index, Quantity level) {
        List<SideReading> all = new ArrayList<>(now.readings());
        all.set(index, new SideReading(all.get(index).known(), all.get(index).second(), level));
        return change(now.withReadings(all));
    }
}
