package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.line.LossyLine;
import veldline.line.Mismatch;
import veldline.line.OpenAndShort;

/** What an analyser at one end of a cable tells of the cable, and of what hangs at the other. */
final class CableTopics {
    private static final double C = 299_792_458.0;

    static final List<Topic> ALL = List.of(
            new Topic(
                    "cable from an open and a short",
                    asks(
                            "open_r:ohm",
                            "open_x:ohm",
                            "short_r:ohm",
                            "short_x:ohm",
                            "frequency:MHz",
                            "length:m",
                            "velocity_about"),
                    "Z0 = √(Zo·Zs); tanh γl = √(Zs ÷ Zo)",
                    "Pozar, Microwave Engineering, 4th ed., §2.7",
                    "Loss to 5 % where neither is near zero; the velocity to 1 % if the length is, a guess within a quarter wave of its length tells half turns apart",
                    CableTopics::openShort),
            new Topic(
                    "distance to a fault from ripples",
                    asks("ripple_spacing:MHz", "velocity_factor"),
                    "d = v·c ÷ (2·Δf)",
                    "Phase of the way there and back",
                    "One fault; as good as the spacing of the ripples, so count many of them",
                    in -> List.of(
                            is("distance", in.over0("velocity_factor") * C / (2e6 * in.over0("ripple_spacing")), "m"))),
            new Topic(
                    "measurement moved along a line",
                    asks(
                            "z0:ohm",
                            "seen_r:ohm",
                            "seen_x:ohm",
                            "matched_loss:dB",
                            "length:m",
                            "velocity_factor",
                            "frequency:MHz"),
                    "ρ at the load = ρ seen·e^(2·γl)",
                    "Pozar, Microwave Engineering, 4th ed., §2.7",
                    "As good as the length: a hundredth of a wave turns the impedance by 7°",
                    CableTopics::moved));

    private CableTopics() {}

    private static List<Topic.Answer> openShort(Given in) {
        OpenAndShort cable = OpenAndShort.of(
                new Complex(in.n("open_r"), in.n("open_x")), new Complex(in.n("short_r"), in.n("short_x")));
        double length = in.over0("length");
        return List.of(
                is("z0_r", cable.z0().getReal(), "ohm"),
                is("z0_x", cable.z0().getImaginary(), "ohm"),
                is("matched_loss", cable.lossDb(), "dB"),
                is("loss_per_100m", 100 * cable.lossDb() / length, "dB/100 m"),
                is(
                        "velocity_factor",
                        cable.velocity(length, 1e6 * in.over0("frequency"), in.over0("velocity_about")),
                        ""));
    }

    private static List<Topic.Answer> moved(Given in) {
        double z0 = in.over0("z0");
        double waves = in.n("length") * 1e6 * in.over0("frequency") / (C * in.over0("velocity_factor"));
        Complex seen = new Complex(in.n("seen_r"), in.n("seen_x"));
        Complex load = new LossyLine(z0, in.n("matched_loss"), waves).load(seen);
        double rho = Mismatch.reflection(load, z0).norm();
        return rho >= 1
                ? List.of(is("possible", false))
                : List.of(
                        is("possible", true),
                        is("load_r", load.getReal(), "ohm"),
                        is("load_x", load.getImaginary(), "ohm"),
                        is("swr_load", Mismatch.swr(load, z0), ""),
                        is("swr_seen", Mismatch.swr(seen, z0), ""));
    }
}
