package veldline.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import veldline.build.Marks;
import veldline.build.Outline;

/**
 * Flat pieces and a boom's holes as drawing exchange text (DXF, release 12 and later read it): lines and circles in millimetres, each
 * piece on a layer of its own, side by side.
 */
public final class DxfFile {
    private static final double MM = 1000;
    /** Between pieces, millimetres. */
    private static final double APART = 20;
    /** Half of a mark that is no hole. */
    private static final double TICK = 5;

    private DxfFile() {}

    public static String write(List<Outline> outlines, Marks marks) {
        StringBuilder out = new StringBuilder();
        pair(out, 0, "SECTION");
        pair(out, 2, "HEADER");
        pair(out, 9, "$ACADVER");
        pair(out, 1, "AC1009");
        pair(out, 9, "$INSUNITS");
        pair(out, 70, "4");
        pair(out, 0, "ENDSEC");
        pair(out, 0, "SECTION");
        pair(out, 2, "ENTITIES");
        double x = 0;
        for (int i = 0; i < outlines.size(); i++) {
            Outline o = outlines.get(i);
            for (Outline.At[] e : o.edges()) {
                line(
                        out,
                        layer(o.name(), i),
                        x + MM * (e[0].x() - o.left()),
                        MM * (e[0].y() - o.low()),
                        x + MM * (e[1].x() - o.left()),
                        MM * (e[1].y() - o.low()));
            }
            x += MM * o.width() + APART;
        }
        if (!marks.marks().isEmpty()) {
            line(out, "BOOM", 0, -APART, MM * marks.boom(), -APART);
            for (Marks.Mark m : marks.marks()) {
                if (m.hole() > 0) {
                    circle(out, MM * m.at(), -APART, MM * m.hole() / 2);
                } else {
                    line(out, "BOOM", MM * m.at(), -APART - TICK, MM * m.at(), -APART + TICK);
                }
            }
        }
        pair(out, 0, "ENDSEC");
        pair(out, 0, "EOF");
        return out.toString();
    }

    private static void circle(StringBuilder out, double x, double y, double radius) {
        pair(out, 0, "CIRCLE");
        pair(out, 8, "BOOM");
        pair(out, 10, number(x));
        pair(out, 20, number(y));
        pair(out, 40, number(radius));
    }

    private static void line(StringBuilder out, String layer, double x1, double y1, double x2, double y2) {
        pair(out, 0, "LINE");
        pair(out, 8, layer);
        pair(out, 10, number(x1));
        pair(out, 20, number(y1));
        pair(out, 11, number(x2));
        pair(out, 21, number(y2));
    }

    /** Layers of that release are capitals, digits and underscores. */
    private static String layer(String name, int index) {
        return name.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]+", "_") + "_" + (index + 1);
    }

    private static void pair(StringBuilder out, int code, String value) {
        out.append(code).append('\n').append(value).append('\n');
    }

    private static String number(double v) {
        return String.format(Locale.ROOT, "%.4f", v);
    }

    /**
     * A line or circle read back.
     *
     * @param at x, y, and x, y of the other end for a line, or the radius for a circle; millimetres
     */
    public record Entity(String kind, String layer, List<Double> at) {}

    /** @throws FormatException naming the line where code and value do not alternate, or a number is none */
    public static List<Entity> read(String text) throws FormatException {
        String[] lines = text.split("\\R");
        if (lines.length % 2 != 0) {
            throw new FormatException(
                    "It has " + lines.length + " lines; codes and values come in pairs, so it was cut short");
        }
        List<Entity> all = new ArrayList<>();
        String kind = "";
        String layer = "";
        List<Double> at = new ArrayList<>();
        for (int i = 0; i + 1 < lines.length; i += 2) {
            String value = lines[i + 1].strip();
            switch (lines[i].strip()) {
                case "0" -> {
                    if (!at.isEmpty()) {
                        all.add(new Entity(kind, layer, List.copyOf(at)));
                        at.clear();
                    }
                    kind = value;
                }
                case "8" -> layer = value;
                case "10", "20", "11", "21", "40" -> at.add(number(value, i + 2));
                default -> {
                    // Codes of other things are read past.
                }
            }
        }
        return all;
    }

    private static double number(String value, int line) throws FormatException {
        try {
            return Double.parseDouble(value);
        } catch (NumberFormatException e) {
            throw new FormatException("Line " + line + " has “" + value + "” where a number belongs");
        }
    }
}
