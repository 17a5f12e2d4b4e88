package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.CircularGuide;
import veldline.field.aperture.CosineFeed;
import veldline.field.aperture.FeedPattern;
import veldline.field.aperture.LitDish;
import veldline.field.aperture.Paraboloid;
import veldline.picture.Mark.At;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A paraboloid with a feed at its focus, of sheet, mesh or rods; a dish of rods passes what is square to them. */
public final class Dish implements ApertureFamily {
    private static final double C = 299_792_458.0;
    private static final int DIAMETER = 0;
    private static final int FOCUS = 1;
    private static final int FEED = 2;
    private static final int RIM = 3;
    private static final int TUBE = 4;
    private static final int SHADOW = 5;
    private static final int ASIDE = 6;
    private static final int AHEAD = 7;
    private static final int ROUGH = 8;
    private static final int SURFACE = 9;
    private static final int GAP = 10;
    private static final int ROD = 11;
    private static final int RETURN_LOSS = 12;

    private static final List<Measure> MEASURES = List.of(
            Measure.length("Diameter", 2, 120),
            Measure.length("Focus from the middle", 0.5, 80),
            Measure.choice("Feed", "open tube", "by its level at the rim"),
            Measure.number("Feed at the rim, under its middle", Unit.DB, 3, 25),
            Measure.length("Feed's tube, inside", 0.6, 1.6),
            Measure.length("Shadow before it, across", 0, 6),
            Measure.length("Feed off the axis", 0, 3),
            Measure.length("Feed beyond the focus", 0, 1),
            Measure.length("Surface out of true, rms", 0, 0.1),
            Measure.choice("Surface", "sheet", "mesh", "rods along the field"),
            Measure.length("From wire to wire", 0.002, 0.4),
            Measure.length("Wire, thick", 0.0005, 0.05),
            Measure.number("Return loss of the feed", Unit.DB, 6, 40));

    static final Formula EVEN = new Formula(
            "Opening evenly lit",
            "A round opening of diameter d in step all over: nothing of its size has more without being finer than the wave; w the wave.",
            "C",
            "20·log10(pi·d ÷ w)",
            "Balanis, Antenna Theory, 3rd ed., §12.9",
            "Exact for openings of many waves; under two waves an edge counts for as much as the opening");
    static final Formula SPILLED =
            share("Lost past the rim", "Of what the feed sends, the share s meets the dish.", "s");
    static final Formula UNEVEN = share(
            "Lost to uneven light",
            "Of what meets the dish the share t is left of an even light's gain; what is turned square to the field with it.",
            "t");
    static final Formula SHADE =
            share("Lost in the feed's shadow", "The middle sends nothing: its field is missing.", "b");
    static final Formula FOCUSED =
            share("Lost to a feed beyond the focus", "Its light is out of step between middle and rim.", "f");
    static final Formula AIMED =
            share("Lost to a feed off the axis", "Where the beam then points; it squints to the other side.", "a");
    static final Formula SURFACE_LOST = new Formula(
            "Lost to a rough surface",
            "Out of true by e on average, squared: every piece sends a little early or late.",
            "L",
            "10·log10(2.718281828)·(4·pi·e ÷ w)^2",
            "Ruze, Proc. IEEE 54 (1966)",
            "±10 % of it while e is under a fifteenth of a wave and bumps are wider than a wave");
    static final Formula THROUGH = new Formula(
            "Lost through the wires",
            "Wires s apart and d thick, along the field: a coil across the way; w the wave.",
            "L",
            "10·log10(1 + (2·s ÷ w·2.302585·log10(s ÷ (pi·d)))^2)",
            "Marcuvitz, Waveguide Handbook, §5.18, square on, s well under a wave",
            "±20 % of it for s under a third of a wave; mesh lies between this and what knots add");

    private static Formula share(String name, String words, String letter) {
        return new Formula(
                name,
                words,
                "L",
                "−10·log10(" + letter + ")",
                "Integrals of the feed's pattern over the dish (Balanis, §15.4.1; Silver, §12)",
                "±0.1 dB for the feed as it is told; feeds are seldom known better than ±0.3 dB");
    }

