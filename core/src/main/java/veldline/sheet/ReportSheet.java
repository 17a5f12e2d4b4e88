package veldline.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.YagiDrawing;
import veldline.antenna.YagiShape;
import veldline.assess.AntennaFigures;
import veldline.assess.Assessment;
import veldline.assess.ProveFigures;
import veldline.assess.Step;
import veldline.explain.Caution;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Program;
import veldline.explain.Worked;
import veldline.link.LevelLine;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.quantity.NumberText;

/** The whole job on one page: the chain with its levels, the result and its doubt, the antenna, what was measured. */
final class ReportSheet implements Sheet {
    private static final double ROW = 17;
    private static final double LEVEL = 330;
    private static final double STEP = 250;
    private static final double RIGHT = 366;
    private static final int COLUMNS = 3;
    private static final int MOST_OPEN = 5;

    @Override
    public String title() {
        return "Report";
    }

    /** A report is read at a table; nothing in it has to be ticked first. */
    @Override
    public List<Caution> cautions() {
        return List.of();
    }

    @Override
    public List<Picture> pages(Assessment a, Paper paper) {
        Page page = new Page(a, paper, "Report");
        page.down(24);
        double top = page.y();
        chain(page, a);
        double below = page.y();
        result(page, a, top);
        page.to(Math.max(below, page.y()));
        a.job().yagi().ifPresent(y -> antenna(page, paper, a, y));
        a.prove().value().ifPresent(p -> measured(page, p));
        open(page, a);
        versions(page, a);
        return List.of(page.done());
    }

    private static void chain(Page page, Assessment a) {
        page.put("The line", 0, 14, Face.BOLD, Origin.Plain.NAME)
                .putEnd("dB", STEP, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("dBm", LEVEL, 12, Face.TEXT, Origin.Plain.NAME);
        List<LevelLine.Stop> stops = a.line().stops();
        int known = a.line().unknownFrom().orElse(stops.size());
        for (int i = 0; i < stops.size(); i++) {
            LevelLine.Stop s = stops.get(i);
            boolean reached = i < known
                    && a.line().brokenAt().map(b -> b > stops.indexOf(s)).orElse(true);
            page.down(ROW).put(s.name(), 0, 12.5, Face.TEXT, Origin.Plain.TYPED);
            if (s.kind() != LevelLine.Kind.RECEIVER && i < known) {
                page.putEnd(sign(s) + s.step().number(), STEP, 12.5, Face.MONO, Origin.of(s.step()));
            }
            page.putEnd(
                    reached ? s.level().number() : "not reached",
                    LEVEL,
                    12.5,
                    Face.MONO_BOLD,
                    reached ? Origin.of(s.level()) : Origin.Plain.NAME);
        }
    }

    private static String sign(LevelLine.Stop s) {
        return s.verb().equals("takes") ? "−" : s.verb().equals("adds") ? "+" : "";
    }

    private static void result(Page page, Assessment a, double top) {
        double after = page.y();
        page.to(top).put("What it comes to", RIGHT, 14, Face.BOLD, Origin.Plain.NAME);
        if (a.line().answered()) {
            Worked margin = a.line().margin();
            figure(page, "margin", margin);
            said(page, "± " + NumberText.shown(margin.doubt().orElse(0.0), 1) + " dB, most of it from", margin);
            a.line().doubts().stream()
                    .limit(3)
                    .forEach(d -> said(page, "  " + d.of() + ", " + NumberText.shown(d.db(), 1), margin));
            said(page, "wanted " + a.job().brief().marginWanted(), margin);
        } else {
            page.down(ROW).put("No margin yet.", RIGHT, 12.5, Face.BOLD, Origin.Plain.NAME);
        }
        a.eirp().ifPresent(e -> figure(page, "EIRP", e));
        a.moving().ifPresent(m -> figure(page, "headings that hold", m.holds()));
        page.to(Math.max(after, page.y()));
    }

    private static void figure(Page page, String what, Worked w) {
        page.down(ROW + 2)
                .put(what, RIGHT, 12.5, Face.TEXT, Origin.Plain.NAME)
                .putEnd(w.shown(), RIGHT + 280, 14, Face.MONO_BOLD, Origin.of(w));
    }

    private static void said(Page page, String text, Worked from) {
        page.down(ROW - 1).put(text, RIGHT, 12, Face.TEXT, Origin.of(from));
    }

    private static void antenna(Page page, Paper paper, Assessment a, YagiShape y) {
        page.down(14)
                .rule(0.8)
                .down(20)
                .put(y.title() + ", " + y.diameter() + " " + y.metal().words(), 0, 14, Face.BOLD, Origin.Plain.TYPED);
        a.antenna().value().ifPresent(f -> figures(page, f));
        Pen drawing = Picture.pen(paper.room(), YagiDrawing.HEIGHT);
        new YagiDrawing(y, paper.room(), -1).draw(drawing);
        page.pen().place(drawing.done(), page.left(), page.y() + 4);
        page.down(YagiDrawing.HEIGHT + 12);
        List<YagiShape.Cut> cuts = y.cutList(a.job().brief().frequency().value());
        int rows = (cuts.size() + COLUMNS - 1) / COLUMNS;
        double wide = paper.room() / COLUMNS;
        double start = page.y();
        for (int i = 0; i < cuts.size(); i++) {
            YagiShape.Cut c = cuts.get(i);
            double in = wide * (i / rows);
            page.to(start + ROW * (1 + i % rows))
                    .put(c.name(), in, 12.5, Face.TEXT, Origin.Plain.NAME)
                    .putEnd(mm(c.cut()), in + 116, 12.5, Face.MONO_BOLD, Origin.Plain.TYPED)
                    .putEnd("at " + mm(c.distance()), in + 206, 12, Face.MONO, Origin.Plain.TYPED);
        }
        page.to(start + ROW * rows + 4);
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1);
    }

