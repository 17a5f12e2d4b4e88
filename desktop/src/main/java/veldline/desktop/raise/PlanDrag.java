package veldline.desktop.raise;

import java.util.Optional;
import veldline.coverage.Point;
import veldline.coverage.Site;
import veldline.coverage.SiteChange;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What dragging something on the plan changes. */
final class PlanDrag {
    private PlanDrag() {}

    /** @param to where the pointer is on the plan */
    static Optional<JobChange> of(Site site, String zone, Point to) {
        String[] what = zone.split(":", 2);
        if (what.length < 2 || !what[1].matches("\\d{1,4}")) {
            return Optional.empty();
        }
        int i = Integer.parseInt(what[1]);
        return switch (what[0]) {
            case "mount" ->
                Optional.of(PlanInputs.lift(
                        new SiteChange.Set(i, site.antennas().get(i).withAt(to))));
            case "turn" -> turned(site.antennas().get(i), i, to);
            case "spot" -> Optional.of(PlanInputs.lift(new SiteChange.MoveSpot(i, to)));
            default -> Optional.empty();
        };
    }

    private static Optional<JobChange> turned(Site.Mounted a, int i, Point to) {
        double east = to.x() - a.at().x();
        double north = to.y() - a.at().y();
        if (Math.hypot(east, north) < 0.2) {
            return Optional.empty();
        }
        double bearing = (Math.toDegrees(Math.atan2(east, north)) + 360) % 360;
        return Optional.of(PlanInputs.lift(
                new SiteChange.Set(i, a.withAzimuth(Quantity.shown(Math.round(bearing) % 360, Unit.DEG, 0)))));
    }
}
