package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.explain.Worked;
import veldline.quantity.Quantity;
import veldline.stock.Metal;

/**
 * An antenna with an opening, of a family, by that family's measures: a dish, a horn, a can, patches.
 *
 * @param family its key
 * @param sizes one for each of the family's measures, in their order
 * @param upright whether its field is to stand upright
 */
public record ApertureDesign(String family, List<Quantity> sizes, Metal metal, boolean upright) implements Antenna {
    public ApertureDesign {
        sizes = List.copyOf(sizes);
        int wanted = Families.apertures(family).measures().size();
        if (sizes.size() != wanted) {
            throw new IllegalArgumentException(
                    "A " + family + " has " + wanted + " measures, not " + sizes.size() + "; give one for each");
        }
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
        return new ApertureDesign(family, next, metal, upright);
    }

    public ApertureDesign withUpright(boolean stands) {
        return new ApertureDesign(family, sizes, metal, stands);
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
    public double longest() {
        return of().sketch(this).longest();
    }
}
