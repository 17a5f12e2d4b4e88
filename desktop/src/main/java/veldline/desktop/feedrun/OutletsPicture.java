package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import veldline.assess.FeedFigures;
import veldline.assess.OutletLevel;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.feed.Branch;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.Outlet;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The run as a tree on a scale of levels: what hangs on each outlet stands where its level is, floor and wish run through all of them. */
final class OutletsPicture {
    private static final double LEFT = 18;
    private static final double NAMES = 236;
    private static final double RIGHT = 104;
    private static final double TOP = 72;
    private static final double FOOT = 40;
    private static final double LETTER = 5.2;
    private static final double MOST_ROW = 84;
    /** Below the floor and above the antenna so much is shown, dB. */
    private static final double ROOM = 6;
    /** Of a run whose levels are not known, so much loss is shown, dB. */
    private static final double MOST_LOSS = 40;

    private final Showing s;
    private final Pen pen;
    private final FeedRun run;
    private final List<FeedFigures.OfOutlet> outlets;
    /** Level behind the antenna; empty for a run whose levels nobody knows, which is then drawn by its loss. */
    private final Optional<Double> antenna;

    private final Axis x;
    private final double row;

    OutletsPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.run = FeedRunBench.run(s);
        this.outlets = OutletsLook.all(s);
        this.antenna = near() ? Optional.empty() : OutletLevel.antenna(s.assessment());
        this.x = antenna.map(a -> {
                    double most = outlets.stream()
                            .mapToDouble(o -> a - o.outlet().trunk())
                            .max()
                            .orElse(a);
                    double least = s.assessment().line().floor() - ROOM;
                    return new Axis(least, Math.max(Math.max(a, most), least + 2 * ROOM) + ROOM, NAMES, width - RIGHT);
                })
                .orElseGet(() -> new Axis(-MOST_LOSS, ROOM, NAMES, width - RIGHT));
        this.row = Math.min(MOST_ROW, (height - TOP - FOOT) / (outlets.size() + 2));
    }

    /** From the antenna to whatever stands at a place, dB. */
    double lossAt(double place) {
        return antenna.orElse(0.0) - x.value(place);
    }

    Picture draw() {
        if (outlets.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "Nothing hangs on this run beside its own radio.",
                            "A splitter or a tap gives it outlets; fit one from the drawer, then hang here what it leads to.")
                    .done();
        }
        pen.text(
                near()
                        ? s.job().brief().near().shortName() + " end, its outlets"
                        : s.job().brief().far().shortName() + " end, its outlets",
                LEFT,
                22,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        pen.words(
                antenna.isPresent()
                        ? "each at its level; drag one: its cable gets as long"
                        : "each at its loss; drag one: its cable gets as long",
                NAMES,
                22,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        scale();
        own();
        for (int i = 0; i < outlets.size(); i++) {
            branch(i);
        }
        return pen.done();
    }

    private double y(int place) {
        return TOP + (place + 0.5) * row;
    }

    private void scale() {
        double bottom = TOP + row * (outlets.size() + 2);
        if (antenna.isPresent()) {
            double floor = s.assessment().line().floor();
            double wish = s.assessment().line().wish();
            pen.hatched(x.start(), TOP - 6, x.at(floor) - x.start(), bottom - TOP + 6, Role.THRIFT, Hatch.DIAGONAL);
            pen.line(x.at(floor), TOP - 6, x.at(floor), bottom, Role.THRIFT, 2);
            pen.line(x.at(wish), TOP - 6, x.at(wish), bottom, Role.EDGE, 1.5, Dash.DASHED);
            boolean close = x.at(wish) - x.at(floor) < 80;
            pen.words(
                    "too weak",
                    x.at(floor) - (close ? 4 : 0),
                    TOP - 14,
                    close ? Anchor.END : Anchor.MIDDLE,
                    Face.TEXT,
                    Role.INK);
            pen.words(
                    "wanted",
                    x.at(wish) + (close ? 4 : 0),
                    TOP - 14,
                    close ? Anchor.START : Anchor.MIDDLE,
                    Face.TEXT,
                    Role.INK);
        }
        for (double tick : x.ticks(8)) {
            pen.line(x.at(tick), bottom, x.at(tick), bottom + 5, Role.EDGE, 1);
            pen.tick(NumberText.shown(tick, 0), x.at(tick), bottom + 18, Anchor.MIDDLE);
        }
        pen.line(x.start(), bottom, x.end(), bottom, Role.EDGE, 1);
        pen.words(antenna.isPresent() ? "dBm" : "dB", x.end() + 30, bottom + 18, Anchor.START, Face.TEXT, Role.SLATE);
    }

    /** From the antenna to where the first branch leaves, and the way from the last of them to the radio of the line itself. */
    private void own() {
        Worked total = FeedRunBench.figures(s).total();
        double first = trunks().max().orElse(0);
        double last = trunks().min().orElse(0);
        line(y(0), "The antenna", near() ? "sends" : "hears", false);
        pen.line(at(0), y(0), at(last), y(0), Role.INK, 4);
        pen.line(at(0), y(0), at(first), y(0), Role.INK, 4);
        pen.dot(at(0), y(0), 5, Role.INK, Role.INK, 1);
        trunks().forEach(t -> pen.line(at(t), y(0), at(t), lowest(t), Role.INK, 1.5));
        String name = (near() ? s.job().brief().near() : s.job().brief().far())
                .radio()
                .name();
        line(y(1), name, "the line's own", false);
        int inner = run.branches().stream().mapToInt(Branch::part).min().orElse(0);
        int outer = run.branches().stream().mapToInt(Branch::part).max().orElse(0);
        boolean up = at(first) > at(0);
        parts(
                back(run.parts(), run.parts().size() - 1, outer + 1),
                at(0) + (up ? 10 : -10),
                y(0),
                up ? Anchor.START : Anchor.END);
        pen.line(at(trunk(inner)), y(1), at(total.value()), y(1), Role.INK, 3);
        parts(back(run.parts(), inner, 0), at(trunk(inner)) - 6, y(1), Anchor.END);
        stand(y(1), total, level(total), Finding.Level.FITS, false);
    }

    /** Parts from one place down to another, which is how they are met from the antenna. */
    private static List<FeedPart> back(List<FeedPart> parts, int high, int low) {
        return IntStream.rangeClosed(low, high)
                .mapToObj(i -> parts.get(high + low - i))
                .toList();
    }

    /** What it takes to get from the antenna to a part of the run. */
    private double trunk(int part) {
        return outlets.stream()
                .map(FeedFigures.OfOutlet::outlet)
                .filter(o -> o.path().size() == 1 && o.branch().part() == part)
                .mapToDouble(Outlet::trunk)
                .findFirst()
                .orElse(0);
    }

    /** Of every part of the run that something hangs on, once. */
    private DoubleStream trunks() {
        return run.branches().stream().mapToInt(Branch::part).distinct().mapToDouble(this::trunk);
    }

    /** How far down the stroke goes to which branches of a part hang. */
    private double lowest(double trunk) {
        return y(1
                + IntStream.range(0, outlets.size())
                        .filter(i -> outlets.get(i).outlet().path().size() == 1
                                && outlets.get(i).outlet().trunk() == trunk)
                        .map(i -> i + 1)
                        .max()
                        .orElse(0));
    }

    private boolean near() {
        return FeedRunBench.near(s);
    }

    private Optional<Worked> level(Worked loss) {
        return near() ? Optional.empty() : OutletLevel.of(s.assessment(), loss).map(OutletLevel::level);
    }

    /** Where a loss from the antenna stands, kept on the paper. */
    private double at(double loss) {
        return Math.max(x.start(), Math.min(x.end(), x.at(antenna.orElse(0.0) - loss)));
    }

    private void branch(int i) {
        FeedFigures.OfOutlet o = outlets.get(i);
        Branch b = o.outlet().branch();
        boolean chosen = OutletsLook.chosen(s).filter(c -> c == i).isPresent();
        double y = y(i + 2);
        if (chosen) {
            pen.box(LEFT - 8, y - row / 2 + 2, NAMES - LEFT - 4, row - 4, Role.MUSSEL_WASH);
            pen.outline(LEFT - 8, y - row / 2 + 2, NAMES - LEFT - 4, row - 4, Role.MUSSEL, 2);
        }
        line(y, b.name(), b.ending().words(), chosen);
        boolean weak = !near()
                && b.ending() == Branch.Ending.RADIO
                && OutletLevel.of(s.assessment(), o.loss())
                        .filter(l -> l.margin().value()
                                < s.job().brief().marginWanted().value())
                        .isPresent();
        Finding.Level state = o.brokenAt().isPresent()
                ? Finding.Level.STOP
                : weak || b.ending() == Branch.Ending.OPEN ? Finding.Level.WATCH : Finding.Level.FITS;
        tree(i, y, b);
        stand(y, o.loss(), level(o.loss()), state, chosen);
        pen.zone(
                "outlet:" + i,
                LEFT - 8,
                y - row / 2,
                NAMES - LEFT,
                row,
                b.name() + ", " + b.ending().words());
        pen.zone("level:" + i, at(o.loss().value()) - 14, y - 14, 28, 28, "level at " + b.name() + ", drag it");
    }

    private void line(double y, String name, String note, boolean bold) {
        pen.text(name, LEFT, y - 2, Anchor.START, 13, bold ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.TYPED);
        pen.words(note, LEFT, y + 14, Anchor.START, Face.TEXT, Role.SLATE);
    }

    /** From where it leaves to where it ends: what is lost in between is the length of the stroke. */
    private void tree(int i, double y, Branch branch) {
        Outlet o = outlets.get(i).outlet();
        double from = at(o.trunk());
        if (!o.holder().isEmpty()) {
            IntStream.range(0, i)
                    .filter(k -> outlets.get(k).outlet().path().equals(o.holder()))
                    .findFirst()
                    .ifPresent(k -> pen.line(from, y(k + 2), from, y, Role.INK, 1.5));
        }
        double to = at(outlets.get(i).loss().value());
        pen.line(from, y, to, y, Role.INK, 3, branch.ending() == Branch.Ending.RADIO ? Dash.SOLID : Dash.DASHED);
        List<FeedPart> own = branch.run().parts();
        List<FeedPart> hang = new ArrayList<>(List.of(o.split()));
        hang.addAll(back(own, own.size() - 1, 0));
        parts(hang, from - 6, y, Anchor.END);
    }

    /** What a stroke is made of, in the order it is met from the antenna. */
    private void parts(List<FeedPart> parts, double at, double y, Anchor anchor) {
        String words = parts.stream()
                .map(p -> p.kind().words().toLowerCase(Locale.ROOT)
                        + p.length().map(l -> " " + l).orElse(""))
                .collect(Collectors.joining(", "));
        // Floor and wish run down behind it.
        double wide = LETTER * words.length() + 4;
        pen.box(anchor == Anchor.END ? at - wide + 3 : at - 3, y + 8, wide, 17, Role.SHEET);
        pen.text(words, at, y + 20, anchor, 12, Face.TEXT, Role.SLATE, Origin.Plain.TYPED);
    }

    private void stand(double y, Worked loss, Optional<Worked> level, Finding.Level state, boolean chosen) {
        double at = at(loss.value());
        pen.dot(at, y, 7, chosen ? Role.MUSSEL : Role.SHEET, Role.INK, 2.5);
        if (state != Finding.Level.FITS) {
            pen.sign(state, at, y - 20);
        }
        Worked shown = level.orElse(loss);
        pen.text(
                shown.shown(),
                pen.width() - LEFT,
                y + 5,
                Anchor.END,
                13,
                chosen ? Face.MONO_BOLD : Face.MONO,
                Role.INK,
                Origin.of(shown));
    }
}
