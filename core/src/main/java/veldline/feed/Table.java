package veldline.feed;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Plain tables that ship with the program, one thing a row. */
final class Table {
    private Table() {}

    static <T> List<T> read(String name, Function<CSVRecord, T> row) {
        List<T> all = new ArrayList<>();
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader in = new InputStreamReader(Table.class.getResourceAsStream(name), StandardCharsets.UTF_8)) {
            for (CSVRecord r : format.parse(in)) {
                all.add(row.apply(r));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The table " + name + " that ships with the program cannot be read", e);
        }
        return List.copyOf(all);
    }
}
