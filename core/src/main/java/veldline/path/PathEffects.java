package veldline.path;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Everything the way does to a level, each by itself; their decibels add. To add one, write it where its physics is and
 * list it here. What polarization takes is no matter of the way and is added by the link.
 */
public final class PathEffects {
    /** Below this a line would only say that nothing happens, dB. */
    private static final double SPEAKS = 0.05;

    /**
     * What one effect does.
     *
     * @param worked in dB
     * @param gives whether it adds to the level and not takes from it
     */
    public record Line(Worked worked, boolean gives) {
        /** What it takes, dB. */
        public double takenDb() {
            return gives ? -worked.value() : worked.value();
        }
    }

    private static final List<Function<Passage, List<Line>>> ALL =
            List.of(PathEffects::distance, PathEffects::ground, PathEffects::through, PathEffects::air);

    static final Formula NEITHER = new Formula(
            "Ground",
            "The exponent of the place has the ground in it already.",
            "G",
            "0·n",
            "Rappaport, Wireless Communications, §4.9",
            "As the exponent");

    private PathEffects() {}

    /** What each of them does on a way, in the order a level meets them. */
    public static List<Line> on(Passage p) {
        List<Line> all = new ArrayList<>();
        ALL.forEach(e -> all.addAll(e.apply(p)));
        return List.copyOf(all);
    }

    private static List<Line> distance(Passage p) {
        return List.of(new Line(
                p.way()
                        .place()
                        .map(x -> x.worked(p.distance(), p.frequency()))
                        .orElseGet(() -> FreeSpace.worked(p.distance(), p.frequency())),
                false));
    }

    private static List<Line> ground(Passage p) {
        Sightline line = p.sightline();
        return switch (p.ground(line)) {
            case BOUNCE -> List.of(new Line(p.tide().workedMiddle(), true));
            case EDGES -> List.of(new Line(p.edges(line), false));
            case BOTH -> List.of(new Line(p.tide().workedMiddle(), true), new Line(p.edges(line), false));
            case NEITHER ->
                List.of(new Line(
                        Worked.of(NEITHER)
                                .typed("n", "exponent", p.way().exponent().value(), "", 2)
                                .gives(0, "dB", 1, 0),
                        false));
        };
    }

    private static List<Line> through(Passage p) {
        return p.obstructions().stream()
                .map(o -> new Line(o.loss(p.frequency()), false))
                .toList();
    }

    private static List<Line> air(Passage p) {
        if (p.frequency() < Gases.FROM || p.frequency() > Gases.TO) {
            return List.of();
        }
        Worked air = Gases.USUAL.worked(p.frequency(), p.distance());
        return air.value() >= SPEAKS ? List.of(new Line(air, false)) : List.of();
    }
}
