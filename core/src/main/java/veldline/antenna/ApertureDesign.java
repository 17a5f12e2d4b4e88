package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.explain.Worked;
import veldline.quantity.Quantity;
import veldline.stock.Metal;

/**
 * An antenna with an opening, of a family, by that family's measures: a dish, a horn, a can, patches.
 *
 * @param family its key
 * @param sizes one for each of the family's measures, in their order
 * @param upright whether its field is to stand upright
 * @param locked measures that stay as they are whatever else is made anew
 */
public record ApertureDesign(String family, List<Quantity> sizes, Metal metal, boolean upright, Set<Integer> locked)
        implements Antenna {
    public ApertureDesign {
        sizes = List.copyOf(sizes);
        locked = Locks.kept(locked, sizes.size());
        int wanted = Families.apertures(family).measures().size();
        if (sizes.size() != wanted) {
            throw new IllegalArgumentException(
                    "A " + family + " has " + wanted + " measures, not " + sizes.size() + "; give one for each");
        }
    }

    /** With nothing locked. */
    public ApertureDesign(String family, List<Quantity> sizes, Metal metal, boolean upright) {
        this(family, sizes, metal, upright, Set.of());
    }

    public ApertureFamily of() {
        return Families.apertures(family);
    }

    /** A measure's value, in the unit held inside. */
    public double size(int index) {
        return sizes.get(index).value();
    }

    /** A measure that counts or chooses. */
    public int count(int index) {
        return (int) Math.round(size(index));
    }

    public ApertureDesign withSize(int index, Quantity to) {
        List<Quantity> next = new ArrayList<>(sizes);
        next.set(index, to);
        return new ApertureDesign(family, next, metal, upright, locked);
    }

    public ApertureDesign withUpright(boolean stands) {
        return new ApertureDesign(family, sizes, metal, stands, locked);
    }

    public ApertureDesign withMetal(Metal to) {
        return new ApertureDesign(family, sizes, to, upright, locked);
    }

    /** With a measure locked, or free again. */
    ApertureDesign withLock(int index, boolean on) {
        return new ApertureDesign(family, sizes, metal, upright, Locks.with(locked, index, on));
    }

    /** The same with a measure as it ought to be; as it is where that one is locked. */
    ApertureDesign withFree(int index, double value) {
        return locked.contains(index)
                ? this
                : withSize(index, of().measures().get(index).of(value));
    }

    /**
     * @throws IllegalArgumentException where one of these measures is locked, naming it
     */
    void needs(int... free) {
        for (int i : free) {
            if (locked.contains(i)) {
                throw new IllegalArgumentException(of().measures().get(i).name() + " is locked at " + sizes.get(i)
                        + " and would have to change; set it free first");
            }
        }
    }

    /**
     * What it sends at a frequency, hertz.
     *
     * @throws IllegalArgumentException where its measures make nothing that sends, saying which and what to do
     */
    public Radiation radiation(double frequency) {
        return of().radiation(this, frequency);
    }

    @Override
    public boolean shapedHere() {
        return true;
    }

    @Override
    public String title() {
        return of().title(this);
    }

    @Override
    public Optional<Polarized> polarized() {
        return Optional.of(of().polarized(this));
    }

    @Override
    public Optional<Worked> claimedGain() {
        return Optional.empty();
    }

    @Override
    public Optional<Worked> toldGain(double frequency) {
        return Optional.of(radiation(frequency).gain());
    }

    @Override
    public double longest() {
        return of().sketch(this).longest();
    }
}
