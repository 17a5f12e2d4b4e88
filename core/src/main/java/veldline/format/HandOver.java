package veldline.format;

import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.StringWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.hipparchus.complex.Complex;
import veldline.explain.Program;
import veldline.job.Job;
import veldline.line.Mismatch;
import veldline.line.PortData;
import veldline.link.End;
import veldline.prove.Turn;
import veldline.prove.Turned;
import veldline.quantity.Quantity;
import veldline.trim.SweepPoint;
import veldline.trim.TrimLog;

/**
 * What was decided and measured, in open forms for whoever goes on without this program: tables as CSV, the two ends as GeoJSON (RFC
 * 7946) and GPX 1.1, sweeps as Touchstone.
 */
public final class HandOver {
    private static final double OHMS = 50;

    private HandOver() {}

    /** Text of each file by its name; what was not measured has none. */
    public static Map<String, String> of(Job job) {
        Map<String, String> files = new LinkedHashMap<>();
        files.put(
                "log.csv",
                table(
                        List.of("time", "text"),
                        job.log().stream()
                                .map(l -> List.<Object>of(l.at(), l.text()))
                                .toList()));
        if (!job.prove().walk().isEmpty()) {
            files.put(
                    "range-walk.csv",
                    table(
                            List.of("distance_m", "level_dbm"),
                            job.prove().walk().stream()
                                    .map(w -> List.<Object>of(
                                            w.distance().value(),
                                            w.level()
                                                    .<Object>map(l -> l.value())
                                                    .orElse("")))
                                    .toList()));
        }
        if (!job.prove().observed().isEmpty()) {
            files.put(
                    "tests.csv",
                    table(
                            List.of("test", "over_expected_db"),
                            job.prove().observed().stream()
                                    .map(o -> List.<Object>of(
                                            o.symptom().title(), o.value().value()))
                                    .toList()));
        }
        if (!job.raise().swung().isEmpty()) {
            files.put(
                    "aiming.csv",
                    table(
                            List.of("bearing_deg", "level_dbm"),
                            job.raise().swung().stream()
                                    .map(r -> List.<Object>of(
                                            r.bearing().value(), r.level().value()))
                                    .toList()));
        }
        atThePlace(job, files);
        List<TrimLog.Pass> passes = job.trim().passes();
        for (int i = 0; i < passes.size(); i++) {
            String name = "sweep-" + (i + 1) + ".s1p";
            sweep(passes.get(i)).ifPresent(text -> files.put(name, text));
        }
        files.put("ends.geojson", geoJson(job));
        files.put("ends.gpx", gpx(job));
        return files;
    }

    /** Tests at the place, and what was changed there. */
    private static void atThePlace(Job job, Map<String, String> files) {
        for (Turn t : job.prove().turns()) {
            files.put(
                    "turned-" + t.what().name().toLowerCase(Locale.ROOT) + ".csv",
                    table(
                            List.of(t.what() == Turned.HEIGHT ? "height_m" : "angle_deg", "level_dbm"),
                            t.readings().stream()
                                    .map(r -> List.<Object>of(
                                            r.at().value(), r.level().value()))
                                    .toList()));
        }
        if (!job.prove().survey().isEmpty()) {
            files.put(
                    "survey.csv",
                    table(
                            List.of("name", "bearing_deg", "wanted", "before_dbm", "after_dbm"),
                            job.prove().survey().stream()
                                    .map(h -> List.<Object>of(
                                            h.name(), cell(h.bearing()), h.wanted(), cell(h.before()), cell(h.after())))
                                    .toList()));
        }
        if (!job.prove().sides().readings().isEmpty()) {
            files.put(
                    "side-by-side.csv",
                    table(
                            List.of("antenna", "receiver", "level_dbm"),
                            job.prove().sides().readings().stream()
                                    .map(r -> List.<Object>of(
                                            r.known() ? "known" : "unknown",
                                            r.second() ? 2 : 1,
                                            r.level().value()))
                                    .toList()));
        }
        if (!job.rework().isEmpty()) {
            files.put(
                    "tried.csv",
                    table(
                            List.of("time", "change", "before_dbm", "after_dbm", "kept"),
                            job.rework().stream()
                                    .map(r -> List.<Object>of(
                                            r.at(), r.change(), cell(r.before()), cell(r.after()), r.kept()))
                                    .toList()));
        }
    }

