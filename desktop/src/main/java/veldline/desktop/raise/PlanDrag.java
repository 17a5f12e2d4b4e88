package veldline.desktop.raise;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import veldline.coverage.Point;
import veldline.coverage.ShapeChange;
import veldline.coverage.Site;
import veldline.coverage.SiteChange;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What dragging something on the plan changes. */
final class PlanDrag {
    private static final Pattern CORNER = Pattern.compile("(ground|thing)-corner:(\\d{1,4})\\.(\\d{1,5})");

    private PlanDrag() {}

    /**
     * @param from where the drag began on the plan
     * @param to where the pointer is on it
     */
    static Optional<JobChange> of(Showing s, String zone, Point from, Point to) {
        Site site = s.job().site().orElseThrow();
        if (zone.equals("plan")) {
            return ShapeInputs.drawing(s).map(k -> ShapeInputs.lift(new ShapeChange.Draw(k, from, to)));
        }
        Matcher corner = CORNER.matcher(zone);
        if (corner.matches()) {
            ShapeChange.Ref ref =
                    new ShapeChange.Ref(corner.group(1).equals("ground"), Integer.parseInt(corner.group(2)));
            return Optional.of(ShapeInputs.lift(new ShapeChange.Corner(ref, Integer.parseInt(corner.group(3)), to)));
        }
        Optional<ShapeChange.Ref> whole = ShapeInputs.ref(zone);
        if (whole.isPresent()) {
            // The corner that its name stands at goes where the pointer goes.
            ShapeChange.Ref ref = whole.get();
            boolean open = !ref.zone() && !site.obstacles().get(ref.index()).closed();
            int anchor = open ? ref.corners(site).size() - 1 : 0;
            return Optional.of(ShapeInputs.lift(new ShapeChange.Put(ref, anchor, to)));
        }
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
