package veldline.antenna;

import java.util.List;
import java.util.Optional;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.PyramidalHorn;
import veldline.field.aperture.RectangularGuide;
import veldline.field.aperture.RectangularOpening;
import veldline.field.wire.WireModel;
import veldline.picture.Mark.At;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A horn on a rectangular guide that opens in both planes, or in one: of four flat sheets. */
public final class Horn implements ApertureFamily {
    private static final double C = 299_792_458.0;
    private static final int WIDTH = 0;
    private static final int HEIGHT = 1;
    private static final int LENGTH = 2;
    private static final int GUIDE = 3;
    private static final int GUIDE_HIGH = 4;
    private static final int RETURN_LOSS = 5;
    /** A side that does not open has its apex as good as endlessly far behind, metres. */
    private static final double NO_APEX = 1e5;

    private static final double SHEET = 0.8e-3;
    private static final int TRIES = 6;
    /** Places of a net may lie so far apart at the opening, waves; wider, it leaks. */
    private static final double TIGHT = 0.085;
    /** Of a quarter wave: a probe in a guide. */
    private static final double PROBE = 0.92;

    private static final double PROBE_THICK = 0.01;

    private static final List<Measure> MEASURES = List.of(
            Measure.length("Opening, H plane", 0.55, 20),
            Measure.length("Opening, E plane", 0.2, 20),
            Measure.length("Throat to opening", 0.1, 40),
            Measure.length("Guide, wide", 0.52, 1.2),
            Measure.length("Guide, high", 0.1, 0.8),
            Measure.number(ApertureFamily.RETURN_LOSS, Unit.DB, 6, 40));

    private static final String BY_PATTERN =
            "All that it sends, summed over all directions (Balanis, Antenna Theory, 3rd ed., §12.5 and §13.4)";
    static final Formula EVEN = new Formula(
            "Opening evenly lit",
            "An opening in step all over, by its pattern: d times even. From two waves on it is 4π times its area over the wave's square.",
            "C",
            "10·log10(d)",
            BY_PATTERN,
            "Exact for openings of many waves; ±0.3 dB for an open guide");
    private static final Formula TAPER = new Formula(
            "Lost to the guide's light",
            "Across the H plane the field falls to nothing at the walls, as in the guide: from a times even to b. Of a wide opening 8 ÷ π² is left.",
            "L",
            "10·log10(a ÷ b)",
            BY_PATTERN,
            "Exact for one mode in the guide");
    private static final Formula LATE = new Formula(
            "Lost to late edges",
            "The way to the edges is longer than to the middle: from a times even to b.",
            "L",
            "10·log10(a ÷ b)",
            BY_PATTERN,
            "±0.3 dB; walls thicker than a twentieth of a wave and odd modes add");
    private static final Formula CENTRE = new Formula(
            "Phase centre behind the opening",
            "Where the wave seems to come from within the beam: by k radians of lag at half power, t off the axis; w the wave.",
            "P",
            "k·w ÷ (2·pi·(1 − cos(t)))",
            "Fit over the solved pattern of the opening (IEEE Std 145, phase centre)",
            "±0.1 of a wave; E and H plane differ, a dish's focus goes between");

    @Override
    public String name() {
        return "horn";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public String good() {
        return "Gain that is worked out from its sheet to a few tenths, over half an octave, with nothing to tune: the usual yardstick.";
    }

    @Override
    public String bad() {
        return "Long and heavy for its gain over 20 dBi; below 2 GHz it is a piece of furniture.";
    }

    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() < 0.2;
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        return begin(wish, 15);
    }

    private static List<Quantity> begin(Wish wish, double dbi) {
        double wave = wish.wavelength();
        RectangularGuide guide = new RectangularGuide(0.72 * wave, 0.34 * wave);
        PyramidalHorn best = PyramidalHorn.best(Math.pow(10, dbi / 10), wish.frequency(), guide);
        return List.of(
                MEASURES.get(WIDTH).of(best.width()),
                MEASURES.get(HEIGHT).of(best.height()),
                MEASURES.get(LENGTH).of(best.length(guide)),
                MEASURES.get(GUIDE).of(guide.width()),
                MEASURES.get(GUIDE_HIGH).of(guide.height()),
                Quantity.of("16", Unit.DB));
    }

    @Override
    public List<ApertureDesign> choices(Wish wish) {
        return java.util.stream.Stream.of(12.0, 16.0, 20.0)
                .map(g -> new ApertureDesign(key(), begin(wish, g), wish.metal(), wish.upright()))
                .filter(d -> d.longest() < 1.2)
                .toList();
    }

    @Override
    public boolean madeForGain() {
        return true;
    }

