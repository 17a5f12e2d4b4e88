package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.feed.Connector;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.PowerProfiles;
import veldline.path.FreeSpace;
import veldline.path.Surface;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What the link is for. Heights are dragged in the side view, the tide is walked along its curve. */
public final class BriefBench implements Bench {
    /** Sockets radios are met with. */
    private static final List<Connector> SOCKETS = Stream.of(
                    Connector.Series.SMA,
                    Connector.Series.N,
                    Connector.Series.TNC,
                    Connector.Series.BNC,
                    Connector.Series.UHF)
            .flatMap(series -> Stream.of(Connector.Contact.SOCKET, Connector.Contact.PIN)
                    .map(contact -> new Connector(series, Connector.Thread.OUTSIDE, contact, 50)))
            .toList();

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
        Brief b = s.job().brief();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Value(
                "frequency",
                "Frequency",
                b.frequency(),
                NumberText.shown(1000 * FreeSpace.wavelength(b.frequency().value()), 1) + " mm",
                Limits.within(30e6, 30e9, "30 MHz", "30 GHz", q -> lift(new BriefChange.Frequency(q)))));
        in.add(new Input.Value(
                "distance",
                "Distance",
                b.distance(),
                NumberText.shown(Unit.MI.fromInside(b.distance().value()), 2) + " mi",
                Limits.within(10, 1e6, "10 m", "1000 km", q -> lift(new BriefChange.Distance(q)))));
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
        in.add(new Input.Pair(
                new Input.Value(
                        "tide",
                        "Tide",
                        b.tide(),
                        "",
                        Limits.within(0, 20, "0", "20 m", q -> lift(new BriefChange.Tide(q)))),
                new Input.Value(
                        "margin",
                        "Margin wanted",
                        b.marginWanted(),
                        "",
                        Limits.within(0, 60, "0", "60 dB", q -> lift(new BriefChange.MarginWanted(q))))));
        in.add(new Input.Pair(
                new Input.Value(
                        "power",
                        "Radio sends",
                        b.near().radio().power(),
                        "",
                        Limits.within(-30, 60, "−30", "60 dBm", q -> lift(new BriefChange.Power(q)))),
                new Input.Value(
                        "sensitivity",
                        "Radio hears",
                        b.far().radio().sensitivity(),
                        "",
                        Limits.within(-160, 0, "−160", "0 dBm", q -> lift(new BriefChange.Sensitivity(q))))));
        in.add(new Input.Value(
                "size",
                "Antenna, at most",
                b.sizeAllowed(),
                NumberText.shown(1000 * b.sizeAllowed().value(), 0) + " mm",
                Limits.within(0.01, 20, "10 mm", "20 m", q -> lift(new BriefChange.SizeAllowed(q)))));
        Connector socket = b.near().radio().socket();
        in.add(new Input.Pick(
                "socket",
                "Radio's socket",
                SOCKETS.stream()
                        .map(c -> new Input.Option(
                                c.tradeName() + ": " + c.facts(), c.equals(socket), new JobChange.Socket(c)))
                        .toList()));
        in.add(new Input.Pick(
                "surface",
                "What lies between",
                Arrays.stream(Surface.values())
                        .map(x -> new Input.Option(x.words(), x == b.surface(), lift(new BriefChange.Ground(x))))
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
        return in;
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
        return BriefPicture.tideZones();
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        if (!zone.startsWith("height:")) {
            return Optional.empty();
        }
        double metres = new BriefPicture(s, width, height).heightAt(y);
        double shown = Math.max(0.5, Math.round(metres * 10) / 10.0);
        return Optional.of(lift(new BriefChange.Height(zone.endsWith("near"), Quantity.shown(shown, Unit.M, 1))));
    }
}
