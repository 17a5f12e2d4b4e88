package veldline.line;

import org.hipparchus.complex.Complex;
import veldline.quantity.NumberText;

/**
 * A piece of line cut to length.
 *
 * @param z0 its impedance, ohms, real
 * @param velocity of a wave along it over that in the open, 0 to 1
 * @param loss of its kind
 * @param metres its length
 */
public record Section(double z0, double velocity, CableLoss loss, double metres) {
    private static final double C = 299_792_458.0;
    private static final CableLoss NONE = new CableLoss(0, 0);

    public Section {
        if (!(z0 > 0 && velocity > 0 && velocity <= 1 && metres >= 0)) {
            throw new IllegalArgumentException("A line of " + z0 + " Ω, velocity factor " + velocity + " and " + metres
                    + " m cannot be; give an impedance over zero, a factor up to 1 and no negative length");
        }
    }

    /** Without loss. */
    public static Section ideal(double z0, double velocity, double metres) {
        return new Section(z0, velocity, NONE, metres);
    }

    /** The same line so many of its own wavelengths long at a frequency, hertz. */
    public Section cut(double wavelengths, double frequency) {
        return new Section(z0, velocity, loss, wavelengths * velocity * C / frequency);
    }

    public Section scaled(double times) {
        return new Section(z0, velocity, loss, metres * times);
    }

    /** Attenuation and turn of the whole length, nepers and radians. */
    public Complex turn(double frequency) {
        return new Complex(
                loss.lossDb(metres, frequency) * Math.log(10) / 20, 2 * Math.PI * frequency * metres / (velocity * C));
    }

    /** What is seen into it with its far end open, or joined. */
    public Complex stub(boolean open, double frequency) {
        Complex t = turn(frequency).tanh();
        return open ? new Complex(z0).divide(t) : t.multiply(z0);
    }

    /** “29.5 mm of 50 Ω”. */
    public String words() {
        return NumberText.shown(metres * 1000, metres < 1 ? 1 : 0) + " mm of "
                + NumberText.shown(z0, z0 % 1 == 0 ? 0 : 1) + " Ω";
    }
}