    /** The shortest of that gain on its guide. */
    @Override
    public ApertureDesign forGain(ApertureDesign d, double frequency, double dbi) {
        d.needs(WIDTH, HEIGHT, LENGTH);
        RectangularGuide guide = new RectangularGuide(d.size(GUIDE), d.size(GUIDE_HIGH));
        ApertureDesign made = d;
        // What shapes the shortest one is the closed form, which is low for small ones.
        double asked = dbi;
        for (int i = 0; i < TRIES; i++) {
            PyramidalHorn best = PyramidalHorn.best(Math.pow(10, asked / 10), frequency, guide);
            made = d.withSize(WIDTH, MEASURES.get(WIDTH).of(best.width()))
                    .withSize(HEIGHT, MEASURES.get(HEIGHT).of(best.height()))
                    .withSize(LENGTH, MEASURES.get(LENGTH).of(best.length(guide)));
            asked += dbi - 10 * Math.log10(horn(made).opening(frequency).directivity());
        }
        return made;
    }

    private static double apex(double opening, double guide, double length) {
        return opening > 1.001 * guide ? length * opening / (opening - guide) : NO_APEX;
    }

    static PyramidalHorn horn(ApertureDesign d) {
        if (d.size(WIDTH) < d.size(GUIDE) || d.size(HEIGHT) < d.size(GUIDE_HIGH)) {
            throw new IllegalArgumentException("An opening of " + d.sizes().get(WIDTH) + " by "
                    + d.sizes().get(HEIGHT) + " is less than its guide's "
                    + d.sizes().get(GUIDE) + " by "
                    + d.sizes().get(GUIDE_HIGH) + "; a horn opens, so give as much or more");
        }
        return new PyramidalHorn(
                d.size(WIDTH),
                d.size(HEIGHT),
                apex(d.size(WIDTH), d.size(GUIDE), d.size(LENGTH)),
                apex(d.size(HEIGHT), d.size(GUIDE_HIGH), d.size(LENGTH)));
    }

    @Override
    public Radiation radiation(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        PyramidalHorn h = horn(d);
        RectangularOpening lit = h.opening(frequency);
        double even = new RectangularOpening(
                        h.height(), h.width(), wave, RectangularOpening.Side.even(), RectangularOpening.Side.even())
                .directivity();
        double tapered = new RectangularOpening(
                        h.height(),
                        h.width(),
                        wave,
                        RectangularOpening.Side.even(),
                        RectangularOpening.Side.cosine(h.width()))
                .directivity();
        double sent = lit.directivity();
        return new Radiation(
                Worked.of(EVEN).computed("d", "over even", even, "", 5).gives(10 * Math.log10(even), "dBi", 1),
                List.of(lost(TAPER, even, tapered), lost(LATE, tapered, sent)),
                Math.min(h.width(), h.height()) > wave ? 0.3 : 0.5,
                lit.field(),
                Radiation.Feed.typed(d.size(RETURN_LOSS)));
    }

    private static Worked lost(Formula formula, double from, double to) {
        return Worked.of(formula)
                .computed("a", "before", from, "", 5)
                .computed("b", "after", to, "", 5)
                .gives(10 * Math.log10(from / to), "dB", 2);
    }

    @Override
    public List<Worked> schools(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        RectangularOpening o = horn(d).opening(frequency);
        Radiation r = radiation(d, frequency);
        return java.util.stream.Stream.of(true, false)
                .flatMap(e -> r.edge(3, e ? 0 : 90).stream().mapToObj(t -> centre(o, e, Math.toRadians(t), wave)))
                .toList();
    }

    /** Where the phase seems to come from, of one plane. */
    private static Worked centre(RectangularOpening o, boolean e, double t, double wave) {
        double late = -(e ? o.inE(t) : o.inH(t)).getArgument();
        double behind = late * wave / (2 * Math.PI * (1 - Math.cos(t)));
        return Worked.of(CENTRE)
                .computed("k", e ? "E plane" : "H plane", late, "", 6)
                .computed("t", "half-power angle", t, "", 6)
                .computed("w", "wave", wave * 1000, "mm", 3)
                .gives(behind * 1000, "mm", 0, 100 * wave);
    }

    /** With a probe a quarter of a guided wave from the closed end of a guide three quarters of that long. */
    @Override
    public Optional<WireModel> grid(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        double cutoff = new RectangularGuide(d.size(GUIDE), d.size(GUIDE_HIGH)).cutoff(1, 0);
        if (cutoff >= frequency) {
            return Optional.empty();
        }
        double guided = wave / Math.sqrt(1 - Math.pow(cutoff / frequency, 2));
        PyramidalHorn h = horn(d);
        int level = 2 * (int) Math.ceil(h.width() / (2 * TIGHT * wave));
        int upright = 2 * (int) Math.ceil(h.height() / (2 * TIGHT * wave));
        At guide = new At(d.size(GUIDE), d.size(GUIDE_HIGH));
        WireGrid net = new WireGrid(wave, 2 * (level + upright));
        net.square(0, new At(guide.x() / 3, guide.y() / 3), 0, guide, level, upright);
        net.square(0, guide, guided / 4, guide, level, upright);
        net.square(guided / 4, guide, 0.75 * guided, guide, level, upright);
        net.square(0.75 * guided, guide, 0.75 * guided + d.size(LENGTH), new At(h.width(), h.height()), level, upright);
        return net.fed(
                "horn",
                guided / 4,
                PROBE * Math.min(wave / 4, guide.y()),
                PROBE_THICK * wave,
                d.metal().conductivity());
    }

