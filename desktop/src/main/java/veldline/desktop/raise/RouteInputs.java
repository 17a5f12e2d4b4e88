package veldline.desktop.raise;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.CableRoute;
import veldline.raise.RaiseChange;

/** The way of the cable, measure by measure. */
final class RouteInputs {
    private RouteInputs() {}

    static List<Input> of(Showing s) {
        CableRoute r = s.job().raise().route();
        return List.of(
                new Input.Pair(
                        length("down", "Down the mast", r.down(), 100, r::withDown),
                        length("along", "To the wall", r.along(), 100, r::withAlong)),
                new Input.Pair(
                        length("loop", "Drip loop", r.loop(), 2, r::withLoop),
                        length("inside", "Inside", r.inside(), 100, r::withInside)),
                new Input.Pair(
                        length("bend", "Tightest bend", r.bend(), 1, r::withBend),
                        length("clips", "Clip to clip", r.clips(), 5, r::withClips)),
                new Input.Note("route-how", "Left and right walk the pieces; the loop is dragged down from the entry."),
                new Input.Note(
                        "route-care",
                        "Apart from mains and metal pipework; no line at eye or ankle height; eyes, ears and dust while drilling, hidden cables looked for first. The shield is bonded at the entry by local code and licensed practice."));
    }

    private static Input.Value length(
            String id, String label, Quantity now, double most, Function<Quantity, CableRoute> with) {
        return new Input.Value(
                id,
                label,
                now,
                "",
                Limits.within(
                        0,
                        most,
                        "0",
                        Quantity.shown(most, Unit.M, 0).toString(),
                        q -> change(with.apply(q), label.toLowerCase(Locale.ROOT) + " " + q)));
    }

    static JobChange change(CableRoute to, String what) {
        return new JobChange.OfRaise(new RaiseChange.Route(to, what));
    }
}
