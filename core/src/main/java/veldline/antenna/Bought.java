package veldline.antenna;

import io.soabase.recordbuilder.core.RecordBuilder;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.Connector;
import veldline.quantity.Quantity;

/**
 * An antenna that was bought: its gain is what its maker claims.
 *
 * @param gain as claimed
 * @param upright whether its field stands upright
 */
@RecordBuilder
public record Bought(String name, Quantity gain, boolean upright, Connector connector) implements BoughtBuilder.With {
    public static final Formula CLAIM = new Formula(
            "Gain, as claimed",
            "What its maker says it gains; nothing here has checked it.",
            "G",
            "a",
            "The maker's claim",
            "Claims run 1 to 3 dB high as often as not");

    public Worked workedGain() {
        return Worked.of(CLAIM)
                .claimed("a", "gain of " + name, gain.value(), "dBi", 2)
                .gives(gain.value(), "dBi", 1, 2);
    }
}
