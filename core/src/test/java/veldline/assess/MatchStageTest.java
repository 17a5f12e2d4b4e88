package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.line.MatchWay;
import veldline.line.Mismatch;
import veldline.stock.Metal;

/** Match for every antenna whose impedance is known here. */
class MatchStageTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    private static MatchFigures of(Job job) {
        return ASSESSOR.assess(job, Assessor.Depth.ALL, () -> true)
                .match()
                .value()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(MatchWay.class)
    void eachWayIsTakenAndThenInUse(MatchWay way) {
        Optional<MatchFigures.Option> found = of(JOB).options().stream()
                .filter(o -> o.id().equals(way.name()))
                .findFirst();
        assertThat(found.isPresent())
                .as("56 Ω are too many for a hairpin, too few for a loop, and too high for a ring")
                .isEqualTo(way != MatchWay.HAIRPIN
                        && way != MatchWay.LOOP
                        && !way.name().startsWith("WOUND"));
        if (found.isEmpty()) {
            return;
        }
        MatchFigures.Option o = found.get();
        Job taken = o.take().applyTo(JOB);
        assertThat(taken.match()).contains(way);
        MatchFigures.Option used = of(taken).inUse().orElseThrow();
        assertThat(used.title()).isEqualTo(o.title());
        assertThat(used.swr()).isEqualTo(o.swr());
        assertThat(used.strain())
                .hasSameSizeAs(used.plan().orElseThrow().ladder().pieces());
        used.strain().forEach(s -> assertThat(s.volts().value()).isPositive());
        assertThat(used.kept().orElseThrow().value()).isBetween(50.0, 100.0);
        // Another driven element is taken for what it is, with nothing between.
        MatchFigures.Option bent = of(taken).options().get(1);
        Job plain = bent.take().applyTo(taken);
        assertThat(of(plain).inUse().orElseThrow().title()).isEqualTo(bent.title());
    }

    /** What is kept with nothing between is narrower than what any match could keep. */
    @Test
    void theWidestBandIsToldAndNoneIsWider() {
        Assessment a = ASSESSOR.assess(JOB, Assessor.Depth.ALL, () -> true);
        Finding widest = a.of(Step.MATCH).stream()
                .filter(f -> f.rest().contains("widest band"))
                .findFirst()
                .orElseThrow();
        double bound = widest.worked().orElseThrow().value();
        assertThat(a.match().value().orElseThrow().options().stream().flatMap(o -> o.band().stream()))
                .isNotEmpty()
                .allMatch(b -> b.value() < bound);
    }

    /** A wire fed at its end: what the ring bears is held against what is sent, and where the return runs is told. */
    @Test
    void aRingIsHeldAgainstWhatIsSent() {
        Family.Wish wish = new Family.Wish(3.66e6, 45, 2e-3, Metal.COPPER, false);
        Job storm = TernholmSands.all().stream()
                .filter(j -> j.name().equals("Storm radio"))
                .findFirst()
                .orElseThrow();
        Job fed = new JobChange.Match(Optional.of(MatchWay.WOUND))
                .applyTo(new JobChange.Fit(
                                true, Families.wires("end-fed half wave").design(wish))
                        .applyTo(storm));
        Assessment a = ASSESSOR.assess(fed, Assessor.Depth.ALL, () -> true);
        assertThat(a.match().value().orElseThrow().options())
                .extracting(MatchFigures.Option::id)
                .contains("WOUND_49", "WOUND_64")
                .doesNotContain("GAMMA", "T_MATCH", "LOOP", "HAIRPIN");
        assertThat(a.of(Step.MATCH))
                .anyMatch(f -> f.level() == Finding.Level.FITS && f.rest().contains("what the ring carries"))
                .anyMatch(f -> f.lead().startsWith("The return is the counterpoise"))
                .noneMatch(f -> f.lead().startsWith("A current choke"));
        Job kilowatt = new JobChange.OfBrief(new veldline.link.BriefChange.Power(
                        veldline.quantity.Quantity.of("60", veldline.quantity.Unit.DBM)))
                .applyTo(fed);
        assertThat(ASSESSOR.assess(kilowatt, Assessor.Depth.ALL, () -> true).of(Step.MATCH))
                .anyMatch(f -> f.level() == Finding.Level.STOP && f.rest().contains("1000 W come"));
    }

    /** Draws are not for every step of a drag: quick looks go without until they are known. */
    @Test
    void quickLooksWaitForTheWays() {
        Family.Wish wish = new Family.Wish(2437e6, 0.45, 1.6e-3, Metal.COPPER, false);
        Job quad = new JobChange.Fit(true, Families.wires("quad").design(wish)).applyTo(JOB);
        Assessor assessor = new Assessor();
        assertThat(assessor.assess(quad, Assessor.Depth.QUICK, () -> true).match())
                .isInstanceOf(Stage.Running.class);
        assessor.assess(quad, Assessor.Depth.ALL, () -> true);
        assertThat(assessor.assess(quad, Assessor.Depth.QUICK, () -> true).match())
                .isInstanceOf(Stage.Fresh.class);
    }

