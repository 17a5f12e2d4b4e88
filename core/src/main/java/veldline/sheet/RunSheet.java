package veldline.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import veldline.assess.Assessment;
import veldline.assess.FeedFigures;
import veldline.explain.Caution;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.feed.Branch;
import veldline.feed.CableClass;
import veldline.feed.CableEnd;
import veldline.feed.Connector;
import veldline.feed.DirectCurrent;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.Joint;
import veldline.feed.SeriesFacts;
import veldline.feed.Shopping;
import veldline.link.Diversity;
import veldline.link.End;
import veldline.link.RadioSheet;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.raise.Cautions;

/** A run to join by: what hangs on which port, each joint with its two halves and its torque, each cable's ends, labels for both. */
final class RunSheet implements Sheet {
    private static final double SECOND = 200;
    private static final double THIRD = 430;
    /** What runs on more is fed from the mains, which nobody opens. */
    private static final double MOST_DIRECT = 60;

    @Override
    public String title() {
        return "Run sheet";
    }

    @Override
    public List<Caution> cautions() {
        return Cautions.building();
    }

    @Override
    public List<Picture> pages(Assessment a, Paper paper) {
        List<Picture> pages = new ArrayList<>();
        if (a.job().brief().field().isEmpty()) {
            pages.add(page(a, paper, a.job().brief().near(), a.job().nearRun(), a.nearFeed()));
        }
        pages.add(page(a, paper, a.job().brief().far(), a.job().farRun(), a.farFeed()));
        pages.add(shopping(a, paper));
        return pages;
    }

    private Picture page(Assessment a, Paper paper, End end, FeedRun run, FeedFigures figures) {
        Page page = new Page(a, paper, "Run sheet, " + end.name());
        ports(page, end);
        joints(page, run, a.job().brief().frequency().value());
        outlets(page, figures, a.job().brief().frequency().value());
        ends(page, run);
        end.radio().sheet().filter(s -> s.supply().volts() <= MOST_DIRECT).ifPresent(s -> lasts(page, s));
        return page.cautions(a, cautions()).done();
    }

    /** A card to leave beside the radio. */
    private static void ports(Page page, End end) {
        heading(page, "What hangs where");
        List<RadioSheet.Port> ports = end.radio().sheet().map(RadioSheet::ports).orElse(List.of());
        if (ports.isEmpty()) {
            line(page, end.radio().name(), "the line's antenna", "");
        }
        int other = 0;
        for (int i = 0; i < ports.size(); i++) {
            RadioSheet.Port p = ports.get(i);
            boolean here = i == Math.min(end.port(), ports.size() - 1);
            String hangs = here
                    ? "the line's antenna"
                    : other < end.others().size() ? end.others().get(other++).words() : Diversity.Port.OPEN.words();
            line(
                    page,
                    "“" + p.name() + "”",
                    hangs,
                    (p.sends() ? "sends" : "only hears")
                            + (p.loaded() ? ", never without a load" : "")
                            + (p.bias() > 0 ? ", " + NumberText.shown(p.bias(), 0) + " V on it" : ""));
        }
    }

    private static void joints(Page page, FeedRun run, double frequency) {
        heading(page, "Joints, from the radio on");
        List<Joint> joints = run.joints();
        for (int i = 0; i < joints.size(); i++) {
            Joint j = joints.get(i);
            String torque = SeriesFacts.of(j.radioSide().family())
                    .flatMap(SeriesFacts::torque)
                    .map(t -> NumberText.shown(t, t < 10 ? 2 : 0) + " N·m")
                    .orElse("by hand");
            page.down(20)
                    .box(0)
                    .put((i + 1) + "  " + j.radioSide().tradeName(), 26, 13, Face.BOLD, Origin.Plain.NAME)
                    .put("into " + j.antennaSide().tradeName(), SECOND, 13, Face.TEXT, Origin.Plain.NAME)
                    .put(j.joins(frequency) ? torque : "does not join", THIRD, 13, Face.MONO, Origin.Plain.TYPED);
            if (i < run.parts().size()) {
                FeedPart p = run.parts().get(i);
                page.down(17)
                        .put(
                                p.name() + p.length().map(l -> ", " + l).orElse(""),
                                26,
                                12,
                                Face.TEXT,
                                Origin.Plain.TYPED);
            }
            page.down(5).dashed();
        }
    }

    /** Each branch, what it is made of and what it takes from the antenna to there. */
    private static void outlets(Page page, FeedFigures figures, double frequency) {
        if (figures.outlets().isEmpty()) {
            return;
        }
        heading(page, "Outlets beside it");
        for (FeedFigures.OfOutlet o : figures.outlets()) {
            Branch b = o.outlet().branch();
            page.down(20)
                    .box(0)
                    .put(b.name(), 26, 13, Face.BOLD, Origin.Plain.TYPED)
                    .put(
                            b.run().brokenAt(frequency).isPresent()
                                            && o.brokenAt().isPresent()
                                    ? "a joint does not hold"
                                    : b.ending().words(),
                            SECOND,
                            13,
                            Face.TEXT,
                            Origin.Plain.NAME)
                    .put(o.loss().shown(), THIRD, 13, Face.MONO, Origin.of(o.loss()));
            b.run()
                    .parts()
                    .forEach(p -> page.down(17)
                            .put(
                                    p.name() + p.length().map(l -> ", " + l).orElse(""),
                                    26,
                                    12,
                                    Face.TEXT,
                                    Origin.Plain.TYPED));
            page.down(5).dashed();
        }
    }

