package veldline.path;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.antenna.Polarized;
import veldline.link.PolarizationMatch;

class IncidenceTest {
    private static final Complex BACK = Complex.ONE.negate();

    @Property
    void theTwoSharesAreAllOfIt(@ForAll Polarized sent, @ForAll Polarized taken) {
        Incidence i = Incidence.of(sent, taken);
        assertThat(i.flat().add(i.upright()).subtract(1).norm()).isLessThan(1e-9);
    }

    /** What a mirror that turns both parts over does to it is nothing but its sign: the wave grazes. */
    @Property
    void aGrazingBounceLeavesEveryHandAsItWas(@ForAll Polarized sent, @ForAll Polarized taken) {
        assertThat(Incidence.of(sent, taken).of(u -> BACK).subtract(BACK).norm())
                .isLessThan(1e-9);
    }

    /** A steep bounce off metal turns the hand: like antennas hardly hear it, unlike ones hear it as they hear the direct ray between like ones. */
    @Test
    void aSteepBounceTurnsTheHand() {
        Complex like = Incidence.of(Polarized.RIGHT_HAND, Polarized.RIGHT_HAND).of(u -> u ? Complex.ONE : BACK);
        assertThat(like.norm()).as("down by what such antennas part two hands").isLessThan(0.25);
        Complex unlike = Incidence.of(Polarized.RIGHT_HAND, Polarized.LEFT_HAND).of(u -> u ? Complex.ONE : BACK);
        double direct = PolarizationMatch.loss(Polarized.RIGHT_HAND, Polarized.LEFT_HAND)
                .value();
        double bounced = direct - 20 * Math.log10(unlike.norm());
        assertThat(bounced)
                .as("what is lost of the bounced ray between opposite hands")
                .isCloseTo(
                        PolarizationMatch.loss(Polarized.RIGHT_HAND, Polarized.RIGHT_HAND)
                                .value(),
                        within(0.3));
    }

    @Test
    void aStraightAntennaTakesItsOwnPartOfATurningWave() {
        alike(Incidence.of(Polarized.RIGHT_HAND, Polarized.UPRIGHT), Incidence.UPRIGHT);
        alike(Incidence.of(Polarized.FLAT, Polarized.LEFT_HAND), Incidence.FLAT);
        alike(Incidence.of(Polarized.FLAT, Polarized.FLAT), Incidence.FLAT);
        alike(Incidence.of(Polarized.UPRIGHT, Polarized.UPRIGHT), Incidence.UPRIGHT);
        alike(
                Incidence.of(Polarized.SLANT_LEFT, Polarized.SLANT_LEFT),
                new Incidence(new Complex(0.5), new Complex(0.5)));
    }

    private static void alike(Incidence a, Incidence b) {
        assertThat(a.flat().subtract(b.flat()).norm()).isLessThan(1e-12);
        assertThat(a.upright().subtract(b.upright()).norm()).isLessThan(1e-12);
    }

    /** Slant antennas, each leaning right seen from behind itself, face each other crossed; to a flat one half is lost. */
    @Test
    void slantAntennasMatchAlongTheWayAndNotFromBehindEach() {
        assertThat(PolarizationMatch.loss(Polarized.SLANT_RIGHT, Polarized.SLANT_RIGHT)
                        .value())
                .isCloseTo(0, within(0.01));
        assertThat(PolarizationMatch.loss(Polarized.SLANT_RIGHT, Polarized.SLANT_LEFT)
                        .value())
                .isGreaterThan(15);
        assertThat(PolarizationMatch.loss(Polarized.SLANT_RIGHT, Polarized.FLAT).value())
                .isCloseTo(3, within(0.1));
    }

    /** Over a metal roof at a steep angle a turning pair has no bounce to speak of where a straight one has. */
    @Test
    void turningAntennasCureSteepBouncesAndNotThoseThatGraze() {
        double steep = ripple(Polarized.RIGHT_HAND, 30, 30, 20);
        assertThat(steep).isLessThan(0.5 * ripple(Polarized.FLAT, 30, 30, 20));
        double grazing = ripple(Polarized.RIGHT_HAND, 5, 5, 3000);
        assertThat(grazing).isGreaterThan(0.9 * ripple(Polarized.FLAT, 5, 5, 3000));
    }

    /** How far the level swings over heights that turn the bounce's phase round, as a field. */
    private static double ripple(Polarized both, double h1, double h2, double distance) {
        TwoRay r =
                new TwoRay(2.44e9, distance, Surface.SEA_WATER, Incidence.of(both, both), Double.POSITIVE_INFINITY, 0);
        double most = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 400; i++) {
            double field = Math.pow(10, r.bounceDb(h1, h2 * (1 + i / 150.0)) / 20);
            most = Math.max(most, field);
            least = Math.min(least, field);
        }
        return (most - least) / 2;
    }
}
