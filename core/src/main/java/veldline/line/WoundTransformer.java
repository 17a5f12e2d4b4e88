package veldline.line;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.NumberText;
import veldline.stock.Ring;

/**
 * Two windings on a ring of ferrite: turns, what leaks past them, and what the core stores and turns to heat. Circuit of a transformer by
 * its branches (Sevick, Transmission Line Transformers; any text on magnetics): the core across the winding at the cable, the leakage in a
 * row with the winding of the fewer turns.
 *
 * @param ring that it is wound on, stacked if there are several
 * @param rings of which it is stacked
 * @param atLine turns at the cable
 * @param atLoad turns at the antenna
 */
public record WoundTransformer(Ring ring, int rings, int atLine, int atLoad) {
    /** Above this its wire is too long, or its turns too few. */
    public static final double HIGHEST = 60e6;
    /** With its insulation, metres. */
    private static final double WIRE = 0.0016;
    /** From the winding to its terminals, metres. */
    private static final double LEAD = 0.06;
    /** A lead by itself, henries a metre. */
    private static final double LEAD_LEAKS = 1e-6;
    /** What leaks past the other winding, over what the ring would store of it were it air. */
    private static final double LEAKS = 12;
    /** Of its leakage, by the resistance of its wire. */
    private static final double QUALITY = 100;
    /** The longer winding, of a wave; beyond that its ends are no longer in step. */
    private static final double OF_A_WAVE = 0.1;

    private static final int MOST_TURNS = 8;
    private static final int MOST_RINGS = 3;
    /** So little is not worth more turns, decibels. */
    private static final double ALIKE = 0.25;
    /** What the usual set of short wave sends, watts. */
    private static final double USUAL = 100;
    /** Turns at the antenna over turns at the cable: impedances 1 to 1, 2.25, 4, … 64. */
    private static final double[] RATIOS = {1, 1.5, 2, 2.5, 3, 4, 5, 6, 7, 8};

    static final Formula FLUX = new Formula(
            "Flux in the core",
            "Peak, from the voltage across the n turns at the cable and the core's cross section A.",
            "B",
            "u·sqrt(2) ÷ (2·pi·f·n·A)",
            "Faraday's law",
            "±10 %; a fifth of what saturates it leaves it linear");

    static final Formula HEAT = new Formula(
            "Heat in the core",
            "The conductance of the winding across the voltage at the cable.",
            "W",
            "u^2·g",
            "Permeability with one relaxation (Snoek, Physica 14, 1948)",
            "±40 %: ferrites of one name differ by a quarter");

    static final Formula MOST = new Formula(
            "Power it takes",
            "A steady carrier at which it gets 40 K warmer than still air; c is the share it turns to heat.",
            "P",
            "w ÷ c",
            "Natural convection, 12 W a square metre and kelvin",
            "A factor of two; half of it in a closed box, twice for speech");

    /**
     * The one that loses least with a load, of those of one ratio or of all; of what is alike, one that takes what the usual set sends,
     * with the least wire.
     *
     * @param turns over turns; empty for whichever suits
     */
    public static Optional<WoundTransformer> of(Complex load, double z0, double frequency, Optional<Double> turns) {
        if (frequency >= HIGHEST) {
            return Optional.empty();
        }
        DoubleStream ratios = turns.map(DoubleStream::of)
                .orElseGet(() -> DoubleStream.of(RATIOS).flatMap(r -> DoubleStream.of(r, 1 / r)));
        return ratios.boxed()
                .flatMap(r -> carrying(r, load, z0, frequency).stream())
                .min(Comparator.comparingDouble(Weighed::loss))
                .map(Weighed::of);
    }

    private record Weighed(WoundTransformer of, double loss, double watts) {}

    /** Of one ratio, and of what loses little more than the least, what takes the usual power with the least wire. */
    private static Optional<Weighed> carrying(double ratio, Complex load, double z0, double frequency) {
        List<Weighed> all = wound(ratio)
                .filter(t -> t.fits(frequency))
                .map(t -> new Weighed(
                        t,
                        new MatchWay.Plan(load, t.ladder(load, z0, frequency), "").loss(z0, frequency),
                        t.ring.gives() / t.share(z0, frequency)))
                .toList();
        double least = all.stream().mapToDouble(Weighed::loss).min().orElse(0);
        return all.stream()
                .filter(w -> w.loss <= least + ALIKE)
                .min(Comparator.comparing((Weighed w) -> w.watts < USUAL)
                        .thenComparingDouble(w -> w.of.wire())
                        .thenComparingDouble(Weighed::loss));
    }

