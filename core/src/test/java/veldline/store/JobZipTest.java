package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.demo.TernholmSands;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;

/** A job in a zip: whole there and back, and nothing in it is trusted. */
class JobZipTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final JobFile.Parts PARTS = JobFile.write(JOB);
    private static final int BENT = Integer.getInteger("veldline.fuzz", 1000);

    @TempDir
    private Path folder;

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> f : files.entrySet()) {
                out.putNextEntry(new ZipEntry(f.getKey()));
                out.write(f.getValue());
                out.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    private static Map<String, byte[]> good() {
        Map<String, byte[]> files = new TreeMap<>();
        files.put("link.veldline.json", PARTS.json().getBytes(StandardCharsets.UTF_8));
        PARTS.recordings().forEach((n, t) -> files.put("link.files/" + n, t.getBytes(StandardCharsets.UTF_8)));
        return files;
    }

    private static JobFile.Opened read(Map<String, byte[]> files) throws IOException, FormatException {
        return JobZip.read(new ByteArrayInputStream(zip(files)));
    }

    @Test
    void aJobComesOutAsItWentIn() throws IOException, FormatException {
        Path zip = folder.resolve("link.zip");
        JobZip.write(JOB, "link", folder, zip);
        JobFile.Opened opened = JobZip.read(zip);
        assertThat(opened.troubles()).isEmpty();
        assertThat(opened.job()).isEqualTo(JOB);
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).as("nothing beside it").containsExactly(zip);
        }
    }

    @Test
    void namesThatLeadOutOfTheFolderLeadNowhere() throws IOException, FormatException {
        Map<String, byte[]> files = good();
        files.put("../../outside.sh", "boo".getBytes(StandardCharsets.UTF_8));
        files.put("/etc/veldline-was-here", "boo".getBytes(StandardCharsets.UTF_8));
        files.put("..\\outside.csv", "boo".getBytes(StandardCharsets.UTF_8));
        assertThat(read(files).job()).isEqualTo(JOB);
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).isEmpty();
        }
        assertThat(Path.of("/etc/veldline-was-here")).doesNotExist();
    }

    @Test
    void aBombIsPutOutBeforeItFillsAnything() throws IOException {
        Map<String, byte[]> files = good();
        byte[] zeros = new byte[8_000_000];
        for (int i = 0; i < 30; i++) {
            files.put("zeros-" + i + ".bin", zeros);
        }
        byte[] packed = zip(files);
        assertThat(packed.length).as("small as it lies there").isLessThan(3_000_000);
        assertThatThrownBy(() -> JobZip.read(new ByteArrayInputStream(packed)))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("200 MB");
    }

    @Test
    void tooManyFilesTwoJobsAndNoneAreEachSaidInASentence() {
        Map<String, byte[]> many = good();
        for (int i = 0; i <= JobZip.MOST_FILES; i++) {
            many.put("f" + i, new byte[0]);
        }
        assertThatThrownBy(() -> read(many)).hasMessageContaining("more than 2000 files");
        Map<String, byte[]> two = good();
        two.put("other.veldline.json", two.get("link.veldline.json"));
        assertThatThrownBy(() -> read(two)).hasMessageContaining("more than one job");
        Map<String, byte[]> none = good();
        none.remove("link.veldline.json");
        assertThatThrownBy(() -> read(none)).hasMessageContaining("holds no file");
    }

    @Test
    void aLostRecordingIsToldOf() throws IOException, FormatException {
        Map<String, byte[]> files = good();
        files.keySet().stream().filter(n -> n.endsWith(".csv")).findFirst().ifPresent(files::remove);
        JobFile.Opened opened = read(files);
        assertThat(opened.troubles()).isNotEmpty();
        assertThat(opened.job().name()).isEqualTo(JOB.name());
    }

    @Test
    void bentZipsAreReadOrRefusedInASentenceAndTouchNothing() throws IOException {
        Map<String, byte[]> light = good();
        light.keySet().removeIf(n -> n.endsWith(".csv"));
        byte[] whole = zip(light);
        Random random = new Random(20_261_124);
        for (int i = 0; i < BENT; i++) {
            byte[] bent = whole.clone();
            for (int k = random.nextInt(6); k >= 0; k--) {
                bent[random.nextInt(bent.length)] = (byte) random.nextInt(256);
            }
            int length = random.nextInt(4) == 0 ? random.nextInt(bent.length) : bent.length;
            try {
                JobZip.read(new ByteArrayInputStream(bent, 0, length));
            } catch (FormatException | IOException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).isEmpty();
        }
    }
}
