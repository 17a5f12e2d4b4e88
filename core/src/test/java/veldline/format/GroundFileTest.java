package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.path.Geodesic;
import veldline.path.Grid;
import veldline.path.Profile;

/** The ground from files: what is read is what was written, and whatever else comes is told in a sentence. */
class GroundFileTest {
    private static final GroundFile.Ends ENDS = new GroundFile.Ends(55.2, 4.1, 55.206, 4.14);

    @TempDir
    private Path folder;

    private Profile read(String name, String text) throws IOException, FormatException {
        Path file = folder.resolve(name);
        Files.writeString(file, text);
        return GroundFile.read(file, ENDS, () -> true);
    }

    /** A plane that rises to the north and east: what is cut out of it is known everywhere. */
    private static String plane(int side, double step) {
        StringBuilder t = new StringBuilder("ncols " + side + "\nnrows " + side
                + "\nxllcenter 4.05\nyllcenter 55.15\ncellsize " + step + "\nNODATA_value -9999\n");
        for (int r = side - 1; r >= 0; r--) {
            for (int c = 0; c < side; c++) {
                t.append(5 + 1000 * r * step + 500 * c * step).append(' ');
            }
            t.append('\n');
        }
        return t.toString();
    }

    private static double onPlane(double latitude, double longitude) {
        return 5 + 1000 * (latitude - 55.15) + 500 * (longitude - 4.05);
    }

    @Test
    void aProfileCutFromAGridIsTheGroundUnderTheShortestLine() throws Exception {
        Profile p = read("plane.asc", plane(150, 0.001));
        assertThat(p.near()).isCloseTo(onPlane(55.2, 4.1), within(0.02));
        assertThat(p.far()).isCloseTo(onPlane(55.206, 4.14), within(0.02));
        assertThat(p.length())
                .isCloseTo(Geodesic.between(55.2, 4.1, 55.206, 4.14).distance(), within(0.01));
        assertThat(p.at(p.length() / 2)).isCloseTo(onPlane(55.203, 4.12), within(0.1));
        assertThat(p.source()).isEqualTo("plane.asc");
    }

    @Test
    void aTileIsReadByItsNameAndJoinedToTheOneBesideIt() throws Exception {
        Path tile = folder.resolve("N55E004.hgt");
        Files.write(tile, tile(1201, 7));
        assertThat(GroundFile.read(tile, ENDS, () -> true).near()).isEqualTo(7);
        Files.write(folder.resolve("N55E005.hgt"), tile(1201, 9));
        GroundFile.Ends across = new GroundFile.Ends(55.2, 4.99, 55.2, 5.01);
        Profile p = GroundFile.read(tile, across, () -> true);
        assertThat(p.near()).isEqualTo(7);
        assertThat(p.far()).isEqualTo(9);
        assertThat(HgtTile.name(-0.5, -70.2)).isEqualTo("S01W071.hgt");
    }

    private static byte[] tile(int side, int height) {
        ByteBuffer b = ByteBuffer.allocate(2 * side * side);
        while (b.hasRemaining()) {
            b.putShort((short) height);
        }
        return b.array();
    }

    @Test
    void holesAreBridgedOrRefused() throws Exception {
        ByteBuffer b = ByteBuffer.wrap(tile(1201, 7));
        b.putShort(2 * (960 * 1201 + 125), (short) -32_768);
        Path tile = folder.resolve("N55E004.hgt");
        Files.write(tile, b.array());
        assertThat(GroundFile.read(tile, ENDS, () -> true).heights()).containsOnly(7.0);
        for (int i = 0; i < 1201 * 1201; i++) {
            if (i % 1201 > 125 && i % 1201 < 150) {
                b.putShort(2 * i, (short) -32_768);
            }
        }
        Files.write(tile, b.array());
        assertThatThrownBy(() -> GroundFile.read(tile, ENDS, () -> true)).hasMessageContaining("hole");
    }

    @Test
    void aTableIsReadInWhateverUnitItsHeadingsName() throws Exception {
        Profile p = read("way.csv", "distance_km,elevation_ft\n0,10\n0.5,20\n2.6,0\n");
        assertThat(p.along()).containsExactly(0.0, 500.0, 2600.0);
        assertThat(p.heights().get(0)).isCloseTo(3.048, within(1e-9));
        assertThat(read("way2.csv", "distance_m;height_m\n0;1,5\n100;2,5\n").heights())
                .containsExactly(1.5, 2.5);
        Profile back = ProfileCsv.read(new StringReader(ProfileCsv.write(p)), ',', p.source());
        assertThat(back.along()).isEqualTo(p.along());
        assertThat(back.heights().get(1)).isCloseTo(p.heights().get(1), within(1e-9));
    }

    @Test
    void aWalkedTrackIsItsGroundByTheMetreWalked() throws Exception {
        String gpx =
                "<?xml version=\"1.0\"?><gpx version=\"1.1\" xmlns=\"http://www.topografix.com/GPX/1/1\"><trk><trkseg>"
                        + point(55.2, 4.1, "3") + point(55.2, 4.1, "3") + point(55.203, 4.12, "8.5")
                        + point(55.206, 4.14, "4")
                        + "</trkseg></trk></gpx>";
        Profile p = read("walk.gpx", gpx);
        assertThat(p.heights()).containsExactly(3.0, 8.5, 4.0);
        assertThat(p.length())
                .isCloseTo(Geodesic.between(55.2, 4.1, 55.206, 4.14).distance(), within(1.0));
    }

    private static String point(double lat, double lon, String ele) {
        return "<trkpt lat=\"" + lat + "\" lon=\"" + lon + "\"><ele>" + ele + "</ele></trkpt>";
    }

