package veldline.line;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;

/**
 * Two stubs, one at the load and one an eighth of a wave from it: both can be trimmed and neither has to be moved (Pozar, Microwave
 * Engineering, 4th ed., §5.3).
 *
 * @param first susceptance of the stub at the load, siemens
 * @param second susceptance of the other
 */
public record DoubleStub(double first, double second) {
    /** Between both, waves. */
    public static final double APART = 0.125;

    /** Both solutions; none for a load whose conductance is over twice that of the line. */
    public static List<DoubleStub> of(Complex load, double z0) {
        Complex y = load.reciprocal();
        double y0 = 1 / z0;
        double g = y.getReal();
        double t = Math.tan(2 * Math.PI * APART);
        double under = (1 + t * t) * g * y0 - g * g * t * t;
        List<DoubleStub> found = new ArrayList<>();
        if (!(g > 0) || under < 0) {
            return found;
        }
        for (int sign : new int[] {1, -1}) {
            double root = sign * Math.sqrt(under);
            found.add(new DoubleStub(-y.getImaginary() + (y0 + root) / t, (y0 * root + g * y0) / (g * t)));
        }
        return found;
    }

    /** Cut from a kind of line, the shorter of open and joined each. */
    public Ladder made(Section line, double frequency) {
        return Ladder.of(
                stub(first, line, frequency),
                new Piece.Along(line.cut(APART, frequency)),
                stub(second, line, frequency));
    }

    private static Piece.Stub stub(double susceptance, Section line, double frequency) {
        double b = susceptance * line.z0();
        // Open it is a capacitor under a quarter wave, joined a coil.
        boolean open = b > 0;
        double waves = (open ? Math.atan(b) : Math.atan(-1 / b)) / (2 * Math.PI);
        return new Piece.Stub(line.cut(waves, frequency), open);
    }
}
