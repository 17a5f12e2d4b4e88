package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.line.CableLoss;
import veldline.line.LossyLine;
import veldline.line.Mismatch;

/** Lines and what comes back on them. */
final class LineTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "line matched loss k1 sqrt f + k2 f",
                    asks("k1:dB/100 m per sqrt(MHz)", "k2:dB/100 m per MHz", "frequency:MHz", "length:m"),
                    "a = k1·√f + k2·f per 100 m, f in MHz",
                    "Skin effect and dielectric; Pozar, Microwave Engineering, 4th ed., §2.7",
                    "As good as the data sheet the two numbers are from",
                    in -> {
                        double a = per100(in.n("k1"), in.n("k2"), in.over0("frequency"));
                        return List.of(
                                is("loss_per_100m", a, "dB/100 m"), is("total_loss", a * in.n("length") / 100, "dB"));
                    }),
            new Topic(
                    "line k1, k2 from two data points",
                    asks("f1:MHz", "loss1:dB/100 m", "f2:MHz", "loss2:dB/100 m", "frequency:MHz"),
                    "loss = k1·√f + k2·f at both",
                    "Two equations",
                    "Between the two points to a few per cent; beyond them it grows worse",
                    LineTopics::twoPoints),
            new Topic(
                    "mismatched lossy line",
                    asks("z0:ohm", "load_r:ohm", "load_x:ohm", "matched_loss:dB", "electrical_length:wavelengths"),
                    "total = 10·log10((a² − ρ²) ÷ (a·(1 − ρ²))), a = 10^(ML ÷ 10)",
                    "Pozar, Microwave Engineering, 4th ed., §2.7",
                    "Real line impedance, even loss",
                    LineTopics::mismatched),
            new Topic(
                    "SWR at the shack to SWR at the antenna",
                    asks("swr_shack", "matched_loss:dB"),
                    "ρ at the antenna = ρ at the shack·10^(ML ÷ 10)",
                    "Pozar, Microwave Engineering, 4th ed., §2.7",
                    "As good as the loss is known: a lossy line flatters",
                    LineTopics::shack),
            new Topic(
                    "return loss, SWR, reflection, mismatch loss",
                    asks("kind", "value"),
                    "ρ = (S − 1) ÷ (S + 1); RL = −20·log10(ρ); ML = −10·log10(1 − ρ²)",
                    "Pozar, Microwave Engineering, 4th ed., §2.3",
                    "Exact on a line without loss",
                    LineTopics::reflection));

    private LineTopics() {}

    private static double per100(double k1, double k2, double mhz) {
        return new CableLoss(k1, k2).lossDb(100, mhz * 1e6);
    }

    private static List<Topic.Answer> twoPoints(Given in) {
        double r1 = Math.sqrt(in.over0("f1"));
        double r2 = Math.sqrt(in.over0("f2"));
        if (r1 == r2) {
            throw new IllegalArgumentException("Both points are at " + in.n("f1") + " MHz; give two frequencies");
        }
        double k2 = (in.n("loss2") / r2 - in.n("loss1") / r1) / (r2 - r1);
        double k1 = in.n("loss1") / r1 - k2 * r1;
        return List.of(
                is("k1", k1, "dB/100 m per sqrt(MHz)"),
                is("k2", k2, "dB/100 m per MHz"),
                is("loss_per_100m", per100(k1, k2, in.over0("frequency")), "dB/100 m"));
    }

    private static List<Topic.Answer> mismatched(Given in) {
        double z0 = in.over0("z0");
        LossyLine line = new LossyLine(z0, in.n("matched_loss"), in.n("electrical_length"));
        Complex load = new Complex(in.n("load_r"), in.n("load_x"));
        double rho = Mismatch.reflection(load, z0).norm();
        Complex seen = line.seen(load);
        double total = line.totalLossDb(rho);
        return List.of(
                is("reflection_load", rho, ""),
                is("swr_load", Mismatch.swr(load, z0), ""),
                is("swr_input", Mismatch.swr(seen, z0), ""),
                is("total_loss", total, "dB"),
                is("extra_loss", total - in.n("matched_loss"), "dB"),
                is("input_r", seen.getReal(), "ohm"),
                is("input_x", seen.getImaginary(), "ohm"));
    }

    private static List<Topic.Answer> shack(Given in) {
        double swr = in.over0("swr_shack");
        LossyLine line = new LossyLine(50, in.n("matched_loss"), 0);
        double rho = line.rhoAtLoad((swr - 1) / (swr + 1));
        List<Topic.Answer> out = new ArrayList<>(List.of(is("possible", rho < 1)));
        if (rho < 1) {
            double total = line.totalLossDb(rho);
            out.add(is("swr_antenna", Mismatch.swrOf(rho), ""));
            out.add(is("total_loss", total, "dB"));
            out.add(is("power_fraction_at_load", Math.pow(10, -total / 10), ""));
        }
        return out;
    }

    private static List<Topic.Answer> reflection(Given in) {
        double v = in.n("value");
        double rho = switch (in.text("kind")) {
            case "swr" -> (v - 1) / (v + 1);
            case "return_loss" -> Math.pow(10, -v / 20);
            case "mismatch_loss" -> Math.sqrt(1 - Math.pow(10, -v / 10));
            case "reflection" -> v;
            case "reflected_power" -> Math.sqrt(v / 100);
            default ->
                throw new IllegalArgumentException(
                        "“" + in.text("kind")
                                + "” is none of swr, return_loss, mismatch_loss, reflection, reflected_power; give one of them");
        };
        if (!(rho >= 0 && rho <= 1)) {
            throw new IllegalArgumentException(
                    v + " as " + in.text("kind") + " would send back more than arrives; check the value");
        }
        double swr = Mismatch.swrOf(rho);
        return List.of(
                is("reflection", rho, ""),
                is("swr", swr, ""),
                is("return_loss", Mismatch.returnLossDb(swr), "dB"),
                is("mismatch_loss", -10 * Math.log10(1 - rho * rho), "dB"),
                is("reflected_power", 100 * rho * rho, "percent"));
    }
}
