package veldline.antenna;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.BentProfile;
import veldline.field.aperture.BentSheet;
import veldline.field.aperture.RectangularOpening;
import veldline.picture.Mark.At;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A sheet bent one way before a row in its focal line; its beam may be drawn out downwards, as the ground below asks for. */
public final class Trough implements ApertureFamily {
    private static final double C = 299_792_458.0;
    static final int HEIGHT = 0;
    static final int LENGTH = 1;
    static final int FOCUS = 2;
    static final int RIM = 3;
    static final int ENDS = 4;
    static final int SHADOW = 5;
    static final int FAN_TO = 6;
    static final int FAN_FROM = 7;
    static final int ROUGH = 8;
    static final int ROW = 12;
    static final int RETURN_LOSS = 13;
    /** Deeper than this the row lights hardly anything, radians. */
    private static final double DEEP = 1.5;

    private static final int RIB = 60;

    private static final List<Measure> MEASURES = List.of(
            Measure.length("Opening, across the curve", 1.5, 60),
            Measure.length("Length of the row", 1, 60),
            Measure.length("Focus from the middle", 0.4, 40),
            Measure.number("Row at the rim, under its middle", Unit.DB, 3, 25),
            Measure.number("Row's ends, under its middle", Unit.DB, 0, 20),
            Measure.length("Shadow of the row, across", 0, 3),
            Measure.angle("Fan drawn out down to, 0 for none", 0, 70),
            Measure.angle("Fan begins under the beam by", 1, 45),
            MetalSurface.MEASURES.get(0),
            MetalSurface.MEASURES.get(1),
            MetalSurface.MEASURES.get(2),
            MetalSurface.MEASURES.get(3),
            Measure.choice("Field", "along the row", "square to the row"),
            Measure.number("Return loss of the row", Unit.DB, 6, 40));

    @Override
    public String name() {
        return "trough";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public String good() {
        return "A beam of two widths, each set for itself, from sheet that is bent one way only; drawn out downwards it serves near and far alike.";
    }

    @Override
    public String bad() {
        return "Its row takes a divider or a slotted tube as long as the sheet, and a fan costs the gain it spreads.";
    }

    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() < 0.25;
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        List<Quantity> surface = MetalSurface.begin(wave);
        return List.of(
                MEASURES.get(HEIGHT).of(5 * wave),
                MEASURES.get(LENGTH).of(3 * wave),
                MEASURES.get(FOCUS).of(2 * wave),
                Quantity.of("9", Unit.DB),
                Quantity.of("6", Unit.DB),
                MEASURES.get(SHADOW).of(0.4 * wave),
                Quantity.of("0", Unit.DEG),
                Quantity.of("8", Unit.DEG),
                surface.get(0),
                surface.get(1),
                surface.get(2),
                surface.get(3),
                Quantity.of("0", Unit.ONE),
                Quantity.of("14", Unit.DB));
    }

    @Override
    public boolean uses(ApertureDesign d, int measure) {
        return surface(d).uses(measure, ROUGH) && (d.size(FAN_TO) > 0 || measure != FAN_FROM);
    }

    private static MetalSurface surface(ApertureDesign d) {
        return MetalSurface.of(d, ROUGH);
    }

    private static double half(ApertureDesign d) {
        return Math.min(DEEP, 2 * Math.atan(d.size(HEIGHT) / 4 / d.size(FOCUS)));
    }

    private static BentProfile.Fan fan(ApertureDesign d) {
        return d.size(FAN_TO) > 0
                ? new BentProfile.Fan(Math.toRadians(d.size(FAN_FROM)), Math.toRadians(d.size(FAN_TO)))
                : BentProfile.Fan.NONE;
    }

    static BentProfile bent(ApertureDesign d) {
        double half = half(d);
        return new BentProfile(d.size(FOCUS), half, d.size(RIM) / (-10 * Math.log10(Math.cos(half))), fan(d));
    }

    private static double shadow(ApertureDesign d) {
        return Math.min(0.8 * 4 * d.size(FOCUS) * Math.tan(half(d) / 2), d.size(SHADOW));
    }

    private static BentSheet sheet(ApertureDesign d, double frequency) {
        return new BentSheet(bent(d), C / frequency, shadow(d));
    }

    private static RectangularOpening.Side row(ApertureDesign d) {
        return RectangularOpening.Side.falling(d.size(LENGTH), d.size(ENDS));
    }

