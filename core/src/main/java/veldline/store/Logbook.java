package veldline.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import veldline.format.FormatException;
import veldline.job.Job;

/**
 * Many jobs, searched by any word in them. It is an index and nothing more: built from the job files, brought up to date by those that
 * changed, and made anew when it is lost or cannot be read, so that no fact lives in it alone.
 */
public final class Logbook implements AutoCloseable {
    private static final String ENDING = ".veldline.json";
    /** Another form of the tables than this one is thrown away and built anew. */
    private static final int FORM = 1;
    /** So many are brought in between two looks at whether to go on. */
    private static final int BATCH = 50;

    private final Connection db;

    /** Hears how a rebuild gets on and may call it off; what was read until then is kept. */
    public interface Watch {
        boolean goOn(int done, int of);
    }

    private Logbook(Connection db) {
        this.db = db;
    }

    /**
     * Opens the index in a file, made anew where it is not there or not whole.
     *
     * @throws IOException when no index can be had there
     */
    public static Logbook at(Path file) throws IOException {
        try {
            return opened(file);
        } catch (SQLException e) {
            Files.deleteIfExists(file);
            try {
                return opened(file);
            } catch (SQLException again) {
                throw new IOException(
                        "The logbook's index cannot be kept at " + file + ": " + again.getMessage(), again);
            }
        }
    }

    private static Logbook opened(Path file) throws SQLException {
        Connection db = DriverManager.getConnection("jdbc:sqlite:" + file);
        try (Statement s = db.createStatement()) {
            s.execute("PRAGMA journal_mode=WAL");
            s.execute("PRAGMA synchronous=OFF");
            int form = s.executeQuery("PRAGMA user_version").getInt(1);
            if (form != FORM) {
                s.execute("DROP TABLE IF EXISTS job");
                s.execute("DROP TABLE IF EXISTS words");
                s.execute("PRAGMA user_version=" + FORM);
            }
            s.execute("CREATE TABLE IF NOT EXISTS job(id INTEGER PRIMARY KEY, file TEXT UNIQUE, modified INTEGER,"
                    + " size INTEGER, place TEXT, name TEXT, family TEXT, frequency REAL, last TEXT, off REAL)");
            s.execute("CREATE INDEX IF NOT EXISTS by_last ON job(last DESC)");
            s.execute(
                    "CREATE VIRTUAL TABLE IF NOT EXISTS words USING fts5(text, tokenize='unicode61 remove_diacritics 2')");
            return new Logbook(db);
        } catch (SQLException e) {
            db.close();
            throw e;
        }
    }

    /** What is known of a file: it is read again when one of them changed. */
    private record Stamp(long modified, long size) {}

    /**
     * Brings in what changed under a folder, and takes out what is gone.
     *
     * @return one sentence for each file that could not be read; it is left out
     * @throws IOException when the folder or the index cannot be read
     */
    public List<String> refresh(Path folder, Watch watch) throws IOException {
        List<String> troubles = new ArrayList<>();
        try (Stream<Path> walk = Files.walk(folder)) {
            List<Path> files = walk.filter(f -> f.getFileName().toString().endsWith(ENDING))
                    .sorted()
                    .toList();
            Map<String, Stamp> known = known();
            db.setAutoCommit(false);
            Set<String> there = new HashSet<>();
            int done = 0;
            for (Path f : files) {
                String file = f.toAbsolutePath().toString();
                there.add(file);
                Stamp now = new Stamp(Files.getLastModifiedTime(f).toMillis(), Files.size(f));
                if (!now.equals(known.get(file))) {
                    read(f, now).ifPresent(troubles::add);
                }
                if (++done % BATCH == 0) {
                    db.commit();
                    if (!watch.goOn(done, files.size())) {
                        return troubles;
                    }
                }
            }
            for (String gone : known.keySet()) {
                if (!there.contains(gone)) {
                    drop(gone);
                }
            }
            return troubles;
        } catch (SQLException e) {
            throw new IOException("The logbook's index cannot be written: " + e.getMessage(), e);
        } finally {
            commit();
        }
    }

    private void commit() throws IOException {
        try {
            db.setAutoCommit(true);
        } catch (SQLException e) {
            throw new IOException("The logbook's index cannot be written: " + e.getMessage(), e);
        }
    }

    private Map<String, Stamp> known() throws SQLException {
        Map<String, Stamp> known = new HashMap<>();
        try (Statement s = db.createStatement();
                ResultSet r = s.executeQuery("SELECT file, modified, size FROM job")) {
            while (r.next()) {
                known.put(r.getString(1), new Stamp(r.getLong(2), r.getLong(3)));
            }
        }
        return known;
    }

