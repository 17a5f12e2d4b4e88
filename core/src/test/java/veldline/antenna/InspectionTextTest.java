package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.antenna.Inspection.Part;
import veldline.antenna.Inspection.Swept;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Lists that are typed in a line are read as they are written. */
class InspectionTextTest {
    @Provide
    Arbitrary<List<Part>> parts() {
        Arbitrary<String> name =
                Arbitraries.strings().withCharRange('a', 'z').ofMinLength(1).ofMaxLength(12);
        Arbitrary<Integer> number = Arbitraries.integers().between(0, 99);
        return Combinators.combine(name, number, number).as(Part::new).list().ofMaxSize(8);
    }

    @Provide
    Arbitrary<List<Swept>> sweep() {
        Arbitrary<Integer> mhz = Arbitraries.integers().between(1, 30_000);
        Arbitrary<Integer> hundredths = Arbitraries.integers().between(100, 2000);
        return Combinators.combine(mhz, hundredths)
                .as((f, s) ->
                        new Swept(Quantity.of(Integer.toString(f), Unit.MHZ), Quantity.shown(s / 100.0, Unit.ONE, 2)))
                .list()
                .ofMaxSize(8);
    }

    @Property(tries = 200)
    void partsComeBack(@ForAll("parts") List<Part> parts) {
        assertThat(InspectionText.parts(InspectionText.of(parts))).contains(parts);
    }

    @Property(tries = 200)
    void sweepsComeBack(@ForAll("sweep") List<Swept> sweep) {
        assertThat(InspectionText.sweep(InspectionText.ofSweep(sweep))).contains(sweep);
    }

    /** Whatever is typed, it is read or it is not; it never breaks. */
    @Property(tries = 300)
    void anythingMayBeTyped(@ForAll String text) {
        InspectionText.parts(text).ifPresent(p -> assertThat(p).allMatch(x -> x.counted() >= 0 && x.listed() >= 0));
        InspectionText.sweep(text)
                .ifPresent(s -> assertThat(s).allMatch(x -> x.swr().value() >= 1));
    }

    @Test
    void anEmptyLineIsAnEmptyList() {
        assertThat(InspectionText.parts("  ")).contains(List.of());
        assertThat(InspectionText.sweep("")).contains(List.of());
    }

    @ParameterizedTest
    @CsvSource({"'clamp 1/2', 2, 1", "'clamp 2', 2, 2", "'M6 bolt 8', 8, 8", "'clamp  1 / 2', 2, 1"})
    void aNumberAloneMeansAllAreThere(String text, int listed, int counted) {
        Part p = InspectionText.parts(text).orElseThrow().get(0);
        assertThat(p.listed()).isEqualTo(listed);
        assertThat(p.counted()).isEqualTo(counted);
        assertThat(p.whole()).isEqualTo(counted >= listed);
    }

    @Test
    void moreElementsThanAnyoneTestsAreRefused() {
        Assertions.assertThatThrownBy(() -> Inspection.NONE.withCount(Inspection.MOST_ELEMENTS + 1))
                .hasMessageContaining("41")
                .hasMessageContaining("40");
        Inspection three = Inspection.NONE.withCount(3).withNext(1);
        assertThat(three.withCount(5).elements().get(1))
                .as("what was tested stays")
                .isEqualTo(Inspection.Contact.JOINED);
        assertThat(three.withCount(1).elements()).hasSize(1);
    }

    /** A long wire is read off a tape in metres, a short one with a calliper. */
    @Test
    void measuresAreShownAsTheyAreRead() {
        Measure m = Measure.length("Wire", 0.1, 5);
        assertThat(m.of(0.0123).toString()).isEqualTo("12.30 mm");
        assertThat(m.of(1.2345).toString()).isEqualTo("1234.5 mm");
        assertThat(m.of(31.9454).toString()).isEqualTo("31.945 m");
        assertThat(m.isLength()).isTrue();
    }
}
