package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.line.PortData;
import veldline.line.PortData.Kind;

/** Port data as analysers write them: every option line read, written and read back. */
class TouchstoneFileTest {
    private static PortData drawn(int ports, Kind kind, List<Double> references, long seed) {
        Random random = new Random(seed);
        List<PortData.Row> rows = new ArrayList<>();
        for (int f = 0; f < 4; f++) {
            List<List<Complex>> m = new ArrayList<>();
            for (int i = 0; i < ports; i++) {
                List<Complex> row = new ArrayList<>();
                for (int j = 0; j < ports; j++) {
                    row.add(new Complex(random.nextDouble() - 0.5, random.nextDouble() - 0.5).multiply(0.8 / ports));
                }
                m.add(row);
            }
            rows.add(new PortData.Row(144e6 + 0.5e6 * f, m));
        }
        return new PortData(Kind.S, references, rows).as(kind);
    }

    private static void alike(PortData a, PortData b, double within) {
        assertThat(b.kind()).isEqualTo(a.kind());
        assertThat(b.references()).isEqualTo(a.references());
        assertThat(b.rows()).hasSameSizeAs(a.rows());
        for (int f = 0; f < a.rows().size(); f++) {
            assertThat(b.rows().get(f).frequency()).isEqualTo(a.rows().get(f).frequency());
            for (int i = 0; i < a.ports(); i++) {
                for (int j = 0; j < a.ports(); j++) {
                    Complex x = a.rows().get(f).values().get(i).get(j);
                    Complex y = b.rows().get(f).values().get(i).get(j);
                    assertThat(y.subtract(x).norm()).isLessThan(within * (1e-3 + x.norm()));
                }
            }
        }
    }

    /** Units, kinds, forms, references, one to five ports, both versions: to the last digits a number has. */
    @TestFactory
    Stream<DynamicTest> everyOptionLineComesBack() {
        return IntStream.rangeClosed(1, 5)
                .boxed()
                .flatMap(ports -> Stream.of(Kind.values())
                        .flatMap(kind -> Stream.of(TouchstoneForm.values())
                                .flatMap(form -> Stream.of(1, 2)
                                        .flatMap(version -> Stream.of(50.0, 75.0, 0.1)
                                                .map(r -> DynamicTest.dynamicTest(
                                                        ports + " ports " + kind + " " + form + " v" + version + " R "
                                                                + r,
                                                        () -> {
                                                            PortData d = drawn(
                                                                    ports, kind, Collections.nCopies(ports, r), ports);
                                                            String text = TouchstoneFile.write(d, form, version);
                                                            alike(
                                                                    d,
                                                                    TouchstoneFile.read(text, version == 1 ? ports : 0)
                                                                            .data(),
                                                                    form == TouchstoneForm.RI ? 1e-15 : 1e-13);
                                                        }))))));
    }

    @ParameterizedTest
    @CsvSource({"Hz, 1", "kHz, 1e3", "MHz, 1e6", "GHz, 1e9", "mhz, 1e6"})
    void unitsAreRead(String unit, double times) throws FormatException {
        PortData d =
                TouchstoneFile.read("# " + unit + " S RI R 50\n145 0.1 0.2", 1).data();
        assertThat(d.rows().get(0).frequency()).isEqualTo(145 * times);
        assertThat(TouchstoneFile.read("1.5 0.5 90", 1)
                        .data()
                        .rows()
                        .get(0)
                        .values()
                        .get(0)
                        .get(0)
                        .getImaginary())
                .as("without an option line: GHz, S, magnitude and angle, 50 Ω")
                .isCloseTo(0.5, within(1e-15));
    }

    /** The order in which a two-port's numbers stand is that of its columns in version 1, and as it says in version 2. */
    @Test
    void aTwoPortsOrderIsKept() throws FormatException {
        PortData one = TouchstoneFile.read("# MHz S RI\n100 .11 0 .21 0 .12 0 .22 0", 2)
                .data();
        assertThat(one.rows().get(0).values().get(1).get(0).getReal()).isEqualTo(0.21);
        String two = "[Version] 2.0\n# MHz S RI\n[Number of Ports] 2\n[Two-Port Data Order] %s\n[Reference]\n50 75\n"
                + "[Network Data]\n100 .11 0 .12 0 .21 0 .22 0\n[End]";
        PortData rows = TouchstoneFile.read(String.format(two, "12_21"), 0).data();
        assertThat(rows.rows().get(0).values().get(1).get(0).getReal()).isEqualTo(0.21);
        assertThat(rows.references()).containsExactly(50.0, 75.0);
        PortData columns = TouchstoneFile.read(String.format(two, "21_12"), 0).data();
        assertThat(columns.rows().get(0).values().get(1).get(0).getReal()).isEqualTo(0.12);
    }

