package veldline.assess;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.line.Mismatch;

/** A curve at one place of it. */
public final class Readout {
    private static final String CURVES = "; curves with the poles in common between the solved frequencies";

    static final Formula LEVEL = new Formula(
            "Gain so far off the beam",
            "What goes in one direction over what would if the same power went everywhere alike.",
            "G",
            "a",
            AntennaStage.METHOD,
            "As good as the gain down to 15 dB under it; less in the hollows");
    static final Formula GAIN = new Formula(
            "Gain at a frequency",
            "Straight ahead.",
            "G",
            "a",
            AntennaStage.METHOD + CURVES,
            "±0.02 dB of what a solution of its own would give");
    static final Formula RESISTANCE = new Formula(
            "Resistance at a frequency",
            "At the feed, the part in step with the current.",
            "R",
            "a",
            AntennaStage.METHOD + CURVES,
            "As good as at the middle of the band");
    static final Formula REACTANCE = new Formula(
            "Reactance at a frequency",
            "At the feed, the part a quarter turn off.",
            "X",
            "a",
            AntennaStage.METHOD + CURVES,
            "As good as at the middle of the band");

    private Readout() {}

    /** @param degrees off the beam */
    public static Worked level(double degrees, double dbi) {
        return Worked.of(LEVEL)
                .computed("a", "the cut at " + Math.round(degrees) + "°", dbi, "dBi", 1)
                .gives(dbi, "dBi", 1);
    }

    /** @param z0 of the line it is counted on, ohms */
    public static Worked swr(Sweep.Point p, double z0) {
        return Mismatch.workedSwr(p.impedance(), z0, "the antenna");
    }

    public static Worked resistance(Sweep.Point p) {
        return read(RESISTANCE, p, p.impedance().getReal());
    }

    public static Worked reactance(Sweep.Point p) {
        return read(REACTANCE, p, p.impedance().getImaginary());
    }

    public static Worked gain(Sweep.Point p) {
        return Worked.of(GAIN).computed("a", at(p), p.gainDbi(), "dBi", 1).gives(p.gainDbi(), "dBi", 1);
    }

    private static Worked read(Formula formula, Sweep.Point p, double ohms) {
        return Worked.of(formula).computed("a", at(p), ohms, "Ω", 1).gives(ohms, "Ω", 1);
    }

    private static String at(Sweep.Point p) {
        return "the curve at " + Math.round(p.frequency() / 1e4) / 100.0 + " MHz";
    }
}
