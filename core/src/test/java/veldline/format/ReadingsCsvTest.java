package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.quantity.MeterScale;

class ReadingsCsvTest {
    @Test
    void badLinesAreNamedAndLeftOut() throws FormatException {
        ReadingsCsv.Contents c = ReadingsCsv.read(
                "time_s,RSSI,tide\n0,-71,0.1\n120,n/a,0.2\n240,-70,0.3\n360,700,0.3\n100,-70,0.4\n480,,0.4\n");
        assertThat(c.series().size()).isEqualTo(3);
        assertThat(c.series().dropouts()).isEqualTo(1);
        assertThat(c.leftOut()).hasSize(3);
        assertThat(c.leftOut().get(0)).isEqualTo("Line 3 says “n/a” where a number belongs");
        assertThat(c.leftOut().get(1)).contains("Line 5").contains("which no radio reads");
        assertThat(c.leftOut().get(2)).contains("goes back in time");
        assertThat(c.mapping()).isEqualTo("Level from “RSSI”, time from “time_s”, tide from “tide”");
    }

    @Test
    void semicolonsAndDecimalCommasAreRead() throws FormatException {
        ReadingsCsv.Contents c = ReadingsCsv.read("t;level\n0;-71,5\n1;−70\n");
        assertThat(c.series().levels()).containsExactly(-71.5, -70);
    }

    @Test
    void columnsThatSomebodyNamedAreTaken() throws FormatException {
        String text = "clock,P_rx,level,water\n0,-71,9,1\n2,-70,9,1.2\n";
        ReadingsCsv.Mapping named =
                ReadingsCsv.Mapping.read("level=P_rx, time=clock; tide=water").orElseThrow();
        ReadingsCsv.Contents c = ReadingsCsv.read(text, Optional.empty(), named);
        assertThat(c.series().levels()).containsExactly(-71, -70);
        assertThat(c.series().seconds()).isEqualTo(2);
        assertThat(c.mapping()).isEqualTo("Level from “P_rx”, time from “clock”, tide from “water”");
        ReadingsCsv.Contents other = ReadingsCsv.read("t,rssi\n0,-60\n", Optional.empty(), named);
        assertThat(other.series().levels()).as("a file of another kind").containsExactly(-60);
        assertThat(ReadingsCsv.Mapping.read("loudness=x")).isEmpty();
        assertThat(ReadingsCsv.Mapping.read("level")).isEmpty();
        assertThat(ReadingsCsv.Mapping.read("")).contains(ReadingsCsv.Mapping.BY_HEADINGS);
    }

    @Test
    void nonsenseIsRefusedWithTheWayOn() {
        assertThatThrownBy(() -> ReadingsCsv.read("hello world")).hasMessageContaining("level_dbm");
        assertThatThrownBy(() -> ReadingsCsv.read("")).hasMessageContaining("level_dbm");
        assertThatThrownBy(() -> ReadingsCsv.read("time,level\nx,y\n")).hasMessageContaining("No line holds a reading");
    }

    @Property
    void whatIsWrittenIsReadBack(@ForAll @Size(min = 1, max = 30) List<@DoubleRange(min = -120, max = 0) Double> levels)
            throws FormatException {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < levels.size(); i++) {
            readings.add(new Reading(
                    i * 2.5,
                    i % 5 == 4 ? Optional.empty() : Optional.of(levels.get(i)),
                    i % 2 == 0 ? Optional.of(i / 8.0) : Optional.empty()));
        }
        Series series = new Series(readings);
        assertThat(ReadingsCsv.read(ReadingsCsv.write(series)).series()).isEqualTo(series);
    }

    @Property(tries = 400)
    void noTextMakesItFailInAnyOtherWay(@ForAll String text) {
        for (String t : new String[] {text, "level\n" + text, "t;level;tide\n" + text}) {
            try {
                assertThat(ReadingsCsv.read(t).series().size()).isPositive();
            } catch (FormatException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    @Test
    void percentIsReadOnlyByAScaleThatWasDeclared() throws FormatException {
        String text = "time_s,percent\n0,50\n1,60 %\n2,130\n";
        assertThatThrownBy(() -> ReadingsCsv.read(text)).hasMessageContaining("no level by itself");
        ReadingsCsv.Contents c = ReadingsCsv.read(text, Optional.of(MeterScale.Percent.usual()));
        assertThat(c.series().readings())
                .extracting(r -> r.levelDbm().orElseThrow())
                .containsExactly(-70.0, -64.0);
        assertThat(c.leftOut()).singleElement().asString().contains("not on the scale");
        assertThat(c.mapping()).contains("0 % is −100 dBm");
        ReadingsCsv.Contents units = ReadingsCsv.read("s_units\n9\nS9+10\n", Optional.of(MeterScale.SUnits.at(145e6)));
        assertThat(units.series().readings())
                .extracting(r -> r.levelDbm().orElseThrow())
                .containsExactly(-93.0, -83.0);
    }
}
