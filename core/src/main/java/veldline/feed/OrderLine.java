package veldline.feed;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A line of an order or an advert for a cable, an adapter or anything with two connectors, as the facts it states. What the trade's words
 * leave open stays open: “RP-SMA male” is said of the half with the inside thread by some and of the half with the pin by others, and so
 * has two candidates here, never one.
 *
 * @param ends each with every connector it may be; two where both are named, fewer where the line does not say
 * @param cable that is named
 * @param angled whether a bend is named
 * @param open what the line leaves open, a sentence each
 */
public record OrderLine(
        List<List<Connector>> ends,
        Optional<CableClass> cable,
        Optional<Quantity> length,
        boolean angled,
        List<String> open) {
    private static final Pattern BETWEEN = Pattern.compile(
            "\\s(?:to|auf|and|into)\\s|\\s*(?:->|→|–|—|<>)\\s*|(?<!\\d)\\s[-/x]\\s|(?<=[a-z])/(?=[a-z])");
    private static final Pattern BOTH = Pattern.compile(
            "both ends|each end|(?:^|\\s)2\\s*x\\b|two \\S+ (?:plugs|jacks)|\\b(?:plugs|jacks|males|females|sockets)\\b");
    private static final Pattern LENGTH = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?)\\s?(mm|cm|metres|metre|meters|meter|m|ft|feet|inches|inch|in)\\b(?![-/])");
    private static final Pattern ANGLED = Pattern.compile("right[- ]angle|angled|90\\s?°|90[- ]deg|elbow|\\br/a\\b");
    private static final Pattern OHMS = Pattern.compile("\\b(50|75)\\s?(?:ohms?\\b|Ω|ω|r\\b)");

    public OrderLine {
        ends = ends.stream().map(List::copyOf).toList();
        open = List.copyOf(open);
    }

    /** Whether a part ordered by it can only be one thing. */
    public boolean clear() {
        return ends.size() == 2 && ends.stream().allMatch(e -> e.size() == 1);
    }

    /** Whether it joins two connectors at a frequency, hertz; empty where that depends on what it leaves open. */
    public Optional<Boolean> fits(Connector radio, Connector antenna, double frequency) {
        if (ends.size() < 2) {
            return Optional.empty();
        }
        boolean some = false;
        boolean all = true;
        for (Connector a : ends.get(0)) {
            for (Connector b : ends.get(1)) {
                boolean fits = joins(radio, a, b, antenna, frequency) || joins(radio, b, a, antenna, frequency);
                some |= fits;
                all &= fits;
            }
        }
        return some == all ? Optional.of(some) : Optional.empty();
    }

    private static boolean joins(Connector radio, Connector near, Connector far, Connector antenna, double frequency) {
        return new Joint(radio, near).joins(frequency) && new Joint(far, antenna).joins(frequency);
    }

    /** What it says; a line in which nothing is known has no ends. */
    public static OrderLine read(String text) {
        String line = " "
                + text.toLowerCase(Locale.ROOT)
                        .replaceAll("[;()]|,(?!\\d)|(?<!\\d),", " ")
                        .replaceAll("\\s+", " ")
                        .strip()
                + " ";
        Optional<CableClass> cable =
                CableClass.all().stream().filter(c -> named(line, c.name())).findFirst();
        String rest = cable.map(c -> line.replaceFirst(pattern(c.name()), " ")).orElse(line);
        Matcher length = LENGTH.matcher(rest);
        Optional<Quantity> metres = length.find() ? Optional.of(quantity(length)) : Optional.empty();
        rest = LENGTH.matcher(rest).replaceAll(" ");
        Matcher ohms = OHMS.matcher(rest);
        Optional<Integer> stated = ohms.find() ? Optional.of(Integer.parseInt(ohms.group(1))) : Optional.empty();
        rest = OHMS.matcher(rest).replaceAll(" ");
        List<List<Connector>> ends = new ArrayList<>();
        String last = "";
        for (String phrase : BETWEEN.split(rest)) {
            Optional<String> series = OrderEnd.series(phrase);
            // “N elbow, male to female”: the second end is of the series that was named.
            String whole = series.isEmpty() && OrderEnd.sexed(phrase) ? last + " " + phrase : phrase;
            last = series.orElse(last);
            OrderEnd.read(" " + whole.strip() + " ", stated, cable.map(CableClass::ohms))
                    .ifPresent(ends::add);
        }
        if (ends.size() == 1 && BOTH.matcher(rest).find()) {
            ends.add(ends.get(0));
        }
        return new OrderLine(
                ends.size() > 2 ? ends.subList(0, 2) : ends,
                cable,
                metres,
                ANGLED.matcher(line).find(),
                open(ends));
    }

    private static List<String> open(List<List<Connector>> ends) {
        List<String> open = new ArrayList<>();
        if (ends.isEmpty()) {
            open.add("No connector is named.");
        } else if (ends.size() == 1) {
            open.add("Only one end is named.");
        } else if (ends.size() > 2) {
            open.add("More than two connectors are named.");
        }
        ends.stream()
                .distinct()
                .filter(e -> e.size() > 1)
                .forEach(e -> open.add(e.stream()
                        .map(c -> c.tradeName() + " (" + c.facts() + ")")
                        .collect(Collectors.joining(" or ", "It may be ", "."))));
        return open;
    }

    private static boolean named(String line, String name) {
        return Pattern.compile(pattern(name)).matcher(line).find();
    }

    /** “RG-58” is also written “RG58” and “RG 58 C/U”. */
    private static String pattern(String name) {
        String loose = Arrays.stream(name.toLowerCase(Locale.ROOT).split("[- ]"))
                .map(Pattern::quote)
                .collect(Collectors.joining("[- ]?"));
        return "(?<![a-z0-9.])" + loose + "(?:[ ]?[a-z]{1,2}/u|[a-c]u?)?(?![0-9a-z])";
    }

    private static Quantity quantity(Matcher m) {
        String number = m.group(1).replace(',', '.');
        return switch (m.group(2)) {
            case "mm" -> Quantity.of(number, Unit.MM);
            case "cm" -> Quantity.of(number, Unit.CM);
            case "ft", "feet" -> Quantity.of(number, Unit.FT);
            case "in", "inch", "inches" -> Quantity.of(number, Unit.IN);
            default -> Quantity.of(number, Unit.M);
        };
    }
}