    private static Stream<WoundTransformer> wound(double ratio) {
        return IntStream.rangeClosed(1, MOST_TURNS).boxed().flatMap(fewer -> {
            double more = fewer * Math.max(ratio, 1 / ratio);
            if (Math.abs(more - Math.rint(more)) > 1e-9) {
                return Stream.empty();
            }
            int many = (int) Math.rint(more);
            return Ring.FOR_TRANSFORMERS.stream()
                    .flatMap(r -> IntStream.rangeClosed(1, MOST_RINGS)
                            .mapToObj(k -> new WoundTransformer(
                                    r.stacked(k), k, ratio < 1 ? many : fewer, ratio < 1 ? fewer : many)));
        });
    }

    private boolean fits(double frequency) {
        return atLine + atLoad <= ring.room(WIRE)
                && Math.max(atLine, atLoad) * ring.around(WIRE) < OF_A_WAVE * 299_792_458.0 / frequency;
    }

    /** Impedance at the antenna over that at the cable. */
    public double ratio() {
        return (double) atLoad * atLoad / (atLine * atLine);
    }

    private double leakage() {
        int fewer = Math.min(atLine, atLoad);
        return LEAKS * ring.turn() * fewer * fewer + LEAD_LEAKS * 2 * LEAD;
    }

    /** Metres of wire for both windings, with their leads. */
    public double wire() {
        return (atLine + atLoad) * ring.around(WIRE) + 4 * LEAD;
    }

    /** Voltage and current at the cable from those at the antenna. */
    Piece.State after(Piece.State load, double frequency, double core) {
        double n = Math.sqrt(ratio());
        Complex leak = Reactor.of(2 * Math.PI * frequency * leakage(), frequency, QUALITY)
                .impedance(frequency);
        Complex inRow = atLoad < atLine ? leak.divide(n * n) : leak;
        Complex volts = load.volts().divide(n);
        Complex amperes = load.amperes().multiply(n);
        Complex inside = volts.add(amperes.multiply(inRow));
        return new Piece.State(
                inside, amperes.add(inside.divide(ring.wound(atLine, frequency).multiply(core))));
    }

    /** With the capacitor that makes up for the leakage, across its side of the fewer turns. */
    private Ladder ladder(Complex load, double z0, double frequency) {
        Piece.Wound turns = new Piece.Wound(this, 1);
        boolean up = atLoad >= atLine;
        double low = up ? z0 : load.norm();
        Piece makesUp =
                new Piece.Across(Reactor.nearest(-low * low / (2 * Math.PI * frequency * leakage()), frequency));
        return up ? Ladder.of(turns, makesUp) : Ladder.of(makesUp, turns);
    }

    /** The way to a match that it is, with how it is wound. */
    public MatchWay.Plan plan(Complex load, double z0, double frequency) {
        return new MatchWay.Plan(
                load,
                ladder(load, z0, frequency),
                words() + "; " + NumberText.shown(wire(), 1)
                        + " m of wire 1 mm thick with its insulation, the fewer turns twisted around the first of the others"
                        + "; a drop of glue, a box that breathes");
    }

    /** Of the power, that the core turns to heat on a matched line. */
    private double share(double z0, double frequency) {
        return z0 * ring.wound(atLine, frequency).reciprocal().getReal();
    }

    /** “a ring of 61 by 35.6 by 12.7 mm, nickel-zinc, permeability 800”. */
    public String words() {
        return (rings == 1 ? "a ring" : rings + " rings side by side, each") + " of " + mm(ring.outer()) + " by "
                + mm(ring.inner()) + " by " + mm(ring.height() / rings) + " mm, "
                + ring.of().name();
    }

    private static String mm(double metres) {
        double mm = Math.round(metres * 1e4) / 10.0;
        return NumberText.shown(mm, mm % 1 == 0 ? 0 : 1);
    }

    /** @param volts effective, across the winding at the cable */
    public Worked flux(double volts, double frequency) {
        double tesla = volts * Math.sqrt(2) / (2 * Math.PI * frequency * atLine * ring.area());
        return Worked.of(FLUX)
                .computed("u", "across the winding at the cable", volts, "V", 3)
                .computed("f", "frequency", frequency / 1e6, "MHz", 4)
                .computed("n", "turns at the cable", atLine, "", 0)
                .computed("A", "cross section", 1e6 * ring.area(), "mm²", 2)
                // Megahertz and square millimetres cancel, which leaves tesla.
                .gives(tesla, "T", 5);
    }

    /** @param volts effective, across the winding at the cable */
    public Worked heat(double volts, double frequency) {
        double siemens = ring.wound(atLine, frequency).reciprocal().getReal();
        return Worked.of(HEAT)
                .computed("u", "across the winding at the cable", volts, "V", 4)
                .computed("g", "conductance of the winding", siemens, "S", 7)
                .gives(volts * volts * siemens, "W", 2);
    }

    /** A steady carrier at which it is as warm as it should get. */
    public Worked most(double z0, double frequency) {
        double share = share(z0, frequency);
        return Worked.of(MOST)
                .computed("w", "leaves it at 40 K", ring.gives(), "W", 3)
                .computed("c", "share turned to heat", share, "", 6)
                .gives(ring.gives() / share, "W", 0);
    }
}
