package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import veldline.antenna.Polarized;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.Hop;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Other links of ours at the ends of this one: where they lead, on which channel, in which plane or hand. */
final class HopInputs {
    private static final Pattern HOP =
            Pattern.compile("(.{1,40}?)[, ]+(\\d{1,4}(?:[.,]\\d+)?)\\s*km[; ,]+(\\d{1,3}(?:[.,]\\d+)?)\\s*°?");

    private HopInputs() {}

    /** Which hop is picked, counted in the brief. */
    static int picked(Showing s) {
        return s.pickedIndex(Step.BRIEF, 0, Math.max(1, s.job().brief().hops().size()));
    }

    static List<Input> of(Showing s) {
        Brief b = s.job().brief();
        List<Input> in = new ArrayList<>();
        in.add(Input.Words.asking("hop", "One more: name, km, bearing", text -> hop(s, text)));
        in.add(
                new Input.Note(
                        "hops-note",
                        "At " + (s.atFar() ? b.far() : b.near()).name()
                                + ", with the radio and antenna of that end. Choose a stop on the line's other side for the other."));
        if (!b.hops().isEmpty()) {
            one(in, b, picked(s));
        }
        return in;
    }

    private static void one(List<Input> in, Brief b, int i) {
        Hop h = b.hops().get(i);
        in.add(new Input.Pair(
                new Input.Value(
                        "hop-bearing",
                        "Towards",
                        h.bearing(),
                        "",
                        Limits.within(0, 360, "0", "360 °", q -> set(b, i, h.withBearing(q)))),
                new Input.Value(
                        "hop-distance",
                        "Distance",
                        h.distance(),
                        "",
                        Limits.within(10, 1e6, "10 m", "1000 km", q -> set(b, i, h.withDistance(q))))));
        in.add(new Input.Value(
                "hop-frequency",
                "Channel of " + h.name(),
                h.frequency(),
                "",
                Limits.within(1.8e6, 30e9, "1.8 MHz", "30 GHz", q -> set(b, i, h.withFrequency(q)))));
        in.add(new Input.Value(
                "hop-rate",
                "Carries by itself",
                h.rate(),
                h.rate().value() > 0 ? "" : "0: by level",
                Limits.within(0, 1e11, "0", "100 Gbit/s", q -> set(b, i, h.withRate(q)))));
        in.add(new Input.Choice(
                "hop-plane",
                "Its antennas are",
                Stream.of(Polarized.values())
                        .map(p -> new Input.Option(word(p), p == h.polarized(), set(b, i, h.withPolarized(p))))
                        .toList()));
        in.add(new Input.Choice(
                "hop-carries",
                "This link's traffic",
                List.of(
                        new Input.Option("goes on over it", h.carries(), set(b, i, h.withCarries(true))),
                        new Input.Option("does not", !h.carries(), set(b, i, h.withCarries(false))))));
        List<Hop> without = new ArrayList<>(b.hops());
        without.remove(i);
        in.add(new Input.Tick(
                "hop-there",
                h.name() + " stands",
                "Tick it off to take it out.",
                false,
                true,
                lift(new BriefChange.Hops(without, "without " + h.name()))));
    }

    private static String word(Polarized p) {
        return switch (p) {
            case FLAT -> "flat";
            case UPRIGHT -> "upright";
            case SLANT_RIGHT -> "slant right";
            case SLANT_LEFT -> "slant left";
            case RIGHT_HAND -> "right hand";
            case LEFT_HAND -> "left hand";
        };
    }

    static JobChange set(Brief b, int i, Hop to) {
        List<Hop> next = new ArrayList<>(b.hops());
        next.set(i, to);
        return lift(new BriefChange.Hops(next, to.name() + " set otherwise"));
    }

    /** “harbour 1.9 km 140°”, on this link's channel until it is given another. */
    static Optional<JobChange> hop(Showing s, String text) {
        Matcher m = HOP.matcher(text.strip());
        if (!m.matches() || Double.parseDouble(plain(m.group(3))) > 360) {
            return Optional.empty();
        }
        Brief b = s.job().brief();
        boolean near = !s.atFar();
        List<Hop> next = new ArrayList<>(b.hops());
        next.add(Hop.onwards(
                        m.group(1),
                        Quantity.of(plain(m.group(3)), Unit.DEG),
                        Quantity.of(plain(m.group(2)), Unit.KM),
                        b,
                        s.job().antenna(near).polarized().orElse(Polarized.FLAT))
                .withAtNear(near));
        return Optional.of(lift(new BriefChange.Hops(next, "hop to " + m.group(1))));
    }

    private static String plain(String number) {
        return number.replace(',', '.');
    }

    private static JobChange lift(BriefChange change) {
        return new JobChange.OfBrief(change);
    }
}
