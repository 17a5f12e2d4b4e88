package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.FarField;
import veldline.field.aperture.Patch;
import veldline.field.aperture.PatchField;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Patches over their ground: one, a panel of rows and columns, or one column as a sector antenna. */
public final class PatchPanel implements ApertureFamily {
    private static final double C = 299_792_458.0;
    static final int SUBSTRATE = 0;
    static final int THICK = 1;
    static final int LENGTH = 2;
    static final int INSET = 3;
    public static final int ROWS = 4;
    public static final int COLUMNS = 5;
    static final int PITCH_ALONG = 6;
    static final int PITCH_ACROSS = 7;
    private static final int TAPER = 8;
    static final int TILT = 9;
    private static final int LINES = 10;
    private static final int BACK = 11;
    static final int TURNS = 12;
    private static final int BOW = 13;
    static final int WIDTH = 14;
    static final int CORNERS = 15;
    /** A patch is left whatever is cut off it. */
    static final double CUT_MOST = 0.4;
    /** Quality of a patch over air as one begins; what is right for it is told. */
    private static final double USUAL = 14;
    /** What its feed is to be, ohms. */
    private static final double LINE = 50;
    /** A width that goes with its length settles in so many. */
    private static final int TRIES = 4;

    private static final double[] PERMITTIVITY = {1.04, 2.2, 4.4};
    private static final double[] TANGENT = {0.0005, 0.001, 0.02};

    private static final List<Measure> MEASURES = List.of(
            Measure.choice("Under the patch", "air and spacers", "PTFE laminate", "glass and epoxy"),
            Measure.length("Thickness of that", 0.003, 0.08),
            Measure.length("Patch, long", 0.1, 0.6),
            Measure.length("Feed in from its edge", 0, 0.25),
            Measure.count("Patches along the field", 1, 12),
            Measure.count("Patches across it", 1, 12),
            Measure.length("From patch to patch, along", 0.4, 1.2),
            Measure.length("From patch to patch, across", 0.4, 1.2),
            Measure.count("Edge patches weaker by, %", 0, 80),
            Measure.angle("Beam tilted by the feed", 0, 20),
            Measure.number("Feed lines, a metre", Unit.DB, 0, 60),
            Measure.number("Straight back, under ahead", Unit.DB, 8, 40),
            Measure.choice("Field", "straight", "right-handed", "left-handed"),
            Measure.angle("End rows late by, fills hollows", 0, 120),
            Measure.length("Patch, wide", 0.1, 0.9),
            Measure.length("Corners cut off, along either side", 0, 0.3));

    private static final Formula SUMMED = new Formula(
            "Patches by their pattern",
            "All they send, summed over all directions: D times even.",
            "C",
            "10·log10(D)",
            "Two slots a patch and their rows (Balanis, Antenna Theory, 3rd ed., §14.2.2 and §6.10)",
            "±0.7 dB: patches do not hear each other in it, and the ground's edge is as typed");
    private static final Formula KEPT = new Formula(
            "Lost in metal and laminate",
            "Of each patch's power the share r leaves, by its losses' Q against that of its field.",
            "L",
            "−10·log10(r)",
            "Balanis, Antenna Theory, 3rd ed., §14.2.4",
            "±0.3 dB; laminates of one name differ in loss by half");
    private static final Formula DIVIDED = new Formula(
            "Lost in the feed lines",
            "From the socket to each patch m metres of line at a decibels a metre.",
            "L",
            "a·m",
            "Lines laid as a tree, by the shorter ways",
            "±30 % of it: corners and joints add");
    private static final Formula BAND = new Formula(
            "Band at SWR 2",
            "A resonant patch of quality q, about f MHz.",
            "B",
            "f ÷ (q·sqrt(2))",
            "Balanis, Antenna Theory, 3rd ed., §14.2.4, (s − 1) ÷ (q·sqrt(s))",
            "±15 %; a panel's divider narrows it");
    private static final Formula WIDE = new Formula(
            "Width that sends well",
            "Across the current: w the wave in mm, p the permittivity under it.",
            "W",
            "w ÷ 2·sqrt(2 ÷ (p + 1))",
            "Balanis, Antenna Theory, 3rd ed., §14.2.1",
            "Not critical: 5 % changes nothing that is measured");

