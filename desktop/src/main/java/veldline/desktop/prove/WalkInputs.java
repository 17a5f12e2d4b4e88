package veldline.desktop.prove;

import java.util.List;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.prove.ProveChange;
import veldline.prove.WalkReading;

/** What is read on a walk away from the other end. */
final class WalkInputs {
    private WalkInputs() {}

    static List<Input> of(Showing s) {
        return List.of(
                new Input.Text(
                        "walked",
                        "Metres and dBm: 100 -61, 900 -",
                        WalkReading.of(s.job().prove().walk()),
                        text -> WalkReading.read(text)
                                .<Input.Outcome>map(
                                        r -> Input.Outcome.of(new JobChange.OfProve(new ProveChange.Walked(r))))
                                .orElseGet(
                                        () -> new Input.Outcome.Refused(
                                                "“" + text
                                                        + "” was not understood: distance in metres and level in dBm of each place, a dash where nothing was heard."))),
                new Input.Action("walk-gpx", "Read a track (GPX)", "", Input.Command.READ_WALK),
                new Input.Value(
                        "margin",
                        "Wanted over the floor",
                        s.job().brief().marginWanted(),
                        "",
                        Limits.within(
                                0, 60, "0", "60 dB", q -> new JobChange.OfBrief(new BriefChange.MarginWanted(q)))),
                ProveBench.sure(s),
                new Input.Note(
                        "walk-how",
                        "Same radio, same height, same heading of the body; go on until it is lost, and tell where it was. Left and right walk the readings; the line of what is wanted is dragged."),
                new Input.Note(
                        "walk-care",
                        "Eyes on the way and not on the screen; keep off roads, banks and soft ground; tell someone where you go."));
    }
}
