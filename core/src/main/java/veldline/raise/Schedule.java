package veldline.raise;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.stock.Tool;

/**
 * The work at the place, in its order, with what each step takes. Times are those of two careful people on dry ground;
 * they are a first figure to plan with, and each is shown so that it can be doubted.
 *
 * @param steps in order
 */
public record Schedule(List<Step> steps) {
    /** From this height of mast on two people are needed, metres. */
    private static final double TWO_FROM = 3;

    /** Antennas longer than this are not handled alone, metres. */
    private static final double LONG = 2;

    public static final Formula TOTAL = new Formula(
            "Time at the place",
            "The steps one after the other.",
            "T",
            "t",
            "Sum of the steps; each a usual time, not one measured here",
            "To half as much again; wind and mud are not in it");

    /**
     * One step.
     *
     * @param minutes it takes
     * @param people it needs
     * @param tool it cannot be done without
     */
    public record Step(String what, double minutes, int people, List<Tool> tools) {}

    public Schedule {
        steps = List.copyOf(steps);
    }

    /**
     * @param mast height over its foot, metres
     * @param longest measure of the antenna, metres
     */
    public static Schedule of(double mast, double longest) {
        int hands = mast > TWO_FROM || longest > LONG ? 2 : 1;
        List<Step> steps = new ArrayList<>();
        steps.add(new Step("Walk the place: lines, people, ground", 15, 1, List.of()));
        steps.add(new Step("Check the antenna low: SWR, joints", 10, 1, List.of(Tool.SWR_METER)));
        steps.add(new Step(
                "Mast up and stayed", 10 + 6 * mast, hands, mast > TWO_FROM ? List.of(Tool.LADDER) : List.of()));
        steps.add(new Step("Antenna and cable on", 10 + 5 * longest, hands, List.of()));
        steps.add(new Step("Bond mast and shield, arrestor", 20, 1, List.of()));
        steps.add(new Step("Aim by both half-power edges", 15, 1, List.of(Tool.COMPASS)));
        return new Schedule(steps);
    }

    public double minutes() {
        return steps.stream().mapToDouble(Step::minutes).sum();
    }

    public int people() {
        return steps.stream().mapToInt(Step::people).max().orElse(1);
    }

    public Worked worked() {
        return Worked.of(TOTAL)
                .computed("t", "minutes of " + steps.size() + " steps", minutes(), "min", 1)
                .gives(minutes(), "min", 0);
    }
}