    @Test
    void aHostileTrackFetchesNothingAndBlowsUpNothing() {
        Path secret = folder.resolve("secret.txt");
        String fetch = "<?xml version=\"1.0\"?><!DOCTYPE gpx [<!ENTITY x SYSTEM \"" + secret.toUri()
                + "\">]><gpx><trk><trkseg>" + point(55, 4, "&x;") + "</trkseg></trk></gpx>";
        assertThatThrownBy(() -> {
                    Files.writeString(secret, "42");
                    read("evil.gpx", fetch);
                })
                .isInstanceOf(FormatException.class);
        StringBuilder bomb = new StringBuilder("<?xml version=\"1.0\"?><!DOCTYPE gpx [<!ENTITY a0 \"lol\">");
        for (int i = 1; i < 30; i++) {
            bomb.append("<!ENTITY a" + i + " \"&a" + (i - 1) + ";&a" + (i - 1) + ";\">");
        }
        bomb.append("]><gpx><trk><trkseg>" + point(55, 4, "&a29;") + "</trkseg></trk></gpx>");
        assertThatThrownBy(() -> read("bomb.gpx", bomb.toString())).isInstanceOf(FormatException.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "empty.asc | '' | empty",
                "what.xyz | 1 | is no ground",
                "short.asc | ncols 5 nrows 5 xllcorner 3.6 yllcorner 54.6 cellsize 0.5 1 2 3 | breaks off in row 1",
                "maps.asc | ncols 5 nrows 5 xllcorner 512000 yllcorner 6110000 cellsize 50 1 | map projection",
                "else.asc | ncols 2 nrows 2 xllcorner 10 yllcorner 10 cellsize 0.5 1 1 1 1 | none of the way",
                "units.asc | ncols 2 nrows 2 xllcorner 3.6 yllcorner 54.6 cellsize 0.5 1 1 1 99999 | NODATA_value",
                "word.asc | ncols 2 nrows 2 xllcorner 3.6 yllcorner 54.6 cellsize 0.5 1 one 1 1 | “one”",
                "head.asc | nrows 2 xllcorner 3.6 yllcorner 54.6 cellsize 0.5 1 1 1 1 | ncols",
                "vast.asc | ncols 9000000 nrows 9000000 xllcorner 3.6 yllcorner 54.6 cellsize 0.5 1 | 400 million",
                "N55E004.hgt | short | cut short",
                "tile.hgt | short | N55E004.hgt",
                "one.csv | 'distance_m,height_m\n0,1' | 1 places",
                "back.csv | 'distance_m,height_m\n0,1\n50,1\n20,1' | rise",
                "none.csv | 'x,y\n0,1' | distance_m",
                "text.csv | 'distance_m,height_m\n0,high' | “high”",
                "flat.gpx | '<gpx><trk><trkseg><trkpt lat=\"1\" lon=\"1\"/></trkseg></trk></gpx>' | with a height",
                "off.gpx | '<gpx><trkpt lat=\"95\" lon=\"1\"/></gpx>' | ±90",
                "cut.gpx | '<gpx><trk><trkseg>' | no whole GPX"
            })
    void whatIsNoGroundIsToldInASentence(String name, String text, String says) {
        assertThatThrownBy(() -> read(name, text == null ? "" : text))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(says);
    }

    /** Five thousand cells square, made as it is read: 25 million, of which next to nothing is kept. */
    @Test
    void aHugeGridIsReadInBoundedMemoryAndCanBeStopped() throws Exception {
        int side = 5000;
        Grid grid = AsciiGrid.read(endless(side), new AsciiGrid.Window(55.2, 4.1, 55.206, 4.14, 0.02), () -> true);
        assertThat(grid.at(55.2, 4.1)).hasValue(3);
        assertThat(grid.at(56.5, 6.5))
                .as("far away from the way nothing is kept")
                .isEmpty();
        AtomicInteger asked = new AtomicInteger();
        assertThatThrownBy(() -> AsciiGrid.read(
                        endless(side), new AsciiGrid.Window(55.2, 4.1, 57, 7, 0.02), () -> asked.incrementAndGet() < 3))
                .hasMessageContaining("Stopped");
    }

    private static Reader endless(int side) {
        String head =
                "ncols " + side + " nrows " + side + " xllcenter 4 yllcenter 54 cellsize 0.0006 NODATA_value -9999 ";
        return new Reader() {
            private long at;
            private final long end = head.length() + 2L * side * side;

            @Override
            public int read(char[] into, int off, int len) {
                int n = (int) Math.min(len, end - at);
                for (int i = 0; i < n; i++, at++) {
                    into[off + i] =
                            at < head.length() ? head.charAt((int) at) : (at - head.length()) % 2 == 0 ? '3' : ' ';
                }
                return n == 0 ? -1 : n;
            }

            @Override
            public void close() {
                at = end;
            }
        };
    }

    @RepeatedTest(200)
    void bentFilesAreReadOrRefusedInWords(RepetitionInfo run) throws IOException {
        Random random = new Random(run.getCurrentRepetition());
        String[] names = {"a.asc", "b.csv", "c.gpx"};
        String[] texts = {
            plane(20, 0.01),
            "distance_m,height_m\n0,1\n100,2\n900,4\n2600,1\n",
            "<gpx><trk><trkseg>" + point(55.2, 4.1, "3") + point(55.206, 4.14, "4") + "</trkseg></trk></gpx>"
        };
        int which = random.nextInt(3);
        byte[] bytes = texts[which].getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
        }
        Path file = folder.resolve(names[which]);
        Files.write(file, bytes);
        String said = "";
        try {
            assertThat(GroundFile.read(file, ENDS, () -> true).size()).isGreaterThan(1);
        } catch (FormatException e) {
            said = e.getMessage();
            assertThat(said).isNotBlank();
        }
    }
}