    @Override
    public String name() {
        return "patches";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public String good() {
        return "Flat against a wall, one side of a board; rows of them shape a beam that is worked out and not drawn.";
    }

    @Override
    public String bad() {
        return "Narrow in band on thin boards, and glass and epoxy turns a third of the power to heat at 2.4 GHz and over.";
    }

    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() < 0.4;
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        return begin(wish, 1, 1);
    }

    private static List<Quantity> begin(Wish wish, int rows, int columns) {
        double wave = wish.wavelength();
        double thick = 0.04 * wave;
        Patch p = new Patch(wish.frequency(), PERMITTIVITY[0], thick);
        return List.of(
                Quantity.of("0", Unit.ONE),
                MEASURES.get(THICK).of(thick),
                MEASURES.get(LENGTH).of(p.length()),
                MEASURES.get(INSET).of(p.edgeResistance() > LINE ? p.inset(LINE) : 0),
                Quantity.of(Integer.toString(rows), Unit.ONE),
                Quantity.of(Integer.toString(columns), Unit.ONE),
                MEASURES.get(PITCH_ALONG).of(0.8 * wave),
                MEASURES.get(PITCH_ACROSS).of(0.8 * wave),
                Quantity.of("0", Unit.ONE),
                Quantity.of("0", Unit.DEG),
                Quantity.of("3", Unit.DB),
                Quantity.of("20", Unit.DB),
                Quantity.of("0", Unit.ONE),
                Quantity.of("0", Unit.DEG),
                MEASURES.get(WIDTH).of(p.width()),
                MEASURES.get(CORNERS).of(PatchFeed.cut(p.length(), USUAL)));
    }

    /** One, a square of four, a column that serves a sector; the field of the column stands along it. */
    @Override
    public List<ApertureDesign> choices(Wish wish) {
        return List.of(
                new ApertureDesign(key(), begin(wish, 1, 1), wish.metal(), wish.upright()),
                new ApertureDesign(key(), begin(wish, 2, 2), wish.metal(), wish.upright()),
                new ApertureDesign(
                        key(),
                        begin(wish, wish.upright() ? 4 : 1, wish.upright() ? 1 : 4),
                        wish.metal(),
                        wish.upright()));
    }

    private static Patch patch(ApertureDesign d, double frequency) {
        return new Patch(frequency, PERMITTIVITY[d.count(SUBSTRATE)], d.size(THICK), width(d));
    }

    /** One of them, at its feed. */
    private static PatchFeed fed(ApertureDesign d, double frequency) {
        return PatchFeed.of(
                d,
                patch(d, frequency),
                TANGENT[d.count(SUBSTRATE)],
                d.size(LENGTH),
                turns(d) ? Math.min(CUT_MOST * d.size(LENGTH), d.size(CORNERS)) : 0);
    }

    static boolean turns(ApertureDesign d) {
        return d.count(TURNS) > 0;
    }

    /** Across the current: a patch whose field turns is square. */
    static double width(ApertureDesign d) {
        return d.size(turns(d) ? LENGTH : WIDTH);
    }

    @Override
    public boolean uses(ApertureDesign d, int measure) {
        return turns(d) ? measure != WIDTH : measure != CORNERS;
    }

