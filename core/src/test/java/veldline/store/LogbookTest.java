package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;

class LogbookTest {
    private static final Logbook.Watch ON = (done, of) -> true;

    @TempDir
    private Path folder;

    private Path jobs() throws IOException {
        Path jobs = Files.createDirectories(folder.resolve("jobs"));
        int i = 0;
        for (Job job : TernholmSands.all()) {
            new JobStore(jobs.resolve("job-" + i++ + ".veldline.json")).save(job);
        }
        return jobs;
    }

    private static List<String> names(List<LogbookEntry> found) {
        return found.stream().map(LogbookEntry::name).toList();
    }

    @Test
    void jobsAreFoundByAnyWordInThem() throws IOException {
        try (Logbook book = Logbook.at(folder.resolve("book.db"))) {
            assertThat(book.refresh(jobs(), ON)).isEmpty();
            assertThat(book.size()).isEqualTo(7);
            assertThat(names(book.search("skiff", 10))).containsExactly("Survey skiff video");
            assertThat(names(book.search("splitt", 10)))
                    .as("the beginning of a word")
                    .contains("Lodge television");
            assertThat(names(book.search("eaves panel", 10)))
                    .as("every one of them")
                    .containsExactly("Visitor shelter");
            assertThat(book.search("eaves skiff", 10)).isEmpty();
            assertThat(book.search("", 10))
                    .hasSize(7)
                    .isSortedAccordingTo((a, b) ->
                            b.last().orElse(Instant.MIN).compareTo(a.last().orElse(Instant.MIN)));
            assertThat(book.search("", 3)).hasSize(3);
        }
    }

    /** What was swept tells how the first try came out; the tag receiver came out low. */
    @Test
    void itTellsHowTheFirstTryCameOut() throws IOException {
        try (Logbook book = Logbook.at(folder.resolve("book.db"))) {
            book.refresh(jobs(), ON);
            LogbookEntry tag = book.search("tag receiver", 1).get(0);
            double made = TernholmSands.all().get(1).brief().frequency().value();
            assertThat(tag.frequency()).isEqualTo(made);
            assertThat(tag.cameOut().orElseThrow()).isNegative().isGreaterThan(-0.05);
            assertThat(book.search("skiff", 1).get(0).cameOut()).isEmpty();
        }
    }

    @Test
    void whatChangedIsReadAgainAndWhatIsGoneIsTakenOut() throws IOException {
        Path jobs = jobs();
        try (Logbook book = Logbook.at(folder.resolve("book.db"))) {
            book.refresh(jobs, ON);
            JobStore store = new JobStore(jobs.resolve("job-0.veldline.json"));
            Job job = TernholmSands.all().get(0);
            store.save(new JobChange.Note(Instant.parse("2026-11-01T08:00:00Z"), "A heron on the mast").applyTo(job));
            Files.delete(jobs.resolve("job-4.veldline.json"));
            book.refresh(jobs, ON);
            assertThat(names(book.search("heron", 10))).containsExactly(job.name());
            assertThat(book.search("skiff", 10)).isEmpty();
            assertThat(book.size()).isEqualTo(6);
        }
    }

    /** The index is lost, spoiled, or of another form: the files say it all again. */
    @Test
    void nothingLivesInTheIndexAlone() throws IOException {
        Path jobs = jobs();
        Path file = folder.resolve("book.db");
        List<LogbookEntry> before;
        try (Logbook book = Logbook.at(file)) {
            book.refresh(jobs, ON);
            before = book.search("", 10);
        }
        for (String spoiled : List.of("no database at all, but long enough to look like one".repeat(100), "")) {
            Files.writeString(file, spoiled);
            Files.deleteIfExists(Path.of(file + "-wal"));
            Files.deleteIfExists(Path.of(file + "-shm"));
            try (Logbook book = Logbook.at(file)) {
                book.refresh(jobs, ON);
                assertThat(book.search("", 10)).isEqualTo(before);
            }
        }
    }

    @Test
    void aFileThatCannotBeReadIsNamedAndLeftOut() throws IOException {
        Path jobs = jobs();
        Files.writeString(jobs.resolve("torn.veldline.json"), "{\"format\": \"veldl");
        try (Logbook book = Logbook.at(folder.resolve("book.db"))) {
            assertThat(book.refresh(jobs, ON)).singleElement().asString().startsWith("torn.veldline.json was left out");
            assertThat(book.size()).isEqualTo(7);
        }
    }

    /** The middle of what was swept, in hundredths; two tell nothing of a workshop. */
    @Test
    void whatFirstTriesHaveInCommonIsTheirMiddle() {
        List<LogbookEntry> five = java.util.stream.Stream.of(-0.03, -0.01, -0.02, 0.04, -0.015)
                .map(off ->
                        new LogbookEntry(Path.of("x"), "", "", "Yagi of 5", 144e6, Optional.empty(), Optional.of(off)))
                .toList();
        FirstTries tries = FirstTries.of(five).orElseThrow();
        assertThat(tries.count()).isEqualTo(5);
        assertThat(tries.middle().value()).isCloseTo(-1.5, within(1e-9));
        assertThat(tries.low()).isLessThan(-1.5);
        assertThat(tries.high()).isBetween(-1.0, 4.0);
        assertThat(FirstTries.of(five.subList(0, 2))).isEmpty();
    }

    /** Whatever is typed is looked for and is no command. */
    @Property(tries = 60)
    void whateverIsTypedIsSearchedFor(@ForAll String words) throws IOException {
        Path dir = Files.createTempDirectory("logbook");
        try (Logbook book = Logbook.at(dir.resolve("book.db"))) {
            assertThat(book.search(words, 5)).isEmpty();
            assertThat(book.search("NEAR(a b) OR text: * \" ' ; DROP TABLE job --" + words, 5))
                    .isEmpty();
            assertThat(book.size()).isZero();
        } finally {
            try (var all = Files.list(dir)) {
                for (Path p : all.toList()) {
                    Files.delete(p);
                }
            }
            Files.delete(dir);
        }
    }

    @Test
    void aFirstTryIsToldInPartsOfItsFrequency() throws IOException {
        Job tag = TernholmSands.all().get(1);
        LogbookEntry e = LogbookEntry.of(Path.of("x"), tag);
        double dip = tag.trim().passes().get(0).sweep().stream()
                .min(java.util.Comparator.comparingDouble(p -> p.swr().value()))
                .orElseThrow()
                .frequency()
                .value();
        assertThat(e.cameOut().orElseThrow())
                .isCloseTo(dip / tag.brief().frequency().value() - 1, within(1e-12));
        assertThat(e.last()).isNotEqualTo(Optional.empty());
    }
}
