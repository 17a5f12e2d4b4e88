package veldline.desktop.raise;

import java.util.List;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.raise.AimReading;
import veldline.raise.RaiseChange;

/** What is read while an antenna is swung to its mark. */
final class SwingInputs {
    private SwingInputs() {}

    static List<Input> of(Showing s) {
        Input.Action go = s.busy().isPresent()
                ? new Input.Action("stop", "Stop and keep what was read", "Esc", Input.Command.STOP)
                : new Input.Action("swing-it", "Swing it, simulated", "", Input.Command.SWING);
        return List.of(
                go,
                new Input.Text(
                        "swung",
                        "Read: 60 -71, 70 -64",
                        AimReading.of(s.job().raise().swung()),
                        text -> AimReading.read(text)
                                .<Input.Outcome>map(
                                        r -> Input.Outcome.of(new JobChange.OfRaise(new RaiseChange.Swung(r))))
                                .orElseGet(() -> new Input.Outcome.Refused("“" + text
                                        + "” was not understood: bearing 0 to 360 and level in dBm of each reading."))),
                new Input.Note(
                        "swing-how",
                        "Past both edges of the beam, a reading every third of it or closer; set the middle, not the peak, which is flat. Left and right walk the readings."),
                new Input.Note(
                        "swing-care",
                        "Lowest power, people clear of its front; harness on, one hand for the ladder, a second person below. No storm; stop at 10 m/s of wind."));
    }
}
