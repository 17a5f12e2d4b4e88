package veldline.desktop.look;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.TextAlignment;
import veldline.explain.Finding;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;

/** Draws pictures on a JavaFX canvas in the colours of an appearance; keeps the tiles it has made. */
public final class CanvasPainter {
    private record Ink(Role role, Mark.Hatch hatch) {}

    private final Appearance look;
    private final Photographs photographs;
    private final Map<Ink, Paint> inks = new HashMap<>();

    public CanvasPainter(Appearance look) {
        this(look, Photographs.none());
    }

    public CanvasPainter(Appearance look, Photographs photographs) {
        this.look = look;
        this.photographs = photographs;
    }

    public Appearance look() {
        return look;
    }

    /**
     * Draws over what was there.
     *
     * @param zoom pixels of the canvas to a drawing unit
     */
    public void paint(Picture picture, GraphicsContext g, double zoom) {
        g.setTransform(zoom, 0, 0, zoom, 0, 0);
        g.clearRect(0, 0, picture.width(), picture.height());
        g.setLineJoin(StrokeLineJoin.ROUND);
        for (Mark mark : picture.marks()) {
            if (mark instanceof Mark.Stroke s) {
                stroke(s, g);
            } else if (mark instanceof Mark.Area a) {
                area(a, g);
            } else if (mark instanceof Mark.Dot d) {
                dot(d, g);
            } else if (mark instanceof Mark.Text t) {
                text(t, g);
            } else if (mark instanceof Mark.Sign s) {
                sign(s, g);
            } else if (mark instanceof Mark.Photo p) {
                photograph(p, g);
            }
        }
    }

    /** While it is being read, or where it is gone, its box stands empty. */
    private void photograph(Mark.Photo p, GraphicsContext g) {
        Optional<Image> image = photographs.of(p.file()).filter(i -> i.getWidth() > 0);
        if (image.isEmpty()) {
            g.setFill(look.colour(Role.SLATE));
            g.setFont(Faces.font(Mark.Face.TEXT, 13));
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.CENTER);
            g.fillText(
                    photographs.awaits(p.file()) ? "" : "not in the job's folder",
                    p.x() + p.width() / 2,
                    p.y() + p.height() / 2);
            return;
        }
        double by = Math.min(
                p.width() / image.get().getWidth(), p.height() / image.get().getHeight());
        double w = image.get().getWidth() * by;
        double h = image.get().getHeight() * by;
        g.drawImage(image.get(), p.x() + (p.width() - w) / 2, p.y() + (p.height() - h) / 2, w, h);
    }

    private void stroke(Mark.Stroke s, GraphicsContext g) {
        g.setStroke(look.colour(s.role()));
        g.setLineWidth(s.width());
        g.setLineCap(s.dash() == Mark.Dash.DOTTED ? StrokeLineCap.ROUND : StrokeLineCap.BUTT);
        switch (s.dash()) {
            case SOLID -> g.setLineDashes();
            case DASHED -> g.setLineDashes(4 + s.width(), 3 + s.width() / 2);
            case DOTTED -> g.setLineDashes(0.5, 3.5);
        }
        g.beginPath();
        for (int i = 0; i < s.points().size(); i++) {
            double x = snapped(s.points().get(i).x(), s.width());
            double y = snapped(s.points().get(i).y(), s.width());
            if (i == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
        if (s.closed()) {
            g.closePath();
        }
        g.stroke();
        g.setLineDashes();
    }

    /** Thin lines sit on half pixels, so that they are one pixel wide and not two grey ones. */
    private static double snapped(double v, double width) {
        return width <= 1.2 ? Math.floor(v) + 0.5 : v;
    }

    private void area(Mark.Area a, GraphicsContext g) {
        g.setFill(inks.computeIfAbsent(
                new Ink(a.role(), a.hatch()), ink -> Hatching.paint(ink.hatch, look.colour(ink.role))));
        double[] xs = a.points().stream().mapToDouble(Mark.At::x).toArray();
        double[] ys = a.points().stream().mapToDouble(Mark.At::y).toArray();
        g.fillPolygon(xs, ys, xs.length);
    }

    private void dot(Mark.Dot d, GraphicsContext g) {
        double side = 2 * d.radius();
        g.setFill(look.colour(d.fill()));
        g.fillOval(d.x() - d.radius(), d.y() - d.radius(), side, side);
        g.setStroke(look.colour(d.edge()));
        g.setLineWidth(d.width());
        g.setLineDashes();
        g.strokeOval(d.x() - d.radius(), d.y() - d.radius(), side, side);
    }

    private void text(Mark.Text t, GraphicsContext g) {
        g.setFont(Faces.font(t.face(), t.size()));
        g.setFill(look.colour(t.role()));
        g.setTextBaseline(VPos.BASELINE);
        g.setTextAlign(
                switch (t.anchor()) {
                    case START -> TextAlignment.LEFT;
                    case MIDDLE -> TextAlignment.CENTER;
                    case END -> TextAlignment.RIGHT;
                });
        g.fillText(t.text(), t.x(), t.y());
    }

    private void sign(Mark.Sign s, GraphicsContext g) {
        sign(s.level(), s.x(), s.y(), g);
    }

    /** The four marks: each differs in shape first, in colour last. */
    void sign(Finding.Level level, double x, double y, GraphicsContext g) {
        g.setLineDashes();
        g.setLineCap(StrokeLineCap.ROUND);
        Color ink = look.colour(Role.INK);
        switch (level) {
            case FITS -> {
                g.setStroke(ink);
                g.setLineWidth(1.5);
                g.strokeOval(x - 7, y - 7, 14, 14);
                g.setLineWidth(1.8);
                g.strokePolyline(new double[] {x - 3.2, x - 0.8, x + 3.6}, new double[] {y + 0.2, y + 2.8, y - 2.8}, 3);
            }
            case WATCH -> {
                double[] xs = {x, x + 8, x - 8};
                double[] ys = {y - 7.5, y + 7, y + 7};
                g.setFill(look.colour(Role.LICHEN_WASH));
                g.fillPolygon(xs, ys, 3);
                g.setFill(look.colour(Role.LICHEN));
                g.fillPolygon(new double[] {x, x + 8, x}, new double[] {y - 7.5, y + 7, y + 7}, 3);
                g.setStroke(ink);
                g.setLineWidth(1.5);
                g.strokePolygon(xs, ys, 3);
            }
            case STOP -> {
                g.setFill(look.colour(Role.THRIFT));
                g.fillRect(x - 7.5, y - 7.5, 15, 15);
                g.setStroke(look.colour(Role.SHEET));
                g.setLineWidth(3);
                g.strokeLine(x - 3.5, y, x + 3.5, y);
            }
            case UNKNOWN -> {
                g.setStroke(ink);
                g.setLineWidth(1.3);
                g.setLineDashes(2.5, 2.5);
                g.strokeOval(x - 7, y - 7, 14, 14);
                g.setLineDashes();
                g.setFont(Faces.font(Mark.Face.BOLD, 12));
                g.setFill(ink);
                g.setTextAlign(TextAlignment.CENTER);
                g.setTextBaseline(VPos.BASELINE);
                g.fillText("?", x, y + 4);
            }
        }
    }
}
