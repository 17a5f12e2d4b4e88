package veldline.prove;

import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What is changed step by step while the level is read, everything else left as it is. */
public enum Turned {
    BEARING("its bearing", "Pattern turn", Unit.DEG),
    HEIGHT("its height", "Height search", Unit.M),
    POLARIZATION("its polarization", "Polarization turn", Unit.DEG);

    private final String words;
    private final String title;
    private final Unit unit;

    Turned(String words, String title, Unit unit) {
        this.words = words;
        this.title = title;
        this.unit = unit;
    }

    public String words() {
        return words;
    }

    public String title() {
        return title;
    }

    /** In what it is told. */
    public Unit unit() {
        return unit;
    }

    /** A setting to the step people can set. */
    public Quantity shown(double inside) {
        return Quantity.shown(inside, unit, this == HEIGHT ? 1 : 0);
    }
}
