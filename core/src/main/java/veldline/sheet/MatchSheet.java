package veldline.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.assess.MatchFigures;
import veldline.build.WindingDrawing;
import veldline.explain.Caution;
import veldline.explain.Origin;
import veldline.line.MatchWay;
import veldline.line.Piece;
import veldline.line.WoundTransformer;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Picture;
import veldline.raise.Cautions;

/** What stands between antenna and cable, to make at the bench: its parts from the cable on, what each stands, its winding, the work. */
final class MatchSheet implements Sheet {
    private static final double VOLTS = 330;
    private static final double AMPERES = 470;
    private static final double RING = 80;

    @Override
    public String title() {
        return "Matching sheet";
    }

    @Override
    public List<Caution> cautions() {
        List<Caution> all = new ArrayList<>(Cautions.building());
        all.add(Cautions.sending());
        return List.copyOf(all);
    }

    @Override
    public List<Picture> pages(Assessment a, Paper paper) {
        Page page = new Page(a, paper, "Matching sheet");
        Optional<MatchFigures.Option> used = a.match().value().flatMap(MatchFigures::inUse);
        used.ifPresentOrElse(
                o -> option(page, o),
                () -> page.down(26)
                        .put("No match is worked out yet; look at Match first.", 0, 13, Face.TEXT, Origin.Plain.NAME));
        return List.of(page.cautions(a, cautions()).done());
    }

    private static void option(Page page, MatchFigures.Option o) {
        page.down(26)
                .put(Paragraph.capital(o.title()), 0, 15, Face.BOLD, Origin.Plain.NAME)
                .put("SWR " + o.swr().number() + " at the cable", VOLTS, 13, Face.MONO, Origin.of(o.swr()))
                .put("loses " + o.loss().shown(), AMPERES + 70, 13, Face.MONO, Origin.of(o.loss()));
        page.down(24)
                .put("From the cable on", 0, 13, Face.BOLD, Origin.Plain.NAME)
                .put("peak", VOLTS, 12, Face.TEXT, Origin.Plain.NAME)
                .put("current", AMPERES, 12, Face.TEXT, Origin.Plain.NAME);
        for (int i = o.strain().size() - 1; i >= 0; i--) {
            MatchFigures.Strain s = o.strain().get(i);
            page.down(22)
                    .box(0)
                    .put(s.part(), 26, 13, Face.TEXT, Origin.of(o.resistance()))
                    .put(s.volts().shown(), VOLTS, 13, Face.MONO, Origin.of(s.volts()))
                    .put(s.amperes().shown(), AMPERES, 13, Face.MONO, Origin.of(s.amperes()));
            page.down(5).dashed();
        }
        o.plan().map(MatchWay.Plan::note).filter(n -> !n.isEmpty()).ifPresent(n -> words(page, n + "."));
        wound(o).ifPresent(w -> winding(page, w));
        page.down(24).put("In this order", 0, 13, Face.BOLD, Origin.Plain.NAME);
        for (String step : List.of(
                "Parts laid out as they are listed, leads as short as they go: a millimetre of lead is about a nanohenry.",
                "Joined for trial; a load of the antenna's resistance in its place, SWR looked at on the bench.",
                "In its box at the antenna, held by its body; water out below, none in above.",
                "Measured with the antenna where it belongs, then closed; date and SWR into the log.")) {
            page.down(22).box(0).put(step, 26, 13, Face.TEXT, Origin.Plain.NAME);
        }
    }

    private static void words(Page page, String words) {
        for (String line : Paragraph.lines(Paragraph.capital(words), Page.LINE)) {
            page.down(17).put(line, 0, 12, Face.TEXT, Origin.Plain.NAME);
        }
    }

    private static Optional<WoundTransformer> wound(MatchFigures.Option o) {
        return o.plan().stream()
                .flatMap(p -> p.ladder().pieces().stream())
                .filter(Piece.Wound.class::isInstance)
                .map(p -> ((Piece.Wound) p).of())
                .findFirst();
    }

    private static void winding(Page page, WoundTransformer w) {
        page.down(26).put("As it is wound, from above", 0, 13, Face.BOLD, Origin.Plain.NAME);
        new WindingDrawing(w, page.pen(), page.left() + 2 * RING, page.y() + RING + 14, RING).draw();
        page.down(2 * RING + 44);
        words(
                page,
                "A turn counts each time the wire goes through the hole. " + w.atLine() + " at the cable, " + w.atLoad()
                        + " at the antenna; both begin at the screen. The gap keeps the hot end from the cold one.");
    }
}