    @Override
    public String name() {
        return "dish";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public String good() {
        return "More gain for its size than anything else, over any band its feed has; it is aimed once and stays.";
    }

    @Override
    public String bad() {
        return "Wind takes hold of it, its beam asks for a firm mast and careful aim, and under five waves across a Yagi or a horn does as well.";
    }

    /** Where three waves and more can still be carried. */
    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() < 0.4;
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        return begin(wish, Math.max(4 * wish.wavelength(), Math.min(1.2, 6 * wish.wavelength())));
    }

    private static List<Quantity> begin(Wish wish, double diameter) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(DIAMETER).of(diameter),
                MEASURES.get(FOCUS).of(0.4 * diameter),
                Quantity.of("0", Unit.ONE),
                Quantity.of("10", Unit.DB),
                MEASURES.get(TUBE).of(0.72 * wave),
                MEASURES.get(SHADOW).of(0.8 * wave),
                MEASURES.get(ASIDE).of(0),
                MEASURES.get(AHEAD).of(0),
                MEASURES.get(ROUGH).of(0.005 * wave),
                Quantity.of("0", Unit.ONE),
                MEASURES.get(GAP).of(0.1 * wave),
                MEASURES.get(ROD).of(0.012 * wave),
                Quantity.of("14", Unit.DB));
    }

    /** Three sizes, as far as they can be carried. */
    @Override
    public List<ApertureDesign> choices(Wish wish) {
        double wave = wish.wavelength();
        List<ApertureDesign> all = new ArrayList<>();
        for (double waves : new double[] {4, 7, 12}) {
            if (waves * wave < 1.3) {
                all.add(new ApertureDesign(key(), begin(wish, waves * wave), wish.metal(), wish.upright()));
            }
        }
        return all;
    }

    static Paraboloid paraboloid(ApertureDesign d) {
        return new Paraboloid(d.size(DIAMETER), d.size(FOCUS));
    }

    private static FeedPattern feed(ApertureDesign d, double frequency) {
        return d.count(FEED) == 0
                ? new FeedPattern.Tube(d.size(TUBE), frequency)
                : FeedPattern.Cosine.falling(
                        d.size(RIM), Math.min(1.5, paraboloid(d).halfAngle()));
    }

    static LitDish lit(ApertureDesign d, double frequency) {
        return new LitDish(
                paraboloid(d),
                feed(d, frequency),
                frequency,
                Math.min(0.9 * d.size(DIAMETER), d.size(SHADOW)),
                d.size(ASIDE),
                d.size(AHEAD));
    }

    @Override
    public Radiation radiation(ApertureDesign d, double frequency) {
        LitDish lit = lit(d, frequency);
        double wave = C / frequency;
        Worked even = Worked.of(EVEN)
                .typed("d", "diameter", d.size(DIAMETER), "m", 4)
                .computed("w", "wave", wave, "m", 5)
                .gives(10 * Math.log10(lit.uniform()), "dBi", 1);
        List<Worked> lost = new ArrayList<>();
        lost.add(part(SPILLED, "s", "meets the dish", lit.spillover()));
        lost.add(part(UNEVEN, "t", "of an even light", lit.taper()));
        if (d.size(SHADOW) > 0) {
            lost.add(part(SHADE, "b", "left", lit.shadowed()));
        }
        if (d.size(AHEAD) > 0) {
            lost.add(part(FOCUSED, "f", "left", lit.focused()));
        }
        if (d.size(ASIDE) > 0) {
            lost.add(part(AIMED, "a", "left", lit.aimed()));
        }
        if (d.size(ROUGH) > 0) {
            lost.add(Worked.of(SURFACE_LOST)
                    .typed("e", "out of true", d.size(ROUGH) * 1000, "mm", 3)
                    .computed("w", "wave", wave * 1000, "mm", 3)
                    .gives(CosineFeed.ruzeDb(d.size(ROUGH), frequency), "dB", 2));
        }
        if (d.count(SURFACE) > 0) {
            double s = d.size(GAP);
            double x = 2 * s / wave * Math.log(Math.max(1, s / (Math.PI * d.size(ROD))));
            lost.add(Worked.of(THROUGH)
                    .typed("s", "from wire to wire", s * 1000, "mm", 3)
                    .typed("d", "thick", Math.min(d.size(ROD), s / Math.PI) * 1000, "mm", 4)
                    .computed("w", "wave", wave * 1000, "mm", 3)
                    .gives(10 * Math.log10(1 + x * x), "dB", 2));
        }
        return new Radiation(even, lost, 0.5, lit.field(), Radiation.Feed.typed(d.size(RETURN_LOSS)));
    }

    private static Worked part(Formula formula, String symbol, String what, double share) {
        return Worked.of(formula)
                .computed(symbol, what, share, "", 6)
                .gives(-10 * Math.log10(Math.max(1e-9, share)), "dB", 2);
    }

    private static final Formula RIM_LEVEL = new Formula(
            "Light at the rim",
            "Feed and longer way together, under the middle, the mean of both planes.",
            "E",
            "e",
            "Balanis, Antenna Theory, 3rd ed., §15.4",
            "About −10 to −11 dB gives most gain; weaker gives lower side lobes");
    private static final Formula DEPTH = new Formula(
            "Depth to the plane of the rim",
            "Measured with a straight edge over the rim; from it follows the focus f of a dish d across.",
            "H",
            "d^2 ÷ (16·f)",
            "Geometry of the parabola",
            "Exact; a lip at the rim is not counted");
    private static final Formula SQUINT = new Formula(
            "Beam off the axis",
            "A feed a aside of a focus f away: less than a mirror would send it.",
            "B",
            "b",
            "Peak of the pattern over the opening; a mirror gives atan(a ÷ f)",
            "±0.1°");

    @Override
    public List<Worked> schools(ApertureDesign d, double frequency) {
        LitDish lit = lit(d, frequency);
        List<Worked> all = new ArrayList<>();
        all.add(Worked.of(RIM_LEVEL)
                .computed("e", "at the rim", lit.edgeDb(), "dB", 2)
                .gives(lit.edgeDb(), "dB", 1));
        all.add(Worked.of(DEPTH)
                .typed("d", "diameter", d.size(DIAMETER) * 1000, "mm", 2)
                .typed("f", "focus", d.size(FOCUS) * 1000, "mm", 2)
                .gives(paraboloid(d).depth() * 1000, "mm", 1));
        if (d.size(ASIDE) > 0) {
            double degrees = Math.toDegrees(lit.squint());
            all.add(Worked.of(SQUINT)
                    .computed("b", "of the peak", degrees, "°", 3)
                    .gives(degrees, "°", 1));
        }
        return all;
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        List<String> all = new ArrayList<>();
        if (d.count(SURFACE) > 0 && d.size(GAP) > wave / 10) {
            all.add("Wires " + d.sizes().get(GAP) + " apart let more through than is usual; a tenth of a wave is "
                    + NumberText.shown(100 * wave, 0) + " mm.");
        }
        if (d.count(SURFACE) == 2) {
            all.add("Rods carry one polarization only: they lie " + (d.upright() ? "upright" : "level")
                    + ", as the feed does; the other passes through.");
        }
        if (d.count(FEED) == 0 && !new CircularGuide(d.size(TUBE)).single(frequency)) {
            all.add("The feed's tube carries a second mode here; keep it under "
                    + NumberText.shown(1000 * CircularGuide.widest(frequency), 1) + " mm.");
        }
        if (d.size(ROUGH) > wave / 16) {
            all.add("A surface out of true by more than a sixteenth of a wave is worth mending first.");
        }
        if (paraboloid(d).ratio() < 0.25) {
            all.add("The focus lies inside the rim: few feeds light so deep a dish.");
        }
        return all;
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        Paraboloid p = paraboloid(d);
        double r = p.diameter() / 2;
        List<At> bowl = new ArrayList<>();
        for (int i = -24; i <= 24; i++) {
            double y = r * i / 24;
            bowl.add(new At(y * y / (4 * p.focalLength()), y));
        }
        double f = p.focalLength() + d.size(AHEAD);
        double a = d.size(ASIDE);
        double tube = d.count(FEED) == 0 ? d.size(TUBE) : 0.1 * p.diameter();
        List<Line> side = new ArrayList<>(List.of(
                new Line(Kind.METAL, bowl),
                Line.feed(
                        new At(f, a - tube / 2),
                        new At(f + tube, a - tube / 2),
                        new At(f + tube, a + tube / 2),
                        new At(f, a + tube / 2)),
                Line.other(new At(p.depth(), r), new At(f + tube, a + tube / 2)),
                Line.other(new At(p.depth(), -r), new At(f + tube, a - tube / 2))));
        List<Line> front = new ArrayList<>(List.of(Line.ring(Kind.METAL, p.diameter())));
        if (d.size(SHADOW) > 0) {
            front.add(Line.ring(Kind.FEED, d.size(SHADOW)));
            side.add(Line.feed(new At(f, a - d.size(SHADOW) / 2), new At(f, a + d.size(SHADOW) / 2)));
        }
        if (d.count(SURFACE) == 2) {
            for (int i = -3; i <= 3; i++) {
                double at = r * i / 4;
                double half = Math.sqrt(r * r - at * at);
                front.add(
                        d.upright()
                                ? Line.other(new At(at, -half), new At(at, half))
                                : Line.other(new At(-half, at), new At(half, at)));
            }
        }
        return new Sketch(side, front);
    }

    @Override
    public String title(ApertureDesign d) {
        return (d.count(SURFACE) == 2 ? "Grid dish, " : "Dish, ") + NumberText.shown(d.size(DIAMETER) * 1000, 0)
                + " mm";
    }

    @Override
    public List<String> parts(ApertureDesign d, double frequency) {
        return List.of(
                "Dish " + d.sizes().get(DIAMETER) + " across, "
                        + NumberText.shown(paraboloid(d).depth() * 1000, 1) + " mm deep, of "
                        + MEASURES.get(SURFACE).words().get(d.count(SURFACE)),
                d.count(FEED) == 0
                        ? "Feed: tube " + d.sizes().get(TUBE) + " inside, with its probe and socket"
                        : "Feed that is " + d.sizes().get(RIM) + " down at the rim, " + degrees(d) + " off its axis",
                "Three stays that hold the feed, and its cover");
    }

    private static String degrees(ApertureDesign d) {
        return NumberText.shown(Math.toDegrees(paraboloid(d).halfAngle()), 0) + "°";
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        return List.of(
                "Measure the depth at the middle, a straight edge over the rim: it decides where the focus lies.",
                "Set the feed's mouth " + NumberText.shown(1000 * (d.size(FOCUS) + d.size(AHEAD)), 1)
                        + " mm from the middle, on the axis, looking back at it.",
                "Turn the feed for the polarization before anything is closed: the field stands "
                        + (d.upright() ? "upright." : "level."),
                "Caution: a polished dish gathers the sun at its focus. Keep eyes, cables and skin away, cover it while it is carried.",
                "Caution: wind. Two people, a fixed mast, local codes for what stands on roofs; nobody works at it while it sends.",
                "Aim it by the beam, then move the feed along the axis for the strongest level and lock it.");
    }

    @Override
    public double area(ApertureDesign d) {
        double whole = Math.PI / 4 * d.size(DIAMETER) * d.size(DIAMETER);
        return d.count(SURFACE) == 0 ? whole : whole * Math.min(1, 2 * d.size(ROD) / d.size(GAP) + 0.1);
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return area(d) * 0.0012 * d.metal().density() + 0.6;
    }
}
