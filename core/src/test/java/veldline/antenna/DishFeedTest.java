package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.explain.Worked;
import veldline.field.aperture.FarField;
import veldline.field.aperture.FeedPattern;
import veldline.field.aperture.LitPlate;
import veldline.field.aperture.PyramidalHorn;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** What dishes are lit by, and small dishes solved whole with it. */
class DishFeedTest {
    private static final double F = 2437e6;
    private static final double WAVE = 299_792_458.0 / F;

    private static Quantity waves(double n) {
        return Quantity.shown(n * WAVE, Unit.MM, 4);
    }

    private static ApertureDesign dish(double across, double ratio, DishFeed feed) {
        return Families.apertures("dish")
                .design(new Family.Wish(F, 1, 1.6e-3, Metal.ALUMINIUM, false))
                .withSize(Dish.FEED, Quantity.of(Integer.toString(feed.ordinal()), Unit.ONE))
                .withSize(Dish.DIAMETER, waves(across))
                .withSize(Dish.FOCUS, waves(ratio * across))
                .withSize(Dish.ROUGH, waves(0));
    }

    /** Before a wide plate it is a dipole and its image: 7 to 8 dBi at a quarter wave, its wave comes from the plate's own face. */
    @Test
    void beforeAWidePlateADipoleHasItsImage() {
        DipoleFeed.Solved s = new DipoleFeed(0.46 * WAVE, 0.25 * WAVE, 2 * WAVE, 2 * WAVE, F, 3e7).solved();
        assertThat(10 * Math.log10(s.pattern().directivity())).isBetween(6.8, 8.5);
        assertThat(s.centre()).isCloseTo(0, within(0.1 * WAVE));
        for (double deg : new double[] {15, 30, 45}) {
            double t = Math.toRadians(deg);
            double image = Math.sin(Math.PI / 2 * Math.cos(t));
            assertThat(s.pattern().h(t)).as("H " + deg).isCloseTo(image, within(0.13));
            assertThat(s.pattern().e(t))
                    .as("E " + deg)
                    .isCloseTo(image * Math.cos(Math.PI / 2 * Math.sin(t)) / Math.cos(t), within(0.13));
        }
        assertThatThrownBy(() -> new DipoleFeed(0.46 * WAVE, 0.001 * WAVE, WAVE, WAVE, F, 3e7).solved())
                .hasMessageContaining("a tenth of a wave");
    }

    /** The currents of physical optics on a plate against the plate solved as rods, each within what it says of itself. */
    @ParameterizedTest
    @CsvSource({"0.6, 0.6, 0.22", "0.7, 0.9, 0.25", "1, 1, 0.25", "1.4, 1, 0.3", "2, 2, 0.25"})
    void aPlatesCurrentsAreThoseOfItsRods(double along, double across, double before) {
        DipoleFeed.Solved net =
                new DipoleFeed(0.46 * WAVE, before * WAVE, along * WAVE, across * WAVE, F, 3e7).solved();
        FarField currents = new LitPlate(along * WAVE, across * WAVE, before * WAVE, WAVE).field();
        double gain = currents.directivity(6, 48);
        assertThat(currents.directivity(12, 96)).as("summed finely enough").isCloseTo(gain, within(0.002 * gain));
        assertThat(10 * Math.log10(gain))
                .isCloseTo(10 * Math.log10(net.pattern().directivity()), within(0.8));
        for (double deg : new double[] {20, 40, 60}) {
            double t = Math.toRadians(deg);
            assertThat(Math.sqrt(currents.power(t, 0)))
                    .as("E " + deg)
                    .isCloseTo(net.pattern().e(t), within(0.12));
            assertThat(Math.sqrt(currents.power(t, Math.PI / 2)))
                    .as("H " + deg)
                    .isCloseTo(net.pattern().h(t), within(0.12));
        }
    }

