package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.demo.TernholmSands;
import veldline.explain.Sum;
import veldline.explain.Worked;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class PowerProfilesTest {
    private static final Brief BRIEF = TernholmSands.nestCamera().brief();

    private static double most(String id, double gain) {
        return PowerProfiles.byId(id)
                .at(2437e6, gain, BRIEF)
                .mostEirp()
                .orElseThrow()
                .value();
    }

    @ParameterizedTest
    @CsvSource({"3, 33", "6, 36", "9, 36", "15, 36", "24, 36"})
    void manyClientsTakeAsMuchPowerAsGainIsAdded(double gain, double eirp) {
        assertThat(most("fcc-2400-multipoint", gain)).isCloseTo(eirp, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"6, 36", "9, 38", "15, 42", "24, 48"})
    void oneFixedFarEndKeepsTwoOfThree(double gain, double eirp) {
        assertThat(most("fcc-2400-fixed", gain)).isCloseTo(eirp, within(1e-9));
    }

    @Test
    void everyRuleNamesWhereItHolds() {
        assertThat(PowerProfiles.all()).hasSize(10).allSatisfy(p -> {
            assertThat(p.id()).isNotBlank();
            assertThat(p.title()).isNotBlank();
            assertThat(p.jurisdiction()).isNotBlank();
        });
        assertThat(PowerProfiles.all().stream().map(PowerProfile::id).distinct())
                .hasSize(10);
        assertThatThrownBy(() -> PowerProfiles.byId("moon"))
                .hasMessageContaining("moon")
                .hasMessageContaining("licence");
    }

    @Test
    void aNarrowChannelIsHeldByWhatThereMayBeInAMegahertz() {
        PowerProfile rule = PowerProfiles.byId("eu-5470");
        Brief wide = BRIEF.withAir(Air.quiet().withBandwidth(Quantity.of("80", Unit.MHZ)));
        Brief narrow = BRIEF.withAir(Air.quiet().withBandwidth(Quantity.of("5", Unit.MHZ)));
        assertThat(rule.at(5600e6, 10, wide).mostEirp().orElseThrow().value()).isEqualTo(30);
        assertThat(rule.at(5600e6, 10, narrow).mostEirp().orElseThrow().value()).isCloseTo(23.99, within(0.01));
        assertThat(rule.at(2437e6, 10, wide).mostEirp()).as("outside its band").isEmpty();
        PowerProfile.Ruling quiet = PowerProfiles.byId("eu-868-one").at(868.3e6, 5, BRIEF);
        assertThat(quiet.note()).contains("1.0 % of an hour").contains("operator");
        assertThat(quiet.mostEirp().orElseThrow().value()).as("14 dBm ERP").isCloseTo(16.15, within(1e-9));
        assertThat(PowerProfiles.byId("eu-5150").at(5200e6, 0, BRIEF).note()).contains("indoors only");
    }

    @Test
    void nothingIsTakenForLeave() {
        assertThat(PowerProfiles.byId("none").at(2437e6, 10, BRIEF).mostEirp()).isEmpty();
        assertThat(PowerProfiles.byId("none").at(2437e6, 10, BRIEF).note()).contains("not checked");
        PowerProfile.Ruling outside = PowerProfiles.byId("eirp-eu-2400").at(868e6, 10, BRIEF);
        assertThat(outside.mostEirp()).isEmpty();
        assertThat(outside.note()).contains("2400 to 2483.5 MHz");
        assertThat(most("receive-only", 10)).isLessThan(-50);
    }

    @Test
    void theLicenceIsWhatWasTyped() {
        assertThat(most("licence", 15)).isEqualTo(30);
        Brief watts = BRIEF.withLicence(Quantity.of("2", Unit.WATT));
        assertThat(PowerProfiles.byId("licence")
                        .at(2437e6, 0, watts)
                        .mostEirp()
                        .orElseThrow()
                        .value())
                .isCloseTo(33.01, within(0.01));
    }

    @Test
    void theGainAllowedReachesTheLimitExactly() {
        for (String id : new String[] {"licence", "eirp-eu-2400", "fcc-2400-fixed"}) {
            Brief b = BRIEF.withProfile(id)
                    .withNear(BRIEF.near().withRadio(BRIEF.near().radio().withPower(Quantity.of("28", Unit.DBM))));
            Worked allowed = GainWindow.allowed(b, 1.5).orElseThrow();
            double eirp = 28 - 1.5 + allowed.value();
            assertThat(eirp)
                    .as(id)
                    .isCloseTo(
                            PowerProfiles.byId(id)
                                    .at(2437e6, allowed.value(), b)
                                    .mostEirp()
                                    .orElseThrow()
                                    .value(),
                            within(1e-6));
        }
        assertThat(GainWindow.allowed(BRIEF.withProfile("none"), 1.5)).isEmpty();
    }

    @Test
    void exposureGrowsWithTheRootOfPowerAndFollowsTheLevels() {
        assertThat(Exposure.publicLevel(146e6)).isEqualTo(2);
        assertThat(Exposure.publicLevel(868e6)).isCloseTo(4.34, within(1e-9));
        assertThat(Exposure.publicLevel(5.8e9)).isEqualTo(10);
        assertThat(Exposure.distance(36, 2437e6) / Exposure.distance(30, 2437e6))
                .isCloseTo(Math.pow(10, 0.3), within(1e-9));
        assertThatThrownBy(() -> Exposure.publicLevel(14e6)).hasMessageContaining("licensed practitioner");
    }

    @Test
    void aSumOfNothingIsNothing() {
        assertThat(Sum.of("Chain loss", "Everything.", "dB", 2, java.util.List.of())
                        .shown())
                .isEqualTo("0.00 dB");
    }
}
