package veldline.desktop.changes;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.format.JobDiff;
import veldline.job.History;
import veldline.picture.Picture;
import veldline.quantity.NumberText;

/** Every edit since the job was opened with the margin it led to; any state is walked to, compared and gone back to. */
public final class ChangesBench implements Bench {
    private static final int MOST = 12;

    private final Step over;
    private final Supplier<History> history;
    private final Supplier<Optional<Revisions>> revisions;

    public ChangesBench(Step over, Supplier<History> history, Supplier<Optional<Revisions>> revisions) {
        this.over = over;
        this.history = history;
        this.revisions = revisions;
    }

    @Override
    public Step step() {
        return over;
    }

    @Override
    public String place() {
        return Overlay.CHANGES.name();
    }

    /** The state that was walked to, by what benches keep; empty while it is the one in force. */
    public static Optional<Integer> walkedTo(Map<String, String> noted) {
        return Optional.ofNullable(noted.get(Overlay.CHANGES.name()))
                .filter(z -> z.matches("revision:\\d{1,6}"))
                .map(z -> Integer.valueOf(z.substring("revision:".length())));
    }

    /** The state that is looked at. */
    static int picked(Showing s, History h) {
        int at = walkedTo(s.noted()).orElse(h.at());
        return Math.max(0, Math.min(at, h.steps().size() - 1));
    }

    @Override
    public String heading(Showing s) {
        return "What changed";
    }

    @Override
    public List<Input> inputs(Showing s) {
        History h = history.get();
        int i = picked(s, h);
        List<Input> in = new ArrayList<>();
        in.add(new Input.Pick(
                "revision",
                h.steps().size() + (h.steps().size() == 1 ? " state" : " states") + " since it was opened",
                IntStream.range(0, h.steps().size())
                        .mapToObj(k -> new Input.Option(
                                (k + 1) + "  " + h.steps().get(k).label() + (k == h.at() ? " (in force)" : ""),
                                k == i,
                                new Input.Outcome.Picked("revision:" + k)))
                        .toList()));
        if (i != h.at()) {
            in.add(new Input.Action("go-back", "Make this the job", "Enter", Input.Command.GO_BACK));
        }
        in.add(new Input.Action("leave", "Back to " + over.title(), "Esc", Input.Command.LEAVE));
        in.add(new Input.Note(
                "how",
                "Left and right walk the states; the line of the one chosen is drawn thin over the line in force. Going back"
                        + " keeps what came later, to be put in again with Ctrl Y."));
        return in;
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return new ChangesPicture(s, history.get(), revisions.get(), width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "What differs from the job in force";
    }

    @Override
    public List<Finding> findings(Showing s) {
        History h = history.get();
        int i = picked(s, h);
        List<Finding> found = new ArrayList<>();
        Optional<Revisions> read = revisions.get();
        if (i != h.at() && read.isEmpty()) {
            found.add(Finding.plain(Finding.Level.UNKNOWN, "Being read.", "", "", ""));
            return found;
        }
        List<JobDiff.Difference> all = read.map(r -> r.differences(i, h.at())).orElse(List.of());
        if (all.isEmpty()) {
            String why = i == h.at() ? "this is the job in force." : "the two are alike.";
            found.add(Finding.plain(Finding.Level.FITS, "Nothing:", why, "", ""));
            return found;
        }
        read.ifPresent(r -> r.margin(i)
                .flatMap(was -> r.margin(h.at())
                        .map(now -> Finding.plain(
                                Finding.Level.FITS,
                                NumberText.signed(now - was, 1) + " dB",
                                "of margin since then.",
                                NumberText.shown(was, 1) + " dB then, " + NumberText.shown(now, 1) + " dB now.",
                                "")))
                .ifPresent(found::add));
        all.stream()
                .limit(MOST)
                .forEach(d -> found.add(Finding.plain(
                        Finding.Level.FITS,
                        d.what() + ":",
                        (d.before().isEmpty() ? "none" : d.before()) + " then, "
                                + (d.after().isEmpty() ? "none" : d.after()) + " now.",
                        "",
                        "")));
        if (all.size() > MOST) {
            found.add(Finding.plain(
                    Finding.Level.UNKNOWN, (all.size() - MOST) + " more", "differ.", "Walk nearer to see them.", ""));
        }
        return found;
    }

    @Override
    public List<String> walk(Showing s) {
        return IntStream.range(0, history.get().steps().size())
                .mapToObj(i -> "revision:" + i)
                .toList();
    }

    @Override
    public int walkStart(Showing s) {
        return history.get().at();
    }
}
