package veldline.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Measure;
import veldline.assess.AntennaFigures;
import veldline.assess.Assessment;
import veldline.assess.OpeningLook;
import veldline.assess.Stage;
import veldline.build.Marks;
import veldline.build.Outline;
import veldline.explain.Caution;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.raise.Cautions;

/** An antenna with an opening to take to the bench: measures, what its gain loses, parts, steps, and its sheets at true size. */
final class OpeningSheet implements Sheet {
    private static final double VALUE = 400;
    private static final double LEAST = 60;
    private static final String WORK = "Parts and steps";

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
        boolean near = a.job().madeNear();
        ApertureDesign d = (ApertureDesign) a.job().antenna(near);
        double frequency = a.job().brief().frequency().value();
        Optional<OpeningLook> look = a.opening(near).flatMap(Stage::value);
        List<Picture> pages = new ArrayList<>();
        pages.add(head(a, d, look, paper).cautions(a, cautions()).done());
        pages.addAll(work(a, d, frequency, paper));
        List<Outline> flats = Outline.of(d);
        TrueSize trueSize = new TrueSize(a, paper);
        pages.addAll(trueSize.pages(List.of(), flats, new Marks(0, List.of())));
        return pages;
    }

    private static Page head(Assessment a, ApertureDesign d, Optional<OpeningLook> look, Paper paper) {
        Page page = new Page(a, paper, d.title());
        page.down(24)
                .put(
                        d.metal().words() + ", its field " + (d.upright() ? "upright" : "level"),
                        0,
                        13,
                        Face.TEXT,
                        Origin.Plain.TYPED)
                .putEnd(a.job().brief().frequency().toString(), paper.room(), 13, Face.MONO, Origin.Plain.TYPED);
        look.ifPresent(o -> figures(page, o.figures()));
        page.down(8);
        for (int i = 0; i < d.sizes().size(); i++) {
            if (!d.of().uses(d, i)) {
                continue;
            }
            page.down(17)
                    .put(d.of().measures().get(i).name(), 0, 12, Face.TEXT, Origin.Plain.NAME)
                    .putEnd(word(d, i), VALUE, 13, Face.MONO_BOLD, Origin.Plain.TYPED);
        }
        page.down(12);
        look.ifPresent(o -> losses(page, o));
        return page.down(20);
    }

    private static String word(ApertureDesign d, int i) {
        Measure m = d.of().measures().get(i);
        return m.isChoice() ? m.words().get(d.count(i)) : d.sizes().get(i).toString();
    }

    private static void figures(Page page, AntennaFigures f) {
        Worked gain = f.gain();
        page.down(20).put(gain.shown() + " straight ahead", 0, 13, Face.BOLD, Origin.of(gain));
        f.aimError()
                .ifPresent(w ->
                        page.put("aim to " + w.shown() + " for the last decibel", VALUE, 13, Face.TEXT, Origin.of(w)));
        for (String line : Paragraph.lines(gain.trust(), Page.LINE)) {
            page.down(16).put(line, 0, 12, Face.TEXT, Origin.of(gain));
        }
    }

    private static void losses(Page page, OpeningLook o) {
        page.down(20)
                .put(o.ceiling().formula().name(), 0, 12, Face.TEXT, Origin.Plain.NAME)
                .putEnd(o.ceiling().shown(), VALUE, 13, Face.MONO, Origin.of(o.ceiling()));
        for (Worked w : o.losses()) {
            page.down(16)
                    .put(w.formula().name(), 0, 12, Face.TEXT, Origin.Plain.NAME)
                    .putEnd("−" + NumberText.shown(w.value(), 2) + " dB", VALUE, 13, Face.MONO, Origin.of(w));
        }
        for (Worked w : o.schools()) {
            page.down(16)
                    .put(w.formula().name(), 0, 12, Face.TEXT, Origin.Plain.NAME)
                    .putEnd(w.shown(), VALUE, 13, Face.MONO, Origin.of(w));
        }
    }

    private static List<Picture> work(Assessment a, ApertureDesign d, double frequency, Paper paper) {
        List<Picture> pages = new ArrayList<>();
        Page page = new Page(a, paper, WORK);
        for (String part : d.of().parts(d, frequency)) {
            row(page, paper, "·", part);
        }
        page.down(14).rule(1);
        int n = 0;
        for (String step : d.of().steps(d, frequency)) {
            if (page.roomLeft() < LEAST) {
                pages.add(page.done());
                page = new Page(a, paper, WORK);
            }
            n++;
            row(page, paper, Integer.toString(n), step);
        }
        pages.add(page.done());
        return pages;
    }

    private static void row(Page page, Paper paper, String mark, String text) {
        boolean first = true;
        boolean heavy = text.startsWith("Caution") || text.startsWith("Hold");
        for (String line : Paragraph.lines(text, Page.LINE - 12)) {
            page.down(first ? 24 : 15);
            if (first) {
                page.put(mark, 0, 12, Face.MONO_BOLD, Origin.Plain.NAME).box(paper.room() - 16);
            }
            page.put(line, 26, 13, heavy ? Face.BOLD : Face.TEXT, Origin.Plain.NAME);
            first = false;
        }
    }
}
