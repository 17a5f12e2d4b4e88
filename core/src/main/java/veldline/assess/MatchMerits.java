package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.line.Ladder;
import veldline.line.MatchWay;
import veldline.line.MatchYield;
import veldline.line.Piece;

/** What is known of a way to a match beside where it comes out: how wide, how surely, under what strain. */
final class MatchMerits {
    /** Parts as they are bought, lines as they are cut. */
    private static final double WITHIN = 0.05;

    private static final double SWR = 2;
    private static final double MHZ = 1e6;
    private static final double NARROW = 10e6;

    private static final Formula BAND = new Formula(
            "Band under SWR 2",
            "From the lowest to the highest frequency around this one at which the cable sees less than that, as far as it was looked at.",
            "B",
            "b − a",
            "The circuit on the antenna's own curve, at one frequency after the other",
            "As good as that curve; leads and tolerances move it");
    private static final Formula KEPT = new Formula(
            "Built so many times",
            "Every part and length off by chance, up to one in twenty: so many of a hundred keep an SWR of 2.",
            "N",
            "100·k ÷ n",
            "Drawn evenly, the same numbers every time",
            "±3 of 100; what is trimmed in place does better");
    private static final Formula VOLTS = new Formula(
            "Peak across it",
            "What a part withstands on a steady carrier; a spark needs the peak.",
            "U",
            "u·sqrt(2)",
            "Circuit sum at the radio's power",
            "±10 %; modulation that peaks doubles it");
    private static final Formula AMPERES = new Formula(
            "Current through it",
            "What heats a part, on a steady carrier.",
            "I",
            "i",
            "Circuit sum at the radio's power",
            "±10 %");

    private MatchMerits() {}

    /** Empty where the antenna is not known over a band, or the SWR is over 2 where it should not be. */
    static Optional<Worked> band(Optional<Sweep> sweep, MatchWay.Plan plan, double z0) {
        return sweep.map(w -> new Sweep(
                        w.points().stream()
                                .map(p -> new Sweep.Point(
                                        p.frequency(),
                                        plan.ladder().seen(p.impedance(), p.frequency()),
                                        p.gainDbi(),
                                        p.backDbi()))
                                .toList(),
                        w.solved(),
                        w.doubtSwr(),
                        w.doubtDb()))
                .flatMap(w -> w.under(SWR, z0))
                .map(b -> Worked.of(BAND)
                        .computed("a", "lowest", b.low() / MHZ, "MHz", 2)
                        .computed("b", "highest", b.high() / MHZ, "MHz", 2)
                        .gives(b.width() / MHZ, "MHz", b.width() < NARROW ? 1 : 0));
    }

    static Worked kept(MatchWay.Plan plan, double frequency, double z0) {
        int kept = MatchYield.keeping(plan, z0, frequency, WITHIN, SWR);
        return Worked.of(KEPT)
                .computed("k", "kept it", kept, "", 0)
                .computed("n", "drawn", MatchYield.DRAWN, "", 0)
                .gives(100.0 * kept / MatchYield.DRAWN, "of 100", 0, 3);
    }

    /** @param look with the power there is */
    static List<MatchFigures.Strain> strain(MatchWay.Plan plan, Ladder.Look look) {
        List<MatchFigures.Strain> all = new ArrayList<>();
        for (int i = 0; i < plan.ladder().pieces().size(); i++) {
            Piece.State load = look.states().get(i);
            Piece.State line = look.states().get(i + 1);
            Piece piece = plan.ladder().pieces().get(i);
            double across = line.volts().subtract(load.volts()).norm();
            double into = line.amperes().subtract(load.amperes()).norm();
            double volts = piece instanceof Piece.InRow
                    ? across
                    : Math.max(line.volts().norm(), load.volts().norm());
            double amperes = piece instanceof Piece.Across || piece instanceof Piece.Stub
                    ? into
                    : Math.max(line.amperes().norm(), load.amperes().norm());
            all.add(new MatchFigures.Strain(
                    piece.words(),
                    Worked.of(VOLTS)
                            .computed("u", "effective", volts, "V", 3)
                            .gives(volts * Math.sqrt(2), "V", volts < 10 ? 2 : 0),
                    Worked.of(AMPERES)
                            .computed("i", "effective", amperes, "A", 4)
                            .gives(amperes, "A", amperes < 1 ? 3 : 2)));
        }
        return all;
    }
}
