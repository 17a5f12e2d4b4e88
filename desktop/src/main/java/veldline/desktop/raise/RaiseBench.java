package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import veldline.assess.BenchGate;
import veldline.assess.Commissioning;
import veldline.assess.RaisePage;
import veldline.assess.Step;
import veldline.coverage.Site;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Pages;
import veldline.desktop.bench.Showing;
import veldline.explain.Caution;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Cautions;
import veldline.raise.RaiseChange;

/** Where each end points, what a wrong aim costs, and what must stay clear; the aim is dragged, a height too. */
public final class RaiseBench implements Bench {
    @Override
    public Step step() {
        return Step.RAISE;
    }

    @Override
    public String heading(Showing s) {
        return s.job().brief().near().shortName() + " antenna, going up";
    }

    static final String PAGE = "raise";

    /** What is looked at: the plan, which is what a job with a site is about, the aim, the mount or its swinging. */
    private static String page(Showing s) {
        String noted = s.noted().getOrDefault(PAGE, "plan");
        return noted.equals("plan") && s.job().site().isEmpty() ? "aim" : noted;
    }

    private static void pages(List<Input> in, Showing s) {
        Map<String, String> words = new LinkedHashMap<>();
        if (s.job().site().isPresent()) {
            words.put("plan", "the site from above");
        }
        words.put("aim", "bearing, tilt, heights");
        words.put("mount", "the mount in the wind");
        words.put("near", "what stands near it");
        words.put("touch", "what touches, what earths");
        words.put("route", "the way of the cable");
        words.put("day", "the day of the work");
        words.put("swing", "swinging it to its mark");
        words.put("gate", "the gate on the ground");
        words.put("commission", "before it is handed over");
        in.add(Pages.pick(PAGE, words, page(s)));
    }

    private static void newPlan(List<Input> in) {
        in.add(new Input.Action("plan", "Read a site plan (GeoJSON)", "", Input.Command.READ_PLAN));
        in.add(new Input.Choice(
                "new-plan",
                "Plan of the site",
                List.of(
                        new Input.Option("none", true, new Input.Outcome.Picked("set:" + PAGE + "=plan")),
                        new Input.Option("an empty one", false, new JobChange.PutSite(Site.blank())))));
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        pages(in, s);
        switch (page(s)) {
            case "plan" -> in.addAll(PlanInputs.of(s, s.job().site().get()));
            case "mount" -> in.addAll(MountInputs.of(s));
            case "swing" -> in.addAll(SwingInputs.of(s));
            case "route" -> in.addAll(RouteInputs.of(s));
            case "near" -> in.addAll(NearInputs.of(s));
            case "touch" -> in.addAll(FixingInputs.of(s));
            case "day" -> in.addAll(DayInputs.of(s));
            case "commission" -> in.addAll(CommissionInputs.of(s));
            case "gate" -> in.addAll(GateInputs.of(s));
            default -> aim(in, s);
        }
        return in;
    }

    private static void aim(List<Input> in, Showing s) {
        in.add(new Input.Pair(
                new Input.Value(
                        "height",
                        "Height",
                        s.job().brief().near().height(),
                        "",
                        Limits.within(
                                0.1,
                                3000,
                                "0.1 m",
                                "3000 m",
                                q -> new JobChange.OfBrief(new BriefChange.Height(true, q)))),
                new Input.Value(
                        "mast",
                        "Mast",
                        s.job().raise().mast(),
                        "",
                        Limits.within(0, 200, "0", "200 m", q -> new JobChange.OfRaise(new RaiseChange.Mast(q))))));
        in.add(new Input.Pair(
                new Input.Value(
                        "lines",
                        "Power line at",
                        s.job().raise().lineDistance(),
                        "",
                        Limits.within(
                                0, 1e5, "0", "100 km", q -> new JobChange.OfRaise(new RaiseChange.LineDistance(q)))),
                new Input.Value(
                        "people",
                        "People at",
                        s.job().raise().peopleDistance(),
                        "",
                        Limits.within(
                                0,
                                1e5,
                                "0",
                                "100 km",
                                q -> new JobChange.OfRaise(new RaiseChange.PeopleDistance(q))))));
        Set<String> ticked = s.job().raise().ticked();
        for (Caution c : Cautions.raising()) {
            boolean on = ticked.contains(c.id());
            in.add(new Input.Tick(
                    c.id(),
                    c.hazard(),
                    c.advice() + (c.blocking() ? " Tick before it is printed." : ""),
                    c.blocking(),
                    on,
                    new JobChange.OfRaise(new RaiseChange.Tick(c.id(), !on))));
        }
        place(in, s, true);
        place(in, s, false);
        if (s.job().site().isEmpty()) {
            newPlan(in);
        }
    }

