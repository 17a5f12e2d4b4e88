package veldline.desktop.raise;

import java.util.List;
import veldline.assess.BenchGate;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/** A way from the bench to the mast with a gate for each thing that must be right first; those that are shut bar it. */
final class GatePicture {
    private static final double TOP = 96;
    private static final double WAY = 64;
    private static final double LETTER = 6.9;

    private final Showing s;
    private final BenchGate gate;
    private final Pen pen;
    private final double row;

    GatePicture(Showing s, double width, double height) {
        this.s = s;
        this.gate = BenchGate.of(s.assessment());
        this.pen = Picture.pen(width, height);
        this.row = (height - TOP - 24) / gate.items().size();
    }

    Picture draw() {
        long shut = gate.shut();
        long open = gate.open();
        String verdict = shut > 0
                ? "Stay down: " + shut + (shut == 1 ? " gate is shut." : " gates are shut.")
                : open > 0
                        ? "Not yet: " + open + (open == 1 ? " gate was not looked at." : " gates were not looked at.")
                        : "Nothing here stands against going up.";
        pen.sign(shut > 0 ? Finding.Level.STOP : open > 0 ? Finding.Level.UNKNOWN : Finding.Level.FITS, 30, 32);
        pen.text(verdict, 50, 39, Anchor.START, 20, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("on the ground, before anybody climbs", 50, 62, Anchor.START, Face.TEXT, Role.SLATE);
        int chosen = GateInputs.chosen(s, gate);
        boolean barred = false;
        for (int i = 0; i < gate.items().size(); i++) {
            barred = item(gate.items().get(i), i, i == chosen, barred);
        }
        return pen.done();
    }

    /** @return whether the way is barred behind it */
    private boolean item(BenchGate.Item item, int i, boolean on, boolean barred) {
        double y = TOP + i * row;
        double middle = y + Math.min(row / 2, 26);
        if (on) {
            pen.box(10, y + 2, pen.width() - 20, row - 4, Role.MUSSEL_WASH);
        }
        boolean shut = item.level() == Finding.Level.STOP;
        pen.line(
                WAY,
                y,
                WAY,
                middle - 12,
                barred ? Role.EDGE : Role.MUSSEL,
                barred ? 1.5 : 4,
                barred ? Dash.DASHED : Dash.SOLID);
        boolean after = barred || shut;
        pen.line(
                WAY,
                middle + 12,
                WAY,
                y + row,
                after ? Role.EDGE : Role.MUSSEL,
                after ? 1.5 : 4,
                after ? Dash.DASHED : Dash.SOLID);
        if (shut) {
            pen.hatched(WAY - 26, middle - 5, 52, 10, Role.THRIFT, Hatch.DIAGONAL);
            pen.outline(WAY - 26, middle - 5, 52, 10, Role.THRIFT, 2);
        } else {
            pen.sign(item.level(), WAY, middle);
        }
        pen.text(
                item.what(),
                112,
                middle - 4,
                Anchor.START,
                14,
                on ? Face.BOLD : Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        item.worked()
                .ifPresent(w -> pen.text(
                        w.shown(),
                        pen.width() - 24,
                        middle - 4,
                        Anchor.END,
                        14,
                        Face.MONO_BOLD,
                        Role.INK,
                        Origin.of(w)));
        int letters = (int) ((pen.width() - 136) / LETTER);
        List<String> lines = Paragraph.lines(item.says(), letters);
        int room = (int) Math.max(1, (row - 30) / 15);
        for (int k = 0; k < Math.min(room, lines.size()); k++) {
            boolean cut = k == room - 1 && lines.size() > room;
            String text = cut ? lines.get(k).replaceFirst("\\s*\\S*$", " …") : lines.get(k);
            pen.text(
                    text,
                    112,
                    middle + 14 + 15 * k,
                    Anchor.START,
                    12.5,
                    Face.TEXT,
                    Role.SLATE,
                    item.worked().map(Origin::of).orElse(Origin.Plain.NAME));
        }
        pen.zone("gate:" + i, 10, y + 2, pen.width() - 20, row - 4, item.what());
        return after;
    }
}
