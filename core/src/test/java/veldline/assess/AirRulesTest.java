package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.AirChange;
import veldline.link.BriefChange;
import veldline.link.LevelLine;
import veldline.link.RadioSheet;
import veldline.link.Surroundings;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What is said of the other direction, of the rate and of the floor. */
class AirRulesTest {
    private static final Job NEST = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    private static Assessment assessed(Job job) {
        return ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
    }

    private static Job with(Job job, BriefChange change) {
        return new JobChange.OfBrief(change).applyTo(job);
    }

    private static Optional<Finding> tagged(Assessment a, String tag) {
        return a.of(Step.BRIEF).stream().filter(f -> f.tag().equals(tag)).findFirst();
    }

    /** A far radio that whispers is heard less than it hears. */
    @Test
    void theWeakerDirectionIsToldAndOneThatIsDeafIsAStop() {
        Job loud = with(NEST, new BriefChange.Power(Quantity.of("24", Unit.DBM)));
        Assessment a = assessed(loud);
        assertThat(a.line().margin().value() - a.back().orElseThrow().value())
                .isEqualTo(8, org.assertj.core.api.Assertions.within(1e-9));
        Job far = loud;
        for (int i = 0; i < 3; i++) {
            far = with(
                    far,
                    new BriefChange.Distance(
                            Quantity.shown(far.brief().distance().value() * 2, Unit.KM, 1)));
        }
        Assessment weak = assessed(far);
        if (weak.back().orElseThrow().value() < 0) {
            assertThat(tagged(weak, "deaf one way")).isPresent();
        } else {
            assertThat(tagged(weak, "short one way")).isPresent();
        }
    }

    @Test
    void theFastestRateTheLevelCarriesIsOneOfTheSheetAndFallsWithTheMarginWanted() {
        RadioSheet sheet = NEST.brief().far().radio().sheet().orElseThrow();
        String fast = carried(NEST);
        assertThat(sheet.rates().stream().map(r -> r.rate().toString())).contains(fast);
        Job careful = with(NEST, new BriefChange.MarginWanted(Quantity.of("23", Unit.DB)));
        assertThat(rate(carried(careful))).isLessThanOrEqualTo(rate(fast));
        Job hopeless = with(NEST, new BriefChange.MarginWanted(Quantity.of("55", Unit.DB)));
        assertThat(tagged(assessed(hopeless), "no rate carried")).isPresent();
    }

    private static String carried(Job job) {
        return assessed(job).of(Step.BRIEF).stream()
                .filter(f -> f.rest().startsWith("is the fastest"))
                .findFirst()
                .orElseThrow()
                .lead();
    }

    private static double rate(String shown) {
        return Double.parseDouble(shown.split(" ")[0]);
    }

    /** Whatever raises the floor takes as much from the margin and asks as much more of the antenna. */
    @Test
    void aRaisedFloorTakesFromTheMarginWhatItAsksOfTheAntenna() {
        Job tags = TernholmSands.all().get(1);
        Job city = with(tags, new BriefChange.OfAir(new AirChange.Stands(Surroundings.CITY)));
        Assessment quiet = assessed(tags);
        Assessment noisy = assessed(city);
        double lost = quiet.line().margin().value() - noisy.line().margin().value();
        assertThat(lost).isBetween(5.0, 20.0);
        assertThat(noisy.needed().value() - quiet.needed().value())
                .isEqualTo(lost, org.assertj.core.api.Assertions.within(1e-6));
        assertThat(noisy.line().floor() - quiet.line().floor())
                .isEqualTo(lost, org.assertj.core.api.Assertions.within(1e-6));
    }

    @Test
    void aFloorByNoiseFollowsItsBandwidth() {
        Job sum = with(NEST, new BriefChange.OfAir(new AirChange.BySum(true)));
        Job narrow = with(sum, new BriefChange.OfAir(new AirChange.Bandwidth(Quantity.of("5", Unit.MHZ))));
        assertThat(assessed(sum).line().floor() - assessed(narrow).line().floor())
                .isEqualTo(6.02, org.assertj.core.api.Assertions.within(0.01));
    }

    /** The line back ends in the margin that reciprocity gives, and its stops have the names they have on the line there. */
    @Test
    void theLineBackEndsInTheMarginBack() {
        int lines = 0;
        for (Job job : TernholmSands.all()) {
            Assessment a = new Assessor().assess(job, Assessor.Depth.QUICK, () -> true);
            assertThat(a.backLine().isPresent()).isEqualTo(a.back().isPresent());
            if (a.backLine().isPresent()) {
                LevelLine back = a.backLine().get();
                assertThat(back.margin().value())
                        .isCloseTo(a.back().orElseThrow().value(), within(1e-9));
                assertThat(back.stops().stream().map(LevelLine.Stop::id).toList())
                        .containsExactlyInAnyOrderElementsOf(a.line().stops().stream()
                                .map(LevelLine.Stop::id)
                                .toList());
                assertThat(back.stops().get(0).id()).isEqualTo("far-radio");
                assertThat(back.stop("path").step())
                        .isEqualTo(a.line().stop("path").step());
                lines++;
            }
        }
        assertThat(lines).isGreaterThan(1);
    }
}
