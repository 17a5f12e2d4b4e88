package veldline.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import veldline.quantity.Quantity;

/**
 * One end of the link.
 *
 * @param name of the place
 * @param height of the antenna over the reference (low water, ground)
 * @param latitude degrees, north positive
 * @param longitude degrees, east positive
 * @param carrier what carries it
 * @param others what hangs on the radio's other ports, the second first; empty where nobody said
 * @param bodyLoss what a body between the antenna and the other end takes at most, dB
 */
@RecordBuilder
public record End(
        String name,
        Quantity height,
        Quantity latitude,
        Quantity longitude,
        Radio radio,
        Carrier carrier,
        Quantity bodyLoss,
        List<Diversity.Port> others)
        implements EndBuilder.With {
    public End {
        others = List.copyOf(others);
    }

    /** The last word of the name, for where there is little room: “Hide” of “Gannet hide”. */
    public String shortName() {
        String word = name.substring(name.lastIndexOf(' ') + 1);
        return word.isEmpty() ? name : Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
