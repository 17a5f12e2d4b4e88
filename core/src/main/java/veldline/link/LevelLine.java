package veldline.link;

import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Worked;

/**
 * The link as levels from radio to radio.
 *
 * @param stops in order
 * @param path index of the stop that is the way between the antennas
 * @param mostEirp what may leave the near antenna, dBm
 * @param floor where the far radio goes deaf, dBm
 * @param wish floor plus the margin wanted, dBm
 * @param margin typical level over the floor
 * @param worstBelow how far the worst tide lies below the typical level, dB, zero or more
 * @param brokenAt index of the stop at which nothing passes
 * @param doubts what the margin's doubt is made of, the largest first
 * @param unknownFrom index of the first stop that is not decided on; from there on nothing is known
 */
public record LevelLine(
        List<Stop> stops,
        int path,
        Optional<Double> mostEirp,
        double floor,
        double wish,
        Worked margin,
        double worstBelow,
        Optional<Integer> brokenAt,
        List<Doubt> doubts,
        Optional<Integer> unknownFrom) {

    /** How far one thing on the line may be off, dB either way. */
    public record Doubt(String of, double db) {}

    /** What a stop is. */
    public enum Kind {
        RADIO,
        PART,
        CABLE,
        ANTENNA,
        PATH,
        RECEIVER,
        /** Where a line begins of whose sender no more is known than the field it leaves here. */
        FIELD
    }

    /**
     * A stop on the line.
     *
     * @param id stable: {@code near-radio}, {@code near-part-0}, {@code near-antenna}, {@code path}, …
     * @param verb sends, takes, adds, hears from
     * @param step what it adds or takes or sends, always positive in its verb
     * @param before level in front of it, dBm
     * @param level behind it, dBm
     * @param state worst finding that belongs to it
     * @param tag two to four words when it does not fit
     */
    public record Stop(
            String id,
            Kind kind,
            String name,
            String verb,
            Worked step,
            double before,
            Worked level,
            Finding.Level state,
            String tag) {}

    public Stop stop(String id) {
        return stops.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    public Optional<Integer> indexOf(String id) {
        for (int i = 0; i < stops.size(); i++) {
            if (stops.get(i).id().equals(id)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** The number of the near antenna's stop; −1 for a line that begins at a field. */
    public int nearAntenna() {
        return path - 1;
    }

    /** Whether there is a margin to speak of: nothing breaks the line and nothing on it is undecided. */
    public boolean answered() {
        return brokenAt.isEmpty() && unknownFrom.isEmpty();
    }

    /** The same with other stops in place of these. */
    public LevelLine withStops(List<Stop> other) {
        return new LevelLine(other, path, mostEirp, floor, wish, margin, worstBelow, brokenAt, doubts, unknownFrom);
    }
}
