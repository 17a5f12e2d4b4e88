package veldline.desktop.log;

import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.job.Job;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.Recording;

/** Lines and recordings on one string of time. */
final class LogPicture {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(ZoneOffset.UTC);

    private record Row(java.time.Instant at, String text, boolean recording, int index) {}

    private final Showing s;
    private final Pen pen;

    LogPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
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
        double x = 150;
        pen.line(x, 44, x, 44 + 30 * (rows.size() - from - 1) + 30, Role.MUSSEL, 3);
        int lines = s.job().log().size();
        for (int i = from; i < rows.size(); i++) {
            row(rows.get(i), x, 58 + 30 * (i - from), s.pickedIndex(Step.LOG, lines - 1, lines));
        }
        return pen.done();
    }

    private List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        List<Job.LogEntry> log = s.job().log();
        for (int i = 0; i < log.size(); i++) {
            rows.add(new Row(log.get(i).at(), log.get(i).text(), false, i));
        }
        List<Recording> recordings = s.job().prove().recordings();
        for (int i = 0; i < recordings.size(); i++) {
            Recording r = recordings.get(i);
            rows.add(new Row(
                    r.begun(),
                    "Recorded " + r.name() + ", " + r.setUp() + ", "
                            + r.series().size() + " readings",
                    true,
                    i));
        }
        rows.sort(Comparator.comparing(Row::at));
        return rows;
    }

    private void row(Row r, double x, double y, int picked) {
        boolean chosen = !r.recording && r.index == picked;
        if (chosen) {
            pen.box(x + 14, y - 14, pen.width() - x - 32, 26, Role.MUSSEL_WASH);
            pen.outline(x + 14, y - 14, pen.width() - x - 32, 26, Role.MUSSEL, 1.5);
        }
        pen.text(DAY.format(r.at), x - 14, y + 4, Anchor.END, 12, Face.MONO, Role.SLATE, Origin.Plain.MEASURED);
        pen.dot(x, y, r.recording ? 4 : 6, r.recording ? Role.SHEET : Role.MUSSEL, Role.MUSSEL, 2);
        int most = (int) ((pen.width() - x - 50) / 6.3);
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
        if (!r.recording) {
            pen.zone("line:" + r.index, x + 14, y - 14, pen.width() - x - 32, 26, r.text);
        }
    }
}
