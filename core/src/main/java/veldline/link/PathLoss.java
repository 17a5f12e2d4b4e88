package veldline.link;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.path.Passage;
import veldline.path.PathEffects;

/**
 * The path as the line shows it: what each effect takes or gives, added in dB, at the middle of all tides.
 *
 * <p>How they combine: decibels add, for what happens one after the other. The bounce and the edges describe the same
 * ground, so only one of them counts ({@link veldline.path.Passage.Ground}). Doubts add as roots of squares.
 */
public final class PathLoss {
    /** What the bounce is good to, dB. */
    public static final double BOUNCE_DOUBT = 2;

    private static final String SYMBOLS = "abcdefghijklmnopqrstuvwxyz";

    private PathLoss() {}

    /** What each effect of the way does, polarization last. */
    public static List<PathEffects.Line> lines(Passage passage, Worked polarization) {
        List<PathEffects.Line> lines = new ArrayList<>(PathEffects.on(passage));
        lines.add(new PathEffects.Line(polarization, false));
        return List.copyOf(lines);
    }

    /** Their sum, with the doubts of all. */
    public static Worked sum(List<PathEffects.Line> lines) {
        StringBuilder expression = new StringBuilder();
        double loss = 0;
        double squares = 0;
        for (int i = 0; i < lines.size(); i++) {
            PathEffects.Line line = lines.get(i);
            expression.append(i == 0 ? "" : line.gives() ? " − " : " + ").append(symbol(i));
            loss += line.takenDb();
            double doubt = line.worked().doubt().orElse(0.1);
            squares += doubt * doubt;
        }
        Worked.Builder builder = Worked.of(new Formula(
                "Path loss, typical",
                "What the distance takes and what else is on the way, each by itself. The bounce and the edges describe the"
                        + " same ground, so only one of them counts.",
                "L",
                expression.toString(),
                "Decibels add; doubts as roots of squares (JCGM 100, §5.1)",
                "As good as its parts"));
        for (int i = 0; i < lines.size(); i++) {
            Worked w = lines.get(i).worked();
            builder.from(symbol(i), w.formula().name().toLowerCase(java.util.Locale.ROOT), w);
        }
        return builder.gives(loss, "dB", 1, Math.sqrt(squares));
    }

    /** One letter, or two where a way has more than a score of things on it. */
    private static String symbol(int i) {
        return i < SYMBOLS.length() ? SYMBOLS.substring(i, i + 1) : "z" + i;
    }
}
