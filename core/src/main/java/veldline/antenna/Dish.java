package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.CircularGuide;
import veldline.field.aperture.FeedPattern;
import veldline.field.aperture.LitDish;
import veldline.field.aperture.Paraboloid;
import veldline.field.aperture.Rim;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A paraboloid with a feed at its focus, of sheet, mesh or rods; a dish of rods passes what is square to them. */
public final class Dish implements ApertureFamily {
    private static final double C = 299_792_458.0;
    /** Under so many waves across, what runs between dish and feed decides as much as the light does. */
    private static final double FEW = 4;

    /** Gain grows as the square of the size, so few tries come close. */
    private static final int TRIES = 4;

    /** So much of a dish stays however it is cut. */
    private static final double LEFT = 0.1;

    static final int DIAMETER = 0;
    static final int FOCUS = 1;
    static final int FEED = 2;
    static final int RIM = 3;
    static final int TUBE = 4;
    static final int SHADOW = 5;
    static final int ASIDE = 6;
    static final int AHEAD = 7;
    static final int ROUGH = 8;
    static final int SURFACE = 9;
    static final int GAP = 10;
    static final int ROD = 11;
    static final int RETURN_LOSS = 12;
    static final int MOUTH_ALONG = 13;
    static final int MOUTH_ACROSS = 14;
    static final int HORN_LONG = 15;
    static final int TIP = 16;
    static final int BEFORE = 17;
    static final int CUT_ALONG = 18;
    static final int CUT_ACROSS = 19;

    private static final List<Measure> MEASURES = List.of(
            Measure.length("Diameter", 2, 120),
            Measure.length("Focus from the middle", 0.5, 80),
            Measure.choice("Feed", DishFeed.choices()),
            Measure.number("Feed at the rim, under its middle", Unit.DB, 3, 25),
            Measure.length("Feed's tube, inside", 0.6, 1.6),
            Measure.length("Shadow before it, across", 0, 6),
            Measure.length("Feed off the axis", 0, 3),
            Measure.length("Feed beyond the focus", 0, 1),
            MetalSurface.MEASURES.get(0),
            MetalSurface.MEASURES.get(1),
            MetalSurface.MEASURES.get(2),
            MetalSurface.MEASURES.get(3),
            Measure.number("Return loss of the feed", Unit.DB, 6, 40),
            Measure.length("Feed's mouth or plate, along the field", 0.3, 2.5),
            Measure.length("Feed's mouth or plate, across", 0.3, 2.5),
            Measure.length("Feed horn, from apex to mouth", 0.3, 6),
            Measure.length("Feed's dipole, tip to tip", 0.35, 0.55),
            Measure.length("Dipole before its plate", 0.1, 0.5),
            Measure.length("Cut off either side, along the field", 0, 50),
            Measure.length("Cut off either side, across", 0, 50));

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
        List<Quantity> surface = MetalSurface.begin(wave);
        return List.of(
                MEASURES.get(DIAMETER).of(diameter),
                MEASURES.get(FOCUS).of(0.4 * diameter),
                Quantity.of("0", Unit.ONE),
                Quantity.of("10", Unit.DB),
                MEASURES.get(TUBE).of(0.72 * wave),
                MEASURES.get(SHADOW).of(0.8 * wave),
                MEASURES.get(ASIDE).of(0),
                MEASURES.get(AHEAD).of(0),
                surface.get(0),
                surface.get(1),
                surface.get(2),
                surface.get(3),
                Quantity.of("14", Unit.DB),
                MEASURES.get(MOUTH_ALONG).of(0.7 * wave),
                MEASURES.get(MOUTH_ACROSS).of(0.9 * wave),
                MEASURES.get(HORN_LONG).of(1.2 * wave),
                MEASURES.get(TIP).of(0.45 * wave),
                MEASURES.get(BEFORE).of(0.22 * wave),
                MEASURES.get(CUT_ALONG).of(0),
                MEASURES.get(CUT_ACROSS).of(0));
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

    /** Cut, some of it is left whatever was asked for. */
    static Rim rim(ApertureDesign d) {
        double r = d.size(DIAMETER) / 2;
        return new Rim(r, Math.max(LEFT * r, r - d.size(CUT_ALONG)), Math.max(LEFT * r, r - d.size(CUT_ACROSS)));
    }

    static MetalSurface surface(ApertureDesign d) {
        return MetalSurface.of(d, ROUGH);
    }

    static LitDish lit(ApertureDesign d, double frequency) {
        return lit(d, frequency, DishFeed.of(d).source(d, frequency).pattern());
    }

    static LitDish lit(ApertureDesign d, double frequency, FeedPattern feed) {
        return new LitDish(
                paraboloid(d),
                feed,
                frequency,
                Math.min(1.8 * Math.min(rim(d).along(), rim(d).across()), d.size(SHADOW)),
                d.size(ASIDE),
                d.size(AHEAD),
                rim(d));
    }

    @Override
    public Radiation radiation(ApertureDesign d, double frequency) {
        DishFeed.Source feed = DishFeed.of(d).source(d, frequency);
        LitDish lit = lit(d, frequency, feed.pattern());
        return new Radiation(
                DishLosses.even(d, lit),
                DishLosses.lost(d, lit),
                d.size(DIAMETER) * frequency / C < FEW ? 1.2 : 0.5,
                lit.field(),
                feed.socket());
    }

