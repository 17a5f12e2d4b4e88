package veldline.line;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;

/**
 * Pieces between a load and its line, the one at the load first.
 *
 * @param pieces from the load to the line
 */
public record Ladder(List<Piece> pieces) {
    public Ladder {
        pieces = List.copyOf(pieces);
    }

    public static Ladder of(Piece... pieces) {
        return new Ladder(List.of(pieces));
    }

    /**
     * What goes on in it.
     *
     * @param states at the load and behind each piece, one more than there are pieces
     */
    public record Look(List<Piece.State> states) {
        public Look {
            states = List.copyOf(states);
        }

        private Piece.State line() {
            return states.get(states.size() - 1);
        }

        /** What the line sees, ohms. */
        public Complex seen() {
            return line().impedance();
        }

        /** The share of what goes in that reaches the load. */
        public double through() {
            return states.get(0).power() / line().power();
        }

        /** The share that each piece keeps for itself, in the order of the pieces. */
        public List<Double> kept() {
            List<Double> kept = new ArrayList<>();
            for (int i = 1; i < states.size(); i++) {
                kept.add((states.get(i).power() - states.get(i - 1).power()) / line().power());
            }
            return kept;
        }

        /** The same with so many watts going in. */
        public Look at(double watts) {
            double scale = Math.sqrt(watts / line().power());
            return new Look(states.stream().map(s -> s.times(scale)).toList());
        }
    }

    /** Worked out from the load's end, one ampere there. */
    public Look look(Complex load, double frequency) {
        List<Piece.State> states = new ArrayList<>();
        Piece.State s = new Piece.State(load, Complex.ONE);
        states.add(s);
        for (Piece p : pieces) {
            s = p.after(s, frequency);
            states.add(s);
        }
        return new Look(states);
    }

    /** What the line sees, ohms. */
    public Complex seen(Complex load, double frequency) {
        return look(load, frequency).seen();
    }

    public String words() {
        return String.join(", ", pieces.stream().map(Piece::words).toList());
    }
}
