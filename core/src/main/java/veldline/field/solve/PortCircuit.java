package veldline.field.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexField;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowFieldMatrix;
import org.hipparchus.linear.ArrayFieldVector;
import org.hipparchus.linear.FieldDecompositionSolver;
import org.hipparchus.linear.FieldLUDecomposition;
import org.hipparchus.linear.FieldMatrix;
import veldline.field.wire.Network;
import veldline.field.wire.Source;
import veldline.field.wire.WireModel;

/**
 * The circuit that sources and networks make with the places on the wires they are joined to. Some sources hold a
 * voltage and some a current; into a place without a source nothing flows from outside.
 *
 * @param volts across each place
 * @param impedances seen by each source, ohms
 * @param impedanceMatrix of the sources' places, ohms
 * @param inputPower from all sources, watts
 * @param lostInNetworks watts
 */
record PortCircuit(
        Complex[] volts,
        List<Complex> impedances,
        List<List<Complex>> impedanceMatrix,
        double inputPower,
        double lostInNetworks) {

    /** @param wires admittances of the wires alone between all places, siemens */
    static PortCircuit of(WireModel model, Places places, Complex[][] wires, double omega) {
        int n = wires.length;
        Complex[][] joined = new Complex[n][n];
        for (Complex[] row : joined) {
            java.util.Arrays.fill(row, Complex.ZERO);
        }
        for (int i = 0; i < model.networks().size(); i++) {
            Network.Admittance y = model.networks().get(i).admittance(omega);
            int[] at = places.networks().get(i);
            joined[at[0]][at[0]] = joined[at[0]][at[0]].add(y.y11());
            joined[at[0]][at[1]] = joined[at[0]][at[1]].add(y.y12());
            joined[at[1]][at[0]] = joined[at[1]][at[0]].add(y.y21());
            joined[at[1]][at[1]] = joined[at[1]][at[1]].add(y.y22());
        }
        Complex[][] all = new Complex[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                all[i][j] = wires[i][j].add(joined[i][j]);
            }
        }
        Complex[] volts = volts(model.sources(), places, all);
        Complex[] into = times(all, volts);
        List<Complex> impedances = new ArrayList<>();
        double input = 0;
        for (int place : places.sources()) {
            impedances.add(volts[place].divide(into[place]));
            input += power(volts[place], into[place]);
        }
        Complex[] intoNetworks = times(joined, volts);
        double lost = IntStream.range(0, n)
                .mapToDouble(i -> power(volts[i], intoNetworks[i]))
                .sum();
        return new PortCircuit(volts, impedances, matrix(all, places.sources()), input, lost);
    }

    private static double power(Complex volts, Complex amps) {
        return 0.5 * volts.multiply(amps.conjugate()).getReal();
    }

    private static Complex[] times(Complex[][] y, Complex[] volts) {
        Complex[] amps = new Complex[volts.length];
        for (int i = 0; i < amps.length; i++) {
            amps[i] = Complex.ZERO;
            for (int j = 0; j < volts.length; j++) {
                amps[i] = amps[i].add(y[i][j].multiply(volts[j]));
            }
        }
        return amps;
    }

    private static Complex[] volts(List<Source> sources, Places places, Complex[][] y) {
        Complex[] volts = new Complex[y.length];
        Complex[] amps = new Complex[y.length];
        java.util.Arrays.fill(volts, Complex.ZERO);
        java.util.Arrays.fill(amps, Complex.ZERO);
        boolean[] held = new boolean[y.length];
        for (int s = 0; s < sources.size(); s++) {
            Source source = sources.get(s);
            int place = places.sources().get(s);
            Complex value = new Complex(source.re(), source.im());
            held[place] = source.kind() == Source.Kind.VOLTAGE;
            if (held[place]) {
                volts[place] = value;
            } else {
                amps[place] = value;
            }
        }
        int[] free = IntStream.range(0, y.length).filter(i -> !held[i]).toArray();
        if (free.length == 0) {
            return volts;
        }
        Complex[] lacking = new Complex[free.length];
        Complex[] fromHeld = times(y, volts);
        for (int i = 0; i < free.length; i++) {
            lacking[i] = amps[free[i]].subtract(fromHeld[free[i]]);
        }
        Complex[] found = solver(part(y, free, free))
                .solve(new ArrayFieldVector<>(ComplexField.getInstance(), lacking))
                .toArray();
        for (int i = 0; i < free.length; i++) {
            volts[free[i]] = found[i];
        }
        return volts;
    }

    /** Of the sources' places alone, nothing flowing into the others from outside. */
    private static List<List<Complex>> matrix(Complex[][] y, List<Integer> sources) {
        FieldMatrix<Complex> z = solver(y).getInverse();
        return sources.stream()
                .map(i -> sources.stream().map(j -> z.getEntry(i, j)).toList())
                .toList();
    }

    private static Complex[][] part(Complex[][] y, int[] rows, int[] columns) {
        Complex[][] part = new Complex[rows.length][columns.length];
        for (int i = 0; i < rows.length; i++) {
            for (int j = 0; j < columns.length; j++) {
                part[i][j] = y[rows[i]][columns[j]];
            }
        }
        return part;
    }

    private static FieldDecompositionSolver<Complex> solver(Complex[][] y) {
        try {
            return new FieldLUDecomposition<>(new Array2DRowFieldMatrix<>(ComplexField.getInstance(), y)).getSolver();
        } catch (MathRuntimeException e) {
            throw new SolveFailure("Sources and networks hold each other; " + e.getMessage()
                    + ". Take one of the networks away or change its length");
        }
    }
}
