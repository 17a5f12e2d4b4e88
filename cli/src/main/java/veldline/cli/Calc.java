package veldline.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import veldline.calc.Given;
import veldline.calc.Reading;
import veldline.calc.Topic;
import veldline.calc.Topics;
import veldline.format.CalcBatch;
import veldline.format.FormatException;

/** Any formula of the program on its own. */
@Command(name = "calc", description = "Works out one topic, lists all of them, or answers a file of entries.")
final class Calc implements Callable<Integer> {
    @Parameters(index = "0", arity = "0..1", paramLabel = "TOPIC", description = "the topic; none lists them all")
    private Optional<String> topic;

    @Parameters(index = "1..*", paramLabel = "name=value", description = "what goes in, such as distance=5km")
    private List<String> inputs = new ArrayList<>();

    @Option(names = "--batch", paramLabel = "FILE.json", description = "entries {id, topic, inputs} to answer")
    private Optional<Path> batch;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        try {
            if (batch.isPresent()) {
                out.println(CalcBatch.answer(Files.readString(batch.get())));
                return 0;
            }
            if (topic.isEmpty()) {
                Topics.all().stream().map(Calc::line).forEach(out::println);
                return 0;
            }
            Topic t = Topics.named(topic.get())
                    .orElseThrow(() -> new IllegalArgumentException(
                            "No topic is called “" + topic.get() + "”; ./veldline calc lists them"));
            print(t, out);
            return 0;
        } catch (NoSuchFileException e) {
            err.println("No file at " + e.getFile() + "; give the path of a list of entries");
        } catch (MalformedInputException e) {
            err.println(batch.orElseThrow() + " is not text in UTF-8; save it so");
        } catch (FormatException | IllegalArgumentException e) {
            err.println(e.getMessage());
        }
        return 2;
    }

    private static String line(Topic t) {
        return t.name() + "    "
                + String.join(" ", t.asks().stream().map(Calc::asked).toList());
    }

    private static String asked(Topic.Ask a) {
        return a.name() + "=" + (a.unit().isEmpty() ? "…" : "…" + a.unit().replace(' ', '_'));
    }

    private void print(Topic t, PrintWriter out) {
        Map<String, Object> values = new HashMap<>();
        Map<String, String> asTyped = new HashMap<>();
        for (String in : inputs) {
            int equals = in.indexOf('=');
            String name = equals < 0 ? in : in.substring(0, equals);
            Topic.Ask ask = t.asks().stream()
                    .filter(a -> a.name().equals(name))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(t.name() + " does not ask for “" + name
                            + "”; it asks for "
                            + String.join(
                                    ", ", t.asks().stream().map(Topic.Ask::name).toList())));
            if (equals < 0) {
                throw new IllegalArgumentException(name + " has no value; write " + asked(ask));
            }
            asTyped.put(name, in.substring(equals + 1));
            values.put(name, Reading.typed(ask, in.substring(equals + 1)));
        }
        List<Topic.Answer> answers = t.answer(new Given(values));
        out.println(t.name());
        t.asks().stream()
                .filter(a -> values.containsKey(a.name()))
                .forEach(a -> out.println("  " + a.name() + " = " + asTyped.get(a.name())
                        + (values.get(a.name()) instanceof Double d && !a.unit().isEmpty()
                                ? ", that is " + Topic.shown(d) + unit(a.unit())
                                : "")));
        out.println("formula  " + t.formula());
        answers.forEach(a -> out.println("  " + a.name() + " = " + Topic.shown(a.value()) + unit(a.unit())));
        out.println("source   " + t.source());
        out.println("trust    " + t.goodTo());
    }

    private static String unit(String unit) {
        return unit.isEmpty() ? "" : " " + unit;
    }
}
