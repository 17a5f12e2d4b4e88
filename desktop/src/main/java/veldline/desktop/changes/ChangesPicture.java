package veldline.desktop.changes;

import java.util.Optional;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.job.History;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The states of the job as steps of margin, one beside the other. */
final class ChangesPicture {
    private static final double TOP = 70;
    private static final double LEFT = 64;
    private static final double MOST_WIDE = 84;

    private final History history;
    private final Optional<Revisions> revisions;
    private final int picked;
    private final Pen pen;

    ChangesPicture(Showing s, History history, Optional<Revisions> revisions, double width, double height) {
        this.history = history;
        this.revisions = revisions;
        this.picked = ChangesBench.picked(s, history);
        this.pen = Picture.pen(width, height);
    }

    Picture draw() {
        pen.text("Margin after every edit", 18, 24, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words(
                "left and right walk the states, Enter goes back to one", 206, 24, Anchor.START, Face.TEXT, Role.SLATE);
        int n = history.steps().size();
        double bottom = pen.height() - 90;
        double wide = Math.min(MOST_WIDE, (pen.width() - LEFT - 30) / n);
        double low = 0;
        double high = 20;
        for (int i = 0; i < n; i++) {
            double m = margin(i).orElse(0.0);
            low = Math.min(low, m);
            high = Math.max(high, m);
        }
        Axis up = new Axis(Math.floor(low / 5) * 5, Math.ceil(high / 5) * 5 + 2, bottom, TOP);
        for (double db : up.ticks(6)) {
            pen.line(LEFT, up.at(db), LEFT + wide * n, up.at(db), db == 0 ? Role.THRIFT : Role.SAND, db == 0 ? 2 : 1);
            pen.tick(NumberText.signed(db, 0), LEFT - 8, up.at(db) + 4, Anchor.END);
        }
        for (int i = 0; i < n; i++) {
            state(i, LEFT + i * wide, wide, up);
        }
        foot(bottom);
        return pen.done();
    }

    private Optional<Double> margin(int i) {
        return revisions.flatMap(r -> r.margin(i));
    }

    private void state(int i, double x, double wide, Axis up) {
        if (i == picked) {
            pen.box(x, TOP, wide, up.start() - TOP, Role.MUSSEL_WASH);
            pen.outline(x, TOP, wide, up.start() - TOP, Role.MUSSEL, 2);
        }
        margin(i).ifPresent(m -> {
            double y = up.clamped(m);
            boolean undone = i > history.at();
            pen.line(
                    x,
                    y,
                    x + wide,
                    y,
                    undone ? Role.SLATE : Role.MUSSEL,
                    undone ? 1.5 : 4,
                    undone ? Dash.DASHED : Dash.SOLID);
            if (i > 0) {
                margin(i - 1)
                        .ifPresent(before -> pen.line(
                                x,
                                up.clamped(before),
                                x,
                                y,
                                undone ? Role.SLATE : Role.MUSSEL,
                                undone ? 1.5 : 4,
                                undone ? Dash.DASHED : Dash.SOLID));
            }
            if (wide > 40) {
                pen.text(
                        NumberText.shown(m, 1),
                        x + wide / 2,
                        y - 8,
                        Anchor.MIDDLE,
                        12.5,
                        Face.MONO,
                        Role.INK,
                        Origin.Plain.SCALE);
            }
        });
        if (i == history.at()) {
            pen.dot(x + wide / 2, up.start() + 10, 5, Role.MUSSEL, Role.SHEET, 1.5);
        }
        pen.zone(
                "revision:" + i,
                x,
                TOP,
                wide,
                up.start() - TOP + 20,
                history.steps().get(i).label());
    }

    private void foot(double bottom) {
        pen.text(
                (picked + 1) + " of " + history.steps().size() + ": "
                        + history.steps().get(picked).label(),
                LEFT,
                bottom + 46,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        pen.words(
                picked == history.at()
                        ? "in force"
                        : picked > history.at()
                                ? "taken back; Ctrl Y puts it in again"
                                : "earlier than the job in force",
                LEFT,
                bottom + 66,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
    }
}
