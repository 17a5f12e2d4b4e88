package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Vec;

/**
 * The current on one wire, from end to end.
 *
 * @param at the places where it was cut, metres
 * @param amps the current there, running linearly in between; peak, for one volt at the feed
 */
public record WireCurrent(List<Vec> at, List<Complex> amps) {
    static final Formula SHARE = new Formula(
            "Current beside the feed's",
            "The current in the middle of the element over that in the middle of the driven one.",
            "S",
            "100·a ÷ b",
            AntennaStage.METHOD,
            "±2 % of itself");
    static final Formula LAG = new Formula(
            "Behind the feed's current",
            "How much later the current in the middle of the element runs than that of the driven one, in degrees of a"
                    + " whole turn.",
            "L",
            "b − a",
            AntennaStage.METHOD,
            "±2°");

    public WireCurrent {
        at = List.copyOf(at);
        amps = List.copyOf(amps);
    }

    static List<WireCurrent> of(FieldSolution solution) {
        List<WireCurrent> all = new ArrayList<>();
        List<FieldSolution.Piece> pieces = solution.pieces();
        for (int from = 0; from < pieces.size(); ) {
            int wire = pieces.get(from).wire();
            List<Vec> at = new ArrayList<>(List.of(pieces.get(from).start()));
            List<Complex> amps = new ArrayList<>(List.of(pieces.get(from).atStart()));
            for (; from < pieces.size() && pieces.get(from).wire() == wire; from++) {
                at.add(pieces.get(from).end());
                amps.add(pieces.get(from).atEnd());
            }
            all.add(new WireCurrent(at, amps));
        }
        return List.copyOf(all);
    }

    public double most() {
        return amps.stream().mapToDouble(Complex::norm).max().orElseThrow();
    }

    /** Half way along it. */
    Complex middle() {
        double whole = 0;
        for (int i = 1; i < at.size(); i++) {
            whole += at.get(i).minus(at.get(i - 1)).length();
        }
        double walked = 0;
        for (int i = 1; i < at.size(); i++) {
            double piece = at.get(i).minus(at.get(i - 1)).length();
            if (walked + piece >= whole / 2) {
                double share = (whole / 2 - walked) / piece;
                return amps.get(i - 1).multiply(1 - share).add(amps.get(i).multiply(share));
            }
            walked += piece;
        }
        return amps.get(amps.size() - 1);
    }

    /** Percent of the current at the feed. */
    public Worked share(WireCurrent fed) {
        return Worked.of(SHARE)
                .computed("a", "in its middle", 1000 * middle().norm(), "mA for 1 V", 4)
                .computed("b", "in the driven one's", 1000 * fed.middle().norm(), "mA for 1 V", 4)
                .gives(100 * middle().norm() / fed.middle().norm(), "%", 0);
    }

    /** Degrees behind the current at the feed, 0 to 360. */
    public Worked lag(WireCurrent fed) {
        double here = Math.toDegrees(middle().getArgument());
        double there = Math.toDegrees(fed.middle().getArgument());
        double before = there < here - 1e-9 ? there + 360 : there;
        return Worked.of(LAG)
                .computed("b", "in the driven one", before, "°", 2)
                .computed("a", "in this one", here, "°", 2)
                .gives(before - here, "°", 0);
    }
}