    private static final Formula EVEN = new Formula(
            "Opening evenly lit",
            "An opening h high and l long, in step all over; w the wave.",
            "C",
            "10·log10(4·pi·h·l ÷ w^2)",
            "Balanis, Antenna Theory, 3rd ed., §12.5",
            "Exact for openings of many waves; under two waves an edge counts for as much as the opening");
    private static final Formula UNEVEN = DishLosses.share(
            "Lost to uneven light", "Of what meets the sheet the share t is left of an even light's gain.", "t");
    private static final Formula ENDS_LOST = DishLosses.share(
            "Lost to weaker ends of the row",
            "The share e is left of an even row's gain; it buys lower lobes beside the beam.",
            "e");
    private static final Formula FANNED = DishLosses.share(
            "Given to the fan", "What is spread under the beam is missing from its peak: the share f is left.", "f");

    @Override
    public Radiation radiation(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        BentSheet sheet = sheet(d, frequency);
        BentProfile pencil = bent(d).pencil();
        double ahead = new BentSheet(pencil, wave, 0).beam(0);
        double shaded = new BentSheet(pencil, wave, shadow(d)).beam(0);
        Worked even = Worked.of(EVEN)
                .computed("h", "rim to rim", pencil.height(), "m", 5)
                .typed("l", "length", d.size(LENGTH), "m", 5)
                .computed("w", "wave", wave, "m", 5)
                .gives(10 * Math.log10(4 * Math.PI * pencil.height() * d.size(LENGTH) / wave / wave), "dBi", 1);
        List<Worked> lost = new ArrayList<>();
        lost.add(DishLosses.part(DishLosses.SPILLED, "s", "meets the sheet", pencil.spillover()));
        lost.add(DishLosses.part(
                UNEVEN, "t", "left", ahead * wave / (2 * Math.PI * pencil.height()) / pencil.spillover()));
        if (d.size(ENDS) > 0) {
            lost.add(DishLosses.part(ENDS_LOST, "e", "left", row(d).taper(d.size(LENGTH))));
        }
        if (d.size(SHADOW) > 0) {
            lost.add(DishLosses.part(DishLosses.SHADE, "b", "left", shaded / ahead));
        }
        if (d.size(FAN_TO) > 0) {
            lost.add(DishLosses.part(FANNED, "f", "left", sheet.beam(sheet.peak()) / shaded));
        }
        lost.addAll(surface(d).lost(wave));
        boolean rowInE = d.count(ROW) == 0;
        return new Radiation(
                even,
                lost,
                d.size(LENGTH) < 2 * wave ? 1 : 0.6,
                sheet.field(d.size(LENGTH), row(d), rowInE),
                Radiation.Feed.typed(d.size(RETURN_LOSS)));
    }

    private static final Formula TILT = new Formula(
            "Beam under the sheet's own axis",
            "The peak of the fan; the sheet is tilted up by so much where the beam is to be level.",
            "B",
            "b",
            "Peak of the pattern summed over the sheet",
            "±0.2°");
    private static final Formula WAVES = new Formula(
            "Fan strays from the cosecant's square",
            "Between where the fall begins and four fifths of where it ends: half of what lies between its best and its worst.",
            "S",
            "(a − b) ÷ 2",
            "Pattern summed over the sheet against Silver, §13.6",
            "±1 dB; a taller opening strays less");
    private static final Formula ARC = new Formula(
            "Sheet laid flat, across the curve",
            "Along the bend from rim to rim.",
            "A",
            "a",
            "Length of the profile",
            "Exact for the profile as drawn");

    @Override
    public List<Worked> schools(ApertureDesign d, double frequency) {
        List<Worked> all = new ArrayList<>();
        double flat = bent(d).flat() * 1000;
        all.add(Worked.of(ARC).computed("a", "summed", flat, "mm", 2).gives(flat, "mm", 1));
        if (d.size(FAN_TO) > 0) {
            BentSheet sheet = sheet(d, frequency);
            double peak = Math.toDegrees(sheet.peak());
            all.add(Worked.of(TILT).computed("b", "of the peak", peak, "°", 3).gives(peak, "°", 1, 0.2));
            double[] levels = IntStream.rangeClosed(0, 60)
                    .mapToDouble(i -> d.size(FAN_FROM) + (0.8 * d.size(FAN_TO) - d.size(FAN_FROM)) * i / 60)
                    .map(Math::toRadians)
                    .map(a -> 10 * Math.log10(sheet.around(a) * Math.pow(Math.sin(a), 2)))
                    .toArray();
            double best = Arrays.stream(levels).max().orElseThrow();
            double worst = Arrays.stream(levels).min().orElseThrow();
            all.add(Worked.of(WAVES)
                    .computed("a", "best", best, "dB", 3)
                    .computed("b", "worst", worst, "dB", 3)
                    .gives((best - worst) / 2, "dB", 1, 1));
        }
        return all;
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        List<String> all = new ArrayList<>(surface(d).watch(wave));
        if (half(d) >= DEEP || d.size(FOCUS) < d.size(HEIGHT) / 4) {
            all.add("The row lies inside the rim: few rows light so deep a sheet.");
        }
        if (d.size(FAN_TO) > 0 && Math.toRadians(d.size(FAN_FROM)) < 0.5 * wave / d.size(HEIGHT)) {
            all.add("The fan begins inside the beam itself; an opening of "
                    + NumberText.shown(500 * wave / Math.toRadians(d.size(FAN_FROM)), 0)
                    + " mm or more could make it.");
        }
        return all;
    }

