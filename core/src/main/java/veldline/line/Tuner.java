package veldline.line;

import java.util.Comparator;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Two parts that can be turned, somewhere along the cable between a set and an antenna: the cable before it is matched, the cable behind
 * it is not. The antenna stays what it is.
 *
 * @param behind cable from the antenna to it
 * @param network its parts, from there to the set
 * @param before cable from it to the set
 */
public record Tuner(Section behind, Ladder network, Section before) {
    /** Of a coil that is tapped or rolled, and of a capacitor with air between its plates. */
    private static final double COIL_Q = 150;

    private static final double CAPACITOR_Q = 1000;

    static final Formula LOSS = new Formula(
            "From the set to the antenna, with a tuner",
            "Cable and tuner let the share e through; the set sees its own impedance.",
            "L",
            "−10·log10(e)",
            "Circuit sum along the cable; coils of quality 150, capacitors of 1000",
            "±0.3 dB; twice that where the tuner is small or its coil is short");

    static final Formula UNTUNED = new Formula(
            "From the set to the antenna, without a tuner",
            "Cable lets the share e through, s is the SWR that the set sees.",
            "L",
            "−10·log10(e·4·s ÷ (1 + s)^2)",
            "Circuit sum along the cable; Pozar §2.3",
            "±0.3 dB; a set that lowers its power at that SWR loses more");

    /**
     * Of the networks that match, the one that loses least.
     *
     * @param cable of which the whole run is, its impedance that of the set
     * @param share of the run that lies behind the tuner: 0 at the antenna, 1 at the set
     */
    public static Tuner at(Complex load, Section cable, double share, double frequency) {
        Section behind = cable.scaled(share);
        Complex there = Ladder.of(new Piece.Along(behind)).seen(load, frequency);
        Ladder network = LNetwork.solutions(there, cable.z0()).stream()
                .map(n -> n.made(x -> Reactor.of(x, frequency, x > 0 ? COIL_Q : CAPACITOR_Q)))
                .max(Comparator.comparingDouble(l -> l.look(there, frequency).through()))
                .orElseThrow();
        return new Tuner(behind, network, cable.scaled(1 - share));
    }

    /** The whole of it, from the antenna to the set. */
    public Ladder ladder() {
        return Ladder.of(
                new Piece.Along(behind),
                network.pieces().get(0),
                network.pieces().get(1),
                new Piece.Along(before));
    }

    /** What is lost on the way with it. */
    public Worked loss(Complex load, double frequency) {
        double through = ladder().look(load, frequency).through();
        return Worked.of(LOSS)
                .computed("e", "share let through", through, "", 6)
                .gives(-10 * Math.log10(through), "dB", 2, 0.3);
    }

    /** What is lost on the way with none. */
    public static Worked untuned(Complex load, Section cable, double frequency) {
        Ladder.Look look = Ladder.of(new Piece.Along(cable)).look(load, frequency);
        double s = Mismatch.swr(look.seen(), cable.z0());
        return Worked.of(UNTUNED)
                .computed("e", "share the cable lets through", look.through(), "", 6)
                .computed("s", "SWR at the set", s, "", 4)
                .gives(-10 * Math.log10(look.through() * 4 * s / ((1 + s) * (1 + s))), "dB", 2, 0.3);
    }
}
