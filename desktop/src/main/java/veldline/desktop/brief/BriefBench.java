package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.Jurisdiction;
import veldline.link.OnAir;
import veldline.link.PowerProfiles;
import veldline.path.FreeSpace;
import veldline.path.Obstruction;
import veldline.path.Surface;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What the link is for. Heights are dragged in the side view, the tide is walked along its curve. */
public final class BriefBench implements Bench {
    static final String PAGE = "brief";

    @Override
    public Step step() {
        return Step.BRIEF;
    }

    @Override
    public String heading(Showing s) {
        return s.job().brief().near().shortName() + " to "
                + s.job().brief().far().shortName();
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        String page = s.noted().getOrDefault(PAGE, "link");
        in.add(new Input.Choice(
                "page",
                "What is asked",
                Stream.of("link", "way", "air", "hops", "ends", "needs")
                        .map(p ->
                                new Input.Option(p, p.equals(page), new Input.Outcome.Picked("set:" + PAGE + "=" + p)))
                        .toList()));
        in.addAll(
                switch (page) {
                    case "way" -> WayInputs.of(s);
                    case "air" -> AirInputs.of(s);
                    case "hops" -> HopInputs.of(s);
                    case "ends" -> EndInputs.of(s);
                    case "needs" -> NeedsInputs.of(s);
                    default -> link(s);
                });
        return in;
    }

