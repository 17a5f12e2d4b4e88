package veldline.desktop.help;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/** The help, opened at the chapter of the step it was asked from; left and right turn the chapters. */
public final class HelpBench implements Bench {
    private static final double LINE = 19;
    private static final double LETTER = 6.9;
    private static final Pattern HOME = Pattern.compile("\\(([A-Z][a-z]+(?: run)?)(?:, [A-Z][a-z ]+)*\\)\\.$");

    private final Step over;
    private final List<HelpText.Chapter> chapters = HelpText.chapters();

    public HelpBench(Step over) {
        this.over = over;
    }

    @Override
    public Step step() {
        return over;
    }

    @Override
    public String place() {
        return Overlay.HELP.name();
    }

    private int chapter(Showing s) {
        String zone = s.noted().getOrDefault(place(), "");
        return zone.matches("chapter:\\d{1,3}") && Integer.parseInt(zone.substring(8)) < chapters.size()
                ? Integer.parseInt(zone.substring(8))
                : ofStep();
    }

    private int ofStep() {
        return IntStream.range(0, chapters.size())
                .filter(i -> chapters.get(i).title().equals(over.title()))
                .findFirst()
                .orElse(0);
    }

    @Override
    public String heading(Showing s) {
        return "Help";
    }

    @Override
    public List<Input> inputs(Showing s) {
        int now = chapter(s);
        return List.of(
                new Input.Pick(
                        "chapter",
                        "Chapter",
                        IntStream.range(0, chapters.size())
                                .mapToObj(i -> new Input.Option(
                                        chapters.get(i).title(), i == now, new Input.Outcome.Picked("chapter:" + i)))
                                .toList()),
                new Input.Action("leave", "Back to " + over.title(), "Esc", Input.Command.LEAVE),
                new Input.Note(
                        "turn",
                        "Left and right turn the chapters; a word of the glossary, pressed, leads to its bench."));
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        HelpText.Chapter c = chapters.get(chapter(s));
        Pen pen = Picture.pen(width, height);
        pen.text(c.title(), 18, 26, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        double y = 56;
        for (HelpText.Block b : c.blocks()) {
            double indent = b.item() ? 34 : 18;
            double from = y - 15;
            if (b.item()) {
                pen.dot(24, y - 4, 2.5, Role.INK, Role.INK, 1);
            }
            for (String line : Paragraph.lines(b.text(), (int) ((width - indent - 24) / LETTER))) {
                pen.text(line, indent, y, Anchor.START, 13, Face.TEXT, Role.INK, Origin.Plain.NAME);
                y += LINE;
            }
            double to = y - 15;
            leadsTo(b)
                    .ifPresent(step ->
                            pen.zone("step:" + step.name(), 18, from, width - 36, to - from, "to " + step.title()));
            y += 7;
        }
        return pen.done();
    }

    /** The bench a word is at home on, which stands in brackets behind it. */
    private static Optional<Step> leadsTo(HelpText.Block b) {
        Matcher m = HOME.matcher(b.text());
        return b.item() && m.find()
                ? Arrays.stream(Step.values())
                        .filter(s -> s.title().equals(m.group(1)))
                        .findFirst()
                : Optional.empty();
    }

    @Override
    public String question(Showing s) {
        return "How the findings stand";
    }

    @Override
    public List<Finding> findings(Showing s) {
        return s.assessment().of(over);
    }

    @Override
    public List<String> walk(Showing s) {
        return IntStream.range(0, chapters.size()).mapToObj(i -> "chapter:" + i).toList();
    }

    @Override
    public int walkStart(Showing s) {
        return ofStep();
    }
}
