package veldline.desktop.log;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.job.Job;
import veldline.job.Photograph;
import veldline.picture.Mark;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.Recording;

/** Lines and recordings on one string of time. */
final class LogPicture {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(ZoneOffset.UTC);

    private record Row(Instant at, String text, boolean recording, int index, Optional<Photograph> photograph) {}

    /** Room a photograph takes beside the lines, of the whole width. */
    private static final double BESIDE = 0.46;

    /** Width of a letter at the size of a line, on the average. */
    private static final double LETTER = 6.7;

    private final Showing s;
    private final Pen pen;
    private double right;

    LogPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.right = width - 18;
    }

    Picture draw() {
        pen.text("What was done", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(
                "times in UTC; open rings are recordings",
                132,
                22,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        List<Row> rows = rows();
        int room = (int) ((pen.height() - 60) / 30);
        int from = Math.max(0, rows.size() - room);
        if (rows.isEmpty()) {
            pen.text("Nothing written yet.", 18, 70, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
            return pen.done();
        }
        int lines = s.job().log().size();
        int picked = s.pickedIndex(Step.LOG, lines - 1, lines);
        rows.stream()
                .filter(r -> !r.recording && r.index == picked)
                .findFirst()
                .ifPresent(r -> r.photograph.ifPresent(p -> photograph(p, r.text)));
        double x = 150;
        pen.line(x, 44, x, 44 + 30 * (rows.size() - from - 1) + 30, Role.MUSSEL, 3);
        for (int i = from; i < rows.size(); i++) {
            row(rows.get(i), x, 58 + 30 * (i - from), picked);
        }
        return pen.done();
    }

    private List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        List<Job.LogEntry> log = s.job().log();
        for (int i = 0; i < log.size(); i++) {
            rows.add(new Row(
                    log.get(i).at(), log.get(i).text(), false, i, log.get(i).photograph()));
        }
        List<Recording> recordings = s.job().prove().recordings();
        for (int i = 0; i < recordings.size(); i++) {
            Recording r = recordings.get(i);
            rows.add(new Row(
                    r.begun(),
                    "Recorded " + r.name() + ", " + r.setUp() + ", "
                            + r.series().size() + " readings",
                    true,
                    i,
                    Optional.empty()));
        }
        rows.sort(Comparator.comparing(Row::at));
        return rows;
    }

    /** The photograph of the chosen line beside the lines, with all of its words. */
    private void photograph(Photograph p, String words) {
        double w = pen.width() * BESIDE;
        double x = pen.width() - 18 - w;
        double h = Math.min(pen.height() - 110, 0.75 * (w - 12) + 12);
        right = x - 14;
        pen.box(x, 44, w, h, Role.PAPER);
        pen.add(new Mark.Photo(p.file(), x + 6, 50, w - 12, h - 12));
        pen.outline(x, 44, w, h, Role.EDGE, 1);
        double y = 44 + h + 20;
        for (String line : Paragraph.lines(words, (int) (w / LETTER))) {
            pen.text(line, x, y, Anchor.START, 13, Face.TEXT, Role.INK, Origin.Plain.TYPED);
            y += 17;
        }
    }

    /** A small frame at the end of a line that has one. */
    private void frame(double y) {
        pen.outline(right - 24, y - 6, 15, 11, Role.SLATE, 1.2);
        pen.line(right - 22, y + 3, right - 18, y - 1, Role.SLATE, 1.2);
        pen.line(right - 18, y - 1, right - 12, y + 3, Role.SLATE, 1.2);
    }

    private void row(Row r, double x, double y, int picked) {
        boolean chosen = !r.recording && r.index == picked;
        if (chosen) {
            pen.box(x + 14, y - 14, right - x - 14, 26, Role.MUSSEL_WASH);
            pen.outline(x + 14, y - 14, right - x - 14, 26, Role.MUSSEL, 1.5);
        }
        pen.text(DAY.format(r.at), x - 14, y + 4, Anchor.END, 12, Face.MONO, Role.SLATE, Origin.Plain.MEASURED);
        pen.dot(x, y, r.recording ? 4 : 6, r.recording ? Role.SHEET : Role.MUSSEL, Role.MUSSEL, 2);
        int most = (int) ((right - x - 32 - (r.photograph.isPresent() ? 20 : 0)) / 6.3);
        String text = r.text.length() > most ? r.text.substring(0, most - 1) + "…" : r.text;
        pen.text(
                text,
                x + 22,
                y + 4,
                Anchor.START,
                13,
                r.recording ? Face.TEXT : Face.BOLD,
                Role.INK,
                r.recording ? Origin.Plain.MEASURED : Origin.Plain.TYPED);
        if (r.photograph.isPresent()) {
            frame(y);
        }
        if (!r.recording) {
            pen.zone(
                    "line:" + r.index,
                    x + 14,
                    y - 14,
                    right - x - 14,
                    26,
                    r.photograph.isPresent() ? r.text + ", with a photograph" : r.text);
        }
    }
}
