package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.feed.InHand;
import veldline.feed.SeriesFacts;
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

/** A gauge whose jaw is drawn to the size that was measured: every series stands where its own size is, and what it may be is told below. */
final class InHandPicture {
    private static final double LEFT = 60;
    private static final double RIGHT = 40;
    private static final double MOST = 32;
    private static final double BEAM = 70;
    private static final double ROWS = 112;
    private static final double ROW = 21;
    /** A letter of the text face. */
    private static final double WIDE = 6.6;
    /** So many of what it may be have room to be told. */
    private static final int TOLD = 3;

    private final Showing s;
    private final Pen pen;
    private final InHand hand;
    private final Axis x;

    InHandPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.hand = InHandInputs.of(s);
        this.x = along(width);
    }

    private static Axis along(double width) {
        return new Axis(0, MOST, LEFT, width - RIGHT);
    }

    static Optional<String> acrossAt(double x, double width) {
        Axis axis = along(width);
        return Optional.of(InHandInputs.at(Math.max(1, Math.min(MOST, axis.value(x)))));
    }

    static List<String> walk(Showing s) {
        return IntStream.range(0, told(s).size()).mapToObj(i -> "hand:" + i).toList();
    }

    private static List<SeriesFacts> told(Showing s) {
        return InHandInputs.of(s).candidates().stream().limit(TOLD).toList();
    }

    /** What is walked to; empty where nothing fits. */
    static Optional<SeriesFacts> chosen(Showing s) {
        List<SeriesFacts> told = told(s);
        return told.isEmpty() ? Optional.empty() : Optional.of(told.get(s.pickedIndex(Step.FEED_RUN, 0, told.size())));
    }

    Picture draw() {
        pen.text("What is this in my hand?", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        gauge();
        series();
        answers();
        return pen.done();
    }

    private void gauge() {
        double jaw = x.at(hand.across());
        pen.box(x.start() - 8, BEAM - 8, x.end() - x.start() + 24, 16, Role.PAPER);
        pen.outline(x.start() - 8, BEAM - 8, x.end() - x.start() + 24, 16, Role.INK, 1.5);
        for (int mm = 0; mm <= MOST; mm++) {
            pen.line(x.at(mm), BEAM - 8, x.at(mm), BEAM - (mm % 5 == 0 ? 0 : 4), Role.INK, 1);
            if (mm % 5 == 0) {
                pen.tick(NumberText.shown(mm, 0), x.at(mm), BEAM - 13, Anchor.MIDDLE);
            }
        }
        pen.words("mm", x.end() + 14, BEAM - 13, Anchor.START, Face.TEXT, Role.SLATE);
        pen.area(
                List.of(
                        new At(x.start(), BEAM + 8),
                        new At(x.start(), BEAM + 34),
                        new At(x.start() - 10, BEAM + 22),
                        new At(x.start() - 10, BEAM + 8)),
                Role.INK,
                Hatch.NONE);
        pen.area(
                List.of(
                        new At(jaw, BEAM + 34),
                        new At(jaw, BEAM - 8),
                        new At(jaw + 26, BEAM - 8),
                        new At(jaw + 26, BEAM + 8),
                        new At(jaw + 10, BEAM + 22)),
                Role.MUSSEL,
                Hatch.NONE);
        pen.text(
                NumberText.shown(hand.across(), 1) + " mm",
                (x.start() + jaw) / 2,
                BEAM + 28,
                Anchor.MIDDLE,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.MEASURED);
        pen.zone("jaw", jaw - 12, BEAM - 14, 50, 52, "jaw of the gauge, draw it to the size measured");
    }

    /** Each at its own size, one below the other where names would meet. */
    private void series() {
        List<Double> ends = new ArrayList<>();
        double bottom = ROWS;
        for (SeriesFacts f : SeriesFacts.all().stream()
                .sorted(java.util.Comparator.comparingDouble(SeriesFacts::across))
                .toList()) {
            double at = x.at(f.across());
            int row = IntStream.range(0, ends.size())
                    .filter(r -> ends.get(r) < at - 8)
                    .findFirst()
                    .orElse(ends.size());
            double end = at + 12 + WIDE * f.series().words().length();
            if (row == ends.size()) {
                ends.add(end);
            } else {
                ends.set(row, end);
            }
            double y = ROWS + 14 + row * ROW;
            bottom = Math.max(bottom, y);
            boolean may = hand.mayBe(f);
            pen.dot(at, y, may ? 6 : 4, may ? Role.MUSSEL : Role.SHEET, may ? Role.MUSSEL : Role.EDGE, 2);
            pen.words(
                    f.series().words(),
                    at + 10,
                    y + 4,
                    Anchor.START,
                    may ? Face.BOLD : Face.TEXT,
                    may ? Role.INK : Role.SLATE);
        }
        double jaw = x.at(hand.across());
        pen.line(jaw, BEAM + 34, jaw, bottom + 12, Role.MUSSEL, 1.5, Dash.DASHED);
    }

    private void answers() {
        List<SeriesFacts> told = told(s);
        double top = 262;
        pen.line(18, top - 14, pen.width() - 18, top - 14, Role.SAND, 1);
        int more = hand.candidates().size() - told.size();
        String lead = told.isEmpty()
                ? "None of the drawer's series is of that size and kind"
                : told.size() == 1
                        ? "It is"
                        : "It may be, the nearest in size first" + (more > 0 ? "; " + more + " more" : "");
        pen.text(lead, 18, top + 6, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        if (told.isEmpty()) {
            pen.words(
                    "Measure again, over the thread and not over the nut; a series from elsewhere is set by its facts.",
                    18,
                    top + 30,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
        }
        double room = (pen.height() - top - 22) / TOLD;
        for (int i = 0; i < told.size(); i++) {
            answer(told.get(i), i, top + 18 + i * room, room - 8);
        }
    }

    private void answer(SeriesFacts f, int i, double y, double height) {
        boolean picked = chosen(s).filter(f::equals).isPresent();
        pen.box(18, y, pen.width() - 36, height, picked ? Role.MUSSEL_WASH : Role.PAPER);
        pen.outline(18, y, pen.width() - 36, height, picked ? Role.MUSSEL : Role.SAND, picked ? 2 : 1);
        pen.zone("hand:" + i, 18, y, pen.width() - 36, height, f.series().words());
        // At five times its size where there is room for that, the larger ones as large as the row.
        JointDrawing.face(pen, InHandInputs.connector(s, f), 18 + height / 2, y + height / 2, true, height * 0.42 / 52);
        double at = 18 + height + 10;
        pen.text(
                InHandInputs.connector(s, f).tradeName() + ", " + f.series().coupling(),
                at,
                y + 20,
                Anchor.START,
                13,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        Lines.draw(pen, f.tell() + ".", at, y + 38, pen.width() - 30, 2);
    }
}