    private Optional<String> read(Path f, Stamp stamp) throws SQLException {
        drop(f.toAbsolutePath().toString());
        try {
            Job job = new JobStore(f).openWhatCanBe().job();
            LogbookEntry e = LogbookEntry.of(f.toAbsolutePath(), job);
            long id;
            try (PreparedStatement in = db.prepareStatement(
                    "INSERT INTO job(file, modified, size, place, name, family, frequency, last, off)"
                            + " VALUES(?,?,?,?,?,?,?,?,?)",
                    Statement.RETURN_GENERATED_KEYS)) {
                in.setString(1, e.file().toString());
                in.setLong(2, stamp.modified);
                in.setLong(3, stamp.size);
                in.setString(4, e.place());
                in.setString(5, e.name());
                in.setString(6, e.family());
                in.setDouble(7, e.frequency());
                in.setString(8, e.last().map(Instant::toString).orElse(""));
                if (e.cameOut().isPresent()) {
                    in.setDouble(9, e.cameOut().get());
                } else {
                    in.setNull(9, Types.REAL);
                }
                in.executeUpdate();
                id = in.getGeneratedKeys().getLong(1);
            }
            try (PreparedStatement in = db.prepareStatement("INSERT INTO words(rowid, text) VALUES(?,?)")) {
                in.setLong(1, id);
                in.setString(2, LogbookEntry.words(job));
                in.executeUpdate();
            }
            return Optional.empty();
        } catch (IOException | FormatException e) {
            return Optional.of(f.getFileName() + " was left out: " + e.getMessage());
        }
    }

    private void drop(String file) throws SQLException {
        try (PreparedStatement words =
                        db.prepareStatement("DELETE FROM words WHERE rowid IN (SELECT id FROM job WHERE file=?)");
                PreparedStatement job = db.prepareStatement("DELETE FROM job WHERE file=?")) {
            words.setString(1, file);
            words.executeUpdate();
            job.setString(1, file);
            job.executeUpdate();
        }
    }

    /**
     * Jobs that hold every one of these words, or the beginnings of words, the latest first; all of them where none are given.
     *
     * @param most no more than these
     */
    public List<LogbookEntry> search(String words, int most) throws IOException {
        String asked = asked(words);
        String columns = "file, place, name, family, frequency, last, off FROM job";
        String query = asked.isEmpty()
                ? "SELECT " + columns + " ORDER BY last DESC, file LIMIT ?"
                : "SELECT " + columns
                        + " WHERE id IN (SELECT rowid FROM words WHERE words MATCH ?) ORDER BY last DESC, file LIMIT ?";
        try (PreparedStatement s = db.prepareStatement(query)) {
            int at = 1;
            if (!asked.isEmpty()) {
                s.setString(at++, asked);
            }
            s.setInt(at, most);
            List<LogbookEntry> found = new ArrayList<>();
            try (ResultSet r = s.executeQuery()) {
                while (r.next()) {
                    found.add(entry(r));
                }
            }
            return found;
        } catch (SQLException e) {
            throw new IOException("The logbook cannot be searched: " + e.getMessage(), e);
        }
    }

    private static LogbookEntry entry(ResultSet r) throws SQLException {
        String last = r.getString(6);
        double off = r.getDouble(7);
        boolean swept = !r.wasNull();
        return new LogbookEntry(
                Path.of(r.getString(1)),
                r.getString(2),
                r.getString(3),
                r.getString(4),
                r.getDouble(5),
                last.isEmpty() ? Optional.empty() : Optional.of(Instant.parse(last)),
                swept ? Optional.of(off) : Optional.empty());
    }

    /** Each word as one to be begun with, whatever signs are in it: nothing that is typed is a command. */
    private static String asked(String words) {
        return Stream.of(words.strip().split("[\\s\"]+"))
                .filter(w -> w.codePoints().anyMatch(Character::isLetterOrDigit))
                .map(w -> "\"" + w + "\"*")
                .collect(Collectors.joining(" "));
    }

    public int size() throws IOException {
        try (Statement s = db.createStatement();
                ResultSet r = s.executeQuery("SELECT count(*) FROM job")) {
            return r.getInt(1);
        } catch (SQLException e) {
            throw new IOException("The logbook cannot be read: " + e.getMessage(), e);
        }
    }

    @Override
    public void close() throws IOException {
        try {
            db.close();
        } catch (SQLException e) {
            throw new IOException("The logbook's index was not closed: " + e.getMessage(), e);
        }
    }
}
