package veldline.assess;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * What arrives at an outlet of the far end.
 *
 * @param level there
 * @param margin over what a radio like the one on the line needs
 */
public record OutletLevel(Worked level, Worked margin) {
    private static final Formula LEVEL = new Formula(
            "Level at an outlet",
            "The antenna's level A less everything up to the outlet.",
            "P",
            "A − L",
            "Sum of levels",
            "As good as the line's");

    private static final Formula OVER = new Formula(
            "Margin at an outlet",
            "Its level P over what a radio like the one on the line needs, F.",
            "M",
            "P − F",
            "Difference of levels",
            "As good as the line's; another radio needs another level");

    /** Behind the far antenna, dBm; empty where the line does not get as far. */
    public static Optional<Double> antenna(Assessment a) {
        return a.line().unknownFrom().isPresent()
                ? Optional.empty()
                : a.line()
                        .indexOf("far-antenna")
                        .map(i -> a.line().stops().get(i).level().value());
    }

    /** Empty where the line does not get as far as the far antenna. */
    public static Optional<OutletLevel> of(Assessment a, Worked loss) {
        return antenna(a).map(antenna -> {
            Worked level = Worked.of(LEVEL)
                    .computed("A", "behind the antenna", antenna, "dBm", 1)
                    .computed("L", "to the outlet", loss.value(), "dB", 1)
                    .gives(antenna - loss.value(), "dBm", 1);
            double floor = a.line().floor();
            return new OutletLevel(
                    level,
                    Worked.of(OVER)
                            .computed("P", "arrives", level.value(), "dBm", 1)
                            .computed("F", "the radio's floor", floor, "dBm", 1)
                            .gives(level.value() - floor, "dB", 1));
        });
    }
}
