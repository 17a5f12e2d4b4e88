package veldline.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.quantity.Quantity;
import veldline.raise.Aim;

/**
 * What stood while a recording was made. Two recordings that differ in more than one of these compare more than one change.
 *
 * @param radios names of both
 * @param power the near one was set to
 * @param channel frequency
 * @param antenna near antenna
 * @param height of it
 * @param farAntenna the other
 * @param runs both runs, part by part, in words
 * @param place name of the near end; empty where nobody wrote it down
 * @param heading of the antenna that is made or chosen here, from true north by the map, where it was written down
 * @param scale what its levels are read by, in words
 */
public record Stood(
        String radios,
        Quantity power,
        Quantity channel,
        String antenna,
        Quantity height,
        String farAntenna,
        String runs,
        String place,
        Optional<Quantity> heading,
        String scale) {
    /** Nobody aims finer by a map, degrees. */
    private static final double SAME = 1;

    /** What differs from another, in words; nothing where the same stood. */
    public List<String> changed(Stood before) {
        List<String> all = new ArrayList<>();
        put(all, "the radio", radios, before.radios);
        put(all, "the power", power.value(), before.power.value());
        put(all, "the channel", channel.value(), before.channel.value());
        put(all, "the antenna", antenna, before.antenna);
        put(all, "the height", height.value(), before.height.value());
        put(all, "the far antenna", farAntenna, before.farAntenna);
        put(all, "the run", runs, before.runs);
        put(all, "the meter", scale, before.scale);
        // Where nobody wrote down the place nothing is said of it; another place has another heading.
        if (!place.isEmpty() && !before.place.isEmpty() && !place.equals(before.place)) {
            all.add("the place");
        } else if (turned(before)) {
            all.add("the heading");
        }
        return List.copyOf(all);
    }

    private boolean turned(Stood before) {
        return heading.flatMap(h -> before.heading.map(b -> Math.abs(Aim.off(h.value(), b.value())) > SAME))
                .orElse(false);
    }

    private static void put(List<String> all, String what, Object now, Object then) {
        if (!now.equals(then)) {
            all.add(what);
        }
    }
}
