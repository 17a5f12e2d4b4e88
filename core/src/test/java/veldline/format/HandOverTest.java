package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.StringReader;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.line.PortData;
import veldline.prove.Heard;
import veldline.prove.ProveChange;
import veldline.prove.SideBySide;
import veldline.prove.SideReading;
import veldline.prove.Turned;
import veldline.prove.WalkReading;

class HandOverTest {
    private static Job noted(String text) {
        return new JobChange.Note(Instant.parse("2026-11-02T10:00:00Z"), text)
                .applyTo(TernholmSands.all().get(4));
    }

    private static List<CSVRecord> table(String text) throws Exception {
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(text))
                .getRecords();
    }

    @Test
    void whatWasWalkedAndWrittenComesOutAsItWas() throws Exception {
        Job job = noted("Said “lost”, then\nfound; again, with a comma");
        Map<String, String> files = HandOver.of(job);
        List<CSVRecord> log = table(files.get("log.csv"));
        assertThat(log).hasSize(job.log().size());
        assertThat(log.get(log.size() - 1).get("text")).isEqualTo("Said “lost”, then\nfound; again, with a comma");
        List<CSVRecord> walk = table(files.get("range-walk.csv"));
        for (int i = 0; i < walk.size(); i++) {
            WalkReading w = job.prove().walk().get(i);
            assertThat(Double.parseDouble(walk.get(i).get("distance_m")))
                    .isEqualTo(w.distance().value());
            assertThat(walk.get(i).get("level_dbm"))
                    .isEqualTo(w.level().map(l -> Double.toString(l.value())).orElse(""));
        }
        assertThat(files).doesNotContainKey("aiming.csv");
    }

    /** No cell of words is one a table program would run; nothing else is changed by a letter. */
    @Property(tries = 300)
    void noCellIsAFormula(@ForAll String words) throws Exception {
        for (String text : List.of(
                words, "=" + words, "+" + words, "-" + words, "@" + words, "\t=" + words, "\r" + words, " =" + words)) {
            String inert = HandOver.inert(text);
            assertThat(inert.strip())
                    .doesNotStartWith("=")
                    .doesNotStartWith("+")
                    .doesNotStartWith("-")
                    .doesNotStartWith("@");
            assertThat(inert).isIn(text, "'" + text);
        }
    }

    @Test
    void aFormulaInALogIsWordsInTheTable() throws Exception {
        Job job = noted("=HYPERLINK(\"http://x\")");
        List<CSVRecord> log = table(HandOver.of(job).get("log.csv"));
        assertThat(log.get(log.size() - 1).get("text")).isEqualTo("'=HYPERLINK(\"http://x\")");
    }

    @Test
    void theEndsStandWhereTheyAre() throws Exception {
        Job job = TernholmSands.nestCamera();
        Map<String, String> files = HandOver.of(job);
        JsonNode features = new JsonMapper().readTree(files.get("ends.geojson")).path("features");
        assertThat(features).hasSize(3);
        JsonNode near = features.get(0).path("geometry").path("coordinates");
        assertThat(near.get(0).asDouble())
                .as("longitude first")
                .isEqualTo(job.brief().near().longitude().value());
        assertThat(near.get(1).asDouble())
                .isEqualTo(job.brief().near().latitude().value());
        assertThat(files.get("ends.gpx"))
                .contains("lat=\"" + job.brief().far().latitude().value() + "\"")
                .contains("<name>Gannet hide</name>");
    }

    /** A sweep of an analyser comes out as one that can be read again. */
    @Test
    void sweepsComeOutAsTouchstone() throws Exception {
        Job tag = TernholmSands.all().get(1);
        Map<String, String> files = HandOver.of(tag);
        boolean whole = tag.trim().passes().get(0).sweep().stream()
                .allMatch(p -> p.ohms().isPresent());
        assertThat(files.containsKey("sweep-1.s1p")).isEqualTo(whole);
        if (whole) {
            PortData back = TouchstoneFile.read(files.get("sweep-1.s1p"), 1).data();
            assertThat(back.rows()).hasSize(tag.trim().passes().get(0).sweep().size());
            assertThat(back.rows().get(0).frequency())
                    .isCloseTo(
                            tag.trim()
                                    .passes()
                                    .get(0)
                                    .sweep()
                                    .get(0)
                                    .frequency()
                                    .value(),
                            within(1.0));
        }
    }

    @Test
    void testsAtThePlaceComeOutAsTables() throws Exception {
        Job job = TernholmSands.nestCamera();
        for (ProveChange c : List.of(
                new ProveChange.Surveyed(
                        Heard.read("lodge* 74 -70 -61, ferry - -80 -").orElseThrow()),
                new ProveChange.Beside(SideBySide.NONE.withReadings(
                        SideReading.read("k -61, u2 -55.5").orElseThrow())))) {
            job = new JobChange.OfProve(c).applyTo(job);
        }
        job = new JobChange.Reworked(List.of(job.rework().get(0).withChange("=cmd")), "tried").applyTo(job);
        Map<String, String> files = HandOver.of(job);
        List<CSVRecord> heights = table(files.get("turned-height.csv"));
        assertThat(heights).hasSameSizeAs(job.prove().turned(Turned.HEIGHT));
        assertThat(heights.get(0).get("height_m")).isEqualTo("4.0");
        List<CSVRecord> survey = table(files.get("survey.csv"));
        assertThat(survey.get(0).get("wanted")).isEqualTo("true");
        assertThat(survey.get(1).get("after_dbm")).isEmpty();
        List<CSVRecord> sides = table(files.get("side-by-side.csv"));
        assertThat(sides.get(1).get("antenna")).isEqualTo("unknown");
        assertThat(sides.get(1).get("receiver")).isEqualTo("2");
        assertThat(table(files.get("tried.csv")).get(0).get("change")).isEqualTo("'=cmd");
    }
}
