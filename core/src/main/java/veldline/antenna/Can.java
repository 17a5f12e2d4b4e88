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
import veldline.field.aperture.FarField;
import veldline.field.aperture.FeedPattern;
import veldline.field.wire.WireModel;
import veldline.picture.Mark.At;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A tube closed behind, with a probe in its wall: a round guide whose mouth sends. */
public final class Can implements ApertureFamily {
    private static final double C = 299_792_458.0;
    private static final int INSIDE = 0;
    private static final int BEHIND = 1;
    private static final int BEFORE = 2;
    private static final int PROBE = 3;
    private static final int PROBE_THICK = 4;
    private static final int COVER = 5;
    private static final int COVER_THICK = 6;
    private static final int RETURN_LOSS = 7;
    private static final int RING = 8;
    private static final int RING_DEEP = 9;
    /** A narrower ring is none, waves. */
    private static final double NONE = 0.05;
    /** Of a quarter wave in the open: what a probe comes to in a tube, before it is trimmed. */
    private static final double PROBE_SHARE = 0.95;

    private static final double[] PERMITTIVITY = {1, 2.3, 3.0};

    private static final List<Measure> MEASURES = List.of(
            Measure.length("Tube, inside", 0.5, 1.4),
            Measure.length("Probe from the closed end", 0.1, 1.5),
            Measure.length("Probe to the mouth", 0.1, 3),
            Measure.length("Probe, long", 0.1, 0.35),
            Measure.length("Probe, thick", 0.005, 0.06),
            Measure.choice("Mouth", "open", "polyethylene cover", "hard plastic cover"),
            Measure.length("Cover, thick", 0, 0.1),
            Measure.number(ApertureFamily.RETURN_LOSS, Unit.DB, 6, 40),
            Measure.length("Choke ring around the mouth, wide", 0, 0.5),
            Measure.length("Choke ring, deep", 0.1, 0.4));

    private static final Formula MOUTH = new Formula(
            "Mouth by its pattern",
            "All that the mouth of a tube sends, summed over all directions: D times even.",
            "C",
            "10·log10(D)",
            "Field of TE11 over the mouth (Silver, Microwave Antenna Theory and Design, §10.3)",
            "+2 −0.5 dB: what runs round the rim onto the outside is not in it, and the net of wires beside it has that");
    private static final Formula COVERED = new Formula(
            "Lost to the cover",
            "A sheet t thick, p its permittivity, sends a part back; w the wave.",
            "L",
            "10·log10(1 + ((p − 1)·pi·t ÷ w)^2)",
            "Thin slab, square on (Balanis, Advanced Engineering Electromagnetics, §5.5)",
            "±20 % of it; water on it takes more than the cover does");
    private static final Formula CUTOFF = new Formula(
            "Tube begins to pass",
            "TE11 in a tube d wide inside, in MHz; under it nothing comes out.",
            "F",
            "1.841184·299.792458 ÷ (pi·d)",
            "Pozar, Microwave Engineering, 4th ed., §3.4",
            "Exact for a round tube; dents count");
    private static final Formula SECOND = new Formula(
            "Second mode from",
            "TM01 in the same tube, in MHz; from there on the probe wakes both and the beam breaks up.",
            "F",
            "2.404826·299.792458 ÷ (pi·d)",
            "Pozar, Microwave Engineering, 4th ed., §3.4",
            "Exact for a round tube");
    private static final Formula GUIDED = new Formula(
            "Wave in the tube",
            "Longer than in the open: w there, f the frequency, c where the tube begins. The probe stands a quarter of it from the closed end.",
            "W",
            "w ÷ sqrt(1 − (c ÷ f)^2)",
            "Pozar, Microwave Engineering, 4th ed., §3.3",
            "Exact; the closed end counts from its inside");
    private static final Formula CEILING = new Formula(
            "Most the mouth can have",
            "The mouth d evenly lit, w the wave. Rods, discs or a row of washers in the can cannot get past it without growing out of it.",
            "C",
            "20·log10(pi·d ÷ w)",
            "Balanis, Antenna Theory, 3rd ed., §12.9",
            "A can of one mode is under two waves, where its rim sends as well: ±1 dB");

