package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.aperture.CircularGuide;
import veldline.field.aperture.CircularGuide.Mode;
import veldline.field.aperture.ConicalHorn;
import veldline.field.wire.WireModel;
import veldline.picture.Mark.At;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A cone on a round tube: one sheet, rolled. */
public final class RoundHorn implements ApertureFamily {
    private static final double C = 299_792_458.0;
    private static final int OPENING = 0;
    private static final int LENGTH = 1;
    private static final int TUBE = 2;
    private static final int RETURN_LOSS = 3;
    private static final double SHEET = 0.5e-3;
    /** Gain grows as the square of the opening or so, so few tries come close. */
    private static final int TRIES = 8;

    private static final double MOST_WAVES = 20;

    private static final List<Measure> MEASURES = List.of(
            Measure.length("Opening, across", 0.7, 20),
            Measure.length("Throat to opening", 0.1, 40),
            Measure.length("Tube, inside", 0.6, 1),
            Measure.number(ApertureFamily.RETURN_LOSS, Unit.DB, 6, 40));

    private static final Formula LIT = new Formula(
            "Lost to the tube's light and late edges",
            "TE11 over the opening with the phase of a cone: e is left of an even light.",
            "L",
            "−10·log10(e)",
            "Sums over the opening (Balanis, Antenna Theory, 3rd ed., §13.5)",
            "±0.3 dB from two waves across");
    private static final Formula CUBIC = new Formula(
            "Gain by the cubic",
            "The curve through measured cones, s waves late at the edge; d the opening, w the wave.",
            "G",
            "20·log10(pi·d ÷ w) − (0.8 − 1.71·s + 26.25·s^2 − 17.79·s^3)",
            "King, Proc. IRE 38 (1950); Balanis, §13.5",
            "±0.3 dB near the best length, worse far from it");

    @Override
    public String name() {
        return "round horn";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public String good() {
        return "One rolled sheet on a can: a few dB more than the can, and either polarization by turning it.";
    }

    @Override
    public String bad() {
        return "Its beam is not alike in both planes, and a dish does more from 18 dBi on.";
    }

    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() < 0.2;
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        return begin(wish, 1.7);
    }

    /** As long as its opening asks for, so that its edge is not later than pays. */
    private static List<Quantity> begin(Wish wish, double waves) {
        double wave = wish.wavelength();
        double tube = 0.72 * wave;
        return List.of(
                MEASURES.get(OPENING).of(waves * wave),
                MEASURES.get(LENGTH).of(length(waves, wave, tube)),
                MEASURES.get(TUBE).of(tube),
                Quantity.of("16", Unit.DB));
    }

    /** Throat to opening of one so many waves across that its edge is not later than pays. */
    private static double length(double waves, double wave, double tube) {
        double slant = Math.max(waves * waves * wave / 3, 0.75 * waves * wave);
        double whole = Math.sqrt(slant * slant - Math.pow(waves * wave / 2, 2));
        return whole * (1 - tube / (waves * wave));
    }

    @Override
    public List<ApertureDesign> choices(Wish wish) {
        return java.util.stream.Stream.of(1.7, 2.6)
                .map(w -> new ApertureDesign(key(), begin(wish, w), wish.metal(), wish.upright()))
                .filter(d -> d.longest() < 1.2)
                .toList();
    }

    @Override
    public boolean madeForGain() {
        return true;
    }

    /** Opening and length together, its edge no later than pays, on the tube it has. */
    @Override
    public ApertureDesign forGain(ApertureDesign d, double frequency, double dbi) {
        d.needs(OPENING, LENGTH);
        double wave = C / frequency;
        double waves = Math.pow(10, (dbi + 1.5) / 20) / Math.PI;
        ApertureDesign made = d;
        for (int i = 0; i < TRIES; i++) {
            if (!(waves * wave > 1.05 * d.size(TUBE) && waves <= MOST_WAVES)) {
                throw new IllegalArgumentException("A round horn of " + NumberText.shown(dbi, 1) + " dBi would be "
                        + NumberText.shown(waves, 2) + " waves across; ask for more than its tube has, and for up to "
                        + NumberText.shown(MOST_WAVES, 0) + " waves");
            }
            made = d.withSize(OPENING, MEASURES.get(OPENING).of(waves * wave))
                    .withSize(LENGTH, MEASURES.get(LENGTH).of(length(waves, wave, d.size(TUBE))));
            waves *= Math.pow(10, (dbi - 10 * Math.log10(horn(made).gain(frequency))) / 20);
        }
        return made;
    }

    static ConicalHorn horn(ApertureDesign d) {
        if (d.size(OPENING) < 1.02 * d.size(TUBE)) {
            throw new IllegalArgumentException("An opening of " + d.sizes().get(OPENING) + " on a tube of "
                    + d.sizes().get(TUBE) + " is no horn; give more, or choose the can");
        }
        double whole = d.size(LENGTH) * d.size(OPENING) / (d.size(OPENING) - d.size(TUBE));
        return new ConicalHorn(d.size(OPENING), Math.hypot(whole, d.size(OPENING) / 2));
    }

