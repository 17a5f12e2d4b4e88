package veldline.antenna;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.Connector;
import veldline.quantity.Quantity;

/**
 * An antenna that was bought or is built into its radio: its gain is what its maker claims.
 *
 * @param gain as claimed
 * @param polarization how its field stands or turns
 * @param width to half power in the level plane, as claimed; empty for one that hears alike all round
 * @param length its greatest measure
 * @param inspection what was found when it was unpacked; empty while it was not
 */
@RecordBuilder
public record Bought(
        String name,
        Quantity gain,
        Polarized polarization,
        Optional<Quantity> width,
        Quantity length,
        Connector connector,
        Optional<Inspection> inspection)
        implements Antenna, BoughtBuilder.With {
    /** One that nobody has unpacked yet. */
    public Bought(
            String name,
            Quantity gain,
            Polarized polarization,
            Optional<Quantity> width,
            Quantity length,
            Connector connector) {
        this(name, gain, polarization, width, length, connector, Optional.empty());
    }

    public static final Formula CLAIM = new Formula(
            "Gain, as claimed",
            "What its maker says it gains; nothing here has checked it.",
            "G",
            "a",
            "The maker's claim",
            "Claims run 1 to 3 dB high as often as not");

    /** How far a claim may be off, dB. */
    public static final double CLAIM_DOUBT = 2;

    @Override
    public String title() {
        return name;
    }

    @Override
    public Optional<Polarized> polarized() {
        return Optional.of(polarization);
    }

    @Override
    public Optional<Worked> claimedGain() {
        return Optional.of(workedGain());
    }

    @Override
    public double longest() {
        return length.value();
    }

    public Worked workedGain() {
        return Worked.of(CLAIM)
                .claimed("a", "gain of " + name, gain.value(), "dBi", 2)
                .gives(gain.value(), "dBi", 1, CLAIM_DOUBT);
    }
}
