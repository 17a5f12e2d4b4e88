package veldline.study;

import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.WireModel;
import veldline.path.FreeSpace;

/**
 * How wide an antenna that is made stays matched, and with it how exactly it has to be cut: what is narrow forgives little.
 *
 * @param band width that keeps SWR 2 once it is matched, in 100 of the frequency
 * @param cut error of an element's length that moves it by a quarter of that, millimetres
 */
record BandAndCut(Worked band, double cut) {
    static final Formula BAND = new Formula(
            "Band of SWR 2",
            "Matched at the middle, by how fast its impedance turns: r is the resistance, s the slope of the impedance, ohms a"
                    + " megahertz, f the frequency.",
            "B",
            "100·4·0.353553·r ÷ (f·s)",
            "Yaghjian and Best, IEEE Trans. AP 53 (2005), eq. 87",
            "For one resonance; ±20 % where two stand close together");

    /** (s − 1) ÷ (2·√s) for an SWR of 2. */
    private static final double ROOT = 0.353553;

    /** The slope is taken over so much of the frequency. */
    private static final double STEP = 0.002;

    static BandAndCut of(WireModel model, double frequency) {
        double next = frequency * (1 + STEP);
        FieldSolver solver = new FieldSolver(model, MeshRule.standard(next), () -> true);
        Complex here = solver.at(frequency).impedances().get(0);
        Complex there = solver.at(next).impedances().get(0);
        double megahertz = frequency / 1e6;
        double slope = there.subtract(here).norm() / (megahertz * STEP);
        double resistance = Math.max(1e-6, here.getReal());
        double band = Math.min(100, 100 * 4 * ROOT * resistance / (megahertz * slope));
        double halfWave = 1000 * FreeSpace.wavelength(frequency) / 2;
        return new BandAndCut(
                Worked.of(BAND)
                        .computed("r", "resistance", resistance, "Ω", 3)
                        .computed("s", "slope of its impedance, Ω/MHz", slope, "", 6)
                        .typed("f", "frequency", megahertz, "MHz", 4)
                        .gives(100 * 4 * ROOT * resistance / (megahertz * slope), "%", 1, 0.2 * band),
                halfWave * band / 400);
    }
}
