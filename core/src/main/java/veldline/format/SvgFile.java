package veldline.format;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;

/** A picture as SVG 1.1 in ink only, at true size: a drawing unit is 1/96 inch, as in CSS. Text stays text. */
public final class SvgFile {
    private static final Map<Mark.Anchor, String> ANCHORS =
            Map.of(Mark.Anchor.START, "start", Mark.Anchor.MIDDLE, "middle", Mark.Anchor.END, "end");
    private static final double MM = 25.4 / 96;

    private SvgFile() {}

    public static String write(String title, Picture p) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"" + n(p.width() * MM)
                + "mm\" height=\""
                + n(p.height() * MM) + "mm\" viewBox=\"0 0 " + n(p.width()) + " " + n(p.height()) + "\">\n<title>"
                + escaped(title) + "</title>\n"
                + p.marks().stream().map(SvgFile::mark).collect(Collectors.joining()) + "</svg>\n";
    }

    private static String mark(Mark m) {
        if (m instanceof Mark.Stroke s) {
            return "<" + (s.closed() ? "polygon" : "polyline") + " points=\"" + points(s.points())
                    + "\" fill=\"none\" stroke=\"#000\" stroke-width=\"" + n(s.width()) + "\""
                    + switch (s.dash()) {
                        case SOLID -> "";
                        case DASHED -> " stroke-dasharray=\"" + n(4 + s.width()) + " " + n(3 + s.width() / 2) + "\"";
                        case DOTTED -> " stroke-dasharray=\"" + n(s.width()) + " 3.5\"";
                    }
                    + "/>\n";
        }
        if (m instanceof Mark.Area a && a.role() == Role.INK && a.hatch() == Mark.Hatch.NONE) {
            return "<polygon points=\"" + points(a.points()) + "\" fill=\"#000\"/>\n";
        }
        if (m instanceof Mark.Dot d) {
            return "<circle cx=\"" + n(d.x()) + "\" cy=\"" + n(d.y()) + "\" r=\"" + n(d.radius()) + "\" fill=\""
                    + (d.fill() == Role.INK ? "#000" : "#fff") + "\" stroke=\"#000\" stroke-width=\"" + n(d.width())
                    + "\"/>\n";
        }
        if (m instanceof Mark.Text t) {
            boolean bold = t.face() == Mark.Face.BOLD || t.face() == Mark.Face.MONO_BOLD;
            boolean mono = t.face() == Mark.Face.MONO || t.face() == Mark.Face.MONO_BOLD;
            return "<text x=\"" + n(t.x()) + "\" y=\"" + n(t.y()) + "\" font-size=\"" + n(t.size())
                    + "\" font-family=\""
                    + (mono ? "monospace" : "sans-serif") + "\"" + (bold ? " font-weight=\"bold\"" : "")
                    + " text-anchor=\"" + ANCHORS.get(t.anchor()) + "\">" + escaped(t.text()) + "</text>\n";
        }
        return "";
    }

    private static String points(List<Mark.At> points) {
        return points.stream().map(p -> n(p.x()) + "," + n(p.y())).collect(Collectors.joining(" "));
    }

    private static String n(double v) {
        return String.format(Locale.ROOT, "%.3f", v);
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
