package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.List;
import veldline.link.PolarizationMatch;

/** How two polarizations meet. */
final class PolarizationTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "linear polarization tilt loss",
                    asks("angle:deg"),
                    "L = −20·log10(|cos α|)",
                    "IEEE Std 145",
                    "Pure straight waves; near 90° the antenna's own cross-polarization decides",
                    in -> List.of(is("loss", PolarizationMatch.tiltLossDb(in.n("angle")), "dB"))),
            new Topic(
                    "polarization mismatch of two ellipses",
                    asks("ar_a:dB", "tilt_a:deg", "sense_a", "ar_b:dB", "tilt_b:deg", "sense_b"),
                    "p = ½ + (±4·Ra·Rb + (Ra² − 1)·(Rb² − 1)·cos 2Δ) ÷ (2·(Ra² + 1)·(Rb² + 1))",
                    "Balanis, Antenna Theory, 3rd ed., §2.12.2",
                    "Tilts seen in one frame; like hands match",
                    in -> {
                        double p = PolarizationMatch.share(
                                ratio(in.n("ar_a")),
                                ratio(in.n("ar_b")),
                                Math.toRadians(in.n("tilt_a") - in.n("tilt_b")),
                                in.text("sense_a").equalsIgnoreCase(in.text("sense_b")));
                        return List.of(is("efficiency", p, ""), is("loss", loss(p), "dB"));
                    }),
            new Topic(
                    "cross-sense isolation of imperfect circular antennas",
                    asks("ar_a:dB", "ar_b:dB"),
                    "The same with opposite hands, major axes along or across each other",
                    "Balanis, Antenna Theory, 3rd ed., §2.12.2",
                    "In free space: a bounce turns the hand over",
                    in -> {
                        double a = ratio(in.n("ar_a"));
                        double b = ratio(in.n("ar_b"));
                        return List.of(
                                is("worst_isolation", loss(PolarizationMatch.share(a, b, 0, false)), "dB"),
                                is("best_isolation", loss(PolarizationMatch.share(a, b, Math.PI / 2, false)), "dB"),
                                is("single_antenna_xpd", PolarizationMatch.discriminationDb(a), "dB"),
                                is(
                                        "worst_same_sense_loss",
                                        loss(PolarizationMatch.share(a, b, Math.PI / 2, true)),
                                        "dB"));
                    }));

    private PolarizationTopics() {}

    private static double ratio(double decibels) {
        return Math.pow(10, decibels / 20);
    }

    private static double loss(double share) {
        return Math.max(0, -10 * Math.log10(share));
    }
}
