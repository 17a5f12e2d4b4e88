package veldline.link;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.path.Gases;

/**
 * Noise of everything that hears, as if it all came in at the antenna: what the antenna looks at, each part of its chain by
 * its place in it, and the radio. Gain over that temperature is what a receiving end is worth (ITU-R S.733 for the ratio,
 * ITU-R P.372-16 for what the antenna looks at).
 */
public final class SystemNoise {
    public static final Formula SKY = new Formula(
            "Sky along the ground",
            "The galaxy at m megahertz, seen through all the air along the horizon, which takes a decibels and glows itself at"
                    + " 275 K.",
            "k",
            "(2.7 + 290·10^(5.2 − 2.3·log10(m)))·10^(−a ÷ 10) + 275·(1 − 10^(−a ÷ 10))",
            "ITU-R P.372-16 §4 and §6; air by ITU-R P.676-11 over a layer of 6 km of oxygen and 2 km of vapour",
            "±2 dB: the galaxy turns through the beam, the sun is not in it");
    public static final Formula ANTENNA = new Formula(
            "Antenna's noise temperature",
            "An antenna aimed along the ground sees the ground with half of its beam, g, and the sky with the other, k; p is what"
                    + " people's machines add.",
            "A",
            "(g + k) ÷ 2 + p",
            "ITU-R P.372-16 §2",
            "±1 dB aimed along the ground; losses of its own are counted as ground");
    public static final Formula SYSTEM = new Formula(
            "Noise temperature of all",
            "The antenna's, and that of chain and radio as each counts by what stands before it.",
            "T",
            "a + r",
            "Friis, Proc. IRE 32 (1944)",
            "As good as the noise figures");
    public static final Formula MERIT = new Formula(
            "Gain over noise temperature",
            "What a receiving end is worth: its antenna's gain over the noise of all of it, per kelvin.",
            "Q",
            "g − 10·log10(t)",
            "ITU-R S.733-2",
            "As good as gain and noise figures");
    public static final Formula OVER = new Formula(
            "Signal over noise",
            "Level i that an antenna without gain would take there, and the merit q, over Boltzmann's constant in the bandwidth b.",
            "S",
            "i + q + 198.599 − 10·log10(b)",
            "ITU-R P.372-16 §2",
            "As good as the level; interference is not in it");

    private static final double GLOW = 275;
    private static final double CHAPMAN_OXYGEN = 283;
    private static final double CHAPMAN_WATER = 163;

    private SystemNoise() {}

    /** Temperature of the sky along the horizon, kelvin. */
    public static Worked sky(double frequency) {
        double air = air(frequency);
        double passed = Math.pow(10, -air / 10);
        double galaxy = 2.7 + Noise.T0 * Math.pow(10, 5.2 - 2.3 * Math.log10(frequency / 1e6));
        double sky = galaxy * passed + GLOW * (1 - passed);
        return Worked.of(SKY)
                .typed("m", "frequency", frequency / 1e6, "MHz", 4)
                .computed("a", "all the air along the horizon", air, "dB", 4)
                .gives(sky, "K", 0, 0.6 * sky);
    }

    /**
     * All the air along the horizon, dB: a kilometre of it times √(π·R·H ÷ 2), the length of a layer seen edge on (Chapman), with
     * the effective radius of 8,500 km.
     */
    private static double air(double frequency) {
        if (frequency < Gases.FROM) {
            return 0;
        }
        double f = Math.min(frequency, Gases.TO);
        return Gases.USUAL.oxygenDb(f) * CHAPMAN_OXYGEN + Gases.USUAL.waterDb(f) * CHAPMAN_WATER;
    }

    /** What an antenna aimed along the ground brings, kelvin. */
    public static Worked antenna(double frequency, Surroundings surroundings) {
        Worked sky = sky(frequency);
        double people = surroundings.kelvin(frequency);
        double kelvin = (Noise.T0 + sky.value()) / 2 + people;
        return Worked.of(ANTENNA)
                .computed("g", "the ground", Noise.T0, "K", 0)
                .from("k", "the sky", sky)
                .computed("p", "people, " + surroundings.words(), people, "K", 1)
                .gives(kelvin, "K", 0, 0.25 * kelvin);
    }

    /** Stages from the antenna inwards; the radio is the last. */
    static List<Noise.Stage> stages(FeedRun run, double frequency, double radioFigure) {
        List<Noise.Stage> stages = new ArrayList<>();
        for (int i = run.parts().size() - 1; i >= 0; i--) {
            FeedPart part = run.parts().get(i);
            stages.add(part.amplifier()
                    .map(a -> Noise.Stage.amplifier(a.gain().value(), a.noise().value()))
                    .orElseGet(() -> Noise.Stage.loss(part.workedLoss(frequency).value(), Noise.T0)));
        }
        stages.add(Noise.Stage.amplifier(0, radioFigure));
        return stages;
    }

    /** What chain and radio bring, as if it came in at the antenna, kelvin. */
    public static double behind(FeedRun run, double frequency, double radioFigure) {
        return Noise.cascade(stages(run, frequency, radioFigure));
    }

    /** All of it, kelvin. */
    public static Worked system(Air air, FeedRun run, double frequency) {
        Worked antenna = antenna(frequency, air.surroundings());
        double behind = behind(run, frequency, air.noiseFigure().value());
        double kelvin = antenna.value() + behind;
        return Worked.of(SYSTEM)
                .from("a", "the antenna", antenna)
                .computed("r", "chain and radio, at the antenna", behind, "K", 1)
                .gives(kelvin, "K", 0, 0.25 * kelvin);
    }

    /** Gain over temperature, dB per kelvin. */
    public static Worked merit(Worked gain, Worked system) {
        return Worked.of(MERIT)
                .from("g", "the antenna's gain", gain)
                .from("t", "noise of all, K", system)
                .gives(
                        gain.value() - 10 * Math.log10(system.value()),
                        "dB/K",
                        1,
                        Math.hypot(1, gain.doubt().orElse(1.0)));
    }

    /**
     * Signal over noise.
     *
     * @param isotropic level an antenna without gain would take there, dBm
     */
    public static Worked over(Worked isotropic, Worked merit, double bandwidth) {
        return Worked.of(OVER)
                .from("i", "level without any gain", isotropic)
                .from("q", "gain over temperature", merit)
                .typed("b", "bandwidth", bandwidth, "Hz", 0)
                .gives(
                        isotropic.value() + merit.value() + 198.599 - 10 * Math.log10(bandwidth),
                        "dB",
                        1,
                        Math.hypot(isotropic.doubt().orElse(1.0), merit.doubt().orElse(1.0)));
    }
}
