package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.BoomKind;
import veldline.antenna.Bought;
import veldline.antenna.CableOutside;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.NotChosen;
import veldline.antenna.OwnWires;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiSchool;
import veldline.antenna.YagiShape;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.path.FreeSpace;
import veldline.picture.Picture;
import veldline.quantity.InchFraction;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The Yagi to scale: an element is dragged or its length typed, and pattern, SWR, line and cut list follow. */
public final class ShapeBench implements Bench {
    @Override
    public Step step() {
        return Step.SHAPE;
    }

    @Override
    public String heading(Showing s) {
        return (s.atFar() ? s.job().brief().far() : s.job().brief().near()).shortName() + " antenna";
    }

    static int picked(Showing s) {
        return s.pickedIndex(
                Step.SHAPE, 1, s.job().yagi().orElseThrow().elements().size());
    }

    /** What stands at the end that is looked at; the one that is shaped here stands for an end with nothing yet. */
    private static Antenna antenna(Showing s) {
        return s.job().antenna(!s.atFar());
    }

    @Override
    public List<Input> inputs(Showing s) {
        if (antenna(s) instanceof Bought b) {
            return BoughtInputs.of(b, !s.atFar());
        }
        if (antenna(s) instanceof OwnWires w) {
            return OwnWiresInputs.of(s, w);
        }
        if (antenna(s) instanceof Design d) {
            return DesignInputs.of(s, d);
        }
        if (antenna(s) instanceof ApertureDesign d) {
            return OpeningInputs.of(s, d);
        }
        if (!(antenna(s) instanceof YagiShape y)) {
            return List.of(
                    new Input.Note("none", "Nothing is chosen for this end yet. Choose ranks what would do."),
                    OwnWiresInputs.start(s, !s.atFar()));
        }
        double f = s.job().brief().frequency().value();
        double wave = FreeSpace.wavelength(f);
        int i = picked(s);
        YagiShape.Element e = y.elements().get(i);
        String name = i == 0 ? "Reflector" : i == 1 ? "Driven element" : "Director " + (i - 1);
        Quantity boom = Quantity.shown(y.boomLength(), Unit.MM, 1);
        List<Input> in = new ArrayList<>();
        in.add(Below.input(s));
        in.addAll(BesideInputs.of(s, y));
        in.add(new Input.Value(
                "boom",
                "Boom length",
                boom,
                InchFraction.ofMetres(y.boomLength(), 32).text() + " in",
                Limits.within(
                        0.15 * wave,
                        5.6 * wave,
                        mm(0.15 * wave),
                        mm(5.6 * wave),
                        q -> lift(new YagiChange.BoomLength(f, q)))));
        in.add(new Input.Pair(
                new Input.Value(
                        "count",
                        "Elements",
                        Quantity.of(Integer.toString(y.elements().size()), Unit.ONE),
                        "",
                        q -> q.value() != Math.rint(q.value()) || q.value() < 2 || q.value() > YagiShape.MOST_ELEMENTS
                                ? new Input.Outcome.Refused(
                                        q + " is not a whole number from 2 to " + YagiShape.MOST_ELEMENTS + ".")
                                : Input.Outcome.of(lift(new YagiChange.Count(f, (int) q.value())))),
                new Input.Value(
                        "diameter",
                        "Diameter",
                        y.diameter(),
                        "",
                        Limits.within(
                                1e-4,
                                0.04 * wave,
                                "0.1 mm",
                                mm(0.04 * wave),
                                q -> lift(new YagiChange.Diameter(f, q))))));
        in.add(new Input.Value(
                "length",
                name + ", length",
                e.length(),
                InchFraction.ofMetres(e.length().value(), 32).text() + " in",
                y.locked().contains(i)
                        ? q -> new Input.Outcome.Refused(name + " is locked at " + e.length() + "; set it free first.")
                        : Limits.within(
                                0.1 * wave,
                                0.9 * wave,
                                mm(0.1 * wave),
                                mm(0.9 * wave),
                                q -> lift(new YagiChange.ElementLength(i, q)))));
        in.add(new Input.Choice(
                "lock",
                name + ", length is",
                List.of(
                        new Input.Option("free", !y.locked().contains(i), lift(new YagiChange.Lock(i, false))),
                        new Input.Option("locked", y.locked().contains(i), lift(new YagiChange.Lock(i, true))))));
        if (i > 0) {
            double least = y.elements().get(i - 1).position().value()
                    + 2 * y.diameter().value();
            double most = i + 1 < y.elements().size()
                    ? y.elements().get(i + 1).position().value()
                            - 2 * y.diameter().value()
                    : Math.max(y.boomLength(), s.job().brief().sizeAllowed().value());
            in.add(new Input.Value(
                    "position",
                    name + ", from reflector",
                    e.position(),
                    InchFraction.ofMetres(e.position().value(), 32).text() + " in",
                    Limits.within(least, most, mm(least), mm(most), q -> lift(new YagiChange.ElementPosition(i, q)))));
        }
        in.add(new Input.Choice(
                "lies",
                "Elements lie",
                List.of(
                        new Input.Option("flat", !y.upright(), lift(new YagiChange.Upright(false))),
                        new Input.Option("upright", y.upright(), lift(new YagiChange.Upright(true))))));
        in.add(new Input.Pick(
                "boom-kind",
                "Elements sit",
                Arrays.stream(BoomKind.values())
                        .map(k -> new Input.Option(k.words(), k == y.boom(), lift(new YagiChange.Boom(k))))
                        .toList()));
        in.add(new Input.Choice(
                "outside",
                "Cable's outside",
                List.of(
                        new Input.Option(
                                "left out", y.outside().isEmpty(), lift(new YagiChange.Outside(Optional.empty()))),
                        new Input.Option(
                                "counts",
                                y.outside().isPresent(),
                                lift(new YagiChange.Outside(
                                        Optional.of(y.outside().orElse(CableOutside.USUAL))))))));
        y.outside()
                .ifPresent(c -> in.add(new Input.Pair(
                        new Input.Value(
                                "outside-length",
                                "Its length",
                                c.length(),
                                "",
                                Limits.within(
                                        0.05,
                                        4 * wave + 2,
                                        "50 mm",
                                        NumberText.shown(4 * wave + 2, 1) + " m",
                                        q -> lift(new YagiChange.Outside(Optional.of(c.withLength(q)))))),
                        new Input.Value(
                                "outside-choke",
                                "Choke, Ω",
                                c.choke(),
                                "",
                                Limits.within(
                                        0,
                                        1e5,
                                        "0",
                                        "100000",
                                        q -> lift(new YagiChange.Outside(Optional.of(c.withChoke(q)))))))));
        in.add(new Input.Action("improve", "Improve by the engine", "I", Input.Command.IMPROVE));
        in.add(new Input.Pick(
                "school",
                "Lengths by",
                Stream.concat(
                                Arrays.stream(YagiSchool.values())
                                        .map(k -> new Input.Option(
                                                k.words(), k.gave(y, f), lift(new YagiChange.School(f, k)))),
                                Stream.of(new Input.Option(
                                        "own or improved",
                                        Arrays.stream(YagiSchool.values()).noneMatch(k -> k.gave(y, f)),
                                        lift(new YagiChange.Take(y, "own lengths")))))
                        .toList()));
        in.add(walked(s));
        in.add(OwnWiresInputs.from(y, !s.atFar()));
        in.add(new Input.Note(
                "cutting",
                "Any unit works: 14 5/8 in, 37 cm. Cutting and drilling: eyes, ears, sharp edges; glass-fibre"
                        + " dust is not to be breathed."));
        return in;
    }

