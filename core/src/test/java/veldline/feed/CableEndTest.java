package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every end that the drawer's cables can have is told, and none that nobody can make. */
class CableEndTest {
    static java.util.stream.Stream<CableClass> cables() {
        return CableClass.all().stream();
    }

    @ParameterizedTest
    @MethodSource("cables")
    void everyConnectorMadeForACableHasItsEnd(CableClass cable) {
        for (Connector.Series series : cable.connectors()) {
            Optional<CableEnd> end = CableEnd.of(cable, series);
            assertThat(end.isPresent())
                    .as(series + " on " + cable.name())
                    .isEqualTo(series != Connector.Series.MICRO_BOARD);
            end.ifPresent(e -> {
                assertThat(e.steps()).hasSize(7);
                // As its steps are walked no layer comes back.
                for (int i = 1; i < e.steps().size(); i++) {
                    assertThat(e.steps().get(i).bared())
                            .isGreaterThanOrEqualTo(e.steps().get(i - 1).bared());
                }
            });
        }
        assertThat(CableEnd.of(cable, Connector.Series.BUILT_IN))
                .as("two bare terminals can always be made")
                .isPresent();
    }

    @Test
    void lengthsAreThoseOfAHandAndNotOfAMill() {
        for (CableEnd e : CableEnd.all()) {
            assertThat(e.inner()).as(e.toString()).isBetween(1.5, 16.0);
            assertThat(e.dielectric()).isBetween(0.0, 15.0);
            assertThat(e.stripped()).isBetween(4.0, 65.0);
            assertThat(e.slidesOn()).isNotBlank();
            assertThat(e.source()).endsWith("2024");
        }
        // Bare terminals are kept apart: more dielectric is left than the inner is long.
        assertThat(CableEnd.all().stream().filter(e -> e.series() == Connector.Series.BUILT_IN))
                .hasSize(4)
                .allMatch(e -> e.dielectric() > e.inner())
                .allMatch(e -> e.steps().get(4).told().contains("Neither side touches the other"));
    }

    @ParameterizedTest
    @CsvSource({
        "RG-174, THIN",
        "RG-58, MIDDLE",
        "7 mm foam, MIDDLE",
        "RG-213, THICK",
        "1/2 inch corrugated, TUBE",
        "RG-402, TUBE"
    })
    void aCableIsTakenByWhatIsAroundIt(String name, CableEnd.Size size) {
        CableClass cable = CableClass.all().stream()
                .filter(c -> c.name().equals(name))
                .findFirst()
                .orElseThrow();
        assertThat(CableEnd.size(cable)).isEqualTo(size);
    }
}
