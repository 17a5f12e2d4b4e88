package veldline.field.pattern;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Vec;

/**
 * How strong the field is in front of an antenna that looks along the x axis, near by and far: the greater of what the
 * electric and the magnetic field would carry as a plane wave, for each watt taken at the feed. Close to an antenna either of
 * them alone may be large, and reference levels are held against each (ICNIRP 2020, table 5, notes).
 *
 * @param distances from the antenna's foremost point, metres, rising
 * @param perWatt watts a square metre there
 */
public record NearBeam(List<Double> distances, List<Double> perWatt) {
    private static final double ETA = 376.730313668;
    private static final double NEAREST = 0.02;
    private static final double FARTHEST = 20;
    private static final int STEPS = 40;

    public NearBeam {
        distances = List.copyOf(distances);
        perWatt = List.copyOf(perWatt);
    }

    /** @throws IllegalArgumentException over real ground */
    public static NearBeam of(FieldSolution s) {
        double front = s.model().wires().stream()
                .flatMap(w -> w.points().stream())
                .mapToDouble(Vec::x)
                .max()
                .orElseThrow();
        double height = s.model().wires().stream()
                .flatMap(w -> w.points().stream())
                .mapToDouble(Vec::z)
                .average()
                .orElse(0);
        NearField near = new NearField(s);
        List<Double> distances = new ArrayList<>();
        List<Double> perWatt = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double d = NEAREST * Math.pow(FARTHEST / NEAREST, (double) i / STEPS);
            NearField.At at = near.at(new Vec(front + d, 0, height));
            distances.add(d);
            perWatt.add(Math.max(square(at.e()) / (2 * ETA), ETA * square(at.h()) / 2) / s.inputPower());
        }
        return new NearBeam(distances, perWatt);
    }

    private static double square(Complex[] v) {
        double sum = 0;
        for (Complex c : v) {
            sum += c.norm() * c.norm();
        }
        return sum;
    }

    /**
     * How far out a level is still reached, metres; zero where it is not reached at all, the last place looked at where it is
     * reached even there.
     *
     * @param watts taken at the feed
     * @param level watts a square metre
     */
    public double reaches(double watts, double level) {
        int last = -1;
        for (int i = 0; i < distances.size(); i++) {
            last = watts * perWatt.get(i) >= level ? i : last;
        }
        if (last < 0 || last == distances.size() - 1) {
            return last < 0 ? 0 : distances.get(last);
        }
        double a = Math.log(watts * perWatt.get(last) / level);
        double b = Math.log(watts * perWatt.get(last + 1) / level);
        double share = a / (a - b);
        return distances.get(last) * Math.pow(distances.get(last + 1) / distances.get(last), share);
    }
}
