package veldline.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;

/** Sums the level from stop to stop. */
public final class LevelLineBuilder {
    static final Formula SENT = new Formula(
            "Power sent",
            "What the radio gives at its socket.",
            "P",
            "a",
            "Typed in Brief",
            "As its data sheet says, ±1 dB is usual");
    static final Formula AFTER_LOSS = new Formula(
            "Level behind a part",
            "The level before it less what it takes.",
            "P",
            "a − b",
            "Sum of decibels",
            "As good as its parts");
    static final Formula AFTER_GAIN = new Formula(
            "Level behind an antenna",
            "The level before it and what it adds in the wanted direction.",
            "P",
            "a + b",
            "Sum of decibels",
            "As good as its parts");
    static final Formula HEARD = new Formula(
            "Floor",
            "The least level at which the radio still works.",
            "F",
            "a",
            "Typed in Brief",
            "As its data sheet says for the rate in use");
    static final Formula MARGIN = new Formula(
            "Margin",
            "Level at the far radio over its floor.",
            "M",
            "a − b",
            "Sum of decibels",
            "As good as the bounce: ±2 dB on calm water");

    private final double frequency;
    private final List<LevelLine.Stop> stops = new ArrayList<>();
    private Worked level;
    private Optional<Integer> broken = Optional.empty();
    private int path;

    public LevelLineBuilder(double frequency, End near) {
        this.frequency = frequency;
        Worked sent = Worked.of(SENT)
                .typed(
                        "a",
                        "power of " + near.radio().name(),
                        near.radio().power().value(),
                        "dBm",
                        3)
                .gives(near.radio().power().value(), "dBm", 1);
        this.level = sent;
        stops.add(new LevelLine.Stop(
                "near-radio",
                LevelLine.Kind.RADIO,
                near.radio().name(),
                "sends",
                sent,
                sent.value(),
                sent,
                Finding.Level.FITS,
                ""));
    }

    /** Walks a chain outwards ({@code near}) or inwards from the far antenna. */
    public LevelLineBuilder chain(FeedRun run, boolean near) {
        Optional<Integer> joint = run.brokenAt(frequency);
        for (int n = 0; n < run.parts().size(); n++) {
            int i = near ? n : run.parts().size() - 1 - n;
            FeedPart part = run.parts().get(i);
            Worked loss = part.workedLoss(frequency);
            boolean cable = part.kind() == FeedPart.Kind.CABLE;
            String name = cable
                    ? "Cable " + part.length().map(Object::toString).orElse("")
                    : part.kind() == FeedPart.Kind.ARRESTOR ? "Arrestor" : "Adapter";
            take(
                    (near ? "near-part-" : "far-part-") + i,
                    cable ? LevelLine.Kind.CABLE : LevelLine.Kind.PART,
                    name,
                    loss);
            boolean atThis = joint.filter(j ->
                            near ? j == i || j == i + 1 && i == run.parts().size() - 1 : j == i + 1 || j == 0 && i == 0)
                    .isPresent();
            if (atThis && broken.isEmpty()) {
                breakHere(run, joint.get());
            }
        }
        if (run.parts().isEmpty() && joint.isPresent() && broken.isEmpty()) {
            breakHere(run, joint.get());
        }
        return this;
    }

    private void breakHere(FeedRun run, int joint) {
        String tag = run.joints().get(joint).facts(frequency).stream()
                .filter(f -> f.level() == Finding.Level.STOP)
                .findFirst()
                .orElseThrow()
                .tag();
        int index = stops.size() - 1;
        broken = Optional.of(index);
        LevelLine.Stop s = stops.get(index);
        stops.set(
                index,
                new LevelLine.Stop(
                        s.id(),
                        s.kind(),
                        s.name(),
                        s.verb(),
                        s.step(),
                        s.before(),
                        s.level(),
                        Finding.Level.STOP,
                        tag));
    }

    public LevelLineBuilder antenna(String id, String name, Worked gain) {
        Worked after = Worked.of(AFTER_GAIN)
                .from("a", "level before it", level)
                .from("b", gain.formula().name(), gain)
                .gives(level.value() + gain.value(), "dBm", 1);
        add(id, LevelLine.Kind.ANTENNA, name, "adds", gain, after);
        return this;
    }

    public LevelLineBuilder path(String name, Worked loss) {
        path = stops.size();
        take("path", LevelLine.Kind.PATH, name, loss);
        return this;
    }

    private void take(String id, LevelLine.Kind kind, String name, Worked loss) {
        Worked after = Worked.of(AFTER_LOSS)
                .from("a", "level before it", level)
                .from("b", loss.formula().name(), loss)
                .gives(level.value() - loss.value(), "dBm", 1);
        add(id, kind, name, "takes", loss, after);
    }

    private void add(String id, LevelLine.Kind kind, String name, String verb, Worked step, Worked after) {
        stops.add(new LevelLine.Stop(id, kind, name, verb, step, level.value(), after, Finding.Level.FITS, ""));
        level = after;
    }

    /**
     * Ends the line at the far radio.
     *
     * @param worstBelow how far the worst case lies below, dB
     */
    public LevelLine end(End far, double marginWanted, Optional<Double> mostEirp, double worstBelow) {
        double floor = far.radio().sensitivity().value();
        Worked hears = Worked.of(HEARD)
                .typed("a", "sensitivity of " + far.radio().name(), floor, "dBm", 2)
                .gives(floor, "dBm", 1);
        Worked margin = Worked.of(MARGIN)
                .from("a", "level at the radio", level)
                .from("b", "floor", hears)
                .gives(level.value() - floor, "dB", 1, 2);
        stops.add(new LevelLine.Stop(
                "far-radio",
                LevelLine.Kind.RECEIVER,
                far.radio().name(),
                "hears from",
                hears,
                level.value(),
                level,
                Finding.Level.FITS,
                ""));
        return new LevelLine(
                List.copyOf(stops), path, mostEirp, floor, floor + marginWanted, margin, worstBelow, broken);
    }
}
