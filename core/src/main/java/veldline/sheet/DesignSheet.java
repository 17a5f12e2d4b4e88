package veldline.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.assess.Assessment;
import veldline.assess.CloserLook;
import veldline.build.BuildPlan;
import veldline.build.Cut;
import veldline.build.CutList;
import veldline.build.Outline;
import veldline.explain.Caution;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.FractionText;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.raise.Cautions;

/** An antenna of a family, or of one's own wires, to take to the bench: cut list, the work in steps, and pages at true size. */
final class DesignSheet implements Sheet {
    private static final int DENOMINATOR = 32;
    private static final double COUNT = 176;
    private static final double LENGTH = 250;
    private static final double DECIMAL = 320;
    private static final double FRACTION = 340;
    private static final double ROUNDED = 500;

    @Override
    public String title() {
        return "Build sheet";
    }

    @Override
    public List<Caution> cautions() {
        return Cautions.building();
    }

    @Override
    public List<Picture> pages(Assessment a, Paper paper) {
        Made made = a.job().made().orElseThrow();
        List<Cut> cuts = CutList.of(made, a.job().brief().frequency().value());
        List<Outline> outlines = Outline.of(made);
        TrueSize trueSize = new TrueSize(a, paper);
        List<Picture> pages = new ArrayList<>();
        Page page = head(a, made, paper);
        rows(page, paper, cuts, a.job().brief().frequency().value());
        List<String> large = trueSize.tooLarge(cuts, outlines);
        if (!large.isEmpty()) {
            page.down(18)
                    .put(
                            "Too large for pages at true size, so by the tape: " + String.join(", ", large) + ".",
                            0,
                            12,
                            Face.TEXT,
                            Origin.Plain.NAME);
        }
        pages.add(page.cautions(a, cautions()).done());
        Optional<BuildPlan> plan = a.closer().value().map(CloserLook::plan);
        plan.ifPresent(p -> pages.addAll(new WorkPages(a, paper).of(made, p)));
        pages.addAll(trueSize.pages(
                cuts, outlines, plan.map(BuildPlan::marks).orElseGet(() -> veldline.build.Marks.of(made))));
        return pages;
    }

    private static Page head(Assessment a, Made made, Paper paper) {
        Page page = new Page(a, paper, made.title());
        String metal = made instanceof Design d
                ? d.diameter() + " " + d.metal().words() + " " + d.form().words()
                        + d.covering().map(c -> ", " + c.words()).orElse("")
                : "own wires";
        page.down(24)
                .put(metal, 0, 13, Face.TEXT, Origin.Plain.TYPED)
                .putEnd(a.job().brief().frequency().toString(), paper.room(), 13, Face.MONO, Origin.Plain.TYPED);
        a.antenna().value().ifPresent(f -> BuildSheet.figures(page, f, paper.room()));
        page.down(6);
        if (made instanceof Design d) {
            for (int i = 0; i < d.sizes().size(); i++) {
                page.down(17)
                        .put(d.of().measures().get(i).name(), 0, 12, Face.TEXT, Origin.Plain.NAME)
                        .putEnd(word(d, i), LENGTH, 13, Face.MONO_BOLD, Origin.Plain.TYPED);
            }
        }
        return page.down(30);
    }

    private static String word(Design d, int i) {
        var m = d.of().measures().get(i);
        return m.isChoice()
                ? m.words().get(Math.max(0, Math.min(m.words().size() - 1, d.count(i))))
                : d.sizes().get(i).toString();
    }

    private static void rows(Page page, Paper paper, List<Cut> cuts, double frequency) {
        page.put("cut", 0, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("pieces", COUNT, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("mm", LENGTH, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("in", DECIMAL, 12, Face.TEXT, Origin.Plain.NAME)
                .put("nearest 1/" + DENOMINATOR, FRACTION, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("shifts by", ROUNDED, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("tick when cut", paper.room(), 12, Face.TEXT, Origin.Plain.NAME)
                .down(6)
                .rule(1.5);
        for (Cut c : cuts) {
            Worked shift = BuildPlan.rounded(c, DENOMINATOR, frequency);
            page.down(20)
                    .put(c.name(), 0, 13, Face.BOLD, Origin.Plain.NAME)
                    .putEnd(Integer.toString(c.count()), COUNT, 13, Face.MONO, Origin.Plain.TYPED)
                    .putEnd(mm(c.length()), LENGTH, 14, Face.MONO_BOLD, Origin.Plain.TYPED)
                    .putEnd(NumberText.shown(c.length() / 0.0254, 3), DECIMAL, 13, Face.MONO, Origin.Plain.TYPED)
                    .putEnd(shift.shown(), ROUNDED, 12, Face.MONO, Origin.of(shift))
                    .box(paper.room() - 16);
            FractionText.draw(page.pen(), c.inches(DENOMINATOR), page.left() + FRACTION, page.y());
            if (!c.bends().isEmpty()) {
                String at = (c.closed() ? "ends joined; " : "")
                        + (c.curved()
                                ? "bent around to the curve drawn, " + c.bends().size() + " even parts"
                                : "bends at "
                                        + c.bends().stream()
                                                .map(b -> mm(b.at()) + " by " + NumberText.shown(b.degrees(), 0) + "°")
                                                .reduce((x, y) -> x + ", " + y)
                                                .orElseThrow());
                for (String line : Paragraph.lines(at, Page.LINE)) {
                    page.down(15).put(line, 12, 12, Face.TEXT, Origin.Plain.TYPED);
                }
            }
            page.down(5).rule(0.8);
        }
        page.down(18)
                .put("Ends filed square; the saw's cut falls to the waste side.", 0, 12, Face.TEXT, Origin.Plain.NAME);
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1);
    }
}
