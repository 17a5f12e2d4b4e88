package veldline.stock;

import veldline.quantity.Quantity;

/** Rod or wire that lies ready. */
public record Piece(Metal metal, Quantity diameter, Quantity length) {
    /** How far two diameters may differ and still be called the same, metres. */
    private static final double ALIKE = 0.05e-3;

    /** Whether elements of a metal and diameter can be cut from it. */
    public boolean serves(Metal other, double otherDiameter) {
        return metal == other && Math.abs(diameter.value() - otherDiameter) <= ALIKE;
    }

    public String words() {
        return diameter + " " + metal.words() + ", " + length;
    }
}