    private static PatchField field(ApertureDesign d, double frequency) {
        Patch p = patch(d, frequency);
        double wave = C / frequency;
        return new PatchField(
                wave,
                d.size(LENGTH) + 2 * p.extension(),
                p.width(),
                d.count(ROWS),
                d.count(COLUMNS),
                d.size(PITCH_ALONG),
                d.size(PITCH_ACROSS),
                d.size(TAPER) / 100,
                2 * Math.PI / wave * d.size(PITCH_ALONG) * Math.sin(Math.toRadians(d.size(TILT))),
                Math.toRadians(d.size(BOW)),
                Math.pow(10, -d.size(BACK) / 10),
                turns(d));
    }

    /** By how much the feed leans the beam, radians. */
    private static double lean(ApertureDesign d) {
        return d.count(ROWS) > 1 ? Math.toRadians(d.size(TILT)) : 0;
    }

    @Override
    public double leans(ApertureDesign d) {
        return Math.toDegrees(lean(d));
    }

    @Override
    public Radiation radiation(ApertureDesign d, double frequency) {
        PatchField f = field(d, frequency);
        double ahead = f.power(lean(d), 0);
        double across = Math.max(PatchDrawing.high(d), PatchDrawing.wide(d)) * frequency / C;
        double directivity = f.directivity(2 + (int) across, 16 + (int) (8 * across)) * ahead;
        PatchFeed q = fed(d, frequency);
        List<Worked> lost = new ArrayList<>();
        lost.add(Worked.of(KEPT).computed("r", "leaves", q.share(), "", 6).gives(-10 * Math.log10(q.share()), "dB", 2));
        if (turns(d)) {
            lost.add(q.lostToTheOtherHand());
        }
        if (d.count(ROWS) * d.count(COLUMNS) > 1) {
            double metres =
                    ((d.count(ROWS) - 1) * d.size(PITCH_ALONG) + (d.count(COLUMNS) - 1) * d.size(PITCH_ACROSS)) / 2;
            lost.add(Worked.of(DIVIDED)
                    .typed("a", "a metre", d.size(LINES), "dB", 2)
                    .computed("m", "of line", metres, "m", 4)
                    .gives(d.size(LINES) * metres, "dB", 2));
        }
        FarField fromBeam = f.about(lean(d));
        return new Radiation(
                Worked.of(SUMMED)
                        .computed("D", "over even", directivity, "", 5)
                        .gives(10 * Math.log10(directivity), "dBi", 1),
                lost,
                0.7,
                (theta, phi) -> fromBeam.power(theta, phi) / ahead,
                q.at(Math.min(d.size(INSET), 0.49 * d.size(LENGTH)), d.size(LENGTH)));
    }

    @Override
    public List<Worked> schools(ApertureDesign d, double frequency) {
        PatchFeed q = fed(d, frequency);
        List<Worked> all = new ArrayList<>(List.of(
                Worked.of(BAND)
                        .typed("f", "frequency", frequency / 1e6, "MHz", 3)
                        .computed("q", "quality", q.quality(), "", 4)
                        .gives(frequency / 1e6 / (q.quality() * Math.sqrt(2)), "MHz", 0),
                Worked.of(WIDE)
                        .computed("w", "wave", C / frequency * 1000, "mm", 3)
                        .computed("p", "permittivity", PERMITTIVITY[d.count(SUBSTRATE)], "", 2)
                        .gives(
                                new Patch(frequency, PERMITTIVITY[d.count(SUBSTRATE)], d.size(THICK)).width() * 1000,
                                "mm",
                                1)));
        if (turns(d)) {
            all.add(Worked.of(PatchFeed.ELLIPSE)
                    .computed("a", "long over wide", q.ratio(), "", 6)
                    .gives(20 * Math.log10(q.ratio()), "dB", 1, 1));
            all.add(Worked.of(PatchFeed.TURNS_OVER)
                    .typed("f", "frequency", frequency / 1e6, "MHz", 3)
                    .computed("q", "quality", q.quality(), "", 4)
                    .gives(0.36 * frequency / 1e6 / q.quality(), "MHz", 0));
        }
        return all;
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        List<String> all = new ArrayList<>();
        double right = right(d, frequency);
        if (Math.abs(d.size(LENGTH) / right - 1) > 0.01) {
            all.add("Cut for here a patch is " + NumberText.shown(right * 1000, 1) + " mm long.");
        }
        PatchFeed q = fed(d, frequency);
        double corner = PatchFeed.cut(d.size(LENGTH), q.quality());
        if (turns(d) && Math.abs(d.size(CORNERS) / corner - 1) > 0.1) {
            all.add("Corners cut by " + NumberText.shown(corner * 1000, 1) + " mm a side turn the field evenly here.");
        }
        if (d.size(THICK) > 0.06 * wave && d.count(SUBSTRATE) > 0) {
            all.add("So thick a board carries waves along itself that are not in these figures.");
        }
        double apart =
                Math.max(d.count(ROWS) > 1 ? d.size(PITCH_ALONG) : 0, d.count(COLUMNS) > 1 ? d.size(PITCH_ACROSS) : 0);
        if (apart > 0.95 * wave) {
            all.add("Patches a wave apart send as much to the sides as ahead; 0.7 to 0.85 of a wave is usual.");
        }
        return all;
    }

