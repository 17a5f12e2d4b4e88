package veldline.desktop.theline;

import java.util.Locale;
import java.util.function.DoubleUnaryOperator;
import veldline.explain.Finding;
import veldline.explain.NumberKind;
import veldline.explain.Origin;
import veldline.link.LevelLine;
import veldline.link.LevelLine.Kind;
import veldline.link.LevelLine.Stop;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;

/** What stands written at the stops: name, what it adds or takes, the level behind it, and what does not fit. */
final class LineLabels {
    /** A column that does not hold the longest names. */
    private static final double NARROW = 100;

    private final LevelLine line;
    private final LineColumns columns;
    private final LineScale scale;
    private final Pen pen;
    private final DoubleUnaryOperator slopeAt;

    /** @param slopeAt height of the way's slope at a place across */
    LineLabels(LevelLine line, LineColumns columns, LineScale scale, Pen pen, DoubleUnaryOperator slopeAt) {
        this.line = line;
        this.columns = columns;
        this.scale = scale;
        this.pen = pen;
        this.slopeAt = slopeAt;
    }

    void draw(int i) {
        Stop s = line.stops().get(i);
        if (line.unknownFrom().filter(u -> i >= u).isPresent()) {
            unknownLabel(s, i);
            return;
        }
        boolean reached = reached(i);
        if (s.kind() == Kind.PATH) {
            double x = low() ? columns.from(i) + 12 : columns.from(i) + columns.width(i) * 0.6;
            names(s, x, low() ? pen.height() - 24 : Math.min(62, slopeAt.applyAsDouble(x) - 28), Anchor.START, i);
            return;
        }
        double m = columns.middle(i);
        if (i < line.path()) {
            double y = scale.nearY(
                    s.kind() == Kind.ANTENNA ? s.before() : s.level().value());
            double under = low() ? Math.max(pen.height() - 22, y + 26) : Math.max(pen.height() - 72, y + 34);
            pen.line(m, Math.min(under - 14, Math.max(under - 26, y + 6)), m, under - 14, Role.EDGE, 1);
            names(s, m, under, Anchor.MIDDLE, i);
            boolean cut = s.state() == Finding.Level.STOP && line.brokenAt().isPresent();
            double top = scale.nearY(s.level().value());
            boolean falls = top - scale.nearY(s.before()) > 26;
            boolean rises = scale.nearY(s.before()) - top > 26;
            double beside = underLimit(top) ? Math.max(top, y) + 18 : Math.min(top, y) - 9;
            double valueY =
                    s.kind() == Kind.ANTENNA ? (rises ? top + 20 : falls ? top - 9 : beside) : y - (cut ? 22 : 9);
            level(
                    s,
                    s.kind() == Kind.ANTENNA ? m - 6 : m,
                    valueY,
                    s.kind() == Kind.ANTENNA ? Anchor.END : Anchor.MIDDLE,
                    reached);
        } else {
            double y = Math.min(scale.farY(s.level().value()), scale.farY(s.before()));
            names(s, m, 20, Anchor.MIDDLE, i);
            if (s.state() == Finding.Level.STOP && !low()) {
                // The mark and its reason stand over the line, so the level goes beside the posts.
                level(s, m + 14, Math.max(y, 78) + 28, Anchor.START, reached);
            } else {
                pen.line(m, low() ? 26 : 42, m, y - 26, Role.EDGE, 1);
                level(s, m, y - 10, Anchor.MIDDLE, reached);
            }
        }
    }

    private boolean reached(int i) {
        return line.brokenAt().map(b -> i < b).orElse(true);
    }

    /** Whether the most that may be radiated is drawn where a number over a level would stand. */
    private boolean underLimit(double y) {
        return line.mostEirp()
                .filter(m -> m > -50)
                .map(scale::nearY)
                .filter(l -> l <= y && y - l < 26)
                .isPresent();
    }

    private void unknownLabel(Stop s, int i) {
        double m = columns.middle(i);
        boolean above = i > line.path();
        double y = above ? 20 : low() ? pen.height() - 32 : pen.height() - 72;
        pen.text(name(s), m, y, Anchor.MIDDLE, 12.5, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.sign(Finding.Level.UNKNOWN, m, low() ? y + 14 : y + 18);
    }

    /** In a narrow column “Hide antenna” is the antenna: which end it stands at can be seen. */
    private String name(Stop s) {
        boolean radio = s.kind() == Kind.RADIO || s.kind() == Kind.RECEIVER;
        // “Access point, two bands” is an access point where there is little room.
        String name = radio ? s.name().split(",")[0] : s.name();
        int space = name.lastIndexOf(' ');
        if (!radio && s.kind() != Kind.ANTENNA || space < 0 || columns.width(line.path() == 0 ? 1 : 0) >= NARROW) {
            return name;
        }
        return name.substring(space + 1, space + 2).toUpperCase(Locale.ROOT) + name.substring(space + 2);
    }

    private boolean low() {
        return LineScale.low(pen.height());
    }

    private void names(Stop s, double x, double y, Anchor anchor, int i) {
        pen.text(name(s), x, y, anchor, 12.5, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        if (low()) {
            return;
        }
        pen.text(s.verb() + " " + said(s), x, y + 16, anchor, 12, Face.TEXT, Role.SLATE, Origin.of(s.step()));
        boolean reached = reached(i);
        Finding.Level state = reached ? s.state() : s.state() == Finding.Level.STOP ? s.state() : Finding.Level.UNKNOWN;
        boolean marked = i < line.path()
                && (s.kind() != Kind.RADIO && (state != Finding.Level.FITS || s.kind() == Kind.ANTENNA));
        if (marked || state == Finding.Level.STOP) {
            double my = y + 32;
            pen.sign(state, x, my);
            String tag = state == Finding.Level.UNKNOWN && !reached ? "not reached" : s.tag();
            if (!tag.isEmpty()) {
                pen.text(tag, x, my + 22, anchor, 12.5, Face.BOLD, Role.INK, Origin.of(s.step()));
            }
        }
    }

    /** What a maker only claims stands in quotes. */
    private static String said(Stop s) {
        boolean claimed = s.step().inputs().stream().anyMatch(i -> i.kind() == NumberKind.CLAIMED);
        return claimed ? "‘" + s.step().number() + "’" : s.step().number();
    }

    private void level(Stop s, double x, double y, Anchor anchor, boolean reached) {
        String text = reached ? s.level().number() : "(" + s.level().number() + ")";
        pen.text(text, x, y, anchor, 15, Face.MONO_BOLD, reached ? Role.INK : Role.SLATE, Origin.of(s.level()));
    }
}
