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
 * @param others what hangs on the radio's other ports, in their order; empty where nobody said
 * @param port of the radio that the line's antenna hangs on, counted from 0
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
        List<Diversity.Port> others,
        int port)
        implements EndBuilder.With {
    public End {
        others = List.copyOf(others);
        if (port < 0 || port > 15) {
            throw new IllegalArgumentException("A radio has no port " + (port + 1) + "; give 1 to 16");
        }
    }

    /** The last word of the name, for where there is little room: “Hide” of “Gannet hide”. */
    public String shortName() {
        String word = name.substring(name.lastIndexOf(' ') + 1);
        return word.isEmpty() ? name : Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
