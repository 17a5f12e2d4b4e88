package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.antenna.ArrayFactor;
import veldline.antenna.MutualImpedance;
import veldline.antenna.WireWindows;

/** Rows of sources and dipoles, and wires fed at their end. */
final class ArrayTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "two isotropic elements",
                    asks("spacing", "phase:deg", "angle:deg"),
                    "E = |cos((k·d·cos a + δ) ÷ 2)|; D = 2·Emax² ÷ (1 + sin(k·d) ÷ (k·d)·cos δ)",
                    "Kraus, Antennas, 3rd ed., ch. 5; Balanis, Antenna Theory, 3rd ed., §6.2",
                    "Sources that do not couple; dipoles do, and gain otherwise",
                    ArrayTopics::pair),
            new Topic(
                    "two parallel half-wave dipoles, equal currents",
                    asks("spacing", "phase:deg"),
                    "R12, X12 by the induced EMF; D = 1.641·AFmax²·R11 ÷ (2·(R11 + R12·cos δ))",
                    "Balanis, Antenna Theory, 3rd ed., §8.5",
                    "Thin, exactly half a wave, sinusoidal currents: 0.1 dB for thin rods",
                    ArrayTopics::dipoles),
            new Topic(
                    "uniform broadside array",
                    asks("elements", "spacing"),
                    "|sin(N·ψ÷2) ÷ (N·sin(ψ÷2))|; first null asin(1 ÷ (N·d)); D = N² ÷ (N + 2·Σ(N−m)·sinc(m·k·d))",
                    "Balanis, Antenna Theory, 3rd ed., §6.3",
                    "Isotropic sources in step; −13.26 dB is the first side lobe of a long row only",
                    ArrayTopics::row),
            new Topic(
                    "random-wire lengths",
                    asks("bands", "half_wave_constant", "guard", "minimum:m", "maximum:m", "candidate:m"),
                    "forbidden: n·K ÷ fhigh·(1 − g) to n·K ÷ flow·(1 + g), n = 1, 2, …",
                    "Half waves of a wire fed at its end",
                    "Ends shorten the first half wave only, so high multiples lie up to 4 % longer than K says",
                    ArrayTopics::wire));

    private ArrayTopics() {}

    private static List<Topic.Answer> pair(Given in) {
        double apart = in.over0("spacing");
        double lead = Math.toRadians(in.n("phase"));
        double there = ArrayFactor.pair(apart, lead, Math.toRadians(in.n("angle")));
        return List.of(
                is("level_at_angle", 20 * Math.log10(there / ArrayFactor.pairMost(apart, lead)), "dB"),
                is("null_angles", ArrayFactor.pairNulls(apart, lead)),
                is("directivity", 10 * Math.log10(ArrayFactor.pairDirectivity(apart, lead)), "dBi"));
    }

    private static List<Topic.Answer> dipoles(Given in) {
        double apart = in.over0("spacing");
        Complex mutual = MutualImpedance.of(apart);
        double d = MutualImpedance.pairDirectivity(apart, Math.toRadians(in.n("phase")));
        return List.of(
                is("self_resistance", MutualImpedance.self().getReal(), "ohm"),
                is("mutual_r", mutual.getReal(), "ohm"),
                is("mutual_x", mutual.getImaginary(), "ohm"),
                is("directivity", 10 * Math.log10(d), "dBi"),
                is("gain_over_one_dipole", 10 * Math.log10(d / MutualImpedance.HALF_WAVE), "dBd"));
    }

    private static List<Topic.Answer> row(Given in) {
        int n = (int) in.over0("elements");
        if (n < 2) {
            throw new IllegalArgumentException("elements is " + n + "; a row has two or more");
        }
        double apart = in.over0("spacing");
        return List.of(
                is("hpbw", ArrayFactor.width(n, apart), "deg"),
                is("first_sidelobe", ArrayFactor.sideLobeDb(n), "dB"),
                is("directivity", 10 * Math.log10(ArrayFactor.directivity(n, apart)), "dBi"),
                is("hpbw_rule", 50.764_060_648 / (n * apart), "deg"),
                is("first_null", ArrayFactor.firstNull(n, apart), "deg"));
    }

    private static List<Topic.Answer> wire(Given in) {
        WireWindows w = new WireWindows(
                in.pairs("bands").stream()
                        .map(p -> new WireWindows.Band(p[0], p[1]))
                        .toList(),
                in.over0("half_wave_constant"),
                in.n("guard") / 100,
                in.over0("minimum"),
                in.over0("maximum"));
        WireWindows.Window widest = w.widest()
                .orElseThrow(() -> new IllegalArgumentException("No length from " + w.least() + " to " + w.most()
                        + " m keeps clear of every half wave; give a smaller guard or fewer bands"));
        return List.of(
                is(
                        "allowed",
                        w.open().stream().map(o -> List.of(o.from(), o.to())).toList()),
                is("candidate_allowed", w.allows(in.over0("candidate"))),
                is("widest_gap_centre", widest.middle(), "m"),
                is("widest_gap_width", widest.width(), "m"));
    }
}