    /** 16 dBm are 40 mW: matched, the cable has the volts and amperes of that on 50 Ω, and so has the first line. */
    @Test
    void theStrainIsThatOfTheRadiosPower() {
        MatchFigures.Option let = of(JOB).options().stream()
                .filter(o -> o.id().equals("SECTION"))
                .findFirst()
                .orElseThrow();
        double volts = Math.sqrt(2 * 0.0398 * 50);
        assertThat(let.strain().get(1).volts().value()).isBetween(0.98 * volts, 1.2 * volts);
        Job louder = new JobChange.OfBrief(new veldline.link.BriefChange.Power(
                        veldline.quantity.Quantity.of("36", veldline.quantity.Unit.DBM)))
                .applyTo(JOB);
        double ten = of(louder).options().stream()
                .filter(o -> o.id().equals("SECTION"))
                .findFirst()
                .orElseThrow()
                .strain()
                .get(1)
                .volts()
                .value();
        assertThat(ten)
                .as("20 dB more")
                .isCloseTo(10 * let.strain().get(1).volts().value(), within(0.05 * ten));
    }

    /** What stands between shows in the band, too: a Yagi as it is has the band that its own curve says. */
    @Test
    void theBandIsThatOfTheCurve() {
        Assessment a = ASSESSOR.assess(JOB, Assessor.Depth.ALL, () -> true);
        MatchFigures.Option asItIs = a.match().value().orElseThrow().inUse().orElseThrow();
        assertThat(asItIs.band().orElseThrow().value())
                .isCloseTo(
                        SwrBand.of(a.sweep().value().orElseThrow(), a.job().lineOhms())
                                .orElseThrow()
                                .value(),
                        within(1.01));
    }

    /** Wires of any family and openings are matched as well; what has a typed return loss says why it is not. */
    @Test
    void otherAntennasAreMatched() {
        Family.Wish wish = new Family.Wish(2437e6, 0.45, 1.6e-3, Metal.COPPER, false);
        Job quad = new JobChange.Fit(true, Families.wires("quad").design(wish)).applyTo(JOB);
        assertThat(of(quad).options()).anyMatch(o -> o.id().equals("GAMMA") || o.id().equals("HAIRPIN"));
        assertThat(of(quad).inUse().orElseThrow().id()).isEqualTo("direct");
        Job patch = new JobChange.Fit(true, Families.apertures("patches").design(wish)).applyTo(JOB);
        assertThat(of(patch).options()).noneMatch(o -> o.id().equals("GAMMA") || o.id().equals("HAIRPIN"));
        Job can = new JobChange.Fit(true, Families.apertures("can").design(wish)).applyTo(JOB);
        assertThat(ASSESSOR.assess(can, Assessor.Depth.ALL, () -> true).match())
                .isInstanceOfSatisfying(
                        Stage.Absent.class, s -> assertThat(s.why()).contains("typed"));
        assertThat(JOB.match()).isEqualTo(Optional.empty());
    }

    /** Whatever way is taken, the line has exactly so much less as it loses. */
    @Test
    void theLineCountsWhatTheMatchLoses() {
        Job job = TernholmSands.all().get(1);
        Assessor assessor = new Assessor();
        Assessment first = assessor.assess(job);
        double antenna = first.antenna().value().orElseThrow().gain().value();
        List<MatchFigures.Option> ways = first.match().value().orElseThrow().options().stream()
                .filter(o -> o.plan().isPresent())
                .toList();
        assertThat(ways).hasSizeGreaterThan(5);
        for (MatchFigures.Option o : ways) {
            Assessment a = assessor.assess(o.take().applyTo(job));
            assertThat(a.line().stop("far-antenna").step().value())
                    .as(o.title())
                    .isCloseTo(antenna - o.loss().value(), within(1e-9));
            assertThat(a.line().margin().value() - (first.line().margin().value()))
                    .as(o.title())
                    .isCloseTo(
                            first.match()
                                            .value()
                                            .orElseThrow()
                                            .inUse()
                                            .orElseThrow()
                                            .loss()
                                            .value()
                                    - o.loss().value(),
                            within(1e-9));
        }
    }

    /** A television antenna hangs on 75 Ω, and everything that is said of its SWR is said on that. */
    @Test
    void aLineOfSeventyFiveOhmsIsMatchedToThat() {
        Job lodge = TernholmSands.all().get(2);
        assertThat(lodge.lineOhms()).isEqualTo(75);
        Assessment a = new Assessor().assess(lodge);
        Complex z = a.antenna().value().orElseThrow().impedance();
        double swr = Mismatch.swr(z, 75);
        assertThat(a.antenna().value().orElseThrow().swr().value()).isCloseTo(swr, within(1e-9));
        assertThat(a.match().value().orElseThrow().inUse().orElseThrow().swr().value())
                .isCloseTo(swr, within(1e-9));
        for (MatchFigures.Option o : a.match().value().orElseThrow().options()) {
            o.plan()
                    .ifPresent(p -> assertThat(p.ladder()
                                    .seen(p.load(), lodge.brief().frequency().value())
                                    .subtract(75)
                                    .norm())
                            .as(o.title())
                            .isLessThan(30));
        }
    }
}
