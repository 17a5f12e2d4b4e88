package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.explain.Worked;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A survey counts, and tells what counting does not. */
class SurveyTest {
    private static Heard heard(boolean wanted, String before, String after) {
        return new Heard("c", Optional.empty(), wanted, level(before), level(after));
    }

    private static Optional<Quantity> level(String dbm) {
        return dbm.isEmpty() ? Optional.empty() : Optional.of(Quantity.of(dbm, Unit.DBM));
    }

    @Test
    void aBeamThatHearsFewerStandsBetter() {
        Survey s = Survey.of(
                        List.of(
                                heard(true, "-70", "-61"),
                                heard(false, "-66", "-75"),
                                heard(false, "-80", ""),
                                heard(false, "-81", "")),
                        0.95)
                .orElseThrow();
        assertThat(s.before()).isEqualTo(4);
        assertThat(s.after()).isEqualTo(2);
        assertThat(s.wanted().orElseThrow().value()).isCloseTo(9, within(1e-9));
        assertThat(s.over().orElseThrow().value()).isCloseTo(14, within(1e-9));
        assertThat(s.overBefore().orElseThrow()).isCloseTo(-4, within(1e-9));
    }

    @Test
    void whatIsTypedIsReadAndToldAgain() {
        List<Heard> read =
                Heard.read("lodge* 74 -70 −61, ferry - -80 -; ch9 212.5 - -88").orElseThrow();
        assertThat(read).hasSize(3);
        assertThat(read.get(0).wanted()).isTrue();
        assertThat(read.get(1).after()).isEmpty();
        assertThat(Heard.read(Heard.of(read))).contains(read);
        assertThat(Heard.read("lodge -70")).isEmpty();
        assertThat(Heard.read("")).contains(List.of());
    }

    @Test
    void oneThatWasNotHeardIsNotGuessed() {
        Survey s = Survey.of(List.of(heard(true, "", "-61"), heard(false, "", "")), 0.95)
                .orElseThrow();
        assertThat(s.wanted()).isEmpty();
        assertThat(s.over()).as("nobody else is heard").isEmpty();
        assertThat(Survey.of(List.of(), 0.95)).isEmpty();
    }

    @Test
    void placesArePairedWithThemselves() {
        List<Heard> places = List.of(
                heard(false, "-70", "-66"),
                heard(false, "-60", "-57"),
                heard(false, "-80", "-75"),
                heard(false, "-75", "-71"),
                heard(false, "-85", ""));
        Worked m = Survey.of(places, 0.95).orElseThrow().paired().orElseThrow();
        assertThat(m.value()).isCloseTo(4, within(1e-9));
        // Standard deviation 0.8165 of four, t of three freedoms 3.182.
        assertThat(m.doubt().orElseThrow()).isCloseTo(3.1824 * 0.8165 / 2, within(1e-3));
        assertThat(Survey.of(places.subList(0, 3), 0.95).orElseThrow().paired()).isEmpty();
    }
}
