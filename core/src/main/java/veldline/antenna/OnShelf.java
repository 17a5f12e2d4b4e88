package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.quantity.NumberText;
import veldline.stock.Tool;

/** An antenna off the shelf as a candidate among those that are made: nothing of it is shaped, its gain is claimed. */
public record OnShelf(Shelf.Item item) implements Family {
    @Override
    public String name() {
        return "bought";
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.noneOf(Tool.class);
    }

    @Override
    public Shaped shape(Wish wish) {
        Bought b = item.antenna();
        double half = b.length().value() / 2;
        boolean flat = b.width().isPresent() && b.length().value() < 0.7;
        Silhouette outline = flat
                ? new Silhouette(
                        List.of(new Silhouette.Bar(0, -half, 0, half), new Silhouette.Bar(0.02, -half, 0.02, half)))
                : new Silhouette(List.of(
                        b.width().isPresent()
                                ? new Silhouette.Bar(0, 0, 2 * half, 0)
                                : new Silhouette.Bar(0, -half, 0, half)));
        return new Shaped(
                this,
                b.name(),
                NumberText.shown(1000 * b.length().value(), 0) + " mm, bought",
                flat ? 0 : b.length().value(),
                Optional.empty(),
                Optional.of(b.workedGain()),
                b.polarization().circular(),
                outline,
                Optional.empty());
    }
}
