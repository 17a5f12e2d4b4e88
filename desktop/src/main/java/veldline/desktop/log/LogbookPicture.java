package veldline.desktop.log;

import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.store.FirstTries;
import veldline.store.LogbookEntry;

/** Jobs that were found, the latest first, each on one scale of frequencies with how far its first try came out off; the one walked to is told in full. */
final class LogbookPicture {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH).withZone(ZoneOffset.UTC);
    private static final double ROW = 24;
    private static final double TOP = 74;
    private static final double FOOT = 78;
    /** A first try that is off by so much of its frequency reaches this far across. */
    private static final double PERCENT = 14;

    private final Showing s;
    private final Pen pen;
    private final List<LogbookEntry> found;

    LogbookPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.found = LogbookInputs.found(s);
    }

    Picture draw() {
        if (found.isEmpty()) {
            boolean looked = s.advice().shelf().isPresent();
            return EmptyPicture.draw(
                            pen,
                            looked ? "No job of this kind holds all of these words." : "Nobody looked yet.",
                            looked
                                    ? "Fewer words, the beginning of one, or another kind of antenna."
                                    : "Type a word and Enter, or look at all of them.")
                    .done();
        }
        int chosen = s.pickedIndex(Step.LOG, 0, found.size());
        int room = (int) Math.max(1, (pen.height() - TOP - FOOT) / ROW);
        int first = Math.max(0, Math.min(chosen - room / 2, found.size() - room));
        int last = Math.min(found.size(), first + room);
        pen.text("Found", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words(
                (first + 1) + " to " + last + " of " + found.size()
                        + ", the latest first; a stroke tells how far off its first sweep dipped",
                72,
                22,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        Axis x = frequencies();
        for (int i = first; i < last; i++) {
            row(i, TOP + (i - first) * ROW, x, i == chosen);
        }
        told(found.get(chosen));
        workshop();
        return pen.done();
    }

    private Axis frequencies() {
        double low = found.stream().mapToDouble(LogbookEntry::frequency).min().orElse(1e6);
        double high = found.stream().mapToDouble(LogbookEntry::frequency).max().orElse(1e10);
        Axis x = new Axis(
                Math.log10(low / 1.5), Math.log10(high * 1.5), Math.max(300, pen.width() * 0.5), pen.width() - 24);
        double lastAt = Double.NEGATIVE_INFINITY;
        for (int decade = 6; decade < 12; decade++) {
            for (double step : List.of(1.0, 2.0, 5.0)) {
                double place = decade + Math.log10(step);
                if (place >= x.from() && place <= x.to() && x.at(place) - lastAt > 62) {
                    lastAt = x.at(place);
                    double mhz = step * Math.pow(10, decade - 6);
                    pen.line(lastAt, TOP - 16, lastAt, pen.height() - FOOT, Role.SAND, 1);
                    pen.tick(
                            mhz >= 1000 ? NumberText.shown(mhz / 1000, 0) + " GHz" : NumberText.shown(mhz, 0) + " MHz",
                            lastAt,
                            TOP - 22,
                            Anchor.MIDDLE);
                }
            }
        }
        return x;
    }

    private void row(int i, double y, Axis x, boolean on) {
        LogbookEntry e = found.get(i);
        if (on) {
            pen.box(8, y, pen.width() - 16, ROW, Role.MUSSEL_WASH);
        }
        int letters = (int) ((x.start() - 30) / 7.2);
        String name = e.name().length() > letters ? e.name().substring(0, letters - 1) + "…" : e.name();
        pen.text(name, 18, y + 16, Anchor.START, 13, on ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.TYPED);
        double at = x.at(Math.log10(e.frequency()));
        double middle = y + ROW / 2;
        e.cameOut()
                .ifPresent(off -> pen.line(
                        at,
                        middle,
                        Math.max(x.start(), Math.min(x.end(), at + 100 * off * PERCENT)),
                        middle,
                        Role.LICHEN,
                        3));
        pen.dot(at, middle, on ? 6 : 4, Role.MUSSEL, Role.MUSSEL, 1);
        pen.zone("entry:" + i, 8, y, pen.width() - 16, ROW, e.name() + ", " + e.family());
    }

    private void told(LogbookEntry e) {
        double y = pen.height() - FOOT + 24;
        pen.line(18, y - 16, pen.width() - 18, y - 16, Role.SAND, 1);
        String mhz = NumberText.shown(e.frequency() / 1e6, 1) + " MHz";
        pen.text(
                e.family() + ", " + mhz
                        + e.last().map(l -> ", last on " + DAY.format(l)).orElse(""),
                18,
                y,
                Anchor.START,
                13,
                Face.BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        pen.text(
                e.cameOut()
                        .map(off -> "first sweep dipped " + NumberText.shown(Math.abs(off * e.frequency() / 1e6), 2)
                                + " MHz " + (off < 0 ? "low" : "high"))
                        .orElse("nothing was swept"),
                pen.width() - 18,
                y,
                Anchor.END,
                13,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.MEASURED);
    }

    private void workshop() {
        double y = pen.height() - FOOT + 50;
        Optional<FirstTries> tries = FirstTries.of(found);
        if (tries.isEmpty()) {
            pen.words(
                    "Fewer than " + FirstTries.FEWEST
                            + " of them were swept: nothing is said of how first tries come out here.",
                    18,
                    y,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        FirstTries t = tries.get();
        boolean low = t.middle().value() < 0;
        pen.text(
                t.count() + " first tries came out "
                        + NumberText.shown(Math.abs(t.middle().value()), 1) + " % "
                        + (low ? "low" : "high") + ", half of them " + NumberText.signed(t.low(), 1) + " to "
                        + NumberText.signed(t.high(), 1) + " %: cut the next " + (low ? "shorter." : "longer."),
                18,
                y,
                Anchor.START,
                13,
                Face.TEXT,
                Role.INK,
                Origin.of(t.middle()));
    }
}
