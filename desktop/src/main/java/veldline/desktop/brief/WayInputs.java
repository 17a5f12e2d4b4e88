package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.End;
import veldline.path.Edges;
import veldline.path.Leaves;
import veldline.path.Material;
import veldline.path.Obstruction;
import veldline.path.Profile;
import veldline.path.Rise;
import veldline.path.Way;
import veldline.path.WayChange;
import veldline.quantity.Coordinates;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What is known of the way: its ground, what the wave goes through, its weather. */
final class WayInputs {
    private WayInputs() {}

    static List<Input> of(Showing s) {
        Brief b = s.job().brief();
        Way w = b.way();
        List<Input> in = new ArrayList<>();
        ground(in, b);
        in.add(place(b.near(), true));
        in.add(place(b.far(), false));
        in.add(new Input.Pick(
                "edges",
                "Several edges are taken",
                Arrays.stream(Edges.values())
                        .map(e -> new Input.Option(e.words(), e == w.edges(), lift(new WayChange.School(e))))
                        .toList()));
        in.add(new Input.Choice(
                "rise",
                "What rises and falls",
                Arrays.stream(Rise.values())
                        .map(r -> new Input.Option(r.words(), r == w.rise(), lift(new WayChange.Rises(r))))
                        .toList()));
        in.add(new Input.Pair(
                amount(w, WayChange.Kind.K, "Earth radius, k"), amount(w, WayChange.Kind.ROUGHNESS, "Waves, rough")));
        in.add(new Input.Pair(
                amount(w, WayChange.Kind.EXPONENT, "No clear way: n"),
                amount(w, WayChange.Kind.SPREAD, "From spot to spot")));
        in.add(new Input.Note(
                "exponent-note",
                "n stands for all of the ground: 2 open, 3 village, 4 woods and houses; 0 leaves it out."));
        in.add(new Input.Pair(
                amount(w, WayChange.Kind.RAIN, "Rain, mm/h in 0.01 %"),
                amount(w, WayChange.Kind.SHARE, "Share of the year, %")));
        in.add(amount(w, WayChange.Kind.GRADIENT, "Refractivity, N/km in 1 %"));
        return in;
    }

    private static void ground(List<Input> in, Brief b) {
        Way w = b.way();
        in.add(new Input.Note(
                "profile",
                w.profile()
                        .map(p -> "Ground: " + p.size() + " points from " + p.source() + ".")
                        .orElse("Even ground is taken; a file or points give its real shape.")));
        in.add(new Input.Action("ground", "Read the ground from a file", "", Input.Command.READ_GROUND));
        in.add(Input.Words.asking("ground-point", "A point: metres along, height", text -> point(b, text)));
        if (w.profile().isPresent()) {
            in.add(new Input.Action("save-ground", "Save this ground as CSV", "", Input.Command.SAVE_GROUND));
            in.add(new Input.Choice(
                    "over",
                    "Heights are counted from",
                    List.of(
                            new Input.Option("one zero", !w.overGround(), lift(new WayChange.HeightsOver(false))),
                            new Input.Option("the ground", w.overGround(), lift(new WayChange.HeightsOver(true))))));
            in.add(new Input.Tick(
                    "no-ground", "use this ground", "", false, true, lift(new WayChange.Along(Optional.empty()))));
        }
    }

    private static final Pattern POINT =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*m?\\s*[;,\\s]\\s*([+−-]?\\d+(?:[.,]\\d+)?)\\s*m?");

    /** “1300 4.5”: so far along, so high. The first one turns even ground into a profile. */
    static Optional<JobChange> point(Brief b, String text) {
        Matcher m = POINT.matcher(text.strip());
        if (!m.matches()) {
            return Optional.empty();
        }
        double along = number(m.group(1));
        double height = number(m.group(2));
        double length = b.distance().value();
        Profile now =
                b.way().profile().orElseGet(() -> new Profile("typed points", List.of(0.0, length), List.of(0.0, 0.0)));
        if (!(along <= length) || !(Math.abs(height) <= 9000) || now.size() >= Profile.MOST) {
            return Optional.empty();
        }
        return Optional.of(lift(new WayChange.Along(Optional.of(now.withPoint(along, height)))));
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.').replace('−', '-'));
    }