    /** What left and right walk. */
    static Input walked(Showing s) {
        Reading walked = Reading.walked(s);
        boolean own = !(antenna(s) instanceof YagiShape);
        return new Input.Choice(
                "walked",
                "Left and right walk",
                (Below.chosen(s) == Below.FIGURES ? Reading.CHOSEN : List.of(walked))
                        .stream()
                                .map(r ->
                                        new Input.Option(r.word(own), r == walked, new Input.Outcome.Picked(r.pick())))
                                .toList());
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1) + " mm";
    }

    private static JobChange lift(YagiChange change) {
        return new JobChange.OfYagi(change);
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        if (antenna(s) instanceof Bought b) {
            return new BoughtPicture(s, b, width, height).draw();
        }
        if (antenna(s) instanceof OwnWires w) {
            return new WiresPicture(s, w, width, height).draw();
        }
        if (antenna(s) instanceof Design d) {
            return new WiresPicture(s, d, width, height).draw();
        }
        if (antenna(s) instanceof ApertureDesign d) {
            return new OpeningPicture(s, d, width, height).draw();
        }
        return antenna(s) instanceof YagiShape
                ? new ShapePicture(s, width, height).draw()
                : EmptyPicture.draw(
                                Picture.pen(width, height),
                                "There is no antenna to shape yet.",
                                "Choose ranks what would do here, from what the brief asks.",
                                "Choose one",
                                "2",
                                "step:CHOOSE")
                        .done();
    }

    /** Of the antenna that is looked at, whichever end it stands at. */
    @Override
    public List<Finding> findings(Showing s) {
        boolean near = !s.atFar();
        return s.job().antenna(near) instanceof NotChosen
                ? s.assessment().of(step())
                : s.assessment().ofAntenna(near);
    }

    @Override
    public String question(Showing s) {
        return "What it comes to";
    }

    @Override
    public List<String> walk(Showing s) {
        if (antenna(s) instanceof Bought b) {
            return InspectionPicture.zones(b);
        }
        if (antenna(s) instanceof ApertureDesign d) {
            return Below.chosen(s) == Below.FIGURES
                    ? OpeningHandle.zones(d)
                    : Reading.walked(s).places(s);
        }
        if (!(antenna(s) instanceof Made made)) {
            return List.of();
        }
        if (Reading.walked(s) == Reading.ELEMENTS && made instanceof OwnWires w) {
            return WiresPicture.corners(w);
        }
        if (Reading.walked(s) == Reading.ELEMENTS && made instanceof Design d) {
            return DesignHandle.zones(d);
        }
        return Reading.walked(s) == Reading.ELEMENTS && made instanceof YagiShape y
                ? IntStream.range(0, y.elements().size())
                        .mapToObj(i -> "element:" + i)
                        .toList()
                : Reading.walked(s).places(s);
    }

    /** A curve is read where it is dragged. */
    @Override
    public Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        if (Below.chosen(s) != Below.FIGURES) {
            return Below.chosen(s).turned(s, zone, x, y, width, height);
        }
        for (Reading r : new Reading[] {Reading.PATTERN, Reading.SWR}) {
            if (zone.equals(r.pick()) && antenna(s) instanceof Made && r.count(s) > 0) {
                ShapeFigures picture = new ShapeFigures(s, Picture.pen(width, height));
                int place = r == Reading.SWR ? picture.pointAt(x, r.count(s)) : picture.degreesAt(x, y);
                return Optional.of(r.at(Math.max(0, Math.min(r.count(s) - 1, place))));
            }
        }
        return Optional.empty();
    }

    /** The step of phase that is read is taken; of a bought antenna what was found, or done. */
    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        if (antenna(s) instanceof Bought b) {
            return InspectionPicture.taken(b, !s.atFar(), zone);
        }
        Optional<Design> read = switch (Below.chosen(s)) {
            case PHASE -> PhaseView.taken(s);
            case WINDOWS -> WindowsView.taken(s);
            default -> Optional.empty();
        };
        return read.map(d -> new JobChange.Fit(!s.atFar(), d));
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        if (zone.equals("claim") && antenna(s) instanceof Bought b) {
            double gain = Math.round(2 * new BoughtPicture(s, b, width, height).gainAt(x)) / 2.0;
            return Optional.of(new JobChange.Claim(!s.atFar(), Quantity.shown(gain, Unit.DBI, 1)));
        }
        if (antenna(s) instanceof ApertureDesign d) {
            return new OpeningPicture(s, d, width, height).moved(zone, x, y);
        }
        if (zone.startsWith("corner:") && antenna(s) instanceof OwnWires w) {
            return new WiresPicture(s, w, width, height).moved(zone, x, y);
        }
        if (zone.startsWith("measure:") && antenna(s) instanceof Design d) {
            return new WiresPicture(s, d, width, height).moved(d, zone, x, y);
        }
        if (!zone.startsWith("element:") || s.job().yagi().isEmpty()) {
            return Optional.empty();
        }
        return new YagiDrag(s, s.job().yagi().get(), width).to(Integer.parseInt(zone.substring(8)), fromX, fromY, x, y);
    }

    @Override
    public int walkStart(Showing s) {
        boolean opening = antenna(s) instanceof ApertureDesign;
        if (opening && Below.chosen(s) == Below.FIGURES
                || !opening && s.job().made().isEmpty()) {
            return 0;
        }
        Reading walked = Reading.walked(s);
        return walked == Reading.ELEMENTS
                ? s.job().yagi().isPresent() ? picked(s) : 0
                : walked.place(s).orElseGet(() -> switch (walked) {
                    case PATTERN, WORK, BESIDE, CUT, PIECES -> 0;
                    case PHASE -> PhaseView.start(s);
                    case LENGTH -> WindowsView.START;
                    case BAND ->
                        s.assessment().band().value().map(b -> b.centre()).orElse(0);
                    default -> Math.max(0, walked.count(s) / 2);
                });
    }
}