    @Override
    public String name() {
        return "can";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public String good() {
        return "A tin, a socket and a piece of wire: 7 to 9 dBi, and a fair feed for a deep dish.";
    }

    @Override
    public String bad() {
        return "Only tubes of one narrow range of widths will do for a band; what is advertised over 10 dBi for one is not so.";
    }

    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() < 0.35;
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        double inside = 0.7 * wave;
        double guided = new CircularGuide(inside).guided(wish.frequency());
        return List.of(
                MEASURES.get(INSIDE).of(inside),
                MEASURES.get(BEHIND).of(guided / 4),
                MEASURES.get(BEFORE).of(guided / 2),
                MEASURES.get(PROBE).of(PROBE_SHARE * wave / 4),
                MEASURES.get(PROBE_THICK).of(0.018 * wave),
                Quantity.of("0", Unit.ONE),
                MEASURES.get(COVER_THICK).of(0.012 * wave),
                Quantity.of("14", Unit.DB),
                MEASURES.get(RING).of(0),
                MEASURES.get(RING_DEEP).of(wave / 4));
    }

    @Override
    public Radiation radiation(ApertureDesign d, double frequency) {
        FeedPattern mouth = new FeedPattern.Tube(d.size(INSIDE), frequency);
        double directivity = mouth.directivity();
        double wave = C / frequency;
        List<Worked> lost = new ArrayList<>();
        if (d.count(COVER) > 0 && d.size(COVER_THICK) > 0) {
            double p = PERMITTIVITY[d.count(COVER)];
            lost.add(Worked.of(COVERED)
                    .computed("p", "permittivity", p, "", 2)
                    .typed("t", "thick", d.size(COVER_THICK) * 1000, "mm", 2)
                    .computed("w", "wave", wave * 1000, "mm", 3)
                    .gives(10 * Math.log10(1 + Math.pow((p - 1) * Math.PI * d.size(COVER_THICK) / wave, 2)), "dB", 2));
        }
        FarField field = (theta, phi) -> {
            double c = Math.pow(Math.cos(phi), 2);
            return c * Math.pow(mouth.e(theta), 2) + (1 - c) * Math.pow(mouth.h(theta), 2);
        };
        return new Radiation(
                Worked.of(MOUTH)
                        .computed("D", "over even", directivity, "", 5)
                        .gives(10 * Math.log10(directivity), "dBi", 1),
                lost,
                1.5,
                field,
                Radiation.Feed.typed(d.size(RETURN_LOSS)));
    }

    @Override
    public boolean tunes() {
        return true;
    }

    /** The probe a quarter of the guided wave from the closed end, the mouth half of it before the probe. */
    @Override
    public ApertureDesign tuned(ApertureDesign d, double frequency) {
        double guided = new CircularGuide(d.size(INSIDE)).guided(frequency);
        return d.withFree(BEHIND, guided / 4)
                .withFree(BEFORE, guided / 2)
                .withFree(PROBE, PROBE_SHARE * C / frequency / 4);
    }

    @Override
    public List<Worked> schools(ApertureDesign d, double frequency) {
        double inside = d.size(INSIDE);
        CircularGuide g = new CircularGuide(inside);
        List<Worked> all = new ArrayList<>();
        all.add(Worked.of(CUTOFF).typed("d", "inside", inside, "m", 5).gives(g.cutoff(Mode.TE11) / 1e6, "MHz", 0));
        all.add(Worked.of(SECOND).typed("d", "inside", inside, "m", 5).gives(g.cutoff(Mode.TM01) / 1e6, "MHz", 0));
        g.wavelength(Mode.TE11, frequency)
                .ifPresent(guided -> all.add(Worked.of(GUIDED)
                        .computed("w", "wave in the open", C / frequency * 1000, "mm", 3)
                        .typed("f", "frequency", frequency / 1e6, "MHz", 3)
                        .computed("c", "begins to pass", g.cutoff(Mode.TE11) / 1e6, "MHz", 3)
                        .gives(guided * 1000, "mm", 1)));
        all.add(Worked.of(CEILING)
                .typed("d", "inside", inside, "m", 5)
                .computed("w", "wave", C / frequency, "m", 5)
                .gives(20 * Math.log10(Math.PI * inside * frequency / C), "dBi", 1, 1));
        return all;
    }

