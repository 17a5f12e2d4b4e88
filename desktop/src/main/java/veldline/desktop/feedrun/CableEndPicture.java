package veldline.desktop.feedrun;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.feed.CableClass;
import veldline.feed.CableEnd;
import veldline.feed.Connector;
import veldline.feed.FeedPart;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The end of the cable that is chosen, to scale, as it is after each step; left and right walk the steps. */
final class CableEndPicture {
    private static final String SIDE = "end.side";
    /** Cable that is drawn with its jacket on, of what is bared. */
    private static final double JACKET = 0.6;
    /** Screen, dielectric and inner, of what is over the jacket: what 50 and 75 ohms leave on polyethylene. */
    private static final double SCREEN = 0.76;

    private static final double DIELECTRIC = 0.6;
    private static final double INNER = 0.18;
    private static final double MOST_HIGH = 110;
    private static final double MIDDLE = 128;
    private static final double LIST = 232;

    private final Showing s;
    private final Pen pen;

    CableEndPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
    }

    /** What is to be made, where a cable of a known class is chosen and such an end is made by hand. */
    private static Optional<CableEnd> end(Showing s) {
        int part = FeedRunBench.part(s);
        return part < 0
                ? Optional.empty()
                : CableClass.of(FeedRunBench.run(s).parts().get(part))
                        .flatMap(c -> CableEnd.of(
                                c,
                                side(s, FeedRunBench.run(s).parts().get(part)).family()));
    }

    private static boolean radio(Showing s) {
        return s.noted().getOrDefault(SIDE, "antenna").equals("radio");
    }

    private static Connector side(Showing s, FeedPart part) {
        return radio(s) ? part.radioSide() : part.antennaSide();
    }

    static List<Input> inputs(Showing s) {
        return List.of(
                new Input.Choice(
                        "end-side",
                        "Which end",
                        List.of(
                                new Input.Option(
                                        "radio side", radio(s), new Input.Outcome.Picked("set:" + SIDE + "=radio")),
                                new Input.Option(
                                        "antenna side",
                                        !radio(s),
                                        new Input.Outcome.Picked("set:" + SIDE + "=antenna")))),
                new Input.Note(
                        "end-how",
                        "Lengths of the kind, ±0.5 mm; the leaflet of the connector in hand goes before. Left and right walk the steps."),
                new Input.Note(
                        "end-care",
                        "Blade away from the hand; solder unplugged, hot tip, fumes. What hangs from a height is joined on the ground."));
    }

    static List<String> walk(Showing s) {
        return end(s).map(e -> IntStream.range(0, e.steps().size())
                        .mapToObj(i -> "end:" + i)
                        .toList())
                .orElse(List.of());
    }

    Picture draw() {
        Optional<CableEnd> end = end(s);
        int part = FeedRunBench.part(s);
        if (end.isEmpty()) {
            boolean board = part >= 0
                    && side(s, FeedRunBench.run(s).parts().get(part)).family() == Connector.Series.MICRO_BOARD;
            return EmptyPicture.draw(
                            pen,
                            board
                                    ? "That connector is bought on its cable; none is made by hand."
                                    : "No end to be made here: choose a cable on the line, with a connector made for it.",
                            "Stops of the line with a length are cables; [ and ] go from one to the next.")
                    .done();
        }
        CableClass cable = CableClass.of(FeedRunBench.run(s).parts().get(part)).orElseThrow();
        CableEnd e = end.get();
        int at = s.pickedIndex(Step.FEED_RUN, 0, e.steps().size());
        pen.text(
                cable.name() + " for " + e.series().words() + ", " + e.way().words(),
                18,
                22,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        cable(cable, e, e.steps().get(at).bared());
        steps(e, at);
        return pen.done();
    }

    private void cable(CableClass cable, CableEnd e, CableEnd.Bared bared) {
        double left = 40;
        double right = pen.width() - 40;
        double scale = Math.min((right - left) / ((1 + JACKET) * e.stripped()), MOST_HIGH / cable.across());
        double tip = left + (1 + JACKET) * e.stripped() * scale;
        double inner = tip - e.inner() * scale;
        double dielectric = inner - e.dielectric() * scale;
        double screen = dielectric - e.screen() * scale;
        double over = cable.across() * scale;
        layer(left, tip, over * INNER, Role.INK, Hatch.NONE);
        layer(left, bared == CableEnd.Bared.INNER ? inner : tip, over * DIELECTRIC, Role.SHEET, Hatch.NONE);
        boolean cut = bared == CableEnd.Bared.INNER || bared == CableEnd.Bared.DIELECTRIC;
        layer(left, cut ? dielectric : tip, over * SCREEN, Role.SAND, Hatch.DIAGONAL);
        if (bared == CableEnd.Bared.DIELECTRIC || bared == CableEnd.Bared.INNER) {
            length(dielectric, inner, e.dielectric(), over);
            length(screen, dielectric, e.screen(), over);
            length(inner, tip, e.inner(), over);
        } else {
            length(screen, tip, e.stripped(), over);
        }
        layer(left, bared == CableEnd.Bared.WHOLE ? tip : screen, over, Role.SLATE, Hatch.NONE);
        pen.text(
                NumberText.shown(cable.across(), 1) + " mm across; " + NumberText.shown(scale / 3.78, 1)
                        + " times its size on a screen of 96 dots an inch",
                left,
                MIDDLE + over / 2 + 22,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.TYPED);
    }

    private void layer(double from, double to, double high, Role role, Hatch hatch) {
        if (hatch == Hatch.NONE) {
            pen.box(from, MIDDLE - high / 2, to - from, high, role);
        } else {
            pen.box(from, MIDDLE - high / 2, to - from, high, Role.SHEET);
            pen.hatched(from, MIDDLE - high / 2, to - from, high, Role.LICHEN, hatch);
        }
        pen.outline(from, MIDDLE - high / 2, to - from, high, Role.INK, 1.2);
    }

    private void length(double from, double to, double mm, double over) {
        if (to - from < 1) {
            return;
        }
        double y = MIDDLE - over / 2 - 12;
        pen.line(from, y, to, y, Role.EDGE, 1);
        pen.line(from, y - 5, from, MIDDLE, Role.EDGE, 1);
        pen.line(to, y - 5, to, MIDDLE, Role.EDGE, 1);
        pen.text(
                NumberText.shown(mm, mm % 1 == 0 ? 0 : 1) + " mm",
                (from + to) / 2,
                y - 5,
                Anchor.MIDDLE,
                13,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.TYPED);
    }

    private void steps(CableEnd e, int at) {
        List<CableEnd.Step> steps = e.steps();
        double row = (pen.height() - LIST - 8) / steps.size();
        for (int i = 0; i < steps.size(); i++) {
            double y = LIST + i * row;
            boolean picked = i == at;
            pen.box(18, y, pen.width() - 36, row - 4, picked ? Role.MUSSEL_WASH : Role.PAPER);
            pen.outline(18, y, pen.width() - 36, row - 4, picked ? Role.MUSSEL : Role.SAND, picked ? 2 : 1);
            pen.zone("end:" + i, 18, y, pen.width() - 36, row - 4, steps.get(i).title());
            pen.text(
                    (i + 1) + "  " + steps.get(i).title(),
                    28,
                    y + row / 2 + 2,
                    Anchor.START,
                    13,
                    Face.BOLD,
                    Role.INK,
                    Origin.Plain.NAME);
            Lines.draw(pen, steps.get(i).told(), 168, y + row / 2 - 5, pen.width() - 28, 2);
        }
    }
}
