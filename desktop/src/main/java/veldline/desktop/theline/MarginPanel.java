package veldline.desktop.theline;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.assess.ProveFigures;
import veldline.assess.Stage;
import veldline.assess.StationFigures;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.link.LevelLine;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The answer at the right end of the line: the margin, and on Prove the measured one. */
public final class MarginPanel {
    /** Characters of a margin that have room beside its unit. */
    private static final int LONGEST = 5;

    /** A band lower than this has no room for what stands under the answer. */
    private static final double LOW = 150;
    /** Kept free at the right edge of the window. */
    private static final double EDGE = 4;

    /** Which way the line is shown. */
    private static final String WAY = "line";

    private MarginPanel() {}

    /** The line back, where that is the way that is looked at. */
    public static Optional<LevelLine> back(Showing s) {
        return "back".equals(s.noted().get(WAY)) ? s.assessment().backLine() : Optional.empty();
    }

    /** What shows the line the other way than it is shown now. */
    public static String other(Showing s) {
        return "set:" + WAY + "=" + (back(s).isPresent() ? "there" : "back");
    }

    /**
     * @param back the line the other way, where that is shown
     * @param measured what was measured, where that is what is asked for
     * @param wouldBe the line as an offer would make it
     * @param shift what the last edit did to the margin, dB, while it is worth telling
     */
    public static Picture of(
            Assessment a,
            Optional<LevelLine> back,
            Optional<ProveFigures> measured,
            Optional<Double> shift,
            Optional<LevelLine> wouldBe,
            double width,
            double height) {
        Pen pen = Picture.pen(width, height);
        if (a.line().brokenAt().isPresent()) {
            return broken(a, pen);
        }
        if (a.line().unknownFrom().isPresent()) {
            return undecided(a, pen);
        }
        Worked margin = back.map(LevelLine::margin)
                .or(() -> measured.map(ProveFigures::margin))
                .orElse(a.line().margin());
        Origin origin = measured.isPresent() && back.isEmpty() ? Origin.Plain.MEASURED : Origin.of(margin);
        boolean under = margin.value() < 0;
        words(
                pen,
                back.isPresent()
                        ? under ? "Back, under the floor" : "Back, over the floor"
                        : under ? "Under the floor" : "Over the floor",
                26);
        // Beyond a hundred either way no tenth matters, and none has room.
        String number = margin.number().length() > LONGEST ? NumberText.shown(margin.value(), 0) : margin.number();
        pen.text(number, 0, 66, Anchor.START, 34, Face.MONO_BOLD, Role.INK, origin);
        double wide = 20.5 * number.length();
        pen.words("dB", wide + 8, 66, Anchor.START, Face.TEXT, Role.INK);
        if (measured.isEmpty()) {
            margin.doubt()
                    .ifPresent(d -> pen.text(
                            "±" + NumberText.shown(d, 1),
                            Math.min(width - EDGE, wide + 42),
                            // Beside a number that takes the whole width there is no room, but over it there is.
                            wide + 42 > width - EDGE ? 30 : 48,
                            Anchor.END,
                            12.5,
                            Face.MONO,
                            Role.SLATE,
                            Origin.of(margin)));
        }
        if (measured.isPresent() && back.isEmpty()) {
            pen.line(0, 72, wide, 72, Role.INK, 1);
            pen.line(0, 75, wide, 75, Role.INK, 1);
        }
        double over = margin.value() - a.job().brief().marginWanted().value();
        Finding.Level level =
                margin.value() < 0 ? Finding.Level.STOP : over < 0 ? Finding.Level.WATCH : Finding.Level.FITS;
        pen.sign(level, 8, 93);
        pen.text(
                NumberText.shown(Math.abs(over), 1) + (over < 0 ? " short of" : " more than"),
                22,
                94,
                Anchor.START,
                12.5,
                Face.BOLD,
                Role.INK,
                Origin.of(margin));
        pen.text(
                "the " + NumberText.shown(a.job().brief().marginWanted().value(), 1) + " wanted",
                22,
                110,
                Anchor.START,
                12.5,
                Face.BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        if (height < LOW) {
            return pen.done();
        }
        if (measured.isPresent()) {
            pen.text(
                    a.line().margin().number() + " worked out",
                    0,
                    134,
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.SLATE,
                    Origin.of(a.line().margin()));
        } else if (a.line().worstBelow() >= 0.05) {
            pen.text(
                    "Worst case takes " + NumberText.shown(a.line().worstBelow(), 1),
                    0,
                    134,
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.SLATE,
                    Origin.of(a.path().worst()));
            pen.text("of that (hatched)", 0, 150, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        }
        a.back()
                .ifPresent(b ->
                        way(pen, back.isPresent(), back.isPresent() ? a.line().margin() : b));
        boolean free = a.line().worstBelow() < 0.05 && measured.isEmpty();
        if (a.back().isEmpty() || free) {
            branch(a).ifPresent(s -> fork(pen, s, a.back().isEmpty() ? 168 : 122));
        }
        Optional<Worked> offered = wouldBe.filter(LevelLine::answered).map(LevelLine::margin);
        Optional<String> told = offered.map(m -> "would be " + m.shown())
                .or(() -> shift.filter(d -> Math.abs(d) >= 0.05)
                        .map(d -> NumberText.signed(d, 1) + " dB by the last edit"));
        told.filter(t -> back.isEmpty())
                .ifPresent(t -> pen.text(
                        t, 0, 163, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.of(offered.orElse(margin))));
        return pen.done();
    }

    /** The weakest of the stations that are not shown. */
    private static Optional<StationFigures> branch(Assessment a) {
        return a.stations().value().stream()
                .flatMap(List::stream)
                .filter(s -> s.margin().isPresent() && s.index() != a.job().shown())
                .min(Comparator.comparingDouble(StationFigures::worst));
    }

    /** Where the line forks, the weakest branch is named; pressing it shows that one. */
    private static void fork(Pen pen, StationFigures s, double top) {
        Worked margin = s.margin().orElseThrow();
        String text = s.name() + ": " + margin.shown();
        double wide = Math.min(pen.width() - EDGE, 6.1 * text.length() + 26);
        String shown = text.length() > 18
                ? s.name().substring(0, Math.min(9, s.name().length())) + "…: " + margin.number()
                : text;
        pen.outline(0, top, wide, 18, Role.EDGE, 1);
        pen.text(shown, 20, top + 13, Anchor.START, 12, Face.TEXT, Role.INK, Origin.of(margin));
        pen.line(5, top + 9, 9, top + 9, Role.INK, 1.5);
        pen.line(9, top + 9, 15, top + 4, Role.INK, 1.5);
        pen.line(9, top + 9, 15, top + 14, Role.INK, 1.5);
        pen.zone(BRANCH + s.index(), 0, top - 2, wide, 22, "put on the line: " + text);
    }

    /** What a branch's zone begins with; its station's number follows. */
    public static final String BRANCH = "branch:";

    /** The switch that names the other way. */
    private static void way(Pen pen, boolean back, Worked other) {
        String text = (back ? "there: " : "back: ") + other.shown();
        double wide = 6.1 * text.length() + 26;
        pen.outline(0, 168, wide, 18, Role.EDGE, 1);
        pen.text(text, 6, 181, Anchor.START, 12, Face.TEXT, Role.INK, Origin.of(other));
        pen.line(wide - 14, 177, wide - 6, 177, Role.INK, 1.5);
        double tip = back ? wide - 6 : wide - 14;
        double barb = back ? -3 : 3;
        pen.line(tip, 177, tip + barb, 174, Role.INK, 1.5);
        pen.line(tip, 177, tip + barb, 180, Role.INK, 1.5);
        pen.zone("set:" + WAY + "=" + (back ? "there" : "back"), 0, 166, wide, 22, "show the line " + text);
    }

    private static Picture undecided(Assessment a, Pen pen) {
        words(pen, "At the far radio", 26);
        pen.text("not known", 0, 60, Anchor.START, 24, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.sign(Finding.Level.UNKNOWN, 8, 84);
        boolean solving = a.antenna() instanceof Stage.Running;
        pen.words(solving ? "being solved:" : "not chosen yet:", 22, 88, Anchor.START, Face.BOLD, Role.INK);
        String at = a.line().stops().get(a.line().unknownFrom().orElseThrow()).name();
        pen.text(at, 0, 106, Anchor.START, 12.5, Face.TEXT, Role.INK, Origin.Plain.TYPED);
        return pen.done();
    }

    private static Picture broken(Assessment a, Pen pen) {
        words(pen, "At the far radio", 26);
        pen.text("no answer", 0, 60, Anchor.START, 24, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.sign(Finding.Level.STOP, 8, 84);
        String at = a.line().stops().get(a.line().brokenAt().orElseThrow()).name();
        pen.words("signal stops", 22, 88, Anchor.START, Face.BOLD, Role.INK);
        pen.text("at: " + at, 0, 106, Anchor.START, 12.5, Face.TEXT, Role.INK, Origin.Plain.TYPED);
        pen.text(
                "Would be " + a.line().margin().shown(),
                0,
                128,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.of(a.line().margin()));
        if (pen.height() < LOW) {
            return pen.done();
        }
        pen.text("once joined properly", 0, 144, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        return pen.done();
    }

    private static void words(Pen pen, String text, double y) {
        pen.text(text, 0, y, Anchor.START, 12.5, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
    }
}
