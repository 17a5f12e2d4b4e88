package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.link.Air;
import veldline.link.AirChange;
import veldline.link.BriefChange;
import veldline.link.Surroundings;
import veldline.quantity.MeterScale;
import veldline.quantity.Quantity;
import veldline.quantity.QuantityReader;
import veldline.quantity.Unit;

/** What else is on the air where the link is heard, and how deaf the radio is there. */
final class AirInputs {
    private static final Pattern HEARD = Pattern.compile(
            "(.{1,40}?)[, ]+(\\d{1,5}(?:[.,]\\d+)?)\\s*(?:MHz)?[; ,]+"
                    + "([−-]\\d{1,3}(?:[.,]\\d+)?\\s*(?:dBm)?|\\d{1,3}\\s*%|[sS]\\s*\\d(?:\\+\\d{1,2})?)(?:[; ,]+(\\d{1,3}(?:[.,]\\d+)?)\\s*°?)?");

    private AirInputs() {}

    static List<Input> of(Showing s) {
        Air air = s.job().brief().air();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Words(
                "heard",
                "Heard: name, MHz, dBm, bearing",
                text -> heard(text, s.job().brief().far().radio().meter())));
        for (int i = 0; i < air.heard().size(); i++) {
            Air.Heard h = air.heard().get(i);
            in.add(new Input.Tick(
                    "heard-" + i,
                    h.name() + " " + h.frequency().number() + ", " + h.level().number()
                            + h.bearing().map(x -> ", " + x).orElse(""),
                    "",
                    false,
                    true,
                    lift(new AirChange.DropHeard(i))));
        }
        in.add(new Input.Note(
                "heard-note",
                "As an antenna without gain hears it at the far end; the far antenna's gain is counted in."));
        in.add(new Input.Choice(
                "floor-by",
                "The radio's floor is taken",
                List.of(
                        new Input.Option("from its sheet", !air.bySum(), lift(new AirChange.BySum(false))),
                        new Input.Option("by its noise", air.bySum(), lift(new AirChange.BySum(true))))));
        in.add(new Input.Pair(
                new Input.Value(
                        "noise-figure",
                        "Noise figure",
                        air.noiseFigure(),
                        "",
                        Limits.within(0, 40, "0", "40 dB", q -> lift(new AirChange.Figure(q)))),
                new Input.Value(
                        "snr",
                        "Over noise",
                        air.snr(),
                        "",
                        Limits.within(-30, 60, "−30", "60 dB", q -> lift(new AirChange.Needed(q))))));
        in.add(new Input.Value(
                "bandwidth",
                "Bandwidth",
                air.bandwidth(),
                "",
                Limits.within(100, 1e9, "100 Hz", "1 GHz", q -> lift(new AirChange.Bandwidth(q)))));
        in.add(new Input.Pick(
                "surroundings",
                "Noise of people, under 250 MHz",
                Arrays.stream(Surroundings.values())
                        .map(x -> new Input.Option(x.words(), x == air.surroundings(), lift(new AirChange.Stands(x))))
                        .toList()));
        return in;
    }

    /** “ferry 2452 −61 140”: what, where, how strong, from where; percent and S-units by the meter's scale alone. */
    static Input.Outcome heard(String text, Optional<MeterScale> scale) {
        Matcher m = HEARD.matcher(text.strip());
        if (!m.matches()) {
            return new Input.Outcome.Refused(
                    "“" + text.strip() + "” was not understood; write it like “ferry 2452 −61 140”.");
        }
        QuantityReader.Reading level = new QuantityReader(Unit.DBM, scale).read(m.group(3), Optional.empty());
        return level instanceof QuantityReader.Reading.Taken taken
                ? Input.Outcome.of(lift(new AirChange.AddHeard(new Air.Heard(
                        m.group(1),
                        Quantity.of(plain(m.group(2)), Unit.MHZ),
                        Quantity.of("20", Unit.MHZ),
                        taken.quantity(),
                        Optional.ofNullable(m.group(4)).map(b -> Quantity.of(plain(b), Unit.DEG))))))
                : new Input.Outcome.Refused(
                        level instanceof QuantityReader.Reading.Refused r
                                ? r.why() + "."
                                : "“" + m.group(3) + "” could mean two levels; write it like −61 dBm.");
    }

    private static String plain(String number) {
        return number.replace(',', '.').replace('−', '-');
    }

    private static JobChange lift(AirChange change) {
        return new JobChange.OfBrief(new BriefChange.OfAir(change));
    }
}