    /** Across the curve, the row at the focus: points from the lower rim to the upper, x from the middle of the sheet. */
    private static List<At> profile(ApertureDesign d) {
        BentProfile sheet = bent(d);
        double half = half(d);
        return IntStream.rangeClosed(0, RIB)
                .mapToObj(i -> sheet.at(half * (2.0 * i / RIB - 1)))
                .map(p -> new At(p[0] + d.size(FOCUS), p[1]))
                .toList();
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        List<At> bent = profile(d);
        double f = d.size(FOCUS);
        double s = d.size(SHADOW) / 2;
        At low = bent.get(0);
        At high = bent.get(RIB);
        double l = d.size(LENGTH) / 2;
        List<Line> side = List.of(
                new Line(Kind.METAL, bent),
                Line.feed(new At(f, -s), new At(f, s)),
                Line.other(high, new At(f, s)),
                Line.other(low, new At(f, -s)));
        List<Line> front = List.of(
                Line.metal(
                        new At(-l, low.y()),
                        new At(l, low.y()),
                        new At(l, high.y()),
                        new At(-l, high.y()),
                        new At(-l, low.y())),
                Line.feed(new At(-l, -s), new At(l, -s), new At(l, s), new At(-l, s), new At(-l, -s)));
        // Before it the E plane is drawn upright: there the row lies along it where the field does.
        return new Sketch(
                side,
                d.count(ROW) == 1
                        ? front
                        : front.stream()
                                .map(line -> new Line(
                                        line.kind(),
                                        line.points().stream()
                                                .map(p -> new At(p.y(), p.x()))
                                                .toList()))
                                .toList());
    }

    @Override
    public String title(ApertureDesign d) {
        return (d.size(FAN_TO) > 0 ? "Trough with a fan, " : "Trough, ") + NumberText.shown(d.size(HEIGHT) * 1000, 0)
                + " by " + NumberText.shown(d.size(LENGTH) * 1000, 0) + " mm";
    }

    @Override
    public List<FlatPattern> flat(ApertureDesign d) {
        List<At> outline = new ArrayList<>(profile(d));
        double behind = outline.stream().mapToDouble(At::x).min().orElseThrow() - RIB_DEPTH * d.size(HEIGHT);
        outline.add(new At(behind, outline.get(RIB).y()));
        outline.add(new At(behind, outline.get(0).y()));
        return List.of(new FlatPattern("rib, its sheet along the curve", ribs(d), outline));
    }

    private static final double RIB_DEPTH = 0.08;

    /** One at each end and one every half metre. */
    private static int ribs(ApertureDesign d) {
        return 2 + (int) (d.size(LENGTH) / 0.5);
    }

    @Override
    public List<String> parts(ApertureDesign d, double frequency) {
        return List.of(
                "Sheet " + NumberText.shown(bent(d).flat() * 1000, 1) + " mm across the curve by "
                        + d.sizes().get(LENGTH) + ", of "
                        + surface(d).words(),
                ribs(d) + " ribs by the pattern, of board or sheet",
                "Row " + d.sizes().get(LENGTH) + " long, its ends " + d.sizes().get(ENDS)
                        + " under its middle, with a divider and its socket",
                "Two end plates that hold the row in the focal line");
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        return List.of(
                "Cut the ribs by the pattern at true size; check its bar with a rule first.",
                "Caution: sheet cuts like knives and springs back; gloves, glasses, two people to bend it over the ribs.",
                "Fix the sheet from the middle outwards, so that it lies on every rib.",
                "Set the row " + d.sizes().get(FOCUS) + " from the sheet's middle, as long as it is; its field stands "
                        + (d.upright() ? "upright." : "level."),
                "Caution: wind. A fixed mast, two people, local codes for what stands on roofs; nobody works at it while it sends.",
                d.size(FAN_TO) > 0
                        ? "The fan goes down: mark the upper rim, which is the one that is bent on."
                        : "Aim it by the beam, then move the row along the axis for the strongest level and lock it.");
    }

    @Override
    public double area(ApertureDesign d) {
        return surface(d).shown(d.size(HEIGHT) * d.size(LENGTH));
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return area(d) * 0.0012 * d.metal().density() + 0.5 + d.size(LENGTH);
    }
}
