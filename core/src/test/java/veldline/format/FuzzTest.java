package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.NoSuchFileException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.feed.Drawer;
import veldline.feed.FeedPart;
import veldline.feed.Holdings;

/** However a file is bent, what comes of it is a job or a sentence, never a fault. */
class FuzzTest {
    /** More of them with {@code -Dveldline.fuzz=10000}. */
    private static final int RUNS = Integer.getInteger("veldline.fuzz", 1000);

    private interface Reader {
        void read(String text) throws FormatException, IOException;
    }

    private static String bent(String text, Random random) {
        StringBuilder bent = new StringBuilder(text);
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            int at = random.nextInt(Math.max(1, bent.length()));
            int end = Math.min(bent.length(), at + random.nextInt(30));
            switch (random.nextInt(6)) {
                case 0 -> bent.setLength(at);
                case 1 -> bent.delete(at, end);
                case 2 -> bent.insert(at, bent.substring(at, end));
                case 3 -> bent.insert(at, "9".repeat(random.nextInt(40)));
                case 4 ->
                    bent.insert(
                            at, new String[] {"null", "NaN", "-", "\"", "[", "}", "\u0000", "é"}[random.nextInt(8)]);
                default -> {
                    if (at < bent.length()) {
                        bent.setCharAt(at, (char) (32 + random.nextInt(95)));
                    }
                }
            }
        }
        return bent.toString();
    }

    private static void fuzz(String whole, Reader reader) {
        Random random = new Random(whole.length());
        int refused = 0;
        for (int run = 0; run < RUNS; run++) {
            String text = bent(whole, random);
            try {
                reader.read(text);
            } catch (FormatException | IOException e) {
                refused++;
                assertThat(e.getMessage()).as("run " + run).isNotBlank().doesNotContain("Exception");
            }
        }
        assertThat(refused).as("most bent files are refused").isGreaterThan(RUNS / 10);
    }

    @Test
    void jobFiles() {
        JobFile.Parts parts = JobFile.write(TernholmSands.nestCamera());
        Map<String, String> recordings = parts.recordings();
        JobFile.Folder folder = name -> {
            if (!recordings.containsKey(name)) {
                throw new NoSuchFileException(name);
            }
            return recordings.get(name);
        };
        String small = parts.json();
        fuzz(small, text -> JobFile.read(text, folder));
        fuzz(small, text -> JobFile.readWhatCanBe(text, folder));
    }

    @Test
    void drawers() {
        FeedPart own = Drawer.part("s-split3-f").withId("own-1");
        Holdings holdings = new Holdings(
                List.of(new Holdings.Own(own, "measured", LocalDate.of(2026, 11, 2))),
                List.of(new Holdings.Held("own-1", 2)));
        fuzz(DrawerFile.write(holdings), DrawerFile::read);
    }

    @Test
    void readings() {
        StringBuilder csv = new StringBuilder("time_s,level_dbm,tide_m\n");
        for (int i = 0; i < 40; i++) {
            csv.append(i * 120)
                    .append(',')
                    .append(-60 - i % 7)
                    .append(',')
                    .append(i / 40.0)
                    .append('\n');
        }
        Random random = new Random(2);
        for (int run = 0; run < RUNS; run++) {
            try {
                ReadingsCsv.Contents c = ReadingsCsv.read(bent(csv.toString(), random));
                assertThat(c.series().size()).isPositive();
                assertThat(c.series().levels()).doesNotContain(Double.NaN);
            } catch (FormatException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    @Test
    void wireModels() {
        fuzz("""
                {"name": "half wave", "frequency_mhz": 150,
                 "wires": [{"points": [[0,-0.48,0],[0,0.48,0]], "radius_m": 0.002},
                           {"points": [[0.3,-0.45,0],[0.3,0.45,0]], "radius_m": 0.002}],
                 "sources": [{"wire": 0, "position": {"fraction": 0.5}}],
                 "boresight": {"theta_deg": 90, "phi_deg": 0}}
                """, WireModelFile::read);
    }

    /** No name in a job file leads out of the job's own folder. */
    @Test
    void noRecordingIsLookedForOutsideTheFolder() {
        JobFile.Parts parts = JobFile.write(TernholmSands.nestCamera());
        String first = parts.recordings().keySet().iterator().next();
        for (String away :
                new String[] {"../secret.csv", "/etc/passwd", "a/b.csv", "..", ".hidden", "C:\\\\x.csv", ""}) {
            String json = parts.json().replace(first, away);
            boolean[] asked = {false};
            try {
                JobFile.read(json, name -> {
                    asked[0] |= name.equals(away);
                    return parts.recordings().getOrDefault(name, "");
                });
                assertThat(false).as(away + " was taken").isTrue();
            } catch (FormatException e) {
                assertThat(asked[0]).as(away + " was asked for").isFalse();
            }
        }
    }
}
