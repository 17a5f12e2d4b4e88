package veldline.instrument;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Stream;
import veldline.explain.Program;

/**
 * A stand-in for an instrument on a loopback port of its own, in the manner of IEEE 488.2: a message is a line of units between
 * semicolons, a unit a header and numbers between commas; a header that ends in a question mark is answered, and what was wrong waits in
 * a queue of errors for {@code SYST:ERR?}. Common to all are {@code *IDN?}, {@code *CLS}, {@code *RST}, {@code *OPC?}, and {@code
 * SIM:SILENT n} and its kin, which bring on a {@link Fault} for so many queries.
 */
final class LineServer implements Closeable {
    /** IEEE 488.2 §10; SCPI-1999 §21.8 numbers what is queued. */
    private static final String NO_ERROR = "0,\"No error\"";

    private static final int MOST_ERRORS = 20;
    private static final long LATE_MS = 400;

    private final String name;
    private final ServerSocket server;
    private final Map<String, Function<List<Double>, String>> words;
    private final Deque<String> errors = new ArrayDeque<>();
    private Optional<Fault> fault = Optional.empty();
    private int faults;

    /** The line is to be dropped in the midst of a message. */
    private static final class Dropped extends IOException {
        private static final long serialVersionUID = 1;
    }

    /**
     * @param words what follows from the numbers behind each header; the answer of a header without a question mark counts for nothing.
     *     Numbers that will not do are told by an {@link IllegalArgumentException}.
     */
    LineServer(String name, Map<String, Function<List<Double>, String>> words) throws IOException {
        this.name = name;
        this.words = Map.copyOf(words);
        this.server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(this::serve, name);
        thread.setDaemon(true);
        thread.start();
    }

    int port() {
        return server.getLocalPort();
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket socket = server.accept();
                    BufferedReader in = new BufferedReader(
                            new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
                    Writer out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII)) {
                socket.setTcpNoDelay(true);
                String line;
                while ((line = in.readLine()) != null) {
                    String answer = answer(line);
                    if (!answer.isEmpty()) {
                        out.write(answer + "\n");
                        out.flush();
                    }
                }
            } catch (IOException e) {
                // The other side went away, the line was dropped, or the server was closed; the loop decides which.
                continue;
            }
        }
    }

    private String answer(String message) throws IOException {
        List<String> answers = new ArrayList<>();
        for (String unit : message.split(";")) {
            unit(unit.strip()).ifPresent(answers::add);
        }
        return String.join(";", answers);
    }

    private Optional<String> unit(String unit) throws IOException {
        String[] parts = unit.split("\\s+", 2);
        String header = parts[0].toUpperCase(Locale.ROOT);
        if (header.isEmpty()) {
            return Optional.empty();
        }
        try {
            List<Double> numbers = parts.length < 2 ? List.of() : numbers(parts[1]);
            Optional<String> answer = common(header, numbers).or(() -> own(header, numbers));
            return header.endsWith("?") && answer.isPresent() ? spoiled(answer.get()) : Optional.empty();
        } catch (NumberFormatException e) {
            queue("-104,\"Data type error; " + header + " takes numbers\"");
        } catch (IllegalArgumentException e) {
            queue("-222,\"Data out of range; " + e.getMessage() + "\"");
        }
        return Optional.empty();
    }

    private static List<Double> numbers(String text) {
        return Stream.of(text.split(","))
                .map(t -> Double.parseDouble(t.strip()))
                .toList();
    }

    private Optional<String> common(String header, List<Double> numbers) {
        switch (header) {
            case "*IDN?":
                return Optional.of("Veldline," + name + ",0," + Program.VERSION);
            case "*OPC?":
                return Optional.of("1");
            case "SYST:ERR?":
                return Optional.of(errors.isEmpty() ? NO_ERROR : errors.removeFirst());
            case "*CLS", "*RST":
                errors.clear();
                fault = Optional.empty();
                return Optional.of("");
            default:
                for (Fault f : Fault.values()) {
                    if (header.equals(f.header())) {
                        fault = Optional.of(f);
                        faults = numbers.isEmpty() ? 1 : numbers.get(0).intValue();
                        return Optional.of("");
                    }
                }
                return Optional.empty();
        }
    }

    private Optional<String> own(String header, List<Double> numbers) {
        Function<List<Double>, String> word = words.get(header);
        if (word == null) {
            queue("-113,\"Undefined header; " + header + " is not one of " + String.join(" ", words.keySet()) + "\"");
            return Optional.empty();
        }
        return Optional.of(word.apply(numbers));
    }

    private void queue(String error) {
        if (errors.size() < MOST_ERRORS) {
            errors.addLast(error);
        }
    }

    private Optional<String> spoiled(String answer) throws IOException {
        if (fault.isEmpty() || faults <= 0) {
            return Optional.of(answer);
        }
        faults--;
        switch (fault.get()) {
            case SILENT:
                return Optional.empty();
            case GARBAGE:
                return Optional.of(answer.replaceAll("\\d", "~"));
            case SLOW:
                try {
                    TimeUnit.MILLISECONDS.sleep(LATE_MS);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                }
                return Optional.of(answer);
            default:
                throw new Dropped();
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
