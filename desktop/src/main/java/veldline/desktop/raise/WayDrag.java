package veldline.desktop.raise;

import java.util.Optional;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.CableRoute;
import veldline.raise.WorkDay;

/** What is dragged on the way of the cable, on the day of the work, and near the antenna. */
final class WayDrag {
    private WayDrag() {}

    static Optional<JobChange> of(Showing s, String zone, double x, double y, double width, double height) {
        CableRoute r = s.job().raise().route();
        if (zone.equals("loop")) {
            Quantity to = Quantity.shown(new RoutePicture(s, width, height).loopAt(y), Unit.M, 2);
            return Optional.of(RouteInputs.change(r.withLoop(to), "drip loop " + to));
        }
        if (zone.equals("near")) {
            NearPicture picture = new NearPicture(s, width, height);
            return s.job()
                    .raise()
                    .neighbour()
                    .map(n -> NearInputs.change(
                            Optional.of(picture.draggedTo(n, x, y)), n.kind().words() + " moved"));
        }
        if (zone.startsWith("slot:")) {
            WorkDay day = s.job().raise().day();
            return new DayPicture(s, width, height)
                    .begun(Integer.parseInt(zone.substring(5)), x)
                    .map(b -> DayInputs.change(day.withBegins(Optional.of(b))));
        }
        return Optional.empty();
    }
}