    @Override
    public boolean madeForGain() {
        return true;
    }

    /** Larger or smaller with the same focus for its size: a tenth more across is 0.8 dB. */
    @Override
    public ApertureDesign forGain(ApertureDesign d, double frequency, double dbi) {
        d.needs(DIAMETER, FOCUS);
        ApertureDesign made = d;
        double wave = C / frequency;
        // With the same focus for its size it asks for the same light.
        FeedPattern feed = DishFeed.of(d).source(d, frequency).pattern();
        for (int i = 0; i < TRIES; i++) {
            LitDish lit = lit(made, frequency, feed);
            double has = DishLosses.even(made, lit).value()
                    - DishLosses.lost(made, lit).stream()
                            .mapToDouble(Worked::value)
                            .sum();
            double scale = Math.pow(10, (dbi - has) / 20);
            double across = scale * made.size(DIAMETER);
            if (!(across >= MEASURES.get(DIAMETER).least(wave)
                    && across <= MEASURES.get(DIAMETER).most(wave))) {
                throw new IllegalArgumentException("A dish of " + NumberText.shown(dbi, 1) + " dBi would be "
                        + NumberText.shown(across, 2) + " m across; ask for what lies between 2 and 120 waves");
            }
            made = made.withSize(DIAMETER, Quantity.shown(across, Unit.MM, 1))
                    .withSize(FOCUS, Quantity.shown(scale * made.size(FOCUS), Unit.MM, 1));
        }
        return made;
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
        DishFeed.Source feed = DishFeed.of(d).source(d, frequency);
        LitDish lit = lit(d, frequency, feed.pattern());
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
        all.addAll(FeedChoice.of(d, lit, feed));
        return all;
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        List<String> all = new ArrayList<>(surface(d).watch(C / frequency));
        if (surface(d).rods()) {
            all.add("Rods carry one polarization only: they lie " + (d.upright() ? "upright" : "level")
                    + ", as the feed does; the other passes through.");
        }
        if (DishFeed.of(d) == DishFeed.TUBE && !new CircularGuide(d.size(TUBE)).single(frequency)) {
            all.add("The feed's tube carries a second mode here; keep it under "
                    + NumberText.shown(1000 * CircularGuide.widest(frequency), 1) + " mm.");
        }
        if (paraboloid(d).ratio() < 0.25) {
            all.add("The focus lies inside the rim: few feeds light so deep a dish.");
        }
        return all;
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        return DishDrawing.of(d);
    }

    @Override
    public String title(ApertureDesign d) {
        Rim rim = rim(d);
        String size = rim.cut()
                ? millimetres(rim.along()) + " by " + millimetres(rim.across())
                : NumberText.shown(d.size(DIAMETER) * 1000, 0);
        return (surface(d).rods() ? "Grid dish" : "Dish") + (rim.cut() ? ", cut to " : ", ") + size + " mm";
    }

    private static String millimetres(double half) {
        return NumberText.shown(half * 2000, 0);
    }

    @Override
    public boolean uses(ApertureDesign d, int measure) {
        return DishFeed.of(d).uses(measure) && surface(d).uses(measure, ROUGH);
    }

    @Override
    public Optional<WireModel> grid(ApertureDesign d, double frequency) {
        return DishGrid.of(d, frequency);
    }

    @Override
    public String trusted() {
        return "±0.5 dB. Under four waves across it is trusted before the sum over the opening, which leaves out what runs to and fro between"
                + " dish and feed; from four waves on both agree to half a decibel";
    }

    @Override
    public List<String> parts(ApertureDesign d, double frequency) {
        return List.of(
                "Dish " + d.sizes().get(DIAMETER) + " across, "
                        + NumberText.shown(paraboloid(d).depth() * 1000, 1) + " mm deep, of "
                        + surface(d).words(),
                DishFeed.of(d).part(d),
                "Three stays that hold the feed, and its cover");
    }

    static String degrees(ApertureDesign d) {
        return NumberText.shown(Math.toDegrees(paraboloid(d).halfAngle()), 0) + "°";
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        return List.of(
                "Measure the depth at the middle, a straight edge over the rim: it decides where the focus lies.",
                "Set the feed's " + DishFeed.of(d).face() + " "
                        + NumberText.shown(
                                1000
                                        * (d.size(FOCUS)
                                                + d.size(AHEAD)
                                                + DishFeed.of(d)
                                                        .source(d, frequency)
                                                        .centre()),
                                1)
                        + " mm from the middle, on the axis, looking back at it.",
                "Turn the feed for the polarization before anything is closed: the field stands "
                        + (d.upright() ? "upright." : "level."),
                "Caution: a polished dish gathers the sun at its focus. Keep eyes, cables and skin away, cover it while it is carried.",
                "Caution: wind. Two people, a fixed mast, local codes for what stands on roofs; nobody works at it while it sends.",
                "Aim it by the beam, then move the feed along the axis for the strongest level and lock it.");
    }

    @Override
    public double area(ApertureDesign d) {
        return surface(d).shown(rim(d).area());
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return area(d) * 0.0012 * d.metal().density() + 0.6;
    }
}
