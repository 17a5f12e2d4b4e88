package veldline.antenna;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/**
 * Dipoles that shrink by one factor along two booms, their arms joined to the booms in turn; fed at the short end. It serves from a
 * little over where its longest is half a wave to where its shortest is a third.
 */
public final class LogPeriodic implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Longest element", 0.4, 1.6),
            Measure.length("Shortest element", 0.15, 0.5),
            Measure.count("Elements", 4, 16),
            Measure.length("Longest to shortest", 0.15, 3),
            Measure.length("Between the booms", 0.01, 0.12),
            Measure.length("Booms, diameter", 0.001, 0.035));
    private static final String[] COUNTS = {
        "Four",
        "Five",
        "Six",
        "Seven",
        "Eight",
        "Nine",
        "Ten",
        "Eleven",
        "Twelve",
        "Thirteen",
        "Fourteen",
        "Fifteen",
        "Sixteen"
    };

    private static final Formula FACTOR = new Formula(
            "Shrinking factor",
            "What each element is of the one behind it.",
            "τ",
            "(s ÷ l)^(1 ÷ (n − 1))",
            "Carrel, IRE Conv. Rec. (1961); Balanis, Antenna Theory, 3rd ed., §11.4",
            "Exact for one factor throughout");
    private static final Formula SPACING = new Formula(
            "Relative spacing",
            "Distance from one element to the next over four of its arms.",
            "σ",
            "(1 − τ) ÷ (4·tan(a))",
            "Balanis, Antenna Theory, 3rd ed., eq. 11-26",
            "Best near 0.243·τ − 0.051; closer is shorter and gives less");

    @Override
    public String name() {
        return "log-periodic";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.DRILL, Tool.SOLDERING_IRON);
    }

    @Override
    public String good() {
        return "One beam and one match over an octave and more; lengths forgive a per cent.";
    }

    @Override
    public String bad() {
        return "Only three or four elements work at any one frequency: 6 to 9 dBi, a Yagi of that boom has 3 dB more.";
    }

    /** From a tenth under the frequency to a half over it. */
    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.54 * wave),
                MEASURES.get(1).of(0.27 * wave),
                Quantity.of("7", Unit.ONE),
                MEASURES.get(3).of(0.55 * wave),
                MEASURES.get(4).of(Math.max(0.018 * wave, 2.5 * wish.diameter())),
                MEASURES.get(5).of(Math.max(0.006 * wave, wish.diameter())));
    }

    @Override
    public Design tuned(Design d, double frequency) {
        return d;
    }

    @Override
    public List<String> extras(Design d) {
        return List.of("two booms, " + d.sizes().get(5) + " across, and insulating spacers for "
                + d.sizes().get(4));
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Arms join the booms in turn: upper boom left, next right, and the other way about below.",
                "The cable runs inside a boom from the rear and is joined at the front; booms stay insulated from each other.");
    }

    @Override
    public Optional<Integer> grows() {
        return Optional.of(2);
    }

    @Override
    public boolean dips() {
        return false;
    }

    @Override
    public Fixture fixture(Design d) {
        return new Fixture.Screwed();
    }

    @Override
    public boolean isSheet(Design d, int wire) {
        return wire == 0;
    }

    @Override
    public String title(Design d) {
        return COUNTS[d.count(2) - 4] + "-element log-periodic";
    }

    @Override
    public String build(Design d) {
        return NumberText.shown(d.size(3) * 1000, 0) + " mm booms";
    }

    /** What each element is of the one behind it. */
    static double factor(Design d) {
        return Math.pow(d.size(1) / d.size(0), 1.0 / (d.count(2) - 1));
    }

    /** Distance to the next over twice the length of the longer one. */
    static double spacing(Design d) {
        return (1 - factor(d)) * d.size(3) / (2 * (d.size(0) - d.size(1)));
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        Worked tau = Worked.of(FACTOR)
                .computed("s", "shortest", d.size(1) * 1000, "mm", 1)
                .computed("l", "longest", d.size(0) * 1000, "mm", 1)
                .computed("n", "elements", d.count(2), "", 0)
                .gives(factor(d), "", 3);
        double half = Math.atan((d.size(0) - d.size(1)) / 2 / d.size(3));
        return List.of(
                tau,
                Worked.of(SPACING)
                        .from("τ", "shrinking factor", tau)
                        .computed("a", "half the angle at the apex, rad", half, "", 5)
                        .gives(spacing(d), "", 3));
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0
                ? "link at the feed"
                : wire <= 2
                        ? "boom"
                        : "arm " + ((wire - 3) / 2 + 1) + (wire % 2 == 1 ? ", upper boom" : ", lower boom");
    }

    @Override
    public WireModel model(Design d) {
        int n = d.count(2);
        double tau = factor(d);
        double apart = d.size(4) / 2;
        double[] at = new double[n];
        double[] arm = new double[n];
        // From one to the next the way shrinks as the elements do.
        double first =
                n > 1 && tau < 1 - 1e-9 ? d.size(3) * (1 - tau) / (1 - Math.pow(tau, n - 1)) : d.size(3) / (n - 1);
        for (int i = 0; i < n; i++) {
            arm[i] = d.size(0) / 2 * Math.pow(tau, i);
            at[i] = i == 0 ? -d.size(3) : at[i - 1] + first * Math.pow(tau, i - 1);
        }
        Wiring w = new Wiring(d);
        w.wire(List.of(new Vec(at[n - 1], 0, -apart), new Vec(at[n - 1], 0, apart)), d.size(5), false);
        for (int side : new int[] {1, -1}) {
            List<Vec> boom = new ArrayList<>();
            for (double x : at) {
                boom.add(new Vec(x, 0, side * apart));
            }
            w.wire(boom, d.size(5), false);
        }
        for (int i = 0; i < n; i++) {
            int turn = i % 2 == 0 ? 1 : -1;
            w.wire(new Vec(at[i], 0, apart), new Vec(at[i], turn * arm[i], apart));
            w.wire(new Vec(at[i], 0, -apart), new Vec(at[i], -turn * arm[i], -apart));
        }
        return w.feedMiddle(0).model("Log-periodic");
    }
}
