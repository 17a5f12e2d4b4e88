package veldline.study;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.field.solve.MeshRule;
import veldline.field.wire.WireModel;
import veldline.line.Mismatch;
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
            "Tuned at the middle f and matched to whatever resistance serves most: from the lowest frequency a to the highest b around it at"
                    + " which the SWR stays under 2, as far as it was looked at.",
            "B",
            "100·(b − a) ÷ f",
            "Impedance by the method of moments; curves with the poles in common between the solved frequencies",
            "±10 %; it is looked at up to 8 % either side");

    private static final double LIMIT = 2;
    private static final double SIDE = 0.08;
    private static final int POINTS = 161;
    private static final int STEPS = 8;
    /** Segments on a half wave: enough for a width that is good to a tenth. */
    private static final double DRIVEN = 18;

    private static final double OTHER = 12;

    static BandAndCut of(WireModel model, double frequency) {
        double high = frequency * (1 + SIDE);
        List<Sweep.Point> points = Sweep.of(
                        model, new MeshRule(DRIVEN, OTHER, high), frequency * (1 - SIDE), high, POINTS, 50, () -> true)
                .points();
        int middle = POINTS / 2;
        int[] widest = IntStream.rangeClosed(-STEPS, STEPS)
                .mapToObj(k -> points.get(middle).impedance().getReal() * Math.pow(LIMIT, (double) k / STEPS))
                .map(r -> new int[] {edge(points, middle, r, -1), edge(points, middle, r, 1)})
                .max(Comparator.comparingInt(e -> e[1] - e[0]))
                .orElseThrow();
        double from = points.get(widest[0]).frequency() / 1e6;
        double to = points.get(widest[1]).frequency() / 1e6;
        double megahertz = frequency / 1e6;
        double band = 100 * (to - from) / megahertz;
        double halfWave = 1000 * FreeSpace.wavelength(frequency) / 2;
        return new BandAndCut(
                Worked.of(BAND)
                        .computed("a", "lowest", from, "MHz", 3)
                        .computed("b", "highest", to, "MHz", 3)
                        .typed("f", "frequency", megahertz, "MHz", 4)
                        .gives(band, "%", 1, 0.1 * band),
                halfWave * band / 400);
    }

    /** The last point one way at which it still serves, matched to a resistance. */
    private static int edge(List<Sweep.Point> points, int middle, double resistance, int way) {
        int i = middle;
        while (i + way >= 0 && i + way < points.size() && swr(points, i + way, middle, resistance) < LIMIT) {
            i += way;
        }
        return i;
    }

    /** With what was tuned out at the middle by a coil or a capacitor. */
    private static double swr(List<Sweep.Point> points, int i, int middle, double resistance) {
        double share = points.get(i).frequency() / points.get(middle).frequency();
        double x = points.get(middle).impedance().getImaginary();
        Complex z = points.get(i).impedance().subtract(new Complex(0, x > 0 ? x / share : x * share));
        return Mismatch.swr(z, resistance);
    }
}
