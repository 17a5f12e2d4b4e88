package veldline.link;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;

/** Where a radio goes deaf: as its sheet says, or by its noise; with the noise of people on top where it is counted. */
public final class Floor {
    static final Formula SHEET = new Formula(
            "Floor",
            "The least level at which the radio still works.",
            "F",
            "a",
            "Typed in Brief",
            "As its data sheet says for the rate in use");
    static final Formula PEOPLE = new Formula(
            "Noise from outside",
            "What people's machines make there, in dB over the noise of 290 K; m is the frequency in megahertz.",
            "N",
            "c − d·log10(m)",
            "ITU-R P.372-16 §5, table 1",
            "Median of places and hours; ±6 dB, and far worse beside a bad supply");
    static final Formula RAISED = new Formula(
            "Floor, raised",
            "The noise from outside, less what the cable takes of it, adds to the radio's own.",
            "F",
            "f + 10·log10(1 + 10^((o − l − n) ÷ 10))",
            "ITU-R P.372-16 §2",
            "As the noise from outside");

    static final Formula AMPLIFIED = new Formula(
            "Floor behind an amplifier",
            "An amplifier lifts what the antenna hears of noise as it lifts the signal, and adds its own; x is what of it comes to the"
                    + " radio over the 290 K that its floor is given for.",
            "F",
            "f + 10·log10(1 + x ÷ (290·10^(n ÷ 10)))",
            "Friis, Proc. IRE 32 (1944); ITU-R P.372-16 §2",
            "As good as the noise figures");

    private static final double DOUBT = 1;
    private static final double PEOPLE_DOUBT = 6;

    private Floor() {}

    /** The floor of the radio that hears, behind its chain. */
    public static Worked of(Brief brief, FeedRun run) {
        double frequency = brief.frequency().value();
        Worked floor = of(brief, run.lossDb(frequency));
        return run.parts().stream().map(FeedPart::amplifier).anyMatch(a -> a.isPresent())
                ? amplified(brief, run, frequency)
                : floor;
    }

    private static Worked amplified(Brief brief, FeedRun run, double frequency) {
        Air air = brief.air();
        Worked own = air.bySum() ? bySum(air) : bySheet(brief.far().radio());
        double figure = air.noiseFigure().value();
        double radio = Noise.T0 * (Math.pow(10, figure / 10) - 1);
        double people = air.surroundings().kelvin(frequency);
        double through = Math.pow(10, -run.lossDb(frequency) / 10);
        double before = Noise.T0 + people + SystemNoise.behind(run, frequency, figure);
        double more = through * before - radio - Noise.T0;
        double rise = 10 * Math.log10(1 + more / (Noise.T0 + radio));
        return Worked.of(AMPLIFIED)
                .from("f", "floor without it", own)
                .computed("x", "noise that comes over 290 K", more, "K", 1)
                .typed("n", "noise figure", figure, "dB", 2)
                .gives(own.value() + rise, "dBm", 1, DOUBT);
    }

    /**
     * The floor behind a chain that only takes.
     *
     * @param chain what its cable takes of signal and noise alike, dB
     */
    static Worked of(Brief brief, double chain) {
        Air air = brief.air();
        Worked own = air.bySum() ? bySum(air) : bySheet(brief.far().radio());
        double frequency = brief.frequency().value();
        return air.surroundings().counts(frequency) ? raised(own, air, frequency, chain) : own;
    }

    private static Worked bySheet(Radio radio) {
        double floor = radio.sensitivity().value();
        return Worked.of(SHEET)
                .typed("a", "sensitivity of " + radio.name(), floor, "dBm", 2)
                .gives(floor, "dBm", 1, DOUBT);
    }

    private static final Formula BY_NOISE = new Formula(
            "Floor, by noise",
            "Noise of 290 K in the bandwidth b, the radio's own noise figure n on top, and the signal over noise s it needs.",
            "F",
            "10·log10(4.003882·b) − 180 + n + s",
            "ITU-R P.372-16 §2; IEEE definition of the noise figure",
            "As good as the noise figure; ±1 dB");

    private static Worked bySum(Air air) {
        double noise = Noise.dbm(Noise.T0, air.bandwidth().value());
        return Worked.of(BY_NOISE)
                .typed("b", "bandwidth", air.bandwidth().value(), "Hz", 0)
                .typed("n", "noise figure", air.noiseFigure().value(), "dB", 2)
                .typed("s", "signal over noise", air.snr().value(), "dB", 2)
                .gives(noise + air.noiseFigure().value() + air.snr().value(), "dBm", 1, DOUBT);
    }

    private static Worked raised(Worked own, Air air, double frequency, double chain) {
        Surroundings s = air.surroundings();
        double figure = s.figureDb(frequency);
        Worked people = Worked.of(PEOPLE)
                .computed("c", "at 1 MHz, " + s.words(), s.c(), "dB", 1)
                .computed("d", "a decade", s.d(), "dB", 1)
                .typed("m", "frequency", frequency / 1e6, "MHz", 4)
                .gives(figure, "dB", 1, PEOPLE_DOUBT);
        double rise = 10
                * Math.log10(
                        1 + Math.pow(10, (figure - chain - air.noiseFigure().value()) / 10));
        return Worked.of(RAISED)
                .from("f", "floor without it", own)
                .from("o", "noise from outside", people)
                .computed("l", "the chain takes", chain, "dB", 2)
                .typed("n", "noise figure", air.noiseFigure().value(), "dB", 2)
                .gives(own.value() + rise, "dBm", 1, Math.min(PEOPLE_DOUBT, Math.max(DOUBT, rise)));
    }
}