    /** Over a plate that is nearly endless the currents give the dipole and its image (Balanis, §4.7). */
    @Test
    void onAVeryWidePlateTheCurrentsAreAnImage() {
        FarField wide = new LitPlate(12 * WAVE, 12 * WAVE, 0.25 * WAVE, WAVE).field();
        for (double deg : new double[] {15, 35, 50}) {
            double t = Math.toRadians(deg);
            double image = Math.pow(Math.sin(Math.PI / 2 * Math.cos(t)), 2);
            assertThat(wide.power(t, Math.PI / 2)).as("H " + deg).isCloseTo(image, within(0.06));
        }
        assertThat(wide.power(Math.PI, 0)).isLessThan(0.02);
        assertThatThrownBy(() -> new LitPlate(1, 0, 1, 1)).hasMessageContaining("over 0");
    }

    /** A small horn's mouth has the pattern of that horn's own opening. */
    @Test
    void aSmallHornIsAHorn() {
        FeedPattern mouth = new FeedPattern.Mouth(0.8 * WAVE, 1.1 * WAVE, 2 * WAVE, WAVE);
        PyramidalHorn horn = new PyramidalHorn(1.1 * WAVE, 0.8 * WAVE, 2 * WAVE, 2 * WAVE);
        for (double deg : new double[] {10, 35, 60}) {
            double t = Math.toRadians(deg);
            assertThat(mouth.e(t) * mouth.e(t))
                    .isCloseTo(horn.opening(F).field().power(t, 0), within(1e-6));
            assertThat(mouth.h(t) * mouth.h(t))
                    .isCloseTo(horn.opening(F).field().power(t, Math.PI / 2), within(1e-6));
        }
        assertThatThrownBy(() -> new FeedPattern.Told(List.of(1.0), List.of(1.0), 1))
                .hasMessageContaining("two or more");
    }

    /**
     * A small dish solved whole gains what the sum over its opening says, to what both say of themselves; power is kept; and what the dish
     * throws back moves its feed by as much as the rule has it.
     */
    @ParameterizedTest
    @CsvSource({"2, 0.45", "3, 0.35", "4, 0.35", "4, 0.45"})
    void aSmallDishSolvedWholeGainsWhatItsOpeningSays(double across, double ratio) {
        ApertureDesign d = dish(across, ratio, DishFeed.DIPOLE);
        Radiation r = d.radiation(F);
        WireModel net = d.of().grid(d, F).orElseThrow();
        assertThat(ModelCheck.faults(net, F)).isEmpty();
        FieldSolution solution = new FieldSolver(net, MeshRule.standard(F), () -> true).at(F);
        assertThat(PatternSummary.of(solution).powerBalance()).isCloseTo(1, within(0.01));
        RadiatedField field = new RadiatedField(solution);
        double solved = field.gainDbi(Direction.X);
        assertThat(solved).isCloseTo(r.gain().value(), within(r.doubt() + 0.5));
        double half = r.edge(3, 0).orElseThrow();
        assertThat(field.gainDbi(new Direction(90, half)) - solved)
                .as("half power in the E plane")
                .isCloseTo(-3, within(1.1));
        Worked back = d.of().schools(d, F).stream()
                .filter(w -> w.formula().name().startsWith("Comes back"))
                .findFirst()
                .orElseThrow();
        Complex alone = r.feed().impedance();
        Complex in = solution.impedances().get(0);
        double thrown = in.subtract(alone).divide(in.add(alone.conjugate())).norm();
        if (across >= 4) {
            assertThat(-20 * Math.log10(thrown)).isCloseTo(back.value(), within(3.0));
        }
    }

    /** Rods half as far apart change little. */
    @Test
    void finerRodsGainTheSame() {
        ApertureDesign tenth = dish(3, 0.4, DishFeed.DIPOLE)
                .withSize(Dish.SURFACE, Quantity.of("2", Unit.ONE))
                .withSize(Dish.GAP, waves(0.1))
                .withSize(Dish.ROD, waves(0.1 / Math.PI));
        ApertureDesign finer = tenth.withSize(Dish.GAP, waves(0.07)).withSize(Dish.ROD, waves(0.07 / Math.PI));
        assertThat(gain(finer)).isCloseTo(gain(tenth), within(0.4));
    }

