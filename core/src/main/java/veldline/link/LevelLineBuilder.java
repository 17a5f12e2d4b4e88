package veldline.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.quantity.Quantity;

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
    static final Formula MARGIN = new Formula(
            "Margin",
            "Level at the far radio over its floor.",
            "M",
            "a − b",
            "Sum of decibels; its doubt is the root of the summed squares of its parts' (JCGM 100, §5.1)",
            "Doubts that do not hang together; a common cause would make it more");

    /** What a radio's own figures are usually good to, dB. */
    private static final double RADIO_DOUBT = 1;

    /** What a clean part is good to, dB. */
    private static final double PART_DOUBT = 0.1;

    private final double frequency;
    private final List<LevelLine.Stop> stops = new ArrayList<>();
    private final List<LevelLine.Doubt> doubts = new ArrayList<>();
    private Worked level;
    private Optional<Integer> broken = Optional.empty();
    private Optional<Integer> unknown = Optional.empty();
    private int path;

    private LevelLineBuilder(double frequency, Worked first) {
        this.frequency = frequency;
        this.level = first;
    }

    /** Begins at the near radio. */
    public static LevelLineBuilder from(double frequency, End near) {
        Radio radio = near.radio();
        Worked sent = Worked.of(SENT)
                .typed("a", "power of " + radio.name(), radio.power().value(), "dBm", 3)
                .gives(radio.power().value(), "dBm", 1, RADIO_DOUBT);
        LevelLineBuilder builder = new LevelLineBuilder(frequency, sent);
        builder.first("near-radio", LevelLine.Kind.RADIO, radio.name(), "sends", sent, sent);
        return builder;
    }

    /**
     * Begins at the far antenna with the field that is there.
     *
     * @param taken what polarization and obstacles take from it, dB
     */
    public static LevelLineBuilder fromField(double frequency, Quantity field, Worked taken) {
        Worked isotropic = FieldStrength.isotropic(field, frequency);
        Worked left = Worked.of(AFTER_LOSS)
                .from("a", "level from the field", isotropic)
                .from("b", taken.formula().name(), taken)
                .gives(
                        isotropic.value() - taken.value(),
                        "dBm",
                        1,
                        isotropic.doubt().orElse(0.0));
        LevelLineBuilder builder = new LevelLineBuilder(frequency, left);
        builder.first("path", LevelLine.Kind.FIELD, "Field, " + field, "gives", left, left);
        return builder;
    }

    private void first(String id, LevelLine.Kind kind, String name, String verb, Worked step, Worked behind) {
        doubts.add(new LevelLine.Doubt(name, step.doubt().orElse(PART_DOUBT)));
        stops.add(new LevelLine.Stop(id, kind, name, verb, step, behind.value(), behind, Finding.Level.FITS, ""));
    }

    /** Walks a chain outwards ({@code near}) or inwards from the far antenna. */
    public LevelLineBuilder chain(FeedRun run, boolean near) {
        Optional<Integer> joint = run.brokenAt(frequency);
        for (int n = 0; n < run.parts().size(); n++) {
            int i = near ? n : run.parts().size() - 1 - n;
            FeedPart part = run.parts().get(i);
            Worked loss = part.workedLoss(frequency);
            boolean cable = part.kind() == FeedPart.Kind.CABLE;
            String name = part.kind().words()
                    + (cable ? " " + part.length().map(Object::toString).orElse("") : "");
            String id = (near ? "near-part-" : "far-part-") + i;
            part.workedGain()
                    .ifPresentOrElse(
                            gain -> add(id, LevelLine.Kind.PART, name, gain),
                            () -> take(id, cable ? LevelLine.Kind.CABLE : LevelLine.Kind.PART, name, loss));
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

    /** An antenna; one whose gain nobody knows leaves everything behind it unknown. */
    public LevelLineBuilder antenna(String id, String name, Optional<Worked> gain) {
        if (gain.isEmpty() && unknown.isEmpty()) {
            unknown = Optional.of(stops.size());
        }
        add(id, LevelLine.Kind.ANTENNA, name, gain.orElse(NOTHING));
        return this;
    }

    private void add(String id, LevelLine.Kind kind, String name, Worked gain) {
        Worked after = Worked.of(AFTER_GAIN)
                .from("a", "level before it", level)
                .from("b", gain.formula().name(), gain)
                .gives(level.value() + gain.value(), "dBm", 1);
        add(id, kind, name, "adds", gain, after);
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
        doubts.add(new LevelLine.Doubt(name, step.doubt().orElse(PART_DOUBT)));
        stops.add(new LevelLine.Stop(id, kind, name, verb, step, level.value(), after, Finding.Level.FITS, ""));
        level = after;
    }

    /**
     * Ends the line at the far radio.
     *
     * @param hears where the far radio goes deaf
     * @param worstBelow how far the worst case lies below, dB
     */
    public LevelLine end(End far, Worked hears, double marginWanted, Optional<Double> mostEirp, double worstBelow) {
        double floor = hears.value();
        doubts.add(new LevelLine.Doubt(
                "the floor of " + far.radio().name(), hears.doubt().orElse(RADIO_DOUBT)));
        doubts.sort(Comparator.comparingDouble(LevelLine.Doubt::db).reversed());
        double doubt =
                Math.sqrt(doubts.stream().mapToDouble(d -> d.db() * d.db()).sum());
        Worked margin = Worked.of(MARGIN)
                .from("a", "level at the radio", level)
                .from("b", "floor", hears)
                .gives(level.value() - floor, "dB", 1, doubt);
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
                List.copyOf(stops),
                path,
                mostEirp,
                floor,
                floor + marginWanted,
                margin,
                worstBelow,
                broken,
                List.copyOf(doubts),
                unknown);
    }

    private static final Worked NOTHING = Worked.of(new Formula(
                    "Gain", "Not known; the line runs on as if it added nothing.", "G", "a", "None", "Not worked out"))
            .computed("a", "not known", 0, "dBi", 0)
            .gives(0, "dBi", 1, 0);
}