    private static Input place(End end, boolean near) {
        String now = new Coordinates(end.latitude().value(), end.longitude().value()).decimal();
        return new Input.Text(
                near ? "near-place" : "far-place",
                end.shortName() + ", north and east",
                now,
                text -> Coordinates.read(text) instanceof Coordinates.Read.Taken t
                        ? Input.Outcome.of(new JobChange.OfBrief(new BriefChange.Place(
                                near,
                                Quantity.shown(t.place().latitude(), Unit.DEG, 6),
                                Quantity.shown(t.place().longitude(), Unit.DEG, 6))))
                        : new Input.Outcome.Refused(((Coordinates.Read.Refused) Coordinates.read(text)).why()));
    }

    private static Input.Value amount(Way w, WayChange.Kind kind, String label) {
        return new Input.Value(
                "way-" + kind.name().toLowerCase(java.util.Locale.ROOT),
                label,
                kind.of(w),
                "",
                q -> kind.allows(q.value())
                        ? Input.Outcome.of(lift(new WayChange.Amount(kind, q)))
                        : new Input.Outcome.Refused(kind.refusal(q)));
    }

    private static final Pattern TREES =
            Pattern.compile("(?:trees|woods|leaves)[, ]+(\\d{1,3}(?:[.,]\\d+)?)\\s*m(?:[, ]+(itu|weissberger))?");
    private static final Pattern WALL = Pattern.compile("(.+?)(?:[, ]+(\\d{1,4}(?:[.,]\\d+)?)\\s*(mm|cm|m))?");
    private static final Pattern TOLD = Pattern.compile("(.{1,40}?)[, ]+(\\d{1,2}(?:[.,]\\d)?)\\s*(?:dB)?");

    /** “stone wall”, “brick wall 0.24 m”, “trees 30 m itu”, or anything with its decibels: “shed 12”. */
    static Optional<Obstruction> obstruction(String text) {
        String plain = text.strip();
        String low = plain.toLowerCase(java.util.Locale.ROOT);
        Matcher trees = TREES.matcher(low);
        if (trees.matches()) {
            double depth = number(trees.group(1));
            Leaves school = "itu".equals(trees.group(2)) ? Leaves.ITU : Leaves.WEISSBERGER;
            return depth > Leaves.DEEPEST
                    ? Optional.empty()
                    : Optional.of(new Obstruction.Trees(Quantity.shown(depth, Unit.M, 1), school));
        }
        Matcher wall = WALL.matcher(low);
        if (wall.matches()) {
            Optional<Material> material = Arrays.stream(Material.values())
                    .filter(m -> m.words().equals(wall.group(1).strip()))
                    .findFirst();
            if (material.isPresent()) {
                Quantity thick = thickness(material.get(), wall);
                return Obstruction.Wall.allows(thick)
                        ? Optional.of(new Obstruction.Wall(material.get(), thick))
                        : Optional.empty();
            }
        }
        Matcher told = TOLD.matcher(plain);
        return told.matches()
                ? Optional.of(new Obstruction.Told(
                        told.group(1), Quantity.of(told.group(2).replace(',', '.'), Unit.DB)))
                : Optional.empty();
    }

    private static Quantity thickness(Material m, Matcher wall) {
        if (wall.group(2) == null) {
            return Quantity.shown(m.usualThickness(), Unit.MM, m.usualThickness() < 0.002 ? 1 : 0);
        }
        Unit unit = Unit.named(wall.group(3)).orElseThrow();
        return Quantity.of(wall.group(2).replace(',', '.'), unit);
    }

    private static JobChange lift(WayChange change) {
        return new JobChange.OfBrief(new BriefChange.OfWay(change));
    }
}
