package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.coverage.Point;
import veldline.coverage.Site;
import veldline.coverage.SiteChange;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.study.SiteOption;

/** What there is to set on a site: the antenna picked, what it costs, and how many there should be. */
public final class PlanInputs {
    private PlanInputs() {}

    static List<Input> of(Showing s, Site site) {
        List<Input> in = new ArrayList<>();
        String picked = PlanPicture.picked(s, site);
        if (picked.startsWith("mount:")) {
            antenna(in, site, Integer.parseInt(picked.substring(6)));
        } else if (picked.startsWith("spot:")) {
            spot(in, site, Integer.parseInt(picked.substring(5)));
        }
        ShapeInputs.ref(picked).ifPresent(r -> ShapeInputs.picked(in, site, r));
        in.add(ShapeInputs.pen(s));
        in.add(new Input.Action("suggest", "Suggest antennas", "", Input.Command.SECTORS));
        s.advice().sectors().value().ifPresent(found -> in.add(suggested(s, found)));
        in.add(new Input.Action("fine", "Draw it finer", "", Input.Command.FINER));
        in.add(new Input.Action("plan", "Read a plan (GeoJSON)", "", Input.Command.READ_PLAN));
        in.add(new Input.Action("save-plan", "Save the plan (GeoJSON)", "", Input.Command.SAVE_PLAN));
        in.add(new Input.Choice(
                "add",
                "Antennas on the plan",
                List.of(
                        new Input.Option("one more", false, lift(new SiteChange.AddAntenna())),
                        new Input.Option(
                                "one less",
                                false,
                                picked.startsWith("mount:") && site.antennas().size() > 1
                                        ? Input.Outcome.of(
                                                lift(new SiteChange.DropAntenna(Integer.parseInt(picked.substring(6)))))
                                        : new Input.Outcome.Refused("Pick one of several antennas first.")))));
        in.add(new Input.Choice(
                "radios",
                "They are fed by",
                List.of(
                        new Input.Option("one radio", site.oneRadio(), lift(new SiteChange.OneRadio(true))),
                        new Input.Option("a radio each", !site.oneRadio(), lift(new SiteChange.OneRadio(false))))));
        in.add(new Input.Pair(
                new Input.Value(
                        "held",
                        "Held at",
                        site.held(),
                        "",
                        Limits.within(0.1, 100, "0.1 m", "100 m", q -> lift(new SiteChange.Held(q)))),
                new Input.Value(
                        "feeder",
                        "Cable, a metre",
                        site.feeder(),
                        "",
                        Limits.within(0, 5, "0", "5 dB", q -> lift(new SiteChange.Feeder(q))))));
        in.add(new Input.Pair(size(site, true), size(site, false)));
        in.add(new Input.Pair(slope(site, true), slope(site, false)));
        in.add(Input.Words.asking("spot-name", "One more place, by name", text -> spot(site, text)));
        return in;
    }

    private static void spot(List<Input> in, Site site, int i) {
        Site.Spot spot = site.spots().get(i);
        in.add(new Input.Text(
                "spot-" + i,
                "Place, called",
                spot.name(),
                text -> text.isBlank()
                        ? new Input.Outcome.Refused("Give it a name of a letter or more.")
                        : Input.Outcome.of(lift(
                                new SiteChange.SetSpot(i, new Site.Spot(text.strip(), spot.at(), spot.height()))))));
        in.add(new Input.Value(
                "spot-height-" + i,
                "Held there at",
                spot.height(),
                "over ground",
                Limits.within(
                        0.1,
                        200,
                        "0.1 m",
                        "200 m",
                        q -> lift(new SiteChange.SetSpot(i, new Site.Spot(spot.name(), spot.at(), q))))));
        in.add(new Input.Tick(
                "spot-there-" + i,
                "stands on the plan",
                "Tick it off to take it out.",
                false,
                true,
                lift(new SiteChange.DropSpot(i))));
    }

    private static void antenna(List<Input> in, Site site, int i) {
        Site.Mounted a = site.antennas().get(i);
        in.add(new Input.Value(
                "mount-height",
                a.name() + ", height",
                a.height(),
                "over ground",
                Limits.within(0.5, 200, "0.5 m", "200 m", q -> lift(new SiteChange.Set(i, a.withHeight(q))))));
        in.add(new Input.Pair(
                new Input.Value(
                        "mount-azimuth",
                        "Points to",
                        a.azimuth(),
                        "",
                        Limits.within(0, 360, "0", "360 °", q -> lift(new SiteChange.Set(i, a.withAzimuth(q))))),
                new Input.Value(
                        "mount-tilt",
                        "Tilt down",
                        a.tilt(),
                        "",
                        Limits.within(-45, 90, "−45", "90 °", q -> lift(new SiteChange.Set(i, a.withTilt(q)))))));
    }

    /** Ways that were found, best first; picking one takes it. */
    public static Input suggested(Showing s, List<SiteOption> found) {
        double floor = s.assessment().line().floor();
        return new Input.Pick(
                "suggested",
                "Worst place over the floor",
                found.stream()
                        .map(o -> new Input.Option(
                                NumberText.signed(o.found().worst() - floor, 1) + " dB: " + o.title(), false, take(o)))
                        .toList());
    }

    private static JobChange take(SiteOption o) {
        JobChange set = lift(new SiteChange.Take(o.found().sets()));
        return o.antenna()
                .<JobChange>map(b -> new JobChange.All(o.title(), List.of(new JobChange.Fit(true, b), set)))
                .orElse(set);
    }

    private static Input.Value size(Site site, boolean across) {
        return new Input.Value(
                across ? "plan-width" : "plan-depth",
                across ? "Plan, wide" : "Plan, deep",
                Quantity.shown(across ? site.width() : site.depth(), Unit.M, 0),
                "",
                Limits.within(1, 1e5, "1 m", "100 km", q -> lift(new SiteChange.Size(across, q))));
    }

    private static Input.Value slope(Site site, boolean east) {
        return new Input.Value(
                east ? "slope-east" : "slope-north",
                "Rises " + (east ? "east" : "north") + ", %",
                Quantity.shown(100 * (east ? site.slopeEast() : site.slopeNorth()), Unit.ONE, 1),
                "",
                Limits.within(-100, 100, "−100", "100", q -> lift(new SiteChange.Slope(east, q))));
    }

    private static Optional<JobChange> spot(Site site, String name) {
        return name.isBlank()
                ? Optional.empty()
                : Optional.of(lift(new SiteChange.AddSpot(
                        new Site.Spot(name.strip(), new Point(site.width() / 2, site.depth() / 2), site.held()))));
    }

    static JobChange lift(SiteChange change) {
        return new JobChange.OfSite(change);
    }
}