    /** What all runs of the job need, less what is in the drawer. */
    private Picture shopping(Assessment a, Paper paper) {
        Page page = new Page(a, paper, "To buy for the runs");
        List<FeedRun> runs = a.job().runs();
        for (Shopping.Line l : Shopping.of(runs, a.job().drawer())) {
            page.down(20)
                    .box(0)
                    .put(l.part().name(), 26, 13, Face.BOLD, Origin.Plain.NAME)
                    .put(l.toBuy() == 0 ? "all there" : "buy " + l.toBuy(), THIRD, 13, Face.MONO, Origin.Plain.TYPED);
            String counted = l.needed() + " needed, " + l.held() + " there"
                    + (l.lengths().isEmpty() ? "" : ": " + String.join(", ", l.lengths()));
            Paragraph.lines(counted, Page.LINE - 4)
                    .forEach(words -> page.down(17).put(words, 26, 12, Face.TEXT, Origin.Plain.TYPED));
            page.down(5).dashed();
        }
        Shopping.loads(runs)
                .forEach((face, n) ->
                        line(page, n + " × load, " + face.ohms() + " Ω", face.tradeName(), "for what is closed"));
        page.down(18)
                .put(
                        "Hold every part against its joint before paying: thread and contact, not the label.",
                        0,
                        12,
                        Face.TEXT,
                        Origin.Plain.NAME);
        return page.done();
    }

    /** What is bared of each kind of end, once for all that are alike. */
    private static void ends(Page page, FeedRun run) {
        Map<String, Integer> counted = new LinkedHashMap<>();
        Map<String, CableEnd> made = new LinkedHashMap<>();
        for (FeedPart p : run.parts()) {
            CableClass.of(p).ifPresent(cable -> {
                for (Connector side : List.of(p.radioSide(), p.antennaSide())) {
                    CableEnd.of(cable, side.family()).ifPresent(e -> {
                        String title = cable.name() + " for " + e.series().words();
                        counted.merge(title, 1, Integer::sum);
                        made.put(title, e);
                    });
                }
            });
        }
        if (made.isEmpty()) {
            return;
        }
        heading(page, "Cable ends, bared from the tip on");
        made.forEach((title, e) -> end(page, counted.get(title) + " × " + title, e));
        page.down(18)
                .put(
                        "Label every cable at both ends: its number in the list, what it is, the date.",
                        0,
                        12,
                        Face.TEXT,
                        Origin.Plain.NAME);
    }

    private static void end(Page page, String title, CableEnd e) {
        page.down(20)
                .box(0)
                .put(title, 26, 13, Face.BOLD, Origin.Plain.NAME)
                .put(
                        "inner " + mm(e.inner()) + ", dielectric " + mm(e.dielectric()) + ", screen " + mm(e.screen())
                                + " mm; " + e.way().words(),
                        SECOND + 30,
                        13,
                        Face.TEXT,
                        Origin.Plain.TYPED);
        page.down(16).put("On the cable first: " + e.slidesOn() + ".", 26, 12, Face.TEXT, Origin.Plain.NAME);
    }

    private static String mm(double mm) {
        return NumberText.shown(mm, mm % 1 == 0 ? 0 : 1);
    }

    private static void lasts(Page page, RadioSheet s) {
        DirectCurrent most = new DirectCurrent(
                s.supply().volts(), s.supply().watts() / s.supply().volts(), 0);
        Worked hours = most.lasts(DirectCurrent.CARRIED);
        for (String words : Paragraph.lines(
                "Supply: " + NumberText.shown(s.supply().volts(), 0) + " V, at most "
                        + NumberText.shown(s.supply().watts(), 0) + " W; a fuse of "
                        + NumberText.shown(most.fuse(), 2) + " A in it. A battery of that voltage and "
                        + NumberText.shown(DirectCurrent.CARRIED, 0) + " Ah lasts " + hours.shown() + " at full power.",
                Page.LINE - 4)) {
            page.down(18).put(words, 0, 12, Face.TEXT, Origin.of(hours));
        }
    }

    private static void heading(Page page, String words) {
        page.down(26).put(words, 0, 15, Face.BOLD, Origin.Plain.NAME);
    }

    private static void line(Page page, String what, String hangs, String note) {
        page.down(20)
                .put(what, 0, 13, Face.BOLD, Origin.Plain.NAME)
                .put(hangs, SECOND, 13, Face.TEXT, Origin.Plain.NAME)
                .put(note, THIRD, 12, Face.TEXT, Origin.Plain.NAME);
        page.down(5).dashed();
    }
}
