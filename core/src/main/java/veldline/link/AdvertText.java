package veldline.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import veldline.antenna.Polarized;
import veldline.feed.Connector;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * The words of an advert, read for numbers with units: gain, band, measures, beamwidths, weight, field, connector. What is found goes into
 * the boxes and is said beside them; everything else of the advert is left as it was.
 *
 * @param offer what was known before, with what was found
 * @param found each thing with the words it was read from
 */
public record AdvertText(Offer offer, List<Found> found) {
    /** One thing that was read. */
    public record Found(String what, String from) {}

    private static final String NUMBER = "([0-9]{1,6}(?:[.,][0-9]{1,4})?)";
    private static final String RANGE = NUMBER + "\\s*(?:-|–|—|to|…|~)\\s*" + NUMBER;
    private static final Pattern GAIN = pattern(NUMBER + "\\s*(db\\s?i|db\\s?d|db)(?![a-z])");
    private static final Pattern BAND = pattern(RANGE + "\\s*(mhz|ghz)");
    private static final Pattern ONE = pattern(NUMBER + "\\s*(mhz|ghz)");
    private static final String LENGTHS = "(mm|cm|m|inches|inch|in|ft|\"|″)";
    private static final String BY = "\\s*[x×*]\\s*";
    private static final Pattern SIZES = pattern(NUMBER + "\\s*" + LENGTHS + "?" + BY + NUMBER + "\\s*" + LENGTHS
            + "?(?:" + BY + NUMBER + "\\s*" + LENGTHS + "?)?(?![a-z/])");
    private static final Pattern LENGTH = pattern(NUMBER + "\\s*" + LENGTHS + "(?![a-z/])");
    /** A single “5G” is no weight, and a standard's letter after its number is none. */
    private static final Pattern WEIGHT = pattern("(?:" + NUMBER + "\\s*(kg|lb)|([0-9]{2,6})\\s*(g))(?![a-z])");

    private static final Pattern LEVEL =
            pattern("(?:horizontal|azimuth|hor\\.?|az\\.?|level)[^0-9°]{0,24}" + NUMBER + "\\s*(?:°|deg)");
    private static final Pattern UPRIGHT =
            pattern("(?:vertical|elevation|vert\\.?|el\\.?|upright)[^0-9°]{0,24}" + NUMBER + "\\s*(?:°|deg)");
    private static final double DIPOLE = 2.15;

    public AdvertText {
        found = List.copyOf(found);
    }

