package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.prove.ProveChange;
import veldline.prove.TurnReading;
import veldline.prove.Turned;

/** What is read while one thing is turned and everything else is left. */
public final class TurnInputs {
    /** Under which what is turned is noted. */
    static final String TURNED = "prove.turned";

    private TurnInputs() {}

    /** What is turned. */
    public static Turned turned(Showing s) {
        return Optional.ofNullable(s.noted().get(TURNED)).map(Turned::valueOf).orElse(Turned.BEARING);
    }

    static List<Input> of(Showing s) {
        Turned what = turned(s);
        List<Input> in = new ArrayList<>();
        in.add(new Input.Choice(
                "turned",
                "Turned",
                Stream.of(Turned.values())
                        .map(t -> new Input.Option(
                                word(t), t == what, new Input.Outcome.Picked("set:" + TURNED + "=" + t.name())))
                        .toList()));
        in.add(
                s.busy().isPresent()
                        ? new Input.Action("stop", "Stop and keep what was read", "Esc", Input.Command.STOP)
                        : new Input.Action("turn-it", "Turn it, simulated", "", Input.Command.TURN));
        in.add(new Input.Text(
                "turn-read-" + what.ordinal(),
                (what == Turned.HEIGHT ? "Metres" : "Degrees") + " and dBm: 0 -61, 15 -64",
                TurnReading.of(s.job().prove().turned(what)),
                text -> TurnReading.read(text, what.unit())
                        .<Input.Outcome>map(
                                r -> Input.Outcome.of(new JobChange.OfProve(new ProveChange.TurnedBy(what, r))))
                        .orElseGet(() -> new Input.Outcome.Refused(
                                "“" + text + "” was not understood: setting and level in dBm of each reading."))));
        if (what == Turned.HEIGHT) {
            in.add(new Input.Value(
                    "height",
                    "It hangs at",
                    s.job().brief().near().height(),
                    "",
                    Limits.within(
                            0.1,
                            3000,
                            "0.1 m",
                            "3000 m",
                            q -> new JobChange.OfBrief(new BriefChange.Height(true, q)))));
        }
        in.add(new Input.Note("turn-how", how(what)));
        in.add(
                new Input.Note(
                        "turn-care",
                        "Lowest power, people clear of the front; nobody on the ladder while it turns. No storm; stop at 10 m/s of wind."));
        return in;
    }

    private static String word(Turned what) {
        return switch (what) {
            case BEARING -> "bearing";
            case HEIGHT -> "height";
            case POLARIZATION -> "field";
        };
    }

    private static String how(Turned what) {
        return switch (what) {
            case BEARING ->
                "All around, a reading every tenth of a turn and every sixth of the beam near its front; from farther than its far field, with nothing large about.";
            case HEIGHT ->
                "Half a metre at a time, a minute at each; over water near low water. Drag the post to where it is to hang.";
            case POLARIZATION ->
                "About its beam, every 15° over half a turn, from flat on, clockwise from behind; the far end stays as it is.";
        };
    }
}
