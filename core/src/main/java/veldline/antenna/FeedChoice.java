package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.CircularGuide;
import veldline.field.aperture.FeedPattern;
import veldline.field.aperture.LitDish;
import veldline.field.aperture.LitPlate;

/** Which feed lights a dish of a given focus well, beside how well the one that is chosen does. */
final class FeedChoice {
    private static final double C = 299_792_458.0;
    /** Light at the rim that most dishes gain most by, the longer way with it, dB (Balanis, Antenna Theory, 3rd ed., fig. 15.12). */
    private static final double BEST_RIM = -11;
    /** Edges between which a mouth is looked for, waves. */
    private static final double LEAST = 0.2;

    private static final double MOST = 2.5;

    private static final Formula LIT = new Formula(
            "Of an even light's gain, by this feed",
            "The share s that meets the dish times the share t that evenness leaves.",
            "E",
            "100·s·t",
            "Balanis, Antenna Theory, 3rd ed., §15.4.1",
            "±2 for the feed as it is told; about 80 is the most a plain feed reaches");
    private static final Formula TUBE = new Formula(
            "Open tube that suits this focus",
            "Of all that carry one mode alone, the one that lights this dish with most gain.",
            "D",
            "d",
            "Search over the integrals of its pattern",
            "Flat: 3 % to either side costs under 0.1 dB");
    private static final Formula ALONG = mouth("along its field");
    private static final Formula ACROSS = mouth("across its field");
    private static final Formula BACK = new Formula(
            "Comes back from the dish into its feed",
            "The middle of the dish throws some back: g of the feed, as a ratio, w the wave, f the focus.",
            "R",
            "−20·log10(g·w ÷ (4·pi·f))",
            "Silver, Microwave Antenna Theory and Design, §12.11",
            "±3 dB; an inch of focus turns its phase around, so a match made without the dish is trimmed in it");
    private static final Formula CENTRE = new Formula(
            "Phase centre before the feed's plate",
            "Where the solved wave seems to come from: this point belongs in the focus.",
            "P",
            "p",
            "Fit over the solved feed's phase in both planes (IEEE Std 145, phase centre)",
            "±0.05 of a wave");

    private static final Formula SOLVED = new Formula(
            "Gain of the feed alone, solved",
            "Dipole and plate as wires: D times even.",
            "G",
            "10·log10(D)",
            "Method of moments over thin wires, the plate as rods along the field",
            "±0.3 dB; it is trusted before the currents beside it, since edges and coupling are in it");
    private static final Formula CURRENTS = new Formula(
            "Gain of the feed alone, by the currents on its plate",
            "As an endless plate would have them, as far as this one reaches: D times even.",
            "G",
            "10·log10(D)",
            "Physical optics (Balanis, Antenna Theory, 3rd ed., §4.6 for the dipole's near field)",
            "±1 dB for plates of half a wave and more; nothing runs back from the edges in it");

    private FeedChoice() {}

    private static Formula mouth(String way) {
        return new Formula(
                "Small horn that suits it, " + way,
                "As far as the rim is 11 dB down in this plane, the longer way with it.",
                "M",
                "m",
                "Search over its mouth's pattern (Balanis, Antenna Theory, 3rd ed., §13.4)",
                "±5 %; 10 to 12 dB do as well");
    }

