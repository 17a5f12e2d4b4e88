package veldline.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import veldline.antenna.Made;
import veldline.assess.Assessment;
import veldline.build.BuildPlan;
import veldline.build.Correction;
import veldline.build.FeedPoint;
import veldline.build.Nesting;
import veldline.build.Step;
import veldline.explain.Origin;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.stock.Tool;

/** The work beside the cut list: bill, stock, boom, feed point, steps with their hold points, and what shifts the dip. */
final class WorkPages {
    private static final double LEAST = 40;

    private final Assessment a;
    private final Paper paper;
    private final List<Picture> pages = new ArrayList<>();
    private Page page;

    WorkPages(Assessment a, Paper paper) {
        this.a = a;
        this.paper = paper;
        this.page = new Page(a, paper, "Building it");
    }

    List<Picture> of(Made made, BuildPlan plan) {
        heading("What goes in");
        plan.bill().forEach(this::line);
        heading("Tools");
        line(plan.tools().stream().map(Tool::words).collect(Collectors.joining(", ")));
        heading("From the stock, saw cut counted");
        plan.stock().bars().forEach(b -> line(bar(b)));
        plan.stock()
                .tooLong()
                .forEach(p -> line(p.name() + ", " + mm(p.length()) + " mm, is longer than any bar: join it."));
        if (!plan.marks().marks().isEmpty()) {
            heading("Boom, " + NumberText.shown(plan.marks().boom() * 1000, 0) + " mm, marks from one end");
            line(plan.marks().marks().stream()
                    .map(m -> m.name() + " " + mm(m.at()))
                    .collect(Collectors.joining("   ")));
        }
        room(FeedPoint.HEIGHT + 20);
        heading("Feed point");
        page.pen().place(FeedPoint.draw(made.balanced(), paper.room()), page.left(), page.y() + 2);
        page.down(FeedPoint.HEIGHT + 4);
        heading("Steps; go on only when what stands after “hold” is seen");
        int n = 1;
        for (Step s : plan.steps()) {
            step(n++, s);
        }
        heading("What shifts the dip, one by one");
        plan.corrections().forEach(this::correction);
        pages.add(page.done());
        return pages;
    }

    private void room(double wanted) {
        if (page.roomLeft() < wanted) {
            pages.add(page.done());
            page = new Page(a, paper, "Building it, on");
        }
    }

    private void heading(String text) {
        room(2 * LEAST);
        page.down(24).put(text, 0, 14, Face.BOLD, Origin.Plain.NAME);
    }

    private void line(String text) {
        for (String line : Paragraph.lines(text, Page.LINE)) {
            room(LEAST / 2);
            page.down(16).put(line, 0, 12, Face.TEXT, Origin.Plain.TYPED);
        }
    }

    private void step(int n, Step s) {
        List<String> lines = Paragraph.lines(s.text(), Page.LINE - 8);
        room(16 * (lines.size() + 2) + 8);
        page.down(20).box(0).put(n + ".", 24, 13, Face.MONO_BOLD, Origin.Plain.NAME);
        for (int i = 0; i < lines.size(); i++) {
            page.down(i == 0 ? 0 : 16).put(lines.get(i), 52, 12, Face.TEXT, Origin.Plain.TYPED);
        }
        s.hold().ifPresent(h -> page.down(16).put("Hold: " + h + ".", 52, 12, Face.BOLD, Origin.Plain.NAME));
        s.caution().ifPresent(c -> {
            for (String line : Paragraph.lines(c.hazard() + ": " + c.advice(), Page.LINE - 8)) {
                page.down(15).put(line, 52, 12, Face.TEXT, Origin.Plain.NAME);
            }
        });
    }

    private void correction(Correction c) {
        room(LEAST);
        page.down(18).put(c.name(), 0, 12, Face.BOLD, Origin.Plain.NAME);
        c.shift()
                .ifPresentOrElse(
                        s -> page.putEnd(s.shown(), 300, 12, Face.MONO, Origin.of(s)),
                        () -> page.putEnd("?", 300, 12, Face.MONO, Origin.Plain.NAME));
        List<String> lines = Paragraph.lines((c.included() ? "In the lengths. " : "") + c.words(), 58);
        for (int i = 0; i < lines.size(); i++) {
            page.down(i == 0 ? 0 : 15).put(lines.get(i), 316, 12, Face.TEXT, Origin.Plain.NAME);
        }
    }

    private static String bar(Nesting.Bar b) {
        return NumberText.shown(b.size() * 1000, 1) + " mm, " + NumberText.shown(b.length(), 2) + " m: "
                + b.pieces().stream().map(p -> p.name() + " " + mm(p.length())).collect(Collectors.joining(" + "))
                + "; " + mm(b.left()) + " left";
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1);
    }
}
