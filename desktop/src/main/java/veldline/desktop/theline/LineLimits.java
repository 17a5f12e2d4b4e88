package veldline.desktop.theline;

import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.link.LevelLine;
import veldline.link.LevelLine.Stop;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** Limits that live on the line: most that may be radiated, the floor under the receiver, and what is wanted. */
final class LineLimits {
    private final LevelLine line;
    private final LineColumns columns;
    private final LineScale scale;
    private final Pen pen;
    private final Optional<Double> measured;

    /** @param measured level that was read at the far radio, whose number is kept clear of, too */
    LineLimits(LevelLine line, LineColumns columns, LineScale scale, Pen pen, Optional<Double> measured) {
        this.measured = measured;
        this.line = line;
        this.columns = columns;
        this.scale = scale;
        this.pen = pen;
    }

    void draw() {
        most();
        floorAndWish();
    }

    private void most() {
        int antenna = line.nearAntenna();
        line.mostEirp().filter(m -> m > -50).ifPresent(most -> {
            double y = scale.nearY(most);
            double from = columns.from(antenna) - 30;
            double to = columns.from(antenna) + columns.width(antenna) + 8;
            pen.hatched(from, y - 7, to - from, 7, Role.THRIFT, Hatch.DIAGONAL);
            pen.line(from, y, to, y, Role.THRIFT, 2);
            pen.text(
                    NumberText.shown(most, 1) + (LineScale.low(pen.height()) ? " at most" : " most you may radiate"),
                    to + 6,
                    y + 1,
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.SLATE,
                    Origin.Plain.TYPED);
        });
    }

    private void floorAndWish() {
        double left = columns.from(line.path()) + columns.width(line.path()) * 0.78;
        double right = columns.right();
        double floor = scale.farY(line.floor());
        pen.hatched(left, floor, right - left, pen.height() - 1 - floor, Role.THRIFT, Hatch.DIAGONAL);
        pen.line(left, floor, right, floor, Role.THRIFT, 2);
        String words = "floor " + NumberText.shown(line.floor(), 1) + " dBm: radio goes deaf";
        boolean under = line.answered()
                && line.stops().get(line.stops().size() - 1).level().value() < line.floor();
        double over = floor - 6;
        double below = Math.min(floor + 15, pen.height() - 5);
        double wide = 6.3 * words.length();
        At clear = DoubleStream.of(under ? over : below, under ? below : over, over - 14)
                .boxed()
                .flatMap(y -> DoubleStream.of(left + 8, columns.middle(line.path()) + 60, right - wide - 8)
                        .mapToObj(x -> new At(x, y)))
                .filter(a -> clearOfLevels(a, wide))
                .findFirst()
                .orElse(new At(left + 8, under ? over : below));
        double textX = clear.x();
        double textY = clear.y();
        pen.box(textX - 4, textY - 12, wide + 4, 15, Role.PAPER);
        pen.text(words, textX, textY, Anchor.START, 12, Face.TEXT, Role.INK, Origin.Plain.TYPED);
        double wish = scale.farY(line.wish());
        pen.line(left, wish, right, wish, Role.EDGE, 1.4, Dash.DOTTED);
        String wanted = "wanted " + NumberText.shown(line.wish(), 1);
        double after = columns.middle(line.path() + 1) + 10;
        Optional<At> at = Stream.of(
                        new At(after, wish + 14),
                        new At(after, wish - 5),
                        new At(right - 6.2 * wanted.length() - 4, wish - 5),
                        new At(right - 6.2 * wanted.length() - 4, wish + 14),
                        new At(columns.middle(line.path() + 2) - 3.1 * wanted.length(), wish - 5),
                        new At(columns.middle(line.path() + 2) - 3.1 * wanted.length(), wish + 14),
                        new At(left + 2, wish - 5),
                        new At(left + 2, wish + 14))
                .filter(a -> clearOfLevels(a, 6.2 * wanted.length()) && Math.abs(a.y() - textY) > 14)
                // In a low line the slope of the way runs through what stands left of the far end.
                .filter(a -> !LineScale.low(pen.height()) || measured.isEmpty() || a.x() > left + 2)
                .findFirst()
                .or(() -> measured.isEmpty() ? Optional.of(new At(after, wish + 14)) : Optional.empty());
        at.ifPresent(a -> pen.text(wanted, a.x(), a.y(), Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.TYPED));
    }

    /** Whether the line itself runs through a text so wide behind a stop. */
    private boolean strikes(int i, At at, double wide) {
        double y = scale.farY(line.stops().get(i).level().value());
        if (i < line.path()) {
            return false;
        }
        double from = columns.middle(i);
        double to = i + 1 < line.stops().size() ? columns.middle(i + 1) : columns.right();
        return at.x() < to && at.x() + wide > from && y > at.y() - 13 && y < at.y() + 4;
    }

    /** Whether a text so wide keeps clear of the numbers on the far part of the line. */
    private boolean clearOfLevels(At at, double wide) {
        double read = columns.middle(line.stops().size() - 1) - 112;
        if (measured.filter(m -> Math.abs(scale.farY(m) + 26 - at.y()) < 17).isPresent()
                && at.x() + wide > read
                && at.x() < read + 130) {
            return false;
        }
        for (int i = line.path() + 1; i < line.stops().size(); i++) {
            Stop s = line.stops().get(i);
            double over = Math.min(scale.farY(s.level().value()), scale.farY(s.before()));
            boolean stopped = s.state() == Finding.Level.STOP && !LineScale.low(pen.height());
            // A number under its reason stands beside the posts, see LineLabels.
            double y = stopped ? Math.max(over, 78) + 28 : over - 10;
            double most = stopped ? 72 : 32;
            boolean beside = at.x() + wide < columns.middle(i) - 32 || at.x() > columns.middle(i) + most;
            boolean tagged = stopped && at.y() > 40 && at.y() < 92;
            if (!beside && (tagged || Math.abs(y - at.y()) < 15) || strikes(i, at, wide)) {
                return false;
            }
        }
        return true;
    }
}
