package veldline.desktop.sums;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.assess.Step;
import veldline.calc.Given;
import veldline.calc.Reading;
import veldline.calc.Topic;
import veldline.calc.Topics;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.link.Brief;
import veldline.picture.Picture;

/** Every formula on its own: what goes in is typed, one number is dragged along its curve, the result follows. */
public final class SumsBench implements Bench {
    static final String TOPIC = "sum";
    private static final double WALK = 1.02;

    private final Step over;

    public SumsBench(Step over) {
        this.over = over;
    }

    @Override
    public Step step() {
        return over;
    }

    @Override
    public String place() {
        return Overlay.SUMS.name();
    }

    static Topic topic(Showing s) {
        return Optional.ofNullable(s.noted().get(TOPIC))
                .flatMap(Topics::named)
                .orElse(Topics.all().get(0));
    }

    private static String key(Topic t, Topic.Ask ask) {
        return TOPIC + "." + Topics.all().indexOf(t) + "." + ask.name();
    }

    /** What stands in a line: as slid, as typed, or taken from the job where the two mean the same. */
    static String text(Showing s, Topic t, Topic.Ask ask) {
        String[] kept = kept(s, t, ask);
        return kept.length > 1 ? kept[1] : kept[0];
    }

    /** What was typed, which a number that is slid goes by until something else is typed. */
    static String typed(Showing s, Topic t, Topic.Ask ask) {
        return kept(s, t, ask)[0];
    }

    private static String[] kept(Showing s, Topic t, Topic.Ask ask) {
        return s.noted()
                .getOrDefault(key(t, ask), fromJob(s.job().brief(), ask))
                .split("\\|", 2);
    }

    private static String fromJob(Brief b, Topic.Ask ask) {
        return switch (ask.name()) {
            case "frequency" -> b.frequency().toString();
            case "distance" -> b.distance().toString();
            case "h_tx", "height1", "h_a" -> b.near().height().toString();
            case "h_rx", "height2", "h_b" -> b.far().height().toString();
            case "rel_permittivity" -> Double.toString(b.surface().permittivity());
            case "conductivity" -> Double.toString(b.surface().conductivity());
            default -> "";
        };
    }

    /** The change that puts another number in the place of one. */
    static String put(Topic t, Topic.Ask ask, String text) {
        return "set:" + key(t, ask) + "=" + text;
    }

    /** What was given, as far as it can be read; a line that cannot is told of by the sum itself. */
    static Map<String, Object> values(Showing s, Topic t) {
        Map<String, Object> values = new HashMap<>();
        for (Topic.Ask ask : t.asks()) {
            String text = text(s, t, ask);
            if (!text.isBlank()) {
                try {
                    values.put(ask.name(), Reading.typed(ask, text));
                } catch (IllegalArgumentException e) {
                    values.put(ask.name(), text);
                }
            }
        }
        return values;
    }

    /** The results, or in their place one sentence. */
    static Answered answered(Topic t, Map<String, Object> values) {
        try {
            return new Answered(t.answer(new Given(values)), "");
        } catch (IllegalArgumentException | ArithmeticException e) {
            return new Answered(List.of(), e.getMessage());
        }
    }

    record Answered(List<Topic.Answer> answers, String why) {}

    @Override
    public String heading(Showing s) {
        return "Sums";
    }

    @Override
    public List<Input> inputs(Showing s) {
        Topic t = topic(s);
        List<Input> in = new ArrayList<>();
        in.add(new Input.Pick(
                "topic",
                Topics.all().size() + " to choose from",
                Topics.all().stream()
                        .map(x -> new Input.Option(
                                x.name(), x == t, new Input.Outcome.Picked("set:" + TOPIC + "=" + x.name())))
                        .toList()));
        for (Topic.Ask ask : t.asks()) {
            in.add(new Input.Text(
                    "sum-" + Topics.all().indexOf(t) + "-" + ask.name(),
                    label(ask),
                    text(s, t, ask),
                    text -> new Input.Outcome.Picked(put(t, ask, text))));
        }
        in.add(new Input.Action("leave", "Back to " + over.title(), "Esc", Input.Command.LEAVE));
        return in;
    }

    static String label(Topic.Ask ask) {
        return ask.name().replace('_', ' ') + (ask.unit().isEmpty() ? "" : ", " + ask.unit());
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return new SumsPicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "What it comes to";
    }

    @Override
    public List<Finding> findings(Showing s) {
        Topic t = topic(s);
        Answered a = answered(t, values(s, t));
        List<Finding> found = new ArrayList<>();
        if (!a.why.isEmpty()) {
            found.add(Finding.plain(Finding.Level.UNKNOWN, "Not worked out:", a.why + ".", "", ""));
        }
        for (Topic.Answer answer : a.answers) {
            found.add(Finding.plain(
                    Finding.Level.FITS,
                    Topic.shown(answer.value()) + (answer.unit().isEmpty() ? "" : " " + answer.unit()),
                    answer.name().replace('_', ' ') + ".",
                    "",
                    ""));
        }
        found.add(Finding.plain(Finding.Level.FITS, "Source:", t.source() + ".", t.goodTo() + ".", ""));
        return found;
    }

    /** The numbers that can be slid: those given as one number. */
    static List<Topic.Ask> sliding(Showing s) {
        Topic t = topic(s);
        Map<String, Object> values = values(s, t);
        return t.asks().stream()
                .filter(a -> values.get(a.name()) instanceof Double d && d != 0)
                .toList();
    }

    @Override
    public List<String> walk(Showing s) {
        // Left and right move the number that is slid; the zones only say which way.
        return sliding(s).isEmpty() ? List.of() : List.of("slide:less", "slide:same", "slide:more");
    }

    @Override
    public int walkStart(Showing s) {
        return 1;
    }

    @Override
    public Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        if (zone.startsWith("slide:") && !zone.equals("slide:same")) {
            return new SumsPicture(s, width, height).slidBy(zone.endsWith("more") ? WALK : 1 / WALK);
        }
        return zone.equals("value") ? new SumsPicture(s, width, height).slidTo(x) : Optional.empty();
    }
}
