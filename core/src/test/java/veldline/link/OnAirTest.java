package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class OnAirTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Optional<Double> WIDTH = Optional.of(40.0);

    private static Quantity q(String n, Unit u) {
        return Quantity.of(n, u);
    }

    private static Air.Heard heard(String mhz, String dbm, String bearing) {
        return new Air.Heard(
                "ferry",
                q(mhz, Unit.MHZ),
                q("20", Unit.MHZ),
                q(dbm, Unit.DBM),
                bearing.isEmpty() ? Optional.empty() : Optional.of(q(bearing, Unit.DEG)));
    }

    private static Air with(Air.Heard... heard) {
        return Air.quiet().withHeard(List.of(heard));
    }

    @Property
    void overlapIsAShareAndFallsWithTheDistanceOfChannels(
            @ForAll @DoubleRange(min = 0, max = 40e6) double apart,
            @ForAll @DoubleRange(min = 1e6, max = 40e6) double w) {
        double share = OnAir.overlap(2.44e9, 20e6, 2.44e9 + apart, w);
        assertThat(share).isBetween(0.0, 1.0);
        assertThat(OnAir.overlap(2.44e9, 20e6, 2.44e9 - apart, w)).isCloseTo(share, within(1e-9));
        assertThat(OnAir.overlap(2.44e9, 20e6, 2.44e9 + apart + 1e6, w)).isLessThanOrEqualTo(share + 1e-9);
    }

    @Test
    void halfAChannelOverIsThreeDecibelsLessAndFromBehindTwenty() {
        double inBeam = OnAir.unwanted(with(heard("2437", "-60", "90")), 2437e6, WIDTH, 90, 12)
                .value();
        assertThat(inBeam).isCloseTo(-48, within(0.01));
        assertThat(OnAir.unwanted(with(heard("2447", "-60", "90")), 2437e6, WIDTH, 90, 12)
                        .value())
                .isCloseTo(-51.01, within(0.01));
        assertThat(OnAir.unwanted(with(heard("2437", "-60", "270")), 2437e6, WIDTH, 90, 12)
                        .value())
                .isCloseTo(-68, within(0.01));
        assertThat(OnAir.unwanted(with(heard("2437", "-60", "110")), 2437e6, WIDTH, 90, 12)
                        .value())
                .as("at half the width, half the power")
                .isCloseTo(-51, within(0.01));
        assertThat(OnAir.unwanted(with(heard("2437", "-60", "")), 2437e6, WIDTH, 90, 12)
                        .value())
                .as("from where nobody knows, it may be in the beam")
                .isCloseTo(-48, within(0.01));
        assertThat(OnAir.unwanted(with(heard("2437", "-60", "90"), heard("2437", "-60", "90")), 2437e6, WIDTH, 90, 12)
                        .value())
                .as("two alike are 3 dB more")
                .isCloseTo(-44.99, within(0.01));
    }

    @Test
    void theQuietestChannelIsRankedFirstAndTheNearestOfThoseAlike() {
        Brief b = JOB.brief().withAir(with(heard("2437", "-50", ""), heard("2462", "-70", "")));
        List<OnAir.Channel> ranked = OnAir.ranked(b, WIDTH, 90, 12);
        assertThat(ranked).hasSize(13);
        assertThat(ranked.get(0).frequency()).isEqualTo(2417e6);
        assertThat(ranked.get(12).frequency()).isEqualTo(2437e6);
        for (int i = 1; i < ranked.size(); i++) {
            assertThat(ranked.get(i).unwanted().value())
                    .isGreaterThanOrEqualTo(ranked.get(i - 1).unwanted().value() - 0.06);
        }
        assertThat(channels("1296", Jurisdiction.EUROPE))
                .as("no list is known there")
                .containsExactly(1296e6);
        assertThat(channels("868.3", Jurisdiction.EUROPE)).containsExactly(868.1e6, 868.3e6, 868.5e6);
        assertThat(channels("868.3", Jurisdiction.USA)).containsExactly(868.3e6);
        assertThat(channels("2440.5", Jurisdiction.NOT_SAID)).contains(2440.5e6).hasSize(14);
        assertThat(channels("2437", Jurisdiction.USA))
                .as("two less are allowed there")
                .hasSize(11)
                .doesNotContain(2472e6);
        assertThat(channels("490", Jurisdiction.NOT_SAID))
                .as("what is the list in one place is not taken for the world's")
                .containsExactly(490e6);
        assertThat(channels("490", Jurisdiction.EUROPE)).hasSize(28).contains(490e6, 690e6);
        assertThat(channels("5520", Jurisdiction.EUROPE)).hasSize(11).contains(5700e6);
    }

    private static List<Double> channels(String mhz, Jurisdiction where) {
        return OnAir.channels(JOB.brief().withFrequency(q(mhz, Unit.MHZ)).withWhere(where));
    }

    @Test
    void whatIsWorseThanTenDecibelsIsToldAndAQuieterChannelOffered() {
        Job loud = new JobChange.OfBrief(new BriefChange.OfAir(new AirChange.AddHeard(heard("2437", "-65", ""))))
                .applyTo(JOB);
        Assessor assessor = new Assessor();
        Assessment a = assessor.assess(loud, Assessor.Depth.QUICK, () -> true);
        var finding = a.of(Step.BRIEF).stream()
                .filter(f -> f.tag().equals("not alone there"))
                .findFirst()
                .orElseThrow();
        var remedy = finding.remedies().get(0);
        Job moved = JobChange.lift(remedy.change(), true).applyTo(loud);
        Assessment after = assessor.assess(moved, Assessor.Depth.QUICK, () -> true);
        assertThat(after.of(Step.BRIEF)).noneMatch(f -> f.tag().equals("not alone there"));
    }

    /** The sum of noise against its own words: −174 dBm in a hertz at 290 K. */
    @ParameterizedTest
    @CsvSource({"1, -173.975", "20e6, -100.965"})
    void theFloorByNoiseIsNoiseAndFigureAndWhatIsNeeded(double bandwidth, double ktb) {
        Air air = new Air(
                true,
                q("6", Unit.DB),
                Quantity.shown(bandwidth, Unit.HZ, 0),
                q("10", Unit.DB),
                Surroundings.NOT_COUNTED,
                List.of());
        Worked floor = Floor.of(JOB.brief().withAir(air), 1);
        assertThat(floor.value()).isCloseTo(ktb + 16, within(0.005));
    }

    @Test
    void peopleRaiseTheFloorWhereTheLawHoldsAndNowhereElse() {
        Brief vhf = TernholmSands.all().get(1).brief();
        double quiet = Floor.of(vhf, 0.5).value();
        double before = quiet;
        for (Surroundings s :
                List.of(Surroundings.QUIET_RURAL, Surroundings.RURAL, Surroundings.RESIDENTIAL, Surroundings.CITY)) {
            double floor =
                    Floor.of(vhf.withAir(Air.quiet().withSurroundings(s)), 0.5).value();
            assertThat(floor).as(s.words()).isGreaterThan(before);
            before = floor;
        }
        // Fa = 76.8 − 27.7·log10(150) = 16.5 dB over 290 K in a city.
        assertThat(Surroundings.CITY.figureDb(150e6)).isCloseTo(16.52, within(0.01));
        Brief microwave = JOB.brief().withAir(Air.quiet().withSurroundings(Surroundings.CITY));
        assertThat(Floor.of(microwave, 0).value()).isEqualTo(-80);
        assertThatThrownBy(() -> Surroundings.CITY.figureDb(2.4e9)).hasMessageContaining("250 MHz");
    }

    @Test
    void theOtherWayOfTwoLikeRadiosIsTheSame() {
        Assessment a = new Assessor().assess(JOB, Assessor.Depth.QUICK, () -> true);
        assertThat(a.back().orElseThrow().value()).isCloseTo(a.line().margin().value(), within(1e-9));
        Job hearsOnly = new JobChange.OfBrief(new BriefChange.Power(q("-100", Unit.DBM))).applyTo(JOB);
        assertThat(new Assessor()
                        .assess(hearsOnly, Assessor.Depth.QUICK, () -> true)
                        .back())
                .isEmpty();
        assertThat(new Assessor()
                        .assess(TernholmSands.all().get(2), Assessor.Depth.QUICK, () -> true)
                        .back())
                .as("a television never answers")
                .isEmpty();
    }
}
