package veldline.prove;

import java.util.ArrayList;
import java.util.List;
import veldline.quantity.Quantity;

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
 */
public record Stood(
        String radios,
        Quantity power,
        Quantity channel,
        String antenna,
        Quantity height,
        String farAntenna,
        String runs) {
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
        return List.copyOf(all);
    }

    private static void put(List<String> all, String what, Object now, Object then) {
        if (!now.equals(then)) {
            all.add(what);
        }
    }
}