    /** Half a matrix stands for the whole; remarks, information and noise are no data. */
    @Test
    void whatIsNoDataIsPassedOverAndTold() throws FormatException {
        String lower = "[Version] 2.0\n[Begin Information]\nanything 1 2 3\n[End Information]\n# MHz Z RI ! remark\n"
                + "[Number of Ports] 3\n[Matrix Format] Lower\n[Network Data]\n100 1 0\n 2 0 3 0\n 4 0 5 0 6 0\n"
                + "[Noise Data]\n100 1 2 3 4\n[End]\n7 7 7";
        TouchstoneFile.Read read = TouchstoneFile.read(lower, 0);
        assertThat(read.data().rows().get(0).values().get(0).get(2).getReal()).isEqualTo(4);
        assertThat(read.data().rows().get(0).values().get(2).get(1).getReal()).isEqualTo(5);
        assertThat(read.told()).containsExactly("Noise figures are passed over.");
        String noisy = "# MHz S MA\n100 .1 0 .9 0 .9 0 .1 0\n200 .1 0 .9 0 .9 0 .1 0\n";
        assertThat(TouchstoneFile.read(noisy + "100 1.2 0.3 40 0.2", 2).told()).hasSize(1);
        assertThat(TouchstoneFile.read(noisy + "100 1.2 .3 40 .2\n150 1.3 .3 41 .2", 2)
                        .data()
                        .rows())
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "'# MHz S RI\n145 0.1', 1, left over",
        "'# MHz S XX\n145 0.1 0', 1, not understood",
        "'# MHz S RI R\n145 0.1 0', 1, stands alone",
        "'# MHz S RI\n145 0.1 x', 1, is no number",
        "'# MHz S RI\n146 0 0\n145 0 0', 1, do not grow",
        "'# MHz S RI R -50\n145 0 0', 1, over zero",
        "'# MHz S RI\n145 0 0', 0, how many ports",
        "'[Version] 2.0\n# MHz S RI\n[Number of Ports] 1\n[Mixed-Mode Order] D1\n', 0, single-ended"
    })
    void whatIsWrongIsNamed(String text, int ports, String said) {
        assertThatThrownBy(() -> TouchstoneFile.read(text.replace("\\n", "\n"), ports))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(said);
    }

    @Test
    void namesTellTheirPorts() {
        assertThat(TouchstoneFile.ports("Feed.S1P")).isEqualTo(1);
        assertThat(TouchstoneFile.ports("a.s12p")).isEqualTo(12);
        assertThat(TouchstoneFile.ports("a.ts")).isZero();
        assertThatThrownBy(() -> TouchstoneFile.write(drawn(2, Kind.S, List.of(50.0, 75.0), 1), TouchstoneForm.RI, 1))
                .hasMessageContaining("write version 2");
    }

    /** Whatever is cut out of a file or put into it, it is read or refused in a sentence. */
    @Property(tries = 400)
    void noFileMakesItFailInAnyOtherWay(@ForAll long seed, @ForAll @IntRange(min = 1, max = 30) int changes) {
        Random random = new Random(seed);
        StringBuilder text = new StringBuilder(TouchstoneFile.write(
                drawn(2, Kind.values()[random.nextInt(3)], List.of(50.0, 75.0), seed), TouchstoneForm.MA, 2));
        String put = " \n#[]!.eE-+019RSZYnaif\t";
        for (int i = 0; i < changes; i++) {
            int at = random.nextInt(text.length());
            if (random.nextBoolean()) {
                text.setCharAt(at, put.charAt(random.nextInt(put.length())));
            } else {
                text.delete(at, Math.min(text.length(), at + random.nextInt(20)));
                text.append(' ');
            }
        }
        try {
            assertThat(TouchstoneFile.read(text.toString(), random.nextInt(4))
                            .data()
                            .ports())
                    .isPositive();
        } catch (FormatException e) {
            assertThat(e.getMessage()).hasSizeGreaterThan(15);
        }
    }
}
