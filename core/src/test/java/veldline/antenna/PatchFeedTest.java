package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.field.aperture.Patch;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Patches that ring one way and two. */
class PatchFeedTest {
    private static final double F = 5.5e9;

    private static ApertureDesign begun() {
        return Families.apertures("patches").design(new Family.Wish(F, 1, 1.6e-3, Metal.COPPER, false));
    }

    private static PatchFeed square(double share, double off) {
        double length = new Patch(F, 2.2, 1.5e-3, 0.018).length();
        Patch p = new Patch(F, 2.2, 1.5e-3, length);
        PatchFeed straight = PatchFeed.of(begun(), p, 0.001, p.length(), 0);
        // Between its two ways it is at the frequency when it is longer by half of what sets them apart.
        double rings = p.length() + 2 * p.extension();
        double right = p.length() + rings * share * share / (2 * straight.quality());
        double cut = PatchFeed.cut(right, straight.quality()) * share;
        return PatchFeed.of(begun(), p, 0.001, right + off * rings, cut);
    }

    /** Cut right, its two ways are off by a half turn of a right angle each: the ellipse is a circle and the feed sees no reactance. */
    @Test
    void cutRightItTurnsEvenly() {
        PatchFeed f = square(1, 0);
        assertThat(f.one()).isCloseTo(1, within(0.03));
        assertThat(f.other()).isCloseTo(-1, within(0.03));
        assertThat(f.ratio()).isCloseTo(1, within(0.03));
        assertThat(f.lostToTheOtherHand().value()).isCloseTo(0, within(0.01));
        Radiation.Feed feed = f.at(0, 0.017);
        assertThat(feed.resistance().value()).isCloseTo(f.edge() / 2, within(0.02 * f.edge()));
        assertThat(feed.reactance().value()).isCloseTo(0, within(0.03 * f.edge()));
    }

    /** Not cut it is a line: half goes to the other hand. Cut too little or too deep, an ellipse, alike on both sides. */
    @ParameterizedTest
    @CsvSource({"0.7, 5.0, 7.5", "1.3, 3.0, 6.5"})
    void cutWrongItIsAnEllipse(double share, double least, double most) {
        assertThat(20 * Math.log10(square(share, 0).ratio())).isBetween(least, most);
        assertThat(square(0, 0).lostToTheOtherHand().value()).isCloseTo(3.01, within(0.01));
    }

    /** Off its frequency the ellipse grows to 3 dB at the edges of the band that the book has (0.36 over the quality). */
    @Test
    void itTurnsOverTheBandTheBookHas() {
        double quality = square(1, 0).quality();
        for (int side : new int[] {-1, 1}) {
            double decibels = 20 * Math.log10(square(1, side * 0.18 / quality).ratio());
            assertThat(decibels).isCloseTo(3, within(0.35));
        }
    }

    /** In the panel: square, its corners dragged, its gain that of the hand it has. */
    @Test
    void aPanelThatTurnsSaysWhatItsCornersDo() {
        ApertureDesign straight = begun();
        ApertureDesign turns = straight.withSize(PatchPanel.TURNS, Quantity.of("1", Unit.ONE));
        assertThat(turns.of().uses(turns, PatchPanel.CORNERS)).isTrue();
        assertThat(straight.of().uses(straight, PatchPanel.CORNERS)).isFalse();
        ApertureDesign none = turns.withSize(PatchPanel.CORNERS, Quantity.of("0", Unit.MM));
        assertThat(none.radiation(F).gain().value())
                .isCloseTo(straight.radiation(F).gain().value() - 3, within(0.8));
        assertThat(none.of().watch(none, F)).anyMatch(w -> w.contains("turn the field evenly"));
        Radiation r = turns.radiation(F);
        assertThat(r.fall(40, 0)).as("alike all round").isCloseTo(r.fall(40, 90), within(1e-9));
        assertThat(turns.of().parts(turns, F)).anyMatch(p -> p.contains("square, two corners"));
    }
}
