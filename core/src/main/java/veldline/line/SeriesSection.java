package veldline.line;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;

/**
 * A piece of another line let into the feeder at a distance from the load: nothing hangs off, nothing is soldered but two joints (Regier,
 * QST 62 (1978)).
 *
 * @param distance of the feeder's own line from the load to it, waves
 * @param length of the other line, waves
 */
public record SeriesSection(double distance, double length) {
    /**
     * Both solutions; none where the other line is too like the feeder for that load.
     *
     * @param z0 of the feeder, ohms
     * @param z1 of what is let in
     */
    public static List<SeriesSection> of(Complex load, double z0, double z1) {
        double n = z1 / z0;
        double r = load.getReal() / z0;
        double x = load.getImaginary() / z0;
        double square = (r - 1) * (r - 1) + x * x;
        double under = r * (n - 1 / n) * (n - 1 / n) - square;
        List<SeriesSection> found = new ArrayList<>();
        if (!(r > 0) || under <= 0) {
            return found;
        }
        for (int sign : new int[] {1, -1}) {
            double b = sign * Math.sqrt(square / under);
            double a = ((n - r / n) * b + x) / (r + x * n * b - 1);
            found.add(new SeriesSection(half(Math.atan(a)), half(Math.atan(b))));
        }
        return found;
    }

    private static double half(double radians) {
        double waves = radians / (2 * Math.PI);
        return waves < 0 ? waves + 0.5 : waves;
    }

    /** @param other what is let in */
    public Ladder made(Section feeder, Section other, double frequency) {
        return Ladder.of(
                new Piece.Along(feeder.cut(distance, frequency)), new Piece.Along(other.cut(length, frequency)));
    }
}