    @Override
    public List<String> watch(ApertureDesign d, double frequency) {
        CircularGuide g = new CircularGuide(d.size(INSIDE));
        List<String> all = new ArrayList<>();
        String range = NumberText.shown(1000 * CircularGuide.narrowest(frequency, 0.95), 0) + " to "
                + NumberText.shown(1000 * CircularGuide.widest(frequency), 0) + " mm";
        if (g.carries(Mode.TM01, frequency)) {
            all.add("So wide a tube carries TM01 beside TE11: the beam breaks up. Take one of " + range + ".");
        }
        if (g.cutoff(Mode.TE11) > 0.95 * frequency) {
            all.add("So narrow a tube hardly passes; match and place of the probe run away. Take one of " + range
                    + ".");
        }
        g.wavelength(Mode.TE11, frequency)
                .filter(w -> Math.abs(d.size(BEHIND) - w / 4) > 0.06 * w)
                .ifPresent(w -> all.add("The probe stands "
                        + NumberText.shown(d.size(BEHIND) / w, 2)
                        + " of a guided wave from the closed end; a quarter is "
                        + NumberText.shown(w / 4 * 1000, 1) + " mm."));
        g.wavelength(Mode.TE11, frequency)
                .filter(w -> d.size(BEFORE) < w / 3)
                .ifPresent(w -> all.add("The mouth is so near that it feels the probe; give it half a guided wave, "
                        + NumberText.shown(w / 2 * 1000, 0) + " mm."));
        if (d.size(RING) > 0) {
            all.add(
                    "What the choke ring does stands in the net of wires; the sum over the mouth has its back and its width as without it.");
        }
        return all;
    }

    @Override
    public Optional<WireModel> grid(ApertureDesign d, double frequency) {
        double wave = C / frequency;
        double r = d.size(INSIDE) / 2;
        double mouth = d.size(BEHIND) + d.size(BEFORE);
        if (!ringed(d, wave)) {
            return fed(d, tube(r, wave, d.size(BEHIND), mouth));
        }
        double foot = mouth - Math.min(d.size(RING_DEEP), 0.9 * mouth);
        // Two rings may not lie as close as wires are thick.
        foot = Math.abs(foot - d.size(BEHIND)) < NONE * wave ? d.size(BEHIND) : foot;
        WireGrid net = tube(r, wave, Math.min(foot, d.size(BEHIND)), Math.max(foot, d.size(BEHIND)), mouth);
        net.cup(foot, r + d.size(RING), mouth);
        return fed(d, net);
    }

    private static Optional<WireModel> fed(ApertureDesign d, WireGrid net) {
        return net.fed(
                "can",
                d.size(BEHIND),
                d.size(PROBE),
                d.size(PROBE_THICK) / 2,
                d.metal().conductivity());
    }

    private static boolean ringed(ApertureDesign d, double wave) {
        return d.size(RING) >= NONE * wave;
    }

    @Override
    public boolean uses(ApertureDesign d, int measure) {
        return (d.size(RING) > 0 || measure != RING_DEEP) && (d.count(COVER) > 0 || measure != COVER_THICK);
    }

    /** A closed tube, with a ring at each of some places from its closed end, the last of which is its mouth. */
    static WireGrid tube(double r, double wave, double... stops) {
        WireGrid net = new WireGrid(wave, 2 * Math.max(8, (WireGrid.steps(2 * Math.PI * r, wave) + 1) / 2));
        net.round(0, r / Math.max(2, WireGrid.steps(r, wave)), 0, r);
        double from = 0;
        for (double to : stops) {
            if (to > from) {
                net.round(from, r, to, r);
            }
            from = to;
        }
        return net;
    }

