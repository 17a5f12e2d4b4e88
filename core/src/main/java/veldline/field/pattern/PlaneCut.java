package veldline.field.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;

/**
 * A great-circle cut through the beam: gains at every whole degree all the way around, 0 straight ahead.
 *
 * @param roll degrees by which the plane is turned about the beam: 0 level, growing angles off the beam to the left; 90 upright, growing
 *     angles upward
 * @param gains dBi, 0 to 359°
 * @param right dBi of the part that turns right (IEEE Std 145), likewise
 * @param left dBi of the part that turns left, likewise
 */
public record PlaneCut(int roll, List<Double> gains, List<Double> right, List<Double> left) {
    public static final int AROUND = 360;
    /** What lies so far down is nothing, dBi. */
    private static final double LEAST = -120;
    /** A hollow between lobes is at least so deep, dB: less is a shoulder. */
    private static final double HOLLOW = 0.1;

    private static final double HALF = 10 * Math.log10(2);

    public PlaneCut {
        gains = List.copyOf(gains);
        right = List.copyOf(right);
        left = List.copyOf(left);
    }

    /** A lobe of the cut: where it is strongest, and how strong there. */
    public record Lobe(int degrees, double dbi) {}

    /** From one direction to another, degrees, growing from the first; either may lie beyond 0 or 360. */
    public record Span(double from, double to) {
        public double width() {
            return to - from;
        }
    }

    /** @param roll whole degrees */
    public static PlaneCut of(RadiatedField field, int roll) {
        List<Double> gains = new ArrayList<>();
        List<Double> right = new ArrayList<>();
        List<Double> left = new ArrayList<>();
        for (int deg = 0; deg < AROUND; deg++) {
            RadiatedField.Components c = field.towards(direction(roll, deg));
            double gain = field.gain(c);
            // With exp(+jωt) and theta and phi across the way, E = θ − jφ turns right: its share is found by its
            // conjugate.
            Complex turned = c.phi().multiply(Complex.I);
            double r = square(c.theta().add(turned)) / 2;
            double l = square(c.theta().subtract(turned)) / 2;
            double all = r + l;
            gains.add(dbi(gain));
            right.add(dbi(all > 0 ? gain * r / all : 0));
            left.add(dbi(all > 0 ? gain * l / all : 0));
        }
        return new PlaneCut(roll, gains, right, left);
    }

    /** Where so many degrees off the beam lie in the plane that is turned so far. */
    public static Direction direction(int roll, double degrees) {
        double off = Math.toRadians(degrees);
        double turn = Math.toRadians(roll);
        return Direction.of(new Vec(Math.cos(off), Math.sin(off) * Math.cos(turn), Math.sin(off) * Math.sin(turn)));
    }

    private static double square(Complex c) {
        return c.getReal() * c.getReal() + c.getImaginary() * c.getImaginary();
    }

    private static double dbi(double ratio) {
        return ratio > 0 ? Math.max(LEAST, 10 * Math.log10(ratio)) : LEAST;
    }

    /** Gain so many whole degrees off the beam, any number of turns away. */
    public double at(int degrees) {
        return gains.get(Math.floorMod(degrees, AROUND));
    }

    /** The strongest direction of the cut. */
    public Lobe strongest() {
        return strongest(gains);
    }

    /** The strongest of gains at every whole degree; of equal ones the first. */
    public static Lobe strongest(List<Double> gains) {
        int best = 0;
        for (int deg = 1; deg < gains.size(); deg++) {
            best = gains.get(deg) > gains.get(best) + 1e-9 ? deg : best;
        }
        return new Lobe(best, gains.get(best));
    }

    /** Between the two directions at which the intensity is half that of the strongest (IEEE Std 145, half-power beamwidth). */
    public Optional<Span> halfPower() {
        Lobe top = strongest();
        return edge(top, 1).flatMap(up -> edge(top, -1).map(down -> new Span(down, up)));
    }

    private Optional<Double> edge(Lobe top, int side) {
        double level = top.dbi - HALF;
        for (int step = 1; step < AROUND / 2; step++) {
            double here = at(top.degrees + side * step);
            if (here <= level) {
                double before = at(top.degrees + side * (step - 1));
                return Optional.of(top.degrees + side * (step - 1 + (before - level) / (before - here)));
            }
        }
        return Optional.empty();
    }

    /** Between the first hollows on both sides of the strongest direction; empty where there are not two. */
    public Optional<Span> firstNulls() {
        Lobe top = strongest();
        return hollow(top.degrees, 1)
                .flatMap(up -> hollow(top.degrees, -1).map(down -> new Span(down, up)))
                .filter(span -> span.width() < AROUND);
    }

    /** The first place from which the level rises again by more than a shoulder. */
    private Optional<Double> hollow(int from, int side) {
        int lowest = from;
        for (int step = 1; step < AROUND; step++) {
            int deg = from + side * step;
            if (at(deg) < at(lowest)) {
                lowest = deg;
            } else if (at(deg) > at(lowest) + HOLLOW) {
                return Optional.of((double) lowest);
            }
        }
        return Optional.empty();
    }

    /** The strongest lobe beyond the first hollows (IEEE Std 145, side lobe); empty where there is only one lobe. */
    public Optional<Lobe> sideLobe() {
        return firstNulls().map(main -> {
            int best = (int) main.to;
            int end = (int) main.from + AROUND;
            for (int deg = best; deg <= end; deg++) {
                best = at(deg) > at(best) ? deg : best;
            }
            return new Lobe(Math.floorMod(best, AROUND), at(best));
        });
    }

    /** The strongest of the rear half, 90° or more off the strongest direction. */
    public Lobe rear() {
        int top = strongest().degrees;
        int best = top + AROUND / 4;
        for (int deg = best; deg <= top + 3 * AROUND / 4; deg++) {
            best = at(deg) > at(best) ? deg : best;
        }
        return new Lobe(Math.floorMod(best, AROUND), at(best));
    }

    /** Straight back from the strongest direction. */
    public Lobe back() {
        int deg = Math.floorMod(strongest().degrees + AROUND / 2, AROUND);
        return new Lobe(deg, gains.get(deg));
    }
}
