package veldline.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CoordinatesTest {
    private static Coordinates taken(String text) {
        return ((Coordinates.Read.Taken) Coordinates.read(text)).place();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "55.2, 4.1 | 55.2 | 4.1",
                "55.2 4.1 | 55.2 | 4.1",
                "55.2;-4.1 | 55.2 | -4.1",
                "55.2 N 4.1 W | 55.2 | -4.1",
                "N55.2 E4.1 | 55.2 | 4.1",
                "4.1 E, 55.2 N | 55.2 | 4.1",
                "55°12'00\" N 4°06'00\" E | 55.2 | 4.1",
                "55° 12′ 0.0″ S, 4° 06′ 0.0″ W | -55.2 | -4.1",
                "55°12' N 4°06' E | 55.2 | 4.1",
                "−33.5, 151.25 | -33.5 | 151.25"
            })
    void placesAreReadAsPeopleWriteThem(String text, double latitude, double longitude) {
        assertThat(taken(text).latitude()).isCloseTo(latitude, within(1e-9));
        assertThat(taken(text).longitude()).isCloseTo(longitude, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "here", "55.2", "95, 4", "55, 200", "55°72' N 4° E", "55 N 4 S", "55.5°12' N 4 E", "1 2 3 4"
            })
    void whatIsNoPlaceIsRefused(String text) {
        assertThat(Coordinates.read(text)).isInstanceOf(Coordinates.Read.Refused.class);
    }

    @Property
    void whatIsWrittenIsReadBack(
            @ForAll @DoubleRange(min = -90, max = 90) double lat,
            @ForAll @DoubleRange(min = -180, max = 180) double lon) {
        Coordinates c = new Coordinates(lat, lon);
        assertThat(taken(c.sexagesimal()).latitude()).isCloseTo(lat, within(0.05 / 3600 + 1e-9));
        assertThat(taken(c.sexagesimal()).longitude()).isCloseTo(lon, within(0.05 / 3600 + 1e-9));
        assertThat(taken(c.decimal()).longitude()).isCloseTo(lon, within(5.1e-6));
    }
}