    @Override
    public String trusted() {
        return "±0.5 dB, 1 dB high where the flare is hardly there. Up to 10 dBi it bears out the sum over the opening, which is trusted; larger"
                + " ones ask for nets too fine to wait for";
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        RectangularGuide g = new RectangularGuide(d.size(GUIDE), d.size(GUIDE_HIGH));
        if (frequency < 1.1 * g.cutoff(1, 0)) {
            return List.of("The guide begins to pass at " + NumberText.shown(g.cutoff(1, 0) / 1e6, 0)
                    + " MHz, too near to here; make it " + NumberText.shown(1000 * 0.7 * C / frequency, 0)
                    + " mm wide.");
        }
        double second = Math.min(g.cutoff(2, 0), g.cutoff(0, 1));
        return second < frequency
                ? List.of("The guide carries a second mode from " + NumberText.shown(second / 1e6, 0)
                        + " MHz on: what the horn then sends is not worked out here; take a smaller guide.")
                : List.of();
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        double a = d.size(WIDTH) / 2;
        double b = d.size(HEIGHT) / 2;
        double g = d.size(GUIDE_HIGH) / 2;
        double l = d.size(LENGTH);
        double back = 1.2 * d.size(GUIDE);
        return new Sketch(
                List.of(
                        Line.metal(
                                new At(l, b),
                                new At(0, g),
                                new At(-back, g),
                                new At(-back, -g),
                                new At(0, -g),
                                new At(l, -b)),
                        Line.feed(
                                new At(-back + 0.4 * d.size(GUIDE), -g), new At(-back + 0.4 * d.size(GUIDE), 0.3 * g))),
                List.of(
                        Line.box(Kind.METAL, 0, 0, 2 * a, 2 * b),
                        Line.box(Kind.METAL, 0, 0, d.size(GUIDE), 2 * g),
                        Line.feed(new At(0, -g), new At(0, 0.3 * g))));
    }

    /** Two pairs of trapezoids, each as high as its sheet is long along the slope. */
    @Override
    public List<FlatPattern> flat(ApertureDesign d) {
        double a = d.size(WIDTH);
        double b = d.size(HEIGHT);
        double ga = d.size(GUIDE);
        double gb = d.size(GUIDE_HIGH);
        double l = d.size(LENGTH);
        return List.of(
                trapezoid("broad wall", a, ga, Math.hypot(l, (b - gb) / 2)),
                trapezoid("narrow wall", b, gb, Math.hypot(l, (a - ga) / 2)));
    }

    private static FlatPattern trapezoid(String name, double wide, double narrow, double high) {
        return new FlatPattern(
                name,
                2,
                List.of(
                        new At(-narrow / 2, 0),
                        new At(narrow / 2, 0),
                        new At(wide / 2, high),
                        new At(-wide / 2, high)));
    }

    @Override
    public String title(ApertureDesign d) {
        boolean across = d.size(WIDTH) > 1.05 * d.size(GUIDE);
        boolean up = d.size(HEIGHT) > 1.05 * d.size(GUIDE_HIGH);
        return across && up ? "Horn" : across ? "H-plane horn" : up ? "E-plane horn" : "Open guide";
    }

    @Override
    public List<String> parts(ApertureDesign d, double frequency) {
        return List.of(
                "Two broad and two narrow walls of " + NumberText.shown(SHEET * 1000, 1)
                        + " mm sheet, by the flat patterns",
                "Guide " + d.sizes().get(GUIDE) + " by " + d.sizes().get(GUIDE_HIGH)
                        + " inside, closed behind, with probe and socket");
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        return List.of(
                "Cut the four walls, file their edges to the line: the patterns are the inside of the horn.",
                "Caution: cut sheet has edges like knives; gloves, and files before fingers.",
                "Tack the corners, square the opening by its two diagonals, then solder or rivet every 20 mm.",
                "Caution: solder a sheet of this size outside or under an extractor, on something that does not burn.",
                "Hold: no gap along a corner or at the throat lets light through.",
                "Join it to the guide without a step; the field stands across the broad walls, so "
                        + (d.upright() ? "those lie level." : "those stand upright."));
    }

    @Override
    public double area(ApertureDesign d) {
        return Math.max(d.size(WIDTH) * d.size(HEIGHT), d.size(LENGTH) * d.size(HEIGHT) / 2);
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return flat(d).stream().mapToDouble(f -> f.count() * f.area()).sum()
                        * SHEET
                        * d.metal().density()
                + 0.2;
    }
}
