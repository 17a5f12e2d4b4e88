package veldline.desktop.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Caution;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.raise.RaiseChange;
import veldline.sheet.Paper;
import veldline.sheet.Sheet;
import veldline.sheet.Sheets;

/** A sheet before it is printed. It opens once everything that can hurt someone badly is ticked. */
final class PrintBench implements Bench {
    private final Step over;
    private final Paper paper;
    private Optional<Made> made = Optional.empty();

    /** Pages are asked for by the picture and by the findings; one making serves both. */
    private record Made(Assessment of, List<Picture> pages) {}

    PrintBench(Step over, Paper paper) {
        this.over = over;
        this.paper = paper;
    }

    /** That of the job as it is: an edit taken back while this is shown may have another antenna to build. */
    private Sheet sheet(Job job) {
        return Sheets.of(over, job);
    }

    @Override
    public Step step() {
        return over;
    }

    @Override
    public String heading(Showing s) {
        return sheet(s.job()).title();
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        for (Caution c : sheet(s.job()).cautions()) {
            boolean on = s.job().raise().ticked().contains(c.id());
            if (c.blocking()) {
                in.add(new Input.Tick(
                        c.id(),
                        c.hazard(),
                        c.advice(),
                        true,
                        on,
                        new JobChange.OfRaise(new RaiseChange.Tick(c.id(), !on))));
            }
        }
        if (sheet(s.job()).unticked(s.job()).isEmpty()) {
            in.add(new Input.Action("print-now", "Print", "", Input.Command.PRINT_NOW));
            in.add(new Input.Action("save-pdf", "Save as PDF", "", Input.Command.SAVE_PDF));
            if (over == Step.SHAPE && s.job().antenna(s.job().madeNear()).shapedHere()) {
                in.add(new Input.Action("save-workshop", "Save PDF, SVG, DXF, STL", "", Input.Command.SAVE_WORKSHOP));
            }
        }
        in.add(new Input.Action("paper", paper.other().title() + " paper instead", "", Input.Command.OTHER_PAPER));
        in.add(new Input.Action("leave", "Back to " + over.title(), "Esc", Input.Command.LEAVE));
        in.add(new Input.Note(
                "scale", "Print at 100 %, not fitted to the page: the bar at the foot is 50 mm long on paper."));
        return in;
    }

    private List<Picture> pages(Assessment a) {
        Made now = made.filter(m -> m.of == a)
                .orElseGet(() -> new Made(a, sheet(a.job()).pages(a, paper)));
        made = Optional.of(now);
        return now.pages;
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        Pen pen = Picture.pen(width, height);
        List<Caution> unticked = sheet(s.job()).unticked(s.job());
        if (!unticked.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "Tick first: "
                                    + String.join(
                                            ", ",
                                            unticked.stream()
                                                    .map(Caution::hazard)
                                                    .toList()) + ".",
                            "A sheet is carried to the work, so what can hurt there comes before it.")
                    .done();
        }
        List<Picture> pages = pages(s.assessment());
        double gap = 14;
        // As many rows as make them largest.
        int rows = 1;
        while (scale(pages.size(), rows + 1, width, height, gap) > scale(pages.size(), rows, width, height, gap)) {
            rows++;
        }
        int columns = (pages.size() + rows - 1) / rows;
        double scale = scale(pages.size(), rows, width, height, gap);
        double left = (width - columns * (paper.width() * scale + gap) + gap) / 2;
        double top = (height - rows * (paper.height() * scale + gap) + gap) / 2;
        for (int i = 0; i < pages.size(); i++) {
            double x = left + i % columns * (paper.width() * scale + gap);
            double y = top + i / columns * (paper.height() * scale + gap);
            pen.outline(x, y, paper.width() * scale, paper.height() * scale, Role.EDGE, 1.5);
            for (Mark mark : pages.get(i).marks()) {
                if (!(mark instanceof Mark.Zone)) {
                    pen.add(mark.scaled(scale).shifted(x, y));
                }
            }
        }
        return pen.done();
    }

    private double scale(int pages, int rows, double width, double height, double gap) {
        int columns = (pages + rows - 1) / rows;
        return Math.min(
                (height - gap * (rows + 1)) / (rows * paper.height()),
                (width - gap * (columns + 1)) / (columns * paper.width()));
    }

    @Override
    public String question(Showing s) {
        return "What is printed";
    }

    @Override
    public List<Finding> findings(Showing s) {
        List<Caution> unticked = sheet(s.job()).unticked(s.job());
        List<Finding> found = new ArrayList<>();
        for (Caution c : unticked) {
            found.add(Finding.plain(Finding.Level.STOP, c.hazard() + ":", "not ticked.", c.advice(), ""));
        }
        if (unticked.isEmpty()) {
            int n = pages(s.assessment()).size();
            found.add(Finding.plain(
                    Finding.Level.FITS,
                    n + (n == 1 ? " page" : " pages"),
                    "of " + paper.title() + ", ink only.",
                    "Both units, boxes to tick, a bar to check the printer by.",
                    ""));
        }
        return found;
    }

    @Override
    public List<String> walk(Showing s) {
        return List.of();
    }
}
