package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Polarized;
import veldline.antenna.Radiation;
import veldline.field.pattern.PlaneCut;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;
import veldline.link.PolarizationMatch;

/**
 * What an antenna with an opening sends, as it stands: its axis along x and level, z up. Where its field stands its feed may lean the beam
 * down.
 */
final class OpeningField {
    private final Radiation radiation;
    private final boolean upright;
    private final double down;
    private final Polarized polarized;
    /** Power that turns the right way, or all of a straight field's, and what is left for the other hand. */
    private final double main;

    private final double other;

    OpeningField(ApertureDesign d, double frequency) {
        this.radiation = d.radiation(frequency);
        this.upright = d.upright();
        this.down = Math.toRadians(upright ? d.of().leans(d) : 0);
        this.polarized = d.of().polarized(d);
        this.main = d.of().ellipse(d, frequency).stream()
                .map(a -> PolarizationMatch.share(a, 1, 0, true))
                .findFirst()
                .orElse(0.5);
        this.other = 1 - main;
    }

    Radiation radiation() {
        return radiation;
    }

    /** Degrees off its beam, and around it from the E plane. */
    record Off(double theta, double phi) {}

    /** @param z upward; x ahead, y to the left; of length 1 */
    Off off(double x, double y, double z) {
        double ahead = x * Math.cos(down) - z * Math.sin(down);
        double below = -(z * Math.cos(down) + x * Math.sin(down));
        return new Off(
                Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, ahead)))),
                Math.toDegrees(upright ? Math.atan2(y, below) : Math.atan2(below, y)));
    }

    private double dbi(Vec v) {
        Off off = off(v.x(), v.y(), v.z());
        return radiation.dbi(off.theta, off.phi);
    }

    /** Both hands together: of a field that turns the gain is that of its own hand alone. */
    private double all() {
        return polarized.circular() ? -10 * Math.log10(main) : 0;
    }

    /** The field everywhere, as of any antenna that is looked at closely. */
    WideField wide() {
        List<List<Double>> gains = new ArrayList<>();
        for (int up = 90; up >= -90; up -= WideField.STEP) {
            int elevation = up;
            gains.add(IntStream.rangeClosed(-180 / WideField.STEP, 180 / WideField.STEP)
                    .mapToObj(i -> dbi(new Direction(90 - elevation, i * WideField.STEP).vector()) + all())
                    .toList());
        }
        List<PlaneCut> cuts = IntStream.range(0, 180 / WideField.ROLL)
                .mapToObj(i -> cut(i * WideField.ROLL))
                .toList();
        return new WideField(
                gains,
                rays(-1),
                rays(1),
                new WideField.Hand(
                        cuts.get(0).right().get(0), cuts.get(0).left().get(0)),
                cuts);
    }

    private PlaneCut cut(int roll) {
        List<Double> gains = IntStream.range(0, PlaneCut.AROUND)
                .mapToObj(deg -> dbi(PlaneCut.direction(roll, deg).vector()) + all())
                .toList();
        boolean right = polarized != Polarized.LEFT_HAND;
        return new PlaneCut(roll, gains, part(gains, right ? main : other), part(gains, right ? other : main));
    }

    private static List<Double> part(List<Double> gains, double share) {
        return gains.stream()
                .map(g -> g + 10 * Math.log10(Math.max(1e-6, share)))
                .toList();
    }

    /** Towards each whole degree over the level, or under it. */
    private List<WideField.Ray> rays(int way) {
        return IntStream.rangeClosed(0, 90)
                .mapToObj(deg -> ray(Math.pow(10, (dbi(new Direction(90 + way * deg, 0).vector()) + all()) / 20)))
                .toList();
    }

    private WideField.Ray ray(double amplitude) {
        if (polarized.circular()) {
            double each = amplitude / Math.sqrt(2);
            return new WideField.Ray(
                    new Complex(each), new Complex(0, polarized == Polarized.RIGHT_HAND ? -each : each));
        }
        return upright
                ? new WideField.Ray(new Complex(amplitude), Complex.ZERO)
                : new WideField.Ray(Complex.ZERO, new Complex(amplitude));
    }
}
