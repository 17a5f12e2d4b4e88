package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.LitDish;

/** What a dish could have, and what is lost from it step by step. */
final class DishLosses {
    private static final double C = 299_792_458.0;

    static final Formula EVEN = new Formula(
            "Opening evenly lit",
            "A round opening of diameter d in step all over: nothing of its size has more without being finer than the wave; w the wave.",
            "C",
            "20·log10(pi·d ÷ w)",
            "Balanis, Antenna Theory, 3rd ed., §12.9",
            "Exact for openings of many waves; under two waves an edge counts for as much as the opening");
    static final Formula SPILLED =
            share("Lost past the rim", "Of what the feed sends, the share s meets the dish.", "s");
    private static final Formula UNEVEN = share(
            "Lost to uneven light",
            "Of what meets the dish the share t is left of an even light's gain; what is turned square to the field with it.",
            "t");
    static final Formula SHADE =
            share("Lost in the feed's shadow", "The middle sends nothing: its field is missing.", "b");
    private static final Formula FOCUSED =
            share("Lost to a feed beyond the focus", "Its light is out of step between middle and rim.", "f");
    private static final Formula AIMED =
            share("Lost to a feed off the axis", "Where the beam then points; it squints to the other side.", "a");

    static Formula share(String name, String words, String letter) {
        return new Formula(
                name,
                words,
                "L",
                "−10·log10(" + letter + ")",
                "Integrals of the feed's pattern over the dish (Balanis, §15.4.1; Silver, §12)",
                "±0.1 dB for the feed as it is told; feeds are seldom known better than ±0.3 dB");
    }

    private static final Formula EVEN_CUT = new Formula(
            "Opening evenly lit",
            "An opening of the area a, in step all over; w the wave.",
            "C",
            "10·log10(4·pi·a ÷ w^2)",
            "Balanis, Antenna Theory, 3rd ed., §12.9",
            "Exact for openings of many waves; under two waves an edge counts for as much as the opening");

    private DishLosses() {}

    static Worked even(ApertureDesign d, LitDish lit) {
        double wave = C / lit.frequency();
        double dbi = 10 * Math.log10(lit.uniform());
        return lit.rim().cut()
                ? Worked.of(EVEN_CUT)
                        .computed("a", "what is left of the dish", lit.rim().area(), "m²", 5)
                        .computed("w", "wave", wave, "m", 5)
                        .gives(dbi, "dBi", 1)
                : Worked.of(EVEN)
                        .typed("d", "diameter", d.size(Dish.DIAMETER), "m", 4)
                        .computed("w", "wave", wave, "m", 5)
                        .gives(dbi, "dBi", 1);
    }

    static List<Worked> lost(ApertureDesign d, LitDish lit) {
        double wave = C / lit.frequency();
        List<Worked> lost = new ArrayList<>();
        lost.add(part(SPILLED, "s", "meets the dish", lit.spillover()));
        lost.add(part(UNEVEN, "t", "of an even light", lit.taper()));
        if (d.size(Dish.SHADOW) > 0) {
            lost.add(part(SHADE, "b", "left", lit.shadowed()));
        }
        if (d.size(Dish.AHEAD) > 0) {
            lost.add(part(FOCUSED, "f", "left", lit.focused()));
        }
        if (d.size(Dish.ASIDE) > 0) {
            lost.add(part(AIMED, "a", "left", lit.aimed()));
        }
        lost.addAll(Dish.surface(d).lost(wave));
        return lost;
    }

    static Worked part(Formula formula, String symbol, String what, double share) {
        return Worked.of(formula)
                .computed(symbol, what, share, "", 6)
                .gives(-10 * Math.log10(Math.max(1e-9, share)), "dB", 2);
    }
}
