package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.coverage.ShapeChange;
import veldline.coverage.Site;
import veldline.coverage.SiteChange;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.path.Material;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What can be drawn on a plan, and what there is to say of the thing that is picked. */
final class ShapeInputs {
    /** What is being drawn, by name. */
    static final String DRAW = "plan.draw";

    private static final List<Material> WALLS = List.of(
            Material.CONCRETE, Material.BRICK, Material.STONE, Material.WOOD, Material.PLASTERBOARD, Material.METAL);

    private ShapeInputs() {}

    /** What a drag on the plan draws; empty where it moves what is there. */
    static Optional<ShapeChange.Kind> drawing(Showing s) {
        String name = s.noted().getOrDefault(DRAW, "");
        return Arrays.stream(ShapeChange.Kind.values())
                .filter(k -> k.name().equals(name))
                .findFirst();
    }

    /** What is picked, where it is something drawn. */
    static Optional<ShapeChange.Ref> ref(String zone) {
        return zone.matches("(ground|thing):\\d{1,4}")
                ? Optional.of(
                        new ShapeChange.Ref(zone.startsWith("ground"), Integer.parseInt(zone.replaceFirst("^.*:", ""))))
                : Optional.empty();
    }

    static Input pen(Showing s) {
        Optional<ShapeChange.Kind> now = drawing(s);
        List<Input.Option> options = new ArrayList<>();
        options.add(
                new Input.Option("move what is there", now.isEmpty(), new Input.Outcome.Picked("set:" + DRAW + "=")));
        for (ShapeChange.Kind k : ShapeChange.Kind.values()) {
            options.add(new Input.Option(
                    "draw: " + k.words(),
                    now.filter(k::equals).isPresent(),
                    new Input.Outcome.Picked("set:" + DRAW + "=" + k)));
        }
        return new Input.Pick("draw", "A drag on the plan", options);
    }

    /** Name, height, stuff and storeys of what is picked. */
    static void picked(List<Input> in, Site site, ShapeChange.Ref ref) {
        String id = (ref.zone() ? "ground" : "thing") + ref.index();
        in.add(new Input.Text(
                id + "-name",
                "Called",
                ref.name(site),
                text -> text.isBlank()
                        ? new Input.Outcome.Refused("Give it a name of a letter or more.")
                        : Input.Outcome.of(lift(new ShapeChange.Rename(ref, text.strip())))));
        if (ref.zone()) {
            boolean serve = site.zones().get(ref.index()).serve();
            in.add(new Input.Choice(
                    id + "-serve",
                    "This ground",
                    List.of(
                            new Input.Option("is to hear", serve, lift(new ShapeChange.Serve(ref.index(), true))),
                            new Input.Option("is not", !serve, lift(new ShapeChange.Serve(ref.index(), false))))));
        } else {
            obstacle(in, site.obstacles().get(ref.index()), ref.index(), id);
        }
        in.add(new Input.Pick(
                id + "-shape",
                "Its shape",
                List.of(
                        new Input.Option("as it is", true, new Input.Outcome.Picked("set:" + DRAW + "=")),
                        new Input.Option("one more corner", false, lift(new ShapeChange.MoreCorners(ref))),
                        new Input.Option("take it off", false, lift(new ShapeChange.Drop(ref))))));
    }

    private static void obstacle(List<Input> in, Site.Obstacle o, int i, String id) {
        in.add(new Input.Pair(
                new Input.Value(
                        id + "-height",
                        "Height",
                        Quantity.shown(o.height(), Unit.M, 1),
                        "",
                        Limits.within(0.1, 1000, "0.1 m", "1000 m", q -> lift(new ShapeChange.High(i, q)))),
                new Input.Value(
                        id + "-thick",
                        "Thickness",
                        Quantity.shown(o.thickness(), Unit.M, 2),
                        "",
                        Limits.within(0, 10, "0", "10 m", q -> lift(new ShapeChange.Thick(i, q))))));
        in.add(new Input.Pick(
                id + "-of",
                "Made of",
                Stream.concat(
                                Stream.of(new Input.Option(
                                        "earth, nothing goes through",
                                        o.material().isEmpty(),
                                        lift(new ShapeChange.Of(i, Optional.empty())))),
                                Stream.concat(WALLS.stream(), o.material().stream())
                                        .distinct()
                                        .map(m -> new Input.Option(
                                                m.words(),
                                                o.material().filter(m::equals).isPresent(),
                                                lift(new ShapeChange.Of(i, Optional.of(m))))))
                        .toList()));
        if (o.closed()) {
            storeys(in, o, i, id);
        }
    }

    private static void storeys(List<Input> in, Site.Obstacle o, int i, String id) {
        Material of = o.storeys().map(Site.Storeys::of).orElse(Material.CONCRETE);
        in.add(new Input.Value(
                id + "-storeys",
                "Storeys; 0 is no roof",
                Quantity.shown(o.storeys().map(Site.Storeys::count).orElse(0), Unit.ONE, 0),
                "",
                Limits.within(
                        0,
                        200,
                        "0",
                        "200",
                        q -> lift(new ShapeChange.Floors(
                                i,
                                q.value() < 1
                                        ? Optional.empty()
                                        : Optional.of(new Site.Storeys((int) Math.round(q.value()), of)))))));
        o.storeys()
                .ifPresent(now -> in.add(new Input.Pick(
                        id + "-floors",
                        "Floors and roof of",
                        Stream.concat(
                                        Stream.of(Material.CONCRETE, Material.WOOD, Material.TILES, Material.METAL),
                                        Stream.of(of))
                                .distinct()
                                .map(m -> new Input.Option(
                                        m.words(),
                                        m == of,
                                        lift(new ShapeChange.Floors(i, Optional.of(new Site.Storeys(now.count(), m))))))
                                .toList())));
    }

    static JobChange lift(ShapeChange change) {
        return new JobChange.OfSite(new SiteChange.OfShape(change));
    }
}