    private static void place(List<Input> in, Showing s, boolean near) {
        var end = near ? s.job().brief().near() : s.job().brief().far();
        String id = near ? "near" : "far";
        in.add(new Input.Value(
                id + "-lat",
                end.shortName() + " north",
                end.latitude(),
                "",
                Limits.within(
                        -90,
                        90,
                        "−90",
                        "90 °",
                        q -> new JobChange.OfBrief(new BriefChange.Place(near, q, end.longitude())))));
        in.add(new Input.Value(
                id + "-lon",
                end.shortName() + " east",
                end.longitude(),
                "",
                Limits.within(
                        -180,
                        180,
                        "−180",
                        "180 °",
                        q -> new JobChange.OfBrief(new BriefChange.Place(near, end.latitude(), q)))));
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return switch (page(s)) {
            case "plan" -> new PlanPicture(s, s.job().site().get(), width, height).draw();
            case "mount" -> new MountPicture(s, width, height).draw();
            case "swing" -> new SwingPicture(s, width, height).draw();
            case "route" -> new RoutePicture(s, width, height).draw();
            case "near" -> new NearPicture(s, width, height).draw();
            case "touch" -> new FixingPicture(s, width, height).draw();
            case "day" -> new DayPicture(s, width, height).draw();
            case "commission" -> new CommissionPicture(s, width, height).draw();
            case "gate" -> new GatePicture(s, width, height).draw();
            default -> new RaisePicture(s, width, height).draw();
        };
    }

    @Override
    public String question(Showing s) {
        return "Is it safe and aimed?";
    }

    /** What is looked at says its own first. */
    @Override
    public List<Finding> findings(Showing s) {
        return RaisePage.findings(s.assessment(), page(s));
    }

    @Override
    public List<String> walk(Showing s) {
        return switch (page(s)) {
            case "plan" -> PlanPicture.zones(s.job().site().get());
            case "mount" -> zones("wind:", MountPicture.WINDS);
            case "swing" -> zones("swing:", s.job().raise().swung().size());
            case "gate" -> zones("gate:", BenchGate.of(s.assessment()).items().size());
            case "route" -> zones("piece:", RoutePicture.PIECES.size());
            case "near" -> s.job().raise().neighbour().isPresent() ? List.of("near") : List.of();
            case "touch" ->
                zones("contact:", s.job().raise().fixings().contacts().size());
            case "day" ->
                zones("slot:", s.assessment().raise().schedule().steps().size());
            case "commission" ->
                zones("look:", Commissioning.of(s.assessment()).items().size());
            default -> zones("aim:", 2 * RaisePicture.AIM_RANGE + 1);
        };
    }

    private static List<String> zones(String name, int count) {
        return IntStream.range(0, count).mapToObj(i -> name + i).toList();
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        if (page(s).equals("plan")) {
            PlanPicture plan = new PlanPicture(s, s.job().site().get(), width, height);
            return PlanDrag.of(s, zone, plan.place(fromX, fromY), plan.place(x, y));
        }
        if (page(s).equals("route") || page(s).equals("day") || page(s).equals("near")) {
            return WayDrag.of(s, zone, x, y, width, height);
        }
        if (zone.equals("free")) {
            return Optional.of(MountInputs.free(s.job().raise().mount(), new MountPicture(s, width, height).freeAt(y)));
        }
        if (!zone.equals("height:near")) {
            return Optional.empty();
        }
        double metres = new RaisePicture(s, width, height).heightAt(y);
        return Optional.of(new JobChange.OfBrief(new BriefChange.Height(
                true, Quantity.shown(Math.max(0.5, Math.round(metres * 10) / 10.0), Unit.M, 1))));
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        if (page(s).equals("gate")) {
            return Optional.of(GateInputs.metal(s));
        }
        Commissioning list = Commissioning.of(s.assessment());
        return page(s).equals("commission") && !list.items().isEmpty()
                ? Optional.of(CommissionInputs.tick(list.items().get(CommissionInputs.chosen(s, list))))
                : Optional.empty();
    }

    @Override
    public int walkStart(Showing s) {
        return switch (page(s)) {
            case "plan", "day", "near" -> 0;
            case "touch" -> FixingPicture.worst(s.job().raise().fixings());
            case "route" -> 2;
            case "gate" -> GateInputs.chosen(s, BenchGate.of(s.assessment()));
            case "mount" -> MountPicture.first(s.job().raise().mount());
            case "swing" -> Math.max(0, s.job().raise().swung().size() - 1);
            case "commission" -> CommissionInputs.chosen(s, Commissioning.of(s.assessment()));
            default -> RaisePicture.AIM_RANGE;
        };
    }
}
