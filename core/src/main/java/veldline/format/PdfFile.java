package veldline.format;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;
import veldline.explain.Program;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;

/**
 * Pictures as pages of a PDF (ISO 32000), in ink only: whatever has a colour on the screen is black here, washes are
 * left out, and textures are drawn as lines. Text stays text. Sizes are true: a drawing unit is 1/96 inch.
 */
public final class PdfFile {
    /** Points of a PDF to a drawing unit. */
    private static final float SCALE = 72f / 96f;

    private static final double HATCH_STEP = 7;
    private static final Map<Mark.Face, String> FILES = new EnumMap<>(Map.of(
            Mark.Face.TEXT, "next-400.ttf",
            Mark.Face.BOLD, "next-700.ttf",
            Mark.Face.MONO, "mono-400.ttf",
            Mark.Face.MONO_BOLD, "mono-600.ttf",
            Mark.Face.FORMULA, "DejaVuSansMono.ttf"));

    private final PDDocument document;
    private final Map<Mark.Face, PDFont> fonts = new EnumMap<>(Mark.Face.class);
    private final PDFont other;

    private PdfFile(PDDocument document) throws IOException {
        this.document = document;
        for (Map.Entry<Mark.Face, String> f : FILES.entrySet()) {
            fonts.put(f.getKey(), font(f.getValue()));
        }
        this.other = font("DejaVuSansMono.ttf");
    }

    private PDFont font(String file) throws IOException {
        try (InputStream in = Picture.class.getResourceAsStream("fonts/" + file)) {
            return PDType0Font.load(document, in, true);
        }
    }

    /**
     * Writes one page for each picture.
     *
     * @throws IOException when {@code out} takes no more
     */
    public static void write(String title, List<Picture> pages, OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setProducer(Program.NAME);
            PdfFile file = new PdfFile(document);
            for (Picture page : pages) {
                file.page(page);
            }
            document.save(out);
        }
    }

    private void page(Picture picture) throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) picture.width() * SCALE, (float) picture.height() * SCALE));
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            // The picture's y grows downwards, the page's upwards.
            out.transform(new Matrix(SCALE, 0, 0, -SCALE, 0, (float) picture.height() * SCALE));
            out.setLineJoinStyle(1);
            for (Mark mark : picture.marks()) {
                draw(mark, out);
            }
        }
    }

    private void draw(Mark mark, PDPageContentStream out) throws IOException {
        if (mark instanceof Mark.Stroke s) {
            stroke(s, out);
        } else if (mark instanceof Mark.Area a) {
            area(a, out);
        } else if (mark instanceof Mark.Dot d) {
            circle(d, out);
        } else if (mark instanceof Mark.Text t) {
            text(t, out);
        }
    }

    private static void stroke(Mark.Stroke s, PDPageContentStream out) throws IOException {
        out.setLineWidth((float) s.width());
        float w = (float) s.width();
        out.setLineDashPattern(
                switch (s.dash()) {
                    case SOLID -> new float[] {};
                    case DASHED -> new float[] {4 + w, 3 + w / 2};
                    case DOTTED -> new float[] {w, 3.5f};
                },
                0);
        path(s.points(), out);
        if (s.closed()) {
            out.closeAndStroke();
        } else {
            out.stroke();
        }
    }

    private static void path(List<Mark.At> points, PDPageContentStream out) throws IOException {
        for (int i = 0; i < points.size(); i++) {
            float x = (float) points.get(i).x();
            float y = (float) points.get(i).y();
            if (i == 0) {
                out.moveTo(x, y);
            } else {
                out.lineTo(x, y);
            }
        }
    }

    /** Ink is filled; a wash only tints on a screen and is left out; a texture is drawn line by line. */
    private static void area(Mark.Area a, PDPageContentStream out) throws IOException {
        if (a.hatch() == Mark.Hatch.NONE) {
            if (a.role() == Role.INK || a.role() == Role.MUSSEL) {
                path(a.points(), out);
                out.fill();
            }
            return;
        }
        out.saveGraphicsState();
        path(a.points(), out);
        out.closePath();
        out.clip();
        out.setLineWidth(0.7f);
        out.setLineDashPattern(new float[] {}, 0);
        double left = a.points().stream().mapToDouble(Mark.At::x).min().orElse(0);
        double right = a.points().stream().mapToDouble(Mark.At::x).max().orElse(0);
        double top = a.points().stream().mapToDouble(Mark.At::y).min().orElse(0);
        double bottom = a.points().stream().mapToDouble(Mark.At::y).max().orElse(0);
        double tall = bottom - top;
        double from = a.hatch() == Mark.Hatch.HORIZONTAL ? top : left - tall;
        double to = a.hatch() == Mark.Hatch.HORIZONTAL ? bottom : right + tall;
        for (double at = from; at < to; at += HATCH_STEP) {
            switch (a.hatch()) {
                case DIAGONAL -> line(at, bottom, at + tall, top, out);
                case BACK_DIAGONAL -> line(at, top, at + tall, bottom, out);
                case UPRIGHT -> line(at, top, at, bottom, out);
                default -> line(left, at, right, at, out);
            }
        }
        out.restoreGraphicsState();
    }

    private static void line(double x1, double y1, double x2, double y2, PDPageContentStream out) throws IOException {
        out.moveTo((float) x1, (float) y1);
        out.lineTo((float) x2, (float) y2);
        out.stroke();
    }

    private static void circle(Mark.Dot d, PDPageContentStream out) throws IOException {
        // Four Bézier arcs; the usual factor makes them round to three in ten thousand.
        float k = (float) (0.5523 * d.radius());
        float r = (float) d.radius();
        float x = (float) d.x();
        float y = (float) d.y();
        out.setLineWidth((float) d.width());
        out.setLineDashPattern(new float[] {}, 0);
        out.moveTo(x + r, y);
        out.curveTo(x + r, y + k, x + k, y + r, x, y + r);
        out.curveTo(x - k, y + r, x - r, y + k, x - r, y);
        out.curveTo(x - r, y - k, x - k, y - r, x, y - r);
        out.curveTo(x + k, y - r, x + r, y - k, x + r, y);
        if (d.fill() == Role.INK || d.fill() == Role.MUSSEL) {
            out.closeAndFillAndStroke();
        } else {
            out.setNonStrokingColor(1f);
            out.closeAndFillAndStroke();
            out.setNonStrokingColor(0f);
        }
    }

    private void text(Mark.Text t, PDPageContentStream out) throws IOException {
        PDFont font = fitting(t);
        float size = (float) t.size();
        float width = font.getStringWidth(t.text()) / 1000 * size;
        float x = (float) t.x()
                - switch (t.anchor()) {
                    case START -> 0;
                    case MIDDLE -> width / 2;
                    case END -> width;
                };
        out.beginText();
        out.setFont(font, size);
        out.setTextMatrix(new Matrix(1, 0, 0, -1, x, (float) t.y()));
        out.showText(t.text());
        out.endText();
    }

    /** The text's own face, or one with more signs where it lacks any. */
    private PDFont fitting(Mark.Text t) throws IOException {
        PDFont own = fonts.get(t.face());
        try {
            own.encode(t.text());
            return own;
        } catch (IllegalArgumentException lacking) {
            return other;
        }
    }
}
