package veldline.build;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.wire.Wire;
import veldline.quantity.NumberText;
import veldline.stock.Form;
import veldline.stock.Metal;
import veldline.stock.Piece;
import veldline.stock.Tool;

/**
 * All that is needed to build an antenna.
 *
 * @param cuts of conductor
 * @param stock what they are cut from, bar by bar
 * @param marks on the boom
 * @param bill of materials, a line each
 * @param tools to have at hand
 * @param trim what is cut to tune it, where anything is
 * @param corrections that shift it, one by one
 * @param plane how far a tip may stand out of the plane of the others; empty without a boom
 * @param steps of the work in order
 */
public record BuildPlan(
        List<Cut> cuts,
        Nesting stock,
        Marks marks,
        List<String> bill,
        Set<Tool> tools,
        Optional<Trim> trim,
        List<Correction> corrections,
        Optional<Worked> plane,
        List<Step> steps) {
    /** What a hacksaw takes, metres. */
    public static final double KERF = 1e-3;

    /** Lengths that rod and tube are sold in, and a reel of wire, metres. */
    private static final List<Double> SOLD = List.of(1.0, 2.0, 6.0, 100.0);

    /** What a twisted element may cost, dB. */
    private static final double TWISTED = 0.1;

    static final Formula PLANE = new Formula(
            "Out of the plane of the others",
            "How far a tip may stand out before an element that is twisted about the boom loses so much: it takes and gives by the cosine of"
                    + " the twist.",
            "T",
            "l ÷ 2·sqrt(10^(d ÷ 10) − 1)",
            "Projection of a dipole on the field (IEEE Std 145, polarization efficiency)",
            "A bound for one element; parallel within the same, and a twist of all alike costs nothing");
    static final Formula ROUNDED = new Formula(
            "Rounded to the tape",
            "What cutting to the nearest fraction shifts the dip by, were every length off alike.",
            "S",
            "−f·e ÷ l",
            "Scale: all lengths longer by a share, all frequencies lower by it",
            "A bound: one element alone shifts it by less");

    public BuildPlan {
        cuts = List.copyOf(cuts);
        bill = List.copyOf(bill);
        tools = Set.copyOf(tools);
        corrections = List.copyOf(corrections);
        steps = List.copyOf(steps);
    }

    /**
     * What decides it.
     *
     * @param ready pieces in stock
     */
    public record Input(Made made, double frequency, List<Piece> ready) {
        public Input {
            ready = List.copyOf(ready);
        }
    }

    /** Takes some ten solutions. */
    public static BuildPlan of(Input in, BooleanSupplier goOn) {
        List<Cut> cuts = CutList.of(in.made, in.frequency);
        Marks marks = Marks.of(in.made);
        Dip dip = Dip.of(in.made.model(), in.frequency, goOn);
        Optional<Trim> trim = Trim.of(in.made, in.frequency, dip, goOn);
        Optional<Worked> plane = marks.marks().isEmpty() ? Optional.empty() : Optional.of(plane(in.made));
        return new BuildPlan(
                cuts,
                stock(in, cuts),
                marks,
                bill(in.made, cuts, marks),
                tools(in.made),
                trim,
                Corrections.of(in.made, in.frequency, dip, goOn),
                plane,
                Steps.of(in.made, cuts, marks, plane, trim));
    }

    /** Each thickness from stock of its own. */
    private static Nesting stock(Input in, List<Cut> cuts) {
        return cuts.stream()
                .map(Cut::size)
                .distinct()
                .map(size -> stock(
                        in, size, cuts.stream().filter(c -> c.size() == size).toList()))
                .reduce(new Nesting(List.of(), List.of()), Nesting::and);
    }

    private static Nesting stock(Input in, double size, List<Cut> cuts) {
        List<Nesting.Piece> pieces = cuts.stream()
                .flatMap(c -> Collections.nCopies(c.count(), new Nesting.Piece(c.name(), c.length())).stream())
                .toList();
        List<Double> ready = in.ready.stream()
                .filter(p -> metal(in.made).filter(m -> p.serves(m, size)).isPresent())
                .map(p -> p.length().value())
                .toList();
        double longest =
                pieces.stream().mapToDouble(Nesting.Piece::length).max().orElse(0);
        double usual = SOLD.stream().filter(l -> l >= longest).findFirst().orElse(SOLD.get(SOLD.size() - 1));
        return Nesting.of(size, pieces, ready, usual, KERF);
    }

    static Optional<Metal> metal(Made made) {
        return made instanceof YagiShape y
                ? Optional.of(y.metal())
                : made instanceof Design d ? Optional.of(d.metal()) : Optional.empty();
    }

    /** For the longest of the elements. */
    private static Worked plane(Made made) {
        double longest = 1000
                * made.model().wires().stream().mapToDouble(Wire::length).max().orElse(0);
        return Worked.of(PLANE)
                .computed("l", "longest element", longest, "mm", 1)
                .typed("d", "that may be lost", TWISTED, "dB", 1)
                .gives(longest / 2 * Math.sqrt(Math.pow(10, TWISTED / 10) - 1), "mm", 0);
    }

    /** What rounding a piece to a fraction of an inch shifts the dip by. */
    public static Worked rounded(Cut c, int denominator, double frequency) {
        return Worked.of(ROUNDED)
                .typed("f", "frequency", frequency / 1e6, "MHz", 4)
                .computed("e", "fraction less length", c.rounding(denominator) * 1000, "mm", 4)
                .computed("l", "length", c.length() * 1000, "mm", 2)
                .gives(-frequency / 1e6 * c.rounding(denominator) / c.length(), "MHz", 2);
    }

    private static Set<Tool> tools(Made made) {
        if (made instanceof Design d) {
            return new TreeSet<>(d.of().tools());
        }
        return new TreeSet<>(new Yagi().tools());
    }

    private static List<String> bill(Made made, List<Cut> cuts, Marks marks) {
        List<String> bill = new ArrayList<>();
        Form form = made instanceof Design d ? d.form() : Form.ROD;
        for (double size : cuts.stream().map(Cut::size).distinct().toList()) {
            double metres = cuts.stream()
                    .filter(c -> c.size() == size)
                    .mapToDouble(c -> c.count() * (c.length() + KERF))
                    .sum();
            double grams = 1000
                    * metres
                    * form.section(size)
                    * metal(made).map(Metal::density).orElse(0.0);
            bill.add(NumberText.shown(size * 1000, size < 0.01 ? 2 : 1) + " mm "
                    + metal(made).map(m -> m.words() + " ").orElse("") + form.words() + ": "
                    + NumberText.shown(metres, 2) + " m" + (grams > 0 ? ", " + NumberText.shown(grams, 0) + " g" : ""));
        }
        if (!marks.marks().isEmpty()) {
            bill.add("boom: " + NumberText.shown(marks.boom() * 1000, 0) + " mm");
            bill.add("holders for " + marks.marks().size() + " elements");
        }
        if (made instanceof Design d) {
            d.covering().ifPresent(c -> bill.add(c.words() + " all along"));
            bill.addAll(d.of().extras(d));
        }
        bill.add("feed box with gland, ring tags, screws of the same metal or stainless");
        bill.add(made.balanced() ? "ferrites for the choke; cable with connector" : "cable with connector");
        bill.add("sealing compound, heat-shrink sleeve");
        return bill;
    }
}
