package veldline.line;

import org.hipparchus.complex.Complex;

/** An ideal transformer. */
public record Transformer(double impedanceRatio) {
    public Transformer {
        if (!(impedanceRatio > 0)) {
            throw new IllegalArgumentException(
                    "An impedance ratio of " + impedanceRatio + " is none; give one over zero, such as 49");
        }
    }

    public double turnsRatio() {
        return Math.sqrt(impedanceRatio);
    }

    /** What a load looks like from the low side. */
    public Complex seen(Complex load) {
        return load.divide(impedanceRatio);
    }
}
