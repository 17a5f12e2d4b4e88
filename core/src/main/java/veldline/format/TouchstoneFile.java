package veldline.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.line.PortData;
import veldline.line.PortData.Kind;

/**
 * Reads port data as analysers write them (Touchstone File Format Specification, versions 1.1 and 2.0, open IBIS Forum): S, Z or Y, as
 * magnitude and angle, decibels and angle or real and imaginary part, on any reference. Noise and mixed modes are passed over and told.
 */
public final class TouchstoneFile {
    /** Longer files than this are no sweeps. */
    private static final int MOST_VALUES = 4_000_000;

    private static final int NOISE = 5;

    private final String text;
    private int ports;
    private Kind kind = Kind.S;
    private TouchstoneForm form = TouchstoneForm.MA;
    private double unit = 1e9;
    private double reference = 50;
    private boolean two;
    private boolean swapped = true;
    private String matrix = "full";
    private Optional<List<Double>> references = Optional.empty();
    private final List<Double> values = new ArrayList<>();
    private final List<String> told = new ArrayList<>();

    private TouchstoneFile(String text, int ports) {
        this.text = text;
        this.ports = ports;
    }

    /**
     * What a file says.
     *
     * @param told what of it was passed over, a sentence each
     */
    public record Read(PortData data, List<String> told) {
        public Read {
            told = List.copyOf(told);
        }
    }

    /** Ports by the name of a file of version 1: {@code .s2p} has two; 0 where the name does not say. */
    public static int ports(String name) {
        String end = name.toLowerCase(Locale.ROOT).replaceAll(".*\\.s(\\d{1,2})p$", "$1");
        return end.matches("\\d{1,2}") ? Integer.parseInt(end) : 0;
    }

    /**
     * @param ports that the file's name says; 0 for a file of version 2, which says it itself
     * @throws FormatException naming the line, what stands there and what would be right
     */
    public static Read read(String text, int ports) throws FormatException {
        return new TouchstoneFile(text, ports).read();
    }

    private Read read() throws FormatException {
        int number = 0;
        boolean option = false;
        boolean information = false;
        boolean noise = false;
        boolean listing = false;
        for (String raw : text.split("\\R")) {
            number++;
            String line = raw.split("!", 2)[0].strip();
            if (line.isEmpty()) {
                continue;
            }
            String low = line.toLowerCase(Locale.ROOT);
            if (information) {
                information = !low.startsWith("[end information]");
            } else if (low.startsWith("#")) {
                // Only the first one counts, by the standard.
                if (!option) {
                    option(low.substring(1).strip().split("\\s+"), number);
                }
                option = true;
            } else if (low.startsWith("[")) {
                listing = low.startsWith("[reference]");
                information = low.startsWith("[begin information]");
                noise = low.startsWith("[noise data]");
                if (noise) {
                    told.add("Noise figures are passed over.");
                }
                if (low.startsWith("[end]")) {
                    break;
                }
                keyword(low, number);
            } else if (listing) {
                references = Optional.of(joined(references.orElse(List.of()), numbers(line, number)));
            } else if (!noise) {
                values.addAll(numbers(line, number));
                if (values.size() > MOST_VALUES) {
                    throw new FormatException(
                            "Line " + number + ": more than " + MOST_VALUES + " numbers; this is no sweep");
                }
            }
        }
        if (ports < 1) {
            throw new FormatException(
                    "The file does not say how many ports it has; name it .s1p or .s2p, or give [Number of Ports]");
        }
        return new Read(data(), told);
    }

    private void option(String[] words, int number) throws FormatException {
        for (int i = 0; i < words.length; i++) {
            switch (words[i]) {
                case "" -> {}
                case "hz" -> unit = 1;
                case "khz" -> unit = 1e3;
                case "mhz" -> unit = 1e6;
                case "ghz" -> unit = 1e9;
                case "s", "z", "y" -> kind = Kind.valueOf(words[i].toUpperCase(Locale.ROOT));
                case "ma", "db", "ri" -> form = TouchstoneForm.valueOf(words[i].toUpperCase(Locale.ROOT));
                case "r" -> {
                    if (i + 1 >= words.length) {
                        throw new FormatException(
                                "Line " + number + ": R stands alone; give the reference in ohms after it");
                    }
                    reference = numbers(words[++i], number).get(0);
                }
                default ->
                    throw new FormatException("Line " + number + ": “" + words[i]
                            + "” is not understood; options are a unit, S, Z or Y, MA, DB or RI, and R with ohms");
            }
        }
    }

    private void keyword(String low, int number) throws FormatException {
        String rest = low.replaceFirst("^\\[[^\\]]*\\]", "").strip();
        if (low.startsWith("[version]")) {
            two = true;
            swapped = false;
        } else if (low.startsWith("[number of ports]")) {
            ports = (int) Math.round(numbers(rest, number).get(0));
            if (ports < 1 || ports > 99) {
                throw new FormatException("Line " + number + ": " + ports + " ports; give 1 to 99");
            }
        } else if (low.startsWith("[two-port data order]")) {
            swapped = rest.equals("21_12");
        } else if (low.startsWith("[matrix format]")) {
            matrix = rest;
            if (!List.of("full", "lower", "upper").contains(matrix)) {
                throw new FormatException("Line " + number + ": “" + rest + "”; give full, lower or upper");
            }
        } else if (low.startsWith("[reference]") && !rest.isEmpty()) {
            references = Optional.of(numbers(rest, number));
        } else if (low.startsWith("[mixed-mode order]")) {
            throw new FormatException(
                    "Line " + number + ": mixed modes are not read; save the file with single-ended ports");
        }
    }

    private static List<Double> joined(List<Double> a, List<Double> b) {
        List<Double> all = new ArrayList<>(a);
        all.addAll(b);
        return all;
    }