    @Override
    public Radiation radiation(ApertureDesign d, double frequency) {
        new CircularGuide(d.size(TUBE)).guided(frequency);
        double wave = C / frequency;
        ConicalHorn h = horn(d);
        double even = Math.pow(Math.PI * h.diameter() / wave, 2);
        double left = h.gain(frequency) / even;
        return new Radiation(
                Worked.of(DishLosses.EVEN)
                        .typed("d", "opening", h.diameter(), "m", 5)
                        .computed("w", "wave", wave, "m", 5)
                        .gives(10 * Math.log10(even), "dBi", 1),
                List.of(Worked.of(LIT)
                        .computed("e", "of an even light", left, "", 6)
                        .gives(-10 * Math.log10(left), "dB", 2)),
                h.diameter() > 1.5 * wave ? 0.3 : 1,
                h.field(frequency),
                Radiation.Feed.typed(d.size(RETURN_LOSS)));
    }

    @Override
    public List<Worked> schools(ApertureDesign d, double frequency) {
        ConicalHorn h = horn(d);
        return List.of(Worked.of(CUBIC)
                .computed("s", "late at the edge", h.deviation(frequency), "", 5)
                .typed("d", "opening", h.diameter(), "m", 5)
                .computed("w", "wave", C / frequency, "m", 5)
                .gives(h.fittedDbi(frequency), "dBi", 1, 0.3));
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        List<String> all = new ArrayList<>();
        if (new CircularGuide(d.size(TUBE)).carries(Mode.TM01, frequency)) {
            all.add("The tube carries TM01 beside TE11 here; keep it under "
                    + NumberText.shown(1000 * CircularGuide.widest(frequency), 1) + " mm.");
        }
        ConicalHorn h = horn(d);
        if (h.deviation(frequency) > 0.45) {
            all.add("Its edge is " + NumberText.shown(h.deviation(frequency), 2)
                    + " of a wave late: a narrower opening, or a longer horn, gains more.");
        }
        return all;
    }

    /** With a probe a quarter of a guided wave from the end of a tube as long as a wave in it. */
    @Override
    public Optional<WireModel> grid(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        double r = d.size(TUBE) / 2;
        return new CircularGuide(d.size(TUBE)).wavelength(Mode.TE11, frequency).flatMap(guided -> {
            WireGrid net = Can.tube(r, wave, guided / 4, 0.75 * guided);
            double throat = 0.75 * guided;
            net.round(throat, r, throat + d.size(LENGTH), d.size(OPENING) / 2);
            return net.fed(
                    "round horn",
                    guided / 4,
                    0.95 * wave / 4,
                    0.009 * wave,
                    d.metal().conductivity());
        });
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        double a = d.size(OPENING) / 2;
        double t = d.size(TUBE) / 2;
        double l = d.size(LENGTH);
        double back = 2.2 * d.size(TUBE);
        return new Sketch(
                List.of(
                        Line.metal(
                                new At(l, a),
                                new At(0, t),
                                new At(-back, t),
                                new At(-back, -t),
                                new At(0, -t),
                                new At(l, -a)),
                        Line.feed(new At(-0.65 * back, -t), new At(-0.65 * back, -0.2 * t))),
                List.of(
                        Line.ring(Kind.METAL, d.size(OPENING)),
                        Line.ring(Kind.METAL, d.size(TUBE)),
                        Line.feed(new At(0, -t), new At(0, -0.2 * t))));
    }

    /** A piece of a ring, from tube to opening. */
    @Override
    public List<FlatPattern> flat(ApertureDesign d) {
        double a = d.size(OPENING) / 2;
        double t = d.size(TUBE) / 2;
        double slope = Math.hypot(d.size(LENGTH), a - t);
        double outer = slope * a / (a - t);
        double inner = outer - slope;
        double turn = 2 * Math.PI * a / outer;
        List<At> outline = new ArrayList<>();
        for (int i = 0; i <= 90; i++) {
            double at = turn * (i / 90.0 - 0.5);
            outline.add(new At(outer * Math.sin(at), outer * Math.cos(at)));
        }
        for (int i = 90; i >= 0; i--) {
            double at = turn * (i / 90.0 - 0.5);
            outline.add(new At(inner * Math.sin(at), inner * Math.cos(at)));
        }
        return List.of(new FlatPattern("cone", 1, outline));
    }

    @Override
    public String title(ApertureDesign d) {
        return "Round horn";
    }

    @Override
    public List<String> parts(ApertureDesign d, double frequency) {
        return List.of(
                "One sheet of " + NumberText.shown(SHEET * 1000, 1)
                        + " mm, by the flat pattern, and a strip to join it",
                "Tube " + d.sizes().get(TUBE) + " inside, closed behind, with probe and socket");
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        return List.of(
                "Cut the sheet by the pattern: its line is the inside of the cone; leave 8 mm along one straight edge to overlap.",
                "Caution: cut sheet has edges like knives; gloves, and files before fingers.",
                "Roll it, overlap the straight edges to the line, rivet or solder.",
                "Caution: solder outside or under an extractor.",
                "Hold: opening and throat are round to a millimetre, measured across at four places.",
                "Turn the probe for the polarization: the field stands " + (d.upright() ? "upright." : "level."));
    }

    @Override
    public double area(ApertureDesign d) {
        return Math.PI / 4 * d.size(OPENING) * d.size(OPENING);
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return flat(d).get(0).area() * SHEET * d.metal().density() + 0.3;
    }
}
