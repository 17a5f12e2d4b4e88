package veldline.sheet;

import java.util.List;
import java.util.stream.Stream;
import veldline.assess.Assessment;
import veldline.assess.Commissioning;
import veldline.assess.DayRules;
import veldline.assess.RaiseFigures;
import veldline.assess.RouteRules;
import veldline.explain.Caution;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.feed.FeedPart;
import veldline.job.Job;
import veldline.link.End;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.raise.Cautions;
import veldline.raise.Reminder;
import veldline.raise.Schedule;
import veldline.stock.Tool;

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
        return List.of(page.cautions(a, cautions()).done(), day(a, paper), commissioning(a, paper));
    }

    /** The steps with their times, what is carried along, and the way of the cable. */
    private static Picture day(Assessment a, Paper paper) {
        Page page = new Page(a, paper, "The day");
        Job job = a.job();
        Schedule plan = a.raise().schedule();
        page.down(26).put("Steps, usual times in minutes from the beginning", 0, 15, Face.BOLD, Origin.Plain.NAME);
        for (Schedule.Slot slot : plan.slots(DayRules.there(job))) {
            Schedule.Step step = plan.steps().get(slot.step());
            page.down(22)
                    .box(0)
                    .put(step.what(), 26, 13, Face.TEXT, Origin.Plain.NAME)
                    .put(
                            NumberText.shown(slot.from(), 0) + " to " + NumberText.shown(slot.to(), 0),
                            VALUE,
                            14,
                            Face.MONO,
                            Origin.of(step.time()));
            if (!step.waitsFor().isEmpty()) {
                page.down(16).put("then wait for " + step.waitsFor(), 26, 12, Face.TEXT, Origin.Plain.NAME);
            }
        }
        page.down(26).put("Carried along", 0, 15, Face.BOLD, Origin.Plain.NAME);
        Stream.concat(
                        plan.tools().stream().map(Tool::words),
                        job.run(job.madeNear()).parts().stream().map(FeedPart::name))
                .distinct()
                .forEach(what -> page.down(20).box(0).put(what, 26, 13, Face.TEXT, Origin.Plain.NAME));
        page.down(26).put("The way of the cable", 0, 15, Face.BOLD, Origin.Plain.NAME);
        row(page, "the way takes", RouteRules.length(job.raise().route()));
        typed(page, "tightest bend", job.raise().route().bend().toString());
        typed(page, "clip to clip", job.raise().route().clips().toString());
        page.down(26).put("Looked at later", 0, 15, Face.BOLD, Origin.Plain.NAME);
        for (Reminder r : Reminder.of(job.raise().day().begins())) {
            page.down(20).box(0).put(r.what(), 26, 13, Face.TEXT, Origin.Plain.NAME);
            page.put(r.on().toString().substring(0, 10), VALUE + 90, 13, Face.MONO, Origin.Plain.TYPED);
        }
        return page.done();
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
