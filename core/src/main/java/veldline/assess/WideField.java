package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.PlaneCut;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;

/**
 * The field of an antenna everywhere around it.
 *
 * @param gains dBi, by elevation from 90° down to −90° in steps of {@link #STEP}, each by azimuth from −180° to 180° likewise
 * @param ahead field towards each whole degree over the level of its beam, 0 to 90
 * @param below the same under it
 * @param hand the wave straight ahead by its two turning parts
 * @param cuts through the beam, turned about it by {@link #ROLL} from level on
 */
public record WideField(List<List<Double>> gains, List<Ray> ahead, List<Ray> below, Hand hand, List<PlaneCut> cuts) {
    /** Degrees between the planes of the cuts. */
    public static final int ROLL = 10;
    /** Degrees between the lines and the points of the sphere. */
    public static final int STEP = 5;

    static final Formula RATIO = new Formula(
            "Axial ratio",
            "The longer over the shorter axis of the ellipse in which the field turns, from the powers of its two hands: r of one that"
                    + " turns right, l of one that turns left.",
            "A",
            "20·log10((sqrt(r) + sqrt(l)) ÷ abs(sqrt(r) − sqrt(l)))",
            "IEEE Std 145-2013; Kraus, Antennas, 3rd ed., §2-17",
            "±0.5 dB up to 3 dB; a perfect circle is 0, a straight field endless");
    static final Formula OVER_GROUND = new Formula(
            "Gain over the ground",
            "Direct and reflected together, over what the same power would be in the open; u up the slope, after the ground's reflection.",
            "G",
            "10·log10(u)",
            "Image of the antenna in flat ground with Fresnel's coefficients (ITU-R P.527; Balanis, Antenna Theory, 3rd ed., §4.7)",
            "Flat ground for a kilometre; the antenna a wave up or more, so that its currents hardly feel it");

    public WideField {
        gains = List.copyOf(gains);
        ahead = List.copyOf(ahead);
        below = List.copyOf(below);
        cuts = List.copyOf(cuts);
    }

    /** Field towards a direction over that of an even source of the same power: upright part and flat part. */
    public record Ray(Complex upright, Complex flat) {}

    /**
     * The wave straight ahead by its parts.
     *
     * @param rightDbi gain of the part that turns right (IEEE)
     * @param leftDbi likewise left
     */
    public record Hand(double rightDbi, double leftDbi) {
        public Worked axialRatio() {
            double r = Math.pow(10, rightDbi / 10);
            double l = Math.pow(10, leftDbi / 10);
            double ratio = 20 * Math.log10((Math.sqrt(r) + Math.sqrt(l)) / Math.abs(Math.sqrt(r) - Math.sqrt(l)));
            return Worked.of(RATIO)
                    .computed("r", "power turning right", r, "", 6)
                    .computed("l", "power turning left", l, "", 6)
                    .gives(Math.min(ratio, MOST), "dB", 1);
        }
    }

    /** Beyond this a field is called straight, dB. */
    private static final double MOST = 60;

    static WideField of(FieldSolution s) {
        RadiatedField field = RadiatedField.leaving(s);
        List<List<Double>> gains = new ArrayList<>();
        for (int up = 90; up >= -90; up -= STEP) {
            List<Double> line = new ArrayList<>();
            for (int around = -180; around <= 180; around += STEP) {
                line.add(field.gainDbi(new Direction(90 - up, around)));
            }
            gains.add(List.copyOf(line));
        }
        List<Ray> ahead = new ArrayList<>();
        List<Ray> below = new ArrayList<>();
        for (int deg = 0; deg <= 90; deg++) {
            ahead.add(ray(field, new Direction(90 - deg, 0)));
            below.add(ray(field, new Direction(90 + deg, 0)));
        }
        List<PlaneCut> cuts = IntStream.range(0, 180 / ROLL)
                .mapToObj(i -> PlaneCut.of(field, i * ROLL))
                .toList();
        return new WideField(
                gains,
                ahead,
                below,
                new Hand(cuts.get(0).right().get(0), cuts.get(0).left().get(0)),
                cuts);
    }

    private static Ray ray(RadiatedField field, Direction d) {
        RadiatedField.Components c = field.towards(d);
        double power =
                c.theta().norm() * c.theta().norm() + c.phi().norm() * c.phi().norm();
        double scale = power > 0 ? Math.sqrt(field.gain(c) / power) : 0;
        return new Ray(c.theta().multiply(scale), c.phi().multiply(scale));
    }

    /**
     * Gain so many degrees over level, with the antenna so many metres over flat ground, dBi.
     *
     * @param ground what lies under it
     */
    public double overGroundDbi(int degrees, double height, Ground ground, double frequency) {
        double k = 2 * Math.PI * frequency / 299_792_458.0;
        double sine = Math.sin(Math.toRadians(degrees));
        Complex epsilon = ground.complexPermittivity(2 * Math.PI * frequency);
        Complex late = new Complex(0, -2 * k * height * sine).exp();
        Ray direct = ahead.get(degrees);
        Ray down = below.get(degrees);
        // Theta hats of the two rays point to opposite sides of level, which is the sign of an upright field's image.
        Complex upright = direct.upright.add(
                down.upright.multiply(ground.upright(epsilon, sine)).multiply(late));
        Complex flat = direct.flat.subtract(
                down.flat.multiply(ground.flat(epsilon, sine)).multiply(late));
        return 20 * Math.log10(Math.max(1e-5, Math.hypot(upright.norm(), flat.norm())));
    }

    /** The same, explained. */
    public Worked overGround(int degrees, double height, Ground ground, double frequency) {
        double dbi = overGroundDbi(degrees, height, ground, frequency);
        return Worked.of(OVER_GROUND)
                .computed("u", "power over that of an even source in the open", Math.pow(10, dbi / 10), "", 6)
                .gives(dbi, "dBi", 1);
    }
}