    private static Pattern pattern(String s) {
        return Pattern.compile("(?<![0-9.,a-zA-Z])" + s, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** Reads a text of any length; nothing in it makes this fail. */
    public static AdvertText read(String text, Offer before) {
        List<Found> found = new ArrayList<>();
        Offer o = before.withWords(text);
        for (Reader part : READERS) {
            o = part.read(text, o, found);
        }
        return new AdvertText(o, found);
    }

    /** Reads one thing out of a text. */
    private interface Reader {
        Offer read(String text, Offer before, List<Found> found);
    }

    private static final List<Reader> READERS = List.of(
            AdvertText::gain,
            AdvertText::band,
            AdvertText::widths,
            AdvertText::sizes,
            AdvertText::weight,
            AdvertText::connector,
            AdvertText::field);

    private static String digits(String number) {
        return number.replace(',', '.');
    }

    /** The first with dBi or dBd; a bare dB only where none has either. */
    private static Offer gain(String text, Offer o, List<Found> found) {
        Matcher m = GAIN.matcher(text);
        Optional<String[]> best = Optional.empty();
        while (m.find()) {
            String unit = m.group(2).toLowerCase(Locale.ROOT).replace(" ", "");
            boolean better = best.isEmpty() || best.get()[1].equals("db") && !unit.equals("db");
            best = better ? Optional.of(new String[] {digits(m.group(1)), unit, m.group()}) : best;
        }
        return best.map(b -> {
                    double dbi = Double.parseDouble(b[0]) + (b[1].equals("dbd") ? DIPOLE : 0);
                    found.add(new Found(
                            "gain " + NumberText.shown(dbi, 1) + " dBi"
                                    + (b[1].equals("db") ? ", taken for dBi: it names no reference" : ""),
                            b[2]));
                    return o.withGain(
                            b[1].equals("dbd") ? Quantity.shown(dbi, Unit.DBI, 2) : Quantity.of(b[0], Unit.DBI));
                })
                .orElse(o);
    }

    private static Offer band(String text, Offer o, List<Found> found) {
        Matcher range = BAND.matcher(text);
        if (range.find()) {
            Unit unit = range.group(3).equalsIgnoreCase("ghz") ? Unit.GHZ : Unit.MHZ;
            found.add(new Found("its band", range.group()));
            Quantity a = Quantity.of(digits(range.group(1)), unit);
            Quantity b = Quantity.of(digits(range.group(2)), unit);
            return a.value() <= b.value()
                    ? o.withLow(a).withHigh(b)
                    : o.withLow(b).withHigh(a);
        }
        Matcher one = ONE.matcher(text);
        if (one.find()) {
            Quantity at = Quantity.of(digits(one.group(1)), one.group(2).equalsIgnoreCase("ghz") ? Unit.GHZ : Unit.MHZ);
            found.add(new Found("one frequency, and no band", one.group()));
            return o.withLow(at).withHigh(at);
        }
        return o;
    }

    private static Offer widths(String text, Offer o, List<Found> found) {
        Matcher level = LEVEL.matcher(text);
        Offer next = o;
        if (level.find()) {
            found.add(new Found("level beam", level.group()));
            next = next.withLevel(Optional.of(Quantity.of(digits(level.group(1)), Unit.DEG)));
        }
        Matcher up = UPRIGHT.matcher(text);
        if (up.find()) {
            found.add(new Found("upright beam", up.group()));
            next = next.withUpright(Optional.of(Quantity.of(digits(up.group(1)), Unit.DEG)));
        }
        return next;
    }

    private static Offer weight(String text, Offer o, List<Found> found) {
        Matcher m = WEIGHT.matcher(text);
        if (!m.find()) {
            return o;
        }
        String number = m.group(1) == null ? m.group(3) : m.group(1);
        String unit = (m.group(1) == null ? m.group(4) : m.group(2)).toLowerCase(Locale.ROOT);
        double kg = Double.parseDouble(digits(number))
                * switch (unit) {
                    case "g" -> 1e-3;
                    case "lb" -> 0.45359237;
                    default -> 1;
                };
        found.add(new Found("weight " + NumberText.shown(kg, 2) + " kg", m.group()));
        return o.withWeight(Quantity.shown(kg, Unit.KG, 2));
    }

    /** Where two or three stand together, the two greatest; else the greatest length there is. */
    private static Offer sizes(String text, Offer o, List<Found> found) {
        Matcher m = SIZES.matcher(text);
        // Each has its own unit, or that of the next one that has any.
        Optional<String> unit = m.find()
                ? Stream.of(m.group(6), m.group(4), m.group(2))
                        .filter(Objects::nonNull)
                        .findFirst()
                : Optional.empty();
        if (unit.isPresent()) {
            String third = m.group(6) == null ? unit.get() : m.group(6);
            String second = m.group(4) == null ? third : m.group(4);
            String first = m.group(2) == null ? second : m.group(2);
            List<Double> all = Stream.of(
                            length(m.group(1), first), length(m.group(3), second), length(m.group(5), third))
                    .flatMap(Optional::stream)
                    .sorted(Comparator.reverseOrder())
                    .toList();
            found.add(new Found("its two greatest measures", m.group()));
            return o.withLength(Quantity.shown(all.get(0), Unit.MM, 0))
                    .withAcross(Optional.of(Quantity.shown(all.get(1), Unit.MM, 0)));
        }
        Matcher one = LENGTH.matcher(text);
        Optional<Quantity> longest = Optional.empty();
        String from = "";
        while (one.find()) {
            Quantity q = Quantity.of(digits(one.group(1)), unit(one.group(2)));
            if (longest.isEmpty() || q.value() > longest.get().value()) {
                longest = Optional.of(q);
                from = one.group();
            }
        }
        if (longest.isEmpty()) {
            return o;
        }
        found.add(new Found("its longest measure", from));
        return o.withLength(longest.get());
    }

    private static Optional<Double> length(String number, String unit) {
        return Optional.ofNullable(number).map(n -> unit(unit).toInside(Double.parseDouble(digits(n))));
    }

    private static Unit unit(String word) {
        return switch (word.toLowerCase(Locale.ROOT)) {
            case "mm" -> Unit.MM;
            case "cm" -> Unit.CM;
            case "m" -> Unit.M;
            case "ft" -> Unit.FT;
            default -> Unit.IN;
        };
    }

    private static Offer field(String text, Offer o, List<Found> found) {
        String t = text.toLowerCase(Locale.ROOT);
        Optional<Polarized> says = t.contains("rhcp") || t.contains("right-hand") || t.contains("right hand")
                ? Optional.of(Polarized.RIGHT_HAND)
                : t.contains("lhcp") || t.contains("left-hand") || t.contains("left hand")
                        ? Optional.of(Polarized.LEFT_HAND)
                        : t.matches("(?s).*(vertical(ly)?[ -]+polari[sz]|polari[sz]ation[^a-z]{0,4}vertical).*")
                                ? Optional.of(Polarized.UPRIGHT)
                                : t.matches(
                                                "(?s).*(horizontal(ly)?[ -]+polari[sz]|polari[sz]ation[^a-z]{0,4}horizontal).*")
                                        ? Optional.of(Polarized.FLAT)
                                        : Optional.empty();
        says.ifPresent(p -> found.add(new Found("its field", p.words())));
        return says.map(o::withPolarization).orElse(o);
    }

    private static final Pattern JOINT =
            pattern("(rp-?)?(sma|tnc|bnc|n)(?:[ -]?(?:type|connector|plug|jack|male|female|socket|m|f))?"
                    + "[ -]*(female|jack|socket|male|plug)");

    private static Offer connector(String text, Offer o, List<Found> found) {
        Matcher m = JOINT.matcher(text);
        if (!m.find()) {
            return o;
        }
        Connector.Series series = Connector.Series.valueOf(m.group(2).toUpperCase(Locale.ROOT));
        boolean outside = !m.group(3).toLowerCase(Locale.ROOT).matches("male|plug");
        // Of the reverse kinds the trade names the thread and the contact is the other one.
        boolean socket = outside == (m.group(1) == null);
        found.add(new Found("its connector", m.group()));
        return o.withConnector(new Connector(
                series,
                outside ? Connector.Thread.OUTSIDE : Connector.Thread.INSIDE,
                socket ? Connector.Contact.SOCKET : Connector.Contact.PIN,
                50));
    }
}