    private static void figures(Page page, AntennaFigures f) {
        page.down(ROW + 2)
                .put(f.gain().shown(), 0, 13, Face.MONO_BOLD, Origin.of(f.gain()))
                .put("gain", 76, 12, Face.TEXT, Origin.Plain.NAME)
                .put(f.frontToBack().shown(), 140, 13, Face.MONO_BOLD, Origin.of(f.frontToBack()))
                .put("front to back", 212, 12, Face.TEXT, Origin.Plain.NAME)
                .put("SWR " + f.swr().number(), 330, 13, Face.MONO_BOLD, Origin.of(f.swr()))
                .put(
                        f.resistance().number() + " Ω, " + f.reactance().number() + " Ω off step",
                        424,
                        12,
                        Face.TEXT,
                        Origin.of(f.resistance()));
        page.down(ROW - 1)
                .put(
                        "± " + NumberText.shown(f.gain().doubt().orElse(0.0), 1) + " dB of gain; " + f.unknowns()
                                + " current unknowns on the standard mesh",
                        0,
                        12,
                        Face.TEXT,
                        Origin.of(f.gain()));
    }

    private static void measured(Page page, ProveFigures p) {
        Worked gained = p.comparison().difference();
        page.down(14).rule(0.8).down(20).put("Measured", 0, 14, Face.BOLD, Origin.Plain.NAME);
        page.down(ROW)
                .put(p.before().setUp() + ", then " + p.after().setUp(), 0, 12.5, Face.TEXT, Origin.Plain.TYPED)
                .putEnd(
                        NumberText.signed(gained.value(), 1) + " dB, "
                                + NumberText.shown(p.comparison().low(), 1) + " to "
                                + NumberText.shown(p.comparison().high(), 1),
                        page.right() - page.left(),
                        13,
                        Face.MONO_BOLD,
                        Origin.Plain.MEASURED);
        page.down(ROW)
                .put("margin, measured", 0, 12.5, Face.TEXT, Origin.Plain.NAME)
                .putEnd(p.margin().shown(), page.right() - page.left(), 13, Face.MONO_BOLD, Origin.Plain.MEASURED);
    }

    /** What is left to see to, the worst first. */
    private static void open(Page page, Assessment a) {
        List<Finding> left = new ArrayList<>();
        for (Step step : Step.values()) {
            a.of(step).stream()
                    .filter(f -> f.level() == Finding.Level.STOP || f.level() == Finding.Level.WATCH)
                    .filter(f -> left.stream().noneMatch(g -> g.sentence().equals(f.sentence())))
                    .forEach(left::add);
        }
        left.sort(java.util.Comparator.comparing(Finding::level).reversed());
        page.down(14)
                .rule(0.8)
                .down(20)
                .put(
                        left.isEmpty() ? "Nothing is left to see to." : "Still to see to",
                        0,
                        14,
                        Face.BOLD,
                        Origin.Plain.NAME);
        for (Finding f : left.subList(0, Math.min(MOST_OPEN, left.size()))) {
            String line = Paragraph.lines(f.sentence(), Page.LINE - 6).get(0);
            page.down(ROW);
            page.put(f.level() == Finding.Level.STOP ? "stop" : "watch", 0, 12, Face.BOLD, Origin.Plain.NAME);
            page.put(line, 46, 12, Face.TEXT, f.worked().map(Origin::of).orElse(Origin.Plain.NAME));
        }
        if (left.size() > MOST_OPEN) {
            page.down(ROW).put((left.size() - MOST_OPEN) + " more in the window", 46, 12, Face.TEXT, Origin.Plain.NAME);
        }
    }

    private static void versions(Page page, Assessment a) {
        Optional<String> stations = a.job().stations().size() > 1
                ? Optional.of(", " + a.job().stations().get(a.job().shown()).name())
                : Optional.empty();
        page.down(24)
                .put(
                        "Worked out by " + Program.NAME + " from a job of format "
                                + veldline.job.Job.FORMAT + stations.orElse("") + ", at "
                                + a.job().brief().frequency() + ".",
                        0,
                        12,
                        Face.TEXT,
                        Origin.Plain.TYPED);
    }
}
