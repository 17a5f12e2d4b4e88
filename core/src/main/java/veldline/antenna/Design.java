package veldline.antenna;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.stock.Covering;
import veldline.stock.Form;
import veldline.stock.Metal;

/**
 * An antenna of a family, by that family's measures.
 *
 * @param family its key
 * @param sizes one for each of the family's measures, in their order
 * @param diameter of the conductor; the width of a strip
 * @param upright whether its field is to stand upright
 * @param form what the conductor is
 * @param covering around it; empty for bare metal
 * @param locked measures that stay as they are whatever else is cut
 */
@RecordBuilder
public record Design(
        String family,
        List<Quantity> sizes,
        Quantity diameter,
        Metal metal,
        boolean upright,
        Form form,
        Optional<Covering> covering,
        Set<Integer> locked)
        implements Made, DesignBuilder.With {
    public Design {
        sizes = List.copyOf(sizes);
        locked = Locks.kept(locked, sizes.size());
        int wanted = Families.wires(family).measures().size();
        if (sizes.size() != wanted) {
            throw new IllegalArgumentException(
                    "A " + family + " has " + wanted + " measures, not " + sizes.size() + "; give one for each");
        }
        if (!(diameter.value() > 0)) {
            throw new IllegalArgumentException("A conductor of " + diameter + " cannot be; give one over zero");
        }
    }

    /** Of bare rod or wire. */
    public Design(String family, List<Quantity> sizes, Quantity diameter, Metal metal, boolean upright) {
        this(family, sizes, diameter, metal, upright, Form.ROD, Optional.empty(), Set.of());
    }

    /** Diameter of the round wire that acts like its conductor, metres. */
    public double round() {
        return form.round(diameter.value());
    }

    /** A measure that counts or chooses. */
    public int count(int index) {
        return (int) Math.round(size(index));
    }

    public WireFamily of() {
        return Families.wires(family);
    }

    /** A measure's value, in the unit held inside. */
    public double size(int index) {
        return sizes.get(index).value();
    }

    public Design withSize(int index, Quantity to) {
        List<Quantity> next = new ArrayList<>(sizes);
        next.set(index, to);
        return withSizes(next);
    }

    /** With a measure locked, or free again. */
    Design withLock(int index, boolean on) {
        return withLocked(Locks.with(locked, index, on));
    }

    /** The same with every length that is not locked so many times as long, as it would be typed. */
    public Design scaled(double times) {
        return scaled(times, Measure::of);
    }

    /** The same to the last digit, for where small steps count. */
    Design exactly(double times) {
        return scaled(times, (m, value) -> Quantity.shown(value, m.unit(), DIGITS));
    }

    private static final int DIGITS = 9;

    private Design scaled(double times, BiFunction<Measure, Double, Quantity> as) {
        List<Measure> measures = of().measures();
        List<Quantity> next = new ArrayList<>();
        for (int i = 0; i < sizes.size(); i++) {
            next.add(
                    measures.get(i).isLength() && !locked.contains(i)
                            ? as.apply(measures.get(i), times * size(i))
                            : sizes.get(i));
        }
        return withSizes(next);
    }

    /**
     * Every length by one factor, so that it is resonant at a frequency in hertz; as it is where no size near by is. Takes a dozen
     * solutions.
     */
    public Design tuned(double frequency) {
        return of().tuned(this, frequency);
    }

    @Override
    public WireModel model() {
        return of().model(this);
    }

    @Override
    public boolean balanced() {
        return of().balanced();
    }

    @Override
    public Optional<Polarized> polarized() {
        return Optional.of(of().polarized(this));
    }

    @Override
    public String title() {
        return of().title(this);
    }

    @Override
    public double longest() {
        return 2 * model().extent();
    }
}
