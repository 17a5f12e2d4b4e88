package veldline.line;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.quantity.NumberText;

/** Ways to bring a load to its line, each by the solution that loses least with parts there are. To add one, write it and give it a line here. */
public enum MatchWay {
    L_NETWORK("L network", MatchWay::network),
    PI("pi network", MatchWay::pi),
    TEE("T network", MatchWay::tee),
    QUARTER_WAVE("quarter-wave section", MatchWay::quarter),
    TWO_QUARTERS("two quarter waves", MatchWay::quarters),
    SECTION("section let in", MatchWay::section),
    STUB("stub", MatchWay::stub),
    DOUBLE_STUB("two stubs", MatchWay::stubs),
    HAIRPIN("hairpin", true, MatchWay::hairpin),
    GAMMA("gamma rod", true, MatchWay::gamma),
    T_MATCH("two rods and a loop", true, MatchWay::rods),
    LOOP("half-wave loop, 4 to 1", true, MatchWay::loop),
    WOUND("turns on a ring", (load, z0, f) -> wound(load, z0, f, Optional.empty())),
    WOUND_49("turns on a ring, 49 to 1", (load, z0, f) -> endFed(load, z0, f, 7)),
    WOUND_64("turns on a ring, 64 to 1", (load, z0, f) -> endFed(load, z0, f, 8));

    /** A common cable for pieces of line: solid polyethylene, 5 mm. */
    private static final Section CABLE = new Section(50, 0.66, new CableLoss(1.31, 0.0095), 0);
    /** Impedances that sections can be made of: cables of 50, 75 and 93 Ω, or two of them side by side. */
    private static final double[] SECTIONS = {25, 37.5, 46.5, 50, 75, 93};
    /** Over the least there must be, for networks whose quality is free. */
    private static final double QUALITY = 1.3;

    private static final double FREE = 2;
    private static final double WIRE = 0.003;
    private static final double APART = 0.03;
    /** An end of a wire, ohms. */
    private static final double HIGH = 1000;

    private static final double ELEMENT = 0.008;
    private static final double ROD = 0.004;
    /** Two rods are to raise it further than one. */
    private static final double THIN = 0.002;

    private static final double NEAR = 0.02;

    private final String title;
    private final boolean balanced;
    private final Planner planner;

    MatchWay(String title, Planner planner) {
        this(title, false, planner);
    }

    MatchWay(String title, boolean balanced, Planner planner) {
        this.title = title;
        this.balanced = balanced;
        this.planner = planner;
    }

    /** What one is made of for a load. */
    private interface Planner {
        Stream<Plan> plans(Complex load, double z0, double frequency);
    }

    /**
     * One solution.
     *
     * @param load as it is to be, ohms: hairpins ask for a driven element that is cut short
     * @param ladder from there to the line
     * @param note what else is to be done; may be empty
     */
    public record Plan(Complex load, Ladder ladder, String note) {
        /** What is lost in its parts and by what is still sent back, decibels. */
        public double loss(double z0, double frequency) {
            Ladder.Look look = ladder.look(load, frequency);
            return Mismatch.lossDb(look.seen(), z0) - 10 * Math.log10(look.through());
        }
    }

    /** “pi network”. */
    public String title() {
        return title;
    }

    /** Whether it is for what is fed in its middle: put beside a rod there, cut it short, or turn one half over. */
    public boolean balanced() {
        return balanced;
    }

    /** The best of its solutions; empty where there is none for this load. */
    public Optional<Plan> plan(Complex load, double z0, double frequency) {
        return planner.plans(load, z0, frequency)
                .filter(p -> Double.isFinite(p.loss(z0, frequency)))
                .min(Comparator.comparingDouble(p -> p.loss(z0, frequency)));
    }

    private static Plan plain(Complex load, Ladder ladder) {
        return new Plan(load, ladder, "");
    }

    private static Stream<Plan> network(Complex load, double z0, double f) {
        return LNetwork.solutions(load, z0).stream().map(n -> plain(load, n.made(x -> Reactor.nearest(x, f))));
    }

    private static Stream<Plan> pi(Complex load, double z0, double f) {
        double q = Math.max(
                FREE, QUALITY * PiNetwork.least(z0, 1 / load.reciprocal().getReal()));
        return Stream.of(plain(load, PiNetwork.of(z0, load, q).made(x -> Reactor.nearest(x, f))));
    }

    private static Stream<Plan> tee(Complex load, double z0, double f) {
        double q = Math.max(FREE, QUALITY * PiNetwork.least(z0, load.getReal()));
        return Stream.of(true, false)
                .map(coils -> plain(load, TeeNetwork.of(z0, load, q, coils).made(x -> Reactor.nearest(x, f))));
    }

    private static Section like(double z) {
        return new Section(z, CABLE.velocity(), CABLE.loss(), 0);
    }

    private static double nearest(double wanted) {
        return Arrays.stream(SECTIONS)
                .boxed()
                .min(Comparator.comparingDouble(z -> Math.abs(Math.log(z / wanted))))
                .orElseThrow();
    }

