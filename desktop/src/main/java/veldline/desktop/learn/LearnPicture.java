package veldline.desktop.learn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.learn.Experiment;
import veldline.learn.Lesson;
import veldline.learn.Look;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** What stands there, where it sends, and under both the curve of what is watched with the dot that is dragged. */
final class LearnPicture {
    private static final double LEFT = 70;
    private static final double LETTER = 7.2;
    private static final double ROOM = 0.12;
    private static final double DEEPEST = 45;

    private final Showing s;
    private final Pen pen;
    private final Optional<Lesson> lesson;
    private final Axis across;
    private final double split;

    LearnPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.lesson = LearnBench.lesson(s);
        Experiment.Slide slide = LearnBench.experiment(s).slide();
        this.across = new Axis(slide.first(), slide.setting(slide.count() - 1), LEFT, width - 40);
        this.split = height * 0.52;
    }

    /** Which setting lies nearest to a place. */
    int indexAt(double x) {
        Experiment.Slide slide = LearnBench.experiment(s).slide();
        int at = (int) Math.round((across.value(x) - slide.first()) / slide.step());
        return Math.max(0, Math.min(at, lesson.map(l -> l.looks().size() - 1).orElse(0)));
    }

    Picture draw() {
        Experiment e = LearnBench.experiment(s);
        pen.text(e.title(), 18, 24, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        if (lesson.isEmpty()) {
            EmptyPicture.draw(
                    pen, "It is being worked out.", "Every setting is solved once; then it is moved without waiting.");
            return pen.done();
        }
        Lesson l = lesson.get();
        int index = LearnBench.index(s, l);
        Look look = l.looks().get(index);
        says(look);
        SceneDrawing.draw(pen, look, outer(l), 50, split - 46);
        curve(l, index);
        return pen.done();
    }

    /** One scale for all settings, so that what grows is seen to grow. */
    private static double outer(Lesson l) {
        double most = l.looks().stream()
                .flatMap(k -> k.round().stream())
                .mapToDouble(g -> g)
                .max()
                .orElse(0);
        return Math.ceil((most + 0.5) / 2) * 2;
    }

    private void says(Look look) {
        double y = split - 18;
        for (String line : Paragraph.lines(look.says(), (int) ((pen.width() - 36) / LETTER))) {
            pen.text(line, 18, y, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
            y += 17;
        }
    }

    private void curve(Lesson l, int index) {
        Experiment.Slide slide = l.experiment().slide();
        Look here = l.looks().get(index);
        double top = split + 44;
        double bottom = pen.height() - 48;
        double low =
                l.looks().stream().mapToDouble(k -> k.figure().value()).min().orElseThrow();
        double high =
                l.looks().stream().mapToDouble(k -> k.figure().value()).max().orElseThrow();
        if (here.figure().unit().startsWith("dB")) {
            // A null goes down without end; what lies so far under the rest is all alike.
            low = Math.max(low, high - DEEPEST);
        }
        double room = Math.max(high - low, 0.5) * ROOM;
        Axis up = new Axis(low - room, high + room, bottom, top);
        for (double v : up.ticks(here.figure().decimals() == 0 && high - low < 4 ? 2 : 4)) {
            pen.line(LEFT, up.at(v), across.end(), up.at(v), Role.SAND, 1);
            pen.tick(
                    NumberText.shown(v, up.ticks(4).stream().allMatch(t -> t == Math.rint(t)) ? 0 : 1),
                    LEFT - 8,
                    up.at(v) + 4,
                    Anchor.END);
        }
        for (double v : across.ticks(6)) {
            pen.line(across.at(v), bottom, across.at(v), bottom + 5, Role.EDGE, 1);
            pen.tick(
                    NumberText.shown(v, slide.step() < 0.1 ? 2 : slide.step() < 1 ? 1 : 0),
                    across.at(v),
                    bottom + 19,
                    Anchor.MIDDLE);
        }
        pen.line(LEFT, bottom, across.end(), bottom, Role.EDGE, 1.5);
        List<At> points = new ArrayList<>();
        for (Look k : l.looks()) {
            points.add(new At(across.at(k.setting()), up.clamped(k.figure().value())));
        }
        if (here.joint().isPresent()) {
            // Between two pairs there is nothing.
            points.forEach(p -> pen.dot(p.x(), p.y(), 4, Role.MUSSEL, Role.MUSSEL, 1));
        } else {
            pen.path(points, Role.MUSSEL, 3, Dash.SOLID);
        }
        double x = across.at(here.setting());
        double y = up.clamped(here.figure().value());
        pen.line(x, top, x, bottom, Role.LICHEN, 1.5, Dash.DASHED);
        pen.dot(x, y, 8, Role.SHEET, Role.LICHEN, 3);
        boolean right = x < pen.width() * 0.6;
        pen.value(
                here.figure(),
                x + (right ? 14 : -14),
                top - 4,
                right ? Anchor.START : Anchor.END,
                Face.MONO_BOLD,
                Role.INK);
        pen.text(
                slide.name() + " " + NumberText.shown(here.setting(), slide.decimals())
                        + (slide.unit().isEmpty() ? "" : " " + slide.unit()),
                across.end(),
                pen.height() - 10,
                Anchor.END,
                13,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.TYPED);
        pen.words(here.figure().formula().name(), 18, top - 22, Anchor.START, Face.TEXT, Role.SLATE);
        pen.zone("slide", x - 22, top - 12, 44, bottom - top + 24, slide.name() + ", drag along the curve");
    }
}