    private static double gain(ApertureDesign d) {
        return new RadiatedField(
                        new FieldSolver(d.of().grid(d, F).orElseThrow(), MeshRule.standard(F), () -> true).at(F))
                .gainDbi(Direction.X);
    }

    /** Only what one kind of feed has is asked for, and what is too large for a net, or squints, has none. */
    @Test
    void eachFeedHasMeasuresOfItsOwn() {
        ApertureDesign tube = dish(5, 0.4, DishFeed.TUBE);
        assertThat(tube.of().uses(tube, Dish.TUBE)).isTrue();
        assertThat(tube.of().uses(tube, Dish.TIP)).isFalse();
        assertThat(tube.of().uses(tube, Dish.GAP)).as("sheet has no wires").isFalse();
        assertThat(tube.of().uses(tube, Dish.DIAMETER)).isTrue();
        ApertureDesign dipole = dish(5, 0.4, DishFeed.DIPOLE);
        assertThat(dipole.of().uses(dipole, Dish.TIP)).isTrue();
        assertThat(dipole.of().uses(dipole, Dish.RETURN_LOSS))
                .as("it is solved")
                .isFalse();
        assertThat(dipole.of().steps(dipole, F))
                .as("its plate stands behind the focus by its phase centre")
                .anyMatch(s -> s.startsWith("Set the feed's plate "));
        assertThat(tube.of().steps(tube, F)).anyMatch(s -> s.startsWith("Set the feed's mouth "));
        assertThat(tube.of().grid(tube, F)).isEmpty();
        assertThat(dipole.of().grid(dipole.withSize(Dish.ASIDE, waves(0.3)), F)).isEmpty();
        assertThat(dipole.of().grid(dish(9, 0.4, DishFeed.DIPOLE), F)).isEmpty();
        for (DishFeed feed : DishFeed.values()) {
            ApertureDesign d = dish(6, 0.4, feed);
            assertThat(d.radiation(F).gain().value()).as(feed.name()).isBetween(21.0, 25.0);
            assertThat(d.of().parts(d, F)).anyMatch(p -> p.startsWith("Feed"));
        }
    }

    /** The tube and the mouth that are named do best: other ones gain less, and the rim is 11 dB down with the mouth. */
    @ParameterizedTest
    @CsvSource({"8, 0.35", "12, 0.5"})
    void theFeedThatSuitsIsTheBestOne(double across, double ratio) {
        ApertureDesign d = dish(across, ratio, DishFeed.TUBE).withSize(Dish.SHADOW, waves(0));
        List<Worked> told = d.of().schools(d, F);
        double tube = named(told, "Open tube") / 1000;
        double best = d.withSize(Dish.TUBE, Quantity.shown(tube, Unit.MM, 3))
                .radiation(F)
                .gain()
                .value();
        for (double other : new double[] {0.95, 1.03}) {
            double size = Math.min(0.757 * WAVE, Math.max(0.6 * WAVE, other * tube));
            assertThat(d.withSize(Dish.TUBE, Quantity.shown(size, Unit.MM, 3))
                            .radiation(F)
                            .gain()
                            .value())
                    .isLessThanOrEqualTo(best + 1e-3);
        }
        ApertureDesign horn = dish(across, ratio, DishFeed.HORN)
                .withSize(Dish.MOUTH_ALONG, Quantity.shown(named(told, "along its field") / 1000, Unit.MM, 3))
                .withSize(Dish.MOUTH_ACROSS, Quantity.shown(named(told, "across its field") / 1000, Unit.MM, 3));
        assertThat(Dish.lit(horn, F).edgeDb()).isCloseTo(-11, within(0.05));
        assertThat(horn.radiation(F).losses().stream()
                        .limit(2)
                        .mapToDouble(Worked::value)
                        .sum())
                .as("about three quarters of an even light")
                .isBetween(0.8, 1.6);
    }

    private static double named(List<Worked> told, String part) {
        return told.stream()
                .filter(w -> w.formula().name().contains(part))
                .mapToDouble(Worked::value)
                .findFirst()
                .orElseThrow();
    }
}