    private static List<Double> numbers(String line, int number) throws FormatException {
        List<Double> all = new ArrayList<>();
        for (String word : line.split("[\\s,]+")) {
            try {
                double v = Double.parseDouble(word);
                if (!Double.isFinite(v)) {
                    throw new NumberFormatException(word);
                }
                all.add(v);
            } catch (NumberFormatException e) {
                throw new FormatException(
                        "Line " + number + ": “" + word + "” is no number; give one such as 0.52 or −1.2e-3");
            }
        }
        return all;
    }

    private PortData data() throws FormatException {
        List<Double> ohms = references.orElse(java.util.Collections.nCopies(ports, reference));
        if (ohms.size() != ports) {
            throw new FormatException(ohms.size() + " references for " + ports + " ports; give one for each");
        }
        int pairs = matrix.equals("full") ? ports * ports : ports * (ports + 1) / 2;
        int each = 1 + 2 * pairs;
        List<PortData.Row> rows = new ArrayList<>();
        int at = 0;
        while (at + each <= values.size()) {
            double f = values.get(at) * unit;
            if (!rows.isEmpty() && f <= rows.get(rows.size() - 1).frequency()) {
                // By the standard that is where a two-port's noise begins.
                if (!two && ports == 2) {
                    told.add("Noise figures are passed over.");
                    return made(ohms, rows);
                }
                throw new FormatException("Frequencies do not grow: " + f + " Hz comes after "
                        + rows.get(rows.size() - 1).frequency() + " Hz; sort the file");
            }
            rows.add(new PortData.Row(f, row(values.subList(at + 1, at + each), ohms)));
            at += each;
        }
        boolean noise = !two && ports == 2 && (values.size() - at) % NOISE == 0;
        if (at != values.size() && !noise) {
            throw new FormatException(
                    (values.size() - at) + " numbers are left over after " + rows.size() + " frequencies of " + ports
                            + " ports; the file may have been cut short, or has another number of ports");
        }
        if (at != values.size()) {
            told.add("Noise figures are passed over.");
        }
        return made(ohms, rows);
    }

    private PortData made(List<Double> ohms, List<PortData.Row> rows) throws FormatException {
        try {
            return new PortData(kind, ohms, rows);
        } catch (IllegalArgumentException e) {
            throw new FormatException(e.getMessage());
        }
    }

    private List<List<Complex>> row(List<Double> v, List<Double> ohms) {
        Complex[][] m = new Complex[ports][ports];
        int at = 0;
        for (int i = 0; i < ports; i++) {
            int from = matrix.equals("upper") ? i : 0;
            int to = matrix.equals("lower") ? i + 1 : ports;
            for (int j = from; j < to; j++) {
                Complex c = form.read(v.get(at), v.get(at + 1));
                at += 2;
                boolean turned = ports == 2 && swapped && matrix.equals("full") && i != j;
                m[turned ? j : i][turned ? i : j] = c;
                if (!matrix.equals("full")) {
                    m[j][i] = c;
                }
            }
        }
        List<List<Complex>> rows = new ArrayList<>();
        for (int i = 0; i < ports; i++) {
            List<Complex> row = new ArrayList<>();
            for (int j = 0; j < ports; j++) {
                // Files of version 1 count ohms and siemens on the reference, those of version 2 plainly.
                double scale = two || kind == Kind.S ? 1 : kind == Kind.Z ? ohms.get(i) : 1 / ohms.get(i);
                row.add(m[i][j].multiply(scale));
            }
            rows.add(row);
        }
        return rows;
    }

    /**
     * Written so that reading it gives the same again.
     *
     * @param version 1 or 2; version 1 has one reference for all ports
     * @throws IllegalArgumentException where version 1 is asked for and the references differ
     */
    public static String write(PortData data, TouchstoneForm form, int version) {
        if (version == 1 && data.references().stream().distinct().count() > 1) {
            throw new IllegalArgumentException("A file of version 1 has one reference for all ports, not "
                    + data.references() + "; write version 2");
        }
        StringBuilder out = new StringBuilder("! Veldline\n");
        double reference = data.references().get(0);
        if (version == 2) {
            out.append("[Version] 2.0\n# Hz ")
                    .append(data.kind())
                    .append(' ')
                    .append(form)
                    .append(" R ")
                    .append(reference)
                    .append("\n[Number of Ports] ")
                    .append(data.ports());
            if (data.ports() == 2) {
                out.append("\n[Two-Port Data Order] 12_21");
            }
            out.append("\n[Number of Frequencies] ").append(data.rows().size()).append("\n[Reference]");
            data.references().forEach(r -> out.append(' ').append(r));
            out.append("\n[Network Data]\n");
        } else {
            out.append("# Hz ")
                    .append(data.kind())
                    .append(' ')
                    .append(form)
                    .append(" R ")
                    .append(reference)
                    .append('\n');
        }
        for (PortData.Row row : data.rows()) {
            out.append(row.frequency());
            for (int i = 0; i < data.ports(); i++) {
                for (int j = 0; j < data.ports(); j++) {
                    boolean turned = version == 1 && data.ports() == 2 && i != j;
                    Complex c = row.values().get(turned ? j : i).get(turned ? i : j);
                    double scale = version == 2 || data.kind() == Kind.S
                            ? 1
                            : data.kind() == Kind.Z ? 1 / reference : reference;
                    // No more than four pairs stand on a line, and a row of the matrix begins one.
                    out.append(j > 0 && j % 4 == 0 || j == 0 && i > 0 && data.ports() > 2 ? "\n " : " ")
                            .append(form.written(c.multiply(scale)));
                }
            }
            out.append('\n');
        }
        return version == 2 ? out.append("[End]\n").toString() : out.toString();
    }
}
