package veldline.stock;

import org.hipparchus.complex.Complex;

/**
 * Ferrites by their kind, as chokes use them: a permeability that falls with one relaxation, which is what makes the impedance of a
 * winding nearly all resistance above it. From the limit of Snoek (Physica 14, 1948): the product of the two is a few gigahertz.
 *
 * @param name as it is asked for
 * @param permeability at low frequency
 * @param relaxation hertz, where half of the fall is done
 * @param saturation tesla, warm
 */
public record Ferrite(String name, double permeability, double relaxation, double saturation) {
    public static final Ferrite MANGANESE_ZINC = new Ferrite("manganese-zinc, permeability 1500", 1500, 2.5e6, 0.35);
    public static final Ferrite NICKEL_ZINC_800 = new Ferrite("nickel-zinc, permeability 800", 800, 5e6, 0.2);
    public static final Ferrite NICKEL_ZINC = new Ferrite("nickel-zinc, permeability 125", 125, 45e6, 0.25);

    /** Complex, relative, the loss as a negative imaginary part. */
    public Complex at(double frequency) {
        return new Complex(permeability - 1)
                .divide(new Complex(1, frequency / relaxation))
                .add(1);
    }
}