    @Override
    public boolean tunes() {
        return true;
    }

    /** As long as rings here, the corners so that its field turns evenly, the feed where it is nearest to 50 Ω. */
    @Override
    public ApertureDesign tuned(ApertureDesign d, double frequency) {
        ApertureDesign made = d;
        // A square one's width goes with its length, and its quality with both.
        for (int i = 0; i < TRIES; i++) {
            made = made.withFree(LENGTH, right(made, frequency));
            if (turns(made)) {
                made = made.withFree(
                        CORNERS,
                        PatchFeed.cut(made.size(LENGTH), fed(made, frequency).quality()));
            }
        }
        double in = fed(made, frequency).inset(LINE, made.size(LENGTH));
        return made.withFree(INSET, in);
    }

    /** Patches ring in a narrow band. */
    @Override
    public double span() {
        return 0.1;
    }

    /** How long one is to be: where its field turns, between the two ways it rings. */
    private static double right(ApertureDesign d, double frequency) {
        Patch p = patch(d, frequency);
        double straight = p.length();
        return turns(d)
                ? straight
                        + (straight + 2 * p.extension())
                                / (2 * fed(d, frequency).quality())
                : straight;
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        return PatchDrawing.of(d);
    }

    @Override
    public Polarized polarized(ApertureDesign d) {
        return switch (d.count(TURNS)) {
            case 1 -> Polarized.RIGHT_HAND;
            case 2 -> Polarized.LEFT_HAND;
            default -> ApertureFamily.super.polarized(d);
        };
    }

    @Override
    public OptionalDouble ellipse(ApertureDesign d, double frequency) {
        return turns(d) ? OptionalDouble.of(fed(d, frequency).ratio()) : OptionalDouble.empty();
    }

    @Override
    public String title(ApertureDesign d) {
        int n = d.count(ROWS) * d.count(COLUMNS);
        return n == 1
                ? "Patch"
                : d.count(ROWS) == 1 || d.count(COLUMNS) == 1
                        ? "Column of " + n + " patches"
                        : "Panel of " + d.count(ROWS) + " × " + d.count(COLUMNS) + " patches";
    }

    @Override
    public List<String> parts(ApertureDesign d, double frequency) {
        return PatchWork.parts(d);
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        double rings = right(d, frequency) + 2 * patch(d, frequency).extension();
        return PatchWork.steps(d, rings / frequency * 1e6);
    }

    @Override
    public double area(ApertureDesign d) {
        return PatchDrawing.high(d) * PatchDrawing.wide(d);
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return area(d) * (0.0015 * d.metal().density() + d.size(THICK) * (d.count(SUBSTRATE) == 0 ? 0 : 1900)) + 0.15;
    }
}
