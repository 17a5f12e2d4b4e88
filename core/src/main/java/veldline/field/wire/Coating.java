package veldline.field.wire;

import org.hipparchus.complex.Complex;

/**
 * A thin dielectric around a wire. A charge's potential on the wire falls by what its field does between the wire and the
 * coating's outside, {@code 1 − 1/ε} of it, so that waves along the wire run slower (Richmond and Newman, Radio Science
 * 11 (1976), in its quasi-static form). Good while the coating is thin against a wavelength.
 *
 * @param thickness of its wall, metres
 * @param permittivity relative
 * @param lossTangent of the material
 */
public record Coating(double thickness, double permittivity, double lossTangent) {
    /** The share {@code 1 − 1/ε} that the dielectric takes of a field, lossy part included. */
    public Complex share() {
        return Complex.ONE.subtract(new Complex(permittivity, -permittivity * lossTangent).reciprocal());
    }
}