    private static List<Input> link(Showing s) {
        Brief b = s.job().brief();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Value(
                "frequency",
                "Frequency",
                b.frequency(),
                NumberText.shown(1000 * FreeSpace.wavelength(b.frequency().value()), 1) + " mm",
                Limits.within(1.8e6, 30e9, "1.8 MHz", "30 GHz", q -> lift(new BriefChange.Frequency(q)))));
        if (b.field().isPresent()) {
            in.add(new Input.Value(
                    "field",
                    "Field at the antenna",
                    b.field().get(),
                    "",
                    Limits.within(-40, 160, "−40", "160 dBµV/m", q -> lift(new BriefChange.Field(q)))));
        } else {
            path(in, b);
        }
        in.add(new Input.Pair(margin(b), size(b)));
        if (b.field().isEmpty()) {
            in.add(new Input.Pair(EndInputs.level(s, true), EndInputs.level(s, false)));
            power(in, b);
        } else {
            in.add(EndInputs.level(s, false));
        }
        obstacles(in, b);
        stations(in, s);
        baseline(in, s);
        return in;
    }

    /** Before any work is the time to record what is to be better. */
    private static void baseline(List<Input> in, Showing s) {
        boolean first =
                s.job().prove().recordings().isEmpty() && s.assessment().line().answered();
        if (first && s.job().brief().field().isEmpty() && s.busy().isEmpty()) {
            in.add(new Input.Action("baseline", "Record it as it is, first", "R", Input.Command.RECORD));
            in.add(new Input.Note(
                    "baseline-why", "What is to be better is measured before it is touched; afterwards nobody can."));
        }
    }

    private static void path(List<Input> in, Brief b) {
        in.add(new Input.Pair(
                new Input.Value(
                        "distance",
                        "Distance",
                        b.distance(),
                        "",
                        Limits.within(10, 1e6, "10 m", "1000 km", q -> lift(new BriefChange.Distance(q)))),
                new Input.Value(
                        "tide",
                        "Tide",
                        b.tide(),
                        "",
                        Limits.within(0, 20, "0", "20 m", q -> lift(new BriefChange.Tide(q))))));
        in.add(new Input.Pair(
                height(
                        "near-height",
                        b.near().shortName() + " height",
                        true,
                        b.near().height()),
                height(
                        "far-height",
                        b.far().shortName() + " height",
                        false,
                        b.far().height())));
        in.add(new Input.Pick(
                "surface",
                "What lies between",
                Arrays.stream(Surface.values())
                        .map(x -> new Input.Option(x.words(), x == b.surface(), lift(new BriefChange.Ground(x))))
                        .toList()));
    }

    private static Input.Value margin(Brief b) {
        return new Input.Value(
                "margin",
                "Margin wanted",
                b.marginWanted(),
                "",
                Limits.within(0, 60, "0", "60 dB", q -> lift(new BriefChange.MarginWanted(q))));
    }

    private static Input.Value size(Brief b) {
        return new Input.Value(
                "size",
                "Antenna, at most",
                b.sizeAllowed(),
                "",
                Limits.within(0.01, 20, "10 mm", "20 m", q -> lift(new BriefChange.SizeAllowed(q))));
    }

    private static void power(List<Input> in, Brief b) {
        in.add(new Input.Choice(
                "where",
                "Used in",
                Arrays.stream(Jurisdiction.values())
                        .map(j -> new Input.Option(
                                j == Jurisdiction.USA ? "USA" : j.words(),
                                j == b.where(),
                                lift(new BriefChange.Where(j))))
                        .toList()));
        in.add(new Input.Pick(
                "profile",
                "Rule on radiated power",
                PowerProfiles.all().stream()
                        .map(p -> new Input.Option(
                                p.title(), p.id().equals(b.profile()), lift(new BriefChange.Profile(p.id()))))
                        .toList()));
        if (b.profile().equals("licence")) {
            in.add(new Input.Value(
                    "licence",
                    "Licence allows, EIRP",
                    b.licence(),
                    NumberText.shown(Unit.WATT.fromInside(b.licence().value()), 2) + " W",
                    Limits.within(-30, 80, "−30", "80 dBm", q -> lift(new BriefChange.Licence(q)))));
        }
        in.add(new Input.Note(
                "rule",
                PowerProfiles.byId(b.profile()).jurisdiction() + ". Limits are local: check that it holds here."));
    }

    /** Something in the way is written as “stone wall”, “trees 30 m” or with its decibels; ticking it off takes it out. */
    private static void obstacles(List<Input> in, Brief b) {
        for (int i = 0; i < b.obstacles().size(); i++) {
            List<Obstruction> without = new ArrayList<>(b.obstacles());
            Obstruction o = without.remove(i);
            in.add(new Input.Tick(
                    "obstacle-" + i,
                    o.name() + ", " + o.loss(b.frequency().value()).shown(),
                    "",
                    false,
                    true,
                    lift(new BriefChange.InTheWay(without))));
        }
        in.add(Input.Words.asking(
                "obstacle", "In the way: stone wall; trees 30 m; shed 12 dB", text -> obstacle(b, text)));
    }

    static Optional<JobChange> obstacle(Brief b, String text) {
        return WayInputs.obstruction(text).map(o -> {
            List<Obstruction> with = new ArrayList<>(b.obstacles());
            with.add(o);
            return lift(new BriefChange.InTheWay(with));
        });
    }

    private static void stations(List<Input> in, Showing s) {
        if (s.job().stations().size() > 1) {
            in.add(new Input.Pick(
                    "station",
                    "Shown on the line",
                    IntStream.range(0, s.job().stations().size())
                            .mapToObj(i -> new Input.Option(
                                    s.job().stations().get(i).name(),
                                    i == s.job().shown(),
                                    new JobChange.Show(
                                            i, s.job().stations().get(i).name())))
                            .toList()));
        }
        in.add(Input.Words.asking(
                "add-station",
                "One more band, sender or place",
                text -> text.isEmpty() ? Optional.empty() : Optional.of(new JobChange.AddStation(text))));
    }

    private static Input.Value height(String id, String label, boolean near, Quantity now) {
        return new Input.Value(
                id,
                label,
                now,
                "",
                Limits.within(0.1, 3000, "0.1 m", "3000 m", q -> lift(new BriefChange.Height(near, q))));
    }

    private static JobChange lift(BriefChange change) {
        return new JobChange.OfBrief(change);
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return new BriefPicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "What it asks for";
    }

    @Override
    public List<String> walk(Showing s) {
        if ("way".equals(s.noted().get(PAGE))) {
            return List.of();
        }
        if ("air".equals(s.noted().get(PAGE))) {
            return AirChart.zones(s);
        }
        if ("hops".equals(s.noted().get(PAGE))) {
            return HopChart.zones(s);
        }
        if (BriefPicture.ofStations(s)) {
            return StationsChart.zones(s);
        }
        return s.job().brief().tide().value() > 0 ? BriefPicture.tideZones() : List.of();
    }

    @Override
    public int walkStart(Showing s) {
        return BriefPicture.ofStations(s) ? s.job().shown() : 0;
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        if (zone.startsWith("channel:")) {
            List<OnAir.Channel> all = AirChart.channels(s);
            double f = all.get(s.pickedIndex(Step.BRIEF, 0, all.size())).frequency();
            return Optional.of(lift(new BriefChange.Frequency(Quantity.shown(f, Unit.MHZ, 1))));
        }
        if (!zone.startsWith("station:")) {
            return Optional.empty();
        }
        int i = s.pickedIndex(Step.BRIEF, s.job().shown(), s.job().stations().size());
        return Optional.of(new JobChange.Show(i, s.job().stations().get(i).name()));
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        if (zone.equals("along:near")) {
            double along = Math.round(10 * new HeightCurve(s, width).heightAt(x)) / 10.0;
            return Optional.of(lift(new BriefChange.Height(true, Quantity.shown(along, Unit.M, 1))));
        }
        if (zone.startsWith("hop:")) {
            return new HopChart(s, Picture.pen(width, height)).dragged(zone, x, y);
        }
        if (!zone.startsWith("height:")) {
            return Optional.empty();
        }
        double metres = new BriefPicture(s, width, height).heightAt(zone.endsWith("near"), y);
        double shown = Math.max(0.5, Math.round(metres * 10) / 10.0);
        return Optional.of(lift(new BriefChange.Height(zone.endsWith("near"), Quantity.shown(shown, Unit.M, 1))));
    }
}
