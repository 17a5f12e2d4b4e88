package veldline.path;

import java.util.function.Function;
import org.hipparchus.complex.Complex;
import veldline.antenna.Polarized;

/**
 * How a wave and the antenna that takes it stand to the ground they bounce off: how much of what the flat part of the wave
 * becomes there, and of what the upright part becomes, is taken, each over all that is taken of the direct ray. A bounce turns
 * the hand of a turning wave where it is steep (the two parts come back with opposite signs), and leaves it where it grazes
 * (Balanis, Antenna Theory, 3rd ed., §2.12; ITU-R P.527).
 *
 * @param flat share of the flat part; together with {@code upright} it is 1
 * @param upright share of the upright part
 */
public record Incidence(Complex flat, Complex upright) {
    public static final Incidence FLAT = new Incidence(Complex.ONE, Complex.ZERO);
    public static final Incidence UPRIGHT = new Incidence(Complex.ZERO, Complex.ONE);

    /** Two antennas alike and straight. */
    public static Incidence of(boolean upright) {
        return upright ? UPRIGHT : FLAT;
    }

    /** Two antennas as such are built; of two straight ones alike, or of one beside a turning one, no more than its line counts. */
    public static Incidence of(Polarized sent, Polarized taken) {
        boolean straight = sent == taken || sent.circular() != taken.circular();
        double between = sent.circular() && taken.circular() ? Math.PI / 4 : 0;
        Complex[] s = ellipse(sent, sent.tilt(), straight);
        Complex[] t = ellipse(taken, taken.tilt() + between, straight);
        Complex flat = t[0].conjugate().multiply(s[0]);
        Complex upright = t[1].conjugate().multiply(s[1]);
        Complex direct = flat.add(upright);
        return new Incidence(flat.divide(direct), upright.divide(direct));
    }

    /** Flat and upright part of an ellipse with its long axis at a tilt; its hand by the sign of the turning part. */
    private static Complex[] ellipse(Polarized p, double tilt, boolean line) {
        double width = line && !p.circular() ? 0 : Math.atan(1 / p.axialRatio()) * (p == Polarized.LEFT_HAND ? -1 : 1);
        double c = Math.cos(width);
        double s = Math.sin(width);
        return new Complex[] {
            new Complex(c * Math.cos(tilt), -s * Math.sin(tilt)), new Complex(c * Math.sin(tilt), s * Math.cos(tilt))
        };
    }

    /**
     * What of the bounced wave is taken, over the direct one.
     *
     * @param reflection what becomes of the flat part (false) and of the upright one (true); asked only for a part there is
     */
    Complex of(Function<Boolean, Complex> reflection) {
        if (upright.isZero()) {
            return flat.multiply(reflection.apply(false));
        }
        return flat.isZero()
                ? upright.multiply(reflection.apply(true))
                : flat.multiply(reflection.apply(false)).add(upright.multiply(reflection.apply(true)));
    }
}
