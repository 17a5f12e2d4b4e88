package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.antenna.Shelf;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.feed.Drawer;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class SystemNoiseTest {
    private static final Job TELEVISION = TernholmSands.all().get(2);
    private static final double F = 490e6;
    private static final FeedPart CABLE = cable("10");
    private static final FeedPart AMPLIFIER = Drawer.part("m-mast-f");

    private static FeedPart cable(String metres) {
        return Drawer.part("c-tv-f").withLength(java.util.Optional.of(Quantity.of(metres, Unit.M)));
    }

    /** Parts from the radio outwards. */
    private static FeedRun run(FeedPart... parts) {
        return new FeedRun(
                TELEVISION.farRun().radio(), List.of(parts), TELEVISION.farRun().antenna());
    }

    /** The galaxy's share against Fa = 52 − 23·log10(m), and a warm sky where the air is thick. */
    @ParameterizedTest
    @CsvSource({"50, 5703", "150, 457.9", "490, 32.7"})
    void theSkyIsTheGalaxyUnderAGigahertz(double mhz, double kelvin) {
        assertThat(SystemNoise.sky(mhz * 1e6).value()).isCloseTo(kelvin, within(0.01 * kelvin));
    }

    @Test
    void theAirGlowsWhereItTakes() {
        assertThat(SystemNoise.sky(22.2e9).value()).as("the line of water").isBetween(270.0, 275.0);
        assertThat(SystemNoise.sky(2e9).value()).isBetween(60.0, 120.0);
    }

    @Property
    void aCableAtTheGroundsTemperatureAddsItsLossToTheFigure(
            @ForAll @DoubleRange(min = 1, max = 60) double metres,
            @ForAll @DoubleRange(min = 0.5, max = 12) double nf) {
        FeedRun r = run(cable(Double.toString(Math.round(10 * metres) / 10.0)));
        double behind = SystemNoise.behind(r, F, nf);
        assertThat(Noise.figure(behind)).isCloseTo(r.lossDb(F) + nf, within(1e-9));
    }

    @Test
    void anAmplifierIsWorthMostBesideTheAntenna() {
        double none = SystemNoise.behind(run(CABLE), F, 6);
        double late = SystemNoise.behind(run(AMPLIFIER, CABLE), F, 6);
        double early = SystemNoise.behind(run(CABLE, AMPLIFIER), F, 6);
        assertThat(early).isLessThan(late);
        assertThat(late).isLessThan(none);
        assertThat(Noise.figure(early))
                .as("little more than its own")
                .isBetween(
                        AMPLIFIER.amplifier().orElseThrow().noise().value(),
                        AMPLIFIER.amplifier().orElseThrow().noise().value() + 0.6);
    }

    @Test
    void aFloorBehindAChainThatOnlyTakesIsTheRadiosOwnAndAnAmplifierRaisesIt() {
        Brief b = TELEVISION.brief();
        double own = b.far().radio().sensitivity().value();
        assertThat(Floor.of(b, run(CABLE)).value()).isCloseTo(own, within(1e-9));
        double raised = Floor.of(b, run(CABLE, AMPLIFIER)).value();
        double gain = -run(CABLE, AMPLIFIER).lossDb(F);
        assertThat(raised).isBetween(own, own + gain);
        // What the amplifier lifts of signal, less what it lifts the floor, is what it betters the noise by.
        double won = gain - (raised - own);
        double without = Noise.T0 + SystemNoise.behind(run(), F, 6);
        double with = Noise.T0 + SystemNoise.behind(run(CABLE, AMPLIFIER), F, 6);
        assertThat(won).isCloseTo(10 * Math.log10(without / with), within(1e-9));
    }

    @Test
    void signalOverNoiseIsLevelOverTheNoiseOfAll() {
        Air air = Air.quiet().withBandwidth(Quantity.of("8", Unit.MHZ));
        Worked system = SystemNoise.system(air, run(CABLE), F);
        Worked gain = Shelf.serving(2437e6).get(0).antenna().claimedGain().orElseThrow();
        Worked merit = SystemNoise.merit(gain, system);
        Worked level = FieldStrength.isotropic(Quantity.of("58", Unit.DBUV_M), F);
        double byHand = level.value() + gain.value() - Noise.dbm(system.value(), 8e6);
        assertThat(SystemNoise.over(level, merit, 8e6).value()).isCloseTo(byHand, within(0.01));
    }

    /** The demo's amplifier hangs a metre under its antenna, where it belongs; behind the long cable it would come too late. */
    @Test
    void anAmplifierBehindItsCableIsToldToMoveUpAndDoes() {
        Job passing = TELEVISION.withFarRun(run(cable("1"), AMPLIFIER, cable("40")));
        Finding late = told(passing, "amplifier too late").orElseThrow();
        Job moved = JobChange.lift(late.remedies().get(0).change(), false).applyTo(passing);
        assertThat(moved.farRun().parts()).containsExactly(cable("40"), AMPLIFIER, cable("1"));
        assertThat(told(moved, "amplifier too late")).isEmpty();
        assertThat(over(moved)).isGreaterThan(over(passing) + 1);
    }

    private static java.util.Optional<Finding> told(Job job, String tag) {
        return assessed(job).of(Step.FEED_RUN).stream()
                .filter(f -> f.tag().equals(tag))
                .findFirst();
    }

    private static double over(Job job) {
        return assessed(job).of(Step.FEED_RUN).stream()
                .filter(f -> f.rest().startsWith("of signal over noise"))
                .findFirst()
                .flatMap(Finding::worked)
                .orElseThrow()
                .value();
    }

    private static Assessment assessed(Job job) {
        return new Assessor().assess(job, Assessor.Depth.QUICK, () -> true);
    }

    @Test
    void anEndThatSendsIsNotWeighedSo() {
        assertThat(assessed(TernholmSands.nestCamera()).of(Step.FEED_RUN))
                .noneMatch(f -> f.rest().startsWith("of signal over noise"));
    }
}
