package veldline.desktop.brief;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.StationFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.job.Station;
import veldline.link.Brief;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The stations of a job on one axis of margin: which is weakest, which is shown. */
final class StationsChart {
    private static final double ROW = 46;
    private static final double LEFT = 230;
    private static final double LOW = -20;
    private static final double HIGH = 60;

    private StationsChart() {}

    static List<String> zones(Showing s) {
        return IntStream.range(0, s.job().stations().size())
                .mapToObj(i -> "station:" + i)
                .toList();
    }

    static void draw(Showing s, Pen pen, double top) {
        List<Station> stations = s.job().stations();
        List<StationFigures> figures = s.assessment().stations().value().orElse(List.of());
        pen.text("Every station", 18, top + 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words(
                "dB over its floor; left and right walk, Enter puts one on the line",
                138,
                top + 22,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        double first = top + 62;
        double bottom = first + ROW * stations.size();
        Axis margin = new Axis(LOW, HIGH, LEFT, pen.width() - 90);
        pen.hatched(margin.start(), first, margin.at(0) - margin.start(), bottom - first, Role.THRIFT, Hatch.DIAGONAL);
        for (double db = LOW; db <= HIGH; db += 20) {
            pen.line(margin.at(db), first, margin.at(db), bottom, db == 0 ? Role.THRIFT : Role.SAND, db == 0 ? 2 : 1);
            pen.tick(NumberText.signed(db, 0), margin.at(db), first - 8, Anchor.MIDDLE);
        }
        int picked = s.pickedIndex(Step.BRIEF, s.job().shown(), stations.size());
        for (int i = 0; i < stations.size(); i++) {
            row(s, pen, margin, stations.get(i), figures.stream().skip(i).findFirst(), i, picked == i, first + ROW * i);
        }
    }

    private static void row(
            Showing s,
            Pen pen,
            Axis margin,
            Station station,
            Optional<StationFigures> figures,
            int i,
            boolean picked,
            double y) {
        Brief b = station.brief();
        double middle = y + ROW / 2;
        if (picked) {
            pen.outline(10, y + 1, pen.width() - 20, ROW - 3, Role.MUSSEL, 2);
        }
        if (i == s.job().shown()) {
            pen.dot(24, middle - 6, 5, Role.MUSSEL, Role.SHEET, 1.5);
        }
        pen.text(station.name(), 38, middle - 2, Anchor.START, 13.5, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        String what = b.field().map(v -> v.toString()).orElse(b.distance().toString());
        pen.text(
                b.frequency() + ", " + what,
                38,
                middle + 14,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.TYPED);
        double wish = margin.clamped(b.marginWanted().value());
        pen.line(wish, y + 6, wish, y + ROW - 6, Role.EDGE, 1.4, Dash.DOTTED);
        Optional<Worked> known = figures.flatMap(StationFigures::margin);
        if (known.isEmpty()) {
            pen.sign(Finding.Level.UNKNOWN, margin.at(0) + 24, middle);
        } else {
            double at = margin.clamped(known.get().value());
            double worst = margin.clamped(figures.get().worst());
            if (at - worst > 1) {
                pen.hatched(worst, middle - 6, at - worst, 12, Role.MUSSEL, Hatch.UPRIGHT);
            }
            pen.line(at, middle - 11, at, middle + 11, Role.INK, 3);
            pen.text(
                    known.get().number(),
                    pen.width() - 24,
                    middle + 5,
                    Anchor.END,
                    15,
                    Face.MONO_BOLD,
                    Role.INK,
                    Origin.of(known.get()));
        }
        pen.zone(
                "station:" + i,
                10,
                y + 1,
                pen.width() - 20,
                ROW - 3,
                station.name() + ", " + known.map(Worked::shown).orElse("not known"));
    }
}
