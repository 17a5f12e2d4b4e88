package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.feed.Connector;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.Carrier;
import veldline.link.Diversity;
import veldline.link.End;
import veldline.link.RadioSheet;
import veldline.link.Radios;
import veldline.quantity.MeterScale;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;

/** What there is to say of one end: its radio from the drawer or typed, its socket, what carries it. */
final class EndInputs {
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

    private EndInputs() {}

    /** The end whose side of the line is chosen. */
    static List<Input> of(Showing s) {
        boolean near = !s.atFar();
        Brief brief = s.job().brief();
        End end = near ? brief.near() : brief.far();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Note("which", end.name() + ". Choose a stop on the line's other side for the other end."));
        in.add(radio(end, near));
        end.radio().sheet().ifPresent(sheet -> in.add(rate(end, sheet, near)));
        in.add(level(s, near));
        in.add(socket(end, near));
        end.radio().sheet().ifPresent(sheet -> ports(in, end, sheet, near));
        meter(in, s, end, near);
        in.add(new Input.Pick(
                near ? "near-carrier" : "far-carrier",
                "This end is",
                Arrays.stream(Carrier.values())
                        .map(c -> new Input.Option(
                                c.words(), c == end.carrier(), lift(new BriefChange.CarriedBy(near, c))))
                        .toList()));
        if (end.carrier().moves()) {
            in.add(new Input.Value(
                    near ? "near-body" : "far-body",
                    "A body beside it takes",
                    end.bodyLoss(),
                    "",
                    Limits.within(0, 40, "0", "40 dB", q -> lift(new BriefChange.BodyLoss(near, q)))));
        }
        end.radio().sheet().ifPresent(sheet -> in.add(new Input.Note("sheet", words(sheet))));
        return in;
    }

    /** What its meter shows: levels, or percent or S-units by a scale that is declared here. */
    private static void meter(List<Input> in, Showing s, End end, boolean near) {
        Optional<MeterScale> now = end.radio().meter();
        MeterScale sUnits = MeterScale.SUnits.at(s.job().brief().frequency().value());
        in.add(new Input.Choice(
                near ? "near-meter" : "far-meter",
                "Its meter shows",
                List.of(
                        meter("dBm", now.isEmpty(), near, Optional.empty()),
                        meter(
                                "percent",
                                now.filter(MeterScale.Percent.class::isInstance).isPresent(),
                                near,
                                Optional.of(MeterScale.Percent.usual())),
                        meter(
                                "S-units",
                                now.filter(MeterScale.SUnits.class::isInstance).isPresent(),
                                near,
                                Optional.of(sUnits)))));
        if (now.orElse(sUnits) instanceof MeterScale.Percent p) {
            in.add(new Input.Pair(
                    percent("percent-from", "0 % is", p.from(), near, q -> new MeterScale.Percent(q, p.to()), p),
                    percent("percent-to", "100 % is", p.to(), near, q -> new MeterScale.Percent(p.from(), q), p)));
        }
        now.ifPresent(m -> in.add(new Input.Note(
                "meter-note",
                m.words() + ". As worked out it should show "
                        + m.shown(
                                s.assessment().line().stop("far-radio").level().value())
                        + ". Twice as much on it is not twice the power.")));
    }

    private static Input.Option meter(String word, boolean chosen, boolean near, Optional<MeterScale> to) {
        return new Input.Option(word, chosen, lift(new BriefChange.Meter(near, to)));
    }

    private static Input.Value percent(
            String id,
            String label,
            Quantity now,
            boolean near,
            Function<Quantity, MeterScale> with,
            MeterScale.Percent was) {
        return new Input.Value(id, label, now, "", q -> {
            double other = q.value() - (id.endsWith("from") ? was.to() : was.from()).value();
            boolean right = id.endsWith("from") ? other < 0 : other > 0;
            return right
                    ? Input.Outcome.of(lift(new BriefChange.Meter(near, Optional.of(with.apply(q)))))
                    : new Input.Outcome.Refused("100 % must be the higher level of the two; " + q + " is not.");
        });
    }

    /** Which port the line's antenna hangs on, and what hangs on the others. */
    private static void ports(List<Input> in, End end, RadioSheet sheet, boolean near) {
        if (sheet.ports().size() > 1) {
            in.add(new Input.Pick(
                    near ? "near-on-port" : "far-on-port",
                    "The line's antenna is on",
                    IntStream.range(0, sheet.ports().size())
                            .mapToObj(i -> new Input.Option(
                                    (i + 1) + ", " + sheet.ports().get(i).name(),
                                    i == end.port(),
                                    lift(new BriefChange.OnPort(near, i))))
                            .toList()));
        }
        for (int i = 1; i < sheet.chains(); i++) {
            int other = i - 1;
            Optional<Diversity.Port> now =
                    end.others().size() > other ? Optional.of(end.others().get(other)) : Optional.empty();
            List<Input.Option> options = new ArrayList<>();
            options.add(new Input.Option("not said", now.isEmpty(), lift(new BriefChange.OtherPorts(near, List.of()))));
            for (Diversity.Port p : Diversity.Port.values()) {
                List<Diversity.Port> next = new ArrayList<>(end.others());
                while (next.size() < sheet.chains() - 1) {
                    next.add(Diversity.Port.SAME);
                }
                next.set(other, p);
                options.add(new Input.Option(
                        p.words(), now.filter(p::equals).isPresent(), lift(new BriefChange.OtherPorts(near, next))));
            }
            in.add(new Input.Pick(
                    (near ? "near-port-" : "far-port-") + i, "On port " + (i <= end.port() ? i : i + 1), options));
        }
    }

    /** What it sends at the near end; what it needs to hear at the far one. */
    static Input.Value level(Showing s, boolean near) {
        Brief b = s.job().brief();
        return near
                ? new Input.Value(
                        "power",
                        "Radio sends",
                        b.near().radio().power(),
                        "",
                        Limits.within(-100, 60, "−100", "60 dBm", q -> lift(new BriefChange.Power(q))))
                : new Input.Value(
                        "sensitivity",
                        "Radio hears",
                        b.far().radio().sensitivity(),
                        "",
                        Limits.within(-160, 0, "−160", "0 dBm", q -> lift(new BriefChange.Sensitivity(q))),
                        b.far().radio().meter());
    }

    private static Input radio(End end, boolean near) {
        Optional<String> id = end.radio().sheet().map(RadioSheet::id);
        List<Input.Option> options = new ArrayList<>();
        if (id.isEmpty()) {
            options.add(
                    new Input.Option(end.radio().name() + ", typed", true, new Input.Outcome.Picked("set:brief=ends")));
        }
        for (RadioSheet sheet : Radios.all()) {
            options.add(new Input.Option(
                    sheet.name(),
                    id.filter(sheet.id()::equals).isPresent(),
                    new JobChange.TakeRadio(near, sheet, sheet.rates().get(0))));
        }
        return new Input.Pick(near ? "near-sheet" : "far-sheet", "Radio from the drawer", options);
    }

    private static Input rate(End end, RadioSheet sheet, boolean near) {
        return new Input.Pick(
                near ? "near-rate" : "far-rate",
                "Set for",
                sheet.rates().stream()
                        .map(r -> new Input.Option(
                                words(r),
                                sheet.set(r).sensitivity().equals(end.radio().sensitivity())
                                        && sheet.set(r)
                                                .power()
                                                .equals(end.radio().power()),
                                lift(new BriefChange.SetRadio(near, sheet, r))))
                        .toList());
    }

    private static String words(RadioSheet.Rate r) {
        String rate = r.rate().value() > 0 ? r.rate().toString() : "voice or beep";
        return rate + r.power().map(p -> ", sends " + p).orElse("") + ", hears " + r.sensitivity();
    }

    private static String words(RadioSheet s) {
        String ports = s.ports().stream()
                .map(p -> p.name() + ": " + p.connector().tradeName() + (p.loaded() ? ", never send with it open" : ""))
                .reduce((a, b) -> a + "; " + b)
                .orElse("");
        return ports + ". " + s.chains() + (s.chains() == 1 ? " chain, " : " chains, ")
                + NumberText.shown(s.supply().volts(), 1) + " V, "
                + NumberText.shown(s.supply().watts(), 1)
                + " W; overloads at " + s.overload() + ".";
    }

    private static Input socket(End end, boolean near) {
        Connector socket = end.radio().socket();
        List<Connector> all = SOCKETS.contains(socket)
                ? SOCKETS
                : Stream.concat(Stream.of(socket), SOCKETS.stream()).toList();
        return new Input.Pick(
                near ? "socket" : "far-socket",
                "Radio's socket",
                all.stream()
                        .map(c -> new Input.Option(
                                c.tradeName() + ": " + c.facts(), c.equals(socket), new JobChange.Socket(near, c)))
                        .toList());
    }

    private static JobChange lift(BriefChange change) {
        return new JobChange.OfBrief(change);
    }
}
