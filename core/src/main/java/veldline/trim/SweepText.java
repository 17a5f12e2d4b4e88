package veldline.trim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.hipparchus.complex.Complex;
import veldline.line.PortData;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Sweeps as a line of text, and as port data. */
public final class SweepText {
    private static final Pattern POINT = Pattern.compile(
            "(\\d+(?:\\.\\d+)?)\\s*(?:MHz)?\\s+(\\d+(?:\\.\\d+)?)(?:\\s+(\\d+(?:\\.\\d+)?)\\s*([+−-])\\s*j\\s*(\\d+(?:\\.\\d+)?))?");
    private static final double MOST_SWR = 1000;
    /** More points than this tell no more of a smooth curve. */
    private static final int MOST = 41;

    private SweepText() {}

    /** “150 1.8, 151 1.4 43+j12”: megahertz, SWR and, where it was shown, resistance and reactance; empty where it is not understood. */
    public static Optional<List<SweepPoint>> read(String text) {
        List<SweepPoint> points = new ArrayList<>();
        for (String one : Pattern.compile("[,;\\n]").split(text)) {
            if (one.isBlank()) {
                continue;
            }
            Matcher m = POINT.matcher(one.strip());
            if (!m.matches() || Double.parseDouble(m.group(1)) <= 0 || !swr(Double.parseDouble(m.group(2)))) {
                return Optional.empty();
            }
            points.add(new SweepPoint(
                    Quantity.of(m.group(1), Unit.MHZ),
                    Quantity.of(m.group(2), Unit.ONE),
                    m.group(3) == null
                            ? Optional.empty()
                            : Optional.of(new SweepPoint.Ohms(
                                    Quantity.of(m.group(3), Unit.OHM),
                                    Quantity.of((m.group(4).equals("+") ? "" : "-") + m.group(5), Unit.OHM)))));
        }
        return Optional.of(points);
    }

    private static boolean swr(double value) {
        return value >= 1 && value <= MOST_SWR;
    }

    public static String of(List<SweepPoint> points) {
        return points.stream()
                .map(p -> p.frequency().number() + " " + p.swr().number()
                        + p.ohms().map(SweepText::ohms).orElse(""))
                .collect(Collectors.joining(", "));
    }

    private static String ohms(SweepPoint.Ohms o) {
        double x = o.reactance().value();
        String size = o.reactance().number().replaceFirst("^[−-]", "");
        return " " + o.resistance().number() + (x < 0 ? "-j" : "+j") + size;
    }

    /**
     * What an analyser wrote of its first port, thinned to as many points as tell.
     *
     * @param z0 the line SWR is counted on, ohms
     */
    public static List<SweepPoint> of(PortData data, double z0) {
        PortData z = data.as(PortData.Kind.S);
        double reference = z.references().get(0);
        List<PortData.Row> rows = z.rows();
        int count = Math.min(MOST, rows.size());
        List<SweepPoint> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            PortData.Row row =
                    rows.get(count == 1 ? 0 : (int) Math.round((double) i * (rows.size() - 1) / (count - 1)));
            Complex s = row.values().get(0).get(0);
            points.add(SweepPoint.of(
                    row.frequency(), s.add(1).divide(s.negate().add(1)).multiply(reference), z0));
        }
        return points;
    }
}
