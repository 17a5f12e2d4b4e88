package veldline.field.pattern;

import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;

/**
 * The polarization ellipse of a wave leaving in one direction (IEEE Std 149, §11; Stutzman and Thiele §2.9).
 *
 * @param axialRatioDb major over minor axis; empty above 40 dB, where it is as good as linear
 * @param sense by IEEE, thumb along the wave
 * @param majorAxis unit vector along the major axis
 */
public record Polarization(Optional<Double> axialRatioDb, Sense sense, Vec majorAxis) {
    /** Which way the field turns. */
    public enum Sense {
        RHCP,
        LHCP,
        linear
    }

    public static Polarization of(RadiatedField field, Direction d) {
        RadiatedField.Components e = field.towards(d);
        double a = e.theta().norm();
        double b = e.phi().norm();
        Complex product = e.theta().multiply(e.phi().conjugate());
        // Stokes parameters of the ellipse, theta as the first axis.
        double s0 = a * a + b * b;
        double s1 = a * a - b * b;
        double s2 = 2 * product.getReal();
        double s3 = 2 * product.getImaginary();
        double tilt = 0.5 * Math.atan2(s2, s1);
        Vec major = d.thetaHat().times(Math.cos(tilt)).plus(d.phiHat().times(Math.sin(tilt)));
        double linear = Math.hypot(s1, s2);
        double ratioDb = 10 * Math.log10((s0 + linear) / Math.max(s0 - linear, 1e-300));
        if (ratioDb > 40) {
            return new Polarization(Optional.empty(), Sense.linear, major);
        }
        // theta × phi points outward; with exp(+jωt) the field turns from theta to phi when theta leads.
        return new Polarization(Optional.of(ratioDb), s3 > 0 ? Sense.RHCP : Sense.LHCP, major);
    }
}
