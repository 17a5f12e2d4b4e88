package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.line.CableLoss;
import veldline.line.MatchWay;
import veldline.line.Section;
import veldline.stock.Metal;

/** What is said of a tuner: by the reflection at the antenna, never by what a cable flatters it to. */
class TunerRulesTest {
    private static final Job STORM = TernholmSands.all().stream()
            .filter(j -> j.name().equals("Storm radio"))
            .findFirst()
            .orElseThrow();

    private static Assessment of(Job job) {
        return new Assessor().assess(job, Assessor.Depth.ALL, () -> true);
    }

    private static Job hung() {
        Family.Wish wish = new Family.Wish(3.66e6, 45, 2e-3, Metal.COPPER, false);
        return new JobChange.Fit(true, Families.wires("hung wire").design(wish)).applyTo(STORM);
    }

    @Test
    void aWireForSeveralBandsWantsOneAtItsFeed() {
        Assessment a = of(hung());
        TunerLook look = a.tuner().orElseThrow();
        assertThat(look.usual()).isEqualTo(TunerLook.LAST);
        List<Finding> found = TunerRules.of(a);
        assertThat(found).hasSize(3);
        assertThat(found.get(0).level()).isEqualTo(Finding.Level.WATCH);
        assertThat(found.get(0).reason()).contains("the antenna stays what it is");
        assertThat(found.get(1).lead()).isEqualTo("It belongs at the antenna:");
        assertThat(found.get(2).lead()).isEqualTo("Automatic");
        assertThat(found.get(2).reason()).contains("3 frequencies").contains("Tune at low power");
    }

    /** With the match that suits it there is nothing left for a tuner; no tuner is made for what the nest's camera sends on. */
    @Test
    void whatIsMatchedNeedsNone() {
        Job matched = new JobChange.Match(Optional.of(MatchWay.L_NETWORK)).applyTo(hung());
        assertThat(TunerRules.of(of(matched))).isEmpty();
        assertThat(of(TernholmSands.nestCamera()).tuner()).isEmpty();
    }

    /** By the reflection at the antenna: to 1.5 nothing, to 2 as one likes, to 3 the set's own, to 10 another, beyond by its loss. */
    @ParameterizedTest
    @CsvSource({"70, 25", "95, 25", "140, 25", "400, 25", "900, 25", "140, 90"})
    void lossInTheCableIsToldFromAMatch(double ohms, double metres) {
        TunerLook look = TunerLook.of(new TunerLook.Input(
                new Complex(ohms), new Section(50, 0.66, new CableLoss(1.31, 0.0095), metres), 28e6, 100));
        assertThat(look.swr().value()).isCloseTo(ohms / 50, within(1e-9));
        assertThat(look.swrAtSet().value()).isLessThan(look.swr().value());
        double atSet = look.atSet().loss().value();
        double atAntenna = look.atAntenna().loss().value();
        assertThat(look.usual()).isEqualTo(atSet - atAntenna >= 1 ? TunerLook.LAST : 0);
        // The set has the volts of its own watts on fifty ohms, whatever stands behind the tuner.
        List<Double> volts = look.places().get(20).volts();
        assertThat(volts).hasSize(82);
        assertThat(volts.get(0)).isCloseTo(Math.sqrt(2 * 100 * 50), within(6.0));
        assertThat(look.places().get(20).most().value())
                .isEqualTo(volts.stream().mapToDouble(v -> v).max().orElseThrow());
    }
}