    private static Object cell(Optional<Quantity> q) {
        return q.<Object>map(Quantity::value).orElse("");
    }

    private static String table(List<String> heads, List<List<Object>> rows) {
        StringWriter text = new StringWriter();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.RFC4180)) {
            out.printRecord(heads);
            for (List<Object> row : rows) {
                out.printRecord(row.stream()
                        .map(c -> c instanceof Number ? c : inert(c.toString()))
                        .toList());
            }
        } catch (IOException e) {
            throw new IllegalStateException("A string cannot be written to", e);
        }
        return text.toString();
    }

    /**
     * Words as a table program shows them and does not run them: what begins like a formula gets an apostrophe before it (OWASP, CSV
     * Injection).
     */
    static String inert(String words) {
        return words.matches("(?s)[\\s\\p{Cntrl}]*[=+\\-@−＝＋－＠].*") || words.startsWith("\t") || words.startsWith("\r")
                ? "'" + words
                : words;
    }

    /** Only a sweep that tells resistance and reactance says what comes back. */
    private static Optional<String> sweep(TrimLog.Pass pass) {
        if (pass.sweep().isEmpty()
                || pass.sweep().stream().anyMatch(p -> p.ohms().isEmpty())) {
            return Optional.empty();
        }
        List<PortData.Row> rows = pass.sweep().stream()
                .map(p -> new PortData.Row(p.frequency().value(), List.of(List.of(reflection(p)))))
                .toList();
        return Optional.of(
                TouchstoneFile.write(new PortData(PortData.Kind.S, List.of(OHMS), rows), TouchstoneForm.RI, 1));
    }

    private static Complex reflection(SweepPoint p) {
        SweepPoint.Ohms ohms = p.ohms().orElseThrow();
        return Mismatch.reflection(
                new Complex(ohms.resistance().value(), ohms.reactance().value()), OHMS);
    }

    private static String geoJson(Job job) {
        JsonMapper json = new JsonMapper();
        ObjectNode root = json.createObjectNode().put("type", "FeatureCollection");
        ArrayNode features = root.putArray("features");
        for (End end : job.brief().ends()) {
            ObjectNode f = features.addObject().put("type", "Feature");
            f.putObject("properties")
                    .put("name", end.name())
                    .put("height_m", end.height().value());
            place(f.putObject("geometry").put("type", "Point").putArray("coordinates"), end);
        }
        ObjectNode way = features.addObject().put("type", "Feature");
        way.putObject("properties")
                .put("name", job.name())
                .put("frequency_hz", job.brief().frequency().value());
        ArrayNode line = way.putObject("geometry").put("type", "LineString").putArray("coordinates");
        place(line.addArray(), job.brief().near());
        place(line.addArray(), job.brief().far());
        return root.toPrettyString();
    }

    /** RFC 7946 §3.1.1: longitude first. */
    private static void place(ArrayNode at, End end) {
        at.add(end.longitude().value()).add(end.latitude().value());
    }

    private static String gpx(Job job) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("gpx");
            xml.writeDefaultNamespace("http://www.topografix.com/GPX/1/1");
            xml.writeAttribute("version", "1.1");
            xml.writeAttribute("creator", Program.NAME);
            for (End end : job.brief().ends()) {
                xml.writeStartElement("wpt");
                xml.writeAttribute("lat", Double.toString(end.latitude().value()));
                xml.writeAttribute("lon", Double.toString(end.longitude().value()));
                xml.writeStartElement("name");
                xml.writeCharacters(end.name());
                xml.writeEndElement();
                xml.writeEndElement();
            }
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("A string cannot be written to", e);
        }
        return text.toString();
    }
}
