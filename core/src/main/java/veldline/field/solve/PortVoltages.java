package veldline.field.solve;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexField;
import org.hipparchus.linear.Array2DRowFieldMatrix;
import org.hipparchus.linear.ArrayFieldVector;
import org.hipparchus.linear.FieldLUDecomposition;
import veldline.field.wire.Source;

/** Finds the voltage across every port when some ports hold a voltage and others a current. */
final class PortVoltages {
    private PortVoltages() {}

    static Complex[] of(List<Source> sources, Complex[][] admittance) {
        Complex[] volts = new Complex[sources.size()];
        int[] held = IntStream.range(0, volts.length)
                .filter(s -> sources.get(s).kind() == Source.Kind.CURRENT)
                .toArray();
        for (int s = 0; s < volts.length; s++) {
            Source source = sources.get(s);
            volts[s] = source.kind() == Source.Kind.VOLTAGE ? new Complex(source.re(), source.im()) : Complex.ZERO;
        }
        if (held.length == 0) {
            return volts;
        }
        Complex[][] y = new Complex[held.length][held.length];
        Complex[] lacking = new Complex[held.length];
        for (int i = 0; i < held.length; i++) {
            Source source = sources.get(held[i]);
            Complex current = new Complex(source.re(), source.im());
            for (int s = 0; s < volts.length; s++) {
                current = current.subtract(admittance[held[i]][s].multiply(volts[s]));
            }
            lacking[i] = current;
            for (int j = 0; j < held.length; j++) {
                y[i][j] = admittance[held[i]][held[j]];
            }
        }
        Complex[] found = new FieldLUDecomposition<>(new Array2DRowFieldMatrix<>(ComplexField.getInstance(), y))
                .getSolver()
                .solve(new ArrayFieldVector<>(ComplexField.getInstance(), lacking))
                .toArray();
        for (int i = 0; i < held.length; i++) {
            volts[held[i]] = found[i];
        }
        return volts;
    }
}
