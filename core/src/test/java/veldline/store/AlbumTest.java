package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.demo.TernholmSands;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.job.Photograph;

class AlbumTest {
    @TempDir
    private Path folder;

    private Path taken(String name, int colour) throws IOException {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        image.setRGB(7, 9, colour);
        Path file = folder.resolve(name);
        ImageIO.write(image, name.endsWith("png") ? "png" : "jpg", file.toFile());
        return file;
    }

    private static Job with(Photograph p) {
        return new JobChange.Photographed(Instant.parse("2026-10-13T09:00:00Z"), "mast.png", p)
                .applyTo(TernholmSands.nestCamera());
    }

    private static List<String> names(Path in) throws IOException {
        try (Stream<Path> files = Files.list(in)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void aPhotographIsKeptOnceUnderWhatItHolds() throws Exception {
        Path files = folder.resolve("link.files");
        Path mast = taken("mast.png", 0xff8800);
        Photograph one = Album.keep(mast, files);
        Photograph again = Album.keep(Files.copy(mast, folder.resolve("copy of mast.png")), files);
        Photograph other = Album.keep(taken("mast.jpg", 0x0088ff), files);
        assertThat(again).isEqualTo(one);
        assertThat(one.bytes()).isEqualTo(Files.size(mast));
        assertThat(names(files)).containsExactlyInAnyOrder(one.file(), other.file());
        assertThat(Files.readAllBytes(files.resolve(one.file()))).isEqualTo(Files.readAllBytes(mast));
        assertThat(other.file()).endsWith(".jpg");
    }

    @Test
    void whatIsNoPhotographOrTooLargeLeavesNothingBehind() throws Exception {
        Path files = folder.resolve("link.files");
        Path text = Files.writeString(folder.resolve("mast.png"), "not a photograph at all");
        assertThatThrownBy(() -> Album.keep(text, files))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("mast.png is neither a JPEG nor a PNG");
        byte[] huge = new byte[(int) Album.MOST_BYTES + 1];
        huge[0] = (byte) 0xff;
        huge[1] = (byte) 0xd8;
        huge[2] = (byte) 0xff;
        Path large = Files.write(folder.resolve("large.jpg"), huge);
        assertThatThrownBy(() -> Album.keep(large, files))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("larger than 25 MB");
        assertThat(names(files)).isEmpty();
    }

    @Test
    void photographsFollowTheJobToAnotherName() throws Exception {
        JobStore store = new JobStore(folder.resolve("link.veldline.json"));
        Job job = with(Album.keep(taken("mast.png", 0xff8800), store.folder()));
        String file = Album.of(job).get(0).file();
        store.save(job);
        assertThat(store.missingPhotographs(job)).isEmpty();
        JobStore renamed = store.as(folder.resolve("other.veldline.json"));
        renamed.save(job);
        assertThat(renamed.missingPhotographs(job)).isEmpty();
        assertThat(new JobStore(renamed.file()).open()).isEqualTo(job);
        // Another window writes the first file; the next save of this one goes to a new name, photographs and all.
        new JobStore(store.file()).save(TernholmSands.nestCamera());
        assertThat(store.save(job)).isPresent();
        assertThat(store.folder().resolve(file)).exists();
        Files.delete(store.folder().resolve(file));
        assertThat(store.missingPhotographs(job)).containsExactly("the photograph " + file + " is not there");
        Files.writeString(store.folder().resolve(file), "short");
        assertThat(store.missingPhotographs(job))
                .containsExactly("the photograph " + file + " was changed since it was added");
    }

    @Test
    void aZipCarriesThemAndUnpacksOnlyWhatTheJobNames() throws Exception {
        Path files = folder.resolve("link.files");
        Job job = with(Album.keep(taken("mast.png", 0xff8800), files));
        Path zip = folder.resolve("link.zip");
        JobZip.write(job, "link", files, zip);
        Job read = JobZip.read(zip).job();
        assertThat(read).isEqualTo(job);
        Path to = folder.resolve("elsewhere.files");
        assertThat(JobZip.unpackPhotographs(zip, read, to)).isEmpty();
        assertThat(names(to)).containsExactly(Album.of(job).get(0).file());

        Path bent = folder.resolve("bent.zip");
        String name = Album.of(job).get(0).file();
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(bent))) {
            for (String entry : List.of("../../" + name, "photo-000000000000.png")) {
                out.putNextEntry(new ZipEntry(entry));
                out.write(Files.readAllBytes(taken("else.png", 0x123456)));
                out.closeEntry();
            }
        }
        Path nothing = folder.resolve("nothing.files");
        assertThat(JobZip.unpackPhotographs(bent, read, nothing))
                .containsExactly("the photograph " + name + " is not in the zip as it was");
        assertThat(nothing).doesNotExist();
        assertThat(folder.getParent().resolve(name)).doesNotExist();
    }

    @Test
    void aNameThatLeadsElsewhereIsNoPhotograph() {
        assertThatThrownBy(() -> new Photograph("../mast.png", 3, "00"))
                .hasMessageContaining("../mast.png")
                .hasMessageContaining("photo-0123456789ab.jpg");
    }
}
