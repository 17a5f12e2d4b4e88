package veldline.desktop.shape;

import java.util.Optional;
import veldline.assess.Assessment;
import veldline.assess.GainBand;
import veldline.assess.Readout;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.line.Mismatch;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;

/**
 * An antenna's socket at one frequency of its curve, each figure as it was worked out: by the feed's own formula where that tells it, else
 * from the curve that was solved.
 */
record FeedRead(Worked gain, Worked resistance, Worked reactance, Worked swr, Worked returnLoss) {
    /** @param place of a curve's points */
    static FeedRead of(Assessment a, Sweep curve, int place) {
        Sweep.Point p = curve.points().get(place);
        double z0 = a.job().lineOhms();
        Optional<GainBand.Point> told = a.band()
                .value()
                .filter(b -> b.fed().isPresent())
                .map(b -> b.points().get(place));
        return new FeedRead(
                told.map(GainBand.Point::gain).orElseGet(() -> Readout.gain(p)),
                told.map(t -> t.feed().resistance()).orElseGet(() -> Readout.resistance(p)),
                told.map(t -> t.feed().reactance()).orElseGet(() -> Readout.reactance(p)),
                Readout.swr(p, z0),
                Mismatch.workedReturnLoss(p.impedance(), z0));
    }

    /** The four of its socket, a line each from a height on. */
    void draw(Pen pen, double left, double y) {
        row(pen, "resistance", resistance, left, y);
        row(pen, "reactance", reactance, left, y + 17);
        row(pen, "SWR on its line", swr, left, y + 34);
        row(pen, "return loss", returnLoss, left, y + 51);
    }

    /** A name at the left and its figure at the picture's right edge. */
    static void row(Pen pen, String name, Worked w, double left, double y) {
        pen.words(name, left, y, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(w.shown(), pen.width() - 14, y, Anchor.END, 12.5, Face.MONO, Role.INK, Origin.of(w));
    }

    /** A band, or that there is none. */
    static void band(Pen pen, String name, Optional<Worked> band, boolean goesOn, double left, double y) {
        pen.words(name, left, y, Anchor.START, Face.TEXT, Role.SLATE);
        band.ifPresentOrElse(
                b -> pen.text(
                        (goesOn ? "over " : "") + b.shown(),
                        pen.width() - 14,
                        y,
                        Anchor.END,
                        12,
                        Face.MONO,
                        Role.INK,
                        Origin.of(b)),
                () -> pen.words("nowhere", pen.width() - 14, y, Anchor.END, Face.TEXT, Role.INK));
    }
}
