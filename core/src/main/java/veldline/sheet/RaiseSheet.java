package veldline.sheet;

import java.util.List;
import veldline.assess.Assessment;
import veldline.assess.Commissioning;
import veldline.assess.RaiseFigures;
import veldline.explain.Caution;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.link.End;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Picture;
import veldline.raise.Cautions;

/** What to have in hand at the mast: where to point, how high, what to keep clear of, and steps to tick. */
final class RaiseSheet implements Sheet {
    private static final double VALUE = 330;
    private static final int LETTERS = 88;

    @Override
    public String title() {
        return "Raising sheet";
    }

    @Override
    public List<Caution> cautions() {
        return Cautions.raising();
    }

    @Override
    public List<Picture> pages(Assessment a, Paper paper) {
        Page page = new Page(a, paper, "Raising sheet");
        RaiseFigures r = a.raise();
        end(page, a.job().brief().near(), r.nearBearing(), r.nearTilt());
        r.compass().ifPresent(c -> row(page, "by compass, clear of steel", c));
        end(page, a.job().brief().far(), r.farBearing(), r.farTilt());
        page.down(26).put("Both ends", 0, 15, Face.BOLD, Origin.Plain.NAME);
        row(page, "distance by the coordinates", r.distance());
        r.mount().ifPresent(m -> {
            row(page, "moment at the clamp, gust of " + a.job().raise().mount().wind(), m.moment());
            row(page, "it sways by", m.sway());
        });
        r.aimError().ifPresent(e -> row(page, "off by this much either way costs 1 dB", e));
        row(page, "keep overhead lines at least this far", r.clearOfLines());
        a.exposure().ifPresent(e -> row(page, "keep people at least this far", e));
        typed(
                page,
                "field, seen from behind",
                a.job()
                        .antenna(a.job().madeNear())
                        .polarized()
                        .map(p -> p.words())
                        .orElse("not known yet"));
        page.down(26).put("In this order", 0, 15, Face.BOLD, Origin.Plain.NAME);
        for (String step : List.of(
                "Look up: lines, roof, people below. Walk away if one of them is wrong.",
                "Radio off. Antenna, clamp, drip loop and seal made up on the ground.",
                "Up, clamp finger tight, elements as above, bearing by compass: true less east declination.",
                "Radio on at low power, people clear. Swing to both half-power edges, set the middle.",
                "Tighten, read once more, write it in the log. Count the tools.")) {
            page.down(22).box(0).put(step, 26, 13, Face.TEXT, Origin.Plain.NAME);
        }
        return List.of(page.cautions(a, cautions()).done(), commissioning(a, paper));
    }

    /** Looked at one after the other before it is handed over. */
    private static Picture commissioning(Assessment a, Paper paper) {
        Page page = new Page(a, paper, "Commissioning");
        page.down(26).put("Looked at before it is handed over", 0, 15, Face.BOLD, Origin.Plain.NAME);
        for (Commissioning.Item item : Commissioning.of(a).items()) {
            page.down(22)
                    .box(0)
                    .put(item.done() ? "x" : "", 4, 13, Face.MONO_BOLD, Origin.Plain.TYPED)
                    .put(item.where(), 26, 13, Face.BOLD, Origin.Plain.NAME);
            item.expected().ifPresent(e -> page.put(e.shown(), VALUE, 14, Face.MONO_BOLD, Origin.of(e)));
            for (String line : Paragraph.lines(item.what(), LETTERS)) {
                page.down(16).put(line, 26, 12, Face.TEXT, Origin.Plain.NAME);
            }
        }
        return page.done();
    }

    private static void end(Page page, End end, Worked bearing, Worked tilt) {
        page.down(28).put(end.name(), 0, 15, Face.BOLD, Origin.Plain.TYPED);
        row(page, "points, from true north", bearing);
        row(page, "tilt, up is plus", tilt);
        typed(page, "height over low water", end.height().toString());
        typed(page, "north, east", end.latitude() + ", " + end.longitude());
    }

    private static void row(Page page, String what, Worked value) {
        page.down(20)
                .put(what, 0, 13, Face.TEXT, Origin.Plain.NAME)
                .put(value.shown(), VALUE, 14, Face.MONO_BOLD, Origin.of(value));
        page.down(5).dashed();
    }

    private static void typed(Page page, String what, String value) {
        page.down(20)
                .put(what, 0, 13, Face.TEXT, Origin.Plain.NAME)
                .put(value, VALUE, 14, Face.MONO, Origin.Plain.TYPED);
        page.down(5).dashed();
    }
}
