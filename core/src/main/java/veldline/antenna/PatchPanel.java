package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.FarField;
import veldline.field.aperture.Patch;
import veldline.field.aperture.PatchField;
import veldline.picture.Mark.At;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Patches over their ground: one, a panel of rows and columns, or one column as a sector antenna. */
public final class PatchPanel implements ApertureFamily {
    private static final double C = 299_792_458.0;
    private static final double EPSILON = 8.8541878128e-12;
    private static final double MU = 4e-7 * Math.PI;
    private static final int SUBSTRATE = 0;
    private static final int THICK = 1;
    private static final int LENGTH = 2;
    private static final int INSET = 3;
    private static final int ROWS = 4;
    private static final int COLUMNS = 5;
    private static final int PITCH_ALONG = 6;
    private static final int PITCH_ACROSS = 7;
    private static final int TAPER = 8;
    private static final int TILT = 9;
    private static final int LINES = 10;
    private static final int BACK = 11;
    private static final int TURNS = 12;
    private static final int BOW = 13;
    private static final int WIDTH = 14;
    /** Of the ground beyond the outermost patches, in patches. */
    private static final double ROUND = 0.9;
    /** What its feed is to be, ohms. */
    private static final double LINE = 50;

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
            Measure.length("Patch, wide", 0.1, 0.9));

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
    private static final String AT_ITS_FEED =
            "Between the edge and the middle, where it is nothing; v is twice the quality times how much too long it is.";
    private static final String AT_FEED_BOOK = "Balanis, Antenna Theory, 3rd ed., §14.2.1 and §14.2.4";
    private static final String AT_FEED_GOOD = "±15 %; the pin's own inductance and the divider are not in it";
    private static final Formula RESISTANCE = new Formula(
            "Resistance of a patch", AT_ITS_FEED, "R", "e·cos(pi·y ÷ l)^2 ÷ (1 + v^2)", AT_FEED_BOOK, AT_FEED_GOOD);
    private static final Formula REACTANCE = new Formula(
            "Reactance of a patch", AT_ITS_FEED, "X", "−v·e·cos(pi·y ÷ l)^2 ÷ (1 + v^2)", AT_FEED_BOOK, AT_FEED_GOOD);
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
                MEASURES.get(WIDTH).of(p.width()));
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
        return new Patch(frequency, PERMITTIVITY[d.count(SUBSTRATE)], d.size(THICK), d.size(WIDTH));
    }

    /** Radiation's share of all that a patch loses, and its quality with all of it. */
    private record Quality(double share, double whole) {
        static Quality of(ApertureDesign d, double frequency) {
            Patch p = patch(d, frequency);
            double omega = 2 * Math.PI * frequency;
            double sends = 1 / p.edgeResistance();
            double radiated = omega
                    * EPSILON
                    * p.permittivity()
                    * (p.length() + 2 * p.extension())
                    * p.width()
                    / (2 * d.size(THICK) * sends);
            double metal = d.size(THICK)
                    * Math.sqrt(Math.PI * frequency * MU * d.metal().conductivity());
            double lost = TANGENT[d.count(SUBSTRATE)] + 1 / metal;
            return new Quality(1 / radiated / (1 / radiated + lost), 1 / (1 / radiated + lost));
        }
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
                Math.pow(10, -d.size(BACK) / 10));
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
        double across = Math.max(high(d), wide(d)) * frequency / C;
        double directivity = f.directivity(2 + (int) across, 16 + (int) (8 * across)) * ahead;
        Quality q = Quality.of(d, frequency);
        List<Worked> lost = new ArrayList<>();
        lost.add(Worked.of(KEPT).computed("r", "leaves", q.share, "", 6).gives(-10 * Math.log10(q.share), "dB", 2));
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
                feed(d, frequency, q));
    }

    /** At its inset, off its resonance where it was cut long or short. */
    private static Radiation.Feed feed(ApertureDesign d, double frequency, Quality q) {
        Patch p = patch(d, frequency);
        double off = 2 * q.whole * (d.size(LENGTH) / p.length() - 1);
        double edge = p.edgeResistance() * q.share;
        double inset = Math.min(d.size(INSET), 0.49 * d.size(LENGTH));
        double in = Math.cos(Math.PI * inset / d.size(LENGTH));
        Complex z = new Complex(edge * in * in).divide(new Complex(1, off));
        return new Radiation.Feed(
                fed(Worked.of(RESISTANCE), edge, inset, d, off).gives(z.getReal(), "Ω", 0),
                fed(Worked.of(REACTANCE), edge, inset, d, off).gives(z.getImaginary(), "Ω", 0));
    }

    private static Worked.Builder fed(Worked.Builder w, double edge, double inset, ApertureDesign d, double off) {
        return w.computed("e", "at the edge in resonance", edge, "Ω", 3)
                .typed("y", "feed in from the edge", inset * 1000, "mm", 2)
                .typed("l", "patch, long", d.size(LENGTH) * 1000, "mm", 2)
                .computed("v", "off resonance", off, "", 6);
    }

    @Override
    public List<Worked> schools(ApertureDesign d, double frequency) {
        Quality q = Quality.of(d, frequency);
        return List.of(
                Worked.of(BAND)
                        .typed("f", "frequency", frequency / 1e6, "MHz", 3)
                        .computed("q", "quality", q.whole, "", 4)
                        .gives(frequency / 1e6 / (q.whole * Math.sqrt(2)), "MHz", 0),
                Worked.of(WIDE)
                        .computed("w", "wave", C / frequency * 1000, "mm", 3)
                        .computed("p", "permittivity", PERMITTIVITY[d.count(SUBSTRATE)], "", 2)
                        .gives(
                                new Patch(frequency, PERMITTIVITY[d.count(SUBSTRATE)], d.size(THICK)).width() * 1000,
                                "mm",
                                1));
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        List<String> all = new ArrayList<>();
        double right = patch(d, frequency).length();
        if (Math.abs(d.size(LENGTH) / right - 1) > 0.01) {
            all.add("Cut for here a patch is " + NumberText.shown(right * 1000, 1) + " mm long.");
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

    /** The ground along the field, metres. */
    private static double high(ApertureDesign d) {
        return (d.count(ROWS) - 1) * d.size(PITCH_ALONG) + (1 + ROUND) * d.size(LENGTH);
    }

    /** The ground across it. */
    private static double wide(ApertureDesign d) {
        return (d.count(COLUMNS) - 1) * d.size(PITCH_ACROSS) + (1 + ROUND) * d.size(WIDTH);
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        double l = d.size(LENGTH);
        double w = d.size(WIDTH);
        int rows = d.count(ROWS);
        int columns = d.count(COLUMNS);
        double high = high(d);
        double wide = wide(d);
        double t = d.size(THICK);
        List<Line> side = new ArrayList<>(List.of(
                Line.metal(new At(0, -high / 2), new At(0, high / 2)), Line.box(Kind.OTHER, t / 2, 0, t, high)));
        List<Line> front = new ArrayList<>(List.of(Line.box(Kind.OTHER, 0, 0, wide, high)));
        for (int i = 0; i < rows; i++) {
            double y = (i - (rows - 1) / 2.0) * d.size(PITCH_ALONG);
            side.add(Line.metal(new At(t, y - l / 2), new At(t, y + l / 2)));
            side.add(Line.feed(new At(-0.15 * l, y - l / 2 + d.size(INSET)), new At(t, y - l / 2 + d.size(INSET))));
            for (int k = 0; k < columns; k++) {
                front.add(Line.box(Kind.METAL, (k - (columns - 1) / 2.0) * d.size(PITCH_ACROSS), y, w, l));
            }
        }
        return new Sketch(side, front);
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
        Patch p = patch(d, frequency);
        int n = d.count(ROWS) * d.count(COLUMNS);
        List<String> all = new ArrayList<>();
        all.add(n + (n == 1 ? " patch " : " patches ") + d.sizes().get(LENGTH) + " along the field by "
                + d.sizes().get(WIDTH) + " across");
        all.add("Ground, " + NumberText.shown(high(d) * 1000, 0) + " mm along the field by "
                + NumberText.shown(wide(d) * 1000, 0) + " mm, "
                + MEASURES.get(SUBSTRATE).words().get(d.count(SUBSTRATE)) + ", "
                + d.sizes().get(THICK));
        if (n > 1) {
            all.add("Divider to " + n + " patches by lines of equal length"
                    + (d.size(TILT) > 0 ? ", each next row later for the tilt" : ""));
        }
        if (d.count(TURNS) > 0) {
            double cut = p.length() * Math.sqrt(1 / (2 * Quality.of(d, frequency).whole));
            all.add("Square patches instead, two corners across from each other cut off by "
                    + NumberText.shown(cut * 1000, 1) + " mm a side: the hand is that of the corner met first");
        }
        return all;
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        return List.of(
                "Scribe the patches from one corner of the ground, which is the datum for all of them.",
                "Caution: etching bath and laminate dust harm eyes and lungs; goggles, gloves, wet sanding, local rules for the waste.",
                "Drill for each feed " + d.sizes().get(INSET)
                        + " in from the patch's edge, in the middle of its width.",
                "Caution: solder under an extractor, iron and solder away from the laminate's edge.",
                "Hold: patch open to ground at direct current, feed not shorted, spacers even to a tenth of a millimetre.",
                "File " + NumberText.shown(1000 * patch(d, frequency).length() / frequency * 1e6, 3)
                        + " mm off its length for each MHz it is low; what is filed off does not come back.",
                "The field stands " + (d.upright() ? "upright" : "level")
                        + ": turn the panel so before the clamps are tight.");
    }

    @Override
    public double area(ApertureDesign d) {
        return high(d) * wide(d);
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return area(d) * (0.0015 * d.metal().density() + d.size(THICK) * (d.count(SUBSTRATE) == 0 ? 0 : 1900)) + 0.15;
    }
}