    @Override
    public Sketch sketch(ApertureDesign d) {
        double r = d.size(INSIDE) / 2;
        double l = d.size(BEHIND) + d.size(BEFORE);
        double x = d.size(BEHIND);
        List<Line> side = new ArrayList<>(List.of(
                Line.feed(new At(x, -r), new At(x, -r + d.size(PROBE))),
                Line.metal(new At(l, r), new At(0, r), new At(0, -r), new At(l, -r))));
        if (d.count(COVER) > 0) {
            side.add(Line.box(Kind.OTHER, l + d.size(COVER_THICK) / 2, 0, d.size(COVER_THICK), 2 * r));
        }
        List<Line> front = new ArrayList<>(List.of(Line.ring(Kind.METAL, 2 * r)));
        if (d.size(RING) > 0) {
            double out = r + d.size(RING);
            double back = l - Math.min(d.size(RING_DEEP), 0.9 * l);
            side.add(Line.metal(new At(back, r), new At(back, out), new At(l, out)));
            side.add(Line.metal(new At(back, -r), new At(back, -out), new At(l, -out)));
            front.add(Line.ring(Kind.METAL, 2 * out));
        }
        front.add(Line.feed(new At(0, -r), new At(0, -r + d.size(PROBE))));
        return new Sketch(side, front);
    }

    @Override
    public String title(ApertureDesign d) {
        return "Can, " + NumberText.shown(d.size(INSIDE) * 1000, 0) + " mm";
    }

    @Override
    public List<String> parts(ApertureDesign d, double frequency) {
        return List.of(
                "Tube or tin " + d.sizes().get(INSIDE) + " inside, at least "
                        + NumberText.shown(1000 * (d.size(BEHIND) + d.size(BEFORE)), 0)
                        + " mm deep, seam soldered or pressed tight",
                "Socket with a flange, four screws",
                "Probe: " + d.sizes().get(PROBE_THICK) + " wire, " + d.sizes().get(PROBE)
                        + " from the tube's inside to its tip",
                d.count(COVER) == 0
                        ? "No cover"
                        : "Cover: " + MEASURES.get(COVER).words().get(d.count(COVER)),
                d.size(RING) == 0
                        ? "No choke ring"
                        : "Choke ring: a cup " + d.sizes().get(RING_DEEP) + " deep that stands "
                                + d.sizes().get(RING) + " out from the tube, open forward, bonded to it all round");
    }

    @Override
    public List<String> steps(ApertureDesign d, double frequency) {
        return List.of(
                "Mark the hole " + d.sizes().get(BEHIND) + " from the inside of the closed end.",
                "Caution: drill thin sheet on a block of wood, clamped, with glasses on; it grips and turns.",
                "Solder the probe to the socket, cut it 2 mm long, then screw the socket on. Caution: solder outside or under an extractor.",
                "Hold: probe open against the tube, socket's outside bonded to it.",
                "Mount it with the probe " + (d.upright() ? "upright" : "level") + ": so its field stands.",
                "Trim the probe by half a millimetre at a time for the best return loss.",
                "Bond the can to the mast's earth and take the cable through an arrestor where local codes ask for it.",
                "A hole of 4 mm at the lowest place lets water out; the mouth points a little down.");
    }

    @Override
    public double area(ApertureDesign d) {
        return Math.max(
                Math.PI / 4 * d.size(INSIDE) * d.size(INSIDE), d.size(INSIDE) * (d.size(BEHIND) + d.size(BEFORE)));
    }

    @Override
    public double kilograms(ApertureDesign d) {
        return Math.PI
                        * d.size(INSIDE)
                        * (d.size(BEHIND) + d.size(BEFORE) + d.size(INSIDE) / 4)
                        * 0.4e-3
                        * d.metal().density()
                + 0.1;
    }
}
