package veldline.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.YagiDrawing;
import veldline.antenna.YagiShape;
import veldline.assess.AntennaFigures;
import veldline.assess.Assessment;
import veldline.assess.CloserLook;
import veldline.assess.ToleranceFigures;
import veldline.build.Outline;
import veldline.explain.Caution;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.path.FreeSpace;
import veldline.picture.FractionText;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.quantity.InchFraction;
import veldline.quantity.NumberText;
import veldline.raise.Cautions;

/** The near antenna to take to the bench: drawing, cut list to tick off, and elements at true size where they fit. */
final class BuildSheet implements Sheet {
    /** Columns of the cut list, from the left edge. */
    private static final double LENGTH = 150;

    private static final double LENGTH_INCH = 172;
    private static final double PLUS_MINUS = 270;
    private static final double FROM = 404;
    private static final double ROW = 25;
    /** For the note and the cautions under the list. */
    private static final double UNDER_LIST = 150;

    private static final double FROM_INCH = 426;
    private static final double PLACE_PLUS_MINUS = 500;

    @Override
    public String title() {
        return "Cut list";
    }

    @Override
    public List<Caution> cautions() {
        return Cautions.building();
    }

    @Override
    public List<Picture> pages(Assessment a, Paper paper) {
        List<Picture> pages = new ArrayList<>();
        pages.add(list(a, paper));
        a.closer().value().map(CloserLook::plan).ifPresent(p -> {
            pages.addAll(new WorkPages(a, paper).of(a.job().yagi().orElseThrow(), p));
            pages.addAll(new TrueSize(a, paper)
                    .pages(p.cuts(), Outline.of(a.job().yagi().orElseThrow()), p.marks()));
        });
        return pages;
    }

    private Picture list(Assessment a, Paper paper) {
        YagiShape y = a.job().yagi().orElseThrow();
        Page page = new Page(a, paper, "Cut list, " + y.elements().size() + " elements");
        page.down(24)
                .put(
                        y.diameter() + " " + y.metal().words() + ", " + y.boom().words() + ", elements "
                                + (y.upright() ? "upright" : "flat"),
                        0,
                        13,
                        Face.TEXT,
                        Origin.Plain.TYPED)
                .putEnd(a.job().brief().frequency().toString(), paper.room(), 13, Face.MONO, Origin.Plain.TYPED);
        a.antenna().value().ifPresent(f -> figures(page, f, paper.room()));
        Pen drawing = Picture.pen(paper.room(), YagiDrawing.HEIGHT);
        new YagiDrawing(y, paper.room(), -1).draw(drawing);
        page.pen().place(drawing.done(), page.left(), page.y() + 6);
        page.down(YagiDrawing.HEIGHT + 22);
        Optional<ToleranceFigures> exact = a.tolerances()
                .value()
                .flatMap(t -> t)
                .filter(t -> t.lengths().size() == y.elements().size());
        rows(page, paper, y, a.job().brief().frequency().value(), exact);
        return page.cautions(a, cautions()).done();
    }

    static void figures(Page page, AntennaFigures f, double room) {
        Worked gain = f.gain();
        page.down(20)
                .put(gain.shown() + " straight ahead", 0, 13, Face.BOLD, Origin.of(gain))
                .put("SWR " + f.swr().number() + " on channel", 150, 13, Face.TEXT, Origin.of(f.swr()))
                .putEnd("solved with " + f.unknowns() + " current unknowns", room, 12, Face.TEXT, Origin.Plain.NAME);
        for (String line : Paragraph.lines(gain.trust(), Page.LINE)) {
            page.down(16).put(line, 0, 12, Face.TEXT, Origin.of(gain));
        }
    }

    private static void rows(Page page, Paper paper, YagiShape y, double frequency, Optional<ToleranceFigures> exact) {
        double extra = y.boom().correction(y.boomDiameter().value(), FreeSpace.wavelength(frequency));
        page.put("element", 0, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("length, mm", LENGTH, 12, Face.TEXT, Origin.Plain.NAME)
                .put("in, nearest 1/32", LENGTH_INCH, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("from reflector, mm", FROM, 12, Face.TEXT, Origin.Plain.NAME)
                .put("in", FROM_INCH, 12, Face.TEXT, Origin.Plain.NAME)
                .put(exact.isPresent() ? "±" : "", PLUS_MINUS, 12, Face.TEXT, Origin.Plain.NAME)
                .put(exact.isPresent() ? "±" : "", PLACE_PLUS_MINUS, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd("tick when cut", paper.room(), 12, Face.TEXT, Origin.Plain.NAME)
                .down(6)
                .rule(1.5);
        // Many elements stand closer, so that list and cautions stay on one page.
        double row = Math.min(ROW, (page.roomLeft() - UNDER_LIST) / y.elements().size());
        List<YagiShape.Cut> cuts = y.cutList(frequency);
        for (int i = 0; i < cuts.size(); i++) {
            YagiShape.Cut cut = cuts.get(i);
            int index = i;
            page.down(row - 5)
                    .put(cut.name(), 0, 13, Face.BOLD, Origin.Plain.NAME)
                    .putEnd(mm(cut.cut()), LENGTH, 14, Face.MONO_BOLD, Origin.Plain.TYPED)
                    .putEnd(mm(cut.distance()), FROM, 14, Face.MONO, Origin.Plain.TYPED)
                    .box(paper.room() - 16);
            FractionText.draw(page.pen(), InchFraction.ofMetres(cut.cut(), 32), page.left() + LENGTH_INCH, page.y());
            FractionText.draw(page.pen(), InchFraction.ofMetres(cut.distance(), 32), page.left() + FROM_INCH, page.y());
            exact.ifPresent(t -> {
                page.put(
                        t.lengths().get(index).number(),
                        PLUS_MINUS,
                        13,
                        Face.MONO,
                        Origin.of(t.lengths().get(index)));
                t.places()
                        .get(index)
                        .ifPresent(p -> page.put(p.number(), PLACE_PLUS_MINUS, 13, Face.MONO, Origin.of(p)));
            });
            page.down(5).rule(0.8);
        }
        exact.ifPresent(t -> page.down(18)
                .put(
                        "± keeps the SWR under " + NumberText.shown(t.swr(), 1)
                                + " at the feed, all others being right. Of 100 cut to ±"
                                + NumberText.shown(ToleranceFigures.BY_HAND * 1000, 1) + " mm, "
                                + t.kept().number() + " keep it.",
                        0,
                        12,
                        Face.TEXT,
                        Origin.of(t.kept())));
        page.down(18)
                .put(
                        "Ends filed square. "
                                + (extra > 0
                                        ? "Lengths include " + mm(extra) + " mm for the boom."
                                        : "Nothing is added for the boom."),
                        0,
                        12,
                        Face.TEXT,
                        Origin.Plain.NAME);
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1);
    }
}
