package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Lists of an inspection as one line of text, and back. */
public final class InspectionText {
    private static final Pattern PART = Pattern.compile("(\\S.*?)\\s+(\\d{1,4})(?:\\s*/\\s*(\\d{1,4}))?");
    private static final Pattern POINT = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(?:MHz)?\\s+(\\d+(?:\\.\\d+)?)");
    private static final double MOST_SWR = 1000;

    private InspectionText() {}

    /** “boom 1, clamp 1/2”: one of two clamps is there; a single number means all are. */
    public static Optional<List<Inspection.Part>> parts(String text) {
        List<Inspection.Part> parts = new ArrayList<>();
        for (String one : rows(text)) {
            Matcher m = PART.matcher(one);
            if (!m.matches()) {
                return Optional.empty();
            }
            int counted = Integer.parseInt(m.group(2));
            parts.add(new Inspection.Part(
                    m.group(1), m.group(3) == null ? counted : Integer.parseInt(m.group(3)), counted));
        }
        return Optional.of(parts);
    }

    public static String of(List<Inspection.Part> parts) {
        return parts.stream()
                .map(p -> p.name() + " " + p.counted() + (p.counted() == p.listed() ? "" : "/" + p.listed()))
                .collect(Collectors.joining(", "));
    }

    /** “2400 1.8, 2437 1.3”: megahertz and SWR. */
    public static Optional<List<Inspection.Swept>> sweep(String text) {
        List<Inspection.Swept> points = new ArrayList<>();
        for (String one : rows(text)) {
            Matcher m = POINT.matcher(one);
            if (!m.matches() || !(Double.parseDouble(m.group(2)) >= 1 && Double.parseDouble(m.group(2)) <= MOST_SWR)) {
                return Optional.empty();
            }
            points.add(new Inspection.Swept(Quantity.of(m.group(1), Unit.MHZ), Quantity.of(m.group(2), Unit.ONE)));
        }
        return Optional.of(points);
    }

    public static String ofSweep(List<Inspection.Swept> sweep) {
        return sweep.stream()
                .map(s -> s.frequency().number() + " " + s.swr().number())
                .collect(Collectors.joining(", "));
    }

    private static List<String> rows(String text) {
        return Pattern.compile("[,;\\n]")
                .splitAsStream(text)
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .toList();
    }
}