    private static String wanted(double... ohms) {
        return String.join(
                        " and ",
                        Arrays.stream(ohms)
                                .mapToObj(z -> NumberText.shown(z, 1))
                                .toList())
                + " Ω wanted";
    }

    private static Stream<Plan> quarter(Complex load, double z0, double f) {
        double z = QuarterWave.impedanceFor(load.getReal(), z0);
        return Stream.of(
                new Plan(load, Ladder.of(new Piece.Along(like(nearest(z)).cut(0.25, f))), wanted(z)));
    }

    /** Each makes the half of the step, by ratio; over a wider band than one does. */
    private static Stream<Plan> quarters(Complex load, double z0, double f) {
        double first = Math.pow(load.getReal(), 0.75) * Math.pow(z0, 0.25);
        double second = Math.pow(load.getReal(), 0.25) * Math.pow(z0, 0.75);
        // Of the pairs there are, the one that comes out best; the nearest to each need not.
        return Arrays.stream(SECTIONS)
                .boxed()
                .flatMap(a -> Arrays.stream(SECTIONS)
                        .mapToObj(b -> new Plan(
                                load,
                                Ladder.of(new Piece.Along(like(a).cut(0.25, f)), new Piece.Along(like(b).cut(0.25, f))),
                                wanted(first, second))));
    }

    private static Stream<Plan> section(Complex load, double z0, double f) {
        return Arrays.stream(SECTIONS)
                .filter(z -> z != z0)
                .boxed()
                .flatMap(z ->
                        SeriesSection.of(load, z0, z).stream().map(s -> plain(load, s.made(like(z0), like(z), f))));
    }

    private static Stream<Plan> stub(Complex load, double z0, double f) {
        return StubMatch.of(load, z0).stream().map(s -> plain(load, s.made(like(z0), f)));
    }

    private static Stream<Plan> stubs(Complex load, double z0, double f) {
        return DoubleStub.of(load, z0).stream().map(s -> plain(load, s.made(like(z0), f)));
    }

    /** The element's resistance is taken not to change while it is cut. */
    private static Stream<Plan> hairpin(Complex load, double z0, double f) {
        if (load.getReal() >= z0) {
            return Stream.empty();
        }
        Hairpin h = Hairpin.of(load.getReal(), z0, WIRE, APART, f);
        Section pin = Section.ideal(h.lineZ(), 1, h.metres());
        double by = h.elementX() - load.getImaginary();
        return Stream.of(new Plan(
                new Complex(load.getReal(), h.elementX()),
                Ladder.of(new Piece.Stub(pin, false)),
                "3 mm wire, 30 mm apart; the driven element cut until its reactance is " + NumberText.signed(by, 0)
                        + " Ω from here"));
    }

    private static Stream<Plan> gamma(Complex load, double z0, double f) {
        GammaRod rod = GammaRod.of(ELEMENT, ROD, APART);
        return rod.made(load, z0, f).stream()
                .map(m -> new Plan(
                        load,
                        Ladder.of(
                                new Piece.Turns(new Transformer(2 / rod.stepUp())),
                                new Piece.Stub(Section.ideal(rod.lineZ(), 1, m.metres()), false),
                                new Piece.InRow(Reactor.nearest(m.inRow(), f))),
                        "4 mm rod 30 mm from an 8 mm element; rod and capacitor slide, since texts differ by half"));
    }

    /** A rod on either side, each as a gamma rod to half of what the loop is to see; symmetrical without a choke's help. */
    private static Stream<Plan> rods(Complex load, double z0, double f) {
        GammaRod rod = GammaRod.of(ELEMENT, THIN, NEAR);
        return rod.made(load, 2 * z0, f).stream()
                .map(
                        m -> new Plan(
                                load,
                                Ladder.of(
                                        new Piece.Turns(new Transformer(1 / rod.stepUp())),
                                        new Piece.Stub(Section.ideal(2 * rod.lineZ(), 1, m.metres()), false),
                                        new Piece.InRow(Reactor.nearest(2 * m.inRow(), f)),
                                        new Piece.Loop(like(z0).cut(0.5, f))),
                                "2 mm rods 20 mm from an 8 mm element, a capacitor of twice that in each; rods and capacitors slide"));
    }

    /** Between two and eight times the line there is something to win; a choke is not needed besides. */
    private static Stream<Plan> loop(Complex load, double z0, double f) {
        double times = load.norm() / z0;
        return times < 2 || times > 8
                ? Stream.empty()
                : Stream.of(
                        new Plan(
                                load,
                                Ladder.of(new Piece.Loop(like(z0).cut(0.5, f))),
                                "its screens joined at both ends and to the cable's; one inner joins both terminals by way of the loop"));
    }

    private static Stream<Plan> wound(Complex load, double z0, double f, Optional<Double> turns) {
        return WoundTransformer.of(load, z0, f, turns).stream().map(t -> t.plan(load, z0, f));
    }

    /** As they are sold for wires fed at an end. */
    private static Stream<Plan> endFed(Complex load, double z0, double f, double turns) {
        return load.norm() < HIGH ? Stream.empty() : wound(load, z0, f, Optional.of(turns));
    }

    /** All that there are. */
    public static List<MatchWay> all() {
        return List.of(values());
    }
}
