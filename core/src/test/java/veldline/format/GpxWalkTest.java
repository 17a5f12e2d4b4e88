package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import veldline.prove.WalkReading;

/** A track with levels becomes a walk by how far each place lies from an end. */
class GpxWalkTest {
    private static String track(String... points) {
        return "<gpx version=\"1.1\" xmlns:x=\"urn:x\"><trk><trkseg>" + String.join("", points)
                + "</trkseg></trk></gpx>";
    }

    private static String point(double lat, String inside) {
        return "<trkpt lat=\"" + lat + "\" lon=\"4.0\">" + inside + "</trkpt>";
    }

    private static String level(String dbm) {
        return "<extensions><x:rssi>" + dbm + "</x:rssi></extensions>";
    }

    @Test
    void placesWithALevelAreTaken() throws FormatException {
        List<WalkReading> walk = GpxTrack.walk(
                new StringReader(track(
                        point(55.001, level("-61.5")), point(55.002, "<ele>3</ele>"), point(55.003, level("−70")))),
                55.0,
                4.0);
        assertThat(walk).hasSize(2);
        assertThat(walk.get(0).distance().value()).isCloseTo(111.3, within(1.0));
        assertThat(walk.get(0).level().orElseThrow().value()).isEqualTo(-61.5);
        assertThat(walk.get(1).level().orElseThrow().value()).isEqualTo(-70);
    }

    @Test
    void aTrackWithoutLevelsSaysWhatIsWanted() {
        assertThatThrownBy(() -> GpxTrack.walk(new StringReader(track(point(55.001, "<ele>3</ele>"))), 55, 4))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("extension called level");
        assertThatThrownBy(() -> GpxTrack.walk(new StringReader(track(point(55.001, level("loud")))), 55, 4))
                .isInstanceOf(FormatException.class);
    }

    @Property(tries = 200)
    void noLevelMakesItFailInAnyOtherWay(@ForAll String text) {
        try {
            GpxTrack.walk(new StringReader(track(point(55.001, level(text)))), 55, 4);
        } catch (FormatException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }
}
