package veldline.line;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexField;
import org.hipparchus.linear.Array2DRowFieldMatrix;
import org.hipparchus.linear.FieldLUDecomposition;
import org.hipparchus.linear.FieldMatrix;

/**
 * What was measured or worked out of something with ports, at one frequency after the other.
 *
 * @param kind of its numbers
 * @param references of each port, ohms, over zero
 * @param rows by growing frequency
 */
public record PortData(Kind kind, List<Double> references, List<Row> rows) {
    /** What the numbers are: waves (IEEE Std 1785), ohms or siemens. */
    public enum Kind {
        S,
        Z,
        Y
    }

    /**
     * One frequency.
     *
     * @param frequency hertz
     * @param values row by row, one row for each port
     */
    public record Row(double frequency, List<List<Complex>> values) {
        public Row {
            values = values.stream().map(List::copyOf).toList();
        }
    }

    public PortData {
        references = List.copyOf(references);
        rows = List.copyOf(rows);
        for (double r : references) {
            if (!(r > 0)) {
                throw new IllegalArgumentException("A reference of " + r + " Ω cannot be; give one over zero");
            }
        }
        int ports = references.size();
        for (Row row : rows) {
            if (row.values.size() != ports || row.values.stream().anyMatch(v -> v.size() != ports)) {
                throw new IllegalArgumentException("At " + row.frequency + " Hz there are not " + ports + " by " + ports
                        + " values; give one for each pair of ports");
            }
        }
    }

    public int ports() {
        return references.size();
    }

    /**
     * The same as another kind of numbers.
     *
     * @throws IllegalArgumentException where it has none, as an open end has no ohms
     */
    public PortData as(Kind to) {
        return to == kind
                ? this
                : new PortData(
                        to,
                        references,
                        rows.stream()
                                .map(r -> new Row(r.frequency, lists(from(to, waves(matrix(r)), r.frequency))))
                                .toList());
    }

    /** The same waves counted on other references, ohms. */
    public PortData on(List<Double> others) {
        PortData ohms = as(Kind.Z);
        return new PortData(Kind.Z, others, ohms.rows).as(kind);
    }

    /** Of something with one port, what is seen into it, ohms; a short is 0, an open end is not a number of ohms. */
    public Complex impedance(int row) {
        if (ports() != 1) {
            throw new IllegalArgumentException(
                    "Something with " + ports() + " ports has no one impedance; say what hangs on the others");
        }
        return as(Kind.Z).rows.get(row).values.get(0).get(0);
    }

    private FieldMatrix<Complex> matrix(Row row) {
        FieldMatrix<Complex> m = new Array2DRowFieldMatrix<>(ComplexField.getInstance(), ports(), ports());
        for (int i = 0; i < ports(); i++) {
            for (int j = 0; j < ports(); j++) {
                m.setEntry(i, j, row.values.get(i).get(j));
            }
        }
        return m;
    }

    private List<List<Complex>> lists(FieldMatrix<Complex> m) {
        List<List<Complex>> all = new ArrayList<>();
        for (int i = 0; i < ports(); i++) {
            all.add(List.of(m.getRow(i)));
        }
        return all;
    }

    private FieldMatrix<Complex> diagonal(boolean inverse) {
        FieldMatrix<Complex> m = new Array2DRowFieldMatrix<>(ComplexField.getInstance(), ports(), ports());
        for (int i = 0; i < ports(); i++) {
            double root = Math.sqrt(references.get(i));
            m.setEntry(i, i, new Complex(inverse ? 1 / root : root));
        }
        return m;
    }

    private FieldMatrix<Complex> one() {
        FieldMatrix<Complex> m = new Array2DRowFieldMatrix<>(ComplexField.getInstance(), ports(), ports());
        for (int i = 0; i < ports(); i++) {
            m.setEntry(i, i, Complex.ONE);
        }
        return m;
    }

    /** Waves of these numbers: (z − 1)·(z + 1)⁻¹ of what is counted on the references (Pozar, Microwave Engineering, 4th ed., §4.3). */
    private FieldMatrix<Complex> waves(FieldMatrix<Complex> m) {
        return switch (kind) {
            case S -> m;
            case Z -> {
                FieldMatrix<Complex> z = diagonal(true).multiply(m).multiply(diagonal(true));
                yield z.subtract(one()).multiply(inverse(z.add(one())));
            }
            case Y -> {
                FieldMatrix<Complex> y = diagonal(false).multiply(m).multiply(diagonal(false));
                yield one().subtract(y).multiply(inverse(one().add(y)));
            }
        };
    }

    private FieldMatrix<Complex> from(Kind to, FieldMatrix<Complex> s, double frequency) {
        try {
            return switch (to) {
                case S -> s;
                case Z ->
                    diagonal(false)
                            .multiply(inverse(one().subtract(s)).multiply(one().add(s)))
                            .multiply(diagonal(false));
                case Y ->
                    diagonal(true)
                            .multiply(inverse(one().add(s)).multiply(one().subtract(s)))
                            .multiply(diagonal(true));
            };
        } catch (org.hipparchus.exception.MathIllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "At " + frequency + " Hz it has no " + to + ": it is open or joined; take the waves", e);
        }
    }

    private static FieldMatrix<Complex> inverse(FieldMatrix<Complex> m) {
        return new FieldLUDecomposition<>(m).getSolver().getInverse();
    }
}
