package veldline.antenna;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.FarField;
import veldline.field.aperture.FeedPattern;
import veldline.field.aperture.TaperedSlot;
import veldline.field.wire.WireModel;
import veldline.picture.Mark.At;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A sheet with a slot that widens to its edge: a beam over two octaves from one piece of metal. */
public final class SlottedSheet implements ApertureFamily {
    private static final double C = 299_792_458.0;
    private static final int LENGTH = 0;
    private static final int MOUTH = 1;
    private static final int THROAT = 2;
    private static final int FLARE = 3;
    private static final int FIN = 4;
    private static final int RETURN_LOSS = 5;
    private static final int BEHIND = 6;
    /** Sheet behind the slot's end, of the slot behind its throat. */
    private static final double RIM = 0.25;

    private static final int PLACES = 360;
    private static final int CURVE = 40;
    /** A wider band is not asked of one that is made for a channel: a quarter to either side. */
    private static final double ASIDE = 0.25;
    /** Over the sum, the mean of a dozen sheets of 1.5 to 3 waves solved as nets; they lie within 1.2 and 4.0 dB. */
    private static final double EDGES = 2.5;

    private static final List<Measure> MEASURES = List.of(
            Measure.length("Slot, from throat to edge", 1, 8),
            Measure.length("Mouth of the slot", 0.4, 2.5),
            Measure.length("Slot at the throat", 0.004, 0.06),
            Measure.choice("It widens", "by the exponential", "straight"),
            Measure.length("Sheet beside the mouth", 0.15, 1.5),
            Measure.number(ApertureFamily.RETURN_LOSS, Unit.DB, 6, 40),
            Measure.length("Slot behind the throat", 0.1, 0.45));

    private static final Formula SUMMED = new Formula(
            "Slot by its pattern",
            "The wave along the slot with what each piece of it sends beside the sheet's edge, over all directions: D times even.",
            "C",
            "10·log10(D)",
            "Field across the slot before a half plane (Janaswamy and Schaubert, IEEE Trans. AP-35 (1987))",
            "The beam to 1 dB; of the sheet's other edges nothing is in it");
    private static final Formula ROUND = new Formula(
            "Lost at its other edges",
            "What runs across the sheet leaves it at the sides, wide of the beam: e.",
            "L",
            "e",
            "Mean of twelve such sheets of 1.5 to 3 waves, solved here as nets of wires",
            "±1.5 dB: they lie between 1.2 and 4.0 dB; the net beside it is of this sheet");

