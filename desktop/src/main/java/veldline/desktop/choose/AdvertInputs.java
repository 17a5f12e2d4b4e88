package veldline.desktop.choose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import veldline.antenna.Polarized;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.feed.Connector;
import veldline.job.JobChange;
import veldline.link.AdvertText;
import veldline.link.Offer;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** An advert as it stands in the shop's words, typed in to be checked before anything is bought. */
final class AdvertInputs {
    private AdvertInputs() {}

    static List<Input> of(Optional<Offer> offer) {
        if (offer.isEmpty()) {
            return List.of(new Input.Action("advert", "Check an advert", "K", Input.Command.CHECK_ADVERT));
        }
        Offer o = offer.get();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Text("advert-name", "Advert", o.name(), t -> Input.Outcome.of(with(o.withName(t.strip())))));
        in.add(new Input.Text("advert-text", "Its words, pasted", o.words(), t -> read(t, o)));
        if (!o.words().isEmpty()) {
            in.add(new Input.Note(
                    "advert-found",
                    AdvertText.read(o.words(), o).found().stream()
                            .map(f -> f.what() + " from “" + f.from().strip() + "”")
                            .collect(Collectors.joining("; ", "Found: ", ". Put right in the boxes what is not so."))));
        }
        in.add(new Input.Pair(
                value("advert-gain", "Claims", o.gain(), -30, 60, "−30", "60 dBi", o::withGain),
                value("advert-length", "Longest measure", o.length(), 0.001, 100, "1 mm", "100 m", o::withLength)));
        in.add(new Input.Pair(
                value("advert-low", "From", o.low(), 1e6, 100e9, "1 MHz", "100 GHz", o::withLow),
                value("advert-high", "To", o.high(), 1e6, 100e9, "1 MHz", "100 GHz", o::withHigh)));
        in.add(new Input.Pair(
                value("advert-price", "Price", o.price(), 0, 1e9, "0", "1e9", o::withPrice),
                value("advert-weight", "Weight", o.weight(), 0, 1000, "0", "1000 kg", o::withWeight)));
        in.add(new Input.Pair(
                value(
                        "advert-level",
                        "Level beam",
                        o.level().orElse(UNTOLD),
                        0,
                        360,
                        "0°",
                        "360°",
                        q -> o.withLevel(told(q))),
                value(
                        "advert-upright",
                        "Upright beam",
                        o.upright().orElse(UNTOLD),
                        0,
                        360,
                        "0°",
                        "360°",
                        q -> o.withUpright(told(q)))));
        in.add(value(
                "advert-across",
                "Next longest measure",
                o.across().orElse(Quantity.of("0", Unit.MM)),
                0,
                100,
                "0",
                "100 m",
                q -> o.withAcross(told(q))));
        in.add(new Input.Pick(
                "advert-field",
                "Its field",
                Arrays.stream(Polarized.values())
                        .map(p -> new Input.Option(p.words(), p == o.polarization(), with(o.withPolarization(p))))
                        .toList()));
        in.add(new Input.Pick(
                "advert-connector",
                "Its connector",
                connectors(o.connector())
                        .map(c -> new Input.Option(
                                c.tradeName() + ": " + c.facts(), c.equals(o.connector()), with(o.withConnector(c))))
                        .toList()));
        in.add(new Input.Tick(
                "advert-on",
                "Keep this advert beside them",
                "",
                false,
                true,
                new JobChange.Consider(Optional.empty())));
        return in;
    }

    private static final Quantity UNTOLD = Quantity.of("0", Unit.DEG);

    /** Nothing stands for what the advert does not tell. */
    private static Optional<Quantity> told(Quantity q) {
        return q.value() > 0 ? Optional.of(q) : Optional.empty();
    }

    /** What is found goes into the boxes below, where it can be put right. */
    private static Input.Outcome read(String text, Offer before) {
        AdvertText t = AdvertText.read(text, before);
        return t.found().isEmpty()
                ? new Input.Outcome.Refused(
                        "No number with a unit was found in it; write for example 14 dBi, 2400-2500 MHz, 320 mm.")
                : Input.Outcome.of(with(t.offer()));
    }

    private static Stream<Connector> connectors(Connector now) {
        Stream<Connector> usual = Stream.of(
                        Connector.Series.N, Connector.Series.SMA, Connector.Series.TNC, Connector.Series.BNC)
                .flatMap(s -> Stream.of(Connector.Contact.SOCKET, Connector.Contact.PIN)
                        .map(c -> new Connector(s, Connector.Thread.OUTSIDE, c, 50)));
        return Stream.concat(Stream.of(now), usual.filter(c -> !c.equals(now)));
    }

    private static Input.Value value(
            String id,
            String label,
            Quantity now,
            double low,
            double high,
            String lowText,
            String highText,
            Function<Quantity, Offer> edit) {
        return new Input.Value(
                id, label, now, "", Limits.within(low, high, lowText, highText, q -> with(edit.apply(q))));
    }

    private static JobChange with(Offer o) {
        return new JobChange.Consider(Optional.of(o));
    }
}
