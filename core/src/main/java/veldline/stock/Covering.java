package veldline.stock;

import veldline.quantity.Quantity;

/** Something around a conductor. */
public record Covering(Insulation insulation, Quantity thickness) {
    public String words() {
        return thickness + " " + insulation.words();
    }
}