    @Override
    public String name() {
        return "tapered slot";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public String good() {
        return "One sheet that has a beam over two octaves: nothing to bend and nothing in tune.";
    }

    @Override
    public String bad() {
        return "Its gain is known to a decibel and a half at best, and it looks the way its sheet lies: a good wind vane.";
    }

    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() < 0.2;
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(LENGTH).of(2 * wave),
                MEASURES.get(MOUTH).of(0.8 * wave),
                MEASURES.get(THROAT).of(0.02 * wave),
                Quantity.of("0", Unit.ONE),
                MEASURES.get(FIN).of(0.4 * wave),
                Quantity.of("12", Unit.DB),
                MEASURES.get(BEHIND).of(0.22 * wave));
    }

    private static DoubleUnaryOperator width(ApertureDesign d) {
        double throat = Math.min(d.size(THROAT), 0.9 * d.size(MOUTH));
        double mouth = d.size(MOUTH);
        double length = d.size(LENGTH);
        return d.count(FLARE) == 0
                ? x -> throat * Math.pow(mouth / throat, Math.max(0, x / length))
                : x -> throat + (mouth - throat) * Math.max(0, x / length);
    }

    private static FeedPattern pattern(ApertureDesign d, double frequency) {
        return new TaperedSlot(d.size(LENGTH), width(d), C / frequency).pattern(PLACES);
    }

    @Override
    public Radiation radiation(ApertureDesign d, double frequency) {
        FeedPattern p = pattern(d, frequency);
        FarField field = (theta, phi) -> {
            double c = Math.pow(Math.cos(phi), 2);
            return c * Math.pow(p.e(theta), 2) + (1 - c) * Math.pow(p.h(theta), 2);
        };
        return new Radiation(
                Worked.of(SUMMED)
                        .computed("D", "over even", p.directivity(), "", 5)
                        .gives(10 * Math.log10(p.directivity()), "dBi", 1),
                List.of(Worked.of(ROUND)
                        .computed("e", "of the nets", EDGES, "dB", 1)
                        .gives(EDGES, "dB", 1, 1.5)),
                1.5,
                field,
                Radiation.Feed.typed(d.size(RETURN_LOSS)));
    }

    @Override
    public List<Worked> schools(ApertureDesign d, double frequency) {
        return List.of(over(d, frequency * (1 - ASIDE), "lower"), over(d, frequency * (1 + ASIDE), "higher"));
    }

    private static Worked over(ApertureDesign d, double frequency, String where) {
        double directivity = pattern(d, frequency).directivity();
        Formula f = new Formula(
                "Gain a quarter " + where,
                "The same sheet at another frequency: its opening is another part of a wave there.",
                "G",
                "10·log10(D) − e",
                SUMMED.source(),
                "±1.5 dB");
        return Worked.of(f)
                .computed("D", "over even", directivity, "", 5)
                .computed("e", "round the edges", EDGES, "dB", 1)
                .gives(10 * Math.log10(directivity) - EDGES, "dBi", 1, 1.5);
    }

    @Override
    public Optional<WireModel> grid(ApertureDesign d, double frequency) {
        return SlotGrid.of(
                C / frequency,
                d.size(LENGTH),
                d.size(BEHIND),
                width(d),
                d.size(FIN),
                d.metal().conductivity());
    }

    @Override
    public String trusted() {
        return "±1 dB, for the sheet as drawn. It is trusted before the sum along the slot, which has the beam but not what leaves by the"
                + " sheet's other edges";
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        List<String> all = new ArrayList<>();
        if (d.size(MOUTH) < 0.5 * wave) {
            all.add("A mouth under half a wave lets hardly anything out; at this frequency give "
                    + NumberText.shown(500 * wave, 0) + " mm and more.");
        }
        if (d.size(THROAT) > 0.04 * wave) {
            all.add("So wide a throat sends before it guides; a fiftieth of a wave is usual.");
        }
        return all;
    }

    /** One edge of the slot from the throat on. */
    private static List<At> edge(ApertureDesign d, int side) {
        return IntStream.rangeClosed(0, CURVE)
                .mapToObj(i -> d.size(LENGTH) * i / CURVE)
                .map(x -> new At(x, side * width(d).applyAsDouble(x) / 2))
                .toList();
    }

    /** The sheet's whole outline, slot and all; the slot ends a little behind the throat. */
    private static List<At> outline(ApertureDesign d) {
        double half = d.size(MOUTH) / 2 + d.size(FIN);
        double throat = d.size(THROAT) / 2;
        double end = -d.size(BEHIND);
        double back = (1 + RIM) * end;
        List<At> all = new ArrayList<>(List.of(
                new At(back, -half), new At(d.size(LENGTH), -half), new At(d.size(LENGTH), -d.size(MOUTH) / 2)));
        List<At> lower = new ArrayList<>(edge(d, -1));
        Collections.reverse(lower);
        all.addAll(lower);
        all.add(new At(end, -throat));
        all.add(new At(end, throat));
        all.addAll(edge(d, 1));
        all.add(new At(d.size(LENGTH), half));
        all.add(new At(back, half));
        return all;
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        List<At> whole = new ArrayList<>(outline(d));
        whole.add(whole.get(0));
        double half = d.size(MOUTH) / 2 + d.size(FIN);
        double t = d.size(THROAT) / 2;
        return new Sketch(
                List.of(new Line(Kind.METAL, whole), Line.feed(new At(0, -t), new At(0, t))),
                List.of(
                        Line.metal(new At(0, -half), new At(0, -d.size(MOUTH) / 2)),
                        Line.metal(new At(0, d.size(MOUTH) / 2), new At(0, half)),
                        Line.other(new At(-0.2 * half, -half), new At(0.2 * half, -half)),
                        Line.other(new At(-0.2 * half, half), new At(0.2 * half, half))));
    }

    @Override
    public String title(ApertureDesign d) {
        return "Tapered slot, " + NumberText.shown(d.size(LENGTH) * 1000, 0) + " mm";
    }

    @Override
    public List<FlatPattern> flat(ApertureDesign d) {
        return List.of(new FlatPattern("sheet with its slot", 1, outline(d)));
    }

    @Override
    public List<String> parts(ApertureDesign d, double frequency) {
        return List.of(
                "Sheet " + NumberText.shown(1000 * (d.size(LENGTH) + (1 + RIM) * d.size(BEHIND)), 0) + " by "
                        + NumberText.shown(1000 * (d.size(MOUTH) + 2 * d.size(FIN)), 0) + " mm, 0.5 to 1 mm thick",
                "Thin coaxial cable with its plug, soldered across the throat: braid to one side, core to the other",
                "Two spacers of plastic, well behind the throat");
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        return List.of(
                "Print the sheet at true size, check its bar with a rule, and spray it on.",
                "Caution: sheet cuts like knives; gloves, glasses, the sheet clamped while it is sawn.",
                "Cut the slot from the throat outwards and file both edges alike: they are held against each other.",
                "Lay the cable along one edge of the sheet, solder its braid there all the way to the throat. Caution: iron, fumes.",
                "Hold: core open against the braid before the last joint, joined through the sheet after it.",
                "The field lies in the sheet: mount it with the sheet " + (d.upright() ? "upright." : "level."));
    }

    @Override
    public double area(ApertureDesign d) {
        return (d.size(MOUTH) + 2 * d.size(FIN)) * d.size(LENGTH);
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return area(d) * 0.0008 * d.metal().density() + 0.1;
    }
}
