package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.measure.Strip;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** What is being recorded, as far as it has come: large digits for whoever stands at the antenna, and the strip of all of it. */
final class LivePicture {
    private static final double TOP = 132;
    private static final double LEFT = 56;

    private final Strip strip;
    private final double floor;
    private final Pen pen;

    LivePicture(Showing s, Strip strip, double width, double height) {
        this.strip = strip;
        this.floor = s.job().brief().far().radio().sensitivity().value();
        this.pen = Picture.pen(width, height);
    }

    Picture draw() {
        Strip.Bin last = strip.bins().get(strip.bins().size() - 1);
        String level = last.heard() == 0 ? "nothing" : NumberText.shown(last.mean(), 1);
        pen.text(level, LEFT, 76, Anchor.START, 52, Face.MONO_BOLD, Role.INK, Origin.Plain.MEASURED);
        pen.text("dBm now, recording", LEFT, 100, Anchor.START, 13, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        double right = pen.width() - 24;
        pen.text("" + strip.asked(), right, 76, Anchor.END, 34, Face.MONO_BOLD, Role.MUSSEL, Origin.Plain.MEASURED);
        pen.text(
                "readings in " + time(strip.end()) + ", " + strip.lost() + " of them without a link",
                right,
                100,
                Anchor.END,
                13,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.MEASURED);
        chart(right);
        return pen.done();
    }

    private static String time(double seconds) {
        return seconds < 7200 ? NumberText.shown(seconds / 60, 0) + " min" : NumberText.shown(seconds / 3600, 1) + " h";
    }

    private void chart(double right) {
        double[] lows = strip.bins().stream()
                .filter(b -> b.heard() > 0)
                .mapToDouble(Strip.Bin::low)
                .toArray();
        double[] highs = strip.bins().stream()
                .filter(b -> b.heard() > 0)
                .mapToDouble(Strip.Bin::high)
                .toArray();
        double low = Arrays.stream(lows).min().orElse(floor);
        double high = Arrays.stream(highs).max().orElse(floor + 10);
        Axis x = new Axis(0, strip.end(), LEFT, right);
        Axis y = new Axis(Math.min(low, floor) - 3, high + 3, pen.height() - 44, TOP);
        for (double tick : y.ticks(6)) {
            pen.line(x.start(), y.at(tick), x.end(), y.at(tick), Role.SAND, 1);
            pen.tick(NumberText.shown(tick, 0), x.start() - 8, y.at(tick) + 4, Anchor.END);
        }
        pen.hatched(x.start(), y.at(floor), x.end() - x.start(), y.start() - y.at(floor), Role.THRIFT, Hatch.DIAGONAL);
        pen.line(x.start(), y.at(floor), x.end(), y.at(floor), Role.THRIFT, 2);
        List<At> mean = new ArrayList<>();
        List<At> over = new ArrayList<>();
        List<At> under = new ArrayList<>();
        for (int i = 0; i <= strip.bins().size(); i++) {
            boolean heard = i < strip.bins().size() && strip.bins().get(i).heard() > 0;
            if (heard) {
                Strip.Bin b = strip.bins().get(i);
                double at = x.at(strip.middle(i));
                mean.add(new At(at, y.at(b.mean())));
                over.add(new At(at, y.at(b.high())));
                under.add(0, new At(at, y.at(b.low())));
            } else if (!mean.isEmpty()) {
                over.addAll(under);
                if (mean.size() > 1) {
                    pen.area(List.copyOf(over), Role.MUSSEL_WASH, Hatch.NONE);
                    pen.path(List.copyOf(mean), Role.MUSSEL, 2, Dash.SOLID);
                }
                mean.clear();
                over.clear();
                under.clear();
            }
        }
        pen.words(time(strip.end()), x.end(), pen.height() - 22, Anchor.END, Face.TEXT, Role.SLATE);
        pen.words("dBm", 14, TOP - 8, Anchor.START, Face.TEXT, Role.SLATE);
    }
}