    /** @param feed what lights it */
    static List<Worked> of(ApertureDesign d, LitDish lit, DishFeed.Source feed) {
        double wave = C / lit.frequency();
        List<Worked> all = new ArrayList<>();
        all.add(Worked.of(LIT)
                .computed("s", "meets the dish", lit.spillover(), "", 4)
                .computed("t", "of an even light", lit.taper(), "", 4)
                .gives(100 * lit.spillover() * lit.taper(), "%", 0, 2));
        double gain = lit.feed().directivity();
        double back = -20 * Math.log10(gain * wave / (4 * Math.PI * lit.dish().focalLength()));
        all.add(Worked.of(BACK)
                .computed("g", "of the feed", gain, "", 3)
                .computed("w", "wave", wave * 1000, "mm", 3)
                .typed("f", "focus", lit.dish().focalLength() * 1000, "mm", 2)
                .gives(back, "dB", 0, 3));
        if (DishFeed.of(d) == DishFeed.DIPOLE) {
            double centre = 1000 * feed.centre();
            double wide = Math.max(d.size(Dish.MOUTH_ALONG), d.size(Dish.MOUTH_ACROSS));
            double currents = new LitPlate(
                            d.size(Dish.MOUTH_ALONG), d.size(Dish.MOUTH_ACROSS), d.size(Dish.BEFORE), wave)
                    .field()
                    .directivity(4, 24 + (int) (8 * wide / wave));
            all.add(Worked.of(SOLVED)
                    .computed("D", "over even", gain, "", 4)
                    .gives(10 * Math.log10(gain), "dBi", 1, 0.3));
            all.add(Worked.of(CURRENTS)
                    .computed("D", "over even", currents, "", 4)
                    .gives(10 * Math.log10(currents), "dBi", 1, 1));
            all.add(Worked.of(CENTRE).computed("p", "fitted", centre, "mm", 2).gives(centre, "mm", 0, 50 * wave));
        }
        all.add(size(TUBE, "d", tube(lit)));
        level(
                        lit,
                        m -> new FeedPattern.Mouth(m, wave, d.size(Dish.HORN_LONG), wave)
                                .e(lit.dish().halfAngle()))
                .ifPresent(m -> all.add(size(ALONG, "m", m)));
        level(
                        lit,
                        m -> new FeedPattern.Mouth(wave, m, d.size(Dish.HORN_LONG), wave)
                                .h(lit.dish().halfAngle()))
                .ifPresent(m -> all.add(size(ACROSS, "m", m)));
        return all;
    }

    private static Worked size(Formula formula, String symbol, double metres) {
        return Worked.of(formula)
                .computed(symbol, "found", metres * 1000, "mm", 2)
                .gives(metres * 1000, "mm", 0);
    }

    private static double tube(LitDish lit) {
        double wave = C / lit.frequency();
        double least = CircularGuide.narrowest(lit.frequency(), 0.98);
        double most = 0.99 * CircularGuide.widest(lit.frequency());
        DoubleUnaryOperator gain = size -> {
            LitDish by = new LitDish(lit.dish(), new FeedPattern.Tube(size, lit.frequency()), lit.frequency(), 0, 0, 0);
            return by.spillover() * by.taper();
        };
        double within = new BrentOptimizer(1e-3, 1e-4 * wave)
                .optimize(
                        new MaxEval(80),
                        GoalType.MAXIMIZE,
                        new UnivariateObjectiveFunction(gain::applyAsDouble),
                        new SearchInterval(least, most))
                .getPoint();
        // The search comes near the widest that will do and never quite to it.
        return gain.applyAsDouble(most) > gain.applyAsDouble(within) ? most : within;
    }

    /** The mouth with which the rim is as weak as it should be; empty where none is, as in a very deep dish. */
    private static OptionalDouble level(LitDish lit, DoubleUnaryOperator rim) {
        double wave = C / lit.frequency();
        double wanted = Math.pow(10, (BEST_RIM + lit.dish().spaceAttenuation()) / 20);
        double wide = rim.applyAsDouble(LEAST * wave) - wanted;
        if (wide <= 0) {
            return OptionalDouble.empty();
        }
        double step = 0.1 * wave;
        for (double m = LEAST * wave; m < MOST * wave; m += step) {
            if (rim.applyAsDouble(m + step) < wanted) {
                return OptionalDouble.of(
                        new BrentSolver(1e-6).solve(60, x -> rim.applyAsDouble(x) - wanted, m, m + step));
            }
        }
        return OptionalDouble.empty();
    }
}
